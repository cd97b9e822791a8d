<script setup lang="ts">
import { openCodes, type Tasting, type Trial } from '#core/trial'

/** Who tasted what, what that shows, and the words it was told in. */
const emit = defineEmits<{ keep: [trial: Trial] }>()
const { trial, view } = inject(openTrialKey)!
const current = useCurrentBake()
const opened = ref<string | null>(null)
const isScored = computed(() => trial.value.arms.some(arm => arm.record.scores.length))
function keep(next: Tasting) {
  const { tastings } = trial.value
  const isKnown = tastings.some(t => t.id === next.id)
  const all = isKnown ? tastings.map(t => (t.id === next.id ? next : t)) : [...tastings, next]
  emit('keep', { ...trial.value, tastings: all })
}
function lay(next: Tasting) {
  keep(next)
  opened.value = next.id
}
const drop = (id: string) =>
  emit('keep', { ...trial.value, tastings: trial.value.tastings.filter(t => t.id !== id) })
const judged = computed(() =>
  trial.value.tastings
    .filter(tasting => tasting.opened)
    .map(tasting => ({
      ...tasting,
      found: view.value?.judged.find(j => j.id === tasting.id)?.found ?? null,
    })),
)
</script>

<template>
  <section class="sheet part no-print" aria-labelledby="taste-head">
    <h2 id="taste-head">Tasting</h2>
    <TastingTable
      :trial="trial"
      :people="current.seatable"
      :checks="view?.checks ?? []"
      :open="opened"
      @lay="lay"
      @keep="keep"
      @open="id => emit('keep', openCodes(trial, id))"
      @show="id => (opened = id)"
      @drop="drop"
    />
    <div v-for="t in judged" :key="t.id" class="shown" :class="t.found?.is">
      <template v-if="t.found"
        ><p>
          <b>{{ t.found.says }}</b>
        </p>
        <p class="soft">{{ t.question }} {{ t.found.because }}</p></template
      >
    </div>
    <ProfileChart v-if="isScored" :arms="trial.arms" />
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
.shown {
  border-left: 5px solid var(--strand);
  padding: 4px 0 4px 16px;
}
@media (max-width: 760px) {
  .part {
    padding: 14px 16px;
  }
}
</style>
