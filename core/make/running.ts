import type { Moment } from '../day'
import type { Card } from './card'
import type { Told } from './told'
import { timerOf, type Timer } from './timers'

/** What runs by itself: waits, bakes, the oven that heats, and timers of one's own. */
export interface Running {
  readonly timers: readonly Timer[]
  /** The timer of a wait or a bake, by its card. */
  readonly ofCard: ReadonlyMap<string, Timer>
  /** When a task is over, or will be; null where it is not begun. Of several cards the last ends it. */
  readonly endOf: (task: string) => Moment | null
}

/** A card that hands end. A wait that follows nothing is begun by hand, as a bake is. */
export const begunByHand = (card: Card): boolean =>
  card.kind === 'bake' || (card.kind === 'wait' && card.after.length === 0)

/** The timers at a moment of the steady clock. */
export function runningOf(cards: readonly Card[], told: Told, now: Moment): Running {
  const ofCard = new Map<string, Timer>()
  const endOf = endsBy(cards, told, ofCard)
  startWaits({ cards, told, now, ofCard, endOf })
  stopTakenOut(cards, told, ofCard)
  const own = told.ownTimers.map(t =>
    timerOf({
      id: t.id,
      says: t.says,
      card: null,
      begun: t.at,
      minutes: t.minutes,
      marks: [],
      log: told.log,
    }),
  )
  return { timers: [...ofCard.values(), ...heatsOf(cards, told, ofCard), ...own], ofCard, endOf }
}

function endsBy(
  cards: readonly Card[],
  told: Told,
  ofCard: ReadonlyMap<string, Timer>,
): Running['endOf'] {
  const ofTask = new Map<string, Card[]>()
  for (const card of cards) ofTask.set(card.task, [...(ofTask.get(card.task) ?? []), card])
  const endOfCard = ({ id }: Card): Moment | null => {
    const timer = ofCard.get(id)
    return timer ? (timer.stopped ?? timer.ends) : (told.done.get(id) ?? null)
  }
  return task => {
    const ends = (ofTask.get(task) ?? []).map(endOfCard)
    return ends.some(end => end === null) ? null : Math.max(-Infinity, ...(ends as number[]))
  }
}

interface Starting {
  readonly cards: readonly Card[]
  readonly told: Told
  readonly now: Moment
  readonly ofCard: Map<string, Timer>
  readonly endOf: Running['endOf']
}

/** Starts whatever waits or bakes by now. A wait may follow a wait: as many rounds as there are waits. */
function startWaits({ cards, told, now, ofCard, endOf }: Starting): void {
  const waits = cards.filter(card => card.kind === 'wait' || card.kind === 'bake')
  const bakes = new Set(cards.map(card => card.bake).filter(Boolean))
  const startOf = (card: Card): Moment | null => {
    const byHand = told.begun.get(card.id)
    if (byHand !== undefined) return byHand
    const ends = card.after.map(endOf)
    const isHeldUp = begunByHand(card) || ends.some(end => end === null)
    return isHeldUp ? null : Math.max(...(ends as number[]))
  }
  const isSettled = ({ id }: Card) => ofCard.has(id) || (told.done.has(id) && !told.begun.has(id))
  for (let round = 0, more = true; more && round <= waits.length; round++) {
    more = false
    for (const card of waits) {
      const start = isSettled(card) ? null : startOf(card)
      if (start === null || start > now) continue
      const whose = bakes.size > 1 && card.title ? `${card.title}: ` : ''
      const what = card.kind === 'bake' ? 'in the oven' : card.short
      const { id, minutes, marks } = card
      ofCard.set(
        id,
        timerOf({ id, says: whose + what, card: id, begun: start, minutes, marks, log: told.log }),
      )
      more = true
    }
  }
}

/** What is taken out is out: a bake is over with whatever follows it. */
function stopTakenOut(cards: readonly Card[], told: Told, ofCard: Map<string, Timer>): void {
  for (const [id, timer] of ofCard) {
    const followed = cards
      .filter(card => card.after.includes(timer.card ?? '') && told.done.has(card.id))
      .map(card => told.done.get(card.id)!)
    if (timer.stopped === null && followed.length)
      ofCard.set(id, { ...timer, stopped: Math.max(timer.begun, Math.min(...followed)) })
  }
}

/** The heating of the oven. An oven that something bakes in is hot. */
function heatsOf(
  cards: readonly Card[],
  told: Told,
  ofCard: ReadonlyMap<string, Timer>,
): readonly Timer[] {
  const isBake = (timer: Timer) => cards.find(card => card.id === timer.card)?.kind === 'bake'
  const bakes = [...ofCard.values()].filter(isBake)
  const firstBake = Math.min(Infinity, ...bakes.map(timer => timer.begun))
  return cards
    .filter(({ kind, id }) => kind === 'heat' && told.done.has(id) && !told.leftOut.has(id))
    .map(({ id, says, minutes }) =>
      timerOf({
        id,
        says: says.replace(/\.$/u, ''),
        card: id,
        begun: told.done.get(id)!,
        minutes,
        marks: [],
        log: told.log,
      }),
    )
    .map(timer =>
      timer.stopped === null && firstBake < Infinity && timer.begun <= firstBake
        ? { ...timer, stopped: firstBake }
        : timer,
    )
}
