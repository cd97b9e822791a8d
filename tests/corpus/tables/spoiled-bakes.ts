import type { DiagnoseOptions } from '#core/trial'

/**
 * Invented bakes that went wrong, each with the cause that was put into it: a demo dessert or an
 * ordinary one of its kind, as written or worked out for Ottilie and Bram (no egg, no milk), with
 * some weights multiplied, an oven or a time that was off, and what such a bake would show. Cause
 * and symptoms by what bakers' books say of that fault [M]; nothing was baked. They measure whether
 * tables and figures hang together, not whether they are true.
 */
export interface DiagnosisCase {
  readonly name: string
  readonly dish: Dish
  readonly adapted?: boolean
  readonly times?: Readonly<Record<string, number>>
  readonly symptoms: readonly string[]
  readonly absent?: readonly string[]
  readonly seen?: Omit<DiagnoseOptions, 'people' | 'baked'>
  readonly expect: string
}
export type Dish = 'ginger' | 'plum' | 'shortbread' | 'nests' | 'ring' | 'slice' | 'snaps' | 'gingerGf' | 'cream' | 'buns' | 'pancakes' | 'cheesecake'

const snaps = `Lantern snaps

Makes 24 cookies

200 g plain flour
120 g butter
110 g light brown sugar
40 g golden syrup
1 tsp bicarbonate of soda
1 tsp ground ginger
1 egg

Cream the butter and sugar. Beat in the egg and syrup, then the flour, soda and ginger. Roll \
into balls.
Bake at 180 °C for 11 minutes.`
const cream = `Pastry cream

500 ml milk
100 g sugar
40 g cornflour
4 egg yolks
20 g butter

Whisk yolks, sugar and cornflour. Bring the milk to the boil, pour it on, and boil for 2 \
minutes. Stir in the butter and chill for 3 hours.`
const buns = `Harbour buns

Makes 12 buns

500 g strong white flour
7 g fast-action dried yeast
75 g sugar
8 g salt
250 ml milk
1 egg
60 g butter

Mix everything and knead for 10 minutes. Leave to rise for 1 hour.
Shape into 12 buns and leave to rise for 30 minutes.
Bake at 190 °C for 18 minutes.`
const pancakes = `Sunday pancakes

200 g plain flour
2 tsp baking powder
30 g sugar
2 eggs
300 ml milk
30 g butter, melted

Whisk everything. Let the batter rest for 10 minutes. Fry in a hot pan for 2 minutes a side.`
const cheesecake = `Lemon cheesecake

600 g cream cheese
150 g caster sugar
3 eggs
150 ml sour cream
20 g cornflour
1 lemon

Beat everything smooth. Pour into a 20 cm springform tin and bake at 160 °C for 50 minutes. \
Cool, and chill for 4 hours.`
/** Ordinary desserts of their kind, beside those of the demo. */
export const ordinary = { snaps, cream, buns, pancakes, cheesecake }

export const diagnosisCases: readonly DiagnosisCase[] = [
  { name: 'loaf out after forty minutes', dish: 'ginger', symptoms: ['sunk', 'gummy', 'pale'], seen: { record: rec({ minutes: 40, before: 900, after: 855 }), planned: 53 }, expect: 'underbaked' },
  { name: 'loaf half an hour too long', dish: 'ginger', symptoms: ['dry', 'hard'], seen: { record: rec({ minutes: 75, before: 900, after: 740 }), planned: 53 }, expect: 'overbaked' },
  { name: 'an oven that runs hot', dish: 'ginger', symptoms: ['peaked', 'dark'], seen: { ovenOff: 25 }, expect: 'oven-hot' },
  { name: 'an oven that runs cool', dish: 'ring', symptoms: ['pale', 'sunk'], seen: { ovenOff: -25 }, expect: 'oven-cool' },
  { name: 'dry outside, wet inside, hot oven', dish: 'ginger', symptoms: ['dry', 'wet', 'dark'], seen: { ovenOff: 20 }, expect: 'oven-hot' },
  { name: 'pale on top, dark below', dish: 'plum', symptoms: ['pale', 'dark-below'], expect: 'tin-dark' },
  { name: 'only the bottom is dark', dish: 'ring', symptoms: ['dark-below'], expect: 'tin-dark' },
  { name: 'double soda', dish: 'ginger', times: { bicarbonate: 2 }, symptoms: ['soapy', 'dark'], expect: 'alkali' },
  { name: 'soda, and no treacle to meet it', dish: 'ginger', times: { treacle: 0.3 }, symptoms: ['soapy'], expect: 'alkali' },
  { name: 'three times the powder', dish: 'ring', times: { 'baking powder': 3 }, symptoms: ['metallic', 'bitter'], expect: 'powder-much' },
  { name: 'rose and fell', dish: 'ring', times: { 'baking powder': 2.5 }, symptoms: ['sunk', 'tunnels'], expect: 'lift-much' },
  { name: 'powder forgotten', dish: 'ring', times: { 'baking powder': 0 }, symptoms: ['dense'], expect: 'lift-little' },
  { name: 'batter stood forty minutes', dish: 'ginger', symptoms: ['dense'], seen: { waited: 40 }, expect: 'lift-lost' },
  { name: 'half as much milk again', dish: 'ginger', times: { milk: 1.5 }, symptoms: ['wet', 'dense'], expect: 'wet' },
  { name: 'a third of the milk forgotten', dish: 'ginger', times: { milk: 0.55 }, symptoms: ['dry', 'crumbly'], expect: 'dry-mix' },
  {
    name: 'cut after five minutes',
    dish: 'ginger',
    adapted: true,
    symptoms: ['gummy', 'crumbly'],
    seen: { rested: 5, record: rec({ minutes: 53, before: 900, after: 810 }), planned: 53 },
    expect: 'cut-warm',
  },
  { name: 'flax doubled', dish: 'ginger', adapted: true, times: { flax: 2.2 }, symptoms: ['gummy', 'dense', 'chewy'], expect: 'bind-much' },
  { name: 'flax forgotten', dish: 'ginger', adapted: true, times: { flax: 0 }, symptoms: ['crumbly'], expect: 'bind-little' },
  { name: 'flax that tastes', dish: 'ginger', adapted: true, times: { flax: 2 }, symptoms: ['grassy'], expect: 'seed-taste' },
  { name: 'soy flour that tastes', dish: 'plum', adapted: true, symptoms: ['beany'], expect: 'pulse-taste' },
  { name: 'beaten for ten minutes', dish: 'ginger', symptoms: ['tough', 'tunnels'], expect: 'overmixed' },
  { name: 'butter doubled', dish: 'ring', times: { butter: 1.7 }, symptoms: ['greasy', 'dense'], expect: 'fat-much' },
  { name: 'half the butter', dish: 'ring', times: { butter: 0.4 }, symptoms: ['tough', 'dry', 'stale'], expect: 'fat-little' },
  { name: 'sugar and a half', dish: 'ring', times: { sugar: 1.6 }, symptoms: ['too-sweet', 'sticky-top'], expect: 'sugar-much' },
  { name: 'half the sugar', dish: 'ring', times: { sugar: 0.5 }, symptoms: ['not-sweet', 'pale'], expect: 'sugar-little' },
  { name: 'half the sugar, bready and pale', dish: 'ring', times: { sugar: 0.45 }, symptoms: ['pale', 'dry', 'not-sweet'], expect: 'sugar-little' },
  { name: 'a third more flour', dish: 'ring', times: { flour: 1.35 }, symptoms: ['dry', 'floury', 'stale'], expect: 'starch-much' },
  { name: 'a third less flour in biscuits', dish: 'snaps', times: { flour: 0.65 }, symptoms: ['spread-flat', 'greasy'], expect: 'starch-little' },
  { name: 'biscuits from a warm bowl', dish: 'snaps', symptoms: ['spread-flat'], absent: ['greasy'], expect: 'warm-dough' },
  { name: 'biscuits with too much flour', dish: 'snaps', times: { flour: 1.4 }, symptoms: ['no-spread', 'dry'], expect: 'starch-much' },
  { name: 'biscuits baked to stones', dish: 'snaps', symptoms: ['hard', 'dark'], seen: { record: rec({ minutes: 18 }), planned: 11 }, expect: 'overbaked' },
  { name: 'shortbread of oil', dish: 'shortbread', times: { butter: 1 }, adapted: true, symptoms: ['spread-flat', 'greasy'], expect: 'warm-dough' },
  { name: 'shortbread tough', dish: 'shortbread', symptoms: ['tough', 'hard'], absent: ['dark', 'dry'], expect: 'overmixed' },
  { name: 'plums on a wet base', dish: 'plum', symptoms: ['soggy-bottom'], expect: 'wet-fruit' },
  { name: 'nests that weep', dish: 'nests', symptoms: ['weeping', 'grainy'], expect: 'sugar-raw' },
  { name: 'nests sticky the next day', dish: 'nests', symptoms: ['sticky-top', 'chewy'], expect: 'damp' },
  { name: 'foam that never stood', dish: 'nests', symptoms: ['no-stand'], absent: ['weeping', 'dense'], expect: 'foam-fat' },
  { name: 'foam whisked too little', dish: 'nests', symptoms: ['no-stand', 'weeping', 'dense'], expect: 'foam-weak' },
  { name: 'cream with half the starch', dish: 'cream', times: { cornflour: 0.4 }, symptoms: ['runny'], expect: 'gel-little' },
  { name: 'cream that was not boiled', dish: 'cream', symptoms: ['runny', 'floury'], expect: 'gel-unboiled' },
  { name: 'cream with double starch', dish: 'cream', times: { cornflour: 2 }, symptoms: ['rubbery'], expect: 'gel-much' },
  { name: 'cream taken out after half an hour', dish: 'cream', symptoms: ['runny'], absent: ['floury', 'weeping'], seen: { rested: 30 }, expect: 'not-cold' },
  { name: 'without gluten, and nothing in its stead', dish: 'gingerGf', adapted: true, symptoms: ['crumbly', 'sunk'], expect: 'hold-little' },
  { name: 'rice flour that did not swell', dish: 'gingerGf', adapted: true, symptoms: ['gritty'], expect: 'grit' },
  { name: 'treacle alone is bitter', dish: 'ginger', times: { treacle: 1.6, sugar: 0.5 }, symptoms: ['bitter'], absent: ['soapy', 'dark', 'dry'], expect: 'treacle' },
  { name: 'vinegar by the cup', dish: 'ginger', adapted: true, times: { bicarbonate: 0.2 }, symptoms: ['sour'], expect: 'acid-left' },
  { name: 'ring pale without egg and milk', dish: 'ring', adapted: true, times: { soy: 0.1 }, symptoms: ['pale'], absent: ['sunk', 'gummy', 'not-sweet'], expect: 'protein-little' },
  { name: 'buns into the oven too early', dish: 'buns', symptoms: ['dense', 'tough'], expect: 'proofed-little' },
  { name: 'buns forgotten in the warm', dish: 'buns', symptoms: ['sunk', 'sour'], expect: 'proofed-much' },
  { name: 'buns without egg and milk into the oven too early', dish: 'buns', adapted: true, symptoms: ['dense', 'gummy'], absent: ['pale', 'raw-middle'], expect: 'proofed-little' },
  { name: 'pancakes dark and raw', dish: 'pancakes', symptoms: ['dark', 'raw-middle'], expect: 'pan-hot' },
  { name: 'pancakes pale and greasy', dish: 'pancakes', symptoms: ['pale', 'greasy'], expect: 'pan-cool' },
  { name: 'pancakes turned too soon', dish: 'pancakes', adapted: true, symptoms: ['gummy', 'floury', 'raw-middle'], expect: 'pan-short' },
  { name: 'pancakes with double the flour', dish: 'pancakes', times: { flour: 1.6 }, symptoms: ['dense', 'dry', 'floury'], expect: 'starch-much' },
  { name: 'cheesecake straight into the cold', dish: 'cheesecake', symptoms: ['cracked'], absent: ['dark', 'dry'], expect: 'cooled-fast' },
  { name: 'cheesecake in a hot oven', dish: 'cheesecake', symptoms: ['cracked', 'dark'], seen: { ovenOff: 20 }, expect: 'oven-hot' },
  { name: 'sunk and peaked', dish: 'ring', times: { 'baking powder': 2.2 }, symptoms: ['sunk', 'peaked'], expect: 'lift-much' },
]

function rec(part: { readonly minutes?: number; readonly before?: number; readonly after?: number }) {
  return { before: null, after: null, height: null, spread: null, minutes: null, celsius: null, scores: [], note: '', photos: [], ...part }
}
