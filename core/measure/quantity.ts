/**
 * Numbers that know their unit. The tag is optional, so a plain number may be given, but grams can
 * never be handed to something that wants millilitres.
 */
declare const unit: unique symbol
type Tagged<U extends string> = number & { readonly [unit]?: U }

export type Grams = Tagged<'g'>
export type Millilitres = Tagged<'ml'>
export type GramsPerMl = Tagged<'g/ml'>
export type Celsius = Tagged<'°C'>
export type Minutes = Tagged<'min'>
/** Minutes of a day. */
export const aDay: Minutes = 24 * 60

/**
 * A figure that is not exact: the lowest and highest it may be, and the one to work with. `low ≤
 * best ≤ high`.
 */
export interface Spread {
  readonly low: number
  readonly best: number
  readonly high: number
}

export const exactly = (n: number): Spread => ({ low: n, best: n, high: n })

/** Multiplies two independent positive spreads, e.g. a count range by a weight a piece. */
export const times = (a: Spread, b: Spread): Spread => ({
  low: a.low * b.low,
  best: a.best * b.best,
  high: a.high * b.high,
})
