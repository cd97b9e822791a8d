import { describe, expect, test } from '@jest/globals'
import { checkPeople, type Person } from '#core'
import { linesOf, readRecipe } from '#core'
import { adapt } from './adapt'

/**
 * What the recipe itself offers is taken before anything else is worked out, and the steps call it
 * so. A need, the line, the step, the line and the step as they must be then. Source: from memory
 * of ordinary recipes; the rule is the method's ("takes a fitting choice first").
 */
const offered: readonly (readonly [string, string, string, string, string])[] = [
  ['milk', '150 ml dairy or oat milk', 'Stir in the milk.', 'oat', 'the oat milk'],
  ['milk', '150 ml oat or dairy milk', 'Stir in the milk.', 'oat', 'the oat milk'],
  ['milk', '150 ml whole/oat milk', 'Whisk in the milk.', 'oat', 'the oat milk'],
  [
    'milk',
    '150 ml whole milk or oat milk',
    'Add the whole milk or oat milk.',
    'oat',
    'Add the oat milk.',
  ],
  [
    'milk',
    '150 ml oat milk or whole milk',
    'Add the oat milk or whole milk.',
    'oat',
    'Add the oat milk.',
  ],
  ['milk', '100 g butter (vegan if needed)', 'Melt the butter.', 'plant', 'the vegan butter'],
  ['milk', '100 g butter or margarine', 'Melt the butter.', 'margarine', 'the margarine'],
  [
    'milk',
    '100 g butter or 80 g sunflower oil',
    'Beat in the butter.',
    'sunflower',
    'the sunflower oil',
  ],
  [
    'egg',
    '2 eggs (or 2 flax eggs for vegan)',
    'Beat in the eggs one at a time.',
    'flax',
    'the flax eggs a little at a time',
  ],
  ['egg', '2 eggs or 120 g apple sauce', 'Beat in the eggs.', 'apple', 'the apple sauce'],
  [
    'tree-nut',
    '50 g walnuts or sunflower seeds',
    'Fold in the walnuts.',
    'sunflower',
    'the sunflower seeds',
  ],
]

const avoiding = (allergen: string): Person[] => [
  { id: 'p', name: 'Ada', avoids: [{ allergen, strictness: 'choice' }], diets: [] },
]
const others = ['200 g plain flour', '100 g rapeseed oil', '80 g sugar', '2 tsp baking powder']

describe('What the recipe itself offers', () => {
  test.each(offered)('%s: “%s”', (...row) => {
    const [allergen, line, step, thing, called] = row
    const text = ['Small cake', '', ...others, line, '', 'Method', step, 'Bake for 30 minutes.']
    const { plans } = adapt(readRecipe(text.join('\n')).recipe, avoiding(allergen))
    const { recipe, changes } = plans[0]!
    const taken = linesOf(recipe).find(l => l.ingredient?.includes(thing))
    expect(taken).toMatchObject({ orElse: [] })
    expect(recipe.components[0]!.steps.join(' ')).toContain(called)
    expect(changes[0]!.source).toBe('the recipe')
    expect(checkPeople(recipe, avoiding(allergen)).people[0]!.verdict).not.toBe('conflict')
  })
})
