<script setup lang="ts">
import {
  CategoryScale,
  Chart,
  Legend,
  LineController,
  LineElement,
  LinearScale,
  PointElement,
  Tooltip,
  BarController,
  BarElement,
  type ChartConfiguration,
} from 'chart.js'
import { lexicon, profileOf, type Arm } from '#core/trial'

/** What was tasted, word by word: the arms beside each other, or each against the first. */
const props = defineProps<{ arms: readonly Arm[] }>()
Chart.register(
  LineController,
  LineElement,
  BarController,
  BarElement,
  PointElement,
  CategoryScale,
  LinearScale,
  Legend,
  Tooltip,
)
const canvas = useTemplateRef<HTMLCanvasElement>('canvas')
let chart: Chart | null = null
const way = ref<'profile' | 'difference'>('profile')

const profiles = computed(() =>
  props.arms.map(arm => ({ arm, of: profileOf(arm.record) })).filter(p => p.of.size),
)
const words = computed(() => lexicon.filter(row => profiles.value.some(p => p.of.has(row.id))))
const base = computed(() => profiles.value.find(p => p.arm === props.arms[0]))
const round = (n: number) => Math.round(10 * n) / 10
const says = computed(() =>
  profiles.value
    .map(
      p =>
        `${p.arm.letter}: ` +
        words.value
          .filter(w => p.of.has(w.id))
          .map(w => `${w.name} ${round(p.of.get(w.id)!.mean)}`)
          .join(', '),
    )
    .join('. '),
)
const signs = ['circle', 'rectRot', 'triangle', 'rect', 'star', 'cross'] as const
/** What every drawing of it shares: colours of the page, and words beside bars or points. */
function look(of: (name: string) => string) {
  const isStill = matchMedia('(prefers-reduced-motion: reduce)').matches
  return {
    animation: isStill ? (false as const) : { duration: 200 },
    maintainAspectRatio: false,
    indexAxis: 'y' as const,
    plugins: { legend: { labels: { color: of('--ink'), usePointStyle: true } } },
  }
}
type Drawn = { of: (name: string) => string; colour: (arm: Arm) => string }

/** Each arm's means as points. */
const asProfiles = ({ of, colour }: Drawn): ChartConfiguration<'line', (number | null)[]> => ({
  type: 'line',
  data: {
    labels: words.value.map(w => w.name),
    datasets: profiles.value.map(p => ({
      label: `${p.arm.letter} ${p.arm.says}`.slice(0, 40),
      data: words.value.map(w => p.of.get(w.id)?.mean ?? null),
      borderColor: colour(p.arm),
      backgroundColor: colour(p.arm),
      pointStyle: signs[props.arms.indexOf(p.arm) % 6],
      pointRadius: 7,
      borderWidth: 1.5,
      borderDash: [2, 4],
      spanGaps: true,
    })),
  },
  options: {
    ...look(of),
    scales: {
      x: {
        min: 0,
        max: 9,
        ticks: { stepSize: 3, color: of('--soft') },
        grid: { color: of('--line') },
      },
      y: { offset: true, ticks: { color: of('--ink') }, grid: { display: false } },
    },
  },
})
/** Each other arm's means less the first one's, as bars. */
const asDifferences = ({ of, colour }: Drawn): ChartConfiguration<'bar', (number | null)[]> => ({
  type: 'bar',
  data: {
    labels: words.value.map(w => w.name),
    datasets: profiles.value
      .filter(p => p !== base.value)
      .map(p => ({
        label: `${p.arm.letter} against ${base.value?.arm.letter ?? 'A'}`,
        data: words.value.map(w =>
          p.of.has(w.id) && base.value?.of.has(w.id)
            ? p.of.get(w.id)!.mean - base.value.of.get(w.id)!.mean
            : null,
        ),
        backgroundColor: colour(p.arm),
        borderRadius: 4,
      })),
  },
  options: {
    ...look(of),
    scales: {
      x: {
        min: -9,
        max: 9,
        ticks: {
          stepSize: 3,
          color: of('--soft'),
          callback: v => (Number(v) > 0 ? `+${v}` : String(v)),
        },
        grid: { color: ctx => (Number(ctx.tick.value) === 0 ? of('--ink') : of('--line')) },
      },
      y: { ticks: { color: of('--ink') }, grid: { display: false } },
    },
  },
})
function draw() {
  if (!canvas.value || !words.value.length) return
  const style = getComputedStyle(canvas.value)
  const of = (name: string) => style.getPropertyValue(name).trim()
  const colours = ['--ink', '--ginger', '--leaf', '--beet', '--slate', '--soft'].map(of)
  Chart.defaults.font.family = style.fontFamily
  Chart.defaults.font.size = 14
  chart?.destroy()
  const drawn = { of, colour: (arm: Arm) => colours[props.arms.indexOf(arm) % 6]! }
  chart =
    way.value === 'profile'
      ? new Chart(canvas.value, asProfiles(drawn))
      : new Chart(canvas.value, asDifferences(drawn))
}
onMounted(draw)
watch([() => props.arms, way], () => nextTick(draw))
onBeforeUnmount(() => chart?.destroy())
const few = computed(() =>
  Math.max(0, ...profiles.value.flatMap(p => [...p.of.values()].map(v => v.count))),
)
</script>

<template>
  <figure>
    <div class="row no-print" role="group" aria-label="What is drawn">
      <button type="button" class="chip" :aria-pressed="way === 'profile'" @click="way = 'profile'">
        profiles</button
      ><button
        type="button"
        class="chip"
        :aria-pressed="way === 'difference'"
        :disabled="!base || profiles.length < 2"
        @click="way = 'difference'"
      >
        against {{ arms[0]!.letter }}
      </button>
    </div>
    <div class="box" :style="{ height: `${90 + 34 * words.length}px` }">
      <canvas ref="canvas" role="img" :aria-label="says" />
    </div>
    <figcaption class="soft">
      Means of at most {{ few }} {{ few === 1 ? 'taster' : 'tasters' }}, 0 to 9. Words that nobody
      scored are left out; such means are impressions, the blind tasting is the test.
    </figcaption>
  </figure>
</template>

<style scoped>
figure {
  margin: 0;
  width: 100%;
  display: grid;
  gap: 8px;
  min-width: 0;
}
.box {
  position: relative;
  min-width: 0;
}
.row {
  display: flex;
  gap: 8px;
}
.chip {
  min-height: 44px;
  padding: 0 16px;
  border-radius: 22px;
  border: 1.5px solid var(--line);
  cursor: pointer;
}
.chip[aria-pressed='true'] {
  background: var(--ginger-pale);
  border-color: var(--ginger);
}
.chip:disabled {
  opacity: 0.45;
  cursor: default;
}
</style>
