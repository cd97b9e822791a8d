import type { Grams } from '../measure'
import type { Ingredient } from '../pantry'
import {
  at,
  atAcid,
  atEgg,
  atPowder,
  atSoda,
  eggCount,
  gasOf,
  heatShare,
  liftThatHolds,
  measures,
  perGram,
  sideOf,
  toleranceOf,
  type Measure,
} from '../formula'
import type { Added, AmountSetter, PlanDraft, Lever, Target } from './draft'
import { solveSquares, type Squares } from './least-squares'
import { limits, reach } from './tables/limits'

/**
 * The amounts of a part by weighted least squares: every measure that the family minds is a row, a
 * tolerance its unit; doses pull gently towards what their school says; what stays moves within its
 * bounds. Source: the engine study; lift, which is not straight where soda meets acid, is taken as
 * straight on its side and looked at again.
 */
interface Unknown {
  readonly ingredient: Ingredient
  readonly low: Grams
  readonly high: Grams
  readonly was: Grams
  readonly kept: number
  readonly added: number
  readonly lever: Lever | null
}

const leverNames: readonly Lever[] = ['lift', 'fat', 'water', 'acid']

/** The most of what a lever adds, in grams. */
function mostOf(lever: Unknown['lever'], target: Target): Grams {
  if (lever === 'lift') return limits.powderOfFlour * target.flour
  if (lever === 'acid') return limits.acidOfFlour * target.flour
  return lever === 'water' ? target.mass : 0.2 * target.mass
}

function unknownsOf(draft: PlanDraft, target: Target, levers: ReadonlySet<Lever>): Unknown[] {
  const found: Unknown[] = []
  draft.kept.forEach((k, i) => {
    if (k.most > k.least)
      found.push({
        ingredient: k.ingredient,
        low: k.least,
        high: k.most,
        was: k.was,
        kept: i,
        added: -1,
        lever: null,
      })
  })
  draft.added.forEach((a, i) => {
    found.push({
      ingredient: a.ingredient,
      low: a.least,
      high: a.most,
      was: a.dose,
      kept: -1,
      added: i,
      lever: null,
    })
  })
  for (const lever of leverNames) {
    if (!levers.has(lever)) continue
    const ingredient = target.lever(lever)
    // Acid is only put in where there is soda for it to meet.
    if (
      lever === 'acid' &&
      (target.flour <= 0 ||
        !draft.kept.some(k => k.ingredient.soda > 0) ||
        draft.added.some(a => a.role === 'acid'))
    )
      continue
    if (
      !ingredient ||
      (lever === 'lift' &&
        (target.flour <= 0 ||
          draft.kept.some(
            k =>
              k.most > k.least && k.ingredient.powder > 0 && k.ingredient.kind === ingredient.kind,
          )))
    )
      continue
    found.push({
      ingredient,
      low: 0,
      high: mostOf(lever, target),
      was: 0,
      kept: -1,
      added: -1,
      lever,
    })
  }
  return found
}

/** Measures with a row of their own, by what the family minds. */
function minded(
  target: Target,
): { readonly m: Measure; readonly over: number; readonly under: number; readonly tol: number }[] {
  return measures.flatMap(m => {
    const weight = target.family.weights[m] ?? 1
    if (weight <= 0) return []
    const { excess, lack } = sideOf(m)
    return [
      {
        m,
        over: weight * excess,
        under: weight * lack,
        tol: toleranceOf(m, target.before, target.mass, target.flour),
      },
    ]
  })
}

/** What is to be solved: the draft, its target, and what may move. */
interface SquaresAsked {
  readonly draft: PlanDraft
  readonly target: Target
  readonly unknowns: readonly Unknown[]
  readonly lacksAcid: boolean
  readonly powderMost: Grams
}

/**
 * The rows for one side of the soda: with acid to spare, or with too little of it. Unknowns are
 * shares of the batch, so that twice a recipe is the same problem.
 */
function squaresFor({ draft, target, unknowns, lacksAcid, powderMost }: SquaresAsked): Squares {
  const n = unknowns.length
  const sets = target.family.starchSets
  const movable = new Set(unknowns.map(u => u.kept))
  const fixed = new Float64Array(
    perGram(draft.kept[0]?.ingredient ?? draft.added[0]!.ingredient).length,
  )
  draft.kept.forEach((k, i) => {
    if (!movable.has(i))
      perGram(k.ingredient, sets).forEach((v, j) => {
        fixed[j]! += v * k.grams
      })
  })
  const gas = (v: Float64Array) =>
    v[atPowder]! +
    (lacksAcid ? (1 - heatShare) * v[atAcid]! + heatShare * v[atSoda]! : v[atSoda]!) +
    target.family.eggLift * v[atEgg]!
  const read = (v: Float64Array, m: Measure) => {
    if (m === 'lift') return gas(v)
    return m === 'acid' ? v[atAcid]! - v[atSoda]! : v[at[m]]!
  }

  const a: number[] = []
  const [b, over, under]: [number[], number[], number[]] = [[], [], []]
  const row = (
    coefficient: (u: Unknown, j: number) => number,
    goal: number,
    up: number,
    down: number,
  ) => {
    for (let j = 0; j < n; j++) a.push(coefficient(unknowns[j]!, j) * target.mass)
    b.push(goal)
    over.push(up)
    under.push(down)
  }
  const vectors = unknowns.map(u => perGram(u.ingredient, sets))
  const mostGas =
    (liftThatHolds * target.flour) / 100 + target.family.eggLift * eggCount(draft.kept)
  for (const { m, over: up, under: down, tol } of minded(target)) {
    const capped = m === 'lift' && target.flour > 0 && target.goal.lift >= mostGas
    row(
      (_, j) => read(vectors[j]!, m) / tol,
      ((capped ? mostGas : target.goal[m]) - read(fixed, m)) / tol,
      capped ? 0 : up,
      down,
    )
  }
  // What stays and what answers a question keep near to what they were; the egg's answers keep near
  // to one egg's worth together.
  unknowns.forEach((u, j) => {
    if (u.kept >= 0 && u.ingredient.powder <= 0)
      row(
        (_, i) => (i === j ? 1 / (limits.stay * u.was) : 0),
        1 / limits.stay,
        limits.stayWeight,
        limits.stayWeight,
      )
    else if (u.lever)
      row((_, i) => (i === j ? 1 / (0.02 * target.mass) : 0), 0, limits.leverWeight, 0)
  })
  doseRows(draft.added, unknowns, row)
  return {
    n,
    a: Float64Array.from(a),
    b: Float64Array.from(b),
    over: Float64Array.from(over),
    under: Float64Array.from(under),
    low: Float64Array.from(unknowns, u => u.low / target.mass),
    high: Float64Array.from(
      unknowns,
      u =>
        (u.lever === 'lift' ||
        (u.kept >= 0 && u.ingredient.powder > 0 && u.ingredient.kind === 'leaven')
          ? Math.max(
              u.low,
              Math.min(u.high, u.kept >= 0 ? Math.max(u.was, powderMost) : powderMost),
            )
          : u.high) / target.mass,
    ),
  }
}

function doseRows(
  added: readonly Added[],
  unknowns: readonly Unknown[],
  row: (
    coefficient: (u: Unknown, j: number) => number,
    goal: number,
    up: number,
    down: number,
  ) => void,
): void {
  const gels = added.filter(a => a.role === 'gel')
  const perSchool = new Map<string, number>()
  for (const g of gels) perSchool.set(g.school, (perSchool.get(g.school) ?? 0) + 1)
  const share = (u: Unknown) => {
    const x = u.added >= 0 ? added[u.added]! : null
    return x && x.role === 'gel' ? 1 / (perSchool.get(x.school)! * Math.max(x.dose, 1e-9)) : 0
  }
  if (gels.length) row(u => share(u) / reach.eggDose, 1 / reach.eggDose, 1, 1)
  unknowns.forEach((u, j) => {
    const x = u.added >= 0 ? added[u.added]! : null
    if (!x || x.role === 'gel' || x.dose <= 0) return
    if (x.role === 'gel-water') {
      // A gel keeps its own thickness: as much water as the gel that is taken of it.
      const own = unknowns.findIndex(
        v => v.added >= 0 && added[v.added]!.school === x.school && added[v.added]!.role === 'gel',
      )
      const gel = own >= 0 ? added[unknowns[own]!.added]! : null
      row(
        (_, i) => {
          if (i === j) return 1 / (x.dose * reach.gelWater)
          return i === own && gel ? -1 / (gel.dose * reach.gelWater) : 0
        },
        gel ? 0 : 1 / reach.gelWater,
        1,
        1,
      )
    } else
      row((_, i) => (i === j ? 1 / (x.dose * reach.dose[x.role]) : 0), 1 / reach.dose[x.role], 1, 1)
  })
}

const grams = (unknowns: readonly Unknown[], x: Float64Array, of: (v: Float64Array) => number) =>
  unknowns.reduce((sum, u, j) => sum + of(perGram(u.ingredient)) * x[j]!, 0)

interface Answer {
  readonly x: Float64Array
  readonly value: number
  readonly unknowns: readonly Unknown[]
}

/** Solves once on the side of the soda that the start lies on, and on the other if the answer lies there. */
function solveWith(
  draft: PlanDraft,
  target: Target,
  levers: ReadonlySet<Lever>,
  held: ReadonlyMap<string, Grams>,
): Answer {
  const unknowns = unknownsOf(draft, target, levers).map(u => {
    const grams = held.get(keyOf(u))
    return grams === undefined ? u : { ...u, low: grams, high: grams }
  })
  const fixedKept = draft.kept.filter(k => k.most <= k.least)
  const fixed = (of: (v: Float64Array) => number) =>
    fixedKept.reduce((sum, k) => sum + of(perGram(k.ingredient)) * k.grams, 0)
  let x: Float64Array = Float64Array.from(unknowns, u => u.was)
  let value = Infinity
  for (let round = 0; round < 3; round++) {
    const acid = fixed(v => v[atAcid]!) + grams(unknowns, x, v => v[atAcid]!)
    const soda = fixed(v => v[atSoda]!) + grams(unknowns, x, v => v[atSoda]!)
    const lacksAcid = acid < soda
    const powder = fixed(v => v[atPowder]!)
    const powderPerGram = Math.max(...unknowns.map(u => u.ingredient.powder), 1e-9)
    const powderMost = Math.max(
      0,
      Math.min(
        limits.powderOfFlour * target.flour,
        ((limits.co2Per100Flour * target.flour) / 100 - gasOf(acid, soda, powder)) / powderPerGram,
      ),
    )
    const solved = solveSquares(
      squaresFor({ draft, target, unknowns, lacksAcid, powderMost }),
      x.map(g => g / target.mass),
    )
    x = solved.x.map(share => share * target.mass)
    value = solved.value
    const after =
      fixed(v => v[atAcid]! - v[atSoda]!) + grams(unknowns, x, v => v[atAcid]! - v[atSoda]!)
    if (after < 0 === lacksAcid) break
  }
  return { x, value, unknowns }
}

const keyOf = (u: Unknown) => {
  if (u.lever) return `lever:${u.lever}`
  return u.kept >= 0 ? `kept:${u.kept}` : `added:${u.added}`
}

function drafted(draft: PlanDraft, { x, unknowns }: Answer, mass: Grams): PlanDraft {
  const least = limits.leastOfBatch * mass
  const kept = [...draft.kept]
  const added = [...draft.added]
  unknowns.forEach((u, j) => {
    const g = x[j]!
    if (u.kept >= 0) kept[u.kept] = { ...kept[u.kept]!, grams: g }
    else if (u.added >= 0) added[u.added] = { ...added[u.added]!, grams: g }
    else if (g > least)
      added.push({
        ingredient: u.ingredient,
        grams: g,
        answers: 'lever',
        school: '',
        role: 'bulk',
        dose: g,
        least: 0,
        most: u.high,
      })
  })
  return { kept, added: added.filter(a => a.grams > least) }
}

const allLevers: ReadonlySet<Lever> = new Set(leverNames)
const none: ReadonlyMap<string, Grams> = new Map()

/** The amounts in one solve: to compare many answers by. */
export const setQuickly: AmountSetter = (draft, target) =>
  draft.added.length || draft.kept.some(k => k.most > k.least)
    ? drafted(draft, solveWith(draft, target, allLevers, none), target.mass)
    : draft

/**
 * The amounts, with every small help that is not worth its line taken out again: first new things,
 * then trims, as long as what is lost by it stays below the price of a line. Source: the engine
 * study, trims to zero when ΔL < 0.5.
 */
export const setBySolver: AmountSetter = (draft, target) => {
  const found = careful(draft, target)
  return found ? drafted(draft, found.best, target.mass) : draft
}

/**
 * The same, measured as this kitchen measures: the greatest amount is fixed at what its spoons can
 * give and the rest solved again, then the next, so that one rounding makes good another; none is
 * measured past its bound.
 */
export const measuring =
  (measure: (ingredient: Ingredient, grams: Grams) => Grams): AmountSetter =>
  (draft, target) => {
    const found = careful(draft, target)
    if (!found) return draft
    let { best, held } = found
    const moved = best.unknowns
      .map((u, j) => ({ u, grams: best.x[j]! }))
      .filter(({ u, grams }) => u.kept < 0 || Math.abs(grams - u.was) > limits.worthIt * u.was)
      .sort((a, b) => b.grams - a.grams)
    for (const { u } of moved) {
      const at = best.unknowns.findIndex(v => keyOf(v) === keyOf(u))
      const wanted = best.x[at]!
      let grams = wanted > 0.05 ? measure(u.ingredient, wanted) : 0
      for (let less = wanted; grams > u.high * 1.001 && less > 0.5 * wanted; less *= 0.95)
        grams = measure(u.ingredient, less)
      held = new Map([...held, [keyOf(u), grams]])
      best = solveWith(draft, target, found.levers, held)
    }
    return drafted(draft, best, target.mass)
  }

function careful(
  draft: PlanDraft,
  target: Target,
): { best: Answer; held: ReadonlyMap<string, Grams>; levers: ReadonlySet<Lever> } | null {
  if (!draft.added.length && !draft.kept.some(k => k.most > k.least)) return null
  const levers = new Set(leverNames)
  let held: ReadonlyMap<string, Grams> = none
  let best = solveWith(draft, target, levers, held)
  const base = best.value
  const here = new Set(draft.kept.map(k => k.ingredient.id))
  const isNew = (lever: Lever) => {
    const i = target.lever(lever)
    return i !== null && i.kind !== 'water' && !here.has(i.id)
  }
  for (const lever of leverNames) {
    const without = solveWith(draft, target, new Set([...levers].filter(l => l !== lever)), held)
    if (without.value - best.value < (isNew(lever) ? limits.newIngredient : limits.worthALine)) {
      levers.delete(lever)
      best = without
    }
  }
  const trims = best.unknowns
    .map((u, j) => ({ u, moved: Math.abs(best.x[j]! - u.was) / Math.max(u.was, 1e-9) }))
    .filter(t => t.u.kept >= 0)
    .sort((p, q) => p.moved - q.moved)
  for (const { u } of trims) {
    const next = new Map([...held, [keyOf(u), u.was]])
    const without = solveWith(draft, target, levers, next)
    if (without.value - best.value < limits.worthATrim && without.value - base < limits.worthAll) {
      held = next
      best = without
    }
  }
  return { best, held, levers }
}

/**
 * How far a draft's amounts strain against what they were and what their schools say, in units of
 * the loss: the rows of the solver that are no measure. Worked out for any draft, however its
 * amounts were set.
 */
export function strainOf(draft: PlanDraft, mass: Grams): number {
  let sum = 0
  for (const k of draft.kept)
    if (k.most > k.least && k.ingredient.powder <= 0)
      sum += limits.stayWeight * ((k.grams - k.was) / (limits.stay * k.was)) ** 2
  const gels = draft.added.filter(a => a.role === 'gel' && a.answers !== 'lever')
  const perSchool = new Map<string, number>()
  for (const g of gels) perSchool.set(g.school, (perSchool.get(g.school) ?? 0) + 1)
  if (gels.length)
    sum +=
      ((gels.reduce(
        (n, g) => n + g.grams / (perSchool.get(g.school)! * Math.max(g.dose, 1e-9)),
        0,
      ) -
        1) /
        reach.eggDose) **
      2
  for (const a of draft.added) {
    if (a.answers === 'lever') sum += limits.leverWeight * (a.grams / (0.02 * mass)) ** 2
    else if (a.role === 'gel-water') {
      const gel = gels.find(g => g.school === a.school)
      sum += ((a.grams / a.dose - (gel ? gel.grams / gel.dose : 1)) / reach.gelWater) ** 2
    } else if (a.role !== 'gel' && a.dose > 0)
      sum += ((a.grams / a.dose - 1) / reach.dose[a.role]) ** 2
  }
  return sum
}
