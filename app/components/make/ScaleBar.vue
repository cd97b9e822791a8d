<script setup lang="ts">
import type { Fault, ScaleReading } from '#core/make'
import { simulatedScale, type KitchenScale } from '~/ports/kitchenScale'
import type { DeviceState } from '~/ports/eventLine'

/**
 * The kitchen scale beside what is to be weighed: a bar to the wanted weight. Where it is silent or
 * talks nonsense, hands go on without it.
 */
const props = defineProps<{ wanted: number | null }>()
const reading = defineModel<ScaleReading | null>({ required: true })
const emit = defineEmits<{ off: [] }>()
const state = ref<DeviceState>('calling')
const where = ref<'server' | 'browser'>('server')
const fault = ref<Fault>('none')
const faultWords: Readonly<Record<Fault, string>> = {
  none: 'as it should be',
  garbage: 'sends nonsense',
  silence: 'falls silent',
  drop: 'loses its line',
}
const said: Readonly<Record<DeviceState, string>> = {
  calling: 'Calling the scale …',
  here: '',
  garbled: 'The scale sends nonsense. Type the weight, or go by spoons.',
  silent: 'The scale says nothing any more. Type the weight, or go by spoons; it is listened for.',
  lost: 'The scale cannot be reached. Type the weight, or go by spoons; it is called again.',
}
let scale: KitchenScale | null = null
function connect() {
  scale?.close()
  state.value = 'calling'
  reading.value = null
  scale = simulatedScale(
    {
      reading: r => {
        reading.value = r
      },
      state: (s, w) => {
        state.value = s
        where.value = w
        if (s !== 'here') reading.value = null
      },
    },
    fault.value,
  )
}
watch(fault, connect)
onMounted(connect)
onBeforeUnmount(() => {
  scale?.close()
  reading.value = null
})
const zero = () => scale?.zero()
defineExpose({ zero })

const share = computed(() =>
  props.wanted && reading.value
    ? Math.min(1.25, Math.max(0, reading.value.grams / props.wanted))
    : 0,
)
/** A hand that pours: quick for much, slow for little. */
const pouring = ref(false)
const hold = () => {
  pouring.value = true
  scale?.pour?.(Math.min(60, Math.max(0.8, (props.wanted ?? 100) / 5)))
}
const letGo = () => {
  if (pouring.value) {
    pouring.value = false
    scale?.pour?.(0)
  }
}
</script>

<template>
  <div class="scale">
    <div
      v-if="wanted"
      class="bar"
      role="img"
      :aria-label="
        reading
          ? `${Math.round(reading.grams)} of ${sayGrams(wanted)} g on the scale`
          : 'no weight from the scale'
      "
    >
      <div class="fill" :class="{ much: share > 1.03 }" :style="{ width: `${share * 80}%` }" />
      <div class="goal" />
    </div>
    <p v-if="said[state]" class="state" role="status">{{ said[state] }}</p>
    <div class="acts">
      <button type="button" class="knuckle ghost" :disabled="state !== 'here'" @click="zero">
        Zero the scale
      </button>
      <button
        type="button"
        class="knuckle sim"
        :disabled="state !== 'here'"
        :aria-pressed="pouring"
        @pointerdown="hold"
        @pointerup="letGo"
        @pointerleave="letGo"
        @pointercancel="letGo"
        @keydown.space.prevent="e => !e.repeat && hold()"
        @keyup.space.prevent="letGo"
        @blur="letGo"
        @contextmenu.prevent
      >
        Hold to pour
      </button>
    </div>
    <details class="sim-note">
      <summary>
        The scale is simulated{{
          where === 'browser' ? ', in this browser: no server answers' : ''
        }}
      </summary>
      <label
        >It
        <select v-model="fault" class="input" aria-label="How the simulated scale behaves">
          <option v-for="(says, id) in faultWords" :key="id" :value="id">{{ says }}</option>
        </select></label
      >
      <button type="button" class="knuckle ghost" @click="scale?.empty()">
        Everything off the scale
      </button>
      <button type="button" class="knuckle ghost" @click="emit('off')">Go on without it</button>
    </details>
  </div>
</template>

<style scoped>
.scale {
  display: grid;
  gap: 10px;
}
.bar {
  position: relative;
  height: 34px;
  border-radius: 17px;
  background: var(--line);
  overflow: hidden;
}
.fill {
  height: 100%;
  background: var(--ginger);
  border-radius: 17px;
  transition: width 0.15s linear;
}
.fill.much {
  background: var(--beet);
}
.goal {
  position: absolute;
  left: calc(80% - 7px);
  top: 0;
  bottom: 0;
  width: 14px;
  background: var(--leaf-pale);
  border: 2.5px solid var(--leaf);
  border-width: 0 2.5px;
}
.state {
  color: var(--slate);
  font-weight: 600;
}
.acts {
  display: flex;
  gap: 10px;
}
.acts > * {
  flex: 1;
}
.sim {
  border: 2px dashed var(--slate);
  color: var(--slate);
  touch-action: none;
  user-select: none;
}
.sim[aria-pressed='true'] {
  background: var(--slate-pale);
}
.sim-note summary {
  min-height: 44px;
  display: inline-flex;
  align-items: center;
  cursor: pointer;
  color: var(--slate);
  border: 1.5px dashed var(--slate);
  border-radius: 22px;
  padding: 0 14px;
  font-size: 0.9rem;
  list-style: none;
}
.sim-note[open] {
  display: grid;
  gap: 8px;
}
.sim-note label {
  display: flex;
  align-items: center;
  gap: 8px;
  padding-top: 8px;
}
.sim-note .input {
  width: auto;
  min-height: 64px;
}
</style>
