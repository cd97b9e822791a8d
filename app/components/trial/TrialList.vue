<script setup lang="ts">
import type { Trial } from '#core/trial'

/** The trials of this dessert by their days; one of them is open. */
defineProps<{ trials: readonly Trial[]; chosen: string | null }>()
const emit = defineEmits<{ choose: [trial: string]; begin: [] }>()
/** The letter of the arm that won, where one did. */
const winnerOf = (trial: Trial) => trial.arms.find(arm => arm.id === trial.crowned)?.letter
</script>

<template>
  <div class="list no-print" role="group" aria-label="Trials of this dessert">
    <button
      v-for="trial in trials"
      :key="trial.id"
      type="button"
      class="day"
      :aria-pressed="chosen === trial.id"
      @click="emit('choose', trial.id)"
    >
      <b>{{ sayDay(trial.begun) }}</b> {{ trial.question || 'a trial'
      }}<span v-if="trial.crowned" class="won"> · {{ winnerOf(trial) }} won</span>
    </button>
    <UButton color="neutral" variant="outline" icon="i-lucide-plus" @click="emit('begin')"
      >New trial</UButton
    >
  </div>
</template>

<style scoped>
.list {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  align-items: center;
}
.day {
  min-height: 44px;
  padding: 6px 16px;
  border-radius: 22px;
  border: 1.5px solid var(--line);
  cursor: pointer;
  text-align: left;
  max-width: 100%;
}
.day[aria-pressed='true'] {
  border-color: var(--ginger);
  background: var(--ginger-pale);
}
.won {
  color: var(--leaf);
  font-weight: 600;
}
</style>
