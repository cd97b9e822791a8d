import { longestText } from '../measure'

/**
 * How much a packet’s form takes. What the interface lets somebody type, a house file opens with. A
 * statement is never cut where it is typed: what is too long to be read is said, and settles nothing.
 */
export const packetLimits = {
  name: 100,
  where: 200,
  words: longestText,
  by: 60,
  code: 20,
  answer: 2000,
  figure: 1000,
} as const
