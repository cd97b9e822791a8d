import type { Kind } from '../../pantry'

/** Kinds that come into a kitchen without a packet to read. [P] */
export const kindsWithoutPacket: readonly Kind[] = ['water', 'egg', 'egg-white', 'egg-yolk', 'fruit']
