import { changeOf, lookAlikes, readFields, sumUp, type Packet } from '#core/packet'
import {
  boughtIn,
  makeBefore,
  packetsFor,
  safetyOf,
  whoMayEat,
  type PacketLink,
  type Person,
} from '#core/people'
import type { Recipe } from '#core/recipe'
import { plannedRecipe, recheckBakes, type Bake, type CardHouse } from '#core/share'

/** Who may eat what: recipes, packets, bakes of one day. */
export const safety = {
  /**
   * Who can eat a recipe, by the packets it is tied to; what may be claimed; what to mind; what to
   * do against traces.
   */
  safety: (
    recipe: Recipe,
    people: readonly Person[],
    ties: readonly PacketLink[],
    house: CardHouse,
  ) => safetyOf(recipe, people, packetsFor(ties, house.packets, house.today)),
  /** Ids of a recipe's ingredients that come out of packets; '' stands for what is not known. */
  boughtIn,
  readFields,
  /** What packets come to, who may eat each, and which look alike but differ. */
  packets: (packets: readonly Packet[], people: readonly Person[], today: string) => ({
    each: packets.map(packet => ({
      id: packet.id,
      sum: sumUp(packet),
      check: whoMayEat(packet, people, today),
    })),
    alike: lookAlikes(packets),
  }),
  changeOf,
  /** For each bake, whose verdict changed between two moments of the house. */
  recheck: recheckBakes,
  /**
   * Which bake is to be made before which, since somebody strict eats only the first and the second
   * holds what that person avoids.
   */
  apart: (bakes: readonly Bake[], people: readonly Person[]) =>
    makeBefore(
      bakes.map(bake => ({ id: bake.id, recipe: plannedRecipe(bake), people: bake.people })),
      people,
    ),
}
