import type { ShelfRow } from '#core/share'
import { shelfIndex } from './shelfIndex'

/**
 * Looks through the shelf; the index is built when somebody first looks for something, and again
 * when the shelf changed.
 */
export function useShelfSearch(rows: () => readonly ShelfRow[]) {
  let of: readonly ShelfRow[] | null = null
  let index: ReturnType<typeof shelfIndex> | null = null
  return (query: string): readonly ShelfRow[] => {
    const now = rows()
    if (!query.trim()) return now
    if (of !== now || !index) [of, index] = [now, shelfIndex(now)]
    return index(query)
  }
}
