<script setup lang="ts">
import { saidOf } from '#core/people'
import type { CardFacts } from '#core/share'
import { renderSVG } from 'uqr'

const { missing, opened } = useBake()
const current = useCurrentBake()
const house = useHouseStore()
const toast = useToast()
const download = useDownload()
const bake = computed(() => current.bake)
useHead({ title: () => `Share: ${bake.value?.title ?? ''}` })

const sizes = [
  { id: 'a5', name: 'A5 card', page: '@page { size: A5; margin: 9mm }' },
  { id: 'label', name: 'Label for a tin', page: '@page { size: 105mm 99mm; margin: 4mm }' },
] as const
const size = ref<(typeof sizes)[number]['id']>('a5')
useHead({ style: [{ innerHTML: () => sizes.find(s => s.id === size.value)!.page }] })

const at = () => ({ packets: house.packets, today: today(), kitchen: house.kitchen })
const facts = shallowRef<CardFacts | null>(null)
const code = ref('')
let turn = 0
watch(
  [bake, () => current.table, () => house.packets],
  async ([now, table]) => {
    if (!now) return
    const mine = ++turn
    const found = await useCore().cardFacts(now, table, at())
    if (mine !== turn) return
    facts.value = found.facts
    code.value = renderSVG(found.code, { border: 1, ecc: 'L' })
  },
  { immediate: true },
)
const markdown = async () => (bake.value ? useCore().cardOf(bake.value, current.table, at()) : '')

async function saveCard() {
  if (bake.value) download(fileName(bake.value.title, 'md'), await markdown(), 'text/markdown')
}
async function savePage() {
  if (bake.value)
    download(
      fileName(bake.value.title, 'html'),
      await useCore().cardHtml(bake.value, current.table, at(), code.value),
      'text/html',
    )
}
async function saveData() {
  if (bake.value)
    download(
      fileName(bake.value.title, 'jsonld'),
      await useCore().jsonLdOf(
        await useCore().recipeOf(bake.value, house.kitchen),
        facts.value ? saidOf(facts.value.claims).map(each => each.says) : [],
      ),
      'application/ld+json',
    )
}
async function copyCard() {
  try {
    await navigator.clipboard.writeText(await markdown())
    toast.add({ title: 'The card is on the clipboard.', color: 'success' })
  } catch {
    toast.add({
      title:
        'This browser does not let a page write to the clipboard. Save the card as a file instead.',
      color: 'error',
    })
  }
}
async function saveHouse() {
  download(
    'ingwer-house.json',
    await useCore().writeBackup(await house.whole(), new Date().toISOString(), await house.aside()),
    'application/json',
  )
}
const print = () => window.print()
</script>

<template>
  <NoBake v-if="opened && (missing || !bake)" :missing="missing" />
  <div v-else-if="bake" class="page">
    <BenchBar />
    <div class="grid">
      <template v-if="facts">
        <CardSheet
          v-if="size === 'a5'"
          :bake="bake"
          :people="current.table"
          :facts="facts"
          :code="code"
        />
        <TinLabel v-else :people="current.table" :facts="facts" :code="code" />
      </template>
      <p v-else class="soft" role="status">Checking …</p>
      <aside class="side no-print">
        <h2>Take it along</h2>
        <div class="sizes" role="group" aria-label="Size">
          <UButton
            v-for="each in sizes"
            :key="each.id"
            color="neutral"
            :variant="size === each.id ? 'solid' : 'outline'"
            :aria-pressed="size === each.id"
            @click="size = each.id"
            >{{ each.name }}</UButton
          >
        </div>
        <UButton color="neutral" size="xl" block icon="i-lucide-printer" @click="print"
          >Print, or keep as PDF</UButton
        >
        <UButton color="neutral" variant="outline" block icon="i-lucide-file-down" @click="saveCard"
          >Card as Markdown</UButton
        >
        <UButton
          color="neutral"
          variant="outline"
          block
          icon="i-lucide-file-code-2"
          @click="savePage"
          >Card as HTML</UButton
        >
        <UButton color="neutral" variant="outline" block icon="i-lucide-copy" @click="copyCard"
          >Copy the card</UButton
        >
        <UButton color="neutral" variant="outline" block icon="i-lucide-braces" @click="saveData"
          >Recipe as linked data</UButton
        >
        <UButton color="neutral" variant="outline" block icon="i-lucide-archive" @click="saveHouse"
          >Whole house as a file</UButton
        >
        <p class="soft">Everything is on the card: allergic people hate surprises.</p>
        <UButton v-if="!bake.plan" :to="`/swap/${bake.id}`" color="neutral" variant="outline" block
          >No plan is chosen yet</UButton
        >
      </aside>
    </div>
  </div>
</template>

<style scoped>
.grid {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 262px;
  gap: 22px;
  align-items: start;
}
.side {
  display: grid;
  gap: 10px;
}
.sizes {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}
h2 {
  font-size: 1.15rem;
  font-weight: 650;
}
@media (max-width: 1040px) {
  .grid {
    grid-template-columns: minmax(0, 1fr);
  }
}
@media print {
  .grid {
    display: block;
  }
}
</style>
