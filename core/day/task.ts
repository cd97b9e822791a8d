import type { Celsius, Minutes } from '../measure'
import type { TimeKind } from '../recipe'

/** Where something waits. */
export type Place = 'counter' | 'fridge' | 'freezer' | 'oven' | 'hob'

/** Something that is done to a bake, or (`celsius`) to the oven, while it stays in. */
export interface BakeMoment {
  readonly at: Minutes
  readonly says: string
  readonly celsius: Celsius | null
}

/** One thing of a baking day: something that hands do, or something that waits by itself. */
export interface DayTask {
  /** Stays the same while the step does: what was changed by hand is kept by it. */
  readonly id: string
  readonly bake: string
  /** A few words for a drawing, and the whole sentence. */
  readonly short: string
  readonly says: string
  readonly kind: 'hands' | 'wait' | 'bake' | 'wash' | 'own' | 'serve'
  readonly minutes: Minutes
  /** What was worked out, where the baker has said another time. */
  readonly usual?: Minutes
  /** So many times as long as is usual, by what was seen in this house. */
  readonly pace?: number
  readonly hands: boolean
  readonly mixer: boolean
  readonly place: Place
  readonly celsius: Celsius | null
  /** Halves of an oven shelf that it takes. */
  readonly racks: number
  readonly step: { readonly component: string; readonly at: number } | null
  readonly waits?: TimeKind
  /** Of a bake: what the recipe has done to it on the way, so many minutes after its beginning. */
  readonly moments?: readonly BakeMoment[]
}

/**
 * A rule between two tasks: from start to start at least so many minutes; a longest wait is a
 * negative one the other way round.
 */
export interface DayRule {
  readonly from: string
  readonly to: string
  readonly least: Minutes
  readonly because: string
}

/** `gives`: longest waits that a recipe's own words make impossible, and that were let go. */
export interface DayWork {
  readonly tasks: readonly DayTask[]
  readonly rules: readonly DayRule[]
  readonly gives: readonly string[]
}
