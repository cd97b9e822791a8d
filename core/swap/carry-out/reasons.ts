import { fatKinds, flourKinds, plainSugarKinds, type Ingredient, type Kind } from '../../pantry'
import type { Line } from '../../recipe'
import type { Added } from '../amounts'

/** What a line is for that goes into nothing. */
export const purposeWords = (line: Line): string =>
  ({
    pan: 'for the tin',
    dust: 'for dusting',
    brush: 'to brush',
    serve: 'to serve',
    decorate: 'to decorate',
    taste: 'to taste',
  })[line.purpose ?? 'taste']

/** Why something is added that answers no question. */
export const leverReason = (added: Added, eggGone: boolean): string => {
  if (added.ingredient.kind === 'leaven') {
    return eggGone ? 'for the air that the egg held' : 'for the lift that left'
  }
  return added.role === 'fat' ? 'for the fat that is missing' : 'for the water that is missing'
}
/** What a trimmed thing chiefly brings; the first that holds. */
const brought: readonly (readonly [kinds: readonly Kind[], what: string])[] = [
  [plainSugarKinds, 'sugar'],
  [flourKinds, 'starch'],
  [fatKinds, 'fat'],
]
/** Why there is more or less of what stays. */
export const trimReason = (ingredient: Ingredient, by: number): string => {
  if (ingredient.powder > 0) return by > 0 ? 'for the air that left' : 'since less lift is wanted'
  const what = brought.find(([kinds]) => kinds.includes(ingredient.kind))?.[1] ?? 'water'
  return by > 0 ? `for the ${what} that is missing` : `for the ${what} that the new things bring`
}
