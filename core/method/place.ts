import { pattern } from '../measure'
import type { PlacedStep, Span } from '../recipe'
import type { ActionVessel } from './action'
import type { Clause } from './clauses'
import { timesIn } from './stretches'
import type { VerbId } from './tables/verbs'
import { endsPlace, intoWords, leavesPlace, toolNouns, vesselNouns } from './tables/vessels'
import { singular, wordsIn, type StepWord } from './words'

/** Verbs whose object is the vessel itself. */
export const readyVerbs: ReadonlySet<VerbId> = new Set([
  'grease',
  'line',
  'dust',
  'fill',
  'preheat',
  'heat',
])

/** "Swapping the trays round", behind a comma: said by the way. */
const byTheWay = (text: string, word: StepWord): boolean =>
  /(?<!bak|roast|fry|serv|mix)ing$/u.test(word.is) && /,\s*$/u.test(text.slice(0, word.start))

/** So many words may stand between "into" and the vessel. */
const furthest = 8

/**
 * The vessel that a clause names, behind a word that leads to it, or as what is readied; what is said
 * of tins by the way ("swapping the trays", "45 minutes in a loaf tin") is none.
 */
export function vesselOf(clause: Clause, step: PlacedStep): ActionVessel | null {
  const { text } = step
  const [from] = clause.span
  const isReadied = clause.verb !== null && readyVerbs.has(clause.verb)
  const [, second] = timesIn(clause, step)
  const words = wordsIn(text.slice(...clause.span)).map((w): StepWord => ({
    is: w.is,
    start: w.start + from,
    end: w.end + from,
  }))
  const last = words.findIndex(
    word =>
      endsPlace.has(word.is) ||
      byTheWay(text, word) ||
      (second !== undefined && word.start > second.span[0]),
  )
  let lead = -1
  for (const [i, word] of words.slice(0, last < 0 ? undefined : last).entries()) {
    if (intoWords.has(word.is)) lead = i
    else if (leavesPlace.has(word.is)) lead = -1
    const isLed = lead >= 0 && i - lead <= furthest
    if (!(isLed || isReadied) || !endsItsPhrase(text, words, i)) continue
    if (word.start === clause.words[0]?.start) continue
    const start = Math.min(words[Math.max(lead, 0) + 1]?.start ?? word.start, word.start)
    return {
      noun: singular(word.is),
      words: text.slice(start, word.end),
      span: [word.start, word.end],
    }
  }
  return null
}

/** A vessel's noun, and no part of another's: "tin foil", "tray liner". */
function endsItsPhrase(text: string, words: readonly StepWord[], i: number): boolean {
  const [word, next] = [words[i]!, words[i + 1]]
  if (!vesselNouns.has(singular(word.is))) return false
  const isWithin = next !== undefined && vesselNouns.has(singular(next.is))
  return !isWithin || !/^\s$/u.test(text.slice(word.end, next.start))
}

/** The tool that a clause says to use. */
export function toolOf(clause: Clause): string | null {
  const at = clause.words.findIndex(w => w.is === 'with' || w.is === 'using')
  if (at < 0) return null
  return clause.words.slice(at + 1, at + 6).find(w => toolNouns.has(w.is))?.is ?? null
}

/** "Over a pan of simmering water", "over steam": where it stands, none of the flame. */
const overSteam = pattern(
  'iu',
  String.raw`\bover\s+(?:(?:a\s+)?pan\s+of\s+)?(?:(?:gently|barely|just)\s+)?(?:steam\w*|`,
  String.raw`(?:simmering|hot)\s+water|a\s+bain[- ]marie|a\s+double\s+boiler)\b`,
)
export function overOf(text: string, at: number): Span | null {
  const hit = overSteam.exec(text)
  return hit && [at + hit.index, at + hit.index + hit[0].length]
}
