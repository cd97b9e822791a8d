import type { DayOptions, Moment } from './options'
import type { Arc, Problem } from './problem'
import { heatChange } from './tables/durations'
import type { DayTask } from './task'
import type { Day } from './whole-day'

/** Minutes that a day may take at most, from its first task to its last. */
const longest = 100 * 24 * 60

/** From where the minutes of a problem count: against time from the serving hour, or with it from now. */
export interface Anchor {
  readonly at: Moment
  readonly backwards: boolean
}
/** An hour that a task is bound to: it begins no earlier, it is over no later; null: not bound. */
interface Hour {
  readonly task: number
  readonly earliest?: Moment | null
  readonly latestEnd?: Moment | null
  readonly because: string
}

/** The rules of the day as arcs. */
function arcsOf({ tasks, rules }: Day, backwards: boolean, placeOf: (id: string) => number): Arc[] {
  const minutes = [0, ...tasks.map(task => task.minutes)]
  const afterAnchor = tasks.map((_, i): Arc => ({ from: 0, to: i + 1, least: 0, rule: -1 }))
  const ofRules = rules.map(({ from, to, least }, rule): Arc => {
    const [a, b] = [placeOf(from), placeOf(to)]
    return backwards
      ? { from: b, to: a, least: least + minutes[b]! - minutes[a]!, rule }
      : { from: a, to: b, least, rule }
  })
  return [...afterAnchor, ...ofRules]
}
/** Hours by the wishes, by now, by the serving, and by what has happened. */
function hoursOf(
  { tasks, bounds = [] }: Day,
  { at, backwards }: Anchor,
  { wishes, now = null }: DayOptions,
  placeOf: (id: string) => number,
): Hour[] {
  const says = (task: DayTask) => (task.kind === 'serve' ? 'the serving' : `“${task.short}”`)
  const ofTask = (each: DayTask, i: number): Hour[] => {
    const task = i + 1
    const earliest = wishes?.notBefore?.[each.id]
    const latestEnd = wishes?.outBy?.[each.id]
    const isServed = backwards && each.kind === 'serve'
    return [
      { task, earliest, because: `${says(each)} is not to begin before its hour` },
      { task, latestEnd, because: `${says(each)} must be over by its hour` },
      { task, earliest: backwards ? now : null, because: 'nothing can begin before now' },
      { task, earliest: isServed ? at : null, because: 'on the table at that hour' },
    ]
  }
  const ofBounds = bounds.map(({ task, notBefore, overBy, because }): Hour => ({
    task: placeOf(task),
    earliest: notBefore,
    latestEnd: overBy,
    because,
  }))
  return [...tasks.flatMap(ofTask), ...ofBounds]
}
/** An hour as arcs from or to the anchor: x = anchor − start − p against time, start − anchor with it. */
function arcsOfHour(
  { task, earliest, latestEnd }: Hour,
  { at, backwards }: Anchor,
  minutes: number,
) {
  const arcs: Omit<Arc, 'rule'>[] = []
  if (earliest !== null && earliest !== undefined)
    arcs.push(
      backwards
        ? { from: task, to: 0, least: -(at - earliest - minutes) }
        : { from: 0, to: task, least: earliest - at },
    )
  if (latestEnd !== null && latestEnd !== undefined)
    arcs.push(
      backwards
        ? { from: 0, to: task, least: at - latestEnd }
        : { from: task, to: 0, least: -(latestEnd - at - minutes) },
    )
  return arcs
}

/**
 * The problem in minutes from an anchor. Task 0 is the anchor. `why` says of each rule, by its
 * number, what it stands for; hours come after the rules of the day.
 */
export function problemOf(
  day: Day,
  anchor: Anchor,
  options: DayOptions,
): { readonly problem: Problem; readonly why: readonly string[] } {
  const { tasks, rules } = day
  const { at, backwards } = anchor
  const places = new Map(tasks.map((task, i) => [task.id, i + 1]))
  const placeOf = (id: string) => places.get(id)!
  const minutes = [0, ...tasks.map(task => task.minutes)]
  const why = rules.map(rule => rule.because)
  const arcs = arcsOf(day, backwards, placeOf)
  for (const hour of hoursOf(day, anchor, options, placeOf))
    for (const arc of arcsOfHour(hour, anchor, minutes[hour.task]!)) {
      arcs.push({ ...arc, rule: why.length })
      why.push(hour.because)
    }
  const where = (test: (task: DayTask) => boolean) =>
    tasks.flatMap((task, i) => (test(task) && task.minutes > 0 ? [i + 1] : []))
  const hands = where(task => task.hands)
  // Half a tray is the smallest share of the oven.
  const racks = 2 * Math.max(1, options.kitchen?.tray.atOnce ?? 1)
  const inOven = where(task => task.racks > 0)
  const bakes = where(task => task.kind === 'bake' && task.celsius !== null)
  const nights = (options.asleep ?? []).map(([from, to]): [number, number] =>
    backwards ? [at - to, at - from] : [from - at, to - at],
  )
  return {
    why,
    problem: {
      minutes,
      arcs,
      single: [hands, where(task => task.mixer)],
      shared: [
        {
          most: racks,
          needs: new Map(inOven.map(i => [i, Math.min(tasks[i - 1]!.racks, racks)])),
        },
      ],
      settings: new Map(bakes.map(i => [i, tasks[i - 1]!.celsius!])),
      change: heatChange,
      awake: hands,
      closed: nights.filter(([, to]) => to > 0),
      counted: tasks.map((_, i) => i + 1),
      early: backwards ? hands : [],
      horizon: longest,
    },
  }
}
