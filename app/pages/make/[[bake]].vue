<script setup lang="ts">
import { learnPace, type DayPlan } from '#core/day'
import { handsTook, madeOf, type Felt, type Timer } from '#core/make'
import type { BakeDay } from '#core/share'

const { missing, opened } = useBake()
const current = useCurrentBake()
const safety = useSafety()
const dayPlan = useDayPlan()
const house = useHouseStore()
const standing = useBeadState()
const make = useMakeStore()
const download = useDownload()
const takeBack = useTakeBack()
const bake = computed(() => current.bake)
useHead({ title: () => `Make: ${bake.value?.title ?? ''}` })

const awake = useAwake()
const counter = computed(() => make.counter)
const making = computed(() => make.making)
const finished = computed(() => counter.value?.finished ?? null)
const alarm = inject(alarmKey)!
/** The page was closed, and the clock was put back meanwhile: at least so far as the last that happened. */
let looked = ''
watch([() => making.value?.id, () => make.now], ([, moment]) => {
  if (!making.value || looked === making.value.id) return
  looked = making.value.id
  const last = making.value.log.at(-1)?.at ?? making.value.begun
  if (finished.value === null && moment < last - 0.1)
    void make.say({ do: 'clock', minutes: moment - last })
})

// Before it begins: the day as it is planned, or begun now where it is not.
const day = computed<BakeDay>(() => bake.value?.day ?? { serveAt: null, with: [], wishes: {} })
const work = (of = day.value) =>
  dayPlan.planDay(
    of,
    Math.floor(make.now),
    of.serveAt
      ? nightsBefore(Date.parse(of.serveAt) / 60_000, nightsBack(of.wishes))
      : nightsFor(make.now + 1440, make.now),
  )
watch(
  () => [
    bake.value?.id,
    bake.value?.day,
    bake.value?.size,
    bake.value?.plan,
    bake.value?.recipe,
    house.kitchen,
    making.value === null,
  ],
  () => {
    if (bake.value && !making.value) void work()
  },
  { immediate: true },
)
const plan = computed(() => (dayPlan.plan?.ok ? dayPlan.plan : null))
const problem = computed(() => (dayPlan.plan && !dayPlan.plan.ok ? dayPlan.plan.problem : null))
const cannot = computed(() => (safety.claims?.notFor ?? []).map(u => u.name))
const unsure = computed(() => (safety.claims?.notKnown ?? []).map(u => u.name))
/** Steps against cross-contact that nobody has ticked. */
const openAgainstTraces = computed(
  () => (safety.contact?.steps ?? []).filter(step => !bake.value?.ticked.includes(step.key)).length,
)
const names = (all: readonly string[]) => new Intl.ListFormat('en').format(all)
async function begin(of: Extract<DayPlan, { ok: true }> | null) {
  alarm.wake()
  if (of) {
    await make.begin(of)
    return
  }
  await work({ ...day.value, serveAt: null })
  if (plan.value) await make.begin(plan.value)
}

// On the way.
const several = computed(
  () => new Set((making.value?.cards ?? []).map(c => c.bake).filter(Boolean)).size > 1,
)
const rest = computed(() => (make.rest?.plan.ok ? make.rest.plan : null))
/** So many minutes before its end a longest wait of another card is said. */
const soonGone = 16
const idleUntil = useIdleUntil(rest)
watch(
  () => counter.value && (idleUntil.value === null ? (counter.value.current?.card.id ?? '') : ''),
  card => {
    if (card !== null) make.hold(card)
  },
  { immediate: true },
)
watch(
  [() => making.value?.log.length, () => Math.floor(make.now), () => making.value?.id],
  () => {
    if (making.value && finished.value === null) void make.replan()
  },
  { immediate: true },
)
const say = useSaying(make)
/** The next timer to end stays in sight on a phone. */
const first = computed(() => counter.value?.timers.find(t => t.stopped === null))
const more = computed(() => (counter.value?.timers.filter(t => t.stopped === null).length ?? 1) - 1)
const toTimers = () => document.getElementById('timers')?.scrollIntoView({ block: 'center' })
const scaled = ref(localStorage.getItem('ingwer-scale') === '1')
watch(scaled, is => localStorage.setItem('ingwer-scale', is ? '1' : '0'))

const baking = computed(() =>
  (counter.value?.timers ?? []).flatMap(timer => {
    const card = making.value?.cards.find(c => c.id === timer.card)
    return timer.stopped === null && card?.warming ? [{ timer, card, warming: card.warming }] : []
  }),
)
const feltOf = (timer: Timer): Felt[] =>
  (making.value?.log ?? []).flatMap(h =>
    h.do === 'felt' && h.card === timer.card
      ? [{ minutes: h.at - timer.begun, celsius: h.celsius }]
      : [],
  )
const notes = computed(() =>
  (making.value?.log ?? []).flatMap(h => (h.do === 'note' ? [h.text] : [])),
)
const photos = computed(() =>
  (making.value?.log ?? []).flatMap(h => (h.do === 'photo' ? [h.photo] : [])),
)
const quietly = computed(() => counter.value?.current?.card.id ?? '')

async function carry() {
  if (!bake.value) return
  download(
    fileName(`${bake.value.title} bake`, 'json'),
    await useCore().writeBakeFile(await house.whole(), bake.value.id, new Date().toISOString()),
    'application/json',
  )
}
onMounted(() => document.addEventListener('visibilitychange', current.catchUp))
onBeforeUnmount(() => document.removeEventListener('visibilitychange', current.catchUp))
const started = ref(false)
async function anew() {
  started.value = false
  const before = making.value
  await make.again()
  takeBack('The making is off the bench; what was recorded stays.', 'Bring it back', () =>
    current.keepMaking(before),
  )
}

// What happened.
const records = computed(() =>
  making.value
    ? [...new Set(making.value.cards.map(c => c.bake).filter(Boolean))].map(id => ({
        id,
        title: making.value!.cards.find(c => c.bake === id)!.title,
        made: madeOf(making.value!, id, finished.value ?? make.now),
      }))
    : [],
)
const result = computed(() => bake.value?.baked?.find(b => b.on === today())?.result ?? null)
const ovenOf = (made: ReturnType<typeof madeOf>) => {
  const time = made.times.find(t => t.says === 'in the oven')
  return time &&
    time.celsius !== null &&
    time.took > 3 &&
    Math.abs(time.took - time.planned) >= 2 &&
    !house.kitchen.oven.log.some(
      n => n.bake === made.bake && n.on === today() && n.took === time.took,
    )
    ? { took: time.took, expected: time.planned, celsius: time.celsius }
    : null
}
async function learn(made: ReturnType<typeof madeOf>, title: string) {
  const time = ovenOf(made)
  if (!time) return
  const back = await house.keepKitchen({
    ...house.kitchen,
    oven: {
      ...house.kitchen.oven,
      log: [
        ...house.kitchen.oven.log.slice(-199),
        {
          on: today(),
          bake: made.bake,
          title,
          celsius: time.celsius,
          expected: time.expected,
          took: time.took,
        },
      ],
    },
  })
  takeBack('Remembered. The oven’s setting learns from it.', 'Take it back', back)
}
/** How long hands took, where that is otherwise than planned; learned once a making. */
const hands = computed(() =>
  making.value && finished.value !== null
    ? handsTook(making.value).filter(t => Math.abs(Math.log(t.took / t.planned)) > 0.15)
    : [],
)
const paced = ref('')
async function learnHands() {
  if (!making.value) return
  const back = await house.keepKitchen({
    ...house.kitchen,
    pace: learnPace(house.kitchen.pace, handsTook(making.value)),
  })
  paced.value = making.value.id
  takeBack('Remembered. Days are planned with it from now on.', 'Take it back', async () => {
    await back()
    paced.value = ''
  })
}
const before = computed(() => (bake.value?.made ?? []).filter(m => m.making !== making.value?.id))
const hour = computed(() => (making.value ? (rest.value?.end ?? making.value.serveAt) : null))
</script>

<template>
  <NoBake v-if="opened && (missing || !bake)" :missing="missing" />
  <div
    v-else-if="bake"
    class="page"
    :aria-busy="(!making && (dayPlan.working || !dayPlan.plan)) || make.beginning"
  >
    <BenchBar v-if="!making || finished !== null" />
    <Teleport v-else defer to="#bench">
      <div class="top" :aria-busy="current.saved === 'saving' || make.replanning">
        <p class="title" :title="bake.title">{{ bake.title }}</p>
        <p class="where">
          <b>{{ Math.min(counter!.done + 1, counter!.of) }}</b> of {{ counter!.of
          }}<template v-if="hour"> · on the table at {{ sayHour(hour) }}</template>
          <b v-if="current.saved === 'failed'" role="alert"> · not saved</b>
        </p>
        <div class="beads">
          <PersonBead
            v-for="person in current.table"
            :key="person.id"
            :person="person"
            :state="standing(person.id)"
            :size="26"
            :label="person.name"
          />
        </div>
      </div>
    </Teleport>

    <!-- Before -->
    <section v-if="!making" class="before">
      <h1>At the counter</h1>
      <p v-if="cannot.length" class="stop" role="alert">
        <b>{{ names(cannot) }} cannot eat this as it stands.</b>{{ ' '
        }}<NuxtLink :to="`/swap/${bake.id}`" class="link">Work out a version</NuxtLink>
      </p>
      <p v-else-if="unsure.length" class="unsure">
        <b>Not known yet whether {{ names(unsure) }} can eat it:</b> packets are to be read.
        <NuxtLink :to="`/packet/${bake.id}`" class="link">To the packets</NuxtLink>
      </p>
      <p v-if="openAgainstTraces" class="unsure">
        <b
          >Against traces,
          {{ openAgainstTraces === 1 ? 'one step is' : `${openAgainstTraces} steps are` }} not
          ticked yet.</b
        >{{ ' ' }}<NuxtLink :to="`/packet/${bake.id}`" class="link">To the steps</NuxtLink>
      </p>
      <template v-if="plan">
        <p class="lead">
          <template v-if="day.serveAt"
            >On the table at <b>{{ sayMoment(plan.end, make.now) }}</b>: it begins at
            <b>{{ sayMoment(plan.start, make.now) }}</b>{{
              plan.start - make.now > 3 ? `, in ${sayLength(plan.start - make.now)}` : ''
            }}.</template
          ><template v-else
            >Begun now, it is on the table at <b>{{ sayMoment(plan.end, make.now) }}</b>.</template
          >
          {{ sayLength(plan.hands) }} of it are work.
        </p>
        <p class="soft">
          One thing at a time, with timers that go on while the page is closed. What really happens
          is kept with the bake.
          <NuxtLink :to="`/day/${bake.id}`" class="link">The day</NuxtLink> decides when.
        </p>
        <button
          type="button"
          class="knuckle done start"
          :disabled="make.beginning"
          @click="begin(plan)"
        >
          Begin
        </button>
      </template>
      <template v-else-if="problem">
        <p class="stop" role="alert">
          <b>By that hour it cannot be done.</b> {{ problem.sentence }}
          <NuxtLink :to="`/day/${bake.id}`" class="link">Change the day</NuxtLink>
        </p>
        <button type="button" class="knuckle done start" @click="begin(null)">
          Begin now all the same
        </button>
      </template>
      <p v-else class="soft" role="status">Laying out the cards …</p>
      <div v-if="before.length" class="earlier">
        <h2>Made before</h2>
        <details v-for="made in [...before].reverse()" :key="made.making" class="sheet past">
          <summary>
            {{ sayMoment(made.begun, make.now) }}, {{ sayLength(made.finished - made.begun)
            }}<span class="soft">{{
              made.differs.length ? `, ${made.differs.length} not as planned` : ', as planned'
            }}</span>
          </summary>
          <MadeSheet
            :made="made"
            :title="bake.title"
            :planned="false"
            :result="null"
            :oven="null"
          />
        </details>
      </div>
    </section>

    <!-- After -->
    <section v-else-if="finished !== null" class="after">
      <h1>On the table</h1>
      <MadeSheet
        v-for="record in records"
        :key="record.id"
        :made="record.made"
        :title="record.title"
        :planned="record.id === bake.id && bake.plan !== null"
        :result="result"
        :oven="ovenOf(record.made)"
        @result="how => make.result(how)"
        @oven="learn(record.made, record.title)"
      />
      <section
        v-if="hands.length && paced !== making.id"
        class="sheet paces"
        aria-label="Your hands"
      >
        <p>
          Your hands took
          {{
            hands
              .slice(0, 4)
              .map(
                t =>
                  `${Math.round(t.took)} instead of ${Math.round(t.planned)} min for “${t.short}”`,
              )
              .join(', ')
          }}.
        </p>
        <button type="button" class="knuckle ghost" @click="learnHands">Plan days with that</button>
      </section>
      <NotePad
        :bake="bake.id"
        :photos="photos"
        :notes="[]"
        @note="text => make.say({ do: 'note', card: '', text }).then(() => make.finish())"
        @photo="data => make.addPhoto('', data).then(() => make.finish())"
      />
      <div class="row">
        <button type="button" class="knuckle ghost" @click="make.back()">One step back</button
        ><button type="button" class="knuckle ghost" @click="anew">Make it once more</button
        ><button type="button" class="knuckle ghost" @click="carry">File of this bake</button>
      </div>
      <p>
        <NuxtLink
          v-if="bake.arm"
          :to="`/trial/${bake.arm.bake}?trial=${bake.arm.trial}`"
          class="link"
          >Back to the trial: how it tastes</NuxtLink
        ><NuxtLink v-else :to="`/trial/${bake.id}?at=wrong`" class="link"
          >Was something wrong with it?</NuxtLink
        >
      </p>
    </section>

    <!-- On the way -->
    <div v-else-if="counter" class="counter">
      <div class="main">
        <section
          v-for="call in counter.calls"
          :key="`${call.timer}/${call.mark}`"
          class="call"
          role="alert"
        >
          <p>
            <b>{{ call.says }}</b>
          </p>
          <div class="row">
            <template v-if="call.mark !== null"
              ><button
                type="button"
                class="knuckle ghost"
                @click="
                  say([
                    { do: 'more', timer: call.timer, minutes: 3 },
                    { do: 'heard', timer: call.timer, mark: call.mark },
                  ])
                "
              >
                3 min more</button
              ><button
                type="button"
                class="knuckle done"
                @click="say([{ do: 'heard', timer: call.timer, mark: call.mark }])"
              >
                Seen to
              </button></template
            >
            <template v-else
              ><button
                v-for="n in [1, 3, 5]"
                :key="n"
                type="button"
                class="knuckle ghost"
                :aria-label="`${n} minutes more`"
                @click="say([{ do: 'more', timer: call.timer, minutes: n }])"
              >
                +{{ n }}</button
              ><button
                type="button"
                class="knuckle done"
                @click="say([{ do: 'stop', timer: call.timer }])"
              >
                It is done
              </button></template
            >
          </div>
        </section>
        <p
          v-if="counter.calling && counter.calling.moment - make.now < soonGone"
          class="over calling"
          role="status"
        >
          <span
            ><b>{{
              counter.calling.moment > make.now
                ? `${sayCount(counter.calling.moment - make.now)} left:`
                : 'Now:'
            }}</b>
            {{
              several && counter.calling.placed.card.title
                ? `${counter.calling.placed.card.title}: `
                : ''
            }}{{ counter.calling.because }}</span
          ><button
            type="button"
            class="knuckle ghost"
            @click="say([{ do: 'go', card: counter.calling.placed.card.id }])"
          >
            <span>{{ counter.calling.placed.card.short }} first</span>
          </button>
        </p>
        <p v-if="rest && rest.over.length" class="over" role="status">
          Waited too long already: {{ rest.over[0] }}. Go straight on.
        </p>
        <p v-else-if="make.rest && make.rest.late >= 3" class="over" role="status">
          {{ Math.round(make.rest.late) }} min behind: on the table at {{ sayHour(hour!) }}.
        </p>
        <p v-if="make.rest && !make.rest.plan.ok" class="over" role="status">
          {{ make.rest.plan.problem.sentence }}
        </p>

        <div id="now" tabindex="-1" class="now">
          <section v-if="idleUntil !== null || !counter.current" class="idle">
            <h1>Nothing to do{{ idleUntil ? ` until ${sayMoment(idleUntil, make.now)}` : '' }}</h1>
            <p v-if="idleUntil" class="wait">
              {{
                idleUntil - make.now < 1440
                  ? sayCount(idleUntil - make.now)
                  : sayLength(idleUntil - make.now)
              }}
            </p>
            <template v-if="counter.current"
              ><p class="then">then {{ counter.current.card.says }}</p>
              <button
                type="button"
                class="knuckle ghost"
                @click="say([{ do: 'go', card: counter.current.card.id }])"
              >
                Go on with it now
              </button></template
            >
          </section>
          <CounterCard
            v-else
            v-model:scaled="scaled"
            :making="making"
            :counter="counter"
            :placed="counter.current"
            :now="make.now"
            :several="several"
            :weigh-pour="make.pour"
            @say="say"
          />
        </div>
        <ol v-if="counter.next.length" class="next" aria-label="Next">
          <li v-for="each in counter.next" :key="each.card.id">
            then {{ several && each.card.title ? `${each.card.title}: ` : ''
            }}{{ each.card.says.charAt(0).toLowerCase() }}{{ each.card.says.slice(1) }}
          </li>
        </ol>
      </div>
      <aside class="side">
        <TimerList
          id="timers"
          :timers="counter.timers"
          :now="make.now"
          @more="(timer, minutes) => say([{ do: 'more', timer, minutes }])"
          @stop="timer => say([{ do: 'stop', timer }])"
          @own="
            (says, minutes) =>
              say([{ do: 'timer', timer: `own-${making!.log.length}`, says, minutes }])
          "
        />
        <ProbePanel
          v-for="each in baking"
          :key="each.timer.id"
          :timer="each.timer"
          :warming="each.warming"
          :felt="feltOf(each.timer)"
          :likely="each.card.minutes"
          :now="make.now"
          @felt="celsius => make.say({ do: 'felt', card: each.card.id, celsius })"
          @set="minutes => say([{ do: 'more', timer: each.timer.id, minutes }])"
        />
        <NotePad
          :bake="bake.id"
          :photos="photos"
          :notes="notes"
          @note="text => make.say({ do: 'note', card: quietly, text })"
          @photo="data => make.addPhoto(quietly, data)"
        />
        <div class="row">
          <button
            type="button"
            class="knuckle ghost"
            :disabled="!make.canStepBack"
            @click="make.back()"
          >
            One step back
          </button>
        </div>
        <details class="all">
          <summary>All {{ counter.of }} cards</summary>
          <ol>
            <li v-for="each in counter.cards" :key="each.card.id">
              <button
                type="button"
                class="knuckle jump"
                :class="each.is"
                :disabled="
                  each.is === 'over' ||
                  each.is === 'running' ||
                  (each.card.kind === 'wait' && each.card.after.length > 0)
                "
                @click="say([{ do: 'go', card: each.card.id }])"
              >
                <span class="is">{{
                  {
                    over: each.leftOut ? 'left out' : 'done',
                    running: 'going on',
                    ready: '',
                    later: '',
                  }[each.is]
                }}</span>{{ each.card.says }}
              </button>
            </li>
          </ol>
        </details>
        <details class="all">
          <summary>Sound, screen, another device</summary>
          <div class="row">
            <button
              type="button"
              class="knuckle ghost"
              :aria-pressed="!alarm.quiet.value"
              @click="alarm.setQuiet(!alarm.quiet.value)"
            >
              {{ alarm.quiet.value ? 'Silent' : 'It rings' }}
            </button>
            <button
              v-if="alarm.allowed.value === 'default'"
              type="button"
              class="knuckle ghost"
              @click="alarm.ask()"
            >
              Notify me when I am elsewhere
            </button>
          </div>
          <p class="soft">
            {{
              awake.on.value
                ? 'The screen stays on while this page is open.'
                : awake.can
                  ? 'This device does not keep its screen on now; timers go on all the same.'
                  : 'This browser cannot keep the screen on; timers go on all the same.'
            }}
            {{
              {
                granted: 'Timers notify when this page is not in front.',
                denied: 'Notifications are switched off for this page.',
                default: '',
                never: 'This browser has no notifications.',
              }[alarm.allowed.value]
            }}
          </p>
          <div class="row">
            <button type="button" class="knuckle ghost" @click="carry">
              File, to go on on another device
            </button>
          </div>
          <p class="soft">Drop it on the start page there. Timers keep their hour.</p>
          <div class="row">
            <button v-if="!started" type="button" class="knuckle ghost" @click="started = true">
              Begin anew</button
            ><template v-else
              ><button type="button" class="knuckle ghost" @click="started = false">
                No, go on</button
              ><button type="button" class="knuckle ghost" @click="anew">
                Yes, put this one away
              </button></template
            >
          </div>
        </details>
      </aside>
      <a v-if="first" href="#timers" class="strip" @click.prevent="toTimers"
        ><span
          >{{ first.says }}<template v-if="more"> and {{ more }} more</template></span
        ><b>{{ sayCount(first.ends - make.now) }}</b></a
      >
    </div>
  </div>
</template>

<style scoped>
.page {
  display: grid;
  gap: 14px;
}
.top {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 2px 18px;
  min-width: 0;
}
.top .title {
  font-weight: 650;
  font-size: 1.2rem;
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
  min-width: 0;
}
.where {
  color: var(--soft);
}
.where b {
  color: var(--ink);
}
.beads {
  display: flex;
  gap: 4px;
  margin-left: auto;
}
.before,
.after {
  display: grid;
  gap: 14px;
  max-width: 820px;
}
.before h1,
.after h1 {
  font-size: 1.8rem;
  font-weight: 700;
}
.lead {
  font-size: 1.2rem;
}
.start {
  justify-self: start;
  min-height: 76px;
  min-width: 220px;
  font-size: 1.4rem;
}
.stop {
  background: var(--beet-pale);
  border-radius: 14px;
  padding: 12px 18px;
}
.unsure {
  background: var(--slate-pale);
  border-radius: 14px;
  padding: 12px 18px;
}
.link {
  display: inline-flex;
  min-height: 44px;
  align-items: center;
  text-decoration: underline;
  text-underline-offset: 3px;
  color: var(--ginger-ink);
}
.earlier {
  display: grid;
  gap: 8px;
}
.earlier h2 {
  font-size: 1.15rem;
  font-weight: 650;
}
.past {
  padding: 4px 18px;
}
.past summary {
  min-height: 64px;
  display: flex;
  align-items: center;
  gap: 6px;
  cursor: pointer;
}
.paces {
  padding: 14px 22px;
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  align-items: center;
}
.row {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
}
.counter {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 372px;
  gap: 18px 34px;
  align-items: start;
}
.main {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 16px;
  min-width: 0;
}
.side {
  display: grid;
  gap: 14px;
  min-width: 0;
}
.now {
  outline: none;
}
.call {
  background: var(--ginger-pale);
  border: 2.5px solid var(--ginger);
  border-radius: 18px;
  padding: 14px 18px;
  display: grid;
  gap: 10px;
}
.call p {
  font-size: 1.35rem;
}
.call p::first-letter {
  text-transform: uppercase;
}
.call .done {
  flex: 1;
}
.over {
  background: var(--slate-pale);
  border-radius: 14px;
  padding: 10px 14px;
}
.calling button span {
  display: inline-block;
}
.calling button span::first-letter {
  text-transform: uppercase;
}
.calling {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  align-items: center;
  justify-content: space-between;
}
.idle {
  display: grid;
  gap: 12px;
}
.idle h1 {
  font-size: clamp(1.7rem, 4vw, 2.3rem);
  font-weight: 700;
}
.wait {
  font-family: var(--font-title);
  font-weight: 750;
  font-size: clamp(4rem, 12vw, 6rem);
  line-height: 1;
  letter-spacing: -0.03em;
}
.then {
  color: var(--soft);
  font-size: 1.1rem;
}
.idle .knuckle {
  justify-self: start;
}
.next {
  list-style: none;
  margin: 0;
  padding: 0;
}
.next li {
  border-top: 1.5px solid var(--line);
  padding: 12px 0;
  color: var(--soft);
  font-size: 1.1rem;
  display: -webkit-box;
  -webkit-line-clamp: 2;
  -webkit-box-orient: vertical;
  overflow: hidden;
}
.all summary {
  min-height: 64px;
  display: flex;
  align-items: center;
  cursor: pointer;
  text-decoration: underline;
  text-underline-offset: 3px;
}
.all[open] {
  display: grid;
  gap: 10px;
}
.all ol {
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  gap: 6px;
}
.jump {
  width: 100%;
  text-align: left;
  font-weight: 400;
  font-size: 1rem;
  padding: 8px 14px;
  background: var(--sheet);
}
.jump.over {
  opacity: 0.75;
}
.is {
  display: inline-block;
  min-width: 62px;
  color: var(--leaf);
  font-weight: 650;
}
.is:empty {
  display: none;
}
/* Where timers stand below the card. */
.strip {
  display: none;
}
@media (max-width: 1000px) {
  .counter {
    grid-template-columns: minmax(0, 1fr);
  }
  .strip {
    position: fixed;
    inset: auto 0 0;
    z-index: 19;
    min-height: 64px;
    display: flex;
    align-items: center;
    justify-content: space-between;
    gap: 14px;
    padding: 0 20px;
    background: var(--sheet);
    border-top: 1.5px solid var(--line);
    color: var(--ink);
  }
  .strip b {
    font-size: 1.5rem;
  }
  .strip span::first-letter {
    text-transform: uppercase;
  }
}
@media (max-width: 760px) {
  .strip {
    bottom: calc(61px + env(safe-area-inset-bottom));
  }
  .counter {
    padding-bottom: 40px;
  }
  .beads {
    display: none;
  }
  .top {
    padding: 6px 0;
  }
  .top .title {
    flex-basis: 100%;
    font-size: 1.06rem;
  }
  .next li {
    display: block;
    white-space: nowrap;
    text-overflow: ellipsis;
    padding: 9px 0;
  }
}
</style>
