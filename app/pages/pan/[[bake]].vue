<script setup lang="ts">
const { missing, opened } = useBake()
const current = useCurrentBake()
const safety = useSafety()
const sizes = useSize()
const house = useHouseStore()
const bake = computed(() => current.bake)
useHead({ title: () => `Pan: ${bake.value?.title ?? ''}` })

const { recipe, size, target } = useSizing()
const up = computed(() => sizes.sized)
watch(
  () => [
    bake.value?.id,
    bake.value?.size,
    bake.value?.plan,
    bake.value?.recipe,
    bake.value?.wishes.family,
    house.kitchen,
    house.measureIn,
  ],
  () => {
    if (bake.value) void sizes.sizeUp()
  },
  { immediate: true },
)
const looked = ref(0)
const at = computed(() => up.value?.tins[looked.value] ?? up.value?.tins[0] ?? null)
const isConflict = computed(() => safety.check?.people.some(p => p.verdict === 'conflict') ?? false)
const isOff = computed(() => {
  const degrees = up.value?.setting?.offset.degrees ?? 0
  const how = degrees > 0 ? 'hotter' : 'cooler'
  return degrees ? `, ${Math.abs(degrees)} °C ${how} than it says` : ''
})
</script>

<template>
  <NoBake v-if="opened && (missing || !bake)" :missing="missing" />
  <div v-else-if="bake && recipe" class="page" :aria-busy="sizes.sizing || !up">
    <BenchBar />
    <h1 class="sr-only">How large, and in what</h1>
    <p v-if="!up" class="soft" role="status">Measuring the tin …</p>
    <div v-else class="grid">
      <section class="sheet part" aria-labelledby="much">
        <h2 id="much">How much of it</h2>
        <SizeBar
          :recipe="recipe"
          :target="size.target"
          :problem="up.problem?.sentence ?? ''"
          :counts="up.counts"
          @size="target"
        />
      </section>

      <TinChoice :up="up" />

      <TinSide v-model:looked="looked" :up="up" :at="at" />

      <section class="sheet part" aria-label="Amounts">
        <SizedAmounts
          :up="up"
          :of="bake.plan ? `the plan “${bake.plan.title}”` : 'the recipe as written'"
          @size="target"
        />
        <p v-if="!bake.plan && isConflict" class="misfit">
          Somebody at the table cannot eat it as written, and no plan is chosen.
          <NuxtLink :to="`/swap/${bake.id}`" class="link">Work out a version</NuxtLink>
        </p>
      </section>

      <TinReady :up="up" />

      <SizeCorrections :up="up" :at="at" />
      <details class="sheet part tool">
        <summary>
          <h2>This kitchen’s oven</h2>
          <span class="soft"
            >{{ house.kitchen.oven.fan ? 'fan' : 'still heat' }}{{ isOff }}, tray
            {{ house.kitchen.tray.length }} × {{ house.kitchen.tray.breadth }} cm</span
          >
        </summary>
        <OvenSheet />
      </details>
    </div>
  </div>
</template>

<style scoped>
.grid {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 332px;
  gap: 14px 22px;
  align-items: start;
}
.part {
  grid-column: 1;
  padding: 16px 22px;
  min-width: 0;
}
h2 {
  font-size: 1.15rem;
  font-weight: 650;
  margin-bottom: 8px;
}
.misfit {
  background: var(--ginger-pale);
  border-radius: 12px;
  padding: 10px 14px;
}
.tool {
  padding: 8px 22px;
}
.tool summary {
  display: flex;
  gap: 4px 14px;
  align-items: baseline;
  flex-wrap: wrap;
  cursor: pointer;
  min-height: 44px;
}
.tool summary h2 {
  margin: 0;
}
.tool[open] {
  padding-bottom: 16px;
}
.link {
  color: var(--ginger-ink);
}
@media (max-width: 1040px) {
  .grid {
    grid-template-columns: minmax(0, 1fr);
  }
  .part {
    padding: 14px 16px;
  }
}
</style>
