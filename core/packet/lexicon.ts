import {
  allIngredients,
  descriptors,
  enterPhrase,
  pantryEdition,
  phraseTree,
  plainWord,
  wordsOf,
  type AvoidableId,
  type Kind,
  type PhraseTree,
} from '../pantry'
import { numberRows } from './tables/numbers'
import { partRows } from './tables/clauses'
import { plantWords } from './tables/plant-words'
import { plainWords } from './tables/plain-words'
import { openFoods, openTails } from './tables/open-foods'
import { plainFoods } from './tables/plain-foods'
import { moreWords } from './tables/plain-words-more'
import { termRows } from './tables/terms'
import { moreTerms } from './tables/terms-more'

/**
 * What a term of a statement brings: always, or in some makes. `needs`: how many things in brackets
 * behind it say what it is made of. `isMade`: made of other things, as its own list says where there
 * is one.
 */
export interface Meaning {
  readonly holds: readonly AvoidableId[]
  readonly open: readonly AvoidableId[]
  readonly needs: 1 | 2
  readonly isMade?: true
  readonly source: string
}

const ids = (text: string | undefined): string[] => (text ? text.split(' ') : [])
const phrases = (words: string) =>
  words
    .split('|')
    .map(w => w.trim())
    .filter(Boolean)
/** "Weiß" is also written "weiss". */
const spelt = (words: string) =>
  words.includes('ß') ? [words, words.replaceAll('ß', 'ss')] : [words]

/**
 * What a packet names wherever it is: not left open by the name of a fruit alone. [L] above 10
 * mg/kg in the EU, US and AU/NZ.
 */
const alwaysNamed: ReadonlySet<AvoidableId> = new Set(['sulphite'])

/** What is made of other things, as its own list says. */
const madeKinds: ReadonlySet<Kind> = new Set(['ready-made', 'decoration', 'flour-mix'])

let tree: PhraseTree<Meaning> | null = null
let ofEdition = -1

/**
 * Every term that a statement may hold, the packet's own words before the pantry's names. Built
 * anew when the pantry learned something.
 */
export function lexicon(): PhraseTree<Meaning> {
  if (tree && ofEdition === pantryEdition()) return tree
  tree = phraseTree<Meaning>()
  ofEdition = pantryEdition()
  for (const row of [...termRows, ...moreTerms])
    for (const words of phrases(row.words).flatMap(spelt))
      enterPhrase(tree, words, {
        holds: ids(row.holds),
        open: ids(row.open),
        needs: row.origin ? 1 : 2,
        ...(row.made ? { isMade: true } : {}),
        source: row.source,
      })
  for (const { words, id } of plantNames())
    enterPhrase(tree, words, { holds: ids(id), open: [], needs: 2, source: '[P] of a plant' })
  for (const item of allIngredients())
    for (const words of [...item.names, ...Object.values(item.called ?? {})])
      enterPhrase(tree, words, {
        holds: item.holds.filter(id => !alwaysNamed.has(id)),
        open: item.unread ? [] : item.mayHold.filter(id => !alwaysNamed.has(id)),
        needs: 2,
        ...(madeKinds.has(item.kind) ? { isMade: true } : {}),
        source: `pantry: ${item.name}`,
      })
  return tree
}

/** The milks and pastes of plants, in each language's words. */
const plantNames = (): readonly { readonly words: string; readonly id: string }[] =>
  plantWords.flatMap(({ before, ends, plants }) =>
    Object.entries(plants).flatMap(([id, names]) =>
      phrases(names).flatMap(name => [
        ...before.map(words => ({ words: `${words} ${name}`, id })),
        ...ends.map(end => ({ words: name + end, id })),
      ]),
    ),
  )

const plain: ReadonlySet<string> = new Set(
  wordsOf(`${plainWords} ${moreWords} ${plainFoods}`)
    .flatMap(w => [w.plain])
    .concat(phrases(plainWords.replaceAll(/\s+/gu, '|')).flatMap(spelt).map(plainWord)),
)
const open = phraseTree<true>()
for (const words of phrases(openFoods).flatMap(spelt))
  for (const tail of ['', ...openTails]) enterPhrase(open, `${words} ${tail}`.trim(), true)
/** Foods that may be made of anything. */
export const openFoodTree: PhraseTree<true> = open

/** A word that brings nothing, in any of the languages that are read. */
export const isPlain = (word: string): boolean => plain.has(word) || descriptors.has(word)
const foodWords: ReadonlySet<string> = new Set(wordsOf(plainFoods).map(w => w.plain))
/** A harmless word that names a food by itself. */
export const isPlainFood = (word: string): boolean => foodWords.has(word)
/** All such words. */
export const harmlessWords: ReadonlySet<string> = new Set([...plain, ...descriptors])
/** Every word of a name that brings something, leaves something open, or may be made of anything. */
export function bringingWords(): readonly string[] {
  const brings = (entry: Meaning | true) =>
    entry === true || entry.holds.length > 0 || entry.open.length > 0
  return [...wordsIn(lexicon(), brings), ...wordsIn(open, brings), ...parts.map(row => row.part)]
}
function wordsIn<T>(root: PhraseTree<T>, fits: (entry: T) => boolean): Set<string> {
  const found = new Set<string>()
  const walk = (node: PhraseTree<T>, way: readonly string[]) => {
    if (node.entry !== null && fits(node.entry)) way.forEach(word => found.add(word))
    for (const [word, next] of node.next) walk(next, [...way, word])
  }
  walk(root, [])
  return found
}

const ranges = numberRows.flatMap(row =>
  ids(row.numbers).map(range => {
    const [from, to] = range.split('-')
    return {
      from: Number.parseInt(from!, 10),
      to: Number.parseInt(to ?? from!, 10),
      letter: /[a-z]$/u.exec(range)?.[0] ?? '',
      row,
    }
  }),
)
/** What the additive of that number is; undefined when no list has it. */
export function additive(
  number: number,
  letter: string,
): { readonly name: string; readonly meaning: Meaning } | undefined {
  const found =
    ranges.find(r => r.letter !== '' && r.from === number && r.letter === letter) ??
    ranges.find(r => r.letter === '' && number >= r.from && number <= r.to)
  return (
    found && {
      name: found.row.name,
      meaning: {
        holds: ids(found.row.holds),
        open: ids(found.row.open),
        needs: 1,
        source: `E ${number}${letter}: ${found.row.name} ${found.row.source}`,
      },
    }
  )
}

const parts = partRows
  .flatMap(row =>
    ids(row.parts).map(part => ({
      part: bare(part),
      holds: row.holds,
      unless: ids(row.unless).map(bare),
    })),
  )
  .sort((a, b) => b.part.length - a.part.length)
/** A word without marks and capitals, sharp s as two. */
export function bare(word: string): string {
  return word
    .normalize('NFD')
    .replace(/\p{M}+/gu, '')
    .toLowerCase()
    .replaceAll('ß', 'ss')
}

/**
 * What a long word brings that no table knows whole, by its beginning and its end
 * ("Süßmolkenpulver", "wheatflour"): German writes such words together, and photos lose spaces.
 * Empty when nothing is found in it.
 */
export function insideWord(word: string): {
  readonly holds: readonly AvoidableId[]
  readonly part: string
} {
  const text = bare(word)
  const hits = parts.filter(
    ({ part, unless }) =>
      text.length > part.length &&
      (text.startsWith(part) ||
        text.endsWith(part) ||
        (text.includes(part, 1) && part.length >= 5)) &&
      !unless.some(u => text.startsWith(u) || text.endsWith(u)),
  )
  const holds = [...new Set(hits.map(hit => hit.holds))]
  // The longer part says which nut it is.
  const named = holds.filter(
    id =>
      id !== 'tree-nut' || !hits.some(hit => hit.holds !== 'tree-nut' && hit.part.includes('nuss')),
  )
  return { holds: named, part: hits[0]?.part ?? '' }
}
