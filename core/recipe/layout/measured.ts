import { pattern } from '../../measure'
import { findMentions, wordsOf } from '../../pantry'
import { readQuantity, readVague } from '../line/quantity'
import { vesselOf } from '../facts/vessels'
import { stepVerbs } from '../tables/headings'
import { prose } from '../tables/page-words'
import { behindDoing, dictation, orderWords } from '../tables/verb-words'

/** What a piece of text looks like, by itself. */

const sizeOne = () => 1
export const bulletOnly = /^[\s]*[-–—*•·▪▫◾▢□☐☑✓✔◦‣➤►→#]+\s*/u
/** The number of a list: an amount has no point behind it. */
const listNumber = /^\s*(?:\d{1,2}|[a-h])[.)]\s+(?=\S)/u
export const withoutBullet = (text: string): string =>
  text.replace(bulletOnly, '').replace(listNumber, '')

/** "150 g", "2 tbsp", "3": an amount and nothing that it is of. */
export function isAmountAlone(text: string): boolean {
  const quantity = readQuantity(text, 0, sizeOne) ?? readVague(text, 0)
  return quantity !== null && !/[\p{L}\p{N}]/u.test(text.slice(quantity.end))
}

/** An amount and something of the pantry: no size, no share. */
export function isMeasuredThing(part: string): boolean {
  const text = withoutBullet(part.trim())
  const quantity = readQuantity(text, 0, sizeOne) ?? readVague(text, 0)
  return (
    quantity !== null &&
    !/^\s*(?:%|per\s*cent|cm|mm|inch)/iu.test(text.slice(quantity.end)) &&
    findMentions(text.slice(quantity.end)).mentions.length > 0
  )
}

/** "Zest of 1 lemon", "juice ½ orange"; "peel the apples" and "peel and core 2 pears" are told. */
const ofFruit = pattern(
  'iu',
  String.raw`^(?:the\s+)?(?:finely\s+)?(?:grated\s+)?(?:(?:zest|juice|rind|peel)`,
  String.raw`(?:\s+(?:and|&)\s+(?:zest|juice|rind|peel|pulp|flesh))?\s+(?:of|from)\s+`,
  String.raw`(?:\d|½|¼|half|an?\b|one|two|the\b)|`,
  String.raw`(?:zest|juice|rind)(?:\s+(?:and|&)\s+(?:zest|juice|rind))?\s+(?:\d|½|¼|half\b))`,
)

/** "200 g flour", "a pinch of salt", "3 eggs": an amount and something it is of. A tin is none. */
export function looksMeasured(text: string): boolean {
  if (ofFruit.test(text)) return true
  const quantity = readQuantity(text, 0, sizeOne)
  if (!quantity || !/[\p{L}]/u.test(text.slice(quantity.end)) || vesselOf(text)) return false
  return quantity.unit !== null || findMentions(text.slice(quantity.end)).mentions.length > 0
}

const thingFirst = new Set([
  'butter',
  'flour',
  'oil',
  'cream',
  'ice',
  'top',
  'glaze',
  'zest',
  'sandwich',
])
const doesSomething = /^(?:and|the|a|an|your|together|it|both|each|one|two|over)$/u

const forIt = /^(?:for|to)$/u

/** Does it begin with a word that is a thing as well as a doing? */
export const beginsWithThing = (text: string): boolean =>
  thingFirst.has(wordsOf(text)[0]?.plain ?? '')

export const startsWithVerb = (text: string): boolean => {
  const [first, second, , fourth] = wordsOf(text)
  if (!first) return false
  // "Butter for the tin", "Flour, to dust", "Butter and sugar for the ramekins": the verb is a thing there.
  if (thingFirst.has(first.plain)) {
    const isFor = second?.plain === 'and' && fourth !== undefined && forIt.test(fourth.plain)
    return second !== undefined && doesSomething.test(second.plain) && !isFor
  }
  // Nobody is told "slices": with its ending it is a thing ("8 slices bread", "2 rolls pastry").
  return stepVerbs.has(text.slice(first.start, first.end).toLowerCase())
}

/** An unmeasured thing: short, names something of the pantry, tells nobody to do anything. */
export const looksNamed = (text: string): boolean =>
  wordsOf(text).length <= 12 &&
  !/[.!?]$/.test(text) &&
  !startsWithVerb(text) &&
  findMentions(text).mentions.length > 0

/** As it was spoken, without a mark: "right so first you cream the butter then crack in the eggs …". */
function isDictated(text: string): boolean {
  const words = wordsOf(text)
  const orders = words.filter(
    ({ plain }, i) => orderWords.has(plain) && behindDoing.has(words[i + 1]?.plain ?? ''),
  )
  return words.length >= dictation.words && orders.length >= dictation.orders && !prose.test(text)
}

export const looksTold = (text: string): boolean =>
  isDictated(text) ||
  (startsWithVerb(text) && (wordsOf(text).length >= 3 || /^\p{Lu}.*\.$/u.test(text))) ||
  (wordsOf(text).length > 9 && /[.;]$|\.\s+\p{Lu}/u.test(text))

/** "1. ", "Step 2:", "(3)": the number of a step. */
export const stepNumber =
  /^(?:step\s*)?\(?\d{1,2}\s*[.):–-]?\s+(?=\p{L})|^step\s*\d{1,2}\s*[.):–-]?\s*/iu
/**
 * Without a mark behind it a step's number is followed by a capital: "8 slices stale bread" is no
 * eighth step.
 */
const surelyNumbered =
  /^(?:[Ss]tep\s*)?\(?\d{1,2}\s*(?:[.):–-]\s*\p{L}|\s+\p{Lu})|^[Ss](?:tep|TEP)\s*\d/u
/** A line that is a number and nothing else. */
export const numberAlone = /^(?:step\s*)?\(?\d{1,2}\s*[.):]?$/iu

const marked = /^(?:[Ss](?:tep|TEP)\s*)?\(?\d{1,2}\s*[.):–-]/u
const article = /^\s*(?:the|your|each|it|them|this|these|all|both|a|an)\b/iu

/** Without a mark, "2 Slice bread" may as well be two slices: an amount with its unit, and food behind. */
const mayBeAmount = (text: string): boolean => {
  const quantity = marked.test(text) ? null : readQuantity(text, 0, sizeOne)
  const rest = quantity?.unit ? text.slice(quantity.end) : ''
  return rest !== '' && !article.test(rest) && findMentions(rest).mentions.length > 0
}

/** A step by its number and its verb: nothing in it is parted into ingredients. */
export const isNumberedStep = (text: string): boolean => {
  const line = text.trim()
  return (
    surelyNumbered.test(line) && startsWithVerb(line.replace(stepNumber, '')) && !mayBeAmount(line)
  )
}
