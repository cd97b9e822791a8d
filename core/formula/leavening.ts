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
 * mmol CO₂ of so much acid (meq), soda and powder (mmol): powder + min(A, B) + 0.35 (B − A)⁺.
 * Source: the engine study; NaHCO₃ [C].
 */
export function gasOf(acid: number, soda: number, powder: number): number {
  const met = Math.min(Math.max(acid, 0), soda)
  return powder + met + heatShare * (soda - met)
}

/** CO₂ and residue = A − B, with A the acid of all ingredients in meq and B the soda in mmol. */
export function liftOf(weights: readonly Weight[]): Lift {
  let [acid, soda, powder] = [0, 0, 0]
  for (const { ingredient, grams } of weights) {
    acid += ingredient.acid * grams
    soda += ingredient.soda * grams
    powder += ingredient.powder * grams
  }
  return { co2: gasOf(acid, soda, powder), residue: acid - soda }
}
