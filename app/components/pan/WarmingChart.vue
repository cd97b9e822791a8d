<script setup lang="ts">
import {
  Chart,
  Filler,
  LineController,
  LineElement,
  LinearScale,
  PointElement,
  type ChartDataset,
} from 'chart.js'
import type { BakeTime } from '#core/pan'

/** How the coldest place of the batter warms, with the window in which it is done. */
const props = defineProps<{ time: BakeTime }>()
Chart.register(LineController, LineElement, PointElement, LinearScale, Filler)
const canvas = useTemplateRef<HTMLCanvasElement>('canvas')
let chart: Chart | null = null

const says = computed(() => {
  const w = props.time.warming
  if (!w) return ''
  const at = (minute: number) => {
    const i = w.minutes.findIndex(m => m >= minute)
    return Math.round(w.coldest[i < 0 ? w.coldest.length - 1 : i]!)
  }
  const quarter = props.time.likely / 4
  return (
    'Coldest place in the middle: ' +
    `${[1, 2, 3].map(n => `${at(n * quarter)} °C after ${Math.round(n * quarter)} minutes`).join(', ')}, ` +
    `${w.finish} °C after ${Math.round(props.time.likely)}.`
  )
})
function draw() {
  const w = props.time.warming
  if (!canvas.value || !w) return
  const style = getComputedStyle(canvas.value)
  const of = (name: string) => style.getPropertyValue(name).trim()
  Chart.defaults.font.family = style.fontFamily
  Chart.defaults.font.size = 14
  const [from, to] = props.time.minutes
  const end = Math.max(to * 1.05, w.minutes.at(-1)!)
  const line = (data: { x: number; y: number }[], more: Partial<ChartDataset<'line'>>) =>
    ({ data, pointRadius: 0, borderWidth: 2.5, ...more }) as ChartDataset<'line'>
  chart?.destroy()
  chart = new Chart(canvas.value, {
    type: 'line',
    data: {
      datasets: [
        line(
          w.minutes.map((m, i) => ({ x: m, y: w.coldest[i]! })),
          { borderColor: of('--ginger'), tension: 0.25 },
        ),
        line(
          [
            { x: 0, y: w.finish },
            { x: end, y: w.finish },
          ],
          { borderColor: of('--leaf'), borderWidth: 1.5, borderDash: [5, 4] },
        ),
        line(
          [
            { x: from, y: 110 },
            { x: to, y: 110 },
          ],
          { borderWidth: 0, fill: 'start', backgroundColor: of('--leaf-pale') },
        ),
      ],
    },
    options: {
      animation: matchMedia('(prefers-reduced-motion: reduce)').matches ? false : { duration: 200 },
      maintainAspectRatio: false,
      events: [],
      scales: {
        x: {
          type: 'linear',
          min: 0,
          max: Math.ceil(end / 5) * 5,
          title: { display: true, text: 'minutes', color: of('--soft') },
          ticks: { color: of('--soft'), maxTicksLimit: 7 },
          grid: { display: false },
        },
        y: {
          min: 0,
          max: 110,
          ticks: { stepSize: 25, color: of('--soft'), callback: value => `${value}°` },
          grid: { color: of('--line') },
        },
      },
      plugins: { legend: { display: false }, tooltip: { enabled: false } },
    },
  })
}
onMounted(draw)
watch(() => props.time, draw)
onBeforeUnmount(() => chart?.destroy())
</script>

<template>
  <figure>
    <div class="box"><canvas ref="canvas" role="img" :aria-label="says" /></div>
    <figcaption class="soft">The coldest place of the batter; green is when it is done.</figcaption>
  </figure>
</template>

<style scoped>
figure {
  margin: 0;
}
.box {
  height: 168px;
  position: relative;
}
figcaption {
  font-size: 0.9rem;
  padding-top: 2px;
}
</style>
