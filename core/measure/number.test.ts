import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { numericQuantity } from 'numeric-quantity'
import { readAmount } from './amount'
import { readNumber } from './number'

const value = (text: string) => readNumber(text, 0)?.value

describe('numbers as written', () => {
  // Source: how recipes are written, common practice [P].
  test.each([
    ['2', 2],
    ['1.5', 1.5],
    ['1,5', 1.5],
    ['1,000', 1000],
    ['.5', 0.5],
    ['1/2', 0.5],
    ['1 1/2', 1.5],
    ['1-1/2', 1.5],
    ['1 & 1/2', 1.5],
    ['3⁄4', 0.75],
    ['½', 0.5],
    ['1½', 1.5],
    ['1 ½', 1.5],
    ['1-½', 1.5],
    ['⅔', 2 / 3],
    ['2⅛', 2.125],
    ['half', 0.5],
    ['half a', 0.5],
    ['one and a half', 1.5],
    ['two and a quarter', 2.25],
    ['a dozen', 12],
    ['half a dozen', 6],
    ['Three', 3],
    ['a', 1],
    ['twelve', 12],
  ])('%s is %p', (text, expected) => expect(value(text)).toBeCloseTo(expected, 9))

  test('what is no number is none', () => {
    for (const text of ['', 'flour', 'another', 'onerous', '1/0', '/2'])
      expect(readNumber(text, 0)).toBeNull()
  })

  test('agrees with numeric-quantity wherever both read the text', () => {
    const whole = fc.integer({ min: 0, max: 400 })
    const part = fc.constantFrom('1/2', '3/4', '1/3', '2/3', '5/8', '½', '¾', '⅓', '⅝')
    fc.assert(
      fc.property(
        fc.oneof(
          whole.map(String),
          part,
          fc.tuple(fc.integer({ min: 1, max: 20 }), part).map(([n, p]) => `${n} ${p}`),
          fc.tuple(whole, fc.integer({ min: 1, max: 99 })).map(([n, d]) => `${n}.${d}`),
        ),
        text => {
          expect(value(text)).toBeCloseTo(numericQuantity(text, { round: false }), 9)
        },
      ),
    )
  })
})

describe('amounts', () => {
  const amount = (text: string) => {
    const a = readAmount(text, 0)?.amount
    return a ? [a.low, a.high] : null
  }
  test.each([
    ['2-3 eggs', [2, 3]],
    ['2–3', [2, 3]],
    ['2 to 3', [2, 3]],
    ['2 or 3 eggs', [2, 3]],
    ['between 2 and 3', [2, 3]],
    ['1 to 1½ cups', [1, 1.5]],
    ['about 3', [3, 3]],
    ['~ 4', [4, 4]],
    ['a few drops', [2, 4]],
    ['3-1', [3, 3]],
    ['1 and some', [1, 1]],
    ['½-¾ cup', [0.5, 0.75]],
  ])('%s', (text, expected) => expect(amount(text)).toEqual(expected))

  test('never runs past the text and never gives a high below its low', () => {
    fc.assert(
      fc.property(fc.string(), text => {
        const found = readAmount(text, 0)
        if (found)
          expect(found.end <= text.length && found.amount.low <= found.amount.high).toBe(true)
      }),
      { numRuns: 500 },
    )
  })
})
