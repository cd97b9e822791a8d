<script setup lang="ts">
import type { Bake } from '#core/share'
import type { Trial } from '#core/trial'

/** The trials as a table or as text, and a table brought in; `told` is what reading it says. */
const props = defineProps<{ bake: Bake }>()
const emit = defineEmits<{ told: [wrong: string, notes: readonly string[]] }>()
const current = useCurrentBake()
const download = useDownload()
const takeBack = useTakeBack()
const trials = computed<readonly Trial[]>(() => props.bake.trials ?? [])
async function saveAs(type: 'csv' | 'md') {
  const { title } = props.bake
  const name = fileName(`${title} trials`, type)
  const core = useCore()
  if (type === 'csv') download(name, await core.trialsCsv(title, trials.value), 'text/csv')
  else download(name, await core.trialsMarkdown(title, trials.value), 'text/markdown')
}
/** Those that are brought in stand in the place of their own older state, or at the end. */
const joined = (before: readonly Trial[], found: readonly Trial[]) => [
  ...before.map(trial => found.find(f => f.id === trial.id) ?? trial),
  ...found.filter(f => !before.some(trial => trial.id === f.id)),
]
async function bring(event: Event) {
  const field = event.target as HTMLInputElement
  const file = field.files?.[0]
  field.value = ''
  if (!file) return
  const before = trials.value
  const found = await useCore()
    .readTrialsCsv(await file.arrayBuffer(), props.bake.title, before)
    .catch(() => ({ ok: false as const, sentence: 'That file could not be read.' }))
  if (!found.ok) {
    emit('told', `${file.name}: ${found.sentence} Nothing was changed.`, [])
    return
  }
  emit('told', '', found.notes)
  await current.keepTrials({ trials: joined(before, found.trials) })
  const count = found.trials.length === 1 ? '1 trial' : `${found.trials.length} trials`
  takeBack(`${count} brought in.`, 'Take it back', () => current.keepTrials({ trials: before }))
}
</script>

<template>
  <UButton
    color="neutral"
    variant="outline"
    icon="i-lucide-file-down"
    :disabled="!trials.length"
    @click="saveAs('csv')"
    >Table (CSV)</UButton
  >
  <UButton
    color="neutral"
    variant="outline"
    icon="i-lucide-file-down"
    :disabled="!trials.length"
    @click="saveAs('md')"
    >Markdown</UButton
  >
  <label class="bring"
    ><input
      type="file"
      accept=".csv,text/csv"
      class="sr-only"
      aria-label="Bring a table of trials in"
      @change="bring"
    /><span>Bring a table in</span></label
  >
</template>

<style scoped>
.bring {
  min-height: 44px;
  display: inline-flex;
  align-items: center;
  cursor: pointer;
  text-decoration: underline;
  text-underline-offset: 3px;
  border-radius: 10px;
}
.bring:focus-within {
  outline: 3px solid var(--ginger);
  outline-offset: 2px;
}
.label {
  font-weight: 600;
  line-height: 1.2;
  display: -webkit-box;
  -webkit-line-clamp: 2;
  -webkit-box-orient: vertical;
  overflow: hidden;
}
</style>
