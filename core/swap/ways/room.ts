import type { Grams } from '../../measure'
import { findMentions, plainSugarKinds, type Ingredient } from '../../pantry'
import type { Line } from '../../recipe'
import type { Wishes } from './candidates'
import { fatKinds } from '../leaving'
import { trims } from '../tables/limits'

/** How far a kept line may be trimmed, by its kind and what the baker wishes. */
function roomOf(
  ingredient: Ingredient,
  grams: Grams,
  wishes: Wishes,
): { least: Grams; most: Grams } {
  const byKind =
    ingredient.kind === 'leaven' && ingredient.powder <= 0 ? undefined : trims[ingredient.kind]
  const [low, high] = byKind ?? [1, 1]
  const sweet =
    wishes.less?.sugar && plainSugarKinds.includes(ingredient.kind)
      ? 1 - wishes.less.sugar - 0.1
      : low
  const lean =
    wishes.less?.fat && fatKinds.includes(ingredient.kind) ? 1 - wishes.less.fat - 0.1 : low
  return { least: Math.max(0, Math.min(low, sweet, lean)) * grams, most: high * grams }
}

/** A line that names two things ("instant coffee in 1 tbsp hot water") stays as it is written. */
export function roomIn(line: Line, ingredient: Ingredient, grams: Grams, wishes: Wishes) {
  const named = new Set(findMentions(line.text).mentions.map(m => m.ingredient.id))
  return named.size > 1 ? { least: grams, most: grams } : roomOf(ingredient, grams, wishes)
}
