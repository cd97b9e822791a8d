import ical, { ICalAlarmType, ICalCalendarMethod } from 'ical-generator'
import { aDay } from '../measure'
import type { DayPlan, Moment, Needed, PlacedTask } from '../day'

type Day = Extract<DayPlan, { ok: true }>

/** What deserves a place in a calendar: what hands do from a few minutes on, the oven, and long waits. */
const inCalendar = (task: PlacedTask) =>
  task.kind !== 'serve' && (task.hands ? task.minutes >= 1 : task.minutes >= 10)
const instant = (at: Moment) => new Date(Math.round(at) * 60_000)

/** So many minutes before it a task rings; null: it does not. */
function warnedBefore({ kind, hands }: PlacedTask): number | null {
  if (kind === 'bake') return 5
  return hands ? 0 : null
}

/** One entry of the calendar; `before` is how many minutes before it an alarm rings, null: none does. */
interface Entry {
  readonly id: string
  readonly from: Moment
  readonly to: Moment
  readonly summary: string
  readonly description: string
  readonly before: number | null
}
/** Minutes that these take in a calendar, where nothing says how long: no entry is without length. */
const takes = { shopping: 30, begin: 5, serve: 30, least: 1 } as const

/** What stands in a calendar among much else says of which dessert it is. */
function ofDessert(says: string, dessert: string | undefined): string {
  const isNamed = dessert !== undefined && says.toLowerCase().includes(dessert.toLowerCase())
  return dessert === undefined || isNamed ? says : `${says} · ${dessert}`
}

/** One and the same day has the same entries, however often it is planned anew: by its bakes. */
const dayKey = (plan: Day): string =>
  [...new Set(plan.tasks.map(task => task.bake))].filter(Boolean).sort().join('+')

function entriesOf(plan: Day, titles: Titles, shopping: readonly Needed[]): Entry[] {
  const { start } = plan
  const title = Object.values(titles).join(', ')
  const key = dayKey(plan)
  const shop: Entry = {
    id: `${key}/shopping`,
    from: start - aDay,
    to: start - aDay + takes.shopping,
    summary: `Shopping for ${title}`,
    description: shopping.map(each => each.says).join('\n'),
    before: 0,
  }
  const begin: Entry = {
    id: `${key}/begin`,
    from: start,
    to: start + takes.begin,
    summary: `Begin: ${title}`,
    description: `Until ${title} is on the table.`,
    before: 60,
  }
  const heats = plan.preheats.map(({ at, ready, celsius }, i): Entry => ({
    id: `${key}/heat-${i + 1}`,
    from: at,
    to: ready,
    summary: ofDessert(`Heat the oven to ${celsius} °C`, title),
    description: '',
    before: 0,
  }))
  const tasks = plan.tasks.flatMap((task): Entry[] => {
    const { id, kind, starts, ends, short, says } = task
    const dessert = titles[task.bake]
    const served = { from: starts, to: starts + takes.serve, summary: ofDessert(says, dessert) }
    if (kind === 'serve') return [{ id, ...served, description: '', before: null }]
    if (!inCalendar(task)) return []
    const before = warnedBefore(task)
    const summary = ofDessert(short, dessert)
    return [{ id, from: starts, to: ends, summary, description: says, before }]
  })
  return [...(shopping.length ? [shop] : []), begin, ...heats, ...tasks]
}

/** What each bake of the day is called, by its id. */
export type Titles = Readonly<Record<string, string>>

/**
 * A day as an iCalendar file (RFC 5545): an event for each task and for the serving, in world time,
 * with an alarm when hands are wanted, five minutes before the oven, and an hour before the
 * beginning; the shopping stands a day before it. Each entry names its dessert and has an id of its
 * bake and task, so that a day that is read in again takes the place of what it was: the later
 * `stamp` (the moment of writing as ISO 8601, given by the caller) has the higher sequence.
 */
export function calendarOf(
  plan: Day,
  titles: Titles,
  stamp: string,
  shopping: readonly Needed[] = [],
): string {
  const sequence = Math.floor(new Date(stamp).getTime() / 60_000)
  const calendar = ical({
    name: Object.values(titles).join(', '),
    prodId: { company: 'Ingwer', product: 'day', language: 'EN' },
    method: ICalCalendarMethod.PUBLISH,
  })
  for (const { id, from, to, summary, description, before } of entriesOf(plan, titles, shopping)) {
    const event = calendar.createEvent({
      id: `${id.replace(/[^\w/:+-]/gu, '-')}@ingwer`,
      sequence,
      start: instant(from),
      end: instant(Math.max(to, from + takes.least)),
      summary,
      description,
      stamp: new Date(stamp),
    })
    if (before !== null)
      event.createAlarm({ type: ICalAlarmType.display, trigger: before * 60, description: summary })
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
