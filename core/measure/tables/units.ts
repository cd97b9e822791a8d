import type { Region } from '../region'

/**
 * The units that home recipes use. `ml` or `g` is the size of one; where regions differ, `by` holds the exceptions.
 * A `count` unit has no size of its own: the pantry says what one piece or tin of an ingredient weighs.
 * A `vague` unit is a range, in grams, and is shown as one.
 * Sources: [U] Debian `units`; [L] definition or law; [P] common practice of the trade; [M] from memory.
 */
export interface UnitRow {
  readonly id: string
  readonly kind: 'mass' | 'volume' | 'count' | 'vague'
  readonly names: readonly string[]
  readonly ml?: number
  readonly g?: number
  readonly by?: Partial<Record<Region, number>>
  readonly range?: readonly [number, number, number]
  readonly source: string
}

const metricCup = 250
const usCup = 236.5882365

export const unitRows: readonly UnitRow[] = [
  { id: 'kg', kind: 'mass', g: 1000, names: ['kg', 'kgs', 'kilo', 'kilos', 'kilogram', 'kilograms', 'kilogramme', 'kilogrammes'], source: '[L] SI' },
  { id: 'g', kind: 'mass', g: 1, names: ['g', 'gr', 'gm', 'gms', 'gram', 'grams', 'gramme', 'grammes'], source: '[L] SI' },
  { id: 'mg', kind: 'mass', g: 0.001, names: ['mg', 'milligram', 'milligrams'], source: '[L] SI' },
  { id: 'oz', kind: 'mass', g: 28.349523, names: ['oz', 'ozs', 'ounce', 'ounces'], source: '[U]' },
  { id: 'lb', kind: 'mass', g: 453.59237, names: ['lb', 'lbs', 'pound', 'pounds'], source: '[U]' },
  { id: 'stick-butter', kind: 'mass', g: 113.398, names: ['stick', 'sticks'], source: '[U] stickbutter' },

  { id: 'l', kind: 'volume', ml: 1000, names: ['l', 'lt', 'ltr', 'litre', 'litres', 'liter', 'liters'], source: '[L] SI' },
  { id: 'dl', kind: 'volume', ml: 100, names: ['dl', 'decilitre', 'decilitres', 'deciliter', 'deciliters'], source: '[L] SI' },
  { id: 'cl', kind: 'volume', ml: 10, names: ['cl', 'centilitre', 'centilitres', 'centiliter', 'centiliters'], source: '[L] SI' },
  { id: 'ml', kind: 'volume', ml: 1, names: ['ml', 'mls', 'cc', 'millilitre', 'millilitres', 'milliliter', 'milliliters'], source: '[L] SI' },
  { id: 'cup', kind: 'volume', ml: metricCup, by: { us: usCup }, names: ['cup', 'cups', 'c', 'c.', 'cupful', 'cupfuls'], source: '[U] uscup, metriccup; modern UK sets 250 ml [P]' },
  {
    id: 'tbsp',
    kind: 'volume',
    ml: 15,
    by: { us: 14.7867648, au: 20 },
    names: ['tablespoon', 'tablespoons', 'tablespoonful', 'tablespoonfuls', 'tbsp', 'tbsps', 'tbs', 'tbl', 'tblsp', 'tbls', 'tb', 'T'],
    source: '[U] ustablespoon, brtablespoon, australiatablespoon',
  },
  { id: 'dsp', kind: 'volume', ml: 10, names: ['dessertspoon', 'dessertspoons', 'dessertspoonful', 'dsp', 'dstsp', 'dessert spoon', 'dessert spoons'], source: '[U] dessertspoon' },
  {
    id: 'tsp',
    kind: 'volume',
    ml: 5,
    by: { us: 4.9289216 },
    names: ['teaspoon', 'teaspoons', 'teaspoonful', 'teaspoonfuls', 'tsp', 'tsps', 'ts', 't'],
    source: '[U] usteaspoon, brteaspoon, australiateaspoon',
  },
  { id: 'teacup', kind: 'volume', ml: 190, names: ['teacup', 'teacups', 'teacupful', 'teacupfuls', 'tea cup', 'tea cups'], source: '[M] a third of an imperial pint' },
  { id: 'wineglass', kind: 'volume', ml: 65, names: ['wineglass', 'wineglasses', 'wine glass', 'wine glasses', 'wineglassful'], source: '[M] old books: 2–2½ fl oz' },
  { id: 'katori', kind: 'volume', ml: 150, names: ['katori', 'katoris', 'vati', 'vatis'], source: '[M] a small Indian bowl, about 150 ml' },
  { id: 'fl-oz', kind: 'volume', ml: 28.4130625, by: { us: 29.5735296 }, names: ['fl oz', 'fl. oz', 'floz', 'fluid ounce', 'fluid ounces'], source: '[U] usfloz, brfloz' },
  { id: 'pint', kind: 'volume', ml: 568.26125, by: { us: 473.176473 }, names: ['pint', 'pints', 'pt', 'pts'], source: '[U] uspint, brpint' },
  { id: 'quart', kind: 'volume', ml: 1136.5225, by: { us: 946.352946 }, names: ['quart', 'quarts', 'qt', 'qts'], source: '[U] usquart, brquart' },
  { id: 'gill', kind: 'volume', ml: 142.0653125, by: { us: 118.29411825 }, names: ['gill', 'gills'], source: '[U] usgill, brgill' },

  { id: 'pinch', kind: 'vague', range: [0.2, 0.3, 0.6], names: ['pinch', 'pinches'], source: '[P]' },
  { id: 'smidgen', kind: 'vague', range: [0.1, 0.2, 0.3], names: ['smidgen', 'smidgens'], source: '[P]' },
  { id: 'dash', kind: 'vague', range: [0.3, 0.6, 1.2], names: ['dash', 'dashes'], source: '[P]' },
  { id: 'drop', kind: 'vague', range: [0.03, 0.05, 0.07], names: ['drop', 'drops'], source: '[P]' },
  { id: 'splash', kind: 'vague', range: [5, 10, 20], names: ['splash', 'splashes', 'glug', 'glugs', 'drizzle', 'drizzles'], source: '[P]' },
  { id: 'knob', kind: 'vague', range: [10, 15, 25], names: ['knob', 'knobs'], source: '[P]' },
  { id: 'handful', kind: 'vague', range: [30, 35, 40], names: ['handful', 'handfuls', 'fistful', 'fistfuls'], source: '[P]' },
  { id: 'dollop', kind: 'vague', range: [15, 25, 40], names: ['dollop', 'dollops', 'blob', 'blobs'], source: '[P]' },

  { id: 'knife-tip', kind: 'vague', range: [0.2, 0.4, 0.7], names: ['knife tip', 'knife tips', 'knifetip', 'knife point', 'knife-point'], source: '[P]' },
  { id: 'squeeze', kind: 'vague', range: [3, 5, 10], names: ['squeeze', 'squeezes', 'squirt', 'squirts'], source: '[P]' },
  {
    id: 'grating',
    kind: 'vague',
    range: [0.1, 0.3, 0.6],
    names: ['grating', 'gratings', 'grind', 'grinds', 'twist', 'twists', 'sprinkling', 'sprinkle', 'shake', 'shakes', 'grinding'],
    source: '[P]',
  },
  { id: 'ladle', kind: 'vague', range: [80, 110, 150], names: ['ladle', 'ladles', 'ladleful', 'ladlefuls'], source: '[P]' },
  { id: 'strand', kind: 'vague', range: [0.002, 0.003, 0.005], names: ['strand', 'strands', 'thread', 'threads'], source: '[P]' },

  { id: 'tin', kind: 'count', names: ['tin', 'tins', 'can', 'cans'], source: '[P]' },
  { id: 'loaf', kind: 'count', names: ['loaf', 'loaves'], source: '[P]' },
  { id: 'bunch', kind: 'count', names: ['bunch', 'bunches'], source: '[P]' },
  { id: 'stalk', kind: 'count', names: ['stalk', 'stalks'], source: '[P]' },
  { id: 'head', kind: 'count', names: ['head', 'heads'], source: '[P]' },
  { id: 'jar', kind: 'count', names: ['jar', 'jars'], source: '[P]' },
  {
    id: 'packet',
    kind: 'count',
    names: [
      'packet',
      'packets',
      'package',
      'packages',
      'pack',
      'packs',
      'pkg',
      'pkgs',
      'pkt',
      'pkts',
      'pck',
      'pck.',
      'sachet',
      'sachets',
      'envelope',
      'envelopes',
      'bag',
      'bags',
      'box',
      'boxes',
      'carton',
      'cartons',
      'ctn',
      'ctns',
      'sleeve',
      'sleeves',
      'tub',
      'tubs',
      'pot',
      'pots',
      'bottle',
      'bottles',
      'container',
      'containers',
      'punnet',
      'punnets',
      'basket',
      'baskets',
      'tube',
      'tubes',
      'roll',
      'rolls',
    ],
    source: '[P]',
  },
  { id: 'block', kind: 'count', names: ['block', 'blocks', 'bar', 'bars'], source: '[P]' },
  { id: 'square', kind: 'count', names: ['square', 'squares', 'sq'], source: '[P]' },
  { id: 'slice', kind: 'count', names: ['slice', 'slices', 'rasher', 'rashers'], source: '[P]' },
  { id: 'sheet', kind: 'count', names: ['sheet', 'sheets', 'leaf', 'leaves'], source: '[P]' },
  { id: 'cm-piece', kind: 'count', names: ['cm piece', 'cm-piece', 'cm knob', 'cm length', 'cm chunk', 'cm stick', 'cm thumb', 'centimetre piece'], source: '[P]' },
  { id: 'inch-piece', kind: 'count', names: ['inch piece', 'inch-piece', 'inch knob', 'inch length', 'inch chunk', 'inch stick', 'in piece', 'in. piece'], source: '[P]' },
  {
    id: 'piece',
    kind: 'count',
    names: ['piece', 'pieces', 'thumb-sized piece', 'thumb sized piece', 'thumb-size piece', 'pc', 'pcs', 'ball', 'balls', 'lump', 'lumps', 'cube', 'cubes', 'nub', 'thumb', 'chunk', 'chunks'],
    source: '[P]',
  },
  { id: 'pod', kind: 'count', names: ['pod', 'pods', 'bean'], source: '[P]' },
  { id: 'sprig', kind: 'count', names: ['sprig', 'sprigs'], source: '[P]' },
  { id: 'scoop', kind: 'count', names: ['scoop', 'scoops'], source: '[P]' },
]

/** Words before a spoon or cup that say how it was filled: the factor on its volume, low, best and high; a cup heaps less than a spoon. [P] */
export const fillingRows: readonly { readonly word: string; readonly factor: readonly [number, number, number]; readonly cup?: readonly [number, number, number] }[] = [
  { word: 'level', factor: [1, 1, 1] },
  { word: 'scant', factor: [0.85, 0.92, 1] },
  { word: 'heaped', factor: [1.2, 1.5, 2], cup: [1.05, 1.15, 1.35] },
  { word: 'heaping', factor: [1.2, 1.5, 2], cup: [1.05, 1.15, 1.35] },
  { word: 'rounded', factor: [1.1, 1.3, 1.6], cup: [1, 1.08, 1.2] },
  { word: 'generous', factor: [1, 1.1, 1.25] },
  { word: 'good', factor: [1, 1.1, 1.25] },
]
