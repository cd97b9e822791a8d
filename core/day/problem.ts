/** Minutes. What is placed, in the order of time or against it: starts are the unknowns, `x`. */
export interface Arc {
  readonly from: number
  readonly to: number
  readonly least: number
  /** The rule that it stands for; −1: a choice of the search. */ readonly rule: number
}

/**
 * A problem of starts: `minutes[i]` long tasks, arcs x[to] − x[from] ≥ least (a longest wait is a
 * negative one), resources, and stretches in which no hand works. Task 0 is the beginning, at zero.
 */
export interface Problem {
  readonly minutes: readonly number[]
  readonly arcs: readonly Arc[]
  /** Groups of which only one runs at a time. */
  readonly single: readonly (readonly number[])[]
  /** So much of each, at most `most` at a time. */
  readonly shared: readonly { readonly most: number; readonly needs: ReadonlyMap<number, number> }[]
  /** Tasks that want a setting of the one oven; another setting needs `change` minutes between. */
  readonly settings: ReadonlyMap<number, number>
  readonly change: number
  /** Who may not work in `closed`. */
  readonly awake: readonly number[]
  readonly closed: readonly (readonly [number, number])[]
  /** Ends of these make the span that is to be short; starts of `early` count a hundredth. */
  readonly counted: readonly number[]
  readonly early: readonly number[]
  readonly horizon: number
}

/** Span of the counted tasks, and a hundredth of every start that counts: what the search makes small. */
export function costOf(problem: Problem, x: ArrayLike<number>): number {
  let span = 0
  for (const i of problem.counted) span = Math.max(span, x[i]! + problem.minutes[i]!)
  let early = 0
  for (const i of problem.early) early += x[i]!
  return span + 0.01 * early
}

type Starts = ArrayLike<number>
const near = 1e-6

const pairsOf = <T>(list: readonly T[]): [T, T][] =>
  list.flatMap((a, n) => list.slice(n + 1).map((b): [T, T] => [a, b]))

/** Whether both are at work at one moment, with `between` minutes kept free after each. */
function meet({ minutes }: Problem, x: Starts, [a, b]: [number, number], between = 0): boolean {
  const isBeforeEnd = (one: number, other: number) =>
    x[one]! < x[other]! + minutes[other]! + between - near
  return isBeforeEnd(a, b) && isBeforeEnd(b, a)
}

const brokenArcs = ({ arcs }: Problem, x: Starts): string[] =>
  arcs
    .filter(({ from, to, least }) => x[to]! - x[from]! < least - near)
    .map(({ from, to, least }) => `${to} starts ${x[to]! - x[from]!} after ${from}, not ${least}`)

const atOnce = (problem: Problem, x: Starts): string[] =>
  problem.single
    .flatMap(group => pairsOf(group.filter(i => problem.minutes[i]! > 0)))
    .filter(pair => meet(problem, x, pair))
    .map(([a, b]) => `${a} and ${b} at once`)

function overfull({ shared, minutes }: Problem, x: Starts): string[] {
  const isOn = (i: number, moment: number) =>
    x[i]! <= moment + near && moment < x[i]! + minutes[i]! - near
  return shared.flatMap(({ most, needs }) => {
    const takenAt = (moment: number) =>
      [...needs].reduce((sum, [i, need]) => sum + (isOn(i, moment) ? need : 0), 0)
    return [...needs.keys()]
      .map(i => x[i]!)
      .filter(moment => takenAt(moment) > most)
      .map(moment => `${takenAt(moment)} of ${most} at ${moment}`)
  })
}

const otherSettings = (problem: Problem, x: Starts): string[] =>
  pairsOf([...problem.settings.keys()])
    .filter(([a, b]) => problem.settings.get(a) !== problem.settings.get(b))
    .filter(pair => meet(problem, x, pair, problem.change))
    .map(([a, b]) => `${a} and ${b} want other settings`)

const inTheNight = ({ awake, closed, minutes }: Problem, x: Starts): string[] =>
  awake
    .filter(i => minutes[i]! > 0)
    .flatMap(i =>
      closed
        .filter(([from, to]) => x[i]! < to - near && x[i]! + minutes[i]! > from + near)
        .map(() => `${i} in the night`),
    )

/**
 * Every rule that a placing breaks, in words; none for a right one. Written apart from the search,
 * as its judge.
 */
export function faultsOf(problem: Problem, x: Starts): string[] {
  return [brokenArcs, atOnce, overfull, otherSettings, inTheNight].flatMap(judge =>
    judge(problem, x),
  )
}
