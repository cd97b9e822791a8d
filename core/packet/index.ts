export { readCode, type CodeReading } from './code'
export { changeOf, daysBetween, lookAlikes, newPacket, noWords, packetFields, packetFigures, readFields, sumUp, usualRecheckDays, whyNotChecked, withWords, type FieldHit, type FieldReading, type LookAlike, type MakerAnswer, type Packet, type PacketChange, type PacketField, type PacketFigure, type PacketPast, type PacketSum, type PacketWords } from './packet'
export { longestStatement, readPacket, type HitHow, type PacketClaim, type PacketHit, type PacketOptions, type PacketReading, type UnknownPlace } from './read'
