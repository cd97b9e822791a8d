<script setup lang="ts">
/** The day of the trial: a small bake for each arm, planned and made together. */
const { trial, bake, arms, look } = inject(openTrialKey)!
const house = useHouseStore()
const isLaidOut = computed(() => trial.value.arms.every(arm => arms.value.has(arm.id)))
/** Flour of one test, in grams. */
const testFlour = 45
const flour = computed(() => testFlour * trial.value.tests)
const first = computed(() => trial.value.arms[0]!.id)
const shopping = shallowRef<
  readonly { readonly name: string; readonly says: string; readonly optional: boolean }[]
>([])
async function layOut() {
  const bakes = await useCore().trialBakes(bake.value, trial.value, {
    now: new Date().toISOString(),
    there: [...arms.value.values()],
    serveAt: new Date(usualServing() * 60_000).toISOString(),
  })
  await house.keepBakes(bakes)
  await look()
}
watch(
  arms,
  async now => {
    shopping.value = isLaidOut.value
      ? await useCore()
          .shopping([...now.values()], house.kitchen)
          .catch(() => [])
      : []
  },
  { immediate: true },
)
const print = () => window.print()
</script>

<template>
  <section class="sheet part no-print" aria-labelledby="day-head">
    <h2 id="day-head">The day of it</h2>
    <template v-if="isLaidOut">
      <p>
        {{ trial.arms.length }} small bakes, {{ flour }} g of flour each, on one day and at one
        counter. Their weights, times and notes come back here by themselves.
      </p>
      <div class="row">
        <UButton :to="`/day/${first}`" color="neutral" icon="i-lucide-clock">Plan the day</UButton
        ><UButton
          :to="`/make/${first}`"
          color="neutral"
          variant="outline"
          icon="i-lucide-cooking-pot"
          >To the counter</UButton
        ><UButton color="neutral" variant="ghost" icon="i-lucide-printer" @click="print"
          >Print the labels</UButton
        >
      </div>
      <details v-if="shopping.length" class="held">
        <summary>What all of them take together</summary>
        <ul>
          <li v-for="each in shopping" :key="each.name">{{ each.says }}</li>
        </ul>
      </details>
    </template>
    <template v-else
      ><p class="soft">
        Each arm gets a small bake of its own, so that the day can be planned and the counter can
        weigh and time them.
      </p>
      <UButton color="neutral" @click="layOut">Lay the trial out</UButton></template
    >
  </section>
</template>

<style scoped>
.part {
  padding: 16px 22px;
  display: grid;
  gap: 12px;
  min-width: 0;
  justify-items: start;
}
.part > * {
  max-width: 100%;
}
h2 {
  font-size: 1.2rem;
  font-weight: 650;
}
.row {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  align-items: center;
}
.held summary {
  min-height: 44px;
  display: flex;
  align-items: center;
  cursor: pointer;
  text-decoration: underline;
  text-underline-offset: 3px;
}
.held ul {
  list-style: none;
  padding: 0;
  margin: 0;
  columns: 2 240px;
}
@media (max-width: 760px) {
  .part {
    padding: 14px 16px;
  }
}
</style>
