import type { Celsius, Minutes } from '../measure'
import type { Kitchen } from '../pan'
import type { Ahead } from './ahead'
import type { Happened } from './left'
import type { DayRule, DayTask } from './task'

/** Minutes since 1970 in world time; the clock on the wall is the caller's business. */
export type Moment = number

/** A task that the baker adds: it stands between others only where that is said. */
export interface OwnTask {
  readonly id: string
  readonly says: string
  readonly minutes: Minutes
  readonly hands: boolean
  readonly after?: string
  readonly before?: string
}

/** What the baker says of the day. Tasks by their ids. */
export interface DayWishes {
  readonly minutes?: Readonly<Record<string, Minutes>>
  readonly notBefore?: Readonly<Record<string, Moment>>
  readonly outBy?: Readonly<Record<string, Moment>>
  readonly own?: readonly OwnTask[]
  /** Bakes, by id, that are made ahead. */
  readonly ahead?: Readonly<Record<string, Ahead>>
}

export interface DayOptions {
  /** On the table at; as late as possible before it. Absent: begun now. */
  readonly serveAt?: Moment | string | null
  /** Nothing begins before. */
  readonly now?: Moment | null
  readonly kitchen?: Kitchen
  /** Stretches in which nobody works: nights, on this wall clock. */
  readonly asleep?: readonly (readonly [Moment, Moment])[]
  readonly wishes?: DayWishes
  /** Bakes that must be done with before others begin, with washing between: the first is the strictest. */
  readonly apart?: readonly (readonly [string, string])[]
  readonly budget?: number
  /** What has happened already: only the rest is placed, from `now` on. */
  readonly happened?: Happened
  /** Asked now and then once there is a plan: is there time for a better one? */
  readonly go?: () => boolean
  /** Asked as often: is it time to let somebody else have a turn? The plan so far is yielded again then. */
  readonly pause?: () => boolean
}

export interface PlacedTask extends DayTask {
  readonly starts: Moment
  readonly ends: Moment
  /** Minutes that it could begin later without moving anything else. */ readonly slack: Minutes
  /** Before the night. */ readonly evening: boolean
}
export interface Preheat {
  readonly at: Moment
  readonly celsius: Celsius
  readonly ready: Moment
}

export type DayPlan =
  | {
      readonly ok: true
      readonly start: Moment
      readonly end: Moment
      readonly tasks: readonly PlacedTask[]
      readonly preheats: readonly Preheat[]
      readonly rules: readonly DayRule[]
      readonly hands: Minutes
      readonly total: Minutes
      readonly tight: readonly string[]
      readonly warnings: readonly string[]
      /** Longest waits that have passed before the plan was made. */ readonly over: readonly string[]
      readonly proven: boolean
      readonly bound: number
    }
  | {
      readonly ok: false
      readonly problem: {
        readonly code: 'impossible' | 'empty' | 'serve' | 'late'
        readonly sentence: string
        readonly rules: readonly string[]
        /** The nearest hour at which it could be on the table. */ readonly nearest: Moment | null
      }
    }

export type PlannedDay = Extract<DayPlan, { readonly ok: true }>

/** A moment as it is given; null: none is, NaN: it is none. */
export const momentOf = (given: Moment | string | null | undefined): Moment | null => {
  if (given === null || given === undefined) return null
  if (typeof given === 'number') return given
  return Number.isNaN(Date.parse(given)) ? Number.NaN : Date.parse(given) / 60_000
}
