<script setup lang="ts">
import {
  BarController,
  BarElement,
  CategoryScale,
  Chart,
  Legend,
  LinearScale,
  Tooltip,
} from 'chart.js'
import type { Measure } from '#core/formula'
import { measureNames, type Plan } from '#core/swap'

/**
 * How far each plan moves each measure of the main part: 1 is the edge of the stretch that still is
 * this dessert.
 */
const props = defineProps<{ plans: readonly Plan[] }>()
Chart.register(BarController, BarElement, CategoryScale, LinearScale, Legend, Tooltip)
const canvas = useTemplateRef<HTMLCanvasElement>('canvas')
let chart: Chart | null = null

const all: readonly Measure[] = [
  'water',
  'fat',
  'solidFat',
  'sugar',
  'protein',
  'starch',
  'fibre',
  'lift',
  'acid',
  'bind',
  'set',
  'emulsify',
  'gluten',
]
const shown = computed(() => all.filter(m => props.plans[0]?.parts[0]?.matters.includes(m)))
const distance = (plan: Plan, m: Measure) => {
  const part = plan.parts[0]
  if (!part) return 0
  const change = part.after[m] - part.before[m]
  const [low, high] = part.bands[m]
  const room = change >= 0 ? high - part.before[m] : part.before[m] - low
  return room > 1e-9 ? Math.max(-3, Math.min(3, change / room)) : 0
}
const says = computed(() =>
  props.plans
    .map(
      plan =>
        `${plan.title}: ` +
        `${shown.value.map(m => `${measureNames[m]} ${distance(plan, m).toFixed(1)}`).join(', ')}`,
    )
    .join('. '),
)
function draw() {
  if (!canvas.value) return
  const style = getComputedStyle(canvas.value)
  const of = (name: string) => style.getPropertyValue(name).trim()
  const colours = [of('--ginger'), of('--leaf'), of('--slate'), of('--beet')]
  const data = {
    labels: shown.value.map(m => measureNames[m]),
    datasets: props.plans.map((plan, i) => ({
      label: plan.title,
      data: shown.value.map(m => distance(plan, m)),
      backgroundColor: colours[i % 4],
      borderRadius: 4,
    })),
  }
  Chart.defaults.font.family = style.fontFamily
  Chart.defaults.font.size = 14
  chart?.destroy()
  chart = new Chart(canvas.value, {
    type: 'bar',
    data,
    options: {
      animation: matchMedia('(prefers-reduced-motion: reduce)').matches ? false : { duration: 250 },
      maintainAspectRatio: false,
      scales: {
        y: {
          min: -3,
          max: 3,
          ticks: { stepSize: 1, color: of('--soft') },
          grid: {
            color: ctx => (Math.abs(Number(ctx.tick.value)) === 1 ? of('--leaf') : of('--line')),
          },
        },
        x: { ticks: { color: of('--ink') }, grid: { display: false } },
      },
      plugins: { legend: { labels: { color: of('--ink'), boxWidth: 14 } } },
    },
  })
}
onMounted(draw)
watch(() => props.plans, draw)
onBeforeUnmount(() => chart?.destroy())
</script>

<template>
  <figure>
    <div class="box"><canvas ref="canvas" role="img" :aria-label="says" /></div>
    <figcaption class="soft">
      Between the green lines it still is this dessert; 0 is the original.
    </figcaption>
  </figure>
</template>

<style scoped>
.box {
  height: 260px;
  position: relative;
}
figcaption {
  font-size: 0.92rem;
  padding-top: 4px;
}
</style>
