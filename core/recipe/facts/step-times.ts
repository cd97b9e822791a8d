import { aDay, type Minutes, pattern } from '../../measure'
import type { Span } from '../recipe'
import { durationAt } from './durations'
import { limits, moments, timeKinds, type TimeKind } from '../tables/step-words'

/** A time that a step names, in minutes, and what happens meanwhile. */
export interface StepTime {
  readonly kind: TimeKind
  readonly low: Minutes
  readonly high: Minutes
  readonly span: Span
}

const starts = pattern(
  'giu',
  String.raw`(?<![\p{L}\d.,/°])(?=\d|[½¼¾]|(?:an?|one|two|three|four|five|six|eight|ten|`,
  String.raw`seven|nine|eleven|twelve|\p{L}+teen|(?:twen|thir|for|fif|six|seven|eigh|nine)ty|half|`,
  String.raw`ein(?:e|er)?|zwei|une?|deux|a\s+quarter|quarter|three[\s-]quarters|several|a\s+few|`,
  String.raw`a\s+couple)\b)`,
)
const nightWords = /\b(?:overnight|the\s+night\s+before|the\s+evening\s+before)\b/giu

const after = timeKinds.map(row => ({ kind: row.kind, sign: new RegExp(row.sign.source, 'iu') }))
/** What is done during a time: the nearest word of a kind in its sentence, before it first. */
function kindOf(text: string, span: Span): TimeKind {
  const start = Math.max(...['.', ';', '!'].map(mark => text.lastIndexOf(mark, span[0]) + 1))
  const ends = ['.', ';', '!'].map(mark => text.indexOf(mark, span[1])).filter(at => at >= 0)
  const lead = text.slice(start, span[0])
  const tail = text.slice(span[1], Math.min(text.length, ...ends))
  let best: { kind: TimeKind; at: number } | null = null
  for (const row of timeKinds)
    for (const hit of lead.matchAll(row.sign))
      if (!best || hit.index >= best.at) best = { kind: row.kind, at: hit.index }
  // "Leave for 4 hours or until doubled": what it has to become says more than that it is left.
  if ((!best || best.kind === 'rest') && /\b(?:doubl\w+|risen|puff\w*)\b/iu.test(tail))
    return 'rise'
  if (best) return best.kind
  return after.find(row => row.sign.test(tail))?.kind ?? 'other'
}

/**
 * What stands between the two ends of one time: "30 minutes to 1 hour", "4 hours, or preferably
 * overnight". [P]
 */
const betweenEnds = pattern(
  'iu',
  String.raw`^\s*,?\s*(?:(?:and\s+)?up\s+to|to|[-–—]|or(?:\s+(?:up\s+to|even|better|`,
  String.raw`preferably|ideally|for))?|(?:or\s+)?(?:preferably|ideally|even\s+better|`,
  String.raw`better\s+still))\s*,?\s*$`,
)

/** Times of which one ends what the other begins, as one. Never a longer before a shorter one. */
function joined(times: readonly StepTime[], text: string): StepTime[] {
  const all: StepTime[] = []
  for (const time of times) {
    const last = all.at(-1)
    if (
      last &&
      time.high >= last.high &&
      last.low === last.high &&
      (time.kind === last.kind || time.kind === 'other' || last.kind === 'other') &&
      betweenEnds.test(text.slice(last.span[1], time.span[0]))
    )
      all[all.length - 1] = {
        kind: last.kind === 'other' ? time.kind : last.kind,
        low: last.low,
        high: time.high,
        span: [last.span[0], time.span[1]],
      }
    else all.push(time)
  }
  return all
}

/** A duration, in minutes, and its place. */
interface Stretch {
  readonly low: Minutes
  readonly high: Minutes
  readonly span: Span
}

/** Every duration that a text names, one behind the other, whatever it is of. */
export function durationsIn(text: string): readonly Stretch[] {
  const found: Stretch[] = []
  for (const { index } of text.matchAll(starts)) {
    if (index < (found.at(-1)?.span[1] ?? 0)) continue
    const told = durationAt(text, index)
    if (told) found.push({ low: told.low, high: told.high, span: [index, told.end] })
  }
  return found
}

/** Longer no step waits: what is said to keep so long is no time of a step. [P] */
const longest = 14 * aDay

/**
 * Every time in a step: "35–40 minutes", "1 hour and 10 min", "30 minutes to 1 hour", "overnight"
 * (8–12 hours [P]).
 */
export function readStepTimes(whole: string): StepTime[] {
  const found: StepTime[] = []
  // "Another hour" is an hour; the places stay.
  const text = whole.replace(/\banother(?=\s+(?:half\s+an\s+)?(?:hour|minute))/giu, '     an')
  for (const { low, high, span } of durationsIn(text)) {
    const [index] = span
    if (high > longest) continue
    // "Bake for 3 hours, covering it after 2 hours": no second bake.
    const sentence = Math.max(...['.', ';', '!'].map(mark => text.lastIndexOf(mark, index) + 1))
    if (
      limits.test(text.slice(sentence, index)) ||
      (moments.test(text.slice(sentence, index)) &&
        found.some(time => time.span[0] >= sentence && time.high >= high))
    )
      continue
    found.push({ kind: kindOf(text, span), low, high, span })
  }
  for (const hit of text.matchAll(nightWords))
    found.push({
      kind: kindOf(text, [hit.index, hit.index + hit[0].length]),
      low: 480,
      high: 720,
      span: [hit.index, hit.index + hit[0].length],
    })
  return joined(
    found.sort((a, b) => a.span[0] - b.span[0]),
    text,
  )
}
