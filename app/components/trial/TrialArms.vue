<script setup lang="ts">
import { bakeLossSeen, type Arm, type ArmRecord, type Trial } from '#core/trial'

/** The arms: what each changes, who may eat it, what was measured; and the pad to note it down. */
const emit = defineEmits<{ keep: [trial: Trial] }>()
const { trial, view, photos, madeOf, seen } = inject(openTrialKey)!
const current = useCurrentBake()
const house = useHouseStore()

const warned = computed(() => (view.value?.changes ?? []).filter(change => change.warning))
const changesOf = (arm: Arm) => {
  const found = view.value?.changes.find(change => change.arm === arm.id)
  return (found?.changes ?? []).map(change => change.says).join('; ')
}
const fineOf = (arm: Arm) => view.value?.fine.find(f => f.arm === arm.id)?.says ?? ''
/** The names of those at the table who cannot eat an arm. */
function cannot(arm: Arm) {
  const check = view.value?.checks.find(c => c.arm === arm.id)
  return (check?.people ?? [])
    .filter(p => p.verdict === 'conflict' && current.table.some(t => t.id === p.personId))
    .map(p => house.people.find(person => person.id === p.personId)?.name ?? '')
    .join(' and ')
}

const recording = ref<string | null>(null)
const recorded = computed(() => trial.value.arms.find(arm => arm.id === recording.value) ?? null)
const note = (arm: Arm) => {
  recording.value = recording.value === arm.id ? null : arm.id
}
const keepRecord = (record: ArmRecord) =>
  emit('keep', {
    ...trial.value,
    arms: trial.value.arms.map(a => (a.id === recording.value ? { ...a, record } : a)),
  })
const percent = (n: number | null) => (n === null ? '' : `${Math.round(1000 * n) / 10} %`)
const figure = (n: number | null, unit: string) =>
  n === null ? '' : `${Math.round(10 * n) / 10} ${unit}`
const measuredOf = (arm: Arm) => [
  { says: 'loss', value: percent(bakeLossSeen(arm.record, madeOf(arm))) },
  { says: 'oven', value: figure(seen(arm).minutes, 'min') },
  { says: 'height', value: figure(arm.record.height, 'cm') },
  { says: 'across', value: figure(arm.record.spread, 'cm') },
]
/** The same columns for every arm: those that any of them has. */
const measured = computed(() => {
  const all = trial.value.arms.map(measuredOf)
  return new Set(all.flatMap(row => row.filter(m => m.value).map(m => m.says)))
})
const figuresOf = (arm: Arm) => measuredOf(arm).filter(m => measured.value.has(m.says))
</script>

<template>
  <section class="sheet part no-print">
    <div class="head">
      <h2 id="trial-head" tabindex="-1">{{ trial.question || 'A trial' }}</h2>
      <p class="soft">
        {{ sayDay(trial.begun)
        }}<template v-if="trial.rematchOf"> · a repeat of the winner</template>
      </p>
    </div>
    <p v-for="c in warned" :key="c.arm" class="two" role="note">
      <b>Not one change.</b> {{ c.warning }}
    </p>
    <ul class="arms" aria-label="Arms">
      <li
        v-for="arm in trial.arms"
        :key="arm.id"
        class="arm"
        :class="{ crowned: trial.crowned === arm.id }"
      >
        <CupSign :letter="arm.letter" :won="trial.crowned === arm.id" />
        <div class="says">
          <b>{{ arm.says }}</b><span v-if="changesOf(arm)" class="soft because">{{
            changesOf(arm)
          }}</span
          ><span v-if="fineOf(arm)" class="because fine">{{ fineOf(arm) }}</span
          ><span v-if="cannot(arm)" class="stop">{{ cannot(arm) }} cannot eat this one.</span
          ><span v-if="seen(arm).note" class="soft because">“{{ seen(arm).note }}”</span>
        </div>
        <dl class="figures">
          <template v-for="f in figuresOf(arm)" :key="f.says"
            ><div>
              <dt>{{ f.says }}</dt>
              <dd>{{ f.value || '–' }}</dd>
            </div></template
          >
        </dl>
        <UButton
          class="no-print"
          color="neutral"
          variant="outline"
          :aria-label="`Note down ${arm.letter}`"
          :aria-expanded="recording === arm.id"
          @click="note(arm)"
          >{{ recording === arm.id ? 'Done' : 'Note' }}</UButton
        >
      </li>
    </ul>
    <RecordPad
      v-if="recorded"
      :key="recorded.id"
      :trial="trial"
      :arm="recorded.id"
      :record="seen(recorded)"
      :people="current.table"
      :photos="photos"
      @other="id => (recording = id)"
      @record="keepRecord"
    />
    <details v-if="view?.held.length" class="held">
      <summary>
        Held in all of them: {{ view.held.length }}
        {{ view.held.length === 1 ? 'thing' : 'things' }}
      </summary>
      <p class="soft">{{ view.held.join(' · ') }}</p>
    </details>
  </section>
</template>

<style scoped>
.trial {
  display: grid;
  gap: 14px;
  min-width: 0;
}
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
.head {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 18px;
  align-items: baseline;
}
h2 {
  font-size: 1.2rem;
  font-weight: 650;
}
.arms {
  list-style: none;
  margin: 0;
  padding: 0;
  width: 100%;
}
.arm {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 16px;
  align-items: center;
  padding: 8px;
  border-top: 1.5px solid var(--line);
  border-radius: 4px;
}
.arm:first-child {
  border-top: 0;
}
.says {
  flex: 1 1 150px;
  min-width: 0;
}
.because {
  display: block;
  font-size: 0.95rem;
}
.figures {
  display: flex;
  gap: 18px;
  margin: 0;
}
.figures dt {
  color: var(--soft);
  font-size: 0.88rem;
}
.figures div {
  min-width: 58px;
}
.figures dd {
  margin: 0;
  white-space: nowrap;
}
.fine {
  color: var(--slate);
}
.crowned {
  background: var(--ginger-pale);
  border-radius: 14px;
}
.two,
.stop {
  background: var(--beet-pale);
  border-radius: 12px;
  padding: 8px 14px;
}
.stop {
  display: block;
  width: fit-content;
  margin-top: 4px;
}
.held summary {
  min-height: 44px;
  display: flex;
  align-items: center;
  cursor: pointer;
  text-decoration: underline;
  text-underline-offset: 3px;
}
.held ul {
  list-style: none;
  padding: 0;
  margin: 0;
  columns: 2 240px;
}
@media (max-width: 760px) {
  .part {
    padding: 14px 16px;
  }
}
</style>
