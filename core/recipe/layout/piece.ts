import type { Span } from '../recipe'

/** A stretch of the text that was read, and where it stands. */
export interface TextPiece {
  readonly text: string
  readonly at: number
  /** Where it begins, for words that were put together from several lines. */
  readonly span?: Span
  /** Where it goes on, when its words stand in several places. */
  readonly also?: readonly Span[]
}

/** Parts a piece at the ends of the matches of `cut`, keeping places. */
export function partAt(piece: TextPiece, cut: RegExp): TextPiece[] {
  const parts: TextPiece[] = []
  let from = 0
  for (const hit of piece.text.matchAll(cut)) {
    parts.push({ text: piece.text.slice(from, hit.index), at: piece.at + from })
    from = hit.index + hit[0].length
  }
  return [...parts, { text: piece.text.slice(from), at: piece.at + from }].filter(part =>
    part.text.trim(),
  )
}

/** Where the words of a piece stand, without the blanks around them. */
export function spanOf({ text, at, span }: TextPiece): Span {
  if (span) return span
  const start = text.length - text.trimStart().length
  return [at + start, at + start + text.trim().length]
}
