<script setup lang="ts">
/** A house that keeps nothing: what will be here, what was put aside, and the demo house to look at. */
const house = useHouseStore()
const visit = useVisit()
const whole = computed(() => house.putAside.find(row => row.isWhole))
const busy = ref(false)
const problem = ref('')
async function bringBack(id: string) {
  busy.value = true
  problem.value = ''
  try {
    await house.back(id)
  } catch {
    problem.value = 'It could not be brought back; it still lies under “House file”.'
  }
  busy.value = false
}
</script>

<template>
  <div class="empty">
    <p class="soft">
      Nothing is kept here yet. What you paste is saved by itself, in this browser alone.
    </p>
    <template v-if="whole">
      <UButton color="neutral" :loading="busy" @click="bringBack(whole.id)"
        >Bring back the house that was here</UButton
      >
      <p class="soft tiny">{{ whole.says }}.</p>
      <p v-if="problem" role="alert">{{ problem }}</p>
    </template>
    <template v-if="!visit.isVisiting">
      <UButton color="neutral" variant="outline" @click="visit.begin"
        >Visit the Brackwater house</UButton
      >
      <p class="soft tiny">
        An invented household with five guests and seven desserts, to look at and try things on.
      </p>
    </template>
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
