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

/**
 * Every rule that a placing breaks, in words; none for a right one. Written apart from the search,
 * as its judge.
 */
export function faultsOf(problem: Problem, x: ArrayLike<number>): string[] {
  const faults: string[] = []
  const { minutes } = problem
  const near = 1e-6
  for (const { from, to, least } of problem.arcs)
    if (x[to]! - x[from]! < least - near)
      faults.push(`${to} starts ${x[to]! - x[from]!} after ${from}, not ${least}`)
  for (const group of problem.single)
    for (const a of group)
      for (const b of group)
        if (
          a < b &&
          x[a]! < x[b]! + minutes[b]! - near &&
          x[b]! < x[a]! + minutes[a]! - near &&
          minutes[a]! > 0 &&
          minutes[b]! > 0
        )
          faults.push(`${a} and ${b} at once`)
  for (const { most, needs } of problem.shared)
    for (const [at] of needs) {
      const sum = [...needs].reduce(
        (total, [i, need]) =>
          total + (x[i]! <= x[at]! + near && x[at]! < x[i]! + minutes[i]! - near ? need : 0),
        0,
      )
      if (sum > most) faults.push(`${sum} of ${most} at ${x[at]}`)
    }
  for (const [a, setA] of problem.settings)
    for (const [b, setB] of problem.settings)
      if (
        a < b &&
        setA !== setB &&
        x[a]! < x[b]! + minutes[b]! + problem.change - near &&
        x[b]! < x[a]! + minutes[a]! + problem.change - near
      )
        faults.push(`${a} and ${b} want other settings`)
  for (const i of problem.awake)
    for (const [from, to] of problem.closed)
      if (minutes[i]! > 0 && x[i]! < to - near && x[i]! + minutes[i]! > from + near)
        faults.push(`${i} in the night`)
  return faults
}
