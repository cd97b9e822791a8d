import { describe, expect, test } from '@jest/globals'
import { checkPeople, readRecipe, linesOf, type Person } from '#core'
import { adapt } from './adapt'

const vegan: Person[] = [
  {
    id: 'p',
    name: 'Ada',
    diets: ['vegan'],
    avoids: ['egg', 'milk'].map(allergen => ({ allergen, strictness: 'allergy' as const })),
  },
]
/** What an oil cake is finished with once it is baked. */
const finishedWith = (thing: string) =>
  readRecipe(
    'Plain oil cake\n\n200 g plain flour\n150 g caster sugar\n2 tsp baking powder\n' +
      `80 ml sunflower oil\n200 ml water\n${thing}\n\nMix the flour, sugar and baking powder with ` +
      'the oil and water. Bake at 180 °C for 25 minutes.\nWhen cold, spread or scatter the ' +
      `${/^[\d.]+ (?:g|ml) (?<name>.*)$/u.exec(thing)!.groups!.name} over it.`,
    { region: 'uk' },
  ).recipe

/** What may not stay and is to be had without, as shops have it. [P] */
const twins: readonly (readonly [thing: string, twin: string])[] = [
  ['100 g marshmallows', 'plant-marshmallows'],
  ['100 g mini marshmallows', 'plant-marshmallows'],
  ['100 g marshmallow fluff', 'plant-marshmallows'],
  ['200 g lemon curd', 'plant-curd'],
  ['100 g sponge fingers', 'plant-sponge'],
  ['150 g trifle sponges', 'plant-sponge'],
  ['100 g milk chocolate', 'plant-milk-chocolate'],
  ['100 g white chocolate', 'plant-white-chocolate'],
  ['100 g toffees', 'plant-toffee'],
  ['150 g caramel sauce', 'plant-caramel'],
  ['150 g butterscotch sauce', 'plant-caramel'],
  ['200 g condensed milk', 'plant-condensed'],
  ['200 g cream cheese', 'plant-cream-cheese'],
  ['200 g mascarpone', 'plant-cream-cheese'],
  ['200 g quark', 'plant-quark'],
  ['200 g ricotta', 'plant-quark'],
  ['300 g vanilla ice cream', 'plant-ice-cream'],
  ['200 g ready-made custard', 'plant-custard'],
  ['100 g hazelnut spread', 'plant-chocolate-spread'],
  ['200 ml double cream', 'plant-whipping-cream'],
]

describe('what has an easy twin without gets it, and the cake beneath stays as it is', () => {
  test.each(twins)('%s', (thing, twin) => {
    const recipe = finishedWith(thing)
    const [plan] = adapt(recipe, vegan).plans
    expect(linesOf(plan!.recipe).map(line => line.ingredient)).toContain(twin)
    expect(checkPeople(plan!.recipe, vegan).people[0]!.verdict).not.toBe('conflict')
    expect(plan!.recipe.components[0]!.lines.map(line => line.text)).toEqual(
      recipe.components[0]!.lines.slice(0, 5).map(line => line.text),
    )
  })
})
