/** A method read as actions, and what must hold of one that was changed. */

/* Reading. */
export type { Action } from './action'
export { readMethod } from './read'

/* What must hold of a method that was changed. */
export { gateFaults } from './gates'
