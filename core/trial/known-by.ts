import type { Packet } from '../packet'
import { packetsFor, type PacketLink } from '../people'
import type { HouseKnowledge, Tried } from '../swap'
import { knowledgeFrom } from './knowledge'
import type { Lesson } from './learn'

/** What the house knows of a bake: its tied packets on a day, how plans came out, and its lessons. */
export interface HouseKnows {
  readonly ties: readonly PacketLink[]
  readonly packets: readonly Packet[]
  readonly today: string
  readonly tried: readonly Tried[]
  readonly lessons: readonly Lesson[]
}

/** The same as the planner takes it. */
export function knownBy({ ties, packets, today, tried, lessons }: HouseKnows): HouseKnowledge {
  const school = knowledgeFrom(lessons)
  return {
    ...(ties.length ? { packets: packetsFor(ties, packets, today) } : {}),
    ...school,
    tried: [...tried, ...school.tried],
  }
}
