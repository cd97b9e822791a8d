<script setup lang="ts">
const { missing, opened } = useBake()
const current = useCurrentBake()
const plans = usePlans()
const bake = computed(() => current.bake)
useHead({ title: () => `Swap: ${bake.value?.title ?? ''}` })

watch(
  () => [bake.value?.id, bake.value?.recipe, bake.value?.people, opened.value] as const,
  ([id]) => {
    if (id && opened.value) void plans.work()
  },
  { immediate: true },
)
const { offered, looked, plan } = useOfferedPlans()
const { take, testFirst, wish } = usePlanChoice(looked)
const names = useSubstitutionNames(offered)
const nudge = useNudging(plan)
const partAt = ref(0)
watch(
  () => plan.value?.id,
  () => {
    partAt.value = 0
  },
)
const forWhom = computed(() => {
  const { table } = current
  return table.length > 2
    ? `all ${table.length}`
    : table.map(person => person.name).join(' and ') || 'the table'
})
</script>

<template>
  <NoBake v-if="opened && (missing || !bake)" :missing="missing" />
  <div v-else-if="bake" class="page" :aria-busy="plans.planning || !plans.adaptation">
    <BenchBar />
    <p v-if="plans.planning && !plan" class="soft waiting" role="status">
      Weighing the ways against each other …
    </p>

    <PlanRefusal
      v-else-if="plans.adaptation && !plan"
      :bake="bake"
      :adaptation="plans.adaptation"
      @take="take"
      @wish="wish"
    />

    <div v-else-if="plan" class="grid">
      <h1 class="sr-only">What changes</h1>
      <section class="sheet ledger" aria-label="The recipe, as written and adapted">
        <StrandLedger
          :recipe="bake.recipe"
          :plan="plan"
          :for-whom="forWhom"
          :wishes="bake.wishes"
          :anew="`${plan.id} ${current.stepped}`"
          @nudge="nudge"
          @wish="wish"
        />
      </section>

      <PlanSide
        v-model:looked="looked"
        v-model:part-at="partAt"
        :plan="plan"
        :offered="offered"
        :names="names"
        @take="take"
        @test="testFirst"
      />

      <section class="sheet wide asks" aria-label="What you ask for">
        <WishBar :wishes="bake.wishes" :plan="plan" @wish="wish" />
      </section>

      <PlanNotes :plan="plan" :bake="bake.id" class="notes" />

      <EveryChange :plan="plan" :names="names" @wish="wish" />
      <DoneNow :plan="plan" :was="bake.recipe" />
      <PlanTools :plan="plan" :offered="offered" :part-at="partAt" @nudge="nudge" />
    </div>
  </div>
</template>

<style scoped>
.grid {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 332px;
  gap: 16px 20px;
  align-items: start;
}
.ledger {
  padding: 22px 18px 18px 24px;
  grid-column: 1;
}
.notes {
  grid-column: 1;
}
.wide {
  grid-column: 1;
  padding: 18px 24px;
}
.asks {
  padding: 8px 24px;
}
.waiting {
  padding: 30px 0;
  font-size: 1.15rem;
}
@media (max-width: 1040px) {
  .grid {
    grid-template-columns: minmax(0, 1fr);
  }
  .side,
  .ledger,
  .notes,
  .wide {
    grid-column: 1;
    grid-row: auto;
  }
  .ledger {
    padding: 16px;
  }
  .wide {
    padding: 16px;
  }
}
</style>
