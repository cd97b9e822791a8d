import { weightText, type Celsius, type Grams, type Minutes } from '../measure'
import type { Moment } from '../day'
import { bakeLoss, bakeLossFor, bakeLossRowOf } from './loss'
import type { Making } from './making'
import { counterState } from './counter'

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

/**
 * The record of one bake of a making, as far as it has come; what was noted beside no card goes
 * with each.
 */
export function madeOf(making: Making, bake: string, now: Moment): Made {
  const counter = counterState(making, now)
  const mine = counter.cards.filter(p => p.card.bake === bake)
  const ids = new Set(mine.map(p => p.card.id))
  const weights = mine.flatMap((p): MadeWeight[] =>
    p.card.item
      ? [
          {
            lineId: p.card.item.lineId,
            name: p.card.item.name,
            wanted: p.card.item.grams,
            got: p.got,
            leftOut: p.leftOut,
          },
        ]
      : [],
  )
  const times = mine.flatMap((p): MadeTime[] => {
    const timer = counter.timers.find(t => t.card === p.card.id)
    return timer && p.since !== null
      ? [
          {
            task: p.card.task,
            says: p.card.kind === 'bake' ? 'in the oven' : p.card.short,
            planned: p.card.minutes,
            took: Math.round(10 * (p.since - timer.begun)) / 10,
            celsius: p.card.celsius,
          },
        ]
      : []
  })
  const measured = (card: string) =>
    making.log.findLast(h => h.do === 'measured' && h.card === card)
  const grams = (card: string) => {
    const h = measured(card)
    return h?.do === 'measured' ? h.grams : null
  }
  const losses = mine.flatMap((p): Made['losses'][number][] => {
    const row = p.card.weighing?.when === 'after' ? bakeLossRowOf(p.card.weighing.row) : undefined
    const after = grams(p.card.id)
    if (row && after !== null) {
      const loss = bakeLossFor(row, grams(p.card.weighing!.other), after, 0)
      return loss.is === 'odd'
        ? []
        : [
            {
              of: row.of,
              share: row.by === 'weight' ? loss.lost : null,
              per100: loss.per100,
              usual: row.lost,
            },
          ]
    }
    if (p.card.kind === 'bake' && p.card.loses) {
      const [before, gone] = [grams(p.card.id), grams(`${p.card.id}:out`)]
      const share =
        before !== null && gone !== null ? bakeLoss(before, gone, p.card.loses.grams) : null
      return share === null
        ? []
        : [{ of: 'the bake', share, per100: null, usual: p.card.loses.share }]
    }
    return []
  })
  const felt = making.log.flatMap(h => (h.do === 'felt' && ids.has(h.card) ? [h.celsius] : []))
  const factor = counter.factors[bake] ?? 1
  const differs = [
    ...(Math.abs(factor - 1) > 0.005
      ? [
          `Everything was made ${Math.abs(Math.round(100 * (factor - 1)))} % ` +
            `${factor > 1 ? 'larger' : 'smaller'}.`,
        ]
      : []),
    ...weights.flatMap(w => {
      if (w.leftOut) return [`${w.name} was left out.`]
      return w.wanted &&
        w.got !== null &&
        Math.abs(w.got - w.wanted * factor) > Math.max(1, 0.02 * w.wanted * factor)
        ? [`${w.name}: ${weightText(w.got)} instead of ${weightText(w.wanted * factor)}.`]
        : []
    }),
    ...times.flatMap(t =>
      Math.abs(t.took - t.planned) >= Math.max(2, 0.05 * t.planned)
        ? [
            `${t.says.charAt(0).toUpperCase()}${t.says.slice(1)}: ${Math.round(t.took)} ` +
              `min, ${plus(Math.round(t.took - t.planned))} than planned.`,
          ]
        : [],
    ),
    ...losses.flatMap(l =>
      l.share !== null && (l.share < l.usual[0] || l.share > l.usual[1])
        ? [
            `Of ${l.of} ${Math.round(100 * l.share)} % went, usual are ` +
              `${Math.round(100 * l.usual[0])}–${Math.round(100 * l.usual[1])} %.`,
          ]
        : [],
    ),
    ...mine.flatMap(p =>
      p.leftOut && !p.card.item && p.card.kind !== 'measure'
        ? [`“${p.card.short}” was left out.`]
        : [],
    ),
  ]
  const belongs = (card: string) => ids.has(card) || !card
  return {
    making: making.id,
    bake,
    begun: making.begun,
    finished: counter.finished ?? now,
    weights,
    times,
    losses,
    warmest: felt.length ? Math.max(...felt) : null,
    notes: making.log.flatMap(h =>
      h.do === 'note' && belongs(h.card)
        ? [{ at: h.at, beside: making.cards.find(c => c.id === h.card)?.short ?? '', text: h.text }]
        : [],
    ),
    photos: making.log.flatMap(h => (h.do === 'photo' && belongs(h.card) ? [h.photo] : [])),
    differs,
  }
}
