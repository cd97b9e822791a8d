import { remembered } from '../pantry'
import { mannerRows, type Manner } from './tables/manners'
import { remarkSign } from './tables/remarks'

/** What the words of an action say of how it is done. */
export const mannersOf = remembered(
  (text: string): ReadonlySet<Manner> =>
    new Set([
      ...mannerRows.flatMap(row => (row.sign.test(text) ? [row.is] : [])),
      ...(remarkSign.test(text) ? (['tells'] as const) : []),
    ]),
  2000,
)

/** What part words begin: "For the flax gel, …" begins the flax gel; null where none. */
export const partNamed = (text: string): string | null =>
  /^\s*(?:for|to\s+make)\s+the\s+([\p{L} -]{3,30}?)[,:]/iu.exec(text)?.[1]?.trim() ?? null
