/**
 * How much of a thing ordinary desserts have on 100 g of flour, as widely as any good recipe goes: beyond that it is asked
 * about. Source: professional baking textbooks and shared practice, from memory [M]; 1 tsp soda a cup of flour is 4 %, the most that good recipes have.
 */
export type Usual = 'salt' | 'soda' | 'powder' | 'spice' | 'yeast' | 'sugar' | 'fat' | 'water' | 'vanilla'

export const usualAnywhere: Readonly<Record<Usual, readonly [number, number]>> = {
  salt: [0, 5.5],
  soda: [0, 4.1],
  powder: [0, 13],
  spice: [0, 14],
  yeast: [0, 12],
  sugar: [0, 320],
  fat: [0, 260],
  water: [0, 420],
  vanilla: [0, 16],
}

/** Narrower for families that are known by their name or proportions. */
export const usualByFamily: Readonly<Record<string, Partial<Record<Usual, readonly [number, number]>>>> = {
  'cookie': { sugar: [8, 190], fat: [8, 150], water: [0, 85], soda: [0, 3.2] },
  'shortbread': { sugar: [5, 110], fat: [30, 140], water: [0, 60], soda: [0, 2.5] },
  'pastry': { sugar: [0, 70], fat: [22, 120], water: [0, 75] },
  'scone': { sugar: [0, 60], fat: [0, 75], water: [25, 125], soda: [0, 3.2] },
  'yeast': { sugar: [0, 55], fat: [0, 90], water: [25, 110], salt: [0, 3.5] },
  'quick-bread': { sugar: [8, 220], fat: [0, 130], water: [20, 280] },
  'muffin': { sugar: [8, 220], fat: [0, 130], water: [25, 260] },
  'creamed': { sugar: [30, 190], fat: [15, 150], water: [10, 220] },
  'sponge': { sugar: [30, 220], fat: [0, 110], water: [40, 420] },
  'pancake': { sugar: [0, 60], fat: [0, 90], water: [60, 330] },
  'crepe': { sugar: [0, 70], fat: [0, 110], water: [110, 520] },
  'streusel': { sugar: [8, 190], fat: [20, 150], water: [0, 60] },
}

/** Above this, on 100 g flour and flakes, a bulky "3 1/4" is asked about where "3/4" would be ordinary: at least the first figure, at most the second [P]. */
export const misreadAbove: Partial<Record<Usual, { readonly ordinary: readonly [number, number]; readonly above: number }>> = {
  sugar: { ordinary: [10, 100], above: 125 },
  fat: { ordinary: [8, 80], above: 110 },
  water: { ordinary: [15, 120], above: 190 },
}

/** What one piece of a kind weighs before baking, in grams, as widely as such pieces are made [P]. The first row that the yield names counts. */
export const pieceRows: readonly { readonly sign: RegExp; readonly name: string; readonly grams: readonly [number, number] }[] = [
  { sign: /\b(?:mini[\s-]*(?:muffins?|cupcakes?)|petits?\s+fours?|truffles|macarons?|bites|balls|petit)\b/iu, name: 'such a small piece', grams: [5, 60] },
  { sign: /\b(?:cookies|biscuits|snaps|rings|rounds|hearts|crescents|stars|fingers|shortbreads)\b/iu, name: 'a biscuit', grams: [6, 130] },
  { sign: /\b(?:cupcakes|muffins|fairy\s+cakes|buns|rolls|scones|doughnuts|knots|puffs|éclairs|eclairs|tartlets|meringues|nests)\b/iu, name: 'a small cake or bun', grams: [18, 200] },
  { sign: /\b(?:squares|bars|slices|pieces|wedges|brownies|blondies|fingers)\b/iu, name: 'a slice', grams: [14, 320] },
  { sign: /\b(?:pancakes|waffles|crêpes|crepes)\b/iu, name: 'a pancake', grams: [18, 220] },
  { sign: /\b(?:loaf|loaves)\b/iu, name: 'a loaf', grams: [250, 2600] },
  { sign: /\b(?:serves|servings?|portions?|people)\b/iu, name: 'a serving', grams: [30, 620] },
]
