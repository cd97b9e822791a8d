import type { HouseDose, HouseKnowledge } from '../ways'
import { weighed, type Option, type PartSetting } from '../choose'
import type { Change } from '../plan'

/** How far a house's own dose or rest may lie from the computed one, whatever it has learned. [M] */
export const houseRange = [0.6, 1.5] as const
export const restRange = [0.5, 2] as const

const doseFor = (doses: readonly HouseDose[] | undefined, family: string, school: string) =>
  doses?.find(d => d.family === family && d.school === school)
const isDosed = (role: string, first: boolean) => role === 'gel' || (role === 'bulk' && first)

/**
 * The answer with this house's own doses: only of what comes for what leaves, within its most.
 * Nothing new comes in, so nobody meets anything that was not checked.
 */
export function housed(option: Option, known: HouseKnowledge, setting: PartSetting): Option {
  if (!known.doses?.length || option.part.route?.fixed) return option
  const family = option.part.reading.family.id
  const seen = new Set<string>()
  const added = option.draft.added.map(a => {
    const first = !seen.has(a.school)
    seen.add(a.school)
    const dose = isDosed(a.role, first) ? doseFor(known.doses, family, a.school) : undefined
    return dose
      ? {
          ...a,
          grams: Math.min(
            a.most,
            a.grams * Math.min(houseRange[1], Math.max(houseRange[0], dose.factor)),
          ),
        }
      : a
  })
  return added.some((a, i) => a !== option.draft.added[i])
    ? weighed(option.part, option.answers, { ...option.draft, added }, setting)
    : option
}

/**
 * The changes with what the house's own doses did to them: said beside the reason, and by how much
 * each addition was multiplied.
 */
export function sayHoused(
  changes: readonly Change[],
  option: Option,
  known: HouseKnowledge,
): Change[] {
  const family = option.part.reading.family.id
  const moved = option.draft.added.flatMap((a, i) => {
    const dose = isDosed(a.role, option.draft.added.findIndex(b => b.school === a.school) === i)
      ? doseFor(known.doses, family, a.school)
      : undefined
    return dose ? [{ school: a.school, ingredient: a.ingredient.id, dose }] : []
  })
  if (!moved.length || option.part.route?.fixed) return [...changes]
  return changes.map(change => {
    const mine = moved.filter(
      m =>
        change.component === option.part.component.name &&
        change.school?.split('+').includes(m.school),
    )
    return mine.length
      ? {
          ...change,
          adds: change.adds.map(add => {
            const m = mine.find(x => x.ingredient === add.ingredient)
            return m ? { ...add, times: m.dose.factor } : add
          }),
          house: [...new Set(mine.map(m => m.dose.says))].join(' '),
        }
      : change
  })
}

/**
 * What the house has found that belongs to a plan of this family by these schools. Of things that
 * are not at this table's plan nothing is said.
 */
export const sayingsFor = (
  known: HouseKnowledge,
  family: string,
  schools: readonly string[],
): string[] =>
  (known.sayings ?? [])
    .filter(
      s =>
        s.family === family &&
        (s.school === null || schools.some(id => id.split('+').includes(s.school!))),
    )
    .map(s => s.says)
