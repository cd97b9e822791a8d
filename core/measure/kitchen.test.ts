import { expect, test } from '@jest/globals'
import fc from 'fast-check'
import { kitchenNumber, scaleAmount, spoonAmount } from './kitchen'
import { readNumber } from './number'
import { regions, type Region } from './region'
import { millilitresIn, readUnit } from './unit'

/**
 * Weighs a kitchen text by reading it again, so that the promise and the words are held against
 * each other.
 */
function weighText(text: string, density: number, region: Region): number {
  return text.split(' + ').reduce((sum, piece) => {
    const number = readNumber(piece, 0)!
    return (
      sum + number.value * millilitresIn(readUnit(piece, number.end + 1)!.unit, region)! * density
    )
  }, 0)
}

test('16 g of oil is 1 Tbsp + ½ tsp, not 1½ Tbsp', () => {
  // check-values.md: 1 Tbsp oil = 13.6 g [C]
  const amount = spoonAmount(16, 13.6 / 14.787, 'us')
  expect(amount.text).toBe('1 Tbsp + ½ tsp')
  expect(Math.abs(amount.loss)).toBeLessThan(0.2)
})

test.each([
  [2.3, 0.933, '½ tsp'],
  [200, 0.845, '1 cup'],
  [113.4, 0.959, '½ cup'],
  [15, 1, '1 Tbsp'],
] as const)('%p g at %p g/ml is %s in the US', (grams, density, text) =>
  expect(spoonAmount(grams, density, 'us').text).toBe(text),
)

test(
  'the loss that is said is the loss there is, and never more than an eighth of anything ' +
    'above a teaspoon',
  () => {
    fc.assert(
      fc.property(
        fc.double({ min: 3, max: 900, noNaN: true }),
        fc.double({ min: 0.3, max: 1.4, noNaN: true }),
        fc.constantFrom(...regions),
        (wanted, density, region) => {
          const amount = spoonAmount(wanted, density, region)
          expect(weighText(amount.text, density, region)).toBeCloseTo(amount.grams, 6)
          expect(amount.loss).toBeCloseTo(amount.grams - wanted, 9)
          if (wanted / density > 5) expect(Math.abs(amount.loss) / wanted).toBeLessThan(1 / 8)
        },
      ),
    )
  },
)

test('a scale of 1 g loses at most half a gram', () => {
  fc.assert(
    fc.property(fc.double({ min: 0.1, max: 5000, noNaN: true }), wanted => {
      expect(Math.abs(scaleAmount(wanted).loss)).toBeLessThanOrEqual(0.5 + 1e-9)
    }),
  )
})

test('kitchen numbers are written as spoons have them', () => {
  expect([1.5, 2 / 3, 2, 0.25, 3.125, 0.97].map(kitchenNumber)).toEqual([
    '1½',
    '⅔',
    '2',
    '¼',
    '3⅛',
    '1',
  ])
})
