export {
  cardsOf,
  itemsOf,
  weighingOrder,
  type Card,
  type Item,
  type Mark,
  type Warmth,
  type Weighing,
} from './card'
export { handsTook } from './hands'
export { bakeLoss, lossFor, lossRowOf, type Loss } from './loss'
export { beginMaking, canTakeBack, takeBack, tell, type Happening, type Making } from './making'
export { pourOf, type Pour, type Shift } from './pour'
export { plausible, reaches, remaining, type Felt, type Remaining } from './probe'
export { madeOf, type Made, type MadeTime, type MadeWeight } from './record'
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
export { callsOf, isOver, timerOf, type Call, type Timer } from './timers'
export { bakeLossRows, lossRows, type LossRow } from './tables/losses'
