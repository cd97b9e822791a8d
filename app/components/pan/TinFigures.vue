<script setup lang="ts">
import { areaAt, brimful, wetted, type SizedUp } from '#core/pan'

/** What depth and time rest on: the tin's own figures and the batter's. */
const props = defineProps<{ up: SizedUp; at: SizedUp['tins'][number] }>()
const { size } = useSizing()
const round = (n: number) => Math.round(n).toLocaleString('en')
const percent = (share: number) => `${Math.round(100 * share)} %`

const ofTin = computed(() => {
  const { tin, depth } = props.at.filling
  const ml = `${round(brimful(tin))} ml`
  return [
    { name: 'to the brim', says: tin.measured ? `${ml}, measured with water` : ml },
    { name: 'ground', says: `${round(areaAt(tin, 0))} cm²` },
    {
      name: 'wetted by the batter',
      says: `${round(wetted(tin, Math.min(depth, tin.height)))} cm²`,
    },
  ]
})
const ofBatter = computed(() => {
  const { batter } = props.up
  if (!batter) return []
  const density = (Math.round(100 * batter.density) / 100).toLocaleString('en')
  const source = size.value.said?.density ? 'as you weighed it' : batter.row.source
  return [
    {
      name: 'full',
      says: `${percent(props.at.filling.full)}, usual for it ${percent(batter.row.fill)}`,
    },
    { name: 'density', says: `${density} g/ml ${source}` },
    { name: 'water in it', says: percent(batter.water) },
  ]
})
const ofOven = computed(() => {
  const { time } = props.at
  if (!time.ok || time.scale === null) return []
  const says = `${time.scale.toFixed(2)}; ordinary recipes 0.49–0.89`
  return [{ name: 'oven’s side, fitted', says }]
})
const rows = computed(() => [...ofTin.value, ...ofBatter.value, ...ofOven.value])
</script>

<template>
  <details class="figures">
    <summary>The figures</summary>
    <dl>
      <template v-for="row in rows" :key="row.name"
        ><dt>{{ row.name }}</dt>
        <dd>{{ row.says }}</dd></template
      >
    </dl>
  </details>
</template>

<style scoped>
.figures summary {
  cursor: pointer;
  min-height: 44px;
  display: flex;
  align-items: center;
  text-decoration: underline;
  text-underline-offset: 3px;
  color: var(--ginger-ink);
  font-size: 0.95rem;
}
.figures dl {
  display: grid;
  grid-template-columns: auto 1fr;
  gap: 2px 14px;
  font-size: 0.93rem;
  margin: 0;
}
.figures dt {
  color: var(--soft);
}
.figures dd {
  margin: 0;
}
</style>
