import { pattern } from '../measure'
import { clauseRows, type ClauseMode } from './tables/clauses'

/** A stretch of a statement in which every word is said in the same way. Ends are exclusive. */
/** `opened` is where the words end that open the clause. */
export interface Scope {
  readonly start: number
  readonly opened: number
  readonly end: number
  readonly mode: ClauseMode
}

const patterns = clauseRows.map(row => ({ mode: row.mode, pattern: new RegExp(row.words, 'giu') }))
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
      !/\b(?:min|max|incl|approx|e\.g|i\.e|ca|mind|env|no|nr|St|vit)$/iu.test(
        text.slice(Math.max(0, m.index - 7), m.index),
      ) ||
      /^\.\s*(?:contains?|may|allerg|ingredients?|free|made|kann|enthält|peut|contient)/iu.test(
        text.slice(m.index),
      ),
  )
  return [...ends.map(m => m.index + m[0].length), text.length]
}

/** For every place: where the bracket that it stands in ends. */
function bracketEnds(text: string): (at: number) => number {
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

const mayBePresent = pattern(
  'iu',
  String.raw`\bmay\s+(?:also\s+)?be\s+present\b(?!\s*:)|\bcould\s+be\s+present\b|`,
  String.raw`\bmöglich\b|\bprésence\s+possible\b`,
)

/**
 * The statement cut into stretches by how it speaks: what is in it, what may be, what shares its
 * house, what it is said to be free of. A clause goes on to the end of its sentence or of its
 * bracket, or to the next clause; "without" reaches one thing only, and "free from" so too where it
 * does not begin a sentence, since what follows in a list is in it again.
 */
export function scopesOf(text: string): Scope[] {
  const ends = sentenceEnds(text)
  const endOf = (at: number) => ends.find(end => end > at) ?? text.length
  const bracketEnd = bracketEnds(text)
  const hits: { mode: ClauseMode; start: number; end: number }[] = []
  for (const { mode, pattern } of patterns)
    for (const match of text.matchAll(pattern))
      if (match[0].trim()) {
        const [start, end] = [match.index, match.index + match[0].length]
        // Of two that overlap the first row of the table wins: "does not contain" is not "contain".
        if (!hits.some(h => start < h.end && end > h.start)) hits.push({ mode, start, end })
      }
  hits.sort((a, b) => a.start - b.start)
  const scopes: Scope[] = []
  hits.forEach((hit, i) => {
    const begins = /(?:^|[.!?•\n(:]\s*|\b(?:is|are|guaranteed|certified)\s+)$/iu.test(
      text.slice(0, hit.start),
    )
    const short =
      hit.mode === 'without' ||
      (hit.mode === 'free' && !begins && !/^\s*:/u.test(text.slice(hit.end)))
    const next = hits[i + 1]?.start ?? text.length
    const but =
      hit.mode === 'free' || hit.mode === 'without'
        ? /\bbut\b|\baber\b|\bmais\b(?=\s+(?:peut|contient))/iu.exec(text.slice(hit.end, next))
            ?.index
        : undefined
    const stop = short ? /[,;([]/u.exec(text.slice(hit.end))?.index : undefined
    const until = Math.min(
      endOf(hit.end - 1) > hit.end ? endOf(hit.end - 1) : endOf(hit.end),
      bracketEnd(hit.start),
      next,
      stop === undefined ? text.length : hit.end + stop,
      but === undefined ? text.length : hit.end + but,
    )
    scopes.push({
      start: hit.start,
      opened: hit.end,
      end: hit.mode === 'heading' ? hit.end : Math.max(until, hit.end),
      mode: hit.mode,
    })
  })
  // "Nuts may be present" says it at the end.
  let from = 0
  for (const end of ends) {
    if (mayBePresent.test(text.slice(from, end)))
      scopes.push({ start: from, opened: from, end, mode: 'trace' })
    from = end
  }
  return scopes
}

/** How the place `at` is said: by the innermost, latest clause around it; a list where there is none. */
export const modeAt = (scopes: readonly Scope[], at: number): ClauseMode =>
  scopes.findLast(s => s.start <= at && at < s.end)?.mode ?? 'list'
