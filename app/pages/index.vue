<script setup lang="ts">
const house = useHouseStore()
const current = useCurrentBake()
const text = ref('')
const route = useRoute()
// What is typed and not read yet outlives a reload of this page.
const draft = 'paste-draft'
const readable =
  '.txt,.md,.markdown,.html,.htm,.mhtml,.xhtml,.json,.jsonld,' +
  'text/*,application/json,application/ld+json,image/*'
onMounted(() => {
  text.value ||= sessionStorage.getItem(draft) ?? ''
})
watch(text, now => {
  try {
    sessionStorage.setItem(draft, now)
  } catch {
    /* too long to keep: it still stands in the field */
  }
})
const seated = ref<readonly string[]>([])
const reading = ref(false)
const problem = ref('')
useHead({ title: 'Ingwer' })
onMounted(() => current.clear())

// Everyone of the house sits at the table until somebody is sent away.
let touched = false
watch(
  () => house.residents,
  people => {
    if (!touched) seated.value = people.map(p => p.id)
  },
  { immediate: true },
)
const seat = (people: readonly string[]) => {
  touched = true
  seated.value = people
}

async function begin() {
  problem.value = ''
  if (!text.value.trim()) {
    problem.value =
      'There is no text yet. Paste a recipe first: its title, what goes in, and what is done.'
    document.getElementById('paste')?.focus()
    return
  }
  reading.value = true
  try {
    const bake = await current.begin(text.value, seated.value, picture.value)
    text.value = ''
    sessionStorage.removeItem(draft)
    // Whoever went on to another page meanwhile is left there.
    if (route.path === '/') await navigateTo(`/recipe/${bake.id}`)
  } catch {
    problem.value = 'Reading stopped half way. Your text is still here; try once more.'
  }
  reading.value = false
}

const { files, busy, done, bring, clear } = useBringIn()
const photo = usePhotoText()
usePhotoFiles()
const picture = ref('')
const doubtful = ref(false)
const doubts = ref<readonly string[]>([])
const picker = useTemplateRef<HTMLInputElement>('picker')
const camera = useTemplateRef<HTMLInputElement>('camera')
const over = ref(false)

async function readPhoto(file: File) {
  problem.value = ''
  const focus = focusLater()
  try {
    const found = await photo.read(file)
    picture.value = found.picture
    doubtful.value = found.sure < 0.75
    doubts.value = found.doubts
    text.value = text.value.trim() ? `${text.value.trim()}\n\n${found.text}` : found.text
    if (!found.text)
      problem.value =
        'No words were found in this picture. Is the card in focus, and the right way up? ' +
        'You can type it beside the photo.'
  } catch (error) {
    problem.value = photoTrouble(error)
  }
  await nextTick()
  const field = document.getElementById('paste') as HTMLTextAreaElement | null
  // Who is typing there already stays where they type.
  if (document.activeElement === field) return
  focus(field)
  field?.setSelectionRange(0, 0)
  field?.scrollTo(0, 0)
}

async function take(all: readonly File[]) {
  problem.value = ''
  const photos = all.filter(file => file.type.startsWith('image/'))
  const texts = all.filter(file => !file.type.startsWith('image/'))
  if (texts.length) {
    const made = await bring(texts, seated.value)
    // What is being made on another device goes on at the counter.
    if (
      made.length &&
      texts.length === 1 &&
      !photos.length &&
      made[0]!.making &&
      !made[0]!.made?.some(m => m.making === made[0]!.making!.id)
    ) {
      await navigateTo(`/make/${made[0]!.id}`)
      return
    }
    if (made.length === 1 && texts.length === 1 && !photos.length) {
      await navigateTo(`/recipe/${made[0]!.id}`)
      return
    }
  }
  if (photos.length) await readPhoto(photos[0]!)
  if (photos.length > 1) problem.value = 'One photo at a time: the first was read.'
}
function picked(event: Event) {
  const input = event.target as HTMLInputElement
  const all = [...(input.files ?? [])]
  input.value = ''
  if (all.length) void take(all)
}
function dropped(event: DragEvent) {
  over.value = false
  const all = [...(event.dataTransfer?.files ?? [])]
  if (all.length) {
    event.preventDefault()
    void take(all)
  }
}

const opening = ref(false)
async function openDemo() {
  opening.value = true
  try {
    await house.openDemo()
  } catch {
    problem.value = 'The demo house could not be fetched from this server. Is it still running?'
  }
  opening.value = false
}
const example = `Dark sticky ginger loaf

225 g plain flour
1 tsp bicarbonate of soda
115 g butter
1½ Tbsp treacle
2 large eggs …

For the glaze
100 g icing sugar …`
</script>

<template>
  <div class="start">
    <section
      class="paste"
      :class="{ over }"
      @dragover.prevent="over = true"
      @dragleave.self="over = false"
      @drop="dropped"
    >
      <h1>Which dessert do you love?</h1>
      <p class="soft lead">
        Paste it as it is, drop a saved page or a file, or take a photo of the card. Ingwer reads
        it, shows who cannot eat what, and works out a version that still is that dessert.
      </p>
      <form @submit.prevent="begin">
        <label for="paste" class="label">The recipe, as plain text or page source</label>
        <div class="beside" :class="{ two: picture }">
          <figure v-if="picture" class="photo">
            <img :src="picture" alt="The photo that is being read" />
            <figcaption class="soft">
              <p>
                {{
                  doubtful
                    ? 'Hard to read: compare every figure.'
                    : 'Compare the figures before you go on.'
                }}
              </p>
              <p v-if="doubts.length" class="doubts" role="note">
                Look again at
                {{
                  doubts
                    .slice(0, 6)
                    .map(d => `“${d}”`)
                    .join(', ')
                }}{{ doubts.length > 6 ? ` and ${doubts.length - 6} more` : '' }}. A figure that
                could not be made out stands as “?”.
              </p>
              <button type="button" class="link" @click="picture = ''">Put the photo away</button>
            </figcaption>
          </figure>
          <textarea
            id="paste"
            v-model="text"
            class="field"
            :placeholder="example"
            rows="9"
            spellcheck="false"
            @keydown.ctrl.enter.prevent="begin"
            @keydown.meta.enter.prevent="begin"
          />
        </div>
        <p v-if="photo.progress.value !== null" class="reading" role="status">
          Reading the photo, here in this browser …
          {{ Math.round(100 * photo.progress.value) }} %<progress
            :value="photo.progress.value"
            max="1"
          />
        </p>
        <WhoEats
          v-if="house.residents.length"
          :model-value="seated"
          :people="house.residents"
          :groups="house.groups"
          label="Who eats"
          @update:model-value="seat"
        >
          <NuxtLink to="/people" class="more">someone else</NuxtLink>
        </WhoEats>
        <p v-else-if="house.ready" class="nobody">
          Nobody lives here yet. <NuxtLink to="/people">Say who eats</NuxtLink>, or look around in
          the demo house first.
        </p>
        <p v-if="problem" class="problem" role="alert">{{ problem }}</p>
        <div class="go">
          <UButton type="submit" size="xl" color="neutral" :loading="reading" icon="i-lucide-wheat"
            >Read it</UButton
          >
          <UButton
            color="neutral"
            variant="outline"
            size="xl"
            icon="i-lucide-folder-open"
            :disabled="busy"
            @click="picker?.click()"
            >Open files</UButton
          >
          <UButton
            color="neutral"
            variant="outline"
            size="xl"
            icon="i-lucide-camera"
            :disabled="photo.progress.value !== null"
            @click="camera?.click()"
            >Photo of a card</UButton
          >
          <span class="soft hint">Ctrl + Enter reads</span>
        </div>
        <input
          ref="picker"
          type="file"
          multiple
          :accept="readable"
          class="unseen"
          aria-label="Recipe files to open"
          tabindex="-1"
          @change="picked"
        />
        <input
          ref="camera"
          type="file"
          accept="image/*"
          class="unseen"
          aria-label="Photo of a recipe card"
          tabindex="-1"
          @change="picked"
        />
      </form>
      <BroughtList v-if="files.length" :files="files" :done="done" :busy="busy" @close="clear" />
    </section>

    <section class="shelf" aria-labelledby="kept">
      <h2 id="kept">On the shelf</h2>
      <p v-if="!house.ready" class="soft">Looking …</p>
      <div v-else-if="!house.shelf.length" class="empty">
        <p class="soft">
          Nothing is kept here yet. What you paste is saved by itself, in this browser alone.
        </p>
        <UButton color="neutral" variant="outline" :loading="opening" @click="openDemo"
          >Open the Brackwater house</UButton
        >
        <p class="soft tiny">
          An invented household with five guests and seven desserts, to try things on.
        </p>
      </div>
      <ShelfList v-else />
    </section>
  </div>
</template>

<style scoped>
.start {
  display: grid;
  grid-template-columns: minmax(0, 1.65fr) minmax(290px, 1fr);
  gap: 36px;
  align-items: start;
}
.paste {
  border-radius: 20px;
}
.paste.over {
  outline: 3px dashed var(--ginger);
  outline-offset: 10px;
}
h1 {
  font-size: 2.1rem;
  font-weight: 700;
}
h2 {
  font-size: 1.25rem;
  font-weight: 650;
  margin-bottom: 8px;
}
.lead {
  margin: 8px 0 16px;
  max-width: 62ch;
}
.label {
  font-weight: 600;
  display: block;
  margin-bottom: 6px;
}
.beside.two {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
  gap: 14px;
  align-items: start;
}
.photo {
  margin: 0;
}
.photo img {
  width: 100%;
  max-height: 480px;
  object-fit: contain;
  object-position: top;
  border-radius: 14px;
  background: var(--sheet);
}
.photo figcaption {
  font-size: 0.92rem;
  padding-top: 6px;
}
.doubts {
  color: var(--ink);
  font-weight: 600;
}
.photo .link {
  padding: 0;
}
.field {
  width: 100%;
  min-height: 226px;
  background: var(--sheet);
  border: 1.5px solid var(--line);
  border-radius: 18px;
  padding: 16px 18px;
  font: inherit;
  line-height: 1.5;
  resize: vertical;
  color: var(--ink);
}
.two .field {
  min-height: 420px;
}
.field::placeholder {
  color: var(--soft);
  opacity: 0.75;
}
.field:focus-visible {
  border-radius: 18px;
}
.reading {
  margin-top: 10px;
  display: grid;
  gap: 6px;
}
.reading progress {
  width: 100%;
  height: 8px;
  accent-color: var(--ginger);
}
form > :deep(fieldset) {
  margin-top: 14px;
}
.more,
.link {
  min-height: 44px;
  display: inline-flex;
  align-items: center;
  padding: 0 8px;
  text-decoration: underline;
  text-underline-offset: 3px;
  cursor: pointer;
}
.nobody {
  margin-top: 14px;
}
.nobody a {
  text-decoration: underline;
  text-underline-offset: 3px;
  font-weight: 600;
}
.problem {
  color: var(--beet);
  font-weight: 600;
  margin-top: 12px;
}
.go {
  display: flex;
  align-items: center;
  gap: 12px;
  margin-top: 18px;
  flex-wrap: wrap;
}
.unseen {
  position: absolute;
  width: 1px;
  height: 1px;
  overflow: hidden;
  clip-path: inset(50%);
}
.tiny {
  font-size: 0.9rem;
}
.empty {
  display: grid;
  gap: 12px;
  justify-items: start;
}
@media (max-width: 900px) {
  .start {
    grid-template-columns: minmax(0, 1fr);
    gap: 18px;
  }
  .field {
    min-height: 170px;
    height: 190px;
  }
  .beside.two {
    grid-template-columns: minmax(0, 1fr);
  }
  h1 {
    font-size: 1.6rem;
  }
  .lead {
    margin: 6px 0 10px;
  }
  .hint {
    display: none;
  }
}
</style>
