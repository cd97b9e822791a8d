<script setup lang="ts">
import type { Arm, Lesson, Trial } from '#core/trial'

/** Who wins: crowned, or baked once more first. */
const emit = defineEmits<{
  keep: [trial: Trial]
  rematch: [winner: string]
  drop: []
  learned: [lessons: readonly Lesson[]]
}>()
const { trial, bake, winner } = inject(openTrialKey)!
/** The arm that is to be crowned, once it was asked whether it is baked again first. */
const crowning = shallowRef<Arm | null>(null)
/** The trial in which the winner of this one is baked once more. */
const again = computed(() => bake.value.trials?.find(t => t.rematchOf === trial.value.id) ?? null)
function crownNow(id: string | null) {
  crowning.value = null
  emit('keep', { ...trial.value, crowned: id })
}
function crown(arm: Arm) {
  const isProven = trial.value.rematchOf !== null || again.value !== null
  if (isProven || arm === trial.value.arms[0]) crownNow(arm.id)
  else crowning.value = arm
}
</script>

<template>
  <section class="sheet part no-print" aria-labelledby="crown-head">
    <h2 id="crown-head">The winner</h2>
    <template v-if="!winner">
      <p v-if="again" class="soft">It is baked once more in “{{ again.question }}”.</p>
      <div class="row">
        <button
          v-for="arm in trial.arms"
          :key="arm.id"
          type="button"
          class="pick"
          @click="crown(arm)"
        >
          <CupSign :letter="arm.letter" /> {{ arm.letter }} wins
        </button>
      </div>
      <CrownAsk
        v-if="crowning"
        :letter="crowning.letter"
        @rematch="emit('rematch', crowning.id)"
        @crown="crownNow(crowning.id)"
        @leave="crowning = null"
      />
    </template>
    <WinnerSheet
      v-else
      :won="winner"
      @uncrown="crownNow(null)"
      @learned="lessons => emit('learned', lessons)"
    />
    <UButton
      class="no-print"
      color="neutral"
      variant="ghost"
      size="sm"
      icon="i-lucide-trash-2"
      @click="emit('drop')"
      >Throw this trial away</UButton
    >
  </section>
</template>

<style scoped>
.part {
  padding: 16px 22px;
  display: grid;
  gap: 12px;
  min-width: 0;
  justify-items: start;
}
.part > * {
  max-width: 100%;
}
h2 {
  font-size: 1.2rem;
  font-weight: 650;
}
.row {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  align-items: center;
}
.pick {
  display: flex;
  gap: 8px;
  align-items: center;
  min-height: 64px;
  padding: 6px 18px 6px 10px;
  border-radius: 18px;
  border: 1.5px solid var(--line);
  cursor: pointer;
  font-weight: 600;
}
@media (max-width: 760px) {
  .part {
    padding: 14px 16px;
  }
}
</style>
