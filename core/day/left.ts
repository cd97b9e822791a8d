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

/** What has happened, as the rules ask for it. */
class Been {
  private readonly was: ReadonlyMap<string, DayTask>
  constructor(
    tasks: readonly DayTask[],
    readonly happened: Happened,
    readonly now: number,
  ) {
    this.was = new Map(tasks.map(task => [task.id, task]))
  }

  has(id: string): boolean {
    return this.happened[id] !== undefined
  }
  isOver(id: string): boolean {
    return this.has(id) && this.happened[id]!.to !== null
  }
  minutes(id: string): Minutes {
    return this.was.get(id)!.minutes
  }
  /** When it was, or will be, over. */
  endOf(id: string): number {
    const { from, to } = this.happened[id]!
    return to ?? Math.max(from + this.minutes(id), this.now + atLeast)
  }
}

/**
 * A shortest wait after what has begun: the hour before which the other may not begin. What waits
 * for less than its whole counts from its beginning.
 */
function soonest(been: Been, { from, to, least, because }: DayRule): Bound {
  const rest = least - been.minutes(from)
  const soon = rest < 0 ? been.happened[from]!.from + least : been.endOf(from) + rest
  const notBefore = Math.max(been.now, soon)
  return { task: to, notBefore, overBy: null, because }
}

/** The moment by which a longest wait lets `from` begin, counted from the end that `to` had. */
const latestStart = (been: Been, { to, least }: DayRule): number =>
  been.endOf(to) + Math.max(0, -least - been.minutes(to))

const goesOn = (been: Been, task: DayTask): Bound => ({
  task: task.id,
  notBefore: been.now,
  overBy: been.now + task.minutes,
  because: `“${task.short}” is going on`,
})

/** What is left of it: whole, or the rest of what goes on. */
const restOf = (been: Been, task: DayTask): DayTask =>
  been.has(task.id)
    ? { ...task, minutes: been.endOf(task.id) - been.now, usual: task.usual ?? task.minutes }
    : task

/**
 * What is left of a day at `now`: tasks that are over are gone, those that go on have only their
 * rest before them, and what bound others to them has become an hour. A rule that waits for an end
 * waits for the end that it had; whatever else was begun out of order stands as it is.
 */
export function leftOf(
  tasks: readonly DayTask[],
  rules: readonly DayRule[],
  happened: Happened,
  now: number,
): Left {
  const been = new Been(tasks, happened, now)
  const left = tasks.filter(task => !been.isOver(task.id)).map(task => restOf(been, task))
  const between = rules.filter(rule => been.has(rule.from) !== been.has(rule.to))
  const begun = between.filter(rule => been.has(rule.from) && rule.least >= 0)
  const longest = between.filter(rule => been.has(rule.to) && rule.least < 0)
  const isPast = (rule: DayRule) => latestStart(been, rule) < now - 1e-6
  const inTime = (rule: DayRule): Bound => ({
    task: rule.from,
    notBefore: null,
    overBy: latestStart(been, rule) + been.minutes(rule.from),
    because: rule.because,
  })
  return {
    tasks: left,
    rules: rules.filter(rule => !been.has(rule.from) && !been.has(rule.to)),
    bounds: [
      ...left.filter(task => been.has(task.id)).map(task => goesOn(been, task)),
      ...begun.map(rule => soonest(been, rule)),
      ...longest.filter(rule => !isPast(rule)).map(inTime),
    ],
    over: longest.filter(isPast).map(({ from, because }) => ({ task: from, because })),
  }
}
