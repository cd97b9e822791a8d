/**
 * A plan that is moved by hand, or looked at again: one line, one measure, what a tenth more does,
 * several batches. Takes and gives a `Plan`; off the path that a recipe walks.
 */
export type { HandBase } from './by-hand'
export { basePlan } from './by-hand'
export { lineByHand } from './by-hand'
export { restByHand } from './by-hand'
export { restsIn } from './by-hand'
export type { EvaluatedPlan } from './evaluate'
export { asWrittenPlan } from './evaluate'
export { evaluatePlan } from './evaluate'
export type { Lever } from './lever'
export { leverFor } from './lever'
export { nudge } from './nudge'
export type { Contribution } from './sensitivity'
export type { Contributions } from './sensitivity'
export type { Sensitivity } from './sensitivity'
export { contributions } from './sensitivity'
export { sensitivity } from './sensitivity'
export type { Split } from './split'
export { splitTable } from './split'
export { weighSplits } from './split'
