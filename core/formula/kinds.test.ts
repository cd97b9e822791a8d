import { describe, expect, test } from '@jest/globals'
import { readRecipe } from '../recipe'
import { familyOf } from './family'

/** The family of each part of a recipe, typed in from memory. */
function families(text: string): Record<string, string> {
  const { recipe } = readRecipe(text, { region: 'uk' })
  const heavy = (i: number) =>
    recipe.components[i]!.lines.reduce((sum, line) => sum + (line.grams?.best ?? 0), 0)
  const all = recipe.components.map((_, i) => heavy(i))
  const main = all.indexOf(Math.max(...all))
  return Object.fromEntries(
    recipe.components.map((c, i) => [c.name, familyOf(c, recipe.title, i === main).family.id]),
  )
}

describe('what a part is, by what holds it and how it is made', () => {
  test.each([
    [
      'Orange almond cake\n\n2 oranges\n6 eggs\n250 g caster sugar\n250 g ground almonds\n1 tsp ' +
        'baking powder\n\nBoil the oranges for 2 hours. Blitz. Beat the eggs with the sugar, stir ' +
        'in the almonds, the baking powder and the pulp. Bake at 170 °C for 1 hour.',
      { '': 'muffin' },
    ],
    [
      'Hazelnut torte\n\n5 eggs\n180 g sugar\n250 g ground hazelnuts\n1 tsp baking powder\n\n' +
        'Beat the eggs and sugar, stir in the nuts and baking powder. Bake at 170 °C for 45 ' +
        'minutes.',
      { '': 'muffin' },
    ],
    [
      'Lemon pie\n\nFilling\n3 tbsp cornflour\n150 g sugar\n3 lemons, zest and juice\n300 ml ' +
        'water\n3 egg yolks\n50 g butter\nMeringue\n3 egg whites\n150 g caster sugar\n\nMethod\n' +
        'Mix the cornflour with the sugar and water and boil until thick. Beat in the yolks and ' +
        'butter. Whisk the whites, whisk in the caster sugar and pile on top.',
      { filling: 'pastry-cream', meringue: 'meringue' },
    ],
    [
      'Pistachio ice cream\n\nCustard\n4 egg yolks\n100 g sugar\n300 ml milk\n300 ml double ' +
        'cream\nPraline\n100 g sugar\n80 g pistachios\n\nMethod\nHeat the milk. Beat the yolks ' +
        'with the sugar, pour on the milk and cook until it coats a spoon. Stir in the cream, ' +
        'chill and churn.',
      { custard: 'ice-cream' },
    ],
    [
      'Jam roly-poly\n\n200 g self-raising flour\n100 g shredded suet\n1 tbsp sugar\n150 ml ' +
        'milk\n200 g raspberry jam\n\nMix the flour, suet, sugar and milk. Roll out, spread with ' +
        'the jam, roll up and steam for 1 1/2 hours.',
      { '': 'scone' },
    ],
    [
      'Rock buns\n\n225 g self-raising flour\n110 g butter\n75 g sugar\n110 g mixed dried fruit\n' +
        '1 egg\n2 tbsp milk\n\nRub the butter into the flour. Stir in the sugar and fruit. Bind ' +
        'with the egg and milk. Bake at 200 °C for 15 minutes.',
      { '': 'cookie' },
    ],
    // One method for both parts: the pastry’s flour is no flour of the filling’s.
    [
      'Chocolate tart\n\nPastry\n175 g plain flour\n50 g icing sugar\n120 g butter\n1 egg yolk\n' +
        'Filling\n300 ml double cream\n200 g dark chocolate\n50 g butter\n\nMethod\nRub the butter ' +
        'into the flour and icing sugar. Bind with the yolk. Roll out, line a 23 cm tin and bake ' +
        'blind at 190 °C for 20 minutes. Boil the cream, pour it over the chocolate and stir until ' +
        'smooth. Beat in the butter. Pour into the case and chill.',
      { pastry: 'pastry', filling: 'ganache' },
    ],
    // Baked once, and filled when cold: a sponge, whatever it is filled with.
    [
      'Sandwich cake\n\n200 g butter\n200 g sugar\n4 eggs\n200 g self-raising flour\n300 ml ' +
        'double cream\n200 g jam\n\nCream the butter and sugar. Beat in the eggs, fold in the ' +
        'flour. Bake at 180 °C for 25 minutes. When cold, fill with the jam and the whipped cream.',
      { '': 'creamed' },
    ],
  ])('%s', (text, is) => {
    expect(families(text)).toMatchObject(is)
  })
})

// [M] what each of them is called by those who make it.
describe('boiled sweets by their name, cakes named after them not; cream with fruit is cream', () => {
  test.each([
    ['Vanilla fudge', '400 g sugar\n150 ml cream\n100 g butter', 'caramel'],
    ['Clotted cream fudge', '275 g sugar\n100 g golden syrup\n227 g double cream', 'caramel'],
    ['Treacle toffee', '400 g sugar\n100 g treacle\n60 g butter', 'caramel'],
    ['Peanut brittle', '300 g sugar\n50 ml water\n150 g peanuts', 'caramel'],
    ['Salted caramels', '300 g sugar\n100 g butter\n150 ml cream', 'caramel'],
    ['Butterscotch', '300 g sugar\n120 g butter\n50 ml water', 'caramel'],
    ['Berry fool', '400 g strawberries\n80 g sugar\n300 ml double cream', 'whipped-cream'],
    ['Strawberries and cream', '300 g strawberries\n300 ml double cream', 'whipped-cream'],
  ])('%s', (title, list, is) => {
    expect(families(`${title}\n\n${list}\n\nMake it.`)).toEqual({ '': is })
  })
  test.each(['Fudge cake', 'Toffee muffins', 'Toffee slices', 'Fudge cookies', 'Caramel cake'])(
    '%s is baked on its flour',
    title => {
      const list = '250 g plain flour\n200 g sugar\n180 g butter\n3 eggs\n2 tsp baking powder'
      const { '': family } = families(
        `${title}\n\n${list}\n\nMix and bake at 180 °C for 30 minutes.`,
      )
      expect(family).not.toBe('caramel')
    },
  )
})
