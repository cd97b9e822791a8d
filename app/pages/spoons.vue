<script setup lang="ts">
import { unitById } from '#core/measure'
import { spoonFrom, type Ingredient, type SpoonReading } from '#core/pantry'

const house = useHouseStore()
const undo = useTakeBack()
useHead({ title: 'Your own spoons' })

const rows = shallowRef<readonly Ingredient[]>([])
watch(
  () => house.stock,
  async () => {
    await house.start()
    rows.value = await useCore().pantry()
  },
  { immediate: true },
)
const items = computed(() =>
  rows.value
    .filter(i => Object.keys(i.density).length || i.kind !== 'egg')
    .map(i => ({ value: i.id, label: i.name }))
    .sort((a, b) => a.label.localeCompare(b.label)),
)
const byId = computed(() => new Map(rows.value.map(i => [i.id, i])))
const nameOf = (id: string) => byId.value.get(id)?.name ?? id
const units = ['tsp', 'dsp', 'tbsp', 'cup', 'ladle', 'fl-oz'].flatMap(id => {
  const unit = unitById(id)
  return unit?.kind === 'volume' ? [{ value: unit.id, label: unit.names[0]! }] : []
})
const unitName = (id: string) => unitById(id)?.names[0] ?? id

const ingredient = ref<string>()
const unit = ref('tbsp')
const count = ref('5')
const grams = ref('')
const tried = ref(false)
const reading = computed<SpoonReading | null>(() => {
  const item = ingredient.value ? byId.value.get(ingredient.value) : undefined
  return item
    ? spoonFrom(item, unit.value, readDecimal(count.value) ?? 0, readDecimal(grams.value) ?? 0)
    : null
})
const problem = computed(() =>
  !tried.value
    ? ''
    : !reading.value
      ? 'Choose what was weighed.'
      : reading.value.ok
        ? ''
        : reading.value.sentence,
)
const round = (n: number) => Number(n.toPrecision(3))
const says = computed(() => {
  const found = reading.value
  if (!found?.ok) return ''
  const { spoon, table } = found
  const one = `One ${unitName(spoon.unit)} of it weighs ${round(spoon.grams)} g.`
  if (!table) return `${one} The pantry did not know.`
  const [low, high] = table
  const by =
    spoon.grams > high ? spoon.grams / high - 1 : spoon.grams < low ? spoon.grams / low - 1 : 0
  return (
    `${one} The pantry says ` +
    `${round(low)}${round(high) > round(low) ? `–${round(high)}` : ''} ` +
    'g' +
    (Math.abs(by) < 0.01
      ? '.'
      : `; yours is ${Math.round(100 * Math.abs(by))} % ${by > 0 ? 'heavier' : 'lighter'}.`)
  )
})

async function keep() {
  tried.value = true
  const found = reading.value
  if (!found?.ok) return
  const before = house.stock
  const { spoon } = found
  await house.keepStock({
    ...before,
    spoons: [
      ...before.spoons.filter(s => s.ingredient !== spoon.ingredient || s.unit !== spoon.unit),
      spoon,
    ],
  })
  undo(
    `Your ${unitName(spoon.unit)} of ${nameOf(spoon.ingredient)} counts from now on.`,
    'Undo',
    () => house.keepStock(before),
  )
  tried.value = false
  grams.value = ''
  ingredient.value = undefined
}
async function drop(id: string, of: string) {
  const before = house.stock
  await house.keepStock({
    ...before,
    spoons: before.spoons.filter(s => s.ingredient !== id || s.unit !== of),
  })
  undo(`The pantry’s weight counts again.`, 'Undo', () => house.keepStock(before))
}
</script>

<template>
  <div class="page">
    <h1>Your own spoons</h1>
    <p class="soft lead">
      Spoons, cups and hands differ. Put some level measures on the scale: from then on every recipe
      of this house is read by your own weight, and shows it.
    </p>
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
            :items="units"
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
        Weigh five or ten at once: a kitchen scale is right to a gram or two, so one spoon alone
        says little.
      </p>
    </form>
    <section v-if="house.stock.spoons.length" class="sheet list" aria-labelledby="ours">
      <h2 id="ours">Weighed in this house</h2>
      <ul>
        <li v-for="spoon in house.stock.spoons" :key="`${spoon.ingredient} ${spoon.unit}`">
          <span class="grams"
            ><b>{{ round(spoon.grams) }}</b> g</span
          ><span class="name"
            >one {{ unitName(spoon.unit) }} of
            {{ byId.get(spoon.ingredient)?.name ?? spoon.ingredient }}</span
          >
          <UButton
            color="neutral"
            variant="ghost"
            icon="i-lucide-trash-2"
            :aria-label="`Take the ${unitName(spoon.unit)} of ${nameOf(spoon.ingredient)} out`"
            @click="drop(spoon.ingredient, spoon.unit)"
          />
        </li>
      </ul>
    </section>
    <p class="soft">
      <NuxtLink to="/pantry" class="link">The pantry</NuxtLink> has what every ingredient weighs by
      the table.
    </p>
  </div>
</template>

<style scoped>
.page {
  display: grid;
  gap: 14px;
  max-width: 900px;
  grid-template-columns: minmax(0, 1fr);
}
h1 {
  font-size: 1.7rem;
  font-weight: 700;
}
h2 {
  font-size: 1.15rem;
  font-weight: 650;
}
.lead {
  max-width: 70ch;
}
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
ul {
  list-style: none;
  padding: 0;
  margin: 0;
}
li {
  display: flex;
  align-items: center;
  gap: 16px;
  min-height: 54px;
  border-top: 1.5px solid var(--line);
}
li:first-child {
  border-top: 0;
}
.grams {
  width: 84px;
  text-align: right;
}
.name {
  flex: 1;
  min-width: 0;
}
.link {
  text-decoration: underline;
  text-underline-offset: 3px;
}
</style>
