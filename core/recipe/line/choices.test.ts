import { describe, expect, test } from '@jest/globals'
import { readRecipe } from '#core'
import { linesOf } from '../recipe'
import { readLine } from './line'
import { each } from '../../../tests/each'

const offered = (text: string) => {
  const read = readLine(text, { region: 'uk' })
  if (!read.ok) throw new Error(text)
  return [read.line, ...read.line.orElse]
}
const ids = (text: string) => offered(text).map(line => line.ingredient)

describe('a line with choices is each of them', () => {
  test.each([
    ['150 ml dairy or oat milk', ['milk', 'oat-drink']],
    ['100 g white or dark chocolate', ['white-chocolate', 'dark-chocolate']],
    ['2 tbsp coconut or vegetable oil', ['coconut-oil', 'neutral-oil']],
    ['100 g nuts (almonds or walnuts)', ['almonds', 'walnuts']],
    ['nuts - almonds, hazelnuts or walnuts', ['almonds', 'hazelnuts', 'walnuts']],
    ['100 g butter (vegan if needed)', ['butter', 'plant-block']],
    ['2 eggs or egg replacer', ['egg', 'egg-replacer']],
    ['4 eggs or 8 egg whites', ['egg', 'egg-white']],
    ['100 g salted or unsalted butter', ['butter']],
    ['2 or 3 eggs', ['egg']],
    ['1/2 tsp salt, or to taste', ['salt']],
    ['250g/9oz/1 cup butter', ['butter']],
  ] as const)('%s', (text, expected) => expect(ids(text)).toEqual(expected))

  test('each has its amount, its words and its condition', () => {
    const [egg, flax] = offered('2 eggs (or 60 g apple purée for vegans)')
    expect(egg).toMatchObject({ amount: { low: 2, high: 2 }, reads: '2 eggs' })
    expect(flax).toMatchObject({
      text: '60 g apple purée',
      amount: { low: 60, high: 60 },
      unit: 'g',
      condition: 'for vegans',
    })
  })
  test('a claim word stays with its own noun', () => {
    expect(ids('100 g vegan or dairy butter')).toEqual(['plant-block', 'butter'])
    expect(ids('100 g vegan butter or margarine')).toEqual(['plant-block', 'margarine'])
    expect(ids('100 g dairy free butter or butter if not dairy free')).toEqual([
      'plant-block',
      'butter',
    ])
  })
  test('"not" and "non-" before a claim take it back', () => {
    expect(ids('100 g butter, not dairy-free')).toEqual(['butter'])
    expect(ids('non-vegan: 100 g butter')).toEqual(['butter'])
  })
  test('what nobody knows beside a choice stays unknown', () =>
    expect(offered('100 g butter or plonk').map(line => line.unread)).toEqual([[], ['plonk']]))
  test('words that leave the kind open are a question, and whatever follows "such as" an example', () => {
    for (const text of each([
      '200 ml milk of choice',
      'any nuts, 100 g',
      '100 ml plant milk such as oat or soy',
    ])) {
      const read = readLine(text, { region: 'uk' })
      expect([text, read.ok && read.findings.map(f => f.code)]).toEqual([
        text,
        expect.arrayContaining(['open-kind']),
      ])
      expect([text, read.ok && read.line.orElse.length]).toEqual([text, 0])
    }
  })
})

describe('several things in one line are lines of their own', () => {
  const things = (text: string) =>
    linesOf(readRecipe(`Cake\n\nIngredients\n${text}`, { region: 'uk' }).recipe).map(
      l => l.ingredient,
    )
  test.each([
    ['1 tbsp ground flaxseed + 3 tbsp water', ['flax', 'water']],
    ['1 egg beaten with 1 tbsp milk', ['egg', 'milk']],
    ['juice of 1 lemon and 1 orange', ['lemon-juice', 'orange-juice']],
    ['the zest of a lemon and the juice of half an orange', ['citrus-zest', 'orange-juice']],
    ['200 g flour, 100 g sugar, 2 eggs', ['plain-flour', 'sugar', 'egg']],
    [
      '1 tbsp each of poppy, sesame and sunflower seeds',
      ['poppy-seeds', 'sesame', 'sunflower-seeds'],
    ],
    ['100 g butter, plus 20 g for the tin', ['butter']],
    ['200 g dark chocolate, 70% cocoa solids', ['dark-chocolate']],
  ] as const)('%s', (text, expected) => expect(things(text)).toEqual(expected))
})

describe('amounts', () => {
  const asks = (text: string, region: 'us' | 'uk' = 'us') => {
    const read = readLine(text, { region })
    return read.ok ? read.findings.map(f => f.code) : ['refused']
  }
  test.each([
    ['8 oz (325 g) cream cheese', true],
    ['8 oz (225 g) cream cheese', false],
    ['3 large eggs (300 g)', true],
    ['3 large eggs (150 g)', false],
    ['1 cup (6 tablespoons) milk', true],
    ['1 cup (16 tablespoons) milk', false],
    ['2 cups (500 g) flour', true],
    ['2 x 400 g tins chickpeas, drained (480 g)', false],
  ] as const)('two amounts of one line: %s', (text, disagree) =>
    expect(asks(text).includes('weight-against-volume')).toBe(disagree),
  )
  test('a disagreement offers each of the two, and the line is then at one with itself', () => {
    const read = readLine('8 oz (325 g) cream cheese', { region: 'us', id: 'l1' })
    const finding = read.ok
      ? read.findings.find(f => f.code === 'weight-against-volume')
      : undefined
    expect(finding?.corrections.map(c => c.label)).toEqual(['It is 8 oz', 'It is 325 g'])
    for (const { edits } of each(finding!.corrections)) {
      const [edit] = edits
      expect(edit?.do === 'retype' && asks(edit.text)).toEqual([])
    }
  })
  test.each([
    ['21/4 cups flour', 2.25],
    ['7/3 cups milk', 7 / 3],
    ['2 1/4-ounce envelopes gelatin', 0.5],
  ] as const)('%s is asked with the other reading', (text, amount) => {
    const read = readLine(text, { region: 'us' })
    expect(read.ok && read.line.amount?.low).toBeCloseTo(amount, 6)
    const finding = read.ok ? read.findings.find(f => f.code === 'two-readings') : undefined
    expect(finding?.corrections).toHaveLength(2)
  })
  test.each([
    ['1 cup less 1 tbsp flour', 15 / 16],
    ['1 cup plus 2 tablespoons sugar', 1.125],
    ['1 and a half cups milk', 1.5],
    ['a scant 2 cups flour', 2],
    ['a cup and three quarters of flour', 1.75],
  ] as const)('%s', (text, cups) => {
    const read = readLine(text, { region: 'us' })
    expect(read.ok && [read.line.unit, read.line.amount?.low]).toEqual([
      'cup',
      expect.closeTo(cups, 4),
    ])
  })
})
