import type { Measure } from '../measures'

/**
 * How far a measure may move before a baker notices: `share` of the original, but of at least `floor` a 100 g of batch, so
 * that almost nothing stays almost nothing (the floor of setting is high, since the flour’s own starch sets a crumb too). `excess` and `lack` scale the cost of being above or below. Source: the
 * engine study's tolerances; floors chosen here so that a measure the dessert hardly has does not decide [M].
 */
export interface ToleranceRow {
  readonly measure: Measure
  readonly share: number
  readonly floor: number
  readonly excess: number
  readonly lack: number
}

export const toleranceRows: readonly ToleranceRow[] = [
  { measure: 'water', share: 0.06, floor: 18, excess: 1, lack: 1 },
  { measure: 'fat', share: 0.06, floor: 8, excess: 1, lack: 1 },
  { measure: 'solidFat', share: 0.25, floor: 3, excess: 0.7, lack: 1 },
  { measure: 'sugar', share: 0.05, floor: 20, excess: 1, lack: 1 },
  { measure: 'protein', share: 0.25, floor: 4, excess: 0.3, lack: 1 },
  { measure: 'starch', share: 0.05, floor: 15, excess: 0.3, lack: 1 },
  { measure: 'fibre', share: 0, floor: 100, excess: 1, lack: 0 },
  { measure: 'lift', share: 0.15, floor: 3, excess: 1, lack: 1 },
  { measure: 'acid', share: 0, floor: 100, excess: 0.4, lack: 1 },
  { measure: 'bind', share: 0.35, floor: 0.25, excess: 0.5, lack: 1 },
  { measure: 'set', share: 0.12, floor: 1.6, excess: 0.5, lack: 1 },
  { measure: 'foam', share: 0.25, floor: 0.6, excess: 0, lack: 1 },
  { measure: 'emulsify', share: 0.4, floor: 0.4, excess: 0, lack: 1 },
  { measure: 'gluten', share: 0.2, floor: 3, excess: 0, lack: 0.5 },
  { measure: 'sweetness', share: 0.06, floor: 20, excess: 1, lack: 1 },
  { measure: 'salt', share: 0.4, floor: 0.7, excess: 0.5, lack: 0.1 },
  { measure: 'heaviness', share: 0, floor: 100, excess: 1, lack: 0 },
]

/** Fibre is measured against 1 % of the batch; acid against 3 meq a 100 g of flour. [M] the engine study */
export const fibreOfBatch = 0.01
/** What weighs a crumb down is measured against 8 % of the batch. [M] the engine study */
export const heavinessOfBatch = 0.08
export const acidPer100Flour = 3

/** More gas than this, in mmol a 100 g of flour, no crumb holds: above it more or less lift is the same. [M] */
export const liftThatHolds = 24
