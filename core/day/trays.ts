import type { Minutes } from '../measure'
import { putIn } from './doings'
import { shaping, small } from './tables/durations'
import type { DayTask } from './task'
import type { TaskList } from './task-list'

/** The first of several trays, in and out of the oven. */
interface FirstTray {
  readonly bake: DayTask
  readonly out: DayTask
  readonly minutes: Minutes
  readonly loads: number
}

/**
 * Every further tray: shaped while the one before it is in the oven, in as soon as that is out, and
 * out by itself. The last one's taking out is given.
 */
export function furtherTrays(list: TaskList, { bake, out, minutes, loads }: FirstTray): DayTask {
  let [before, taken, made] = [bake, out, shapedInTurns(list, bake, loads)]
  for (let n = 2; n <= loads; n++) {
    const next: DayTask | null = made && nextTray(list, { made, before, n })
    const tray = list.add({
      ...bake,
      id: `${bake.id}:load${n}`,
      short: `bake, tray ${n}`,
      minutes,
    })
    list.after(taken, tray, 'one tray after the other')
    if (next) list.after(next, tray, 'shaped first')
    taken = list.takenOut(tray, small.out, `Look, and take tray ${n} out.`)
    before = tray
    made = next
  }
  return taken
}

/** Hands shape a tray at a time: what was one task becomes that of the first tray. */
function shapedInTurns({ tasks, rules }: TaskList, first: DayTask, loads: number): DayTask | null {
  const before = (id: string) => rules.find(each => each.to === id && each.least > 0)?.from
  const put = tasks.find(task => task.id === before(first.id))
  const shaped = put?.says === putIn ? before(put.id) : put?.id
  const at = tasks.findIndex(task => task.id === shaped)
  const task = tasks[at]
  if (!task?.hands || !shaping.has(task.short) || task.minutes < 2) return null
  const each = { ...task, minutes: Math.ceil(task.minutes / loads) }
  tasks[at] = each
  // Rules count from start to start: what followed the whole follows the first tray.
  for (const [k, one] of rules.entries()) {
    if (one.from === task.id && one.least === task.minutes)
      rules[k] = { ...one, least: each.minutes }
    else if (one.to === task.id && one.least < 0)
      rules[k] = { ...one, least: one.least + task.minutes - each.minutes }
  }
  return each
}

function nextTray(
  list: TaskList,
  { made, before, n }: { readonly made: DayTask; readonly before: DayTask; readonly n: number },
): DayTask {
  const base = made.id.replace(/:tray\d+$/u, '')
  const says = made.says.replace(/^The next tray: /u, '')
  const next = list.add({ ...made, id: `${base}:tray${n}`, says: `The next tray: ${says}` })
  list.after(made, next, 'one tray after the other')
  list.rules.push({ from: before.id, to: next.id, least: 0, because: 'while one bakes' })
  return next
}
