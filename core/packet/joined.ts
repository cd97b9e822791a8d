import { pantryEdition, plainWord, remembered } from '../pantry'
import { bare, insideWord, isPlain, lexicon } from './lexicon'
import { partRows } from './tables/clauses'
import { insteadPieces } from './tables/plant-words'
import { harmlessPieces, links, madePieces, openPieces, pieceRows } from './tables/pieces'

/** The shortest piece that a joined word may have; shorter ones stand in the table of pieces. */
const shortest = 4

interface Piece {
  readonly holds: readonly string[]
  readonly open: readonly string[]
  /** What it leaves open where no piece beside it says what it is of. */
  readonly perhaps?: readonly string[]
}
const each = (words: string, piece: Piece) =>
  words.split(' ').map(word => [bare(word), piece] as const)
const known: ReadonlyMap<string, Piece> = new Map([
  ...harmlessPieces.flatMap(word => each(word, { holds: [], open: [] })),
  ...openPieces.flatMap(row =>
    each(row.pieces, { holds: [], open: [], perhaps: row.open.split(' ') }),
  ),
  ...madePieces.flatMap(row => each(row.pieces, { holds: [], open: row.open.split(' ') })),
  ...insteadPieces.flatMap(word => each(word, { holds: [], open: [] })),
  ...partRows.flatMap(row => each(row.parts, { holds: [row.holds], open: [] })),
  ...pieceRows.flatMap(row => each(row.pieces, { holds: row.holds.split(' '), open: [] })),
])

const instead: ReadonlySet<string> = new Set(insteadPieces)

/** What one piece of a joined word brings; undefined where nobody knows it. */
function pieceMeaning(piece: string): Piece | undefined {
  const row = known.get(piece)
  if (row) return row
  if (piece.length < shortest) return undefined
  const entry = lexicon().next.get(plainWord(piece))?.entry
  if (entry) return entry
  return isPlain(plainWord(piece)) ? { holds: [], open: [] } : undefined
}

/** What a joined word brings, by its pieces. */
interface Joined extends Piece {
  readonly parts: readonly string[]
  /** Those of them that bring something. */
  readonly named: readonly string[]
  readonly perhaps: readonly string[]
}

/**
 * A word of which no table knows the whole ("Vollmilchjoghurtpulver", "wheatflour") parted into
 * pieces that are known, as few as possible: German and Dutch write names together, and photos lose
 * spaces. Null where any piece is unknown.
 */
const partedWord = remembered(parted, 4000, pantryEdition)
function parted(word: string): Joined | null {
  const text = bare(word)
  if (text.length < 6 || text.length > 60 || /\d/u.test(text)) return null
  // The best way to each place: fewest pieces.
  const best: (Joined | null)[] = [{ parts: [], named: [], holds: [], open: [], perhaps: [] }]
  for (let end = 1; end <= text.length; end++) {
    best[end] = null
    for (let start = 0; start < end; start++) {
      const before = best[start]
      // Of two equally short the one whose first pieces are longer: rice milk + powder.
      if (before && before.parts.length <= (best[end]?.parts.length ?? text.length))
        best[end] = shorter(best[end], pieceAt(text, start, end, before))
    }
  }
  const found = best[text.length]
  if (!found) return null
  if (instead.has(found.parts.at(-1)!))
    return { ...found, holds: [], open: [...new Set([...found.holds, ...found.open])] }
  // Protein of something that is named is that thing's.
  return found.holds.length ? found : { ...found, open: [...found.open, ...found.perhaps] }
}
const shorter = (now: Joined | null | undefined, other: Joined | null): Joined | null =>
  other && (!now || other.parts.length <= now.parts.length) ? other : (now ?? null)

/** The way to `end` by the piece from `start` on, with what joins it to the next; null where it is none. */
function pieceAt(text: string, start: number, end: number, before: Joined): Joined | null {
  const whole = text.slice(start, end)
  // What joins two pieces ends none: the word's own end is no joint.
  const joints = end === text.length ? [''] : ['', ...links.filter(link => whole.endsWith(link))]
  for (const joint of joints) {
    const piece = whole.slice(0, whole.length - joint.length)
    const meaning = pieceMeaning(piece)
    // Two letters that mean egg are found everywhere: short ones only begin a word.
    if (!meaning || (piece.length < shortest && start > 0 && meaning.holds.length)) continue
    return {
      parts: [...before.parts, piece],
      named: meaning.holds.length ? [...before.named, piece] : before.named,
      holds: [...new Set([...before.holds, ...meaning.holds])],
      open: [...new Set([...before.open, ...meaning.open])],
      perhaps: [...new Set([...before.perhaps, ...(meaning.perhaps ?? [])])],
    }
  }
  return null
}

/** What the longest known beginnings and ends of a word bring of which something else is not known. */
function edges(word: string): readonly string[] {
  const text = bare(word)
  const pieces = Array.from({ length: Math.max(0, text.length - shortest) }, (_, i) => i + 1)
  const longest = (cut: (n: number) => string) =>
    pieces
      .map(cut)
      .flatMap(piece => (piece.length >= shortest ? (pieceMeaning(piece) ?? []) : []))[0]
  return [longest(n => text.slice(0, -n)), longest(n => text.slice(n))].flatMap(
    found => found?.holds ?? [],
  )
}

/** What a joined word brings for certain, what by its edges it may bring, and whether all of it is known. */
export function readJoined(
  word: string,
): Piece & { readonly part: string; readonly isKnown: boolean } {
  const whole = partedWord(word)
  if (whole)
    return {
      holds: whole.holds,
      open: whole.open,
      part: whole.named.join(' + ') || word,
      isKnown: true,
    }
  const inside = insideWord(word)
  const open = [...new Set(edges(word))].filter(id => !inside.holds.includes(id))
  return { holds: inside.holds, open, part: inside.part || word, isKnown: false }
}
