import type { Happened, Moment } from '../day'
import type { PlacedCard } from './placed'
import type { Making } from './making'
import type { Timer } from './timers'

/**
 * Where a making stands, for the day: which of its tasks have begun and are over. What is weighed in
 * has begun with its first thing; what hands do (`at`), since the last that was said.
 */
export function happenedOf(
  making: Making,
  placed: readonly PlacedCard[],
  timers: readonly Timer[],
  { lastAt, at }: { readonly lastAt: Moment; readonly at: PlacedCard | null },
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
