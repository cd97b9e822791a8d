import type { Celsius, Minutes } from '../measure'
import type { Phase } from '../method'
import { betweenSays, setsHeat } from './tables/doings'
import type { BakeMoment } from './task'

/** Stretches of one bake are one stay, until something is taken off; every other time is its own. */
export function staysOf(times: readonly Phase[]): Phase[][] {
  const stays: Phase[][] = []
  for (const time of times) {
    const before = stays.at(-1)?.at(-1)
    const goesOn = before?.kind === 'bake' && time.kind === 'bake' && before.then !== 'remove'
    if (goesOn) stays.at(-1)!.push(time)
    else stays.push([time])
  }
  return stays
}

/**
 * What is done between the stretches of a stay; `heats`: the oven's for each of them, where they are
 * told.
 */
export function momentsOf(stay: readonly Phase[], heats: readonly Celsius[]): BakeMoment[] {
  let at = 0
  return stay.slice(0, -1).flatMap((time, k): BakeMoment[] => {
    at += (time.low + time.high) / 2
    const [now, next] = [heats[k], heats[k + 1]]
    const celsius = next !== undefined && next !== now ? next : null
    const says = (time.then && betweenSays[time.then]) ?? null
    // Where the heat is told, "turn it down" says nothing more.
    const isSaid = says !== null && !(celsius !== null && setsHeat.has(time.then!))
    return [
      ...(isSaid ? [{ at, says, celsius: null }] : []),
      ...(celsius === null ? [] : [{ at, says: '', celsius }]),
    ]
  })
}

/** The moments of a stay that takes `minutes` and not the `stated` ones. */
export const movedTo = (
  moments: readonly BakeMoment[],
  minutes: Minutes,
  stated: Minutes,
): readonly BakeMoment[] =>
  moments.map(each => ({ ...each, at: Math.round((each.at * minutes) / stated) }))
