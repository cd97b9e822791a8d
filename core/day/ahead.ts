import type { Recipe } from '../recipe'
import { keepingOf } from './keeping'
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
  const keeping = keepingOf(bake.recipe, '')
  const serve = work.tasks.find(task => task.kind === 'serve')
  if (!serve || work.tasks.length < 3) return work
  const frozen = ahead.how === 'frozen'
  const turn = work.tasks.findLastIndex(
    task => /:out$/u.test(task.id) || (task.kind === 'wait' && cold.includes(task.waits ?? '')),
  )
  const first = work.tasks.findIndex(
    (task, n) => n > turn && task.hands && onTheDay.test(task.says),
  )
  const late = new Set(
    work.tasks
      .filter(
        (task, n) =>
          task.kind === 'serve' || (first >= 0 && n >= first && !coldFirst.test(task.id)),
      )
      .map(task => task.id),
  )
  const before = work.tasks.filter(task => !late.has(task.id))
  const task = (
    name: string,
    rest: Partial<DayTask> & Pick<DayTask, 'short' | 'says' | 'kind' | 'minutes'>,
  ): DayTask => ({
    id: `${bake.id}/${name}`,
    bake: bake.id,
    hands: false,
    mixer: false,
    place: 'counter',
    celsius: null,
    racks: 0,
    step: null,
    ...rest,
  })
  const pack = task('put-by', {
    kind: 'hands',
    hands: true,
    short: 'put by',
    says: frozen
      ? `Wrap ${bake.title} twice, label it with its day and freeze it.`
      : `${keeping.says}: ${bake.title} is put by.`,
    minutes: putBy.pack,
  })
  const unfrozen = keeping.cold ? 'fridge' : 'counter'
  const kept = task('kept', {
    kind: 'wait',
    place: frozen ? 'freezer' : unfrozen,
    short: frozen ? 'frozen' : 'kept',
    says: frozen ? 'It freezes through.' : 'It keeps.',
    minutes: frozen ? putBy.freezes : 0,
  })
  const out = task('out-again', {
    kind: 'hands',
    hands: true,
    short: 'take out',
    says: frozen
      ? `Take ${bake.title} out of the freezer; it thaws wrapped.`
      : `Take ${bake.title} out.`,
    minutes: putBy.takeOut,
  })
  const thaw = task('thaw', {
    kind: 'wait',
    short: 'thaw',
    says: 'It thaws, still wrapped.',
    minutes: frozen ? keeping.thawHours * 60 : 0,
  })
  const added = frozen ? [pack, kept, out, thaw] : [pack, kept]
  const rules: DayRule[] = work.rules.filter(rule => late.has(rule.from) === late.has(rule.to))
  const after = (a: DayTask, b: string, because: string) =>
    rules.push({ from: a.id, to: b, least: a.minutes, because })
  const leads = new Set(
    rules.filter(rule => rule.least >= 0 && !late.has(rule.from)).map(rule => rule.from),
  )
  for (const end of before.filter(each => !leads.has(each.id)))
    after(end, pack.id, 'put by when it is done')
  after(pack, kept.id, 'one after the other')
  rules.push({
    from: kept.id,
    to: pack.id,
    least: -pack.minutes,
    because: 'it keeps from when it is put by',
  })
  if (frozen) {
    after(kept, out.id, 'frozen through first')
    after(out, thaw.id, 'one after the other')
    rules.push({
      from: thaw.id,
      to: out.id,
      least: -out.minutes,
      because: 'it thaws from when it is out',
    })
  }
  const last = frozen ? thaw : kept
  const led = new Set(
    rules.filter(rule => rule.least >= 0 && late.has(rule.from)).map(rule => rule.to),
  )
  for (const id of late)
    if (!led.has(id)) after(last, id, frozen ? 'thawed first' : 'it is there already')
  const days = frozen ? keeping.frozenDays : keeping.days
  rules.push({
    from: serve.id,
    to: kept.id,
    least: -(kept.minutes + days * 1440),
    because: days
      ? `“${bake.title}” ${frozen ? `is good frozen for ${days} days` : `keeps ${days} days`}`
      : `“${bake.title}” does not freeze well`,
  })
  return {
    tasks: [...before, ...added, ...work.tasks.filter(each => late.has(each.id))],
    rules,
    gives: work.gives,
  }
}

/** The task that has to be over so many days before. */
export const putByOf = (bake: string): string => `${bake}/put-by`
