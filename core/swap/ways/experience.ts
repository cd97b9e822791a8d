import { confidenceWords, proven, shrink } from '../tables/limits'

/** How it came out when this house baked a plan. */
export type Result = 'worked' | 'fair' | 'failed'
/** One bake of a plan in this house: of which family, by which schools, and how it came out. */
export interface Tried {
  readonly family: string
  readonly schools: readonly string[]
  readonly result: Result
}

/**
 * What the house's own bakes are worth to a way: more than any table says once it has worked four
 * times, less than nothing where it failed.
 */
export const provenBy = (
  family: string,
  schools: readonly string[],
  tried: readonly Tried[],
): number => {
  const alike = triedAlike(family, schools, tried)
  const sum = alike.reduce((all, one) => all + worth[one.result], 0)
  return proven.each * Math.min(proven.most, Math.max(-proven.most, sum))
}

/**
 * What a plan rests on. `how`: baked in this house, common practice with computed amounts, or
 * computed only.
 */
export interface Rests {
  readonly how: 'house' | 'practice' | 'computed'
  readonly baked: number
  readonly worked: number
  readonly failed: number
}

const worth: Readonly<Record<Result, number>> = { worked: 1, fair: 0.25, failed: -1 }

/**
 * The bakes of this house that say something about these schools in this family: all of a bake's
 * schools are in the plan, or the plan's in it.
 */
export function triedAlike(
  family: string,
  schools: readonly string[],
  tried: readonly Tried[],
): Tried[] {
  return schools.length
    ? tried.filter(
        t =>
          t.family === family &&
          t.schools.length > 0 &&
          (t.schools.every(id => schools.includes(id)) ||
            schools.every(id => t.schools.includes(id))),
      )
    : []
}

/** What a way rests on that this house has not baked. */
const unbaked = (sources: readonly string[]): Rests['how'] => {
  const isPractice = sources.every(s => s.startsWith('[P]') || s.startsWith('[H]'))
  return sources.length && isPractice ? 'practice' : 'computed'
}

export const restsOf = (alike: readonly Tried[], sources: readonly string[]): Rests => ({
  how: alike.length ? 'house' : unbaked(sources),
  baked: alike.length,
  worked: alike.filter(t => t.result === 'worked').length,
  failed: alike.filter(t => t.result === 'failed').length,
})

const times = (n: number) => {
  if (n === 1) return 'once'
  return n === 2 ? 'twice' : `${n} times`
}

const cameOut = ({ baked, worked, failed }: Pick<Rests, 'baked' | 'worked' | 'failed'>) => {
  if (worked === baked) return 'it worked'
  if (failed === baked) return 'it failed'
  return `${worked} worked, ${baked - worked - failed} so-so, ${failed} failed`
}

/** In a sentence; what a plan rests on is never more than it says. */
export function sayRests({ how, baked, worked, failed }: Rests): string {
  if (how === 'house')
    return (
      `Baked in this house ${times(baked)}: ` +
      `${cameOut({ baked, worked, failed })}. ` +
      'The amounts are computed.'
    )
  if (how === 'practice')
    return 'Common practice, with the amounts computed; not yet baked in this house.'
  return 'Computed from composition and functions only; not yet baked in this house.'
}

/**
 * How far the house's own bakes move the word of confidence: one level better or worse at most, and
 * only when the mean of their results, shrunk towards nothing by `shrink` imagined bakes without
 * news, passes a half.
 */
export function movedBy(level: number, alike: readonly Tried[]): number {
  const mean = alike.reduce((sum, t) => sum + worth[t.result], 0) / (alike.length + shrink)
  const by = Math.abs(mean) >= 0.5 ? -Math.sign(mean) : 0
  return Math.min(Math.max(level + by, 0), confidenceWords.length - 1)
}
