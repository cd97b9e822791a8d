/** When what is done, so that everything is ready when it is served. */

/* Planning a day, and what is left of it. */
export { planDay } from './plan-day'
export { planDaySteps } from './plan-day'
export { replan } from './plan-day'
export { ifLate } from './if-late'
export type { DayBake } from './tasks'
export type { DayOptions } from './options'
export type { DayPlan } from './options'
export type { DayWishes } from './options'
export type { Happened } from './left'
export type { Moment } from './options'
export type { OwnTask } from './options'
export type { PlacedTask } from './options'

/* Placing tasks: the problem, its bound, the search. */
export { search } from './search'
export { boundOf } from './bound'
export type { Arc } from './problem'
export type { Problem } from './problem'

/* What a bake is as work, and how long this house takes. */
export { workOf } from './tasks'
export { putIn } from './doings'
export { learnPace } from './pace'
export type { Took } from './pace'

/* How long it keeps. */
export { keepingOf } from './keeping'
export type { Keeping } from './keeping'

/* What the day needs. */
export { shoppingOf } from './shopping'
export type { Needed } from './shopping'

/* How much its form takes. */
export { dayLimits } from './limits'
export { serveAtProblem } from './serve-at'
export type { Ahead } from './ahead'
