<script setup lang="ts">
/** Who can eat it as it is written, and the way on. */
const current = useCurrentBake()
const safety = useSafety()
const isConflict = computed(() => safety.check?.people.some(p => p.verdict === 'conflict') ?? false)
</script>

<template>
  <section aria-labelledby="who">
    <h2 id="who">As written</h2>
    <VerdictList
      :people="current.table"
      :check="safety.check"
      :resting="safety.claims?.coverage ?? null"
      :bake="current.bake?.id ?? ''"
    />
    <UButton
      :to="`/swap/${current.bake?.id}`"
      size="xl"
      color="neutral"
      block
      class="next"
      trailing-icon="i-lucide-arrow-right"
      >{{ isConflict ? 'Work out a version' : 'See what changes' }}</UButton
    >
  </section>
</template>

<style scoped>
h2 {
  font-size: 1.15rem;
  font-weight: 650;
  margin-bottom: 8px;
}
.next {
  margin-top: 14px;
}
</style>
