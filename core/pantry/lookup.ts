import type { Region } from '../measure'
import type { AvoidableId } from './avoidable'
import { safely } from './built-in'
import type { Ingredient } from './ingredient'
import { nearest, plainName } from './near'
import { enterPhrase, phrasesIn, phraseTree, type PhraseTree } from './phrases'
import { pantry } from './pantry'
import { emptyStock, type OwnSpoon, type Stock } from './stock'
import { otherDescriptors, otherLanguages } from './tables/other-languages'
import {
  ambiguousRows,
  claimReadings,
  claimRows,
  descriptors as english,
  fruitParts,
  asItself,
  notTheirWord,
  onlyPlural,
  otherThing,
  unitReadings,
  type AmbiguousRow,
} from './tables/words'
import { plainWord, wordsOf, type Word } from './words'

/**
 * What a stretch of text names: an ingredient of the pantry, with the question to ask when the name
 * has two meanings.
 */
export interface Mention {
  readonly start: number
  readonly end: number
  readonly words: string
  readonly ingredient: Ingredient
  readonly ambiguous: AmbiguousRow | null
  /** What claim words that are its own say is not in it: "vegan butter", "oats (gluten-free)". */
  readonly without: readonly AvoidableId[]
}

/** "gluten-free", "vegan": what the words say is not in it. */
export interface ClaimWords {
  readonly start: number
  readonly end: number
  readonly words: string
  readonly without: readonly AvoidableId[]
}

type Entry =
  | { readonly ingredient: Ingredient }
  | { readonly without: readonly AvoidableId[] }
  | { readonly nothing: true }

const descriptors: ReadonlySet<string> = new Set([...english, ...otherDescriptors.map(plainWord)])

const ambiguous = new Map(
  ambiguousRows.flatMap(row =>
    row.words.split('|').map(
      words =>
        [
          wordsOf(words)
            .map(w => w.plain)
            .join(' '),
          row,
        ] as const,
    ),
  ),
)

interface Shelves {
  readonly root: PhraseTree<Entry>
  readonly claims: PhraseTree<Entry>
  readonly ingredients: ReadonlyMap<string, Ingredient>
  readonly spoons: readonly OwnSpoon[]
}

/** Puts the house's own rows and names before the built-in ones, so that they win. */
function fill(stock: Stock): Shelves {
  const ingredients = new Map(pantry.map(item => [item.id, item]))
  for (const own of stock.ingredients) ingredients.set(own.id, safely(own))
  const root = phraseTree<Entry>()
  const own = new Set(stock.ingredients.map(item => item.id))
  for (const name of stock.names) {
    const ingredient = ingredients.get(name.ingredient)
    if (ingredient) enterPhrase(root, name.words, { ingredient })
  }
  for (const id of own)
    for (const name of ingredients.get(id)!.names)
      enterPhrase(root, name, { ingredient: ingredients.get(id)! })
  for (const { id } of pantry) {
    const ingredient = ingredients.get(id)!
    for (const name of [...ingredient.names, ...Object.values(ingredient.called ?? {})])
      enterPhrase(root, name, { ingredient })
  }
  for (const { ingredient, names } of otherLanguages)
    for (const name of names) enterPhrase(root, name, { ingredient: ingredients.get(ingredient)! })
  const claims = phraseTree<Entry>()
  for (const row of claimRows)
    for (const words of row.words.split('|'))
      for (const into of [root, claims]) enterPhrase(into, words, { without: row.without })
  for (const words of notTheirWord) enterPhrase(root, words, { nothing: true })
  return { root, claims, ingredients, spoons: stock.spoons }
}

let shelves = fill(emptyStock)
let edition = 0

/**
 * Makes the house's own rows, names and spoons part of the pantry, in place of those it had before;
 * the built-in rows stay.
 */
export function stockPantry(stock: Stock): void {
  shelves = fill(stock)
  nearby = null
  edition++
}

/** Goes up with every change of the stock: whoever remembers a reading throws it away then. */
export const pantryEdition = (): number => edition

/** Every ingredient there is, the house's own among them. */
export const allIngredients = (): Ingredient[] => [...shelves.ingredients.values()]

export const ingredientById = (id: string): Ingredient | undefined => shelves.ingredients.get(id)

/** What one such measure weighs in this house, if it was put on the scale. */
export const ownSpoon = (ingredient: string, unit: string): OwnSpoon | undefined =>
  shelves.spoons.find(s => s.ingredient === ingredient && s.unit === unit)

let nearby: ReadonlyMap<string, Ingredient> | null = null
/**
 * Ingredients whose names are a slip or two away from words that are not known, nearest first, at
 * most two.
 */
export function nearNames(text: string, region: Region): Ingredient[] {
  nearby ??= new Map(
    allIngredients().flatMap(item => item.names.map(name => [plainName(name), item] as const)),
  )
  return nearest(text, nearby, 2).sort(
    (a, b) => nameIn(a, region).length - nameIn(b, region).length,
  )
}

/** The ingredient's name as that region says it. */
export const nameIn = (ingredient: Ingredient, region: Region): string =>
  ingredient.called?.[region] ?? ingredient.name

/**
 * Every claim that a title makes, also one that is part of a name: "vegan chocolate cake" says
 * vegan of the whole.
 */
export function claimsIn(text: string): ClaimWords[] {
  const words = wordsOf(text)
  return phrasesIn(text, words, shelves.claims).flatMap(({ from, to, entry }) =>
    'without' in entry
      ? [
          {
            start: words[from]!.start,
            end: words[to - 1]!.end,
            words: text.slice(words[from]!.start, words[to - 1]!.end),
            without: entry.without,
          },
        ]
      : [],
  )
}

export interface NameReading {
  readonly mentions: readonly Mention[]
  readonly claims: readonly ClaimWords[]
  /** Words that are neither part of a mention nor known to change nothing. */
  readonly unread: readonly string[]
}

/** The ingredient that a name means when it is counted in that unit. */
export const inUnit = (ingredient: Ingredient, unit: string | null): Ingredient =>
  shelves.ingredients.get(
    unitReadings.find(
      row => row.ingredient === ingredient.id && unit !== null && row.units.includes(unit),
    )?.is ?? '',
  ) ?? ingredient

/** What is pressed or grated off the fruit that a text names; null when it names none of these. */
export function partOfFruit(
  mentions: readonly Mention[],
  part: 'juice' | 'zest',
): Ingredient | null {
  for (const m of mentions) {
    const row = fruitParts.find(r => r.fruit.includes(m.ingredient.id))
    if (row) return shelves.ingredients.get(row[part]) ?? null
  }
  return null
}

const notBefore = /\b(?:not|never|isn['’]?t|no|non)[\s-]+(?:an?\s+|the\s+)?$/iu
/**
 * The closed forms that say that something is not in it: "not", "no" or "without" right before
 * a name that a pause ends. Anything between them, and the name counts.
 */
const denied = /\b(?:not|no|without)\s+(?:an?\s+|any\s+|the\s+)?$/iu
const endsDenial = /^(?:\s*(?:[,;.!)\]]|$)|\s+(?:or|in\s+(?:it|this|there|them))\b)/iu
const breaks = /[,;()[\]]/u
const making = new Set([...otherThing].map(plainWord))

/** The words of a text, and which of them stand in a known phrase. */
interface Looked {
  readonly text: string
  readonly words: readonly Word[]
  readonly used: ReadonlySet<number>
}

/** Words that with a mention right before them name another thing, unless the pantry has a row of both. */
function asOther({ text, words, used }: Looked, mentions: readonly Mention[]): Set<number> {
  const ends = new Map(mentions.map(m => [m.end, m]))
  return new Set(
    words.flatMap((word, i) => {
      const before = i > 0 && !used.has(i) ? ends.get(words[i - 1]!.end) : undefined
      return before &&
        making.has(word.plain) &&
        !asItself.has(before.ingredient.kind) &&
        !breaks.test(text.slice(before.end, word.start))
        ? [i]
        : []
    }),
  )
}

const fruity = new Set(['fruit', 'dried-fruit', 'puree'])
const ofFruit = new Set(['jam', 'juice', 'alcohol', 'syrup', 'acid', 'fruit', 'puree', 'flavour'])
/** "Peach jam", "pear juice": a fruit before what is made of fruit names its kind. */
export const isFruitBefore = (first: string, second: string): boolean =>
  fruity.has(first) && ofFruit.has(second)

/**
 * Two names side by side ("milk bread", "water chestnuts") are a third thing that nobody knows:
 * the first is asked about.
 */
const sideBySide = (mentions: readonly Mention[], text: string): string[] =>
  mentions.flatMap((m, i) => {
    const next = mentions[i + 1]
    return next &&
      next.ingredient.kind !== m.ingredient.kind &&
      !isFruitBefore(m.ingredient.kind, next.ingredient.kind) &&
      /^[ \u00a0-]+$/u.test(text.slice(m.end, next.start))
      ? [m.words]
      : []
  })

/** Do only describing words, and other claims, stand between a claim and the name it is about? */
const onlyDescribed = (
  { words, used }: Looked,
  claims: readonly ClaimWords[],
  [from, to]: readonly [number, number],
) =>
  words.every(
    (word, i) =>
      word.start < from ||
      word.end > to ||
      claims.some(c => word.start >= c.start && word.end <= c.end) ||
      (!used.has(i) && (descriptors.has(word.plain) || /^\d+$/u.test(word.plain))),
  )

/** A claim right before a name: nothing but describing words between them, and no pause. */
const isBefore = (
  looked: Looked,
  claims: readonly ClaimWords[],
  claim: ClaimWords,
  start: number,
) =>
  onlyDescribed(looked, claims, [claim.end, start]) &&
  !breaks.test(looked.text.slice(claim.end, start))

/**
 * A claim behind a name: a pause, and nothing but describing words, between them, and a pause behind
 * ("oats (gluten-free)"); "dairy-free or not" says nothing.
 */
const isBehind = (looked: Looked, claims: readonly ClaimWords[], claim: ClaimWords, end: number) =>
  breaks.test(looked.text.slice(end, claim.start)) &&
  /^\s*(?:[,;.)\]]|$)/u.test(looked.text.slice(claim.end)) &&
  onlyDescribed(looked, claims, [end, claim.start])

/** What the claims that are a name's own say of it; each belongs to one name, the one behind it first. */
function claimsOf(
  looked: Looked,
  claims: readonly ClaimWords[],
  places: readonly { readonly start: number; readonly end: number }[],
): readonly (readonly AvoidableId[])[] {
  const own = places.map(() => [] as AvoidableId[])
  for (const claim of claims) {
    const next = places.findIndex(place => place.start >= claim.end)
    const last = (next < 0 ? places.length : next) - 1
    if (next >= 0 && isBefore(looked, claims, claim, places[next]!.start))
      own[next]!.push(...claim.without)
    else if (last >= 0 && isBehind(looked, claims, claim, places[last]!.end))
      own[last]!.push(...claim.without)
  }
  return own
}

interface Named {
  readonly start: number
  readonly end: number
  readonly plain: string
  readonly ingredient: Ingredient
}

/** What a name means here: by its region and its claims, with the question where it has two meanings. */
function mentionOf(
  text: string,
  { start, end, plain, ingredient }: Named,
  without: readonly AvoidableId[],
  region: Region,
): Mention {
  const row = ambiguous.get(plain) ?? null
  const said = shelves.ingredients.get(row?.by?.[region] ?? '') ?? ingredient
  const read = claimReadings.find(
    r => without.includes(r.without) && (r.of === said.id || r.of === `kind:${said.kind}`),
  )
  return {
    start,
    end,
    words: text.slice(start, end),
    ingredient: shelves.ingredients.get(read?.is ?? '') ?? said,
    ambiguous: read ? null : row,
    without,
  }
}

/** Every known phrase of a text that is one here: no colour for an egg's white, nothing that is denied. */
function phrasesOf(text: string, words: readonly Word[], used: Set<number>) {
  const claims: ClaimWords[] = []
  const names: Named[] = []
  for (const { from, to, entry } of phrasesIn(text, words, shelves.root)) {
    for (let i = from; i < to; i++) used.add(i)
    const [start, end] = [words[from]!.start, words[to - 1]!.end]
    const lead = text.slice(0, start)
    if (onlyPlural.has(text.slice(start, end).toLowerCase())) continue
    if ('without' in entry && !notBefore.test(lead))
      claims.push({ start, end, words: text.slice(start, end), without: entry.without })
    if ('ingredient' in entry && !(denied.test(lead) && endsDenial.test(text.slice(end)))) {
      const plain = words
        .slice(from, to)
        .map(w => w.plain)
        .join(' ')
      names.push({ start, end, plain, ingredient: entry.ingredient })
    }
  }
  return { claims, names }
}

/** Everything that a text names: ingredients, claims, and the words that this pantry does not know. */
export function findMentions(text: string, region: Region = 'metric'): NameReading {
  const words = wordsOf(text)
  const used = new Set<number>()
  const { claims, names } = phrasesOf(text, words, used)
  const looked = { text, words, used }
  const own = claims.length ? claimsOf(looked, claims, names) : []
  const mentions = names.map((name, i) => mentionOf(text, name, own[i] ?? [], region))
  const other = asOther(looked, mentions)
  const unread = words
    .filter(
      (word, i) =>
        other.has(i) ||
        (!used.has(i) && !descriptors.has(word.plain) && !/^[\d%]+$/.test(word.plain)),
    )
    .map(word => text.slice(word.start, word.end))
  return { mentions, claims, unread: [...sideBySide(mentions, text), ...unread] }
}

/**
 * The ingredient that a name means: of all that it mentions the one with the most words, and of
 * equals the last, since English puts the thing after what it is like ("almond sponge"). Null when
 * nothing is known.
 */
export function mainMention(mentions: readonly Mention[]): Mention | null {
  const length = (m: Mention) => wordsOf(m.words).length
  return mentions.reduce<Mention | null>(
    (best, m) => (!best || length(m) >= length(best) ? m : best),
    null,
  )
}
