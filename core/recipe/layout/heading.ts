import { findMentions, ingredientById, wordsOf, type Ingredient, type Kind } from '../../pantry'
import { pattern } from '../../measure'
import { componentHeading, componentWords, purposeHeadings } from '../tables/headings'
import { isMeasuredThing, looksMeasured, startsWithVerb } from './measured'

/** "Cream cheese frosting", "Pecan topping": what it ends in is a part, whatever it begins with. */
const endsAsPart = pattern(
  'iu',
  String.raw`\b(?:frosting|icing|glaze|topping|filling|crust|base|layers?|batter|dough|`,
  String.raw`crumble|streusel|buttercream|ganache|drizzle|sauce|coating)$`,
)
/** What is bought ready or made of several things: its name may head a part. */
const composed: ReadonlySet<Kind> = new Set<Kind>(['ready-made', 'jam', 'decoration', 'puree'])
/** Fewer things than this under a name that one could buy make no part of it. */
const fewestUnder = 2

/** Are all words of a name those of one thing to eat? */
function isThing(name: string): Ingredient | null {
  const { mentions, unread } = findMentions(name)
  const item = mentions.length === 1 ? ingredientById(mentions[0]!.ingredient.id) : undefined
  return item && !unread.length ? item : null
}

/**
 * The name of the part that a line heads; null when it heads none. `below` are the lines under it.
 * A measured thing is never a heading, nor is the name of a thing unless it is one that is made of
 * others and several measured things stand under it.
 */
export function headingName(text: string, below: readonly string[]): string | null {
  const bare = text.replace(/^[#*_\s]+|[*_\s:]+$/gu, '').trim()
  if (!mayHead(bare)) return null
  if (purposeHeadings.test(bare)) return bare.toLowerCase()
  const made = madeIn(text, bare)
  if (made) return made
  const under = measuredUnder(below)
  const thing = isThing(bare)
  if (thing && !isMadeBelow(thing, bare, below.slice(0, under))) return null
  return headsByLooks(text.trim(), bare, below[0] ?? '') ? bare.toLowerCase() : null
}

/** A few words, no sentence, and nothing measured. */
const mayHead = (bare: string): boolean =>
  bare !== '' &&
  wordsOf(bare).length <= 7 &&
  !/[.!?]$/.test(bare) &&
  !isMeasuredThing(bare) &&
  !/\d\s*(?:g|ml|cups?|tsp|tbsp|oz)\b/iu.test(bare)

/** "For the glaze", "To make the filling:": what is made. */
function madeIn(text: string, bare: string): string | null {
  const made = componentHeading.exec(bare)?.[1]
  if (!made || /\b\d+\s*min/.test(bare) || /\bfor\s+greas|\bfor\s+dust/iu.test(bare)) return null
  const short = wordsOf(made).length <= 3
  return /:$/.test(text.trim()) || componentWords.test(made) || short
    ? made.trim().toLowerCase()
    : null
}

/**
 * Can a thing that one could also buy be what the lines under it make? It is one that is made of
 * others, and there are several, or the one there brings what it always holds.
 */
function isMadeBelow(thing: Ingredient, name: string, below: readonly string[]): boolean {
  if (!composed.has(thing.kind) && !componentWords.test(name)) return false
  const held = new Set(
    below.flatMap(line => findMentions(line).mentions.flatMap(m => m.ingredient.holds)),
  )
  return below.length >= fewestUnder || (below.length > 0 && thing.holds.every(id => held.has(id)))
}

/** How many measured things stand under a line before anything else. */
function measuredUnder(below: readonly string[]): number {
  const end = below.findIndex(line => !looksMeasured(line))
  return end < 0 ? below.length : end
}

/** By a colon, capitals, a heading mark, or a word for a part over measured things. */
function headsByLooks(text: string, bare: string, next: string): boolean {
  const capitals = bare === bare.toUpperCase() && /\p{Lu}{3}/u.test(bare)
  if ((/:\s*\**$/.test(text) || capitals || /^#|^\*\*/.test(text)) && !startsWithVerb(bare))
    return true
  const named = /^\p{Lu}/u.test(bare) && !/\d/u.test(bare)
  if (
    named &&
    endsAsPart.test(bare) &&
    wordsOf(bare).length <= 4 &&
    !/,/u.test(bare) &&
    looksMeasured(next)
  )
    return true
  // "Custard" over measured lines is a part of the dessert; within the list it would be a thing to buy.
  return (
    named &&
    wordsOf(bare).length <= 3 &&
    componentWords.test(bare) &&
    findMentions(bare).mentions.every(
      m => m.ingredient.kind === 'ready-made' && looksMeasured(next),
    )
  )
}
