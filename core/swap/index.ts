/** Versions without what somebody must avoid, and what becomes of the dessert. */

/* Working out versions. */
export { adapt } from './adapt'
export type { Adaptation } from './adapt'
export type { Wishes } from './candidates'
export type { Question } from './school'

/* A version: its recipe, what changed and why, how sure it is. */
export type { Plan } from './plan'
export type { PlanPart } from './plan'
export type { Change } from './plan'
export { substitutionsOf } from './plan'

/* What can stand in, and how it has gone before. */
export { substitutions } from './candidates'
export { substitutionById } from './candidates'
export { methods } from './known'
export { jobRows } from './tables/jobs'
export { doseRisks } from './tables/dose-risks'
export { measureNames } from './tables/consequences'
export { outcomeOf } from './tables/consequences'
export type { Method } from './known'
export type { Result } from './experience'
export type { Tried } from './experience'

/* Other ways: another family, sweetener, or school. */
export { waysFor } from './ways'
export { familyChoices } from './ways'
export { sweeteners } from './ways'
export { leverFor } from './lever'
export type { Lever } from './lever'
export type { Way } from './ways'

/* A version that is moved by hand. */
export { asWrittenPlan } from './evaluate'
export { evaluatePlan } from './evaluate'
export { nudge } from './nudge'
export { sensitivity } from './sensitivity'
export { contributions } from './sensitivity'
export type { Contribution } from './sensitivity'
export type { Contributions } from './sensitivity'
export type { EvaluatedPlan } from './evaluate'
export { basePlan } from './by-hand'
export { lineByHand } from './by-hand'
export { restByHand } from './by-hand'
export { restsIn } from './by-hand'
export type { HandBase } from './by-hand'
export type { Sensitivity } from './sensitivity'

/* Several batches for several people. */
export { weighSplits } from './split'
export type { Split } from './split'

/* What this house has learned: doses, rests, sentences. */
export { houseRange } from './house'
export { restRange } from './house'
export { withSentence } from './house-steps'
export type { HouseDose } from './known'
export type { HouseRest } from './known'
export type { HouseSaying } from './known'
export type { HouseStep } from './house-steps'
export type { HouseKnowledge } from './known'
export type { Sentence } from './house-steps'

/* What bakers would take. */
export { usualness } from './prior'

/* Rests that a stand-in needs. */
export { restedIn } from './rest'
export { restFor } from './rest'
export { restName } from './rest'
export { restTimes } from './rest'
export type { Rested } from './rest'

/* For its schema. */
export type { Rests } from './experience'
export type { Did } from './explain'
export type { Addition } from './plan'
export type { TestPiece } from './plan'
export type { Trim } from './plan'
