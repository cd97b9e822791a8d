/**
 * Names for many things at once, for what somebody does not eat by name, and things that may be any of them. `of` and `perhaps` are
 * pantry ids or kinds ("kind:spice"): the first are such a thing, of the second nobody knows. [P]
 */
export interface ThingGroup {
  readonly id: string
  /** How people call it. */
  readonly words: readonly string[]
  readonly of: readonly string[]
  readonly perhaps: readonly string[]
}

const anyFruit = ['mixed-fruit-fresh', 'tinned-fruit', 'fruit-puree', 'jam', 'fruit-juice', 'freeze-dried-fruit', 'candied-fruit', 'fruit-leather', 'pie-filling', 'sorbet']
const anyBought = ['granola', 'cake-mix', 'liqueur']

export const thingGroups: readonly ThingGroup[] = [
  {
    id: 'berries',
    words: ['berries', 'berry', 'soft fruit', 'red berries'],
    of: ['strawberries', 'raspberries', 'blackberries', 'blueberries', 'gooseberries', 'cranberries', 'elderberries', 'currants-fresh', 'dried-cranberries', 'berries'],
    perhaps: [...anyFruit, ...anyBought],
  },
  {
    id: 'stone-fruit',
    words: ['stone fruit', 'stone fruits', 'drupes'],
    of: ['peach', 'apricot', 'cherry', 'sour-cherries', 'plum', 'mango', 'dried-apricots', 'prunes', 'glace-cherries', 'dried-cherries', 'prune-puree', 'dried-mango', 'almonds', 'bitter-almond'],
    perhaps: [...anyFruit, ...anyBought],
  },
  { id: 'pome-fruit', words: ['apples and pears', 'pome fruit', 'pome fruits'], of: ['apple', 'pear', 'quince', 'apple-puree', 'apple-juice', 'dried-apple'], perhaps: [...anyFruit, ...anyBought] },
  {
    id: 'citrus',
    words: ['citrus', 'citrus fruit', 'citrus fruits'],
    of: ['orange', 'lemon', 'lime', 'grapefruit', 'clementine', 'lemon-juice', 'lime-juice', 'orange-juice', 'citrus-zest', 'mixed-peel', 'lemon-curd', 'plant-curd'],
    perhaps: [...anyFruit, ...anyBought, 'citric-acid'],
  },
  {
    id: 'fruit',
    words: ['fruit', 'fruits', 'raw fruit'],
    of: ['kind:fruit', 'kind:dried-fruit', 'kind:juice', 'kind:jam', 'banana', 'apple-puree', 'prune-puree', 'date-paste', 'fruit-puree'],
    perhaps: anyBought,
  },
  { id: 'spices', words: ['spices', 'spice'], of: ['kind:spice'], perhaps: ['granola', 'cake-mix', 'biscuits', 'liqueur', 'essence'] },
  {
    id: 'grains',
    words: ['grains', 'cereals', 'grain'],
    of: [
      'kind:flour',
      'kind:flakes',
      'maize-flour',
      'polenta',
      'rice-flour',
      'brown-rice-flour',
      'sweet-rice-flour',
      'rice',
      'puffed-rice',
      'sorghum-flour',
      'millet-flour',
      'teff-flour',
      'cornflakes',
      'couscous',
    ],
    perhaps: ['kind:flour-mix', 'kind:starch', 'kind:ready-made'],
  },
  { id: 'seeds', words: ['seeds', 'seed'], of: ['kind:seed', 'flax', 'chia', 'flax-gel', 'chia-gel', 'psyllium'], perhaps: ['granola', 'bread', 'gf-bread'] },
  {
    id: 'legumes',
    words: ['legumes', 'pulses', 'beans'],
    of: ['kind:legume', 'kind:tofu', 'aquafaba', 'chickpea-flour', 'soy-flour', 'lupin-flour', 'pea-flour', 'peanuts', 'soy-drink', 'pea-drink'],
    perhaps: ['guar', 'protein-powder', 'plant-egg', 'egg-replacer'],
  },
  { id: 'nuts', words: ['nuts'], of: ['kind:nut', 'kind:nut-flour', 'kind:nut-butter', 'marzipan', 'praline', 'hazelnut-spread'], perhaps: ['granola', 'nougat', 'liqueur', 'biscuits'] },
]

/** Things that may be any of their kind: unknown for each member, also where that is avoided by name. [P] */
export const genusRows: readonly { readonly ingredient: string; readonly of: readonly string[] }[] = [
  ...anyFruit.map(ingredient => ({ ingredient, of: ['kind:fruit', 'kind:dried-fruit', 'kind:juice', 'banana', 'apple-puree', 'prune-puree'] })),
  { ingredient: 'berries', of: ['strawberries', 'raspberries', 'blackberries', 'blueberries', 'gooseberries', 'cranberries', 'elderberries', 'currants-fresh'] },
  { ingredient: 'mixed-nuts', of: ['kind:nut'] },
  { ingredient: 'mixed-seeds', of: ['kind:seed', 'flax', 'chia'] },
  { ingredient: 'mixed-spice', of: ['kind:spice'] },
  { ingredient: 'pumpkin-spice', of: ['kind:spice'] },
  { ingredient: 'herbs', of: ['mint', 'lavender', 'woody-herbs', 'lemongrass'] },
  { ingredient: 'mixed-peel', of: ['orange', 'lemon', 'citrus-zest'] },
  { ingredient: 'liqueur', of: ['kind:fruit', 'kind:spice', 'kind:nut', 'coffee-powder', 'ground-coffee'] },
  { ingredient: 'essence', of: ['kind:spice', 'kind:fruit'] },
  { ingredient: 'granola', of: ['kind:fruit', 'kind:dried-fruit', 'kind:spice', 'kind:seed', 'kind:nut'] },
  { ingredient: 'cake-mix', of: ['kind:spice', 'kind:flavour'] },
  { ingredient: 'trail-mix', of: ['kind:nut', 'kind:dried-fruit', 'kind:seed'] },
]
