import { describe, expect, test } from '@jest/globals'
import { readRecipe } from '#core'
import { cautionsAt } from './cautions'
import { contactPlan } from './contact'

const said = (lines: string, steps: string) =>
  cautionsAt(readRecipe(`Dessert\n\n${lines}\n\nMethod\n${steps}`).recipe).map(c => c.id)

describe('cautions stand where they belong', () => {
  test.each([
    ['hot-sugar', '200 g sugar\n100 ml water', 'Heat until it reaches 118 °C.'],
    ['hot-sugar', '200 g golden syrup', 'Boil the syrup for 3 minutes.'],
    ['hot-sugar', '200 g sugar', 'Melt the sugar to a caramel.'],
    ['deep-fat', '1 l sunflower oil\n200 g flour', 'Heat the oil to 170 °C and fry the rings.'],
    ['deep-fat', '1 l sunflower oil\n200 g flour', 'Deep-fry in batches.'],
    ['raw-icing', '1 egg white\n200 g icing sugar', 'Beat the white with the icing sugar.'],
    ['jars', '3 eggs\n2 lemons\n100 g butter', 'Cook to a curd and pour into sterilised jars.'],
    ['cold-fillings', '300 ml double cream', 'Whip the cream and chill for 2 hours.'],
    ['hot-blender', '500 g apples', 'Simmer the apples, then blend them to a purée.'],
    ['steam-glass', '200 g dark chocolate', 'Melt over a pan of simmering water.'],
  ])('%s: %s, %s', (id, lines, steps) => expect(said(lines, steps)).toContain(id))
  test.each([
    ['hot-sugar', '200 g sugar\n200 g flour', 'Heat the oven to 170 °C.'],
    ['hot-sugar', '200 g sugar\n200 g flour', 'Bake at 160 °C for 30 minutes.'],
    ['hot-sugar', '200 g sugar\n200 g flour', 'Turn the oven down to 150 °C.'],
    ['deep-fat', '50 ml sunflower oil\n200 g flour', 'Stir in the oil. Bake for 20 minutes.'],
    ['raw-icing', '200 g icing sugar', 'Beat with water to a thick icing.'],
    ['jars', '2 eggs\n200 g flour', 'Beat the eggs into the flour and bake.'],
    ['cold-fillings', '400 ml coconut milk\n200 g flour', 'Stir in the milk. Bake for 30 minutes.'],
    ['hot-blender', '100 g oats', 'Blend the oats to a flour.'],
    ['steam-glass', '4 eggs', 'Bake in a water bath for an hour.'],
    ['alcohol', '1 tsp vanilla extract', 'Stir it in.'],
    ['dark-chocolate', '20 g cocoa powder', 'Sift it in.'],
  ])('no %s: %s, %s', (id, lines, steps) => expect(said(lines, steps)).not.toContain(id))
})

test.each([
  ['toaster', 'Toast the oats.'],
  ['board', 'Chop the dates.'],
  ['cutter', 'Cut out rounds with a cutter.'],
  ['mortar', 'Crush the seeds in a mortar.'],
  ['saucepan', 'Melt the fat over a low heat.'],
  ['frying', 'Fry in a hot pan.'],
  ['churn', 'Churn in an ice-cream maker.'],
  ['beans', 'Bake it blind for 15 minutes.'],
  ['thermometer', 'Heat until a thermometer shows 82 °C.'],
  ['spatula', 'Fold in the flour.'],
])('against traces: %s for “%s”', (key, step) => {
  const plan = (text: string) =>
    contactPlan(readRecipe(`Dessert\n\n100 g sugar\n100 g oats\n\nMethod\n${text}`).recipe, [
      { id: 'p', name: 'P', avoids: [{ allergen: 'egg', strictness: 'allergy' }], diets: [] },
    ]).steps.map(s => s.key)
  expect(plan(step)).toContain(key)
  expect(plan('Leave it to stand.')).not.toContain(key)
})
