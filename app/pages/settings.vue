<script setup lang="ts">
import { proxy } from 'comlink'
import { emptyStock } from '#core/pantry'
import type { SetAside } from '#core/share'

const house = useHouseStore()
const toast = useToast()
const undo = useTakeBack()
const download = useDownload()
const mode = useColorMode()
useHead({ title: 'House file' })

const refusal = ref('')
const reading = ref(false)
const picker = useTemplateRef<HTMLInputElement>('picker')
/** How far the file is read, 0 to 1; null: none is. */
const share = ref<number | null>(null)
/** What of the file that was opened does not hold together. */
const aside = ref<readonly SetAside[]>([])

async function save() {
  download(
    'ingwer-house.json',
    await useCore().writeBackup(await house.whole(), new Date().toISOString(), await house.aside()),
    'application/json',
  )
}
async function open(event: Event) {
  const input = event.target as HTMLInputElement
  const file = input.files?.[0]
  input.value = ''
  if (!file) return
  refusal.value = ''
  aside.value = []
  reading.value = true
  try {
    const heard = proxy((done: number) => {
      share.value = done
    })
    const found = await useCore().readBackup(file, heard)
    if (!found.ok) {
      refusal.value = found.problem.sentence
      return
    }
    const [before, asideBefore] = [await house.whole(), await house.aside()]
    await house.replace(found.house, found.aside)
    aside.value = found.aside
    undo(
      `${found.house.people.length} people and ${found.house.bakes.length} bakes are in the house now.`,
      'Back to the old house',
      async () => {
        aside.value = []
        await house.replace(before, asideBefore)
      },
    )
  } catch {
    refusal.value = `“${file.name}” could not be read. Nothing was changed.`
  } finally {
    reading.value = false
    share.value = null
  }
}
async function empty() {
  const [before, asideBefore] = [await house.whole(), await house.aside()]
  await house.replace({
    people: [],
    groups: [],
    bakes: [],
    packets: [],
    stock: emptyStock,
    pictures: [],
    labels: [],
  })
  undo('The house is empty.', 'Bring everything back', () => house.replace(before, asideBefore))
}
async function demo() {
  try {
    await house.openDemo()
    toast.add({ title: 'The Brackwater house has moved in beside yours.', color: 'success' })
  } catch {
    refusal.value = 'The demo house could not be fetched from this server. Is it still running?'
  }
}
const looks = [
  { value: 'system', label: 'as this device' },
  { value: 'light', label: 'light' },
  { value: 'dark', label: 'dark' },
]
</script>

<template>
  <div class="page">
    <h1>Your house</h1>
    <section class="sheet">
      <h2>House file</h2>
      <p>
        {{ house.people.length }} {{ house.people.length === 1 ? 'person' : 'people' }},
        {{ house.packets.length }} {{ house.packets.length === 1 ? 'packet' : 'packets' }} and
        {{ house.shelf.length }} {{ house.shelf.length === 1 ? 'bake' : 'bakes' }} are kept in this
        browser, and nowhere else. The house file holds all of it.
      </p>
      <div class="acts">
        <UButton color="neutral" icon="i-lucide-archive" @click="save">Save the house file</UButton>
        <UButton
          color="neutral"
          variant="outline"
          icon="i-lucide-archive-restore"
          :loading="reading"
          @click="picker?.click()"
          >Open a house file</UButton
        >
        <input
          ref="picker"
          type="file"
          accept=".json,application/json"
          class="sr-only"
          tabindex="-1"
          aria-label="House file to open"
          @change="open"
        />
      </div>
      <p class="soft">
        Opening one puts its house in place of this one; you can take that back at once.
      </p>
      <p v-if="share !== null" class="soft" role="status">
        <progress :value="share" max="1" aria-label="How far the file is read" />
        {{ Math.round(100 * share) }} % of the file is read and looked through.
      </p>
      <p v-if="refusal" class="refusal" role="alert">{{ refusal }}</p>
      <div v-if="aside.length" role="alert">
        <p>Not everything in this file holds together. The rest is here.</p>
        <ul>
          <li v-for="(entry, i) in aside" :key="i">{{ entry.sentence }}</li>
        </ul>
      </div>
    </section>
    <section class="sheet">
      <h2>This kitchen measures with</h2>
      <div class="acts" role="group" aria-label="This kitchen measures with">
        <UButton
          :color="'neutral'"
          :variant="house.measureIn === 'grams' ? 'solid' : 'outline'"
          :aria-pressed="house.measureIn === 'grams'"
          @click="house.measure('grams')"
          >a scale</UButton
        >
        <UButton
          :color="'neutral'"
          :variant="house.measureIn === 'spoons' ? 'solid' : 'outline'"
          :aria-pressed="house.measureIn === 'spoons'"
          @click="house.measure('spoons')"
          >spoons and cups only</UButton
        >
      </div>
    </section>
    <section class="sheet">
      <h2>Light</h2>
      <div class="acts" role="group" aria-label="Light">
        <UButton
          v-for="look in looks"
          :key="look.value"
          color="neutral"
          :variant="mode.preference === look.value ? 'solid' : 'outline'"
          :aria-pressed="mode.preference === look.value"
          @click="mode.preference = look.value"
          >{{ look.label }}</UButton
        >
      </div>
    </section>
    <section class="sheet">
      <h2>To try things on</h2>
      <div class="acts">
        <UButton color="neutral" variant="outline" @click="demo"
          >Let the Brackwater house move in</UButton
        >
        <UButton color="neutral" variant="outline" @click="empty">Empty this house</UButton>
      </div>
    </section>
  </div>
</template>

<style scoped>
.page {
  display: grid;
  gap: 14px;
  max-width: 780px;
}
h1 {
  font-size: 1.7rem;
  font-weight: 700;
  margin-bottom: 4px;
}
h2 {
  font-size: 1.15rem;
  font-weight: 650;
}
.sheet {
  padding: 18px 22px;
  display: grid;
  gap: 10px;
}
.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
}
.refusal {
  color: var(--beet);
  font-weight: 600;
}
</style>
