import type { Grams } from '../../measure'
import { freshEggKinds, type Kind } from '../../pantry'
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
} from '../../formula'
import {
  another,
  character,
  fruity,
  lessPoured,
  nearest,
  ofBeans,
  otherFlour,
  regionRows,
  type RegionRow,
} from '../tables/regions'

/** What works without egg for this kind of dessert; null where no such cake is known. */
export const regionOf = (family: FamilyRow): RegionRow | null =>
  regionRows.find(row => family.variant && row.families.includes(family.variant)) ??
  regionRows.find(row => row.families.includes(family.id)) ??
  null

/**
 * The region for a part with these weights: fruit in a batter gives water as it bakes, so less may be
 * poured; and the original keeps what it has far more of sugar, more of water or less of fat than is
 * usual, since egg has no part in that.
 */
export function regionFor(family: FamilyRow, weights: readonly Weight[]): RegionRow | null {
  const known = regionOf(family)
  if (!known) return null
  const holder = holderOf(weights)
  const { sugar, fat, water } = perHolder(weights, holder)
  // What the egg brought of fat is not put back.
  const without = perHolder(
    weights.filter(w => !freshEggKinds.includes(w.ingredient.kind)),
    holder,
  ).fat
  const fruit = weights.reduce((n, w) => n + (w.ingredient.kind === 'fruit' ? w.grams : 0), 0)
  const isFruity = holder > 0 && fruit / holder >= fruity
  return {
    ...known,
    sugar: [
      Math.min(known.sugar[0], sugar),
      sugar > character * known.sugar[1] ? sugar : known.sugar[1],
    ],
    fat: [Math.min(known.fat[0], fat), Math.max(known.fat[1], known.fried ? without : 0)],
    water: [
      isFruity ? (1 - lessPoured) * known.water[0] : known.water[0],
      Math.max(known.water[1], water),
    ],
  }
}

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

/** What holds a dough: flour and flakes, nuts ground as fine, and cocoa; flour of beans only binds. */
export const holderOf = (weights: readonly Weight[]): Grams =>
  weights.reduce(
    (sum, { ingredient, grams }) => sum + (holding.has(ingredient.kind) ? grams : 0),
    ratiosOf(weights.filter(w => !ofBeans.includes(w.ingredient.id))).flour,
  )
const holding: ReadonlySet<Kind> = new Set<Kind>(['nut-flour', 'cocoa'])

/** Sugar, fat and water in per cent of what holds the dough. */
function perHolder(weights: readonly Weight[], holder: Grams) {
  const found = ratiosFor(weights)
  const of = (what: 'sugar' | 'fat' | 'water') =>
    holder > 0 ? (found[what] * found.flour) / holder : 0
  return { sugar: of('sugar'), fat: of('fat'), water: of('water') }
}

/**
 * Is this a formula on another amount of flour, and so measured by its own? Starch beside a flour is
 * none of it or a part of it (a spoon that binds, a third of a mix): neither makes it another.
 */
function isAnotherFlour(own: Grams, weights: readonly Weight[], was: Grams): boolean {
  const starch = weights.reduce((n, w) => n + (w.ingredient.kind === 'starch' ? w.grams : 0), 0)
  return [own, own + starch].every(now => Math.abs(now / Math.max(was, 1) - 1) > otherFlour)
}

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
  const per = flour / 100
  const ratios = perHolder(weights, flour)
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
  { original, family, region, goal, isWished, base, baseMass, flour, holder: was }: Aim,
  after: Balance,
  weights: readonly Weight[],
): { readonly loss: number; readonly misses: readonly Miss[] } {
  const by = { mass: baseMass, flour }
  const eggAir = original.eggLift * eggCount(weights)
  if (!region) return deviationOf(base, after, { ...by, family, goal, eggAir })
  const own = holderOf(weights)
  const isAnother = isAnotherFlour(own, weights, was)
  const near = isWished ? goal : nearestIn(region, after, weights, isAnother ? own : was)
  const here = deviationOf(base, after, { ...by, family, goal: near })
  const far = deviationOf(base, after, { ...by, family: original, eggAir })
  return {
    loss: here.loss + Math.min(another.most, another.counts * far.loss),
    misses: here.misses,
  }
}
