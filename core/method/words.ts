import type { Span } from '../recipe'

/** A word of a step, in small letters, with its place. */
export interface StepWord {
  readonly is: string
  readonly start: number
  readonly end: number
}

/** Every word of a text; "pre-heat" is one. */
export const wordsIn = (text: string): StepWord[] =>
  [...text.matchAll(/\p{L}[\p{L}’'-]*/gu)].map(hit => ({
    is: hit[0].toLowerCase().replace(/^pre-/u, 'pre'),
    start: hit.index,
    end: hit.index + hit[0].length,
  }))

/** A noun in the singular, as far as vessels, tools and parts need it. */
export const singular = (word: string): string =>
  word
    .replace(/ies$/u, 'y')
    .replace(/(?<=(?:sh|ch|ss|x))es$/u, '')
    .replace(/(?<=[^s])s$/u, '')

const abbreviated = /(?:\b(?:mins?|hrs?|secs?|approx|tbsp|tsp|oz|lb|no|c|e\.g|i\.e)|\d)$/iu

/** The sentences of a step, as spans: a semicolon ends one too; "1.5" and "20 mins. each" end none. */
export function sentencesOf(text: string): Span[] {
  const ends = [...text.matchAll(/[.!?;](?=\s|$)|\n/gu)]
    .filter(hit => {
      if (hit[0] !== '.') return true
      const next = text.slice(hit.index + 1).trimStart()
      return !abbreviated.test(text.slice(0, hit.index)) || !/^\p{Ll}/u.test(next)
    })
    .map(hit => hit.index + 1)
  const all = [...new Set([0, ...ends, text.length])]
  return all
    .slice(0, -1)
    .map((from, i): Span => [from, all[i + 1]!])
    .filter(([from, to]) => /\p{L}/u.test(text.slice(from, to)))
}
