import { describe, expect, test } from '@jest/globals'
import { readRecipe } from '../../../recipe'
import { adapt } from '../../adapt'

const vegan = [{ id: 'p', name: 'P', diets: ['vegan'], avoids: [] }] as const
/** The first plan of a recipe for a vegan: its lines and its steps, as they are told. */
function told(text: string) {
  const [plan] = adapt(readRecipe(text, { region: 'uk' }).recipe, vegan).plans
  const parts = plan!.recipe.components
  return {
    steps: parts.flatMap(c => c.steps).join(' '),
    lines: parts.flatMap(c => c.lines.map(line => line.text)).join('; '),
  }
}

// Recipes as magazines print them, from memory.
describe('a version of a recipe as it is printed', () => {
  test('of two butters the one that the sentence’s part has', () => {
    const { steps } = told(
      'Cinnamon rolls\n\nDough\n500 g strong flour\n7 g yeast\n300 ml milk\n75 g butter\nFilling\n' +
        '80 g very soft butter\n150 g brown sugar\n1 tbsp cinnamon\n\nMethod\nMix the flour with the ' +
        'yeast and milk. Add the melted butter and knead. Leave until doubled. Roll out and spread ' +
        'with the soft butter. Mix the brown sugar with the cinnamon and sprinkle over. Roll up, cut ' +
        'and bake at 180 °C for 22 minutes.',
    )
    expect(steps).not.toMatch(/(?:^|\. )Stir in the (?:vegetable|water|plant|coconut)/u)
    expect(steps).toMatch(/spread with the soft (?:vegetable|plant|coconut)/u)
  })
  test('what melts and cools for the icing is no baked crumb', () => {
    const { steps } = told(
      'Fudge cake\n\nCake\n200 g plain flour\n60 g cocoa\n2 tsp baking powder\n250 g sugar\n125 ml oil\n' +
        '2 eggs\n250 ml buttermilk\nFrosting\n150 g dark chocolate\n150 g butter\n200 g icing sugar\n\n' +
        'Method\nMix the flour, cocoa, baking powder and sugar. Beat the oil with the eggs and ' +
        'buttermilk and stir in. Bake at 180 °C for 30 minutes.\nMelt the chocolate and let it cool a ' +
        'little. Beat the butter, add the icing sugar, then the chocolate.',
    )
    expect(steps).toMatch(/30 minutes\. Leave it for/u)
    expect(steps).not.toMatch(/cool a little\. Leave it/u)
  })
  test('what is spooned on stays thick', () => {
    const { lines } = told(
      'Poached pears\n\n4 pears\n500 ml red wine\n150 g sugar\ncrème fraîche, to serve\n\nSimmer the ' +
        'pears in the wine with the sugar for 25 minutes. Serve with crème fraîche.',
    )
    expect(lines).not.toMatch(/vinegar|drink/u)
    expect(lines).toMatch(/yoghurt|cream/u)
  })
  test('bread is spread, a tin greased', () => {
    const { steps } = told(
      'Bread pudding\n\n8 slices white bread\n50 g butter\n350 ml milk\n2 eggs\n25 g sugar\n\nButter a ' +
        'dish. Spread the bread with the butter and arrange it buttered-side up. Whisk the milk with ' +
        'the eggs and sugar and pour over. Bake at 180 °C for 40 minutes.',
    )
    expect(steps).toMatch(/spread-side up/u)
    expect(steps).toMatch(/Grease \(with/u)
  })
  test('of one thing it is said in the singular', () => {
    const { steps } = told(
      'Nests\n\n4 egg whites\n200 g caster sugar\n\nThe whites are whisked until stiff and the sugar is ' +
        'added slowly. The mixture is spooned on a tray. It is baked at 100 °C for 2 hours.',
    )
    expect(steps).toMatch(/aquafaba is whisked/u)
  })
  test('sponge fingers and leaves of gelatine, by the end of their names', () => {
    const layered = told(
      'Layered coffee cream\n\n4 egg yolks\n100 g sugar\n500 g mascarpone\n300 ml strong coffee\n200 g ' +
        'sponge fingers\n\nBeat the yolks and sugar. Beat in the mascarpone. Dip the fingers in the ' +
        'coffee and layer with the cream. Chill for 6 hours.',
    )
    expect(layered.steps).toMatch(/Dip the plant sponge/u)
    expect(layered.steps).not.toMatch(/sugar and plant sponge/u)
    const set = told(
      'Panna cotta\n\n3 gelatine leaves\n250 ml milk\n250 ml double cream\n25 g sugar\n\nSoak the leaves ' +
        'in cold water. Heat the milk, cream and sugar. Stir in the gelatine. Chill overnight.',
    )
    expect(set.steps).not.toMatch(/leaves/u)
  })
  test('a lemon filling takes more starch, a nut cake is no custard', () => {
    const pie = told(
      'Lemon pie\n\nFilling\n3 tbsp cornflour\n150 g sugar\n3 lemons, zest and juice\n300 ml water\n3 egg ' +
        'yolks\n\nMethod\nMix the cornflour with the sugar and water, boil until thick, beat in the yolks.',
    )
    expect(pie.lines).not.toMatch(/flax/u)
    const cake = told(
      'Hazelnut torte\n\n5 eggs\n180 g sugar\n250 g ground hazelnuts\n1 tsp baking powder\n\nBeat the eggs ' +
        'and sugar, stir in the nuts and baking powder. Bake at 170 °C for 45 minutes.',
    )
    expect(cake.steps).not.toMatch(/bubbles|pour into dishes/u)
    expect(cake.steps).toMatch(/Bake at 170/u)
  })
})

describe('where the soaking goes, what was added unsaid is named', () => {
  const list = 'Panna cotta\n\n3 gelatine leaves\n250 ml milk\n250 ml double cream\n25 g sugar\n\n'
  const warm = 'Heat the milk, cream and sugar. '
  test.each([
    ['squeeze it out and add to the pan', /Add the agar to the pan and boil for 2 minutes/u],
    ['squeeze out the water and stir it into the pan', /Stir the agar into the pan and boil/u],
    ['squeeze, then drop into the pan', /Drop the agar into the pan and boil/u],
    ['drain and stir into the hot cream', /Stir the agar into the hot .*cream and boil/u],
    ['drain them and whisk in off the heat', /Whisk the agar in and boil for 2 minutes/u],
    ['squeeze dry and whisk into the pan', /Whisk the agar into the pan and boil/u],
    ['drain off the water and stir them into the pan', /Stir the agar into the pan and boil/u],
    ['squeeze well and beat into the hot milk', /Beat the agar into the hot .* and boil/u],
  ])('soak the gelatine; %s', (step, is) => {
    for (const joint of ['; ', ', ', '. '] as const) {
      const next = joint === '. ' ? step.charAt(0).toUpperCase() + step.slice(1) : step
      const { steps } = told(`${list}${warm}Soak the gelatine${joint}${next}. Chill for 4 hours.`)
      expect([joint, steps]).toEqual([joint, expect.stringMatching(is)])
      expect(steps).not.toMatch(/squeeze|drain|soak|off the heat|minutes and boil/iu)
    }
  })
})

describe('marshmallows are a foam of boiled syrup, and no cream', () => {
  const list = '400 g sugar\n200 ml water\n1 tsp vanilla\n\nBoil the sugar and water to 121 °C. '
  test('agar is boiled once, however often it is beaten', () => {
    const { steps } = told(
      `Vanilla marshmallows\n\n12 gelatine leaves\n${list}Whisk in the gelatine and beat for 10 ` +
        'minutes until thick. Beat in the vanilla. Leave to set for 4 hours.',
    )
    expect(steps.match(/boil for 2 minutes/gu)).toHaveLength(1)
  })
  test('the whites’ foam is aquafaba’s, and nobody is promised much', () => {
    const text =
      `Marshmallows\n\n12 gelatine leaves\n2 egg whites\n${list}Soak the gelatine. Whisk the whites until ` +
      'stiff, pour in the syrup, then the gelatine. Whisk until thick and leave to set for 4 hours.'
    expect(told(text).lines).toMatch(/agar.*aquafaba/u)
    const [plan] = adapt(readRecipe(text, { region: 'uk' }).recipe, vegan).plans
    expect(plan!.confidence).toBe('experimental')
  })
  test('bought ones in a bar are bought ones', () => {
    const { lines } = told(
      'Rocky road\n\n200 g marshmallows\n300 g dark chocolate\n100 g butter\n\nMelt the chocolate with the ' +
        'butter. Stir in the marshmallows. Chill for 3 hours.',
    )
    expect(lines).toMatch(/plant marshmallows/u)
  })
})
