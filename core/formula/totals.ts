import type { FamilyRow } from './tables/families'
import { gasOf } from './leavening'
import { measures, type Balance, type Measure } from './measures'
import { at, atAcid, atEgg, atPowder, atSoda, perGram, vectorLength } from './vector'
import type { Weight } from './weight'

/** How many large eggs' worth of egg (whole, white or yolk, 50 g each) are in there. */
export const eggCount = (weights: readonly Weight[]): number =>
  weights.reduce((sum, w) => sum + w.grams * perGram(w.ingredient)[atEgg]!, 0)

/** Sums the weights into a vector; `lift` and `acid` are worked out from what is behind. */
function totalOf(
  weights: readonly Weight[],
  eggLift: number,
  starchSets = 1,
  into = new Float64Array(vectorLength),
): Float64Array {
  into.fill(0)
  for (const { ingredient, grams } of weights) {
    const v = perGram(ingredient, starchSets)
    for (let k = 0; k < vectorLength; k++) into[k]! += v[k]! * grams
  }
  into[at.lift] = gasOf(into[atAcid]!, into[atSoda]!, into[atPowder]!) + eggLift * into[atEgg]!
  into[at.acid] = into[atAcid]! - into[atSoda]!
  return into
}

/**
 * What the weights amount to. `eggLift` is the CO₂ in mmol that one egg's air is worth in this
 * family, so that a powder can be weighed against it; `starchSets` how many times better than in a
 * crumb its starch sets.
 */
export function balanceOf(weights: readonly Weight[], eggLift = 0, starchSets = 1): Balance {
  const total = totalOf(weights, eggLift, starchSets)
  const sum = {} as Record<Measure, number>
  for (const m of measures) sum[m] = total[at[m]]!
  return sum
}

/** The same as the family sees it. */
export const balanceIn = (family: FamilyRow, weights: readonly Weight[]): Balance =>
  balanceOf(weights, family.eggLift, family.starchSets)
