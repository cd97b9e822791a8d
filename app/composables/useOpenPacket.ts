import type { InjectionKey } from 'vue'
import { newPacket, type Packet } from '#core/packet'
import type { PacketLink } from '#core/people'

/** The open packet of the page, for what the page is made of. */
export const openPacketKey: InjectionKey<ReturnType<typeof useOpenPacket>> = Symbol('openPacket')

/** What a packet is for: a line, or every line of an ingredient. */
type For = Pick<PacketLink, 'ingredient' | 'lineId'> | null

/** The packet whose sheet is open: opened or begun, kept, thrown away; `trouble` says why it is not kept. */
export function useOpenPacket() {
  const current = useCurrentBake()
  const house = useHouseStore()
  const undo = useTakeBack()
  // Shallow: what is kept must be plain data, all the way down.
  const open = shallowRef<{ packet: Packet; fresh: boolean; to: For; opening: string } | null>(null)
  useDraft('packets', reactive({ open }))
  const trouble = ref('')
  const begin = (name = '', ingredient: string | null = null, to: For = null) => {
    const packet = newPacket(crypto.randomUUID(), name, ingredient)
    open.value = { packet, fresh: true, to, opening: packet.id }
  }
  // Each opening has a sheet of its own: what was being kept in another does not stand in it.
  const show = (packet: Packet) => {
    open.value = { packet, fresh: false, to: null, opening: crypto.randomUUID() }
  }
  const showById = (id: string) => {
    const packet = house.packets.find(p => p.id === id)
    if (packet) show(packet)
  }
  function leave() {
    if (open.value) forgetDraft(`packet/${open.value.packet.id}`)
    open.value = null
  }
  async function keep(packet: Packet, label: string | undefined) {
    const was = open.value
    const before = house.packets.find(p => p.id === packet.id)
    trouble.value = ''
    // The sheet stays open, with all that was typed, until it is really kept.
    try {
      await house.keepPacket(packet, label)
    } catch {
      trouble.value = 'This packet could not be kept. What you typed is still here.'
      return
    }
    // Whoever has opened another meanwhile, or this one again, stays there.
    if (open.value === was) leave()
    else if (open.value?.packet.id !== packet.id) forgetDraft(`packet/${packet.id}`)
    if (was?.to) await current.tie(was.to, [packet.id])
    if (before) undo(`“${packet.name}” is kept.`, 'Undo', () => house.keepPacket(before))
  }
  async function drop() {
    const packet = open.value?.packet
    leave()
    if (!packet) return
    const back = await house.dropPacket(packet)
    undo(`“${packet.name}” is thrown away.`, 'Bring back', back)
  }
  return { open, trouble, begin, show, showById, keep, drop, leave }
}
