import type { Arc, Problem } from '#core'

/** Repeatable numbers from a seed. */
export function numbers(seed: number): () => number {
  let s = (seed * 2654435761) >>> 0 || 1
  return () => { s ^= s << 13; s >>>= 0; s ^= s >>> 17; s ^= s << 5; s >>>= 0; return s / 4294967296 }
}

/** A day of `n` tasks: chains of work and waits with longest waits, one pair of hands, a mixer, an oven of two racks, and where wanted a night. */
export function dayProblem(n: number, seed: number, night = false): Problem {
  const next = numbers(seed)
  const minutes = [0]
  const arcs: Arc[] = []
  const [hands, mixer]: [number[], number[]] = [[], []]
  const [racks, settings] = [new Map<number, number>(), new Map<number, number>()]
  let last = 0
  for (let i = 1; i < n; i++) {
    const kind = next()
    minutes.push(kind < 0.55 ? 2 + Math.floor(next() * 12) : kind < 0.8 ? 10 + Math.floor(next() * 60) : 15 + Math.floor(next() * 45))
    if (kind < 0.55) { hands.push(i); if (next() < 0.3) mixer.push(i) }
    else if (kind >= 0.8) { racks.set(i, 1); settings.set(i, next() < 0.6 ? 180 : 160) }
    arcs.push({ from: 0, to: i, least: 0, rule: 0 })
    if (next() < 0.22) last = 0
    if (last) {
      arcs.push({ from: last, to: i, least: minutes[last]!, rule: 1 })
      if (next() < 0.3) arcs.push({ from: i, to: last, least: -(minutes[last]! + 20 + Math.floor(next() * 60)), rule: 2 })
    }
    last = i
  }
  return { minutes, arcs, single: [hands, mixer], shared: [{ most: 2, needs: racks }], settings, change: 15, awake: hands, closed: night ? [[240, 750]] : [], counted: minutes.map((_, i) => i), early: hands, horizon: 4000 }
}
