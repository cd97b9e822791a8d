import { dressed } from './tables/durations'
import type { DayTask } from './task'
import type { TaskList } from './task-list'

/** On the table: when all of it is done, and what is dressed does not wait for it long. */
export function served(
  list: TaskList,
  {
    id,
    title,
    ends,
  }: { readonly id: string; readonly title: string; readonly ends: readonly DayTask[] },
) {
  const serve = list.add({
    id,
    kind: 'serve',
    short: 'on the table',
    says: `${title} is on the table.`,
    minutes: 0,
  })
  for (const end of new Set(ends)) {
    list.after(end, serve, 'all of it is done')
    if (end.kind !== 'hands' || !dressed.sign.test(end.says)) continue
    const over = dressed.just.test(end.says) ? 15 : dressed.over
    list.soon(end, serve, over, 'dressed, it does not wait long')
  }
}
