import type { Plan } from '#core/swap'

interface Move {
  readonly lineId: string
  readonly grams: number
}

/** Moves amounts of a plan by hand: only the newest of many quick moves is worked out. */
export function useNudging(plan: Ref<Plan | null>) {
  const plans = usePlans()
  let waiting: Move | null = null
  let moving = false
  return async (lineId: string, grams: number) => {
    waiting = { lineId, grams }
    if (moving) return
    moving = true
    try {
      while (waiting && plan.value) {
        const next: Move = waiting
        waiting = null
        await plans.nudge(plan.value, next.lineId, next.grams)
      }
    } finally {
      moving = false
    }
  }
}
