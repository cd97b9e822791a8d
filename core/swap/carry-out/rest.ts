import type { Minutes } from '../../measure'
import {
  restTimesIn,
  roundRestTime,
  sayRestTime,
  withRestTimes,
  type Recipe,
  type RestTime,
} from '../../recipe'
import { substitutionById, type HouseRest } from '../ways'
import type { Change } from '../plan'
import { restRows } from '../tables/rests'

/**
 * What rests: the gel (or whatever is made ready) of a school by the school's id, all else by its
 * row of tables/rests.
 */
export interface Rested {
  readonly key: string
  readonly name: string
  /** "the flax gel rests", "it is chilled for". */ readonly says: string
  readonly most: Minutes
  readonly resting: RestTime
}

/** Every resting of a recipe whose amounts came about by these changes. */
export function restedIn(recipe: Recipe, changes: readonly Pick<Change, 'school'>[]): Rested[] {
  const made = new Map(
    changes.flatMap(c => {
      const school = c.school ? substitutionById(c.school) : undefined
      return school?.prepare ? [[school.inSteps.toLowerCase(), school] as const] : []
    }),
  )
  return restTimesIn(recipe).map(resting => {
    const school = resting.of === null ? undefined : made.get(resting.of.toLowerCase())
    const row = restRows.find(r => r.kind === resting.kind && r.baked === resting.baked)!
    return {
      key: school?.id ?? row.id,
      name: resting.of ?? row.name,
      says: `${resting.of === null ? row.who : `the ${resting.of}`} ${row.does}`,
      most: Math.max(row.most, resting.low),
      resting,
    }
  })
}

/** What rests by that key, in words: an id of a school or of a row. */
export const restName = (key: string): string =>
  restRows.find(r => r.id === key)?.name ??
  (substitutionById(key) ? `the rest of the ${substitutionById(key)!.inSteps}` : key)

/** So many times as long, as somebody would set a clock, within what its row allows. */
export const restTimes = (rested: Rested, times: number): Minutes =>
  Math.min(rested.most, roundRestTime(rested.resting.low * times))

/**
 * The recipe with everything that rests by this key as long as `to` says, within what its row
 * allows; null where nothing does, or nothing moves.
 */
export function restFor(
  recipe: Recipe,
  changes: readonly Pick<Change, 'school'>[],
  key: string,
  to: (rested: Rested) => Minutes,
): Recipe | null {
  const mine = restedIn(recipe, changes).filter(r => r.key === key)
  const made = withRestTimes(recipe, resting => {
    const it = mine.find(r => same(r.resting, resting))
    return it ? Math.min(it.most, to(it)) : null
  })
  return made === recipe ? null : made
}
const same = (a: RestTime, b: RestTime) =>
  a.part === b.part && a.step === b.step && a.span[0] === b.span[0]

/**
 * A plan's recipe and changes with what this house has learned of resting in this family. Nothing
 * but minutes moves; each is a change of its own, with its reason.
 */
export function houseRested(
  recipe: Recipe,
  changes: readonly Change[],
  family: string,
  rests: readonly HouseRest[] | undefined,
): { readonly recipe: Recipe; readonly changes: readonly Change[] } {
  const own = (rests ?? []).filter(r => r.family === family)
  if (!own.length) return { recipe, changes }
  const moved = restedIn(recipe, changes).flatMap(rested => {
    const rest = own.find(r => r.of === rested.key)
    const to = rest ? restTimes(rested, rest.factor) : rested.resting.low
    return rest && to !== rested.resting.low ? [{ rested, rest, to }] : []
  })
  const said = moved.map(({ rested, rest, to }): Change => ({
    component: rested.resting.component,
    removes: [],
    adds: [],
    trims: [],
    rest: { of: rested.key, from: rested.resting.low, to },
    did: '',
    school: null,
    source: '[H] this house’s own trials',
    because:
      `${sentence(`${rested.says} ${sayRestTime(to)}`)} instead of ` +
      `${sayRestTime(rested.resting.low)}.`,
    house: rest.says,
  }))
  const minutes = (school: string | null) => moved.find(m => m.rested.key === school)?.to
  return {
    recipe: withRestTimes(
      recipe,
      resting => moved.find(m => same(m.rested.resting, resting))?.to ?? null,
    ),
    changes: [
      ...changes.map(change => {
        const to = minutes(change.school)
        return to === undefined
          ? change
          : {
              ...change,
              adds: change.adds.map(add =>
                add.restMinutes === undefined ? add : { ...add, restMinutes: to },
              ),
            }
      }),
      ...said,
    ],
  }
}
const sentence = (text: string) => text.charAt(0).toUpperCase() + text.slice(1)
