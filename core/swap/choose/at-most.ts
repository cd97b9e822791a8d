import type { Grams } from '../../measure'
import { ingredientById } from '../../pantry'
import { linesOf, type Recipe } from '../../recipe'
import type { Wishes } from '../ways'
import type { Option } from './option'
import { rounded } from '../tables/limits'

/** What the baker has no more of than this: what is left of it for the other parts. */
export function leftBeside(wishes: Wishes, options: Iterable<Option>): Wishes {
  if (!wishes.atMost) return wishes
  const left = new Map(Object.entries(wishes.atMost))
  for (const { draft } of options)
    for (const { ingredient, grams } of draft.added) {
      const had = left.get(ingredient.id)
      if (had !== undefined) left.set(ingredient.id, Math.max(0, had - grams))
    }
  return { ...wishes, atMost: Object.fromEntries(left) }
}

/** What a version takes more of than there is, in words; what rounding a weight adds is no fault. */
export function beyondAtMost(recipe: Recipe, wishes: Wishes): string[] {
  const lines = linesOf(recipe)
  const taken = (id: string): Grams =>
    lines.reduce((sum, l) => sum + (l.ingredient === id ? (l.grams?.best ?? 0) : 0), 0)
  return Object.entries(wishes.atMost ?? {})
    .filter(([id, have]) => taken(id) > have + Math.max(rounded.least, rounded.share * have))
    .map(([id, have]) => {
      const { name } = ingredientById(id)!
      return `No version keeps to ${have} g ${name}: take more of it, or leave it out.`
    })
}
