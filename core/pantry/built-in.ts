import type { Ingredient } from './ingredient'
import { pantry } from './pantry'

const built = new Map(pantry.map(item => [item.id, item]))

/** The row that Ingwer brings for an id, whatever the house has made of it. */
export const builtIn = (id: string): Ingredient | undefined => built.get(id)

/**
 * A corrected row never holds less than the one it corrects: what a product of that name holds or
 * may hold is taken away by its packet, not by the table.
 */
export function safely(own: Ingredient): Ingredient {
  const row = built.get(own.id)
  if (!row) return own
  const holds = [...new Set([...row.holds, ...own.holds])]
  const both = (a: readonly string[], b: readonly string[]) =>
    [...new Set([...a, ...b])].filter(id => !holds.includes(id))
  return {
    ...own,
    holds,
    mayHold: both(row.mayHold, own.mayHold),
    traces: [...new Set([...row.traces, ...own.traces])],
  }
}
