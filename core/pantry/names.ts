import type { Region } from '../measure'
import { allIngredients, findMentions, ingredientById, nameIn } from './lookup'

/** Names of ingredients as the interface offers and shows them. */

/** Every ingredient with its name in a region, by name. */
export const namesIn = (region: Region): { readonly id: string; readonly name: string }[] =>
  allIngredients()
    .map(item => ({ id: item.id, name: nameIn(item, region) }))
    .sort((a, b) => a.name.localeCompare(b.name))

/** The name of an id in a region; the id itself where nothing has it. */
export const nameOf = (id: string, region: Region): string => {
  const item = ingredientById(id)
  return item ? nameIn(item, region) : id
}

/** The ingredient that a few words name, if it is one and nothing else. */
export function namedAlone(words: string): { readonly id: string; readonly name: string } | null {
  const { mentions, unread } = findMentions(words)
  const only = mentions[0]
  const isOne = mentions.length === 1 && !unread.length && !only!.ambiguous
  return isOne ? { id: only!.ingredient.id, name: only!.ingredient.name } : null
}
