import { asWritten, sizeUp, usualKitchen, type Recipe } from '#core'
import { boundOf, planDaySteps, search, type DayBake, type DayPlan, type Problem } from '#core/day'
import loadHighs from 'highs'
import { asProgram, dayProblem } from '../day-problems'

/**
 * Measures the placing of days: when the first plan is there, what the best costs against what
 * nothing can beat, and how long it takes beside a pass by the rules alone.
 */
const clock = <T>(work: () => T): [T, number] => {
  const t = performance.now()
  const made = work()
  return [made, performance.now() - t]
}

/** Longest paths, no resources: what every answer begins with. */
function rulesAlone(problem: Problem): Float64Array {
  const x = new Float64Array(problem.minutes.length)
  for (let round = 0, moved = true; moved && round <= x.length; round++) {
    moved = false
    for (const { from, to, least } of problem.arcs)
      if (x[from]! + least > x[to]! + 1e-7) {
        x[to] = x[from]! + least
        moved = true
      }
  }
  return x
}

interface DayRow {
  readonly name: string
  readonly tasks: number
  readonly first: number
  /**
   * The same when the day was worked out before, as after every press at the counter.
   */
  readonly again: number
  readonly all: number
  readonly over: number
  readonly proven: boolean
  readonly ratio: number
}
const most = 160
const inTime = () => {
  const until = performance.now() + most
  return () => performance.now() < until
}

/**
 * What the best would cost: where a mixed-integer program proves it in half a minute, that; else
 * what the day's own bound says nothing can beat. Its racks are left out, so it can only be too
 * low.
 */
async function leastOf(problem: Problem): Promise<number> {
  const own = boundOf(problem, rulesAlone(problem))
  const solved = (await loadHighs()).solve(asProgram({ ...problem, horizon: 1200 }), {
    time_limit: 30,
  })
  return solved.Status === 'Optimal' ? Math.max(own, solved.ObjectiveValue) : own
}

const five = Date.parse('2026-11-28T17:00:00Z') / 60_000
const night = [five - 18.5 * 60, five - 10 * 60] as const

/** Runs it to its end: what came out, and the milliseconds to the first and the last. */
function timed<First, Last>(run: Generator<First, Last>) {
  let first = 0
  const t = performance.now()
  for (let step = run.next(); ; step = run.next()) {
    first ||= performance.now() - t
    if (step.done) return { found: step.value, first, all: performance.now() - t }
  }
}
const place = (some: readonly DayBake[]) =>
  timed(planDaySteps(some, { serveAt: five, asleep: [night], budget: 20_000, go: inTime() }))

/** A day of these bakes. */
function bakesRow(some: readonly DayBake[]): DayRow {
  // The median of five bakes that were opened (sized up) but not placed yet, each under a name
  // of its own.
  const named = (n: number) => some.map(bake => ({ ...bake, id: `${bake.id}/${n}` }))
  const runs = Array.from({ length: 8 }, (_, n) => place(named(n))).slice(3)
  const first = runs.map(run => run.first).sort((a, b) => a - b)[2]!
  const { found, first: again, all } = place(named(7))
  const plan = found as Extract<DayPlan, { ok: true }>
  const early = plan.tasks.reduce((sum, t) => sum + (t.hands ? plan.end - t.ends : 0), 0)
  return {
    name: some.length === 1 ? some[0]!.title : `${some.length} of the demo’s desserts`,
    tasks: plan.tasks.length,
    first,
    again,
    all,
    over: 100 * ((plan.total + 0.01 * early) / plan.bound - 1),
    proven: plan.proven,
    ratio: Number.NaN,
  }
}
/** A day of so many tasks at random. */
async function randomRow(n: number, hasNight: boolean): Promise<DayRow> {
  const problem = dayProblem(n, 31 + n, hasNight)
  const once = () => timed(search(problem, { budget: 20_000, go: inTime() }))
  once()
  const { found, first, all } = once()
  for (let i = 0; i < 5; i++) rulesAlone(problem)
  const [x, alone] = clock(() => rulesAlone(problem))
  const atLeast = () => (hasNight ? leastOf(problem) : boundOf(problem, x))
  const least = found.proven ? found.bound : await atLeast()
  return {
    name: `${n} tasks at random${hasNight ? ', a night' : ''}`,
    tasks: n,
    first,
    again: Number.NaN,
    all,
    over: 100 * ((found.best?.cost ?? Infinity) / least - 1),
    proven: found.proven,
    ratio: first / alone,
  }
}

export async function daySpeed(recipes: readonly Recipe[]): Promise<DayRow[]> {
  const bakes = recipes.map((recipe, i): DayBake => ({
    id: `b${i}`,
    title: recipe.title,
    recipe,
    sized: sizeUp(recipe, asWritten, usualKitchen),
  }))
  const rows = [bakes.slice(0, 1), bakes.slice(4, 5), bakes.slice(0, 3), bakes].map(bakesRow)
  for (const [n, hasNight] of [
    [20, false],
    [44, true],
    [76, false],
    [100, false],
  ] as const)
    rows.push(await randomRow(n, hasNight))
  return rows
}
