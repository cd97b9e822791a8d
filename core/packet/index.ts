export { readCode, type CodeReading } from './code'
export {
  changeOf,
  daysBetween,
  lookAlikes,
  newPacket,
  noWords,
  packetFields,
  packetFigures,
  readFields,
  sumUp,
  usualRecheckDays,
  whyNotChecked,
  withWords,
  type FieldReading,
  type LookAlike,
  type MakerAnswer,
  type Packet,
  type PacketChange,
  type PacketField,
  type PacketFigure,
  type PacketSum,
  type PacketWords,
} from './packet'
export { longestStatement, readPacket } from './read'
export type { PacketClaim, PacketHit, PacketReading } from './reading'
