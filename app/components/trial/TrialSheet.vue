<script setup lang="ts">
import type { Made } from '#core/make'
import type { Bake, Photo } from '#core/share'
import {
  learn,
  bakeLossSeen,
  openCodes,
  withMade,
  type Arm,
  type ArmRecord,
  type Lesson,
  type Tasting,
  type Trial,
} from '#core/trial'
import { bakeById, photosOf } from '~/db/house'

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
const current = useCurrentBake()
const house = useHouseStore()
const takeBack = useTakeBack()

type View = Awaited<ReturnType<ReturnType<typeof useCore>['trialView']>>
const view = shallowRef<View | null>(null)
watch(
  () => [props.trial, current.table, house.packets, house.people],
  async () => {
    const found = await useCore()
      .trialView(props.trial, house.people, props.bake.ties, {
        packets: house.packets,
        today: today(),
      })
      .catch(() => null)
    if (found) view.value = found
  },
  { immediate: true },
)
const changesOf = (arm: Arm) => view.value?.changes.find(c => c.arm === arm.id)
const fineOf = (arm: Arm) => view.value?.fine.find(f => f.arm === arm.id)?.says ?? ''
const checkOf = (arm: Arm) =>
  (view.value?.checks.find(c => c.arm === arm.id)?.people ?? []).filter(p =>
    current.table.some(t => t.id === p.personId),
  )
const cannot = (arm: Arm) =>
  checkOf(arm)
    .filter(p => p.verdict === 'conflict')
    .map(p => house.people.find(x => x.id === p.personId)?.name ?? '')
const nameOf = (id: string) => props.trial.arms.find(a => a.id === id)?.letter ?? ''

// The arms' own bakes, for the day and the counter.
const arms = shallowRef<ReadonlyMap<string, Bake>>(new Map())
const photos = shallowRef<readonly Photo[]>([])
async function look() {
  const found = (await Promise.all(props.trial.arms.map(arm => bakeById(arm.id)))).filter(
    b => b !== undefined,
  )
  arms.value = new Map(found.map(b => [b.id, b]))
  photos.value = (await Promise.all(props.trial.arms.map(arm => photosOf(arm.id)))).flat()
}
watch(() => [props.trial.id, house.rows], look, { immediate: true })
const laidOut = computed(() => props.trial.arms.every(arm => arms.value.has(arm.id)))
const madeOf = (arm: Arm): Made | null => arms.value.get(arm.id)?.made?.at(-1) ?? null
/** What was typed, filled up with what the counter wrote down. */
const seen = (arm: Arm) => withMade(arm.record, madeOf(arm))
const shopping = shallowRef<
  readonly { readonly name: string; readonly says: string; readonly optional: boolean }[]
>([])
async function layOut() {
  const bakes = await useCore().trialBakes(props.bake, props.trial, {
    now: new Date().toISOString(),
    there: [...arms.value.values()],
    serveAt: new Date(usualServing() * 60_000).toISOString(),
  })
  await house.keepBakes(bakes)
  await look()
}
watch(arms, async now => {
  shopping.value =
    now.size === props.trial.arms.length
      ? await useCore()
          .shopping([...now.values()], house.kitchen)
          .catch(() => [])
      : []
})

// What was noted.
const recording = ref<string | null>(null)
const keepRecord = (arm: Arm, record: ArmRecord) =>
  emit('keep', {
    ...props.trial,
    arms: props.trial.arms.map(a => (a.id === arm.id ? { ...a, record } : a)),
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
const figuresOf = (arm: Arm) =>
  measuredOf(arm).filter(f =>
    props.trial.arms.some(a => measuredOf(a).find(m => m.says === f.says)!.value),
  )
const scored = computed(() => props.trial.arms.some(a => a.record.scores.length))

// Who tastes what.
const tasting = ref<string | null>(null)
const keepTasting = (next: Tasting) =>
  emit('keep', {
    ...props.trial,
    tastings: props.trial.tastings.some(t => t.id === next.id)
      ? props.trial.tastings.map(t => (t.id === next.id ? next : t))
      : [...props.trial.tastings, next],
  })
const dropTasting = (id: string) =>
  emit('keep', { ...props.trial, tastings: props.trial.tastings.filter(t => t.id !== id) })
const judgedOf = (id: string) => view.value?.judged.find(j => j.id === id)?.found ?? null

// Who wins.
const crowning = ref<string | null>(null)
const again = computed(
  () => (props.bake.trials ?? []).find(t => t.rematchOf === props.trial.id) ?? null,
)
function crown(arm: Arm) {
  if (!props.trial.rematchOf && !again.value && arm !== props.trial.arms[0]) {
    crowning.value = arm.id
    return
  }
  crownNow(arm.id)
}
function crownNow(id: string | null) {
  const before = props.trial
  crowning.value = null
  emit('keep', { ...before, crowned: id })
}
type Taught = Awaited<ReturnType<ReturnType<typeof useCore>['lessons']>>
const teaches = shallowRef<Taught | null>(null)
watch(
  () => [props.trial, house.packets],
  async () => {
    if (!props.trial.crowned) {
      teaches.value = null
      return
    }
    const packets = house.packets
      .filter(p => p.ingredient && props.bake.ties.some(t => t.packets.includes(p.id)))
      .map(p => ({ id: p.id, name: p.name, ingredient: p.ingredient! }))
    teaches.value = await useCore()
      .lessons(props.trial, { title: props.bake.title, bake: props.bake.id, on: today(), packets })
      .catch(() => null)
  },
  { immediate: true },
)
const known = computed(
  () =>
    (teaches.value?.lessons ?? []).length > 0 &&
    teaches.value!.lessons.every(({ lesson }) => house.lessons.some(l => l.id === lesson.id)),
)
async function learnIt() {
  const fresh = (teaches.value?.lessons ?? []).map(l => l.lesson)
  const back = await house.keepLessons(learn(house.lessons, fresh))
  takeBack('Learned. Plans are worked out with it from now on.', 'Take it back', back)
  emit('learned', fresh)
}
/** The oven took longer or less than was reckoned for such cups: its setting can learn from the winner. */
const oven = shallowRef<{
  readonly expected: number
  readonly took: number
  readonly celsius: number
} | null>(null)
watch(
  [() => props.trial, arms, () => house.kitchen],
  async () => {
    const won = props.trial.arms.find(a => a.id === props.trial.crowned)
    const small = won && arms.value.get(won.id)
    const took = won ? seen(won).minutes : null
    const time =
      small && took
        ? (
            await useCore()
              .sizedBake(small, house.kitchen, 'grams')
              .catch(() => null)
          )?.tins[0]?.time
        : null
    const celsius = won ? (seen(won).celsius ?? won.recipe.oven?.celsius ?? null) : null
    oven.value =
      time?.ok &&
      took &&
      celsius &&
      Math.abs(took - time.likely) >= 2 &&
      !house.kitchen.oven.log.some(n => n.bake === won!.id && n.took === took)
        ? { expected: time.likely, took, celsius }
        : null
  },
  { immediate: true },
)
async function ovenLearns() {
  const [now, won] = [oven.value, props.trial.crowned]
  if (!now || !won) return
  const back = await house.keepKitchen({
    ...house.kitchen,
    oven: {
      ...house.kitchen.oven,
      log: [
        ...house.kitchen.oven.log.slice(-199),
        { on: today(), bake: won, title: `${nameOf(won)}: ${props.bake.title}`, ...now },
      ],
    },
  })
  takeBack('Remembered. The oven’s setting learns from it.', 'Take it back', back)
}
const isPlan = ref(false)
watch(
  () => [props.trial.crowned, props.bake.plan],
  async () => {
    const won = props.trial.arms.find(a => a.id === props.trial.crowned)
    isPlan.value = Boolean(
      won &&
      props.bake.plan &&
      (await useCore()
        .same(props.bake.plan.recipe, won.recipe)
        .catch(() => false)),
    )
  },
  { immediate: true },
)
async function takeAsPlan() {
  const won = props.trial.arms.find(a => a.id === props.trial.crowned)
  if (!won) return
  const before = props.bake.plan
  const plan = await useCore().versionPlan(props.bake, won, current.table, current.knows())
  await current.keepTrials({ plan })
  takeBack(`“${won.says}” is the plan now.`, 'Take it back', () =>
    current.keepTrials({ plan: before }),
  )
}
const print = () => window.print()
</script>

<template>
  <article class="trial" :aria-busy="!view">
    <section class="sheet part no-print">
      <div class="head">
        <h2 id="trial-head" tabindex="-1">{{ trial.question || 'A trial' }}</h2>
        <p class="soft">
          {{ sayDay(trial.begun)
          }}<template v-if="trial.rematchOf"> · a repeat of the winner</template>
        </p>
      </div>
      <p
        v-for="c in (view?.changes ?? []).filter(c => c.warning)"
        :key="c.arm"
        class="two"
        role="note"
      >
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
            <b>{{ arm.says }}</b><span v-if="changesOf(arm)?.changes.length" class="soft because">{{
              changesOf(arm)!
                .changes.map(c => c.says)
                .join('; ')
            }}</span
            ><span v-if="fineOf(arm)" class="because fine">{{ fineOf(arm) }}</span
            ><span v-if="cannot(arm).length" class="stop"
              >{{ cannot(arm).join(' and ') }} cannot eat this one.</span
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
            @click="recording = recording === arm.id ? null : arm.id"
            >{{ recording === arm.id ? 'Done' : 'Note' }}</UButton
          >
        </li>
      </ul>
      <RecordPad
        v-if="recording"
        :key="recording"
        :trial="trial"
        :arm="recording"
        :record="seen(trial.arms.find(a => a.id === recording)!)"
        :people="current.table"
        :photos="photos"
        @other="
          id => {
            recording = id
          }
        "
        @record="
          record =>
            keepRecord(
              trial.arms.find(a => a.id === recording)!,
              record,
            )
        "
      />
      <details v-if="view?.held.length" class="held">
        <summary>
          Held in all of them: {{ view.held.length }}
          {{ view.held.length === 1 ? 'thing' : 'things' }}
        </summary>
        <p class="soft">{{ view.held.join(' · ') }}</p>
      </details>
    </section>

    <section class="sheet part no-print" aria-labelledby="day-head">
      <h2 id="day-head">The day of it</h2>
      <template v-if="laidOut">
        <p>
          {{ trial.arms.length }} small bakes,
          {{ trial.tests === 1 ? '45 g' : `${45 * trial.tests} g` }} of flour each, on one day and
          at one counter. Their weights, times and notes come back here by themselves.
        </p>
        <div class="row">
          <UButton :to="`/day/${trial.arms[0]!.id}`" color="neutral" icon="i-lucide-clock"
            >Plan the day</UButton
          ><UButton
            :to="`/make/${trial.arms[0]!.id}`"
            color="neutral"
            variant="outline"
            icon="i-lucide-cooking-pot"
            >To the counter</UButton
          ><UButton color="neutral" variant="ghost" icon="i-lucide-printer" @click="print"
            >Print the labels</UButton
          >
        </div>
        <details v-if="shopping.length" class="held">
          <summary>What all of them take together</summary>
          <ul>
            <li v-for="each in shopping" :key="each.name">{{ each.says }}</li>
          </ul>
        </details>
      </template>
      <template v-else
        ><p class="soft">
          Each arm gets a small bake of its own, so that the day can be planned and the counter can
          weigh and time them.
        </p>
        <UButton color="neutral" @click="layOut">Lay the trial out</UButton></template
      >
    </section>

    <section class="sheet part no-print" aria-labelledby="taste-head">
      <h2 id="taste-head">Tasting</h2>
      <TastingTable
        :trial="trial"
        :people="current.seatable"
        :checks="view?.checks ?? []"
        :open="tasting"
        @lay="
          next => {
            keepTasting(next)
            tasting = next.id
          }
        "
        @keep="keepTasting"
        @open="id => emit('keep', openCodes(trial, id))"
        @show="
          id => {
            tasting = id
          }
        "
        @drop="dropTasting"
      />
      <div
        v-for="t in trial.tastings.filter(t => t.opened)"
        :key="t.id"
        class="shown"
        :class="judgedOf(t.id)?.is"
      >
        <template v-if="judgedOf(t.id)"
          ><p>
            <b>{{ judgedOf(t.id)!.says }}</b>
          </p>
          <p class="soft">{{ t.question }} {{ judgedOf(t.id)!.because }}</p></template
        >
      </div>
      <ProfileChart v-if="scored" :arms="trial.arms" />
    </section>

    <section class="sheet part no-print" aria-labelledby="crown-head">
      <h2 id="crown-head">The winner</h2>
      <template v-if="!trial.crowned">
        <p v-if="again" class="soft">It is baked once more in “{{ again.question }}”.</p>
        <div class="row">
          <button
            v-for="arm in trial.arms"
            :key="arm.id"
            type="button"
            class="pick"
            @click="crown(arm)"
          >
            <CupSign :letter="arm.letter" /> {{ arm.letter }} wins
          </button>
        </div>
        <div v-if="crowning" class="ask" role="alertdialog" aria-labelledby="again-head">
          <p id="again-head">
            <b>Bake {{ nameOf(crowning) }} once more first?</b> One afternoon has its luck: an oven
            that had just been opened, a cup at the edge. Whoever wins twice wins.
          </p>
          <div class="row">
            <UButton color="neutral" @click="emit('rematch', crowning)">Set up the repeat</UButton
            ><UButton color="neutral" variant="outline" @click="crownNow(crowning)"
              >Crown {{ nameOf(crowning) }} now</UButton
            ><UButton color="neutral" variant="ghost" @click="crowning = null">Not yet</UButton>
          </div>
        </div>
      </template>
      <template v-else>
        <p>
          <b>{{ nameOf(trial.crowned) }} won:</b>
          {{ trial.arms.find(a => a.id === trial.crowned)?.says }}.
          <button type="button" class="link" @click="crownNow(null)">Take the crown back</button>
        </p>
        <div v-if="teaches?.lessons.length" class="teach">
          <p>
            <b>What this teaches</b>{{ ' '
            }}<span class="soft"
              >—
              {{
                teaches.weight >= 0.95
                  ? 'shown by a blind test'
                  : teaches.weight >= 0.4
                    ? 'more liked it, without proof: it counts for less than half'
                    : 'one look at it, a hint'
              }}</span
            >
          </p>
          <ul>
            <li v-for="each in teaches.lessons" :key="each.lesson.id">{{ each.says }}</li>
          </ul>
        </div>
        <div v-if="oven" class="row">
          <p>
            It took {{ Math.round(oven.took) }} min in the oven, reckoned were
            {{ Math.round(oven.expected) }}.
          </p>
          <UButton color="neutral" variant="outline" @click="ovenLearns"
            >Let the oven’s setting learn from it</UButton
          >
        </div>
        <div class="row">
          <UButton color="neutral" :disabled="known || !teaches?.lessons.length" @click="learnIt">{{
            known ? 'The house has learned it' : 'Let the house learn it'
          }}</UButton><UButton
            color="neutral"
            variant="outline"
            :disabled="isPlan"
            @click="takeAsPlan"
            >{{ isPlan ? 'It is the plan' : 'Take it as the plan' }}</UButton
          >
        </div>
      </template>
      <UButton
        class="no-print"
        color="neutral"
        variant="ghost"
        size="sm"
        icon="i-lucide-trash-2"
        @click="emit('drop')"
        >Throw this trial away</UButton
      >
    </section>
    <CupLabels :trial="trial" :title="bake.title" />
  </article>
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
.row {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  align-items: center;
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
.shown {
  border-left: 5px solid var(--strand);
  padding: 4px 0 4px 16px;
}
.shown.differ {
  border-color: var(--leaf);
}
.shown.alike {
  border-color: var(--slate);
}
.pick {
  display: flex;
  gap: 8px;
  align-items: center;
  min-height: 64px;
  padding: 6px 18px 6px 10px;
  border-radius: 18px;
  border: 1.5px solid var(--line);
  cursor: pointer;
  font-weight: 600;
}
.ask {
  background: var(--ginger-pale);
  border-radius: 16px;
  padding: 14px 18px;
  display: grid;
  gap: 10px;
}
.teach ul {
  margin: 4px 0 0;
  padding-left: 20px;
}
.link {
  text-decoration: underline;
  text-underline-offset: 3px;
  cursor: pointer;
  min-height: 44px;
}
@media (max-width: 760px) {
  .part {
    padding: 14px 16px;
  }
}
</style>
