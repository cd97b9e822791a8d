import type { Question } from '../leaving/question'
import { school } from '../ways/school'
import { drinks, souredDrinks } from './drinks'

/** What bakers use for butter, milk, cream and cheese. Grams to a gram of what leaves; fat is then matched by weight. [P] */
const soft = ['muffin', 'quick-bread', 'brownie', 'pancake', 'crepe', 'yeast', 'scone', 'cookie', 'bread-pudding', 'sponge']

const drinkSchools = (['milk', 'plant-drink'] as Question[]).flatMap(question =>
  drinks.map(({ ingredient, name, how, rarity, flavour }) =>
    school(question, `${question}-${ingredient}`, name, name, [{ ingredient, perGram: 1, role: 'liquid' }], `milk by a drink that is ${how}, weight for weight`, '[P]', { rarity, flavour }),
  ),
)
const souredSchools = souredDrinks.map(({ ingredient, name, rarity, flavour }) =>
  school(
    'sour-milk',
    `soured-${ingredient}`,
    `soured ${name}`,
    `soured ${name}`,
    [
      { ingredient, perGram: 0.95, role: 'liquid' },
      { ingredient: 'vinegar', perGram: 0.06, role: 'acid' },
    ],
    'the acid is matched, so that it still meets the soda',
    '[P] 1 Tbsp acid a cup',
    { matches: 'acid', rarity, flavour, prepare: `Stir the vinegar into the ${name}. It may curdle or not; both are fine.`, restMinutes: 5 },
  ),
)

export const dairySchools = [
  school(
    'butter',
    'block',
    'block plant butter',
    'plant block',
    [{ ingredient: 'plant-block', perGram: 1.08, role: 'fat' }],
    'firm and creamable; less fat than butter, so a little more of it',
    '[P] 72–80 % fat, 75 taken: put in the figure of your packet',
    { matches: 'fat', differs: 'browns a little less and tastes less of butter' },
  ),
  school(
    'butter',
    'coconut-and-oil',
    'coconut oil with neutral oil',
    'coconut oil mixture',
    [
      { ingredient: 'coconut-oil', perGram: 0.44, role: 'fat' },
      { ingredient: 'neutral-oil', perGram: 0.37, role: 'fat' },
      { ingredient: 'water', perGram: 0.16, role: 'liquid' },
    ],
    '54 : 46 with the missing water is as firm as butter',
    '[M] the engine study',
    {
      matches: 'fat',
      not: ['buttercream', 'whipped-cream'],
      prepare: 'Melt the coconut oil with the neutral oil and chill until it spreads softly.',
      melted: 'Melt the coconut oil with the neutral oil.',
      differs: 'sets harder in the cold',
      rarity: 0.8,
      flavour: 0.3,
    },
  ),
  school(
    'butter',
    'oil-and-water',
    'neutral oil and water',
    'oil and water',
    [
      { ingredient: 'neutral-oil', perGram: 0.81, role: 'fat' },
      { ingredient: 'water', perGram: 0.16, role: 'liquid' },
    ],
    'four fifths of the weight in oil, and the water that butter brought',
    '[P] 80 % by weight plus the missing water',
    { families: soft, matches: 'fat', differs: 'a moister, softer crumb without butter’s taste' },
  ),
  school(
    'butter',
    'rapeseed-and-water',
    'rapeseed oil and water',
    'rapeseed oil and water',
    [
      { ingredient: 'rapeseed-oil', perGram: 0.81, role: 'fat' },
      { ingredient: 'water', perGram: 0.16, role: 'liquid' },
    ],
    'four fifths of the weight in oil, and the water that butter brought',
    '[P] 80 % by weight plus the missing water',
    { families: soft, matches: 'fat', differs: 'a moister, softer crumb without butter’s taste', rarity: 0.1 },
  ),
  school(
    'butter',
    'shortening-and-water',
    'vegetable shortening and water',
    'vegetable shortening and water',
    [
      { ingredient: 'shortening', perGram: 0.81, role: 'fat' },
      { ingredient: 'water', perGram: 0.16, role: 'liquid' },
    ],
    'firm and creamable, all fat; the missing water is added',
    '[P]',
    { matches: 'fat', differs: 'plain in taste, spreads a little more', rarity: 0.7, flavour: 1.2, not: ['yeast', 'whipped-cream'] },
  ),
  school(
    'butter',
    'tub',
    'plant spread from a tub',
    'plant spread',
    [{ ingredient: 'plant-spread', perGram: 1.38, role: 'fat' }],
    'soft and watery: more of it, and less other liquid',
    '[P]; not for creaming',
    { families: ['muffin', 'quick-bread', 'pancake', 'scone', 'brownie'], matches: 'fat', differs: 'softer, a little pasty', rarity: 0.1, flavour: 0.4 },
  ),
  school('hard-fat', 'hard-shortening', 'vegetable shortening', 'vegetable shortening', [{ ingredient: 'shortening', perGram: 1, role: 'fat' }], 'firm fat for firm fat', '[P]', { matches: 'fat' }),
  school('hard-fat', 'hard-block', 'block plant butter', 'plant block', [{ ingredient: 'plant-block', perGram: 1.33, role: 'fat' }], 'firm fat for firm fat; it brings water', '[P]', {
    matches: 'fat',
  }),
  school('hard-fat', 'hard-coconut', 'coconut oil', 'coconut oil', [{ ingredient: 'coconut-oil', perGram: 1, role: 'fat' }], 'firm fat for firm fat', '[P]', {
    matches: 'fat',
    rarity: 0.2,
    flavour: 0.3,
  }),
  school('hard-fat', 'hard-oil', 'neutral oil', 'oil', [{ ingredient: 'rapeseed-oil', perGram: 1, role: 'fat' }], 'fat for fat, but soft', '[P]', {
    matches: 'fat',
    differs: 'softer when cold',
    rarity: 0.3,
  }),
  school('oil', 'oil-rapeseed', 'rapeseed oil', 'oil', [{ ingredient: 'rapeseed-oil', perGram: 1, role: 'fat' }], 'oil for oil', '[P]'),
  school('oil', 'oil-sunflower', 'sunflower oil', 'oil', [{ ingredient: 'sunflower-oil', perGram: 1, role: 'fat' }], 'oil for oil', '[P]'),
  school('oil', 'oil-olive', 'mild olive oil', 'olive oil', [{ ingredient: 'olive-oil', perGram: 1, role: 'fat' }], 'oil for oil', '[P]', { flavour: 0.4 }),

  ...drinkSchools,
  ...souredSchools,
  school('milk', 'milk-water', 'water and a little more fat', 'water', [{ ingredient: 'water', perGram: 0.9, role: 'liquid' }], 'water, with the fat put back', '[P]', {
    flavour: 1.2,
    not: ['pastry-cream', 'egg-custard', 'glaze', 'set-cream', 'mousse', 'caramel', 'other'],
  }),
  school('sour-milk', 'sour-soy-yoghurt', 'soy yoghurt', 'soy yoghurt', [{ ingredient: 'soy-yoghurt', perGram: 1, role: 'liquid' }], 'sour for sour, and as thick', '[P]', {
    rarity: 0.1,
    flavour: 0.1,
  }),
  school('sour-milk', 'sour-coconut-yoghurt', 'coconut yoghurt', 'coconut yoghurt', [{ ingredient: 'coconut-yoghurt', perGram: 1, role: 'liquid' }], 'sour for sour, and as thick', '[P]', {
    rarity: 0.2,
    flavour: 0.5,
  }),
  school('sour-milk', 'sour-oat-yoghurt', 'oat yoghurt', 'oat yoghurt', [{ ingredient: 'oat-yoghurt', perGram: 1, role: 'liquid' }], 'sour for sour, and as thick', '[P]', { rarity: 0.3 }),
  school('plant-sour', 'plant-sour-soy', 'soy yoghurt', 'soy yoghurt', [{ ingredient: 'soy-yoghurt', perGram: 1, role: 'liquid' }], 'yoghurt for yoghurt', '[P]'),
  school('plant-sour', 'plant-sour-coconut', 'coconut yoghurt', 'coconut yoghurt', [{ ingredient: 'coconut-yoghurt', perGram: 1, role: 'liquid' }], 'yoghurt for yoghurt', '[P]', { flavour: 0.4 }),
  school('plant-sour', 'plant-sour-oat', 'oat yoghurt', 'oat yoghurt', [{ ingredient: 'oat-yoghurt', perGram: 1, role: 'liquid' }], 'yoghurt for yoghurt', '[P]'),
  school(
    'plant-sour',
    'plant-sour-apple',
    'apple purée with vinegar',
    'apple purée and vinegar',
    [
      { ingredient: 'apple-puree', perGram: 0.95, role: 'liquid' },
      { ingredient: 'vinegar', perGram: 0.05, role: 'acid' },
    ],
    'moist and sour',
    '[P]',
    { flavour: 0.8 },
  ),

  school('cream', 'whipping', 'plant whipping cream', 'plant whipping cream', [{ ingredient: 'plant-whipping-cream', perGram: 1, role: 'liquid' }], 'whips, and is as rich', '[P]', {
    not: ['glaze', 'ganache', 'pastry-cream', 'egg-custard', 'caramel'],
    differs: 'sweeter and lighter than the original; chill it well before it is whipped',
  }),
  school('cream', 'coconut-cream', 'coconut cream', 'coconut cream', [{ ingredient: 'coconut-cream', perGram: 1, role: 'liquid' }], 'rich, and firm when cold', '[P]', {
    families: ['whipped-cream', 'mousse', 'buttercream', 'other'],
    prepare: 'Chill the tin overnight and whip the firm part.',
    restMinutes: 600,
    differs: 'tastes of coconut',
    flavour: 0.9,
  }),
  school('cream', 'coconut-cream-poured', 'coconut cream', 'coconut cream', [{ ingredient: 'coconut-cream', perGram: 1, role: 'liquid' }], 'rich, and pours when it is warm', '[P]', {
    not: ['whipped-cream', 'mousse', 'buttercream', 'other'],
    differs: 'tastes of coconut',
    flavour: 0.9,
  }),
  school('cream', 'oat-cream', 'oat cream', 'oat cream', [{ ingredient: 'oat-cream', perGram: 1, role: 'liquid' }], 'pours and cooks like single cream; does not whip', '[P]', {
    not: ['whipped-cream', 'mousse', 'buttercream'],
  }),
  school('cream', 'soy-cream', 'soy cream', 'soy cream', [{ ingredient: 'soy-cream', perGram: 1, role: 'liquid' }], 'pours and cooks like single cream; does not whip', '[P]', {
    not: ['whipped-cream', 'mousse', 'buttercream'],
  }),
  school('cream', 'rice-cream', 'rice cream', 'rice cream', [{ ingredient: 'rice-cream', perGram: 1, role: 'liquid' }], 'pours and cooks like single cream; does not whip', '[P]', {
    not: ['whipped-cream', 'mousse', 'buttercream'],
    rarity: 0.6,
  }),
  school('plant-cream', 'plant-cream-oat', 'oat cream', 'oat cream', [{ ingredient: 'oat-cream', perGram: 1, role: 'liquid' }], 'cream for cream', '[P]', { not: ['whipped-cream'] }),
  school('plant-cream', 'plant-cream-soy', 'soy cream', 'soy cream', [{ ingredient: 'soy-cream', perGram: 1, role: 'liquid' }], 'cream for cream', '[P]', { not: ['whipped-cream'] }),
  school(
    'plant-cream',
    'plant-cream-whipping',
    'plant whipping cream',
    'plant whipping cream',
    [{ ingredient: 'plant-whipping-cream', perGram: 1, role: 'liquid' }],
    'cream for cream, and it whips',
    '[P]',
    { rarity: 0.2 },
  ),
  school('plant-cream', 'plant-cream-rice', 'rice cream', 'rice cream', [{ ingredient: 'rice-cream', perGram: 1, role: 'liquid' }], 'cream for cream', '[P]', { not: ['whipped-cream'], rarity: 0.6 }),
  school(
    'plant-cream',
    'plant-cream-coconut',
    'coconut cream',
    'coconut cream',
    [{ ingredient: 'coconut-cream', perGram: 0.85, role: 'liquid' }],
    'cream for cream, chilled when it is to be whipped',
    '[P]',
    { flavour: 0.5 },
  ),

  school('fresh-cheese', 'plant-cream-cheese', 'plant cream cheese', 'plant cream cheese', [{ ingredient: 'plant-cream-cheese', perGram: 1 }], 'as firm and as sour', '[P]', {
    differs: 'a little less tangy',
  }),
  school('fresh-cheese', 'plant-quark', 'plant quark', 'plant quark', [{ ingredient: 'plant-quark', perGram: 1 }], 'as lean and as sour', '[P]', {
    standsFor: ['quark', 'ricotta', 'cottage-cheese'],
    differs: 'a little softer',
    rarity: 0.2,
  }),
  school(
    'fresh-cheese',
    'drained-soy-lean',
    'drained soy yoghurt',
    'drained yoghurt',
    [{ ingredient: 'soy-yoghurt', perGram: 1.5 }],
    'yoghurt loses a third of its weight overnight, and is as lean as what it stands for',
    '[P]',
    {
      standsFor: ['quark', 'ricotta', 'cottage-cheese'],
      prepare: 'Hang the yoghurt in a cloth in the fridge for 6 hours; it loses about a third of its weight.',
      differs: 'tangier and smoother',
      rarity: 0.3,
    },
  ),
  school(
    'fresh-cheese',
    'crumbled-tofu',
    'firm tofu crumbled with lemon juice',
    'crumbled tofu',
    [
      { ingredient: 'firm-tofu', perGram: 0.95 },
      { ingredient: 'lemon-juice', perGram: 0.04, role: 'acid' },
    ],
    'as grainy and as lean',
    '[P]',
    {
      standsFor: ['ricotta', 'cottage-cheese'],
      prepare: 'Crumble the tofu with the lemon juice and a pinch of salt.',
      differs: 'firmer grains, a little beany unless it is flavoured',
      rarity: 0.4,
      flavour: 0.4,
    },
  ),
  school(
    'fresh-cheese',
    'drained-soy',
    'drained soy yoghurt with coconut oil',
    'drained yoghurt',
    [
      { ingredient: 'soy-yoghurt', perGram: 1.5 },
      { ingredient: 'coconut-oil', perGram: 0.28, role: 'fat' },
    ],
    'yoghurt loses half its weight overnight; coconut oil sets it cold',
    '[P] 400 → 200 g',
    {
      prepare: 'Hang the yoghurt in a cloth in the fridge for 10 hours; it loses about half its weight. Blend with the melted coconut oil and chill.',
      differs: 'tangier, sets only when cold',
      rarity: 0.5,
    },
  ),
  school(
    'fresh-cheese',
    'drained-coconut',
    'drained coconut yoghurt',
    'drained yoghurt',
    [
      { ingredient: 'coconut-yoghurt', perGram: 1.5 },
      { ingredient: 'coconut-oil', perGram: 0.16, role: 'fat' },
    ],
    'yoghurt loses half its weight overnight; coconut oil sets it cold',
    '[P] 400 → 200 g',
    {
      prepare: 'Hang the yoghurt in a cloth in the fridge for 10 hours; it loses about half its weight. Blend with the melted coconut oil and chill.',
      differs: 'tastes of coconut, sets only when cold',
      rarity: 0.5,
      flavour: 0.8,
    },
  ),
  school('condensed-milk', 'plant-condensed', 'sweetened condensed coconut milk', 'condensed coconut milk', [{ ingredient: 'plant-condensed', perGram: 1 }], 'as thick and as sweet', '[P]', {
    differs: 'tastes of coconut',
    rarity: 0.6,
    flavour: 0.6,
  }),
  school(
    'condensed-milk',
    'condensed-oat',
    'oat cream boiled down with sugar',
    'sweetened oat cream',
    [
      { ingredient: 'oat-cream', perGram: 0.9 },
      { ingredient: 'sugar', perGram: 0.5 },
    ],
    'boiled until it weighs what the tin did',
    '[P]',
    { prepare: 'Simmer the oat cream with the sugar, stirring, until it weighs what the condensed milk did.', restMinutes: 40, rarity: 0.3, flavour: 0.3 },
  ),
  school(
    'condensed-milk',
    'condensed-soy',
    'soy cream boiled down with sugar',
    'sweetened soy cream',
    [
      { ingredient: 'soy-cream', perGram: 0.9 },
      { ingredient: 'sugar', perGram: 0.5 },
    ],
    'boiled until it weighs what the tin did',
    '[P]',
    { prepare: 'Simmer the soy cream with the sugar, stirring, until it weighs what the condensed milk did.', restMinutes: 40, rarity: 0.4, flavour: 0.4 },
  ),
  school(
    'condensed-milk',
    'condensed-rice',
    'rice cream boiled down with sugar',
    'sweetened rice cream',
    [
      { ingredient: 'rice-cream', perGram: 0.9 },
      { ingredient: 'sugar', perGram: 0.48 },
    ],
    'boiled until it weighs what the tin did',
    '[P]',
    { prepare: 'Simmer the rice cream with the sugar, stirring, until it weighs what the condensed milk did.', restMinutes: 40, rarity: 0.8, flavour: 0.4 },
  ),
  school(
    'milk-powder',
    'powder-soy',
    'soy flour and sugar',
    'soy flour and sugar',
    [
      { ingredient: 'soy-flour', perGram: 0.6 },
      { ingredient: 'sugar', perGram: 0.2 },
    ],
    'protein and a little sugar, as the powder brought',
    '[P]',
    { flavour: 0.4, rarity: 0.5 },
  ),
  school(
    'milk-powder',
    'powder-sugar',
    'a little sugar and starch',
    'sugar and starch',
    [
      { ingredient: 'sugar', perGram: 0.4 },
      { ingredient: 'tapioca-starch', perGram: 0.4 },
    ],
    'bulk and sweetness; the milk taste is gone',
    '[P]',
    { flavour: 0.6 },
  ),
  school('cheese', 'plant-cheese', 'plant cheese', 'plant cheese', [{ ingredient: 'plant-cheese', perGram: 1 }], 'as salty and as firm', '[P]', { rarity: 0.4, flavour: 0.5 }),
]
