import type { Celsius } from '../measure'
import { remembered } from '../pantry'
import { boilingPoint, type Metres } from './air'
import { depthOf, sidesAt, tubeAcross } from './geometry'
import { heat, type Heated, type Heating, type Side } from './heat'
import { disc, rectangle, type Mesh } from './mesh'
import { materialOf } from './tables/materials'
import type { BatterRow } from './tables/batters'
import type { Tin } from './tin'

/**
 * One batter in one tin in one oven: millilitres of batter in each tin, degrees of the still or fan
 * oven itself.
 */
export interface Baking {
  readonly tin: Tin
  readonly ml: number
  readonly celsius: Celsius
  readonly fan: boolean
  /** The batter as it goes in; 20 °C from the bowl, 5 °C from the fridge. */
  readonly start: Celsius
  readonly altitude: Metres
  readonly batter: Pick<BatterRow, 'rise' | 'finish'> & {
    readonly density: number
    readonly water: number
  }
}

/**
 * How the factor on the oven's side lies over ordinary recipes, and what is used where a stated
 * time fits nothing. [the study: 0.57–0.74 over eight anchors]
 */
export const usualScale = 0.66
const moving = { still: 9, fan: 16 }
const cuts = { round: 8, box: 5, layers: 7 }
/** A tube stands in the shade of the oven, and its air moves less. [M] */
const inTube = 0.6
/** kg/m³ of batter without a bubble, J/(kg K), W/(m K) of it. [M, tuned] */
const matrix = { density: 1280, heatCapacity: 2700, conducts: 0.45 }

function meshOf(tin: Tin, depth: number): Mesh {
  const [a, b] = sidesAt(tin, depth / 2)
  if (tin.shape === 'box' || tin.shape === 'tray' || tin.shape === 'log')
    return rectangle(a / 100, b / 100, cuts.box)
  return disc(
    Math.sqrt(a * b) / 200,
    tin.shape === 'ring' ? tubeAcross(tin, depth) / 200 : 0,
    cuts.round,
  )
}

function heatingOf(
  { tin, ml, celsius, fan, start, altitude, batter }: Baking,
  scale: number,
): Heating {
  const material = materialOf(tin.material)
  const depth = depthOf(tin, ml)
  const air = fan ? moving.fan : moving.still
  const wall: Side = { air, takesIn: material.takesIn, wall: material.wall }
  const open: Side = { air, takesIn: 0.9, wall: 0 }
  return {
    mesh: meshOf(tin, depth),
    depth: depth / 100,
    oven: celsius,
    start,
    altitude,
    scale,
    drying: true,
    dip: 25,
    crumb: {
      density: Math.min(1000 * batter.density, matrix.density),
      matrix: matrix.density,
      heatCapacity: matrix.heatCapacity,
      water: batter.water,
      rise: batter.rise,
      conducts: matrix.conducts,
    },
    bottom: wall,
    side: tin.shape === 'log' ? open : wall,
    tube: { ...wall, air: air * inTube, takesIn: wall.takesIn * inTube },
    top: open,
  }
}

/** Up in the mountains water boils below 100 °C, and no crumb gets hotter. */
const finishAt = (of: Heating, finish: Celsius) =>
  Math.min(finish, boilingPoint(of.altitude) - 3, of.oven - 5)

/** Bakes it by the model; the minutes until its coldest place is done, null when it never is. */
export function baked(of: Baking, scale: number): Heated & { readonly minutes: number | null } {
  const heating = heatingOf(of, scale)
  const run = heat(heating, finishAt(heating, of.batter.finish), 6 * 3600, cuts.layers)
  return { ...run, minutes: run.seconds === null ? null : run.seconds / 60 }
}

/**
 * The factor at which the model takes the stated minutes: a secant in the logarithm, since time
 * falls about as a power of it. At most twelve runs; null where no factor between 0.15 and 4 does.
 */
export const calibrate = (of: Baking, minutes: number): number | null => fitted({ of, minutes })
/** The same anchor is asked for whenever a slider moves. */
const fitted = remembered(
  ({ of, minutes }: { readonly of: Baking; readonly minutes: number }) => fit(of, minutes),
  200,
  () => 0,
  JSON.stringify,
)

function fit(of: Baking, minutes: number): number | null {
  const off = (log: number) => {
    const run = baked(of, Math.exp(log))
    return run.minutes === null ? 3 : Math.log(run.minutes / minutes)
  }
  let [x0, x1] = [Math.log(usualScale), 0]
  let y0 = off(x0)
  x1 = x0 + Math.max(-0.8, Math.min(0.8, y0 * 1.6))
  for (let i = 0; i < 11; i++) {
    if (Math.abs(y0) < 0.004) return Math.exp(x0)
    const y1 = off(x1)
    if (Math.abs(y1) < 0.004) return Math.exp(x1)
    const slope = (y1 - y0) / (x1 - x0)
    const next = Math.abs(slope) < 0.05 ? x1 + Math.sign(y1) * 0.5 : x1 - y1 / slope
    ;[x0, y0, x1] = [x1, y1, Math.max(x1 - 1, Math.min(x1 + 1, next))]
    if (x1 < Math.log(0.15) || x1 > Math.log(4)) return null
  }
  return null
}
