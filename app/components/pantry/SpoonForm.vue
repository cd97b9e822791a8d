<script setup lang="ts">
import { spoonFrom, type Ingredient, type SpoonReading } from '#core/pantry'

/** Level measures put on a scale: what one of them weighs, compared with the table, and kept. */
const props = defineProps<{ rows: readonly Ingredient[] }>()
const house = useHouseStore()
const restock = useRestock()
const items = computed(() =>
  props.rows
    .filter(item => Object.keys(item.density).length || item.kind !== 'egg')
    .map(item => ({ value: item.id, label: item.name }))
    .sort((a, b) => a.label.localeCompare(b.label)),
)
const ingredient = ref<string>()
const unit = ref('tbsp')
const count = ref('5')
const grams = ref('')
useDraft('spoon', reactive({ ingredient, unit, count, grams }))
const isTried = ref(false)
const item = computed(() => props.rows.find(row => row.id === ingredient.value))
const reading = computed<SpoonReading | null>(() => {
  if (!item.value) return null
  return spoonFrom(
    item.value,
    unit.value,
    readDecimal(count.value) ?? 0,
    readDecimal(grams.value) ?? 0,
  )
})
const problem = computed(() => {
  if (!isTried.value) return ''
  if (!reading.value) return 'Choose what was weighed.'
  return reading.value.ok ? '' : reading.value.sentence
})
/** By what share it lies outside of what the table says: above zero heavier, below lighter. */
const outside = (weighs: number, [low, high]: readonly [number, number]) => {
  if (weighs > high) return weighs / high - 1
  return weighs < low ? weighs / low - 1 : 0
}
/** A smaller share is no difference. */
const negligible = 0.01
const says = computed(() => {
  const found = reading.value
  if (!found?.ok) return ''
  const { spoon, table } = found
  const one = `One ${spoonName(spoon.unit)} of it weighs ${spoonGrams(spoon.grams)} g.`
  if (!table) return `${one} The pantry did not know.`
  const [low, high] = table.map(spoonGrams) as [number, number]
  const known = high > low ? `${low}–${high} g` : `${low} g`
  const by = outside(spoon.grams, table)
  if (Math.abs(by) < negligible) return `${one} The pantry says ${known}.`
  const how = by > 0 ? 'heavier' : 'lighter'
  return `${one} The pantry says ${known}; yours is ${Math.round(100 * Math.abs(by))} % ${how}.`
})

async function keep() {
  isTried.value = true
  const found = reading.value
  if (!found?.ok) return
  const { spoon } = found
  const others = house.stock.spoons.filter(
    s => s.ingredient !== spoon.ingredient || s.unit !== spoon.unit,
  )
  await restock(
    { ...house.stock, spoons: [...others, spoon] },
    `Your ${spoonName(spoon.unit)} of ${item.value?.name ?? spoon.ingredient} counts from now on.`,
  )
  isTried.value = false
  grams.value = ''
  ingredient.value = undefined
}
</script>

<template>
  <form class="sheet form" @submit.prevent="keep">
    <div class="row">
      <label class="count"
        ><span>I weighed</span
        ><input
          v-model="count"
          class="input"
          inputmode="decimal"
          aria-label="How many level measures"
      /></label>
      <div class="what">
        <span>level</span
        ><USelectMenu
          v-model="unit"
          :items="spoonUnits"
          value-key="value"
          aria-label="Which measure"
          class="wide"
          :search-input="false"
        />
      </div>
      <div class="of">
        <span>of</span
        ><USelectMenu
          v-model="ingredient"
          :items="items"
          value-key="value"
          placeholder="oil, flour, sugar …"
          aria-label="What was weighed"
          class="wide"
          :search-input="{ placeholder: 'rapeseed oil, cocoa …' }"
        />
      </div>
      <label class="count"
        ><span>the scale said</span
        ><span class="g"
          ><input
            v-model="grams"
            class="input"
            inputmode="decimal"
            aria-label="Grams on the scale"
          />
          g</span
        ></label
      >
    </div>
    <p v-if="problem" class="problem" role="alert">{{ problem }}</p>
    <p v-else-if="says" role="status">{{ says }}</p>
    <UButton type="submit" size="xl" color="neutral" class="go" icon="i-lucide-scale"
      >Keep this weight</UButton
    >
    <p class="soft small">
      Weigh five or ten at once: a kitchen scale is right to a gram or two, so one spoon alone says
      little.
    </p>
  </form>
</template>

<style scoped>
.form,
.list {
  padding: 20px 22px;
  display: grid;
  gap: 14px;
}
.row {
  display: flex;
  gap: 14px;
  flex-wrap: wrap;
  align-items: end;
}
.row span {
  font-weight: 600;
  font-size: 0.95rem;
}
.row > * {
  display: grid;
  gap: 4px;
}
.count {
  width: 110px;
}
.what {
  width: 170px;
}
.of {
  flex: 1 1 220px;
  min-width: 0;
}
.wide {
  width: 100%;
}
.g {
  display: flex;
  align-items: center;
  gap: 6px;
  font-weight: 400;
}
.go {
  justify-self: start;
}
.small {
  font-size: 0.92rem;
}
.problem {
  color: var(--beet);
  font-weight: 600;
}
</style>
