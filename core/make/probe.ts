import type { Celsius, Minutes } from '../measure'
import type { Warmth } from './card'

/** One reading of a probe in the middle of a bake, so many minutes after it went in. */
export interface Felt {
  readonly minutes: Minutes
  readonly celsius: Celsius
}

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

/**
 * A probe in batter reads between these; what is so far from its neighbours is a probe that was
 * moved, or nonsense.
 */
const possible = { low: -20, high: 125, off: 8 }
/**
 * Beforehand a worked-out time is right to 13 %: the heat model's band. A reading is off by a
 * degree and a half, the probe's place by three [M].
 */
const prior = 0.13
const noise = 3.4
/** Readings close in time tell the same: one every so often counts. */
const apart: Minutes = 0.5

/** Readings that can be: in order, within the range, and near the middle one of their neighbours. */
export function plausible(felt: readonly Felt[]): readonly Felt[] {
  const read = felt
    .filter(
      each =>
        Number.isFinite(each.celsius) &&
        each.minutes >= 0 &&
        each.celsius >= possible.low &&
        each.celsius <= possible.high,
    )
    .sort((a, b) => a.minutes - b.minutes)
  return read.filter((each, n) => {
    const near = read
      .slice(Math.max(0, Math.min(n - 2, read.length - 5)), Math.max(5, n + 3))
      .map(f => f.celsius)
      .sort((a, b) => a - b)
    return Math.abs(each.celsius - near[Math.floor(near.length / 2)]!) <= possible.off
  })
}

const at = (curve: Warmth, minutes: Minutes): Celsius => {
  const { minutes: xs, coldest: ys } = curve
  const n = xs.findIndex(x => x >= minutes)
  if (n === 0) return ys[0]!
  if (n < 0) return ys.at(-1)!
  const share = (minutes - xs[n - 1]!) / Math.max(xs[n]! - xs[n - 1]!, 1e-9)
  return ys[n - 1]! + share * (ys[n]! - ys[n - 1]!)
}

/**
 * When the curve first reaches a temperature; null when it never does. A curve ends when it gets
 * there, and its last point is rounded.
 */
export const reaches = (curve: Warmth, celsius: Celsius): Minutes | null => {
  const n = curve.coldest.findIndex(c => c >= celsius - 0.05)
  if (n < 0) return null
  if (n === 0) return curve.minutes[0]!
  const [a, b] = [curve.coldest[n - 1]!, curve.coldest[n]!]
  return (
    curve.minutes[n - 1]! +
    ((celsius - a) / Math.max(b - a, 1e-9)) * (curve.minutes[n]! - curve.minutes[n - 1]!)
  )
}

/** Readings that are older than this share of the bake count little. [I] */
const fades = 0.15

/** A reading as a point of the line from the expected minute to the real one, with its weight. */
interface Point {
  readonly x: number
  readonly y: number
  readonly w: number
}
/** Of neighbouring readings one counts. */
const thinned = (all: readonly Felt[]) =>
  all.filter(
    (each, n) =>
      n === 0 || Math.floor(each.minutes / apart) !== Math.floor(all[n - 1]!.minutes / apart),
  )
function pointsOf(curve: Warmth, all: readonly Felt[], expected: Minutes): Point[] {
  const last = all.at(-1)!
  const cold = curve.coldest[0]!
  const span = curve.finish - cold
  return thinned(all).flatMap(({ celsius, minutes }) => {
    const x = reaches(curve, Math.min(celsius, curve.finish))
    // What has hardly warmed says little of where on the curve it is.
    if (x === null || celsius < cold + 0.06 * span) return []
    const from = Math.max(0, x - 1)
    const rise = (at(curve, x + 1) - at(curve, from)) / Math.max(0.5, x + 1 - from)
    const slope = Math.max(0.15, rise)
    // A reading that is off by so much is off by so many minutes; and bakes keep to the curve the
    // less, the earlier it is.
    const warmed = (celsius - cold) / span
    // Errors of neighbours go together: three readings tell as much as one.
    const course = (0.03 + 0.1 * Math.max(0, 1 - warmed)) * expected
    const age = Math.exp(-(last.minutes - minutes) / (fades * expected))
    return [{ x, y: minutes, w: age / ((noise / slope) ** 2 + course ** 2) / 3 }]
  })
}
/**
 * The line through the readings, as a ridge of two unknowns. Beforehand: stretch 1 ± 13 %, shift
 * 0 ± a tenth. `sureness` is the standard error at the expected end, in minutes.
 */
function fitted(points: readonly Point[], expected: Minutes) {
  const [s0, b0] = [1 / prior ** 2, 1 / (0.1 * expected) ** 2]
  let [sxx, sx, s1, sxy, sy] = [s0, 0, b0, s0, 0]
  for (const { x, y, w } of points) {
    sxx += w * x * x
    sx += w * x
    s1 += w
    sxy += w * x * y
    sy += w * y
  }
  const det = sxx * s1 - sx * sx
  const [stretch, shift] = [(sxy * s1 - sx * sy) / det, (sxx * sy - sx * sxy) / det]
  const variance = (expected * expected * s1 - 2 * expected * sx + sxx) / det
  return { ends: stretch * expected + shift, sureness: Math.sqrt(Math.max(0, variance)) }
}

/**
 * How much longer, from what a probe felt so far. Every reading says where on the worked-out
 * warming of the coldest place the bake is; a line through these (its time = shift + stretch ×
 * worked-out time, the late readings counting more, both held by what was expected beforehand)
 * leads to the end. The window is as narrow as the readings agree. Null without a curve that gets
 * done, or without a reading that can be.
 */
export function remaining(curve: Warmth, felt: readonly Felt[]): Remaining | null {
  const expected = reaches(curve, curve.finish)
  const all = plausible(felt)
  const last = all.at(-1)
  if (expected === null || !(expected > 0) || !last) return null
  const points = pointsOf(curve, all, expected)
  const { ends, sureness } = fitted(points, expected)
  const isDone = last.celsius >= curve.finish
  const byCurve = Math.max(ends, last.minutes)
  // The nearer the end, the more counts how fast it warms now: some bakes flatten there less than
  // the curve.
  const pace = paceOf(all, 0.12 * expected)
  const cold = curve.coldest[0]!
  const span = curve.finish - cold
  const near = Math.min(1, Math.max(0, (last.celsius - cold - 0.4 * span) / (0.5 * span)))
  const slowest = 2 * Math.max(1, byCurve - last.minutes)
  const byPace =
    pace !== null && pace > 0
      ? last.minutes + Math.min(slowest, (curve.finish - last.celsius) / pace)
      : byCurve
  const total = isDone ? last.minutes : byCurve + 0.6 * near * (byPace - byCurve)
  // How sure: of the line at its end, of what both ways differ in, and of the way that is left.
  const toGo = Math.max(0, total - last.minutes)
  const ofWays = 0.55 * near * Math.abs(byPace - byCurve)
  const ofWayLeft = (points.length ? 0.25 : 0.13) * toGo
  const sure = Math.max(Math.min(sureness, prior * expected), ofWays, ofWayLeft, 0.5)
  return {
    total,
    window: isDone
      ? [last.minutes, last.minutes]
      : [Math.max(last.minutes, total - sure), total + sure],
    left: isDone ? 0 : toGo,
    stretch: total / expected,
    used: points.length,
    dropped: felt.length - all.length,
    celsius: last.celsius,
    finish: curve.finish,
  }
}

/** Degrees a minute over the last readings, by least squares; null where there are too few. */
function paceOf(felt: readonly Felt[], over: Minutes): number | null {
  const late = felt.filter(each => each.minutes >= felt.at(-1)!.minutes - over)
  if (late.length < 4 || late.at(-1)!.minutes - late[0]!.minutes < 0.5 * over) return null
  const [mx, my] = [
    late.reduce((sum, f) => sum + f.minutes, 0) / late.length,
    late.reduce((sum, f) => sum + f.celsius, 0) / late.length,
  ]
  return (
    late.reduce((sum, f) => sum + (f.minutes - mx) * (f.celsius - my), 0) /
    late.reduce((sum, f) => sum + (f.minutes - mx) ** 2, 0)
  )
}
