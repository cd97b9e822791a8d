import { pattern } from '../../measure'
import { wordsOf } from '../../pantry'
import { componentWords } from '../tables/headings'
import { isMeasuredThing, isNumberedStep, startsWithVerb } from './measured'
import { partAt, spanOf, type TextPiece } from './piece'
import { numberedRun, paired, withoutNumbers } from './rows'

/**
 * A line longer than any that people write is parted at its sentences, and cut where it has none:
 * reading stays linear.
 */
const longestPiece = 2000

function cutUp(piece: TextPiece): TextPiece[] {
  if (piece.text.length <= longestPiece) return [piece]
  return partAt(piece, /(?<=[.!?])\s+/gu).flatMap(part =>
    Array.from({ length: Math.ceil(part.text.length / longestPiece) }, (_, i) => ({
      text: part.text.slice(i * longestPiece, (i + 1) * longestPiece),
      at: part.at + i * longestPiece,
    })),
  )
}

const purposeThenThings = pattern(
  'iu',
  String.raw`^(\s*(?:to\s+(?:serve|finish|decorate|garnish|dust|glaze|top|fill)|`,
  String.raw`for\s+(?:serving|dusting|greasing|finishing|decorating|the\s+(?:tin|`,
  String.raw`pan)))[^:.]{0,24}:)\s+(\S.*)$`,
)

/**
 * "To decorate: writing icing, sprinkles", "To serve: cream": a heading and its things in one line,
 * without amounts.
 */
function purposeInLine(piece: TextPiece): TextPiece[] | null {
  const [, heading, rest] = purposeThenThings.exec(piece.text) ?? []
  if (!heading || !rest || wordsOf(rest).length > 14 || /[.!?;]\s*\S/u.test(rest)) return null
  return [
    { text: heading, at: piece.at },
    ...partAt({ text: rest, at: piece.at + piece.text.length - rest.length }, /\s*,\s+/gu),
  ]
}

const methodThenStep = pattern(
  'iu',
  String.raw`^(\s*\**(?:method|directions?|instructions?|preparation|procedure|`,
  String.raw`how\s+to\s+make(?:\s+it)?)\s*:\**)\s+(\S.*)$`,
)

/** "Method: Melt the honey …": a heading and its first step in one line. */
function methodInLine(piece: TextPiece): TextPiece[] | null {
  const [, heading, rest] = methodThenStep.exec(piece.text) ?? []
  return heading && rest
    ? [
        { text: heading, at: piece.at },
        { text: rest, at: piece.at + piece.text.length - rest.length },
      ]
    : null
}

const commaBeforeAmount = pattern(
  'giu',
  String.raw`\s*,\s+(?=\d|[½¼¾⅓⅔⅛]|(?:an?\s+)?(?:small\s+|large\s+|good\s+|`,
  String.raw`generous\s+)?(?:pinch|knob|handful|dash|drop|splash|drizzle)\b)`,
)

/**
 * "Rounds: 250 g flour; 125 g butter; 1 egg. Rub the butter …": a list that ends in a full stop,
 * and what is done.
 */
function listThenSteps(piece: TextPiece): TextPiece[] | null {
  const [first, ...steps] = partAt(piece, /(?<=[^\d.][.!])\s+(?=\p{Lu})/gu)
  if (!first || !steps.length) return null
  const listed = listedInLine({ ...first, text: first.text.replace(/\.\s*$/u, ' ') })
  return listed.length > 2 ? [...listed, ...steps] : null
}

/** A sentence that says what is done; "For the sponge: …" lists things. */
const isTold = (text: string) =>
  startsWithVerb(text) && /[.!]\s*$/u.test(text) && !/^\s*(?:for|to)\b[^:.]{0,40}:/iu.test(text)

/**
 * "Pastry: 250 g flour, 125 g butter, 1 egg" or "1 cup flour | 2 eggs": several things in one line,
 * each on its own.
 */
function listedInLine(piece: TextPiece): TextPiece[] {
  // A step names amounts without listing them: "2. Beat the eggs, 100 g sugar and the vanilla".
  if (isNumberedStep(piece.text) || isTold(piece.text)) return methodInLine(piece) ?? [piece]
  return (
    listThenSteps(piece) ??
    thingsInLine(piece) ??
    twoColumns(piece) ??
    purposeInLine(piece) ??
    methodInLine(piece) ?? [piece]
  )
}

/** The measured things of a line, under the heading that it begins with; null where it lists none. */
function thingsInLine(piece: TextPiece): TextPiece[] | null {
  const [, heading, rest = piece.text] =
    /^([\p{L} ]{3,40}:)\s+(?=\d|[½¼¾⅓⅔])(.*)$/u.exec(piece.text) ?? []
  const body = { text: rest, at: piece.at + piece.text.length - rest.length }
  const head = heading ? [{ text: heading, at: piece.at }] : []
  for (const separator of [/\s*[|•;]\s*/gu, commaBeforeAmount, /\s+\/\s+/gu]) {
    const things = partAt(body, separator)
    if (things.length > 1 && things.every(thing => isMeasuredThing(thing.text)))
      return [...head, ...things]
  }
  const isPart = heading && (/^for\b/iu.test(heading) || componentWords.test(heading))
  return isPart && isMeasuredThing(rest) ? [...head, body] : null
}

/** Two columns that were pasted as one: a wide gap or a tab between two measured things. */
function twoColumns(piece: TextPiece): TextPiece[] | null {
  if (!/\S(?:\t| {3,})\S/u.test(piece.text)) return null
  const things = partAt(piece, /\t+| {3,}/gu)
  return things.length > 1 &&
    things.length < 5 &&
    things.every(thing => isMeasuredThing(thing.text.replace(/^[\s•*–-]+/u, '')))
    ? things
    : null
}

const gap = /\t+| {3,}/u
const fewestRows = 3

interface Row {
  readonly left: TextPiece | null
  readonly right: TextPiece | null
}

/** A line as two cells; without a wide gap it stands left, behind one right. */
function rowOf(piece: TextPiece): Row {
  const found = gap.exec(piece.text)
  if (!found) return { left: piece, right: null }
  const [left, right] = [
    piece.text.slice(0, found.index),
    piece.text.slice(found.index + found[0].length),
  ]
  return {
    left: left.trim() ? { text: left, at: piece.at } : null,
    right: right.trim() ? { text: right, at: piece.at + found.index + found[0].length } : null,
  }
}

/**
 * Lines of the right column that go on in the next one, put together; each keeps the place where it
 * begins.
 */
function goingOn(cells: readonly TextPiece[]): TextPiece[] {
  const out: TextPiece[] = []
  for (const cell of cells) {
    const last = out.at(-1)
    if (last && !/[.!?:]\s*$/u.test(last.text) && /^\s*[\p{Ll}\d(]/u.test(cell.text))
      out[out.length - 1] = {
        text: `${last.text.trimEnd()} ${cell.text.trim()}`,
        at: last.at,
        span: spanOf(last),
        also: [...(last.also ?? []), spanOf(cell)],
      }
    else out.push(cell)
  }
  return out
}

/**
 * The ingredients beside the method, pasted line by line across both: the left column first, then
 * the right one. Null when it is none.
 */
function sideBySide(block: readonly TextPiece[]): TextPiece[] | null {
  const rows = block.map(rowOf)
  const both = rows.filter(row => row.left && row.right)
  if (both.length < fewestRows || both.length < 0.4 * rows.length) return null
  const measured = (side: 'left' | 'right') =>
    both.filter(row => isMeasuredThing(row[side]!.text.replace(/^[\s•*–-]+/u, ''))).length /
    both.length
  if (measured('left') < 0.5 || measured('right') > 0.3) return null
  const column = (side: 'left' | 'right') => rows.flatMap(row => row[side] ?? [])
  return [...column('left'), ...goingOn(column('right'))]
}

/** Long enough that it was broken by the width of a page, not by its writer. */
const fullWidth = 40

const endsInPurpose = pattern(
  'iu',
  String.raw`\s(?:to|for)\s+(?:serve|serving|dust|dusting|decorate|decorating|sprinkle|`,
  String.raw`sprinkling|brush|brushing|glaze|garnish|fry|frying|greas\w+|top|topping)$`,
)

/** Does a line go on in the next: it stops in the middle of what it says? */
function goesOn(line: string, next: string): boolean {
  if (!next.trim() || /[.!?:;]\s*$/u.test(line) || isMeasuredThing(next.replace(/^[\s•*–-]+/u, '')))
    return false
  if (next.trim().length < fullWidth && endsInPurpose.test(next.trim())) return false
  const [stops, opens] = [
    /\b(?:the|a|an|and|or|of|for|at|to|with|in|into|until|from|on|about|your|then)\s*$/iu.test(
      line,
    ),
    /^\s*[\p{Ll}(]/u.test(next),
  ]
  return (
    (line.trim().length >= fullWidth && opens && !/^\s*(?:x\s|\d)/iu.test(next)) ||
    (stops && line.trim().length >= fullWidth / 2)
  )
}

/**
 * Lines that were broken in the middle put together again; a blank stands for the break, so that
 * places stay.
 */
function unwrapped(lines: readonly TextPiece[]): TextPiece[] {
  const out: TextPiece[] = []
  lines.forEach((line, i) => {
    const last = out.at(-1)
    if (
      last &&
      last.text.length < longestPiece &&
      goesOn(lines[i - 1]!.text, line.text) &&
      !gap.test(last.text.trim()) &&
      !gap.test(line.text.trim())
    )
      out[out.length - 1] = { text: `${last.text} ${line.text}`, at: last.at }
    else out.push(line)
  })
  return out
}

/**
 * The text line by line, each with its place; two columns put one behind the other, long lines cut
 * up, lists in one line parted.
 */
export function piecesOf(text: string): TextPiece[] {
  let at = 0
  const lines = unwrapped(
    text.split('\n').map((line): TextPiece => {
      const piece = { text: line, at }
      at += line.length + 1
      return piece
    }),
  )
  const pieces: TextPiece[] = []
  for (let from = 0; from < lines.length;) {
    let to = from
    while (to < lines.length && lines[to]!.text.trim()) to++
    const block = lines.slice(from, Math.max(to, from + 1))
    pieces.push(
      ...((block.some(piece => gap.test(piece.text.trim())) ? sideBySide(block) : null) ?? block),
    )
    from += block.length
  }
  return withoutNumbers(paired(pieces.flatMap(cutUp).flatMap(numberedRun))).flatMap(listedInLine)
}
