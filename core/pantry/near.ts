import type { Ingredient } from './ingredient'
import { plainWord, wordsOf } from './words'

/**
 * How many letters must be changed, added, taken out or swapped to make one word of the other;
 * counted up to `most`.
 */
function lettersApart(a: string, b: string, most: number): number {
  if (Math.abs(a.length - b.length) > most) return most + 1
  let [before, row] = [[] as number[], Array.from({ length: b.length + 1 }, (_, j) => j)]
  for (let i = 1; i <= a.length; i++) {
    const next = [i]
    for (let j = 1; j <= b.length; j++) {
      const same = a[i - 1] === b[j - 1]
      let cost = Math.min(row[j]! + 1, next[j - 1]! + 1, row[j - 1]! + (same ? 0 : 1))
      if (i > 1 && j > 1 && a[i - 1] === b[j - 2] && a[i - 2] === b[j - 1])
        cost = Math.min(cost, before[j - 2]! + 1)
      next.push(cost)
    }
    if (Math.min(...next) > most) return most + 1
    ;[before, row] = [row, next]
  }
  return row[b.length]!
}

/** Which letters a word has, a bit each: two words that are few changes apart differ in few bits. */
function lettersOf(word: string): number {
  let bits = 0
  for (let i = 0; i < word.length; i++) bits |= 1 << ((word.charCodeAt(i) * 7) % 31)
  return bits
}
function countBits(bits: number): number {
  let n = 0
  for (let rest = bits; rest; rest &= rest - 1) n++
  return n
}

interface Entry {
  readonly name: string
  readonly letters: number
  readonly ingredient: Ingredient
}
/** Names by their length, made once a table: a word is held against those that are nearly as long. */
const byLength = new WeakMap<
  ReadonlyMap<string, Ingredient>,
  ReadonlyMap<number, readonly Entry[]>
>()
function lengthsOf(names: ReadonlyMap<string, Ingredient>): ReadonlyMap<number, readonly Entry[]> {
  const known = byLength.get(names)
  if (known) return known
  const made = new Map<number, Entry[]>()
  for (const [name, ingredient] of names) {
    const entries = made.get(name.length) ?? []
    entries.push({ name, letters: lettersOf(name), ingredient })
    made.set(name.length, entries)
  }
  byLength.set(names, made)
  return made
}

/** Names nearly as long, of nearly the same letters: a change takes at most one away and brings one. */
function alikeOf(
  want: string,
  most: number,
  lengths: ReadonlyMap<number, readonly Entry[]>,
): Entry[] {
  const letters = lettersOf(want)
  const alike: Entry[] = []
  for (let length = want.length - most; length <= want.length + most; length++)
    for (const entry of lengths.get(length) ?? [])
      if (countBits(letters ^ entry.letters) <= 2 * most) alike.push(entry)
  return alike
}

/**
 * The ingredients whose names come nearest to words that are not known, at most `count`; only
 * offered, never taken.
 */
export function nearest(
  text: string,
  names: ReadonlyMap<string, Ingredient>,
  count: number,
): Ingredient[] {
  const words = wordsOf(text)
    .map(w => w.plain)
    .filter(w => w.length > 3)
  const wanted = [words.join(' '), ...words.filter(w => w.length > 4)].filter(
    w => w.length > 3 && w.length < 40,
  )
  const found = new Map<Ingredient, number>()
  const lengths = lengthsOf(names)
  for (const want of wanted) {
    const most = want.length > 7 ? 2 : 1
    const alike = alikeOf(want, most, lengths)
    for (const { name, ingredient } of alike) {
      const apart = lettersApart(want, name, most)
      if (apart <= most) found.set(ingredient, Math.min(found.get(ingredient) ?? 9, apart))
    }
  }
  return [...found]
    .sort((a, b) => a[1] - b[1])
    .slice(0, count)
    .map(([ingredient]) => ingredient)
}

export const plainName = (name: string): string =>
  wordsOf(name.replace(/\(.*\)/u, ''))
    .map(w => plainWord(w.plain))
    .join(' ')
