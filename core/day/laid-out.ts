import type { Minutes } from '../measure'
import type { Anchor } from './as-problem'
import type { DayOptions, Moment, PlacedTask, PlannedDay, Preheat } from './options'
import { faultsOf, type Problem } from './problem'
import type { Placing } from './search'
import { preheat } from './tables/durations'
import type { Day } from './whole-day'

const justEnough = 5
/** A pause of so many minutes is none of a baking day: what was made ahead keeps by itself. */
const pause = 360
/** From the first task to the last, without the days between. */
function atWork(tasks: readonly PlacedTask[]): Minutes {
  let [sum, from, to] = [0, Number.NaN, -Infinity]
  for (const task of tasks.filter(t => !/\/kept$/u.test(t.id))) {
    if (task.starts > to + pause) {
      if (to > -Infinity) sum += to - from
      from = task.starts
      to = task.ends
    } else to = Math.max(to, task.ends)
  }
  return to > -Infinity ? sum + to - from : 0
}

/** How much later in time a task could begin with all others where they are. */
function slackOf(
  problem: Problem,
  x: ArrayLike<number>,
  task: number,
  backwards: boolean,
): Minutes {
  let room = Infinity
  const p = problem.minutes
  for (const { from, to, least } of problem.arcs) {
    if (backwards && to === task) room = Math.min(room, x[task]! - x[from]! - least)
    if (!backwards && from === task) room = Math.min(room, x[to]! - x[task]! - least)
  }
  const rivals = problem.single.filter(group => group.includes(task)).flat()
  for (const other of rivals) {
    if (other === task) continue
    const gap = backwards ? x[task]! - x[other]! - p[other]! : x[other]! - x[task]! - p[task]!
    if (gap >= -1e-6) room = Math.min(room, gap)
  }
  return Math.max(0, Math.round(room))
}

/** A placing that is laid out as a plan. */
interface LaidOut {
  readonly day: Day
  readonly problem: Problem
  readonly placing: Placing
  readonly anchor: Anchor
  readonly asleep: DayOptions['asleep']
  readonly proven: boolean
  readonly bound: number
}
/** After so long without a bake the oven is cold and heated anew, in minutes. */
const coldAfter = 30

/** The tasks at their hours, in the order of time; what lies before the last night is of the evening. */
function placedTasks({ day, problem, placing: { x }, anchor, asleep = [] }: LaidOut): PlacedTask[] {
  const { at, backwards } = anchor
  const begin = (i: number) => (backwards ? at - x[i]! - problem.minutes[i]! : at + x[i]!)
  const last = Math.max(...day.tasks.map((task, i) => begin(i + 1) + task.minutes))
  const ended = asleep.map(([, to]) => to).filter(to => to <= last)
  const lastNight = Math.max(-Infinity, ...ended)
  return day.tasks
    .map((task, i): PlacedTask => {
      const starts = begin(i + 1)
      const ends = starts + task.minutes
      return {
        ...task,
        starts,
        ends,
        slack: slackOf(problem, x, i + 1, backwards),
        evening: starts < lastNight && (task.hands || ends <= lastNight),
      }
    })
    .sort((a, b) => a.starts - b.starts || a.ends - b.ends)
}
/** When the oven is heated: for the first bake, for another heat, and where it has gone cold. */
function preheatsFor(tasks: readonly PlacedTask[]): Preheat[] {
  const loads = tasks.filter(task => task.kind === 'bake' && task.celsius !== null)
  const isHeated = (task: PlacedTask, i: number) =>
    i === 0 ||
    loads[i - 1]!.celsius !== task.celsius ||
    loads.slice(0, i).every(load => load.ends < task.starts - coldAfter)
  return loads.filter(isHeated).map(({ starts, celsius }) => ({
    at: starts - preheat(celsius!),
    celsius: celsius!,
    ready: starts,
  }))
}
/** Tight is what a longest wait leaves no room for: whoever is late there spoils something. */
function tightIn({ rules }: Day, tasks: readonly PlacedTask[]): string[] {
  const begins = new Map<string, Moment>(tasks.map(task => [task.id, task.starts]))
  const hands = new Set(tasks.filter(task => task.hands).map(task => task.id))
  const roomOf = ({ from, to, least }: Day['rules'][number]) =>
    begins.get(to)! - begins.get(from)! - least
  const tight = rules.filter(
    rule => rule.least < 0 && hands.has(rule.from) && roomOf(rule) < justEnough,
  )
  return [...new Set(tight.map(rule => rule.from))]
}
const notKept = (because: string) =>
  `By the recipe’s own words this cannot be kept: ${because}. ` +
  'The day goes by the order of its steps.'

/** The plan as it is shown: hours, heats, what is tight, what to mind. */
export function laidOut(of: LaidOut): PlannedDay {
  const { day, problem, placing, proven, bound } = of
  const tasks = placedTasks(of)
  const end = Math.max(...tasks.map(task => task.ends))
  const works = tasks.filter(task => task.kind !== 'serve')
  const isBroken = faultsOf(problem, placing.x).length > 0
  return {
    ok: true,
    start: Math.min(...works.map(task => task.starts), end),
    end,
    tasks,
    preheats: preheatsFor(tasks),
    rules: day.rules,
    hands: tasks.reduce((sum, task) => sum + (task.hands ? task.minutes : 0), 0),
    total: atWork(tasks),
    tight: tightIn(day, tasks),
    warnings: [
      ...(isBroken ? ['This plan breaks a rule of its own: do not trust it.'] : []),
      ...(day.gives ?? []).map(notKept),
    ],
    over: day.over ?? [],
    proven,
    bound,
  }
}
