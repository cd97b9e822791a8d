import { weightText, type Celsius, type Grams, type Minutes } from '../measure'
import type { Moment } from '../day'
import { bakeLoss, bakeLossFor, bakeLossRowOf } from './loss'
import type { Making } from './making'
import { counterState } from './counter'
import type { PlacedCard } from './placed'
import type { Timer } from './timers'

export interface MadeWeight {
  readonly lineId: string
  readonly name: string
  readonly wanted: Grams | null
  readonly got: Grams | null
  readonly leftOut: boolean
}
/** How long something took beside what was planned: a bake or a wait from its beginning to its end. */
export interface MadeTime {
  readonly task: string
  readonly says: string
  readonly planned: Minutes
  readonly took: Minutes
  readonly celsius: Celsius | null
}

/** What really happened, of one bake of a making. */
export interface Made {
  readonly making: string
  readonly bake: string
  readonly begun: Moment
  readonly finished: Moment
  readonly weights: readonly MadeWeight[]
  readonly times: readonly MadeTime[]
  readonly losses: readonly {
    readonly of: string
    readonly share: number | null
    readonly per100: Grams | null
    readonly usual: readonly [number, number]
  }[]
  readonly warmest: Celsius | null
  readonly notes: readonly { readonly at: Moment; readonly beside: string; readonly text: string }[]
  readonly photos: readonly string[]
  /** In sentences: what was not as it was planned. */
  readonly differs: readonly string[]
}

const plus = (n: number) => (n > 0 ? `${n} more` : `${-n} less`)

const weightIn = ({ card: { item }, got, leftOut }: PlacedCard): MadeWeight[] =>
  item ? [{ lineId: item.lineId, name: item.name, wanted: item.grams, got, leftOut }] : []
function timeIn({ card, since }: PlacedCard, timers: readonly Timer[]): MadeTime[] {
  const timer = timers.find(t => t.card === card.id)
  if (!timer || since === null) return []
  return [
    {
      task: card.task,
      says: card.kind === 'bake' ? 'in the oven' : card.short,
      planned: card.minutes,
      took: Math.round(10 * (since - timer.begun)) / 10,
      celsius: card.celsius,
    },
  ]
}
type MadeLoss = Made['losses'][number]
/** What went in the oven, by a weighing before and after it. */
function lossIn({ card }: PlacedCard, grams: (card: string) => Grams | null): MadeLoss[] {
  const { weighing, kind, loses } = card
  const row = weighing?.when === 'after' ? bakeLossRowOf(weighing.row) : undefined
  const after = grams(card.id)
  if (row && after !== null) {
    const loss = bakeLossFor(row, grams(weighing!.other), after, 0)
    const share = row.by === 'weight' ? loss.lost : null
    return loss.is === 'odd' ? [] : [{ of: row.of, share, per100: loss.per100, usual: row.lost }]
  }
  if (kind !== 'bake' || !loses) return []
  const out = grams(`${card.id}:out`)
  const share = after !== null && out !== null ? bakeLoss(after, out, loses.grams) : null
  return share === null ? [] : [{ of: 'the bake', share, per100: null, usual: loses.share }]
}
/** Above so much of a factor everything was made larger; a weight is off by more than this. */
const worthSaying = { factor: 0.005, share: 0.02, grams: 1, minutes: 2, time: 0.05 }
const percentOf = (share: number) => Math.round(100 * share)

/** Everything that was otherwise than planned, in sentences. */
function differsIn(
  { weights, times, losses }: Pick<Made, 'weights' | 'times' | 'losses'>,
  factor: number,
  mine: readonly PlacedCard[],
): string[] {
  const size = () => {
    const how = factor > 1 ? 'larger' : 'smaller'
    return `Everything was made ${Math.abs(percentOf(factor - 1))} % ${how}.`
  }
  const ofWeight = ({ name, wanted, got, leftOut }: MadeWeight): string[] => {
    if (leftOut) return [`${name} was left out.`]
    if (!wanted || got === null) return []
    const meant = wanted * factor
    const isOff = Math.abs(got - meant) > Math.max(worthSaying.grams, worthSaying.share * meant)
    return isOff ? [`${name}: ${weightText(got)} instead of ${weightText(meant)}.`] : []
  }
  const ofTime = ({ says, took, planned }: MadeTime): string[] => {
    const by = took - planned
    if (Math.abs(by) < Math.max(worthSaying.minutes, worthSaying.time * planned)) return []
    const what = `${says.charAt(0).toUpperCase()}${says.slice(1)}`
    return [`${what}: ${Math.round(took)} min, ${plus(Math.round(by))} than planned.`]
  }
  const ofLoss = ({ of, share, usual: [low, high] }: MadeLoss): string[] =>
    share !== null && (share < low || share > high)
      ? [`Of ${of} ${percentOf(share)} % went, usual are ${percentOf(low)}–${percentOf(high)} %.`]
      : []
  const ofCard = ({ card, leftOut }: PlacedCard): string[] =>
    leftOut && !card.item && card.kind !== 'measure' ? [`“${card.short}” was left out.`] : []
  return [
    ...(Math.abs(factor - 1) > worthSaying.factor ? [size()] : []),
    ...weights.flatMap(ofWeight),
    ...times.flatMap(ofTime),
    ...losses.flatMap(ofLoss),
    ...mine.flatMap(ofCard),
  ]
}

/**
 * The record of one bake of a making, as far as it has come; what was noted beside no card goes
 * with each.
 */
export function madeOf(making: Making, bake: string, now: Moment): Made {
  const counter = counterState(making, now)
  const mine = counter.cards.filter(p => p.card.bake === bake)
  const ids = new Set(mine.map(p => p.card.id))
  const grams = (card: string) => {
    const h = making.log.findLast(each => each.do === 'measured' && each.card === card)
    return h?.do === 'measured' ? h.grams : null
  }
  const kept = {
    weights: mine.flatMap(weightIn),
    times: mine.flatMap(p => timeIn(p, counter.timers)),
    losses: mine.flatMap(p => lossIn(p, grams)),
  }
  const felt = making.log.flatMap(h => (h.do === 'felt' && ids.has(h.card) ? [h.celsius] : []))
  const belongs = (card: string) => ids.has(card) || !card
  const beside = (card: string) => making.cards.find(c => c.id === card)?.short ?? ''
  return {
    making: making.id,
    bake,
    begun: making.begun,
    finished: counter.finished ?? now,
    ...kept,
    warmest: felt.length ? Math.max(...felt) : null,
    notes: making.log.flatMap(h =>
      h.do === 'note' && belongs(h.card)
        ? [{ at: h.at, beside: beside(h.card), text: h.text }]
        : [],
    ),
    photos: making.log.flatMap(h => (h.do === 'photo' && belongs(h.card) ? [h.photo] : [])),
    differs: differsIn(kept, counter.factors[bake] ?? 1, mine),
  }
}
