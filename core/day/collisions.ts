import type { Arc, Problem } from './problem'

/** A choice: arcs of which one must hold. */
export type Choice = readonly Arc[]

const near = 1e-7
const choice = (from: number, to: number, least: number): Arc => ({ from, to, least, rule: -1 })

/** The first collision of a placing so far: when it is, and what gives the ways out of it. */
interface First {
  when: number
  ways: (() => Choice) | null
}

/** One thing after the other, as with hands: who holds it while another begins. */
function singles({ minutes, single }: Problem): (x: Float64Array, first: First) => void {
  const groups = single.map(group => group.filter(i => minutes[i]! > 0))
  const comesAfter = (x: Float64Array, a: number, b: number) =>
    x[a]! > x[b]! || (x[a] === x[b] && a > b)
  // Nearly in order from one time to the next: sorted in place.
  const sort = (group: number[], x: Float64Array) => {
    for (let n = 1; n < group.length; n++) {
      const i = group[n]!
      let k = n
      while (k > 0 && comesAfter(x, group[k - 1]!, i)) {
        group[k] = group[k - 1]!
        k--
      }
      group[k] = i
    }
  }
  const look = (group: readonly number[], x: Float64Array, first: First) => {
    let holds = group[0]!
    for (let n = 1; n < group.length; n++) {
      const next = group[n]!
      if (x[next]! >= first.when - near) return
      if (x[next]! < x[holds]! + minutes[holds]! - near) {
        const before = holds
        first.when = x[next]!
        first.ways = () => bothWays(minutes, before, next, 0)
        return
      }
      if (x[next]! + minutes[next]! > x[holds]! + minutes[holds]!) holds = next
    }
  }
  return (x, first) => {
    for (const group of groups) {
      sort(group, x)
      look(group, x, first)
    }
  }
}
const bothWays = (minutes: readonly number[], a: number, b: number, gap: number): Choice => [
  choice(a, b, minutes[a]! + gap),
  choice(b, a, minutes[b]! + gap),
]

/** Two heats of the one oven that come too near to each other. */
function heats({ minutes, settings, change }: Problem): (x: Float64Array, first: First) => void {
  const set = [...settings]
  const pairs = set.flatMap(([a, heatA], i) =>
    set.slice(i + 1).flatMap(([b, heatB]) => (heatA === heatB ? [] : [[a, b] as const])),
  )
  return (x, first) => {
    for (const [a, b] of pairs) {
      const later = Math.max(x[a]!, x[b]!)
      if (later >= first.when - near) continue
      const meets =
        x[a]! < x[b]! + minutes[b]! + change - near && x[b]! < x[a]! + minutes[a]! + change - near
      if (!meets) continue
      first.when = later
      first.ways = () => bothWays(minutes, a, b, change)
    }
  }
}

/** More on the racks at once than they hold. */
function racks({ minutes, shared }: Problem): (x: Float64Array, first: First) => void {
  const all = shared.map(({ most, needs }) => ({
    most,
    tasks: [...needs.keys()],
    need: [...needs.values()],
  }))
  type Racks = (typeof all)[number]
  const lies = (x: Float64Array, i: number, now: number) =>
    x[i]! <= now + near && now < x[i]! + minutes[i]! - near
  /** As few as are too many together, with the one that comes last. */
  const fewest = ({ most, tasks, need }: Racks, x: Float64Array, last: number, sum: number) => {
    const few = tasks.filter(i => lies(x, i, x[last]!))
    let rest = sum
    for (const i of [...few]) {
      const less = need[tasks.indexOf(i)]!
      if (few.length < 2 || i === last || rest - less <= most) continue
      few.splice(few.indexOf(i), 1)
      rest -= less
    }
    return few
  }
  const ways = (few: readonly number[]): Choice =>
    few.flatMap(a => few.flatMap(b => (a === b ? [] : [choice(a, b, minutes[a]!)])))
  const look = (of: Racks, x: Float64Array, first: First) => {
    for (const at of of.tasks) {
      const now = x[at]!
      if (now >= first.when - near) continue
      let sum = 0
      for (let n = 0; n < of.tasks.length; n++) if (lies(x, of.tasks[n]!, now)) sum += of.need[n]!
      if (sum <= of.most) continue
      first.when = now
      first.ways = () => ways(fewest(of, x, at, sum))
    }
  }
  return (x, first) => {
    for (const of of all) look(of, x, first)
  }
}

/** Work in the night. */
function nights({ minutes, awake, closed }: Problem): (x: Float64Array, first: First) => void {
  const workers = awake.filter(i => minutes[i]! > 0)
  return (x, first) => {
    for (const i of workers)
      for (const [from, to] of closed) {
        const isIn = x[i]! < to - near && x[i]! + minutes[i]! > from + near
        if (!isIn || x[i]! >= first.when - near) continue
        first.when = x[i]!
        first.ways = () => [choice(0, i, to), choice(i, 0, minutes[i]! - from)]
      }
  }
}

/**
 * Gives what finds the first thing that is wrong in a placing by its time, and the ways to put it
 * right; null when nothing is.
 */
export function wrongIn(problem: Problem): (x: Float64Array) => Choice | null {
  const looks = [singles(problem), heats(problem), racks(problem), nights(problem)]
  return x => {
    const first: First = { when: Infinity, ways: null }
    for (const look of looks) look(x, first)
    return first.ways?.() ?? null
  }
}
