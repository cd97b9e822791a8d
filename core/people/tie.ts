import { packetFields, sumUp, whyNotChecked, type Packet } from '../packet'
import type { CheckedPacket } from './check'

/** Which packets of the house a bake uses: for every line of an ingredient, or for one line that no ingredient is known for. */
export interface Tie { readonly ingredient: string | null, readonly lineId: string | null, readonly packets: readonly string[] }

/** A packet as the check wants it, on that day (ISO). */
export function checkedPacket(packet: Packet, today: string, tie: { readonly ingredient: string | null, readonly lineId?: string }): CheckedPacket {
  const sum = sumUp(packet)
  const notRead = whyNotChecked(packet, today)
  return {
    ...tie, id: packet.id, name: packet.name, contains: sum.contains, mayContain: sum.mayContain, open: sum.open, unknownWords: sum.unknownWords, claims: sum.claims,
    statement: packetFields.map(field => packet.words[field]).join('\n'), ...notRead ? { notRead } : {},
  }
}

/** The packets that a bake's ties name, as the check wants them. A packet that the house no longer has does not count as read. */
export function packetsFor(ties: readonly Tie[], packets: readonly Packet[], today: string): CheckedPacket[] {
  return ties.flatMap(tie => tie.packets.map(id => {
    const packet = packets.find(p => p.id === id)
    const to = { ingredient: tie.ingredient, ...tie.lineId === null ? {} : { lineId: tie.lineId } }
    return packet ? checkedPacket(packet, today, to) : { ...to, id, contains: [], mayContain: [], notRead: 'it is no longer in the house' }
  }))
}
