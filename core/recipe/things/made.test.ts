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
  test.each([
    [
      '200 g plain flour\n100 g sugar\n100 ml oil',
      'Bake. Sandwich the cakes with the lemon curd.',
      'egg',
    ],
    ['200 g plain flour\n100 g sugar\n100 ml oil', 'Bake. Pour over the custard.', 'milk'],
    [
      '30 g cornflour\n500 ml oat milk',
      'Cook until thick. Line the bowl with the sponge fingers.',
      'gluten',
    ],
    ['30 g cornflour\n500 ml oat milk', 'Cook until thick. Crush the biscuits over it.', 'gluten'],
    ['200 g rice flour\n100 ml oil', 'Bake. Drizzle the cake with the caramel.', 'milk'],
    ['100 g ground almonds\n100 g sugar', 'Bake. Spread the chocolate spread over it.', 'milk'],
    ['100 g hazelnuts\n100 g sugar', 'Roll out the marzipan and cover it.', 'almond'],
    ['100 ml oat milk\n200 g rice flour', 'Bake. Top with the ice cream.', 'milk'],
    ['200 g rice flour\n100 g sugar', 'Roll out the puff pastry and lay it on top.', 'gluten'],
    ['100 g oats\n100 g sugar', 'Toast the oats. Crush the meringues into it.', 'egg'],
    ['200 g rice flour\n100 g sugar', 'Bake. Spread the cake with the frosting.', 'milk'],
  ])('what it is made of is not all there, or not done: %s: %s', (lines, step, allergen) => {
    const text = `Dessert\n\n${lines}\n\nMethod\nMix the flour and sugar. ${step}`
    expect([step, holder(text, allergen)]).not.toContain('clear')
  })
  test.each([
    [
      '400 ml oat milk\n40 g cornflour\n50 g sugar',
      'Heat the oat milk, cornflour and sugar until thick. Cool the custard.',
    ],
    [
      '2 lemons\n20 g cornflour\n80 g sugar',
      'Boil the lemon juice with the cornflour and sugar. Pour the lemon curd into jars.',
    ],
    [
      '200 g rice flour\n100 g sugar\n80 g coconut oil',
      'Mix the flour, sugar and oil. Bake for 12 minutes and cool. Dip the biscuits in sugar.',
    ],
    [
      '100 g plant block\n200 g icing sugar',
      'Beat the plant block and icing sugar. Spread the frosting.',
    ],
    [
      '300 ml oat cream\n80 g sugar',
      'Whisk the oat cream and sugar, and churn. Scoop the ice cream.',
    ],
    [
      '200 g sugar\n100 ml oat cream',
      'Melt the sugar and stir in the oat cream. Cool the caramel.',
    ],
    ['300 g tofu\n20 g cornflour', 'Blend the tofu and cornflour and heat. Pour the custard over.'],
  ])('made here: %s: %s', (lines, step) =>
    expect([step, holder(`Dessert\n\n${lines}\n\nMethod\n${step}`, 'egg')]).toEqual([
      step,
      'clear',
    ]),
  )
  test('a custard that is poured raw is made of the egg and milk that are listed, and only of those', () => {
    const step = 'Whisk the eggs and milk. Pour the custard into the case. Bake.'
    const of = (milk: string) => holder(`Tart\n\n3 eggs\n300 ml ${milk}\n\nMethod\n${step}`, 'soy')
    expect([
      of('milk'),
      holder(`Tart\n\n3 eggs\n300 ml oat milk\n\nMethod\n${step}`, 'milk'),
    ]).toEqual(['clear', 'conflict'])
  })
})

describe('a caramel of sugar', () => {
  test.each([
    'Boil the sugar and 50 ml water to an amber caramel. Pour it into the dish.',
    'Melt the sugar in a dry pan to a deep golden caramel.',
    'Cook the sugar until it forms a caramel, then pour the caramel into six ramekins.',
    'Heat the sugar gently until it turns to caramel.',
    'Bubble the sugar to a dark caramel.',
    'Simmer the sugar and 50 ml water until it becomes a caramel.\n2. Spread the caramel.',
  ])('is made here: %s', step => expect(verdict('50 g oats', step, 'milk')).toBe('clear'))
  test.each([
    'Boil the sugar and 50 ml water. Drizzle with caramel.',
    'Melt the sugar. Spoon over the caramel.',
    'Heat the sugar and add to the caramel.',
    'Spread with caramel and chill.',
    'Stir the sugar to a caramel sauce from the jar.',
  ])('is bought where nobody makes it: %s', step =>
    expect(verdict('50 g oats', step, 'milk')).not.toBe('clear'),
  )
})

describe('seeds of a pod', () => {
  test.each([
    'Add the seeds of the vanilla pod.',
    'Scrape out the seeds from the split vanilla pod.',
    'Stir in the vanilla seeds.',
    'Crush the seeds of the green cardamom pods.',
    'Add the seeds from one vanilla pod and the sugar.',
  ])('are no seeds: %s', step =>
    expect(verdict('1 vanilla pod\n4 cardamom pods', step, 'sesame')).toBe('clear'),
  )
  test.each(['Scatter over the seeds.', 'Add the seeds and the vanilla pod.', 'Top with seeds.'])(
    'others may be any: %s',
    step => expect(verdict('1 vanilla pod', step, 'sesame')).not.toBe('clear'),
  )
})

describe('what a step says that it is for', () => {
  const custard = '300 ml oat drink\n20 g cornflour'
  test.each([
    [custard, 'For the custard, warm the oat drink, whisk in the cornflour and boil.', 'egg'],
    [custard, 'For the vanilla custard: heat the oat drink with the cornflour until thick.', 'egg'],
    [custard, 'To make the custard, cook the oat drink and cornflour.', 'egg'],
    [custard, 'Make the custard: boil the oat drink with the cornflour.', 'egg'],
    [custard, 'Mix well. For the custard, simmer the oat drink and cornflour.', 'egg'],
    ['50 g oats', 'For the caramel, melt the sugar and let it bubble.', 'milk'],
    ['50 g oats', 'For the caramel: boil the sugar with 50 ml water until amber.', 'milk'],
    ['100 g hazelnuts', 'For the praline, melt the sugar and tip in the hazelnuts.', 'milk'],
    ['100 ml aquafaba', 'For the meringue, whisk the aquafaba and the sugar to peaks.', 'egg'],
    ['100 g rice flour\n50 g oil', 'For the biscuits, mix the rice flour, oil and sugar.', 'wheat'],
  ])('is made of what it takes: %s: %s', (lines, step, allergen) =>
    expect(verdict(lines, step, allergen)).not.toBe('conflict'),
  )
  test.each([
    ['50 g butter', 'For the caramel, warm it in the microwave and pour it over.', 'milk'],
    ['50 g oats', 'For the caramel, chop the oats and melt it.', 'milk'],
    [custard, 'For the custard, open the tin and warm it.', 'egg'],
    [custard, 'Serve with the custard, and boil the oat drink and cornflour.', 'egg'],
    ['100 g rice flour', 'For the biscuits, crush them and mix with the sugar.', 'wheat'],
    ['50 g oats', 'For the meringue, crush it and fold in the sugar.', 'egg'],
  ])('is bought where the step takes nothing that it is made of: %s: %s', (lines, step, allergen) =>
    expect(verdict(lines, step, allergen)).not.toBe('clear'),
  )
})
