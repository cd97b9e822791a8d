import { each } from '../../tests/each'
import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import jstat from 'jstat'
import { seeded, servingsFor } from './blind'
import { asNumber, atLeast } from './exact'
import { pairTest, powerOf, preferenceTest, tastersFor, triangleTest } from './pair'
import { chiSquareTail, rankTest } from './rank'

const got = (tasters: number, correct: number) => {
  const test = triangleTest({ tasters, correct })
  if (!test.ok) throw new Error(test.problem.sentence)
  return test
}

describe('counting answers', () => {
  test('the triangle’s minima are those of the standard, from 6 to 30', () => {
    // ISO 4120 [L/C], as in the check values: n = 6…20, and 24 and 30.
    const at5 = [5, 5, 6, 6, 7, 7, 8, 8, 9, 9, 9, 10, 10, 11, 11]
    const at1 = [6, 6, 7, 7, 8, 8, 9, 9, 10, 10, 11, 11, 12, 12, 13]
    each(at5).forEach((wanted, i) =>
      expect(got(6 + i, 0).needed).toEqual({ at5: wanted, at1: at1[i] }),
    )
    expect([got(24, 0).needed.at5, got(30, 0).needed.at5]).toEqual([13, 15])
  })
  test('chances are exact fractions', () => {
    // 4 of 4 at a third: 1/81. 3 or more of 4: 1/81 + 4 · 2/81 = 9/81.
    expect(atLeast(4, 4, { over: 1n, of: 3n })).toEqual({ over: 1n, of: 81n })
    expect(atLeast(4, 3, { over: 1n, of: 3n })).toEqual({ over: 9n, of: 81n })
    expect(got(4, 4).pValue).toBeCloseTo(1 / 81, 15)
  })
  test('and agree with jstat up to a hundred tasters', () => {
    for (const n of [1, 2, 5, 12, 40, 100])
      for (let k = 0; k <= n; k += Math.max(1, Math.floor(n / 9))) {
        expect(got(n, k).pValue).toBeCloseTo(k ? 1 - jstat.binomial.cdf(k - 1, n, 1 / 3) : 1, 9)
        const pair = pairTest({ tasters: n, correct: k })
        expect(pair.ok && pair.pValue).toBeCloseTo(k ? 1 - jstat.binomial.cdf(k - 1, n, 0.5) : 1, 9)
      }
  })
  test('three tasters can just show it, two cannot; nor can five in a preference', () => {
    expect(got(2, 2).needed).toEqual({ at5: null, at1: null })
    expect(got(3, 3).needed).toEqual({ at5: 3, at1: null })
    const five = preferenceTest({ tasters: 5, first: 5 })
    expect(five.ok && [five.needed.at5, five.pValue]).toEqual([null, 0.0625])
  })
  test('a preference counts both sides', () => {
    const [a, b] = [
      preferenceTest({ tasters: 8, first: 7 }),
      preferenceTest({ tasters: 8, first: 1 }),
    ]
    expect(a.ok && b.ok && a.pValue === b.pValue).toBe(true)
    // (1 + 8) / 256 on each side.
    expect(a.ok && a.pValue).toBeCloseTo(18 / 256, 12)
  })
  test('what is no count is refused in a sentence', () => {
    for (const bad of [
      { tasters: 0, correct: 0 },
      { tasters: 4, correct: 5 },
      { tasters: 4, correct: -1 },
      { tasters: 2.5, correct: 1 },
      { tasters: Number.NaN, correct: 0 },
      { tasters: 4, correct: '3' as unknown as number },
    ]) {
      const test = triangleTest(bad)
      expect(test.ok).toBe(false)
      expect(!test.ok && test.problem.sentence).toMatch(/whole number/u)
    }
    expect(preferenceTest({ tasters: 4, first: -1 }).ok).toBe(false)
  })
  test('how many can tell at most: an upper bound that would be lower in one case of twenty', () => {
    // Clopper and Pearson: with none of n right, the bound on the chance is 1 − 0.05^(1/n).
    for (const n of [4, 10, 40]) {
      const most = 1 - 0.05 ** (1 / n)
      expect(got(n, 0).telling.most).toBeCloseTo(Math.max(0, (most - 1 / 3) / (2 / 3)), 6)
    }
    expect(got(12, 12).telling).toEqual({ best: 1, most: 1 })
  })
})

describe('what a test could show', () => {
  test('power agrees with a thousand simulated tastings', () => {
    const dice = seeded(11)
    for (const [kind, n, telling] of [
      ['triangle', 12, 0.5],
      ['triangle', 6, 0.8],
      ['pair', 10, 0.4],
      ['preference', 12, 0.6],
    ] as const) {
      const guess = kind === 'triangle' ? 1 / 3 : 1 / 2
      const p = kind === 'preference' ? (1 + telling) / 2 : guess + (1 - guess) * telling
      const tests = Array.from({ length: 4000 }, () => {
        const hits = Array.from({ length: n }, dice).filter(thrown => thrown < p).length
        return {
          triangle: () => triangleTest({ tasters: n, correct: hits }),
          pair: () => pairTest({ tasters: n, correct: hits }),
          preference: () => preferenceTest({ tasters: n, first: hits }),
        }[kind]()
      })
      const shown = tests.filter(test => test.ok && test.pValue <= 0.05).length
      // Four standard errors of a share.
      expect(Math.abs(shown / 4000 - powerOf(kind, n, telling))).toBeLessThan(
        4 * Math.sqrt(0.25 / 4000),
      )
    }
  })
  test('more people or a plainer difference never shows less than the minima allow', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 3, max: 40 }),
        fc.double({ min: 0, max: 0.9, noNaN: true }),
        (n, telling) => {
          expect(powerOf('triangle', n, Math.min(1, telling + 0.1))).toBeGreaterThanOrEqual(
            powerOf('triangle', n, telling) - 1e-12,
          )
          // Without any difference it is shown in 5 % of cases at most.
          expect(powerOf('triangle', n, 0)).toBeLessThanOrEqual(0.05)
        },
      ),
    )
    expect(powerOf('triangle', 2, 1)).toBe(0)
    const n = tastersFor('triangle', 0.5)!
    expect(powerOf('triangle', n, 0.5)).toBeGreaterThanOrEqual(0.8)
    for (let fewer = 2; fewer < n; fewer++)
      expect(powerOf('triangle', fewer, 0.5)).toBeLessThan(0.8)
  })
})

describe('ranks', () => {
  test('chi-square’s tail agrees with jstat', () => {
    for (const df of [1, 2, 3, 5, 9])
      for (const x of [0.1, 1, 2.5, 6, 14, 40])
        expect(chiSquareTail(x, df)).toBeCloseTo(1 - jstat.chisquare.cdf(x, df), 9)
  })
  test('the exact chance is the share of all ways in which ranks can fall', () => {
    const orders = [
      [1, 2, 3],
      [1, 3, 2],
      [2, 1, 3],
      [2, 3, 1],
      [3, 1, 2],
      [3, 2, 1],
    ]
    for (const seen of [
      [0, 0, 0],
      [0, 1, 0],
      [0, 5, 2],
    ]) {
      const test = rankTest(seen.map(i => orders[i]!))
      if (!test.ok) throw new Error('refused')
      const wide = (sums: readonly number[]) => sums.reduce((s, x) => s + (x - 6) ** 2, 0)
      const all = orders.flatMap(a =>
        orders.flatMap(b => orders.map(c => [0, 1, 2].map(i => a[i]! + b[i]! + c[i]!))),
      )
      const asWide = all.filter(sums => wide(sums) >= wide(test.sums) - 1e-9)
      expect(test.pValue).toBeCloseTo(asWide.length / all.length, 12)
      expect(test.exact).toBe(true)
    }
  })
  test('with many tasters exact and chi-square come together', () => {
    const dice = seeded(3)
    const rows = Array.from({ length: 14 }, () => {
      const order = [1, 2, 3]
        .map(rank => ({ rank, at: dice() + 0.35 * rank }))
        .sort((a, b) => a.at - b.at)
      return [1, 2, 3].map(i => 1 + order.findIndex(o => o.rank === i))
    })
    const test = rankTest(rows)
    expect(test.ok && Math.abs(test.pValue - chiSquareTail(test.chi2, 2))).toBeLessThan(0.03)
  })
  test('a hand-worked table: four tasters of one mind on three', () => {
    const test = rankTest([
      [1, 2, 3],
      [1, 2, 3],
      [1, 2, 3],
      [1, 2, 3],
    ])
    // χ² = 12/(4·3·4) · (4² + 8² + 12²) − 3·4·4 = 8; chance 6/6⁴.
    expect(test).toMatchObject({ ok: true, chi2: 8, sums: [4, 8, 12], least: 1 / 216 })
    expect(test.ok && test.pValue).toBeCloseTo(6 / 6 ** 4, 12)
  })
  test('ties share their places; all tied says nothing; half a row is refused', () => {
    expect(
      rankTest([
        [1, 1, 3],
        [1, 2, 3],
      ]),
    ).toMatchObject({ ok: true, sums: [2.5, 3.5, 6] })
    expect(
      rankTest([
        [1, 1, 1],
        [2, 2, 2],
      ]),
    ).toMatchObject({ ok: true, chi2: 0, pValue: 1 })
    expect(
      rankTest([
        [1, 2, 3],
        [1, 2],
      ]),
    ).toMatchObject({ ok: false })
    expect(rankTest([])).toMatchObject({ ok: false })
    expect(rankTest([[1]])).toMatchObject({ ok: false })
  })
})

describe('blind', () => {
  test('codes are three digits, each once; the same seed gives the same again', () => {
    fc.assert(
      fc.property(fc.integer(), fc.integer({ min: 1, max: 12 }), (seed, n) => {
        const tasters = Array.from({ length: n }, (_, i) => `t${i}`)
        const laid = servingsFor('triangle', ['a', 'b'], tasters, seed)
        const all = laid.flatMap(s => s.cups.map(c => c.code))
        expect(new Set(all).size).toBe(3 * n)
        for (const code of each(all)) expect(code).toMatch(/^[1-9]\d\d$/u)
        expect(servingsFor('triangle', ['a', 'b'], tasters, seed)).toEqual(laid)
        for (const { cups } of each(laid)) expect(new Set(cups.map(c => c.arm)).size).toBe(2)
      }),
    )
  })
  test('every layout comes as often as the others, over tasters and over seeds', () => {
    const count = new Map<string, number>()
    for (let seed = 0; seed < 2000; seed++)
      for (const { cups } of servingsFor('triangle', ['a', 'b'], ['x', 'y', 'z', 'w'], seed)) {
        const way = cups.map(c => c.arm).join('')
        count.set(way, (count.get(way) ?? 0) + 1)
      }
    // 8000 servings in six layouts: each 1/6, within four standard errors.
    expect(count.size).toBe(6)
    for (const n of each(count.values()))
      expect(Math.abs(n / 8000 - 1 / 6)).toBeLessThan(4 * Math.sqrt(5 / 36 / 8000))
    const six = servingsFor('triangle', ['a', 'b'], ['1', '2', '3', '4', '5', '6'], 5)
    expect(new Set(six.map(s => s.cups.map(c => c.arm).join(''))).size).toBe(6)
    // No code comes more often in the first place.
    const first = Array.from(
      { length: 3000 },
      (_, seed) => Number(servingsFor('pair', ['a', 'b'], ['x'], seed)[0]!.cups[0]!.code) < 550,
    )
    expect(Math.abs(first.filter(Boolean).length / 3000 - 0.5)).toBeLessThan(
      4 * Math.sqrt(0.25 / 3000),
    )
  })
  test('in a ranking each arm stands in each place as often as the others', () => {
    const arms = ['a', 'b', 'c', 'd']
    const laid = servingsFor('ranking', arms, ['1', '2', '3', '4'], 9)
    for (let place = 0; place < 4; place++)
      expect(new Set(laid.map(s => s.cups[place]!.arm)).size).toBe(4)
  })
  test('the numbers are spread evenly', () => {
    const dice = seeded(1)
    const bins = Array.from({ length: 10 }, () => 0)
    for (let i = 0; i < 10_000; i++) bins[Math.floor(10 * dice())]!++
    // χ² with 9 degrees: 27.9 is passed once in a thousand.
    expect(bins.reduce((s, n) => s + (n - 1000) ** 2 / 1000, 0)).toBeLessThan(27.9)
    expect(asNumber({ over: 1n, of: 3n })).toBeCloseTo(1 / 3, 15)
  })
})
