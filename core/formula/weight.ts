import type { Grams } from '../measure'
import { ingredientById, type Ingredient, type Kind } from '../pantry'
import type { Line } from '../recipe'

/** So much of one ingredient. */
export interface Weight {
  readonly ingredient: Ingredient
  readonly grams: Grams
}

/** What the weights come to together, in grams. */
export const massOf = (weights: readonly Weight[]): Grams =>
  weights.reduce((sum, w) => sum + w.grams, 0)

/** Does this line belong to the dough itself, and not to the tin, the work surface or the plate? */
export const isInside = (line: Line) =>
  line.purpose !== 'pan' && line.purpose !== 'dust' && line.purpose !== 'brush'

/**
 * The known weights of the lines that make up a part; lines without a weight or an ingredient are
 * left out, not zero.
 */
export function weightsOf(lines: readonly Line[]): Weight[] {
  return lines.flatMap(line => {
    const ingredient = line.ingredient ? ingredientById(line.ingredient) : undefined
    return ingredient && line.grams && isInside(line)
      ? [{ ingredient, grams: line.grams.best }]
      : []
  })
}

/** What lies in a dough or batter as pieces, and takes no part in its balance. */
const pieces: readonly Kind[] = ['fruit', 'dried-fruit', 'nut', 'seed', 'decoration']

/**
 * The dough or batter itself, without fruit, nuts and seeds that only lie in it: tolerances are
 * measured by it, since half a kilogram of plums makes no batter more forgiving. Where hardly
 * anything else is there, all of it.
 */
export function batterOf(weights: readonly Weight[]): readonly Weight[] {
  const rest = weights.filter(w => !pieces.includes(w.ingredient.kind))
  return massOf(rest) > 0.3 * massOf(weights) ? rest : weights
}
