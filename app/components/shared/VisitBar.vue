<script setup lang="ts">
/** While one is a visitor in the demo house. */
const visit = useVisit()
const going = ref(false)
async function home() {
  going.value = true
  await visit.end()
}
</script>

<template>
  <div v-if="visit.isVisiting" class="visit no-print" role="status">
    <p>
      <b>You are a visitor in the Brackwater house.</b> Try whatever you like: nothing of it touches
      your own house, and it goes when you leave.
    </p>
    <UButton color="neutral" :loading="going" @click="home">Back to my own house</UButton>
  </div>
</template>

<style scoped>
.visit {
  background: var(--sheet);
  border: 2px solid var(--ginger);
  border-radius: 14px;
  padding: 10px 18px;
  margin-bottom: 14px;
  display: flex;
  flex-wrap: wrap;
  gap: 10px 16px;
  align-items: center;
}
.visit p {
  flex: 1;
  min-width: 240px;
}
</style>
