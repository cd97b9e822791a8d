import type { Grams, Minutes } from '../measure'
import type { Moment } from '../day'
import type { Card } from './card'
import type { MakingEvent } from './making'

/** What has been told at the counter, read once from the first event to the last. */
export interface Told {
  readonly log: readonly MakingEvent[]
  /** Cards that are done or left out, and when. */
  readonly done: ReadonlyMap<string, Moment>
  readonly leftOut: ReadonlySet<string>
  readonly begun: ReadonlyMap<string, Moment>
  /** What is in the bowl of each weighed card. */
  readonly got: ReadonlyMap<string, Grams>
  /** Every amount of a bake times so much, by bake. */
  readonly factors: Readonly<Record<string, number>>
  readonly ownTimers: readonly OwnTimer[]
  /** The card that was gone to, out of order. */
  readonly gone: string | null
  readonly finished: Moment | null
}
interface OwnTimer {
  readonly id: string
  readonly says: string
  readonly minutes: Minutes
  readonly at: Moment
}

/**
 * The log on a clock that never went back: what the device's clock lost is added again. One that
 * went forward may have slept, and its minutes have passed.
 */
export function steady(log: readonly MakingEvent[]): {
  readonly log: readonly MakingEvent[]
  readonly off: Minutes
} {
  let off = 0
  return {
    log: log.map(event => {
      if (event.do === 'clock' && event.minutes < 0) off += event.minutes
      return { ...event, at: event.at - off }
    }),
    off,
  }
}

/** What wants no topping up: half a gram that a kitchen scale cannot show, or a hundredth. [I] */
const toleranceOf = (grams: Grams) => Math.max(0.6, 0.01 * grams)

/** What is wanted of a card now, after whatever was scaled; null where nothing is weighed. */
export const wantedOf = (card: Card, factors: Told['factors']): Grams | null => {
  const { item } = card
  if (!item?.grams) return null
  return item.grams * (item.counted ? 1 : (factors[card.bake] ?? 1))
}

/** Reads the log, whose clock never went back (`steady`). */
export function toldBy(cards: readonly Card[], log: readonly MakingEvent[]): Told {
  const done = new Map<string, Moment>()
  const leftOut = new Set<string>()
  const begun = new Map<string, Moment>()
  const got = new Map<string, Grams>()
  const factors: Record<string, number> = {}
  const ownTimers: OwnTimer[] = []
  let gone: string | null = null
  let finished: Moment | null = null

  /** What was weighed by the old amounts wants topping up: it is not done any more. */
  const reopen = (bake: string, by: number) => {
    for (const card of cards) {
      const isWeighedIn =
        card.bake === bake && card.item && done.has(card.id) && !leftOut.has(card.id)
      const wanted = isWeighedIn ? wantedOf(card, factors) : null
      if (wanted === null) continue
      const before = (wanted / factors[bake]!) * by
      if (wanted - (got.get(card.id) ?? before) > toleranceOf(wanted)) done.delete(card.id)
    }
  }
  const end = (card: string, at: Moment) => {
    done.set(card, at)
    if (gone === card) gone = null
  }
  const read = (event: MakingEvent) => {
    switch (event.do) {
      case 'done':
        end(event.card, event.at)
        break
      case 'left-out':
        end(event.card, event.at)
        leftOut.add(event.card)
        break
      case 'weighed':
        got.set(event.card, (got.get(event.card) ?? 0) + event.grams)
        break
      case 'begun':
        begun.set(event.card, event.at)
        if (gone === event.card) gone = null
        break
      case 'go':
        gone = event.card
        break
      case 'timer':
        ownTimers.push({ ...event, id: event.timer })
        break
      case 'finished':
        finished = event.at
        break
      case 'scale':
        factors[event.bake] = (factors[event.bake] ?? 1) * event.factor
        reopen(event.bake, event.factor)
    }
  }
  log.forEach(read)
  return { log, done, leftOut, begun, got, factors, ownTimers, gone, finished }
}
