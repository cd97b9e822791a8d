import { packetFields, sumUp, whyNotChecked, type Packet } from '../packet'
import type { Line, Recipe } from '../recipe'
import { checkPeople } from './check'
import type { CheckedPacket, PeopleCheck } from './conflict'
import type { Person } from './person'

/**
 * Which packets of the house a bake uses: for every line of an ingredient, or for one line that no
 * ingredient is known for.
 */
export interface PacketLink {
  readonly ingredient: string | null
  readonly lineId: string | null
  readonly packets: readonly string[]
}

/** A packet as the check wants it, on that day (ISO). */
function checkedPacket(
  packet: Packet,
  today: string,
  tie: { readonly ingredient: string | null; readonly lineId?: string },
): CheckedPacket {
  const sum = sumUp(packet)
  const notRead = whyNotChecked(packet, today)
  return {
    ...tie,
    id: packet.id,
    name: packet.name,
    contains: sum.contains,
    mayContain: sum.mayContain,
    warnings: sum.warnings,
    open: sum.open,
    unknownWords: sum.unknownWords,
    claims: sum.claims,
    statement: packetFields.map(field => packet.words[field]).join('\n'),
    ...(notRead ? { notRead } : {}),
  }
}

/**
 * The packets that a bake's ties name, as the check wants them. A packet that the house no longer
 * has does not count as read.
 */
export function packetsFor(
  ties: readonly PacketLink[],
  packets: readonly Packet[],
  today: string,
): CheckedPacket[] {
  return ties.flatMap(tie =>
    tie.packets.map(id => {
      const packet = packets.find(p => p.id === id)
      const to = {
        ingredient: tie.ingredient,
        ...(tie.lineId === null ? {} : { lineId: tie.lineId }),
      }
      return packet
        ? checkedPacket(packet, today, to)
        : { ...to, id, contains: [], mayContain: [], notRead: 'it is no longer in the house' }
    }),
  )
}

/**
 * Who may eat what is in a packet, by itself: the check of a recipe of that one thing.
 *
 * @example
 * const wren = { id: 'wren', name: 'Wren', diets: [], avoids: [{ allergen: 'milk', strictness: 'allergy' }] }
 * whoMayEat(newPacket('p', 'Squall Crumb', 'butter'), [wren], '2026-01-17').people[0].verdict // "conflict"
 */
export function whoMayEat(packet: Packet, people: readonly Person[], today: string): PeopleCheck {
  const line: Line = {
    id: 'packet',
    text: packet.name,
    amount: null,
    unit: null,
    grams: null,
    ingredient: packet.ingredient,
    name: packet.name,
    preparation: '',
    optional: false,
    purpose: null,
    orElse: [],
    component: '',
    unread: [],
    evidence: { amount: null, name: null, how: '', source: 'its packet', by: 'baker' },
  }
  const recipe: Recipe = {
    title: packet.name,
    region: 'metric',
    components: [{ name: '', lines: [line], steps: [] }],
    yield: null,
    pan: null,
    oven: null,
  }
  return checkPeople(recipe, people, {
    packets: packetsFor(
      [
        {
          ingredient: packet.ingredient,
          lineId: packet.ingredient === null ? line.id : null,
          packets: [packet.id],
        },
      ],
      [packet],
      today,
    ),
  })
}
