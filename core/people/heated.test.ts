import { describe, expect, test } from '@jest/globals'
import { readRecipe } from '#core'
import { checkPeople } from './check'
import { cookedIn } from './heated'

const isRaw = (lines: string, steps: string) =>
  checkPeople(readRecipe(`Dessert\n\n${lines}\n\nMethod\n${steps}`).recipe, [
    { id: 'p', name: 'P', avoids: [], diets: ['pregnant'] },
  ]).people[0]!.conflicts.some(c => c.allergen === 'raw-egg')

describe('an egg is cooked only if its own part is baked or boiled', () => {
  test.each([
    ['2 eggs\n100 g flour', 'Whisk the eggs. Fold in the flour. Bake at 180 °C for 20 minutes.'],
    [
      '200 g biscuits\n3 eggs\n200 g cream cheese',
      'Press the biscuits into a tin. Whisk the eggs with the cheese, pour over and bake.',
    ],
    [
      '4 egg yolks\n500 ml milk',
      'Whisk the yolks. Heat the milk, pour over, and cook the custard over a low heat until thick.',
    ],
    ['250 g flour\n2 eggs', 'Whisk flour and eggs to a batter. Fry the pancakes in a hot pan.'],
    [
      '4 eggs\n200 ml cream',
      'Beat the eggs and cream. Pour into a dish standing in boiling water and bake for an hour.',
    ],
    [
      'For the case\n200 g flour\n100 g butter\nFor the filling\n3 eggs\n200 ml cream',
      'For the case: rub in the butter and bake blind.\nFor the filling: whisk the eggs and cream.\n' +
        'Pour the filling into the case and bake until set.',
    ],
    [
      'For the filling\n3 eggs\n200 ml cream\nFor the case\n200 g flour\n100 g butter',
      'For the filling: whisk the eggs and cream.\nFor the case: rub in the butter, bake blind.\n' +
        'Pour in the filling; bake it for 30 minutes.',
    ],
    ['2 eggs\n100 g sugar\n500 ml milk', 'Whisk all together.\nSimmer the custard until thick.'],
    ['2 eggs\n100 g flour', 'Simmer some water. Whisk the eggs and flour. Steam the pudding.'],
    ['4 eggs\n50 g sugar', 'Poach the eggs with the sugar.'],
    [
      '3 eggs\n200 g flour',
      'Beat half the eggs in. Bake the base. Add the other eggs. Bake again.',
    ],
  ])('cooked: %s, %s', (lines, steps) => expect(isRaw(lines, steps)).toBe(false))
  test.each([
    [
      '2 eggs\n200 g chocolate',
      'Melt the chocolate over simmering water. Whisk in the eggs. Chill.',
    ],
    [
      '3 egg whites\n50 g nuts',
      'Toast the nuts in the oven. Whisk the egg whites and fold in the nuts. Freeze overnight.',
    ],
    [
      '200 g biscuits\n3 eggs\n200 g cream cheese',
      'Crush the biscuits and bake the base. Whisk the eggs with the cheese, pour over and chill.',
    ],
    [
      '3 egg yolks\n100 g sugar\n100 ml water',
      'Boil the sugar and water to a syrup. Whisk the yolks, pour the syrup over, whisk until cool.',
    ],
    ['2 egg whites\n400 g icing sugar', 'Beat to a stiff icing. Leave to set.'],
    ['250 g mascarpone\n3 eggs', 'Beat the eggs with the mascarpone. Layer and chill overnight.'],
    ['200 g flour\n2 eggs', 'Line the tin with baking paper. Beat the eggs in. Leave to dry.'],
    [
      '3 egg whites\n150 g sugar',
      'Whisk the egg whites and sugar over simmering water, then whisk until cool. Serve.',
    ],
    [
      'For the sponge\n200 g flour\n2 eggs\nFor the icing\n1 egg white\n200 g icing sugar',
      'Beat the eggs into the flour and bake. For the icing, beat the egg white with the sugar.',
    ],
    [
      'For the icing\n1 egg white\n200 g icing sugar\nFor the biscuits\n200 g flour\n100 g butter',
      'For the icing, beat the white with the sugar. Rub the butter into the flour.\n' +
        'Bake the biscuits and decorate them with the icing.',
    ],
    [
      '3 eggs, separated\n100 g flour\n50 g sugar',
      'Beat the yolks into the flour and bake.\nWhisk the egg whites with the sugar and spread over.',
    ],
    ['3 eggs\n100 g sugar', 'Boil the kettle. Whisk the eggs and sugar until thick. Freeze.'],
    ['3 eggs\n100 g sugar', 'No-bake. Whisk the eggs and sugar until thick. Chill.'],
    [
      'For the case\n200 g flour\n100 g butter\nFor the filling\n3 eggs\n200 ml cream',
      'For the case: rub in the butter and bake blind.\nFor the filling: whisk the eggs and cream.\n' +
        'Bake the case once more, pour in the filling and chill.',
    ],
    [
      'For the case\n200 g flour\n100 g butter\nFor the filling\n3 eggs\n200 ml cream',
      'For the case: rub in the butter and bake blind.\nFor the filling: whisk the eggs and cream.\n' +
        'Bake the nuts. Pour the filling into the case and chill.',
    ],
    [
      '3 eggs\n100 g sugar\n200 g plums',
      'Whisk the eggs and sugar.\nSimmer the plums. Layer. Chill.',
    ],
    ['3 eggs\n500 ml milk', 'Bring the milk to the boil. Whisk the eggs, pour it over and chill.'],
  ])('raw: %s, %s', (lines, steps) => expect(isRaw(lines, steps)).toBe(true))
})

describe('a part that is finished in another part’s steps', () => {
  /** A dessert of parts, each with its lines and steps; whether the first part's first line is cooked. */
  function isCooked(...parts: readonly (readonly [string, string, readonly string[]])[]) {
    const components = parts.map(([name, lines, steps], i) => {
      const [part] = readRecipe(`Dessert\n\n${lines}`).recipe.components
      const own = part!.lines.map(line => ({ ...line, id: `${i}/${line.id}`, component: name }))
      return { ...part!, name, lines: own, steps }
    })
    const recipe = { ...readRecipe('Dessert\n\n1 egg').recipe, components }
    return cookedIn(recipe)(components[0]!.lines[0]!.id, parts[0]![0])
  }
  const filling = (name = 'filling') =>
    [name, '3 eggs\n200 ml cream', ['Whisk the eggs and cream.']] as const
  const withCase = (name: string, ...steps: readonly string[]) =>
    isCooked(filling(name), ['case', '200 g flour\n100 g butter', steps])
  test.each([
    ['filling', 'Pour the filling into the case and bake until set.'],
    ['filling', 'Rub in the butter. Pour the filling in and bake. Cool.'],
    ['filling', 'Rub in the butter.  FILLING in, then bake.'],
    ['Filling', 'Pour the filling in and bake.'],
    ['For the filling', 'Pour the filling in and bake.'],
    ['the filling', 'Pour filling into it and bake.'],
    ['For  filling', 'Pour filling into it and bake.'],
    ['the  filling', 'Pour filling into it and bake.'],
    ['filling', 'Pour the filling in and simmer the filling until thick.'],
  ])('cooked there: %s, %s', (name, step) => expect(withCase(name, step)).toBe(true))
  test.each([
    ['filling', 'Bake, then pour in the filling.'],
    ['filling', 'Bake the case. Pour the filling into it and chill.'],
    ['filling', 'Pour the filling over; chill for an hour.'],
    ['filling', 'Rub in the butter. Bake.'],
    ['', 'Rub in the butter. Bake.'],
    ['filling', 'Pour the filling in and boil the kettle.'],
    ['mousse for the cake', 'Pour the mousse in and bake.'],
  ])('not cooked there: %s, %s', (name, step) => expect(withCase(name, step)).toBe(false))
  test('one of several later steps is enough, and none that came before', () => {
    expect(withCase('filling', 'Rub in.', 'Pour the filling in and bake.', 'Cool.')).toBe(true)
    expect(
      isCooked(
        ['filling', '3 eggs', ['Pour the filling in and bake the case.', 'Whisk the eggs.']],
        ['case', '200 g flour', ['Leave it.']],
      ),
    ).toBe(false)
  })
})

describe('within the steps of its own part', () => {
  const cooked = (lines: string, method: string, line: number) => {
    const { recipe } = readRecipe(`Dessert\n\n${lines}\n\nMethod\n${method}`)
    const { lines: own, name } = recipe.components[0]!
    return cookedIn(recipe)(own[line]!.id, name)
  }
  test('a line that a step boils by name is cooked; what only stands beside it is not', () => {
    const lines = '2 eggs\n200 g plums'
    expect(cooked(lines, 'Whisk the eggs.\nSimmer the plums.\nLayer.', 1)).toBe(true)
    expect(cooked(lines, 'Whisk the eggs.\nSimmer the plums.\nLayer.', 0)).toBe(false)
    expect(cooked(lines, 'Simmer the plums. Whisk the eggs.\nLayer.', 0)).toBe(false)
    expect(cooked(lines, 'Simmer the plums.\nWhisk the eggs.\nBoil the eggs.', 0)).toBe(true)
    expect(cooked(lines, 'Whisk the eggs.\nLayer.\nBoil the plums.', 0)).toBe(false)
  })
  test.each([
    ['2 eggs\n200 g plums', 'Whisk the eggs and simmer the plums.'],
    ['2 eggs\n200 g plums', 'Whisk the eggs, then bake the plums for 20 minutes. Layer and chill.'],
    ['2 eggs\n100 ml milk', 'Whisk the eggs while you boil the milk. Chill.'],
    ['2 eggs\n2 apples', 'Beat the eggs and poach the apples gently until soft.'],
    ['2 eggs\n1 banana', 'Beat the eggs; fry the banana in a pan. Serve.'],
  ])('another line that is cooked beside it: %s, %s', (lines, method) =>
    expect([cooked(lines, method, 0), cooked(lines, method, 1)]).toEqual([false, true]),
  )
  test.each([
    ['2 eggs\n200 g plums', 'Whisk the eggs and simmer the eggs and plums.'],
    ['2 eggs\n200 g plums', 'Whisk the eggs with the plums and bake the cake for 20 minutes.'],
    ['2 eggs\n200 g flour', 'Whisk flour and eggs to a batter and fry the pancakes in a hot pan.'],
    ['2 eggs\n200 g plums', 'Whisk the eggs. Bake the plum cake until set.'],
    ['2 eggs\n200 g plums', 'Whisk the eggs over the plums and bake in the oven.'],
    [
      '2 eggs\n200 ml milk',
      'Whisk the eggs into the milk and cook gently, until the milk thickens.',
    ],
  ])('cooked with it, or all of it: %s, %s', (lines, method) =>
    expect(cooked(lines, method, 0)).toBe(true),
  )
  test('without a line it is the whole part that counts', () => {
    const { recipe } = readRecipe('Dessert\n\n2 eggs\n\nMethod\nBake it.\nWhisk the eggs.')
    const { name } = recipe.components[0]!
    expect(cookedIn(recipe)(null, name)).toBe(true)
    expect(cookedIn(recipe)(recipe.components[0]!.lines[0]!.id, name)).toBe(false)
  })
})
