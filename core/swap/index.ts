export { adapt, type Adaptation } from './adapt'
export { schoolById, schools, type Wishes } from './candidates'
export type { Result, Rests, Tried } from './experience'
export { houseRange, restRange } from './house'
export { withSentence, type HouseStep, type Sentence } from './house-steps'
export { restedIn, restFor, restName, restTimes, type Rested } from './rest'
export type { Did } from './explain'
export {
  methods,
  type HouseDose,
  type HouseRest,
  type HouseSaying,
  type Known,
  type Method,
} from './known'
export {
  schoolsOf,
  type Addition,
  type Change,
  type Plan,
  type PlanPart,
  type TestPiece,
  type Trim,
} from './plan'
export type { Question, School } from './school'
export { confidenceWords, type ConfidenceWord } from './tables/limits'
export { measureNames, outcomeOf } from './tables/consequences'
export { jobRows } from './tables/jobs'
export { doseRisks } from './tables/dose-risks'
export { leverFor, type Lever } from './lever'
export {
  asWrittenPlan,
  bringing,
  nudge,
  regardPlan,
  sensitivity,
  type Bringing,
  type Brought,
  type Regarded,
  type Sensitivity,
} from './nudge'
export { splitTable, weighSplits, type Batch, type Split } from './split'
export { familyChoices, sweeteners, waysFor, type Way } from './ways'
