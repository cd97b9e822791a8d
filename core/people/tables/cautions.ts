/**
 * The usual cautions, each shown once, at the step or line that calls for it. `when` names pantry ids or kinds ("kind:flour"),
 * `steps` words of a step (a pattern) where it is shown if one has them; with `both`, both must be there. `unless` takes it back.
 * `defer`: who decides. Sources: [P] common safety advice for home kitchens; [M] from memory; [L] a rule, named.
 */
export interface CautionRow {
  readonly id: string
  readonly when: readonly string[]
  readonly steps?: string
  readonly both?: true
  readonly unless?: readonly string[]
  readonly says: string
  readonly because: string
  readonly defer?: string
  readonly source: string
}

export const cautionRows: readonly CautionRow[] = [
  {
    id: 'raw-flour',
    when: ['kind:flour', 'kind:gluten-free-flour', 'kind:flour-mix'],
    steps: '\\b(?:dough|batter)\\b',
    unless: ['kind:egg'],
    says: 'Raw flour is not safe to eat because the eggs are gone: no tasting of the dough.',
    because: 'flour is a raw food',
    source: '[P]',
  },
  {
    id: 'raw-egg',
    when: ['kind:egg', 'kind:egg-white', 'kind:egg-yolk'],
    steps: '\\b(?:dough|batter|fold\\s+in|whisk|beat)\\b',
    both: true,
    says: 'Raw egg: no tasting before it is baked; small children, the pregnant and the ill least of all.',
    because: 'raw egg may carry salmonella',
    source: '[P]',
  },
  {
    id: 'hot-sugar',
    when: [],
    steps:
      '\\b(?:caramel(?:ise|ize|ises|ised)?\\w*|boil\\w*[^.]{0,40}(?:sugar|syrup|treacle|honey)|(?:sugar|syrup|treacle|honey)[^.]{0,60}(?:boil\\w*|bubbl\\w*|simmer\\w*)|soft\\s+ball|firm\\s+ball|hard\\s+ball|(?:soft|hard)\\s+crack|brittle|toffee)\\b|\\b(?:to|reach(?:es)?|until\\s+it\\s+is)\\s+(?:about\\s+)?1[1-7]\\d\\s*°\\s*C\\b(?![^.]*\\b(?:oven|fan|gas))(?<!\\b(?:oven|bak\\w*|preheat\\w*|roast\\w*|down|reduce\\w*|lower)\\b[^.]*)|\\bthermometer\\b[^.]{0,40}\\b1[1-8]\\d\\b',
    says: 'Hot sugar burns deeply: never touch it or taste it, keep children away, have cold water near.',
    because: 'sugar and syrup hold far more heat than water, and cling',
    source: '[P]',
  },
  {
    id: 'deep-fat',
    when: ['kind:oil', 'kind:hard-fat'],
    steps:
      '\\b(?:deep[-\\s]?fr(?:y|ied|ying)|(?:hot|heat\\s+the)\\s+(?:\\w+\\s+)?(?:oil|fat)\\b[^.]{0,60}\\b(?:1[5-9]\\d|fry|drop)|fry\\b[^.]{0,40}\\bin\\s+(?:the\\s+)?(?:hot\\s+)?(?:oil|fat)|(?:oil|fat)\\s+(?:reaches|to|is\\s+at)\\s+1[5-9]\\d)',
    both: true,
    says: 'Hot fat: never more than half a pan, never left alone, nothing wet into it; a lid puts a fire out, water never. Fat that fried something else carries it.',
    because: 'it catches fire above some 230 °C, and water bursts in it',
    source: '[P]',
  },

  {
    id: 'steam-glass',
    when: [],
    steps: '\\b(?:over\\s+(?:a\\s+pan\\s+of\\s+)?(?:gently\\s+)?(?:simmering|steaming|hot|barely\\s+simmering)\\s+water|double\\s+boiler)\\b',
    says: 'Over steam use a heatproof bowl, not thin glass, and lift it off with a cloth.',
    because: 'glass may crack in steam',
    source: '[P]',
  },
  {
    id: 'raw-icing',
    when: ['kind:egg-white'],
    steps: '\\b(?:royal\\s+icing|icing\\s+sugar)\\b',
    both: true,
    says: 'Icing of raw egg white stays raw: pasteurised or dried white for small children, the pregnant and the ill.',
    because: 'nothing heats it',
    source: '[P]',
  },
  {
    id: 'jars',
    when: ['kind:egg', 'kind:egg-yolk', 'kind:cream', 'kind:milk', 'kind:butter', 'kind:plant-cream', 'kind:nut', 'pumpkin-puree', 'banana', 'sweet-potato', 'kind:legume'],
    steps: '\\b(?:jars?|sterilised|sterilized|preserv\\w+)\\b',
    both: true,
    says: 'Only what is very sweet or sour keeps in a jar at room temperature: curds, creams, purées and nut fillings go into the fridge and are eaten within a week or two.',
    because: 'mild fillings in closed jars are where botulism grows',
    source: '[P]',
  },

  {
    id: 'hot-blender',
    when: [],
    steps:
      '\\b(?:hot|boil\\w*|simmer\\w*|warm|just[-\\s]cooked)\\b[^.]{0,90}\\b(?:blend|blitz|pur[ée]e|liquidise|blender)\\w*|\\b(?:blend|blitz|pur[ée]e|liquidise)\\w*\\b[^.]{0,60}\\b(?:hot|boiling|simmering|warm)\\b(?!\\s+(?:place|oven))',
    says: 'Hot liquid never in a closed blender: leave the lid’s vent open under a cloth; switch an immersion blender on and off only while it is under.',
    because: 'steam bursts the lid off',
    source: '[P]',
  },

  {
    id: 'aquafaba',
    when: ['aquafaba'],
    says: 'Aquafaba only from a sound tin or freshly boiled beans, never from a bulging one; chilled up to 3 days, or frozen. Count the salt of salted tins. Chickpea may cross-react with peanut and lupin.',
    because: 'cooked bean liquid spoils quickly',
    defer: 'your allergist, for a legume allergy',
    source: '[P]',
  },
  { id: 'honey', when: ['honey'], says: 'Honey is not for children under twelve months.', because: 'it may carry spores that infants cannot fight', source: '[P]' },
  { id: 'nuts', when: ['kind:nut', 'mixed-seeds'], says: 'Whole nuts and hard pieces: a choking risk for children under about five years.', because: 'they fit a small windpipe', source: '[P]' },
  {
    id: 'dry-binders',
    when: ['psyllium', 'chia'],
    says: 'Chia and psyllium are never eaten dry: always with liquid; no large jellies for small children.',
    because: 'they swell, also in the throat',
    source: '[P]',
  },
  { id: 'alcohol', when: ['kind:alcohol'], says: 'Alcohol does not all bake out.', because: 'a part of it stays, more in a short bake', source: '[P]' },
  { id: 'xylitol', when: ['xylitol'], says: 'Xylitol is poisonous to dogs: sweep up crumbs, keep the tin shut.', because: 'small amounts are enough', source: '[P]' },
  { id: 'sugar-alcohols', when: ['xylitol', 'erythritol'], says: 'Sugar alcohols act as a laxative above some 20–30 g a person.', because: 'they are hardly taken up', source: '[P]' },
  {
    id: 'oats',
    when: ['oat-drink', 'oat-cream', 'oat-yoghurt', 'oat-flakes', 'oat-flakes-certified', 'oat-flour'],
    says: 'Oats carry gluten by contact unless certified, and a few coeliacs do not tolerate oats at all.',
    because: 'oats are grown and milled beside wheat',
    defer: 'the coeliac’s dietitian',
    source: '[P]; [L] EU 828/2014',
  },
  {
    id: 'coconut',
    when: ['coconut-milk', 'coconut-cream', 'coconut-oil', 'coconut-drink', 'desiccated-coconut', 'coconut-yoghurt', 'plant-condensed'],
    says: 'Coconut is its own entry here, not a tree nut: ask whoever avoids nuts.',
    because: 'some law once counted it as a tree nut',
    defer: 'your allergist',
    source: '[P]',
  },
  {
    id: 'dark-chocolate',
    when: ['kind:chocolate', 'kind:plant-chocolate'],
    says: 'Dark chocolate very often carries milk; “dairy-free” and “vegan” say nothing about traces.',
    because: 'it runs on the lines of milk chocolate',
    defer: 'the packet',
    source: '[P]',
  },
  {
    id: 'plant-fat',
    when: ['plant-block', 'plant-spread', 'margarine'],
    says: 'Plant butters may hold soy, coconut, pea or cashew: read the statement each time, the same brand changes its recipe.',
    because: 'makers change them often',
    defer: 'the packet',
    source: '[P]',
  },
  {
    id: 'cold-fillings',
    when: ['kind:tofu', 'kind:plant-cream', 'kind:plant-sour', 'kind:cream', 'kind:fresh-cheese', 'avocado'],
    steps: '\\b(?:custard|mousse|filling|frosting|whipp?(?:ed|ing)?|chill\\w*|refrigerat\\w*|fridge|set|sets)\\b(?!\\s+(?:the\\s+)?(?:oven|aside|timer))',
    both: true,
    says: 'Creams and custards: within two hours into the fridge, eaten within 2–3 days.',
    because: 'they are wet, mild and full of food for germs',
    source: '[P]',
  },
  {
    id: 'extracts',
    when: ['almond-extract', 'amaretto', 'marzipan', 'praline'],
    says: 'Extracts, liqueurs, marzipan and praline bring nuts.',
    because: 'they are made of them, or carry them',
    source: '[P]',
  },
  {
    id: 'apricot-kernels',
    when: ['bitter-almond'],
    says: 'Raw bitter almonds and apricot kernels release cyanide: a few drops of flavouring, never a handful, and none for children.',
    because: 'amygdalin',
    source: '[P]',
  },
  { id: 'coumarin', when: ['cinnamon'], says: 'Cassia cinnamon holds coumarin: the usual kitchen amounts only.', because: 'much of it, often, strains the liver', source: '[P]' },
  { id: 'nutmeg', when: ['nutmeg'], says: 'Nutmeg in pinches only.', because: 'a whole one is a poison', source: '[P]' },
  { id: 'egg-substitute', when: ['egg-substitute'], says: 'Liquid “egg substitute” is usually egg.', because: 'it is egg white with colour', defer: 'the packet', source: '[P]' },
  { id: 'lactose-free', when: ['lactose-free-milk', 'goat-milk'], says: 'Lactose-free, goat’s and sheep’s milk are milk: not for a milk allergy.', because: 'the protein is there', source: '[P]' },
]

/** What to do about traces, said once when someone at the table avoids them. [P] */
export const crossContact = 'Bake this first, with clean tools: wooden spoons, sieves, graters, mats and tins hold traces. Wash with soap and hot water, cover it, keep it on the top shelf.'
