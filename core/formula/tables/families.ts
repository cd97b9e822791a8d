import type { Measure } from '../measures'
import type { Ratio } from '../ratios'

type Range = readonly [number, number]
export type When = Partial<Record<Ratio, Range>>

/**
 * A family of desserts: what must be held in balance for it to stay itself. `eggLift` is the mmol CO₂ that one egg's air is
 * worth; `weights` say how much a measure matters (1 where not named, 0: not at all); `wide` is how far proportions may
 * lie off for a word in the title to decide. Source: professional baking textbooks from memory [M]; the engine study.
 */
export interface FamilyRow {
  readonly id: string
  readonly name: string
  readonly words: RegExp | null
  readonly wide: When
  readonly eggLift: number
  /** How many times better than in a crumb starch sets here, where it is boiled in plenty of liquid: yolk thickens like 0.16 g of it a gram. [M] the engine study */
  readonly starchSets?: number
  /** What closes a lack of fat: a firm fat where it must stand, one that sets hard where only the cold holds it, nothing where oil would spoil a foam or split; oil where not said. [P] */
  readonly closesFat?: 'firm' | 'set' | 'none'
  readonly weights: Partial<Record<Measure, number>>
  readonly source: string
  /** The narrower kind that it was found to be, from tables/variants.ts. */
  readonly variant?: string
}

const any: When = {}
const crumb = { gluten: 1, protein: 0.6, foam: 0, fibre: 0.3, emulsify: 0.5, salt: 0.3 }
const noDough = { lift: 0, gluten: 0, acid: 0, heaviness: 0, salt: 0.2 }

export const familyRows: readonly FamilyRow[] = [
  { id: 'choux', name: 'choux pastry', words: /\b(?:choux|cream puffs?|profiteroles?|eclairs?|éclairs?)\b/iu, wide: { egg: [70, 400], water: [110, 500] }, eggLift: 0, weights: {}, source: '[M]' },
  { id: 'popover', name: 'popover batter', words: /\b(?:popovers?|yorkshire pudding|dutch baby)\b/iu, wide: { egg: [50, 400] }, eggLift: 0, weights: {}, source: '[M]' },
  { id: 'souffle', name: 'soufflé', words: /\bsouffl[eé]s?(?!\p{L})/iu, wide: { egg: [20, 1e9] }, eggLift: 0, weights: {}, source: '[M]' },
  { id: 'zabaglione', name: 'wine foam', words: /\b(?:zabaglione|sabayon|zabaione)\b/iu, wide: { eggShare: [0.1, 1] }, eggLift: 0, weights: { ...noDough }, source: '[M]' },
  { id: 'whipped-cake', name: 'cake held by whipped eggs', words: null, wide: any, eggLift: 0, weights: {}, source: '[M] egg whipped and folded, no flour to speak of, nothing that lifts' },
  { id: 'angel', name: 'angel cake', words: /\bangel (?:food )?cake\b/iu, wide: { white: [100, 900] }, eggLift: 0, weights: {}, source: '[M]' },
  { id: 'macaron', closesFat: 'none', name: 'macaron', words: /\b(?:macarons?)\b/iu, wide: { nutShare: [0.1, 0.6] }, eggLift: 0, weights: { ...noDough, foam: 2, sugar: 1 }, source: '[M]' },
  {
    id: 'meringue',
    closesFat: 'none',
    name: 'meringue',
    words: /\b(?:meringues?|pavlova)\b/iu,
    wide: { flourShare: [0, 0.05], white: [5, 900], butterShare: [0, 0.05] },
    eggLift: 0,
    weights: { ...noDough, foam: 2, protein: 0, set: 0.2, bind: 0, emulsify: 0, starch: 0 },
    source: '[M] sugar 1:1 to 2:1',
  },
  {
    id: 'sponge',
    name: 'whisked sponge',
    words: /\b(?:genoise|génoise|swiss roll|roulade|chiffon|sponge fingers|whisked sponge|fatless sponge)\b/iu,
    wide: { egg: [80, 500] },
    eggLift: 0,
    weights: { foam: 2 },
    source: '[M]',
  },
  {
    id: 'cheesecake',
    closesFat: 'set',
    name: 'cheesecake',
    words: /\bcheesecake\b/iu,
    wide: { cheeseShare: [0.2, 1] },
    eggLift: 0,
    weights: { ...noDough, fat: 0.5, sugar: 0.5, protein: 0.3, starch: 0.03, set: 1, bind: 0.5, emulsify: 0.5, foam: 0, solidFat: 0.5 },
    source: '[M]',
  },
  {
    id: 'brownie',
    name: 'brownie',
    words: /\b(?:brownies?|blondies?)\b/iu,
    wide: { fat: [20, 400], sugar: [40, 600] },
    eggLift: 2,
    weights: { ...crumb, solidFat: 0.3, set: 1, bind: 1 },
    source: '[M]',
  },
  {
    id: 'shortbread',
    closesFat: 'firm',
    name: 'shortbread',
    words: /\b(?:shortbreads?|sabl[eé]s?)\b/iu,
    wide: { fat: [35, 120], water: [0, 35] },
    eggLift: 0,
    weights: { water: 0.4, fat: 3, solidFat: 2, bind: 0, foam: 0, emulsify: 0, set: 0.3, lift: 0, acid: 0, gluten: 0.5, fibre: 0.3, protein: 0.5 },
    source: '[M] flour:fat:sugar 3:2:1',
  },
  {
    id: 'streusel',
    closesFat: 'firm',
    name: 'streusel',
    words: /\b(?:streusel|crumble|crumb)\b/iu,
    wide: { fat: [20, 110], water: [0, 30], egg: [0, 5] },
    eggLift: 0,
    weights: { water: 0.2, fat: 2, solidFat: 1, bind: 0, foam: 0, emulsify: 0, set: 0.2, lift: 0, acid: 0, gluten: 0.2, fibre: 0.2, protein: 0.3 },
    source: '[M]',
  },
  {
    id: 'cookie',
    closesFat: 'firm',
    name: 'drop or rolled cookie',
    words: /\b(?:cookies?|gingerbread (?:men|people|biscuits?|stars|house|shapes)|(?:ginger|spice|iced|rolled|cut[- ]out) biscuits?|snickerdoodles?|crinkles?|rock (?:cakes?|buns?))\b/iu,
    wide: { sugar: [25, 200], water: [0, 60] },
    eggLift: 2,
    weights: { ...crumb, set: 0.5, fat: 2, sugar: 2 },
    source: '[M] fat 45–70, sugar 60–110',
  },
  {
    id: 'scone',
    closesFat: 'firm',
    name: 'scone',
    words: /\b(?:scones?|soda bread|drop biscuits|roly[- ]poly|cobbler)\b/iu,
    wide: { lift: [1.5, 20], water: [20, 110], flourShare: [0.25, 1] },
    eggLift: 4,
    weights: { ...crumb, solidFat: 1 },
    source: '[M]',
  },
  {
    id: 'pastry',
    closesFat: 'firm',
    name: 'short pastry',
    words: /\b(?:pastry|pie crust|tart shell|tart case|crust)\b/iu,
    wide: { fat: [25, 110], water: [0, 60], flourShare: [0.3, 1] },
    eggLift: 0,
    weights: { fat: 2, solidFat: 2, foam: 0, emulsify: 0.2, lift: 0, acid: 0, gluten: 0.5, set: 0.3 },
    source: '[M]',
  },
  {
    id: 'pancake',
    name: 'pancake or waffle',
    words: /\b(?:pancakes?|waffles?|drop scones?)\b/iu,
    wide: { water: [70, 250], sugar: [0, 45] },
    eggLift: 4,
    weights: { ...crumb, solidFat: 0.2 },
    source: '[M]',
  },
  { id: 'crepe', name: 'crêpe', words: /\b(?:crepes?|crêpes?|blini)\b/iu, wide: { water: [120, 500] }, eggLift: 0, weights: { ...crumb, lift: 0, acid: 0, solidFat: 0.2 }, source: '[M]' },
  {
    id: 'quick-bread',
    name: 'quick bread or loaf cake',
    words: /\b(?:loaf|quick bread|tea ?bread|gingerbread|parkin)\b/iu,
    wide: { sugar: [15, 160], water: [18, 220], lift: [0.8, 25], flourShare: [0.12, 0.7] },
    eggLift: 6.3,
    weights: { ...crumb, lift: 2, water: 2, solidFat: 0.4 },
    source: '[M]',
  },
  {
    id: 'muffin',
    name: 'muffin or oil cake',
    words: /\b(?:muffins?|snack cake|oil cake)\b/iu,
    wide: { sugar: [15, 180], water: [40, 200] },
    eggLift: 6.3,
    weights: { ...crumb, lift: 2, water: 2, solidFat: 0.3 },
    source: '[M] 40–70 sugar, 20–50 fat, 60–100 liquid, powder 3–6',
  },
  {
    id: 'creamed',
    closesFat: 'firm',
    name: 'creamed cake',
    words: /\b(?:pound cake|victoria|madeira|butter cake|ring cake|cupcakes?)\b/iu,
    wide: { hardFat: [30, 140], sugar: [50, 200] },
    eggLift: 6.3,
    weights: { ...crumb, water: 2, fat: 2, sugar: 2, set: 2, lift: 2, acid: 2 },
    source: '[M] sugar ≤ flour, egg ≥ fat; 100:100:100:100',
  },
  {
    id: 'yeast',
    closesFat: 'firm',
    name: 'yeast dough',
    words: /\b(?:brioche|doughnuts?|cinnamon (?:rolls|buns)|buns|babka|stollen|challah)\b/iu,
    wide: { yeastShare: [0.001, 1] },
    eggLift: 0,
    weights: { ...crumb, lift: 0, acid: 0, set: 0.3, bind: 0.1, gluten: 2 },
    source: '[M]',
  },
  {
    id: 'pastry-cream',
    closesFat: 'firm',
    starchSets: 5,
    name: 'pastry cream or starch custard',
    words: /\b(?:pastry cream|creme patissiere|custard slice)\b/iu,
    wide: { starchShare: [0.015, 0.3], milkShare: [0.3, 1] },
    eggLift: 0,
    weights: { ...noDough, sugar: 0.3, protein: 0.3, bind: 0.1, foam: 0, emulsify: 0.15, starch: 0.02, set: 2, solidFat: 0.3, fat: 0.4 },
    source: '[M]',
  },
  {
    id: 'egg-custard',
    closesFat: 'firm',
    starchSets: 5,
    name: 'egg custard',
    words: /\b(?:custard|creme brulee|crème brûlée|flan|creme caramel|panna cotta egg)\b/iu,
    wide: { eggShare: [0.06, 0.6], milkShare: [0.3, 1] },
    eggLift: 0,
    weights: { ...noDough, sugar: 0.3, bind: 0.1, foam: 0, emulsify: 0.15, starch: 0, protein: 0.3, set: 2, solidFat: 0.3, fat: 0.4 },
    source: '[M]',
  },
  {
    id: 'marshmallow',
    closesFat: 'none',
    name: 'marshmallow',
    words: /\bmarsh-?mallows?(?!\s+(?:frosting|icing|cakes?|slices?|squares?|bars?|brownies?|cookies?|cupcakes?|muffins?|crisp\w*|fudge|sauce|treats?))\b/iu,
    wide: { sugarShare: [0.35, 1], flourShare: [0, 0.05] },
    eggLift: 0,
    weights: { ...noDough, fat: 0.2, solidFat: 0, protein: 0, bind: 0, emulsify: 0 },
    source: '[M]',
  },
  {
    id: 'set-cream',
    closesFat: 'none',
    name: 'set cream',
    words: /\b(?:panna cotta|bavarois|jelly|blancmange)\b/iu,
    wide: { gelShare: [0.001, 1] },
    eggLift: 0,
    weights: { ...noDough, sugar: 0.3, fat: 0.4, solidFat: 0.4, protein: 0, foam: 0, bind: 0, emulsify: 0, set: 2 },
    source: '[M]',
  },
  {
    id: 'mousse',
    closesFat: 'none',
    name: 'mousse',
    words: /\b(?:mousse|tiramis[uù]|semifreddo)\b/iu,
    wide: any,
    eggLift: 0,
    weights: { ...noDough, starch: 0.2, foam: 1, protein: 0.3, set: 0.5 },
    source: '[M]',
  },
  {
    id: 'cream-cheese-frosting',
    closesFat: 'firm',
    name: 'cream-cheese frosting',
    words: /\bcream[- ]cheese (?:frosting|icing|buttercream)\b/iu,
    wide: { cheeseShare: [0.12, 1] },
    eggLift: 0,
    weights: { ...noDough, starch: 0.2, protein: 0.3, foam: 0, bind: 0, set: 0 },
    source: '[M]',
  },
  {
    id: 'buttercream',
    closesFat: 'firm',
    name: 'buttercream',
    words: /\b(?:buttercream|frosting)\b/iu,
    wide: { butterShare: [0.12, 0.9], sugarShare: [0.15, 0.9] },
    eggLift: 0,
    weights: { ...noDough, starch: 0.2, fat: 2, solidFat: 2, protein: 0, foam: 0, bind: 0, set: 0, emulsify: 0.3 },
    source: '[M]',
  },
  {
    id: 'ganache',
    closesFat: 'none',
    name: 'ganache',
    words: /\bganache\b/iu,
    wide: { chocolateShare: [0.2, 1] },
    eggLift: 0,
    weights: { ...noDough, starch: 0.2, protein: 0, foam: 0, bind: 0, set: 0, emulsify: 0.3, fat: 0.3 },
    source: '[M] chocolate:cream 1:1 pour, 2:1 set',
  },
  {
    id: 'whipped-cream',
    closesFat: 'none',
    name: 'whipped cream',
    words: /\b(?:whipped cream|chantilly)\b/iu,
    wide: { creamShare: [0.4, 1] },
    eggLift: 0,
    weights: { ...noDough, starch: 0.2, fat: 0.2, sugar: 0.1, sweetness: 0.1, emulsify: 0.2, foam: 1, protein: 0, set: 0, bind: 0 },
    source: '[M]',
  },
  {
    id: 'glaze',
    closesFat: 'none',
    name: 'glaze or water icing',
    words: /\b(?:glaze|icing|drizzle)\b/iu,
    wide: { sugarShare: [0.4, 1], butterShare: [0, 0.12] },
    eggLift: 0,
    weights: { ...noDough, fat: 0.01, solidFat: 0, protein: 0, set: 0, bind: 0, foam: 0, emulsify: 0, water: 0.5 },
    source: '[M]',
  },
  {
    id: 'caramel',
    closesFat: 'firm',
    name: 'caramel',
    words:
      /\b(?:caramels?|butterscotch|brittle|(?:fudge|toffee|tablet)(?!\s+(?:cakes?|brownies?|frosting|icing|cookies?|biscuits?|bars?|apples?|puddings?|muffins?|slices?|squares?|shortbread|tart|pie|crumble|cheesecake)))\b/iu,
    wide: { sugarShare: [0.25, 1], flourShare: [0, 0.08] },
    eggLift: 0,
    weights: { ...noDough, protein: 0.2, set: 0, bind: 0, foam: 0, emulsify: 0.2 },
    source: '[M]',
  },
  {
    id: 'crumb-base',
    closesFat: 'set',
    name: 'pressed crumb base',
    words: /\b(?:biscuit base|crumb base|base)\b/iu,
    wide: { biscuitShare: [0.4, 1] },
    eggLift: 0,
    weights: { ...noDough, solidFat: 1, protein: 0.2, bind: 0, foam: 0, set: 0, emulsify: 0 },
    source: '[M]',
  },
  {
    id: 'batter-pudding',
    name: 'batter pudding',
    words: /\b(?:clafoutis|flaugnarde|far breton|batter pudding)\b/iu,
    wide: { egg: [10, 400] },
    eggLift: 0,
    weights: { gluten: 0.3, protein: 0.4, foam: 0, emulsify: 0.2, lift: 0, acid: 0, solidFat: 0.1, starch: 0.2, bind: 0.5, set: 1.5, fibre: 0.3, salt: 0.2 },
    source: '[M] a custard with some flour in it',
  },
  {
    id: 'bread-pudding',
    closesFat: 'firm',
    name: 'bread pudding',
    words: /\b(?:bread (?:and butter )?pudding|french toast)\b/iu,
    wide: { biscuitShare: [0.08, 0.8] },
    eggLift: 0,
    weights: { ...noDough, sugar: 0.5, fat: 0.5, protein: 0.5, starch: 0.3, set: 1, foam: 0, bind: 0.3, emulsify: 0.2, solidFat: 0.1 },
    source: '[M]',
  },
  {
    id: 'ice-cream',
    closesFat: 'firm',
    starchSets: 5,
    name: 'ice-cream base',
    words: /\b(?:ice[- ]?cream|gelato|semifreddo|parfait)\b/iu,
    wide: { flourShare: [0, 0.1], sugarShare: [0.06, 0.6] },
    eggLift: 0,
    weights: { ...noDough, water: 1, fat: 1, sugar: 1, sweetness: 1, protein: 0.4, starch: 0.1, set: 0.3, foam: 0.2, bind: 0.2, solidFat: 0.3, emulsify: 0.4 },
    source: '[M] fat 8–20 %, sugar 14–20 %',
  },
  {
    id: 'nut-filling',
    closesFat: 'firm',
    name: 'nut filling',
    words: /\b(?:frangipane|almond cream|nut (?:filling|paste)|marzipan filling)\b/iu,
    wide: { nutShare: [0.1, 0.9] },
    eggLift: 0,
    weights: { ...noDough, water: 0.5, fat: 1, sugar: 1, protein: 0.5, set: 0.6, bind: 0.5, foam: 0, emulsify: 0.3, solidFat: 0.5 },
    source: '[M] nuts, butter, sugar and egg about alike',
  },
  {
    id: 'syrup',
    closesFat: 'none',
    name: 'syrup',
    words: /\b(?:syrup|soaking liquid)\b/iu,
    wide: { sugarShare: [0.25, 0.95], flourShare: [0, 0.02], butterShare: [0, 0.05] },
    eggLift: 0,
    weights: { ...noDough, protein: 0, fat: 0.2, solidFat: 0, set: 0, bind: 0, foam: 0, emulsify: 0 },
    source: '[M]',
  },
  {
    id: 'no-bake',
    closesFat: 'set',
    name: 'no-bake bar',
    words: /\b(?:no[- ]bake|fridge (?:cake|bars?)|tiffin|rocky road|crispy (?:bars?|squares?)|energy (?:balls?|bars?)|truffles?)\b/iu,
    wide: { lift: [0, 1], egg: [0, 40] },
    eggLift: 0,
    weights: { ...noDough, fat: 1, solidFat: 1, water: 1, protein: 0.2, set: 0.2, bind: 0.2, foam: 0, emulsify: 0.1, starch: 0.2 },
    source: '[M]',
  },
  {
    id: 'oat-bar',
    closesFat: 'firm',
    name: 'oat or cereal bar',
    words: /\b(?:flapjacks?|(?:oat|cereal|granola|muesli|oaty) (?:bars?|squares?|slices?))\b/iu,
    wide: { egg: [0, 20], lift: [0, 6], water: [0, 60] },
    eggLift: 0,
    weights: { ...noDough, fat: 1, solidFat: 1, water: 1, sugar: 1, protein: 0.2, set: 0.2, bind: 0.3, foam: 0, emulsify: 0.1, starch: 0.2, gluten: 0 },
    source: '[M] oats 100, fat 40–60, sugar and syrup 50–90: bound by boiled syrup',
  },
  {
    id: 'fruit',
    closesFat: 'none',
    name: 'fruit filling',
    words: /\b(?:compote|fruit filling|jam|coulis)\b/iu,
    wide: { fruitShare: [0.3, 1], flourShare: [0, 0.2] },
    eggLift: 0,
    weights: { ...noDough, protein: 0, solidFat: 0, foam: 0 },
    source: '[M]',
  },
  { id: 'egg-wash', name: 'egg wash', words: /\b(?:egg ?wash|to brush|to glaze)\b/iu, wide: { eggShare: [0.4, 1] }, eggLift: 0, weights: {}, source: '[P]' },
  {
    id: 'other',
    closesFat: 'none',
    name: 'something of its own',
    words: null,
    wide: any,
    eggLift: 0,
    weights: { ...noDough, water: 0.3, fat: 0.3, solidFat: 0.3, sugar: 0.3, sweetness: 0.3, protein: 0.3, starch: 0.3, bind: 0.3, set: 0.3, emulsify: 0.3, foam: 0.3 },
    source: '[P]',
  },
]

/**
 * The family by proportions, first match wins (flour = 100; names that end in Share are of the batch). Source: the engine
 * study; the scone's own water band and the glaze, caramel, cream and crumb rows are added here [M].
 */
export const familyRules: readonly { readonly family: string; readonly when: When }[] = [
  { family: 'yeast', when: { yeastShare: [0.002, 1], flourShare: [0.2, 1] } },
  { family: 'crumb-base', when: { flourShare: [0, 0.12], biscuitShare: [0.45, 1], butterShare: [0.1, 0.6] } },
  { family: 'bread-pudding', when: { flourShare: [0, 0.06], biscuitShare: [0.12, 0.6], milkShare: [0.2, 1], eggShare: [0.03, 0.5] } },
  { family: 'cheesecake', when: { flourShare: [0, 0.12], cheeseShare: [0.3, 1], wholeEggShare: [0.03, 1] } },
  { family: 'cream-cheese-frosting', when: { flourShare: [0, 0.02], cheeseShare: [0.2, 1], sugarShare: [0.15, 1] } },
  { family: 'cheesecake', when: { flourShare: [0, 0.12], cheeseShare: [0.3, 1] } },
  { family: 'set-cream', when: { flourShare: [0, 0.12], gelShare: [0.002, 1] } },
  { family: 'macaron', when: { flourShare: [0, 0.12], white: [0.1, 1e9], wholeEggShare: [0, 0.001], sugarPerWhite: [1.2, 99], nutShare: [0.15, 1] } },
  { family: 'meringue', when: { flourShare: [0, 0.12], white: [0.1, 1e9], wholeEggShare: [0, 0.001], sugarPerWhite: [1.2, 99], butterShare: [0, 0.02] } },
  { family: 'nut-filling', when: { flourShare: [0, 0.12], nutShare: [0.18, 1], butterShare: [0.1, 0.5], sugarShare: [0.12, 0.5] } },
  { family: 'buttercream', when: { flourShare: [0, 0.12], butterShare: [0.25, 1], sugarShare: [0.25, 1] } },
  { family: 'ganache', when: { flourShare: [0, 0.12], chocolateShare: [0.3, 1], creamShare: [0.2, 1] } },
  { family: 'pastry-cream', when: { flourShare: [0, 0.12], milkShare: [0.5, 1], starchShare: [0.025, 1] } },
  { family: 'egg-custard', when: { flourShare: [0, 0.12], milkShare: [0.5, 1], eggShare: [0.05, 1] } },
  // Thickened by starch and yolk on water or juice, as for a lemon filling.
  { family: 'pastry-cream', when: { flourShare: [0, 0.02], starchShare: [0.02, 0.3], wholeEggShare: [0.02, 0.3], nutShare: [0, 0.12], lift: [0, 0.1] } },
  // Nuts hold what eggs set, with no butter in it.
  { family: 'nut-filling', when: { flourShare: [0, 0.12], nutShare: [0.18, 1], eggShare: [0.1, 1] } },
  { family: 'egg-custard', when: { flourShare: [0, 0.02], eggShare: [0.25, 0.8], sugarShare: [0.08, 0.6], chocolateShare: [0, 0.05], nutShare: [0, 0.12] } },
  { family: 'whipped-cream', when: { flourShare: [0, 0.02], creamShare: [0.5, 1] } },
  { family: 'brownie', when: { flourShare: [0, 0.12], chocolateShare: [0.2, 1], eggShare: [0.1, 1] } },
  { family: 'glaze', when: { flourShare: [0, 0.02], sugarShare: [0.55, 1], butterShare: [0, 0.12] } },
  { family: 'caramel', when: { flourShare: [0, 0.02], sugarShare: [0.3, 1] } },
  // Cream that fruit is folded into, or lies on.
  { family: 'whipped-cream', when: { flourShare: [0, 0.02], creamShare: [0.3, 1], fruitShare: [0.2, 1], eggShare: [0, 0.02] } },
  { family: 'fruit', when: { flourShare: [0, 0.12], fruitShare: [0.4, 1] } },
  { family: 'egg-wash', when: { flourShare: [0, 0.02], eggShare: [0.5, 1], sugarShare: [0, 0.1] } },
  { family: 'other', when: { flourShare: [0, 0.12] } },
  { family: 'angel', when: { white: [150, 1e9], fat: [0, 10] } },
  { family: 'choux', when: { egg: [110, 1e9], sugar: [0, 20], fat: [40, 1e9], water: [150, 1e9] } },
  { family: 'sponge', when: { egg: [100, 1e9], sugar: [70, 1e9], fat: [0, 50] } },
  { family: 'crepe', when: { water: [180, 1e9], sugar: [0, 25], lift: [0, 0.5] } },
  { family: 'pancake', when: { water: [110, 1e9], sugar: [0, 35] } },
  { family: 'brownie', when: { fat: [55, 1e9], sugar: [90, 1e9], liquid: [0, 30], lift: [0, 3], chocolate: [8, 1e9] } },
  { family: 'pastry', when: { water: [0, 42], egg: [0, 1], sugar: [0, 22], fat: [30, 1e9], lift: [0, 1] } },
  { family: 'shortbread', when: { water: [0, 42], egg: [0, 1], lift: [0, 1] } },
  { family: 'shortbread', when: { water: [0, 25], egg: [0, 1], fat: [30, 1e9] } },
  { family: 'cookie', when: { water: [0, 42], sugar: [35, 1e9] } },
  { family: 'scone', when: { water: [0, 80], sugar: [0, 25], lift: [1.5, 1e9], egg: [0, 30] } },
  { family: 'quick-bread', when: { puree: [60, 1e9] } },
  { family: 'creamed', when: { hardFat: [38, 1e9], sugar: [75, 1e9], egg: [35, 1e9] } },
  { family: 'pastry', when: { water: [0, 50], sugar: [0, 35], fat: [30, 1e9], lift: [0, 1] } },
  { family: 'muffin', when: {} },
]

/** Cakes, and the sugar on 100 of flour that none of them has (brownies have chocolate, and words of their own). [M] */
export const crumbFamilies: ReadonlySet<string> = new Set(['creamed', 'muffin', 'quick-bread', 'sponge'])
export const tooSweet = 250

/** What a cheese and egg cream needs to be a baked cheesecake; raw, its eggs hold air. [P] */
export const heated = /\b(?:bak\w+|oven|cook\w*|simmer\w*|boil\w*|steam\w*|water\s+bath)\b/iu

/** A cake by its name, whatever holds it. [P] */
export const saysCake = /\b(?:cakes?|tortes?|torta|loaf|traybakes?|squares?|muffins?|bundt)\b/iu
/** Kinds whose name does not say whether whipped egg alone holds them. [P] */
export const mayBeFoam: ReadonlySet<string> = new Set('cheesecake brownie creamed muffin quick-bread mousse'.split(' '))

/** Names of parts that say nothing of their kind. [P] */
export const general = /^(?:the\s+)?(?:topping|dough|mixture|mix|batter|crust|top|base|custard)$/iu
