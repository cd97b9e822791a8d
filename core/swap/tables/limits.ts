/** How far the arithmetic may go, and what it takes to do it. Sources: the engine study [M]; common practice [P]. */
export const limits = {
  /** Powder at most this share of the flour; all gas at most so many mmol a 100 g of flour. */
  powderOfFlour: 0.065, co2Per100Flour: 20,
  /** Kept sugar may give or take this share; kept liquids; gel water may be cut to this share of its dose. */
  sugarLess: 0.25, sugarMore: 0.1, liquidShare: 0.5, gelWaterLeast: 0.7, flourLess: 0.05, keptFat: 0.1,
  /** A new fat may move this far from its dose to match the original's fat. */
  newFat: [0.7, 1.35],
  /** A change smaller than this share of what it would put right is not worth a line. */
  worthIt: 0.02,
  /** Cost of one more ingredient, in units of the loss. */
  newIngredient: 0.8,
  /** Cost of an ingredient whose packet may hold what someone avoids. */
  askPacket: 0.5,
} as const

/**
 * How heavy a gram of something wet or gelling makes a crumb; what is not named, 0. `of` is the share of the batch at which
 * it costs one unit of loss. Source: the engine study [M].
 */
export const heaviness = { of: 0.08, byIngredient: { flax: 1.5, chia: 2.5, psyllium: 8 }, byKind: { 'tofu': 1, 'puree': 1, 'plant-sour': 0.9 } } as const

/** What the levers add when nothing that is there can be used. The first that everyone may eat is taken. */
export const leverIngredients = { lift: ['baking-powder'], fat: ['neutral-oil', 'rapeseed-oil', 'sunflower-oil', 'olive-oil'], water: ['water'], acid: ['vinegar', 'lemon-juice', 'cream-of-tartar'], grease: ['rapeseed-oil', 'sunflower-oil', 'olive-oil', 'neutral-oil'], dusting: ['rice-flour', 'potato-starch', 'maize-starch'] } as const

/** Words of confidence by loss, the first whose limit is above it. Source: the engine study. */
export const confidenceWords = [
  { below: 2, word: 'very close' }, { below: 5, word: 'close' }, { below: 10, word: 'works, noticeably different' },
  { below: 20, word: 'experimental' }, { below: Infinity, word: 'not advised' },
] as const
export type ConfidenceWord = (typeof confidenceWords)[number]['word']
