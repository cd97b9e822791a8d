import { membersOf } from '../../pantry'
import type { AvoidableId, ClaimWords, Ingredient } from '../../pantry'
import { needsOf, type CheckedPacket, type Person } from '../../people'

/**
 * The planner's own hard filter: may this ingredient come to this table at all? The safety check in
 * `people` decides again, by other code, on the finished recipe.
 */
export interface Table {
  /** Held by an ingredient, these keep it away. */
  readonly never: ReadonlySet<AvoidableId>
  /** Groups of which some member must stay away: an ingredient that names only the group stays away too. */
  readonly groups: ReadonlySet<AvoidableId>
  /** Carried as a trace, these matter to someone. */
  readonly traces: ReadonlySet<AvoidableId>
  /** Ingredients that a diet allows on the packet's word, with the ids that their word settles. */
  readonly onPacket: ReadonlyMap<string, ReadonlySet<AvoidableId>>
  /** Ingredients that somebody does not eat by name. */
  readonly things: ReadonlySet<string>
  /** Ingredients whose packets in this house do not suit somebody here, with the packet's name. */
  readonly unfit: ReadonlyMap<string, string>
  /** Ingredients and lines whose packets name what somebody avoids. */
  readonly against: ReadonlySet<string>
  /** Ingredients whose packets have been read and suit everybody. */
  readonly settled: ReadonlySet<string>
}

/** One need, with everything that it keeps away. */
type Need = ReturnType<typeof needsOf>[number] & { readonly members: readonly AvoidableId[] }
function needed(need: ReturnType<typeof needsOf>[number]): Need {
  const spared = new Set(need.except?.flatMap(id => [...membersOf(id)]) ?? [])
  return { ...need, members: [...membersOf(need.allergen)].filter(id => !spared.has(id)) }
}
const membersIn = (needs: readonly Need[]) => new Set(needs.flatMap(need => need.members))

export function tableOf(people: readonly Person[], packets: readonly CheckedPacket[] = []): Table {
  const needs = people.flatMap(needsOf).map(needed)
  const never = membersIn(needs)
  const traces = membersIn(needs.filter(need => need.level === 'trace'))
  const strict = membersIn(needs.filter(need => !need.butAsk.length))
  const isInside = (id: AvoidableId) => [...membersOf(id)].some(member => never.has(member))
  const groups = new Set(allGroups.filter(id => !never.has(id) && isInside(id)))
  const asked = new Map<string, readonly AvoidableId[]>()
  for (const { members, butAsk } of needs)
    for (const item of butAsk) asked.set(item, [...(asked.get(item) ?? []), ...members])
  // What someone else at the table avoids without such an exception is not settled by a packet's word.
  const onPacket = new Map(
    [...asked].map(([item, ids]) => [item, new Set(ids.filter(id => !strict.has(id)))]),
  )
  const things = new Set(
    people.flatMap(person => (person.things ?? []).flatMap(thing => thing.ingredient ?? [])),
  )
  return {
    never,
    groups,
    traces,
    onPacket,
    things,
    ...ofPackets(packets, { never, groups, traces }),
  }
}

type Kept = Pick<Table, 'never' | 'groups' | 'traces'>
const named = (n: CheckedPacket['contains'][number]): AvoidableId =>
  typeof n === 'string' ? n : n.allergen

/** Is a packet read, and does it leave nothing open that matters here? */
const isSettling = (packet: CheckedPacket, { never }: Kept) =>
  !packet.notRead &&
  !(packet.open ?? []).some(n => never.has(named(n))) &&
  !packet.unknownWords?.length

/** What the house's packets do for this table. */
function ofPackets(
  packets: readonly CheckedPacket[],
  kept: Kept,
): Pick<Table, 'unfit' | 'against' | 'settled'> {
  const unfit = new Map<string, string>()
  const against = new Set<string>()
  const settled = new Set<string>()
  const matters = (id: AvoidableId) => kept.never.has(id) || kept.groups.has(id)
  for (const packet of packets) {
    const isNamed = packet.contains.map(named).some(matters)
    if (isNamed) against.add(packet.lineId ?? packet.ingredient ?? '')
    if (!packet.ingredient || packet.lineId !== undefined) continue
    const isUnfit =
      isNamed ||
      (packet.warnings ?? []).map(named).some(matters) ||
      packet.mayContain.map(named).some(id => kept.traces.has(id))
    if (isUnfit) unfit.set(packet.ingredient, packet.name ?? packet.ingredient)
    else if (isSettling(packet, kept)) settled.add(packet.ingredient)
  }
  return { unfit, against, settled: new Set([...settled].filter(id => !unfit.has(id))) }
}

/**
 * May this come to the table as something new: nothing in it is avoided, and the house's own packet
 * of it suits.
 */
export const mayCome = (ingredient: Ingredient, table: Table): boolean =>
  !isBlocked(ingredient, table) && !table.unfit.has(ingredient.id)

const allGroups: readonly AvoidableId[] = ['gluten', 'tree-nut', 'legume', 'seed', 'shellfish']

/** Does the ingredient hold what somebody avoids? `claims` are words of the line that say it does not. */
export function isBlocked(
  ingredient: Ingredient,
  table: Table,
  claims: readonly Pick<ClaimWords, 'without'>[] = [],
): boolean {
  if (table.things.has(ingredient.id)) return true
  const settled = table.onPacket.get(ingredient.id)
  const denied = new Set(claims.flatMap(claim => claim.without.flatMap(id => [...membersOf(id)])))
  return ingredient.holds.some(
    id => (table.never.has(id) || table.groups.has(id)) && !denied.has(id) && !settled?.has(id),
  )
}

/** Would somebody have to read its packet first? */
export function asksPacket(ingredient: Ingredient, table: Table): boolean {
  if (table.settled.has(ingredient.id)) return false
  const matters = (id: AvoidableId) => table.never.has(id) || table.groups.has(id)
  return (
    ingredient.mayHold.some(matters) ||
    table.onPacket.has(ingredient.id) ||
    ingredient.traces.some(
      id => table.traces.has(id) || (table.groups.has(id) && table.traces.size > 0),
    )
  )
}
