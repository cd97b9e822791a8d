import type { Kind } from '../../pantry'

/**
 * A dessert that stands in, whole, for one which must not be adapted. Amounts are per cent of the part's own `base`: the grams of
 * the first of these kinds that it has, at least `least`. A line with `own` is the original's line of that kind where it may stay,
 * with its amount within `within`. Of several ingredients the first that everyone may eat is taken. In the steps {n} is the n-th
 * line's name, and " and {flavour}" is where what flavours the original goes in. The first row of a family that finds its base counts. [M] professional baking from memory; [P] common practice.
 */
export interface RedirectRow {
  readonly family: string
  readonly title: string
  readonly because: string
  readonly differs: string
  readonly base: readonly Kind[]
  readonly least?: number
  readonly lines: readonly RedirectLine[]
  readonly steps: readonly string[]
  readonly confidence: 'close' | 'works, noticeably different' | 'experimental'
  readonly source: string
}
interface RedirectLine {
  readonly of: readonly string[]
  readonly percent: number
  readonly own?: 'flour' | 'sugar' | 'chocolate' | 'wine'
  readonly within?: readonly [number, number]
}

const oils = ['neutral-oil', 'rapeseed-oil', 'sunflower-oil', 'olive-oil']
const drinks = ['oat-drink', 'soy-drink', 'rice-drink', 'pea-drink', 'almond-drink', 'coconut-drink', 'water']
const acids = ['vinegar', 'lemon-juice']
const firm = ['plant-block', 'shortening', 'coconut-oil']
const starches = ['maize-starch', 'potato-starch', 'tapioca-starch']
const flour: RedirectLine = { of: ['plain-flour', 'gf-blend-gum'], percent: 100, own: 'flour' }
const sugar = (percent: number, within: readonly [number, number]): RedirectLine => ({ of: ['sugar'], percent, own: 'sugar', within })
const flours: readonly Kind[] = ['flour', 'gluten-free-flour', 'flour-mix', 'starch']

export const redirectRows: readonly RedirectRow[] = [
  {
    family: 'sponge',
    title: 'A thin oil cake instead',
    because: 'No foam has to carry this one: powder, soda and a little acid lift a thin oil batter, and it rolls and layers while it is warm.',
    differs: 'a soft oil crumb instead of a dry, springy sponge',
    base: flours,
    lines: [
      flour,
      sugar(75, [60, 90]),
      { of: oils, percent: 34 },
      { of: drinks, percent: 105 },
      { of: acids, percent: 6 },
      { of: ['baking-powder'], percent: 4 },
      { of: ['baking-soda'], percent: 0.8 },
    ],
    steps: [
      'Heat the oven to 180 °C and line the tin that the sponge was meant for.',
      'Whisk the {1}, {2}, {6} and {7}.',
      'Whisk the {3}, {4} and {5} and {flavour}, pour them on to the dry things and mix only until no dry flour is left.',
      'Spread it 1 cm deep and bake for 12–15 minutes, until it springs back.',
      'Roll it up or cut it while it is warm; then leave it to cool.',
    ],
    confidence: 'works, noticeably different',
    source: '[M] an egg-free oil cake in baker’s per cent',
  },
  {
    family: 'angel',
    title: 'A light ring of soured-milk cake instead',
    because: 'No white has to carry it: soured drink, powder and a little soda lift a pale, tender crumb that bakes in the same ring.',
    differs: 'a moist, tender crumb instead of a springy, dry one',
    base: flours,
    least: 150,
    lines: [
      flour,
      sugar(90, [70, 100]),
      { of: starches, percent: 10 },
      { of: oils, percent: 36 },
      { of: drinks, percent: 112 },
      { of: acids, percent: 7 },
      { of: ['baking-powder'], percent: 4 },
      { of: ['baking-soda'], percent: 0.8 },
    ],
    steps: [
      'Heat the oven to 170 °C; grease and flour a ring tin.',
      'Stir the {6} into the {5} and leave it for 5 minutes.',
      'Whisk the {1}, {2}, {3}, {7} and {8}.',
      'Pour the {5} and the {4} and {flavour} on to the dry things and mix only until no dry flour is left.',
      'Pour into the tin and bake for 35–40 minutes, until a skewer comes out clean.',
      'Leave it in the tin for 10 minutes, then turn it out and let it cool.',
    ],
    confidence: 'works, noticeably different',
    source: '[P] a soured-milk cake in baker’s per cent',
  },
  {
    family: 'popover',
    title: 'Oven pancakes instead',
    because: 'Powder lifts what steam in an egg skin would: they puff in the hot tin, and are soft inside.',
    differs: 'soft and thick like a pancake, without the hollow',
    base: flours,
    least: 100,
    lines: [
      flour,
      { of: starches, percent: 12 },
      { of: drinks, percent: 150 },
      { of: acids, percent: 6 },
      { of: oils, percent: 14 },
      { of: ['baking-powder'], percent: 5 },
      { of: ['salt'], percent: 1.2 },
    ],
    steps: [
      'Heat the oven to 220 °C with a muffin tin or an ovenproof pan in it.',
      'Stir the {4} into the {3} and leave it for 5 minutes.',
      'Whisk the {1}, {2}, {6} and {7}. Whisk in the {3} until smooth and leave it for 10 minutes.',
      'Put a little of the {5} into the hot tin, pour in the batter and bake for 18–22 minutes, until golden.',
      'Serve at once.',
    ],
    confidence: 'works, noticeably different',
    source: '[P] thick pancake batter, baked',
  },
  {
    family: 'choux',
    title: 'Puffs of puff pastry instead',
    because: 'Layers of fat and steam lift puff pastry without egg: it splits and fills as a puff does.',
    differs: 'crisp, flaky layers instead of a soft shell',
    base: flours,
    least: 100,
    lines: [
      { of: ['puff-pastry', 'gf-pastry'], percent: 260 },
      { of: drinks, percent: 12 },
    ],
    steps: [
      'Heat the oven to 200 °C and line a tray with paper.',
      'Cut the {1} into 5 cm rounds, lay them on the tray and brush them with the {2}.',
      'Bake for 15–18 minutes, until well risen and golden, and leave them to cool on a rack.',
      'Split each one with a sharp knife and fill it.',
    ],
    confidence: 'works, noticeably different',
    source: '[P] bought puff pastry without butter; its packet says what is in it',
  },
  {
    family: 'souffle',
    title: 'Warm chocolate puddings instead',
    because: 'No foam of egg has to rise: they are soft in the middle because they come out early.',
    differs: 'a soft, melting pudding instead of a risen foam',
    base: ['chocolate', 'plant-chocolate'],
    least: 100,
    lines: [
      { of: ['plant-chocolate', 'dark-chocolate'], percent: 100, own: 'chocolate' },
      { of: firm, percent: 45 },
      sugar(50, [30, 60]),
      { of: drinks, percent: 65 },
      { of: ['plain-flour', 'gf-blend-gum'], percent: 42, own: 'flour', within: [38, 46] },
      { of: ['baking-powder'], percent: 2.5 },
    ],
    steps: [
      'Heat the oven to 190 °C and grease 4 ramekins.',
      'Melt the {1} and the {2} together; stir in the {3} and then the {4}, warm.',
      'Stir in the {5} and {6} and {flavour} until smooth and spoon into the ramekins.',
      'Bake for 11–13 minutes: the top is set and the middle still soft. Serve warm.',
    ],
    confidence: 'works, noticeably different',
    source: '[P] a chocolate pudding without egg',
  },
  {
    family: 'souffle',
    title: 'Light oven puddings instead',
    because: 'Soured drink and powder lift a soft batter that is eaten from the dish, as a soufflé is.',
    differs: 'a soft, light pudding that does not tower',
    base: [...flours, 'milk', 'cream'],
    least: 100,
    lines: [
      { of: ['plain-flour', 'gf-blend-gum'], percent: 100 },
      sugar(55, [40, 80]),
      { of: drinks, percent: 115 },
      { of: acids, percent: 6 },
      { of: oils, percent: 28 },
      { of: ['baking-powder'], percent: 5 },
    ],
    steps: [
      'Heat the oven to 190 °C and grease 4 ramekins.',
      'Stir the {4} into the {3} and leave it for 5 minutes.',
      'Whisk the {1}, {2} and {6}; whisk in the {3} and the {5} and {flavour} until smooth and pour into the ramekins.',
      'Bake for 18–20 minutes, until risen and golden. Serve at once.',
    ],
    confidence: 'works, noticeably different',
    source: '[P] a soured-milk batter, baked in dishes',
  },
  {
    family: 'whipped-cake',
    title: 'A dense chocolate torte instead',
    because: 'Here the whipped eggs were all that lifted and set it. A torte with ground almonds or a little flour is set by starch and chocolate, and eaten cold.',
    differs: 'dense and fudgy instead of light and cracked',
    base: ['chocolate', 'plant-chocolate'],
    least: 100,
    lines: [
      { of: ['plant-chocolate', 'dark-chocolate'], percent: 100, own: 'chocolate' },
      { of: firm, percent: 50 },
      sugar(70, [50, 90]),
      { of: drinks, percent: 60 },
      { of: ['ground-almonds', 'ground-sunflower'], percent: 50 },
      { of: starches, percent: 14 },
      { of: ['baking-powder'], percent: 2 },
    ],
    steps: [
      'Heat the oven to 170 °C and line the tin.',
      'Melt the {1} and the {2} together; stir in the {3} and the {4}.',
      'Whisk the {5}, {6} and {7} and {flavour}, stir them in and pour into the tin.',
      'Bake for 28–32 minutes: the edge is set and the middle still trembles.',
      'Leave it to cool in the tin, then chill for 4 hours before cutting.',
    ],
    confidence: 'works, noticeably different',
    source: '[P] a chocolate torte without egg',
  },
  {
    family: 'whipped-cake',
    title: 'A creamy baked cheesecake instead',
    because: 'Starch sets it as it bakes and cools; no foam has to lift it.',
    differs: 'dense and creamy instead of a trembling foam',
    base: ['fresh-cheese', 'plant-cheese'],
    least: 150,
    lines: [
      { of: ['plant-cream-cheese'], percent: 100 },
      { of: ['soy-yoghurt', 'oat-yoghurt', 'coconut-yoghurt'], percent: 45 },
      sugar(32, [24, 45]),
      { of: starches, percent: 9 },
      { of: ['lemon-juice'], percent: 5 },
    ],
    steps: [
      'Heat the oven to 160 °C and line the tin.',
      'Whisk the {1} and {2} until smooth, then whisk in the {3}, {4} and {5} and {flavour}.',
      'Pour into the tin and bake for 45–50 minutes: the edge is set and the middle still trembles.',
      'Leave it in the oven, turned off, for 30 minutes, then chill for 6 hours.',
    ],
    confidence: 'works, noticeably different',
    source: '[P] a baked cheesecake set with starch, 5–7 % of it',
  },
  {
    family: 'zabaglione',
    title: 'A wine cream instead',
    because: 'Starch thickens the wine, and whipped plant cream makes it light.',
    differs: 'a light cream instead of a warm foam; it is eaten cold',
    base: ['alcohol', 'juice'],
    least: 100,
    lines: [{ of: ['wine', 'apple-juice'], percent: 100, own: 'wine' }, { of: starches, percent: 7 }, sugar(35, [25, 60]), { of: ['plant-whipping-cream', 'coconut-cream'], percent: 100 }],
    steps: [
      'Whisk the {2} and the {3} into the {1} in a small pan.',
      'Stir over a medium heat until it bubbles and thickens, boil for 1 minute, and leave it to cool, covered.',
      'Whip the {4} to soft peaks and fold it into the cold cream. Spoon into glasses and chill for 1 hour.',
    ],
    confidence: 'works, noticeably different',
    source: '[P] a wine cream set with starch',
  },
]
