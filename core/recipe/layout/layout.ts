import { pattern } from '../../measure'
import { readQuantity } from '../line/quantity'
import { findMentions, wordsOf } from '../../pantry'
import { spanOf, type Piece } from './pieces'
import type { Span } from '../recipe'
import {
  componentHeading,
  componentWords,
  ingredientHeadings,
  otherHeadings,
  purposeHeadings,
  stepHeadings,
  stepVerbs,
} from '../tables/headings'

/** What a line of a pasted text is. */
export type Part = { readonly from: Span } & (
  | { readonly is: 'title' | 'ingredient' | 'step' | 'fact' | 'other'; readonly text: string }
  | { readonly is: 'ingredients' | 'steps' | 'notes'; readonly text: string }
  | { readonly is: 'component'; readonly text: string; readonly name: string }
)

const factLine = pattern(
  'iu',
  String.raw`^(?:(?:makes?|serves?|yields?|servings?|portions?|(?:prep(?:aration)?|`,
  String.raw`cook(?:ing)?|bak(?:e|ing)|total)(?:\s+time|\s*[:–])|time|oven|temperature|tin|`,
  String.raw`pan|calories|kcal|energy|carbohydrates?|carbs|cholesterol|sodium|saturates|`,
  String.raw`difficulty|level|course|cuisine|category|author|source|by|from|`,
  String.raw`rating)\b\s*[:–-]?)`,
)
const factOnly = pattern(
  'iu',
  String.raw`^\d{1,3}(?:\s*[-–]\s*\d{1,3})?\s+(?:servings?|portions?|people|pieces|slices|`,
  String.raw`persons)\.?$|^(?:makes?|serves?|yields?|cuts\s+into)\b[^\d]{0,14}(?:\d|one|`,
  String.raw`two|three|four|six|eight|ten|twelve|a\s+dozen).{0,60}$`,
)
const numberedStep = /^(?:step\s*)?\d{1,2}\s*[.):–-]?\s+(?=\p{L})|^step\s*\d{1,2}\s*[.):–-]?\s*/iu
/**
 * "8 slices stale bread" is no eighth step: without a mark behind it, a step's number is followed
 * by a capital.
 */
const surelyNumbered =
  /^(?:[Ss]tep\s*)?\d{1,2}\s*(?:[.):–-]\s*\p{L}|\s+\p{Lu})|^[Ss](?:tep|TEP)\s*\d/u
const sizeOne = () => 1

export const startsWithVerb = (text: string): boolean => {
  const [first, second] = wordsOf(text)
  if (!first) return false
  // "Butter for the tin", "Flour, to dust", "Ice, to serve": the verb is a thing there.
  if (
    ['butter', 'flour', 'oil', 'cream', 'ice', 'top', 'glaze', 'zest', 'sandwich'].includes(
      first.plain,
    )
  )
    return (
      second !== undefined &&
      /^(?:and|the|a|an|your|together|it|both|each|one|two|over)$/.test(second.plain)
    )
  return stepVerbs.has(first.plain)
}

const ofFruit = pattern(
  'iu',
  String.raw`^(?:finely\s+)?(?:grated\s+)?(?:zest|juice|rind|`,
  String.raw`peel)(?:\s+and\s+\w+)?\s+(?:(?:of|from)\s+)?(?:\d|½|¼|half|an?\b|one|two|`,
  String.raw`the\b)`,
)

/** "200 g flour", "a pinch of salt", "3 eggs": an amount and something it is of. */
function looksMeasured(text: string): boolean {
  if (ofFruit.test(text)) return true
  const quantity = readQuantity(text, 0, sizeOne)
  if (!quantity || quantity.end >= text.length) return false
  return quantity.unit !== null || findMentions(text.slice(quantity.end)).mentions.length > 0
}

/** An unmeasured thing: short, names something of the pantry, tells nobody to do anything. */
const looksNamed = (text: string) =>
  wordsOf(text).length <= 12 &&
  !/[.!?]$/.test(text) &&
  !startsWithVerb(text) &&
  findMentions(text).mentions.length > 0
const looksTold = (text: string) =>
  (startsWithVerb(text) && (wordsOf(text).length >= 3 || /^\p{Lu}.*\.$/u.test(text))) ||
  (wordsOf(text).length > 9 && /[.;]$|\.\s+\p{Lu}/u.test(text))

/** "Cream cheese frosting", "Pecan topping": what it ends in is a part, whatever it begins with. */
const endsAsPart = pattern(
  'iu',
  String.raw`\b(?:frosting|icing|glaze|topping|filling|crust|base|layers?|batter|dough|`,
  String.raw`crumble|streusel|buttercream|ganache|drizzle|sauce|coating)$`,
)

/** The name of the part that a line heads; null when it is no heading. `next` is what stands under it. */
export function headingName(text: string, next: string): string | null {
  const bare = text.replace(/^[#*_\s]+|[*_\s:]+$/gu, '').trim()
  if (
    !bare ||
    wordsOf(bare).length > 7 ||
    /\d\s*(?:g|ml|cup|tsp|tbsp|oz)\b/iu.test(bare) ||
    /[.!?]$/.test(bare)
  )
    return null
  if (purposeHeadings.test(bare)) return bare.toLowerCase()
  const found = componentHeading.exec(bare)
  if (
    found &&
    !/\b\d+\s*min/.test(bare) &&
    (/:$/.test(text.trim()) || componentWords.test(found[1]!) || wordsOf(found[1]!).length <= 3) &&
    !/\bfor\s+greas|\bfor\s+dust/iu.test(bare)
  )
    return found[1]!.trim().toLowerCase()
  const colon = /:\s*\**$/.test(text.trim())
  const capitals = bare === bare.toUpperCase() && /\p{Lu}{3}/u.test(bare)
  const marked = /^#|^\*\*/.test(text.trim())
  if ((colon || capitals || marked) && !startsWithVerb(bare)) return bare.toLowerCase()
  if (
    endsAsPart.test(bare) &&
    wordsOf(bare).length <= 4 &&
    /^\p{Lu}/u.test(bare) &&
    !/[\d,]/u.test(bare) &&
    looksMeasured(next)
  )
    return bare.toLowerCase()
  if (
    wordsOf(bare).length > 3 ||
    /\d/u.test(bare) ||
    !componentWords.test(bare) ||
    !/^\p{Lu}/u.test(bare)
  )
    return null
  // "Custard" over measured lines is a part of the dessert; within the list it would be a thing to buy.
  return findMentions(bare).mentions.every(
    m => m.ingredient.kind === 'ready-made' && looksMeasured(next),
  )
    ? bare.toLowerCase()
    : null
}

const bulletOnly = /^[\s]*[-–—*•·▪▢□☐✓◦‣]+\s*/u

/**
 * Says of each line of a text what it is: headings first, then by what stands under them, then by
 * what it looks like.
 */
export function layOut(pieces: readonly Piece[]): Part[] {
  const parts: Part[] = []
  let under: 'ingredients' | 'steps' | 'notes' | null = null
  let [titled, hasTitle, hasLines, hasSteps] = [false, false, false, false]
  const full = pieces.filter(piece => piece.text.trim())
  const texts = full.map(piece => piece.text.trim())
  for (const [at, text] of texts.entries()) {
    const from = spanOf(full[at]!)
    const next = (texts[at + 1] ?? '').replace(bulletOnly, '')
    const bare = text.replace(/^[#*_\s]+|[*_\s]+$/gu, '').trim() || text
    const plain = text.replace(bulletOnly, '')
    const push = (part: Part) => {
      parts.push(part)
      titled = titled || (part.is !== 'title' && part.is !== 'other')
      hasLines = hasLines || part.is === 'ingredient'
      hasSteps = hasSteps || part.is === 'step'
    }
    if (ingredientHeadings.test(bare)) {
      push({ from, is: 'ingredients', text })
      under = 'ingredients'
      continue
    }
    if (stepHeadings.test(bare)) {
      push({ from, is: 'steps', text })
      under = 'steps'
      continue
    }
    if (otherHeadings.test(bare)) {
      push({ from, is: 'notes', text })
      under = 'notes'
      continue
    }
    if (under === 'notes') {
      parts.push({ from, is: 'other', text })
      continue
    }
    const measured = looksMeasured(plain)
    const opening = !titled && !hasTitle
    if (
      opening &&
      !bulletOnly.test(text) &&
      !(measured && readQuantity(plain, 0, sizeOne)?.unit) &&
      !/[.;:]$/.test(text) &&
      !factOnly.test(text) &&
      wordsOf(text).length <= 14
    ) {
      parts.push({ from, is: 'title', text: bare })
      hasTitle = true
      continue
    }
    const name = headingName(text, next)
    if (name !== null && !(under === 'ingredients' && /^\p{Ll}/u.test(bare) && !/:$/.test(text))) {
      push({ from, is: 'component', text, name })
      continue
    }
    const says = /[:–]|\d/u.test(plain) || /^(?:by|from|author|source)\b/iu.test(plain)
    if (
      factOnly.test(plain) ||
      (says &&
        factLine.test(plain) &&
        wordsOf(plain).length <= 14 &&
        !/^bake\b.*\b(?:until|for)\b/iu.test(plain) &&
        under !== 'steps')
    ) {
      parts.push({ from, is: 'fact', text })
      // "Serves 4, with whipped cream" brings cream: it is read as a step too.
      if (/\bwith\b/iu.test(plain) && findMentions(plain).mentions.length)
        push({ from, is: 'step', text: plain })
      continue
    }
    const step = text.replace(numberedStep, '')
    if (under === 'steps') {
      push({ from, is: 'step', text: step.replace(bulletOnly, '') })
      continue
    }
    if (measured && !(surelyNumbered.test(text) && startsWithVerb(step))) {
      push({ from, is: 'ingredient', text })
      continue
    }
    const numbered = step !== text && wordsOf(step).length > 4
    if (
      looksTold(step.replace(bulletOnly, '')) ||
      ((numbered || wordsOf(step).length > 4) && !measured && /[.!]$/.test(step))
    ) {
      push({ from, is: 'step', text: step.replace(bulletOnly, '') })
      continue
    }
    if (under === 'ingredients' || looksNamed(plain)) {
      push({ from, is: 'ingredient', text })
      continue
    }
    // "flour – 200 g": an amount behind the name.
    if (wordsOf(plain).length <= 8 && /\d/.test(plain) && !/[.!?]$/.test(plain) && hasLines) {
      push({ from, is: 'ingredient', text })
      continue
    }
    // Among the ingredients nothing short is passed over: what is not known is asked about.
    if (
      hasLines &&
      !hasSteps &&
      wordsOf(plain).length <= 6 &&
      !/[.!?:]$/.test(plain) &&
      !startsWithVerb(plain)
    ) {
      push({ from, is: 'ingredient', text })
      continue
    }
    parts.push({ from, is: hasSteps && wordsOf(text).length > 4 ? 'step' : 'other', text })
  }
  return parts
}
