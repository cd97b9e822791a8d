import { nearNames } from '../pantry'
import { unknownsOf } from './correct'
import type { Recipe } from './recipe'

/** A name that no recipe could be read by, the bakes that have it, and ingredients that it may mean. */
export interface UnknownName {
  readonly words: string
  readonly bakes: readonly string[]
  readonly example: string
  readonly near: readonly string[]
}

/** Names that could not be read in any of these recipes, those of most bakes first. */
export function unknownNames(
  recipes: readonly { readonly id: string; readonly recipe: Recipe }[],
): UnknownName[] {
  const found = new Map<string, UnknownName>()
  for (const { id, recipe } of recipes)
    for (const { words, lines } of unknownsOf(recipe)) {
      const known = found.get(words)
      found.set(
        words,
        known
          ? { ...known, bakes: [...known.bakes, id] }
          : {
              words,
              bakes: [id],
              example: lines[0]!.text,
              near: nearNames(words, recipe.region).map(item => item.id),
            },
      )
    }
  return [...found.values()].sort((a, b) => b.bakes.length - a.bakes.length)
}
