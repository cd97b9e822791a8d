import type { Arc, Problem } from './problem'

const near = 1e-7

/**
 * Tasks that longest waits tie to one another. In the order of a depth-first walk; the beginning,
 * task 0, belongs to none. Strongly connected components (Tarjan).
 */
export function tiedIn(problem: Problem): number[][] {
  const n = problem.minutes.length
  const out: number[][] = Array.from({ length: n }, () => [])
  for (const { from, to } of problem.arcs) if (from && to) out[from]!.push(to)
  const [seen, low] = [new Int32Array(n), new Int32Array(n)]
  const held = new Uint8Array(n)
  const stack: number[] = []
  const tied: number[][] = []
  let count = 0
  const visit = (i: number) => {
    seen[i] = low[i] = ++count
    stack.push(i)
    held[i] = 1
    for (const to of out[i]!) {
      if (!seen[to]) {
        visit(to)
        low[i] = Math.min(low[i]!, low[to]!)
      } else if (held[to]) low[i] = Math.min(low[i]!, seen[to]!)
    }
    if (low[i] !== seen[i]) return
    const one: number[] = []
    for (let at = -1; at !== i;) {
      at = stack.pop()!
      held[at] = 0
      one.push(at)
    }
    tied.push(one)
  }
  for (let i = 1; i < n; i++) if (!seen[i]) visit(i)
  return tied.reverse()
}

/** What lies where already, by resource; each stretch in the order of its beginning. */
class Table {
  private readonly single: {
    readonly of: Uint8Array
    readonly from: number[]
    readonly to: number[]
  }[]
  private readonly awake: Uint8Array
  private readonly bakes: Uint8Array
  private readonly at: Float64Array
  private oven: number[] = []
  constructor(private readonly problem: Problem) {
    const n = problem.minutes.length
    const marked = (group: Iterable<number>) => {
      const of = new Uint8Array(n)
      for (const i of group) of[i] = 1
      return of
    }
    this.single = problem.single.map(group => ({ of: marked(group), from: [], to: [] }))
    this.awake = marked(problem.awake)
    this.bakes = marked([
      ...problem.settings.keys(),
      ...problem.shared.flatMap(({ needs }) => [...needs.keys()]),
    ])
    this.at = new Float64Array(n)
  }

  clear() {
    for (const group of this.single) {
      group.from.length = 0
      group.to.length = 0
    }
    this.oven.length = 0
  }

  /** The soonest moment from `at` on at which nothing is in this task's way. */
  free(i: number, at: number): number {
    const p = this.problem.minutes[i]!
    if (!p) return at
    for (let now = at; ; at = now) {
      for (const { of, from, to } of this.single) {
        if (!of[i]) continue
        for (let k = 0; k < from.length; k++) {
          if (to[k]! <= now + near) continue
          if (from[k]! >= now + p - near) break
          now = to[k]!
        }
      }
      if (this.awake[i])
        for (const [from, to] of this.problem.closed)
          if (now < to - near && now + p > from + near) now = to
      if (this.bakes[i]) now = this.ovenFree(i, now, p)
      if (now <= at + near) return at
    }
  }

  private ovenFree(i: number, now: number, p: number): number {
    const { settings, shared, change, minutes } = this.problem
    const heat = settings.get(i)
    if (heat !== undefined)
      for (const each of this.oven) {
        const [other, from, to] = [
          settings.get(each),
          this.at[each]!,
          this.at[each]! + minutes[each]!,
        ]
        if (
          other !== undefined &&
          other !== heat &&
          now < to + change - near &&
          from < now + p + change - near
        )
          now = to + change
      }
    for (const { most, needs } of shared) {
      const need = needs.get(i)
      if (need === undefined) continue
      const among = this.oven.filter(
        each =>
          needs.has(each) &&
          this.at[each]! + minutes[each]! > now + near &&
          this.at[each]! < now + p - near,
      )
      for (const moment of [now, ...among.map(each => this.at[each]!).filter(from => from > now)]) {
        const there = among.filter(
          each =>
            this.at[each]! <= moment + near && moment < this.at[each]! + minutes[each]! - near,
        )
        if (there.reduce((sum, each) => sum + needs.get(each)!, need) > most)
          return Math.min(...there.map(each => this.at[each]! + minutes[each]!))
      }
    }
    return now
  }

  put(i: number, at: number) {
    const p = this.problem.minutes[i]!
    this.at[i] = at
    if (!p) return
    for (const { of, from, to } of this.single) {
      if (!of[i]) continue
      let k = from.length
      while (k > 0 && from[k - 1]! > at) k--
      from.splice(k, 0, at)
      to.splice(k, 0, at + p)
    }
    if (this.bakes[i]) this.oven.push(i)
  }

  take(i: number) {
    if (!this.problem.minutes[i]) return
    for (const { of, from, to } of this.single)
      if (of[i]) {
        const k = from.indexOf(this.at[i]!)
        from.splice(k, 1)
        to.splice(k, 1)
      }
    if (this.bakes[i]) this.oven.splice(this.oven.indexOf(i), 1)
  }
}

/**
 * Gives what places one task after the other (serial generation with unscheduling): of those whose
 * forerunners lie already, the one with the least `start + delay` comes next, as soon as what lies
 * already lets it. Where a longest wait would break, what it is tied to moves up: it is taken away
 * and placed anew, later. Starts only ever grow, so it ends. Null when something came too late or
 * it took too many steps; that says nothing of the problem. Delays in minutes, by task: small ones
 * shake the order, a horizon for each set puts one set after the other.
 */
export function serial(problem: Problem): (delay: ArrayLike<number>) => Float64Array | null {
  const n = problem.minutes.length
  const out: Arc[][] = Array.from({ length: n }, () => [])
  const [soonest, latest] = [new Float64Array(n), new Float64Array(n).fill(problem.horizon)]
  const forerunners = new Int32Array(n)
  for (const arc of problem.arcs) {
    if (arc.from === arc.to) continue
    if (arc.from === 0) soonest[arc.to] = Math.max(soonest[arc.to]!, arc.least)
    else if (arc.to === 0) latest[arc.from] = Math.min(latest[arc.from]!, -arc.least)
    else {
      out[arc.from]!.push(arc)
      if (arc.least > 0) forerunners[arc.to]!++
    }
  }
  const table = new Table(problem)
  const x = new Float64Array(n)
  const lies = new Uint8Array(n)
  const waits = new Int32Array(n)
  const moved: number[] = []

  /**
   * Lets what follows from a start follow, and notes what lay already; false where that is too
   * late, or a circle that grows.
   */
  const rise = (i: number): boolean => {
    const queue = [i]
    for (let head = 0; head < queue.length; head++)
      for (const { from, to, least } of out[queue[head]!]!) {
        if (x[from]! + least <= x[to]! + near) continue
        x[to] = x[from]! + least
        if (x[to]! > latest[to]! + near || queue.length > 40 * n) return false
        if (lies[to] && !moved.includes(to)) moved.push(to)
        queue.push(to)
      }
    return true
  }
  return delay => {
    table.clear()
    lies.fill(0)
    x.set(soonest)
    waits.set(forerunners)
    moved.length = 0
    for (let i = 1; i < n; i++) if (!rise(i)) return null
    let left = n - 1
    for (let steps = 0; left > 0; steps++) {
      let [next, key] = [-1, Infinity]
      for (let i = 1; i < n; i++)
        if (!lies[i] && waits[i] === 0 && x[i]! + delay[i]! < key) {
          key = x[i]! + delay[i]!
          next = i
        }
      if (next < 0 || steps > 12 * n) return null
      x[next] = table.free(next, x[next]!)
      if (x[next]! > latest[next]! + near || !rise(next)) return null
      lies[next] = 1
      table.put(next, x[next]!)
      left--
      for (const { to, least } of out[next]!) if (least > 0) waits[to]!--
      for (const i of moved) {
        table.take(i)
        lies[i] = 0
        left++
        for (const { to, least } of out[i]!) if (least > 0) waits[to]!++
      }
      moved.length = 0
    }
    return x.slice()
  }
}
