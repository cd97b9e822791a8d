export { type Ahead } from './ahead'
export { type Happened } from './left'
export { learnPace, paceFor, type Took } from './pace'
export { keepingOf, type Keeping } from './keeping'
export { shoppingOf, type Needed } from './shopping'
export { costOf, faultsOf, type Arc, type Problem } from './problem'
export { boundOf } from './bound'
export { search } from './search'
export {
  ifLate,
  planDay,
  planDaySteps,
  replan,
  type DayOptions,
  type DayPlan,
  type DayWishes,
  type Moment,
  type OwnTask,
  type PlacedTask,
  type Preheat,
} from './plan-day'
export type { DayRule, DayTask } from './task'
export { putIn } from './clauses'
export { workOf, type DayBake } from './tasks'
