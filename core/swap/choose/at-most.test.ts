import { describe, expect, test } from '@jest/globals'
import { linesOf, readRecipe } from '../../recipe'
import { adapt } from '../adapt'

const table = [
  {
    id: 'p',
    name: 'P',
    diets: ['vegan'],
    avoids: ['egg', 'milk'].map(allergen => ({ allergen, strictness: 'allergy' as const })),
  },
] as Parameters<typeof adapt>[1]

const cake = readRecipe(
  [
    'Butter cake\n\n200 g butter\n200 g caster sugar\n4 eggs\n220 g plain flour\n2 tsp baking powder',
    '60 ml milk\nFor the buttercream\n120 g butter\n250 g icing sugar\n2 tbsp milk\n\nMethod',
    'Cream 200 g butter with the caster sugar. Beat in the eggs. Fold in the flour and baking powder,',
    'then the milk. Bake at 180 °C for 35 minutes.\nFor the buttercream, beat the butter with the',
    'icing sugar and the milk. Spread it over the cake.',
  ].join('\n'),
  { region: 'uk' },
).recipe
const taken = (id: string, recipe: typeof cake) =>
  linesOf(recipe).reduce((n, l) => n + (l.ingredient === id ? (l.grams?.best ?? 0) : 0), 0)

describe('what one has no more of than so much', () => {
  // Whatever brings it (a dose, a lever, the other part, the arithmetic), the sum over the dessert holds.
  test.each([
    ['plant-block', 20],
    ['plant-block', 40],
    ['plant-block', 100],
    ['plant-block', 150],
    ['plant-block', 250],
    ['soy-drink', 15],
    ['oat-drink', 10],
    ['aquafaba', 30],
    ['flax', 8],
    ['baking-powder', 9],
    ['vinegar', 2],
  ])('%s: at most %d g', (id, grams) => {
    const free = adapt(cake, table)
    const found = adapt(cake, table, { atMost: { [id]: grams } })
    expect(free.verdict).toBe('adapted')
    const most = grams + Math.max(1, 0.03 * grams)
    expect(found.plans.filter(plan => taken(id, plan.recipe) > most)).toEqual([])
    // Where no version keeps to it, that is said.
    expect(found.plans.length > 0 || /No version keeps to/u.test(found.why.join(' '))).toBe(true)
  })
  test('the other part gets what the first leaves', () => {
    const { plans } = adapt(cake, table, { atMost: { 'plant-block': 250 } })
    expect(taken('plant-block', plans[0]!.recipe)).toBeGreaterThan(100)
  })
})
