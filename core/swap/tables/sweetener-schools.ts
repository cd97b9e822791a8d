import { school } from '../ways/school'

/**
 * Another sweetener for the sugar, when somebody wishes it. Grams to a gram of sugar; the water that comes with a syrup or a paste
 * is taken out of the liquids by the solver. `perFactor`: by the product's own factor alone. [P] unless said.
 */
const crumb = ['creamed', 'muffin', 'quick-bread', 'cookie', 'brownie', 'pancake', 'scone', 'yeast', 'bread-pudding', 'no-bake', 'other']
export const sweetenerSchools = [
  school(
    'sweetener',
    'syrup-for-sugar',
    'maple syrup',
    'maple syrup',
    [{ ingredient: 'maple-syrup', perGram: 1.35 }],
    'as sweet; the water it brings is taken out of the liquids',
    '[P] syrups, and take out the water',
    { onlyAsked: true, standsFor: ['kind:sugar'], families: [...crumb, 'cheesecake', 'ice-cream'], differs: 'moister and browner; it keeps longer', flavour: 0.2 },
  ),
  school(
    'sweetener',
    'date-sugar-for-sugar',
    'date sugar',
    'date sugar',
    [{ ingredient: 'date-sugar', perGram: 1 }],
    'dried dates ground fine: it sweetens and brings fibre, but does not melt',
    '[P] ⅔ cup date sugar ↔ ½ cup date paste',
    { onlyAsked: true, standsFor: ['kind:sugar'], families: crumb, differs: 'brown flecks; denser, and it dries the crumb', rarity: 0.6, flavour: 0.4 },
  ),
  school(
    'sweetener',
    'date-paste-for-sugar',
    'date paste',
    'date paste',
    [{ ingredient: 'date-paste', perGram: 1.5 }],
    'soaked dates blended smooth; their water is taken out of the liquids',
    '[P] ⅔ cup date sugar ↔ ½ cup date paste',
    {
      onlyAsked: true,
      standsFor: ['kind:sugar'],
      families: crumb,
      prepare: 'Soak the dates, drain them and blend them to a smooth paste.',
      differs: 'dark, moist and fudgy; it spreads less',
      rarity: 0.3,
      flavour: 0.5,
    },
  ),
  school('sweetener', 'erythritol-for-sugar', 'erythritol', 'erythritol', [{ ingredient: 'erythritol', perGram: 1.2 }], 'fills like sugar and is two thirds as sweet', '[M] sweetness about 0.65', {
    onlyAsked: true,
    standsFor: ['kind:sugar'],
    differs: 'cool on the tongue, paler, and it turns gritty when cold; laxative above some 20–30 g a person',
    rarity: 0.8,
    flavour: 0.8,
    not: ['meringue', 'macaron', 'caramel', 'marshmallow', 'yeast'],
  }),
  school(
    'sweetener',
    'high-with-inulin',
    'a high-intensity sweetener with inulin',
    'sweetener and inulin',
    [
      { ingredient: 'high-sweetener', perGram: 1, perFactor: true },
      { ingredient: 'inulin', perGram: 0.75 },
    ],
    'sweetened by the product’s own factor; inulin fills what the sugar filled',
    '[P] only by the product’s factor',
    {
      onlyAsked: true,
      standsFor: ['kind:sugar'],
      families: [...crumb, 'cheesecake', 'ice-cream', 'pastry-cream', 'egg-custard'],
      differs: 'paler, and it browns late; much inulin blows up the belly',
      rarity: 1,
      flavour: 0.8,
    },
  ),
  school(
    'sweetener',
    'high-with-apple',
    'a high-intensity sweetener with apple purée',
    'sweetener and apple purée',
    [
      { ingredient: 'high-sweetener', perGram: 1, perFactor: true },
      { ingredient: 'apple-puree', perGram: 0.6 },
    ],
    'sweetened by the product’s own factor; purée fills some of what the sugar filled',
    '[P] only by the product’s factor',
    { onlyAsked: true, standsFor: ['kind:sugar'], families: crumb, differs: 'moister and closer, paler', rarity: 0.6, flavour: 0.6 },
  ),
]

/** What stands where fat was, when a baker wishes none: it moistens, and is weighed with its own water and sugar. Half the fat's weight is common practice. [P] */
const fatless = ['creamed', 'muffin', 'quick-bread', 'brownie', 'cookie', 'scone', 'pancake', 'yeast', 'bread-pudding']
const lean = (id: string, ingredient: string, name: string, extras: { readonly rarity?: number; readonly flavour?: number } = {}) =>
  school('fat', id, name, name, [{ ingredient, perGram: 0.5, role: 'liquid' }], 'moistens where the fat was; without fat the crumb is tighter', '[P] half the weight of the fat', {
    families: fatless,
    differs: 'leaner, closer and chewier; best on the day',
    ...extras,
  })
export const fatlessSchools = [
  lean('apple-for-fat', 'apple-puree', 'apple purée'),
  lean('pumpkin-for-fat', 'pumpkin-puree', 'pumpkin purée', { rarity: 0.3, flavour: 0.2 }),
  lean('soy-yoghurt-for-fat', 'soy-yoghurt', 'soy yoghurt', { rarity: 0.1 }),
  lean('oat-yoghurt-for-fat', 'oat-yoghurt', 'oat yoghurt', { rarity: 0.3 }),
  lean('coconut-yoghurt-for-fat', 'coconut-yoghurt', 'coconut yoghurt', { rarity: 0.2, flavour: 0.5 }),
]
