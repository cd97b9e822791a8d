<script setup lang="ts">
import { regions, sayFacts, type Line, type RecipeEdit, type Region } from '#core'

const { bench, missing, opened } = useBake()
const bake = computed(() => bench.bake)
useHead({ title: () => `Recipe: ${bake.value?.title ?? ''}` })

const names = shallowRef<readonly { id: string, name: string }[]>([])
watch(() => bake.value?.region, async region => { if (region) names.value = await useCore().ingredientNames(region) }, { immediate: true })
const nameOf = computed(() => new Map(names.value.map(item => [item.id, item.name])))

const refusals = ref<Record<string, string>>({})
async function edit(what: RecipeEdit) {
  const sentence = await bench.edit(what)
  refusals.value = sentence && 'lineId' in what ? { [what.lineId]: sentence } : {}
  trouble.value = sentence && !('lineId' in what) ? sentence : ''
  return sentence
}
const trouble = ref('')
const conflictsOf = (line: Line) => bench.check?.people.flatMap(p => p.conflicts.filter(c => c.lineId === line.id)) ?? []
const inSteps = computed(() => bench.check?.people.flatMap(p => p.conflicts.filter(c => c.where === 'step')) ?? [])
const personOf = (id: string) => bench.table.find(p => p.id === id)

const adding = ref('')
const addTo = ref<string | null>(null)
async function add(component: string) {
  if (!adding.value.trim()) { addTo.value = null; return }
  if (!(await edit({ do: 'add', component, text: adding.value }))) adding.value = ''
}
const regionNames: Record<Region, string> = { us: 'United States', ca: 'Canada', uk: 'United Kingdom', ie: 'Ireland', au: 'Australia', nz: 'New Zealand', za: 'South Africa', in: 'India', metric: 'metric, anywhere' }
const regionItems = regions.map(value => ({ value, label: regionNames[value] }))
const facts = computed(() => bake.value ? sayFacts(bake.value.recipe) : [])
const total = (lines: readonly Line[]) => Math.round(lines.reduce((sum, line) => sum + (line.grams?.best ?? 0), 0))
const anyConflict = computed(() => bench.check?.people.some(p => p.verdict === 'conflict') ?? false)
</script>

<template>
  <NoBake v-if="opened && (missing || !bake)" :missing="missing" />
  <div v-else-if="bake" class="page">
    <BenchBar />
    <div class="grid">
      <section class="sheet ledger" aria-labelledby="lines">
        <div class="head">
          <h1 id="lines">What goes in</h1>
          <p v-if="facts.length" class="soft">{{ facts.join(' · ') }}</p>
        </div>
        <div v-for="component in bake.recipe.components" :key="component.name" class="part">
          <h2 v-if="component.name || bake.recipe.components.length > 1">{{ component.name || 'the main part' }} <span class="soft weight">{{ total(component.lines) }} g</span></h2>
          <ul class="lines">
            <LedgerLine
              v-for="line in component.lines" :key="line.id" :line="line" :people="bench.table" :conflicts="conflictsOf(line)"
              :read-as="line.ingredient ? nameOf.get(line.ingredient) ?? '' : ''" :refused="refusals[line.id] ?? ''"
              @retype="edit({ do: 'retype', lineId: line.id, text: $event })" @remove="edit({ do: 'remove', lineId: line.id })"
            />
          </ul>
          <form v-if="addTo === component.name" class="adder" @submit.prevent="add(component.name)">
            <input v-model="adding" class="input" aria-label="A new line" placeholder="100 g …" autofocus @keydown.esc="addTo = null">
            <UButton type="submit" color="neutral" variant="outline">Add</UButton>
          </form>
          <UButton v-else color="neutral" variant="ghost" icon="i-lucide-plus" @click="addTo = component.name; adding = ''">A line is missing</UButton>
        </div>
        <p v-if="trouble" class="trouble" role="alert">{{ trouble }}</p>
        <div v-if="bake.recipe.components.some(c => c.steps.length)" class="part">
          <h2>What is done</h2>
          <ol class="steps">
            <template v-for="component in bake.recipe.components" :key="component.name"><li v-for="(step, i) in component.steps" :key="i">{{ step }}</li></template>
          </ol>
          <ul v-if="inSteps.length" class="instep">
            <li v-for="(c, i) in inSteps" :key="i"><PersonBead v-if="personOf(c.personId)" :person="personOf(c.personId)!" :state="c.state" :size="26" /> The steps alone bring it: “… {{ c.words }} …”, {{ c.because }}.</li>
          </ul>
        </div>
        <details class="part source">
          <summary>The text as you pasted it</summary>
          <pre>{{ bake.source }}</pre>
        </details>
      </section>

      <aside class="side">
        <section aria-labelledby="who">
          <h2 id="who">As written</h2>
          <VerdictList :people="bench.table" :check="bench.check" />
          <UButton :to="`/swap/${bake.id}`" size="xl" color="neutral" block class="next" trailing-icon="i-lucide-arrow-right">{{ anyConflict ? 'Work out a version' : 'See what changes' }}</UButton>
        </section>
        <section aria-labelledby="region">
          <h2 id="region">Measured as in</h2>
          <USelectMenu :model-value="bake.region" :items="regionItems" value-key="value" aria-label="Region of the recipe" class="region" :search-input="false" @update:model-value="edit({ do: 'region', region: $event as Region })" />
          <p class="soft small">Sizes its cups, spoons and eggs.</p>
        </section>
        <section aria-labelledby="found" class="found" :class="{ none: !bake.findings.length }">
          <h2 id="found">{{ bake.findings.length ? 'Found while reading' : 'Nothing odd found' }}</h2>
          <p v-if="!bake.findings.length" class="soft">Every line was read. Press one to correct it.</p>
          <FindingList :findings="bake.findings" :ingredients="names" @edit="edit" />
        </section>
      </aside>
    </div>
  </div>
</template>

<style scoped>
.grid { display: grid; grid-template-columns: minmax(0, 1fr) 332px; gap: 22px; align-items: start; }
.ledger { padding: 20px 26px 22px; }
.head { display: flex; align-items: baseline; gap: 18px; flex-wrap: wrap; margin-bottom: 4px; }
h1 { font-size: 1.4rem; font-weight: 650; }
h2 { font-size: 1.15rem; font-weight: 650; margin-bottom: 8px; }
.part { padding-top: 12px; }
.part h2::first-letter { text-transform: uppercase; }
.weight { font-weight: 400; font-size: 0.95rem; margin-left: 6px; font-family: var(--font-sans); }
.lines { padding: 0; margin: 0; }
.adder { display: flex; gap: 8px; padding: 8px 0 0 98px; }
.input { flex: 1; min-width: 0; font: inherit; min-height: 46px; border: 1.5px solid var(--line); border-radius: 12px; padding: 0 12px; background: var(--ground); color: var(--ink); }
.trouble { color: var(--beet); font-weight: 600; }
.steps { padding-left: 1.5em; display: grid; gap: 7px; list-style: decimal; }
.steps li::marker { color: var(--soft); font-weight: 600; }
.instep { list-style: none; padding: 10px 0 0; display: grid; gap: 6px; }
.source summary { cursor: pointer; min-height: 44px; display: flex; align-items: center; color: var(--soft); text-decoration: underline; text-underline-offset: 3px; }
.source pre { white-space: pre-wrap; overflow-wrap: anywhere; font: inherit; font-size: 0.95rem; background: var(--ground); border-radius: 12px; padding: 12px 16px; max-height: 420px; overflow: auto; }
.side { display: grid; gap: 24px; padding-top: 14px; }
.next { margin-top: 14px; }
.region { width: 100%; }
.small { font-size: 0.9rem; margin-top: 4px; }
@media (max-width: 1040px) {
  .grid { grid-template-columns: minmax(0, 1fr); }
  .side { display: contents; }
  .side section:first-child { order: -2; }
  .side section:nth-child(2) { order: 2; }
  .side .found { order: -1; }
  .side .found.none { order: 1; }
  .ledger { padding: 16px; }
  .adder { padding-left: 0; }
}
</style>
