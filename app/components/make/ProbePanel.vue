<script setup lang="ts">
import { reaches, remaining, type Fault, type Felt, type Timer, type Warmth } from '#core/make'
import { simulatedProbe, type OvenProbe } from '~/ports/ovenProbe'
import type { DeviceState } from '~/ports/eventLine'

/**
 * A probe in the middle of what bakes: how warm it is, and how much longer it takes as the readings
 * come in.
 */
const props = defineProps<{
  timer: Timer
  warming: Warmth
  felt: readonly Felt[]
  likely: number
  now: number
}>()
const emit = defineEmits<{ felt: [celsius: number]; set: [minutes: number] }>()
const on = ref(false)
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
  calling: 'Calling the probe …',
  here: '',
  garbled: 'The probe sends nonsense: go by the timer and a skewer.',
  silent: 'The probe says nothing any more: go by the timer and a skewer.',
  lost: 'The probe cannot be reached: go by the timer and a skewer. It is called again.',
}
const live = shallowRef<readonly Felt[]>([])
const all = computed(() => [...props.felt, ...live.value])
const left = computed(() => remaining(props.warming, all.value))
const togo = computed(() =>
  left.value ? Math.max(0, left.value.total - (props.now - props.timer.begun)) : 0,
)

/** “slower than”, “quicker than” or “as quick as” it was worked out; within 2 % it is as quick. */
const pace = (stretch: number) => {
  if (Math.abs(stretch - 1) <= 0.02) return 'as quick as'
  return stretch > 1 ? 'slower than' : 'quicker than'
}

/** At which share of its time the middle is expected to be half warm. */
const half = () => {
  const { warming } = props
  const at = reaches(warming, (warming.coldest[0]! + warming.finish) / 2)
  const all = reaches(warming, warming.finish)
  return at && all ? at / all : 0.6
}
let probe: OvenProbe | null = null
let kept = -Infinity
/** Kept now and then, so that a reload loses nothing and the log stays short. */
const apart = 0.5
function connect() {
  probe?.close()
  state.value = 'calling'
  on.value = true
  probe = simulatedProbe(
    {
      seed: Math.round(props.timer.begun) % 100_000,
      start: props.warming.coldest[0] ?? 20,
      finish: props.warming.finish,
      likely: props.likely,
      half: half(),
    },
    props.timer.begun * 60_000,
    {
      reading: celsius => {
        const minutes = Date.now() / 60_000 - props.timer.begun
        live.value = [...live.value.slice(-400), { minutes, celsius }]
        if (minutes - kept >= apart) {
          kept = minutes
          emit('felt', celsius)
        }
      },
      state: (s, w) => {
        state.value = s
        where.value = w
      },
    },
    fault.value,
  )
}
watch(fault, connect)
function off() {
  probe?.close()
  probe = null
  on.value = false
}
onBeforeUnmount(off)

const [wide, high] = [300, 92]
const end = computed(() => Math.max(props.warming.minutes.at(-1)!, left.value?.total ?? 0))
const point = (minutes: number, celsius: number) =>
  `${((minutes / end.value) * wide).toFixed(1)},${(high - (celsius / 110) * high).toFixed(1)}`
const expected = computed(() =>
  props.warming.minutes.map((m, n) => point(m, props.warming.coldest[n]!)).join(' '),
)
const shown = computed(() =>
  all.value.filter((_, n, every) => n % Math.ceil(every.length / 120) === 0),
)
</script>

<template>
  <section class="probe" aria-label="Probe">
    <button v-if="!on && !felt.length" type="button" class="knuckle ghost" @click="connect">
      Put a probe in (simulated)
    </button>
    <template v-else>
      <div class="head">
        <p class="warm">
          <b>{{ left ? `${Math.round(left.celsius)} °C` : '… °C' }}</b> in the middle, done at
          {{ Math.round(warming.finish) }}
        </p>
        <p v-if="left" class="togo" role="status">
          <template v-if="left.left === 0">It is warm enough right through.</template
          ><template v-else
            >about <b>{{ Math.max(1, Math.round(togo)) }} min</b> more ({{
              Math.max(0, Math.round(left.window[0] - (now - timer.begun)))
            }}–{{ Math.max(1, Math.round(left.window[1] - (now - timer.begun))) }})</template
          >
        </p>
      </div>
      <svg
        :viewBox="`0 0 ${wide} ${high}`"
        class="curve"
        role="img"
        :aria-label="left ? `Warming so far ${pace(left.stretch)} worked out` : 'No reading yet'"
      >
        <line
          x1="0"
          :x2="wide"
          :y1="high - (warming.finish / 110) * high"
          :y2="high - (warming.finish / 110) * high"
          stroke="var(--leaf)"
          stroke-width="2"
          stroke-dasharray="5 4"
        />
        <polyline
          :points="expected"
          fill="none"
          stroke="var(--strand)"
          stroke-width="5"
          stroke-linecap="round"
        />
        <circle
          v-for="(f, n) in shown"
          :key="n"
          :cx="point(f.minutes, f.celsius).split(',')[0]"
          :cy="point(f.minutes, f.celsius).split(',')[1]"
          r="2.6"
          fill="var(--ginger)"
        />
      </svg>
      <p v-if="on && said[state]" class="state" role="status">{{ said[state] }}</p>
      <button
        v-if="left && left.left > 0 && Math.abs(timer.begun + left.total - timer.ends) >= 2"
        type="button"
        class="knuckle ghost"
        @click="emit('set', timer.begun + left.total - timer.ends)"
      >
        Set the timer to {{ sayHour(timer.begun + left.total) }}
      </button>
      <details class="sim-note">
        <summary>
          The probe is simulated{{ where === 'browser' ? ', in this browser' : ''
          }}{{ on ? '' : ', and out' }}
        </summary>
        <label
          >It
          <select v-model="fault" class="input" aria-label="How the simulated probe behaves">
            <option v-for="(says, id) in faultWords" :key="id" :value="id">{{ says }}</option>
          </select></label
        >
        <button type="button" class="knuckle ghost" @click="on ? off() : connect()">
          {{ on ? 'Take it out' : 'Put it in again' }}
        </button>
      </details>
    </template>
  </section>
</template>

<style scoped>
.probe {
  display: grid;
  gap: 8px;
}
.head {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 16px;
  align-items: baseline;
}
.warm b {
  font-size: 1.5rem;
}
.curve {
  width: 100%;
  height: auto;
  max-width: 460px;
}
.state {
  color: var(--slate);
  font-weight: 600;
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
