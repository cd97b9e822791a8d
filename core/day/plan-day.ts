import { aDay, type Minutes } from '../measure'
import { putByOf } from './ahead'
import { problemOf } from './as-problem'
import { circleIn } from './circle'
import { laidOut } from './laid-out'
import { leftOf, type Bound, type Happened } from './left'
import { momentOf, type DayOptions, type DayPlan, type Moment } from './options'
import type { Problem } from './problem'
import { search, type Placing, type Search } from './search'
import type { DayBake } from './tasks'
import { dayOf, type Day } from './whole-day'

/** Put by at the latest so many minutes after the hour of the table, days before: in the evening. */
const putLate = 240

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

/** Put by so many days before the table, at the same hour: what it keeps for is counted from there. */
function putByBounds(
  bakes: readonly DayBake[],
  { tasks }: Day,
  { wishes, serveAt }: DayOptions,
): Bound[] {
  const at = momentOf(serveAt)
  if (at === null || !Number.isFinite(at)) return []
  return bakes.flatMap(({ id, title }): Bound[] => {
    const { days = 0 } = wishes?.ahead?.[id] ?? {}
    const task = putByOf(id)
    if (days <= 0 || !tasks.some(each => each.id === task)) return []
    const because = `“${title}” is made ${days === 1 ? 'a day' : `${days} days`} ahead`
    return [{ task, notBefore: null, overBy: at - days * aDay + putLate, because }]
  })
}
/** What of a day is left to do at `now`, where it has begun. */
function dayLeft(day: Day, early: readonly Bound[], { happened, now }: DayOptions): Day {
  if (!happened || now === null || now === undefined) return { ...day, bounds: early }
  const left = leftOf(day.tasks, day.rules, happened, now)
  const isLeft = ({ task }: Bound) => left.tasks.some(each => each.id === task)
  return {
    ...left,
    gives: day.gives,
    bounds: [...left.bounds, ...early.filter(isLeft)],
    over: [...new Set(left.over.map(each => each.because))],
  }
}
/** The nearest hour at which it could be on the table, begun now; null where that cannot be. */
function nearestHour(day: Day, early: readonly Bound[], options: DayOptions): Moment | null {
  const { now } = options
  if (now === null || now === undefined) return null
  const free = { ...day, bounds: day.bounds?.filter(bound => !early.includes(bound)) }
  const anyHour = { ...options, wishes: { ...options.wishes, outBy: {} } }
  const { problem } = problemOf(free, { at: now, backwards: false }, anyHour)
  const run = placed(problem, false, options)
  let step = run.next()
  while (!step.done) step = run.next()
  const { best } = step.value
  if (!best) return null
  // What is made ahead has its days after it is put by.
  const hours = day.tasks.map((task, i) => {
    const starts = best.x[i + 1]!
    if (task.kind === 'serve') return starts
    const ahead = options.wishes?.ahead?.[task.bake]
    const isPutBy = ahead && task.id === putByOf(task.bake)
    return isPutBy ? starts + task.minutes + ahead.days * aDay - putLate : 0
  })
  return Math.ceil(now + Math.max(...hours))
}
type Refusal = Extract<DayPlan, { readonly ok: false }>['problem']
const no = (problem: Pick<Refusal, 'code' | 'sentence'> & Partial<Refusal>): DayPlan => ({
  ok: false,
  problem: { rules: [], nearest: null, ...problem },
})
/** Why no placing was found, and the nearest hour that would do. */
function refused(rules: readonly string[], nearest: Moment | null, wanted: Moment): DayPlan {
  const isLate = nearest !== null && nearest > wanted
  return no({
    code: isLate || rules.includes('nothing can begin before now') ? 'late' : 'impossible',
    sentence: rules.length
      ? `These do not go together: ${rules.join('; ')}.`
      : 'It does not fit into that time with one pair of hands, this oven and the night.',
    rules,
    nearest,
  })
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
  const made = dayOf(bakes, options)
  const early = putByBounds(bakes, made, options)
  const day = dayLeft(made, early, options)
  if (!day.tasks.length)
    return no({ code: 'empty', sentence: 'There is nothing to do: no recipe, no task.' })
  const serveAt = momentOf(options.serveAt)
  if (serveAt !== null && !Number.isFinite(serveAt))
    return no({ code: 'serve', sentence: 'That is no day and hour.' })
  const backwards = serveAt !== null
  const anchor = { at: serveAt ?? options.now ?? 0, backwards }
  const { problem, why } = problemOf(day, anchor, options)
  const of = { day, problem, anchor, asleep: options.asleep }
  const run = placed(problem, backwards, options)
  let step = run.next()
  while (!step.done) {
    yield laidOut({ ...of, placing: step.value, proven: false, bound: 0 })
    step = run.next()
  }
  const { best, proven, bound } = step.value
  if (best) return laidOut({ ...of, placing: best, proven, bound })
  const rules = [...new Set(circleIn(problem).map(n => why[n]!))]
  const nearest = backwards ? nearestHour(day, early, options) : null
  return refused(rules, nearest, anchor.at)
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
