/** At the counter: cards, weighing, timers, the record. */

/* The cards of a day. */
export { cardsOf } from './card'
export type { Card } from './card'
export type { Warmth } from './card'

/* What is said at the counter, and where it stands at a moment. */
export { beginMaking } from './making'
export { tell } from './making'
export { takeBack } from './making'
export { canTakeBack } from './making'
export { counterState } from './counter'
export type { MakingEvent } from './making'
export type { Making } from './making'
export type { Counter } from './counter'
export type { PlacedCard } from './placed'
export type { Call } from './timers'
export type { Timer } from './timers'

/* Weighing by the pour. */
export { pourOf } from './pour'
export type { Pour } from './pour'

/* How long a probed bake still takes. */
export { reaches } from './probe'
export { remaining } from './probe'
export type { Felt } from './probe'

/* What is lost in the oven, and the record that stays. */
export { bakeLossRows } from './tables/losses'
export { bakeLossFor } from './loss'
export { bakeLossRowOf } from './loss'
export type { BakeLoss } from './loss'
export type { LossRow } from './tables/losses'
export { madeOf } from './record'
export { handsTook } from './hands'
export type { Made } from './record'

/* Simulated devices, and reading what devices send. */
export { readScaleLine } from './stand-ins'
export { readProbeLine } from './stand-ins'
export { switchOn } from './stand-ins'
export { atScale } from './stand-ins'
export { scaleActs } from './stand-ins'
export type { ScaleAct } from './stand-ins'
export { weigh } from './stand-ins'
export { feel } from './stand-ins'
export { frame } from './stand-ins'
export { trueMinutes } from './stand-ins'
export { faults } from './stand-ins'
export type { Fault } from './stand-ins'
export type { ScaleReading } from './stand-ins'
export type { SimBake } from './stand-ins'
export type { SimScale } from './stand-ins'

/* How much their forms take. */
export { makeLimits } from './limits'
export type { WeighItem } from './card'
export type { Mark } from './card'
export type { Weighing } from './card'
export type { MadeTime } from './record'
export type { MadeWeight } from './record'
