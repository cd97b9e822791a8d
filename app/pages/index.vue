<script setup lang="ts">
const house = useHouseStore()
const current = useCurrentBake()
useHead({ title: 'Ingwer' })
onMounted(() => current.clear())
const problem = ref('')
</script>

<template>
  <FiledBar />
  <div class="start">
    <RecipePaste v-model:problem="problem" />

    <section class="shelf" aria-labelledby="kept">
      <h2 id="kept">On the shelf</h2>
      <p v-if="!house.ready" class="soft">Looking …</p>
      <EmptyShelf v-else-if="!house.shelf.length" />
      <ShelfList v-else />
    </section>
  </div>
</template>

<style scoped>
.start {
  display: grid;
  grid-template-columns: minmax(0, 1.65fr) minmax(290px, 1fr);
  gap: 36px;
  align-items: start;
}
h2 {
  font-size: 1.25rem;
  font-weight: 650;
  margin-bottom: 8px;
}
@media (max-width: 900px) {
  .start {
    grid-template-columns: minmax(0, 1fr);
    gap: 18px;
  }
}
</style>
