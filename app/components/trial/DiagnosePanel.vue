<script setup lang="ts">
import { linesOf } from '#core/recipe'
import type { Bake } from '#core/share'
import { trialLimits, type Arm, type Diagnosis } from '#core/trial'
import type { TrialWish } from '~/composables/useTrials'

/** What went wrong, most likely why by this recipe's own figures, and the one thing to change next. */
const props = defineProps<{ bake: Bake }>()
const emit = defineEmits<{ try: [wish: TrialWish] }>()
const current = useCurrentBake()

/** Which version was on the table. */
const versions = computed(() => {
  const ofArms = (props.bake.trials ?? []).flatMap(trial =>
    trial.arms.map(arm => ({
      id: arm.id,
      says: `${sayDay(trial.begun)}, ${arm.letter}: ${arm.says}`,
      arm,
    })),
  )
  const says = props.bake.plan ? 'the chosen plan' : 'the recipe as written'
  return [{ id: 'plan', says, arm: null as Arm | null }, ...ofArms]
})
const which = ref('plan')
watch(
  () => props.bake.id,
  () => {
    which.value = 'plan'
  },
)
const arm = computed(() => versions.value.find(v => v.id === which.value)?.arm ?? null)
const { rows, said, say, sayAll, fromScores, words, unread, read } = useFaults(props, arm)
useDraft(`diagnosis/${props.bake.id}`, reactive({ words }))
const scores = computed(() => fromScores.value.map(row => row.says).join('; '))
const typed = ref<Readonly<Record<string, number>>>({})
const { found, working } = useDiagnosis({
  get bake() {
    return props.bake
  },
  arm,
  said,
  typed,
})
const weights = computed(() => linesOf(props.bake.recipe).filter(line => line.grams).length)

async function tryIt({ cause, nextChange }: Diagnosis['causes'][number]) {
  if (!nextChange?.plan) return
  const base = arm.value
    ? await useCore().versionPlan(props.bake, arm.value, [...current.table], current.knows())
    : await useCore().basePlan(current.handBase(props.bake))
  const says = nextChange.says.replace(/\.$/u, '')
  emit('try', {
    question: `Was it this? ${says}`.slice(0, trialLimits.question),
    tried: [{ says, because: cause, plan: nextChange.plan }],
    tests: 1,
    base,
  })
}
</script>

<template>
  <div class="two">
    <section class="sheet part" aria-labelledby="wrong-head">
      <h2 id="wrong-head">What is wrong with it?</h2>
      <label v-if="versions.length > 1"
        >Which version<select v-model="which" class="input">
          <option v-for="v in versions" :key="v.id" :value="v.id">{{ v.says }}</option>
        </select></label
      >
      <form class="say" @submit.prevent="read">
        <input
          v-model="words"
          class="input"
          aria-label="In your own words"
          placeholder="it sank and is gluey in the middle"
          maxlength="300"
          @change="read"
        /><UButton type="submit" color="neutral" variant="outline" class="shrink-0"
          >Read it</UButton
        >
      </form>
      <p v-if="fromScores.length" class="scores">
        Its scores say: {{ scores }}.
        <UButton color="neutral" variant="outline" @click="sayAll(fromScores.map(row => row.id))"
          >Take that over</UButton
        >
      </p>
      <p v-if="unread" class="wrong" role="alert">{{ unread }}</p>
      <FaultList :rows="rows" :said="said" @say="say" />
      <MeasuredFigures v-model="typed" />
    </section>

    <CauseList :found="found" :working="working" :weights="weights" @say="say" @try="tryIt" />
  </div>
</template>

<style scoped>
.two {
  display: grid;
  grid-template-columns: minmax(0, 5fr) minmax(0, 6fr);
  gap: 14px 26px;
  align-items: start;
}
.part {
  padding: 16px 22px;
  display: grid;
  gap: 12px;
  min-width: 0;
}
h2 {
  font-size: 1.2rem;
  font-weight: 650;
}
label {
  display: grid;
  gap: 3px;
  font-size: 0.96rem;
}
.say {
  display: flex;
  gap: 8px;
  align-items: center;
}
.scores {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  align-items: center;
}
.wrong {
  color: var(--beet);
}
@media (max-width: 940px) {
  .two {
    grid-template-columns: minmax(0, 1fr);
  }
  .part {
    padding: 14px 16px;
  }
}
</style>
