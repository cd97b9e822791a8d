<script setup lang="ts">
import { linesOf, type Line } from '#core/recipe'
import { measureNames, type Plan, type PlanPart, type Sensitivity } from '#core/swap'

/**
 * For whoever wants to understand: a slider for each amount, what a tenth more of it moves, and
 * what follows.
 */
const props = defineProps<{
  plan: Plan
  part: PlanPart
  sensitivity: readonly Sensitivity[]
  anew?: unknown
}>()
const emit = defineEmits<{ nudge: [lineId: string, grams: number] }>()

/** The amounts that the sliders began with: the middle of each. */
const began = shallowRef<ReadonlyMap<string, number>>(new Map())
watch(
  () => props.plan.id,
  () => {
    began.value = new Map(
      linesOf(props.plan.recipe).flatMap(l => (l.grams ? [[l.id, l.grams.best] as const] : [])),
    )
  },
  { immediate: true },
)
/** What a slider was moved to, until its answer is there: an older answer does not pull it back. */
const asked = ref<Readonly<Record<string, number>>>({})
function ask(id: string, grams: number) {
  asked.value = { ...asked.value, [id]: grams }
  emit('nudge', id, grams)
}
watch(
  () => props.plan,
  () => {
    const still = Object.entries(asked.value).filter(
      ([id, g]) => Math.abs((lineOf(id)?.grams?.best ?? g) - g) > 0.06,
    )
    if (still.length !== Object.keys(asked.value).length) asked.value = Object.fromEntries(still)
  },
)
watch(
  () => props.anew,
  () => {
    asked.value = {}
  },
)
const lineOf = (id: string): Line | undefined => linesOf(props.plan.recipe).find(l => l.id === id)
const rows = computed(() =>
  props.sensitivity.flatMap(row => {
    const line = lineOf(row.lineId)
    const middle = began.value.get(row.lineId)
    if (!line?.grams || !middle) return []
    const moves = row.moves
      .slice(0, 3)
      .map(
        m =>
          `${measureNames[m.measure]} ${m.by > 0 ? 'up' : 'down'} by ${Math.abs(m.by).toFixed(1)}`,
      )
      .join(', ')
    return [
      {
        id: row.lineId,
        name: row.name,
        grams: line.grams.best,
        middle,
        low: middle >= 10 ? Math.round(middle * 0.6) : Math.round(middle * 6) / 10,
        high: middle >= 10 ? Math.round(middle * 1.4) : Math.round(middle * 14) / 10,
        weight: Math.max(row.up, row.down),
        says: moves || 'hardly anything',
      },
    ]
  }),
)
const most = computed(() => Math.max(...rows.value.map(r => r.weight), 0.5))
</script>

<template>
  <div class="both">
    <div>
      <p class="soft lead">
        Move one and watch the wires. The figure is how many tolerances a tenth more of it moves a
        measure: at 1 a baker notices. The bar says how much the dessert minds.
      </p>
      <ul class="rows">
        <li v-for="row in rows" :key="row.id">
          <label :for="`w-${row.id}`" class="name">{{ row.name }}</label>
          <input
            :id="`w-${row.id}`"
            type="range"
            :min="row.low"
            :max="row.high"
            :step="row.middle >= 10 ? 1 : 0.1"
            :value="asked[row.id] ?? row.grams"
            :aria-valuetext="`${asked[row.id] ?? row.grams} g`"
            @input="ask(row.id, Number(($event.target as HTMLInputElement).value))"
          />
          <span class="grams"
            >{{ row.grams >= 10 ? Math.round(row.grams) : Math.round(row.grams * 10) / 10 }} g</span
          >
          <span class="minds" aria-hidden="true"
            ><span :style="{ width: `${Math.round((100 * row.weight) / most)}%` }"
          /></span>
          <span class="soft says">a tenth more: {{ row.says }}</span>
        </li>
      </ul>
    </div>
    <div class="wires">
      <BalanceWires :part="part" />
      <p class="sure">
        <b>{{ plan.confidence }}</b><br /><span class="soft">{{
          plan.risks.slice(0, 2).join('; ')
        }}</span>
      </p>
    </div>
  </div>
</template>

<style scoped>
.both {
  display: grid;
  grid-template-columns: minmax(0, 1.25fr) minmax(0, 1fr);
  gap: 8px 28px;
  align-items: start;
}
.lead {
  padding-bottom: 6px;
  font-size: 0.96rem;
}
.rows {
  list-style: none;
  padding: 0;
  margin: 0;
}
.rows li {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1.2fr) 58px;
  gap: 0 12px;
  align-items: center;
  border-top: 1.5px solid var(--line);
  padding: 2px 0 6px;
}
.name {
  font-weight: 600;
  overflow-wrap: anywhere;
  line-height: 1.2;
}
input[type='range'] {
  accent-color: var(--ginger);
  width: 100%;
  min-height: 44px;
}
.grams {
  text-align: right;
  font-weight: 650;
  font-variant-numeric: tabular-nums;
}
.minds {
  height: 6px;
  border-radius: 3px;
  background: var(--line);
  overflow: hidden;
  max-width: 110px;
}
.minds span {
  display: block;
  height: 100%;
  background: var(--ginger);
  border-radius: 3px;
}
.says {
  grid-column: 2 / -1;
  font-size: 0.9rem;
  line-height: 1.25;
}
.wires {
  position: sticky;
  top: 12px;
}
.sure {
  padding-top: 6px;
  line-height: 1.35;
}
.sure b::first-letter {
  text-transform: uppercase;
}
@media (max-width: 760px) {
  .both {
    grid-template-columns: minmax(0, 1fr);
  }
  .wires {
    order: -1;
    top: 0;
    background: var(--sheet);
    z-index: 1;
    max-height: 46vh;
    overflow: auto;
    border-bottom: 1.5px solid var(--line);
  }
  .sure {
    display: none;
  }
}
</style>
