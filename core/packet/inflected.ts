import { pantryEdition, remembered } from '../pantry'
import { bare, bringingWords, harmlessWords } from './lexicon'
import { endings, shortestStem } from './tables/endings'
import { isProseWord } from './prose'
import { everydayWords } from './tables/everyday'

const everyday: ReadonlySet<string> = new Set(everydayWords.trim().split(/\s+/u))

/** Every stem that words have by the endings of one language. */
const stemsOf = (words: Iterable<string>, ends: readonly string[]): Set<string> =>
  new Set([...words].map(bare).flatMap(word => stems(word, ends)))

const stems = (word: string, ends: readonly string[]): string[] =>
  ends.flatMap(end =>
    word.endsWith(end) && word.length - end.length >= shortestStem
      ? [word.slice(0, word.length - end.length)]
      : [],
  )

interface Known {
  /** What brings something, or may be made of anything: every word of its names. */
  readonly carriers: ReadonlySet<string>
  /** A stem that such a word shares says nothing. One set for each row of endings. */
  readonly barred: readonly ReadonlySet<string>[]
}
/** Built anew when the pantry learned something. */
const known = remembered(
  (): Known => {
    const carriers = new Set(bringingWords().map(bare))
    return { carriers, barred: endings.map(ends => stemsOf(carriers, ends)) }
  },
  1,
  pantryEdition,
)

let stemsOfHarmless: readonly ReadonlySet<string>[] | null = null
const harmlessStems = (): readonly ReadonlySet<string>[] =>
  (stemsOfHarmless ??= endings.map(ends => stemsOf([...harmlessWords, ...everyday], ends)))

/**
 * Is this a harmless word of the tables, or one of them in another number, gender or case? Never where
 * a word that brings something, or may be made of anything, has the same stem.
 */
export function isHarmless(word: string): boolean {
  const text = bare(word)
  const { carriers, barred } = known('')
  if (carriers.has(text)) return false
  const harmless = harmlessStems()
  const isForm = (ends: readonly string[], i: number) => {
    const own = stems(text, ends)
    const isBarred = own.some(stem => barred[i]!.has(stem) || carriers.has(stem))
    return !isBarred && own.some(stem => harmless[i]!.has(stem))
  }
  return everyday.has(text) || endings.some(isForm)
}

/**
 * Is this a word with which whole sentences tell, and which brings nothing? Never one that brings
 * something, nor a form of one.
 */
export function isTellingWord(word: string): boolean {
  const text = bare(word)
  const { carriers, barred } = known('')
  if (carriers.has(text)) return false
  const isBarred = stems(text, endings[0]!).some(stem => barred[0]!.has(stem) || carriers.has(stem))
  return isProseWord(text, isBarred ? 'itself' : 'forms')
}
