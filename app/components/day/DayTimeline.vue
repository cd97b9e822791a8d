<script setup lang="ts">
import type { DayPlan, PlacedTask } from '#core'

/** The day drawn: what hands do, what is in the oven, what stands cold, what waits; a block can be dragged, or moved with the arrow keys. */
const props = defineProps<{ plan: Extract<DayPlan, { ok: true }>, bakes: readonly string[] }>()
const emit = defineEmits<{ move: [task: PlacedTask, by: number] }>()

const shown = computed(() => props.plan.tasks.filter(t => t.kind !== 'serve' && !t.evening))
const from = computed(() => Math.floor((Math.min(...shown.value.map(t => t.starts), ...props.plan.preheats.map(h => h.at), props.plan.end - 30) - 5) / 30) * 30)
const to = computed(() => Math.ceil((props.plan.end + 5) / 30) * 30)
const scale = computed(() => Math.max(2.4, Math.min(5, 1000 / (to.value - from.value))))
const px = (at: number) => (at - from.value) * scale.value
const rows = [{ id: 'hands', says: 'hands' }, { id: 'oven', says: 'oven' }, { id: 'cold', says: 'cold' }, { id: 'waits', says: 'waits' }] as const
const rowOf = (t: PlacedTask) => t.hands ? 'hands' : t.place === 'oven' ? 'oven' : t.place === 'fridge' || t.place === 'freezer' ? 'cold' : 'waits'
/** Blocks that overlap lie below each other. */
const laid = computed(() => {
  let y = 0
  return rows.flatMap((row) => {
    const ends: number[] = []
    const blocks = shown.value.filter(t => rowOf(t) === row.id && t.minutes > 0).map((task) => {
      let lane = ends.findIndex(end => end <= task.starts + 1e-6)
      if (lane < 0) lane = ends.length
      ends[lane] = task.ends
      return { task, lane }
    })
    if (!blocks.length) return []
    const at = { ...row, y, lanes: Math.max(1, ends.length), blocks }
    y += at.lanes * 46 + 10
    return [at]
  })
})
const height = computed(() => { const last = laid.value.at(-1); return last ? last.y + last.lanes * 46 + 26 : 40 })
const hours = computed(() => Array.from({ length: Math.ceil((to.value - from.value) / 30) }, (_, i) => from.value + i * 30).filter(at => scale.value * 30 > 46 || at % 60 === 0))
const tone = (t: PlacedTask) => Math.max(0, props.bakes.indexOf(t.bake)) % 3
const says = (t: PlacedTask) => `${t.short}, ${sayHour(t.starts)} to ${sayHour(t.ends)}${t.hands ? '' : ', waits by itself'}. ${t.says} Arrow keys move it by five minutes.`

const dragging = ref<{ readonly id: string, readonly x: number, by: number } | null>(null)
function grab(task: PlacedTask, event: PointerEvent) {
  if (event.button) return
  dragging.value = { id: task.id, x: event.clientX, by: 0 }
  ;(event.currentTarget as Element).setPointerCapture(event.pointerId)
}
function drag(event: PointerEvent) { if (dragging.value) dragging.value = { ...dragging.value, by: Math.round((event.clientX - dragging.value.x) / scale.value / 5) * 5 } }
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
    <div class="day" :style="{ width: `${px(to) + 74}px`, height: `${height + 22}px` }">
      <template v-for="at in hours" :key="at"><span class="hour" :style="{ left: `${px(at) + 64}px` }">{{ sayHour(at) }}</span><span class="line" :style="{ left: `${px(at) + 64}px`, height: `${height}px` }" /></template>
      <span v-for="heat in plan.preheats" :key="heat.at" class="heat" :style="{ left: `${px(heat.at) + 64}px`, width: `${px(heat.ready) - px(heat.at)}px`, top: `${22 + (laid.find(r => r.id === 'oven')?.y ?? 0)}px` }" :title="`heat the oven to ${heat.celsius} °C`">{{ heat.celsius }}°</span>
      <template v-for="row in laid" :key="row.id">
        <span class="row soft" :style="{ top: `${row.y + 34}px` }">{{ row.says }}</span>
        <button
          v-for="{ task, lane } in row.blocks" :key="task.id" type="button" class="block" :class="[row.id, `tone${tone(task)}`, { tight: plan.tight.includes(task.id), held: dragging?.id === task.id }]"
          :style="{ left: `${px(task.starts) + 64 + (dragging?.id === task.id ? dragging.by * scale : 0)}px`, width: `${Math.max(6, task.minutes * scale - 1.5)}px`, top: `${22 + row.y + lane * 46}px` }"
          :aria-label="says(task)" :title="`${sayHour(task.starts)} ${task.says}`" @pointerdown="grab(task, $event)" @pointermove="drag" @pointerup="drop(task)" @pointercancel="dragging = null" @keydown="key(task, $event)"
        ><span v-if="task.minutes * scale > 46">{{ task.short }}</span></button>
      </template>
      <span class="serve" :style="{ left: `${px(plan.end) + 64}px`, height: `${height}px` }" />
    </div>
  </div>
</template>

<style scoped>
.scroll { overflow-x: auto; padding-bottom: 6px; }
.day { position: relative; min-width: 100%; }
.hour { position: absolute; top: 0; font-size: 0.84rem; color: var(--soft); transform: translateX(-50%); }
.line { position: absolute; top: 20px; width: 1px; background: var(--line); }
.row { position: absolute; left: 0; font-size: 0.92rem; background: var(--sheet); }
.block { position: absolute; height: 44px; border-radius: 10px; overflow: hidden; text-align: left; padding: 0 6px; font-size: 0.86rem; line-height: 1.1; cursor: grab; border: 1.5px solid var(--ginger); background: var(--ginger-pale); touch-action: pan-y; }
.block span { display: block; overflow: hidden; text-overflow: ellipsis; }
.block.hands { background: var(--ginger-pale); }
.block.oven { border-color: var(--beet); background: var(--beet-pale); }
.block.cold { border-color: var(--slate); background: var(--slate-pale); }
.block.waits { border-color: var(--strand); background: var(--ground); border-style: dashed; }
.tone1.hands { border-color: var(--leaf); background: var(--leaf-pale); }
.tone2.hands { border-color: var(--slate); background: var(--slate-pale); }
.block.tight { border-width: 2.5px; }
.held { cursor: grabbing; z-index: 3; }
.heat { position: absolute; height: 44px; border-left: 1.5px dashed var(--beet); border-bottom: 1.5px dashed var(--beet); font-size: 0.78rem; color: var(--beet); padding-left: 3px; overflow: hidden; white-space: nowrap; }
.serve { position: absolute; top: 20px; width: 3px; background: var(--leaf); border-radius: 2px; }
@media (prefers-reduced-motion: no-preference) { .block:not(.held) { transition: left 0.2s, width 0.2s; } }
</style>
