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
  /** Takes all down to `i` off the stack: one component. */
  const close = (i: number) => {
    const one = stack.splice(stack.lastIndexOf(i)).reverse()
    for (const at of one) held[at] = 0
    tied.push(one)
  }
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
    if (low[i] === seen[i]) close(i)
  }
  for (let i = 1; i < n; i++) if (!seen[i]) visit(i)
  return tied.reverse()
}

/** What is at work at one place, in the order of its beginning. */
interface Line {
  readonly of: Uint8Array
  readonly from: number[]
  readonly to: number[]
}
/** The soonest moment from `now` on with `p` minutes free in this line. */
function freeIn({ from, to }: Line, now: number, p: number): number {
  for (let k = 0; k < from.length; k++) {
    if (to[k]! <= now + near) continue
    if (from[k]! >= now + p - near) break
    now = to[k]!
  }
  return now
}
/** The soonest moment from `now` on whose `p` minutes touch no night. */
function freeOf(nights: Problem['closed'], now: number, p: number): number {
  for (const [from, to] of nights) if (now < to - near && now + p > from + near) now = to
  return now
}

/** What lies where already, by resource. */
class Table {
  private readonly single: readonly Line[]
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
      for (const line of this.single) if (line.of[i]) now = freeIn(line, now, p)
      if (this.awake[i]) now = freeOf(this.problem.closed, now, p)
      if (this.bakes[i]) now = this.roomFree(i, this.settingFree(i, now, p), p)
      if (now <= at + near) return at
    }
  }

  private endOf(i: number): number {
    return this.at[i]! + this.problem.minutes[i]!
  }

  /** When the oven may have this task's setting. */
  private settingFree(i: number, now: number, p: number): number {
    const { settings, change } = this.problem
    const heat = settings.get(i)
    if (heat === undefined) return now
    for (const each of this.oven) {
      const other = settings.get(each)
      if (other === undefined || other === heat) continue
      const to = this.endOf(each) + change
      if (now < to - near && this.at[each]! < now + p + change - near) now = to
    }
    return now
  }

  /** When there is room in the oven beside what is in it. */
  private roomFree(i: number, now: number, p: number): number {
    for (const { most, needs } of this.problem.shared) {
      const need = needs.get(i)
      if (need === undefined) continue
      const full = this.fullAt(needs, most - need, now, now + p)
      if (full !== null) return full
    }
    return now
  }

  /** When the first that is in the way between `from` and `to` comes out; null where nothing is. */
  private fullAt(
    needs: ReadonlyMap<number, number>,
    most: number,
    from: number,
    to: number,
  ): number | null {
    const among = this.oven.filter(
      each => needs.has(each) && this.endOf(each) > from + near && this.at[each]! < to - near,
    )
    const moments = [from, ...among.map(each => this.at[each]!).filter(start => start > from)]
    for (const moment of moments) {
      const there = among.filter(
        each => this.at[each]! <= moment + near && moment < this.endOf(each) - near,
      )
      if (there.reduce((sum, each) => sum + needs.get(each)!, 0) > most)
        return Math.min(...there.map(each => this.endOf(each)))
    }
    return null
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
    for (const { of, from, to } of this.single) {
      if (!of[i]) continue
      const k = from.indexOf(this.at[i]!)
      from.splice(k, 1)
      to.splice(k, 1)
    }
    if (this.bakes[i]) this.oven.splice(this.oven.indexOf(i), 1)
  }
}

/** A problem as serial generation asks for it, once for every placing of it. */
interface Known {
  readonly out: readonly (readonly Arc[])[]
  /** Windows of the starts, in minutes. */
  readonly soonest: Float64Array
  readonly latest: Float64Array
  /** How many tasks have to lie before it. */
  readonly forerunners: Int32Array
}
function known({ minutes, arcs, horizon }: Problem): Known {
  const n = minutes.length
  const out: Arc[][] = Array.from({ length: n }, () => [])
  const [soonest, latest] = [new Float64Array(n), new Float64Array(n).fill(horizon)]
  const forerunners = new Int32Array(n)
  for (const arc of arcs) {
    if (arc.from === arc.to) continue
    if (arc.from === 0) soonest[arc.to] = Math.max(soonest[arc.to]!, arc.least)
    else if (arc.to === 0) latest[arc.from] = Math.min(latest[arc.from]!, -arc.least)
    else {
      out[arc.from]!.push(arc)
      if (arc.least > 0) forerunners[arc.to]!++
    }
  }
  return { out, soonest, latest, forerunners }
}

/** One placing that grows, and shrinks where a longest wait would break. */
class Growing {
  readonly x: Float64Array
  private readonly lies: Uint8Array
  private readonly waits: Int32Array
  private readonly moved: number[] = []
  private readonly table: Table
  private left = 0
  constructor(
    problem: Problem,
    private readonly known: Known,
  ) {
    const n = problem.minutes.length
    this.table = new Table(problem)
    this.x = new Float64Array(n)
    this.lies = new Uint8Array(n)
    this.waits = new Int32Array(n)
  }

  isWhole(): boolean {
    return this.left === 0
  }

  /** Nothing lies yet; false where the windows leave no room for that. */
  begin(): boolean {
    const { soonest, forerunners } = this.known
    const n = this.x.length
    this.table.clear()
    this.lies.fill(0)
    this.x.set(soonest)
    this.waits.set(forerunners)
    this.moved.length = 0
    this.left = n - 1
    for (let i = 1; i < n; i++) if (!this.rise(i)) return false
    return true
  }

  /** Of those whose forerunners lie, the one with the least start and delay; −1: none. */
  next(delay: ArrayLike<number>): number {
    let [next, key] = [-1, Infinity]
    for (let i = 1; i < this.x.length; i++)
      if (!this.lies[i] && this.waits[i] === 0 && this.x[i]! + delay[i]! < key) {
        key = this.x[i]! + delay[i]!
        next = i
      }
    return next
  }

  /** As soon as what lies lets it, and what it is tied to with it; false where that is too late. */
  place(i: number): boolean {
    this.x[i] = this.table.free(i, this.x[i]!)
    if (this.x[i]! > this.known.latest[i]! + near || !this.rise(i)) return false
    this.lies[i] = 1
    this.table.put(i, this.x[i]!)
    this.left--
    this.tell(i, -1)
    for (const each of this.moved) this.unplace(each)
    this.moved.length = 0
    return true
  }

  private unplace(i: number) {
    this.table.take(i)
    this.lies[i] = 0
    this.left++
    this.tell(i, 1)
  }
  /** Its followers wait for one more, or for one less. */
  private tell(i: number, change: 1 | -1) {
    for (const { to, least } of this.known.out[i]!) if (least > 0) this.waits[to]! += change
  }

  /**
   * Lets what follows from a start follow, and notes what lay already; false where that is too
   * late, or a circle that grows.
   */
  private rise(i: number): boolean {
    const { x, lies, moved } = this
    const { out, latest } = this.known
    const queue = [i]
    for (let head = 0; head < queue.length; head++)
      for (const { from, to, least } of out[queue[head]!]!) {
        if (x[from]! + least <= x[to]! + near) continue
        x[to] = x[from]! + least
        if (x[to]! > latest[to]! + near || queue.length > 40 * x.length) return false
        if (lies[to] && !moved.includes(to)) moved.push(to)
        queue.push(to)
      }
    return true
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
  const growing = new Growing(problem, known(problem))
  const mostSteps = 12 * problem.minutes.length
  return delay => {
    if (!growing.begin()) return null
    for (let steps = 0; !growing.isWhole(); steps++) {
      const next = growing.next(delay)
      if (next < 0 || steps > mostSteps || !growing.place(next)) return null
    }
    return growing.x.slice()
  }
}
