import type { Celsius, Grams, Minutes } from '../measure'

/**
 * What stands in for a kitchen scale and an oven probe, until real ones are connected: made-up
 * signals with the faults of cheap devices. Seeded and without a clock, so that a server, a browser
 * and a test get the same; `at` is seconds since the device was switched on.
 */
export type Fault = 'none' | 'garbage' | 'silence' | 'drop'
export const faults: readonly Fault[] = ['none', 'garbage', 'silence', 'drop']

/** A number between 0 and 1 for a seed and a place. */
const chance = (seed: number, n: number): number => {
  let s = Math.imul(seed ^ Math.imul(n + 1, 0x9e3779b1), 0x85ebca6b) >>> 0
  s ^= s >>> 13
  s = Math.imul(s, 0xc2b2ae35) >>> 0
  s ^= s >>> 16
  return (s >>> 0) / 4294967296
}
/** Near enough a bell curve of width 1. */
const bell = (seed: number, n: number) =>
  (chance(seed, 3 * n) + chance(seed, 3 * n + 1) + chance(seed, 3 * n + 2) - 1.5) * 2

export interface SimScale {
  readonly seed: number
  readonly load: Grams
  readonly shown: Grams
  readonly zero: Grams
  readonly rate: number
  readonly at: number
  readonly n: number
}
export interface ScaleReading {
  readonly grams: Grams
  readonly steady: boolean
}

/**
 * Seconds that the shown weight lags behind, grams of noise, of drift an hour, and the seconds of
 * flow that still fall after the hand is turned.
 */
const scaleFaults = { lag: 0.35, noise: 0.35, drift: 3, after: 0.25 }

export const switchOn = (seed: number): SimScale => ({
  seed,
  load: 0,
  shown: 0,
  zero: 0,
  rate: 0,
  at: 0,
  n: 0,
})

/** Goes on to a later moment; what is poured lies in the bowl by then. */
function until(scale: SimScale, at: number): SimScale {
  const time = Math.max(0, at - scale.at)
  const load = Math.max(0, scale.load + scale.rate * time)
  return {
    ...scale,
    load,
    shown: load + (scale.shown - load) * Math.exp(-time / scaleFaults.lag),
    at: Math.max(scale.at, at),
  }
}
/** Begins to pour so many grams a second (0: stops; a little still falls). */
export const pour = (scale: SimScale, rate: number, at: number): SimScale => {
  const now = until(scale, at)
  return {
    ...now,
    load: now.load + (rate === 0 ? now.rate * scaleFaults.after : 0),
    rate: Math.min(Math.max(rate, -200), 200),
  }
}
export const setToZero = (scale: SimScale, at: number): SimScale => {
  const now = until(scale, at)
  return { ...now, zero: now.shown }
}
export const emptyScale = (scale: SimScale, at: number): SimScale => ({
  ...until(scale, at),
  load: 0,
  rate: 0,
})

/** What it shows, to the gram; steady once nothing moves. */
export function weigh(
  scale: SimScale,
  at: number,
): { readonly scale: SimScale; readonly reading: ScaleReading } {
  const now = { ...until(scale, at), n: scale.n + 1 }
  const raw =
    now.shown -
    now.zero +
    scaleFaults.noise * bell(now.seed, now.n) +
    (scaleFaults.drift * at) / 3600
  return {
    scale: now,
    reading: {
      grams: Math.round(raw),
      steady: now.rate === 0 && Math.abs(now.load - now.shown) < 0.6,
    },
  }
}

/**
 * A bake that a simulated probe sits in. `half`: at which share of its time half of the warming is
 * expected to be done.
 */
export interface SimBake {
  readonly seed: number
  readonly start: Celsius
  readonly finish: Celsius
  readonly likely: Minutes
  readonly half: number
}

/**
 * The middle of a simulated bake so many minutes in: slower or quicker than expected, and with a
 * course of its own, which is at half its warming up to a twelfth earlier or later; then a plateau
 * below boiling.
 */
function middle({ seed, start, finish, likely, half }: SimBake, minutes: Minutes): Celsius {
  const whole = likely * (0.86 + 0.3 * chance(seed, 7))
  const bent =
    Math.log(0.5) / Math.log(Math.min(0.9, Math.max(0.2, half * (0.92 + 0.16 * chance(seed, 8)))))
  const so = Math.max(0, minutes) / whole
  return Math.min(
    Math.max(99, finish + 0.8),
    start + (finish - start) * (so <= 1 ? so ** bent : 1 + bent * (so - 1)),
  )
}
/** What a probe in it feels: half a degree of noise, half a minute late. `n` counts readings. */
export const feel = (bake: SimBake, minutes: Minutes, n: number): Celsius =>
  Math.round(10 * (middle(bake, minutes - 0.4) + 0.5 * bell(bake.seed, n))) / 10
/** The minutes that this bake really takes, for tests of what is learned from it. */
export const trueMinutes = (bake: SimBake): Minutes => {
  let m = 0
  while (middle(bake, m) < bake.finish && m < 3000) m += 0.1
  return m
}

/** A line as a faulty device sends it. `n` counts lines; null is silence. */
export const frame = (fault: Fault, seed: number, n: number, what: object): string | null => {
  if (fault === 'silence' && n > 5) return null
  return fault === 'garbage' && chance(seed, n) < 0.8
    ? ['{"grams":', '\u0000\u0000', 'ERR', '{"grams":"NaN","celsius":9999}', '[]'][n % 5]!
    : JSON.stringify(what)
}

/** Reads a line of a scale, whoever sends it. Null for what is none. */
export function readScaleLine(text: string): ScaleReading | null {
  try {
    const { grams, steady } = JSON.parse(text) as { grams?: unknown; steady?: unknown }
    return typeof grams === 'number' && Number.isFinite(grams) && Math.abs(grams) <= 20_000
      ? { grams, steady: steady === true }
      : null
  } catch {
    return null
  }
}
/** Reads a line of a probe. Null for what is none, or no temperature of this world's kitchens. */
export function readProbeLine(text: string): Celsius | null {
  try {
    const { celsius } = JSON.parse(text) as { celsius?: unknown }
    return typeof celsius === 'number' && Number.isFinite(celsius) && celsius > -40 && celsius < 320
      ? celsius
      : null
  } catch {
    return null
  }
}

/** What hands do at the simulated scale. */
export const scaleActs = ['pour', 'stop', 'zero', 'empty'] as const
export type ScaleAct = (typeof scaleActs)[number]

/** The scale after what hands did at `seconds` on its clock; `rate` in g/s counts for pouring alone. */
export function atScale(
  scale: SimScale,
  act: ScaleAct,
  { rate, seconds }: { readonly rate: number; readonly seconds: number },
): SimScale {
  switch (act) {
    case 'zero':
      return setToZero(scale, seconds)
    case 'empty':
      return emptyScale(scale, seconds)
    case 'pour':
      return pour(scale, rate, seconds)
    case 'stop':
      return pour(scale, 0, seconds)
  }
}
