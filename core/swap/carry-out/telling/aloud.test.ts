import { describe, expect, test } from '@jest/globals'
import { adapt, readRecipe } from '#core'
import type { Person } from '#core/people'
import { each } from '../../../../tests/each'

const who = (avoid: string): Person[] => [
  {
    id: 'p',
    name: 'Ada',
    avoids: avoid.split(' ').map(allergen => ({ allergen, strictness: 'choice' as const })),
    diets: [],
  },
]
const plansOf = (lines: string, method: string, avoid: string, title = 'Plain cake') =>
  adapt(readRecipe(`${title}\n\n${lines}\n\nMethod\n${method}`).recipe, who(avoid)).plans
const steps = (plan: ReturnType<typeof plansOf>[number]) =>
  plan.recipe.components.flatMap(c => c.steps).join('\n')
const listed = (plan: ReturnType<typeof plansOf>[number]) =>
  plan.recipe.components.flatMap(c => c.lines.map(line => line.text)).join('\n')

const cake =
  '200 g self-raising flour\n200 g butter\n200 g caster sugar\n4 eggs\n1 tsp baking powder'
const mix = 'Cream the butter and sugar. Beat in the eggs. Fold in the flour and baking powder.'
const custard = '500 ml milk\n5 egg yolks\n80 g caster sugar\n1 tsp vanilla extract'
const tart =
  'For the pastry\n200 g plain flour\n100 g butter\n30 ml water\n\nFor the filling\n' +
  '300 ml double cream\n5 eggs\n120 g caster sugar\n3 lemons, juice'
const case_ =
  'Rub the butter into the flour and bind with the water. Roll out and line a 23 cm tart tin.\n' +
  'Heat the oven to 190 °C, line the case with paper and beans and bake blind for 20 minutes.\n'

/** What a baker would stumble over when a plan is read aloud; each row is a class, with siblings. */
const rows: readonly (readonly [
  what: string,
  recipe: readonly [lines: string, method: string, avoid: string, title?: string],
  says: RegExp | ((said: string) => RegExp),
  never: RegExp,
])[] = [
  [
    'what is told of the crumb stands with its cooling, and not behind the icing',
    [cake, `${mix} Bake for 30 minutes at 180 °C.\nCool on a rack. Dust with sugar.`, 'egg'],
    /Cool on a rack\. Leave it for 30–45 minutes[^.]*\. Dust/u,
    /Dust with sugar\. Leave/u,
  ],
  [
    'a custard goes into the case that was baked for it',
    [
      tart,
      `${case_}Lower the oven to 150 °C. Whisk the eggs, sugar, cream and lemon juice.\n` +
        'Pour into the case and bake for 30 minutes until just set.',
      'egg',
      'Lemon tart',
    ],
    /bake blind for 20 minutes[\s\S]*pour into the case/u,
    /into dishes|Lower the oven/u,
  ],
  [
    'a custard goes into the dishes of the recipe, and not into their bath',
    [
      custard,
      'Heat the oven to 150 °C. Warm the milk and whisk it into the yolks, sugar and vanilla.\n' +
        'Pour into six ramekins. Stand them in a roasting tin of hot water and bake for 40 minutes.',
      'egg',
      'Baked custard',
    ],
    /pour into six ramekins/iu,
    /roasting tin|hot water/u,
  ],
  [
    'a splash stays a splash',
    [
      '150 g plain flour\n2 eggs\n300 ml milk\n1 tbsp sunflower oil',
      'Whisk the flour, eggs and a splash of the milk, then whisk in the rest of the milk and the ' +
        'oil. Fry for 1 minute each side.',
      'milk',
      'Pancakes',
    ],
    /a splash of the (?:\w+ drink|water)/u,
    /\d g of the/u,
  ],
  [
    'a list of looks goes as a whole where nothing foams, and stays where it does',
    [
      '200 g dark chocolate\n180 g butter\n3 eggs\n275 g caster sugar\n85 g plain flour',
      'Melt the butter and chocolate. Whisk the eggs and sugar until thick, pale and doubled in ' +
        'volume. Fold in the chocolate, then the flour. Bake at 180 °C for 25 minutes.',
      'egg',
      'Brownies',
    ],
    said =>
      /aquafaba/u.test(said)
        ? /Whisk the aquafaba and sugar until thick, pale and doubled in volume\./u
        : /until smooth \(it will not turn to foam\)\./u,
    /foam\), (?:pale|doubled)|until smooth[^.]*doubled/u,
  ],
  [
    'what does not turn to foam is folded in in the same sentence',
    [
      '250 g plain flour\n2 tsp baking powder\n1 tbsp sugar\n2 eggs, separated\n400 ml milk\n' +
        '100 g butter, melted',
      'Mix the flour, baking powder and sugar. Whisk in the yolks, milk and butter.\n' +
        'Beat the egg whites to soft peaks and fold in. Cook in a hot waffle iron for 5 minutes.',
      'egg',
      'Waffles',
    ],
    /fold in/u,
    /foam and fold/u,
  ],
  [
    'bread is spread, and no grease is put on it as on a tin',
    [
      '8 slices white bread\n50 g butter, softened\n3 eggs\n350 ml milk\n50 g caster sugar',
      'Butter the bread and cut into triangles. Lay in a dish. Whisk the eggs, milk and sugar and ' +
        'pour over. Bake at 180 °C for 35 minutes.',
      'milk',
      'Bread and butter pudding',
    ],
    /Spread (?:the )?(?:plant block|[\w ]+) on the bread/u,
    /[Gg]rease \(with [\w ]+\) the bread/u,
  ],
  [
    'a knob of oil is drizzled',
    [
      '100 g pudding rice\n50 g sugar\n700 ml milk\n20 g butter',
      'Put the rice and sugar in a dish and pour over the milk. Dot with the butter. Bake at ' +
        '150 °C for 2 hours.',
      'milk',
      'Rice pudding',
    ],
    /Drizzle with the oil|Dot with the (?!oil)/u,
    /[Dd]ot with the oil|oil and water/u,
  ],
  [
    'flour that berries are tossed in is no batter',
    [
      '250 g plain flour\n2 tsp baking powder\n150 g sugar\n1 egg\n240 ml milk\n80 ml oil\n' +
        '150 g blueberries',
      'Whisk the flour, baking powder and sugar. Beat the egg, milk and oil, pour in and stir.\n' +
        'Toss the blueberries in a little flour and fold them through.\nBake at 190 °C for 20 minutes.',
      'wheat',
      'Blueberry muffins',
    ],
    /stir\. Beat the batter smooth/u,
    /through\. Beat the batter/u,
  ],
  [
    'hands are wet where it is shaped',
    [
      '500 g strong white flour\n7 g instant yeast\n30 g sugar\n10 g salt\n320 ml water\n30 g oil',
      'Mix everything and knead for 10 minutes. Leave to rise for 1 hour.\nShape into 12 rolls and ' +
        'prove for 40 minutes.\nBrush with water and bake at 200 °C for 18 minutes.',
      'wheat',
      'Soft rolls',
    ],
    /wet hands[^\n]*Shape into 12 rolls/u,
    /wet hands[^\n]*Brush/u,
  ],
]

describe('a plan that is read aloud sounds as if a baker had written it', () => {
  test.each(rows)('%s', (_, [lines, method, avoid, title], says, never) => {
    const plans = plansOf(lines, method, avoid, title)
    for (const plan of each(plans)) {
      expect(steps(plan)).toMatch(typeof says === 'function' ? says(steps(plan)) : says)
      expect(steps(plan)).not.toMatch(never)
    }
  })
  test('what was beaten to glaze is an egg’s word, and what comes for it has an article', () => {
    const scones = '350 g self-raising flour\n85 g butter\n175 ml milk\n1 egg, beaten, to glaze'
    const method =
      'Rub the butter into the flour and stir in the milk. Brush with beaten egg and bake at ' +
      '220 °C for 12 minutes.'
    for (const plan of each(plansOf(scones, method, 'egg', 'Scones'))) {
      expect(listed(plan)).not.toMatch(/beaten/u)
      expect(steps(plan)).not.toMatch(/[Bb]rush with (?:wash|gel|slurry|mixture)\b/u)
    }
  })
  test('what is listed already is put up, and not listed a second time', () => {
    const lines =
      '150 g plain flour\n2 eggs\n300 ml milk\n2 tbsp sunflower oil\n1 tsp baking powder'
    const method = 'Whisk everything. Fry for 1 minute each side.'
    for (const plan of each(plansOf(lines, method, 'egg milk', 'Pancakes'))) {
      const oils = plan.recipe.components[0]!.lines.filter(l => l.ingredient === 'sunflower-oil')
      expect(oils).toHaveLength(1)
    }
  })
  test('no oil comes to a foam of aquafaba, and none is beaten of sugar alone', () => {
    const lines = '3 eggs, separated\n80 g caster sugar\n500 g mascarpone\n200 g sponge fingers'
    const method =
      'Beat the egg yolks and sugar until thick and pale. Beat in the mascarpone.\n' +
      'Whisk the egg whites to stiff peaks and fold in.\nLayer with the sponge fingers and chill.'
    for (const plan of each(plansOf(lines, method, 'egg milk', 'Tiramisu'))) {
      expect(steps(plan)).not.toMatch(/Whisk [^.]*\boil\b[^.]*peaks/u)
      expect(steps(plan)).not.toMatch(/Beat the sugar until/u)
    }
  })
})
