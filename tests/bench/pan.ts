import { predictBake } from '#core'
import {
  heat,
  rectangle,
  ruleMinutes,
  thickness,
  usualTin,
  wetted,
  depthOf,
  areaAt,
  type BakeKnown,
  type Tin,
} from '#core/pan'
import { panChanges } from '../corpus/tables/pan-changes'

/**
 * Measures bake times against what ordinary recipes say for other tins, beside the simple rules;
 * and how long they take to compute.
 */
const mid = ([low, high]: readonly [number, number]) => (low + high) / 2
const faces = (tin: Tin, ml: number) => {
  const depth = depthOf(tin, ml)
  return wetted(tin, depth) + areaAt(tin, depth)
}

export function timesOff(): { readonly name: string; readonly percent: number }[] {
  const off: Record<string, number[]> = {}
  const add = (name: string, got: number, wanted: number) => {
    ;(off[name] ??= []).push(Math.abs(got / wanted - 1))
  }
  for (const recipe of panChanges) {
    const { tin, ml } = recipe.stated
    const minutes = mid(recipe.stated.minutes)
    for (const other of recipe.others) {
      const wanted = mid(other.minutes)
      const hotter = Math.exp(-0.0104 * ((other.celsius ?? recipe.celsius) - recipe.celsius))
      const found = predictBake(
        {
          tin,
          ml: ml * tin.count,
          minutes: recipe.stated.minutes,
          celsius: recipe.celsius,
          family: recipe.family,
          density: recipe.density,
        },
        { tin: other.tin, ml: other.ml * other.tin.count, celsius: other.celsius },
      )
      const depth = depthOf(other.tin, other.ml) / depthOf(tin, ml)
      add('the heat model', found.ok ? found.likely : 0, wanted)
      add(
        '(V / A) to the 1.2',
        ruleMinutes({ tin, ml, minutes }, other.tin, other.ml) * hotter,
        wanted,
      )
      add(
        'volume over all faces',
        (minutes * (other.ml / faces(other.tin, other.ml))) / (ml / faces(tin, ml)),
        wanted,
      )
      add('volume to the ⅔', minutes * (other.ml / ml) ** (2 / 3), wanted)
      add('depth to the 1.5', minutes * depth ** 1.5, wanted)
      add('the same time', minutes, wanted)
    }
  }
  return Object.entries(off).map(([name, all]) => ({
    name,
    percent: (100 * all.reduce((a, b) => a + b, 0)) / all.length,
  }))
}

const median = (values: readonly number[]) =>
  [...values].sort((a, b) => a - b)[Math.floor(values.length / 2)]!
const clock = (work: () => void) => {
  const t = performance.now()
  work()
  return performance.now() - t
}
const medianOf = (times: number, work: () => void) =>
  median(Array.from({ length: times }, () => clock(work)))

/** Calibrated predictions, warm; another stated time each, so that nothing is kept. */
function predictions(): readonly number[] {
  const known: BakeKnown = {
    tin: usualTin('slab-33-23'),
    ml: 1500,
    celsius: 175,
    family: 'creamed',
  }
  let n = 0
  const predict = () => {
    predictBake({ ...known, minutes: 34 + ++n / 100 }, { tin: usualTin('loaf-900'), ml: 920 })
  }
  for (let i = 0; i < 15; i++) predict()
  return Array.from({ length: 25 }, () => clock(predict))
}

const side = { air: 9, takesIn: 0.6, wall: 0 }
const body = {
  mesh: rectangle(0.205, 0.105, 5),
  depth: 0.045,
  crumb: { density: 950, matrix: 1280, heatCapacity: 2700, water: 0.3, rise: 0.9, conducts: 0.45 },
  oven: 175,
  start: 20,
  bottom: side,
  side,
  tube: side,
  top: side,
  drying: true,
  dip: 25,
  altitude: 0,
  scale: 0.66,
}
const cells = 25 * 7

/** A plain loop over the same cells and steps. */
function plainly(steps: number) {
  const t = new Float64Array(cells).fill(20)
  const next = new Float64Array(cells)
  const around = [-25, -5, -1, 1, 5, 25]
  for (let s = 0; s < steps; s++) {
    for (let c = 0; c < cells; c++) {
      let sum = -6 * t[c]!
      for (const by of around) sum += t[c + by] ?? 175
      next[c] = t[c]! + 0.1 * sum
    }
    t.set(next)
  }
  return t[0]!
}

function byTheRule() {
  for (let i = 0; i < 1000; i++) {
    const from = { tin: usualTin('round-20'), ml: 600 + i / 10, minutes: 35 }
    thickness(usualTin('ring-24'), ruleMinutes(from, usualTin('loaf-900'), 900) + 1400)
  }
}

/** Milliseconds: the rule, a calibrated prediction, one run, and a plain loop beside it. */
export function panSpeed(): {
  readonly rule: number
  readonly predicted: number
  readonly slowest: number
  readonly run: number
  readonly plain: number
  readonly cells: number
  readonly steps: number
} {
  const all = predictions()
  const { steps } = heat(body, 96, 2e4, 7)
  const run = medianOf(15, () => heat(body, 96, 2e4, 7))
  for (let i = 0; i < 5; i++) plainly(steps)
  return {
    rule: clock(byTheRule) / 1000,
    predicted: median(all),
    slowest: Math.max(...all),
    run,
    plain: medianOf(15, () => plainly(steps)),
    cells,
    steps,
  }
}
