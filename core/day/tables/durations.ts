import type { TimeKind } from '../../recipe'
import type { Place } from '../task'

/** How long hands take for what a sentence says to do, where it states no time: the first row that fits. [M] ordinary kitchens, for about half a kilogram */
export const handRows: readonly { readonly sign: RegExp, readonly minutes: number, readonly mixer?: true, readonly short: string, /** Minutes that the result may wait for the next pair of hands. */ readonly holds?: number }[] = [
  { sign: /\b(?:grease|butter|line|flour)\b[^.]{0,40}\b(?:tins?|pans?|trays?|sheets?|dish|moulds?|cases)\b/iu, minutes: 4, short: 'ready the tin', holds: 480 },
  { sign: /\bwhisk\b[^.]{0,60}\b(?:peaks|stiff|glossy)\b/iu, minutes: 9, mixer: true, short: 'whisk to peaks', holds: 3 },
  { sign: /\b(?:spoonful|tablespoon)\s+at\s+a\s+time|\bone\s+at\s+a\s+time/iu, minutes: 6, mixer: true, short: 'beat in bit by bit' },
  { sign: /\bcream\b(?=[^.]{0,40}\b(?:butter|sugar|fat|block|spread)\b)|\bbeat\b[^.]{0,60}\b(?:pale|light|fluffy)/iu, minutes: 7, mixer: true, short: 'cream' },
  { sign: /\bwhip\b/iu, minutes: 6, mixer: true, short: 'whip', holds: 60 },
  { sign: /\bknead\b/iu, minutes: 10, short: 'knead' },
  { sign: /\b(?:rub|cut)\b[^.]{0,30}\b(?:in|into)\b/iu, minutes: 7, short: 'rub in' },
  { sign: /\b(?:roll|shape|form|cut\s+out|stamp)\b/iu, minutes: 10, short: 'shape' },
  { sign: /\bpipe\b|\bspoon\b[^.]{0,30}\b(?:nests|heaps|mounds|rounds)\b/iu, minutes: 10, short: 'pipe' },
  { sign: /\b(?:melt|boil|simmer|cook|heat|warm|stir\s+over|bring)\b/iu, minutes: 6, short: 'heat on the hob', holds: 20 },
  { sign: /\b(?:peel|core|stone|halve|chop|grate|zest|slice|dice)\b/iu, minutes: 6, short: 'cut up' },
  { sign: /\b(?:sift|weigh|measure)\b/iu, minutes: 3, short: 'sift' },
  { sign: /\b(?:whizz|blend|pulse|blitz|process)\b/iu, minutes: 4, mixer: true, short: 'blend' },
  { sign: /\bfold\b/iu, minutes: 4, short: 'fold', holds: 5 },
  { sign: /\b(?:spread|press|pour|scrape|spoon|drop|fill|scatter|top|swirl|place|put|set)\b/iu, minutes: 4, short: 'into the tin' },
  { sign: /\b(?:whisk|beat|mix|stir|combine|toss|add)\b/iu, minutes: 4, short: 'mix' },
  { sign: /\b(?:decorate|dust|glaze|ice|drizzle|brush|sprinkle)\b/iu, minutes: 4, short: 'finish' },
  { sign: /\b(?:turn\s+out|unmould|cut\s+into|slice)\b/iu, minutes: 4, short: 'turn out and cut' },
]
/** Less than so many grams are done the sooner: hands take their time times the cube root of the share of it; what a recipe states stays. [M] a saucepan of 150 g melts while one stands there */
export const smallBatch = 300
export const otherHand = { minutes: 3, short: 'do' } as const
/** What was begun is gone on with within an hour, where its row says nothing else. [M] */
export const usualHold = 60
/** Sentences that tell something and ask for nothing. [P] */
export const remark = /^\W*(?:it|this|they|these|best|keeps?|stores?|enjoy|serves?|makes)\b/iu
/** Weighing in: so long for the beginning, and for each thing. [M] */
export const weighing = { begin: 3, each: 0.7 } as const
/** Taking a tray out, and washing up between two bakes. [M] */
export const small = { out: 1, wash: 12, turn: 0 } as const

/** What waits by itself, where, and how long it may wait over its time before it suffers. [P] */
export const waitRows: Readonly<Record<Exclude<TimeKind, 'bake' | 'preheat' | 'mix' | 'cook'>, { readonly place: Place, readonly over: number, readonly short: string }>> = {
  soak: { place: 'counter', over: 10, short: 'soak' },
  rest: { place: 'counter', over: 45, short: 'rest' },
  rise: { place: 'counter', over: 30, short: 'rise' },
  chill: { place: 'fridge', over: 24 * 60, short: 'chill' },
  set: { place: 'fridge', over: 24 * 60, short: 'set' },
  freeze: { place: 'freezer', over: 7 * 24 * 60, short: 'freeze' },
  cool: { place: 'counter', over: 24 * 60, short: 'cool' },
  other: { place: 'counter', over: 60, short: 'wait' },
}

/** From wetting what lifts to the oven. [P] 5–10 min once acid meets soda */
export const toOven = 10
/** What must come out of the fridge before: kinds, when a step wants them soft, minutes. [P] */
export const takeOut = { kinds: ['butter', 'plant-block', 'plant-spread', 'fresh-cheese', 'plant-cheese'] as readonly string[], sign: /\b(?:soft(?:ened)?|cream\b|room\s+temperature)/iu, minutes: 90, over: 120 } as const
/** A bake is cold enough to ice or fill after so long; by what it weighs. [M] a loaf of a kilogram an hour and a half */
export const coldAfter = (grams: number): number => Math.round(Math.min(150, 40 + 50 * Math.sqrt(Math.max(grams, 50) / 1000)))
export const wantsCold = /\b(?:cold|cooled|cool)\s+(?:cake|loaf|bake|base|puffs?|layers?|biscuits?)|\b(?:once|when)\s+(?:quite\s+|fully\s+|completely\s+)?(?:cold|cool)\b|\bice\b|\bglaze\b/iu
/** Whipped things and what is dressed do not wait. [P] */
export const dressed = { sign: /\bwhip|\bcream\b|\bberries\b|\bserving\b|\bto serve\b/iu, over: 120, just: /\bjust before\b/iu } as const
/** Minutes for the oven to be hot: 15 to 180 °C, five more a further 40. [M] */
export const preheat = (celsius: number): number => Math.round(10 + Math.max(0, celsius - 100) / 16)
/** To another heat, between two loads. [the study] */
export const heatChange = 15
/** What half of an oven shelf holds, in cm²: two loaf tins or a ring and a loaf stand side by side, a tray is alone. [M] shelves of 40 × 30 cm */
export const halfShelf = 600
