import type { Recipe } from '../recipe'
import { checkPeople } from './check'
import type { CheckedPacket, PersonCheck, Verdict } from './conflict'
import type { Person } from './person'

/** People and packets as they stood at one moment. */
export interface HouseSnapshot {
  readonly people: readonly Person[]
  readonly packets: readonly CheckedPacket[]
}

/**
 * For one person and one recipe: the verdict before and now, and what is new of the reasons.
 * `null`: was, or is, not at the table.
 */
export interface VerdictChange {
  readonly personId: string
  readonly name: string
  readonly from: Verdict | null
  readonly to: Verdict | null
  readonly because: readonly string[]
}

const reasons = (check: PersonCheck | undefined) =>
  new Set(
    check?.conflicts.map(
      c => `${c.state}: ${c.because}${c.where === 'person' ? '' : ` (“${c.words}”)`}`,
    ) ?? [],
  )

/**
 * Checks a recipe for a table before and after a change of people or packets, and says whose
 * verdict or whose reasons changed.
 */
export function recheck(
  recipe: Recipe,
  seated: readonly string[],
  before: HouseSnapshot,
  after: HouseSnapshot,
): readonly VerdictChange[] {
  const at = (standing: HouseSnapshot) =>
    checkPeople(
      recipe,
      standing.people.filter(p => seated.includes(p.id)),
      { packets: standing.packets },
    )
  const [was, is] = [at(before), at(after)]
  return [...new Set([...was.people, ...is.people].map(p => p.personId))].flatMap(personId => {
    const [old, now] = [
      was.people.find(p => p.personId === personId),
      is.people.find(p => p.personId === personId),
    ]
    const [had, has] = [reasons(old), reasons(now)]
    const because = [
      ...[...has].filter(r => !had.has(r)),
      ...[...had].filter(r => !has.has(r)).map(r => `no longer ${r}`),
    ]
    if (old?.verdict === now?.verdict && !because.length) return []
    const name = [...after.people, ...before.people].find(p => p.id === personId)?.name ?? personId
    return [
      {
        personId,
        name,
        from: old?.verdict ?? null,
        to: now?.verdict ?? null,
        because: now ? because : [],
      },
    ]
  })
}

const noLonger = 'no longer '
const opposite = (reason: string) =>
  reason.startsWith(noLonger) ? reason.slice(noLonger.length) : noLonger + reason

/**
 * Two changes of one bake, one after the other, as one: from what it was before both to what it is
 * now. A person for whom the later one takes the earlier back is in neither.
 */
export function joinedChanges(
  earlier: readonly VerdictChange[],
  later: readonly VerdictChange[],
): readonly VerdictChange[] {
  const ids = new Set([...earlier, ...later].map(change => change.personId))
  return [...ids].flatMap(id => {
    const [was, is] = [earlier, later].map(all => all.find(change => change.personId === id))
    if (!was || !is) return [(was ?? is)!]
    const because = [
      ...was.because.filter(reason => !is.because.includes(opposite(reason))),
      ...is.because.filter(reason => !was.because.includes(opposite(reason))),
    ]
    if (was.from === is.to && !because.length) return []
    return [{ ...is, from: was.from, because: [...new Set(because)] }]
  })
}
