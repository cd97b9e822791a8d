<script setup lang="ts">
import { regions, type Region } from '#core/measure'
import {
  guessRegion,
  sayFacts,
  type Finding,
  type Line,
  type RecipeEdit,
  type Span,
} from '#core/recipe'
import { readingOf } from '#core/share'

const { missing, opened } = useBake()
const current = useCurrentBake()
const safety = useSafety()
const house = useHouseStore()
const bake = computed(() => current.bake)
useHead({ title: () => `Recipe: ${bake.value?.title ?? ''}` })

const ledger = useLedger()
const { refusals, active, adding, draft, edit } = ledger

const { names, nameOf, steps, brought, picture } = useReadBake()

const conflictsOf = (line: Line) =>
  safety.check?.people.flatMap(p => p.conflicts.filter(c => c.lineId === line.id)) ?? []
const inSteps = computed(
  () => safety.check?.people.flatMap(p => p.conflicts.filter(c => c.where === 'step')) ?? [],
)
const left = computed(() => bake.value?.recipe.left ?? [])
const leftSpans = computed(() => left.value.flatMap(one => (one.from ? [one.from as Span] : [])))
const anyConflict = computed(
  () => safety.check?.people.some(p => p.verdict === 'conflict') ?? false,
)

/** What an unknown is, said for the whole house: a name of its own from now on. */
async function call(words: string, ingredient: string) {
  const plain = words.toLowerCase()
  await house.keepStock({
    ...house.stock,
    names: [...house.stock.names.filter(n => n.words !== plain), { words: plain, ingredient }],
  })
  await current.readAgain()
}

const tab = ref<'found' | 'text' | 'picture'>('found')
const tabs = computed(() => [
  {
    id: 'found' as const,
    label: `Found${bake.value?.findings.length ? ` (${bake.value.findings.length})` : ''}`,
  },
  { id: 'text' as const, label: 'The text' },
  ...(picture.value ? [{ id: 'picture' as const, label: 'The photo' }] : []),
])
const places = computed(() =>
  (bake.value?.recipe.components ?? []).flatMap(part => [
    ...part.lines.flatMap(line =>
      line.from ? [{ id: line.id, from: line.from as Span, label: line.text }] : [],
    ),
    ...part.steps.flatMap((text, at) =>
      part.stepsFrom?.[at]
        ? [{ id: `${part.name}#${at}`, from: part.stepsFrom[at] as Span, label: text.slice(0, 60) }]
        : [],
    ),
  ]),
)
const lookAtFinding = (finding: Finding) =>
  ledger.look(
    finding.lineId ?? (finding.step ? `${finding.step.component}#${finding.step.at}` : null),
  )

const regionNames: Record<Region, string> = {
  us: 'United States',
  ca: 'Canada',
  uk: 'United Kingdom',
  ie: 'Ireland',
  au: 'Australia',
  nz: 'New Zealand',
  za: 'South Africa',
  in: 'India',
  metric: 'metric, anywhere',
}
const regionItems = regions.map(value => ({ value, label: regionNames[value] }))
const fills = [
  { value: 'spooned', label: 'cups spooned' },
  { value: 'scooped', label: 'cups scooped' },
  { value: 'sifted', label: 'cups sifted' },
]
const hasCups = computed(
  () =>
    bake.value?.recipe.components.some(c =>
      c.lines.some(l => l.unit === 'cup' && /spooned|scooped|sifted/u.test(l.evidence.how)),
    ) ?? false,
)
/** The words that gave the region away, as long as it is the one that they speak for. */
const because = computed(() => {
  const guess = bake.value ? guessRegion(bake.value.source) : null
  return guess && guess.region === bake.value?.region
    ? [...new Set(guess.because.map(words => words.trim()))].slice(0, 3)
    : []
})
const facts = computed(() => (bake.value ? sayFacts(bake.value.recipe) : []))
const total = (lines: readonly Line[]) =>
  Math.round(lines.reduce((sum, line) => sum + (line.grams?.best ?? 0), 0))
const unweighed = (lines: readonly Line[]) =>
  lines.filter(line => !line.grams && !line.purpose).length
const partName = ref('')
const naming = ref<string | null>(null)
async function addPart() {
  if (!partName.value.trim()) {
    naming.value = null
    return
  }
  if (await edit({ do: 'add-part', name: partName.value }, 'part')) {
    partName.value = ''
    naming.value = null
  }
}
</script>

<template>
  <!-- Whoever goes by Tab meets the answers and the questions before the long list. -->
  <NoBake v-if="opened && (missing || !bake)" :missing="missing" />
  <div v-else-if="bake" class="page">
    <BenchBar renames />
    <div class="grid">
      <aside class="side">
        <section aria-labelledby="who">
          <h2 id="who">As written</h2>
          <VerdictList
            :people="current.table"
            :check="safety.check"
            :resting="safety.claims?.coverage ?? null"
            :bake="bake.id"
          />
          <UButton
            :to="`/swap/${bake.id}`"
            size="xl"
            color="neutral"
            block
            class="next"
            trailing-icon="i-lucide-arrow-right"
            >{{ anyConflict ? 'Work out a version' : 'See what changes' }}</UButton
          >
        </section>
        <section
          class="found"
          :class="{ none: !bake.findings.length, reading: tab !== 'found' }"
          aria-label="Findings and the text"
        >
          <div class="tabs" role="tablist">
            <button
              v-for="each in tabs"
              :id="`tab-${each.id}`"
              :key="each.id"
              type="button"
              role="tab"
              :aria-selected="tab === each.id"
              :aria-controls="`panel-${each.id}`"
              class="tab"
              @click="tab = each.id"
            >
              {{ each.label }}
            </button>
          </div>
          <div :id="`panel-${tab}`" role="tabpanel" :aria-labelledby="`tab-${tab}`">
            <template v-if="tab === 'found'">
              <p v-if="!bake.findings.length" class="soft">
                Nothing odd found. Every line was read; press one to correct it.
              </p>
              <FindingList
                :reading="readingOf(bake)"
                :ingredients="names"
                :active="active"
                @edit="edit"
                @look="lookAtFinding"
                @call="call"
              />
            </template>
            <SourcePane
              v-else-if="tab === 'text'"
              :source="bake.source"
              :places="places"
              :left="leftSpans"
              :active="active"
              @look="ledger.look"
              @go="ledger.lookAndGo"
            />
            <img
              v-else
              :src="picture"
              alt="The photo that this recipe was read from"
              class="photo"
            />
          </div>
        </section>
      </aside>

      <section class="sheet ledger" aria-labelledby="lines">
        <div class="head">
          <h1 id="lines">What goes in</h1>
          <p v-if="facts.length" class="soft">{{ facts.join(' · ') }}</p>
          <LedgerKeys />
        </div>
        <div class="measures" role="group" aria-label="How it is measured">
          <span class="soft">measured as in</span>
          <USelectMenu
            :model-value="bake.region"
            :items="regionItems"
            value-key="value"
            aria-label="Region of the recipe"
            :search-input="false"
            @update:model-value="edit({ do: 'region', region: $event as Region })"
          />
          <USelectMenu
            v-if="hasCups"
            :model-value="bake.recipe.handling ?? 'spooned'"
            :items="fills"
            value-key="value"
            aria-label="How the cups were filled"
            :search-input="false"
            @update:model-value="edit({ do: 'handling', handling: $event } as RecipeEdit)"
          />
          <NuxtLink to="/spoons" class="link">your own spoons</NuxtLink>
          <span v-if="because.length" class="soft because"
            >guessed by {{ because.map(words => `“${words}”`).join(', ') }}</span
          >
        </div>
        <LeftOverBar
          v-if="left.length"
          :left="left"
          :component="bake.recipe.components.find(c => c.lines.length)?.name ?? ''"
          @edit="edit"
          @show="tab = 'text'"
        />
        <div v-for="component in bake.recipe.components" :key="component.name" class="part">
          <h2 v-if="component.name || bake.recipe.components.length > 1">
            {{ component.name || 'the main part' }}
            <span class="soft weight"
              >{{ total(component.lines) }} g<template v-if="unweighed(component.lines)">
                and {{ unweighed(component.lines) }} not weighed</template
              ></span
            >
          </h2>
          <ul class="lines">
            <template v-for="line in component.lines" :key="line.id">
              <LedgerLine
                :ref="(el: unknown) => ledger.setField(line.id, el)"
                :line="line"
                :people="current.table"
                :conflicts="conflictsOf(line)"
                :active="active === line.id"
                :read-as="line.ingredient ? (nameOf.get(line.ingredient) ?? '') : ''"
                :refused="refusals[line.id] ?? ''"
                :cautions="safety.cautions.filter(c => c.lineId === line.id)"
                @retype="ledger.retype(line, $event)"
                @remove="ledger.remove(line)"
                @split="(text, at) => ledger.split(line, text, at)"
                @join="ledger.join(line, $event)"
                @move="ledger.move(line, $event)"
                @take="edit({ do: 'take', lineId: line.id, choice: $event }, line.id)"
                @below="ledger.below(line)"
                @go="(by, open) => ledger.go(line, by, open)"
                @look="ledger.look(line.id)"
              />
              <LineAdder
                v-if="adding?.after === line.id"
                v-model="draft"
                :refused="refusals.add ?? ''"
                @add="ledger.add"
                @close="adding = null"
              />
            </template>
            <LineAdder
              v-if="
                adding &&
                adding.component === component.name &&
                !component.lines.some(l => l.id === adding!.after)
              "
              v-model="draft"
              :refused="refusals.add ?? ''"
              @add="ledger.add"
              @close="adding = null"
            />
          </ul>
          <UButton
            v-if="adding?.component !== component.name"
            color="neutral"
            variant="ghost"
            icon="i-lucide-plus"
            @click="ledger.open(component.name, component.lines.at(-1)?.id)"
            >A line is missing</UButton
          >
        </div>
        <p v-if="refusals['']" class="trouble" role="alert">{{ refusals[''] }}</p>
        <form v-if="naming !== null" class="partform" @submit.prevent="addPart">
          <input
            v-model="partName"
            class="input"
            aria-label="Name of the new part"
            placeholder="glaze, filling …"
            autofocus
            @keydown.esc="naming = null"
          />
          <UButton type="submit" color="neutral" variant="outline">Add the part</UButton>
          <p v-if="refusals.part" class="trouble" role="alert">{{ refusals.part }}</p>
        </form>
        <UButton v-else color="neutral" variant="ghost" icon="i-lucide-layers" @click="naming = ''"
          >A part is missing</UButton
        >
        <div
          v-for="component in bake.recipe.components.filter(
            c => c.steps.length || c === bake!.recipe.components[0],
          )"
          :key="`s${component.name}`"
          class="part"
        >
          <h2>
            What is done<span
              v-if="component.name && bake.recipe.components.filter(c => c.steps.length).length > 1"
              class="soft weight"
              >{{ component.name }}</span
            >
          </h2>
          <StepList
            :component="component"
            :recipe="bake.recipe"
            :steps="steps"
            :cautions="safety.cautions"
            :active="active"
            :refused="refusals[`steps ${component.name}`] ?? ''"
            @edit="edit($event, `steps ${component.name}`)"
            @look="ledger.look"
          />
        </div>
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
h2 {
  font-size: 1.15rem;
  font-weight: 650;
  margin-bottom: 8px;
}
.part {
  padding-top: 12px;
}
.part h2::first-letter {
  text-transform: uppercase;
}
.weight {
  font-weight: 400;
  font-size: 0.95rem;
  margin-left: 8px;
  font-family: var(--font-sans);
}
.lines {
  padding: 0;
  margin: 0;
}
.because {
  flex-basis: 100%;
  font-size: 0.9rem;
}
.partform {
  display: flex;
  gap: 8px;
  flex-wrap: wrap;
  padding-top: 8px;
}
.input {
  flex: 1;
  background: var(--ground);
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
.next {
  margin-top: 14px;
}
.measures {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 4px 10px;
  margin-top: 2px;
}
.link {
  text-decoration: underline;
  text-underline-offset: 3px;
  min-height: 44px;
  display: inline-flex;
  align-items: center;
}
/* The text and the questions stay beside the line that is looked at. */
.found.reading {
  position: sticky;
  top: 8px;
}
.tabs {
  display: flex;
  gap: 4px;
  margin-bottom: 12px;
  border-bottom: 1.5px solid var(--line);
}
.tab {
  min-height: 46px;
  padding: 0 14px;
  font-family: var(--font-title);
  font-size: 1.05rem;
  font-weight: 600;
  color: var(--soft);
  cursor: pointer;
  border-bottom: 4px solid transparent;
  margin-bottom: -1.5px;
  border-radius: 8px 8px 0 0;
}
.tab[aria-selected='true'] {
  color: var(--ink);
  border-bottom-color: var(--ginger);
}
.photo {
  width: 100%;
  border-radius: 14px;
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
  .side .found {
    order: -1;
    min-width: 0;
  }
  .side .found.none {
    order: 1;
  }
  .found.reading {
    position: static;
  }
  .ledger {
    padding: 16px;
    min-width: 0;
    grid-area: auto;
  }
}
</style>
