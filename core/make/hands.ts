import type { Took } from '../day'
import type { Making } from './making'

/**
 * Shorter than a fifth of what was planned nobody looked at it; longer than four times somebody was
 * elsewhere. Below two minutes a moment decides. [I]
 */
const counts = { least: 0.2, most: 4, from: 2 }

/**
 * How long hands took for each kind of work: from what was said before to its tick. What was
 * planned is what the day had.
 */
export function handsTook(making: Making): readonly Took[] {
  const task = new Map(
    making.cards
      .filter(card => card.kind === 'do' || card.kind === 'weigh')
      .map(card => [card.id, card] as const),
  )
  const sums = new Map<string, Took>()
  let last = making.begun
  for (const h of making.log) {
    if (h.do === 'go' || h.do === 'felt' || h.do === 'heard') continue
    const card = h.do === 'done' ? task.get(h.card) : undefined
    if (card) {
      const so = sums.get(card.task) ?? {
        short: card.kind === 'weigh' ? 'weigh in' : card.short,
        planned: 0,
        took: 0,
      }
      sums.set(card.task, {
        ...so,
        planned: so.planned + card.minutes,
        took: so.took + Math.max(0, h.at - last),
      })
    }
    if (h.do !== 'weighed' && h.do !== 'measured') last = h.at
  }
  return [...sums.values()].filter(
    each =>
      each.planned >= counts.from &&
      each.took >= counts.least * each.planned &&
      each.took <= counts.most * each.planned,
  )
}
