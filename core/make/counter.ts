import type { Happened, Moment } from '../day'
import type { Card } from './card'
import { happenedOf } from './happened'
import type { Making } from './making'
import type { PlacedCard } from './placed'
import { begunByHand, runningOf, type Running } from './running'
import { callsOf, isOver, type Call, type Timer } from './timers'
import { steady, toldBy, wantedOf, type Told } from './told'

/** Where a making stands at a moment; all moments on the clock as it is now. */
export interface Counter {
  readonly cards: readonly PlacedCard[]
  /**
   * The card to look at: what was gone to, else what is in hand, else the first that can be done;
   * null when all is over or only waiting is left.
   */
  readonly current: PlacedCard | null
  /**
   * Another card that can be done and may not wait for long, while the current one is in hand:
   * until when, and why.
   */
  readonly calling: {
    readonly placed: PlacedCard
    readonly moment: Moment
    readonly because: string
  } | null
  readonly next: readonly PlacedCard[]
  /** The current card was gone to, and is not just the next. */
  readonly gone: boolean
  readonly done: number
  readonly of: number
  readonly timers: readonly Timer[]
  readonly calls: readonly Call[]
  /** The nearest longest wait of the current card. */
  readonly deadline: { readonly moment: Moment; readonly because: string } | null
  readonly factors: Readonly<Record<string, number>>
  readonly finished: Moment | null
  readonly happened: Happened
  readonly lastAt: Moment
}

/** Does it want hands, to be done or to be begun? */
export const isAttended = (card: Card) => card.kind !== 'wait' || begunByHand(card)

/**
 * Works out where a making stands. Shares nothing with the clock: `now` is given. A card that
 * somebody is at (`inHand`) stays the current one, even when a wait ends that lets an earlier card
 * begin.
 */
export function counterState(making: Making, nowOnClock: Moment, inHand = ''): Counter {
  const { log, off } = steady(making.log)
  const now = nowOnClock - off
  const here = (moment: Moment) => moment + off
  const told = toldBy(making.cards, log)
  const running = runningOf(making.cards, told, now)
  const placed = making.cards.map(card => placedCard(card, { told, running, now, here }))

  const attended = placed.filter(p => isAttended(p.card))
  const open = attended.filter(p => p.is === 'ready' || p.is === 'later')
  const ready = open.filter(p => p.is === 'ready')
  const current =
    open.find(p => p.card.id === told.gone) ??
    ready.find(p => p.card.id === inHand) ??
    ready[0] ??
    null
  const isGoneTo = current !== null && current.card.id === told.gone
  const limitOf = limitsBy(running, now, here)
  const timers = running.timers.map(t => onClock(t, here)).sort((a, b) => a.ends - b.ends)
  const spoken = log.filter(event => event.do !== 'go' && event.do !== 'clock')
  const lastAt = here(Math.max(making.begun, ...spoken.map(event => event.at)))
  const isBegun = current !== null && (isGoneTo || here(current.card.starts) <= nowOnClock + 1)
  return {
    cards: placed,
    current,
    next: open.filter(p => p !== current).slice(0, 2),
    gone: isGoneTo,
    done: attended.filter(p => p.is === 'over' || p.is === 'running').length,
    of: attended.length,
    timers,
    calls: callsOf(timers, nowOnClock),
    calling: callingOf(
      ready.filter(p => p !== current),
      limitOf,
    ),
    deadline: current ? limitOf(current.card) : null,
    factors: told.factors,
    finished: told.finished === null ? null : here(told.finished),
    happened: happenedOf(making, placed, timers, { lastAt, at: isBegun ? current : null }),
    lastAt,
  }
}

interface At {
  readonly told: Told
  readonly running: Running
  readonly now: Moment
  readonly here: (moment: Moment) => Moment
}

/** How one card stands. */
function placedCard(card: Card, { told, running, now, here }: At): PlacedCard {
  const timer = running.ofCard.get(card.id)
  const isTaskOver = (task: string) => {
    const end = running.endOf(task)
    return end !== null && end <= now
  }
  const ended = timer && isOver(timer, now) ? (timer.stopped ?? timer.ends) : null
  const since = timer ? ended : (told.done.get(card.id) ?? null)
  const standing = (): PlacedCard['is'] => {
    if (since !== null) return 'over'
    if (timer) return 'running'
    return card.after.every(isTaskOver) ? 'ready' : 'later'
  }
  return {
    card,
    is: standing(),
    leftOut: told.leftOut.has(card.id),
    since: since === null ? null : here(since),
    wanted: wantedOf(card, told.factors),
    got: told.got.get(card.id) ?? null,
  }
}

type Limit = NonNullable<Counter['deadline']>

/** The nearest longest wait that a card ends, of waits that have begun. */
const limitsBy =
  ({ endOf }: Running, now: Moment, here: At['here']) =>
  (card: Card): Limit | null => {
    const begun = card.within.flatMap(({ task, minutes, because }) => {
      const end = endOf(task)
      return end !== null && end <= now ? [{ moment: here(end + minutes), because }] : []
    })
    return begun.sort((a, b) => a.moment - b.moment)[0] ?? null
  }

/** The card that may wait the shortest. */
function callingOf(
  ready: readonly PlacedCard[],
  limitOf: (card: Card) => Limit | null,
): Counter['calling'] {
  const limited = ready.flatMap(placed => {
    const limit = limitOf(placed.card)
    return limit ? [{ placed, ...limit }] : []
  })
  return limited.sort((a, b) => a.moment - b.moment)[0] ?? null
}

const onClock = (timer: Timer, here: At['here']): Timer => ({
  ...timer,
  begun: here(timer.begun),
  ends: here(timer.ends),
  stopped: timer.stopped === null ? null : here(timer.stopped),
  marks: timer.marks.map(mark => ({ ...mark, moment: here(mark.moment) })),
})
