import { enterPhrase, phrasesIn, phraseTree, wordsOf, type AvoidableId, type Word } from '../pantry'
import { itemsBehind, type ClauseText, type ListItem, type Items, type Span } from './items'
import { denialNouns, deniedBesides } from './tables/allergen-nouns'
import {
  abbreviations,
  clauseRows,
  leadWords,
  mayBePresent,
  sentenceStarts,
  wholeProduct,
  type ClauseMode,
  type ClauseRow,
} from './tables/clauses'

/**
 * A stretch of a statement in which every word is said in the same way. Ends are exclusive; `opened`
 * is where the words end that open the clause.
 */
export interface Scope {
  readonly start: number
  readonly opened: number
  readonly end: number
  readonly mode: ClauseMode
}

/** What is said not to be in it, with the words that say so. */
interface Denial {
  readonly start: number
  readonly end: number
  readonly without: readonly AvoidableId[]
}

export interface Clauses {
  readonly scopes: readonly Scope[]
  readonly denials: readonly Denial[]
}

interface Opening extends Span {
  readonly row: ClauseRow
}

/** A letter with a mark is none for `\b`: the edges of words are looked at by hand. */
const edge = String.raw`(?:(?<![\p{L}\p{N}])(?=[\p{L}\p{N}])|(?<=[\p{L}\p{N}])(?![\p{L}\p{N}]))`
const patterns = clauseRows.map(row => ({
  row,
  pattern: new RegExp(row.words.replaceAll(String.raw`\b`, edge), 'giu'),
}))
const openings: Readonly<Record<string, string>> = { '(': ')', '[': ']', '{': '}' }

/**
 * Ends of sentences: a full stop before a capital or the end, an empty line, a bullet. "min. 70 %"
 * and "0.5" end nothing.
 */
export function sentenceEnds(text: string): number[] {
  const ends = [
    ...text.matchAll(
      /[.!?](?=["”')\]]*\s+["“'(]*[\p{Lu}\d])|[.!?](?=["”')\]]*\s*$)|\n\s*\n|[•▪■●]/gu,
    ),
  ].filter(
    m =>
      !abbreviations.test(text.slice(Math.max(0, m.index - 7), m.index)) ||
      sentenceStarts.test(text.slice(m.index)),
  )
  return [...ends.map(m => m.index + m[0].length), text.length]
}

/** For every place: where the bracket that it stands in ends. */
export function bracketEnds(text: string): (at: number) => number {
  const spans: [number, number][] = []
  const open: { at: number; closes: string }[] = []
  for (let i = 0; i < text.length; i++) {
    const closes = openings[text[i]!]
    if (closes) open.push({ at: i, closes })
    else if (open.some(o => o.closes === text[i])) {
      // A bracket that is never closed ends with the one around it.
      while (open.at(-1)!.closes !== text[i]) spans.push([open.pop()!.at, i])
      spans.push([open.pop()!.at, i])
    }
  }
  return at =>
    Math.min(
      text.length,
      ...spans.filter(([from, to]) => from < at && at <= to).map(([, to]) => to),
    )
}

/** The words that open clauses; of two that overlap the first row of the table wins. */
function openingsIn(text: string): Opening[] {
  const hits: Opening[] = []
  for (const { row, pattern } of patterns)
    for (const match of text.matchAll(pattern)) {
      if (!match[0].trim()) continue
      const [start, end] = [match.index, match.index + match[0].length]
      if (!hits.some(h => start < h.end && end > h.start)) hits.push({ row, start, end })
    }
  return hits.sort((a, b) => a.start - b.start)
}

/** Do these words open a clause of any kind? */
export const opens = (text: string): boolean => openingsIn(text).length > 0

/** Do these words soften or warn of what comes behind them? */
export const softens = (text: string): boolean =>
  openingsIn(text).some(({ row }) => !['list', 'contains', 'heading'].includes(row.mode))

const nouns = phraseTree<AvoidableId>()
for (const [id, words] of Object.entries(denialNouns))
  for (const noun of words.split('|')) enterPhrase(nouns, noun, id)

/** One thing that brings something, and nothing besides. */
const isOneThing =
  ({ terms }: ClauseText) =>
  (item: readonly Word[]) => {
    const [start, end] = [item[0]!.start, item.at(-1)!.end]
    const own = terms.filter(t => t.start < end && t.end > start)
    return own.length === 1 && item.every(w => own[0]!.start <= w.start && own[0]!.end >= w.end)
  }

const nounOf = (text: string, item: readonly Word[]): AvoidableId | null => {
  const [found] = phrasesIn(text, item, nouns)
  return found && found.from === 0 && found.to === item.length ? found.entry : null
}

const isBareName = (text: string, item: readonly Word[]) =>
  nounOf(text, item) !== null || deniedBesides.test(text.slice(item[0]!.start, item.at(-1)!.end))

/**
 * Of a clause only what its form holds is said as it says: all of it; where it is broken, or reaches
 * one thing alone, the bare names that the first comma ends.
 */
function softened(
  text: string,
  { items, isEnded, commas }: Items,
  one = false,
): readonly ListItem[] {
  if (isEnded && !one) return items
  if (!isEnded && commas === 0) return []
  const first = items.filter(item => item.group === 0)
  const other = first.findIndex(item => !isBareName(text, item.words))
  return other < 0 ? first : first.slice(0, other)
}

/** "Nuts may be present": what stands before it, from the sentence's beginning or the last comma. */
function presentIn(of: ClauseText): Scope[] {
  const { text } = of
  return [...text.matchAll(mayBePresent)].flatMap(({ index, 0: words }) => {
    const lead = text.slice(0, index)
    const places = [/[.;:(\n•][^.;:(\n•]*$/u, /,[^,.;:(\n]*$/u].map(
      p => (p.exec(lead)?.index ?? -1) + 1,
    )
    for (const from of places) {
      const { items, isEnded } = itemsBehind(of, from, {
        fits: isOneThing(of),
        until: index,
        isSoft: true,
      })
      if (isEnded && items.length)
        return [...items, { start: index, end: index + words.length }].map((item): Scope => ({
          ...pick(item),
          opened: item.end,
          mode: 'trace',
        }))
    }
    return []
  })
}
const pick = ({ start, end }: Span) => ({ start, end })

/** Where sentences, lines and brackets end behind a place. */
class Ends {
  private readonly sentences: readonly number[]
  private readonly bracketOf: (at: number) => number
  constructor(private readonly text: string) {
    this.sentences = sentenceEnds(text)
    this.bracketOf = bracketEnds(text)
  }
  sentence = (at: number) => this.sentences.find(end => end > at) ?? this.text.length
  bracket = (at: number) => this.bracketOf(at)
  line(at: number) {
    const end = this.text.indexOf('\n', at)
    return end < 0 ? this.text.length : end
  }
}

/** A warning is about what stands in its own piece of the sentence, before it and up to its end. */
function warned(text: string, hit: Opening, ends: Ends): Scope {
  const marks = [',', ';', ':', '(', '.', '\n']
  const before = Math.max(...marks.map(mark => text.lastIndexOf(mark, hit.start - 1)))
  return {
    start: before + 1,
    opened: hit.end,
    end: Math.min(ends.sentence(hit.end), ends.line(hit.end)),
    mode: 'warning',
  }
}

/** A name may begin before the item that it is: "other nuts". */
const stretch = (of: ClauseText, item: ListItem, mode: ClauseMode): Scope => ({
  start: Math.min(
    item.start,
    ...of.terms.filter(t => t.start < item.end && t.end > item.start).map(t => t.start),
  ),
  opened: item.start,
  end: item.end,
  mode,
})

/** What a denial takes with it: bare names alone, and in the middle of a list one of them. */
function denied(of: ClauseText, hit: Opening): readonly ListItem[] {
  const { text } = of
  const found = itemsBehind(of, hit.end, { fits: item => isBareName(text, item), isSoft: false })
  // A list goes on behind a comma as a denial does: "no colours, milk protein, sugar".
  const isMixed =
    found.commas > 0 &&
    !found.isJoined &&
    found.items.some(item => nounOf(text, item.words) === null)
  const isOfAll = wholeProduct.test(text.slice(0, hit.start))
  return softened(text, found, hit.row.one ?? (!isOfAll || isMixed))
}

/**
 * The bare name right behind a denial that keeps no closed form: "no nuts whey powder". Whether it is
 * denied or begins the next thing nobody can say.
 */
function tornFrom({ text, words }: ClauseText, at: number): readonly Scope[] {
  const behind = words.filter(
    w => w.start >= at && !leadWords.has(text.slice(w.start, w.end).toLowerCase()),
  )
  const name = phrasesIn(text, behind.slice(0, longestName), nouns).find(({ from }) => from === 0)
  if (!name) return []
  const [start, end] = [behind[0]!.start, behind[name.to - 1]!.end]
  return [{ start, opened: start, end, mode: 'torn' }]
}
const longestName = 4

/** How to keep it ends with its line, or where a list could go on. */
const asideEnd = (text: string, at: number) =>
  at + (/[,;:\n]/u.exec(text.slice(at))?.index ?? text.length - at)

/** Any other clause: up to the next one, its sentence's or its bracket's end. */
function plainly(text: string, hit: Opening, next: number, ends: Ends): Scope {
  const { mode } = hit.row
  const place = { ...pick(hit), opened: hit.end, mode }
  if (mode === 'heading') return place
  if (mode === 'list') return { ...place, end: next }
  const behind = ends.sentence(hit.end - 1)
  const until = Math.min(
    behind > hit.end ? behind : ends.sentence(hit.end),
    ends.bracket(hit.start),
    next,
    mode === 'aside' ? asideEnd(text, hit.end) : text.length,
  )
  return { ...place, end: Math.max(until, hit.end) }
}

/**
 * The statement cut into stretches by how it speaks. A denial, a trace and a facility sentence reach
 * only what stands right behind them in the closed form "a, b and c", ended by a mark, a line's end
 * or the text's: where something else comes in between, only what the first comma ends. A denial
 * speaks of bare names alone, and in the middle of a list of one. Everything else is read as if
 * those words were not there. `terms`: where things stand that bring something.
 */
export function clausesOf(
  text: string,
  terms: readonly Span[],
  words: readonly Word[] = wordsOf(text),
): Clauses {
  const hits = openingsIn(text)
  const of: ClauseText = { text, words, terms, opens: new Set(hits.map(h => h.start)) }
  const ends = new Ends(text)
  const denials: Denial[] = []
  const scopes = hits.flatMap((hit, i): Scope[] => {
    const { mode } = hit.row
    if (mode === 'warning') return [warned(text, hit, ends)]
    if (mode !== 'trace' && mode !== 'facility' && mode !== 'denied')
      return [plainly(text, hit, hits[i + 1]?.start ?? text.length, ends)]
    const reach =
      mode === 'denied'
        ? denied(of, hit)
        : softened(text, itemsBehind(of, hit.end, { fits: isOneThing(of), isSoft: true }))
    const without = mode === 'denied' ? reach.flatMap(item => nounOf(text, item.words) ?? []) : []
    if (without.length)
      denials.push({ start: hit.start, end: reach.at(-1)!.end, without: [...new Set(without)] })
    const stretches = reach.map(item => stretch(of, item, mode))
    const torn = mode === 'denied' && !reach.length ? tornFrom(of, hit.end) : []
    return [{ ...pick(hit), opened: hit.end, mode }, ...stretches, ...torn]
  })
  return { scopes: [...scopes, ...presentIn(of)], denials }
}

/** How the place `at` is said: by a warning around it, else by the latest stretch; else as a list. */
export const modeAt = (scopes: readonly Scope[], at: number): ClauseMode => {
  const around = scopes.filter(s => s.start <= at && at < s.end)
  return (around.find(s => s.mode === 'warning') ?? around.at(-1))?.mode ?? 'list'
}
