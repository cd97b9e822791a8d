<script setup lang="ts">
import type { Measure } from '#core/formula'
import { measureNames, type Contributions, type Contribution, type PlanPart } from '#core/swap'

/**
 * The balance of one part: a bead on a wire for each measure; the mark is the original, the green
 * stretch still is this dessert.
 */
const props = defineProps<{
  part: PlanPart
  where?: (component: string, measure: Measure) => Promise<Contributions>
}>()

const shown: readonly Measure[] = [
  'water',
  'fat',
  'solidFat',
  'sugar',
  'protein',
  'starch',
  'lift',
  'bind',
  'set',
  'acid',
  'fibre',
]
const units: Partial<Record<Measure, string>> = {
  lift: 'mmol gas',
  bind: 'eggs',
  set: 'eggs',
  acid: 'meq',
}
const open = ref<Measure | null>(null)
/** Which lines bring the measure that is looked at, fetched when it is opened. */
const brought = shallowRef<Contributions | null>(null)
watch(
  () => [open.value, props.part] as const,
  async ([measure, part]) => {
    const found = measure && props.where ? await props.where(part.component, measure) : null
    if (open.value === measure) brought.value = found
  },
)
const list = (all: readonly Contribution[], unit: string) =>
  !all.length
    ? 'nothing.'
    : all
        .slice(0, 5)
        .map(b => `${b.name} ${tidy(b.brings)} ${unit}`)
        .join(', ') + (all.length > 5 ? ' …' : '.')
const sources = computed(() =>
  [...new Set((brought.value?.after ?? []).slice(0, 5).flatMap(b => b.source.split('; ')))].join(
    '; ',
  ),
)

const tidy = (n: number) =>
  Math.abs(n) >= 20
    ? String(Math.round(n))
    : (Math.round(n * 10) / 10).toFixed(Math.abs(n) < 20 && n % 1 ? 1 : 0)
const wires = computed(() =>
  shown
    .filter(measure => {
      if (!props.part.matters.includes(measure)) return false
      const most = Math.max(
        Math.abs(props.part.before[measure]),
        Math.abs(props.part.after[measure]),
      )
      return (
        most > (['bind', 'set', 'lift'].includes(measure) ? 0.3 : 0.004 * props.part.mass) &&
        !(measure === 'acid' && props.part.before.lift < 1)
      )
    })
    .map(measure => {
      const [was, is, [low, high]] = [
        props.part.before[measure],
        props.part.after[measure],
        props.part.bands[measure],
      ]
      const reach = 1.9 * Math.max(high - was, was - low, 1e-6)
      /** Place along the wire in per cent of its length; the original is the middle. */
      const at = (value: number) => Math.min(100, Math.max(0, 50 + (50 * (value - was)) / reach))
      const inside = is >= low - 1e-9 && is <= high + 1e-9
      const relative = measure !== 'acid' && measure !== 'fibre' && Math.abs(was) > 0.1
      const change = relative
        ? `${sign((100 * (is - was)) / was)} %`
        : `${sign(is - was)} ${units[measure] ?? 'g'}`
      const unit = units[measure] ?? 'g'
      return {
        measure,
        unit,
        name: measureNames[measure],
        low: at(low),
        high: at(high),
        x: at(is),
        inside,
        change,
        says:
          `${tidy(was)} ${unit} as written, ${tidy(is)} now; ` +
          `${inside ? 'within' : 'outside'} ${tidy(low)} to ${tidy(high)}, where it still is ` +
          'this dessert.',
      }
    }),
)
function sign(n: number) {
  const r =
    Math.abs(n) < 10 && Math.abs(n) >= 0.05 && Math.abs(n) % 1 > 0.05 && Math.abs(n) < 3
      ? Math.round(n * 10) / 10
      : Math.round(n)
  return r === 0 ? '±0' : `${r > 0 ? '+' : '−'}${Math.abs(r)}`
}
</script>

<template>
  <ul class="wires">
    <li v-for="wire in wires" :key="wire.measure">
      <button
        type="button"
        class="wire"
        :aria-expanded="open === wire.measure"
        :aria-label="`${wire.name} ${wire.change}: ${wire.says}`"
        @click="open = open === wire.measure ? null : wire.measure"
      >
        <span class="name">{{ wire.name }}</span>
        <span class="wirebox" aria-hidden="true">
          <span class="band" :style="{ left: `${wire.low}%`, right: `${100 - wire.high}%` }" />
          <span class="mark" />
          <svg
            class="bead"
            :style="{ left: `${wire.x}%` }"
            viewBox="-10 -10 20 20"
            width="20"
            height="20"
          >
            <circle v-if="wire.inside" r="7.5" fill="var(--leaf)" />
            <path v-else d="M 0 -9.5 L 9.5 0 L 0 9.5 L -9.5 0 Z" fill="var(--beet)" />
          </svg>
        </span>
        <span class="change" :class="{ off: !wire.inside }">{{ wire.change }}</span>
      </button>
      <div v-if="open === wire.measure" class="says soft">
        <p>{{ wire.says }}</p>
        <template v-if="brought">
          <p><b>As written:</b> {{ list(brought.before, wire.unit) }}</p>
          <p><b>Now:</b> {{ list(brought.after, wire.unit) }}</p>
          <p>
            Each line’s weight times what 100 g of it hold. Source: {{ sources }}. The green
            stretch: tolerances of the engine’s study [M].
          </p>
        </template>
      </div>
    </li>
  </ul>
</template>

<style scoped>
.wires {
  list-style: none;
  padding: 0;
  margin: 0;
}
.wire {
  display: grid;
  grid-template-columns: 76px minmax(0, 1fr) 76px;
  align-items: center;
  width: 100%;
  min-height: 34px;
  cursor: pointer;
  border-radius: 10px;
  text-align: left;
}
.wire:hover {
  background: var(--sheet);
}
.wirebox {
  position: relative;
  height: 30px;
  margin: 0 8px;
}
.wirebox::before {
  content: '';
  position: absolute;
  inset: 14px 0 auto;
  height: 2px;
  background: var(--strand);
}
.band {
  position: absolute;
  top: 10px;
  height: 10px;
  border-radius: 5px;
  background: var(--leaf);
  opacity: 0.3;
}
.mark {
  position: absolute;
  left: calc(50% - 1px);
  top: 6px;
  width: 2px;
  height: 18px;
  background: var(--ink);
}
.change {
  text-align: right;
  font-weight: 600;
  white-space: nowrap;
}
.off {
  color: var(--beet);
}
.says {
  font-size: 0.92rem;
  padding: 0 4px 8px;
  display: grid;
  gap: 3px;
  line-height: 1.35;
  overflow-wrap: anywhere;
}
.bead {
  position: absolute;
  top: 5px;
  margin-left: -10px;
  transition: left 0.25s;
}
@media (max-width: 760px) {
  .wire {
    min-height: 44px;
  }
}
</style>
