import type { Region } from '../../measure'
import {
  claimsIn,
  findMentions,
  isFruitBefore,
  mainMention,
  wordsOf,
  type Mention,
} from '../../pantry'
import { placeholders } from '../tables/choice-words'
import { fruitLead } from './fruit'

/** How the names of several choices share their nouns and describing words. */

const mentionsIn = (text: string, region: Region) => findMentions(text, region)

/** Is there one thing of which a part stands on either side, and that ends it all? */
export const spans = (whole: string, at: number, region: Region): boolean =>
  mentionsIn(whole, region).mentions.some(
    m => m.start < at && m.end > at && m.end >= whole.trimEnd().length,
  )

export const lastWord = (text: string): string => {
  const last = wordsOf(text).at(-1)
  return last ? text.slice(last.start, last.end) : ''
}

/** A plural is no describing word: "eggs" of "eggs or egg whites" stays what it is. */
const isPlural = (name: string) => /(?<!s)s$/iu.test(name.trim()) && !/['’]s$/u.test(name.trim())

/** "dairy-free alternative", "vegan version": what is meant is the noun of the other choice. */
const withoutPlaceholder = (name: string) => name.replace(placeholders, '').trim() || name

/** The last word of a name where that alone names something, as "milk" does of "oat milk". */
function headOf(main: Mention, region: Region): string {
  const word = lastWord(main.words)
  return mentionsIn(word, region).mentions.length ? word : main.words
}

/** "peach" of "peach or plum jam": a fruit before what is made of fruit. */
function isFlavourOf(name: string, head: string, region: Region): boolean {
  const [fruit] = mentionsIn(name, region).mentions
  const made = mainMention(mentionsIn(head, region).mentions)
  return (
    fruit !== undefined &&
    made !== null &&
    wordsOf(name).length === wordsOf(fruit.words).length &&
    isFruitBefore(fruit.ingredient.kind, made.ingredient.kind) &&
    made.ingredient.kind !== 'fruit'
  )
}

/**
 * Does a shared noun take nothing away of what the word holds by itself? "Almond" may become almond
 * milk, "egg" no egg replacer.
 */
function keepsWhatItHolds(
  name: string,
  whole: string,
  region: Region,
  andMayHold = false,
): boolean {
  const own = mainMention(mentionsIn(name, region).mentions)?.ingredient
  const made = mainMention(mentionsIn(whole, region).mentions)?.ingredient
  const known = new Set([...(made?.holds ?? []), ...(made?.mayHold ?? []), ...(made?.traces ?? [])])
  const held = [...(own?.holds ?? []), ...(andMayHold ? (own?.mayHold ?? []) : [])]
  return held.every(id => known.has(id))
}

/**
 * What a name shares of another, so that both make one known thing: "chocolate" of "dark
 * chocolate" for "white".
 */
function sharedWith(name: string, other: string, region: Region): string | null {
  const words = wordsOf(other)
  for (let from = 1; from < words.length; from++) {
    const shared = other.slice(words[from]!.start, words.at(-1)!.end)
    const whole = `${name} ${shared}`
    if (
      !other.toLowerCase().endsWith(whole.toLowerCase()) &&
      spans(whole, name.length, region) &&
      keepsWhatItHolds(name, whole, region)
    )
      return shared
  }
  return null
}

/**
 * The name of a choice with the noun that it shares: "white" of "white or dark chocolate" is white
 * chocolate, "almond" of "almond or soy milk" almond milk. `others` are the names beside it, the
 * nearest first; one with which it makes a single known thing wins, and a bare description takes
 * what the nearest one names.
 */
export function withNoun(given: string, others: readonly string[], region: Region): string {
  const name = withoutPlaceholder(given)
  if (!isPlural(name))
    for (const other of others) {
      const shared = sharedWith(name, other, region)
      if (shared) return `${name} ${shared}`
      if (isFlavourOf(name, lastWord(other), region)) return `${name} ${lastWord(other)}`
    }
  if (mentionsIn(name, region).mentions.length) return given
  for (const other of others) {
    const main = mainMention(mentionsIn(other, region).mentions)
    if (main) return ofNoun(name, name === given ? headOf(main, region) : other, region)
  }
  return given
}

/**
 * A description with its noun: "vegan" of "butter (vegan if needed)", "whole wheat" of "flour
 * (white or whole wheat)".
 */
export function ofNoun(adjective: string, noun: string, region: Region): string {
  const bare = withoutPlaceholder(adjective)
  const { claims } = mentionsIn(bare, region)
  const short = `${bare} ${lastWord(noun)}`
  if (!claims.length && spans(short, bare.length, region)) return short
  return `${bare} ${mainMention(mentionsIn(noun, region).mentions)?.words ?? noun}`.trim()
}

/**
 * Words before the first of several things that hold for the others too: "ground almonds or
 * hazelnuts", "zest of 1 orange or lemon", "dried apricots or figs" where it takes nothing away
 * from what the other holds.
 */
export function described(first: string, other: string, region: Region): string {
  const fruit = fruitLead.exec(first)
  if (fruit && !fruitLead.test(other)) return ofSameFruit(fruit[0], first, other)
  const [one, two] = [mentionsIn(first, region), mentionsIn(other, region)]
  const [lead] = one.mentions
  const known = two.mentions[0]
  if (!lead || one.claims.length || (known?.start ?? 0) > 3) return other
  if (lead.start === 0 || !known) return withFirstWord(lead.words, other, region)
  const before = first.slice(0, lead.start)
  return wordsOf(before).length <= 2 && !one.unread.length ? `${before}${other}` : other
}

/** "Zest of 1" before the second fruit too. */
function ofSameFruit(lead: string, first: string, other: string): string {
  const amount = /^(?:\d+|an?|half\s+an?|one|½)\s+/iu.exec(first.slice(lead.length))?.[0] ?? ''
  return `${lead}${/^(?:\d|an?\s|half|½)/iu.test(other) ? '' : amount}${other}`
}

/** "Dried" of "dried apricots" before figs, where both are one known thing. */
function withFirstWord(name: string, other: string, region: Region): string {
  const words = wordsOf(name)
  // A claim is no describing word: it stays with its own noun.
  if (words.length < 2 || claimsIn(name).length) return other
  const whole = `${name.slice(0, words[0]!.end)} ${other}`
  const [made] = mentionsIn(whole, region).mentions
  const isOne = made?.start === 0 && made.end > words[0]!.end
  return isOne && keepsWhatItHolds(other, whole, region, true) ? whole : other
}
