import type { Grams } from '../measure'

/** Circles on a tray: the middle of each in cm from one corner, and by which pattern they lie. */
export interface Layout {
  readonly count: number
  readonly pattern: 'rows' | 'offset rows'
  readonly at: readonly (readonly [number, number])[]
  readonly pitch: number
}

/** Between two pieces on a tray, cm. [M] */
const usualGap = 2

function squareRows(length: number, breadth: number, pitch: number): [number, number][] {
  const [across, down] = [Math.floor(length / pitch + 1e-9), Math.floor(breadth / pitch + 1e-9)]
  return Array.from({ length: across * down }, (_, i) => [
    (((i % across) + 0.5) * length) / across,
    ((Math.floor(i / across) + 0.5) * breadth) / down,
  ])
}

/** Rows along the length, every other one moved by half a pitch. */
function offsetRows(length: number, breadth: number, pitch: number): [number, number][] {
  if (breadth < pitch || length < pitch) return []
  const rise = (pitch * Math.sqrt(3)) / 2
  const rows = 1 + Math.floor((breadth - pitch) / rise + 1e-9)
  const even = Math.floor(length / pitch + 1e-9)
  const odd = Math.floor((length - pitch / 2) / pitch + 1e-9)
  const spread = rows > 1 ? (breadth - pitch) / (rows - 1) : 0
  // What is over at the end goes to both sides.
  const aside = Math.max(0, length - pitch * (even === odd && rows > 1 ? even + 0.5 : even)) / 2
  return Array.from({ length: rows }, (_, row) =>
    Array.from({ length: row % 2 ? odd : even }, (_, i): [number, number] => [
      aside + (row % 2 ? 1 : 0.5) * pitch + i * pitch,
      rows > 1 ? pitch / 2 + row * spread : breadth / 2,
    ]),
  ).flat()
}

/**
 * How many round pieces of that diameter (cm, baked) lie on a tray with a gap between them: the
 * better of rows and offset rows, at a pitch of diameter and gap. 30 × 40 cm: 18 of 6 cm, 12 of 7
 * or 8. [M]
 */
export function layTray(length: number, breadth: number, diameter: number, gap = usualGap): Layout {
  const pitch = diameter + gap
  const ways: Layout[] = [
    { pattern: 'rows', at: squareRows(length, breadth, pitch) },
    { pattern: 'offset rows', at: offsetRows(length, breadth, pitch) },
    {
      pattern: 'offset rows',
      at: offsetRows(breadth, length, pitch).map(([x, y]): [number, number] => [y, x]),
    },
  ].map(way => ({ ...way, count: way.at.length, pitch }) as Layout)
  return ways.reduce((best, way) => (way.count > best.count ? way : best))
}

/** What a piece loses in the oven, and how a baked cookie is: g/ml and cm thick. [M] */
const bakedPiece = { loss: 0.12, density: 0.65, thick: 1 } as const

/** Diameter in cm of a cookie of so many grams of dough: √(4m(1 − loss)/(πρt)). */
export const acrossOf = (
  grams: Grams,
  thick: number = bakedPiece.thick,
  loss: number = bakedPiece.loss,
  density: number = bakedPiece.density,
): number => Math.sqrt((4 * grams * (1 - loss)) / (Math.PI * density * thick))
/** The other way: the grams of dough for that diameter. */
export const gramsFor = (
  diameter: number,
  thick: number = bakedPiece.thick,
  loss: number = bakedPiece.loss,
  density: number = bakedPiece.density,
): Grams => (Math.PI * diameter ** 2 * density * thick) / (4 * (1 - loss))

/** Loads of the oven, and how many pieces lie on the last one. */
export function loadsOf(
  pieces: number,
  each: number,
  traysAtOnce = 1,
): { readonly loads: number; readonly last: number } {
  const most = each * traysAtOnce
  if (!(pieces > 0) || !(most > 0)) return { loads: 0, last: 0 }
  const loads = Math.ceil(pieces / most)
  return { loads, last: pieces - (loads - 1) * most }
}

/** Cuts along and across; sides of a piece in cm, and what is left over at two edges. */
export interface Grid {
  readonly along: number
  readonly across: number
  readonly count: number
  readonly piece: readonly [number, number]
  readonly left: readonly [number, number]
}

/** Squares of that side: floor(L/s)·floor(W/s). */
export function squaresOf(length: number, breadth: number, side: number): Grid {
  const [along, across] = [Math.floor(length / side + 1e-9), Math.floor(breadth / side + 1e-9)]
  return {
    along,
    across,
    count: along * across,
    piece: [side, side],
    left: [length - along * side, breadth - across * side],
  }
}

/** Exactly `count` equal pieces, as near to squares as that number allows; a prime number makes fingers. */
export function cutInto(length: number, breadth: number, count: number): Grid {
  let best: Grid | null = null
  const skew = (g: Grid) => Math.abs(Math.log(g.piece[0] / g.piece[1]))
  for (let along = 1; along <= count; along++) {
    if (count % along) continue
    const across = count / along
    const grid: Grid = {
      along,
      across,
      count,
      piece: [length / along, breadth / across],
      left: [0, 0],
    }
    if (!best || skew(grid) < skew(best)) best = grid
  }
  return best!
}

/** Whole slices of a log or a loaf: 25 cm at 2.5 cm are 10. [P] */
export const slicesOf = (length: number, thick: number): number =>
  Math.max(0, Math.floor(length / thick + 1e-9))
