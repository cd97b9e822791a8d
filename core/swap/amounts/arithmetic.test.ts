import type { KeptAmount } from '../ways'
import { describe, expect, test } from '@jest/globals'
import { familyById, balanceOf, ratiosOf, massOf, type Balance, type Weight } from '#core/formula'
import { ingredientById } from '#core/pantry'
import { setByArithmetic } from './arithmetic'
import { balanceAt, weightsIn, type Added, type PlanDraft, type Target } from './draft'
import { byHand, limits } from '../tables/limits'

const weight = (id: string, grams: number): Weight => ({ ingredient: ingredientById(id)!, grams })
const kept = (id: string, grams: number): KeptAmount => ({
  ...weight(id, grams),
  was: grams,
  least: grams,
  most: grams,
  lineId: id,
})
const added = (
  id: string,
  grams: number,
  answers: Added['answers'],
  role: Added['role'],
): Added => ({
  ...weight(id, grams),
  answers,
  school: '',
  role,
  dose: grams,
  least: 0,
  most: Infinity,
})
const levers = {
  lift: 'baking-powder',
  fat: 'neutral-oil',
  water: 'water',
  acid: 'vinegar',
} as const

function target(
  original: readonly Weight[],
  weights: Target['family']['weights'] = {},
  none = false,
): Target {
  const before = balanceOf(original, 6.3)
  return {
    before,
    goal: before,
    family: { ...familyById('muffin'), weights },
    mass: massOf(original),
    flour: ratiosOf(original).flour,
    lever: what => (none ? null : ingredientById(levers[what])!),
  }
}
const near = (draft: PlanDraft, t: Target, measure: keyof Balance, share: number) =>
  expect(Math.abs(balanceAt(draft, t.family)[measure] / t.before[measure] - 1)).toBeLessThan(share)
const grams = (draft: PlanDraft, id: string) =>
  weightsIn(draft)
    .filter(w => w.ingredient.id === id)
    .reduce((sum, w) => sum + w.grams, 0)

const cake = [
  weight('plain-flour', 200),
  weight('sugar', 180),
  weight('butter', 150),
  weight('egg', 150),
  weight('milk', 60),
  weight('baking-powder', 6),
]
const rest = [kept('plain-flour', 200), kept('sugar', 180), kept('baking-powder', 6)]

describe('one lever after another', () => {
  test('fat: the block is scaled to the fat that left', () => {
    const t = target(cake)
    const draft = setByArithmetic(
      {
        kept: [...rest, kept('egg', 150), kept('milk', 60)],
        added: [added('plant-block', 162, 'butter', 'fat')],
      },
      t,
    )
    near(draft, t, 'fat', 0.005)
  })
  test('fat stays within reach of its dose; the rest is oil', () => {
    const t = target([
      weight('plain-flour', 100),
      weight('double-cream', 400),
      weight('butter', 20),
    ])
    const draft = setByArithmetic(
      {
        kept: [kept('plain-flour', 100)],
        added: [
          added('plant-block', 21.6, 'butter', 'fat'),
          added('rice-cream', 400, 'cream', 'liquid'),
        ],
      },
      t,
    )
    expect(grams(draft, 'plant-block')).toBeLessThanOrEqual(21.6 * byHand.newFat[1] + 1e-9)
    expect(grams(draft, 'neutral-oil')).toBeGreaterThan(80)
  })
  test('water: a wet replacement takes from the drink first', () => {
    const t = target(cake)
    const draft = setByArithmetic(
      {
        kept: [...rest, kept('butter', 150)],
        added: [
          added('flax', 21, 'egg', 'gel'),
          added('water', 135, 'egg', 'gel-water'),
          added('oat-drink', 60, 'milk', 'liquid'),
        ],
      },
      t,
    )
    near(draft, t, 'water', 0.03)
    expect(grams(draft, 'oat-drink')).toBeLessThan(60)
    expect(grams(draft, 'water')).toBeGreaterThanOrEqual(135 * byHand.gelWaterLeast - 1e-9)
  })
  test('water that nothing can give becomes a line of water', () => {
    const t = target([weight('plain-flour', 200), weight('milk', 150), weight('butter', 60)])
    const draft = setByArithmetic(
      { kept: [kept('plain-flour', 200), kept('butter', 60)], added: [] },
      t,
    )
    expect(grams(draft, 'water')).toBeGreaterThan(110)
    near(draft, t, 'water', 0.03)
  })
  test('lift: powder for the eggs’ air, within its limits', () => {
    const t = target(cake)
    const draft = setByArithmetic(
      {
        kept: [...rest, kept('butter', 150), kept('milk', 60)],
        added: [added('aquafaba', 135, 'egg', 'gel')],
      },
      t,
    )
    expect(grams(draft, 'baking-powder')).toBeGreaterThan(6 + 2.1 * 2)
    expect(grams(draft, 'baking-powder')).toBeLessThanOrEqual(limits.powderOfFlour * 200 + 1e-9)
  })
  test('sugar: a sweet purée takes table sugar away, but never more than a quarter', () => {
    const t = target(cake)
    const draft = setByArithmetic(
      {
        kept: [...rest, kept('butter', 150), kept('milk', 60)],
        added: [added('date-paste', 180, 'egg', 'gel')],
      },
      t,
    )
    expect(grams(draft, 'sugar')).toBeLessThan(180)
    expect(grams(draft, 'sugar')).toBeGreaterThanOrEqual(180 * (1 - byHand.sugarLess) - 1e-9)
  })
  test(
    'sugar: what 500 g of milk took away is made good in sweetness (4.5 g), not in milk ' +
      'sugar (23 g)',
    () => {
      const t = target([weight('plain-flour', 200), weight('sugar', 40), weight('milk', 500)])
      expect(
        grams(
          setByArithmetic(
            {
              kept: [kept('plain-flour', 200), kept('sugar', 40)],
              added: [added('almond-drink', 500, 'milk', 'liquid')],
            },
            t,
          ),
          'sugar',
        ),
      ).toBeLessThan(40 + 4.6)
    },
  )
  test('acid: the vinegar of a soured drink meets the soda as the buttermilk did', () => {
    const t = target([
      weight('plain-flour', 300),
      weight('buttermilk', 280),
      weight('baking-soda', 4),
    ])
    const draft = setByArithmetic(
      {
        kept: [kept('plain-flour', 300), kept('baking-soda', 4)],
        added: [
          added('oat-drink', 266, 'sour-milk', 'liquid'),
          added('vinegar', 17, 'sour-milk', 'acid'),
        ],
      },
      t,
    )
    expect(Math.abs(balanceAt(draft, t.family).acid - t.before.acid)).toBeLessThan(0.5)
  })
  test('nothing is moved that the family does not mind, and nothing when nothing left', () => {
    const easy = target(cake, { water: 0, fat: 0, sugar: 0, lift: 0, starch: 0 })
    const dry: PlanDraft = { kept: rest, added: [] }
    expect(setByArithmetic(dry, easy)).toEqual(dry)
    const whole: PlanDraft = {
      kept: [...rest, kept('butter', 150), kept('egg', 150), kept('milk', 60)],
      added: [],
    }
    expect(setByArithmetic(whole, target(cake))).toEqual(whole)
  })
  test('without any lever that all may eat it still ends, with what is there', () => {
    const draft = setByArithmetic(
      { kept: [kept('plain-flour', 200)], added: [] },
      target(cake, {}, true),
    )
    expect(draft.added).toEqual([])
  })
})
