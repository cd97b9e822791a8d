import { afterEach, beforeEach, describe, expect, test } from '@jest/globals'
import { checkPeople, readLine, readRecipe, type Person } from '#core'
import { builtIn } from './built-in'
import type { Ingredient } from './ingredient'
import { ingredientById, nearNames, stockPantry } from './lookup'
import { spoonFrom } from './spoon'
import { emptyStock } from './stock'

const own = (change: Partial<Ingredient>): Ingredient => ({
  ...builtIn('oat-flakes')!,
  id: 'own-crunch',
  name: 'Brackwater crunch',
  names: ['Brackwater crunch', 'crunch mix'],
  holds: ['oat'],
  mayHold: [],
  traces: [],
  ...change,
})
const line = (text: string) => {
  const read = readLine(text, { region: 'uk' })
  if (!read.ok) throw new Error(read.problem.sentence)
  return read.line
}
const ottilie: Person = {
  id: 'o',
  name: 'Ottilie',
  diets: [],
  avoids: [{ allergen: 'almond', strictness: 'choice' }],
}
const verdict = (text: string) =>
  checkPeople(readRecipe(`Bars\n${text}\n100 g sugar\nMix.`).recipe, [ottilie]).people[0]!.verdict

beforeEach(() => stockPantry(emptyStock))
afterEach(() => stockPantry(emptyStock))

describe('what a house adds to the pantry', () => {
  test('an ingredient of its own is read by any of its names, and gone when the house gives it up', () => {
    expect(line('80 g crunch mix').ingredient).toBeNull()
    stockPantry({ ...emptyStock, ingredients: [own({})] })
    expect([line('80 g crunch mix').ingredient, line('80 g Brackwater crunch').ingredient]).toEqual(
      ['own-crunch', 'own-crunch'],
    )
    stockPantry(emptyStock)
    expect(line('80 g crunch mix').ingredient).toBeNull()
  })
  test('until its packet is read it is not known to hold nothing', () => {
    stockPantry({ ...emptyStock, ingredients: [own({ unread: true })] })
    expect(verdict('80 g crunch mix')).toBe('unknown')
    stockPantry({ ...emptyStock, ingredients: [own({})] })
    expect(verdict('80 g crunch mix')).toBe('clear')
    stockPantry({ ...emptyStock, ingredients: [own({ holds: ['oat', 'almond'] })] })
    expect(verdict('80 g crunch mix')).toBe('conflict')
  })
  test('a correction of a built-in row can add to what it holds, and never take away', () => {
    const butter = builtIn('butter')!
    stockPantry({
      ...emptyStock,
      ingredients: [{ ...butter, holds: [], mayHold: ['soy'], density: { spooned: 0.9 } }],
    })
    expect(ingredientById('butter')).toMatchObject({
      holds: ['milk'],
      mayHold: ['soy'],
      density: { spooned: 0.9 },
    })
    expect(builtIn('butter')).toBe(butter)
  })
  test('a name of the house wins over the table', () => {
    expect(line('200 g spread').ingredient).not.toBe('block-plant-butter')
    stockPantry({
      ...emptyStock,
      names: [
        { words: 'our spread', ingredient: 'margarine' },
        { words: 'fluff', ingredient: 'no-such-thing' },
      ],
    })
    expect(line('200 g our spread').ingredient).toBe('margarine')
    expect(line('200 g fluff').ingredient).toBeNull()
  })
  test('a weighed spoon wins over the density, says so, and scales with how it is filled', () => {
    expect(line('2 Tbsp oil').grams!.best).toBeCloseTo(27, 0)
    stockPantry({
      ...emptyStock,
      spoons: [{ ingredient: 'neutral-oil', unit: 'tbsp', grams: 12.4 }],
    })
    expect(line('2 Tbsp oil')).toMatchObject({
      grams: { low: 24.8, best: 24.8, high: 24.8 },
      evidence: { source: 'weighed in this house' },
    })
    expect(line('2 heaped Tbsp oil').grams!.best).toBeGreaterThan(24.8)
    expect(line('1 tsp oil').grams!.best).toBeCloseTo(4.5, 1)
  })
})

describe('a spoon by weighing', () => {
  const oil = builtIn('neutral-oil')!
  test('five tablespoons of 62 g are 12.4 g each, beside what the table says', () => {
    const found = spoonFrom(oil, 'tbsp', 5, 62)
    expect(found).toMatchObject({
      ok: true,
      spoon: { ingredient: 'neutral-oil', unit: 'tbsp', grams: 12.4 },
    })
    // 1 Tbsp oil of 15 ml: 13.6 g a US tablespoon of 14.79 ml [C], so 13.8 g, within the table's own 3 %.
    if (found.ok) expect(Math.abs(found.table![0] / 13.8 - 1)).toBeLessThan(0.03)
  })
  test('what cannot be is refused with a sentence', () => {
    for (const [unit, count, grams, says] of [
      ['tbsp', 0, 50, /How many/u],
      ['tbsp', 5, 0, /scale say/u],
      ['tbsp', Number.NaN, 50, /How many/u],
      ['tbsp', 1, 500, /heavier than any syrup/u],
      ['cup', 5, 1, /lighter than/u],
      ['kg', 1, 1000, /spoon or cup/u],
      ['no', 1, 1, /spoon or cup/u],
    ] as const) {
      const found = spoonFrom(oil, unit, count, grams)
      expect(found.ok ? '' : found.sentence).toMatch(says)
    }
  })
})

describe('names a slip away', () => {
  test('one or two wrong letters are offered, nothing else is', () => {
    const names = (words: string) => nearNames(words, 'uk').map(i => i.id)
    expect(names('cinammon')).toContain('cinnamon')
    expect(names('buttermlik')).toContain('buttermilk')
    expect(names('choclate')).toContain('dark-chocolate')
    expect(names('fizzwhip')).toEqual([])
    expect(names('')).toEqual([])
  })
})
