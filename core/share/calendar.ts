import ical, { ICalAlarmType, ICalCalendarMethod } from 'ical-generator'
import type { DayPlan, Moment, Needed, PlacedTask } from '../day'

type Day = Extract<DayPlan, { ok: true }>

/** What deserves a place in a calendar: what hands do from a few minutes on, the oven, and long waits. */
const inCalendar = (task: PlacedTask) =>
  task.kind !== 'serve' && (task.hands ? task.minutes >= 1 : task.minutes >= 10)
const aDay = 24 * 60
const instant = (at: Moment) => new Date(Math.round(at) * 60_000)

/** So many minutes before it a task rings; null: it does not. */
function warnedBefore({ kind, hands }: PlacedTask): number | null {
  if (kind === 'bake') return 5
  return hands ? 0 : null
}

/**
 * A day as an iCalendar file (RFC 5545): an event for each task and for the serving, in world time,
 * with an alarm when hands are wanted, five minutes before the oven, and an hour before the
 * beginning; the shopping stands a day before it. `stamp` is the moment of writing as ISO 8601,
 * given by the caller.
 */
export function calendarOf(
  plan: Day,
  title: string,
  stamp: string,
  shopping: readonly Needed[] = [],
): string {
  const calendar = ical({
    name: title,
    prodId: { company: 'Ingwer', product: 'day', language: 'EN' },
    method: ICalCalendarMethod.PUBLISH,
  })
  const event = (
    id: string,
    from: Moment,
    to: Moment,
    summary: string,
    description: string,
    before: number | null,
  ) => {
    const made = calendar.createEvent({
      id: `${id.replace(/[^\w/:-]/gu, '-')}@ingwer`,
      start: instant(from),
      end: instant(Math.max(to, from)),
      summary,
      description,
      stamp: new Date(stamp),
    })
    if (before !== null)
      made.createAlarm({ type: ICalAlarmType.display, trigger: before * 60, description: summary })
  }
  if (shopping.length)
    event(
      'shopping',
      plan.start - aDay,
      plan.start - aDay + 30,
      `Shopping for ${title}`,
      shopping.map(each => each.says).join('\n'),
      0,
    )
  event('begin', plan.start, plan.start, `Begin: ${title}`, `Until ${title} is on the table.`, 60)
  for (const heat of plan.preheats)
    event(
      `heat-${Math.round(heat.at)}`,
      heat.at,
      heat.ready,
      `Heat the oven to ${heat.celsius} °C`,
      '',
      0,
    )
  for (const task of plan.tasks) {
    if (task.kind === 'serve') event(task.id, task.starts, task.starts, task.says, '', null)
    else if (inCalendar(task))
      event(task.id, task.starts, task.ends, task.short, task.says, warnedBefore(task))
  }
  return calendar.toString()
}

/**
 * The day as Markdown: the evening before, then hour by hour. `clock` says an hour as the kitchen's
 * wall has it.
 */
export function dayText(
  plan: Day,
  title: string,
  clock: (at: Moment) => string,
  shopping: readonly Needed[] = [],
): string {
  const rows = (tasks: readonly PlacedTask[]) =>
    tasks.map(
      t =>
        `- **${clock(t.starts)}** ${t.says}${t.minutes >= 1 ? ` (${Math.round(t.minutes)} min)` : ''}`,
    )
  const [evening, day] = [plan.tasks.filter(t => t.evening), plan.tasks.filter(t => !t.evening)]
  const heats = plan.preheats.map(h => `- **${clock(h.at)}** Heat the oven to ${h.celsius} °C.`)
  return [
    `# ${title}`,
    '',
    `From ${clock(plan.start)} to ${clock(plan.end)}; ${Math.round(plan.hands)} minutes of it are work.`,
    ...(evening.length ? ['', '## The evening before', '', ...rows(evening)] : []),
    '',
    '## The day',
    '',
    ...rows(day),
    ...(heats.length ? ['', '## The oven', '', ...heats] : []),
    ...(shopping.length
      ? ['', '## What it takes', '', ...shopping.map(each => `- [ ] ${each.says}`)]
      : []),
    '',
  ].join('\n')
}
