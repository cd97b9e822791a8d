import type { Minutes } from '../measure'
import type { Moment, PlannedDay } from './options'

/**
 * What happens when everything begins so many minutes late: the same order, each as soon as it can;
 * the new serving hour, and which longest waits are passed.
 */
export function ifLate(
  plan: PlannedDay,
  late: Minutes,
): { readonly serve: Moment; readonly over: readonly string[] } {
  const at = new Map(plan.tasks.map(t => [t.id, t.starts]))
  const byId = new Map(plan.tasks.map(t => [t.id, t]))
  const order = [...plan.tasks]
  const moved = new Map<string, Moment>()
  let hands = -Infinity
  for (const task of order) {
    let starts = Math.max(
      at.get(task.id)!,
      task.starts === plan.start ? plan.start + late : -Infinity,
    )
    for (const rule of plan.rules)
      if (rule.to === task.id && rule.least >= 0 && moved.has(rule.from))
        starts = Math.max(starts, moved.get(rule.from)! + rule.least)
    if (task.hands) {
      starts = Math.max(starts, hands, plan.start + late)
      hands = starts + task.minutes
    }
    moved.set(task.id, starts)
  }
  const over = plan.rules
    .filter(
      rule => rule.least < 0 && moved.get(rule.to)! - moved.get(rule.from)! < rule.least - 1e-6,
    )
    .map(rule => rule.because)
  return {
    serve: Math.max(
      ...[...moved].filter(([id]) => byId.get(id)!.kind === 'serve').map(([, t]) => t),
    ),
    over: [...new Set(over)],
  }
}
