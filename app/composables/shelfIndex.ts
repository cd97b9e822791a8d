import MiniSearch from 'minisearch'
import type { ShelfRow } from '#core/share'

const shortest = 4

/**
 * An index of the shelf by title, tags and what is in each dessert; half words and a slip of the
 * pen are found as well.
 */
export function shelfIndex(rows: readonly ShelfRow[]): (query: string) => readonly ShelfRow[] {
  const index = new MiniSearch<ShelfRow>({
    fields: ['title', 'tags', 'words'],
    extractField: (row, field) =>
      field === 'tags' ? row.tags.join(' ') : String(row[field as keyof ShelfRow]),
    searchOptions: {
      prefix: true,
      fuzzy: term => (term.length > shortest ? 0.2 : false),
      combineWith: 'AND',
      boost: { title: 4, tags: 2 },
    },
  })
  index.addAll(rows)
  const byId = new Map(rows.map(row => [row.id, row]))
  return query => index.search(query).flatMap(hit => byId.get(String(hit.id)) ?? [])
}
