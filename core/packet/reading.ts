import type { AvoidableId } from '../pantry'

/** What a word of a statement was understood as. */
export type RoleName =
  | 'contains'
  | 'open'
  | 'warning'
  | 'trace'
  | 'facility'
  | 'denied'
  | 'claim'
  | 'aside'
  | 'unknown'
  | 'harmless'

/** A stretch of a statement with what it was understood as; `says` tells why. Ends are exclusive. */
export interface Role {
  readonly start: number
  readonly end: number
  readonly words: string
  readonly role: RoleName
  readonly says: string
}

/**
 * How it comes to be said: an ingredient, the "contains" line, a trace, the facility, a warning that
 * it is not for somebody, or a word that leaves open what it was made of.
 */
type HitHow = 'ingredient' | 'contains' | 'trace' | 'facility' | 'warning' | 'unsaid'

/** One thing found in a statement. `start` and `end` are places in the statement, end exclusive. */
export interface PacketHit {
  readonly allergen: AvoidableId
  readonly start: number
  readonly end: number
  readonly words: string
  readonly how: HitHow
  readonly because: string
  readonly source: string
}

/** What a packet says is not in it. It is shown; `against` when its own list speaks against it. */
export interface PacketClaim {
  readonly name: string
  readonly words: string
  readonly start: number
  readonly end: number
  readonly without: readonly AvoidableId[]
  readonly against: boolean
}

export interface UnknownPlace {
  readonly words: string
  readonly start: number
  readonly end: number
}

export interface PacketReading {
  readonly contains: readonly PacketHit[]
  /** Traces, facility sentences, warnings, and what a word leaves open (`how` tells). */
  readonly mayContain: readonly PacketHit[]
  readonly claims: readonly PacketClaim[]
  readonly unknownWords: readonly string[]
  readonly unknown: readonly UnknownPlace[]
  /** What each word was understood as, in the order of the statement. */
  readonly roles: readonly Role[]
  /** Most of its words are in no language that is read. */
  readonly unreadTongue: boolean
}
