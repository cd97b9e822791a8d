import { each } from '../../tests/each'
import { describe, expect, test } from '@jest/globals'
import { linesOf } from './recipe'
import { readRecipe } from './source/page'

/**
 * Whole recipes of our own invention, in many hands: title, region, lines by part as "ingredient
 * grams" (grams rounded, ? when no weight is known), steps by part, and the codes of the findings
 * that a careful reader would raise.
 */
interface Hand {
  readonly text: string
  readonly title: string
  readonly region: string
  readonly parts: Readonly<Record<string, readonly string[]>>
  readonly steps: number
  readonly findings: readonly string[]
}

const hands: readonly Hand[] = [
  {
    // A British card, imperial beside metric, gas marks.
    text: `Quince and oat slices

225g/8oz wholemeal flour
115g/4oz porridge oats
170g/6oz butter, melted
3 rounded tbsp golden syrup
½ level tsp bicarb
For the filling
2 medlars

1. Set the oven to gas mark 5.
2. Mix the dry things, pour over the butter and syrup.
3. Bake for 25-30 mins.`,
    title: 'Quince and oat slices',
    region: 'uk',
    parts: {
      '': [
        'wholemeal-flour 225',
        'oat-flakes 115',
        'butter 170',
        'golden-syrup 83',
        'baking-soda 2',
      ],
      'filling': ['? ?'],
    },
    steps: 3,
    findings: ['unknown-ingredient'],
  },
  {
    // An American index card: capitals, dots after abbreviations, "c." and "T.".
    text: `MOLASSES PUDDING CAKE
Serves 6
1 c. all-purpose flour
1/2 c. molasses
1/4 c. butter
2 T. brown sugar, packed
1 tsp. ground ginger
1/2 tsp. baking soda
3/4 c. hot water
Heat oven to 350 degrees F. Mix all but the water. Pour hot water over. Bake 35 min.`,
    title: 'MOLASSES PUDDING CAKE',
    region: 'us',
    parts: {
      '': [
        'plain-flour 120',
        'treacle 160',
        'butter 57',
        'light-brown-sugar 27',
        'ground-ginger 2',
        'baking-soda 2',
        'water 177',
      ],
    },
    steps: 1,
    findings: [],
  },
  {
    // A continental hand: dl, decimal commas, amounts behind the names.
    text: `Kardemomkaka på vårt vis
Mjölk

Ingredients
sugar: 2 dl
butter – 100 g
milk, 1,5 dl
wheat flour 3 dl
2 tsk kardemumma
baking powder 2 tsp

Method
Whisk, fold and bake at 175° for 40 minutes.`,
    title: 'Kardemomkaka på vårt vis',
    region: 'metric',
    parts: {
      '': ['sugar 169', 'butter 100', 'milk 153', 'plain-flour 153', '? ?', 'baking-powder 9'],
    },
    steps: 1,
    findings: ['left-over', 'oven-scale', 'unknown-ingredient'],
  },
  {
    // An Australian: the 20 ml spoon, words of the place.
    text: `Nan's wattle biscuits
Makes 30
1 cup self-raising flour
1 cup desiccated coconut
2 tablespoons golden syrup
125 g butter
1/2 cup caster sugar
1 teaspoon bicarb soda
METHOD
Melt and mix. Roll into balls. Bake at 160C for 12 minutes.`,
    title: "Nan's wattle biscuits",
    region: 'au',
    parts: {
      '': [
        'self-raising-flour 127',
        'desiccated-coconut 85',
        'golden-syrup 57',
        'butter 125',
        'sugar 106',
        'baking-soda 5',
      ],
    },
    steps: 1,
    findings: [],
  },
  {
    // Ticked boxes and a bulleted method, alternatives and options.
    text: `Winter lantern pie

▢ 1 sheet (320 g) puff pastry
▢ 3 apples or pears, sliced
▢ 2 tbsp demerara sugar
▢ a handful of raisins (optional)
▢ 1 egg, beaten, to glaze
▢ cream, to serve

• Heat the oven to 200°C.
• Lay the fruit on the pastry, sprinkle with the sugar.
• Brush with the egg and bake for 30 minutes.`,
    title: 'Winter lantern pie',
    region: 'uk',
    parts: {
      '': [
        'puff-pastry 320',
        'apple 450',
        'demerara-sugar 26',
        'raisins 35',
        'egg 53',
        'double-cream ?',
      ],
    },
    steps: 3,
    findings: ['ambiguous'],
  },
  {
    // Markdown from somebody's notes.
    text: `# Smoky tea loaf
*makes 1 loaf*

## Ingredients
- 300 ml strong black tea
- **250 g** mixed dried fruit
- 1 Tbsp honey
- 225 g self-raising flour
- 1 egg

## Method
1. Soak the fruit in the tea overnight.
2. Stir in the rest and bake at 160 °C fan for 1 hour.`,
    title: 'Smoky tea loaf',
    region: 'uk',
    parts: { '': ['tea 300', 'raisins 250', 'honey 21', 'self-raising-flour 225', 'egg 53'] },
    steps: 2,
    findings: [],
  },
  {
    // Steps under each part, no headings for ingredients.
    text: `Damson pots

For the fruit
400 g damsons
80 g sugar
Simmer the damsons with the sugar for 10 minutes.

For the cream
250 ml soy cream
2 sheets gelatine
Soak the gelatine, melt it into the warm cream and chill for 4 hours.`,
    title: 'Damson pots',
    region: 'metric',
    parts: { fruit: ['plum 400', 'sugar 80'], cream: ['soy-cream 253', 'gelatine 4'] },
    steps: 2,
    findings: [],
  },
  {
    // Tins, sachets and sums.
    text: `Coconut semolina slab
2 x 400 g tins coconut milk
1 cup + 2 Tbsp fine semolina
1 sachet vanilla sugar
150–175 g caster sugar
a few drops of almond essence
Stir over the heat until thick, spread in a 20 cm square tin and chill.`,
    title: 'Coconut semolina slab',
    region: 'au',
    parts: {
      '': ['coconut-milk 800', 'semolina 206', 'vanilla-sugar 8', 'sugar 163', 'almond-extract 0'],
    },
    steps: 1,
    findings: [],
  },
  {
    // An Indian hand.
    text: `Eggless jaggery cake
Ingredients:
1.5 cups maida
1 cup curd
3/4 cup grated jaggery
1/2 cup oil
1 tsp cardamom powder
1/2 tsp baking soda
Method:
Beat the curd and jaggery. Fold in everything else and bake at 170 for 35 minutes.`,
    title: 'Eggless jaggery cake',
    region: 'in',
    parts: {
      '': [
        'plain-flour 191',
        'yoghurt 259',
        'jaggery 150',
        'neutral-oil 112',
        'cardamom 2',
        'baking-soda 2',
      ],
    },
    steps: 1,
    findings: ['oven-scale'],
  },
  {
    // What goes wrong: no unit, twice the weight, corn flour, a scale that is not said.
    text: `Doubtful buns
200 flour
2 cups (300 g) rolled oats
50 g corn flour
80 g margarine
Bake at 220 for 15 minutes.`,
    title: 'Doubtful buns',
    region: 'us',
    parts: { '': ['plain-flour ?', 'oat-flakes 300', 'maize-flour 50', 'margarine 80'] },
    steps: 1,
    findings: ['ambiguous', 'ambiguous', 'no-unit', 'oven-scale', 'weight-against-volume'],
  },
]

describe('whole recipes in many hands', () => {
  test.each(hands.map(hand => [hand.title, hand] as const))('%s', (_, hand) => {
    const { recipe, findings } = readRecipe(hand.text)
    expect(recipe.title).toBe(hand.title)
    expect(recipe.region).toBe(hand.region)
    expect(
      Object.fromEntries(
        recipe.components.map(c => [
          c.name,
          c.lines.map(
            l =>
              `${l.ingredient ?? '?'} ${l.grams && l.ingredient ? Math.round(l.grams.best) : '?'}`,
          ),
        ]),
      ),
    ).toEqual(hand.parts)
    expect(recipe.components.reduce((n, c) => n + c.steps.length, 0)).toBe(hand.steps)
    expect(findings.map(f => f.code).sort()).toEqual(hand.findings)
    for (const line of each(linesOf(recipe)))
      expect(hand.text.replace(/\*/gu, '')).toContain(line.text.replace(/\*/gu, '').slice(0, 8))
  })
})

describe('facts of the bake', () => {
  const oven = (step: string) =>
    readRecipe(`Bun\n200 g flour\nMix it all together well.\n${step}`).recipe.oven
  test.each([
    ['Bake for 25-30 mins at 180°C.', 180, { low: 25, high: 30 }],
    ['Bake at 350°F for 1 hour.', 180, { low: 60, high: 60 }],
    ['Bake in a fan oven at 160°C for 1½ hours.', 180, { low: 90, high: 90 }],
    ['Bake at gas mark 4 for 40 minutes.', 180, { low: 40, high: 40 }],
    ['Chill for 2 hours.', undefined, undefined],
  ])('%s', (step, celsius, minutes) => {
    expect(oven(step)?.celsius ?? undefined).toBe(celsius)
    expect(oven(step)?.minutes ?? undefined).toEqual(minutes)
  })
  test.each([
    ['Bake in a 23 cm springform tin.', '23 cm springform tin'],
    ['Use a 12-hole muffin tin.', '12-hole muffin tin'],
    ['Grease a 9 x 13 inch pan.', '9 x 13 inch pan'],
    ['Line a loaf tin.', 'loaf tin'],
  ])('%s', (step, pan) => {
    expect(
      readRecipe(`Bun\n200 g flour\nMix it all together well.\n${step}`).recipe.pan?.text,
    ).toBe(pan)
  })
  test.each([
    ['Serves 8–10', 8, 10],
    ['Makes about 24', 24, 24],
    ['Yield: 12 cookies', 12, 12],
    ['Cuts into 16 squares', 16, 16],
    ['Makes one 20 cm cake', null, null],
  ])('%s', (line, low, high) => {
    expect(
      readRecipe(`Bun\n${line}\n200 g flour`).recipe.yield?.count ?? { low: null, high: null },
    ).toEqual({ low, high })
  })
})
