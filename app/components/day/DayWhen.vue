<script setup lang="ts">
/** When it is to be on the table, with what else, and what of it is made ahead. */
import { serveAtProblem } from '#core/day'

const { serveAt, keep } = inject(bakeDayKey)!
/** Why the hour that was typed is not taken; it stays in its field. */
const problem = ref<string | null>(null)
const typed = ref<string | null>(null)
const iso = (minutes: number) => new Date(minutes * 60_000).toISOString()
function servedAt(value: string) {
  const at = fromField(value)
  if (at === null) return
  problem.value = serveAtProblem(at, Date.now() / 60_000)
  typed.value = problem.value ? value : null
  if (!problem.value) void keep({ serveAt: iso(at) })
}
const beginNow = () => {
  problem.value = typed.value = null
  return keep({ serveAt: serveAt.value === null ? iso(usualServing()) : null })
}
const value = (event: Event) => (event.target as HTMLInputElement).value
</script>

<template>
  <section class="sheet ask no-print" aria-label="When">
    <label
      >On the table at
      <input
        type="datetime-local"
        class="input"
        :value="typed ?? (serveAt === null ? '' : toField(serveAt))"
        :disabled="serveAt === null"
        :aria-invalid="problem !== null"
        :aria-describedby="problem ? 'serve-at-problem' : undefined"
        @change="servedAt(value($event))"
    /></label>
    <button type="button" class="way" :aria-pressed="serveAt === null" @click="beginNow">
      begin now
    </button>
    <p v-if="problem" id="serve-at-problem" role="alert" class="problem">{{ problem }}</p>
    <DayCompany />
    <MadeAhead v-if="serveAt !== null" />
  </section>
</template>

<style scoped>
.ask {
  padding: 12px 22px;
  display: flex;
  flex-wrap: wrap;
  gap: 8px 18px;
  align-items: center;
}
.ask label {
  display: flex;
  gap: 10px;
  align-items: center;
  font-weight: 600;
}
.ask .input {
  width: auto;
}
.way {
  min-height: 44px;
  padding: 0 16px;
  border-radius: 22px;
  border: 1.5px solid var(--line);
  cursor: pointer;
}
.way[aria-pressed='true'] {
  border-color: var(--ginger);
  background: var(--ginger-pale);
  font-weight: 600;
}
.problem {
  flex-basis: 100%;
  color: var(--beet);
}
@media (max-width: 940px) {
  .part,
  .ask {
    padding: 12px 16px;
  }
}
</style>
