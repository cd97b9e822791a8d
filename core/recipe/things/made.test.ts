import { describe, expect, test } from '@jest/globals'
import { checkPeople, readRecipe } from '#core'

const verdict = (lines: string, step: string, allergen: string) =>
  checkPeople(readRecipe(`Dessert\n\n100 g sugar\n${lines}\n\nMethod\n1. ${step}`).recipe, [
    { id: 'p', name: 'P', avoids: [{ allergen, strictness: 'choice' }], diets: [] },
  ]).people[0]!.verdict

describe('what a step makes of a listed thing', () => {
  test.each([
    ['100 g hazelnuts', 'Grind the hazelnuts to flour.', 'gluten'],
    ['100 g hazelnuts', 'Blitz the hazelnuts to a fine flour.', 'gluten'],
    ['100 g hazelnuts', 'Grind the nuts into a coarse flour.', 'gluten'],
    ['100 g hazelnuts', 'Blend the hazelnuts to a smooth butter.', 'milk'],
    [
      '100 g almonds',
      'Blitz the almonds and sugar to a fine flour, then tip the flour out.',
      'gluten',
    ],
    [
      '100 g hazelnuts',
      'Process the hazelnuts until they become a smooth butter. Stir the sugar into the butter.',
      'milk',
    ],
    ['100 g cashews', 'Drain the cashews, add 200 ml water and blend to a thin cream.', 'milk'],
    ['400 ml coconut milk', 'Scoop off the cream. Whip the cream and fold in the sugar.', 'milk'],
    ['400 ml coconut milk', 'Whip the thick cream from the top of the coconut milk.', 'milk'],
    ['400 ml coconut milk', 'Chill it.\n2. Spoon off the solid cream.\n3. Whip the cream.', 'milk'],
  ])('%s: %s', (lines, step, allergen) => expect(verdict(lines, step, allergen)).toBe('clear'))

  test.each([
    ['100 g almonds', 'Add the ground almonds to butter.', 'milk'],
    ['100 g almonds', 'Grind the almonds and add to butter.', 'milk'],
    ['100 g almonds', 'Blend the almonds into the butter.', 'milk'],
    ['100 g almonds', 'Blend the sugar into butter.', 'milk'],
    ['100 g almonds', 'Crush the almonds. Stir into flour.', 'gluten'],
    ['100 g almonds', 'Grind the sugar to flour and butter.', 'milk'],
    ['100 g almonds', 'Pulse the almonds until finely ground, then add the flour.', 'gluten'],
    ['100 g rice flour', 'Blend the sugar to a cream.', 'milk'],
    ['400 ml coconut milk', 'Whip the cream.', 'milk'],
    ['400 ml coconut milk', 'Scoop off the cream. Serve with whipped cream.', 'milk'],
    [
      '100 g hazelnuts',
      'Process the hazelnuts to a smooth butter. Grease a tin with butter.',
      'milk',
    ],
    ['100 g cashews', 'Drain the cashews, add the cream and blend to a paste.', 'milk'],
  ])('bought all the same: %s, %s', (lines, step, allergen) =>
    expect(verdict(lines, step, allergen)).toBe('conflict'),
  )
})

const holder = (text: string, allergen: string) =>
  checkPeople(readRecipe(text).recipe, [
    { id: 'p', name: 'P', avoids: [{ allergen, strictness: 'choice' }], diets: [] },
  ]).people[0]!.verdict

describe('ready-made things that no line lists', () => {
  const list = '50 g butter\n3 eggs\n400 ml milk\n50 g sugar'
  test.each([
    ['Butter the bread, halve the slices and layer them in a dish.', 'gluten'],
    ['Cube the brioche and put it in a dish.', 'gluten'],
    ['Whisk the eggs and milk. Dip the bread in it.', 'gluten'],
    ['Crush the biscuits and press them into a tin.', 'gluten'],
    ['Line the bowl with the sponge fingers.', 'gluten'],
    ['Unroll the puff pastry.', 'gluten'],
    ['Fry the tortillas until golden.', 'gluten'],
    ['Cook the pasta and drain.', 'gluten'],
    ['Tear the croissants into the dish.', 'gluten'],
    ['Cover with the marzipan.', 'almond'],
  ])('bought: %s', (step, allergen) =>
    expect([
      step,
      holder(`Pudding\n\n${list}\n\nMethod\n${step}\nBake at 180 C for 30 minutes.`, allergen),
    ]).toEqual([step, 'conflict']),
  )
  test.each([
    ['100 g rice flour', 'Beat the butter, sugar and rice flour. Bake. Cool the biscuits.'],
    ['100 g ground almonds', 'Mix everything to a dough. Bake. Cool the cookies on a rack.'],
    ['200 g buckwheat flour', 'Rub the butter into the flour for the pastry case.'],
    ['200 g gluten-free flour', 'Make the dough. Mix the dry ingredients. Turn the bread out.'],
    ['200 g oats', 'Stir the oats into the butter. Bake the granola.'],
  ])('made here: %s: %s', (line, step) =>
    expect([step, holder(`Pudding\n\n${list}\n${line}\n\nMethod\n${step}`, 'wheat')]).toEqual([
      step,
      'clear',
    ]),
  )
})
