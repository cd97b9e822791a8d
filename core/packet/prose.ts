import { remembered, type Word } from '../pantry'
import { tellsContents, useSentence } from './tables/asides'
import { proseWords, sentenceWords } from './tables/prose-words'

interface Stretch {
  readonly start: number
  readonly end: number
}
const tells = new RegExp(tellsContents, 'iu')
/** Fewer words hold no sentence. */
const fewest = 4

/**
 * The sentences behind a list that tell of it ("Our beans are grown by small farms"), and nothing of
 * what is in it. They begin behind an end, and one of their words is such as no list has.
 */
export function proseIn(text: string, words: readonly Word[]): readonly Stretch[] {
  const ends = [...text.matchAll(/[.!?](?=\s)|\n/gu)].map(hit => hit.index + 1)
  const all = ends.map((start, i): Stretch => ({ start, end: ends[i + 1] ?? text.length }))
  return all.filter(({ start, end }) => {
    const own = words.filter(word => word.start >= start && word.end <= end)
    return (
      own.length >= fewest &&
      own.some(word => sentenceWords.has(text.slice(word.start, word.end).toLowerCase())) &&
      !tells.test(text.slice(start, end))
    )
  })
}

const useSign = new RegExp(useSentence, 'giu')
/** The sentences behind a list that tell what it is used for: "Ideal for cakes and pastry". */
export const usesIn = (text: string): readonly Stretch[] =>
  [...text.matchAll(useSign)].map(hit => ({ start: hit.index, end: hit.index + hit[0].length }))

const known = remembered((): ReadonlySet<string> => new Set(proseWords.trim().split(/\s+/u)), 1)
/** How English writes one of them in another number or time. */
const ends = ['', 's', 'es', 'd', 'ed', 'ing', 'ly', 'er']
const shortest = 3
/** Is it one of the words of whole sentences, itself or in a form of it? */
export function isProseWord(word: string, as: 'itself' | 'forms'): boolean {
  const all = known('')
  if (as === 'itself' || sentenceWords.has(word)) return all.has(word) || sentenceWords.has(word)
  return ends.some(end => {
    if (!word.endsWith(end)) return false
    const stem = word.slice(0, word.length - end.length)
    const isLong = end === '' || stem.length >= shortest
    const forms = [stem, `${stem}e`, stem.replace(/(.)\1$/u, '$1')]
    return isLong && forms.some(form => all.has(form))
  })
}
