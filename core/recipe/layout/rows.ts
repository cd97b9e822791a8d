import { findMentions, wordsOf } from '../../pantry'
import { ingredientHeadings, otherHeadings, stepHeadings } from '../tables/headings'
import { isAmountAlone, numberAlone, startsWithVerb, withoutBullet } from './measured'
import { partAt, spanOf, type TextPiece } from './piece'

/** Lines that belong together, and one that is several. */

const isSentence = (text: string) =>
  wordsOf(text).length > 4 && (startsWithVerb(text) || /[.!]$/u.test(text.trim()))

/** A name that an amount on a line of its own may be of. */
const isName = (text: string) => {
  const words = wordsOf(text).length
  return (
    words > 0 &&
    words <= 9 &&
    !isAmountAlone(text) &&
    ![ingredientHeadings, stepHeadings, otherHeadings].some(sign => sign.test(text)) &&
    !/[.!?]\s*$/u.test(text) &&
    (findMentions(text).mentions.length > 0 || words <= 3)
  )
}

const joinedBy = (first: TextPiece, second: TextPiece, amountFirst: boolean): TextPiece => {
  const [a, b] = [withoutBullet(first.text.trim()), withoutBullet(second.text.trim())]
  return {
    text: amountFirst ? `${a} ${b}` : `${b} ${a}`,
    at: first.at,
    span: [spanOf(first)[0], spanOf(second)[1]],
  }
}

/** Fewer rows than these are no table. */
const fewestPairs = 2

/**
 * From `from` on, how many pairs of an amount and a name stand there line by line, in that order
 * or the other.
 */
function pairsAt(full: readonly TextPiece[], from: number, amountFirst: boolean): number {
  let pairs = 0
  for (let i = from; i + 1 < full.length; i += 2) {
    const [a, b] = [full[i]!.text.trim(), full[i + 1]!.text.trim()].map(withoutBullet)
    const [amount, name] = amountFirst ? [a!, b!] : [b!, a!]
    if (!isAmountAlone(amount) || !isName(name) || isSentence(name)) break
    pairs++
  }
  return pairs
}

/** "150 g" and "soft butter" on lines of their own, as tables and lists of terms come apart: put together. */
export function paired(pieces: readonly TextPiece[]): TextPiece[] {
  const full = pieces.filter(piece => piece.text.trim())
  if (full.filter(piece => isAmountAlone(withoutBullet(piece.text.trim()))).length < fewestPairs)
    return [...pieces]
  const out: TextPiece[] = []
  for (let i = 0; i < full.length;) {
    const first = pairsAt(full, i, true)
    const behind = first >= fewestPairs ? 0 : pairsAt(full, i, false)
    // A title over amounts is the name of none of them.
    const second = behind > pairsAt(full, i + 1, true) ? behind : 0
    const pairs = Math.max(first, second)
    if (pairs < fewestPairs) {
      out.push(full[i]!)
      i++
      continue
    }
    for (let n = 0; n < pairs; n++)
      out.push(joinedBy(full[i + 2 * n]!, full[i + 2 * n + 1]!, first >= second))
    i += 2 * pairs
  }
  return out
}

/** "Step 1" or "1." on a line of its own, over what is done: its number, and no piece. */
export function withoutNumbers(pieces: readonly TextPiece[]): TextPiece[] {
  const full = pieces.filter(piece => piece.text.trim())
  return full.filter((piece, i) => {
    const next = full[i + 1]?.text.trim() ?? ''
    return !(numberAlone.test(piece.text.trim()) && (isSentence(next) || startsWithVerb(next)))
  })
}

const numberInLine = /(?<=^|[.!?:)]\s|\s)(?=(\d{1,2})[.)]\s+\p{Lu})/gu

/**
 * "… 1. Heat the oven. 2. Beat the butter …" in one paragraph: a piece a step, where the numbers
 * run on from one.
 */
export function numberedRun(piece: TextPiece): TextPiece[] {
  const hits = [...piece.text.matchAll(numberInLine)]
  const first = hits.findIndex(hit => hit[1] === '1')
  if (first < 0) return [piece]
  const run = hits.slice(first).filter((hit, i) => Number(hit[1]) === i + 1)
  if (run.length < 2) return [piece]
  const cuts = new Set(run.map(hit => hit.index))
  const [before, ...steps] = [0, ...cuts, piece.text.length]
    .slice(0, -1)
    .map((from, i, all) => ({
      text: piece.text.slice(from, all[i + 1] ?? piece.text.length),
      at: piece.at + from,
    }))
    .filter(part => part.text.trim())
  return before
    ? [
        ...(cuts.has(before.at - piece.at) ? [before] : partAt(before, /(?<=[.!?:])\s+/gu)),
        ...steps,
      ]
    : []
}
