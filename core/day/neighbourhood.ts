import type { Arc, Problem } from './problem'

const near = 1e-7

/**
 * What rules tie together: the chains of one bake or part. Moments without length, such as the
 * serving, tie nothing.
 */
export function chainsOf(problem: Problem): number[][] {
  const of = problem.minutes.map((_, i) => i)
  const top = (i: number): number => {
    while (of[i] !== i) i = of[i]!
    return i
  }
  for (const { from, to } of problem.arcs)
    if (from && to && problem.minutes[from]! > 0 && problem.minutes[to]! > 0)
      of[top(from)] = top(to)
  const chains = new Map<number, number[]>()
  for (let i = 1; i < of.length; i++) chains.set(top(i), [...(chains.get(top(i)) ?? []), i])
  return [...chains.values()].filter(chain => chain.length > 1)
}

/** A placing of which a share is freed, by chance. */
interface FreeAt {
  readonly problem: Problem
  readonly chains: readonly (readonly number[])[]
  readonly x: ArrayLike<number>
  readonly share: number
  readonly dice: () => number
}

/** Which tasks are placed anew: those of some chains, those of a stretch of time, or some by chance. */
export function freeAt({ problem, chains, x, share, dice }: FreeAt): ReadonlySet<number> {
  const n = problem.minutes.length
  const order = Array.from({ length: n - 1 }, (_, i) => i + 1).sort((a, b) => x[a]! - x[b]!)
  const many = Math.max(4, Math.round(share * n))
  const way = dice()
  // Whole chains can change places in the oven; a stretch of time what lies in it.
  if (way < 0.45 && chains.length > 1) {
    const one = new Set<number>()
    for (let k = 0; k < 3 && (one.size < many || k < 1); k++)
      for (const i of chains[Math.floor(dice() * chains.length)]!) one.add(i)
    return one
  }
  if (way < 0.85) {
    const from = Math.floor(dice() * Math.max(1, n - many))
    return new Set(order.slice(from, from + many))
  }
  return new Set(order.filter(() => dice() < share))
}

/** Who of those that are not free came before whom on each resource. */
function ordersHeld(problem: Problem, x: ArrayLike<number>, isFree: (i: number) => boolean): Arc[] {
  const { minutes, settings, shared, single, change } = problem
  const before = (a: number, b: number, gap = 0): Arc => ({
    from: a,
    to: b,
    least: minutes[a]! + gap,
    rule: -1,
  })
  const isOver = (a: number, b: number) => x[a]! + minutes[a]! <= x[b]! + near
  const pairs = (tasks: readonly number[]) =>
    tasks.flatMap(a => tasks.filter(b => a !== b && isOver(a, b)).map(b => [a, b] as const))
  const held = (tasks: Iterable<number>) => [...tasks].filter(i => !isFree(i))
  const inTurn = single.flatMap(group => {
    const kept = held(group.filter(i => minutes[i]! > 0)).sort((a, b) => x[a]! - x[b]!)
    return kept.slice(1).map((i, n) => before(kept[n]!, i))
  })
  const ofHeats = pairs(held(settings.keys()))
    .filter(([a, b]) => settings.get(a) !== settings.get(b))
    .map(([a, b]) => before(a, b, change))
  const ofRacks = shared.flatMap(({ needs }) =>
    pairs(held(needs.keys())).map(([a, b]) => before(a, b)),
  )
  return [...inTurn, ...ofHeats, ...ofRacks]
}

/**
 * The order of all that is not free, as arcs: who came before whom on each resource, and on which
 * side of the night.
 */
export function heldIn(problem: Problem, x: ArrayLike<number>, free: ReadonlySet<number>): Arc[] {
  const { minutes, awake, closed } = problem
  const isFree = (i: number) => free.has(i)
  const besideNight = (i: number): Arc[] =>
    closed.map(([from, to]) =>
      x[i]! >= to - near
        ? { from: 0, to: i, least: to, rule: -1 }
        : { from: i, to: 0, least: minutes[i]! - from, rule: -1 },
    )
  return [...ordersHeld(problem, x, isFree), ...awake.filter(i => !isFree(i)).flatMap(besideNight)]
}
