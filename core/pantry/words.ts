import { remembered } from './remembered'
import { spellings } from './tables/spellings'

/** A word of a text, in the form in which names are compared, and where it stands. */
export interface Word {
  readonly plain: string
  readonly start: number
  readonly end: number
}

const wordPattern = /[\p{L}\p{M}\p{N}%]+(?:['’](?=s\b)s)?/gu
const accents = /\p{M}+/gu

/**
 * One spelling for singular and plural; both sides of a comparison go through it, so it need not be
 * good English.
 */
function singular(word: string): string {
  if (word.length < 4 || /(?:ss|us|is)$/.test(word)) return word
  if (/(?:ies)$/.test(word) && word.length > 4) return word.slice(0, -3) + 'y'
  if (/(?:oes|ches|shes|xes|sses)$/.test(word)) return word.slice(0, -2)
  if (/ves$/.test(word)) return word.slice(0, -3) + 'f'
  return word.endsWith('s') ? word.slice(0, -1) : word
}

/** Recipes say the same few thousand words again and again. */
export const plainWord = remembered(word => {
  const plain = singular(
    word
      .normalize('NFD')
      .replace(accents, '')
      .toLowerCase()
      .replace(/['’]s?$/u, '')
      .replace(/['’]/gu, ''),
  )
  return spellings.get(plain) ?? plain
}, 20_000)

/** The words of a text without accents, case or plural. Hyphens part words: "all-purpose" is two. */
export function wordsOf(text: string): Word[] {
  const found: Word[] = []
  for (const match of text.matchAll(wordPattern))
    found.push({
      plain: plainWord(match[0]),
      start: match.index,
      end: match.index + match[0].length,
    })
  return found
}
