/**
 * The ground plan of a body of batter, cut into columns; every layer above it is cut the same.
 * Lengths in metres. A box is cut in a quarter of itself, which mirrors into the rest.
 */
export interface Mesh {
  /** Ground area of each column, m². */
  readonly ground: Float64Array
  /** Neighbours: the width that they share, and how far each one's middle is from it. */
  readonly links: readonly {
    readonly a: number
    readonly b: number
    readonly width: number
    readonly fromA: number
    readonly fromB: number
  }[]
  /** Where a column touches the wall of the pan, or of its tube. */
  readonly walls: readonly {
    readonly column: number
    readonly width: number
    readonly from: number
    readonly tube: boolean
  }[]
  /** The column farthest from every wall. */
  readonly middle: number
  /** The sum of shared widths over distances by ground area, 1/m²: bounds the time step. */
  readonly stiff: number
}

function meshOf(
  ground: Float64Array,
  links: Mesh['links'],
  walls: Mesh['walls'],
  middle: number,
): Mesh {
  const sums = new Float64Array(ground.length)
  for (const { a, b, width, fromA, fromB } of links) {
    sums[a]! += width / (fromA + fromB) / ground[a]!
    sums[b]! += width / (fromA + fromB) / ground[b]!
  }
  for (const { column, width, from } of walls) sums[column]! += width / (2 * from) / ground[column]!
  return { ground, links, walls, middle, stiff: Math.max(...sums) }
}

/** A disc cut into rings of equal breadth; with `hole` a ring around a tube of that radius. */
export function disc(radius: number, hole: number, cuts: number): Mesh {
  const breadth = (radius - hole) / cuts
  const edge = (i: number) => hole + i * breadth
  const around = (r: number) => 2 * Math.PI * r
  const ground = Float64Array.from(
    { length: cuts },
    (_, i) => Math.PI * (edge(i + 1) ** 2 - edge(i) ** 2),
  )
  const links = Array.from({ length: cuts - 1 }, (_, i) => ({
    a: i,
    b: i + 1,
    width: around(edge(i + 1)),
    fromA: breadth / 2,
    fromB: breadth / 2,
  }))
  const walls = [
    { column: cuts - 1, width: around(radius), from: breadth / 2, tube: false },
    ...(hole > 0 ? [{ column: 0, width: around(hole), from: breadth / 2, tube: true }] : []),
  ]
  return meshOf(ground, links, walls, hole > 0 ? cuts >> 1 : 0)
}

/** A rectangle, of which a quarter is cut into `cuts` by `cuts`; the column at its middle is the first. */
export function rectangle(length: number, breadth: number, cuts: number): Mesh {
  const [dx, dy] = [length / 2 / cuts, breadth / 2 / cuts]
  const at = (x: number, y: number) => y * cuts + x
  const ground = new Float64Array(cuts * cuts).fill(dx * dy)
  const links: Mesh['links'][number][] = []
  const walls: Mesh['walls'][number][] = []
  for (let y = 0; y < cuts; y++)
    for (let x = 0; x < cuts; x++) {
      if (x + 1 < cuts)
        links.push({ a: at(x, y), b: at(x + 1, y), width: dy, fromA: dx / 2, fromB: dx / 2 })
      else walls.push({ column: at(x, y), width: dy, from: dx / 2, tube: false })
      if (y + 1 < cuts)
        links.push({ a: at(x, y), b: at(x, y + 1), width: dx, fromA: dy / 2, fromB: dy / 2 })
      else walls.push({ column: at(x, y), width: dx, from: dy / 2, tube: false })
    }
  return meshOf(ground, links, walls, 0)
}
