<script setup lang="ts">
import { measureNames, type Measure, type PlanPart } from '#core'

/** The balance of one part: a bead on a wire for each measure; the mark is the original, the green stretch still is this dessert. */
const props = defineProps<{ part: PlanPart }>()

const shown: readonly Measure[] = ['water', 'fat', 'solidFat', 'sugar', 'protein', 'starch', 'lift', 'bind', 'set', 'acid', 'fibre']
const units: Partial<Record<Measure, string>> = { lift: 'mmol gas', bind: 'eggs', set: 'eggs', acid: 'meq' }
const [from, width] = [84, 156]
const centre = from + width / 2
const open = ref<Measure | null>(null)

const tidy = (n: number) => Math.abs(n) >= 20 ? String(Math.round(n)) : (Math.round(n * 10) / 10).toFixed(Math.abs(n) < 20 && n % 1 ? 1 : 0)
const wires = computed(() => shown.filter(measure => {
  if (!props.part.matters.includes(measure)) return false
  const most = Math.max(Math.abs(props.part.before[measure]), Math.abs(props.part.after[measure]))
  return most > (['bind', 'set', 'lift'].includes(measure) ? 0.3 : 0.004 * props.part.mass) && !(measure === 'acid' && props.part.before.lift < 1)
}).map(measure => {
  const [was, is, [low, high]] = [props.part.before[measure], props.part.after[measure], props.part.bands[measure]]
  const reach = 1.9 * Math.max(high - was, was - low, 1e-6)
  const at = (value: number) => Math.min(from + width, Math.max(from, centre + (value - was) / reach * width / 2))
  const inside = is >= low - 1e-9 && is <= high + 1e-9
  const relative = measure !== 'acid' && measure !== 'fibre' && Math.abs(was) > 0.1
  const change = relative ? `${sign(100 * (is - was) / was)} %` : `${sign(is - was)} ${units[measure] ?? 'g'}`
  const unit = units[measure] ?? 'g'
  return { measure, name: measureNames[measure], low: at(low), high: at(high), x: at(is), inside, change, says: `${tidy(was)} ${unit} as written, ${tidy(is)} now; ${inside ? 'within' : 'outside'} ${tidy(low)} to ${tidy(high)}, where it still is this dessert.` }
}))
function sign(n: number) { const r = Math.abs(n) < 10 && Math.abs(n) >= 0.05 && Math.abs(n) % 1 > 0.05 && Math.abs(n) < 3 ? Math.round(n * 10) / 10 : Math.round(n); return r === 0 ? '±0' : `${r > 0 ? '+' : '−'}${Math.abs(r)}` }
</script>

<template>
  <ul class="wires">
    <li v-for="wire in wires" :key="wire.measure">
      <button type="button" class="wire" :aria-expanded="open === wire.measure" :aria-label="`${wire.name} ${wire.change}: ${wire.says}`" @click="open = open === wire.measure ? null : wire.measure">
        <span class="name">{{ wire.name }}</span>
        <svg :viewBox="`${from - 10} 0 ${width + 20} 30`" height="30" aria-hidden="true" preserveAspectRatio="none" class="drawn">
          <line :x1="from" :x2="from + width" y1="15" y2="15" stroke="var(--strand)" stroke-width="2" />
          <line :x1="wire.low" :x2="wire.high" y1="15" y2="15" stroke="var(--leaf)" stroke-width="10" stroke-linecap="round" opacity="0.3" />
          <line :x1="centre" :x2="centre" y1="6" y2="24" stroke="var(--ink)" stroke-width="1.6" />
          <circle v-if="wire.inside" :cx="wire.x" cy="15" r="7.5" fill="var(--leaf)" class="bead" />
          <path v-else :d="`M ${wire.x} 5.5 l 9.5 9.5 l -9.5 9.5 l -9.5 -9.5 z`" fill="var(--beet)" class="bead" />
        </svg>
        <span class="change" :class="{ off: !wire.inside }">{{ wire.change }}</span>
      </button>
      <p v-if="open === wire.measure" class="says soft">{{ wire.says }}</p>
    </li>
  </ul>
</template>

<style scoped>
.wires { list-style: none; padding: 0; margin: 0; }
.wire { display: grid; grid-template-columns: 76px minmax(0, 1fr) 72px; align-items: center; width: 100%; min-height: 34px; cursor: pointer; border-radius: 10px; text-align: left; }
.wire:hover { background: var(--sheet); }
.drawn { width: 100%; overflow: visible; }
.change { text-align: right; font-weight: 600; white-space: nowrap; }
.off { color: var(--beet); }
.says { font-size: 0.92rem; padding: 0 4px 8px; }
.bead { transition: cx 0.25s, d 0.25s; }
@media (max-width: 760px) { .wire { min-height: 44px; } }
</style>
