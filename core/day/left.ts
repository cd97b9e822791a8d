import type { Minutes } from '../measure'
import type { DayRule, DayTask } from './task'

/**
 * What has happened to a day's tasks so far: begun when, over when; null while it still goes on. In
 * minutes since 1970.
 */
export type Happened = Readonly<
  Record<string, { readonly from: number; readonly to: number | null }>
>

/** An hour that a task is bound to by what happened: not to begin before, not to end after. */
export interface Bound {
  readonly task: string
  readonly notBefore: number | null
  readonly overBy: number | null
  readonly because: string
}

export interface Left {
  readonly tasks: readonly DayTask[]
  readonly rules: readonly DayRule[]
  readonly bounds: readonly Bound[]
  /** Longest waits that are past already: nothing keeps them any more. */
  readonly over: readonly { readonly task: string; readonly because: string }[]
}

/** What is going on takes at least so much longer: nobody ends anything in the past. */
const atLeast: Minutes = 0.5

/**
 * What is left of a day at `now`: tasks that are over are gone, those that go on have only their
 * rest before them, and what bound others to them has become an hour. A rule that waits for an end
 * waits for the end that it had.
 */
export function leftOf(
  tasks: readonly DayTask[],
  rules: readonly DayRule[],
  happened: Happened,
  now: number,
): Left {
  const was = new Map(tasks.map(task => [task.id, task]))
  /** When it was, or will be, over. */
  const endOf = (id: string): number => {
    const { from, to } = happened[id]!
    return to ?? Math.max(from + was.get(id)!.minutes, now + atLeast)
  }
  const isOver = (id: string) => happened[id] !== undefined && happened[id].to !== null
  const left = tasks
    .filter(task => !isOver(task.id))
    .map((task): DayTask =>
      happened[task.id]
        ? { ...task, minutes: endOf(task.id) - now, usual: task.usual ?? task.minutes }
        : task,
    )
  const bounds: Bound[] = left
    .filter(task => happened[task.id])
    .map(task => ({
      task: task.id,
      notBefore: now,
      overBy: now + task.minutes,
      because: `“${task.short}” is going on`,
    }))
  const kept: DayRule[] = []
  const over: Left['over'][number][] = []
  for (const rule of rules) {
    const [from, to] = [happened[rule.from], happened[rule.to]]
    if (from && to) continue
    if (!from && !to) {
      kept.push(rule)
      continue
    }
    if (from && rule.least >= 0)
      bounds.push({
        task: rule.to,
        notBefore: Math.max(
          now,
          endOf(rule.from) + Math.max(0, rule.least - was.get(rule.from)!.minutes),
        ),
        overBy: null,
        because: rule.because,
      })
    // The other way round: `rule.from` begins no later than so long after the end of what has been.
    else if (to && rule.least < 0) {
      const latest = endOf(rule.to) + Math.max(0, -rule.least - was.get(rule.to)!.minutes)
      if (latest < now - 1e-6) over.push({ task: rule.from, because: rule.because })
      else
        bounds.push({
          task: rule.from,
          notBefore: null,
          overBy: latest + was.get(rule.from)!.minutes,
          because: rule.because,
        })
    }
    // Whatever else was begun out of order stands as it is.
  }
  return {
    tasks: left,
    rules: kept,
    bounds: bounds.filter(bound => !happened[bound.task] || bound.because.endsWith('is going on')),
    over,
  }
}
