import { avoidableRows } from './tables/avoidable'

/** The id of something a person may avoid: an allergen, a group of them, or what a diet leaves out. */
export type AvoidableId = string

const byId = new Map(avoidableRows.map(row => [row.id, row]))

export const avoidables = avoidableRows
export const isAvoidable = (id: string): boolean => byId.has(id)
export const avoidableName = (id: AvoidableId): string => byId.get(id)?.name ?? id

/**
 * `id` and everything below it: tree-nut → tree-nut, almond, hazelnut …
 *
 * @example
 * [...membersOf('gluten')] // ["gluten", "wheat", "rye", "barley", "oat"]
 */
export function membersOf(id: AvoidableId): ReadonlySet<AvoidableId> {
  const found = new Set([id])
  for (let grew = true; grew;) {
    grew = false
    for (const row of avoidableRows) {
      if (!found.has(row.id) && row.in?.some(parent => found.has(parent))) {
        found.add(row.id)
        grew = true
      }
    }
  }
  return found
}

/**
 * `id` and every group above it: almond → almond, tree-nut.
 *
 * @example
 * [...groupsOf('almond')] // ["almond", "tree-nut"]
 */
export function groupsOf(id: AvoidableId): ReadonlySet<AvoidableId> {
  const found = new Set<AvoidableId>()
  const climb = (at: AvoidableId) => {
    if (found.has(at)) return
    found.add(at)
    byId.get(at)?.in?.forEach(climb)
  }
  climb(id)
  return found
}
