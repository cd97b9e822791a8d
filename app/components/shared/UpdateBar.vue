<script setup lang="ts">
import { writing } from '~/db/writing'

/** A new Ingwer has been fetched and waits until somebody says yes, or the last tab is closed. */
const { $pwa } = useNuxtApp()
const isLater = ref(false)
const isWaiting = computed(() => Boolean($pwa?.needRefresh) && !isLater.value)
const isGoing = ref(false)
/** What is under way is written first; what is half typed is a draft and comes back. */
async function update() {
  isGoing.value = true
  if (writing.value)
    await new Promise<void>(resolve => {
      const stop = watch(writing, n => {
        if (n) return
        stop()
        resolve()
      })
    })
  await $pwa?.updateServiceWorker(true)
}
</script>

<template>
  <div v-if="isWaiting" class="update no-print" role="status">
    <p>A new Ingwer is here. It waits; what you are typing stays.</p>
    <div class="acts">
      <UButton color="neutral" variant="outline" :loading="isGoing" @click="update"
        >Take it now</UButton
      >
      <UButton color="neutral" variant="ghost" @click="isLater = true">Later</UButton>
    </div>
  </div>
</template>

<style scoped>
.update {
  background: var(--sheet);
  border: 1.5px solid var(--line);
  border-radius: 14px;
  padding: 10px 18px;
  margin-bottom: 14px;
  display: flex;
  flex-wrap: wrap;
  gap: 10px 16px;
  align-items: center;
}
.update p {
  flex: 1;
  min-width: 240px;
}
</style>
