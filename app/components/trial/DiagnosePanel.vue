<script setup lang="ts">
import { linesOf } from '#core/recipe'
import type { Bake } from '#core/share'
import type { Plan } from '#core/swap'
import { noRecord, type Arm, type Diagnosis, type Symptom } from '#core/trial'
import { bakeById } from '~/db/house'

/** What went wrong, most likely why by this recipe's own figures, and the one thing to change next. */
const props = defineProps<{ bake: Bake }>()
const emit = defineEmits<{ try: [says: string, because: string, plan: Plan, base: Plan] }>()
const current = useCurrentBake()
const house = useHouseStore()

/** Which version was on the table. */
const versions = computed(() => [
  {
    id: 'plan',
    says: props.bake.plan ? 'the chosen plan' : 'the recipe as written',
    arm: null as Arm | null,
  },
  ...(props.bake.trials ?? []).flatMap(trial =>
    trial.arms.map(arm => ({
      id: arm.id,
      says: `${sayDay(trial.begun)}, ${arm.letter}: ${arm.says}`,
      arm,
    })),
  ),
])
const which = ref('plan')
const arm = computed(() => versions.value.find(v => v.id === which.value)?.arm ?? null)

const rows = shallowRef<
  readonly { readonly id: string; readonly says: string; readonly sense: string }[]
>([])
const senses = [
  { id: 'look', says: 'how it looks' },
  { id: 'bite', says: 'how it cuts and bites' },
  { id: 'taste', says: 'how it tastes' },
] as const
const family = ref<string | null>(null)
watch(
  () => [props.bake.recipe, props.bake.plan] as const,
  async ([recipe, plan]) => {
    const is = await useCore().symptoms(recipe, plan)
    family.value = is.family
    rows.value = is.rows
  },
  { immediate: true },
)
const said = ref<Readonly<Record<string, 'yes' | 'no'>>>({})
watch(
  () => props.bake.id,
  () => {
    said.value = {}
    which.value = 'plan'
  },
)
function say(id: string, to: 'yes' | 'no' | null) {
  const { [id]: _, ...rest } = said.value
  said.value = to ? { ...rest, [id]: to } : rest
}
/** What its tasters' scores say already. */
const scored = shallowRef<readonly string[]>([])
watch(arm, async now => {
  scored.value = now ? await useCore().symptomsOf(now.record) : []
})
const fromScores = computed(() =>
  scored.value.filter(id => said.value[id] !== 'yes' && rows.value.some(r => r.id === id)),
)
const words = ref('')
const unread = ref('')
async function read() {
  if (!words.value.trim()) return
  const found = await useCore().symptomsIn(words.value, family.value)
  unread.value = found.length
    ? ''
    : `“${words.value.trim().slice(0, 60)}” names no fault that is known here. Tick what comes nearest.`
  if (found.length) {
    for (const id of found) said.value = { ...said.value, [id]: 'yes' }
    words.value = ''
  }
}

const figures = [
  { id: 'rested', says: 'cooled before it was cut', unit: 'min', least: 0, most: 4000 },
  { id: 'waited', says: 'stood between mixing and oven', unit: 'min', least: 0, most: 1000 },
  { id: 'minutes', says: 'was in the oven', unit: 'min', least: 0, most: 600 },
  { id: 'core', says: 'its middle when it came out', unit: '°C', least: 0, most: 130 },
  { id: 'before', says: 'weighed before the oven', unit: 'g', least: 0, most: 20_000 },
  { id: 'after', says: 'weighed after it', unit: 'g', least: 0, most: 20_000 },
] as const
const typed = ref<Readonly<Record<string, number>>>({})
const wrong = ref('')
function figure(id: string, text: string) {
  const row = figures.find(f => f.id === id)!
  const { [id]: _, ...rest } = typed.value
  if (!text.trim()) {
    typed.value = rest
    wrong.value = ''
    return
  }
  const n = readDecimal(text)
  if (n === null || !Number.isFinite(n) || n < row.least || n > row.most) {
    wrong.value = `“${text}” is no figure for “${row.says}”: ${row.least} to ${row.most} ${row.unit}.`
    return
  }
  wrong.value = ''
  typed.value = { ...rest, [id]: n }
}
const made = shallowRef<Bake['made']>()
watch(
  arm,
  async now => {
    made.value = now ? (await bakeById(now.id))?.made : props.bake.made
  },
  { immediate: true },
)

const found = shallowRef<Diagnosis | null>(null)
const working = ref(false)
let turn = 0
watch(
  [said, typed, which, made, () => props.bake.recipe, () => props.bake.plan, () => current.table],
  async () => {
    const symptoms: Symptom[] = Object.entries(said.value).map(([id, is]) => ({
      id,
      absent: is === 'no',
    }))
    if (!symptoms.some(s => !s.absent)) {
      found.value = null
      working.value = false
      return
    }
    const mine = ++turn
    working.value = true
    const record = { ...(arm.value?.record ?? noRecord) }
    const { before, after, minutes, core, rested, waited } = typed.value
    const next = await useCore()
      .diagnose(
        symptoms,
        props.bake.recipe,
        props.bake.plan,
        {
          people: [...current.table],
          wishes: props.bake.wishes,
          ...(arm.value ? { baked: arm.value.recipe } : {}),
          made: made.value?.at(-1) ?? null,
          record: {
            ...record,
            before: before ?? record.before,
            after: after ?? record.after,
            minutes: minutes ?? record.minutes,
          },
          core: core ?? null,
          rested: rested ?? null,
          waited: waited ?? null,
          planned: arm.value ? null : plannedMinutes.value,
        },
        current.knows(),
        arm.value ? null : props.bake,
        house.kitchen,
      )
      .catch(() => null)
    if (mine !== turn) return
    found.value = next
    working.value = false
  },
  { immediate: true },
)
const plannedMinutes = computed(() => {
  const m = props.bake.recipe.oven?.minutes
  return m ? (m.low + m.high) / 2 : null
})
const shown = computed(
  () =>
    found.value?.causes.filter((c, i) => i < 5 && c.likelihood > 0.02 && c.explains.length) ?? [],
)
const percent = (n: number) => `${Math.round(100 * n)} %`
async function tryIt(n: number) {
  const cause = shown.value[n]
  if (!cause?.nextChange?.plan) return
  const base = arm.value
    ? await useCore().versionPlan(props.bake, arm.value, [...current.table], current.knows())
    : await useCore().basePlan(current.handBase(props.bake))
  emit('try', cause.nextChange.says.replace(/\.$/u, ''), cause.cause, cause.nextChange.plan, base)
}
const many = computed(() => linesOf(props.bake.recipe).filter(l => l.grams).length)
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
        /><UButton type="submit" color="neutral" variant="outline">Read it</UButton>
      </form>
      <p v-if="fromScores.length" class="scores">
        Its scores say: {{ fromScores.map(id => rows.find(r => r.id === id)!.says).join('; ') }}.
        <UButton color="neutral" variant="outline" @click="fromScores.forEach(id => say(id, 'yes'))"
          >Take that over</UButton
        >
      </p>
      <p v-if="unread" class="wrong" role="alert">{{ unread }}</p>
      <template v-for="sense in senses" :key="sense.id"
        ><h3 v-if="rows.some(r => r.sense === sense.id)" class="sense">{{ sense.says }}</h3>
        <ul class="faults" :aria-label="`Faults: ${sense.says}`">
          <li v-for="row in rows.filter(r => r.sense === sense.id)" :key="row.id">
            <button
              type="button"
              class="fault"
              :aria-pressed="said[row.id] === 'yes'"
              @click="say(row.id, said[row.id] === 'yes' ? null : 'yes')"
            >
              {{ row.says }}</button><button
              v-if="said[row.id] === 'no'"
              type="button"
              class="not"
              :aria-label="`Not looked for: ${row.says}`"
              @click="say(row.id, null)"
            >
              not so ×
            </button>
          </li>
        </ul></template
      >
      <details class="figures">
        <summary>
          What was measured{{ Object.keys(typed).length ? `: ${Object.keys(typed).length}` : '' }}
        </summary>
        <div class="grid">
          <label v-for="f in figures" :key="f.id"
            >{{ f.says }}, {{ f.unit
            }}<TypedField
              :shown="typed[f.id] ?? ''"
              inputmode="decimal"
              @typed="text => figure(f.id, text)"
          /></label>
        </div>
        <p v-if="wrong" class="wrong" role="alert">{{ wrong }}</p>
      </details>
    </section>

    <section class="causes" aria-labelledby="why-head" :aria-busy="working">
      <h2 id="why-head">Most likely</h2>
      <p v-if="!found && !working" class="soft">
        Say what is wrong, and the {{ many }} weights of this recipe, its oven and whatever was
        measured are looked through for the cause.
      </p>
      <p v-if="working && !found" class="soft" role="status">Looking through the recipe …</p>
      <template v-if="found">
        <p v-for="c in found.contradictions" :key="c" class="clash" role="note">{{ c }}</p>
        <ol class="list">
          <li v-for="(cause, n) in shown" :key="cause.id" class="sheet cause">
            <div class="top">
              <h3>{{ cause.cause }}</h3>
              <span class="share">{{ percent(cause.likelihood) }}</span>
            </div>
            <div class="bar" aria-hidden="true">
              <span :style="{ width: `${100 * cause.likelihood}%` }" />
            </div>
            <p>{{ cause.because }}</p>
            <div v-if="cause.nextChange" class="next">
              <p><b>Change one thing:</b> {{ cause.nextChange.says }}</p>
              <UButton
                v-if="cause.nextChange.plan"
                color="neutral"
                :variant="n ? 'outline' : 'solid'"
                @click="tryIt(n)"
                >Try it side by side</UButton
              >
            </div>
            <p class="soft source">{{ cause.source }}</p>
          </li>
        </ol>
        <div v-for="b in found.besides" :key="b.symptom" class="apart">
          <p>
            <b>Not explained by that: {{ b.says }}.</b> Perhaps a second fault. By itself it is most
            likely “{{ b.cause.cause.toLowerCase() }}” ({{ percent(b.cause.likelihood) }}).
            <template v-if="b.cause.nextChange"
              >For that: {{ b.cause.nextChange.says }} One at a time.</template
            >
          </p>
        </div>
        <p class="soft">
          {{ percent(found.else) }} for something that is not in these tables. Likelihoods rest on
          bakers’ fault lists and on this recipe’s figures; they add up to 100, and are no proof.
        </p>
        <div v-if="found.apart" class="apart">
          <p><b>What would tell them apart.</b> {{ found.apart.asks }}</p>
          <div v-if="found.apart.symptom" class="row">
            <UButton color="neutral" variant="outline" @click="say(found.apart!.symptom!, 'yes')"
              >It is</UButton
            ><UButton color="neutral" variant="outline" @click="say(found.apart!.symptom!, 'no')"
              >It is not</UButton
            >
          </div>
        </div>
      </template>
    </section>
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
h3 {
  font-size: 1.1rem;
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
.say button {
  flex: none;
}
.sense {
  font-size: 0.98rem;
  color: var(--soft);
  font-weight: 600;
}
.faults {
  list-style: none;
  margin: 0;
  padding: 0;
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}
.faults li {
  display: flex;
  gap: 4px;
}
.fault {
  min-height: 44px;
  padding: 4px 14px;
  border-radius: 22px;
  border: 1.5px solid var(--line);
  cursor: pointer;
  text-align: left;
}
.fault[aria-pressed='true'] {
  background: var(--beet-pale);
  border-color: var(--beet);
  font-weight: 600;
}
.not {
  min-height: 44px;
  padding: 0 12px;
  border-radius: 22px;
  background: var(--slate-pale);
  cursor: pointer;
}
.figures summary {
  min-height: 44px;
  display: flex;
  align-items: center;
  cursor: pointer;
  text-decoration: underline;
  text-underline-offset: 3px;
}
.grid {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(170px, 1fr));
  gap: 10px;
  align-items: end;
}
.causes {
  display: grid;
  gap: 12px;
  min-width: 0;
}
.list {
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  gap: 12px;
}
.cause {
  padding: 14px 20px;
  display: grid;
  gap: 8px;
}
.top {
  display: flex;
  justify-content: space-between;
  gap: 12px;
  align-items: baseline;
}
.share {
  font-weight: 700;
  font-size: 1.15rem;
  white-space: nowrap;
}
.bar {
  height: 9px;
  border-radius: 5px;
  background: var(--line);
  overflow: hidden;
}
.bar span {
  display: block;
  height: 100%;
  background: var(--ginger);
  border-radius: 5px;
}
.next {
  background: var(--ginger-pale);
  border-radius: 14px;
  padding: 10px 16px;
  display: flex;
  flex-wrap: wrap;
  gap: 8px 16px;
  align-items: center;
  justify-content: space-between;
}
.source {
  font-size: 0.88rem;
}
.apart {
  background: var(--slate-pale);
  border-radius: 14px;
  padding: 12px 18px;
  display: grid;
  gap: 10px;
}
.clash {
  background: var(--slate-pale);
  border-radius: 14px;
  padding: 10px 16px;
}
.row {
  display: flex;
  gap: 10px;
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
