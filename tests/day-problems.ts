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

/** "+ 1 x3 - 1 x2". */
const sum = (terms: readonly (readonly [number, string])[]) =>
  terms.map(([n, v]) => `${n < 0 ? '-' : '+'} ${Math.abs(n)} ${v}`).join(' ')
const pairsOf = <T>(list: readonly T[]): [T, T][] =>
  list.flatMap((a, n) => list.slice(n + 1).map((b): [T, T] => [a, b]))

/** Two rows of which a bit says which holds. */
type Choice = (bit: string) => readonly [string, string]

/** One before the other, or the other way round. */
function eitherFirst({ minutes, horizon }: Problem, [a, b]: [number, number], gap: number): Choice {
  const after = (one: string, other: string, rest: readonly [number, string]) =>
    sum([[1, one], [-1, other], rest])
  return bit => [
    `${after(`x${b}`, `x${a}`, [horizon, bit])} >= ${minutes[a]! + gap}`,
    `${after(`x${a}`, `x${b}`, [-horizon, bit])} >= ${minutes[b]! + gap - horizon}`,
  ]
}
/** Over before a night begins, or begun after it. */
function outsideNight(
  { minutes, horizon }: Problem,
  i: number,
  [from, to]: readonly [number, number],
): Choice {
  return bit => {
    const start = sum([
      [1, `x${i}`],
      [-horizon, bit],
    ])
    return [`${start} <= ${from - minutes[i]!}`, `${start} >= ${to - horizon}`]
  }
}
function choicesIn(problem: Problem): Choice[] {
  const hands = new Map(
    problem.single
      .flatMap(group => pairsOf([...group].sort((a, b) => a - b)))
      .map(p => [`${p}`, p]),
  )
  const heats = pairsOf([...problem.settings]).filter(([[, one], [, other]]) => one !== other)
  return [
    ...[...hands.values()].map(pair => eitherFirst(problem, pair, 0)),
    ...heats.map(([[a], [b]]) => eitherFirst(problem, [a, b], problem.change)),
    ...problem.awake.flatMap(i => problem.closed.map(night => outsideNight(problem, i, night))),
  ]
}

/** The same as a mixed-integer program, with an order for every pair that may collide. */
export function asProgram(problem: Problem): string {
  const { minutes, horizon } = problem
  const less = (a: string, b: string) =>
    sum([
      [1, a],
      [-1, b],
    ])
  const choices = choicesIn(problem)
  const rows = [
    ...problem.arcs
      .filter(({ from, to }) => from !== to)
      .map(({ from, to, least }) => `${less(`x${to}`, `x${from}`)} >= ${least}`),
    ...choices.flatMap((choice, n) => choice(`y${n}`)),
    ...problem.counted.map(i => `${less('span', `x${i}`)} >= ${minutes[i]}`),
  ].map((row, n) => `r${n}: ${row}`)
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
 ${choices.map((_, n) => `y${n}`).join(' ')}
End`
}
