import type { Celsius } from '../measure'
import {
  airPressure,
  boilingPoint,
  latentHeat,
  poreConductivity,
  steamDensity,
  type Metres,
} from './air'
import type { Mesh } from './mesh'

/**
 * One side of a body: heat transfer W/(m² K) by moving air, share of radiation it takes in, and
 * what lies between (m² K/W).
 */
export interface Side {
  readonly air: number
  readonly takesIn: number
  readonly wall: number
}

interface Crumb {
  /** As it is poured, and of its own matrix without any bubble; kg/m³. */
  readonly density: number
  readonly matrix: number
  /** J/(kg K). */
  readonly heatCapacity: number
  /** Water by weight, 0…1. */
  readonly water: number
  /** How much of its height it gains; 0.9 nearly doubles it. */
  readonly rise: number
  /** W/(m K) of the matrix; where `solid`, of all of it at every temperature, and nothing boils. */
  readonly conducts: number
  readonly solid?: boolean
}

export interface Heating {
  readonly mesh: Mesh
  /** Metres of batter. */
  readonly depth: number
  readonly crumb: Crumb
  readonly oven: Celsius
  readonly start: Celsius
  readonly bottom: Side
  readonly side: Side
  readonly tube: Side
  readonly top: Side
  /** Water goes off from the top, through a dry layer that grows. */
  readonly drying: boolean
  /** Kelvin that the oven loses when its door opens, made up for over four minutes. */
  readonly dip: number
  readonly altitude: Metres
  /** The factor on all that comes from the oven's side. */
  readonly scale: number
}

interface Curve {
  readonly seconds: readonly number[]
  readonly coldest: readonly Celsius[]
  readonly warmest: readonly Celsius[]
}
export interface Heated {
  /** When the coldest place is done; null when it is not in the time allowed. */
  readonly seconds: number | null
  readonly curve: Curve
  /**
   * Joules taken in from all sides, and what the body holds more than before with what went off as
   * steam: the same but for rounding.
   */
  readonly energy: { readonly in: number; readonly held: number }
  /** Share of its weight that went off from the top. */
  readonly dried: number
  /** Metres at the end. */
  readonly height: number
  readonly steps: number
}

const usualLayers = 8
const boltzmann = 5.670374e-8
const recovery = 240
const zero = 273.15
/** Rise follows the mean temperature from here to there, °C. [M] */
const rises = [35, 90] as const
/** How fast steam passes the dry layer at the top, m²/s. [M] */
const throughDry = 2.5e-6

/** Maxwell's mix of a matrix with bubbles: `gas` conducts, `share` of it is bubbles. */
const mixed = (matrix: number, gas: number, share: number): number =>
  (matrix * (gas + 2 * matrix + 2 * share * (gas - matrix))) /
  (gas + 2 * matrix - share * (gas - matrix))

const tables = new Map<number, Float64Array>()
/** Pore conductivity a degree, since every step asks for every cell. */
function poreTable(altitude: Metres): Float64Array {
  const tens = Math.round(altitude / 10)
  const kept = tables.get(tens)
  if (kept) return kept
  const table = Float64Array.from({ length: 132 }, (_, t) =>
    poreConductivity(t, airPressure(tens * 10)),
  )
  if (tables.size > 60) tables.clear()
  tables.set(tens, table)
  return table
}

/**
 * Bakes a body until its coldest place has `finish` °C, or for `most` seconds: conduction in
 * explicit finite volumes, enthalpy form. Temperature follows enthalpy up to boiling and stays
 * there until the cell's water is gone. Bubbles grow with the rise; steam carries heat through
 * them. Source: the study behind the design; conduction and its checks as in any heat-transfer
 * textbook.
 */
export function heat(of: Heating, finish: Celsius, most = 6 * 3600, layers = usualLayers): Heated {
  const { mesh, crumb } = of
  const { ground, links, walls } = mesh
  const columns = ground.length
  const n = columns * layers
  const up = n - columns
  const dz0 = of.depth / layers
  const area = ground.reduce((sum, g) => sum + g, 0)
  const perVolume = crumb.density * crumb.heatCapacity
  const boils = boilingPoint(of.altitude)
  const toBoil = crumb.solid ? Infinity : perVolume * (boils - of.start)
  const table = poreTable(of.altitude)
  const solidShare = Math.min(1, crumb.density / crumb.matrix)

  const held = new Float64Array(n)
  const wet = new Float64Array(n).fill(crumb.density * crumb.water * latentHeat)
  const t = new Float64Array(n).fill(of.start)
  const k = new Float64Array(n)
  const flow = new Float64Array(n)
  const seconds: number[] = [0]
  const coldestAt: number[] = [of.start]
  const warmestAt: number[] = [of.start]
  let [now, stretch, took, steamed, dry, recorded] = [0, 1, 0, 0, 0, 0]
  let [coldest, before, mean] = [of.start, of.start, of.start]
  let reached: number | null = null
  let steps = 0

  while (now < most && reached === null) {
    const dz = dz0 * stretch
    const pores = 1 - solidShare / stretch
    let best = crumb.conducts
    if (crumb.solid) k.fill(crumb.conducts)
    else {
      best = 0
      for (let c = 0; c < n; c++) {
        const at = Math.min(Math.max(t[c]!, 0), 130)
        const whole = Math.floor(at)
        const gas = table[whole]! + (at - whole) * (table[whole + 1]! - table[whole]!)
        const each = mixed(crumb.conducts, gas, pores)
        k[c] = each
        if (each > best) best = each
      }
    }
    const dt = Math.min(
      30,
      (0.9 * perVolume) / stretch / (best * (mesh.stiff + 2 / dz ** 2)),
      most - now + 1e-6,
    )
    const oven = of.oven - (now < recovery ? of.dip * (1 - now / recovery) : 0)
    const into = (side: Side, cell: number, half: number): number => {
      const [hot, cold] = [oven + zero, t[cell]! + zero]
      const h =
        of.scale * (side.air + side.takesIn * boltzmann * (hot + cold) * (hot * hot + cold * cold))
      return h > 0 ? (oven - t[cell]!) / (1 / h + side.wall + half / k[cell]!) : 0
    }
    flow.fill(0)
    let boundary = 0
    for (let from = 0; from < n; from += columns) {
      for (const { a, b, width, fromA, fromB } of links) {
        const q =
          ((t[from + a]! - t[from + b]!) * width * dz) /
          (fromA / k[from + a]! + fromB / k[from + b]!)
        flow[from + a]! -= q
        flow[from + b]! += q
      }
      for (const { column, width, from: half, tube } of walls) {
        const q = into(tube ? of.tube : of.side, from + column, half) * width * dz
        flow[from + column]! += q
        boundary += q
      }
    }
    for (let c = 0; c < up; c++) {
      const q =
        ((t[c]! - t[c + columns]!) * ground[c % columns]!) /
        (dz / (2 * k[c]!) + dz / (2 * k[c + columns]!))
      flow[c]! -= q
      flow[c + columns]! += q
    }
    let off = 0
    for (let i = 0; i < columns; i++) {
      const [low, high] = [
        into(of.bottom, i, dz / 2) * ground[i]!,
        into(of.top, up + i, dz / 2) * ground[i]!,
      ]
      flow[i]! += low
      flow[up + i]! += high
      boundary += low + high
      if (!of.drying || wet[up + i]! <= 0) continue
      // Through the air above as heat goes through it (Lewis), and through the dry layer.
      const pass = 1 / (1 / ((of.scale * of.top.air) / 800) + dry / throughDry)
      const leaves = Math.min(
        pass * steamDensity(Math.min(t[up + i]!, boils)) * latentHeat * ground[i]!,
        (wet[up + i]! * ground[i]! * dz0) / dt,
      )
      flow[up + i]! -= leaves
      wet[up + i]! -= (leaves * dt) / (ground[i]! * dz0)
      off += leaves
    }
    before = coldest
    coldest = Infinity
    let [warmest, sum] = [-Infinity, 0]
    for (let c = 0; c < n; c++) {
      const g = ground[c % columns]!
      const h = held[c]! + (flow[c]! * dt) / (g * dz0)
      held[c] = h
      // Warming up to the boil, boiling off its water, warming on as a crust.
      const beyond = h - toBoil - wet[c]!
      const warm = h <= toBoil ? of.start + h / perVolume : boils
      const each = beyond > 0 ? boils + beyond / perVolume : warm
      t[c] = each
      sum += each * g
      if (each < coldest) coldest = each
      if (each > warmest) warmest = each
    }
    mean = sum / (area * layers)
    steamed += off * dt
    if (off > 0) dry += (off * dt) / latentHeat / area / (crumb.density * crumb.water)
    took += boundary * dt
    now += dt
    steps++
    stretch = 1 + crumb.rise * Math.min(1, Math.max(0, (mean - rises[0]) / (rises[1] - rises[0])))
    if (coldest >= finish)
      reached = now - (dt * (coldest - finish)) / Math.max(coldest - before, 1e-9)
    if (now - recorded >= 15 || reached !== null) {
      recorded = now
      seconds.push(now)
      coldestAt.push(coldest)
      warmestAt.push(warmest)
    }
  }
  let inside = 0
  for (let c = 0; c < n; c++) inside += held[c]! * ground[c % columns]! * dz0
  return {
    seconds: reached,
    curve: { seconds, coldest: coldestAt, warmest: warmestAt },
    energy: { in: took, held: inside + steamed },
    dried: steamed / latentHeat / (crumb.density * area * of.depth),
    height: of.depth * stretch,
    steps,
  }
}
