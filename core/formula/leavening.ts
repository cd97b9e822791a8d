import type { Weight } from './weight'

/** What the leaveners of a batter give. */
export interface Lift {
  /** mmol CO₂ from powder, from soda that meets acid, and from soda that heat alone breaks down. */
  readonly co2: number
  /** meq of acid left over (negative: alkali left over). */
  readonly residue: number
}

/** Share of the soda without acid that gives its gas by heat alone; at most half. Assumed. [M] */
export const heatShare = 0.35

/**
 * CO₂ = powder + min(A, B) + 0.35 (B − A)⁺ and residue = A − B, with A the acid of all ingredients in meq and B the soda in
 * mmol. Source: the engine study; stoichiometry of NaHCO₃ [C].
 */
export function liftOf(weights: readonly Weight[]): Lift {
  let [acid, soda, powder] = [0, 0, 0]
  for (const { ingredient, grams } of weights) {
    acid += ingredient.acid * grams
    soda += ingredient.soda * grams
    powder += ingredient.powder * grams
  }
  const met = Math.min(Math.max(acid, 0), soda)
  return { co2: powder + met + heatShare * (soda - met), residue: acid - soda }
}
