import { circleIn } from './circle'
import type { DayRule, DayTask } from './task'

/**
 * The rules of a bake without those that its own words make impossible ("spoon over while it is
 * warm", an hour after it was to be left): of each circle that cannot be kept, the longest wait
 * goes, since what comes after what is its order. `gives` says which went. Rules in minutes from
 * start to start.
 */
export function consistent(
  tasks: readonly DayTask[],
  rules: readonly DayRule[],
): { readonly rules: readonly DayRule[]; readonly gives: readonly string[] } {
  const at = new Map(tasks.map((task, i) => [task.id, i]))
  const gives: string[] = []
  let kept = [...rules]
  for (let round = 0; round < rules.length; round++) {
    const circle = circleIn({
      minutes: tasks.map(task => task.minutes),
      arcs: kept.map((rule, n) => ({
        from: at.get(rule.from)!,
        to: at.get(rule.to)!,
        least: rule.least,
        rule: n,
      })),
      single: [],
      shared: [],
      settings: new Map(),
      change: 0,
      awake: [],
      closed: [],
      counted: [],
      early: [],
      horizon: 0,
    })
    const longest = circle
      .filter(n => kept[n]!.least < 0)
      .sort((a, b) => kept[a]!.least - kept[b]!.least)[0]
    if (longest === undefined) break
    gives.push(kept[longest]!.because)
    kept = kept.filter((_, n) => n !== longest)
  }
  return { rules: kept, gives: [...new Set(gives)] }
}
