<script setup lang="ts">
import type { Ingredient } from '#core/pantry'

const house = useHouseStore()
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
</script>

<template>
  <div class="page">
    <h1>Your own spoons</h1>
    <p class="soft lead">
      Spoons, cups and hands differ. Put some level measures on the scale: from then on every recipe
      of this house is read by your own weight, and shows it.
    </p>
    <SpoonForm :rows="rows" />
    <SpoonList v-if="house.stock.spoons.length" :rows="rows" />
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
.lead {
  max-width: 70ch;
}
</style>
