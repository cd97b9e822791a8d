import { madeAhead } from './ahead'
import type { Bound } from './left'
import type { DayOptions, DayWishes, OwnTask } from './options'
import { paceFor } from './pace'
import { small } from './tables/durations'
import type { DayRule, DayTask, DayWork } from './task'
import { workOf, type DayBake } from './tasks'

/** The work of a day: its tasks, the rules between them, and what has happened to them already. */
export interface Day {
  readonly tasks: readonly DayTask[]
  readonly rules: readonly DayRule[]
  readonly gives?: readonly string[]
  readonly bounds?: readonly Bound[]
  readonly over?: readonly string[]
}

/** A task at the counter that takes nothing but hands or time. */
const plainTask = (
  task: Pick<DayTask, 'id' | 'bake' | 'short' | 'says' | 'kind' | 'minutes' | 'hands'>,
): DayTask => ({
  ...task,
  mixer: false,
  place: 'counter',
  celsius: null,
  racks: 0,
  step: null,
})
/** The task as long as the baker says. */
function asWished(task: DayTask, { minutes }: DayWishes): DayTask {
  const said = minutes?.[task.id]
  return said === undefined ? task : { ...task, minutes: Math.max(0, said), usual: task.minutes }
}
/** The task as long as these hands take for such a thing. */
function atPace(task: DayTask, kitchen: DayOptions['kitchen']): DayTask {
  const by = task.hands && task.kind === 'hands' ? paceFor(kitchen?.pace, task.short) : 1
  if (by === 1) return task
  return { ...task, minutes: Math.max(1, Math.round(task.minutes * by)), pace: by }
}
/** Rules that rest on a task's length follow it. */
function followed(works: readonly DayWork[], tasks: readonly DayTask[]): DayRule[] {
  const before = works.flatMap(work => work.tasks)
  const longer = new Map(tasks.map((task, i) => [task.id, task.minutes - before[i]!.minutes]))
  return works
    .flatMap(work => work.rules)
    .map(rule => {
      const isLeast = rule.least >= 0
      const by = longer.get(isLeast ? rule.from : rule.to)!
      return { ...rule, least: isLeast ? rule.least + by : rule.least - by }
    })
}
const ownTask = ({ id, says, minutes, hands }: OwnTask) =>
  plainTask({ id, bake: '', short: says.slice(0, 24), says, kind: 'own', minutes, hands })
/** Where an own task stands: after what it is said to follow, before what it is said to, or the serving. */
function ownRules({ id, says, after, before }: OwnTask, tasks: readonly DayTask[]): DayRule[] {
  const minutesOf = (task: string) => tasks.find(each => each.id === task)?.minutes
  const [own, ahead] = [minutesOf(id)!, after ? minutesOf(after) : undefined]
  const isThere = before && minutesOf(before) !== undefined
  const next = isThere ? before : tasks.find(task => task.kind === 'serve')?.id
  return [
    ...(ahead === undefined
      ? []
      : [{ from: after!, to: id, least: ahead, because: `“${says}” comes after` }]),
    ...(next ? [{ from: id, to: next, least: own, because: `“${says}” comes before` }] : []),
  ]
}
/** One washing does for all that come before the same others. */
function washingsFor(apart: NonNullable<DayOptions['apart']>) {
  const later = new Map<string, string[]>()
  for (const [first, then] of apart) later.set(first, [...(later.get(first) ?? []), then].sort())
  const washings = new Map<string, { readonly firsts: string[]; readonly thens: string[] }>()
  for (const [first, thens] of later) {
    const key = thens.join('+')
    const same = washings.get(key)
    if (same) same.firsts.push(first)
    else washings.set(key, { firsts: [first], thens })
  }
  return [...washings.values()]
}
/** A washing with its rules: after the work of the stricter bakes, before that of the others. */
function washed(
  { firsts, thens }: ReturnType<typeof washingsFor>[number],
  tasks: readonly DayTask[],
  wishes: DayWishes,
): { readonly wash: DayTask; readonly rules: readonly DayRule[] } {
  const id = `wash/${firsts.join('+')}/${thens.join('+')}`
  const wash = plainTask({
    id,
    bake: thens[0]!,
    short: 'wash up',
    says: 'Wash everything with soap and hot water, and the surfaces, before the next.',
    kind: 'wash',
    minutes: wishes.minutes?.[id] ?? small.wash,
    hands: true,
  })
  const isWork = (task: DayTask) => task.kind !== 'wash' && task.hands && !/:out$/u.test(task.id)
  const worksOf = (bakes: readonly string[]) =>
    tasks.filter(task => bakes.includes(task.bake) && isWork(task))
  const before = worksOf(firsts).map(({ id: from, minutes }) => ({
    from,
    to: id,
    least: minutes,
    because: 'the stricter bake is made first',
  }))
  const after = worksOf(thens).map(task => ({
    from: id,
    to: task.id,
    least: wash.minutes,
    because: 'washed up between the two',
  }))
  return { wash, rules: [...before, ...after] }
}
/** All servings at one moment. */
function servedTogether(tasks: readonly DayTask[]): DayRule[] {
  const [first, ...others] = tasks.filter(task => task.kind === 'serve')
  const because = 'served together'
  return others.flatMap(({ id }) => [
    { from: first!.id, to: id, least: 0, because },
    { from: id, to: first!.id, least: 0, because },
  ])
}

/** All bakes and own tasks of a day; what the baker changed goes before what was worked out. */
export function dayOf(
  bakes: readonly DayBake[],
  { wishes = {}, apart = [], kitchen }: DayOptions,
): Day {
  const works = bakes.map(bake => {
    const work = workOf(bake)
    const ahead = wishes.ahead?.[bake.id]
    return ahead && ahead.days > 0 ? madeAhead(work, bake, ahead) : work
  })
  const ofBakes = works
    .flatMap(work => work.tasks)
    .map(task => asWished(atPace(task, kitchen), wishes))
  const own = wishes.own ?? []
  const tasks = [...ofBakes, ...own.map(each => asWished(ownTask(each), wishes))]
  const rules = [...followed(works, ofBakes), ...own.flatMap(each => ownRules(each, tasks))]
  for (const washing of washingsFor(apart)) {
    const found = washed(washing, tasks, wishes)
    tasks.push(found.wash)
    rules.push(...found.rules)
  }
  rules.push(...servedTogether(tasks))
  return { tasks, rules, gives: [...new Set(works.flatMap(work => work.gives))] }
}
