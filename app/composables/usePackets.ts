import type { Packet, PacketSum, LookAlike } from '#core/packet'
import type { PeopleCheck } from '#core/people'

/**
 * What every packet of the house comes to, who may eat it, and which ones look alike; worked out
 * anew when packets or people change.
 */
export interface PacketLook {
  readonly packet: Packet
  readonly sum: PacketSum
  readonly check: PeopleCheck
  readonly alike: readonly (LookAlike & { readonly name: string })[]
}

export function usePackets() {
  const house = useHouseStore()
  const looks = shallowRef<readonly PacketLook[]>([])
  const looked = ref(false)
  let turn = 0
  watch(
    [() => house.packets, () => house.residents],
    async ([packets, people]) => {
      const now = ++turn
      const found = await useCore().packets(packets, people, today())
      if (now !== turn) return
      const nameOf = (id: string) => packets.find(p => p.id === id)!
      looks.value = packets
        .map((packet, i) => ({
          packet,
          sum: found.each[i]!.sum,
          check: found.each[i]!.check,
          alike: found.alike
            .filter(a => a.packet === packet.id || a.other === packet.id)
            .map(a => {
              const first = a.packet === packet.id
              const other = nameOf(first ? a.other : a.packet)
              return {
                packet: packet.id,
                other: other.id,
                only: first ? a.only : a.otherOnly,
                otherOnly: first ? a.otherOnly : a.only,
                name: `${other.name}${other.where ? ` (${other.where})` : ''}`,
              }
            }),
        }))
        .sort((a, b) => a.packet.name.localeCompare(b.packet.name))
      looked.value = true
    },
    { immediate: true },
  )
  return { looks, looked }
}
