import { packetFields, type PacketWords } from '#core/packet'

/**
 * What a look-up knows of a packet: words to read against the packet in hand, never a check by
 * themselves.
 */
export interface FoundPacket {
  readonly name: string
  readonly ingredient: string | null
  readonly words: PacketWords
  readonly size: number | null
}
type LookUpAnswer =
  | { readonly ok: true; readonly packet: FoundPacket; readonly simulated: boolean }
  | {
      readonly ok: false
      readonly problem: 'missing' | 'failed' | 'offline' | 'stopped'
      readonly sentence: string
    }

/** Where packets are looked up by their code. A real service can take the stand-in's place behind this. */
export interface PacketLookUp {
  readonly find: (code: string, stop: AbortSignal) => Promise<LookUpAnswer>
}

const text = (value: unknown, most = 8000) =>
  typeof value === 'string' ? value.slice(0, most) : ''
const sentences = {
  missing: 'Nobody has entered a packet with this code. Type or photograph what stands on yours.',
  failed:
    'The look-up did not answer as it should. Nothing was changed; type or photograph the ' +
    'packet, or try again.',
  offline: 'The look-up cannot be reached. Nothing was changed; type or photograph the packet.',
  stopped: 'Stopped. Nothing was changed.',
} as const
const refuse = (problem: keyof typeof sentences): LookUpAnswer => ({
  ok: false,
  problem,
  sentence: sentences[problem],
})

/**
 * The stand-in on this app's own server, signed as simulated. Nothing of its answer is taken over
 * but plain texts.
 */
export const simulatedLookUp: PacketLookUp = {
  async find(code, stop) {
    let response: Response
    try {
      response = await fetch(`/api/packets/${encodeURIComponent(code)}`, { signal: stop })
    } catch {
      return refuse(stop.aborted ? 'stopped' : 'offline')
    }
    if (response.status === 404) return refuse('missing')
    if (!response.ok) return refuse('failed')
    try {
      const { packet, simulated } = (await response.json()) as {
        packet: Record<string, unknown> & { words?: Record<string, unknown> }
        simulated?: boolean
      }
      const words = Object.fromEntries(
        packetFields.map(field => [field, text(packet.words?.[field])]),
      ) as unknown as PacketWords
      return {
        ok: true,
        simulated: simulated === true,
        packet: {
          name: text(packet.name, 100),
          ingredient: typeof packet.ingredient === 'string' ? packet.ingredient : null,
          words,
          size: typeof packet.size === 'number' && packet.size > 0 ? packet.size : null,
        },
      }
    } catch {
      return refuse('failed')
    }
  },
}
