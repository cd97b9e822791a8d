import { brimful, depthOf } from './geometry'
import type { BatterRow } from './tables/batters'
import { holdsBatter, type Tin } from './tin'

/**
 * How the batter stands in one kind of tin: of each of `count`. `full` is the share of the brim;
 * `risen` how high it comes in the oven, cm.
 */
export interface Filling {
  readonly tin: Tin
  readonly ml: number
  readonly depth: number
  readonly full: number
  readonly risen: number
  /** Centimetres from the batter to the rim. */
  readonly room: number
  /** low: much below what it is made for; over: it will climb over the rim. */
  readonly stands: 'low' | 'right' | 'full' | 'over'
}

/**
 * What a tin takes of this batter: its brim by the family's fill, all of them together. ½ high rise
 * and ring, ⅔ cakes and muffins, ¾ dense [M].
 */
export const takes = (tin: Tin, batter: Pick<BatterRow, 'fill'>): number =>
  tin.count * brimful(tin) * fillOf(tin, batter)
/** A ring's batter climbs between two walls. [M] ½ in a ring */
const fillOf = (tin: Tin, batter: Pick<BatterRow, 'fill'>) =>
  tin.shape === 'ring' ? Math.min(batter.fill, Math.max(0.5, batter.fill - 0.1)) : batter.fill

/** How a tin stands that holds `full` of its brim and is made for `fill` of it. */
function standsAt(full: number, fill: number, isRising: boolean): Filling['stands'] {
  if (full > 1 || (isRising && full > 1.1 * fill)) return 'over'
  if (full > 1.02 * fill) return 'full'
  return full < 0.3 * fill ? 'low' : 'right'
}

/** `ml` of batter in all of them, each equally full. A tray or a log holds it on its ground alone. */
export function fillingOf(tin: Tin, ml: number, batter: Pick<BatterRow, 'fill' | 'rise'>): Filling {
  const each = ml / tin.count
  const depth = depthOf(tin, each)
  const full = each / brimful(tin)
  const fill = fillOf(tin, batter)
  const risen = batter.rise > 0 ? depthOf(tin, each / fill) : depth
  const free = !holdsBatter(tin) || tin.shape === 'log'
  return {
    tin,
    ml: each,
    depth,
    full,
    risen,
    room: tin.height - depth,
    stands: free ? 'right' : standsAt(full, fill, batter.rise > 0),
  }
}

/**
 * One batter over several tins, equally full in each; grams are of each single tin or cup, to top
 * up evenly.
 */
export function share(tins: readonly Tin[], ml: number, batter: BatterRow): Filling[] {
  const room = tins.reduce((sum, tin) => sum + tin.count * brimful(tin), 0)
  return tins.map(tin => fillingOf(tin, (ml * tin.count * brimful(tin)) / room, batter))
}
