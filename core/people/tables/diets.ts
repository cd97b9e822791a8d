import type { Region } from '../../measure'

/**
 * Diets as rules over the pantry. `avoids` are ids that the diet leaves out; `butAsk` are ingredients that it allows when the
 * packet says so (certified oats for coeliacs); `rules` speak of whole ingredients or kinds ("kind:nut") as they are used here.
 * Sources: [P] common practice; [L] gluten-free is at most 20 mg/kg, EU 828/2014; [M] from memory.
 */
export interface DietRow {
  readonly id: string
  readonly name: string
  readonly avoids: readonly string[]
  readonly level: 'ingredient' | 'trace'
  readonly butAsk: readonly string[]
  /** Ingredients that are fine for it though they hold what it leaves out; `fineClaim`: so are packets of that claim. */
  readonly fine?: readonly string[]
  readonly fineClaim?: string
  readonly rules: readonly DietRule[]
  readonly says: string
  readonly source: string
}

/**
 * What a diet says of an ingredient in this use. `state` counts in the verdict; `ask` is only worth asking about. `unless` are words
 * of the line that settle it, `onlyRaw` holds where the part is not heated, `regions` where it is the practice.
 */
export interface DietRule {
  readonly id: string
  readonly name: string
  readonly of: readonly string[]
  readonly state: 'contains' | 'unknown' | 'ask'
  readonly unless?: string
  readonly onlyRaw?: true
  readonly regions?: readonly Region[]
  readonly because: string
  readonly source: string
}

const animals = ['gelatine', 'animal-fat', 'insect-colour', 'animal-other', 'fish', 'shellfish']
const whiteSugars = ['sugar', 'icing-sugar', 'light-brown-sugar', 'dark-brown-sugar', 'demerara-sugar', 'vanilla-sugar', 'jam-sugar']
const boneChar: DietRule = {
  id: 'bone-char',
  name: 'sugar whitened over bone char',
  of: whiteSugars,
  state: 'ask',
  regions: ['us', 'ca', 'au', 'nz', 'za'],
  because: 'some cane sugar here is whitened over bone char; the maker tells',
  source: '[M]',
}
const asksMaker = (id: string, name: string, of: readonly string[], because: string): DietRule => ({ id, name, of, state: 'ask', because, source: '[P]' })
const rennet = asksMaker('rennet-ask', 'rennet', ['kind:cheese', 'kind:fresh-cheese'], 'cheese may be set with animal rennet; the packet tells')
const finings = asksMaker('finings', 'finings', ['wine', 'beer', 'gf-beer', 'vinegar', 'malt-vinegar'], 'wine, beer and their vinegar may be cleared with isinglass or egg white; the maker tells')
const woolVitamin = asksMaker(
  'vitamin-d3',
  'vitamin D3',
  ['kind:plant-drink', 'kind:plant-sour', 'plant-block', 'plant-spread', 'margarine', 'cornflakes'],
  'added vitamin D3 may be of wool grease; the maker tells',
)
const glazed = asksMaker(
  'glazes',
  'shellac and carmine',
  ['kind:decoration', 'kind:chocolate', 'kind:plant-chocolate'],
  'coated and coloured sweets may be glazed with shellac or coloured with carmine; the packet tells',
)

/** What a small child can choke on. [P] under about five years */
const choking: DietRule = {
  id: 'choking',
  name: 'whole nuts and hard pieces',
  of: ['kind:nut', 'popcorn', 'boiled-sweets', 'mixed-seeds', 'marshmallows', 'plant-marshmallows', 'toffee', 'plant-toffee', 'brittle', 'jelly-sweets', 'nougat', 'praline'],
  state: 'contains',
  unless: 'ground|flour|meal|butter|paste|oil|milk|drink',
  because: 'whole or chopped nuts and hard or springy pieces can choke a small child',
  source: '[P] under about five years',
}
const chokingFruit: DietRule = {
  id: 'choking-fruit',
  name: 'whole round fruit',
  of: ['grapes', 'cherry', 'sour-cherries', 'glace-cherries', 'blueberries', 'gooseberries', 'currants-fresh'],
  state: 'contains',
  unless: 'halved|halves|quartered|quarters|chopped|mashed|crushed|pur[eé]ed?|sliced|sauce|jam|juice|compote',
  because: 'whole grapes, cherries and the like can choke a small child: quarter them',
  source: '[P] under about five years',
}
const rawEgg: DietRule = {
  id: 'raw-egg',
  name: 'raw egg',
  of: ['kind:egg', 'kind:egg-white', 'kind:egg-yolk'],
  state: 'unknown',
  onlyRaw: true,
  unless: 'pasteurised|pasteurized|powder|dried|hard-boiled',
  because: 'nothing here says that the egg is heated',
  source: '[P]',
}

export const dietRows: readonly DietRow[] = [
  {
    id: 'vegan',
    name: 'vegan',
    avoids: ['milk', 'egg', 'honey', 'beeswax', ...animals],
    level: 'ingredient',
    butAsk: [],
    rules: [boneChar, woolVitamin, finings, glazed],
    says: 'nothing of animals; honey, shellac and carmine too',
    source: '[P]',
  },
  {
    id: 'strict-vegan',
    name: 'vegan, sugar too',
    avoids: ['milk', 'egg', 'honey', 'beeswax', ...animals],
    level: 'ingredient',
    butAsk: [],
    rules: [{ ...boneChar, state: 'unknown' }, woolVitamin, finings, glazed],
    says: 'and no sugar that may have been whitened over bone char',
    source: '[P]',
  },
  { id: 'vegetarian', name: 'vegetarian', avoids: animals, level: 'ingredient', butAsk: [], rules: [rennet, finings, glazed], says: 'no gelatine, animal fat, carmine, fish', source: '[P]' },
  {
    id: 'lactose',
    name: 'lactose-intolerant',
    avoids: ['milk'],
    level: 'ingredient',
    butAsk: [],
    fine: ['lactose-free-milk'],
    fineClaim: 'lactose-free',
    rules: [asksMaker('still-milk', 'lactose-free milk', ['lactose-free-milk'], 'lactose-free milk is still milk: not for a milk allergy')],
    says: 'no milk but lactose-free; that is still milk, and not for an allergy',
    source: '[P]',
  },
  {
    id: 'coeliac',
    name: 'coeliac',
    avoids: ['gluten'],
    level: 'trace',
    butAsk: ['oat-flakes-certified'],
    rules: [{ id: 'oats', name: 'oats', of: ['oat-flakes-certified'], state: 'ask', because: 'a few coeliacs do not tolerate oats at all, certified or not', source: '[P]' }],
    says: 'no gluten, traces too; oats only certified',
    source: '[L]',
  },
  {
    id: 'pareve-style',
    name: 'pareve-style',
    avoids: ['milk', 'gelatine', 'animal-fat', 'animal-other', 'shellfish'],
    level: 'ingredient',
    butAsk: [],
    rules: [],
    says: 'neither milk nor meat in it; certification cannot be computed from a list',
    source: '[P]',
  },
  { id: 'no-alcohol', name: 'no alcohol', avoids: ['alcohol'], level: 'ingredient', butAsk: [], rules: [], says: 'no spirits, wine or extracts drawn with alcohol', source: '[P]' },
  {
    id: 'under-one',
    name: 'under one',
    avoids: ['honey', 'alcohol'],
    level: 'ingredient',
    butAsk: [],
    rules: [choking, chokingFruit, { ...rawEgg }],
    says: 'no honey, nothing to choke on, no raw egg',
    source: '[P]',
  },
  { id: 'under-five', name: 'under five', avoids: ['alcohol'], level: 'ingredient', butAsk: [], rules: [choking, chokingFruit, { ...rawEgg }], says: 'nothing to choke on, no raw egg', source: '[P]' },
  {
    id: 'pregnant',
    name: 'pregnant',
    avoids: ['alcohol'],
    level: 'ingredient',
    butAsk: [],
    rules: [
      { ...rawEgg },
      {
        id: 'raw-milk',
        name: 'raw milk',
        of: ['kind:milk', 'kind:cream', 'kind:fresh-cheese', 'kind:cheese', 'kind:sour-milk'],
        state: 'ask',
        onlyRaw: true,
        because: 'milk and soft cheese that are not heated here should be of pasteurised milk',
        source: '[P]',
      },
    ],
    says: 'no alcohol, no raw egg; ask about raw milk',
    source: '[P]',
  },
]
