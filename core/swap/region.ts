import type { Grams } from '../measure'
import type { Kind } from '../pantry'
import {
  bandsOf,
  deviationOf,
  eggCount,
  ratiosOf,
  type Balance,
  type FamilyRow,
  type Measure,
  type Miss,
  type Ratios,
  type Weight,
} from '../formula'
import { another, nearest, regionRows, type RegionRow } from './tables/regions'

/** What works without egg for this kind of dessert; null where no such cake is known. */
export const regionOf = (family: FamilyRow): RegionRow | null =>
  regionRows.find(row => family.variant && row.families.includes(family.variant)) ??
  regionRows.find(row => row.families.includes(family.id)) ??
  null

const within = (value: number, [low, high]: readonly [number, number]): number =>
  Math.min(Math.max(value, low), high)

/** What lies in a dough in pieces or melts by itself is none of its proportions: chips, nuts, fruit. */
const besides: ReadonlySet<Kind> = new Set<Kind>(
  'chocolate plant-chocolate nut nut-flour seed coconut fruit dried-fruit decoration'.split(
    ' ',
  ) as Kind[],
)
const ratiosFor = (weights: readonly Weight[]): Ratios =>
  ratiosOf(weights.filter(w => !besides.has(w.ingredient.kind)))

/** What holds a dough: flour, and nuts ground as fine. */
export const holderOf = (weights: readonly Weight[]): Grams =>
  weights.reduce(
    (sum, { ingredient, grams }) => sum + (ingredient.kind === 'nut-flour' ? grams : 0),
    ratiosOf(weights).flour,
  )

/**
 * The nearest balance in the region: sugar, fat, water and lift moved as far as they must be. Per
 * cent are of what holds the original’s dough, which is what all else is measured by.
 */
export function nearestIn(
  region: RegionRow,
  balance: Balance,
  weights: readonly Weight[],
  flour: Grams,
): Balance {
  const found = ratiosFor(weights)
  const per = flour / 100
  const of = (what: 'sugar' | 'fat' | 'water') => (found[what] * found.flour) / flour
  const ratios = { sugar: of('sugar'), fat: of('fat'), water: of('water') }
  const moved = (what: 'sugar' | 'fat' | 'water') =>
    Math.max(0, balance[what] + (within(ratios[what], region[what]) - ratios[what]) * per)
  const fat = moved('fat')
  const sugar = moved('sugar')
  return {
    ...balance,
    fat,
    sugar,
    water: moved('water'),
    solidFat: balance.fat > 0 ? (balance.solidFat * fat) / balance.fat : 0,
    sweetness: balance.sugar > 0 ? (balance.sweetness * sugar) / balance.sugar : 0,
    lift: within(balance.lift / per, region.lift) * per,
  }
}

/**
 * Is the region so near that one would bake it instead? Where fat, sugar or water would have to
 * change more than that, it would be another dessert.
 */
export const isNear = (was: Balance, goal: Balance): boolean =>
  (['fat', 'sugar', 'water'] as const).every(what => {
    const share = was[what] > 0 ? goal[what] / was[what] : 1
    return share >= nearest[what][0] && share <= nearest[what][1]
  })

/**
 * A family as it is judged here: in a region no longer by what the egg did, since the region says
 * what holds without; elsewhere by all but the egg's protein, which nobody tastes.
 */
export function judgedAs(family: FamilyRow, isInRegion: boolean, eggGoes: boolean): FamilyRow {
  const weights = { ...family.weights, protein: 0 }
  if (!eggGoes) return family
  if (!isInRegion) return { ...family, weights }
  return { ...family, eggLift: 0, weights: { ...weights, bind: 0, set: 0, foam: 0, emulsify: 0 } }
}

/** A part with its weights, and what its bands are measured by. */
interface StretchAsked {
  readonly region: RegionRow
  readonly balance: Balance
  readonly weights: readonly Weight[]
  readonly holder: Grams
  readonly by: Omit<Parameters<typeof bandsOf>[0], 'original'>
}

/**
 * The stretch that a region leaves sugar, fat, water and lift, for a part that is judged `by` its
 * family, mass, flour and base: any place in it, and as far beyond as a band reaches.
 */
export function stretchOf({
  region,
  balance,
  weights,
  holder,
  by,
}: StretchAsked): Partial<Record<Measure, readonly [number, number]>> {
  const whats = ['sugar', 'fat', 'water', 'lift'] as const
  const bandsAt = (side: 0 | 1) => {
    const ends = whats.map(what => [what, [region[what][side], region[what][side]]] as const)
    const end = { ...region, ...Object.fromEntries(ends) }
    return bandsOf({ ...by, original: nearestIn(end, balance, weights, holder) })
  }
  const [low, high] = [bandsAt(0), bandsAt(1)]
  return Object.fromEntries(whats.map(what => [what, [low[what][0], high[what][1]]]))
}

/** What a version is measured against. */
export interface Aim {
  /** The kind of dessert, and the same as it is judged here: without what the egg did, in a region. */
  readonly original: FamilyRow
  readonly family: FamilyRow
  readonly region: RegionRow | null
  /** What is aimed at; in a region, as long as nothing is wished, any place in it is as good. */
  readonly goal: Balance
  readonly isWished: boolean
  readonly base: Balance
  readonly baseMass: Grams
  readonly flour: Grams
  /** What per cent in a region are of. */
  readonly holder: Grams
}

/**
 * How far a version is from what is aimed at. In a region: from its nearest place, and a little of
 * how far from the original, since another cake is not very close.
 */
export function deviationFrom(
  { original, family, region, goal, isWished, base, baseMass, flour, holder }: Aim,
  after: Balance,
  weights: readonly Weight[],
): { readonly loss: number; readonly misses: readonly Miss[] } {
  const by = { mass: baseMass, flour }
  const eggAir = original.eggLift * eggCount(weights)
  if (!region) return deviationOf(base, after, { ...by, family, goal, eggAir })
  const near = isWished ? goal : nearestIn(region, after, weights, holder)
  const here = deviationOf(base, after, { ...by, family, goal: near })
  const far = deviationOf(base, after, { ...by, family: original, eggAir })
  return {
    loss: here.loss + Math.min(another.most, another.counts * far.loss),
    misses: here.misses,
  }
}
