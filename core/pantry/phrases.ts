import { wordsOf, type Word } from './words'

/** Phrases of whole words, each with what it means. */
export interface PhraseTree<T> {
  readonly next: Map<string, PhraseTree<T>>
  entry: T | null
}

export const phraseTree = <T>(): PhraseTree<T> => ({ next: new Map(), entry: null })

/** Enters a phrase; whoever came first with the same words keeps them. */
export function enterPhrase<T>(root: PhraseTree<T>, words: string, entry: T): void {
  let node = root
  for (const { plain } of wordsOf(words)) {
    let next = node.next.get(plain)
    if (!next) node.next.set(plain, (next = phraseTree<T>()))
    node = next
  }
  if (node !== root) node.entry ??= entry
}

/** `from` and `to` count words; `to` is the first that is no longer part of it. */
export interface PhraseMatch<T> {
  readonly from: number
  readonly to: number
  readonly entry: T
}

const pauses = /[,;:()[\]/]/u

/**
 * Leftmost, longest matches over whole words: coconut milk is found before milk, eggplant is never
 * egg; no name runs over a comma, or whatever else `stops` finds between two words.
 */
export function phrasesIn<T>(
  text: string,
  words: readonly Word[],
  root: PhraseTree<T>,
  stops: RegExp = pauses,
): PhraseMatch<T>[] {
  const found: PhraseMatch<T>[] = []
  for (let i = 0; i < words.length;) {
    let node: PhraseTree<T> | undefined = root
    let best: PhraseMatch<T> | null = null
    for (let j = i; j < words.length && node; j++) {
      if (j > i && stops.test(text.slice(words[j - 1]!.end, words[j]!.start))) break
      node = node.next.get(words[j]!.plain)
      if (node?.entry) best = { from: i, to: j + 1, entry: node.entry }
    }
    if (best) found.push(best)
    i = best ? best.to : i + 1
  }
  return found
}
