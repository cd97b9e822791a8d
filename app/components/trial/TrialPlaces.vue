<script setup lang="ts">
import { trialPlaces, type TrialPlace } from '~/composables/trialPlaces'

/** Where one is in the trials of a dessert, and the way to the other places. */
defineProps<{ at: TrialPlace }>()
const emit = defineEmits<{ go: [place: TrialPlace] }>()
</script>

<template>
  <nav class="places no-print" aria-label="Of this dessert">
    <button
      v-for="place in trialPlaces"
      :key="place.id"
      type="button"
      class="place"
      :aria-current="at === place.id ? 'page' : undefined"
      @click="emit('go', place.id)"
    >
      {{ place.says }}
    </button>
  </nav>
</template>

<style scoped>
.places {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 22px;
}
.place {
  min-height: 44px;
  font-size: 1.06rem;
  color: var(--soft);
  cursor: pointer;
  border-bottom: 3px solid transparent;
}
.place[aria-current] {
  color: var(--ink);
  font-weight: 650;
  border-color: var(--ginger);
}
.place:hover {
  color: var(--ink);
}
</style>
