import type { Arc, Problem } from '#core/day'

/** Repeatable numbers from a seed. */
export function numbers(seed: number): () => number {
  let s = (seed * 2654435761) >>> 0 || 1
  return () => {
    s ^= s << 13
    s >>>= 0
    s ^= s >>> 17
    s ^= s << 5
    s >>>= 0
    return s / 4294967296
  }
}

/** Lengths of tasks, in minutes from and over: below which chance each kind is met. */
const lengths = [
  [0.55, 2, 12],
  [0.8, 10, 60],
  [Infinity, 15, 45],
] as const

/**
 * A day of `n` tasks: chains of work and waits with longest waits, one pair of hands, a mixer, an
 * oven of two racks, and where wanted a night.
 */
export function dayProblem(n: number, seed: number, night = false): Problem {
  const next = numbers(seed)
  const minutes = [0]
  const arcs: Arc[] = []
  const [hands, mixer]: [number[], number[]] = [[], []]
  const [racks, settings] = [new Map<number, number>(), new Map<number, number>()]
  let last = 0
  for (let i = 1; i < n; i++) {
    const kind = next()
    const [, least, spread] = lengths.find(([below]) => kind < below)!
    minutes.push(least + Math.floor(next() * spread))
    if (kind < 0.55) {
      hands.push(i)
      if (next() < 0.3) mixer.push(i)
    } else if (kind >= 0.8) {
      racks.set(i, 1)
      settings.set(i, next() < 0.6 ? 180 : 160)
    }
    arcs.push({ from: 0, to: i, least: 0, rule: 0 })
    if (next() < 0.22) last = 0
    if (last) {
      arcs.push({ from: last, to: i, least: minutes[last]!, rule: 1 })
      if (next() < 0.3)
        arcs.push({
          from: i,
          to: last,
          least: -(minutes[last]! + 20 + Math.floor(next() * 60)),
          rule: 2,
        })
    }
    last = i
  }
  return {
    minutes,
    arcs,
    single: [hands, mixer],
    shared: [{ most: 2, needs: racks }],
    settings,
    change: 15,
    awake: hands,
    closed: night ? [[240, 750]] : [],
    counted: minutes.map((_, i) => i),
    early: hands,
    horizon: 4000,
  }
}

/** The same as a mixed-integer program, with an order for every pair that may collide. */
export function asProgram(problem: Problem): string {
  const { minutes, horizon } = problem
  const rows: string[] = []
  const bits: string[] = []
  const sum = (terms: readonly (readonly [number, string])[]) =>
    terms.map(([n, v]) => `${n < 0 ? '-' : '+'} ${Math.abs(n)} ${v}`).join(' ')
  problem.arcs.forEach(({ from, to, least }, i) => {
    if (from !== to)
      rows.push(
        `a${i}: ${sum([
          [1, `x${to}`],
          [-1, `x${from}`],
        ])} >= ${least}`,
      )
  })
  const either = (a: number, b: number, gap: number) => {
    const y = `y${bits.length}`
    bits.push(y)
    rows.push(
      `o${y}: ${sum([
        [1, `x${b}`],
        [-1, `x${a}`],
        [horizon, y],
      ])} >= ${minutes[a]! + gap}`,
      `p${y}: ${sum([
        [1, `x${a}`],
        [-1, `x${b}`],
        [-horizon, y],
      ])} >= ${minutes[b]! + gap - horizon}`,
    )
  }
  const seen = new Set<string>()
  for (const group of problem.single)
    for (const a of group)
      for (const b of group)
        if (a < b && !seen.has(`${a},${b}`)) {
          seen.add(`${a},${b}`)
          either(a, b, 0)
        }
  for (const [a, sa] of problem.settings)
    for (const [b, sb] of problem.settings) if (a < b && sa !== sb) either(a, b, problem.change)
  for (const i of problem.awake)
    for (const [from, to] of problem.closed) {
      const y = `y${bits.length}`
      bits.push(y)
      rows.push(
        `n${y}: ${sum([
          [1, `x${i}`],
          [-horizon, y],
        ])} <= ${from - minutes[i]!}`,
        `m${y}: ${sum([
          [1, `x${i}`],
          [-horizon, y],
        ])} >= ${to - horizon}`,
      )
    }
  for (const i of problem.counted)
    rows.push(
      `s${i}: ${sum([
        [1, 'span'],
        [-1, `x${i}`],
      ])} >= ${minutes[i]}`,
    )
  const early = problem.early.map((i): readonly [number, string] => [0.01, `x${i}`])
  const bounds = minutes.slice(1).map((_, i) => `0 <= x${i + 1} <= ${horizon}`)
  return `Minimize
 obj: ${sum([[1, 'span'], ...early])}
Subject To
 ${rows.join('\n ')}
Bounds
 x0 = 0
 ${bounds.join('\n ')}
Binary
 ${bits.join(' ')}
End`
}
