/** Versions without what somebody must avoid, and what becomes of the dessert. */

/* Working out versions. */
export { adapt } from './adapt'
export type { Adaptation } from './adapt'
export type { Wishes } from './ways'
export type { Question } from './leaving'

/* A version: its recipe, what changed and why, how sure it is. */
export type { Plan } from './plan'
export type { PlanPart } from './plan'
export type { Change } from './plan'
export { substitutionsOf } from './plan'

/* What can stand in, and how it has gone before. */
export { substitutions } from './ways'
export { substitutionById } from './ways'
export { methods } from './ways'
export { jobRows } from './tables/jobs'
export { doseRisks } from './tables/dose-risks'
export { measureNames } from './tables/consequences'
export { outcomeOf } from './tables/consequences'
export type { Method } from './ways'
export type { Result } from './ways'
export type { Tried } from './ways'

/* Other ways: another family, sweetener, or school. */
export { waysFor } from './ways'
export { familyChoices } from './ways'
export { sweeteners } from './ways'
export { leverFor } from './by-hand'
export type { Lever } from './by-hand'
export type { Way } from './ways'

/* A version that is moved by hand. */
export { asWrittenPlan } from './by-hand'
export { evaluatePlan } from './by-hand'
export { nudge } from './by-hand'
export { sensitivity } from './by-hand'
export { contributions } from './by-hand'
export type { Contribution } from './by-hand'
export type { Contributions } from './by-hand'
export type { EvaluatedPlan } from './by-hand'
export { basePlan } from './by-hand'
export { lineByHand } from './by-hand'
export { restByHand } from './by-hand'
export { restsIn } from './by-hand'
export type { HandBase } from './by-hand'
export type { Sensitivity } from './by-hand'

/* Several batches for several people. */
export { weighSplits } from './by-hand'
export type { Split } from './by-hand'

/* What this house has learned: doses, rests, sentences. */
export { houseRange } from './carry-out'
export { restRange } from './carry-out'
export { withSentence } from './carry-out'
export type { HouseDose } from './ways'
export type { HouseRest } from './ways'
export type { HouseSaying } from './ways'
export type { HouseStep } from './ways'
export type { HouseKnowledge } from './ways'
export type { Sentence } from './ways'

/* What bakers would take. */
export { usualness } from './ways'

/* Rests that a stand-in needs. */
export { restedIn } from './carry-out'
export { restFor } from './carry-out'
export { restName } from './carry-out'
export { restTimes } from './carry-out'
export type { Rested } from './carry-out'

/* For its schema. */
export type { Rests } from './ways'
export type { Did } from './leaving'
export type { Addition } from './plan'
export type { TestPiece } from './plan'
export type { Trim } from './plan'
