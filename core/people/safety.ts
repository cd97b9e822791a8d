import { linesOf, type Line, type Recipe } from '../recipe'
import { cautionsAt } from './cautions'
import { checkPeople } from './check'
import { claims, packetsToCheck, coverageOf } from './claim'
import type { CheckedPacket } from './conflict'
import { contactPlan } from './contact'
import { isStrict, type Person } from './person'

/** All that the screens say of a dessert's safety, worked out in one go. */

/** Who can eat it, what may be claimed, packets still to read, cautions, and what to do against traces. */
export function safetyOf(
  recipe: Recipe,
  people: readonly Person[],
  packets: readonly CheckedPacket[],
) {
  const check = checkPeople(recipe, people, { packets })
  return {
    check,
    claims: claims(recipe, people, packets),
    toRead: packetsToCheck(recipe, people, check),
    contact: contactPlan(recipe, people),
    cautions: cautionsAt(recipe),
  }
}

/** Ids of a recipe's ingredients that come out of packets; '' stands for what is not known. */
export function boughtIn(recipe: Recipe): string[] {
  const alone = (line: Line): Recipe => ({
    ...recipe,
    components: [{ name: '', lines: [line], steps: [] }],
  })
  const all = linesOf(recipe).flatMap(line => [line, ...line.orElse])
  const bought = all.filter(line => coverageOf(alone(line), []).bought > 0)
  return [...new Set(bought.map(line => line.ingredient ?? ''))]
}

/** A dessert of a day and who eats it, by id. */
export interface ServedBake {
  readonly id: string
  readonly recipe: Recipe
  readonly people: readonly string[]
}

/**
 * Which bake has to be made before which (pairs of ids): somebody for whom traces count eats only
 * the first, and the second holds what that person avoids. Where each would have to come before the
 * other, neither does.
 */
export function makeBefore(
  bakes: readonly ServedBake[],
  people: readonly Person[],
): [string, string][] {
  const isAgainst = (bake: ServedBake, person: Person) =>
    checkPeople(bake.recipe, [person]).people[0]?.verdict === 'conflict'
  const strictEaters = (bake: ServedBake) =>
    people.filter(p => bake.people.includes(p.id) && isStrict(p) && !isAgainst(bake, p))
  const endangers = (bake: ServedBake, other: ServedBake) =>
    strictEaters(other).some(p => isAgainst(bake, p))
  return bakes.flatMap(first =>
    bakes
      .filter(then => first !== then && endangers(then, first) && !endangers(first, then))
      .map((then): [string, string] => [first.id, then.id]),
  )
}
