<script setup lang="ts">
/** New work that has been in no house file for long, and a current file that waits to be written. */
const filed = useFiledStore()
const n = computed(() => filed.changed.length)
</script>

<template>
  <div
    v-if="filed.file && filed.is !== 'current' && filed.is !== 'writing'"
    class="filed"
    role="status"
  >
    <p v-if="filed.is === 'waits'">
      The browser asks once more before “{{ filed.file.name }}” is kept current.
    </p>
    <p v-else>“{{ filed.file.name }}” could not be written: is it still there?</p>
    <div class="acts">
      <UButton color="neutral" variant="outline" @click="filed.goOn">Go on keeping it</UButton>
      <UButton color="neutral" variant="ghost" @click="filed.letGo">Keep it no longer</UButton>
    </div>
  </div>
  <div v-else-if="filed.isDue && !filed.file" class="filed" role="status">
    <p>
      {{ n === 1 ? 'One dessert has' : `${n} desserts have` }} changed
      {{ filed.on ? 'since the last house file' : 'and no house file was ever saved' }}. What is
      only in this browser goes with it.
    </p>
    <div class="acts">
      <UButton color="neutral" variant="outline" @click="filed.save">Save the house file</UButton>
      <UButton color="neutral" variant="ghost" @click="filed.notNow">In a week</UButton>
    </div>
  </div>
</template>

<style scoped>
.filed {
  background: var(--ginger-pale);
  border-radius: 14px;
  padding: 12px 18px;
  margin-bottom: 14px;
  display: flex;
  flex-wrap: wrap;
  gap: 10px 16px;
  align-items: center;
}
.filed p {
  flex: 1;
  min-width: 240px;
}
</style>
