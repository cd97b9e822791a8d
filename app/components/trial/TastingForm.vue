<script setup lang="ts">
import type { Person } from '#core/people'
import { trialLimits, layTasting, type Tasting, type TastingKind, type Trial } from '#core/trial'

/** A blind tasting as it is laid out: what is asked, between which arms, and who tastes. */
const props = defineProps<{
  trial: Trial
  people: readonly Person[]
  checks: readonly {
    readonly arm: string
    readonly people: readonly {
      readonly personId: string
      readonly verdict: string
      readonly because: string
    }[]
  }[]
}>()
const emit = defineEmits<{ lay: [tasting: Tasting]; leave: [] }>()
const firstTwo = () => props.trial.arms.slice(0, 2).map(arm => arm.id)
const draft = reactive({
  kind: 'triangle' as TastingKind,
  question: '',
  arms: firstTwo(),
  others: '',
  in: [] as string[],
})
useDraft(`tasting/${props.trial.id}`, draft)
const wrong = ref('')
const letter = (id: string) => props.trial.arms.find(arm => arm.id === id)?.letter ?? ''
/** Whoever may not eat one of the arms does not taste. Nobody is asked to taste what is not known. */
const guests = computed(() =>
  props.people.map(person => {
    const checks = props.checks
      .filter(check => draft.arms.includes(check.arm))
      .flatMap(({ arm, people }) =>
        people.filter(p => p.personId === person.id).map(p => ({ ...p, arm })),
      )
    const bad = checks.find(check => check.verdict === 'conflict')
    if (bad) return { person, may: 'no' as const, because: `cannot eat ${letter(bad.arm)}` }
    const open = checks.find(check => check.verdict === 'unknown')
    return open
      ? { person, may: 'unknown' as const, because: `not known yet: ${open.because}` }
      : { person, may: 'yes' as const, because: '' }
  }),
)
watch(
  () => draft.kind,
  kind => {
    if (kind === 'ranking') draft.arms = props.trial.arms.map(arm => arm.id)
    else if (draft.arms.length !== 2) draft.arms = firstTwo()
  },
)
const tasters = computed(() => {
  const seated = guests.value.filter(g => g.may !== 'no' && draft.in.includes(g.person.id))
  const others = draft.others.split(/[,;]/u).map(n => n.trim().slice(0, trialLimits.taster))
  return [...seated.map(g => g.person.name), ...others.filter(Boolean)]
})
/** What such a tasting could show, said before it is poured. */
const before = shallowRef('')
watch(
  () => [draft.kind, tasters.value.length, draft.arms.length] as const,
  async ([kind, n, arms]) => {
    before.value = n ? (await useCore().before(kind, n, arms)).says : ''
  },
  { immediate: true },
)
function layOut() {
  const made = layTasting({
    id: crypto.randomUUID(),
    kind: draft.kind,
    question: draft.question.trim() || tastingKind(draft.kind).asks,
    of: [...draft.arms],
    tasters: tasters.value,
    seed: crypto.getRandomValues(new Uint32Array(1))[0]!,
  })
  if (made.ok) {
    forgetDraft(`tasting/${props.trial.id}`)
    emit('lay', made.tasting)
  } else wrong.value = made.sentence
}
const turn = (list: string[], id: string) =>
  list.includes(id) ? list.filter(each => each !== id) : [...list, id]
</script>

<template>
  <form class="lay no-print" aria-label="A blind tasting" @submit.prevent="layOut">
    <div class="row" role="group" aria-label="What is asked">
      <button
        v-for="kind in tastingKinds"
        :key="kind.id"
        type="button"
        class="chip"
        :aria-pressed="draft.kind === kind.id"
        @click="draft.kind = kind.id"
      >
        {{ kind.says }}
      </button>
    </div>
    <label
      >The question<input
        v-model="draft.question"
        class="input"
        :maxlength="trialLimits.question"
        :placeholder="tastingKind(draft.kind).asks"
    /></label>
    <div class="row" role="group" aria-label="Between which arms">
      <button
        v-for="arm in trial.arms"
        :key="arm.id"
        type="button"
        class="chip"
        :aria-pressed="draft.arms.includes(arm.id)"
        @click="draft.arms = turn(draft.arms, arm.id)"
      >
        {{ arm.letter }}
      </button>
    </div>
    <fieldset>
      <legend>Who tastes</legend>
      <label v-for="g in guests" :key="g.person.id" class="who" :class="g.may"
        ><input
          type="checkbox"
          :checked="g.may !== 'no' && draft.in.includes(g.person.id)"
          :disabled="g.may === 'no'"
          @change="draft.in = turn(draft.in, g.person.id)"
        /><PersonBead :person="g.person" :size="26" label="" aria-hidden="true" /> {{ g.person.name
        }}<span v-if="g.because" :class="g.may === 'no' ? 'stop' : 'open'">{{
          g.because
        }}</span></label
      >
      <label
        >Others, with commas between<input
          v-model="draft.others"
          class="input"
          maxlength="600"
          placeholder="somebody next door"
      /></label>
      <p v-if="draft.others.trim()" class="open">
        What the others may eat, Ingwer does not know: ask them first.
      </p>
    </fieldset>
    <p v-if="before" class="soft">{{ before }}</p>
    <p v-if="wrong" class="wrong" role="alert">{{ wrong }}</p>
    <div class="row">
      <UButton type="submit" color="neutral">Lay it out</UButton
      ><UButton color="neutral" variant="ghost" @click="emit('leave')">Leave it</UButton>
    </div>
  </form>
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
.lay,
.on {
  background: var(--ground);
  border-radius: 16px;
  padding: 16px;
}
label {
  display: grid;
  gap: 3px;
}
fieldset {
  border: 0;
  padding: 0;
  margin: 0;
  gap: 4px;
}
legend {
  font-weight: 650;
  padding-bottom: 4px;
}
.who {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  align-items: center;
  min-height: 44px;
}
.who input {
  width: 22px;
  height: 22px;
  accent-color: var(--ginger);
}
.who.no {
  color: var(--soft);
}
.stop {
  color: var(--beet);
  font-weight: 600;
}
.open {
  color: var(--slate);
}
.wrong {
  color: var(--beet);
}
</style>
