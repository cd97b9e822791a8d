import type { Tin } from './tin'

/** Square centimetres and millilitres of one tin, filled to a depth in cm. */
const isRound = (tin: Tin) => tin.shape === 'round' || tin.shape === 'ring' || tin.shape === 'cups'

/** Its sides at that height above the bottom, cm. */
export function sidesAt(tin: Tin, height: number): readonly [number, number] {
  const share = tin.height > 0 ? Math.min(Math.max(height / tin.height, 0), 1) : 1
  return [
    tin.bottom[0] + (tin.top[0] - tin.bottom[0]) * share,
    tin.bottom[1] + (tin.top[1] - tin.bottom[1]) * share,
  ]
}
const tubeAt = (tin: Tin, height: number) =>
  tin.tube
    ? tin.tube[1] + (tin.tube[0] - tin.tube[1]) * Math.min(Math.max(height / tin.height, 0), 1)
    : 0

/** Ground of the batter at that height, cm². */
export function areaAt(tin: Tin, height: number): number {
  const [a, b] = sidesAt(tin, height)
  return isRound(tin) ? (Math.PI / 4) * (a * b - tubeAt(tin, height) ** 2) : a * b
}

/**
 * Between parallel ends: exact for every straight taper, h/6·(A + 4M + A′), which is h/6·(2ab + ab′
 * + a′b + 2a′b′) for a box and πh/12·(d² + dD + D²) for a cone.
 */
const between = (tin: Tin, depth: number) =>
  (depth / 6) * (areaAt(tin, 0) + 4 * areaAt(tin, depth / 2) + areaAt(tin, depth))

/**
 * How much more or less than its sides say it holds, where water was measured: flutes and rounded
 * corners.
 */
const corrected = (tin: Tin) => (tin.measured ? tin.measured / between(tin, tin.height) : 1)

/** Millilitres in one tin that is filled to `depth` cm. */
export const volumeAt = (tin: Tin, depth: number): number =>
  between(tin, Math.min(depth, tin.height)) * corrected(tin) +
  Math.max(0, depth - tin.height) * areaAt(tin, tin.height)

/** Millilitres to the brim of one. */
export const brimful = (tin: Tin): number => volumeAt(tin, tin.height)

/**
 * How deep `ml` stand in one tin, in cm; above the brim it is counted on as if the sides went up
 * straight.
 */
export function depthOf(tin: Tin, ml: number): number {
  // Newton: what is missing over the ground at that depth. Sides are straight, so a few steps are exact.
  let depth = ml / areaAt(tin, tin.height / 2)
  for (let i = 0; i < 30; i++) {
    const step =
      (ml - volumeAt(tin, depth)) /
      (areaAt(tin, Math.min(depth, tin.height)) * (depth < tin.height ? corrected(tin) : 1))
    depth = Math.max(1e-9, depth + step)
    if (Math.abs(step) < 1e-10 * Math.max(1, depth)) break
  }
  return depth
}

/** Wetted area of one tin in cm²: its bottom, its sides and its tube up to the batter, not the top. */
export function wetted(tin: Tin, depth: number): number {
  const [a0, b0] = sidesAt(tin, 0)
  const [a1, b1] = sidesAt(tin, depth)
  const slant = (from: number, to: number) => Math.hypot(depth, (to - from) / 2)
  if (!isRound(tin)) return a0 * b0 + (a0 + a1) * slant(b0, b1) + (b0 + b1) * slant(a0, a1)
  const outside = ((Math.PI * (a0 + a1)) / 2) * slant(a0, a1)
  const tube = tin.tube
    ? ((Math.PI * (tubeAt(tin, 0) + tubeAt(tin, depth))) / 2) *
      slant(tubeAt(tin, 0), tubeAt(tin, depth))
    : 0
  return areaAt(tin, 0) + outside + tube
}

/** The tube's mean diameter up to that depth, cm. */
export const tubeAcross = (tin: Tin, depth: number): number => tubeAt(tin, depth / 2)
