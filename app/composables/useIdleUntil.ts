import type { DayPlan } from '#core/day'
import type { Card } from '#core/make'

/** So many minutes early, a card may as well be begun. */
const soon = 4

/**
 * When the plan wants the current card of the counter, in minutes since 1970, where that is not yet;
 * null where it may be begun. Until the `rest` of the day is placed, the hours are those of the plan.
 */
export function useIdleUntil(rest: Ref<Extract<DayPlan, { ok: true }> | null>) {
  const make = useMakeStore()
  function startOf(card: Card) {
    if (!rest.value) return card.starts
    if (card.kind === 'heat') return rest.value.preheats.find(p => p.celsius === card.celsius)?.at
    return rest.value.tasks.find(task => task.id === card.task)?.starts
  }
  return computed(() => {
    const at = make.counter
    if (!at || at.gone || at.finished !== null) return null
    if (!at.current) {
      const running = at.timers.find(timer => timer.stopped === null && timer.ends > make.now)
      return running?.ends ?? null
    }
    const { card } = at.current
    const starts = startOf(card)
    const isBegun = at.cards.some(placed => placed.card.task === card.task && placed.is === 'over')
    return starts !== undefined && starts - make.now > soon && !isBegun ? starts : null
  })
}
