/**
 * Weighted least squares within bounds, with a price of its own on either side of each target:
 * minimise Σ φᵢ(aᵢ·x − bᵢ), φ(r) = over·r² above and under·r² below, low ≤ x ≤ high. Convex, so the
 * optimum is the only one.
 */
export interface Squares {
  /** Number of unknowns. */
  readonly n: number
  /** Rows of n coefficients, one after the other. */
  readonly a: Float64Array
  readonly b: Float64Array
  readonly over: Float64Array
  readonly under: Float64Array
  readonly low: Float64Array
  readonly high: Float64Array
}

export interface Solved {
  readonly x: Float64Array
  readonly value: number
  readonly rounds: number
}

const most = 64
/** Working room for problems of up to `most` unknowns: a plan solves thousands, and none of them keeps it. */
const [grad, step, trial, hessian, free] = [
  new Float64Array(most),
  new Float64Array(most),
  new Float64Array(most),
  new Float64Array(most * most),
  new Int32Array(most),
]

const clip = (v: number, low: number, high: number) => {
  if (v < low) return low
  return v > high ? high : v
}

/** The value of the sum at x. */
export function valueAt({ n, a, b, over, under }: Squares, x: Float64Array): number {
  let sum = 0
  for (let i = 0, o = 0; i < b.length; i++, o += n) {
    let r = -b[i]!
    for (let j = 0; j < n; j++) r += a[o + j]! * x[j]!
    sum += (r > 0 ? over[i]! : under[i]!) * r * r
  }
  return sum
}

/** Gradient and curvature at x, into the working room. */
function slopes({ n, a, b, over, under }: Squares, x: Float64Array): void {
  grad.fill(0, 0, n)
  hessian.fill(0, 0, n * n)
  for (let i = 0, o = 0; i < b.length; i++, o += n) {
    let r = -b[i]!
    for (let j = 0; j < n; j++) r += a[o + j]! * x[j]!
    const w = r > 0 ? over[i]! : under[i]!
    if (w === 0) continue
    for (let j = 0; j < n; j++) {
      const aj = a[o + j]!
      if (aj === 0) continue
      grad[j]! += 2 * w * r * aj
      const wa = 2 * w * aj
      for (let k = 0; k <= j; k++) hessian[j * n + k]! += wa * a[o + k]!
    }
  }
}

/** The free part of H as a product of triangles (Cholesky); false when it is not positive enough. */
function decompose(n: number, count: number): boolean {
  for (let p = 0; p < count; p++)
    for (let q = 0; q <= p; q++) {
      let sum = hessian[free[p]! * n + free[q]!]!
      if (p === q) sum += 1e-12 * (1 + sum)
      for (let s = 0; s < q; s++) sum -= factor[p * most + s]! * factor[q * most + s]!
      if (p !== q) factor[p * most + q] = sum / factor[q * most + q]!
      else if (sum <= 0) return false
      else factor[p * most + p] = Math.sqrt(sum)
    }
  return true
}
/** Solves the free part of H d = −g, in place; false when it is not positive enough. */
function newton(n: number, count: number): boolean {
  if (!decompose(n, count)) return false
  for (let p = 0; p < count; p++) {
    let sum = -grad[free[p]!]!
    for (let s = 0; s < p; s++) sum -= factor[p * most + s]! * step[s]!
    step[p] = sum / factor[p * most + p]!
  }
  for (let p = count - 1; p >= 0; p--) {
    let sum = step[p]!
    for (let s = p + 1; s < count; s++) sum -= factor[s * most + p]! * step[s]!
    step[p] = sum / factor[p * most + p]!
  }
  return true
}
const factor = new Float64Array(most * most)

/** One exact step along each unknown in turn: slow, but it never gets worse. */
function sweep(problem: Squares, x: Float64Array): void {
  const { n, low, high } = problem
  for (let j = 0; j < n; j++)
    for (let again = 0; again < 4; again++) {
      slopes(problem, x)
      const bend = hessian[j * n + j]!
      if (bend <= 0) break
      const to = clip(x[j]! - grad[j]! / bend, low[j]!, high[j]!)
      if (Math.abs(to - x[j]!) < 1e-12) break
      x[j] = to
    }
}

/** Which unknowns may move downhill, into `free`; how many, and how strongly the steepest wants to. */
function freeAt(
  { n, low, high }: Squares,
  x: Float64Array,
): readonly [count: number, push: number] {
  let [count, push] = [0, 0]
  for (let j = 0; j < n; j++) {
    const room = high[j]! - low[j]!
    const atLow = x[j]! <= low[j]! + 1e-12 * (1 + room)
    const atHigh = x[j]! >= high[j]! - 1e-12 * (1 + room)
    if ((atLow && grad[j]! >= 0) || (atHigh && grad[j]! <= 0)) continue
    free[count++] = j
    push = Math.max(push, Math.abs(grad[j]!) * Math.min(1, Math.max(room, 1e-9)))
  }
  return [count, push]
}

/** A Newton step, halved until it gains; the value there, or the same where none does. */
function stepped(problem: Squares, x: Float64Array, count: number, value: number): number {
  const { n, low, high } = problem
  for (let t = 1; t > 1e-4; t /= 2) {
    trial.set(x)
    for (let p = 0; p < count; p++)
      trial[free[p]!] = clip(x[free[p]!]! + t * step[p]!, low[free[p]!]!, high[free[p]!]!)
    const there = valueAt(problem, trial)
    if (!(there < value - 1e-13 * (1 + value))) continue
    for (let j = 0; j < n; j++) x[j] = trial[j]!
    return there
  }
  return value
}

/** The middle of the bounds, or `start` within them. */
function begun({ n, low, high }: Squares, start?: Float64Array): Float64Array {
  const x = new Float64Array(n)
  for (let j = 0; j < n; j++) {
    const middle = (low[j]! + Math.min(high[j]!, low[j]! + 1e6)) / 2
    x[j] = clip(start ? start[j]! : middle, low[j]!, high[j]!)
  }
  return x
}

/**
 * The optimum, from `start` or the middle of the bounds. Projected Newton steps on the unknowns
 * that are free to move, with a halving line search; where that gains nothing, exact steps one
 * unknown at a time. At most 64 unknowns.
 */
export function solveSquares(problem: Squares, start?: Float64Array): Solved {
  const { n } = problem
  if (n > most) throw new Error(`${n} unknowns, more than ${most}`)
  const x = begun(problem, start)
  let value = valueAt(problem, x)
  let rounds = 0
  for (; rounds < 60; rounds++) {
    slopes(problem, x)
    const [count, push] = freeAt(problem, x)
    if (!count || push < 1e-10 * (1 + value)) break
    const was = value
    if (newton(n, count)) value = stepped(problem, x, count, value)
    if (was - value > 1e-12 * (1 + value)) continue
    const before = value
    sweep(problem, x)
    value = valueAt(problem, x)
    if (before - value < 1e-12 * (1 + value)) break
  }
  return { x, value, rounds }
}
