import type { CheckedPacket } from '../../people'
import type { Tried } from './experience'
import type { Plan } from '../plan'

/**
 * What this house takes of a school's gel in a family, as a multiple of what is worked out; and
 * why, in a sentence.
 */
export interface HouseDose {
  readonly family: string
  readonly school: string
  readonly factor: number
  readonly says: string
}
/**
 * How long this house lets something rest in a family (see `restedIn` for `of`), as a multiple of
 * what is worked out or written; and why.
 */
export interface HouseRest {
  readonly family: string
  readonly of: string
  readonly factor: number
  readonly says: string
}
/** What this house has found for a family (of a school, where named), to be said with its plans. */
export interface HouseSaying {
  readonly family: string
  readonly school: string | null
  readonly says: string
}

/**
 * A sentence more in the method of a family, before the first step (after the opening one) in which
 * `before` is found; only where `unless` is found nowhere.
 */
export interface Sentence {
  readonly step: string
  readonly before: RegExp
  readonly unless: RegExp
}
/** One that this house's trials have shown to be worth it; and why. */
export interface HouseStep extends Sentence {
  readonly family: string
  readonly says: string
}

/**
 * What this house knows besides the recipe: the packets that a bake is tied to, and how its own
 * bakes came out.
 */
export interface HouseKnowledge {
  readonly packets?: readonly CheckedPacket[]
  readonly tried?: readonly Tried[]
  /** Its own doses, rests and sentences of method, learned in trials, and what else it found. */
  readonly doses?: readonly HouseDose[]
  readonly rests?: readonly HouseRest[]
  readonly steps?: readonly HouseStep[]
  readonly sayings?: readonly HouseSaying[]
  /** Only what was asked for: nothing is worked out to show beside it what would be closest. */
  readonly alone?: boolean
  /** Called with a first plan before the others are weighed. */
  readonly first?: (plan: Plan) => void
  /** How amounts are set; the solver unless the bench compares. */
  readonly by?: Method
}

/**
 * Ways of finding amounts, for the bench: one for one by weight and the schools' doses as they
 * stand, both by the first school of the table; the same with the arithmetic; a search by the
 * arithmetic; the solver without functions; the solver.
 */
export const methods = [
  'one-for-one',
  'table',
  'table-arithmetic',
  'arithmetic',
  'composition',
  'solver',
] as const
export type Method = (typeof methods)[number]
