import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { byQuadprog } from '../../../tests/quadratic'
import { runs } from '../../../tests/arbitraries'
import { solveSquares, valueAt, type Squares } from './least-squares'

const number = (low: number, high: number) => fc.double({ min: low, max: high, noNaN: true })
const someSquares: fc.Arbitrary<Squares> = fc
  .tuple(fc.integer({ min: 1, max: 10 }), fc.integer({ min: 1, max: 14 }))
  .chain(([n, m]) =>
    fc
      .tuple(
        fc.array(number(-3, 3), { minLength: n * m, maxLength: n * m }),
        fc.array(number(-5, 5), { minLength: m, maxLength: m }),
        fc.array(number(0.01, 4), { minLength: m, maxLength: m }),
        fc.array(number(0.01, 4), { minLength: m, maxLength: m }),
        fc.array(number(-3, 1), { minLength: n, maxLength: n }),
        fc.array(number(0, 3), { minLength: n, maxLength: n }),
      )
      .map(([a, b, over, under, low, room]) => ({
        n,
        a: Float64Array.from([...a, ...identity(n)]),
        b: Float64Array.from([...b, ...new Array<number>(n).fill(0)]),
        // A little of every unknown counts, as in a plan: so the optimum is a point.
        over: Float64Array.from([...over, ...new Array<number>(n).fill(0.05)]),
        under: Float64Array.from([...under, ...new Array<number>(n).fill(0.05)]),
        low: Float64Array.from(low),
        high: Float64Array.from(low.map((l, i) => l + room[i]!)),
      })),
  )
const identity = (n: number) => Array.from({ length: n * n }, (_, i) => (i % (n + 1) === 0 ? 1 : 0))

describe('least squares within bounds', () => {
  test('one unknown between two wishes: each side has its own price', () => {
    // 3 (x − 0)² above and (x − 4)² below: 6x + 2(x − 4) = 0 [C]
    const { x } = solveSquares({
      n: 1,
      a: Float64Array.of(1, 1),
      b: Float64Array.of(0, 4),
      over: Float64Array.of(3, 9),
      under: Float64Array.of(9, 1),
      low: Float64Array.of(-9),
      high: Float64Array.of(9),
    })
    expect(x[0]).toBeCloseTo(1, 9)
  })
  test('a bound holds', () =>
    expect(
      solveSquares({
        n: 1,
        a: Float64Array.of(1),
        b: Float64Array.of(4),
        over: Float64Array.of(1),
        under: Float64Array.of(1),
        low: Float64Array.of(0),
        high: Float64Array.of(2.5),
      }).x[0],
    ).toBe(2.5))
  test('the same optimum as the quadprog package, within 1e-6', () => {
    let compared = 0
    fc.assert(
      fc.property(someSquares, squares => {
        const oracle = byQuadprog(squares)
        fc.pre(oracle !== null && Number.isFinite(oracle))
        compared++
        const { value, x } = solveSquares(squares)
        expect(value).toBeCloseTo(valueAt(squares, x), 9)
        for (let j = 0; j < squares.n; j++)
          expect(x[j]! >= squares.low[j]! && x[j]! <= squares.high[j]!).toBe(true)
        expect(value).toBeLessThanOrEqual(oracle! * (1 + 1e-6) + 1e-6)
        expect(value).toBeGreaterThanOrEqual(oracle! * (1 - 1e-6) - 1e-6)
      }),
      { numRuns: runs(400) },
    )
    expect(compared).toBeGreaterThan(20)
  })
  test('where it starts makes no difference', () =>
    fc.assert(
      fc.property(someSquares, fc.double({ min: 0, max: 1, noNaN: true }), (squares, t) => {
        const start = squares.low.map((l, j) => l + t * (squares.high[j]! - l))
        expect(solveSquares(squares, start).value).toBeCloseTo(solveSquares(squares).value, 6)
      }),
      { numRuns: runs(200) },
    ))
})
