import { pantryEdition, remembered } from '../pantry'
import type { Kitchen } from '../pan'
import type { Packet } from '../packet'
import { packetsFor, recheck, type Person, type VerdictChange } from '../people'
import type { DayBake } from '../day'
import { plannedRecipe, sizedBake, type Bake } from './bake'

/** What is worked out of several bakes of a house at once: for a day, and after a change of the house. */

/**
 * What is asked again and again while something is made stays worked out: the same recipe at the
 * same size in the same kitchen.
 */
export const sizedOnce = remembered(
  ({ bake, kitchen }: { readonly bake: Bake; readonly kitchen: Kitchen | undefined }) =>
    sizedBake(bake, kitchen),
  40,
  pantryEdition,
  ({ bake, kitchen }) =>
    JSON.stringify([
      plannedRecipe(bake),
      bake.plan?.parts.map(part => [part.component, part.family]),
      bake.wishes.family,
      bake.size,
      kitchen,
    ]),
)

/** Bakes as the day takes them. */
export const dayBakesOf = (bakes: readonly Bake[], kitchen: Kitchen | undefined): DayBake[] =>
  bakes.map(bake => {
    const sized = sizedOnce({ bake, kitchen })
    return { id: bake.id, title: bake.title, recipe: sized.recipe, sized }
  })

/** The family of each part of a bake: of its plan, and what the baker called it. */
export const familiesOf = (bake: Bake): Readonly<Record<string, string>> => ({
  ...Object.fromEntries((bake.plan?.parts ?? []).map(part => [part.component, part.family])),
  ...bake.wishes.family,
})

interface HouseAt {
  readonly people: readonly Person[]
  readonly packets: readonly Packet[]
}

/** Whose verdict changed between two moments of the house; bakes without a change are left out. */
export const recheckBakes = (
  bakes: readonly Bake[],
  before: HouseAt,
  after: HouseAt,
  today: string,
): {
  readonly bake: string
  readonly title: string
  readonly changes: readonly VerdictChange[]
}[] =>
  bakes.flatMap(bake => {
    const at = ({ people, packets }: HouseAt) => ({
      people,
      packets: packetsFor(bake.ties, packets, today),
    })
    const changes = recheck(plannedRecipe(bake), bake.people, at(before), at(after))
    return changes.length ? [{ bake: bake.id, title: bake.title, changes }] : []
  })
