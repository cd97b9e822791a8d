import { describe, expect, test } from '@jest/globals'
import { readOven, settingsIn } from '#core/measure'
import { each } from '../../../tests/each'
import { readRecipe } from '#core'
import { readOvenFacts, readPan, readYield } from './facts'
import { readStepTimes } from './step-times'
import { vesselOf, vesselsIn } from './vessels'

describe('durations', () => {
  test.each([
    ['Bake for three-quarters of an hour', 45, 45],
    ['Bake an hour and a quarter', 75, 75],
    ['Bake 35, up to 45 minutes', 35, 45],
    ['Bake 1 hr 15', 75, 75],
    ['Bake 1h30', 90, 90],
    ['Bake fifty-five to sixty minutes', 55, 60],
    ['Bake for 2 x 10 minutes', 20, 20],
    ['Bake for between 20 and 25 minutes', 20, 25],
    ['Bake for a good hour', 60, 60],
    ['Bake an hour and ten minutes', 70, 70],
    ['Bake 50 mins – 1 hr', 50, 60],
    ['Bake for three quarters of an hour to an hour', 45, 60],
    ['Bake for 20’', 20, 20],
  ] as const)('%s', (text, low, high) =>
    expect(readStepTimes(text).map(t => [t.low, t.high])).toEqual([[low, high]]),
  )
  test('a share of something is no time', () =>
    expect(readStepTimes('Stir in three quarters of the flour')).toEqual([]))
})

describe('ovens', () => {
  test.each([
    ['Heat the fan oven to 160C and line a 20cm tin', 180, true],
    ['fan 180 for a 20cm tin', 200, true],
    ['Heat oven to 160 fan', 180, true],
    ['180 to 190 °C', 180, false],
    ['convection 325F', 180, true],
    ['200C (180C fan forced)', 200, false],
    ['a moderate oven', 180, false],
    ['a very hot oven (230)', 230, false],
    ['regulo 4', 180, false],
    ['160 °C Umluft', 180, true],
    ['thermostat 6', 180, false],
    ['350 degrees', 180, false],
  ] as const)('%s', (text, celsius, fan) =>
    expect(readOven(text)).toMatchObject({ celsius, fan, asks: false }),
  )
  test('sizes, weights and times beside an oven are none of its settings', () => {
    for (const text of each([
      'Oven: line a 200 x 300 mm tin',
      'Heat the oven and butter a 20cm tin',
      'In the oven for 180 minutes',
      'Bake the 225 g flour dry',
    ]))
      expect([text, settingsIn(text)]).toEqual([text, []])
  })
})

describe('yields', () => {
  test.each([
    ['Makes 18 to 20 scones', 18, 20],
    ['Serves 4-6', 4, 6],
    ['Serves four', 4, 4],
    ['6 Portionen', 6, 6],
    ['Für 4 Personen', 4, 4],
    ['Pour 6 personnes', 6, 6],
    ['For 6 people', 6, 6],
    ['10 pancakes', 10, 10],
    ['Quantity: 20 truffles', 20, 20],
    ['Makes 2 dozen', 24, 24],
    ['Makes two 450 g loaves', 2, 2],
    ['Cuts into 12 to 16 bars', 12, 16],
  ] as const)('%s', (text, low, high) => expect(readYield(text)?.count).toEqual({ low, high }))
  test('a size is no count, and what is poured is no yield', () => {
    for (const text of each(['Makes a 20 cm cake', 'Makes one 23cm tart']))
      expect([text, readYield(text)?.count]).toEqual([text, null])
    const { recipe } = readRecipe(
      'Cake\n\n200 g rice flour\n\nMethod\nMix it.\nPour 200 ml milk over it.\nMelt 2 bars of chocolate.',
    )
    expect(recipe.yield).toBeNull()
    expect(recipe.components[0]!.steps).toContain('Pour 200 ml milk over it.')
  })
  test('said on a line of its own it is a fact and no question', () => {
    for (const line of each([
      '6 Portionen',
      'For 6 people',
      'Für 4 Personen',
      'Quantity: 20 truffles',
    ])) {
      const { recipe } = readRecipe(`Cake\n${line}\n\n200 g rice flour\n\nMix and bake it.`)
      expect([line, recipe.left, recipe.facts]).toEqual([line, undefined, [line]])
    }
  })
})

describe('vessels', () => {
  test.each([
    'springform 23 cm'.replace('springform 23 cm', '23 cm springform'),
    'two 20 cm sandwich tins',
    '12-cup muffin tin',
    '1.5 litre dish',
    '10-cup bundt',
    '9 by 5 inch loaf pan',
    '20 x 30 cm (8 x 12 inch) baking tin',
    'six 150 ml ramekins',
    '1½ quart casserole',
  ])('%s', text => expect(vesselsIn(`Butter a ${text}.`).map(v => v.text)).toEqual([text]))
  test('pancakes, pan juices and paper cases are none', () => {
    for (const text of each(['Makes 10 pancakes', 'Pour over the pan juices', 'into the tin']))
      expect([text, vesselsIn(text)]).toEqual([text, []])
  })
  test('a line that is nothing but a vessel', () => {
    expect(vesselOf('900 g loaf tin')).toBe('900 g loaf tin')
    expect(vesselOf('Tin: 20 cm square')).toBe('20 cm square')
    expect(vesselOf('Pour into a 900 g loaf tin')).toBeNull()
  })
  test('of several the one that bakes and has a size', () =>
    expect(
      readPan([
        'Line two baking trays.',
        'Melt it in a small saucepan.',
        'Pour into a 20 cm round tin.',
      ])?.text,
    ).toBe('20 cm round tin'))
})

describe('how long it bakes, and how many it makes', () => {
  const minutes = (...steps: string[]) => readOvenFacts(steps, [])?.minutes
  test('what goes on baking is one bake, a second bake of slices is not', () => {
    expect(minutes('Bake for 10 minutes.', 'Add the topping and bake 30 minutes more.')).toEqual({
      low: 40,
      high: 40,
    })
    expect(minutes('Bake at 200 °C for 20 minutes, then at 180 °C for 25–30 minutes.')).toEqual({
      low: 45,
      high: 50,
    })
    expect(minutes('Bake for 25 minutes.', 'Bake the slices for 10 minutes more.')).toEqual({
      low: 25,
      high: 25,
    })
  })
  test.each([
    ['Makes 10 pancakes', 10],
    ['Feeds 6', 6],
    ['Enough for 8', 8],
    ['Für 12 Stück', 12],
    ['Yield: 3 dozen', 36],
  ] as const)('%s', (text, count) => expect(readYield(text)?.count?.low).toBe(count))
})
