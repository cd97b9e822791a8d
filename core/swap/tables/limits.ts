import type { Kind } from '../../pantry'
import type { LineRole } from '../ways/school'

/** How far the amounts may go, and what it costs. Sources: the engine study [M]; common practice [P]. */
export const limits = {
  /** Powder at most this share of the flour; all gas at most so many mmol a 100 g of flour. */
  powderOfFlour: 0.062,
  co2Per100Flour: 20,
  /** Vinegar or lemon juice at most this share of the flour, beside soda. [P] 1 Tbsp to 1½ cups */
  acidOfFlour: 0.08,
  /** Fat that closes a lack at most this share of the batch: oil, a firm fat, one that sets hard. [M] */
  fatOfBatch: { oil: 0.2, firm: 0.05, set: 0.12, none: 0 },
  /** A change smaller than this share of what it would put right is not worth a line. */
  worthIt: 0.02,
  /** In units of the loss: what one more ingredient costs; what a line of something that is there, a trim, and all of them together must gain. */
  newIngredient: 0.8,
  worthALine: 0.35,
  worthATrim: 0.25,
  worthAll: 1.2,
  /** Each new ingredient more than the baker allows. */
  tooMany: 20,
  /** Less than this share of the batch is nothing. */
  leastOfBatch: 0.0002,
  /** Cost of an ingredient whose packet may hold what someone avoids. */
  askPacket: 0.5,
  /** What the weight of sugar as bulk is worth where somebody asked for another sweetener. */
  sugarWhenSweetened: 0.02,
  /** A line that stays: a move of this share costs this much; so do added helps, a fiftieth of the batch at a time. */
  stay: 0.2,
  stayWeight: 0.1,
  leverWeight: 0.02,
} as const

/** How broadly answers are looked for: all of them up to `full`, else so many a group in so many rounds; how many are set with care. [M] the engine study */
export const breadth = { full: 260, perGroup: 60, rounds: 3, joint: 4, refined: 8, ways: 12 } as const

/** How far what stays may be trimmed, as shares of itself, by its kind; what is not named stays as it is. [M] the engine study */
export const trims: Readonly<Partial<Record<Kind, readonly [number, number]>>> = {
  'sugar': [0.75, 1.1],
  'syrup': [0.85, 1.1],
  'honey': [0.85, 1.1],
  'flour': [0.95, 1.08],
  'flour-mix': [0.95, 1.08],
  'gluten-free-flour': [0.95, 1.08],
  'butter': [0.9, 1.12],
  'plant-block': [0.9, 1.12],
  'plant-spread': [0.9, 1.12],
  'hard-fat': [0.9, 1.12],
  'oil': [0.85, 1.15],
  'milk': [0.5, 1.5],
  'plant-drink': [0.5, 1.5],
  'water': [0.5, 1.5],
  'juice': [0.7, 1.3],
  'sour-milk': [0.8, 1.2],
  'plant-sour': [0.8, 1.2],
  'cream': [0.85, 1.15],
  'plant-cream': [0.85, 1.15],
  'leaven': [1, 4],
  'salt': [0.3, 1],
  'starch': [0.9, 1.5],
}

/** How far something new may lie from its school's dose, alone or together with another for the same eggs; and what a step away costs. [M] the engine study */
export const reach = {
  alone: { 'gel': [0.4, 1.2], 'gel-water': [0.6, 1.25], 'fat': [0.7, 1.35], 'liquid': [0.4, 1.6], 'acid': [0.3, 2], 'bulk': [0.85, 1.15] } as Readonly<Record<LineRole, readonly [number, number]>>,
  together: { 'gel': [0.15, 1], 'gel-water': [0.1, 1.1], 'fat': [0, 1.35], 'liquid': [0, 1.6], 'acid': [0, 2], 'bulk': [0, 1.1] } as Readonly<Record<LineRole, readonly [number, number]>>,
  /** The dose for all eggs together, in eggs; a gel's water against its gel; and others against their own dose. */
  eggDose: 0.35,
  gelWater: 0.25,
  dose: { 'gel': 0.35, 'gel-water': 0.25, 'fat': 0.5, 'liquid': 0.6, 'acid': 1.6, 'bulk': 0.15 } as Readonly<Record<LineRole, number>>,
} as const

/** In a cream the fat that comes in makes good what milk and yolks brought as well. [P] 60–100 g of fat a litre */
export const creamFat: { readonly families: readonly string[]; readonly by: number } = { families: ['pastry-cream', 'egg-custard', 'bread-pudding'], by: 1.8 }

/** How far the transparent arithmetic goes: kept sugar, liquids, gel water, flour and fat as shares of themselves; a new fat from its dose. */
export const byHand = { sugarLess: 0.25, sugarMore: 0.1, liquidShare: 0.5, gelWaterLeast: 0.7, flourLess: 0.05, keptFat: 0.1, newFat: [0.7, 1.35], soured: [0.4, 2] } as const

/** So far, in grams or as a share, a weight rounded for the kitchen may lie above what there is. [M] */
export const rounded = { least: 1, share: 0.03 } as const

/** What the levers add when nothing that is there can be used. The first that everyone may eat is taken. */
export const leverIngredients = {
  lift: ['baking-powder'],
  fat: ['neutral-oil', 'rapeseed-oil', 'sunflower-oil', 'olive-oil'],
  firm: ['plant-block', 'coconut-oil', 'shortening'],
  setting: ['coconut-oil', 'plant-block', 'shortening'],
  water: ['water'],
  acid: ['vinegar', 'lemon-juice', 'cream-of-tartar'],
  set: ['potato-starch', 'maize-starch', 'tapioca-starch'],
  bind: ['flax', 'chia', 'psyllium'],
  hold: ['xanthan', 'psyllium'],
  salt: ['salt'],
  grease: ['rapeseed-oil', 'sunflower-oil', 'olive-oil', 'neutral-oil'],
  dusting: ['rice-flour', 'potato-starch', 'maize-starch'],
} as const

/** A wish for so much less sugar or fat (from this share on) makes the word of confidence so many levels weaker: it is measured against the wish, and the wish is not the original. [M] */
export const wishWeakens: readonly { readonly from: number; readonly levels: number }[] = [
  { from: 0.45, levels: 2 },
  { from: 0.2, levels: 1 },
]

/** What each bake of this house that worked takes off a way's price, in units of the loss, and how many count. [M] four that worked outweigh a way that is rare */
export const proven = { each: 2.5, most: 4 } as const

/** Imagined bakes without news that the house's own are weighed against; a part below this share of the whole counts less; flour of one test case, g [P]. */
export const shrink = 1
export const smallPart = 0.15
export const testPieceFlour = 45

/** Parting a table: what a batch costs; by how much a split must be better to be proposed; at most so many batches; what a word of confidence less costs; what it costs to bake another dessert instead, beyond any version that is advised. [M] the engine study, mean J + 4 a batch */
export const splitting = { perBatch: 4, clearly: 1, most: 3, perLevel: 1.5, anotherDessert: 30 } as const

/**
 * What fails for certain: less than this share of the lift that is aimed at (mmol on 100 of flour; below `rises` nothing has to),
 * or more leaven than `overdose` times the usual most. [P]
 */
export const doomed = { rises: 6, liftLeft: 0.35, overdose: 2, leavens: ['baking-powder', 'baking-soda'] as readonly string[] } as const

/**
 * Words of confidence by loss, the first whose limit is above it. Source: the engine study; fitted on the open half of the graded
 * formulas (tests/corpus/tables/graded).
 */
export const confidenceWords = [
  { below: 2, word: 'very close' },
  { below: 6.5, word: 'close' },
  { below: 11, word: 'works, noticeably different' },
  { below: 20, word: 'experimental' },
  { below: Infinity, word: 'not advised' },
] as const
export type ConfidenceWord = (typeof confidenceWords)[number]['word']
/** From this loss on a plan is not advised. */
export const notAdvised = confidenceWords.at(-2)!.below

/**
 * How far one amount is moved to move one measure: in tolerances of the part; shares within which a line that stays or a school's own dose may lie; most of something new, of the batch; what it costs to bring something new, and each tolerance that is
 * missing; above `spill` (weighted squares of tolerances beside it) it is no single change. [M] chosen so that a taster can notice it and nothing leaves ordinary proportions
 */
export const pull = { usual: 1.5, least: 0.5, stays: [0.6, 1.5] as readonly [number, number], dose: [0.5, 1.6] as readonly [number, number], newOfBatch: 0.05, anew: 1, short: 1, spill: 12 } as const
