<script setup lang="ts">
import type { Finding, Span } from '#core/recipe'
import { readingOf } from '#core/share'

/** Beside the list: what was found odd, the text as it came with every reading's place, the photo. */
const { names, picture } = inject(readBakeKey)!
const ledger = inject(ledgerKey)!
const { active, edit } = ledger
const tab = defineModel<'found' | 'text' | 'picture'>('tab', { required: true })
const current = useCurrentBake()
const house = useHouseStore()
const bake = computed(() => current.bake!)

const tabs = computed(() => {
  const findings = bake.value.findings.length
  return [
    { id: 'found' as const, label: findings ? `Found (${findings})` : 'Found' },
    { id: 'text' as const, label: 'The text' },
    ...(picture.value ? [{ id: 'picture' as const, label: 'The photo' }] : []),
  ]
})
const places = computed(() =>
  bake.value.recipe.components.flatMap(part => {
    const ofLines = part.lines.flatMap(line =>
      line.from ? [{ id: line.id, from: line.from as Span, label: line.text }] : [],
    )
    const ofSteps = part.steps.flatMap((text, at) => {
      const from = part.stepsFrom?.[at] as Span | undefined
      return from ? [{ id: `${part.name}#${at}`, from, label: text.slice(0, 60) }] : []
    })
    return [...ofLines, ...ofSteps]
  }),
)
const leftSpans = computed(() =>
  (bake.value.recipe.left ?? []).flatMap(one => (one.from ? [one.from as Span] : [])),
)
const lookAtFinding = (finding: Finding) =>
  ledger.look(
    finding.lineId ?? (finding.step ? `${finding.step.component}#${finding.step.at}` : null),
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
</script>

<template>
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
      <img v-else :src="picture" alt="The photo that this recipe was read from" class="photo" />
    </div>
  </section>
</template>

<style scoped>
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
  .found {
    order: -1;
    min-width: 0;
  }
  .found.none {
    order: 1;
  }
  .found.reading {
    position: static;
  }
}
</style>
