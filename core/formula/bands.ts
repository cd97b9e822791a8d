import type { FamilyRow } from './tables/families'
import { measures, type Balance, type Measure } from './measures'
import {
  acidPer100Flour,
  fibreOfBatch,
  heavinessOfBatch,
  liftThatHolds,
  toleranceRows,
} from './tables/tolerances'

/** The stretch within which each measure still makes this dessert. */
export type Bands = Readonly<Record<Measure, readonly [number, number]>>

const rows = new Map(toleranceRows.map(r => [r.measure, r]))
const row = (measure: Measure) => rows.get(measure)!
/** What more and what less of a measure cost, against one another. */
export const sideOf = (measure: Measure): { readonly excess: number; readonly lack: number } =>
  row(measure)

/** The tolerance of one measure in its own unit, for an original of that balance, mass and flour in g. */
export function toleranceOf(
  measure: Measure,
  original: Balance,
  mass: number,
  flour: number,
): number {
  if (measure === 'fibre') return fibreOfBatch * mass
  if (measure === 'heaviness') return heavinessOfBatch * mass
  if (measure === 'acid') return (acidPer100Flour * Math.max(flour, mass * 0.2)) / 100
  const { share, floor } = row(measure)
  return share * Math.max(Math.abs(original[measure]), (floor * mass) / 100)
}

/**
 * A balance that is judged: its family, what the batter and its flour weigh (g), and the balance
 * before, if it is another.
 */
interface BandsAsked {
  readonly original: Balance
  readonly family: FamilyRow
  readonly mass: number
  readonly flour: number
  readonly base?: Balance
}

/**
 * The bands around an original (measured by its `base`, the batter without pieces): where one
 * measure alone would cost little in this family, either side by its own weight.
 */
export function bandsOf({ original, family, mass, flour, base = original }: BandsAsked): Bands {
  return Object.fromEntries(
    measures.map(measure => {
      const tolerance = toleranceOf(measure, base, mass, flour)
      const { excess, lack } = row(measure)
      const room = (side: number) =>
        (1.5 * tolerance) / Math.sqrt(Math.max(side * (family.weights[measure] ?? 1), 0.1))
      const low = original[measure] - room(lack)
      return [
        measure,
        [measure === 'acid' ? low : Math.max(0, low), original[measure] + room(excess)],
      ]
    }),
  ) as unknown as Bands
}

/**
 * What of a measure can be felt: lift only as far as a crumb holds it, `eggAir` (mmol, of the eggs
 * that the version still has) above that.
 */
export const felt = (measure: Measure, value: number, flour: number, eggAir = 0): number =>
  measure === 'lift' && flour > 0 ? Math.min(value, (liftThatHolds * flour) / 100 + eggAir) : value

/** One measure's part in a loss. */
export interface Miss {
  readonly measure: Measure
  readonly cost: number
  readonly change: number
}

/** What a deviation is measured by: `mass` and `flour` in g; `goal` where it is not the original. */
interface DeviationBy {
  readonly family: FamilyRow
  readonly mass: number
  readonly flour: number
  readonly goal?: Balance
  readonly eggAir?: number
}

/**
 * How far a balance has moved from the original, in squared tolerances weighted by family: Σ
 * w·((after − before)/tol)². Source: the engine study. The misses come with it, the dearest first.
 */
export function deviationOf(
  before: Balance,
  after: Balance,
  { family, mass, flour, goal = before, eggAir = 0 }: DeviationBy,
): { readonly loss: number; readonly misses: readonly Miss[] } {
  const misses = measures
    .map(measure => {
      const change =
        felt(measure, after[measure], flour, eggAir) - felt(measure, goal[measure], flour, eggAir)
      const { excess, lack } = row(measure)
      const side = change > 0 ? excess : lack
      const weight = (family.weights[measure] ?? 1) * side
      return {
        measure,
        change,
        cost: weight * (change / toleranceOf(measure, before, mass, flour)) ** 2,
      }
    })
    .sort((a, b) => b.cost - a.cost)
  return { loss: misses.reduce((sum, m) => sum + m.cost, 0), misses }
}
