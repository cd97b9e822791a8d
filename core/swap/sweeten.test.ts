import { describe, expect, test } from '@jest/globals'
import { readRecipe } from '../recipe'
import { adapt } from './adapt'

const vegan = [{ id: 'p', name: 'P', diets: ['vegan'], avoids: [] }] as const
const cake =
  'Ginger loaf\n\n250 g plain flour\n2 tsp baking powder\n150 g dark muscovado sugar\n50 g caster ' +
  'sugar\n125 g butter\n2 eggs\n150 ml milk\n\nMelt the butter and sugars. Beat in the eggs and milk. ' +
  'Fold in the flour and baking powder. Bake in a 900 g loaf tin at 170 °C for 50 minutes.'
const iced =
  'Butter biscuits\n\n200 g plain flour\n100 g butter\n80 g caster sugar\n1 egg\n\nCream butter and ' +
  'sugar, beat in egg, add flour. Roll, cut, bake at 180 °C for 12 minutes.\n\nIcing\n100 g icing ' +
  'sugar\n1 tbsp lemon juice\nMix the icing sugar with the juice.'
const nests =
  'Meringues\n\n4 egg whites\n220 g caster sugar\n\nWhisk stiff, add sugar. Bake at 100 °C for 2 hours.'

function sweetened(text: string, sweeten: string) {
  const found = adapt(readRecipe(text, { region: 'uk' }).recipe, vegan, { sweeten, factor: 300 })
  const lines = found.plans[0]?.recipe.components.flatMap(c => c.lines.map(line => line.text))
  return { found, lines: lines?.join(' | ') ?? '' }
}
const all = [
  'date-paste-for-sugar',
  'date-sugar-for-sugar',
  'syrup-for-sugar',
  'high-with-apple',
] as const

// How much stands for the sugar: [P] the rows of the table; 200 g sugar, within the kitchen's own fifth.
describe('another sweetener than sugar', () => {
  test.each([
    ['date-paste-for-sugar', /(\d+) g \(.*?\) date paste/u, 300],
    ['date-sugar-for-sugar', /(\d+) g \(.*?\) date sugar/u, 200],
    ['syrup-for-sugar', /(\d+) g \(.*?\) maple syrup/u, 270],
    ['erythritol-for-sugar', /(\d+) g \(.*?\) erythritol/u, 240],
  ])('%s stands for every sugar of a batter', (id, is, grams) => {
    const { lines, found } = sweetened(cake, id)
    expect(Number(is.exec(lines)?.[1]) / grams).toBeCloseTo(1, 0)
    expect(Math.abs(Number(is.exec(lines)?.[1]) / grams - 1)).toBeLessThan(0.2)
    expect(lines).not.toMatch(/caster|muscovado|brown sugar/u)
    expect(found.plans[0]!.confidence).not.toMatch(/very close|not advised/u)
  })
  test.each(all)('%s leaves an icing its icing sugar, and says so', id => {
    const { lines, found } = sweetened(iced, id)
    expect(lines).toMatch(/100 g icing sugar/u)
    expect(lines).not.toMatch(/\d g caster/u)
    expect(found.why.join(' ')).toMatch(/In “icing” the sugar stays/u)
    expect(found.plans[0]!.confidence).not.toBe('not advised')
  })
  test.each(all)('%s makes no meringue: it is made with its sugar, and that is said', id => {
    const { lines, found } = sweetened(nests, id)
    expect(lines).toMatch(/aquafaba.*caster sugar/u)
    expect(found.why.join(' ')).toMatch(/Here the sugar stays/u)
  })
  test('without the product’s own factor nothing is sweetened with it', () => {
    const { recipe } = readRecipe(cake, { region: 'uk' })
    const [plan] = adapt(recipe, vegan, { sweeten: 'high-with-apple' }).plans
    expect(plan!.recipe.components[0]!.lines.map(line => line.text).join()).toMatch(/caster sugar/u)
  })
})

// [P] aquafaba 100 : sugar 180–200 in all.
describe('the sugars of a foam count together', () => {
  test.each([
    ['250 g caster sugar', 250],
    ['150 g caster sugar\n100 g light muscovado sugar', 250],
    ['60 g caster sugar\n60 g icing sugar\n60 g light muscovado sugar', 242],
    ['100 g caster sugar', 242],
  ])('%s', (sugars, grams) => {
    const { recipe } = readRecipe(
      `Pavlova\n\n4 egg whites\n${sugars}\n\nWhisk the whites until stiff, whisk in the sugar. Spread on a ` +
        'tray and bake at 120 °C for 90 minutes.',
      { region: 'uk' },
    )
    const [plan] = adapt(recipe, vegan).plans
    const lines = plan!.recipe.components.flatMap(c => c.lines)
    const all = lines.filter(line => /sugar/u.test(line.name)).map(line => line.grams!.best)
    expect(Math.abs(all.reduce((a, b) => a + b) / grams - 1)).toBeLessThan(0.04)
  })
})
