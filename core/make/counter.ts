import type { Grams, Minutes } from '../measure'
import type { Happened, Moment } from '../day'
import type { Card } from './card'
import type { Happening, Making } from './making'
import { callsOf, isOver, timerOf, type Call, type Timer } from './timers'

/** A card as it stands: not to be begun yet, to be done, going on by itself, over. */
export interface PlacedCard {
  readonly card: Card
  readonly is: 'later' | 'ready' | 'running' | 'over'
  readonly leftOut: boolean
  /** Over since, where it is. */
  readonly since: Moment | null
  /** Of what is weighed: wanted now, after whatever was scaled, and what is in the bowl. */
  readonly wanted: Grams | null
  readonly got: Grams | null
}

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

/** A card that hands end. A wait that follows nothing is begun by hand, as a bake is. */
const begunByHand = (card: Card) =>
  card.kind === 'bake' || (card.kind === 'wait' && card.after.length === 0)
export const isAttended = (card: Card) => card.kind !== 'wait' || begunByHand(card)

/**
 * The log on a clock that never went back: what the device's clock lost is added again. One that
 * went forward may have slept, and its minutes have passed.
 */
function steady(log: readonly Happening[]): {
  readonly log: readonly Happening[]
  readonly off: Minutes
} {
  let off = 0
  return {
    log: log.map(h => {
      if (h.do === 'clock' && h.minutes < 0) off += h.minutes
      return { ...h, at: h.at - off }
    }),
    off,
  }
}

/** What wants no topping up: half a gram that a kitchen scale cannot show, or a hundredth. [I] */
const toleranceOf = (grams: Grams) => Math.max(0.6, 0.01 * grams)

/**
 * Works out where a making stands. Shares nothing with the clock: `now` is given. A card that
 * somebody is at (`inHand`) stays the current one, even when a wait ends that lets an earlier card
 * begin.
 */
export function counterOf(making: Making, nowOnClock: Moment, inHand = ''): Counter {
  const { log, off } = steady(making.log)
  const now = nowOnClock - off
  const here = (moment: Moment) => moment + off
  const done = new Map<string, Moment>()
  const out = new Set<string>()
  const begun = new Map<string, Moment>()
  const got = new Map<string, Grams>()
  const factors: Record<string, number> = {}
  const own: {
    readonly id: string
    readonly says: string
    readonly minutes: Minutes
    readonly at: Moment
  }[] = []
  let gone: string | null = null
  let finished: Moment | null = null
  const wantedOf = (card: Card) =>
    card.item?.grams ? card.item.grams * (card.item.counted ? 1 : (factors[card.bake] ?? 1)) : null
  for (const h of log) {
    if (h.do === 'done' || h.do === 'left-out') {
      done.set(h.card, h.at)
      if (h.do === 'left-out') out.add(h.card)
      if (gone === h.card) gone = null
    } else if (h.do === 'weighed') got.set(h.card, (got.get(h.card) ?? 0) + h.grams)
    else if (h.do === 'begun') {
      begun.set(h.card, h.at)
      if (gone === h.card) gone = null
    } else if (h.do === 'go') gone = h.card
    else if (h.do === 'timer') own.push({ id: h.timer, says: h.says, minutes: h.minutes, at: h.at })
    else if (h.do === 'finished') finished = h.at
    else if (h.do === 'scale') {
      factors[h.bake] = (factors[h.bake] ?? 1) * h.factor
      // What was weighed by the old amounts wants topping up.
      for (const card of making.cards)
        if (card.bake === h.bake && card.item && done.has(card.id) && !out.has(card.id)) {
          const wanted = wantedOf(card)
          if (
            wanted !== null &&
            wanted - (got.get(card.id) ?? (wanted / factors[h.bake]!) * h.factor) >
              toleranceOf(wanted)
          )
            done.delete(card.id)
        }
    }
  }

  /** Ends of tasks that are over or have an end before them; a task of several cards ends with its last. */
  const cardsOfTask = new Map<string, Card[]>()
  for (const card of making.cards)
    cardsOfTask.set(card.task, [...(cardsOfTask.get(card.task) ?? []), card])
  const timers = new Map<string, Timer>()
  const waits = making.cards.filter(card => card.kind === 'wait' || card.kind === 'bake')
  const several = new Set(making.cards.map(card => card.bake).filter(Boolean)).size > 1
  const endOf = (task: string): Moment | null => {
    const cards = cardsOfTask.get(task) ?? []
    const ends = cards.map(card =>
      timers.has(card.id)
        ? (timers.get(card.id)!.stopped ?? timers.get(card.id)!.ends)
        : (done.get(card.id) ?? null),
    )
    return ends.some(end => end === null) ? null : Math.max(-Infinity, ...(ends as number[]))
  }
  const isTaskOver = (task: string) => {
    const end = endOf(task)
    return end !== null && end <= now
  }
  // A wait may follow a wait: settled in so many rounds as there are.
  for (let round = 0; round <= waits.length; round++) {
    let more = false
    for (const card of waits) {
      if (timers.has(card.id) || (done.has(card.id) && !begun.has(card.id))) continue
      const ends = card.after.map(endOf)
      const start =
        begun.get(card.id) ??
        (begunByHand(card) || ends.some(end => end === null)
          ? null
          : Math.max(...(ends as number[])))
      if (start === null || start > now) continue
      timers.set(
        card.id,
        timerOf(
          card.id,
          (several && card.title ? `${card.title}: ` : '') +
            (card.kind === 'bake' ? 'in the oven' : card.short),
          card.id,
          start,
          card.minutes,
          card.marks,
          log,
        ),
      )
      more = true
    }
    if (!more) break
  }
  // What is taken out is out: the bake is over with it.
  for (const [id, timer] of timers) {
    const followers = making.cards.filter(
      card => card.after.includes(timer.card ?? '') && done.has(card.id),
    )
    if (timer.stopped === null && followers.length)
      timers.set(id, {
        ...timer,
        stopped: Math.max(timer.begun, Math.min(...followers.map(f => done.get(f.id)!))),
      })
  }
  const heats = making.cards
    .filter(card => card.kind === 'heat' && done.has(card.id) && !out.has(card.id))
    .map(card =>
      timerOf(
        card.id,
        card.says.replace(/\.$/u, ''),
        card.id,
        done.get(card.id)!,
        card.minutes,
        [],
        log,
      ),
    )
  // An oven that something bakes in is hot.
  const firstBake = Math.min(
    Infinity,
    ...[...timers.values()]
      .filter(t => making.cards.find(c => c.id === t.card)?.kind === 'bake')
      .map(t => t.begun),
  )
  const all = [
    ...timers.values(),
    ...heats.map(t =>
      t.stopped === null && firstBake < Infinity && t.begun <= firstBake
        ? { ...t, stopped: firstBake }
        : t,
    ),
    ...own.map(t => timerOf(t.id, t.says, null, t.at, t.minutes, [], log)),
  ]

  const placed = making.cards.map((card): PlacedCard => {
    const timer = timers.get(card.id)
    const leftOut = out.has(card.id)
    const since = timer
      ? isOver(timer, now)
        ? (timer.stopped ?? timer.ends)
        : null
      : (done.get(card.id) ?? null)
    const is =
      since !== null ? 'over' : timer ? 'running' : card.after.every(isTaskOver) ? 'ready' : 'later'
    return {
      card,
      is,
      leftOut,
      since: since === null ? null : here(since),
      wanted: wantedOf(card),
      got: got.get(card.id) ?? null,
    }
  })
  const open = placed.filter(p => isAttended(p.card) && (p.is === 'ready' || p.is === 'later'))
  const ready = open.filter(p => p.is === 'ready')
  const current =
    open.find(p => p.card.id === gone) ?? ready.find(p => p.card.id === inHand) ?? ready[0] ?? null
  const attended = placed.filter(p => isAttended(p.card))
  /** The nearest longest wait that a card ends. */
  const limitOf = (card: Card | undefined) =>
    (card?.within ?? [])
      .flatMap(w => {
        const end = endOf(w.task)
        return end !== null && end <= now
          ? [{ moment: here(end + w.minutes), because: w.because }]
          : []
      })
      .sort((a, b) => a.moment - b.moment)[0] ?? null
  const calling =
    ready
      .filter(p => p !== current)
      .flatMap(placed => {
        const limit = limitOf(placed.card)
        return limit ? [{ placed, ...limit }] : []
      })
      .sort((a, b) => a.moment - b.moment)[0] ?? null
  const lastAt = Math.max(
    making.begun,
    ...log.filter(h => h.do !== 'go' && h.do !== 'clock').map(h => h.at),
  )
  const onClock = (timer: Timer): Timer => ({
    ...timer,
    begun: here(timer.begun),
    ends: here(timer.ends),
    stopped: timer.stopped === null ? null : here(timer.stopped),
    marks: timer.marks.map(mark => ({ ...mark, moment: here(mark.moment) })),
  })
  const onClockTimers = all.map(onClock).sort((a, b) => a.ends - b.ends)
  return {
    cards: placed,
    current,
    next: open.filter(p => p !== current).slice(0, 2),
    gone: current !== null && current.card.id === gone,
    done: attended.filter(p => p.is === 'over' || p.is === 'running').length,
    of: attended.length,
    timers: onClockTimers,
    calls: callsOf(onClockTimers, nowOnClock),
    calling,
    deadline: limitOf(current?.card),
    factors,
    finished: finished === null ? null : here(finished),
    happened: happenedOf(
      making,
      placed,
      onClockTimers,
      here(lastAt),
      current && (current.card.id === gone || here(current.card.starts) <= nowOnClock + 1)
        ? current
        : null,
    ),
    lastAt: here(lastAt),
  }
}

/**
 * The same for the day: which of its tasks have begun and are over. What is weighed in has begun
 * with its first thing; what hands do (`at`), since the last that was said.
 */
function happenedOf(
  making: Making,
  placed: readonly PlacedCard[],
  timers: readonly Timer[],
  lastAt: Moment,
  at: PlacedCard | null,
): Happened {
  const found: Record<string, { from: Moment; to: Moment | null }> = {}
  const byTask = new Map<string, PlacedCard[]>()
  for (const p of placed)
    if (p.card.kind !== 'heat' && p.card.kind !== 'measure')
      byTask.set(p.card.task, [...(byTask.get(p.card.task) ?? []), p])
  for (const [task, cards] of byTask) {
    const timer = timers.find(t => t.card === cards[0]!.card.id)
    const over = cards.filter(p => p.is === 'over')
    const ended = over.length === cards.length ? Math.max(...over.map(p => p.since!)) : null
    if (timer) {
      found[task] = { from: timer.begun, to: ended }
      for (const also of cards[0]!.card.also ?? [])
        found[also] = { from: timer.begun, to: timer.begun }
    } else if (ended !== null)
      found[task] = {
        from: Math.max(making.begun, ended - cards.reduce((sum, p) => sum + p.card.minutes, 0)),
        to: ended,
      }
    else if (over.length || (at && cards.includes(at) && at.is === 'ready'))
      found[task] = { from: lastAt - over.reduce((sum, p) => sum + p.card.minutes, 0), to: null }
  }
  return found
}
