<script setup lang="ts">
/** Why the day cannot be as it is wished, and the nearest hour that can. */
const { serveAt, keep, problem, last } = inject(bakeDayKey)!
/** The nearest hour, up to the next five minutes; in minutes since 1970. */
const nearest = computed(() =>
  problem.value?.nearest ? Math.ceil(problem.value.nearest / 5) * 5 : null,
)
const serveThen = () =>
  nearest.value !== null && keep({ serveAt: new Date(nearest.value * 60_000).toISOString() })
</script>

<template>
  <p v-if="problem" class="misfit" role="alert">
    <b>{{ problem.code === 'late' ? 'Not by then.' : 'That cannot be.' }}</b>
    {{ problem.sentence }}
    <UButton v-if="nearest !== null && serveAt !== null" color="neutral" @click="serveThen"
      >On the table at {{ sayMoment(nearest, serveAt) }}</UButton
    >
    <span v-if="last" class="soft">Below is the day as it was before.</span>
  </p>
</template>

<style scoped>
.misfit {
  background: var(--beet-pale);
  border-radius: 14px;
  padding: 12px 18px;
  display: flex;
  flex-wrap: wrap;
  gap: 8px 12px;
  align-items: center;
}
</style>
