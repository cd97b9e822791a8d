import { describe, expect, test } from '@jest/globals'
import { readRecipe, type Recipe } from '../recipe'
import { each } from '../../tests/each'
import { withFinish } from './finished'

const read = (lines: string, steps: string): Recipe =>
  readRecipe(`Plain bake\n\n${lines}\n\nMethod\n${steps}`, { region: 'uk' }).recipe
const sponge = '200 g flour\n200 g butter\n200 g sugar\n4 eggs\n2 tsp baking powder'
const mix = 'Cream the butter and sugar. Beat in the eggs. Fold in the flour and baking powder.'
const bake = 'Bake at 180 °C for 25 minutes.'

/** What comes to a cake once it is baked, and where that begins. From memory of ordinary baking. */
const rows: readonly (readonly [what: string, lines: string, steps: string, begins: string])[] = [
  [
    'jam and cream',
    '150 ml double cream\n4 tbsp raspberry jam',
    'Cool. Whip the cream. Sandwich the cakes with the jam and cream.',
    'Whip',
  ],
  [
    'a water icing',
    '150 g icing sugar\n2 tbsp lemon juice',
    'Leave to cool. Mix the icing sugar with the lemon juice and pour over the cake.',
    'Mix',
  ],
  [
    'buttercream of its own butter',
    '150 g soft salted butter\n300 g icing sugar',
    'Cool on a rack. Beat the salted butter and icing sugar until fluffy and spread over the top.',
    'Beat',
  ],
  [
    'a syrup',
    '100 g granulated sugar\n100 ml orange juice',
    'Boil the granulated sugar and orange juice and spoon over the warm cake.',
    'Boil',
  ],
  [
    'fruit on top',
    '200 g strawberries',
    'Cool completely, then top with the strawberries.',
    'Cool',
  ],
  [
    'melted chocolate',
    '100 g dark chocolate',
    'When cold, melt the chocolate and drizzle it over.',
    'When',
  ],
  ['a glaze', '3 tbsp apricot jam', 'Warm the jam and brush it over the hot cake.', 'Warm'],
  ['what is dusted over', 'cocoa powder, to dust', 'Cool in the tin. Dust with cocoa.', 'Dust'],
  [
    'a cheese frosting',
    '200 g cream cheese\n50 g icing sugar',
    'Cool. Beat the cream cheese with the icing sugar and swirl on top.',
    'Beat',
  ],
  [
    'a ganache',
    '100 g dark chocolate\n100 ml double cream',
    'Heat the cream, pour over the chocolate and stir. Spread over the cake.',
    'Heat',
  ],
  ['a serving', '300 ml single cream', 'Serve warm with the single cream.', 'Serve'],
]

describe('what is finished once it is baked is a part of its own', () => {
  test.each(rows)('%s', (_, lines, steps, begins) => {
    const recipe = read(`${sponge}\n${lines}`, `${mix} ${bake}\n${steps}`)
    const [cake, finish] = withFinish(recipe).components
    expect(cake!.lines.map(line => line.text)).toEqual(sponge.split('\n'))
    expect(finish!.lines.map(line => line.text)).toEqual(lines.split('\n'))
    for (const line of each(finish!.lines)) expect(line.component).toBe('To finish')
    expect(finish!.steps[0]).toMatch(new RegExp(`^${begins}`, 'u'))
    // No word is lost between the two.
    const words = (parts: Recipe['components']) => parts.flatMap(c => c.steps).join(' ')
    expect(words(withFinish(recipe).components)).toBe(words(recipe.components))
    expect(withFinish(withFinish(recipe))).toBe(withFinish(recipe))
  })
  test.each([
    [
      'what goes into the oven a second time',
      '100 g icing sugar',
      `${bake} Sieve over the icing sugar and bake for 5 minutes.`,
    ],
    ['nothing is baked', '100 g icing sugar', 'Chill. Dust with the icing sugar.'],
    [
      'the finish takes of the batter’s own again',
      '100 g icing sugar',
      `${bake} Beat the rest of the butter with the icing sugar and spread.`,
    ],
    ['nothing comes to it', '', `${bake} Cool on a rack.`],
  ])('one part stays where %s', (_, lines, steps) => {
    const recipe = read(`${sponge}\n${lines}`, `${mix} ${steps}`)
    expect(withFinish(recipe)).toBe(recipe)
  })
  test('where the recipe has a part of that name, nothing is cut into it', () => {
    const { recipe } = readRecipe(
      'Cake\n\n200 g flour\n100 g sugar\n100 ml oil\n50 g jam\n\nTo finish\n200 ml cream\n\nMethod\n' +
        'Mix the flour, sugar and oil. Bake at 180 °C for 25 minutes. Spread with the jam.\n' +
        'To finish: whip the cream.',
    )
    expect(recipe.components.map(c => c.name)).toContain('to finish')
    expect(withFinish(recipe)).toBe(recipe)
  })
  test('a filling that another part’s oven stands before is not cut', () => {
    const { recipe } = readRecipe(
      'Tart\n\nBase:\n125 g butter\n200 g flour\n\nFilling:\n500 ml milk\n40 g cornflour\n\n' +
        'Rub the butter into the flour, press into a dish and bake at 180 °C for 15 minutes. Boil ' +
        'the milk and cornflour until thick and pour into the crust.',
    )
    expect(withFinish(recipe)).toBe(recipe)
  })
})
