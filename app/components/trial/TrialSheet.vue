<script setup lang="ts">
import type { Bake } from '#core/share'
import type { Lesson, Trial } from '#core/trial'

/**
 * One trial: what differs, what is held, its day, what was measured and tasted, what that shows,
 * and who wins.
 */
const props = defineProps<{ trial: Trial; bake: Bake }>()
const emit = defineEmits<{
  keep: [trial: Trial]
  rematch: [winner: string]
  drop: []
  learned: [lessons: readonly Lesson[]]
}>()
const open = useOpenTrial(props)
provide(openTrialKey, open)
const { view } = open
const keep = (trial: Trial) => emit('keep', trial)
</script>

<template>
  <article class="trial" :aria-busy="!view">
    <TrialArms @keep="keep" />
    <TrialDay />
    <TrialTastings @keep="keep" />
    <TrialWinner
      @keep="keep"
      @rematch="winner => emit('rematch', winner)"
      @drop="emit('drop')"
      @learned="lessons => emit('learned', lessons)"
    />
    <CupLabels :trial="trial" :title="bake.title" />
  </article>
</template>

<style scoped>
.trial {
  display: grid;
  gap: 14px;
  min-width: 0;
}
</style>
