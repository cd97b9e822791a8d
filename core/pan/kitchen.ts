import type { Celsius } from '../measure'
import type { Metres } from './air'
import type { NamedTin } from './tin'

export type OvenScale = 'C' | 'F' | 'gas'

/**
 * One bake that was watched to its end: what was expected of the oven as it is set, and what it
 * took, in minutes.
 */
export interface OvenNote {
  readonly on: string
  readonly bake: string
  readonly title: string
  readonly celsius: Celsius
  readonly expected: number
  readonly took: number
}

export interface Pace {
  readonly n: number
  readonly log: number
}

/**
 * What a house bakes with. `offset` is how many degrees hotter the oven is than it says, where a
 * thermometer said so.
 */
export interface Kitchen {
  readonly tins: readonly NamedTin[]
  readonly oven: {
    readonly fan: boolean
    readonly scale: OvenScale
    readonly offset: number | null
    readonly log: readonly OvenNote[]
  }
  readonly altitude: Metres
  /** Inside length and breadth of the tray, cm, how many there are, and how many go in at once. */
  /**
   * How long this house's hands take beside what is usual, by kind of work: how often it was seen,
   * and the sum of the logarithms.
   */
  readonly pace?: Readonly<Record<string, Pace>>
  readonly tray: { readonly length: number; readonly breadth: number; readonly atOnce: number }
}

export const usualKitchen: Kitchen = {
  tins: [],
  oven: { fan: false, scale: 'C', offset: null, log: [] },
  altitude: 0,
  tray: { length: 40, breadth: 30, atOnce: 1 },
}
