export { cardsOf, type Card, type Item, type Warmth } from './card'
export { handsTook } from './hands'
export { lossFor, lossRowOf, type Loss } from './loss'
export { beginMaking, canTakeBack, takeBack, tell, type Happening, type Making } from './making'
export { pourOf, type Pour, type Shift } from './pour'
export { reaches, remaining, type Felt, type Remaining } from './probe'
export { madeOf, type Made } from './record'
export {
  emptyScale,
  faults,
  feel,
  frame,
  pour,
  readProbeLine,
  readScaleLine,
  setToZero,
  switchOn,
  trueMinutes,
  weigh,
  type Fault,
  type ScaleReading,
  type SimBake,
  type SimScale,
} from './stand-ins'
export { counterOf, isAttended, type Counter, type PlacedCard } from './counter'
export { type Call, type Timer } from './timers'
export { bakeLossRows } from './tables/losses'
