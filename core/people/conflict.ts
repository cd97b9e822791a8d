import type { AvoidableId, Ingredient } from '../pantry'

export type Verdict = 'clear' | 'unknown' | 'conflict'
export type State = 'contains' | 'may contain' | 'unknown'

/** By which rule something was found: the table's row, a packet's words, a diet, or that nobody knows. */
export type CheckRule =
  | 'holds'
  | 'group'
  | 'denied'
  | 'may-hold'
  | 'trace'
  | 'packet-contains'
  | 'packet-trace'
  | 'packet-warning'
  | 'packet-open'
  | 'packet-words'
  | 'packet-not-read'
  | 'diet'
  | 'thing'
  | 'not-known'
  | 'words'
  | 'own-row'
  | 'open-kind'
  | 'person'

/** One reason why a person may not, or perhaps may not, eat this: where, in which words, by which rule. */
export interface Conflict {
  readonly personId: string
  readonly state: State
  /** What of the person's needs it touches; null when the thing itself is not known. */
  readonly allergen: AvoidableId | null
  readonly lineId: string | null
  readonly component: string
  readonly where: 'line' | 'alternative' | 'step' | 'text' | 'person'
  readonly words: string
  readonly ingredient: string | null
  readonly because: string
  readonly rule: CheckRule
  readonly source: string
}

export type NamedThing = AvoidableId | { readonly allergen: AvoidableId }

/**
 * What a packet says, tied to an ingredient or to one line; it settles what its kind of product
 * "may hold". `notRead` says why it does not count as read: then it settles nothing, though what it
 * names counts all the same.
 */
export interface CheckedPacket {
  readonly ingredient: string | null
  readonly lineId?: string
  readonly id?: string
  readonly name?: string
  readonly contains: readonly NamedThing[]
  readonly mayContain: readonly NamedThing[]
  /** What it says it is nothing for those of who avoid it: that counts at every strictness. */
  readonly warnings?: readonly NamedThing[]
  /** What its words leave open. */
  readonly open?: readonly NamedThing[]
  readonly unknownWords?: readonly string[]
  readonly notRead?: string
  readonly claims?: readonly {
    readonly name: string
    readonly without: readonly AvoidableId[]
    readonly against: boolean
  }[]
  /** Its words, for things that are looked for by name. */
  readonly statement?: string
}

/** `asks`: what is worth asking and does not count in the verdict. */
export interface PersonCheck {
  readonly personId: string
  readonly verdict: Verdict
  readonly conflicts: readonly Conflict[]
  readonly asks: readonly Conflict[]
}
export interface PeopleCheck {
  readonly people: readonly PersonCheck[]
}

export interface ConflictPlace {
  readonly lineId: string | null
  readonly component: string
  readonly where: Conflict['where']
  readonly words: string
}
/** What the check looks at of a row. */
export type KnownIngredient = Pick<
  Ingredient,
  'id' | 'name' | 'kind' | 'holds' | 'mayHold' | 'traces' | 'source'
>
export interface Held {
  readonly ingredient: Ingredient | null
  readonly claims: readonly AvoidableId[]
  readonly place: ConflictPlace
  readonly unread: readonly string[]
  readonly open: string | null
  /** What else its name means. */
  readonly mayBe: readonly Ingredient[]
  readonly packets: readonly CheckedPacket[]
  readonly heated: boolean
}
