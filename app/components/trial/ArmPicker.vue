<script setup lang="ts">
import type { Bake } from '#core/share'
import { trialLimits, mostArms, letterOf, type Proposal } from '#core/trial'
import type { ChosenArm } from '~/composables/useProposedArms'
import type { TrialWish } from '~/composables/useTrials'

/** What is to be tried: the engine's proposals by what they change, and what somebody changes by hand. */
const props = defineProps<{ bake: Bake; first: boolean }>()
const emit = defineEmits<{
  begin: [wish: TrialWish]
  leave: []
}>()
const safety = useSafety()

const { arms, groups, working, failed, work } = useProposedArms(() => props.bake)
const cannot = computed(
  () => !props.bake.plan && (safety.check?.people ?? []).some(p => p.verdict === 'conflict'),
)

const chosen = shallowRef<readonly ChosenArm[]>([])
watch(
  () => props.bake.id,
  () => {
    chosen.value = []
  },
)
const warningOf = (arm: Pick<Proposal, 'changes'>) =>
  arm.changes.length > 1
    ? `Changes ${arm.changes.length} things at once: ${arm.changes.map(c => c.says).join('; and ')}.`
    : ''
const has = (id: string) => chosen.value.some(c => c.id === id)
const full = computed(() => chosen.value.length >= mostArms - 1)
const takeOut = (id: string) => {
  chosen.value = chosen.value.filter(c => c.id !== id)
}
function take(arm: ChosenArm) {
  if (!full.value && !has(arm.id)) chosen.value = [...chosen.value, arm]
}
function turnArm(arm: Proposal) {
  const { id, says, because, plan } = arm
  if (has(id)) takeOut(id)
  else take({ id, says, because, plan, warning: warningOf(arm) })
}

const question = ref('')
useDraft(`trial/${props.bake.id}`, reactive({ question }))
const tests = ref(1)
/** What a kitchen scale cannot weigh at this size, arm by arm. */
const fine = shallowRef<readonly string[]>([])
watch([chosen, tests], async () => {
  fine.value = chosen.value.length
    ? await useCore()
        .tooFine(
          (props.bake.plan ?? props.bake).recipe,
          chosen.value.map(c => c.plan.recipe),
          tests.value,
        )
        .catch(() => [])
    : []
})
const wrong = ref('')
const groupOf = ({ id }: ChosenArm) =>
  arms.value.find(arm => arm.id === id)?.group ?? (id.startsWith('own-rest') ? 'rest' : 'an amount')
/** What a trial is called that nobody named: its one arm, or what its arms are about. */
function usualQuestion() {
  const [only, another] = chosen.value
  if (only && !another) return only.says
  return [...new Set(chosen.value.map(groupOf))].join(', ')
}
function begin() {
  if (!chosen.value.length) {
    wrong.value = 'Choose at least one thing to try against it as it is.'
    return
  }
  wrong.value = ''
  emit('begin', {
    question: question.value.trim() || usualQuestion(),
    tried: chosen.value,
    tests: tests.value,
  })
}
</script>

<template>
  <section class="picker" aria-labelledby="picker-head">
    <div class="sheet bench">
      <h2 id="picker-head">{{ first ? 'A small trial' : 'A new trial' }}</h2>
      <p v-if="first" class="soft">
        A few cups side by side, each with one thing otherwise and all else the same, teach more
        than a whole cake with three guesses in it.
      </p>
      <p v-if="cannot" class="stop" role="alert">
        <b>Somebody at the table cannot eat this as it is written.</b>{{ ' '
        }}<NuxtLink :to="`/swap/${bake.id}`" class="link">Work out a version</NuxtLink> first; what
        it proposes can then be tried.
      </p>
      <ol class="cups" aria-label="Arms of the trial">
        <li class="cup">
          <CupSign letter="A" /><span
            ><b>as it is</b><br /><span class="soft">{{
              bake.plan ? 'the chosen plan' : 'the recipe as written'
            }}</span></span
          >
        </li>
        <li v-for="(arm, n) in chosen" :key="arm.id" class="cup">
          <CupSign :letter="letterOf(n + 1)" /><span
            ><b>{{ arm.says }}</b
            ><br /><span class="soft">{{ arm.because }}</span
            ><span v-if="arm.warning" class="two"><br />{{ arm.warning }}</span
            ><span v-if="fine[n]" class="fine"><br />{{ fine[n] }}</span></span
          >
          <button
            type="button"
            class="off"
            :aria-label="`Take ${letterOf(n + 1)} out`"
            @click="takeOut(arm.id)"
          >
            ×
          </button>
        </li>
        <li v-if="!chosen.length" class="cup empty">
          <CupSign letter="B" faint /><span class="soft"
            >something from {{ working ? 'what is being worked out' : 'the list' }}</span
          >
        </li>
      </ol>
      <div class="ask">
        <label class="grow"
          >What do you want to know?<input
            v-model="question"
            class="input"
            :maxlength="trialLimits.question"
            placeholder="Which stands best for the egg?"
        /></label>
        <label
          >Flour an arm<select v-model.number="tests" class="input">
            <option :value="0.5">22 g: one cup</option>
            <option :value="1">45 g: two or three cups</option>
            <option :value="2">90 g: five or six cups</option>
            <option :value="3">135 g: eight cups</option>
            <option :value="4">180 g: a small cake</option>
          </select></label
        >
        <UButton color="neutral" size="lg" :disabled="cannot" @click="begin"
          >Begin the trial</UButton
        >
        <UButton v-if="!first" color="neutral" variant="ghost" size="lg" @click="emit('leave')"
          >Leave it</UButton
        >
      </div>
      <p v-if="wrong" class="wrong" role="alert">{{ wrong }}</p>
    </div>

    <div v-if="working" class="soft working" role="status">
      <progress
        :value="working.done"
        :max="working.of"
        aria-label="Working out what can be tried"
      />
      Working out what can be tried …
    </div>
    <p v-if="failed" class="stop" role="alert">
      That could not be worked out. The recipe is kept.
      <button type="button" class="link" @click="work">Once more</button>
    </p>
    <div v-if="!cannot" class="groups">
      <fieldset v-for="group in groups" :key="group.name" class="group">
        <legend>{{ group.name }}</legend>
        <label v-for="arm in group.arms" :key="arm.id" class="arm" :class="{ on: has(arm.id) }"
          ><input
            type="checkbox"
            :checked="has(arm.id)"
            :disabled="full && !has(arm.id)"
            @change="turnArm(arm)"
          /><span
            >{{ arm.says
            }}<span class="soft why"
              >{{ arm.because
              }}<template v-if="arm.changes.length > 1">
                · {{ arm.changes.length }} changes</template
              ></span
            ></span
          ></label
        >
      </fieldset>
      <ArmByHand
        v-if="!working"
        :bake="bake"
        :full="full"
        class="group"
        @add="take"
        @wrong="wrong = $event"
      />
    </div>
  </section>
</template>

<style scoped>
.picker {
  display: grid;
  gap: 14px;
  min-width: 0;
}
.bench {
  padding: 18px 22px;
  display: grid;
  gap: 12px;
  min-width: 0;
}
h2 {
  font-size: 1.25rem;
  font-weight: 650;
}
.cups {
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(258px, 1fr));
  gap: 10px 18px;
}
.cup {
  display: flex;
  gap: 12px;
  align-items: flex-start;
  min-width: 0;
}
.cup > span {
  flex: 1;
  min-width: 0;
  overflow-wrap: anywhere;
}
.off {
  width: 44px;
  height: 44px;
  font-size: 1.4rem;
  cursor: pointer;
  border-radius: 12px;
  color: var(--soft);
}
.two {
  color: var(--beet);
}
.fine {
  color: var(--slate);
}
.ask {
  display: flex;
  flex-wrap: wrap;
  gap: 10px 14px;
  align-items: end;
}
.ask label {
  display: grid;
  gap: 3px;
  font-size: 0.96rem;
}
.grow {
  flex: 1 1 260px;
}
.working {
  display: flex;
  gap: 12px;
  align-items: center;
}
progress {
  accent-color: var(--ginger);
  width: 180px;
}
.groups {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(300px, 1fr));
  gap: 6px 26px;
  align-items: start;
}
.group {
  border: 0;
  padding: 0;
  margin: 0;
  min-width: 0;
}
legend {
  font-weight: 650;
  padding: 6px 0 2px;
}
.arm {
  display: flex;
  gap: 10px;
  align-items: flex-start;
  padding: 7px 8px;
  border-radius: 10px;
  min-height: 44px;
  cursor: pointer;
}
.arm.on {
  background: var(--ginger-pale);
}
.arm input {
  width: 22px;
  height: 22px;
  accent-color: var(--ginger);
  flex: none;
  margin-top: 1px;
}
.why {
  display: block;
  font-size: 0.92rem;
}
.stop {
  background: var(--beet-pale);
  border-radius: 14px;
  padding: 10px 16px;
}
.wrong {
  color: var(--beet);
}
</style>
