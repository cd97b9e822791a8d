import { tailsOf } from './bound'
import { costOf, type Problem } from './problem'
import { serial, tiedIn } from './serial'

/**
 * Orders to place in, one better than the other: some rules of thumb, then the best order of sets
 * with one or two of them moved, kept by annealing.
 */
export function turns(
  problem: Problem,
  dice: () => number,
): { readonly next: () => Float64Array | null } {
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
export function chance(seed: number): () => number {
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
