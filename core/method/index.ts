/** A method read as actions, and what must hold of one that was changed. */

/* Reading. */
export { linesTaken } from './action'
export { isCooked } from './cooked'
export { withFinish } from './finished'
export type { Action, Operand, Phase } from './action'
export type { CueKind } from './tables/cues'
export type { Manner } from './tables/manners'
export type { VerbId } from './tables/verbs'
export { readMethod } from './read'
export { partNamed } from './manners'

/* What is wrong with a method as it stands. */
export { keepingSaid } from './keeping'
export type { SaidKeeping } from './keeping'
export { methodFindings } from './findings'

/* What must hold of a method that was changed. */
export { gateFaults } from './gates'
