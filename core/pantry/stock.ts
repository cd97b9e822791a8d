import type { Grams } from '../measure'
import type { Ingredient } from './ingredient'
import { pantry } from './pantry'

/** What the household calls it: words that are read as that ingredient from now on. */
export interface OwnName { readonly words: string, readonly ingredient: string }

/** "My tablespoon of my oil weighs 12.5 g": one level measure of the household's own, put on the scale. */
export interface OwnSpoon { readonly ingredient: string, readonly unit: string, readonly grams: Grams }

/** What a house adds to the pantry: ingredients of its own or corrected ones, names, and weighed spoons. */
export interface Stock { readonly ingredients: readonly Ingredient[], readonly names: readonly OwnName[], readonly spoons: readonly OwnSpoon[] }

export const emptyStock: Stock = { ingredients: [], names: [], spoons: [] }

const built = new Map(pantry.map(item => [item.id, item]))

/** The row that Ingwer brings for an id, whatever the house has made of it. */
export const builtIn = (id: string): Ingredient | undefined => built.get(id)

/**
 * A corrected row never holds less than the one it corrects: what a product of that name holds or may hold is taken away
 * by its packet, not by the table.
 */
export function safely(own: Ingredient): Ingredient {
  const row = built.get(own.id)
  if (!row) return own
  const holds = [...new Set([...row.holds, ...own.holds])]
  const both = (a: readonly string[], b: readonly string[]) => [...new Set([...a, ...b])].filter(id => !holds.includes(id))
  return { ...own, holds, mayHold: both(row.mayHold, own.mayHold), traces: [...new Set([...row.traces, ...own.traces])] }
}
