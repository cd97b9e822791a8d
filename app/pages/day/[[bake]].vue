<script setup lang="ts">
import { dayLimits, type Keeping, type OwnTask, type PlacedTask } from '#core/day'
import { calendar } from '#core/share'

const { missing, opened } = useBake()
const current = useCurrentBake()
const dayPlan = useDayPlan()
const house = useHouseStore()
const download = useDownload()
const takeBack = useTakeBack()
const bake = computed(() => current.bake)
useHead({ title: () => `Day: ${bake.value?.title ?? ''}` })

const { day, serveAt, keep, wish, plan, problem, last, shown } = useBakeDay()
const evening = computed(() => shown.value?.tasks.filter(t => t.evening) ?? [])
/** More than a night away, it is no evening before. */
const early = computed(() =>
  evening.value.length && shown.value && shown.value.end - evening.value[0]!.starts > 2 * 1440 - 300
    ? 'Days before'
    : 'The evening before',
)
const main = computed(() => shown.value?.tasks.filter(t => !t.evening) ?? [])
const others = computed(() => house.shelf.filter(row => row.id !== bake.value?.id && !row.archived))
const titles = computed<Readonly<Record<string, string>>>(() =>
  Object.fromEntries([
    ...(bake.value ? [[bake.value.id, bake.value.title] as const] : []),
    ...house.rows
      .filter(o => o.id !== bake.value?.id && day.value.with.includes(o.id))
      .map(o => [o.id, o.title] as const),
  ]),
)

const late = shallowRef<{ readonly serve: number; readonly over: readonly string[] } | null>(null)
watch(plan, async now => {
  late.value = now ? await useCore().ifLate(now, 20) : null
})

function servedAt(value: string) {
  const at = fromField(value)
  if (at !== null) void keep({ serveAt: new Date(at * 60_000).toISOString() })
}
const together = (id: string, is: boolean) =>
  keep({ with: is ? [...day.value.with, id] : day.value.with.filter(x => x !== id) })
function without(map: Readonly<Record<string, number>> | undefined, id: string) {
  const { [id]: _, ...rest } = map ?? {}
  return rest
}
function length(task: PlacedTask, minutes: number) {
  const usual = task.usual ?? task.minutes
  if (task.kind === 'own') {
    void wish({
      own: (day.value.wishes.own ?? []).map(o => (o.id === task.id ? { ...o, minutes } : o)),
    })
    return
  }
  void wish({
    minutes:
      Math.abs(minutes - usual) < 0.01
        ? without(day.value.wishes.minutes, task.id)
        : { ...day.value.wishes.minutes, [task.id]: minutes },
  })
}
const hour = (task: PlacedTask, which: 'notBefore' | 'outBy', at: number | null) =>
  wish({
    [which]:
      at === null
        ? without(day.value.wishes[which], task.id)
        : { ...day.value.wishes[which], [task.id]: at },
  })
/** Dragged to the left it must be over earlier; to the right it does not begin before. */
const move = (task: PlacedTask, by: number) =>
  wish(
    by < 0
      ? {
          outBy: { ...day.value.wishes.outBy, [task.id]: Math.round(task.ends + by) },
          notBefore: without(day.value.wishes.notBefore, task.id),
        }
      : {
          notBefore: { ...day.value.wishes.notBefore, [task.id]: Math.round(task.starts + by) },
          outBy: without(day.value.wishes.outBy, task.id),
        },
  )
const isChanged = computed(() =>
  Object.values(day.value.wishes).some(w => w && Object.keys(w).length > 0),
)

/** How long each bake of the day keeps, for what may be made ahead. */
const keeping = shallowRef<Readonly<Record<string, Keeping>>>({})
watch(
  () => [bake.value?.id, bake.value?.plan, bake.value?.recipe, day.value.with],
  async () => {
    keeping.value = Object.fromEntries(await useCore().keepings(await current.bakesOf(day.value)))
  },
  { immediate: true },
)
const frozenFor = [1, 2, 3, 7, 14, 30, 60]
const ways = (id: string) => {
  const k = keeping.value[id]
  return k
    ? [
        { value: '', says: 'on the day' },
        ...Array.from({ length: Math.min(7, k.days) }, (_, n) => ({
          value: `kept ${n + 1}`,
          says: n ? `${n + 1} days before` : 'the day before',
        })),
        ...frozenFor
          .filter(d => d <= k.frozenDays)
          .map(d => ({
            value: `frozen ${d}`,
            says: `${d === 1 ? 'the day' : `${d} days`} before, frozen`,
          })),
      ]
    : []
}
const aheadOf = (id: string) => {
  const ahead = day.value.wishes.ahead?.[id]
  return ahead ? `${ahead.how} ${ahead.days}` : ''
}
function makeAhead(id: string, way: string) {
  const { [id]: _, ...rest } = day.value.wishes.ahead ?? {}
  const [how, days] = way.split(' ')
  void wish({
    ahead: way ? { ...rest, [id]: { how: how as 'kept' | 'frozen', days: Number(days) } } : rest,
  })
}

const own = reactive({ says: '', minutes: '10', hands: true, after: '' })
const wrong = ref('')
function addOwn() {
  const n = readDecimal(own.minutes)
  if (!own.says.trim()) {
    wrong.value = 'What is to be done?'
    return
  }
  if (n === null || !Number.isFinite(n) || n < 0 || n > 1440) {
    wrong.value = `“${own.minutes}” is no length: minutes from 0 to 1440.`
    return
  }
  wrong.value = ''
  const task: OwnTask = {
    id: `own-${crypto.randomUUID()}`,
    says: own.says.trim().slice(0, 120),
    minutes: n,
    hands: own.hands,
    ...(own.after ? { after: own.after } : {}),
  }
  own.says = ''
  void wish({ own: [...(day.value.wishes.own ?? []), task] })
}
const title = computed(() => Object.values(titles.value).join(', '))
async function saveCalendar() {
  if (plan.value)
    download(
      fileName(bake.value!.title, 'ics'),
      await useCore().calendarOf(
        plan.value,
        title.value,
        new Date().toISOString(),
        dayPlan.shopping,
      ),
      'text/calendar',
    )
}
async function saveText() {
  if (plan.value) {
    const end = plan.value.end
    download(
      fileName(`${bake.value!.title} day`, 'md'),
      (await calendar()).dayText(
        plan.value,
        title.value,
        at => sayMoment(at, end),
        dayPlan.shopping,
      ),
      'text/markdown',
    )
  }
}
async function forgetPace() {
  const back = await house.keepKitchen({ ...house.kitchen, pace: {} })
  takeBack('Days are planned by the usual times again.', 'Take it back', back)
}
const print = () => window.print()
</script>

<template>
  <NoBake v-if="opened && (missing || !bake)" :missing="missing" />
  <div v-else-if="bake" class="page" :aria-busy="dayPlan.working || !dayPlan.plan">
    <BenchBar />
    <h1 class="sr-only">The day</h1>
    <section class="sheet ask no-print" aria-label="When">
      <label
        >On the table at
        <input
          type="datetime-local"
          class="input"
          :value="serveAt === null ? '' : toField(serveAt)"
          :disabled="serveAt === null"
          @change="servedAt(($event.target as HTMLInputElement).value)"
      /></label>
      <button
        type="button"
        class="way"
        :aria-pressed="serveAt === null"
        @click="
          keep({
            serveAt: serveAt === null ? new Date(usualServing() * 60_000).toISOString() : null,
          })
        "
      >
        begin now
      </button>
      <details class="with">
        <summary>
          {{ day.with.length ? `and ${day.with.length} more on the same day` : 'with other bakes' }}
        </summary>
        <label v-for="other in others" :key="other.id" class="check"
          ><input
            type="checkbox"
            :checked="day.with.includes(other.id)"
            @change="together(other.id, ($event.target as HTMLInputElement).checked)"
          />
          {{ other.title }}</label
        >
        <p v-if="!others.length" class="soft">Nothing else is on the shelf.</p>
      </details>
      <details v-if="serveAt !== null" class="with">
        <summary>
          {{ Object.keys(day.wishes.ahead ?? {}).length ? 'made ahead' : 'make it ahead' }}
        </summary>
        <label v-for="(name, id) in titles" :key="id" class="check"
          >{{ name }}
          <select
            class="input"
            :value="aheadOf(id)"
            :aria-label="`Made ahead: ${name}`"
            @change="makeAhead(id, ($event.target as HTMLSelectElement).value)"
          >
            <option v-for="way in ways(id)" :key="way.value" :value="way.value">
              {{ way.says }}
            </option></select
          >{{ ' '
          }}<span v-if="keeping[id]" class="soft"
            >{{ keeping[id].says }}, {{ keeping[id].days }} days; frozen:
            {{ keeping[id].freeze }}.</span
          ></label
        >
      </details>
    </section>

    <p v-if="problem" class="misfit" role="alert">
      <b>{{ problem.code === 'late' ? 'Not by then.' : 'That cannot be.' }}</b>
      {{ problem.sentence }}
      <UButton
        v-if="problem.nearest && serveAt !== null"
        color="neutral"
        @click="keep({ serveAt: new Date(Math.ceil(problem.nearest / 5) * 300_000).toISOString() })"
        >On the table at {{ sayMoment(Math.ceil(problem.nearest / 5) * 5, serveAt) }}</UButton
      >
      <span v-if="last" class="soft">Below is the day as it was before.</span>
    </p>
    <p v-if="!shown && !problem" class="soft" role="status">Placing the day …</p>

    <template v-if="shown">
      <section class="sheet part" aria-labelledby="drawn">
        <div class="head">
          <h2 id="drawn">{{ evening.length ? `${early}, and the day` : 'The day' }}</h2>
          <p>
            <b>Begin at {{ sayMoment(shown.start, shown.end) }}</b
            >, on the table at {{ sayHour(shown.end) }}: {{ sayLength(shown.total) }} in all,
            {{ sayLength(shown.hands) }} of it work.<span
              v-if="dayPlan.working"
              class="soft looking"
              role="status"
            >
              Looking for a shorter day …</span
            >
          </p>
        </div>
        <p v-for="warning in shown.warnings" :key="warning" class="misfit warn" role="status">
          {{ warning }}
        </p>
        <DayTimeline :plan="shown" :bakes="Object.keys(titles)" @move="move" />
        <p class="soft tiny">
          Drag a block, or move it with the arrow keys; the rest follows. A thick edge is
          tight.<template v-if="late">
            Begun 20 minutes late, it is on the table at {{ sayHour(late.serve)
            }}{{ late.over.length ? `, and ${late.over[0]}` : '' }}.</template
          >
        </p>
      </section>
      <div class="two">
        <div class="lists">
          <section v-if="evening.length" class="sheet part" aria-labelledby="evening">
            <h2 id="evening">{{ early }}</h2>
            <DayList
              :plan="shown"
              :tasks="evening"
              :titles="titles"
              :wishes="day.wishes"
              @length="length"
              @hour="hour"
            />
          </section>
          <section class="sheet part" aria-labelledby="hours">
            <h2 id="hours">Hour by hour</h2>
            <DayList
              :plan="shown"
              :tasks="main"
              :titles="titles"
              :wishes="day.wishes"
              @length="length"
              @hour="hour"
              @drop="task => wish({ own: (day.wishes.own ?? []).filter(o => o.id !== task.id) })"
            />
          </section>
        </div>
        <aside class="side">
          <section v-if="shown.preheats.length">
            <h2>The oven</h2>
            <p v-for="heat in shown.preheats" :key="heat.at">
              <b>{{ sayHour(heat.at) }}</b> heat to {{ heat.celsius }} °C
            </p>
          </section>
          <details v-if="dayPlan.shopping.length" class="buy">
            <summary><h2>What it takes</h2></summary>
            <ul>
              <li v-for="each in dayPlan.shopping" :key="each.name">
                {{ each.says }}<span v-if="each.optional" class="soft"> if wanted</span>
              </li>
            </ul>
          </details>
          <form class="own no-print" aria-label="A task of your own" @submit.prevent="addOwn">
            <h2>Something else that day</h2>
            <label
              >What<input
                v-model="own.says"
                class="input"
                :maxlength="dayLimits.says"
                placeholder="fetch the lanterns"
            /></label>
            <label
              >Minutes<input v-model="own.minutes" class="input short" inputmode="decimal"
            /></label>
            <label
              >After<select v-model="own.after" class="input">
                <option value="">anything</option>
                <option
                  v-for="task in shown.tasks.filter(t => t.kind !== 'serve')"
                  :key="task.id"
                  :value="task.id"
                >
                  {{ task.short }}
                </option>
              </select></label
            >
            <label class="check"
              ><input v-model="own.hands" type="checkbox" /> needs my hands</label
            >
            <p v-if="wrong" class="wrong" role="alert">{{ wrong }}</p>
            <UButton type="submit" color="neutral" variant="outline">Add it</UButton>
          </form>
          <div class="out no-print">
            <UButton
              color="neutral"
              block
              icon="i-lucide-calendar-plus"
              :disabled="!plan"
              @click="saveCalendar"
              >Calendar file</UButton
            >
            <UButton
              color="neutral"
              variant="outline"
              block
              icon="i-lucide-file-down"
              :disabled="!plan"
              @click="saveText"
              >Day as Markdown</UButton
            >
            <UButton color="neutral" variant="outline" block icon="i-lucide-printer" @click="print"
              >Print</UButton
            >
            <UButton
              v-if="shown.tasks.some(t => t.pace && t.pace !== 1)"
              color="neutral"
              variant="ghost"
              block
              icon="i-lucide-gauge"
              @click="forgetPace"
              >Plan by the usual pace again</UButton
            >
            <UButton
              v-if="isChanged"
              color="neutral"
              variant="ghost"
              block
              icon="i-lucide-rotate-ccw"
              @click="keep({ wishes: {} })"
              >As it was worked out</UButton
            >
          </div>
        </aside>
      </div>
    </template>
  </div>
</template>

<style scoped>
/* Only where it takes a while. */
.looking {
  animation: looks 0s 0.35s both;
}
@keyframes looks {
  from {
    visibility: hidden;
  }
  to {
    visibility: visible;
  }
}
.page {
  display: grid;
  gap: 14px;
}
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
.with summary {
  min-height: 44px;
  display: flex;
  align-items: center;
  cursor: pointer;
  text-decoration: underline;
  text-underline-offset: 3px;
}
.with[open] {
  flex-basis: 100%;
}
.check {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  align-items: center;
  min-height: 44px;
  font-weight: 400 !important;
}
.check input {
  width: 22px;
  height: 22px;
  accent-color: var(--ginger);
}
.part {
  padding: 14px 22px;
  min-width: 0;
}
.head {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 18px;
  align-items: baseline;
}
h2 {
  font-size: 1.15rem;
  font-weight: 650;
  margin-bottom: 6px;
}
.tiny {
  font-size: 0.93rem;
}
.two {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 262px;
  gap: 14px 22px;
  align-items: start;
}
.lists,
.side,
.own,
.out {
  display: grid;
  gap: 12px;
  min-width: 0;
}
.buy summary {
  cursor: pointer;
  min-height: 44px;
  display: flex;
  align-items: center;
}
.buy summary h2 {
  margin: 0;
  text-decoration: underline;
  text-underline-offset: 3px;
}
.buy ul {
  list-style: none;
  padding: 0;
  margin: 0;
  display: grid;
  gap: 3px;
}
.own label {
  display: grid;
  gap: 3px;
  font-size: 0.96rem;
}
.own .check {
  display: flex;
  flex-wrap: wrap;
}
.short {
  max-width: 110px;
}
.misfit {
  background: var(--beet-pale);
  border-radius: 14px;
  padding: 12px 18px;
  display: flex;
  flex-wrap: wrap;
  gap: 8px 12px;
  align-items: center;
}
.misfit.warn {
  background: var(--slate-pale);
  margin-bottom: 10px;
}
.wrong {
  color: var(--beet);
}
@media (max-width: 940px) {
  .two {
    grid-template-columns: minmax(0, 1fr);
  }
  .part,
  .ask {
    padding: 12px 16px;
  }
}
@media print {
  .two {
    display: block;
  }
}
</style>
