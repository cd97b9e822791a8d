import type { Grams } from '../../measure'
import {
  at,
  atAcid,
  atEgg,
  atPowder,
  atSoda,
  eggCount,
  heatShare,
  liftThatHolds,
  measures,
  perGram,
  sideOf,
  toleranceOf,
  type Measure,
} from '../../formula'
import type { Added, PlanDraft, Target } from './draft'
import type { Squares } from './least-squares'
import { limits, reach } from '../tables/limits'
import type { Unknown } from './unknowns'

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

/** One row: what a share of the batch of each unknown does, what is wanted, the price of either side. */
interface Row {
  readonly of: (u: Unknown, j: number) => number
  readonly goal: number
  readonly over: number
  readonly under: number
}
/** What is not solved for, summed. */
function fixedOf({ draft, target, unknowns }: SquaresAsked): Float64Array {
  const movable = new Set(unknowns.map(u => u.kept))
  const any = draft.kept[0]?.ingredient ?? draft.added[0]!.ingredient
  const fixed = new Float64Array(perGram(any).length)
  const held = draft.kept.filter((_, i) => !movable.has(i))
  for (const { ingredient, grams } of held)
    perGram(ingredient, target.family.starchSets).forEach((v, j) => {
      fixed[j]! += v * grams
    })
  return fixed
}

/** How a measure is read off a sum, on this side of the soda. */
function reader({ target, lacksAcid }: SquaresAsked): (v: Float64Array, m: Measure) => number {
  const freed = (v: Float64Array) =>
    lacksAcid ? (1 - heatShare) * v[atAcid]! + heatShare * v[atSoda]! : v[atSoda]!
  return (v, m) => {
    if (m === 'lift') return v[atPowder]! + freed(v) + target.family.eggLift * v[atEgg]!
    return m === 'acid' ? v[atAcid]! - v[atSoda]! : v[at[m]]!
  }
}

/** The measures that the family minds, each against its goal, in tolerances. */
function measureRows(asked: SquaresAsked): Row[] {
  const { draft, target, unknowns } = asked
  const { flour, family, goal } = target
  const read = reader(asked)
  const fixed = fixedOf(asked)
  const vectors = unknowns.map(u => perGram(u.ingredient, family.starchSets))
  const mostGas = (liftThatHolds * flour) / 100 + family.eggLift * eggCount(draft.kept)
  return minded(target).map(({ m, over, under, tol }): Row => {
    const isCapped = m === 'lift' && flour > 0 && goal.lift >= mostGas
    return {
      of: (_, j) => read(vectors[j]!, m) / tol,
      goal: ((isCapped ? mostGas : goal[m]) - read(fixed, m)) / tol,
      over: isCapped ? 0 : over,
      under,
    }
  })
}

/** What stays keeps near to what it was; a lever costs something by itself. */
function stayRows({ unknowns, target }: SquaresAsked): Row[] {
  return unknowns.flatMap((u, j): Row[] => {
    const only = (per: number) => (_: Unknown, i: number) => (i === j ? per : 0)
    const { stay, stayWeight, leverWeight } = limits
    if (u.kept >= 0 && u.ingredient.powder <= 0)
      return [{ of: only(1 / (stay * u.was)), goal: 1 / stay, over: stayWeight, under: stayWeight }]
    if (!u.lever) return []
    return [{ of: only(1 / (0.02 * target.mass)), goal: 0, over: leverWeight, under: 0 }]
  })
}

/** How many gels each school brings: they share one egg's worth. */
export function gelsBySchool(added: readonly Added[]): ReadonlyMap<string, number> {
  const count = new Map<string, number>()
  for (const { role, school } of added)
    if (role === 'gel') count.set(school, (count.get(school) ?? 0) + 1)
  return count
}
/** The egg's answers keep near to one egg's worth together. */
function eggRows({ draft: { added } }: SquaresAsked): Row[] {
  const bySchool = gelsBySchool(added)
  if (!bySchool.size) return []
  const share = (u: Unknown) => {
    const x = added[u.added]
    return x?.role === 'gel' ? 1 / (bySchool.get(x.school)! * Math.max(x.dose, 1e-9)) : 0
  }
  return [{ of: u => share(u) / reach.eggDose, goal: 1 / reach.eggDose, over: 1, under: 1 }]
}

/** A gel keeps its own thickness: as much water as the gel that is taken of it. */
function gelWaterRow(water: Added, j: number, { draft, unknowns }: SquaresAsked): Row {
  const own = unknowns.findIndex(v => {
    const x = draft.added[v.added]
    return x?.school === water.school && x.role === 'gel'
  })
  const gel = own >= 0 ? draft.added[unknowns[own]!.added]! : null
  const of = (_: Unknown, i: number) => {
    if (i === j) return 1 / (water.dose * reach.gelWater)
    return i === own && gel ? -1 / (gel.dose * reach.gelWater) : 0
  }
  return { of, goal: gel ? 0 : 1 / reach.gelWater, over: 1, under: 1 }
}
/** What answers a question keeps near to what its school says. */
function doseRows(asked: SquaresAsked): Row[] {
  return asked.unknowns.flatMap((u, j): Row[] => {
    const x = asked.draft.added[u.added]
    if (!x || x.role === 'gel' || x.dose <= 0) return []
    if (x.role === 'gel-water') return [gelWaterRow(x, j, asked)]
    const far = reach.dose[x.role]
    const of = (_: Unknown, i: number) => (i === j ? 1 / (x.dose * far) : 0)
    return [{ of, goal: 1 / far, over: 1, under: 1 }]
  })
}

/** The most of an unknown: powder no more than what the batter holds of its gas. */
function highOf(u: Unknown, powderMost: Grams): Grams {
  if (u.lever === 'lift') return Math.max(u.low, Math.min(u.high, powderMost))
  const isPowder = u.kept >= 0 && u.ingredient.powder > 0 && u.ingredient.kind === 'leaven'
  return isPowder ? Math.max(u.low, Math.min(u.high, Math.max(u.was, powderMost))) : u.high
}

/**
 * The rows for one side of the soda: with acid to spare, or with too little of it. Unknowns are
 * shares of the batch, so that twice a recipe is the same problem.
 */
export function squaresFor(asked: SquaresAsked): Squares {
  const { target, unknowns, powderMost } = asked
  const { mass } = target
  const rows = [...measureRows(asked), ...stayRows(asked), ...eggRows(asked), ...doseRows(asked)]
  const n = unknowns.length
  const a = new Float64Array(rows.length * n)
  rows.forEach((row, r) =>
    unknowns.forEach((u, j) => {
      a[r * n + j] = row.of(u, j) * mass
    }),
  )
  return {
    n,
    a,
    b: Float64Array.from(rows, row => row.goal),
    over: Float64Array.from(rows, row => row.over),
    under: Float64Array.from(rows, row => row.under),
    low: Float64Array.from(unknowns, u => u.low / mass),
    high: Float64Array.from(unknowns, u => highOf(u, powderMost) / mass),
  }
}
