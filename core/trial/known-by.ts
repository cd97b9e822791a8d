import type { Packet } from '../packet'
import { packetsFor, type Tie } from '../people'
import type { Known, Tried } from '../swap'
import { schoolOf, type Lesson } from './learn'

/** What the house knows of a bake: its tied packets on a day, how plans came out, and its lessons. */
export interface HouseKnows {
  readonly ties: readonly Tie[]
  readonly packets: readonly Packet[]
  readonly today: string
  readonly tried: readonly Tried[]
  readonly lessons: readonly Lesson[]
}

/** The same as the planner takes it. */
export function knownBy({ ties, packets, today, tried, lessons }: HouseKnows): Known {
  const school = schoolOf(lessons)
  return {
    ...(ties.length ? { packets: packetsFor(ties, packets, today) } : {}),
    ...school,
    tried: [...tried, ...school.tried],
  }
}
