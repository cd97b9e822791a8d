import type { Celsius, Minutes } from '../measure'
import { madeAhead, putByOf, type Ahead } from './ahead'
import type { Kitchen } from '../pan'
import { faultsOf, type Arc, type Problem } from './problem'
import { leftOf, type Bound, type Happened } from './left'
import { paceFor } from './pace'
import { circleIn } from './circle'
import { search, type Placing, type Search } from './search'
import { heatChange, preheat, small } from './tables/durations'
import type { DayBake } from './tasks'
import { workOf } from './tasks'
import type { DayRule, DayTask } from './task'

/** Minutes since 1970 in world time; the clock on the wall is the caller's business. */
export type Moment = number

/** A task that the baker adds: it stands between others only where that is said. */
export interface OwnTask {
  readonly id: string
  readonly says: string
  readonly minutes: Minutes
  readonly hands: boolean
  readonly after?: string
  readonly before?: string
}

/** What the baker says of the day. Tasks by their ids. */
export interface DayWishes {
  readonly minutes?: Readonly<Record<string, Minutes>>
  readonly notBefore?: Readonly<Record<string, Moment>>
  readonly outBy?: Readonly<Record<string, Moment>>
  readonly own?: readonly OwnTask[]
  /** Bakes, by id, that are made ahead. */
  readonly ahead?: Readonly<Record<string, Ahead>>
}

export interface DayOptions {
  /** On the table at; as late as possible before it. Absent: begun now. */
  readonly serveAt?: Moment | string | null
  /** Nothing begins before. */
  readonly now?: Moment | null
  readonly kitchen?: Kitchen
  /** Stretches in which nobody works: nights, on this wall clock. */
  readonly asleep?: readonly (readonly [Moment, Moment])[]
  readonly wishes?: DayWishes
  /** Bakes that must be done with before others begin, with washing between: the first is the strictest. */
  readonly apart?: readonly (readonly [string, string])[]
  readonly budget?: number
  /** What has happened already: only the rest is placed, from `now` on. */
  readonly happened?: Happened
  /** Asked now and then once there is a plan: is there time for a better one? */
  readonly go?: () => boolean
  /** Asked as often: is it time to let somebody else have a turn? The plan so far is yielded again then. */
  readonly pause?: () => boolean
}

export interface PlacedTask extends DayTask {
  readonly starts: Moment
  readonly ends: Moment
  /** Minutes that it could begin later without moving anything else. */ readonly slack: Minutes
  /** Before the night. */ readonly evening: boolean
}
interface Preheat {
  readonly at: Moment
  readonly celsius: Celsius
  readonly ready: Moment
}

export type DayPlan =
  | {
      readonly ok: true
      readonly start: Moment
      readonly end: Moment
      readonly tasks: readonly PlacedTask[]
      readonly preheats: readonly Preheat[]
      readonly rules: readonly DayRule[]
      readonly hands: Minutes
      readonly total: Minutes
      readonly tight: readonly string[]
      readonly warnings: readonly string[]
      /** Longest waits that have passed before the plan was made. */ readonly over: readonly string[]
      readonly proven: boolean
      readonly bound: number
    }
  | {
      readonly ok: false
      readonly problem: {
        readonly code: 'impossible' | 'empty' | 'serve' | 'late'
        readonly sentence: string
        readonly rules: readonly string[]
        /** The nearest hour at which it could be on the table. */ readonly nearest: Moment | null
      }
    }

const longest = 100 * 24 * 60
/** Put by at the latest so many minutes after the hour of the table, days before: in the evening. */
const putLate = 240

const momentOf = (given: Moment | string | null | undefined): Moment | null => {
  if (given === null || given === undefined) return null
  if (typeof given === 'number') return given
  return Number.isNaN(Date.parse(given)) ? Number.NaN : Date.parse(given) / 60_000
}

interface Day {
  readonly tasks: readonly DayTask[]
  readonly rules: readonly DayRule[]
  readonly gives?: readonly string[]
  readonly bounds?: readonly Bound[]
  readonly over?: readonly string[]
}

/** All bakes and own tasks of a day; what the baker changed goes before what was worked out. */
function dayOf(bakes: readonly DayBake[], { wishes = {}, apart = [], kitchen }: DayOptions): Day {
  const works = bakes.map(bake => {
    const work = workOf(bake)
    const ahead = wishes.ahead?.[bake.id]
    return ahead && ahead.days > 0 ? madeAhead(work, bake, ahead) : work
  })
  const changed = (task: DayTask): DayTask => {
    const said = wishes.minutes?.[task.id]
    return said === undefined ? task : { ...task, minutes: Math.max(0, said), usual: task.minutes }
  }
  const before = works.flatMap(w => w.tasks)
  const tasks = before.map(task => {
    const by = task.hands && task.kind === 'hands' ? paceFor(kitchen?.pace, task.short) : 1
    return changed(
      by === 1 ? task : { ...task, minutes: Math.max(1, Math.round(task.minutes * by)), pace: by },
    )
  })
  const byId = new Map(tasks.map(task => [task.id, task]))
  const was = new Map(before.map(task => [task.id, task]))
  // Rules that rest on a task's length follow it.
  const rules: DayRule[] = works
    .flatMap(w => w.rules)
    .map(rule => {
      const lead = rule.least >= 0 ? rule.from : rule.to
      const by = byId.get(lead)!.minutes - was.get(lead)!.minutes
      return { ...rule, least: rule.least >= 0 ? rule.least + by : rule.least - by }
    })
  for (const own of wishes.own ?? []) {
    const task: DayTask = {
      id: own.id,
      bake: '',
      short: own.says.slice(0, 24),
      says: own.says,
      kind: 'own',
      minutes: own.minutes,
      hands: own.hands,
      mixer: false,
      place: 'counter',
      celsius: null,
      racks: 0,
      step: null,
    }
    tasks.push(changed(task))
    byId.set(own.id, tasks.at(-1)!)
  }
  for (const own of wishes.own ?? []) {
    const task = byId.get(own.id)!
    if (own.after && byId.has(own.after))
      rules.push({
        from: own.after,
        to: own.id,
        least: byId.get(own.after)!.minutes,
        because: `“${own.says}” comes after`,
      })
    const before =
      own.before && byId.has(own.before) ? own.before : tasks.find(t => t.kind === 'serve')?.id
    if (before)
      rules.push({
        from: own.id,
        to: before,
        least: task.minutes,
        because: `“${own.says}” comes before`,
      })
  }
  // One washing does for all that come before the same others.
  const later = new Map<string, string[]>()
  for (const [first, then] of apart) later.set(first, [...(later.get(first) ?? []), then].sort())
  const washings = new Map<
    string,
    { readonly firsts: string[]; readonly thens: readonly string[] }
  >()
  for (const [first, thens] of later) {
    const same = washings.get(thens.join('+'))
    if (same) same.firsts.push(first)
    else washings.set(thens.join('+'), { firsts: [first], thens })
  }
  for (const { firsts, thens } of washings.values()) {
    const id = `wash/${firsts.join('+')}/${thens.join('+')}`
    const wash: DayTask = {
      id,
      bake: thens[0]!,
      short: 'wash up',
      says: 'Wash everything with soap and hot water, and the surfaces, before the next.',
      kind: 'wash',
      minutes: wishes.minutes?.[id] ?? small.wash,
      hands: true,
      mixer: false,
      place: 'counter',
      celsius: null,
      racks: 0,
      step: null,
    }
    tasks.push(wash)
    const works = (bakes: readonly string[]) =>
      tasks.filter(
        t => bakes.includes(t.bake) && t.kind !== 'wash' && t.hands && !/:out$/u.test(t.id),
      )
    for (const task of works(firsts))
      rules.push({
        from: task.id,
        to: wash.id,
        least: task.minutes,
        because: 'the stricter bake is made first',
      })
    for (const task of works(thens))
      rules.push({
        from: wash.id,
        to: task.id,
        least: wash.minutes,
        because: 'washed up between the two',
      })
  }
  // Served together.
  const serves = tasks.filter(t => t.kind === 'serve')
  for (const serve of serves.slice(1))
    rules.push(
      { from: serves[0]!.id, to: serve.id, least: 0, because: 'served together' },
      { from: serve.id, to: serves[0]!.id, least: 0, because: 'served together' },
    )
  return { tasks, rules, gives: [...new Set(works.flatMap(w => w.gives))] }
}

/**
 * The problem in minutes from an anchor: against time from the serving hour, or with it from now.
 * Task 0 is the anchor. `hours` are the wishes that name an hour, by their place after the rules.
 */
function problemOf(
  { tasks, rules, bounds = [] }: Day,
  anchor: Moment,
  backwards: boolean,
  options: DayOptions,
): { readonly problem: Problem; readonly why: readonly string[] } {
  const at = new Map(tasks.map((task, i) => [task.id, i + 1]))
  const minutes = [0, ...tasks.map(task => task.minutes)]
  const why = rules.map(rule => rule.because)
  const arcs: Arc[] = tasks.map((_, i) => ({ from: 0, to: i + 1, least: 0, rule: -1 }))
  for (const [n, rule] of rules.entries()) {
    const [a, b] = [at.get(rule.from)!, at.get(rule.to)!]
    arcs.push(
      backwards
        ? { from: b, to: a, least: rule.least + minutes[b]! - minutes[a]!, rule: n }
        : { from: a, to: b, least: rule.least, rule: n },
    )
  }
  const says = (task: DayTask) => (task.kind === 'serve' ? 'the serving' : `“${task.short}”`)
  const hour = (i: number, earliest: Moment | null, latestEnd: Moment | null, because: string) => {
    const p = minutes[i]!
    // x = anchor − start − p against time; x = start − anchor with it.
    if (earliest !== null) {
      arcs.push(
        backwards
          ? { from: i, to: 0, least: -(anchor - earliest - p), rule: why.length }
          : { from: 0, to: i, least: earliest - anchor, rule: why.length },
      )
      why.push(because)
    }
    if (latestEnd !== null) {
      arcs.push(
        backwards
          ? { from: 0, to: i, least: anchor - latestEnd, rule: why.length }
          : { from: i, to: 0, least: -(latestEnd - anchor - p), rule: why.length },
      )
      why.push(because)
    }
  }
  for (const [i, task] of tasks.entries()) {
    const notBefore = options.wishes?.notBefore?.[task.id]
    const outBy = options.wishes?.outBy?.[task.id]
    if (notBefore !== undefined)
      hour(i + 1, notBefore, null, `${says(task)} is not to begin before its hour`)
    if (outBy !== undefined) hour(i + 1, null, outBy, `${says(task)} must be over by its hour`)
    if (backwards && options.now !== null && options.now !== undefined)
      hour(i + 1, options.now, null, 'nothing can begin before now')
    if (backwards && task.kind === 'serve') hour(i + 1, anchor, null, 'on the table at that hour')
  }
  for (const bound of bounds)
    hour(at.get(bound.task)!, bound.notBefore, bound.overBy, bound.because)
  const index = (test: (task: DayTask) => boolean) =>
    tasks.flatMap((task, i) => (test(task) && task.minutes > 0 ? [i + 1] : []))
  const hands = index(t => t.hands)
  const closed = (options.asleep ?? [])
    .map(([from, to]): [number, number] =>
      backwards ? [anchor - to, anchor - from] : [from - anchor, to - anchor],
    )
    .filter(([, to]) => to > 0)
  return {
    why,
    problem: {
      minutes,
      arcs,
      single: [hands, index(t => t.mixer)],
      shared: [
        {
          most: 2 * Math.max(1, options.kitchen?.tray.atOnce ?? 1),
          needs: new Map(
            index(t => t.racks > 0).map(i => [
              i,
              Math.min(tasks[i - 1]!.racks, 2 * Math.max(1, options.kitchen?.tray.atOnce ?? 1)),
            ]),
          ),
        },
      ],
      settings: new Map(
        index(t => t.kind === 'bake' && t.celsius !== null).map(i => [i, tasks[i - 1]!.celsius!]),
      ),
      change: heatChange,
      awake: hands,
      closed,
      counted: tasks.map((_, i) => i + 1),
      early: backwards ? hands : [],
      horizon: longest,
    },
  }
}

function* placed(
  problem: Problem,
  backwards: boolean,
  options: DayOptions,
): Generator<Placing, Search, void> {
  // What has to happen before the night does not lengthen the day: it is known from the rules alone.
  const night = problem.closed.length ? Math.min(...problem.closed.map(([from]) => from)) : Infinity
  const soonest = backwards && night < Infinity ? byRulesAlone(problem) : null
  const counted = soonest
    ? problem.counted.filter(i => soonest[i]! + problem.minutes[i]! <= night)
    : problem.counted
  const { budget, go, pause } = options
  return yield* search({ ...problem, counted }, { budget, go, pause })
}

/**
 * Where tasks lie at the earliest by the rules alone; what lies behind the night is done the
 * evening before.
 */
function byRulesAlone(problem: Problem): Float64Array {
  const x = new Float64Array(problem.minutes.length)
  for (let round = 0; round < x.length; round++) {
    let moved = false
    for (const { from, to, least } of problem.arcs)
      if (x[from]! + least > x[to]! + 1e-7) {
        x[to] = x[from]! + least
        moved = true
      }
    if (!moved) break
  }
  return x
}

/**
 * A day that holds: every task as late as its rules allow before the serving hour, or begun now.
 * Yields what it has while it gets better. Impossible wishes come back with the rules that quarrel
 * and the nearest hour that would do. Each answer is judged by `faultsOf`, which shares nothing
 * with the search.
 */
export function* planDaySteps(
  bakes: readonly DayBake[],
  options: DayOptions = {},
): Generator<DayPlan, DayPlan, void> {
  const no = (
    code: 'impossible' | 'empty' | 'serve' | 'late',
    sentence: string,
    rules: readonly string[] = [],
    nearest: Moment | null = null,
  ): DayPlan => ({ ok: false, problem: { code, sentence, rules, nearest } })
  const made = dayOf(bakes, options)
  const at = momentOf(options.serveAt)
  // Put by so many days before the table, at the same hour: what it keeps for is counted from there.
  const early =
    at === null || !Number.isFinite(at)
      ? []
      : bakes.flatMap((bake): Bound[] => {
          const ahead = options.wishes?.ahead?.[bake.id]
          return ahead && ahead.days > 0 && made.tasks.some(t => t.id === putByOf(bake.id))
            ? [
                {
                  task: putByOf(bake.id),
                  notBefore: null,
                  overBy: at - ahead.days * 1440 + putLate,
                  because:
                    `“${bake.title}” is made ` +
                    `${ahead.days === 1 ? 'a day' : `${ahead.days} days`} ahead`,
                },
              ]
            : []
        })
  const whole: Day = { ...made, bounds: early }
  const left =
    options.happened && options.now !== null && options.now !== undefined
      ? leftOf(whole.tasks, whole.rules, options.happened, options.now)
      : null
  const day: Day = left
    ? {
        ...left,
        gives: whole.gives,
        bounds: [...left.bounds, ...early.filter(b => left.tasks.some(t => t.id === b.task))],
        over: [...new Set(left.over.map(o => o.because))],
      }
    : whole
  if (!day.tasks.length) return no('empty', 'There is nothing to do: no recipe, no task.')
  const serveAt = momentOf(options.serveAt)
  if (serveAt !== null && !Number.isFinite(serveAt)) return no('serve', 'That is no day and hour.')
  const backwards = serveAt !== null
  const anchor = backwards ? serveAt : (options.now ?? 0)
  const asProblem = problemOf(day, anchor, backwards, options)
  const run = placed(asProblem.problem, backwards, options)
  const { problem, why } = asProblem
  let step = run.next()
  while (!step.done) {
    yield laidOut({
      day,
      problem,
      placing: step.value,
      anchor,
      backwards,
      options,
      proven: false,
      bound: 0,
    })
    step = run.next()
  }
  const found = step.value
  if (found.best)
    return laidOut({
      day,
      problem,
      placing: found.best,
      anchor,
      backwards,
      options,
      proven: found.proven,
      bound: found.bound,
    })
  const rules = [...new Set(circleIn(problem).map(n => why[n]!))]
  // Begun now, or whenever it takes: the nearest hour.
  const soonest =
    backwards && (options.now ?? null) !== null
      ? placed(
          problemOf(
            { ...day, bounds: day.bounds?.filter(b => !early.includes(b)) },
            options.now!,
            false,
            { ...options, wishes: { ...options.wishes, outBy: {} } },
          ).problem,
          false,
          options,
        )
      : null
  let nearest: Moment | null = null
  if (soonest) {
    let at = soonest.next()
    while (!at.done) at = soonest.next()
    const best = at.value.best
    // What is made ahead has its days after it is put by.
    if (best)
      nearest = Math.ceil(
        options.now! +
          Math.max(
            ...day.tasks.map((t, i) => {
              if (t.kind === 'serve') return best.x[i + 1]!
              return t.id === putByOf(t.bake)
                ? best.x[i + 1]! + t.minutes + options.wishes!.ahead![t.bake]!.days * 1440 - putLate
                : 0
            }),
          ),
      )
  }
  return no(
    rules.includes('nothing can begin before now') || (nearest !== null && nearest > anchor)
      ? 'late'
      : 'impossible',
    rules.length
      ? `These do not go together: ${rules.join('; ')}.`
      : 'It does not fit into that time with one pair of hands, this oven and the night.',
    rules,
    nearest,
  )
}

/**
 * The day of one or several bakes, worked out in one go.
 *
 * @example
 * const { recipe } = readRecipe('Buns\n\n200 g flour\n\nMix. Bake at 180 °C for 20 minutes.')
 * const bakes = [{ id: 'b', title: 'Buns', recipe }]
 * const plan = planDay(bakes, { serveAt: '2026-01-17T17:00:00.000Z', kitchen: usualKitchen })
 * plan.ok && plan.tasks.map(task => task.kind) // ["hands","hands","bake","hands","wait","serve"]
 */
export function planDay(bakes: readonly DayBake[], options: DayOptions = {}): DayPlan {
  const run = planDaySteps(bakes, options)
  let step = run.next()
  while (!step.done) step = run.next()
  return step.value
}

/**
 * The rest of a day that has begun, at `now`: as late as it may be for the hour on which it was
 * set, or, where that hour is lost or something waits too long already, as soon as it can be.
 * `late` are the minutes over the hour; 0 where it holds or none is set.
 *
 * @example
 * const { recipe } = readRecipe('Buns\n\n200 g flour\n\nMix. Bake at 180 °C for 20 minutes.')
 * const bakes = [{ id: 'b', title: 'Buns', recipe }]
 * const options = { serveAt: '2026-01-17T17:00:00.000Z', kitchen: usualKitchen }
 * const now = Date.parse('2026-01-17T15:00:00.000Z') / 60_000
 * replan(bakes, { ...options, happened: {}, now }).late // 0
 */
export function replan(
  bakes: readonly DayBake[],
  options: DayOptions & { readonly happened: Happened; readonly now: Moment },
): { readonly plan: DayPlan; readonly late: Minutes } {
  const serveAt = momentOf(options.serveAt)
  const wanted = serveAt !== null && Number.isFinite(serveAt) ? serveAt : null
  if (wanted !== null && wanted > options.now) {
    const plan = planDay(bakes, options)
    if (plan.ok && !plan.over.length) return { plan, late: 0 }
  }
  const plan = planDay(bakes, { ...options, serveAt: null })
  return { plan, late: plan.ok && wanted !== null ? Math.max(0, plan.end - wanted) : 0 }
}

const justEnough = 5
/** A pause of so many minutes is none of a baking day: what was made ahead keeps by itself. */
const pause = 360
/** From the first task to the last, without the days between. */
function atWork(tasks: readonly PlacedTask[]): Minutes {
  let [sum, from, to] = [0, Number.NaN, -Infinity]
  for (const task of tasks.filter(t => !/\/kept$/u.test(t.id))) {
    if (task.starts > to + pause) {
      if (to > -Infinity) sum += to - from
      from = task.starts
      to = task.ends
    } else to = Math.max(to, task.ends)
  }
  return to > -Infinity ? sum + to - from : 0
}

/** A placing that is laid out as a plan. */
interface LaidOut {
  readonly day: Day
  readonly problem: Problem
  readonly placing: Placing
  readonly anchor: Moment
  readonly backwards: boolean
  readonly options: DayOptions
  readonly proven: boolean
  readonly bound: number
}

function laidOut({
  day,
  problem,
  placing,
  anchor,
  backwards,
  options,
  proven,
  bound,
}: LaidOut): DayPlan {
  const { x } = placing
  const begin = (i: number) => (backwards ? anchor - x[i]! - problem.minutes[i]! : anchor + x[i]!)
  const asleep = options.asleep ?? []
  const last = Math.max(...day.tasks.map((t, i) => begin(i + 1) + t.minutes))
  const lastNight = Math.max(
    -Infinity,
    ...asleep.filter(([, to]) => to <= last).map(([, to]) => to),
  )
  const tasks = day.tasks
    .map((task, i): PlacedTask => {
      const starts = begin(i + 1)
      return {
        ...task,
        starts,
        ends: starts + task.minutes,
        slack: slackOf(problem, x, i + 1, backwards),
        evening: starts < lastNight && (task.hands || starts + task.minutes <= lastNight),
      }
    })
    .sort((a, b) => a.starts - b.starts || a.ends - b.ends)
  const loads = tasks.filter(t => t.kind === 'bake' && t.celsius !== null)
  const preheats = loads
    .filter(
      (t, i) =>
        i === 0 ||
        loads[i - 1]!.celsius !== t.celsius ||
        loads.slice(0, i).every(l => l.ends < t.starts - 30),
    )
    .map((t): Preheat => ({
      at: t.starts - preheat(t.celsius!),
      celsius: t.celsius!,
      ready: t.starts,
    }))
  const start = Math.min(...tasks.filter(t => t.kind !== 'serve').map(t => t.starts), last)
  // Tight is what a longest wait leaves no room for: whoever is late there spoils something.
  const begins = new Map(tasks.map(t => [t.id, t.starts]))
  const hands = new Set(tasks.filter(t => t.hands).map(t => t.id))
  const tight = [
    ...new Set(
      day.rules
        .filter(
          rule =>
            rule.least < 0 &&
            hands.has(rule.from) &&
            begins.get(rule.to)! - begins.get(rule.from)! - rule.least < justEnough,
        )
        .map(rule => rule.from),
    ),
  ]
  const warnings = [
    ...(faultsOf(problem, x).length
      ? ['This plan breaks a rule of its own: do not trust it.']
      : []),
    ...(day.gives ?? []).map(
      because =>
        `By the recipe’s own words this cannot be kept: ${because}. The day goes by the order of its steps.`,
    ),
  ]
  return {
    ok: true,
    start,
    end: last,
    tasks,
    preheats,
    rules: day.rules,
    hands: tasks.reduce((sum, t) => sum + (t.hands ? t.minutes : 0), 0),
    total: atWork(tasks),
    tight,
    warnings,
    over: day.over ?? [],
    proven,
    bound,
  }
}

/** How much later in time a task could begin with all others where they are. */
function slackOf(
  problem: Problem,
  x: ArrayLike<number>,
  task: number,
  backwards: boolean,
): Minutes {
  let room = Infinity
  const p = problem.minutes
  for (const { from, to, least } of problem.arcs) {
    if (backwards && to === task) room = Math.min(room, x[task]! - x[from]! - least)
    if (!backwards && from === task) room = Math.min(room, x[to]! - x[task]! - least)
  }
  for (const group of problem.single)
    if (group.includes(task))
      for (const other of group) {
        if (other === task) continue
        const gap = backwards ? x[task]! - x[other]! - p[other]! : x[other]! - x[task]! - p[task]!
        if (gap >= -1e-6) room = Math.min(room, gap)
      }
  return Math.max(0, Math.round(room))
}

/**
 * What happens when everything begins so many minutes late: the same order, each as soon as it can;
 * the new serving hour, and which longest waits are passed.
 */
export function ifLate(
  plan: Extract<DayPlan, { ok: true }>,
  late: Minutes,
): { readonly serve: Moment; readonly over: readonly string[] } {
  const at = new Map(plan.tasks.map(t => [t.id, t.starts]))
  const byId = new Map(plan.tasks.map(t => [t.id, t]))
  const order = [...plan.tasks]
  const moved = new Map<string, Moment>()
  let hands = -Infinity
  for (const task of order) {
    let starts = Math.max(
      at.get(task.id)!,
      task.starts === plan.start ? plan.start + late : -Infinity,
    )
    for (const rule of plan.rules)
      if (rule.to === task.id && rule.least >= 0 && moved.has(rule.from))
        starts = Math.max(starts, moved.get(rule.from)! + rule.least)
    if (task.hands) {
      starts = Math.max(starts, hands, plan.start + late)
      hands = starts + task.minutes
    }
    moved.set(task.id, starts)
  }
  const over = plan.rules
    .filter(
      rule => rule.least < 0 && moved.get(rule.to)! - moved.get(rule.from)! < rule.least - 1e-6,
    )
    .map(rule => rule.because)
  return {
    serve: Math.max(
      ...[...moved].filter(([id]) => byId.get(id)!.kind === 'serve').map(([, t]) => t),
    ),
    over: [...new Set(over)],
  }
}
