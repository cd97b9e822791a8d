import type { Celsius, Grams, Minutes } from '../measure'
import type { Moment } from '../day'
import type { Card } from './card'

/** Something that happened at the counter, and when. */
export type MakingEvent = { readonly at: Moment } &
  /** A card is done; a weighed one with what the scale, or the baker, said. */
  (
    | { readonly do: 'done'; readonly card: string }
    | {
        readonly do: 'weighed'
        readonly card: string
        readonly grams: Grams
        readonly by: 'scale' | 'hand'
      }
    /** The card is left out; it counts as over. */
    | { readonly do: 'left-out'; readonly card: string }
    | { readonly do: 'begun'; readonly card: string }
    /** Looked at out of order. */
    | { readonly do: 'go'; readonly card: string }
    /** A timer of one's own. */
    | {
        readonly do: 'timer'
        readonly timer: string
        readonly says: string
        readonly minutes: Minutes
      }
    | { readonly do: 'more'; readonly timer: string; readonly minutes: Minutes }
    | { readonly do: 'heard'; readonly timer: string; readonly mark: number }
    | { readonly do: 'stop'; readonly timer: string }
    /** Before or after, in grams. */
    | { readonly do: 'measured'; readonly card: string; readonly grams: Grams }
    | { readonly do: 'felt'; readonly card: string; readonly celsius: Celsius }
    | { readonly do: 'note'; readonly card: string; readonly text: string }
    | { readonly do: 'photo'; readonly card: string; readonly photo: string }
    /** Every amount of a bake times so much from now on. */
    | { readonly do: 'scale'; readonly bake: string; readonly factor: number }
    /** The clock of the device was set: minutes forward, or back. */
    | { readonly do: 'clock'; readonly minutes: Minutes }
    | { readonly do: 'finished' }
  )

/**
 * One time of making: its cards as they were planned when it began, and all that happened since.
 * What stands now is worked out from both.
 */
export interface Making {
  readonly id: string
  readonly begun: Moment
  readonly serveAt: Moment | null
  readonly cards: readonly Card[]
  readonly log: readonly MakingEvent[]
}

/**
 * A making that begins: nothing has been told yet. Moments are minutes since 1970.
 *
 * @example
 * beginMaking('m', [], null, 0).log // []
 */
export const beginMaking = (
  id: string,
  cards: readonly Card[],
  serveAt: Moment | null,
  now: Moment,
): Making => ({ id, begun: now, serveAt, cards, log: [] })

/** Looking about, and what the device itself tells, is nothing to take back. */
const isByHand = (h: MakingEvent) => h.do !== 'go' && h.do !== 'clock' && h.do !== 'felt'

/**
 * With one more happening. Looking about is only kept as the last.
 *
 * @example
 * tell(beginMaking('m', [], null, 0), { do: 'done', card: 'c', at: 5 }).log.length // 1
 */
export function tell(making: Making, happening: MakingEvent): Making {
  const log =
    making.log.at(-1)?.do === 'go' && happening.do === 'go' ? making.log.slice(0, -1) : making.log
  return { ...making, log: [...log, happening] }
}

/**
 * Without the last thing that hands said; as it was when there is none.
 *
 * @example
 * takeBack(tell(beginMaking('m', [], null, 0), { do: 'done', card: 'c', at: 5 })).log // []
 */
export function takeBack(making: Making): Making {
  const last = making.log.findLastIndex(isByHand)
  if (last < 0) return making
  // A weight that was said with a tick goes with it.
  const gone = making.log[last]!
  const before = making.log[last - 1]
  const from =
    gone.do === 'done' &&
    before &&
    (before.do === 'weighed' || before.do === 'measured') &&
    before.card === gone.card &&
    before.at === gone.at
      ? last - 1
      : last
  return {
    ...making,
    log: making.log.filter((h, n) => n < from || (n > last && !isByHand(h) && h.do !== 'go')),
  }
}
export const canTakeBack = (making: Making): boolean => making.log.some(isByHand)
