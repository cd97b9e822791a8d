/** What the bench measures, built as one module for Node. */
export {
  adapt,
  checkPeople,
  newPacket,
  noWords,
  readLine,
  readPacket,
  readPage,
  readRecipe,
} from '#core'
export { packetsFor } from '#core/people'
export { bakeOf, shelfRowOf } from '#core/share'
export { shelfIndex } from '../../app/composables/shelfIndex'
export { statements } from '../corpus/tables/statements'
export { scoreStatements } from '../corpus/score-statements.mjs'
export { daySpeed } from './day'
export { gateRows, methodRows, methodSpeed } from './method'
export { packetRows } from './packets'
export { safetyRows } from './safety'
export { readingRows } from './reading'
export { trialRows } from './trial'
export { counterSpeed, probeRows } from './make'
export { panSpeed, timesOff } from './pan'
export { gradedRows } from './graded'
export { expertRows } from './ways'
export { corpusSize, scoreMethods, speed, steadiness } from './engine'
