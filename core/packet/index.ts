/** What is printed on a packet: read, kept, compared. */

/* Reading a statement: what it contains, may contain, claims, and words that nobody knows. */
export { readPacket } from './read'
export type { PacketHit } from './reading'
export type { PacketReading } from './reading'

/* A packet of the house and what may be written about it. */
export { newPacket } from './packet'
export { noWords } from './packet'
export { withWords } from './packet'
export { packetFields } from './packet'
export { packetFigures } from './packet'
export { readFields } from './packet'
export { sumUp } from './packet'
export { whyNotChecked } from './packet'
export type { FieldReading } from './packet'
export type { Packet } from './packet'
export type { PacketSum } from './packet'
export type { PacketWords } from './packet'

/* Two packets beside each other. */
export { changeOf } from './packet'
export { lookAlikes } from './packet'
export type { LookAlike } from './packet'
export type { PacketChange } from './packet'

/* The code with bars. */
export { readCode } from './code'

/* How much its form takes. */
export { packetLimits } from './limits'
export type { MakerAnswer } from './packet'
export type { PacketPast } from './packet'
