import { each } from '../../tests/each'
import { describe, expect, test } from '@jest/globals'
import loadHighs from 'highs'
import { asProgram, dayProblem, numbers } from '../../tests/day-problems'
import { costOf, faultsOf, type Arc, type Problem } from './problem'
import { boundOf } from './bound'
import { serial, tiedIn } from './serial'
import { circleIn } from './circle'
import { search, type Placing, type Search } from './search'

function solved(
  problem: Problem,
  budget = 4000,
  go = true,
): Search & { readonly first: Placing | null } {
  const run = search(problem, { budget, go: () => go })
  let first: Placing | null = null
  for (let step = run.next(); ; step = run.next()) {
    if (step.done) return { ...step.value, first }
    first ??= step.value
    expect(faultsOf(problem, step.value.x)).toEqual([])
  }
}

/** Two tasks of which one must be over, and a gap passed, before the other begins. */
type Either = readonly [a: number, b: number, gap: number]
function colliding(problem: Problem): Either[] {
  const pairs = <T>(list: readonly T[]): (readonly [T, T])[] =>
    list.flatMap((a, n) => list.slice(n + 1).map(b => [a, b] as const))
  const hands = problem.single.flatMap(pairs).map(([a, b]): Either => [a, b, 0])
  const heats = pairs([...problem.settings])
    .filter(([[, one], [, other]]) => one !== other)
    .map(([[a], [b]]): Either => [a, b, problem.change])
  const once = new Map(hands.map(pair => [pair.toSorted((x, y) => x - y).join(), pair]))
  return [...once.values(), ...heats]
}
/** Longest paths along the arcs; null where they run in a circle. */
function longestPaths(n: number, arcs: readonly Arc[]): number[] | null {
  const x = Array.from({ length: n }, () => 0)
  for (let round = 0; round <= n; round++) {
    const late = arcs.filter(({ from, to, least }) => x[from]! + least > x[to]! + 1e-9)
    if (!late.length) return x
    for (const { from, to, least } of arcs) x[to] = Math.max(x[to]!, x[from]! + least)
  }
  return null
}

/**
 * Every way to put what may collide one before the other, each by longest paths: slow, and sure.
 * Nights are left out.
 */
function byEveryOrder(problem: Problem): number {
  const { minutes } = problem
  const pairs = colliding(problem)
  const before = ([a, b, gap]: Either, isFirst: boolean): Arc =>
    isFirst
      ? { from: a, to: b, least: minutes[a]! + gap, rule: -1 }
      : { from: b, to: a, least: minutes[b]! + gap, rule: -1 }
  let best = Infinity
  for (let ways = 0; ways < 2 ** pairs.length; ways++) {
    const chosen = pairs.map((pair, i) => before(pair, (ways & (1 << i)) !== 0))
    const x = longestPaths(minutes.length, [...problem.arcs, ...chosen])
    if (x && x[0] === 0) best = Math.min(best, costOf(problem, x))
  }
  return best
}

/** Racks are plenty in these: the programs have no word for three of them. */
const roomy = (problem: Problem): Problem => ({ ...problem, shared: [] })

describe('placing a day', () => {
  test.each([8, 10, 12, 16, 20, 27, 35, 44, 60, 76, 90, 100])(
    '%p tasks, with and without a night: always one that keeps every rule',
    n => {
      for (const seed of [1, 2])
        for (const night of [false, true]) {
          const problem = dayProblem(n, seed * 31 + n, night)
          // Of the large ones the first that holds is enough here; the bench says how good the best is.
          const found = solved(problem, n > 40 ? 8000 : 1500, n <= 40)
          expect(found.best).not.toBeNull()
          expect(found.best!.cost).toBeLessThanOrEqual(found.first!.cost)
          expect(found.bound).toBeLessThanOrEqual(found.best!.cost + 1e-6)
        }
    },
  )
  test('small ones: the optimum, by trying every order', () => {
    for (let seed = 1; seed <= 25; seed++) {
      const problem = roomy(dayProblem(7 + (seed % 3), seed * 17))
      const found = solved(problem)
      expect(found.proven).toBe(true)
      expect(found.best!.cost).toBeCloseTo(byEveryOrder(problem), 6)
    }
  })
  test('against a mixed-integer program, with nights', async () => {
    const { solve } = await loadHighs()
    for (let seed = 1; seed <= 12; seed++) {
      const problem = {
        ...roomy(dayProblem(10 + (seed % 6), seed * 53, seed % 2 === 0)),
        horizon: 2000,
      }
      const found = solved(problem, 20_000)
      const program = solve(asProgram(problem))
      expect(program.Status).toBe('Optimal')
      if (found.proven) expect(found.best!.cost).toBeCloseTo(program.ObjectiveValue, 3)
      expect(found.best!.cost).toBeGreaterThanOrEqual(program.ObjectiveValue - 1e-3)
      expect(found.best!.cost).toBeLessThanOrEqual(program.ObjectiveValue * 1.01)
    }
  })
  test('44 tasks round a night: within a twentieth of what a mixed-integer program proves', async () => {
    const problem = dayProblem(44, 75, true)
    const program = (await loadHighs()).solve(asProgram({ ...problem, horizon: 1200 }))
    expect(program.Status).toBe('Optimal')
    expect(solved(problem, 3000).best!.cost).toBeLessThanOrEqual(1.05 * program.ObjectiveValue)
  }, 120_000)
  test(
    'longest waits hold when anything takes longer than thought: placed again with the ' +
      'delays, no rule is broken',
    () => {
      for (let seed = 1; seed <= 20; seed++) {
        const next = numbers(seed * 97)
        const problem = dayProblem(18, seed * 11)
        const late = problem.minutes.map((m, i) =>
          i === 0 ? 0 : Math.round(m * (1 + 0.4 * next())),
        )
        // What rests on a task's length moves with it, as in a plan.
        const delayed: Problem = {
          ...problem,
          minutes: late,
          arcs: problem.arcs.map(arc => {
            if (arc.least > 0)
              return { ...arc, least: arc.least + late[arc.from]! - problem.minutes[arc.from]! }
            return arc.least < 0
              ? { ...arc, least: arc.least - (late[arc.to]! - problem.minutes[arc.to]!) }
              : arc
          }),
        }
        expect(solved(delayed).best).not.toBeNull()
      }
    },
  )
  test(
    'where others have a turn between, it yields what it has, comes to the same end, and ' +
      'loses nothing',
    () => {
      for (const [n, night] of [
        [40, false],
        [44, true],
        [60, false],
      ] as const) {
        const problem = dayProblem(n, n, night)
        let [asked, paused] = [0, 0]
        const run = search(problem, { budget: 3000, pause: () => ++asked % 5 === 0 })
        const costs: number[] = []
        let step = run.next()
        for (; !step.done; step = run.next()) {
          paused++
          costs.push(step.value.cost)
        }
        expect(costs).toEqual(costs.toSorted((a, b) => b - a))
        expect(paused).toBeGreaterThan(costs.filter((cost, i) => cost !== costs[i - 1]).length)
        expect(step.value).toEqual(
          expect.objectContaining({
            best: solved(problem, 3000).best,
            proven: solved(problem, 3000).proven,
          }),
        )
      }
    },
  )
  test('the same question has the same answer', () =>
    expect(solved(dayProblem(40, 5)).best).toEqual(solved(dayProblem(40, 5)).best))
  test(
    'one after the other, in any order: what is placed keeps every rule, and what belongs ' +
      'together is one set',
    () => {
      let [placed, tries] = [0, 0]
      for (let seed = 1; seed <= 30; seed++) {
        const problem = dayProblem(10 + 2 * seed, seed * 13, seed % 2 === 0)
        const place = serial(problem)
        const next = numbers(seed)
        for (const size of [0, 30, 200, problem.horizon]) {
          const x = place(problem.minutes.map(() => size * next()))
          tries++
          if (!x) continue
          placed++
          expect(faultsOf(problem, x)).toEqual([])
        }
        const tied = tiedIn(problem)
        expect(tied.flat().sort((a, b) => a - b)).toEqual(problem.minutes.map((_, i) => i).slice(1))
        for (const arc of each(problem.arcs))
          if (arc.least < 0) expect(tied.find(set => set.includes(arc.from))).toContain(arc.to)
      }
      expect(placed / tries).toBeGreaterThan(0.9)
    },
  )
  test('the bound is below the optimum', () => {
    let [proven, close] = [0, 0]
    for (let seed = 1; seed <= 60; seed++) {
      const problem = dayProblem(9 + (seed % 6), seed * 7, seed % 2 === 0)
      const found = solved(problem, 20_000)
      if (!found.proven) continue
      const x = new Float64Array(problem.minutes.length)
      for (let round = 0; round < x.length; round++)
        for (const { from, to, least } of problem.arcs) x[to] = Math.max(x[to]!, x[from]! + least)
      const bound = boundOf(problem, x)
      expect(bound).toBeLessThanOrEqual(found.best!.cost + 1e-6)
      proven++
      if (bound > 0.9 * found.best!.cost) close++
    }
    expect(proven).toBeGreaterThan(50)
    expect(close / proven).toBeGreaterThan(0.6)
  })
  test('what cannot be has no placing, and the rules that quarrel are named', () => {
    const base = {
      minutes: [0, 30, 20],
      single: [],
      shared: [],
      settings: new Map<number, number>(),
      change: 15,
      awake: [],
      closed: [],
      counted: [1, 2],
      early: [],
      horizon: 1000,
    }
    const quarrel: Problem = {
      ...base,
      arcs: [
        { from: 0, to: 1, least: 0, rule: -1 },
        { from: 1, to: 2, least: 30, rule: 4 },
        { from: 2, to: 1, least: -20, rule: 9 },
      ],
    }
    expect(solved(quarrel)).toMatchObject({ best: null, proven: true })
    expect(circleIn(quarrel).sort()).toEqual([4, 9])
    expect(circleIn(dayProblem(20, 3))).toEqual([])
  })
  test('the judge sees every kind of fault', () => {
    const problem: Problem = {
      minutes: [0, 10, 10, 30, 30, 30],
      arcs: [{ from: 1, to: 2, least: 10, rule: 0 }],
      single: [[1, 2]],
      shared: [
        {
          most: 1,
          needs: new Map([
            [3, 1],
            [4, 1],
          ]),
        },
      ],
      settings: new Map([
        [3, 180],
        [5, 160],
      ]),
      change: 15,
      awake: [1],
      closed: [[100, 200]],
      counted: [1, 2, 3, 4, 5],
      early: [],
      horizon: 1000,
    }
    expect(faultsOf(problem, [0, 95, 96, 0, 10, 40])).toEqual([
      expect.stringContaining('not 10'),
      expect.stringContaining('at once'),
      expect.stringContaining('2 of 1'),
      expect.stringContaining('other settings'),
      expect.stringContaining('in the night'),
    ])
    expect(faultsOf(problem, [0, 0, 10, 0, 30, 75])).toEqual([])
  })
})
