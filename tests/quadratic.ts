import quadprog from 'quadprog'

/**
 * The same least squares for the `quadprog` package: each residual is parted into what is above and
 * what is below.
 */
export interface Rows {
  readonly n: number
  readonly a: Float64Array
  readonly b: Float64Array
  readonly over: Float64Array
  readonly under: Float64Array
  readonly low: Float64Array
  readonly high: Float64Array
}

const from1 = <T>(items: readonly T[]): T[] => [undefined as T, ...items]

/** The optimum of the sum by `quadprog`; null when it finds none. */
export function byQuadprog({ n, a, b, over, under, low, high }: Rows): number | null {
  const m = b.length
  const size = n + 2 * m
  const ridge = 1e-9
  const d = Array.from({ length: size }, (_, i) =>
    Array.from({ length: size }, (_, j) => {
      if (i !== j) return 0
      const sides = [...over, ...under]
      return 2 * Math.max(i < n ? 0 : sides[i - n]!, ridge)
    }),
  )
  const columns: number[][] = []
  const bounds: number[] = []
  const column = (entries: readonly (readonly [number, number])[], bound: number) => {
    const c = new Array<number>(size).fill(0)
    for (const [at, v] of entries) c[at] = v
    columns.push(c)
    bounds.push(bound)
  }
  // a·x − above + below = b
  for (let i = 0; i < m; i++)
    column(
      [
        ...Array.from({ length: n }, (_, j) => [j, a[i * n + j]!] as const),
        [n + i, -1],
        [n + m + i, 1],
      ],
      b[i]!,
    )
  for (let j = 0; j < n; j++) {
    column([[j, 1]], low[j]!)
    column([[j, -1]], -high[j]!)
  }
  for (let i = 0; i < 2 * m; i++) column([[n + i, 1]], 0)
  const matrix = from1(Array.from({ length: size }, (_, row) => from1(columns.map(c => c[row]!))))
  const found = quadprog.solveQP(
    from1(d.map(row => from1(row))),
    from1(new Array<number>(size).fill(0)),
    matrix,
    from1(bounds),
    m,
  )
  if (found.message) return null
  const x = Float64Array.from(found.solution.slice(1, n + 1))
  let sum = 0
  for (let i = 0; i < m; i++) {
    let r = -b[i]!
    for (let j = 0; j < n; j++) r += a[i * n + j]! * x[j]!
    sum += (r > 0 ? over[i]! : under[i]!) * r * r
  }
  return sum
}
