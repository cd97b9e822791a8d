<script setup lang="ts">
/**
 * An amount that can be moved: typed, with the arrow keys, with − and +, or by dragging its unit
 * sideways. Grams in, grams out.
 */
const props = defineProps<{ grams: number; name: string; anew?: unknown }>()
const emit = defineEmits<{ nudge: [grams: number] }>()

const shown = (g: number) => (g >= 10 ? String(Math.round(g)) : String(Math.round(g * 10) / 10))
const typed = ref(shown(props.grams))
const wrong = ref('')
/** What was asked for last: an answer to something older does not overwrite it. */
let sent: number | null = null
watch(
  () => props.grams,
  grams => {
    if (sent !== null && Math.abs(grams - sent) > 0.05) return
    sent = null
    typed.value = shown(grams)
    wrong.value = ''
  },
)
/** Undone or worked out anew: whatever was asked for before is past. */
watch(
  () => props.anew,
  () => {
    sent = null
    typed.value = shown(props.grams)
    wrong.value = ''
  },
)

const step = computed(() => {
  if (props.grams >= 10) return 1
  return props.grams >= 2 ? 0.5 : 0.1
})
const most = 10_000
function move(to: number) {
  const grams = Math.min(Math.max(Math.round(to * 10) / 10, 0), most)
  typed.value = shown(grams)
  wrong.value = ''
  sent = grams
  emit('nudge', grams)
}
function commit() {
  if (typed.value.trim() === shown(props.grams)) return
  const grams = readDecimal(typed.value)
  if (grams === null || !Number.isFinite(grams) || grams < 0 || grams > most) {
    wrong.value = `“${typed.value}” is no weight between 0 and ${most} g`
    return
  }
  move(grams)
}
function key(event: KeyboardEvent) {
  const by = { ArrowUp: 1, ArrowDown: -1, PageUp: 10, PageDown: -10 }[event.key]
  if (by === undefined) {
    if (event.key === 'Enter') commit()
    else if (event.key === 'Escape') {
      typed.value = shown(props.grams)
      wrong.value = ''
    }
    return
  }
  event.preventDefault()
  move((readDecimal(typed.value) ?? props.grams) + by * step.value)
}

let from: { readonly x: number; readonly grams: number } | null = null
const dragging = ref(false)
function grab(event: PointerEvent) {
  from = { x: event.clientX, grams: props.grams }
  dragging.value = true
  ;(event.currentTarget as HTMLElement).setPointerCapture(event.pointerId)
}
const perPixel = 4
function drag(event: PointerEvent) {
  if (!from) return
  const to = from.grams + Math.round((event.clientX - from.x) / perPixel) * step.value
  if (Math.abs(to - Number(typed.value)) >= step.value / 2) move(Math.max(0, to))
}
function drop() {
  from = null
  dragging.value = false
}
</script>

<template>
  <span class="nudge" :class="{ dragging, wrong: Boolean(wrong) }">
    <button
      type="button"
      class="by less"
      :aria-label="`Less ${name}`"
      tabindex="-1"
      @click="move((readDecimal(typed) ?? grams) - step)"
    >
      −
    </button>
    <input
      v-model="typed"
      class="field"
      inputmode="decimal"
      role="spinbutton"
      :aria-valuenow="grams"
      aria-valuemin="0"
      :aria-label="`${name}, grams`"
      :aria-invalid="Boolean(wrong)"
      :title="wrong || 'Type, use the arrow keys, or drag the g'"
      @keydown="key"
      @blur="commit"
    />
    <span
      class="unit"
      aria-hidden="true"
      @pointerdown="grab"
      @pointermove="drag"
      @pointerup="drop"
      @pointercancel="drop"
      >g</span
    >
    <button
      type="button"
      class="by more"
      :aria-label="`More ${name}`"
      tabindex="-1"
      @click="move((readDecimal(typed) ?? grams) + step)"
    >
      +
    </button>
    <span v-if="wrong" class="says" role="alert">{{ wrong }}</span>
  </span>
</template>

<style scoped>
.nudge {
  display: inline-flex;
  align-items: center;
  position: relative;
  font-weight: 650;
}
.field {
  width: 4.1ch;
  min-height: 34px;
  text-align: right;
  background: none;
  border: 0;
  border-bottom: 1.5px dotted transparent;
  border-radius: 6px;
  color: inherit;
  font: inherit;
  font-variant-numeric: tabular-nums;
  padding: 0 2px;
}
.nudge:hover .field {
  border-bottom-color: var(--soft);
}
.unit {
  padding: 6px 2px 6px 3px;
  cursor: ew-resize;
  touch-action: none;
  user-select: none;
}
.dragging .unit {
  color: var(--ginger-ink);
}
.by {
  position: absolute;
  top: 0;
  width: 30px;
  height: 34px;
  font-size: 1.15rem;
  line-height: 1;
  color: var(--ink);
  cursor: pointer;
  opacity: 0;
  background: var(--ground);
}
.less {
  right: calc(100% + 30px);
  border-radius: 8px 0 0 8px;
}
.more {
  right: 100%;
  border-radius: 0 8px 8px 0;
}
.nudge:hover .by,
.nudge:focus-within .by {
  opacity: 1;
}
.by:hover {
  background: var(--ginger-pale);
}
.wrong .field {
  color: var(--beet);
  border-bottom-color: var(--beet);
}
.says {
  position: absolute;
  right: 0;
  top: 100%;
  z-index: 3;
  background: var(--sheet);
  border: 1.5px solid var(--beet);
  border-radius: 8px;
  padding: 3px 8px;
  font-weight: 400;
  font-size: 0.86rem;
  white-space: nowrap;
  color: var(--beet);
}
@media (pointer: coarse) {
  .by {
    position: static;
    opacity: 1;
    width: 44px;
    height: 44px;
    background: none;
  }
  .more {
    order: 1;
  }
  .field {
    min-height: 44px;
  }
}
</style>
