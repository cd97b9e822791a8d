import { avoidableName, groupsOf, type AvoidableId } from '../pantry'
import type {
  CheckRule,
  CheckedPacket,
  Conflict,
  Held,
  KnownIngredient,
  NamedThing,
  State,
} from './conflict'
import type { Need, Person } from './person'

const within = (id: AvoidableId, group: AvoidableId) => groupsOf(id).has(group)
const avoided = (id: AvoidableId, need: Need) =>
  within(id, need.allergen) && !need.except?.some(spared => within(id, spared))
/** "Mixed nuts" against "almond": the group that is named may or may not hold the one that matters. */
const perhaps = (id: AvoidableId, need: Need) => within(need.allergen, id) && id !== need.allergen
const idsOf = (named: readonly NamedThing[] | undefined): AvoidableId[] =>
  (named ?? []).map(n => (typeof n === 'string' ? n : n.allergen))
export const called = (packet: CheckedPacket) =>
  packet.name ? `the packet “${packet.name}”` : 'its packet'

/** One need against one thing: what the rules look at. */
interface Look {
  readonly need: Need
  readonly held: Held
  readonly ingredient: KnownIngredient
  /** Its packets that count as read. */
  readonly read: readonly CheckedPacket[]
}
/** What a rule found. */
interface Finding {
  readonly state: State
  readonly rule: CheckRule
  readonly because: string
  readonly source: string
}
type Rule = (look: Look) => Finding | null

const what = ({ need }: Look) => avoidableName(need.allergen)
const counts = (look: Look, id: AvoidableId) =>
  id === look.need.allergen ? '' : `, which counts as ${what(look)}`
const touches = (need: Need) => (id: AvoidableId) => avoided(id, need) || perhaps(id, need)
const byPacket = 'the packet'

/**
 * A packet names it. What the diet itself leaves to the packet (oats) is not against it; wheat in
 * the oats is.
 */
const packetContains: Rule = look => {
  const { need, held, ingredient } = look
  const isLeftToPacket = (id: AvoidableId) =>
    need.butAsk.includes(ingredient.id) && ingredient.holds.includes(id)
  const isFine = (packet: CheckedPacket) =>
    packet.claims?.some(claim => claim.name === need.fineClaim && !claim.against) ?? false
  for (const packet of held.packets.filter(p => !isFine(p))) {
    const hit = idsOf(packet.contains).find(id => avoided(id, need) && !isLeftToPacket(id))
    if (hit)
      return {
        state: 'contains',
        rule: 'packet-contains',
        because: `${called(packet)} names ${avoidableName(hit)}${counts(look, hit)}`,
        source: byPacket,
      }
  }
  return null
}

/** The thing holds it; where its own words say otherwise, or the diet asks, the packet decides. */
const holds: Rule = look => {
  const { need, held, ingredient, read } = look
  if (need.fine?.includes(ingredient.id)) return null
  for (const hit of ingredient.holds.filter(id => avoided(id, need))) {
    const isDenied = held.claims.some(claim => within(hit, claim))
    const isAsked = need.butAsk.includes(ingredient.id)
    if (!isDenied && !isAsked)
      return {
        state: 'contains',
        rule: 'holds',
        because: `${ingredient.name} contains ${avoidableName(hit)}${counts(look, hit)}`,
        source: ingredient.source,
      }
    // The diet goes by the mark on the packet; words of a recipe are settled by any packet that
    // does not name it.
    const isMarked = (packet: CheckedPacket) =>
      packet.claims?.some(c => !c.against && c.without.includes(need.allergen))
    const isSettled = read.length > 0 && (isAsked ? read.every(isMarked) : isDenied)
    if (!isSettled)
      return {
        state: 'unknown',
        rule: 'denied',
        because:
          `${ingredient.name} usually brings ${avoidableName(hit)}; the words say otherwise, ` +
          'so the packet decides',
        source: ingredient.source,
      }
  }
  return null
}

/** A group is named of which it may be a member. */
const group: Rule = look => {
  const { need, ingredient, read } = look
  const hit = ingredient.holds.find(id => perhaps(id, need))
  if (!hit || read.length) return null
  return {
    state: 'unknown',
    rule: 'group',
    because: `${ingredient.name} may be any of ${avoidableName(hit)}, ${what(look)} among them`,
    source: ingredient.source,
  }
}

/** What of one packet is not for this need, or is left open by its words. */
function packetDoubts(look: Look, packet: CheckedPacket): Finding | null {
  const { need } = look
  const any = idsOf(packet.contains).find(id => perhaps(id, need))
  if (any)
    return {
      state: 'unknown',
      rule: 'group',
      because: `${called(packet)} names ${avoidableName(any)}, ${what(look)} perhaps among them`,
      source: byPacket,
    }
  const warned = idsOf(packet.warnings).find(touches(need))
  if (warned)
    return {
      state: 'may contain',
      rule: 'packet-warning',
      because: `${called(packet)} says that it is not for those who avoid ${avoidableName(warned)}`,
      source: byPacket,
    }
  const open = idsOf(packet.open).find(touches(need))
  return open
    ? {
        state: 'unknown',
        rule: 'packet-open',
        because:
          `the words of ${called(packet)} leave open whether ${avoidableName(open)} is in ` +
          'it; only the maker tells',
        source: byPacket,
      }
    : null
}
const packetOpen: Rule = look =>
  look.held.packets.map(packet => packetDoubts(look, packet)).find(found => found !== null) ?? null

/** Some makes hold it, and no packet was read. */
const mayHold: Rule = ({ need, ingredient, read }) => {
  const maybe = read.length ? undefined : ingredient.mayHold.find(touches(need))
  if (!maybe) return null
  return {
    state: 'unknown',
    rule: 'may-hold',
    because: `${ingredient.name} holds ${avoidableName(maybe)} in some makes; only the packet tells`,
    source: ingredient.source,
  }
}

/** For whoever traces count: those that a packet names, or that the thing often carries. */
const traces: Rule = ({ need, held, ingredient, read }) => {
  if (need.level !== 'trace') return null
  for (const packet of held.packets) {
    const trace = idsOf(packet.mayContain).find(touches(need))
    if (trace)
      return {
        state: 'may contain',
        rule: 'packet-trace',
        because: `${called(packet)} says that it may contain ${avoidableName(trace)}`,
        source: byPacket,
      }
  }
  const trace = read.length ? undefined : ingredient.traces.find(touches(need))
  return trace
    ? {
        state: 'may contain',
        rule: 'trace',
        because: `${ingredient.name} often carries traces of ${avoidableName(trace)}`,
        source: ingredient.source,
      }
    : null
}

/** In this order: the first that finds something is the reason. */
const rules: readonly Rule[] = [packetContains, holds, group, packetOpen, mayHold, traces]

/** Why a thing is, or may be, against a need; null where nothing of it is. */
export function againstNeed(
  person: Person,
  need: Need,
  held: Held,
  ingredient: KnownIngredient,
): Conflict | null {
  const look: Look = { need, held, ingredient, read: held.packets.filter(p => !p.notRead) }
  for (const rule of rules) {
    const found = rule(look)
    if (found)
      return {
        ...held.place,
        personId: person.id,
        allergen: need.allergen,
        ingredient: ingredient.id,
        ...found,
        because: `${found.because}${need.from ? ` (${need.from})` : ''}`,
      }
  }
  return null
}
