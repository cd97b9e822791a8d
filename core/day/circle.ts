import type { Arc, Problem } from './problem'

const near = 1e-7

/**
 * The rules of a circle that cannot be kept, by their numbers; empty where all arcs can hold at
 * once. Longest paths with a trace back.
 */
export function circleIn(problem: Problem): number[] {
  const n = problem.minutes.length
  const x = new Float64Array(n)
  const by: (Arc | null)[] = Array.from({ length: n }, () => null)
  let last = -1
  for (let round = 0; round <= n; round++) {
    last = -1
    for (const arc of problem.arcs)
      if (x[arc.from]! + arc.least > x[arc.to]! + near) {
        x[arc.to] = x[arc.from]! + arc.least
        by[arc.to] = arc
        last = arc.to
      }
    if (last < 0) return []
  }
  for (let i = 0; i < n; i++) last = by[last]!.from
  const rules: number[] = []
  let at = last
  do {
    const arc: Arc = by[at]!
    if (arc.rule >= 0) rules.push(arc.rule)
    at = arc.from
  } while (at !== last)
  return [...new Set(rules)]
}
