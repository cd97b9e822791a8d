<script setup lang="ts">
import { sayFacts } from '#core/recipe'

const { missing, opened } = useBake()
const current = useCurrentBake()
const safety = useSafety()
const bake = computed(() => current.bake)
useHead({ title: () => `Recipe: ${bake.value?.title ?? ''}` })

const ledger = useLedger()
provide(ledgerKey, ledger)
const read = useReadBake()
provide(readBakeKey, read)
const { refusals, edit } = ledger
const { nameOf, brought } = read

const tab = ref<'found' | 'text' | 'picture'>('found')
const parts = computed(() => bake.value?.recipe.components ?? [])
const firstWithLines = computed(() => parts.value.find(c => c.lines.length)?.name ?? '')
const left = computed(() => bake.value?.recipe.left ?? [])
const facts = computed(() => (bake.value ? sayFacts(bake.value.recipe) : []))
const inSteps = computed(
  () => safety.check?.people.flatMap(p => p.conflicts.filter(c => c.where === 'step')) ?? [],
)
</script>

<template>
  <!-- Whoever goes by Tab meets the answers and the questions before the long list. -->
  <NoBake v-if="opened && (missing || !bake)" :missing="missing" />
  <div v-else-if="bake" class="page">
    <BenchBar renames />
    <div class="grid">
      <aside class="side">
        <AsWritten />
        <FoundTabs v-model:tab="tab" />
      </aside>

      <section class="sheet ledger" aria-labelledby="lines">
        <div class="head">
          <h1 id="lines">What goes in</h1>
          <p v-if="facts.length" class="soft">{{ facts.join(' · ') }}</p>
          <LedgerKeys />
        </div>
        <MeasureBar />
        <LeftOverBar
          v-if="left.length"
          :left="left"
          :component="firstWithLines"
          @edit="edit"
          @show="tab = 'text'"
        />
        <PartLines
          v-for="component in parts"
          :key="component.name"
          :component="component"
          :titled="component.name !== '' || parts.length > 1"
        />
        <p v-if="refusals['']" class="trouble" role="alert">{{ refusals[''] }}</p>
        <PartAdder />
        <DoneParts />
        <BroughtBySteps
          v-if="brought.length"
          :things="brought"
          :names="nameOf"
          :people="current.table"
          :conflicts="inSteps"
          @edit="edit"
          @go="ledger.lookAndGo"
        />
      </section>
    </div>
  </div>
</template>

<style scoped>
.grid {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 372px;
  gap: 22px;
}
.ledger {
  padding: 20px 26px 22px;
  grid-area: 1 / 1;
}
.head {
  display: flex;
  align-items: baseline;
  gap: 18px;
  flex-wrap: wrap;
  margin-bottom: 4px;
}
h1 {
  font-size: 1.4rem;
  font-weight: 650;
}
.trouble {
  color: var(--beet);
  font-weight: 600;
}
.side {
  grid-column: 2;
  display: grid;
  align-content: start;
  grid-template-columns: minmax(0, 1fr);
  gap: 24px;
  padding-top: 14px;
}
@media (max-width: 1040px) {
  .grid {
    grid-template-columns: minmax(0, 1fr);
  }
  .side {
    display: contents;
  }
  .side section:first-child {
    order: -2;
  }
  .ledger {
    padding: 16px;
    min-width: 0;
    grid-area: auto;
  }
}
</style>
