<script setup lang="ts">
import type { DayPlan, PlacedTask } from '#core/day'

/**
 * The day drawn: what hands do, what is in the oven, in the fridge, on the counter; a block can be
 * dragged, or moved with the arrow keys.
 */
const props = defineProps<{ plan: Extract<DayPlan, { ok: true }>; bakes: readonly string[] }>()
const emit = defineEmits<{ move: [task: PlacedTask, by: number] }>()

const shown = computed(() => props.plan.tasks.filter(t => t.kind !== 'serve' && !t.evening))
const from = computed(
  () =>
    Math.floor(
      (Math.min(
        ...shown.value.map(t => t.starts),
        ...props.plan.preheats.map(h => h.at),
        props.plan.end - 30,
      ) -
        5) /
        30,
    ) * 30,
)
const to = computed(() => Math.ceil((props.plan.end + 5) / 30) * 30)
const scale = computed(() => Math.max(2.4, Math.min(5, 1000 / (to.value - from.value))))
const px = (at: number) => (at - from.value) * scale.value
const rows = [
  { id: 'hands', says: 'hands' },
  { id: 'oven', says: 'oven' },
  { id: 'fridge', says: 'fridge' },
  { id: 'freezer', says: 'freezer' },
  { id: 'hob', says: 'hob' },
  { id: 'counter', says: 'counter' },
] as const
const rowOf = (t: PlacedTask) => (t.hands ? 'hands' : t.place)
/**
 * Left of the first hour stand the rows' names, above the blocks the hours; a block's height, and
 * from one lane to the next.
 */
const left = 70
const top = 26
const tall = 56
const pitch = 60
/** Blocks that overlap lie below each other. */
const laid = computed(() => {
  let y = 0
  return rows.flatMap(row => {
    const ends: number[] = []
    const blocks = shown.value
      .filter(t => rowOf(t) === row.id && t.minutes > 0)
      .map(task => {
        let lane = ends.findIndex(end => end <= task.starts + 1e-6)
        if (lane < 0) lane = ends.length
        ends[lane] = task.ends
        return { task, lane }
      })
    if (!blocks.length) return []
    const at = { ...row, y, lanes: Math.max(1, ends.length), blocks }
    y += at.lanes * pitch + 10
    return [at]
  })
})
const height = computed(() => {
  const last = laid.value.at(-1)
  return last ? last.y + last.lanes * pitch : 40
})
const ovenAt = computed(() => top + (laid.value.find(r => r.id === 'oven')?.y ?? 0))
const hours = computed(() =>
  Array.from(
    { length: Math.ceil((to.value - from.value) / 30) },
    (_, i) => from.value + i * 30,
  ).filter(at => scale.value * 30 > 46 || at % 60 === 0),
)
const tone = (t: PlacedTask) => Math.max(0, props.bakes.indexOf(t.bake)) % 3
const says = (t: PlacedTask) =>
  `${t.short}, ${sayHour(t.starts)} to ` +
  `${sayHour(t.ends)}${t.hands ? '' : ', waits by itself'}. ${t.says} Arrow keys move it ` +
  'by five minutes.'
const wide = (t: PlacedTask) => Math.max(6, t.minutes * scale.value - 1.5)
const x = (t: PlacedTask) =>
  px(t.starts) + left + (dragging.value?.id === t.id ? dragging.value.by * scale.value : 0)
/**
 * What a block has room for: a word along it, or upright where it is narrow; nothing in a sliver. A
 * letter takes about so much, upright a little less.
 */
const letter = 6.9
const small = 6.2
const word = (t: PlacedTask): { readonly says: string; readonly upright: boolean } | null => {
  const room = wide(t) - 10
  const fits = (chars: number, text: string) => {
    if (text.length <= chars) return text
    return chars >= 4 ? `${text.slice(0, chars - 1).trimEnd()}…` : ''
  }
  if (room >= 4 * letter && (room >= t.short.length * letter || room > tall))
    return { says: fits(Math.floor(room / letter), t.short), upright: false }
  return wide(t) >= 13
    ? { says: fits(Math.floor((tall - 6) / small), t.short), upright: true }
    : null
}

const dragging = ref<{ readonly id: string; readonly x: number; by: number } | null>(null)
function grab(task: PlacedTask, event: PointerEvent) {
  if (event.button) return
  dragging.value = { id: task.id, x: event.clientX, by: 0 }
  ;(event.currentTarget as Element).setPointerCapture(event.pointerId)
}
function drag(event: PointerEvent) {
  if (dragging.value)
    dragging.value = {
      ...dragging.value,
      by: Math.round((event.clientX - dragging.value.x) / scale.value / 5) * 5,
    }
}
function drop(task: PlacedTask) {
  const by = dragging.value?.by ?? 0
  dragging.value = null
  if (by) emit('move', task, by)
}
function key(task: PlacedTask, event: KeyboardEvent) {
  const by = { ArrowLeft: -5, ArrowRight: 5 }[event.key]
  if (by === undefined) return
  event.preventDefault()
  emit('move', task, by)
}
</script>

<template>
  <div class="scroll" tabindex="0" role="group" aria-label="The day, drawn">
    <svg class="day" :width="px(to) + left + 10" :height="top + height">
      <g v-for="at in hours" :key="at" aria-hidden="true">
        <text class="hour" :x="px(at) + left" y="14">{{ sayHour(at) }}</text>
        <path class="line" :d="`M ${px(at) + left} 20 V ${top + height}`" />
      </g>
      <g v-for="heat in plan.preheats" :key="heat.at" class="heat">
        <title>heat the oven to {{ heat.celsius }} °C</title>
        <path :d="`M ${px(heat.at) + left} ${ovenAt} v ${tall} H ${px(heat.ready) + left}`" />
        <text :x="px(heat.at) + left + 4" :y="ovenAt + 13">{{ heat.celsius }}°</text>
      </g>
      <template v-for="row in laid" :key="row.id">
        <text class="row" x="0" :y="top + row.y + tall / 2 + 5">{{ row.says }}</text>
        <g
          v-for="{ task, lane } in row.blocks"
          :key="task.id"
          role="button"
          tabindex="0"
          class="block"
          :class="[
            row.id,
            `tone${tone(task)}`,
            { tight: plan.tight.includes(task.id), held: dragging?.id === task.id },
          ]"
          :style="{ transform: `translate(${x(task)}px, ${top + row.y + lane * pitch}px)` }"
          :aria-label="says(task)"
          @pointerdown="grab(task, $event)"
          @pointermove="drag"
          @pointerup="drop(task)"
          @pointercancel="dragging = null"
          @keydown="key(task, $event)"
        >
          <title>{{ sayHour(task.starts) }} {{ task.says }}</title>
          <rect :width="wide(task)" :height="tall" :rx="Math.min(10, wide(task) / 2)" />
          <text
            v-if="word(task)"
            :class="{ upright: word(task)!.upright }"
            :transform="
              word(task)!.upright
                ? `translate(${wide(task) / 2 + 4.5} ${tall - 4}) rotate(-90)`
                : `translate(6 ${tall / 2 + 4.5})`
            "
          >
            {{ word(task)!.says }}
          </text>
        </g>
      </template>
      <path class="serve" :d="`M ${px(plan.end) + left} 20 V ${top + height}`" />
    </svg>
  </div>
</template>

<style scoped>
.scroll {
  overflow-x: auto;
  padding-bottom: 6px;
}
.day {
  display: block;
  fill: var(--ink);
  font-size: 0.86rem;
}
.hour {
  font-size: 0.84rem;
  fill: var(--soft);
  text-anchor: middle;
}
.line {
  stroke: var(--line);
  stroke-width: 1;
}
.row {
  font-size: 0.92rem;
  fill: var(--soft);
}
.block {
  cursor: grab;
  touch-action: pan-y;
  outline: none;
}
.block rect {
  fill: var(--ginger-pale);
  stroke: var(--ginger);
  stroke-width: 1.5;
}
.block text {
  pointer-events: none;
  user-select: none;
}
.upright {
  font-size: 0.78rem;
}
.oven rect {
  fill: var(--beet-pale);
  stroke: var(--beet);
}
.fridge rect,
.freezer rect {
  fill: var(--slate-pale);
  stroke: var(--slate);
}
.counter rect,
.hob:not(.hands) rect {
  fill: var(--ground);
  stroke: var(--strand);
  stroke-dasharray: 4 3;
}
.tone1.hands rect {
  fill: var(--leaf-pale);
  stroke: var(--leaf);
}
.tone2.hands rect {
  fill: var(--slate-pale);
  stroke: var(--slate);
}
.block.tight rect {
  stroke-width: 3;
}
.block:focus-visible rect {
  stroke: var(--ink);
  stroke-width: 3;
  stroke-dasharray: none;
}
.held {
  cursor: grabbing;
}
.heat path {
  fill: none;
  stroke: var(--beet);
  stroke-width: 1.5;
  stroke-dasharray: 4 3;
}
.heat text {
  font-size: 0.78rem;
  fill: var(--beet);
}
.serve {
  stroke: var(--leaf);
  stroke-width: 3;
  stroke-linecap: round;
}
@media (prefers-reduced-motion: no-preference) {
  .block:not(.held) {
    transition: transform 0.2s;
  }
}
</style>
