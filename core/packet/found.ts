import { pattern } from '../measure'
import { groupsOf, phrasesIn, type AvoidableId, type Word } from '../pantry'
import { bracketEnds, opens, sentenceEnds, softens } from './clauses'
import { brokenWords, misread } from './damage'
import type { Span } from './items'
import { readJoined } from './joined'
import { itselfWords } from './tables/clauses'
import { additive, isPlain, isPlainFood, lexicon, openFoodTree, type Meaning } from './lexicon'

/**
 * A thing that a statement names, with what it brings. `says`: how that is known, where the words do
 * not show it.
 */
export interface FoundName {
  readonly start: number
  readonly end: number
  readonly meaning: Meaning
  readonly says?: string
  /** Print that is broken or misread: no clause softens what it may be. */
  readonly isDamage?: true
}

export const covers = (spans: readonly Span[], start: number, end: number) =>
  spans.some(s => s.start <= start && s.end >= end)

/** All that a statement names, and where words stand that nobody knows the whole of. */
export interface Finds {
  readonly found: readonly FoundName[]
  /** Numbers of additives. */
  readonly numbers: readonly Span[]
  /** Joined words with a piece that is not known, and misread print: they bring something, and block. */
  readonly doubtful: readonly Span[]
  /** Foods that may be made of anything and do not say of what. */
  readonly anything: readonly Span[]
  /** Such foods with their list right behind them. */
  readonly listed: readonly Span[]
  /** What a product is called, with its list behind a colon. */
  readonly titles: readonly Span[]
}

/** Between two words of one name nothing but a space, a hyphen, an apostrophe or a broken line may stand. */
const stops = /[^\s\-‐’'\u00ad]/u
const stopsAndLines = /[^\s\-‐’'\u00ad]|\n/u
const numberPattern = pattern(
  'giu',
  String.raw`(?<![\p{L}\p{N}.,])(?:(E|INS)[\s.-]?)?(\d{3,4})(?:`,
  String.raw`\s?([a-h])(?![\p{L}\p{N}]))?(?:`,
  String.raw`\s?\(?[ivx]{1,4}\)?(?![\p{L}\p{N}]))?(?![\p{L}\p{N}%]|[.,]\d|\s?(?:%|g\b|mg\b|`,
  String.raw`ml\b|kJ\b|kcal\b|µg\b))`,
)

/**
 * One ingredient a line, as somebody lists it by hand: then a line's end ends a name, where in a
 * printed text it does not.
 */
const isListOfLines = (text: string) =>
  (text.match(/(?<![,;:]\s*)\n/gu)?.length ?? 0) > (text.match(/[,;]/gu)?.length ?? 0)

/** The names of the tables; a name that runs over a broken line may also be two. */
function named(text: string, words: readonly Word[]): FoundName[] {
  const lines = isListOfLines(text)
  const between = lines ? stopsAndLines : stops
  const found: FoundName[] = linesBegun(text, words).flatMap(run =>
    phrasesIn(text, run, lexicon(), between).map(({ from, to, entry }) => ({
      start: run[from]!.start,
      end: run[to - 1]!.end,
      meaning: withWordBefore(text, run.slice(Math.max(0, from - 1), to), between) ?? entry,
    })),
  )
  if (lines) return found
  return [...found, ...found.flatMap(whole => acrossSeams(text, words, whole))]
}

/**
 * What a name and the word before it are together: "flour" behind "butter bean" is bean flour, though
 * the bean is taken by its own name.
 */
function withWordBefore(text: string, words: readonly Word[], between: RegExp) {
  const [whole] = phrasesIn(text, words, lexicon(), between)
  const isWhole = whole?.from === 0 && whole.to === words.length
  // Of malted barley's flour nobody knows whether wheat is in it.
  return isWhole && !whole.entry.holds.some(id => groupsOf(id).has('gluten')) ? whole.entry : null
}

/** Words parted before each that begins something new. */
function parted(words: readonly Word[], isNew: (word: Word, before: Word) => boolean): Word[][] {
  const runs: Word[][] = [[]]
  for (const [i, word] of words.entries()) {
    const before = words[i - 1]
    if (before && isNew(word, before)) runs.push([])
    runs.at(-1)!.push(word)
  }
  return runs
}
const isCapital = (text: string, word: Word, before: Word) =>
  /^\p{Lu}\p{Ll}/u.test(text.slice(word.start, word.end)) &&
  /^\p{Ll}/u.test(text.slice(before.start, before.end))
const isLineEnd = (text: string, word: Word, before: Word) =>
  text.slice(before.end, word.start).includes('\n')

/** Words parted where a line begins with a capital behind small letters: no name runs over that. */
const linesBegun = (text: string, words: readonly Word[]): Word[][] =>
  parted(words, (word, before) => isLineEnd(text, word, before) && isCapital(text, word, before))

/**
 * What the parts of a name would bring that runs over a broken line or a sudden capital ("nuts
 * Butter"): that is left open.
 */
function acrossSeams(text: string, words: readonly Word[], whole: FoundName): FoundName[] {
  const inner = words.filter(w => w.start >= whole.start && w.end <= whole.end)
  const isSeam = (word: Word, before: Word) =>
    isLineEnd(text, word, before) || isCapital(text, word, before)
  const parts = parted(inner, isSeam)
  if (parts.length < 2) return []
  const isNew = (id: AvoidableId) => !whole.meaning.holds.includes(id)
  return parts.flatMap(part =>
    phrasesIn(text, part, lexicon(), stopsAndLines).map(({ from, to, entry }) => ({
      start: part[from]!.start,
      end: part[to - 1]!.end,
      meaning: { ...leftOpen(entry.holds.filter(isNew)), source: entry.source },
      says: seamSays(text, whole),
      isDamage: true as const,
    })),
  )
}

const seamSays = (text: string, { start, end }: Span) =>
  text.slice(start, end).includes('\n')
    ? 'the line is broken here, so it may be two things'
    : 'a capital stands here, so it may be two things'

/** Additives by number. */
function numbered(text: string): FoundName[] {
  return [...text.matchAll(numberPattern)].flatMap(match => {
    const at = match.index
    // Without its E a number counts only in brackets, as some countries print it.
    if (!match[1] && !/[([][^()[\]]*$/u.test(text.slice(0, at))) return []
    const known = additive(Number(match[2]), match[3]?.toLowerCase() ?? '')
    if (!known) return []
    return [
      {
        start: at,
        end: at + match[0].length,
        meaning: known.meaning,
        says: `${match[2]}${match[3] ?? ''} is ${known.name}`,
      },
    ]
  })
}

/** "This bar" is the product that the statement speaks of. */
const isItself = (text: string, { start }: Span) => itselfWords.test(text.slice(0, start))

const leftOpen = (ids: readonly AvoidableId[]): Meaning => ({
  holds: [],
  open: ids,
  needs: 2,
  source: '[P]',
})

/** A word that no table has: written together of others, or misread. */
function pieced(
  word: string,
  at: Span,
): { readonly found: FoundName[]; readonly isDoubtful: boolean } {
  const joined = readJoined(word)
  const found: FoundName[] = []
  if (joined.holds.length || joined.open.length)
    found.push({
      ...at,
      meaning: { holds: joined.holds, open: joined.open, needs: 2, source: '[P]' },
      says: `“${joined.part}” is in “${word}”`,
    })
  else if (joined.isKnown) found.push({ ...at, meaning: leftOpen([]) })
  const like = joined.isKnown ? undefined : misread(word)
  if (like)
    found.push({
      ...at,
      meaning: leftOpen([...like.meaning.holds, ...like.meaning.open]),
      says: `“${word}” may be a misreading of “${like.words}”`,
      isDamage: true,
    })
  return { found, isDoubtful: found.length > 0 && !joined.isKnown }
}

/** Everything that a statement names, whatever it says of it. */
export function findsIn(text: string, words: readonly Word[]): Finds {
  const names = named(text, words)
  const numbers = numbered(text)
  const foods = phrasesIn(text, words, openFoodTree, stops)
    .map(({ from, to }) => ({ start: words[from]!.start, end: words[to - 1]!.end }))
    .filter(food => !names.some(n => isLonger(n, food)))
  const listed = foods.filter(food => isListed(text, food))
  const known = [...names.map(name => asListed(text, names, listed, name)), ...numbers]
  const pieces = words
    .filter(w => !covers(known, w.start, w.end) && !covers(foods, w.start, w.end))
    .filter(w => !isPlain(w.plain))
    .map(w => pieced(text.slice(w.start, w.end), { start: w.start, end: w.end }))
  const broken = brokenWords(text, words, w => covers(names, w.start, w.end)).map(
    ({ start, end, meaning, words }): FoundName => ({
      start,
      end,
      meaning: leftOpen([...meaning.holds, ...meaning.open]),
      says: `“${text.slice(start, end)}” may be “${words}”, broken`,
      isDamage: true,
    }),
  )
  const found = [...known, ...pieces.flatMap(p => p.found), ...broken]
  return {
    found,
    numbers,
    doubtful: [...pieces.filter(p => p.isDoubtful).flatMap(p => p.found), ...broken],
    anything: foods.filter(food => !isListed(text, food) && !isItself(text, food)),
    listed,
    titles: titlesIn(text, words, found),
  }
}
/**
 * What a food usually brings is open where words beside it say of what it is: its own list ("cookie
 * dough (rice flour, …)") or "of" behind it ("flour of rice"). What that list names as well stays.
 */
function asListed(
  text: string,
  names: readonly FoundName[],
  listed: readonly Span[],
  name: FoundName,
): FoundName {
  const { holds, open, isMade, source } = name.meaning
  const isOf = () => ofBehind.test(text.slice(name.end))
  const isOpen =
    covers(listed, name.start, name.end) ||
    (isMade === true && (isListed(text, name) || isOf())) ||
    (holds.length > 0 && isInHead(text, name))
  if (!isOpen) return name
  const end = listEnd(text, name.end)
  const said = new Set(
    names.filter(n => n.start >= name.end && n.end <= end).flatMap(n => n.meaning.holds),
  )
  const stays = holds.filter(id => said.has(id))
  const left = leftOpen([...holds.filter(id => !said.has(id)), ...open])
  return { ...name, meaning: { ...left, holds: stays, source } }
}
const ofBehind = /^\s+(?:(?:of|from|aus|van|d(?:e|es|u|i))\s|d[’'])/iu

/** Where the list behind a name ends: with its bracket, else with its sentence. */
function listEnd(text: string, at: number): number {
  const behind = text.slice(at)
  const end = bracketBehind.test(behind)
    ? bracketEnds(text)(at + behind.search(/[([{]/u) + 1)
    : sentenceEnds(text).find(place => place > at)
  return end ?? text.length
}
const isLonger = (a: Span, b: Span) =>
  a.start <= b.start && a.end >= b.end && a.end - a.start > b.end - b.start

/**
 * Does a list of what a thing is made of stand right behind it: "(a, b)", "[a]", and ": a, b" behind
 * one that heads its sentence?
 */
function isListed(text: string, { start, end }: Span): boolean {
  const behind = text.slice(end)
  return bracketBehind.test(behind) || (colonBehind.test(behind) && isHead(text, start))
}
const listBegins = String.raw`\s*(?!\d+(?:[.,]\d+)?\s?%?\s*[)\]}])\p{L}`
const bracketBehind = pattern(
  'u',
  String.raw`^\s*(?:\(?\d+(?:[.,]\d+)?\s?%\)?\s*)?[([{]`,
  listBegins,
)
const colonBehind = pattern(
  'u',
  String.raw`^(?:\s+[\p{L}’'-]+){0,3}\s*(?:\(?\d+(?:[.,]\d+)?\s?%\)?\s*)?:`,
  listBegins,
)
/**
 * The words that head a sentence and end in a colon with a list of foods behind it: what the product
 * is called. Nothing that softens or opens a list is a title.
 */
function titlesIn(text: string, words: readonly Word[], found: readonly Span[]): Span[] {
  const heads = text.matchAll(
    /(?<=^|[.!?]\s+|\n)[\p{L}’'-]+(?: [\p{L}’'-]+){0,4}\s?:(?=\s*\p{L})/gu,
  )
  return [...heads].flatMap(({ index: start, 0: head }) => {
    const end = start + head.length
    const first = end + text.slice(end).search(/[,;(]/u)
    const isFood = (place: Span) => place.start >= end && place.end <= first
    const opener = words.find(w => w.start >= start)
    const isList =
      first >= end &&
      // "Made with …:" is no name; "Rice cakes with salt:" is.
      !(opener && isPlain(opener.plain) && !isPlainFood(opener.plain) && joins.test(head)) &&
      (found.some(isFood) || words.some(w => isFood(w) && isPlainFood(w.plain)))
    return isList && !opens(head) ? [{ start, end }] : []
  })
}
const joins = /\s(?:with|and|mit|und|avec|et|con|e|y|com|met|en)\s/iu
/** "Cream soda: water, sugar, …": what the product is called after, with its list behind. */
function isInHead(text: string, { start, end }: Span): boolean {
  const before = /(?:^|[.!?]\s+|\n)([\p{L}’'-]+ ){0,3}$/u.exec(text.slice(0, start))
  const behind = /^(?: [\p{L}’'-]+){0,3}\s?:\s*[^.;\n]*[,(]/u.test(text.slice(end))
  return before !== null && behind && !opens(text.slice(before.index, end))
}

/** Before it stand in its sentence a few describing words, and none that takes something back. */
function isHead(text: string, start: number): boolean {
  const before = /(?:^|[.!?:\n]\s*)((?:[\p{L}-]+\s+){0,3})$/u.exec(text.slice(0, start))
  return before !== null && !softens(before[1]!)
}
