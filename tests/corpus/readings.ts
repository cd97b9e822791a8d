import { readPacket, readRecipe } from '#core'
import { thingsOf } from '#core/recipe'
import { statementShares } from './score-packets.mjs'
import { desserts } from './tables/desserts'
import { corpusRecipes } from './tables/recipes'
import { moreRecipes } from './tables/recipes-more'
import { packetProbes } from './tables/packet-probes'
import { packetStatements } from './tables/packet-statements'

/** A short mark of any plain value: two that differ have the same once in four thousand million. */
function markOf(value: unknown): string {
  let hash = 0x811c9dc5
  for (const letter of JSON.stringify(value)) {
    hash ^= letter.codePointAt(0)!
    hash = Math.imul(hash, 0x01000193)
  }
  return (hash >>> 0).toString(36)
}

/** One thing that was read, by its beginning, with a mark of all that was read of it. */
export const packetReadings = (): Record<string, string> =>
  Object.fromEntries(
    [...statementShares(packetStatements).open, ...packetProbes].map((text: string) => [
      text.slice(0, 60),
      markOf(readPacket(text.replaceAll(/[~?!#]?\{(?:[a-z,-]+:)?([^}]+)\}/gu, '$1'))),
    ]),
  )
export const thingReadings = (): Record<string, string> =>
  Object.fromEntries(
    [...corpusRecipes, ...moreRecipes, ...desserts.filter(one => !one.held)].map(({ text }, i) => [
      `${i} ${text.split('\n')[0]!.slice(0, 60)}`,
      markOf(thingsOf(readRecipe(text).recipe)),
    ]),
  )
