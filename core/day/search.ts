import { boundOf, tailsOf } from './bound'
import { costOf, type Arc, type Problem } from './problem'
import { serial, tiedIn } from './serial'

export interface Placing {
  readonly x: Float64Array
  readonly cost: number
}
export interface Search {
  readonly best: Placing | null
  /** No better one exists. */ readonly proven: boolean
  /** Nothing can be cheaper than this. */ readonly bound: number
  readonly nodes: number
}

/** A choice: arcs of which one must hold. */
type Choice = readonly Arc[]

const near = 1e-7

/** Starts under arcs, each as early as it can be; grows as arcs are added, and can be set back. */
class Starts {
  readonly x: Float64Array
  private readonly out: Arc[][]
  private readonly queue: Int32Array
  private readonly queued: Uint8Array
  private readonly times: Uint16Array
  private readonly one = [0]
  constructor(
    private readonly n: number,
    private readonly horizon: number,
    arcs: readonly Arc[],
  ) {
    this.x = new Float64Array(n)
    this.out = Array.from({ length: n }, () => [])
    this.queue = new Int32Array(n)
    this.queued = new Uint8Array(n)
    this.times = new Uint16Array(n)
    for (const arc of arcs) this.out[arc.from]!.push(arc)
  }

  /** Lets what follows from these tasks follow; false when it goes round in a circle that grows. */
  spread(from: readonly number[]): boolean {
    const { queue, queued, times, n } = this
    queued.fill(0)
    times.fill(0)
    let [head, waiting] = [0, 0]
    for (const i of from) {
      queued[i] = 1
      queue[waiting++] = i
    }
    while (waiting) {
      const i = queue[head]!
      head = head + 1 === n ? 0 : head + 1
      waiting--
      queued[i] = 0
      for (const { to, least } of this.out[i]!) {
        const at = this.x[i]! + least
        if (at <= this.x[to]! + near) continue
        if (to === 0 || at > this.horizon || ++times[to]! > n + 1) return false
        this.x[to] = at
        if (!queued[to]) {
          queued[to] = 1
          const end = head + waiting++
          queue[end < n ? end : end - n] = to
        }
      }
    }
    return true
  }
  add(arc: Arc): boolean {
    this.out[arc.from]!.push(arc)
    const at = this.x[arc.from]! + arc.least
    if (at <= this.x[arc.to]! + near) return true
    if (arc.to === 0 || at > this.horizon) return false
    this.x[arc.to] = at
    this.one[0] = arc.to
    return this.spread(this.one)
  }
  take(arc: Arc) {
    this.out[arc.from]!.pop()
  }
}

/**
 * Gives what finds the first thing that is wrong in a placing by its time, and the ways to put it
 * right; null when nothing is.
 */
function wrongIn(problem: Problem): (x: Float64Array) => Choice | null {
  const { minutes, change } = problem
  const groups = problem.single.map(group => group.filter(i => minutes[i]! > 0))
  const set = [...problem.settings]
  const racks = problem.shared.map(({ most, needs }) => ({
    most,
    tasks: [...needs.keys()],
    need: [...needs.values()],
  }))
  const awake = problem.awake.filter(i => minutes[i]! > 0)
  const both = (a: number, b: number, gap = 0): Choice => [
    { from: a, to: b, least: minutes[a]! + gap, rule: -1 },
    { from: b, to: a, least: minutes[b]! + gap, rule: -1 },
  ]
  return x => {
    let when = Infinity
    let found: (() => Choice) | null = null
    for (const inTurn of groups) {
      // Nearly in order from one time to the next: sorted in place.
      for (let n = 1; n < inTurn.length; n++) {
        const i = inTurn[n]!
        let k = n
        while (
          k > 0 &&
          (x[inTurn[k - 1]!]! > x[i]! || (x[inTurn[k - 1]!] === x[i] && inTurn[k - 1]! > i))
        ) {
          inTurn[k] = inTurn[k - 1]!
          k--
        }
        inTurn[k] = i
      }
      let holds = inTurn[0]!
      for (let n = 1; n < inTurn.length; n++) {
        const next = inTurn[n]!
        if (x[next]! >= when - near) break
        if (x[next]! < x[holds]! + minutes[holds]! - near) {
          const before = holds
          when = x[next]!
          found = () => both(before, next)
          break
        }
        if (x[next]! + minutes[next]! > x[holds]! + minutes[holds]!) holds = next
      }
    }
    for (let i = 0; i < set.length; i++)
      for (let j = i + 1; j < set.length; j++) {
        const [a, b] = [set[i]![0], set[j]![0]]
        if (set[i]![1] === set[j]![1] || Math.max(x[a]!, x[b]!) >= when - near) continue
        if (
          x[a]! < x[b]! + minutes[b]! + change - near &&
          x[b]! < x[a]! + minutes[a]! + change - near
        ) {
          when = Math.max(x[a]!, x[b]!)
          found = () => both(a, b, change)
        }
      }
    for (const { most, tasks, need } of racks)
      for (const at of tasks) {
        const now = x[at]!
        if (now >= when - near) continue
        let sum = 0
        for (let n = 0; n < tasks.length; n++)
          if (x[tasks[n]!]! <= now + near && now < x[tasks[n]!]! + minutes[tasks[n]!]! - near)
            sum += need[n]!
        if (sum <= most) continue
        when = now
        found = () => {
          // As few as are too many together.
          const few = tasks.filter(i => x[i]! <= now + near && now < x[i]! + minutes[i]! - near)
          for (const i of [...few]) {
            const less = need[tasks.indexOf(i)]!
            if (few.length > 1 && i !== at && sum - less > most) {
              few.splice(few.indexOf(i), 1)
              sum -= less
            }
          }
          return few.flatMap(a =>
            few.flatMap(b => (a === b ? [] : [{ from: a, to: b, least: minutes[a]!, rule: -1 }])),
          )
        }
      }
    for (const i of awake)
      for (const [from, to] of problem.closed) {
        if (x[i]! < when - near && x[i]! < to - near && x[i]! + minutes[i]! > from + near) {
          when = x[i]!
          found = () => [
            { from: 0, to: i, least: to, rule: -1 },
            { from: i, to: 0, least: minutes[i]! - from, rule: -1 },
          ]
        }
      }
    return found ? found() : null
  }
}

/**
 * What rules tie together: the chains of one bake or part. Moments without length, such as the
 * serving, tie nothing.
 */
function chainsOf(problem: Problem): number[][] {
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
function freeAt({ problem, chains, x, share, dice }: FreeAt): ReadonlySet<number> {
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

/**
 * The order of all that is not free, as arcs: who came before whom on each resource, and on which
 * side of the night.
 */
function heldIn(problem: Problem, x: ArrayLike<number>, free: ReadonlySet<number>): Arc[] {
  const { minutes } = problem
  const arcs: Arc[] = []
  const before = (a: number, b: number, gap = 0) => {
    arcs.push({ from: a, to: b, least: minutes[a]! + gap, rule: -1 })
  }
  for (const group of problem.single) {
    const kept = group.filter(i => minutes[i]! > 0 && !free.has(i)).sort((a, b) => x[a]! - x[b]!)
    for (const [n, i] of kept.slice(1).entries()) before(kept[n]!, i)
  }
  const set = [...problem.settings].filter(([i]) => !free.has(i))
  for (const [a, sa] of set)
    for (const [b, sb] of set)
      if (sa !== sb && x[a]! + minutes[a]! <= x[b]! + near) before(a, b, problem.change)
  for (const { needs } of problem.shared)
    for (const [a] of needs)
      for (const [b] of needs)
        if (a !== b && !free.has(a) && !free.has(b) && x[a]! + minutes[a]! <= x[b]! + near)
          before(a, b)
  for (const i of problem.awake)
    if (!free.has(i))
      for (const [from, to] of problem.closed)
        arcs.push(
          x[i]! >= to - near
            ? { from: 0, to: i, least: to, rule: -1 }
            : { from: i, to: 0, least: minutes[i]! - from, rule: -1 },
        )
  return arcs
}

/**
 * Orders to place in, one better than the other: some rules of thumb, then the best order of sets
 * with one or two of them moved, kept by annealing.
 */
function turns(problem: Problem, dice: () => number): { readonly next: () => Float64Array | null } {
  const place = serial(problem)
  const n = problem.minutes.length
  const tied = tiedIn(problem)
  const tail = tailsOf(problem).map(t => (Number.isFinite(t) ? t : 0))
  const longest = (set: readonly number[]) => Math.max(...set.map(i => tail[i]!))
  const delayOf = (turn: readonly number[]) => {
    const delay = new Float64Array(n)
    turn.forEach((set, k) => {
      for (const i of tied[set]!) delay[i] = k * problem.horizon
    })
    return delay
  }
  const first = [new Float64Array(n), tail.map(t => -0.5 * t), tail.map(t => -t)]
  let turn = tied.map((_, k) => k).sort((a, b) => longest(tied[b]!) - longest(tied[a]!))
  let [cost, heat] = [Infinity, 0.02]
  return {
    next() {
      const simple = first.shift()
      if (simple) return place(simple)
      const other = [...turn]
      if (cost < Infinity)
        for (let k = dice() < 0.5 ? 1 : 2; k > 0; k--) {
          const [set] = other.splice(Math.floor(dice() * other.length), 1)
          other.splice(Math.floor(dice() * (other.length + 1)), 0, set!)
        }
      const x = place(delayOf(other))
      if (!x) {
        if (cost === Infinity) first.push(tail.map(() => 60 * dice()))
        return x
      }
      const now = costOf(problem, x)
      heat *= 0.997
      if (now < cost || dice() < Math.exp((cost - now) / (heat * cost))) {
        turn = other
        cost = now
      }
      return x
    },
  }
}

/** Seeded and repeatable, for ways that are tried besides the straight one. */
function chance(seed: number): () => number {
  let s = seed >>> 0 || 1
  return () => {
    s ^= s << 13
    s >>>= 0
    s ^= s >>> 17
    s ^= s << 5
    s >>>= 0
    return s / 4294967296
  }
}

/** How long is searched: so many nodes, as long as `go` says; `pause` asks for a turn in between. */
export interface SearchLimits {
  readonly budget?: number
  readonly go?: () => boolean
  readonly seed?: number
  readonly pause?: () => boolean
}

/**
 * Places every task as early as its rules and the resources allow, so that the cost is small:
 * branch and bound over what collides, earliest first, the cheaper way first. Yields every better
 * placing as it is found; ends when it is proven or `budget` nodes are spent, or `go` says that it
 * is enough; what is left after the straight way goes into random dives. The cost never falls when
 * a start grows, so the earliest starts under some arcs bound all that is below them. Complete:
 * given time it finds the optimum or shows that there is none. Where `pause` says so, the best so
 * far is yielded again.
 */
export function* search(
  problem: Problem,
  { budget = 4000, go = () => true, seed = 7, pause = () => false }: SearchLimits = {},
): Generator<Placing, Search, void> {
  const n = problem.minutes.length
  let best: Placing | null = null
  let nodes = 0
  let enough = false
  // What nothing can beat is worked out after the first answer.
  let bound = -Infinity
  const root = new Starts(n, problem.horizon, problem.arcs)
  if (!root.spread(Array.from({ length: n }, (_, i) => i)))
    return { best: null, proven: true, bound: Infinity, nodes }
  const wrong = wrongIn(problem)
  const keep = (x: Float64Array): Placing => {
    best = { x: x.slice(), cost: costOf(problem, x) }
    return best
  }

  /**
   * Straight down and back up; `until` nodes at most. With `dice` the order of ways is shaken, and
   * one dive is all.
   */
  function* below(
    starts: Starts,
    until: number,
    dice: (() => number) | null,
  ): Generator<Placing, boolean, void> {
    interface Frame {
      readonly ways: readonly { readonly arc: Arc; readonly cost: number }[]
      at: number
      readonly before: Float64Array
      added: Arc | null
    }
    const stack: Frame[] = []
    const open = (): Placing | 'dead' | 'open' => {
      nodes++
      if (best && nodes % 8 === 0 && !go()) enough = true
      if (best && costOf(problem, starts.x) >= best.cost - 1e-6) return 'dead'
      const choice = wrong(starts.x)
      if (!choice) return keep(starts.x)
      const before = starts.x.slice()
      const ways = choice
        .flatMap(arc => {
          const ok = starts.add(arc)
          const cost = ok ? costOf(problem, starts.x) : Infinity
          starts.take(arc)
          starts.x.set(before)
          return ok && !(best && cost >= best.cost - 1e-6)
            ? [{ arc, cost: dice ? cost * (1 + 0.12 * dice()) : cost }]
            : []
        })
        .sort((a, b) => a.cost - b.cost)
      stack.push({ ways, at: 0, before, added: null })
      return 'open'
    }
    const first = open()
    if (first !== 'open') {
      if (first !== 'dead') yield first
      return true
    }
    while (stack.length) {
      if (best && nodes % 16 === 0 && pause()) yield best
      const frame = stack.at(-1)!
      if (frame.added) {
        starts.take(frame.added)
        starts.x.set(frame.before)
        frame.added = null
      }
      if (nodes >= until || enough) {
        while (stack.length) {
          const f = stack.pop()!
          if (f.added) {
            starts.take(f.added)
            starts.x.set(f.before)
          }
        }
        return false
      }
      const way = frame.ways[frame.at++]
      if (!way) {
        stack.pop()
        continue
      }
      if (best && way.cost >= (dice ? Infinity : best.cost - 1e-6)) continue
      frame.added = way.arc
      if (!starts.add(way.arc)) continue
      const next = open()
      if (next === 'open' || next === 'dead') continue
      yield next
      if (dice) {
        while (stack.length) {
          const f = stack.pop()!
          if (f.added) {
            starts.take(f.added)
            starts.x.set(f.before)
          }
        }
        return false
      }
    }
    return true
  }

  const all = Array.from({ length: n }, (_, i) => i)
  const anew = (held: readonly Arc[] = []) => {
    const starts = new Starts(
      n,
      problem.horizon,
      held.length ? [...problem.arcs, ...held] : problem.arcs,
    )
    return starts.spread(all) ? starts : null
  }
  const dice = chance(seed)
  const found = () => best && (best as Placing).cost <= bound + 1e-6
  const inTurn = turns(problem, dice)
  /** One placing after the other, in some order: quick, and rarely the best. */
  function* placed(tries: number): Generator<Placing, void, void> {
    for (let k = 0; k < tries && !enough && nodes < budget; k++) {
      nodes++
      if (best && !go()) enough = true
      if (best && pause()) yield best
      const x = inTurn.next()
      if (x && !wrong(x) && costOf(problem, x) < (best?.cost ?? Infinity) - 1e-6) yield keep(x)
    }
  }
  const soonest = root.x.slice()
  yield* placed(4)
  bound = boundOf(problem, soonest)
  // What is small is gone through in order; of what is large only where nothing lies yet, with
  // shaken dives until one gets through.
  const dive = 60 + 3 * n
  const small = n <= 35
  if (!small) yield* placed(24)
  let proven = found()
    ? true
    : small || !best
      ? yield* below(root, Math.min(budget, nodes + dive), null)
      : false
  while (!proven && !best && nodes < budget / 2) yield* below(anew()!, nodes + dive, dice)
  if (small && !proven && !found() && !enough)
    proven = yield* below(anew()!, nodes + Math.ceil((budget - nodes) / 2), null)
  // What is good stays in its order but for a stretch of it, which is placed anew: longer stretches
  // where nothing more is won. Between them, some other order of sets.
  let share = 0.2
  const chains = chainsOf(problem)
  for (let round = 0; !proven && !found() && nodes < budget && !enough; round++) {
    const at = best as Placing | null
    if (!at || round % 12 === 11) {
      yield* below(anew()!, Math.min(budget, nodes + dive), dice)
      continue
    }
    yield* placed(20)
    const now = best as Placing | null
    const starts =
      now && anew(heldIn(problem, now.x, freeAt({ problem, chains, x: now.x, share, dice })))
    if (starts) yield* below(starts, Math.min(budget, nodes + Math.round(1.2 * n)), null)
    share = best !== at ? 0.2 : Math.min(0.65, share * 1.07)
  }
  const sure = proven || Boolean(found())
  return { best, proven: sure, bound: sure && best ? (best as Placing).cost : bound, nodes }
}

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
