/**
 * How much of each: doses, bounds, rows and the solver, or the transparent arithmetic.
 * Hands on `PlanDraft`: what stays and what comes, in grams.
 */
export { setByArithmetic } from './arithmetic'
export type { Added } from './draft'
export type { AmountSetter } from './draft'
export type { Lever } from './draft'
export type { PlanDraft } from './draft'
export type { Target } from './draft'
export { setterOf } from './setter'
export { measuring } from './solve'
export { setBySolver } from './solve'
export { setQuickly } from './solve'
export { strainOf } from './strain'
