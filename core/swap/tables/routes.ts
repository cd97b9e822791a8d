/**
 * Desserts for which arithmetic must not decide. `when` what leaves is one of `leaves`: refuse with the nearest thing that
 * works, or a formula of its own with its own confidence. Source: the engine study; professional baking from memory [M].
 */
export interface RouteRow {
  readonly family: string
  readonly leaves: readonly ('egg' | 'gluten' | 'cream' | 'gel')[]
  readonly how: 'refuse' | 'formula'
  readonly because: string
  /** Refuse: what to bake instead. */
  readonly instead?: string
  /** Formula: no lever but these is pulled, and the confidence is this word. */
  readonly confidence?: 'close' | 'works, noticeably different' | 'experimental'
  /** Formula: doses are kept as they are, nothing is set against them. */
  readonly fixed?: boolean
  /** Formula: grams of sugar to a gram of what leaves, at least. */
  readonly sugarPerGram?: number
}

export const routeRows: readonly RouteRow[] = [
  {
    family: 'choux',
    leaves: ['egg'],
    how: 'refuse',
    because: 'Choux is held up by egg alone: it inflates the shell with steam and sets it in the same minute. Nothing in a home kitchen does both, and a recipe that says so gives flat, wet buns.',
    instead: 'Puffs of ready-made puff pastry without butter: cut rounds, bake them at 200 °C until well risen, split them cold and fill them with whipped plant cream.',
  },
  {
    family: 'choux',
    leaves: ['gluten'],
    how: 'refuse',
    because: 'Without gluten the choux shell tears as it swells; only a tested formula of its own works.',
    instead: 'Puffs of ready-made gluten-free puff pastry: cut rounds, bake them until well risen, split them cold and fill them with whipped plant cream. Read its packet for milk and egg.',
  },
  {
    family: 'popover',
    leaves: ['egg'],
    how: 'refuse',
    because: 'A popover is a balloon of egg: without it the batter stays a pancake.',
    instead: 'Small oven pancakes with baking powder, baked in the same hot tin.',
  },
  {
    family: 'angel',
    leaves: ['egg'],
    how: 'refuse',
    because: 'An angel cake is whipped white and sugar with a little flour; there is nothing else in it to hold it up.',
    instead: 'A light soured-milk cake in the same ring tin, or aquafaba meringue nests.',
  },
  {
    family: 'sponge',
    leaves: ['egg'],
    how: 'refuse',
    because: 'A whisked sponge rises on egg foam alone, and baking powder cannot replace that foam.',
    instead: 'A thin oil cake with baking powder, soda and a little vinegar: it rolls and layers in the same way while it is warm.',
  },
  {
    family: 'souffle',
    leaves: ['egg'],
    how: 'refuse',
    because: 'A soufflé is whipped egg in a sauce: it rises as that foam swells, and nothing else swells so.',
    instead: 'A warm pudding in the same dishes, lifted by powder and eaten at once.',
  },
  {
    family: 'zabaglione',
    leaves: ['egg'],
    how: 'refuse',
    because: 'It is egg yolk whipped warm with wine, and nothing else in it holds the air.',
    instead: 'A cream of the same wine, thickened with starch and lightened with whipped plant cream.',
  },
  {
    family: 'whipped-cake',
    leaves: ['egg'],
    how: 'refuse',
    because: 'Eggs are whipped to volume here, folded in, and nothing else lifts or sets it: without them it stays a paste.',
    instead: 'A dense cake of the same chocolate or cheese, set by starch and eaten cold.',
  },
  {
    family: 'meringue',
    leaves: ['egg'],
    how: 'formula',
    because: 'Meringue has a formula of its own: aquafaba weight for weight, twice its weight in sugar, and acid to steady the foam.',
    confidence: 'works, noticeably different',
    fixed: true,
    sugarPerGram: 1.9,
  },
  {
    family: 'marshmallow',
    leaves: ['gel', 'egg'],
    how: 'formula',
    because: 'Gelatine stretches and melts on the tongue, and nothing else does: boiled syrup on an aquafaba foam, set by agar, is softer, shorter and weeps after a day.',
    confidence: 'experimental',
    fixed: true,
  },
  {
    family: 'macaron',
    leaves: ['egg'],
    how: 'formula',
    because: 'Macarons have a formula of their own: aquafaba weight for weight, and a long drying before the oven.',
    confidence: 'experimental',
    fixed: true,
  },
  {
    family: 'mousse',
    leaves: ['egg'],
    how: 'formula',
    because: 'A mousse has a formula of its own: whipped aquafaba or whipped plant cream holds the air that the eggs held, and chocolate, cream or a gel sets it in the cold.',
    confidence: 'works, noticeably different',
    fixed: true,
  },
  {
    family: 'buttercream',
    leaves: ['egg'],
    how: 'formula',
    because: 'A buttercream on an egg foam has a formula of its own: aquafaba is whisked in the white’s stead, weight for weight; fat and sugar beaten without it are denser.',
    confidence: 'works, noticeably different',
  },
  {
    family: 'egg-custard',
    leaves: ['egg'],
    how: 'formula',
    because: 'An egg custard becomes a starch or agar cream: it is cooked until it bubbles, not baked until it trembles.',
    confidence: 'works, noticeably different',
  },
  { family: 'egg-wash', leaves: ['egg'], how: 'formula', because: 'A wash only has to brown and shine.', confidence: 'close' },
]

/** What is said when a part is not refused but stands on weak ground. */
/** Kinds that gluten alone holds. Source: common practice. */
export const glutenHolds: readonly string[] = ['yeast']

export const weakGround = {
  strange: 'Nothing here says what kind of dessert this is, so little is known about how far it may move.',
  eggHeavy: 'More egg than flour had to leave: make one test piece first.',
  heldByGluten: 'Gluten is what holds a yeast dough; without it, it is another bread, shaped wet and eaten fresh: make one small one first.',
  glutenAndEgg: 'Gluten and egg leave together, the least reliable change there is: make one test piece first.',
}
