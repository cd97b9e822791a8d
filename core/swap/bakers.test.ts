import { describe, expect, test } from '@jest/globals'
import { adapt, checkPeople, linesOf, readRecipe, type Person } from '#core'
import { gateFaults, linesTaken, readMethod } from '#core/method'
import { familyById } from '#core/formula'
import { ingredientById } from '#core/pantry'
import { each } from '../../tests/each'
import { recipeOf } from '../../tests/arbitraries'
import { partsOf, substitutionById, usualness, deviationFrom, nearestIn, regionOf } from './ways'
import { tableOf } from './leaving'
import type { Plan } from './plan'
import { regionRows } from './tables/regions'

/** What an experienced baker would take. Check values: [P] common practice without egg and milk. */

const who = (...avoids: string[]): Person[] => [
  {
    id: 'p',
    name: 'Ada',
    diets: [],
    avoids: avoids.map(allergen => ({ allergen, strictness: 'intolerance' as const })),
  },
]
const plans = (text: string, ...avoids: string[]) =>
  adapt(readRecipe(text).recipe, who(...avoids), {}, { alone: true }).plans
const waysOf = (plan: ReturnType<typeof plans>[number]) =>
  plan.changes.flatMap(change => change.school ?? [])

const sandwich = recipeOf('Sandwich cake', [
  [
    '',
    [
      ['plain-flour', 200],
      ['butter', 200],
      ['sugar', 200],
      ['egg', 200],
      ['baking-powder', 8],
    ],
    ['Cream the butter and sugar. Beat in the eggs. Fold in the flour. Bake for 25 ' + 'minutes.'],
  ],
])

describe('what works without egg', () => {
  const [part] = partsOf(sandwich, tableOf(who('egg', 'milk')), {})
  test(
    'a sandwich cake aims at a soured-milk cake: fat half of the flour, a little ' + 'less sugar',
    () => {
      // formulas: fat 30–50, sugar 70–95 on 100 of flour [P]
      expect(part!.aim.region?.id).toBe('soured-milk')
      expect(part!.goal.fat).toBeCloseTo(100, 0)
      // From 200 g to 95 % of 200 g of flour; the flour’s own sugar stays as it is.
      expect(part!.goal.sugar).toBeCloseTo(part!.before.sugar - 10, 0)
    },
  )
  test('any place in the region is as good, and another cake is never "very close"', () => {
    const weights = (oat: number) =>
      [
        ['plain-flour', 200],
        ['plant-block', 115],
        ['sugar', 170],
        ['oat-drink', oat],
        ['baking-powder', 9],
      ].map(([id, grams]) => ({
        ingredient: ingredientById(id as string)!,
        grams: grams as number,
      }))
    const balance = (oat: number) => {
      const sum = weights(oat)
      const of = (what: 'water' | 'fat' | 'sugar') =>
        sum.reduce((all, w) => all + (w.ingredient.per100[what] * w.grams) / 100, 0)
      return { ...part!.before, water: of('water'), fat: of('fat'), sugar: of('sugar'), lift: 27 }
    }
    const near = (oat: number) =>
      nearestIn(
        regionRows.find(row => row.id === 'soured-milk')!,
        balance(oat),
        weights(oat),
        200,
      )
    // 85–118 of water on 100 of flour: 190 g of drink is inside, 40 g is not.
    expect(near(190).water).toBeCloseTo(balance(190).water, 6)
    expect(near(40).water).toBeGreaterThan(balance(40).water + 50)
    expect(deviationFrom(part!.aim, balance(190), weights(190)).loss).toBeGreaterThan(2)
  })
  test('where too much would change the original is the aim', () => {
    const fudge = recipeOf('Fudge squares', [
      [
        '',
        [
          ['plain-flour', 60],
          ['butter', 250],
          ['sugar', 400],
          ['egg', 200],
          ['cocoa', 60],
        ],
        ['Melt the butter. Beat in everything else and bake for 25 minutes.'],
      ],
    ])
    const [fudgy] = partsOf(fudge, tableOf(who('egg')), { family: { '': 'brownie' } })
    expect(regionOf(familyById('brownie'))?.id).toBe('brownie')
    expect(fudgy!.aim.region).toBeNull()
  })
})

describe('how usual a way is', () => {
  test.each([
    ['soured-oat-egg', 'creamed', false, 1],
    ['soy-flour-batter', 'creamed', false, 0.2],
    ['flax-gel', 'muffin', false, 1],
    ['psyllium-gel', 'creamed', true, 1],
    ['flax-gel', 'creamed', true, 0.5],
    ['flax-gel', 'quick-bread', true, 1],
    ['no-binder', 'cookie', false, 1],
    ['block', 'shortbread', false, 1],
    ['oil-and-water', 'shortbread', false, 0.2],
    ['oil-and-water', 'muffin', false, 1],
    ['flax-gel+starch-slurry', 'cookie', false, 0.75],
  ])('%s in %s (gluten gone: %s) is %d', (id, family, gluten, is) => {
    expect(usualness(substitutionById(id)!, familyById(family), gluten)).toBeCloseTo(is, 6)
  })
  test('nobody says anything of a question without a row', () => {
    expect(usualness(substitutionById('whipping')!, familyById('mousse'), false)).toBeNull()
  })
})

const oils = new Set(['neutral-oil', 'rapeseed-oil', 'sunflower-oil', 'olive-oil'])
describe('no loose oil where something must set, stand or hold a foam', () => {
  test.each([
    [
      'a pouring custard',
      'Custard\n\n500 ml whole milk\n4 egg yolks\n50 g sugar\n\nHeat the milk. Whisk ' +
        'the yolks and sugar, pour on the milk and stir over a low heat until thick.',
    ],
    [
      'a set custard',
      'Baked custard\n\n600 ml whole milk\n4 eggs\n60 g sugar\n\nWarm the milk. ' +
        'Whisk the eggs and sugar, pour on the milk, strain into a dish and bake at ' +
        '150 °C for 45 minutes.',
    ],
    [
      'a ganache',
      'Ganache\n\n200 g dark chocolate\n200 ml double cream\n30 g butter\n\nHeat the ' +
        'cream, pour over the chocolate, stir in the butter.',
    ],
    [
      'a frosting',
      'Buttercream\n\n150 g butter\n300 g icing sugar\n2 tbsp milk\n\nBeat the ' +
        'butter, sugar and milk until pale.',
    ],
    [
      'a cheese frosting',
      'Cream cheese frosting\n\n200 g cream cheese\n80 g butter\n150 g icing ' +
        'sugar\n\nBeat everything until smooth.',
    ],
    [
      'a cold cheesecake',
      'No-bake cheesecake\n\n500 g cream cheese\n250 ml double cream\n100 g icing ' +
        'sugar\n\nBeat the cheese and sugar, fold in the whipped cream and chill ' +
        'overnight.',
    ],
    [
      'a panna cotta',
      'Panna cotta\n\n300 ml double cream\n200 ml milk\n60 g sugar\n3 leaves ' +
        'gelatine\n\nSoak the gelatine. Heat the cream, milk and sugar, stir in the ' +
        'gelatine, pour into moulds and chill.',
    ],
    [
      'a shortbread',
      'Shortbread\n\n200 g plain flour\n130 g butter\n65 g caster sugar\n\nRub in, ' +
        'press into a tin and bake at 160 °C for 40 minutes.',
    ],
    [
      'a caramel',
      'Caramel sauce\n\n200 g sugar\n90 g butter\n120 ml double cream\n\nMelt the ' +
        'sugar to an amber caramel, stir in the butter, then the cream.',
    ],
    [
      'a rice pudding',
      'Rice pudding\n\n100 g pudding rice\n700 ml whole milk\n50 g sugar\n\nSimmer ' +
        'everything gently for 40 minutes, stirring.',
    ],
  ])('%s', (_, text) => {
    const [first] = plans(text, 'egg', 'milk')
    expect(first).toBeDefined()
    const brought = first!.changes.flatMap(change => change.adds.map(add => add.ingredient))
    expect(brought.filter(id => oils.has(id))).toEqual([])
  })
})

describe('the usual way comes first', () => {
  test('what has worked in this house four times comes before any table', () => {
    const tried = (result: 'worked' | 'failed', n: number) =>
      Array.from({ length: n }, () => ({
        family: 'creamed',
        schools: ['flax-gel'],
        result,
      }))
    const firstOf = (known: Parameters<typeof adapt>[3]) =>
      waysOf(adapt(sandwich, who('egg'), {}, { ...known, alone: true }).plans[0]!).join(' ')
    expect(firstOf({})).not.toContain('flax-gel')
    expect(firstOf({ tried: tried('worked', 4) })).toContain('flax-gel')
    expect(firstOf({ tried: tried('failed', 4) })).not.toContain('flax-gel')
  })
  test(
    'a vanilla sponge takes soured drink or yoghurt, and no bean, seed or grey ' +
      'flour is among three',
    () => {
      const found = plans(
        'Vanilla sponge\n\n225 g butter\n225 g caster sugar\n4 eggs\n225 g ' +
          'self-raising flour\n2 tsp vanilla\n\nCream the butter and sugar until pale. ' +
          'Beat in the eggs. Fold in the flour. Bake at 180 °C for 25 minutes.',
        'egg',
        'milk',
      )
      expect(found.length).toBe(3)
      expect(waysOf(found[0]!).join(' ')).toMatch(/soured-\w+-egg|yoghurt-egg/u)
      for (const plan of each(found)) {
        expect(waysOf(plan).join(' ')).not.toMatch(/soy-flour|chickpea|chia|psyllium/u)
        expect(['very close', 'close', 'works, noticeably different']).toContain(plan.confidence)
      }
    },
  )
  test('a short dough takes block like for like before any oil', () => {
    const [first] = plans(
      'Shortbread\n\n200 g plain flour\n130 g butter\n65 g caster sugar\n\nRub in, ' +
        'press into a tin and bake at 160 °C for 40 minutes.',
      'milk',
    )
    expect(waysOf(first!)).toEqual(['block'])
  })
})

const refusedTexts: readonly (readonly [string, string, RegExp])[] = [
  [
    'a soufflé',
    'Chocolate soufflé\n\n150 g dark chocolate\n4 eggs, separated\n60 g caster ' +
      'sugar\n150 ml milk\n20 g cornflour\n\nHeat the milk with the cornflour until ' +
      'thick. Stir in the chocolate and yolks. Whisk the whites to stiff peaks and ' +
      'fold in. Bake in ramekins at 190 °C for 12 minutes.',
    /pudding/u,
  ],
  [
    'a flourless whipped cake',
    'Chocolate torte\n\n200 g dark chocolate\n150 g butter\n6 eggs, separated\n150 ' +
      'g caster sugar\n\nMelt the chocolate and butter. Whisk the yolks with half ' +
      'the sugar. Whisk the whites to soft peaks. Fold together. Bake at 170 °C for ' +
      '35 minutes.',
    /torte instead/u,
  ],
  [
    'a cheesecake of whipped whites',
    'Cotton cheesecake\n\n250 g cream cheese\n50 g butter\n100 ml milk\n6 eggs, ' +
      'separated\n140 g caster sugar\n60 g plain flour\n\nMelt the cheese, butter ' +
      'and milk. Stir in the flour and yolks. Whisk the whites to soft peaks and ' +
      'fold in. Bake in a water bath at 150 °C for an hour.',
    /cheesecake instead/u,
  ],
  [
    'popovers',
    'Popovers\n\n150 g plain flour\n250 ml milk\n3 eggs\n\nWhisk to a batter. Pour ' +
      'into a hot tin and bake at 220 °C for 30 minutes.',
    /pancakes instead/u,
  ],
  [
    'an angel cake',
    'Angel cake\n\n120 g plain flour\n300 g caster sugar\n10 egg whites\n\nWhisk ' +
      'the whites to soft peaks. Add the sugar. Fold in the flour. Bake in a ring ' +
      'tin at 170 °C for 40 minutes.',
    /ring of soured-milk cake/u,
  ],
  [
    'éclairs with their cream',
    'Éclairs\n\nFor the choux\n100 g plain flour\n80 g butter\n200 ml water\n3 ' +
      'eggs\n\nFor the filling\n300 ml double cream\n30 g icing ' +
      'sugar\n\nMethod\nBring the water and butter to the boil, beat in the flour, ' +
      'cool and beat in the eggs. Pipe and bake at 200 °C for 25 minutes.\nFor the ' +
      'filling, whip the cream with the icing sugar. Fill the éclairs.',
    /puff pastry/u,
  ],
  [
    'a wine foam',
    'Zabaglione\n\n4 egg yolks\n60 g caster sugar\n120 ml sweet wine\n\nWhisk the ' +
      'yolks, sugar and wine over simmering water until thick and pale.',
    /wine cream/u,
  ],
]
describe('two helps in one list', () => {
  test.each([
    'Fold in the flour and milk.',
    'Fold in the flour, then stir in the milk.',
    'Stir in the flour and milk, then the vanilla.',
  ])('“%s” keeps every word whole', step => {
    const found = plans(
      'Vanilla sponge\n\n225 g butter\n225 g caster sugar\n4 eggs\n225 g self-raising flour\n' +
        '2 tbsp milk\n1 tsp vanilla extract\n\n' +
        `Cream the butter and sugar until pale. Beat in the eggs. ${step} Bake at 180 °C for 25 minutes.`,
      'egg',
    )
    for (const plan of each(found)) {
      const said = plan.recipe.components.flatMap(c => c.steps).join(' ')
      expect(said).not.toMatch(/,\p{L}|\p{L},,|(?<!ba)king powder/u)
      for (const line of each(linesOf(plan.recipe).filter(l => l.ingredient === 'baking-powder')))
        expect(said).toContain(line.name)
    }
  })
})

describe('refused by method, and the nearest that works offered whole', () => {
  test.each(refusedTexts)('%s', (_, text, title) => {
    const { recipe } = readRecipe(text)
    const people = who('egg', 'milk')
    const found = adapt(recipe, people)
    expect(found.verdict).toBe('not-advised')
    const offer = found.offer!
    expect(offer.recipe.title).toMatch(title)
    expect(checkPeople(offer.recipe, people).people.map(p => p.verdict)).not.toContain('conflict')
    expect(gateFaults(offer.recipe, offer.recipe)).toEqual([])
    const taken = new Set(readMethod(offer.recipe).actions.flatMap(linesTaken))
    for (const line of each(linesOf(offer.recipe)))
      expect([line.text, taken.has(line.id)]).toEqual([line.text, true])
  })
  test('flavour goes into its list, and what fills it once it is baked comes along', () => {
    const { recipe } = readRecipe(
      'Lemon roll\n\n3 eggs\n75 g caster sugar\n75 g plain flour\n1 tsp vanilla extract\n' +
        '200 ml double cream\n4 tbsp raspberry jam\n\n' +
        'Whisk the eggs and sugar with the vanilla until thick. Fold in the flour. Bake in a swiss ' +
        'roll tin at 200 °C for 10 minutes. Whip the cream. Spread the cold sponge with the jam ' +
        'and the cream and roll up.',
    )
    const { recipe: offered } = adapt(recipe, who('egg', 'milk')).offer!
    const said = offered.components.flatMap(c => c.steps).join(' ')
    expect(said).toMatch(/vinegar and vanilla extract/u)
    expect(said).toMatch(/Spread the cold sponge with the jam and the [\p{L} ]*cream and roll up/u)
    // 34 % of the flour [M] the table’s row: the cream’s own fat does not move it.
    const oil = linesOf(offered).find(line => line.ingredient === 'neutral-oil')!
    expect(oil.grams!.best).toBeCloseTo(0.34 * 75, 0)
  })
  test('a filling in the same list moves nothing of the cake', () => {
    const lines =
      '200 g self-raising flour\n200 g butter, softened\n200 g caster sugar\n4 eggs\n2 tbsp milk'
    const steps =
      'Cream the butter and sugar. Beat in the eggs. Fold in the flour with the milk. Bake in two ' +
      '20 cm tins at 180 °C for 25 minutes.'
    const first = (more: string, then: string) =>
      adapt(
        readRecipe(`Victoria sandwich\n\n${lines}${more}\n\nMethod\n${steps}${then}`).recipe,
        who('egg', 'milk'),
      ).plans[0]!
    const cakeOf = (plan: Plan) => plan.recipe.components[0]!.lines.map(line => line.text)
    const plain = first('', '')
    const filled = first(
      '\n150 ml double cream\n6 tbsp raspberry jam\nicing sugar, to dust',
      ' Cool. Whip the cream. Sandwich the cakes with the jam and cream. Dust with icing sugar.',
    )
    expect(cakeOf(filled)).toEqual(cakeOf(plain))
    expect(filled.recipe.components[1]).toMatchObject({ name: 'To finish' })
    expect(filled.recipe.components[1]!.lines.map(line => line.ingredient)).toEqual([
      'plant-whipping-cream',
      'jam',
      'icing-sugar',
    ])
  })
  test('a mousse and a cheesecake that is only stirred are none of these', () => {
    const texts = [
      'Chocolate mousse\n\n200 g dark chocolate\n4 eggs, separated\n40 g ' +
        'sugar\n\nMelt the chocolate. Whisk the whites to soft peaks. Fold together ' +
        'and chill.',
      'Baked cheesecake\n\n600 g cream cheese\n3 eggs\n150 g sugar\n\nBeat ' +
        'everything smooth and bake at 160 °C for 50 minutes.',
    ]
    for (const text of each(texts))
      expect(adapt(readRecipe(text).recipe, who('egg', 'milk')).verdict).toBe('adapted')
  })
})
