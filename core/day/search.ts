import { costOf, type Arc, type Problem } from './problem'

export interface Placing { readonly x: Float64Array, readonly cost: number }
export interface Search { readonly best: Placing | null, /** No better one exists. */ readonly proven: boolean, /** Nothing can be cheaper than this. */ readonly bound: number, readonly nodes: number }

/** A choice: arcs of which one must hold. */
type Choice = readonly Arc[]

const near = 1e-7

/** Starts under arcs, each as early as it can be; grows as arcs are added, and can be set back. */
class Starts {
  readonly x: Float64Array
  private readonly out: Arc[][]
  constructor(private readonly n: number, private readonly horizon: number, arcs: readonly Arc[]) {
    this.x = new Float64Array(n)
    this.out = Array.from({ length: n }, () => [])
    for (const arc of arcs) this.out[arc.from]!.push(arc)
  }

  /** Lets what follows from these tasks follow; false when it goes round in a circle that grows. */
  spread(from: readonly number[]): boolean {
    const queue = [...from]
    const queued = new Uint8Array(this.n)
    const times = new Uint16Array(this.n)
    for (const i of queue) queued[i] = 1
    for (let head = 0; head < queue.length; head++) {
      const i = queue[head]!
      queued[i] = 0
      for (const { to, least } of this.out[i]!) {
        const at = this.x[i]! + least
        if (at <= this.x[to]! + near) continue
        if (to === 0 || at > this.horizon || ++times[to]! > this.n + 1) return false
        this.x[to] = at
        if (!queued[to]) { queued[to] = 1; queue.push(to) }
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
    return this.spread([arc.to])
  }
  take(arc: Arc) { this.out[arc.from]!.pop() }
}

/** The first thing that is wrong in a placing by its time, and the ways to put it right; null when nothing is. */
function wrongIn(problem: Problem, x: Float64Array): Choice | null {
  const { minutes } = problem
  let when = Infinity
  let found: Choice | null = null
  const both = (a: number, b: number, gap = 0): Choice => [{ from: a, to: b, least: minutes[a]! + gap, rule: -1 }, { from: b, to: a, least: minutes[b]! + gap, rule: -1 }]
  const see = (at: number, choice: () => Choice) => { if (at < when - near) { when = at; found = choice() } }
  for (const group of problem.single) for (let i = 0; i < group.length; i++) {
    const a = group[i]!
    if (!minutes[a]) continue
    for (let j = i + 1; j < group.length; j++) {
      const b = group[j]!
      if (minutes[b] && x[a]! < x[b]! + minutes[b]! - near && x[b]! < x[a]! + minutes[a]! - near) see(Math.max(x[a]!, x[b]!), () => both(a, b))
    }
  }
  const set = [...problem.settings]
  for (let i = 0; i < set.length; i++) for (let j = i + 1; j < set.length; j++) {
    const [[a, sa], [b, sb]] = [set[i]!, set[j]!]
    if (sa !== sb && x[a]! < x[b]! + minutes[b]! + problem.change - near && x[b]! < x[a]! + minutes[a]! + problem.change - near) see(Math.max(x[a]!, x[b]!), () => both(a, b, problem.change))
  }
  for (const { most, needs } of problem.shared) for (const [at] of needs) {
    const there = [...needs.keys()].filter(i => x[i]! <= x[at]! + near && x[at]! < x[i]! + minutes[i]! - near)
    let sum = there.reduce((total, i) => total + needs.get(i)!, 0)
    if (sum <= most) continue
    see(x[at]!, () => {
      // As few as are too many together.
      const few = [...there]
      for (const i of there) if (few.length > 1 && i !== at && sum - needs.get(i)! > most) { few.splice(few.indexOf(i), 1); sum -= needs.get(i)! }
      return few.flatMap(a => few.flatMap(b => a === b ? [] : [{ from: a, to: b, least: minutes[a]!, rule: -1 }]))
    })
  }
  for (const i of problem.awake) for (const [from, to] of problem.closed) {
    if (minutes[i] && x[i]! < to - near && x[i]! + minutes[i]! > from + near) see(x[i]!, () => [{ from: 0, to: i, least: to, rule: -1 }, { from: i, to: 0, least: minutes[i]! - from, rule: -1 }])
  }
  return found
}

/** Seeded and repeatable, for ways that are tried besides the straight one. */
function chance(seed: number): () => number {
  let s = seed >>> 0 || 1
  return () => { s ^= s << 13; s >>>= 0; s ^= s >>> 17; s ^= s << 5; s >>>= 0; return s / 4294967296 }
}

/**
 * Places every task as early as its rules and the resources allow, so that the cost is small: branch and bound over what collides, earliest first, the
 * cheaper way first. Yields every better placing as it is found; ends when it is proven or `budget` nodes are spent, or `go` says that it is enough; what is left after the straight way goes into random dives. The cost never falls when a start
 * grows, so the earliest starts under some arcs bound all that is below them. Complete: given time it finds the optimum or shows that there is none.
 */
export function* search(problem: Problem, budget = 4000, go: () => boolean = () => true, seed = 7): Generator<Placing, Search, void> {
  const n = problem.minutes.length
  let best: Placing | null = null
  let nodes = 0
  let enough = false
  const root = new Starts(n, problem.horizon, problem.arcs)
  if (!root.spread(Array.from({ length: n }, (_, i) => i))) return { best: null, proven: true, bound: Infinity, nodes }
  const bound = boundOf(problem, root.x)
  const keep = (x: Float64Array): Placing => { best = { x: Float64Array.from(x), cost: costOf(problem, x) }; return best }

  /** Straight down and back up; `until` nodes at most. With `dice` the order of ways is shaken, and one dive is all. */
  function* below(starts: Starts, until: number, dice: (() => number) | null): Generator<Placing, boolean, void> {
    interface Frame { readonly ways: readonly { readonly arc: Arc, readonly cost: number }[], at: number, readonly before: Float64Array, added: Arc | null }
    const stack: Frame[] = []
    const open = (): Placing | 'dead' | 'open' => {
      nodes++
      if (best && nodes % 8 === 0 && !go()) enough = true
      if (best && costOf(problem, starts.x) >= best.cost - 1e-6) return 'dead'
      const choice = wrongIn(problem, starts.x)
      if (!choice) return keep(starts.x)
      const before = Float64Array.from(starts.x)
      const ways = choice.flatMap((arc) => {
        const ok = starts.add(arc)
        const cost = ok ? costOf(problem, starts.x) : Infinity
        starts.take(arc)
        starts.x.set(before)
        return ok && !(best && cost >= best.cost - 1e-6) ? [{ arc, cost: dice ? cost * (1 + 0.12 * dice()) : cost }] : []
      }).sort((a, b) => a.cost - b.cost)
      stack.push({ ways, at: 0, before, added: null })
      return 'open'
    }
    const first = open()
    if (first !== 'open') { if (first !== 'dead') yield first; return true }
    while (stack.length) {
      const frame = stack.at(-1)!
      if (frame.added) { starts.take(frame.added); starts.x.set(frame.before); frame.added = null }
      if (nodes >= until || enough) { while (stack.length) { const f = stack.pop()!; if (f.added) { starts.take(f.added); starts.x.set(f.before) } } return false }
      const way = frame.ways[frame.at++]
      if (!way) { stack.pop(); continue }
      if (best && way.cost >= (dice ? Infinity : best.cost - 1e-6)) continue
      frame.added = way.arc
      if (!starts.add(way.arc)) continue
      const next = open()
      if (next === 'open' || next === 'dead') continue
      yield next
      if (dice) { while (stack.length) { const f = stack.pop()!; if (f.added) { starts.take(f.added); starts.x.set(f.before) } } return false }
    }
    return true
  }

  const anew = () => { const starts = new Starts(n, problem.horizon, problem.arcs); starts.spread(Array.from({ length: n }, (_, i) => i)); return starts }
  const dice = chance(seed)
  const dive = 60 + 3 * n
  // Straight down; where that gets stuck, shaken dives until one gets through; then in order, and shaken again.
  let proven = yield* below(root, Math.min(budget, dive), null)
  while (!proven && !best && nodes < budget / 2) yield* below(anew(), nodes + dive, dice)
  const found = () => best && (best as Placing).cost <= bound + 1e-6
  if (!proven && !found() && !enough) proven = yield* below(anew(), nodes + Math.ceil((budget - nodes) / 2), null)
  while (!proven && !found() && nodes < budget && !enough) yield* below(anew(), Math.min(budget, nodes + dive), dice)
  const sure = proven || Boolean(found())
  return { best, proven: sure, bound: sure && best ? (best as Placing).cost : bound, nodes }
}

/**
 * Nothing can be cheaper: what one resource has to do after its earliest start, all of it one after the other and round the closed hours, and the shortest way from
 * there to the end. The one-machine bound, for every group and every beginning.
 */
export function boundOf(problem: Problem, x: ArrayLike<number>): number {
  const n = problem.minutes.length
  const counted = new Set(problem.counted)
  const tail = Float64Array.from({ length: n }, (_, i) => counted.has(i) ? problem.minutes[i]! : -Infinity)
  for (let round = 0; round < n; round++) {
    let moved = false
    for (const { from, to, least } of problem.arcs) if (tail[to]! + least > tail[from]! + near) { tail[from] = tail[to]! + least; moved = true }
    if (!moved) break
  }
  let span = 0
  let early = 0
  for (const i of problem.counted) span = Math.max(span, x[i]! + problem.minutes[i]!)
  for (const i of problem.early) early += x[i]!
  const worked = (from: number, minutes: number): number => { let at = from + minutes; for (const [a, b] of problem.closed) if (from < b && at > a) at += b - Math.max(a, from); return at }
  for (const group of problem.single) {
    const awake = group.every(i => problem.awake.includes(i))
    for (const begin of new Set(group.map(i => x[i]!))) {
      const later = group.filter(i => x[i]! >= begin && problem.minutes[i]! > 0 && Number.isFinite(tail[i]!))
      if (!later.length) continue
      const all = later.reduce((sum, i) => sum + problem.minutes[i]!, 0)
      const end = awake ? worked(begin, all) : begin + all
      span = Math.max(span, end + Math.min(...later.map(i => tail[i]! - problem.minutes[i]!)))
    }
  }
  return span + 0.01 * early
}

/** The rules of a circle that cannot be kept, by their numbers; empty where all arcs can hold at once. Longest paths with a trace back. */
export function circleIn(problem: Problem): number[] {
  const n = problem.minutes.length
  const x = new Float64Array(n)
  const by: (Arc | null)[] = Array.from({ length: n }, () => null)
  let last = -1
  for (let round = 0; round <= n; round++) {
    last = -1
    for (const arc of problem.arcs) if (x[arc.from]! + arc.least > x[arc.to]! + near) { x[arc.to] = x[arc.from]! + arc.least; by[arc.to] = arc; last = arc.to }
    if (last < 0) return []
  }
  for (let i = 0; i < n; i++) last = by[last]!.from
  const rules: number[] = []
  let at = last
  do { const arc: Arc = by[at]!; if (arc.rule >= 0) rules.push(arc.rule); at = arc.from } while (at !== last)
  return [...new Set(rules)]
}
