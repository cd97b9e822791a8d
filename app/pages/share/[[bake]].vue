<script setup lang="ts">
const { bench, missing, opened } = useBake()
const house = useHouseStore()
const toast = useToast()
const download = useDownload()
const bake = computed(() => bench.bake)
useHead({ title: () => `Share: ${bake.value?.title ?? ''}` })

const claim = ref<string | null>(null)
const openPackets = ref(0)
watch(() => [bake.value, bench.table] as const, async ([now, table]) => {
  if (!now) return
  const found = await useCore().claimFor(now.plan?.recipe ?? now.recipe, table)
  claim.value = found.claim
  openPackets.value = found.open
}, { immediate: true })
const markdown = async () => bake.value ? useCore().cardOf(bake.value, bench.table) : ''

async function saveCard() { if (bake.value) download(fileName(bake.value.title, 'md'), await markdown(), 'text/markdown') }
async function saveData() { if (bake.value) download(fileName(bake.value.title, 'jsonld'), await useCore().jsonLdOf(bake.value.plan?.recipe ?? bake.value.recipe), 'application/ld+json') }
async function copyCard() {
  try { await navigator.clipboard.writeText(await markdown()); toast.add({ title: 'The card is on the clipboard.', color: 'success' }) }
  catch { toast.add({ title: 'This browser does not let a page write to the clipboard. Save the card as a file instead.', color: 'error' }) }
}
async function saveHouse() { download('ingwer-house.json', await useCore().writeBackup(await house.whole(), new Date().toISOString()), 'application/json') }
const print = () => window.print()
</script>

<template>
  <NoBake v-if="opened && (missing || !bake)" :missing="missing" />
  <div v-else-if="bake" class="page">
    <BenchBar />
    <div class="grid">
      <CardSheet :bake="bake" :people="bench.table" :claim="claim" :open-packets="openPackets" />
      <aside class="side no-print">
        <h2>Take it along</h2>
        <UButton color="neutral" size="xl" block icon="i-lucide-file-down" @click="saveCard">Card as Markdown</UButton>
        <UButton color="neutral" variant="outline" block icon="i-lucide-braces" @click="saveData">Recipe as linked data</UButton>
        <UButton color="neutral" variant="outline" block icon="i-lucide-copy" @click="copyCard">Copy the card</UButton>
        <UButton color="neutral" variant="outline" block icon="i-lucide-printer" @click="print">Print</UButton>
        <UButton color="neutral" variant="outline" block icon="i-lucide-archive" @click="saveHouse">Whole house as a file</UButton>
        <p class="soft">Everything is on the card: allergic people hate surprises.</p>
        <UButton v-if="!bake.plan" :to="`/swap/${bake.id}`" color="neutral" variant="outline" block>No plan is chosen yet</UButton>
      </aside>
    </div>
  </div>
</template>

<style scoped>
.grid { display: grid; grid-template-columns: minmax(0, 1fr) 262px; gap: 22px; align-items: start; }
.side { display: grid; gap: 10px; }
h2 { font-size: 1.15rem; font-weight: 650; }
@media (max-width: 1040px) { .grid { grid-template-columns: minmax(0, 1fr); } }
@media print { .grid { display: block; } }
</style>
