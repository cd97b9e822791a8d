import type { Grams, Minutes } from '../measure'
import type { Balance, Bands, Measure } from '../formula'
import type { Recipe } from '../recipe'
import type { Rests } from './ways/experience'
import type { Did } from './leaving/did'
import type { ConfidenceWord } from './tables/limits'

/** Something that comes in. Grams are null where the original gave no amount either ("for the tin"). */
export interface Addition {
  readonly ingredient: string
  readonly name: string
  readonly grams: Grams | null
  readonly kitchen: string
  /** What was worked out before it was measured, where measuring moved it. */ readonly exact?: Grams
  readonly prepare?: string
  readonly restMinutes?: Minutes
  /**
   * By how much what was worked out is multiplied: by the house's own trials, or by hand.
   */
  readonly times?: number
}

/** A line that stays and gives or takes a little. */
export interface Trim {
  readonly lineId: string
  readonly ingredient: string
  readonly name: string
  readonly from: Grams
  readonly to: Grams
  readonly kitchen: string
  readonly because: string
}

/**
 * One change: what leaves, what comes for it, what is trimmed, why; and the school and source that
 * it rests on.
 */
export interface Change {
  readonly component: string
  readonly removes: readonly string[]
  readonly adds: readonly Addition[]
  readonly trims: readonly Trim[]
  readonly because: string
  /** What the leaving lines did here, in words and numbers. */
  readonly did: string
  readonly jobs?: readonly Did[]
  readonly school: string | null
  readonly source: string
  /**
   * A resting that this house's own trials made longer or shorter: of what (see `restedIn`), and
   * how many minutes.
   */
  readonly rest?: { readonly of: string; readonly from: Minutes; readonly to: Minutes }
  /** What this house's own trials did to its amounts or its rest, in a sentence. */
  readonly house?: string
}

/**
 * One part of the plan in numbers: its family, its balance before and after, where it still is this
 * dessert, and which measures matter to it.
 */
export interface PlanPart {
  readonly component: string
  readonly family: string
  readonly familyName: string
  readonly familyBecause: string
  readonly before: Balance
  readonly after: Balance
  readonly bands: Bands
  readonly matters: readonly Measure[]
  readonly loss: number
  readonly mass: Grams
}

/** A small bake to try first: so much of the recipe. */
export interface TestPiece {
  readonly factor: number
  readonly says: string
}

export interface Plan {
  readonly id: string
  readonly title: string
  /** The adapted recipe, whole again; it has passed the safety check without a conflict. */
  readonly recipe: Recipe
  readonly changes: readonly Change[]
  readonly balance: { readonly before: Balance; readonly after: Balance }
  readonly parts: readonly PlanPart[]
  /** What may go wrong, with the number behind it. */
  readonly risks: readonly string[]
  readonly differs: readonly string[]
  readonly notes: readonly string[]
  readonly cautions: readonly string[]
  readonly packets: readonly {
    readonly ingredient: string
    readonly name: string
    readonly lookFor: readonly string[]
  }[]
  readonly confidence: ConfidenceWord
  readonly confidenceBecause: string
  readonly restsOn: string
  readonly rests?: Rests
  /** A small bake to make first; only where it is experimental. */
  readonly testPiece?: TestPiece | null
  /** The baker has moved amounts of it by hand. */
  readonly nudged?: boolean
  readonly forPeople: readonly string[]
}

/** The schools that a plan goes by. */
export const substitutionsOf = (plan: Pick<Plan, 'changes'>): string[] => [
  ...new Set(plan.changes.flatMap(change => change.school ?? [])),
]
