import { findMentions, wordsOf } from '../pantry'
import { readQuantity } from './quantity'
import type { Span } from './recipe'
import { componentWords } from './tables/headings'

/** A stretch of the text that was read, and where it stands. */
export interface Piece { readonly text: string, readonly at: number }

/** A line longer than any that people write is parted at its sentences, and cut where it has none: reading stays linear. */
const longestPiece = 2000

/** Parts a piece at the ends of the matches of `cut`, keeping places. */
function partAt(piece: Piece, cut: RegExp): Piece[] {
  const parts: Piece[] = []
  let from = 0
  for (const hit of piece.text.matchAll(cut)) {
    parts.push({ text: piece.text.slice(from, hit.index), at: piece.at + from })
    from = hit.index + hit[0].length
  }
  return [...parts, { text: piece.text.slice(from), at: piece.at + from }].filter(part => part.text.trim())
}

function cutUp(piece: Piece): Piece[] {
  if (piece.text.length <= longestPiece) return [piece]
  return partAt(piece, /(?<=[.!?])\s+/gu).flatMap(part => Array.from({ length: Math.ceil(part.text.length / longestPiece) }, (_, i) => ({ text: part.text.slice(i * longestPiece, (i + 1) * longestPiece), at: part.at + i * longestPiece })))
}

const isMeasuredThing = (part: string) => { const q = readQuantity(part.trim(), 0, () => 1); return q !== null && !/^\s*(?:%|per\s*cent|cm|mm|inch)/iu.test(part.trim().slice(q.end)) && findMentions(part.trim().slice(q.end)).mentions.length > 0 }

/** "To decorate: writing icing, sprinkles", "To serve: cream": a heading and its things in one line, without amounts. */
function purposeInLine(piece: Piece): Piece[] | null {
  const [, heading, rest] = /^(\s*(?:to\s+(?:serve|finish|decorate|garnish|dust|glaze|top|fill)|for\s+(?:serving|dusting|greasing|finishing|decorating|the\s+(?:tin|pan)))[^:.]{0,24}:)\s+(\S.*)$/iu.exec(piece.text) ?? []
  if (!heading || !rest || wordsOf(rest).length > 14 || /[.!?;]\s*\S/u.test(rest)) return null
  return [{ text: heading, at: piece.at }, ...partAt({ text: rest, at: piece.at + piece.text.length - rest.length }, /\s*,\s+/gu)]
}

/** "Pastry: 250 g flour, 125 g butter, 1 egg" or "1 cup flour | 2 eggs": several things in one line, each on its own. */
function listedInLine(piece: Piece): Piece[] {
  const [, heading, rest = piece.text] = /^([\p{L} ]{3,40}:)\s+(?=\d|[½¼¾⅓⅔])(.*)$/u.exec(piece.text) ?? []
  const body = { text: rest, at: piece.at + piece.text.length - rest.length }
  for (const separator of [/\s*[|•;]\s*/gu, /\s*,\s+(?=\d|½|¼|¾)/gu]) {
    const things = partAt(body, separator)
    if (things.length > 1 && things.every(thing => isMeasuredThing(thing.text))) return [...heading ? [{ text: heading, at: piece.at }] : [], ...things]
  }
  if (heading && isMeasuredThing(rest) && (/^for\b/iu.test(heading) || componentWords.test(heading))) return [{ text: heading, at: piece.at }, body]
  return twoColumns(piece) ?? purposeInLine(piece) ?? [piece]
}

/** Two columns that were pasted as one: a wide gap or a tab between two measured things. */
function twoColumns(piece: Piece): Piece[] | null {
  if (!/\S(?:\t| {3,})\S/u.test(piece.text)) return null
  const things = partAt(piece, /\t+| {3,}/gu)
  return things.length > 1 && things.length < 5 && things.every(thing => isMeasuredThing(thing.text.replace(/^[\s•*–-]+/u, ''))) ? things : null
}

/** The text line by line, each with its place; long lines cut up, lists in one line parted. */
export function piecesOf(text: string): Piece[] {
  let at = 0
  return text.split('\n').flatMap(line => {
    const piece = { text: line, at }
    at += line.length + 1
    return cutUp(piece).flatMap(listedInLine)
  })
}

/** Where the words of a piece stand, without the blanks around them. */
export const spanOf = ({ text, at }: Piece): Span => {
  const start = text.length - text.trimStart().length
  return [at + start, at + start + text.trim().length]
}
