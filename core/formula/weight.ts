import type { Grams } from '../measure'
import { ingredientById, type Ingredient } from '../pantry'
import type { Line } from '../recipe'

/** So much of one ingredient. */
export interface Weight { readonly ingredient: Ingredient, readonly grams: Grams }

/** Does this line belong to the dough itself, and not to the tin, the work surface or the plate? */
export const isInside = (line: Line) => line.purpose !== 'pan' && line.purpose !== 'dust' && line.purpose !== 'brush'

/** The known weights of the lines that make up a part; lines without a weight or an ingredient are left out, not zero. */
export function weightsOf(lines: readonly Line[]): Weight[] {
  return lines.flatMap(line => {
    const ingredient = line.ingredient ? ingredientById(line.ingredient) : undefined
    return ingredient && line.grams && isInside(line) ? [{ ingredient, grams: line.grams.best }] : []
  })
}
