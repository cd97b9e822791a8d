import { describe, expect, test } from '@jest/globals'
import { adapt, readRecipe } from '#core'
import type { Person } from '#core'
import { linesTaken, readMethod } from '../../../method'
import { linesOf } from '../../../recipe'
import { each } from '../../../../tests/each'

const who = (...allergens: string[]): Person[] => [
  {
    id: 'p',
    name: 'Ada',
    avoids: allergens.map(allergen => ({ allergen, strictness: 'choice' as const })),
    diets: [],
  },
]
const cake = '200 g plain flour\n150 g butter\n150 g sugar\n3 eggs\n2 tsp baking powder\n60 ml milk'
const plansOf = (lines: string, method: string, people: Person[]) =>
  adapt(readRecipe(`Plain cake\n\n${lines}\n\nMethod\n${method}`).recipe, people).plans
const said = (plan: ReturnType<typeof plansOf>[number]) =>
  plan.recipe.components.flatMap(c => c.steps).join('\n')

describe('a look ends where the next doing begins', () => {
  test.each([
    'Cream the butter and sugar until light and gradually beat in the eggs.',
    'Cream the butter and sugar until pale and fluffy then slowly whisk in the eggs.',
    'Beat the butter and sugar until light, and add the eggs one at a time.',
    'Cream the butter with the sugar till fluffy and beat in the eggs.',
    'Beat together the butter and sugar until creamy and then add the eggs.',
    'Whisk the eggs and sugar until thick and fold in the melted butter.',
    'Whisk the eggs with the sugar until pale and frothy and stir in the melted butter.',
    'Cream the butter and sugar until light; beat in the eggs.',
    'Cream butter and sugar until very light and fluffy and beat the eggs in bit by bit.',
    'Beat the eggs until foamy and pour them on to the creamed butter and sugar.',
    'Cream the butter and sugar until it is pale and quickly stir in the beaten eggs.',
  ])('%s', first => {
    const rest =
      'Fold in the flour and baking powder, then the milk.\nBake at 180 °C for 40 minutes.'
    const plans = plansOf(cake, `${first}\n${rest}`, who('egg'))
    expect(plans.length).toBeGreaterThan(0)
    for (const plan of each(plans)) {
      expect(said(plan)).not.toMatch(/\begg/iu)
      // Every line that came in is in a doing, and every one that stayed still is.
      const taken = new Set(readMethod(plan.recipe).actions.flatMap(linesTaken))
      expect(linesOf(plan.recipe).filter(line => !taken.has(line.id))).toEqual([])
    }
  })
})

describe('whole doings', () => {
  const custard = '500 ml milk\n4 eggs\n80 g sugar'
  test.each([
    'Warm the milk, whisk the eggs and sugar and pour on the milk.\n' +
      'Pour into ramekins.\nBake in a water bath at 150 °C for 40 minutes.',
    'Heat the oven to 150 °C. Whisk the eggs with the sugar, then the warm milk.\n' +
      'Pour into a dish, stand it in a roasting tin of hot water and bake for 40 minutes. Chill.',
    'Whisk the eggs, sugar and milk and strain into 6 pots.\n' +
      'Set them in a bain-marie and bake at 160 °C for 35 minutes, until they wobble.',
  ])('a custard is cooked, then poured, once: %s', method => {
    for (const plan of each(plansOf(custard, method, who('egg')))) {
      const text = said(plan)
      expect(text.match(/simmer for 1 minute|Boil for 2 minutes/gu)).toHaveLength(1)
      expect(text).not.toMatch(/\boven\b|water bath|bain|roasting|\bbake\b/iu)
      // Into its dishes after the heat, and not before: once, in the recipe's own words.
      const poured = [...text.matchAll(/into (?:ramekins|a dish|6 pots)/gu)]
      expect(poured).toHaveLength(1)
      expect(poured[0]!.index).toBeGreaterThan(text.search(/simmer for 1 minute|Boil for 2/u))
    }
  })
  test('an oven is heated for what still goes into it', () => {
    const recipe = readRecipe(
      `Cream pots with biscuits

For the pots
500 ml double cream
4 egg yolks
80 g sugar

For the biscuits
150 g plain flour
100 g butter
50 g icing sugar

Method
Heat the oven to 150 °C. Warm the cream, whisk the yolks with the sugar and pour on the cream.
Pour into ramekins and bake in a water bath for 40 minutes.
Rub the butter into the flour and icing sugar, roll out, cut and bake for 15 minutes.`,
    ).recipe
    for (const plan of each(adapt(recipe, who('egg')).plans)) {
      expect(said(plan)).toMatch(/Heat the oven to 150 °C/u)
      expect(said(plan)).toMatch(/cut and bake for 15 minutes/u)
      expect(said(plan)).not.toMatch(/water bath/u)
    }
  })
  test('water of a fat’s stand-in does not come to melting chocolate', () => {
    const brownies = '200 g dark chocolate\n150 g butter\n3 eggs\n200 g sugar\n90 g plain flour'
    const method =
      'Melt the chocolate and butter. Whisk the eggs and sugar and stir in the chocolate.\n' +
      'Fold in the flour.\nBake at 170 °C for 25 minutes.'
    for (const plan of each(plansOf(brownies, method, who('milk')))) {
      const taken = new Set(readMethod(plan.recipe).actions.flatMap(linesTaken))
      expect(said(plan)).not.toMatch(/Melt[^.]*water/u)
      expect(linesOf(plan.recipe).filter(line => !taken.has(line.id))).toEqual([])
    }
  })
  test('what is not told otherwise keeps its words', () => {
    const first =
      'Rub the butter into the flour with your fingertips — lightly! Stir in the sugar (all of it).'
    const [plan] = plansOf(
      cake,
      `${first}\nMix in the eggs, milk and baking powder.\nBake at 180 °C for 40 minutes.`,
      who('egg'),
    )
    expect(said(plan!)).toContain(first)
  })
  test('the flour’s new name is its place too, between folding and baking', () => {
    const method =
      'Cream the butter and sugar. Beat in the eggs and milk. ' +
      'Fold in the flour and baking powder and bake at 180 °C for 40 minutes.'
    for (const plan of each(plansOf(cake, method, who('gluten'))))
      expect(said(plan)).toMatch(
        /Fold in the [^.]+\. Beat the batter smooth[^.]*\. Bake at 180 °C/u,
      )
  })
})
