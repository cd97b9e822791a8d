import {
  freshEggKinds,
  grainKinds,
  sweetKinds,
  sodaStrength,
  type Ingredient,
  type Kind,
} from '../pantry'
import { massOf, type Weight } from './weight'

/**
 * Baker's percentages (flour = 100) and shares of the whole batch (0–1, the names that end in
 * Share). `water` leaves out the flour's own and that of fruit pieces; `liquid` is what is poured,
 * eggs not counted.
 */
export interface Ratios {
  readonly flour: number
  readonly egg: number
  readonly white: number
  readonly yolk: number
  readonly sugar: number
  readonly fat: number
  readonly hardFat: number
  readonly water: number
  readonly liquid: number
  readonly lift: number
  readonly chocolate: number
  readonly puree: number
  readonly salt: number
  readonly flourShare: number
  readonly eggShare: number
  readonly cheeseShare: number
  readonly gelShare: number
  readonly butterShare: number
  readonly sugarShare: number
  readonly chocolateShare: number
  readonly creamShare: number
  readonly milkShare: number
  readonly starchShare: number
  readonly nutShare: number
  readonly fruitShare: number
  readonly yeastShare: number
  readonly wholeEggShare: number
  readonly biscuitShare: number
  /** Grams of sugar to a gram of egg white (or aquafaba); 0 without. */
  readonly sugarPerWhite: number
}
export type Ratio = keyof Ratios

const dryWater: readonly Kind[] = [
  ...grainKinds,
  'starch',
  'fruit',
  'dried-fruit',
  'nut',
  'nut-flour',
  'seed',
  'ready-made',
  'decoration',
  'spice',
  'legume',
]
const poured: readonly Kind[] = [
  'milk',
  'sour-milk',
  'cream',
  'plant-drink',
  'plant-sour',
  'plant-cream',
  'water',
  'juice',
  'alcohol',
  'acid',
]
const milky: readonly Kind[] = ['milk', 'cream', 'plant-drink', 'plant-cream']
const hard: readonly Kind[] = ['butter', 'hard-fat', 'plant-block', 'plant-spread']
const chocolates: readonly Kind[] = ['chocolate', 'plant-chocolate']

/**
 * The proportions of one part. Without flour the percentages are per 100 g of batch, so that they
 * stay finite.
 */
export function ratiosOf(weights: readonly Weight[]): Ratios {
  const mass = Math.max(massOf(weights), 1e-9)
  const grams = (kinds: readonly Kind[]) =>
    weights.reduce((sum, w) => sum + (kinds.includes(w.ingredient.kind) ? w.grams : 0), 0)
  const total = (of: (i: Ingredient) => number) =>
    weights.reduce((sum, w) => sum + (of(w.ingredient) * w.grams) / 100, 0)
  const flour = grams(grainKinds)
  const base = flour > 0 ? flour : mass
  const pct = (g: number) => (100 * g) / base
  const share = (g: number) => g / mass
  const sugar = total(i => (sweetKinds.includes(i.kind) || i.kind === 'jam' ? i.per100.sugar : 0))
  const white = grams(['egg-white'])
  const egg = grams(freshEggKinds)
  return {
    flour,
    egg: pct(egg),
    white: pct(white),
    yolk: pct(grams(['egg-yolk'])),
    sugar: pct(sugar),
    fat: pct(total(i => i.per100.fat)),
    hardFat: pct(grams(hard)),
    water: pct(total(i => (dryWater.includes(i.kind) ? 0 : i.per100.water))),
    liquid: pct(grams(poured)),
    lift: pct(
      weights.reduce(
        (sum, w) =>
          sum + w.grams * (w.ingredient.powder / 3 + (4 * w.ingredient.soda) / sodaStrength),
        0,
      ),
    ),
    chocolate: pct(grams([...chocolates, 'cocoa'])),
    puree: pct(grams(['puree'])),
    salt: pct(grams(['salt'])),
    flourShare: share(flour),
    eggShare: share(egg),
    wholeEggShare: share(grams(['egg', 'egg-yolk'])),
    cheeseShare: share(grams(['fresh-cheese', 'plant-cheese'])),
    gelShare: share(grams(['gel'])),
    butterShare: share(grams(hard)),
    sugarShare: share(sugar),
    chocolateShare: share(grams(chocolates)),
    creamShare: share(grams(['cream', 'plant-cream'])),
    milkShare: share(grams(milky)),
    starchShare: share(grams(['starch'])),
    biscuitShare: share(grams(['ready-made'])),
    nutShare: share(grams(['nut-flour'])),
    fruitShare: share(grams(['fruit', 'dried-fruit', 'jam', 'puree'])),
    yeastShare: share(grams(['yeast'])),
    sugarPerWhite: white > 0 ? sugar / white : 0,
  }
}
