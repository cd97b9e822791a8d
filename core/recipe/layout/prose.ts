import { pattern } from '../../measure'
import { findMentions, wordsOf } from '../../pantry'
import type { LaidPart } from './layout'
import { startsWithVerb } from './measured'
import { partAt, spanOf, type TextPiece } from './piece'
import { readQuantity, readVague, type Quantity } from '../line/quantity'

/** A recipe that somebody tells in sentences, without a list: the amounts are taken out of what is told. */

const sentenceEnd = /(?<=[.!?])\s+(?=[\p{Lu}\d"“(])/gu
/** Spoken, nothing begins with a capital. */
const spokenEnd = /(?<=(?:[^\s.]{2}|\b[ago\d])[.!?])\s+/gu
const betweenWords = 6
const sizeOne = () => 1

const sentencesOf = (piece: TextPiece): TextPiece[] => {
  const spoken = /[.!?]\s+\p{Ll}/u.test(piece.text) && !/[.!?]\s+\p{Lu}/u.test(piece.text)
  return partAt(piece, spoken ? spokenEnd : sentenceEnd)
}

const quantityAt = (text: string, at: number): Quantity | null => {
  const read = readQuantity(text, at, sizeOne) ?? readVague(text, at)
  return read && (read.unit || read.amount.low >= 1) ? read : null
}
/** Times, temperatures, sizes and counts of doing are no amounts of anything. */
const notOfThing = pattern(
  'iu',
  String.raw`^\s*(?:-\s*)?(?:minutes?|mins?|hours?|hrs?|seconds?|days?|°|º|degrees|cm|mm|`,
  String.raw`inch|in\.|%|times|parts?|layers?|equal|pieces?\b(?!\s+of)|slices?\b(?!\s+of)|`,
  String.raw`portions?|rounds?|tins?\b(?!\s+of)|trays?|batches|more)`,
)

/** "200 g butter", "the juice of 1 lemon" as they stand in a sentence, each as a piece of its own. */
function measuredIn(sentence: TextPiece): TextPiece[] {
  const { text, at } = sentence
  const found: TextPiece[] = []
  let done = 0
  for (const { index } of text.matchAll(
    /(?<![\p{L}\d.,/–-])(?=[\d½⅓¼¾⅔⅛]|(?:an?|one|two|three|four|five|six|half|some)\s)/giu,
  )) {
    if (index < done) continue
    const quantity = quantityAt(text, index)
    if (
      !quantity ||
      (!quantity.unit && notOfThing.test(text.slice(quantity.end))) ||
      (quantity.unit === null && /^an?\s/iu.test(text.slice(index)))
    )
      continue
    const rest = text.slice(quantity.end, quantity.end + 80)
    const stop = rest.search(/[,;.]|\s(?:and|with|then|until|into|to|in|on|over|for|plus)\s/iu)
    const near = findMentions(stop < 0 ? rest : rest.slice(0, stop))
    const mention = near.mentions.at(-1)
    if (!mention || wordsOf(rest.slice(0, mention.start)).length > betweenWords) continue
    const lead = /(?:juice|zest|rind)(?:\s+and\s+(?:juice|zest))?\s+of\s+$/iu.exec(
      text.slice(0, index),
    )
    const start = lead ? lead.index : index
    done = quantity.end + mention.end
    found.push({ text: text.slice(start, done), at: at + start })
  }
  return found
}

const needs =
  /^(?:you(?:['’]ll|\s+will)?\s+need|take|ingredients?\b|for\s+this\s+you\s+need|what\s+you\s+need|use)\b/iu

/**
 * Lays out a text without a list: the sentence that lists things gives the lines, or, where none
 * does, every amount that the steps name. Null when hardly anything is measured.
 */
export function layOutProse(pieces: readonly TextPiece[]): LaidPart[] | null {
  const sentences = pieces.flatMap(sentencesOf)
  const measured = sentences.map(measuredIn)
  if (measured.reduce((n, things) => n + things.length, 0) < 2) return null
  const isList = (i: number) =>
    measured[i]!.length >= 3 &&
    (needs.test(sentences[i]!.text.trim()) || !startsWithVerb(sentences[i]!.text.trim()))
  const listed = sentences.some((_, i) => isList(i))
  const parts: LaidPart[] = []
  sentences.forEach((sentence, i) => {
    const text = sentence.text.trim()
    const from = spanOf(sentence)
    if (!parts.length && !measured[i]!.length && wordsOf(text).length <= 10) {
      parts.push({ from, is: 'title', text: text.replace(/[.:!]+$/u, '') })
      return
    }
    for (const thing of listed && !isList(i) ? [] : measured[i]!)
      parts.push({ from: spanOf(thing), is: 'ingredient', text: thing.text.trim() })
    if (!isList(i) || (startsWithVerb(text) && !needs.test(text)))
      parts.push({
        from,
        is: /\b(?:makes|serves)\b/iu.test(text) && !startsWithVerb(text) ? 'fact' : 'step',
        text,
      })
  })
  return parts
}
