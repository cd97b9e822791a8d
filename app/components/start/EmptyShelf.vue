<script setup lang="ts">
/** A house that keeps nothing yet: what will be here, and the demo house to try things on. */
const emit = defineEmits<{ problem: [sentence: string] }>()
const house = useHouseStore()
const opening = ref(false)
async function openDemo() {
  opening.value = true
  try {
    await house.openDemo()
  } catch {
    emit('problem', 'The demo house could not be fetched from this server. Is it still running?')
  }
  opening.value = false
}
</script>

<template>
  <div class="empty">
    <p class="soft">
      Nothing is kept here yet. What you paste is saved by itself, in this browser alone.
    </p>
    <UButton color="neutral" variant="outline" :loading="opening" @click="openDemo"
      >Open the Brackwater house</UButton
    >
    <p class="soft tiny">
      An invented household with five guests and seven desserts, to try things on.
    </p>
  </div>
</template>

<style scoped>
.tiny {
  font-size: 0.9rem;
}
.empty {
  display: grid;
  gap: 12px;
  justify-items: start;
}
</style>
