import type { Recipe } from '../recipe'
import { keepingOf, type Keeping } from './keeping'
import { onTheDay, putBy } from './tables/keeping'
import type { DayRule, DayTask, DayWork } from './task'

/** Made so many days before it is on the table, and kept or frozen until then. */
export interface Ahead {
  readonly days: number
  readonly how: 'kept' | 'frozen'
}

const cold = ['chill', 'set', 'freeze']
/** What waits to be cold is cold before it is wrapped. */
const coldFirst = /:cold$/u

/** What is put by, and how: all that its tasks and rules are made from. */
interface PutBy {
  readonly bake: { readonly id: string; readonly title: string }
  readonly keeping: Keeping
  readonly frozen: boolean
  /** Ids of what belongs to the day itself. */
  readonly late: ReadonlySet<string>
}
type Named = Partial<DayTask> & Pick<DayTask, 'short' | 'says' | 'kind' | 'minutes'>

/** The tasks, by id, that come after it is out again: serving, and what is done on the day. */
function lateIn({ tasks }: DayWork): ReadonlySet<string> {
  const isTurn = (task: DayTask) =>
    /:out$/u.test(task.id) || (task.kind === 'wait' && cold.includes(task.waits ?? ''))
  const turn = tasks.findLastIndex(isTurn)
  const first = tasks.findIndex((task, n) => n > turn && task.hands && onTheDay.test(task.says))
  const isOnTheDay = (task: DayTask, n: number) =>
    first >= 0 && n >= first && !coldFirst.test(task.id)
  const late = tasks.filter((task, n) => task.kind === 'serve' || isOnTheDay(task, n))
  return new Set(late.map(task => task.id))
}

function taskOf(bake: string, name: string, rest: Named): DayTask {
  return {
    id: `${bake}/${name}`,
    bake,
    hands: rest.kind === 'hands',
    mixer: false,
    place: 'counter',
    celsius: null,
    racks: 0,
    step: null,
    ...rest,
  }
}

/** Wrapped, and kept in its tin, in the fridge or in the freezer. */
function putAway({ bake, keeping, frozen }: PutBy): [pack: DayTask, kept: DayTask] {
  const unfrozen = keeping.cold ? 'fridge' : 'counter'
  const pack = taskOf(bake.id, 'put-by', {
    kind: 'hands',
    short: 'put by',
    says: frozen
      ? `Wrap ${bake.title} twice, label it with its day and freeze it.`
      : `${keeping.says}: ${bake.title} is put by.`,
    minutes: putBy.pack,
  })
  const kept = taskOf(bake.id, 'kept', {
    kind: 'wait',
    place: frozen ? 'freezer' : unfrozen,
    short: frozen ? 'frozen' : 'kept',
    says: frozen ? 'It freezes through.' : 'It keeps.',
    minutes: frozen ? putBy.freezes : 0,
  })
  return [pack, kept]
}

/** Out of the freezer, and thawed. */
function thawed({ bake, keeping }: PutBy): [out: DayTask, thaw: DayTask] {
  const out = taskOf(bake.id, 'out-again', {
    kind: 'hands',
    short: 'take out',
    says: `Take ${bake.title} out of the freezer; it thaws wrapped.`,
    minutes: putBy.takeOut,
  })
  const thaw = taskOf(bake.id, 'thaw', {
    kind: 'wait',
    short: 'thaw',
    says: 'It thaws, still wrapped.',
    minutes: keeping.thawHours * 60,
  })
  return [out, thaw]
}

const after = (task: DayTask, to: string, because: string): DayRule => ({
  from: task.id,
  to,
  least: task.minutes,
  because,
})
/** The wait begins the moment that the work before it ends. */
const atOnce = (wait: DayTask, work: DayTask, because: string): DayRule => ({
  from: wait.id,
  to: work.id,
  least: -work.minutes,
  because,
})

/** How long it keeps, as the longest wait before it is served. */
function keepsUntil({ bake, keeping, frozen }: PutBy, serve: DayTask, kept: DayTask): DayRule {
  const days = frozen ? keeping.frozenDays : keeping.days
  const span = frozen ? `is good frozen for ${days} days` : `keeps ${days} days`
  return {
    from: serve.id,
    to: kept.id,
    least: -(kept.minutes + days * 1440),
    because: days ? `“${bake.title}” ${span}` : `“${bake.title}” does not freeze well`,
  }
}

/** The new tasks one after the other; what is frozen is frozen through, and thaws once it is out. */
function inARow([pack, kept, out, thaw]: readonly DayTask[]): DayRule[] {
  const putAwayRules = [
    after(pack!, kept!.id, 'one after the other'),
    atOnce(kept!, pack!, 'it keeps from when it is put by'),
  ]
  if (!out || !thaw) return putAwayRules
  return [
    ...putAwayRules,
    after(kept!, out.id, 'frozen through first'),
    after(out, thaw.id, 'one after the other'),
    atOnce(thaw, out, 'it thaws from when it is out'),
  ]
}

/**
 * The rules of both halves, and how they hang together: put by when all of the first is done, the
 * second begins when it is there again.
 */
function rulesAround(work: DayWork, { late, frozen }: PutBy, added: readonly DayTask[]): DayRule[] {
  const inner = work.rules.filter(rule => late.has(rule.from) === late.has(rule.to))
  const shortest = inner.filter(rule => rule.least >= 0)
  const leads = new Set(shortest.map(rule => rule.from))
  const isLed = new Set(shortest.map(rule => rule.to))
  const ends = work.tasks.filter(task => !late.has(task.id) && !leads.has(task.id))
  const begins = [...late].filter(id => !isLed.has(id))
  const because = frozen ? 'thawed first' : 'it is there already'
  return [
    ...inner,
    ...ends.map(task => after(task, added[0]!.id, 'put by when it is done')),
    ...inARow(added),
    ...begins.map(id => after(added.at(-1)!, id, because)),
  ]
}

/**
 * The work of a bake that is made ahead: wrapped and put by once it is baked, or set, and cold;
 * what belongs to the day itself (glazing, filling, cutting) after it is out, and thawed, again. A
 * rule says how long it keeps; when it is put by is the plan's business. Unchanged where there is
 * nothing to put by.
 */
export function madeAhead(
  work: DayWork,
  bake: { readonly id: string; readonly title: string; readonly recipe: Recipe },
  ahead: Ahead,
): DayWork {
  const serve = work.tasks.find(task => task.kind === 'serve')
  if (!serve || work.tasks.length < 3) return work
  const of: PutBy = {
    bake,
    keeping: keepingOf(bake.recipe, ''),
    frozen: ahead.how === 'frozen',
    late: lateIn(work),
  }
  const [pack, kept] = putAway(of)
  const added = [pack, kept, ...(of.frozen ? thawed(of) : [])]
  return {
    tasks: [
      ...work.tasks.filter(task => !of.late.has(task.id)),
      ...added,
      ...work.tasks.filter(task => of.late.has(task.id)),
    ],
    rules: [...rulesAround(work, of, added), keepsUntil(of, serve, kept)],
    gives: work.gives,
  }
}

/** The task that has to be over so many days before. */
export const putByOf = (bake: string): string => `${bake}/put-by`
