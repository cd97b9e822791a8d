import { restedIn, substitutionById, type Tried } from '../swap'
import type { Changed, Difference } from './difference'
import type { Arm, Trial } from './trial'
import { changesIn, schoolsIn } from './trial'
import { armRows, type ArmRow } from './tables/arms'

/**
 * What one trial taught this house. `weight` 0 to 1: how much the trial is worth as evidence. It
 * can be taken back (`off`), and counts as if it had never been.
 */
export interface Lesson {
  readonly id: string
  readonly on: string
  readonly trial: string
  readonly bake: string
  readonly title: string
  readonly family: string
  readonly weight: number
  readonly about:
    /** The dose of a school's gel, as a multiple of what is worked out. */
    | {
        readonly what: 'dose'
        readonly school: string
        readonly ingredient: string
        readonly factor: number
      }
    /**
     * How long something rests (a school's id, or a row of swap/tables/rests), as a multiple of
     * what is worked out or written.
     */
    | { readonly what: 'rest'; readonly of: string; readonly factor: number }
    /** How plans by these schools come out. */
    | {
        readonly what: 'schools'
        readonly schools: readonly string[]
        readonly result: Tried['result']
      }
    /** A way of working (a row of tables/arms) that was better or worse. */
    | { readonly what: 'method'; readonly row: string; readonly better: boolean }
    /** A packet that the winner was made with. */
    | {
        readonly what: 'packet'
        readonly packet: string
        readonly name: string
        readonly ingredient: string
      }
  readonly off?: boolean
}

/** A factor that is learned lies within these: what lies outside was another recipe. [M] */
const range = [0.4, 2.5] as const
export const factorWithin = (factor: number) => Math.min(range[1], Math.max(range[0], factor))

const grams = (arm: Arm, ingredient: string, component: string) =>
  arm.recipe.components
    .find(c => c.name === component)
    ?.lines.filter(l => l.ingredient === ingredient)
    .reduce((sum, l) => sum + (l.grams?.best ?? 0), 0) ?? 0

/** A crowned trial: its winner, what it was held against, and the arms with one single change. */
interface Crowned {
  readonly base: Arm
  readonly winner: Arm
  readonly single: readonly { readonly arm: string; readonly change: Changed }[]
}
interface Teaching {
  /** What makes the lesson's id, beside the trial's. */
  readonly key: string
  readonly about: Lesson['about']
}
/** The present one held, or the winner is one of those that were tried. */
const isDecided = ({ base, winner }: Crowned, tried: Crowned['single']) =>
  tried.length > 0 && (winner === base || tried.some(each => each.arm === winner.id))

/** The doses of the base's substitutions: of a gel, or of what comes first. */
function dosesIn(base: Arm) {
  const doses = base.changes.flatMap(({ component, adds, school }) =>
    adds.flatMap(({ ingredient, times }) =>
      (school?.split('+') ?? []).flatMap(id => {
        const rows = substitutionById(id)?.adds ?? []
        const isDosed = rows.some(
          (row, n) =>
            row.ingredient === ingredient &&
            (row.role === 'gel' || (row.role === undefined && n === 0)),
        )
        return isDosed ? [{ school: id, ingredient, component, house: times ?? 1 }] : []
      }),
    ),
  )
  return new Map(doses.map(dose => [`${dose.component}|${dose.ingredient}`, dose]))
}
/** Of each dose that was tried: the winner's, where it is one of its arms or the base. */
function dosesTaught(of: Crowned): Teaching[] {
  return [...dosesIn(of.base)].flatMap(([key, { school, ingredient, component, house }]) => {
    const tried = of.single.filter(({ change }) =>
      change.differences.every(d => d.what === 'line' && `${d.component}|${d.ingredient}` === key),
    )
    if (!isDecided(of, tried)) return []
    const [was, is] = [of.base, of.winner].map(arm => grams(arm, ingredient, component)) as [
      number,
      number,
    ]
    if (!(was > 0 && is > 0)) return []
    const factor = factorWithin((house * is) / was)
    return [{ key: `dose:${ingredient}`, about: { what: 'dose', school, ingredient, factor } }]
  })
}
/** Of each rest that was tried: how long it is against what the house had not yet moved. */
function restsTaught(of: Crowned): Teaching[] {
  const { base, winner } = of
  // The first of each key counts.
  const rests = restedIn(base.recipe, base.changes).toReversed()
  const byKey = new Map(rests.map(rested => [rested.key, rested]))
  return [...byKey.values()].flatMap(({ key, name, resting }) => {
    const tried = of.single.filter(
      ({ change }) =>
        change.differences.every(d => d.what === 'rest' && d.name === name) &&
        change.differences[0]!.from === resting.low,
    )
    if (!isDecided(of, tried)) return []
    const moved = base.changes.find(c => c.rest?.of === key && c.rest.to === resting.low)?.rest
    const won = tried.find(each => each.arm === winner.id)
    const now = won ? won.change.differences[0]!.to! : resting.low
    const factor = factorWithin(now / (moved?.from ?? resting.low))
    return [{ key: `rest:${key}`, about: { what: 'rest', of: key, factor } }]
  })
}
/** Does a change do what a row of ways says: another heat, or a sentence more? */
function isWay({ key, says, differences }: Changed, row: ArmRow): boolean {
  if (row.how === 'method') return key === 'method' && says.includes(row.step)
  if (row.how !== 'oven' || key !== 'oven') return false
  const [{ from, to }] = differences as [Difference]
  return Math.abs((to ?? 0) - (from ?? 0) - row.by) < 1
}
/** Ways of working that were tried: better where one won, worse where the base did. */
function waysTaught({ base, winner, single }: Crowned): Teaching[] {
  return armRows.flatMap(row => {
    const tried = single.find(({ change }) => isWay(change, row))
    if (!tried || (tried.arm !== winner.id && winner !== base)) return []
    const better = tried.arm === winner.id
    return [{ key: `method:${row.id}`, about: { what: 'method', row: row.id, better } }]
  })
}
interface TiedPacket {
  readonly id: string
  readonly name: string
  readonly ingredient: string
}
/** Whose packets the winner's new things came out of: makes differ. */
function packetsTaught({ winner }: Crowned, packets: readonly TiedPacket[]): Teaching[] {
  const came = new Set(winner.changes.flatMap(c => c.adds.map(add => add.ingredient)))
  return packets
    .filter(packet => came.has(packet.ingredient))
    .map(({ id, name, ingredient }) => ({
      key: `packet:${id}`,
      about: { what: 'packet', packet: id, name, ingredient },
    }))
}
function substitutionsTaught({ winner }: Crowned): Teaching[] {
  const schools = schoolsIn(winner)
  if (!schools.length) return []
  return [{ key: 'schools', about: { what: 'schools', schools, result: 'worked' } }]
}

/**
 * What a trial with a winner teaches, with this weight: doses and rests that were tried (also that
 * the present one held), ways of working, and that the winner's schools work in this family. Only
 * single changes teach: an arm with two changes says nothing about either. Ids are made of the
 * trial's, so that learning twice is learning once. `packets`: those that the bake is tied to.
 *
 * @example
 * const trial = { id: 't', crowned: null, arms: [], tastings: [], family: 'crumb' }
 * lessonsFrom(trial, 'Buns', 'b', '2026-01-17', 0.5) // []
 */
export function lessonsFrom(
  trial: Trial,
  title: string,
  bake: string,
  on: string,
  weight: number,
  packets: readonly TiedPacket[] = [],
): Lesson[] {
  const winner = trial.arms.find(arm => arm.id === trial.crowned)
  const base = trial.arms[0]
  if (!winner || !base) return []
  const single = changesIn(trial)
    .filter(each => each.changes.length === 1)
    .map(({ arm, changes }) => ({ arm, change: changes[0]! }))
  const of: Crowned = { base, winner, single }
  const all = [
    ...substitutionsTaught(of),
    ...dosesTaught(of),
    ...restsTaught(of),
    ...waysTaught(of),
    ...packetsTaught(of, packets),
  ]
  return all.map(({ key, about }) => ({
    id: `${trial.id}:${key}`,
    on,
    trial: trial.id,
    bake,
    title,
    family: trial.family,
    weight: Math.min(1, Math.max(0, weight)),
    about,
  }))
}

/** The lessons with those of a trial in place of what it taught before. */
export const learn = (lessons: readonly Lesson[], fresh: readonly Lesson[]): Lesson[] => [
  ...lessons.filter(l => !fresh.some(f => f.id === l.id)),
  ...fresh,
]
/** One lesson taken back, or given again. */
export const turned = (lessons: readonly Lesson[], id: string, off: boolean): Lesson[] =>
  lessons.map(l => {
    if (l.id !== id) return l
    const { off: _, ...rest } = l
    return off ? { ...rest, off: true } : rest
  })
