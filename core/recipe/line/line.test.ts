import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import type { Region } from '#core'
import { ingredientById, pantry } from '#core/pantry'
import type { Line } from '../recipe'
import { readLine } from './line'

const read = (text: string, region: Region = 'metric'): Line => {
  const result = readLine(text, { region })
  if (!result.ok) throw new Error(result.problem.sentence)
  return result.line
}

/**
 * Lines as people write them: text, region, grams (null: must stay unknown), ingredient. Weights
 * from [U] and [P].
 */
const cases: readonly (readonly [string, Region, number | null, string | null])[] = [
  ['2 cups all-purpose flour', 'us', 241, 'plain-flour'],
  ['1 1/2 cups (300 g) sugar', 'us', 300, 'sugar'],
  ['¾ c. butter, softened', 'us', 170, 'butter'],
  ['1 stick butter', 'us', 113.4, 'butter'],
  ['a stick and a half of butter', 'us', 170, 'butter'],
  ['2 (400 g) tins coconut milk', 'uk', 800, 'coconut-milk'],
  ['2 x 400 g tins coconut milk', 'uk', 800, 'coconut-milk'],
  ['two 400g tins peaches', 'uk', 800, 'peach'],
  ['1 14-oz can sweetened condensed milk', 'us', 397, 'condensed-milk'],
  ['1 (8-ounce) package cream cheese, softened', 'us', 227, 'cream-cheese'],
  ['3 large, very ripe bananas', 'us', 360, 'banana'], // large: 110–130 g peeled [P]

  ['juice of half a lemon', 'uk', 22.5, 'lemon-juice'],
  ['zest of 1 orange', 'uk', 6, 'citrus-zest'],
  ['1 lemon, juiced', 'uk', 45, 'lemon-juice'],
  ['2 large eggs', 'us', 100, 'egg'],
  ['2 medium eggs', 'uk', 102, 'egg'],
  ['3 egg whites', 'us', 90, 'egg-white'],
  ['2 egg yolks', 'us', 37.2, 'egg-yolk'],
  ['1,5 dl milk', 'metric', 153, 'milk'],
  ['100g/3½oz caster sugar', 'uk', 100, 'sugar'],
  ['4 oz / 115 g dark chocolate', 'uk', 115, 'dark-chocolate'],
  ['1 Tbsp + 1 tsp ground ginger', 'uk', 7.4, 'ground-ginger'],
  ['1 cup plus 2 tablespoons milk', 'us', 272, 'milk'],
  ['butter, for greasing', 'uk', null, 'butter'],
  ['salt', 'uk', null, 'salt'],
  ['a pinch of salt', 'uk', 0.3, 'salt'],
  ['2-3 tbsp golden syrup', 'uk', 53, 'golden-syrup'],
  ['flour: 200 g', 'uk', 200, 'plain-flour'],
  ['butter 115g', 'uk', 115, 'butter'],
  ['½ cup packed light brown sugar', 'us', 108.5, 'light-brown-sugar'],
  ['75 g hazelnuts, toasted and chopped', 'uk', 75, 'hazelnuts'],
  ['200ml (¾ cup) whole milk', 'uk', 205, 'milk'],
  ['1/2 tsp. baking soda', 'us', 2.4, 'baking-soda'],
  ['4 T cocoa', 'us', 20.5, 'cocoa'],
  ['2 sheets gelatine', 'uk', 4, 'gelatine'],
  ['7g sachet dried yeast', 'uk', 7, 'dry-yeast'],
  ['1,000 g flour', 'uk', 1000, 'plain-flour'],
  ['12 plums, halved', 'uk', 720, 'plum'],
  ['200 flour', 'uk', null, 'plain-flour'],
  ['4 Granny Smith apples', 'uk', 600, 'apple'],
  ['2 tbsp zorblax', 'uk', null, null],
  ['1 tbsp oil', 'au', 18, 'neutral-oil'],
  ['1 tbsp oil', 'ca', 13.5, 'neutral-oil'],
  ['▢ 120 ml oat milk', 'uk', 124, 'oat-drink'],
  ['• 1 tsp vanilla', 'uk', 4.5, 'vanilla'],
  ['1 cup sifted flour', 'us', 113, 'plain-flour'],
  ['1 heaped tsp cinnamon', 'uk', 4, 'cinnamon'],
  ['2 level tbsp sugar', 'uk', 25.4, 'sugar'],
  ['5 large egg yolks', 'us', 93, 'egg-yolk'],
  ['juice 2 lemons', 'uk', 90, 'lemon-juice'],
  ['200 g semi-sweet chocolate morsels', 'us', 200, 'dark-chocolate'],
  ['1 extra-large egg', 'us', 56, 'egg'],
  ['1 knob of butter', 'uk', 15, 'butter'],
  ['225 g/8 oz/1 cup butter', 'uk', 225, 'butter'],
  ['1.5kg apples', 'uk', 1500, 'apple'],
  ['one 400 g tin of condensed milk', 'uk', 400, 'condensed-milk'],
  ['half a cup of sugar', 'us', 100, 'sugar'],
]

describe('lines as people write them', () => {
  test.each(cases)('%s (%s)', (text, region, grams, ingredient) => {
    const line = read(text, region)
    expect(line.ingredient).toBe(ingredient)
    if (grams === null) expect(line.grams).toBeNull()
    else expect(Math.abs(line.grams!.best / grams - 1)).toBeLessThan(0.02)
    expect(line.evidence.how).not.toBe('')
  })
})

describe('what a line says besides', () => {
  test('preparation, option and purpose', () => {
    expect(read('75 g hazelnuts, toasted and chopped').preparation).toBe('toasted and chopped')
    expect(read('1 cup walnuts (optional)').optional).toBe(true)
    expect(read('Butter for the tin').purpose).toBe('pan')
    expect(read('Icing sugar, to dust').purpose).toBe('dust')
    expect(read('115 g butter, plus extra for greasing').purpose).toBeNull()
  })
  test('an alternative keeps the amount of the first', () => {
    const line = read('100 g butter or margarine, melted')
    expect(line.orElse.map(alt => [alt.ingredient, alt.grams?.best])).toEqual([['margarine', 100]])
    expect(
      read('100 g butter (or dairy-free spread)').orElse.map(alt => [
        alt.ingredient,
        alt.grams?.best,
      ]),
    ).toEqual([['plant-spread', 100]])
    expect(read('2 or 3 eggs').orElse).toEqual([])
    expect(read('2 tbsp water, or as needed').orElse).toEqual([])
  })
  test('an amount that is not stated is null, and never zero', () =>
    expect(read('eggs')).toMatchObject({ amount: null, grams: null }))
  test('weight against volume is a finding with its correction, and the weight is kept', () => {
    // Rolled oats weigh 80–100 g a cup [M], so two cups are no 300 g.
    const result = readLine('2 cups (300 g) rolled oats', { region: 'us' })
    expect(result.ok && result.findings.map(f => f.code)).toEqual(['weight-against-volume'])
    expect(result.ok && result.line.grams!.best).toBe(300)
    const edit = result.ok ? result.findings[0]!.corrections[0]!.edits[0]! : null
    const fixed = edit?.do === 'retype' ? readLine(edit.text, { region: 'us' }) : result
    expect(fixed.ok && fixed.findings).toEqual([])
  })
  test('the baker’s answer stands for the words', () => {
    const result = readLine('100 g margarine', { ingredient: 'plant-block' })
    expect(
      result.ok && [result.line.ingredient, result.line.evidence.by, result.findings.length],
    ).toEqual(['plant-block', 'baker', 0])
  })
  test.each([
    ['corn flour', 'ambiguous'],
    ['100 g fizzwhip', 'unknown-ingredient'],
    ['100 g fizzwhip sugar', 'unread-words'],
    ['300 flour', 'no-unit'],
    ['gluten flour, 50 g', 'ambiguous'],
  ])('%s is asked about (%s)', (text, code) => {
    const result = readLine(text)
    expect(result.ok && result.findings.map(f => f.code)).toContain(code)
  })
  test('refusals say what and where', () => {
    expect(readLine('  ')).toMatchObject({ ok: false, problem: { code: 'empty' } })
    expect(readLine('x'.repeat(700))).toMatchObject({
      ok: false,
      problem: { code: 'too-long', at: [600, 700] },
    })
  })
})

test(
  'grams written for any ingredient of the pantry are read back exactly, and twice the grams ' +
    'are twice',
  () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 2000 }), fc.constantFrom(...pantry), (grams, item) => {
        const line = read(`${grams} g ${item.name}`)
        expect(line.ingredient && ingredientById(line.ingredient)).toBeDefined()
        expect(line.grams!.best).toBe(grams)
        expect(read(`${2 * grams} g ${item.name}`).grams!.best).toBe(2 * grams)
      }),
    )
  },
)
