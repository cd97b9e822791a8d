import { readOven } from '../measure'
import type { PlacedStep, Span, TimeKind } from '../recipe'
import type { Action, Phase } from './action'
import type { Clause } from './clauses'

/** Where "then" and its kin begin the next stretch of one stay. */
const nextStretch = /,?\s*\b(?:and\s+)?then\b|;|\bfor\s+the\s+(?:last|final)\b/giu

/** The settings of a clause, one for each of its stretches that names one; it begins at `start`. */
export function settingsOf(text: string, start: number): Action['settings'] {
  const cuts = [...text.matchAll(nextStretch)].map(hit => hit.index)
  return [0, ...cuts].flatMap((from, i) => {
    const found = readOven(text.slice(from, [...cuts, text.length][i]))
    if (!found?.celsius) return []
    const at = start + text.indexOf(found.text, from)
    return [{ celsius: found.celsius, fan: found.fan, said: [at, at + found.text.length] as const }]
  })
}

/** The times of a step that stand in a clause. */
export const timesIn = (
  { span: [from, to], verb }: Clause,
  step: PlacedStep,
): PlacedStep['times'] =>
  step.times.filter(
    time =>
      time.span[0] >= from && time.span[0] < to && (time.kind !== 'preheat' || verb === 'bake'),
  )

const eachSide = /\b(?:each|per|a|on\s+(?:each|both|either))\s+sides?\b/iu
/** "Bake for 20 more": the unit goes without saying. */
const moreSaid = /\b(\d{1,2})(?:\s*[-–]\s*(\d{1,2}))?\s+(?:more|longer)\b/iu
const forAnother =
  /^\s*(?:for|in)\s+(?:an?\s+|the\s+)?[\p{L}\d\s-]+?,?\s*(?:\b(?:or|and)\b)?\s*(?:about\s+)?$/iu

/** "20 minutes for muffins, or 45 minutes in a loaf tin": one or the other, by the tin. */
const isByTin = (times: PlacedStep['times'], text: string): boolean =>
  times.length > 1 &&
  times.slice(1).every((time, i) => forAnother.test(text.slice(times[i]!.span[1], time.span[0])))

const stretch = (
  low: number,
  high: number,
  kind: TimeKind,
  said: { readonly said: Span } | undefined = undefined,
): Phase => ({ low, high, kind, celsius: null, then: null, ...said })

/** The times of a clause as stretches of one stay; of alternatives by the tin the first. */
export function phasesOf(clause: Clause, step: PlacedStep): Phase[] {
  const text = step.text.slice(...clause.span)
  const told = timesIn(clause, step)
  const [first] = told
  const more = first ? null : moreSaid.exec(text)
  if (more)
    return [
      stretch(
        Number(more[1]),
        Number(more[2] ?? more[1]),
        clause.verb === 'bake' ? 'bake' : 'other',
      ),
    ]
  const phases = (first && isByTin(told, step.text) ? [first] : told).map(time =>
    stretch(time.low, time.high, time.kind, { said: time.span }),
  )
  const [only] = phases
  return only && phases.length === 1 && eachSide.test(text)
    ? [{ ...only, then: 'turn' }, only]
    : phases
}

/** What a time by the tin is for, in the recipe's words: "for muffins", "in a loaf tin". */
export function byTinOf(clause: Clause, step: PlacedStep): Action['byTin'] {
  const told = timesIn(clause, step)
  if (!isByTin(told, step.text)) return []
  return told.map((time, i) => {
    const end = told[i + 1]?.span[0] ?? clause.span[1]
    const words = step.text.slice(time.span[1], end).replace(/[,.;]?\s*(?:or|and)?\s*$/iu, '')
    return { words: words.trim(), low: time.low, high: time.high }
  })
}
