import { boundOf } from './bound'
import { wrongIn, type Choice } from './collisions'
import { chainsOf, freeAt, heldIn } from './neighbourhood'
import { costOf, type Arc, type Problem } from './problem'
import { Starts } from './starts'
import { chance, turns } from './turns'

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

/** Costs that differ by less are the same. */
const same = 1e-6
/** Up to so many tasks everything is gone through in order. */
const few = 35
/** By how much dice shake the order of ways. */
const shaken = 0.12

/** How long is searched: so many nodes, as long as `go` says; `pause` asks for a turn in between. */
export interface SearchLimits {
  readonly budget?: number
  readonly go?: () => boolean
  readonly seed?: number
  readonly pause?: () => boolean
}

/** One node of the tree: its ways, the cheaper first, and the way that is gone now. */
interface Frame {
  readonly ways: readonly { readonly arc: Arc; readonly cost: number }[]
  at: number
  readonly before: Float64Array
  added: Arc | null
}
type Dice = (() => number) | null

/** A search that goes on: the best so far, how many nodes it took, what nothing can beat. */
class Searching {
  best: Placing | null = null
  nodes = 0
  isEnough = false
  /** Worked out after the first answer. */
  bound = -Infinity
  private readonly wrong: (x: Float64Array) => Choice | null
  private readonly stack: Frame[] = []
  constructor(
    private readonly problem: Problem,
    private readonly limits: Required<SearchLimits>,
  ) {
    this.wrong = wrongIn(problem)
  }

  private keep(x: Float64Array): Placing {
    this.best = { x: x.slice(), cost: costOf(this.problem, x) }
    return this.best
  }
  isFound(): boolean {
    return this.best !== null && this.best.cost <= this.bound + same
  }
  private isNoBetter(cost: number): boolean {
    return this.best !== null && cost >= this.best.cost - same
  }

  /** The ways out of a collision that may still win, the cheaper first; with dice, shaken. */
  private waysOut(starts: Starts, choice: Choice, before: Float64Array, dice: Dice) {
    const ways: { arc: Arc; cost: number }[] = []
    for (const arc of choice) {
      const holds = starts.add(arc)
      const cost = holds ? costOf(this.problem, starts.x) : Infinity
      starts.take(arc)
      starts.x.set(before)
      if (holds && !this.isNoBetter(cost))
        ways.push({ arc, cost: dice ? cost * (1 + shaken * dice()) : cost })
    }
    return ways.sort((a, b) => a.cost - b.cost)
  }
  /** Looks at a node: a placing that holds, nothing below it, or ways to go on. */
  private open(starts: Starts, dice: Dice): Placing | 'dead' | 'open' {
    this.nodes++
    if (this.best && this.nodes % 8 === 0 && !this.limits.go()) this.isEnough = true
    if (this.isNoBetter(costOf(this.problem, starts.x))) return 'dead'
    const choice = this.wrong(starts.x)
    if (!choice) return this.keep(starts.x)
    const before = starts.x.slice()
    const ways = this.waysOut(starts, choice, before, dice)
    this.stack.push({ ways, at: 0, before, added: null })
    return 'open'
  }
  private stepBack(starts: Starts, frame: Frame) {
    if (!frame.added) return
    starts.take(frame.added)
    starts.x.set(frame.before)
    frame.added = null
  }
  private unwind(starts: Starts) {
    while (this.stack.length) this.stepBack(starts, this.stack.pop()!)
  }
  /** The next way down from a node, gone already; null where it is a dead end. */
  private goDown(starts: Starts, frame: Frame, dice: Dice): Placing | 'dead' | 'open' | null {
    const way = frame.ways[frame.at++]
    if (!way) {
      this.stack.pop()
      return null
    }
    if (!dice && this.isNoBetter(way.cost)) return null
    frame.added = way.arc
    return starts.add(way.arc) ? this.open(starts, dice) : null
  }

  /**
   * Straight down and back up; `until` nodes at most. With `dice` the order of ways is shaken, and
   * one dive is all. Gives whether all that is below was gone through.
   */
  *below(starts: Starts, until: number, dice: Dice): Generator<Placing, boolean, void> {
    const first = this.open(starts, dice)
    if (typeof first !== 'string') yield first
    if (first !== 'open') return true
    while (this.stack.length) {
      if (this.best && this.nodes % 16 === 0 && this.limits.pause()) yield this.best
      const frame = this.stack.at(-1)!
      this.stepBack(starts, frame)
      if (this.nodes >= until || this.isEnough) break
      const next = this.goDown(starts, frame, dice)
      if (next === null || typeof next === 'string') continue
      yield next
      if (dice) break
    }
    const isThrough = !this.stack.length
    this.unwind(starts)
    return isThrough
  }

  /** One placing after the other, in some order: quick, and rarely the best. */
  *placed(inTurn: ReturnType<typeof turns>, tries: number): Generator<Placing, void, void> {
    const { budget, go, pause } = this.limits
    for (let k = 0; k < tries && !this.isEnough && this.nodes < budget; k++) {
      this.nodes++
      if (this.best && !go()) this.isEnough = true
      if (this.best && pause()) yield this.best
      const x = inTurn.next()
      if (!x || this.wrong(x)) continue
      if (costOf(this.problem, x) < (this.best?.cost ?? Infinity) - same) yield this.keep(x)
    }
  }
}

/** A problem with what the search of it needs from beginning to end. */
interface SearchRun {
  readonly problem: Problem
  readonly searching: Searching
  readonly budget: number
  readonly dice: () => number
  readonly inTurn: ReturnType<typeof turns>
  /** Nodes of one dive. */
  readonly dive: number
}
const allOf = ({ minutes }: Problem) => Array.from(minutes, (_, i) => i)
/** Starts under the rules and what is held besides; null where they contradict each other. */
function startsUnder(problem: Problem, held: readonly Arc[] = []): Starts | null {
  const arcs = held.length ? [...problem.arcs, ...held] : problem.arcs
  const starts = new Starts(problem.minutes.length, problem.horizon, arcs)
  return starts.spread(allOf(problem)) ? starts : null
}

/**
 * The straight way: what is small is gone through in order; of what is large only where nothing
 * lies yet, with shaken dives until one gets through.
 */
function* straight(run: SearchRun, root: Starts): Generator<Placing, boolean, void> {
  const { problem, searching, budget, dice, inTurn, dive } = run
  const isSmall = problem.minutes.length <= few
  if (!isSmall) yield* searching.placed(inTurn, 24)
  let proven = searching.isFound()
  if (!proven && (isSmall || !searching.best))
    proven = yield* searching.below(root, Math.min(budget, searching.nodes + dive), null)
  while (!proven && !searching.best && searching.nodes < budget / 2)
    yield* searching.below(startsUnder(problem)!, searching.nodes + dive, dice)
  if (isSmall && !proven && !searching.isFound() && !searching.isEnough) {
    const half = Math.ceil((budget - searching.nodes) / 2)
    proven = yield* searching.below(startsUnder(problem)!, searching.nodes + half, null)
  }
  return proven
}
/** The share that is placed anew: it grows where nothing more is won. */
const shares = { first: 0.2, most: 0.65, growth: 1.07 }
/**
 * What is good stays in its order but for a stretch of it, which is placed anew: longer stretches
 * where nothing more is won. Between them, some other order of sets.
 */
function* improved(run: SearchRun): Generator<Placing, void, void> {
  const { problem, searching, budget, dice, inTurn, dive } = run
  const chains = chainsOf(problem)
  const goesOn = () => !searching.isFound() && searching.nodes < budget && !searching.isEnough
  let share = shares.first
  for (let round = 0; goesOn(); round++) {
    const at = searching.best
    if (!at || round % 12 === 11) {
      const until = Math.min(budget, searching.nodes + dive)
      yield* searching.below(startsUnder(problem)!, until, dice)
      continue
    }
    yield* searching.placed(inTurn, 20)
    const { x } = searching.best ?? at
    const held = heldIn(problem, x, freeAt({ problem, chains, x, share, dice }))
    const starts = startsUnder(problem, held)
    const until = Math.min(budget, searching.nodes + Math.round(1.2 * problem.minutes.length))
    if (starts) yield* searching.below(starts, until, null)
    share = searching.best === at ? Math.min(shares.most, share * shares.growth) : shares.first
  }
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
  const root = startsUnder(problem)
  if (!root) return { best: null, proven: true, bound: Infinity, nodes: 0 }
  const searching = new Searching(problem, { budget, go, seed, pause })
  const dice = chance(seed)
  const inTurn = turns(problem, dice)
  const run: SearchRun = { problem, searching, budget, dice, inTurn, dive: 60 + 3 * n }
  const soonest = root.x.slice()
  yield* searching.placed(inTurn, 4)
  searching.bound = boundOf(problem, soonest)
  const isThrough = yield* straight(run, root)
  if (!isThrough) yield* improved(run)
  const { best, bound, nodes } = searching
  const proven = isThrough || searching.isFound()
  return { best, proven, bound: proven && best ? best.cost : bound, nodes }
}
