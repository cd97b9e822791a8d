<script setup lang="ts">
/** What another tab did to the open dessert, where somebody has to say what counts. */
const current = useCurrentBake()
const words = computed(() => current.clash?.words.join(', ') ?? '')
</script>

<template>
  <div v-if="current.bake && current.clash" class="apart no-print" role="alert">
    <p>
      <b>Another tab changed {{ words }} of “{{ current.bake.title }}” otherwise.</b> Which one
      counts? Everything else of both is kept.
    </p>
    <div class="acts">
      <UButton color="neutral" @click="current.settleClash('mine')">What is here</UButton>
      <UButton color="neutral" variant="outline" @click="current.settleClash('theirs')"
        >What the other tab has</UButton
      >
    </div>
  </div>
  <div v-else-if="current.bake && current.saved === 'gone'" class="apart no-print" role="alert">
    <p>
      <b>“{{ current.bake.title }}” was thrown away in another tab.</b> What you do here is not kept
      unless you say so.
    </p>
    <div class="acts">
      <UButton color="neutral" @click="current.keepGone()">Keep it all the same</UButton>
      <UButton color="neutral" variant="outline" to="/">To the shelf</UButton>
    </div>
  </div>
</template>

<style scoped>
.apart {
  background: var(--ginger-pale);
  border-radius: 14px;
  padding: 12px 18px;
  margin-bottom: 14px;
  display: grid;
  gap: 10px;
}
</style>
