import type { Grams } from '../../measure'
import type { Ingredient } from '../../pantry'
import { atAcid, atPowder, atSoda, gasOf, perGram } from '../../formula'
import type { AmountSetter, PlanDraft, Lever, Target } from './draft'
import { solveSquares } from './least-squares'
import { squaresFor } from './rows'
import { limits } from '../tables/limits'
import { leverNames, unknownsOf, type Unknown } from './unknowns'

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
