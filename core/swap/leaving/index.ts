/**
 * What of a dessert cannot stay, by people, packets and wishes, and what it did there.
 * Hands on `Leaving`: a line, how it goes, and the question that it leaves.
 */
export type { Table } from './allowed'
export { asksPacket } from './allowed'
export { isBlocked } from './allowed'
export { mayCome } from './allowed'
export { tableOf } from './allowed'
export type { Did } from './did'
export { listed } from './did'
export { sayDid } from './did'
export { whatItWasFor } from './did'
export { whatTheyBring } from './did'
export { whatTheyDid } from './did'
export type { Leaving } from './leaving'
export { fatKinds } from './leaving'
export { leavingOf } from './leaving'
export { mayBeLeftOut } from './leaving'
export { struckChoices } from './leaving'
export { sweetenedAnew } from './leaving'
export { withoutFat } from './leaving'
export type { Question } from './question'
export { questionOf } from './question'
