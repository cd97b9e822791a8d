import type { Celsius, Minutes } from '../measure'
import type { Warmth } from './card'

/** One reading of a probe in the middle of a bake, so many minutes after it went in. */
export interface Felt { readonly minutes: Minutes, readonly celsius: Celsius }

/** When a bake that is watched by a probe will be done. */
export interface Remaining {
  /** From going in to done, expected, and from when to when. */
  readonly total: Minutes
  readonly window: readonly [Minutes, Minutes]
  /** From the last reading on; 0 when it is done. */
  readonly left: Minutes
  /** How much slower (above 1) or quicker than worked out. */
  readonly stretch: number
  /** Readings that count. */
  readonly used: number
  readonly dropped: number
  readonly celsius: Celsius
  readonly finish: Celsius
}

/** A probe in batter reads between these; a jump of more than that a minute is no warming but a probe that was moved, or nonsense. */
const possible = { low: -20, high: 125, rise: 25 }
/** Beforehand a worked-out time is right to 13 %: the heat model's band. A reading is off by a degree and a half, the probe's place by three [M]. */
const prior = 0.13
const noise = 3.4
/** Readings close in time tell the same: one every so often counts. */
const apart: Minutes = 0.5

/** Readings that can be: in order, within the range, without jumps. */
export function plausible(felt: readonly Felt[]): readonly Felt[] {
  const kept: Felt[] = []
  for (const each of [...felt].sort((a, b) => a.minutes - b.minutes)) {
    const last = kept.at(-1)
    if (!Number.isFinite(each.celsius) || !Number.isFinite(each.minutes) || each.minutes < 0 || each.celsius < possible.low || each.celsius > possible.high) continue
    if (last && Math.abs(each.celsius - last.celsius) > 3 + possible.rise * Math.max(each.minutes - last.minutes, 0.1)) continue
    kept.push(each)
  }
  return kept
}

const at = (curve: Warmth, minutes: Minutes): Celsius => {
  const { minutes: xs, coldest: ys } = curve
  const n = xs.findIndex(x => x >= minutes)
  if (n === 0) return ys[0]!
  if (n < 0) return ys.at(-1)!
  const share = (minutes - xs[n - 1]!) / Math.max(xs[n]! - xs[n - 1]!, 1e-9)
  return ys[n - 1]! + share * (ys[n]! - ys[n - 1]!)
}

/** When the curve first reaches a temperature; null when it never does. */
export const reaches = (curve: Warmth, celsius: Celsius): Minutes | null => {
  const n = curve.coldest.findIndex(c => c >= celsius)
  if (n < 0) return null
  if (n === 0) return curve.minutes[0]!
  const [a, b] = [curve.coldest[n - 1]!, curve.coldest[n]!]
  return curve.minutes[n - 1]! + (celsius - a) / Math.max(b - a, 1e-9) * (curve.minutes[n]! - curve.minutes[n - 1]!)
}

/**
 * How much longer, from what a probe felt so far: the worked-out warming of the coldest place, stretched in time to the readings (least squares against what was expected beforehand), the window as
 * narrow as readings make it. Null without a curve that gets done, or without a reading that can be.
 */
export function remaining(curve: Warmth, felt: readonly Felt[]): Remaining | null {
  const expected = reaches(curve, curve.finish)
  const all = plausible(felt)
  if (expected === null || !(expected > 0) || !all.length) return null
  const used = all.filter((each, n) => n === 0 || each.minutes - all[n - 1]!.minutes >= 0 && Math.floor(each.minutes / apart) !== Math.floor(all[n - 1]!.minutes / apart))
  const cost = (stretch: number) => (Math.log(stretch) / prior) ** 2 + used.reduce((sum, each) => sum + ((each.celsius - at(curve, each.minutes / stretch)) / noise) ** 2, 0)
  let stretch = 1
  for (let s = 0.5, best = Infinity; s <= 2.001; s *= 1.01) { const c = cost(s); if (c < best) { best = c; stretch = s } }
  // The curvature says how sure that is.
  const h = 0.01
  const bend = Math.max((cost(stretch * (1 + h)) - 2 * cost(stretch) + cost(stretch / (1 + h))) / h ** 2 / 2, 1 / prior ** 2)
  const sure = Math.max(0.03, 1 / Math.sqrt(bend))
  const last = all.at(-1)!
  const isDone = last.celsius >= curve.finish
  const total = isDone ? last.minutes : Math.max(stretch * expected, last.minutes)
  const band = (sign: number) => Math.max(last.minutes, total * (1 + sign * sure))
  return { total, window: isDone ? [last.minutes, last.minutes] : [band(-1), band(1)], left: isDone ? 0 : Math.max(0, total - last.minutes), stretch, used: used.length, dropped: felt.length - all.length, celsius: last.celsius, finish: curve.finish }
}
