import type { AvoidableId } from '../avoidable'

/**
 * Words around an ingredient that do not change what it is. A word in an ingredient's name that is neither here nor in
 * the pantry is reported as unread and keeps the line from looking safe. [P]
 */
export const descriptors: ReadonlySet<string> = new Set(
  `
added desi deep fry frying shallow a about accurately additional all also an and any approx approximately as at available baking barely base beaten best big bit bite blanched blended block boiled boiling
boneless basin bought bottled bowl broken brewed bright bruised brushed burnt bunch buttered canned carefully cake cakes caster chilled chopped chunk chunky circa clean clear coarse coarsely
cold colour coloured commercial cook cooked cooking cool cooled cooking cored cracked crispy crumbled crushed cubed cube cup cut dairy deep deseeded desired diced dish
discarded dissolved divided double drained dried drop dry dusting each edible equal evenly even extra fairly fat few filling fine finely finest firm firmly fleshed flaked flat flavour flavoured
flesh fluid flame folded for fork freeze freezing free range freshly fresh from frozen full garnish generous gently golden good grade granulated grated grating grease greasing great grind ground
half halved hand handful hard heaped heaping heavy high hint home homemade hot house hulled husked if in inch into it its jar juice juicy just kernel kind knob large leaf leftover less level light lightly like liquid
little long loosely loose low lukewarm lump made mashed measured measuring medium melted mild mini minced minus mixed mixture moist more natural nature needed neutral new no non not of off old on one only optional or
organic other our out over overnight overripe own packed packet pan part patted peel peeled per piece pinch pitted pieces plain plump plus poached pod possible pour poured powder powdered preferably premium pressed processed pulp pulped
pure purchased quality quantity quartered quarter raw ready real recipe refrigerated reduced regular removed rest ribbon rinsed ripe roast roasted roll rolled room rough roughly round rounded salted scalded scant scraped
segment seed seeded seedless separate separated serve serving set shaken shaved shelled shop shredded sieved sift sifted simmering single size sized skin skinless skinned skin slice sliced slightly sliver slivered small smooth so soaked soft softened soften
but dust std capful lots plenty ish some specially split spooned spoon spray sprig squeezed standard stalk standing steamed stem stemmed stick still stirred stone stoned stored strained strip strong such supermarket sweet sweetened tablespoon tart taste tear
teaspoon temp temperature tender that the their them then thick thickly thin thinly this thoroughly tightly time tin tinned to toasted top topping torn total trimmed trim twice two type undiluted undyed unpeeled unrefined unroasted unsalted unsweetened untreated unwaxed
up use used using usual variety very volume warm warmed washed waxed weight well wet when whichever whipped white whisked whole wholegrain with without yellow you young your zested
brown dark black red green blue purple pink pale thai english french italian greek turkish swiss belgian madagascan ceylon mexican spanish seville sicilian indian dutch
dusted decorate decoration finish glaze glazing brushing rolling sprinkle sprinkling drizzle dip dipping coat coating frosting icing batter crust base crumble dough pastry streusel traybake loaf tray pie
tepid blood blossom medjool stale day proof active easy quick cook pack shop grain grained brand store super fairtrade ethical undrained patty tsp tbsp g ml kg oz lb equivalent each every both first second third sprinkled layer
morsel jumbo case shell hull gooey wedge button disc curl shaving strand thread log punnet favourite favorite nice lovely nib nugget baton matchstick julienne crumb crush shelled squirt leftover about circa stale overnight unbleached enriched bleached cultured pasteurised pasteurized homogenised whole pouring runny toast chop bake melt beat whisk shred mould mold ramekin casserole griddle muffin cupcake liner paper baked prebaked floury waxy kettle unbaked style brick picked tall make filled yield leveled levelled lg med sm stoneless mix blend chunky fineness tinful room-temperature kept back brand-new generic local farmhouse artisan country heritage creamery dusty snipped snip quick grain rest worth reserve reserved divide dividing portion batch enough needed according directed package label instruction size sized tub above below see note recipe follow below optional tip roomtemp approximately max min least most i prefer we
`
    .trim()
    .split(/\s+/),
)

/**
 * Claims that a line makes about itself, and what they say is not in it. A claim is never proof: what the pantry says
 * the ingredient usually holds becomes "unknown, ask the packet" instead of "contains". [L], [P]
 */
export const claimRows: readonly { readonly words: string; readonly without: readonly string[] }[] = [
  { words: 'vegan | plant based | plant | animal free', without: ['milk', 'egg', 'honey', 'gelatine', 'animal-fat', 'insect-colour'] },
  { words: 'dairy free | non dairy | nondairy | milk free | dairyfree', without: ['milk'] },
  { words: 'egg free | eggless', without: ['egg'] },
  { words: 'gluten free | glutenfree | gf', without: ['gluten', 'wheat', 'rye', 'barley'] },
  { words: 'wheat free', without: ['wheat'] },
  { words: 'nut free', without: ['tree-nut', 'peanut', 'almond', 'hazelnut', 'walnut', 'cashew', 'pecan', 'pistachio', 'brazil', 'macadamia', 'pine'] },
  { words: 'soy free | soya free', without: ['soy'] },
  { words: 'alcohol free', without: ['alcohol'] },
  { words: 'no added sugar | no added salt | no sugar added', without: [] },
  { words: 'sugar free | salt free | oil free | fat free | caffeine free | additive free | gmo free | sulphite free | lactose free | aluminum free | aluminium free', without: [] },
]

/** "Vegan salted butter", "gluten-free 1-to-1 baking flour": what a claim before a name makes of it. `of` is an ingredient or a kind. [P] */
export const claimReadings: readonly { readonly without: AvoidableId; readonly of: string; readonly is: string }[] = [
  { without: 'gluten', of: 'self-raising-flour', is: 'gf-self-raising' },
  { without: 'gluten', of: 'kind:flour', is: 'gf-blend-gum' },
  { without: 'gluten', of: 'oat-flakes', is: 'oat-flakes-certified' },
  { without: 'gluten', of: 'biscuits', is: 'gf-biscuits' },
  { without: 'gluten', of: 'sandwich-cookies', is: 'gf-biscuits' },
  { without: 'gluten', of: 'puff-pastry', is: 'gf-pastry' },
  { without: 'gluten', of: 'shortcrust', is: 'gf-pastry' },
  { without: 'gluten', of: 'bread', is: 'gf-bread' },
  { without: 'gluten', of: 'breadcrumbs', is: 'gf-bread' },
  { without: 'gluten', of: 'beer', is: 'gf-beer' },
  { without: 'milk', of: 'kind:butter', is: 'plant-block' },
  { without: 'milk', of: 'margarine', is: 'plant-block' },
  { without: 'milk', of: 'milk', is: 'plant-drink-any' },
  { without: 'milk', of: 'yoghurt', is: 'plant-yoghurt-any' },
  { without: 'milk', of: 'greek-yoghurt', is: 'plant-yoghurt-any' },
  { without: 'milk', of: 'double-cream', is: 'plant-whipping-cream' },
  { without: 'milk', of: 'squirty-cream', is: 'plant-whipping-cream' },
  { without: 'milk', of: 'sour-cream', is: 'plant-sour-cream' },
  { without: 'milk', of: 'creme-fraiche', is: 'plant-sour-cream' },
  { without: 'milk', of: 'cream-cheese', is: 'plant-cream-cheese' },
  { without: 'milk', of: 'hard-cheese', is: 'plant-cheese' },
  { without: 'milk', of: 'condensed-milk', is: 'plant-condensed' },
  { without: 'milk', of: 'dark-chocolate', is: 'plant-chocolate' },
  { without: 'milk', of: 'chocolate-chips', is: 'plant-chocolate' },
  { without: 'milk', of: 'milk-chocolate', is: 'plant-milk-chocolate' },
  { without: 'milk', of: 'white-chocolate', is: 'plant-white-chocolate' },
  { without: 'milk', of: 'ice-cream', is: 'plant-ice-cream' },
  { without: 'milk', of: 'ready-custard', is: 'plant-custard' },
  { without: 'milk', of: 'caramel-sauce', is: 'plant-caramel' },
  { without: 'milk', of: 'toffee', is: 'plant-toffee' },
  { without: 'milk', of: 'quark', is: 'plant-quark' },
  { without: 'gelatine', of: 'marshmallows', is: 'plant-marshmallows' },
  { without: 'egg', of: 'ladyfingers', is: 'plant-sponge' },
  { without: 'egg', of: 'sponge-bought', is: 'plant-sponge' },
  { without: 'egg', of: 'mayonnaise', is: 'plant-mayonnaise' },
  { without: 'egg', of: 'egg', is: 'plant-egg' },
]

/** What is pressed or grated off a fruit: "juice of half a lemon", "1 orange, zest only". [P] */
export const fruitParts: readonly { readonly fruit: readonly string[]; readonly juice: string; readonly zest: string }[] = [
  { fruit: ['lemon', 'lemon-juice'], juice: 'lemon-juice', zest: 'citrus-zest' },
  { fruit: ['lime', 'lime-juice'], juice: 'lime-juice', zest: 'citrus-zest' },
  { fruit: ['orange', 'orange-juice', 'clementine', 'grapefruit'], juice: 'orange-juice', zest: 'citrus-zest' },
]

/** What a name means when it comes by such a unit: a knob of ginger is the root, not the powder. [P] */
export const unitReadings: readonly { readonly ingredient: string; readonly units: readonly string[]; readonly is: string }[] = [
  { ingredient: 'ground-ginger', units: ['cm-piece', 'inch-piece', 'piece', 'knob', 'slice'], is: 'fresh-ginger' },
  { ingredient: 'dry-yeast', units: ['cake', 'cube', 'block'], is: 'fresh-yeast' },
  { ingredient: 'cinnamon', units: ['cm-piece', 'inch-piece', 'piece'], is: 'cinnamon-stick' },
]

/**
 * Words that right behind a name make another thing of it ("coconut milk powder", "chocolate cake", "peanut butter cups"), or one
 * that may hold anything: where the pantry has no row of both, it is asked. [P]
 */
export const otherThing: ReadonlySet<string> = new Set(
  'powder powdered cup bar cake pastry batter dough crust filling sauce topping frosting icing base loaf pie pudding tart crumble streusel roux muffin toast noodle cracker bread cookie biscuit sandwich roll bun puff bite'.split(
    ' ',
  ),
)
/** Kinds that are powders, or come in bars and balls, and stay what they are. [P] */
export const asItself: ReadonlySet<string> = new Set([
  'spice',
  'cocoa',
  'leaven',
  'flavour',
  'binder',
  'gel',
  'milk-powder',
  'flour',
  'starch',
  'chocolate',
  'plant-chocolate',
  'yeast',
  'egg-product',
  'cheese',
  'butter',
  'plant-block',
  'salt',
  'acid',
])

/** Words that name a thing in the plural only: "whites" are of an egg, "white" is a colour. As they are written. [P] */
export const onlyPlural: ReadonlySet<string> = new Set(['white', 'yellow'])

/** Words that hold a pantry word and are something else, and have no row of their own. [P] */
export const notTheirWord: readonly string[] = [
  'butter lettuce',
  'butterfly',
  'cream coloured',
  'egg cup',
  'egg timer',
  'egg ring',
  'egg slice',
  'egg sized',
  'milk pan',
  'nut brown',
  'walnut sized',
  'size of a walnut',
  'size of an egg',
  'size of a hazelnut',
  'size of a pea',
  'size of a cherry',
  'hazelnut sized',
  'pea sized',
  'cherry sized',
  'almond shaped',
  'rice paper',
  'baking paper',
  'wax paper',
  'bread knife',
  'butter knife',
  'milk jug',
  'butter dish',
  'butter paper',
  'bread tin',
  'cake tin',
  'jelly roll pan',
  'jelly roll tin',
  'jam jar',
  'cookie sheet',
  'cookie cutter',
  'biscuit cutter',
  'pastry cutter',
  'pastry brush',
  'pastry bag',
  'pastry blender',
  'bread maker',
  'rice cooker',
  'egg wash brush',
  'coffee grinder',
  'tea towel',
  'tea cloth',
  'pepper mill',
  'apple corer',
  'potato masher',
  'sugar thermometer',
  'jelly thermometer',
  'water bath',
  'ice bath',
  'ice cream maker',
  'ice cream machine',
  'an ice cream scoop',
  'the ice cream scoop',
  'ice cream scoops',
  'cream jug',
  'cream whipper',
  'cheese wire',
  'waffle iron',
  'waffle maker',
  'waffle press',
  'crepe pan',
  'crêpe pan',
  'crepe maker',
  'crêpe maker',
  'tortilla press',
  'popcorn maker',
  'cookie scoop',
  'cookie press',
  'cookie jar',
  'biscuit press',
  'biscuit barrel',
  'bread machine',
  'pasta machine',
  'cheese grater',
  'egg separator',
  'egg slicer',
  'egg poacher',
  'butter curler',
  'milk frother',
  'nut cracker',
  'nut grinder',
  'flour shaker',
  'sugar shaker',
  'coffee cup',
  'coffee mug',
  'coffee filter',
  'soup bowl',
  'fruit bowl',
  'lemon squeezer',
  'lemon zester',
  'cherry pitter',
  'cherry stoner',
  'bread bin',
  'cream together',
  'flour sifter',
  'oil spill',
  'salt cellar',
  'ice cube',
  'date stamp',
  'bean bag',
  'baking bean',
  'ceramic bean',
  'dried bean weight',
  'pie weight',
  'bread board',
  'butter muslin',
  'cream soda',
  'milk thistle',
  'nut milk bag',
  'cheese cloth',
  'cake lifter',
  'pastry board',
  'pastry wheel',
  'jelly bag',
]

/** Names that mean different things here and there. `by` picks the reading for a region; the baker is always asked. [P] */
export interface AmbiguousRow {
  readonly words: string
  readonly asks: string
  readonly choices: readonly string[]
  readonly by?: Readonly<Record<string, string>>
}

export const ambiguousRows: readonly AmbiguousRow[] = [
  {
    words: 'corn flour',
    asks: 'Corn flour is a fine maize flour in North America and a pure starch elsewhere.',
    choices: ['maize-starch', 'maize-flour'],
    by: { us: 'maize-flour', ca: 'maize-flour', uk: 'maize-starch', ie: 'maize-starch', au: 'maize-starch', nz: 'maize-starch', za: 'maize-starch', in: 'maize-starch', metric: 'maize-starch' },
  },
  { words: 'gluten flour', asks: 'Gluten flour is nearly pure wheat gluten; gluten-free flour is its opposite.', choices: ['wheat-gluten', 'gf-blend-gum'] },
  { words: 'egg substitute', asks: 'Egg substitute is usually egg; egg replacer is a starch powder without any.', choices: ['egg-substitute', 'egg-replacer'] },
  {
    words: 'vegan egg substitute|plant-based egg substitute|plant egg substitute',
    asks: 'A vegan egg substitute is a liquid to beat, or a starch powder to stir with water.',
    choices: ['plant-egg', 'egg-replacer'],
  },
  { words: 'margarine | spread', asks: 'Some margarines hold milk, and tub spreads hold twice the water of a block.', choices: ['margarine', 'plant-block', 'plant-spread'] },
  { words: 'jelly', asks: 'Jelly is a fruit spread in North America and a gelatine dessert elsewhere.', choices: ['jam', 'jelly-sweets'], by: { us: 'jam', ca: 'jam' } },
  { words: 'cream', asks: 'Cream runs from 18 to 48 % fat.', choices: ['double-cream', 'single-cream'] },
  { words: 'potato flour', asks: 'Potato flour may be the starch or the ground whole potato.', choices: ['potato-starch', 'potato-flour'] },
  { words: 'chocolate', asks: 'Chocolate without another word is read as dark.', choices: ['dark-chocolate', 'milk-chocolate', 'plant-chocolate'] },
]
