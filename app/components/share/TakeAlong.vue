<script setup lang="ts">
import { saidOf } from '#core/people'
import type { Bake, CardFacts } from '#core/share'
import type { CardSize } from '~/composables/cardSizes'

/** The card on paper, as a file, on the clipboard; and the whole house. */
const props = defineProps<{ bake: Bake; facts: CardFacts | null; code: string }>()
const size = defineModel<CardSize>('size', { required: true })
const current = useCurrentBake()
const house = useHouseStore()
const filed = useFiledStore()
const toast = useToast()
const download = useDownload()
const at = () => ({ packets: house.packets, today: today(), kitchen: house.kitchen })
const markdown = () => useCore().cardOf(props.bake, current.table, at())

async function saveCard() {
  download(fileName(props.bake.title, 'md'), await markdown(), 'text/markdown')
}
async function savePage() {
  const html = await useCore().cardHtml(props.bake, current.table, at(), props.code)
  download(fileName(props.bake.title, 'html'), html, 'text/html')
}
async function saveData() {
  const recipe = await useCore().recipeOf(props.bake, house.kitchen)
  const said = props.facts ? saidOf(props.facts.claims).map(each => each.says) : []
  const data = await useCore().jsonLdOf(recipe, said)
  download(fileName(props.bake.title, 'jsonld'), data, 'application/ld+json')
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
const print = () => window.print()
</script>

<template>
  <aside class="side no-print">
    <h2>Take it along</h2>
    <div class="sizes" role="group" aria-label="Size">
      <UButton
        v-for="each in cardSizes"
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
    <UButton color="neutral" variant="outline" block icon="i-lucide-file-code-2" @click="savePage"
      >Card as HTML</UButton
    >
    <UButton color="neutral" variant="outline" block icon="i-lucide-copy" @click="copyCard"
      >Copy the card</UButton
    >
    <UButton color="neutral" variant="outline" block icon="i-lucide-braces" @click="saveData"
      >Recipe as linked data</UButton
    >
    <UButton color="neutral" variant="outline" block icon="i-lucide-archive" @click="filed.save"
      >Whole house as a file</UButton
    >
    <p class="soft">Everything is on the card: allergic people hate surprises.</p>
    <UButton v-if="!bake.plan" :to="`/swap/${bake.id}`" color="neutral" variant="outline" block
      >No plan is chosen yet</UButton
    >
  </aside>
</template>

<style scoped>
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
</style>
