import { pantryEdition, plainWord, remembered, type Word } from '../pantry'
import { bare, lexicon, type Meaning } from './lexicon'
import { confusions } from './tables/confusions'

/**
 * Print that was read wrongly: figures for letters, "rn" for "m", a word broken in two. What such
 * words may have been is left open, and they stay unknown: damage blocks, it never clears.
 */

/** One form for all letters that are taken for one another. */
const blurred = (word: string) =>
  confusions.reduce((text, [from, to]) => text.replaceAll(from, to), bare(word))

const brings = (meaning: Meaning) => meaning.holds.length + meaning.open.length > 0

interface Blur {
  readonly meaning: Meaning
  readonly words: string
}
let index: Map<string, Blur> | null = null
let ofEdition = -1
/** Every single word that brings something, in its blurred form. */
function blurs(): Map<string, Blur> {
  if (index && ofEdition === pantryEdition()) return index
  index = new Map()
  ofEdition = pantryEdition()
  for (const [word, node] of lexicon().next)
    if (node.entry && brings(node.entry) && word.length > 2)
      index.set(blurred(word), { meaning: node.entry, words: word })
  return index
}

/** What a word that nobody knows may have been before it was misread; undefined where nothing is like it. */
export const misread = remembered(
  (word): Blur | undefined => (word.length > 2 ? blurs().get(blurred(plainWord(word))) : undefined),
  2000,
  pantryEdition,
)

export interface Broken {
  readonly start: number
  readonly end: number
  readonly meaning: Meaning
  readonly words: string
}

const longestPiece = 9
/**
 * Neighbours that together are a name which neither is alone: "cas ein", "m i l k". `isName`: the
 * word is a thing that was found by itself, and no piece.
 */
export function brokenWords(
  text: string,
  words: readonly Word[],
  isName: (word: Word) => boolean,
): readonly Broken[] {
  const found: Broken[] = []
  for (let i = 0; i < words.length; i++) {
    let joined = ''
    for (let j = i; j < Math.min(words.length, i + longestPiece); j++) {
      const word = words[j]!
      const gap = j > i ? text.slice(words[j - 1]!.end, word.start) : ''
      // A word that is broken at a line's end goes on whatever its halves are: "pea-nuts".
      const isHyphened = /^[-‐]\s*\n\s*$/u.test(gap) || /^[-‐]\s*\n/u.test(text.slice(word.end))
      if (j > i && !/^(?:\s|[-‐]\s*\n?\s*)$/u.test(gap)) break
      if (isName(word) && !isHyphened) break
      joined += text.slice(word.start, word.end)
      if (j === i || joined.length < 3) continue
      const meaning = lexicon().next.get(plainWord(joined))?.entry
      if (meaning && brings(meaning))
        found.push({ start: words[i]!.start, end: word.end, meaning, words: joined })
    }
  }
  return found
}
