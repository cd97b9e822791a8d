import type { Celsius, Grams, Minutes } from '../measure'

/**
 * What stands in for a kitchen scale and an oven probe, until real ones are connected: made-up signals with the faults of cheap devices. Seeded and without a clock, so that a server, a browser and a test
 * get the same; `at` is seconds since the device was switched on.
 */
export type Fault = 'none' | 'garbage' | 'silence' | 'drop'
export const faults: readonly Fault[] = ['none', 'garbage', 'silence', 'drop']

/** A number between 0 and 1 for a seed and a place. */
const chance = (seed: number, n: number): number => { let s = Math.imul(seed ^ Math.imul(n + 1, 0x9E3779B1), 0x85EBCA6B) >>> 0; s ^= s >>> 13; s = Math.imul(s, 0xC2B2AE35) >>> 0; s ^= s >>> 16; return s / 4294967296 }
/** Near enough a bell curve of width 1. */
const bell = (seed: number, n: number) => (chance(seed, 3 * n) + chance(seed, 3 * n + 1) + chance(seed, 3 * n + 2) - 1.5) * 2

export interface SimScale { readonly seed: number, readonly load: Grams, readonly shown: Grams, readonly zero: Grams, readonly rate: number, readonly at: number, readonly n: number }
export interface ScaleReading { readonly grams: Grams, readonly steady: boolean }

/** Seconds that the shown weight lags behind, grams of noise, of drift an hour, and the seconds of flow that still fall after the hand is turned. */
const scaleFaults = { lag: 0.35, noise: 0.35, drift: 3, after: 0.25 }

export const switchOn = (seed: number): SimScale => ({ seed, load: 0, shown: 0, zero: 0, rate: 0, at: 0, n: 0 })

/** Goes on to a later moment; what is poured lies in the bowl by then. */
function until(scale: SimScale, at: number): SimScale {
  const time = Math.max(0, at - scale.at)
  const load = Math.max(0, scale.load + scale.rate * time)
  return { ...scale, load, shown: load + (scale.shown - load) * Math.exp(-time / scaleFaults.lag), at: Math.max(scale.at, at) }
}
/** Begins to pour so many grams a second (0: stops; a little still falls). */
export const pour = (scale: SimScale, rate: number, at: number): SimScale => { const now = until(scale, at); return { ...now, load: now.load + (rate === 0 ? now.rate * scaleFaults.after : 0), rate: Math.min(Math.max(rate, -200), 200) } }
export const setToZero = (scale: SimScale, at: number): SimScale => { const now = until(scale, at); return { ...now, zero: now.shown } }
export const emptyScale = (scale: SimScale, at: number): SimScale => ({ ...until(scale, at), load: 0, rate: 0 })

/** What it shows, to the gram; steady once nothing moves. */
export function weigh(scale: SimScale, at: number): { readonly scale: SimScale, readonly reading: ScaleReading } {
  const now = { ...until(scale, at), n: scale.n + 1 }
  const raw = now.shown - now.zero + scaleFaults.noise * bell(now.seed, now.n) + scaleFaults.drift * at / 3600
  return { scale: now, reading: { grams: Math.round(raw), steady: now.rate === 0 && Math.abs(now.load - now.shown) < 0.6 } }
}

export interface SimBake { readonly seed: number, readonly start: Celsius, readonly finish: Celsius, readonly likely: Minutes }

/** What a probe in the middle feels so many minutes in: a bake of its own, somewhat slower or quicker than expected, with a late start, a plateau below boiling, noise and a probe that lags. */
export function feel(bake: SimBake, minutes: Minutes, n: number): Celsius {
  const stretch = 0.88 + 0.27 * chance(bake.seed, 7)
  const [late, top] = [0.16 * bake.likely * stretch, 99]
  // It reaches the finish after `likely` times its own stretch.
  const tau = (bake.likely * stretch - late) / Math.log((140 - bake.start) / Math.max(140 - bake.finish, 1))
  const lagged = Math.max(0, minutes - 0.4)
  const soft = late * Math.log1p(Math.exp((lagged - late) / (0.25 * late))) * 0.25
  const celsius = bake.start + (140 - bake.start) * (1 - Math.exp(-soft / tau))
  return Math.round(10 * (Math.min(top, celsius) + 0.5 * bell(bake.seed, n))) / 10
}
/** The minutes that this bake really takes, for tests of what is learned from it. */
export const trueMinutes = (bake: SimBake): Minutes => { for (let m = 0; m < 600; m += 0.1) if (feel({ ...bake }, m, 0) >= bake.finish) return m; return Infinity }

/** A line as a faulty device sends it. `n` counts lines; null is silence. */
export const frame = (fault: Fault, seed: number, n: number, what: object): string | null => fault === 'silence' && n > 5 ? null : fault === 'garbage' && chance(seed, n) < 0.6 ? ['{"grams":', '\u0000\u0000', 'ERR', '{"grams":"NaN","celsius":9999}', '[]'][n % 5]! : JSON.stringify(what)

/** Reads a line of a scale, whoever sends it. Null for what is none. */
export function readScaleLine(text: string): ScaleReading | null {
  try {
    const { grams, steady } = JSON.parse(text) as { grams?: unknown, steady?: unknown }
    return typeof grams === 'number' && Number.isFinite(grams) && Math.abs(grams) <= 20_000 ? { grams, steady: steady === true } : null
  }
  catch { return null }
}
/** Reads a line of a probe. Null for what is none, or no temperature of this world's kitchens. */
export function readProbeLine(text: string): Celsius | null {
  try {
    const { celsius } = JSON.parse(text) as { celsius?: unknown }
    return typeof celsius === 'number' && Number.isFinite(celsius) && celsius > -40 && celsius < 320 ? celsius : null
  }
  catch { return null }
}
