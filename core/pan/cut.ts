import { cutInto, slicesOf, squaresOf } from './pieces'
import type { SizedCut, Sizing } from './sized'
import type { Tin } from './tin'

/** A loaf is sliced: a log, or a box that is long and high. */
const isLoaf = ({ shape, top, height }: Tin): boolean =>
  shape === 'log' || (shape === 'box' && top[0] > 1.5 * top[1] && height > 5.5)
/** How thick slices of a loaf are where nobody says, cm. [P] */
const usualSlice = 2.5
const mostPieces = 200

/** What is wished of a cut: a side in cm, a count, or what the recipe says it makes. */
interface CutWish {
  readonly side: number | null
  /** Null where nobody says how many. */
  readonly count: number | null
}

function slices([length]: Tin['top'], { side, count }: CutWish): SizedCut | null {
  const isCounted = side === null && count !== null
  const evenly = isCounted ? length / count : usualSlice
  const thick = side ?? evenly
  const many = isCounted ? count : slicesOf(length, thick)
  return many ? { how: 'slices', count: many, thick } : null
}

function squares([a, b]: Tin['bottom'], { side, count }: CutWish): SizedCut | null {
  if (side !== null) {
    const grid = squaresOf(a, b, side)
    return grid.count ? { how: 'grid', grid } : null
  }
  return count === null ? null : { how: 'grid', grid: cutInto(a, b, count) }
}

function wishOf(makes: number | null, cut: Sizing['cut']): CutWish {
  const said = cut?.by === 'count' ? cut.n : (makes ?? 0)
  const count = Math.max(1, Math.min(mostPieces, Math.round(said)))
  return { side: cut?.by === 'side' ? cut.n : null, count: makes || cut ? count : null }
}

/**
 * How it is cut out of its tin: into slices, a grid or wedges. `makes` is what the recipe says it
 * makes. Null where nobody says, or nothing is cut.
 */
export function cutOf(
  tin: Tin | undefined,
  makes: number | null,
  cut: Sizing['cut'],
): SizedCut | null {
  if (!tin || (cut && !(cut.n > 0))) return null
  const wish = wishOf(makes, cut)
  if (isLoaf(tin)) return slices(tin.top, wish)
  if (tin.shape === 'box') return squares(tin.bottom, wish)
  const isRound = tin.shape === 'round' || tin.shape === 'ring'
  const wedges = makes || cut?.by === 'count' ? wish.count : null
  return isRound && wedges !== null ? { how: 'wedges', count: wedges } : null
}
