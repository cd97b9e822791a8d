<script setup lang="ts">
import type { Bake } from '#core/share'

/** The first field of the house: a recipe is pasted, dropped, opened or photographed, and read. */
const problem = defineModel<string>('problem', { required: true })
const house = useHouseStore()
const current = useCurrentBake()
const route = useRoute()
const { text, clear: clearDraft } = usePasteDraft()
const { seated, seat } = useSeated()
const { files, busy, done, bring, clear } = useBringIn()
const { progress, picture, doubtful, doubts, fractions, sayAmount, readPhoto } = useReadPhoto(
  text,
  problem,
  'paste',
)
const reading = ref(false)
const over = ref(false)

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
    clearDraft()
    // Whoever went on to another page meanwhile is left there.
    if (route.path === '/') await navigateTo(`/recipe/${bake.id}`)
  } catch {
    problem.value = 'Reading stopped half way. Your text is still here; try once more.'
  }
  reading.value = false
}

/** What is being made on another device goes on at the counter. */
const isBeingMade = ({ making, made }: Bake) =>
  Boolean(making) && !made?.some(record => record.making === making!.id)
async function take(all: readonly File[]) {
  problem.value = ''
  const photos = all.filter(file => file.type.startsWith('image/'))
  const texts = all.filter(file => !file.type.startsWith('image/'))
  const made = texts.length ? await bring(texts, seated.value) : []
  const [only] = made
  if (only && texts.length === 1 && !photos.length) {
    if (isBeingMade(only)) {
      await navigateTo(`/make/${only.id}`)
      return
    }
    if (made.length === 1) {
      await navigateTo(`/recipe/${only.id}`)
      return
    }
  }
  if (photos.length) await readPhoto(photos[0]!)
  if (photos.length > 1) problem.value = 'One photo at a time: the first was read.'
}
function dropped(event: DragEvent) {
  over.value = false
  const all = [...(event.dataTransfer?.files ?? [])]
  if (!all.length) return
  event.preventDefault()
  void take(all)
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
  <section
    class="paste"
    :class="{ over }"
    @dragover.prevent="over = true"
    @dragleave.self="over = false"
    @drop="dropped"
  >
    <h1>Which dessert do you love?</h1>
    <p class="soft lead">
      Paste it as it is, drop a saved page or a file, or take a photo of the card. Ingwer reads it,
      shows who cannot eat what, and works out a version that still is that dessert.
    </p>
    <form @submit.prevent="begin">
      <label for="paste" class="label">The recipe, as plain text or page source</label>
      <div class="beside" :class="{ two: picture }">
        <PhotoBeside
          v-if="picture"
          :picture="picture"
          :doubtful="doubtful"
          :doubts="doubts"
          :fractions="fractions"
          @amount="sayAmount"
          @away="picture = ''"
        />
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
      <p v-if="progress !== null" class="reading" role="status">
        Reading the photo, here in this browser …
        {{ Math.round(100 * progress) }} %<progress :value="progress" max="1" />
      </p>
      <WhoEats
        v-if="house.residents.length"
        :model-value="seated"
        :people="house.residents"
        :groups="house.groups"
        label="Who eats"
        @update:model-value="seat"
      >
        <NuxtLink to="/people" class="link more">someone else</NuxtLink>
      </WhoEats>
      <p v-else-if="house.ready" class="nobody">
        Nobody lives here yet. <NuxtLink to="/people">Say who eats</NuxtLink>, or look around in the
        demo house first.
      </p>
      <p v-if="problem" class="problem" role="alert">{{ problem }}</p>
      <PasteActions
        :reading="reading"
        :busy="busy"
        :reading-photo="progress !== null"
        @take="take"
      />
      <PhotoReader />
    </form>
    <BroughtList v-if="files.length" :files="files" :done="done" :busy="busy" @close="clear" />
  </section>
</template>

<style scoped>
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
.more {
  padding: 0 8px;
}
form > :deep(fieldset) {
  margin-top: 14px;
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
@media (max-width: 900px) {
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
}
</style>
