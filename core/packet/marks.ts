import { markRows, type MarkRow } from './tables/clauses'

/** A word that says of a product, or of what stands behind it, what it is not: "vegan", "gluten-free". */
export interface PacketMark {
  readonly row: MarkRow
  readonly start: number
  readonly end: number
}

const patterns = markRows.map(row => ({
  row,
  pattern: new RegExp(`(?<![\\p{L}\\p{N}-])(?:${row.words})(?![\\p{L}\\p{N}])`, 'giu'),
}))

/** The marks of a statement; of two at one place the longer, else the first of the table. */
export function marksIn(text: string): readonly PacketMark[] {
  const all = patterns.flatMap(({ row, pattern }) =>
    [...text.matchAll(pattern)].map((m): PacketMark => ({
      row,
      start: m.index,
      end: m.index + m[0].length,
    })),
  )
  const size = (mark: PacketMark) => mark.end - mark.start
  return all.filter(
    (mark, i) =>
      !all.some(
        (other, j) =>
          j !== i &&
          other.start <= mark.start &&
          other.end >= mark.end &&
          (size(other) > size(mark) || j < i),
      ),
  )
}

/** What a mark says is not there. */
export const deniedBy = ({ row }: PacketMark): readonly string[] =>
  row.without ? row.without.split(' ') : []
