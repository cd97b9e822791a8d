import { scaleAmount, spoonAmount, type Grams, type Region } from '../measure'
import type { Ingredient } from './ingredient'
import { ownDensity } from './weigh'

/** Amounts as this kitchen will measure them, and lines written from them. */
export interface Measured {
  readonly grams: Grams
  readonly kitchen: string
}

const unspooned: readonly string[] = ['egg', 'fruit', 'ready-made', 'nut', 'chocolate', 'gel']

/**
 * A computed weight as it is given to the baker: to the scale's step, with spoons or cups beside
 * it; by spoons when the kitchen has only those, and then the weight is what those spoons hold.
 */
export function measured(
  wanted: Grams,
  ingredient: Ingredient,
  region: Region,
  by: 'grams' | 'spoons',
): Measured {
  const density = ownDensity(ingredient, region) ?? Object.values(ingredient.density)[0]
  const scale = scaleAmount(wanted)
  if (!density || unspooned.includes(ingredient.kind))
    return { grams: scale.grams, kitchen: scale.text }
  const spoons = spoonAmount(wanted, density, region)
  if (by === 'spoons') return { grams: Math.round(spoons.grams * 10) / 10, kitchen: spoons.text }
  return { grams: scale.grams, kitchen: spoons.text }
}
