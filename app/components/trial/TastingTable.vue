<script setup lang="ts">
import type { Person } from '#core/people'
import type { Tasting, Trial } from '#core/trial'

/**
 * Blind tastings: laid out with codes and orders by chance, answered cup by cup, opened when all
 * have spoken.
 */
interface Check {
  readonly arm: string
  readonly people: readonly {
    readonly personId: string
    readonly verdict: string
    readonly because: string
  }[]
}
const props = defineProps<{
  trial: Trial
  people: readonly Person[]
  checks: readonly Check[]
  open: string | null
}>()
const emit = defineEmits<{
  lay: [tasting: Tasting]
  keep: [tasting: Tasting]
  open: [id: string]
  show: [id: string | null]
  drop: [id: string]
}>()

const laying = ref(false)
useDraft(`tastings/${props.trial.id}`, reactive({ laying }))
const letter = (id: string) => props.trial.arms.find(arm => arm.id === id)?.letter ?? ''
const now = computed(() => props.trial.tastings.find(t => t.id === props.open) ?? null)
function lay(tasting: Tasting) {
  laying.value = false
  emit('lay', tasting)
}
</script>

<template>
  <div class="tasting">
    <div class="row no-print">
      <button
        v-for="t in trial.tastings"
        :key="t.id"
        type="button"
        class="chip"
        :aria-pressed="open === t.id"
        @click="emit('show', open === t.id ? null : t.id)"
      >
        {{ tastingKind(t.kind).says }}: {{ t.arms.map(letter).join(', ')
        }}<span class="soft">
          · {{ t.opened ? 'opened' : `${t.answers.length} of ${t.servings.length}` }}</span
        >
      </button>
      <UButton
        v-if="!laying && trial.arms.length > 1"
        color="neutral"
        variant="outline"
        icon="i-lucide-plus"
        @click="laying = true"
        >Blind tasting</UButton
      >
    </div>

    <TastingForm
      v-if="laying"
      :trial="trial"
      :people="people"
      :checks="checks"
      @lay="lay"
      @leave="laying = false"
    />

    <TastingOn
      v-if="now"
      :tasting="now"
      :letter-of="letter"
      @keep="tasting => emit('keep', tasting)"
      @open="emit('open', now.id)"
      @drop="emit('drop', now.id)"
    />
  </div>
</template>

<style scoped>
.tasting,
.lay,
.on,
.ask,
fieldset {
  display: grid;
  gap: 12px;
  min-width: 0;
}
.tasting {
  width: 100%;
}
.row {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  align-items: center;
}
.chip {
  min-height: 48px;
  padding: 0 16px;
  border-radius: 24px;
  border: 1.5px solid var(--line);
  cursor: pointer;
}
.chip[aria-pressed='true'] {
  background: var(--ginger-pale);
  border-color: var(--ginger);
}
</style>
