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
 * A body while it bakes: what stays the same, and its cells, column by column from below. The
 * arrays are written in place, since every step goes through every cell.
 */
interface Body extends Heating {
  readonly cells: number
  readonly columns: number
  /** Cells below the top layer. */
  readonly below: number
  /** Metres of one layer before it rises. */
  readonly layer: number
  readonly area: number
  /** J/(m³ K). */
  readonly perVolume: number
  readonly boils: Celsius
  /** J/m³ up to the boil. */
  readonly toBoil: number
  readonly pores: Float64Array
  /** Share of the matrix in the batter as it is poured. */
  readonly solidShare: number
  /** J/m³ more than at the start, and J/m³ of water that has yet to boil off. */
  readonly held: Float64Array
  readonly wet: Float64Array
  /** °C, W/(m K), and W that flow into a cell. */
  readonly t: Float64Array
  readonly k: Float64Array
  readonly flow: Float64Array
  /** °C of the oven in this step. */
  ovenNow: Celsius
  /** W taken in from all sides, and W that go off as steam, in this step. */
  taken: number
  off: number
  /** Metres of the dry layer at the top. */
  dry: number
}

function bodyOf(of: Heating, layers: number): Body {
  const { crumb } = of
  const columns = of.mesh.ground.length
  const cells = columns * layers
  const perVolume = crumb.density * crumb.heatCapacity
  const boils = boilingPoint(of.altitude)
  return {
    ...of,
    cells,
    columns,
    below: cells - columns,
    layer: of.depth / layers,
    area: of.mesh.ground.reduce((sum, g) => sum + g, 0),
    perVolume,
    boils,
    toBoil: crumb.solid ? Infinity : perVolume * (boils - of.start),
    pores: poreTable(of.altitude),
    solidShare: Math.min(1, crumb.density / crumb.matrix),
    held: new Float64Array(cells),
    wet: new Float64Array(cells).fill(crumb.density * crumb.water * latentHeat),
    t: new Float64Array(cells).fill(of.start),
    k: new Float64Array(cells),
    flow: new Float64Array(cells),
    ovenNow: of.oven,
    taken: 0,
    off: 0,
    dry: 0,
  }
}

/** How well each cell conducts now, by its temperature and bubbles; gives the best of them. */
function conduct({ crumb, cells, t, k, pores, solidShare }: Body, stretch: number): number {
  if (crumb.solid) {
    k.fill(crumb.conducts)
    return crumb.conducts
  }
  const share = 1 - solidShare / stretch
  let best = 0
  for (let c = 0; c < cells; c++) {
    const at = Math.min(Math.max(t[c]!, 0), 130)
    const whole = Math.floor(at)
    const gas = pores[whole]! + (at - whole) * (pores[whole + 1]! - pores[whole]!)
    const each = mixed(crumb.conducts, gas, share)
    k[c] = each
    if (each > best) best = each
  }
  return best
}

/** W/m² that come into a cell from the oven, through air, tin and `half` the cell. */
function into(body: Body, side: Side, cell: number, half: number): number {
  const { t, k, scale, ovenNow } = body
  const [hot, cold] = [ovenNow + zero, t[cell]! + zero]
  const h = scale * (side.air + side.takesIn * boltzmann * (hot + cold) * (hot * hot + cold * cold))
  return h > 0 ? (ovenNow - t[cell]!) / (1 / h + side.wall + half / k[cell]!) : 0
}

/** Heat within each layer, and from its walls. */
function flowAcross(body: Body, dz: number): void {
  const { mesh, cells, columns, t, k, flow } = body
  for (let from = 0; from < cells; from += columns) {
    for (const { a, b, width, fromA, fromB } of mesh.links) {
      const q =
        ((t[from + a]! - t[from + b]!) * width * dz) / (fromA / k[from + a]! + fromB / k[from + b]!)
      flow[from + a]! -= q
      flow[from + b]! += q
    }
    for (const { column, width, from: half, tube } of mesh.walls) {
      const cell = from + column
      const q = into(body, tube ? body.tube : body.side, cell, half) * width * dz
      flow[cell]! += q
      body.taken += q
    }
  }
}
/** Heat from layer to layer. */
function flowUp({ mesh, columns, below, t, k, flow }: Body, dz: number): void {
  for (let c = 0; c < below; c++) {
    const q =
      ((t[c]! - t[c + columns]!) * mesh.ground[c % columns]!) /
      (dz / (2 * k[c]!) + dz / (2 * k[c + columns]!))
    flow[c]! -= q
    flow[c + columns]! += q
  }
}
/** W that go off as steam from the top of a column in `dt` seconds. */
function steamFrom(body: Body, cell: number, dt: number): number {
  const { wet, t, boils, layer, scale, top, dry } = body
  const ground = body.mesh.ground[cell - body.below]!
  // Through the air above as heat goes through it (Lewis), and through the dry layer.
  const pass = 1 / (1 / ((scale * top.air) / 800) + dry / throughDry)
  return Math.min(
    pass * steamDensity(Math.min(t[cell]!, boils)) * latentHeat * ground,
    (wet[cell]! * ground * layer) / dt,
  )
}
/** Heat through the bottom and the top, and steam that takes it away. */
function flowThrough(body: Body, dz: number, dt: number): void {
  const { mesh, columns, below, flow, wet, layer } = body
  const half = dz / 2
  for (let i = 0; i < columns; i++) {
    const ground = mesh.ground[i]!
    const cell = below + i
    const low = into(body, body.bottom, i, half) * ground
    const high = into(body, body.top, cell, half) * ground
    flow[i]! += low
    flow[cell]! += high
    body.taken += low + high
    if (!body.drying || wet[cell]! <= 0) continue
    const leaves = steamFrom(body, cell, dt)
    flow[cell]! -= leaves
    wet[cell]! -= (leaves * dt) / (ground * layer)
    body.off += leaves
  }
}
/** What flowed in warms each cell: up to the boil, then its water boils off, then on as a crust. */
function warm(body: Body, dt: number) {
  const { mesh, cells, columns, layer, start, perVolume, toBoil, boils, held, wet, t, flow } = body
  let [coldest, warmest, sum] = [Infinity, -Infinity, 0]
  for (let c = 0; c < cells; c++) {
    const g = mesh.ground[c % columns]!
    const h = held[c]! + (flow[c]! * dt) / (g * layer)
    held[c] = h
    const beyond = h - toBoil - wet[c]!
    const upToBoil = h <= toBoil ? start + h / perVolume : boils
    const each = beyond > 0 ? boils + beyond / perVolume : upToBoil
    t[c] = each
    sum += each * g
    if (each < coldest) coldest = each
    if (each > warmest) warmest = each
  }
  return { coldest, warmest, mean: sum / (body.area * (cells / columns)) }
}
/** J that the body holds more than before. */
function heldIn({ mesh, cells, columns, layer, held }: Body): number {
  let inside = 0
  for (let c = 0; c < cells; c++) inside += held[c]! * mesh.ground[c % columns]! * layer
  return inside
}
/** Seconds after which the curve has another point. */
const everySeconds = 15
/** The longest step, in seconds; a shorter one keeps the explicit scheme stable. */
const longestStep = 30

/**
 * Bakes a body until its coldest place has `finish` °C, or for `most` seconds: conduction in
 * explicit finite volumes, enthalpy form. Temperature follows enthalpy up to boiling and stays
 * there until the cell's water is gone. Bubbles grow with the rise; steam carries heat through
 * them. Source: the study behind the design; conduction and its checks as in any heat-transfer
 * textbook.
 */
export function heat(of: Heating, finish: Celsius, most = 6 * 3600, layers = usualLayers): Heated {
  const body = bodyOf(of, layers)
  const { crumb, layer, area, perVolume } = body
  const curve = { seconds: [0], coldest: [of.start], warmest: [of.start] }
  let [now, stretch, took, steamed, recorded, steps] = [0, 1, 0, 0, 0, 0]
  let coldest = of.start
  let reached: number | null = null
  while (now < most && reached === null) {
    const dz = layer * stretch
    const best = conduct(body, stretch)
    const stable = (0.9 * perVolume) / stretch / (best * (of.mesh.stiff + 2 / dz ** 2))
    const dt = Math.min(longestStep, stable, most - now + 1e-6)
    body.ovenNow = of.oven - (now < recovery ? of.dip * (1 - now / recovery) : 0)
    body.flow.fill(0)
    body.taken = 0
    body.off = 0
    flowAcross(body, dz)
    flowUp(body, dz)
    flowThrough(body, dz, dt)
    const before = coldest
    const is = warm(body, dt)
    coldest = is.coldest
    steamed += body.off * dt
    if (body.off > 0)
      body.dry += (body.off * dt) / latentHeat / area / (crumb.density * crumb.water)
    took += body.taken * dt
    now += dt
    steps++
    const risen = Math.min(1, Math.max(0, (is.mean - rises[0]) / (rises[1] - rises[0])))
    stretch = 1 + crumb.rise * risen
    if (coldest >= finish)
      reached = now - (dt * (coldest - finish)) / Math.max(coldest - before, 1e-9)
    if (now - recorded < everySeconds && reached === null) continue
    recorded = now
    curve.seconds.push(now)
    curve.coldest.push(coldest)
    curve.warmest.push(is.warmest)
  }
  return {
    seconds: reached,
    curve,
    energy: { in: took, held: heldIn(body) + steamed },
    dried: steamed / latentHeat / (crumb.density * area * of.depth),
    height: of.depth * stretch,
    steps,
  }
}
