<script setup lang="ts">
/** What was measured of it: figures that tell causes apart, each within what can be. */
const typed = defineModel<Readonly<Record<string, number>>>({ required: true })
const figures = [
  { id: 'rested', says: 'cooled before it was cut', unit: 'min', least: 0, most: 4000 },
  { id: 'waited', says: 'stood between mixing and oven', unit: 'min', least: 0, most: 1000 },
  { id: 'minutes', says: 'was in the oven', unit: 'min', least: 0, most: 600 },
  { id: 'core', says: 'its middle when it came out', unit: '°C', least: 0, most: 130 },
  { id: 'before', says: 'weighed before the oven', unit: 'g', least: 0, most: 20_000 },
  { id: 'after', says: 'weighed after it', unit: 'g', least: 0, most: 20_000 },
] as const
const wrong = ref('')
const count = computed(() => Object.keys(typed.value).length)
function figure(row: (typeof figures)[number], text: string) {
  const { [row.id]: _, ...rest } = typed.value
  const n = text.trim() ? readDecimal(text) : undefined
  const isRefused = n === null || (n !== undefined && !(n >= row.least && n <= row.most))
  wrong.value = isRefused
    ? `“${text}” is no figure for “${row.says}”: ${row.least} to ${row.most} ${row.unit}.`
    : ''
  if (!isRefused) typed.value = n === undefined ? rest : { ...rest, [row.id]: n }
}
</script>

<template>
  <details class="figures">
    <summary>What was measured{{ count ? `: ${count}` : '' }}</summary>
    <div class="grid">
      <label v-for="f in figures" :key="f.id"
        >{{ f.says }}, {{ f.unit
        }}<TypedField
          :shown="typed[f.id] ?? ''"
          inputmode="decimal"
          @typed="text => figure(f, text)"
      /></label>
    </div>
    <p v-if="wrong" class="wrong" role="alert">{{ wrong }}</p>
  </details>
</template>

<style scoped>
label {
  display: grid;
  gap: 3px;
  font-size: 0.96rem;
}
.figures summary {
  min-height: 44px;
  display: flex;
  align-items: center;
  cursor: pointer;
  text-decoration: underline;
  text-underline-offset: 3px;
}
.grid {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(170px, 1fr));
  gap: 10px;
  align-items: end;
}
.wrong {
  color: var(--beet);
}
</style>
