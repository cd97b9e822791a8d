import MiniSearch from 'minisearch'
import type { ShelfRow } from '#core'

/** Looks through the shelf by title, tags and what is in it; half words and a slip of the pen are found as well. */
export function useShelfSearch(rows: () => readonly ShelfRow[]) {
  const index = shallowRef<MiniSearch<ShelfRow> | null>(null)
  let of: readonly ShelfRow[] | null = null
  /** Built when somebody first looks for something. */
  const built = () => {
    if (of === rows() && index.value) return index.value
    of = rows()
    index.value = new MiniSearch<ShelfRow>({ fields: ['title', 'tags', 'words'], extractField: (row, field) => field === 'tags' ? row.tags.join(' ') : String(row[field as keyof ShelfRow]), searchOptions: { prefix: true, fuzzy: term => term.length > 4 ? 0.2 : false, combineWith: 'AND', boost: { title: 4, tags: 2 } } })
    index.value.addAll(of)
    return index.value
  }
  return (query: string): readonly ShelfRow[] => {
    if (!query.trim()) return rows()
    const byId = new Map(rows().map(row => [row.id, row]))
    return built().search(query).flatMap(hit => byId.get(String(hit.id)) ?? [])
  }
}
