import { exactly, type Grams } from '../measure'
import { ingredientById, measured, type Ingredient } from '../pantry'
import {
  balanceIn,
  batterOf,
  isInside,
  measures,
  toleranceOf,
  weightsOf,
  type Measure,
} from '../formula'
import type { Person } from '../people'
import type { Line, Recipe } from '../recipe'
import { mayCome, tableOf } from './allowed'
import { partsOf } from './adapt'
import type { Wishes } from './candidates'
import type { HouseKnowledge } from './known'
import { nudge, evaluatePlan, type EvaluatedPlan } from './nudge'
import type { Plan } from './plan'
import { leverIngredients, pull, trims } from './tables/limits'
import { writtenLine } from './write'

/**
 * One amount that moves one measure. `moves` in tolerances of the part: what a baker notices is
 * about one.
 */
export interface Lever {
  readonly component: string
  readonly measure: Measure
  readonly lineId: string
  readonly ingredient: string
  readonly name: string
  /** Null: it comes in anew. */
  readonly from: Grams | null
  readonly to: Grams
  readonly kitchen: string
  readonly moves: number
  /** What else moves by more than half a tolerance, with how far. */
  readonly besides: readonly { readonly measure: Measure; readonly by: number }[]
  /** The plan with it, weighed and checked for everyone. */
  readonly after: EvaluatedPlan
}

interface Try {
  readonly ingredient: Ingredient
  readonly line: Line | null
  readonly grams: number
  readonly moves: number
  readonly price: number
  readonly besides: Lever['besides']
}

const levers: Readonly<Partial<Record<Measure, readonly string[]>>> = {
  lift: leverIngredients.lift,
  fat: leverIngredients.fat,
  water: leverIngredients.water,
  acid: leverIngredients.acid,
  set: leverIngredients.set,
  bind: leverIngredients.bind,
  gluten: leverIngredients.hold,
  salt: leverIngredients.salt,
}

/** What is wanted: more (up) or less of one measure in one part of a plan. */
interface LeverAsked {
  readonly original: Recipe
  readonly plan: Plan
  readonly component: string
  readonly measure: Measure
  readonly up: boolean
  readonly people: readonly Person[]
  readonly wishes?: Wishes
  readonly known?: HouseKnowledge
  readonly size?: number
}

/**
 * The one amount of a plan that moves a measure of a part up or down by about `size` tolerances and
 * little else: a line that is there, else something new that everyone at the table may eat. Null
 * where nothing can: no line moves it, or none as far as half a tolerance within its limits.
 * Nothing is proposed by which somebody meets what they avoid: the safety check sees the whole plan
 * with it.
 */
export function leverFor({
  original,
  plan,
  component,
  measure,
  up,
  people,
  wishes = {},
  known = {},
  size = pull.usual,
}: LeverAsked): Lever | null {
  const table = tableOf(people, known.packets)
  const parts = partsOf(original, table, wishes)
  const at = plan.recipe.components.findIndex(c => c.name === component)
  const part = parts[at] ?? parts.find(p => p.component.name === component)
  const here = plan.recipe.components[at]
  if (!part || !here) return null
  const { family } = part.reading
  if ((family.weights[measure] ?? 1) < 0.1) return null
  const inside = here.lines.filter(isInside)
  const was = balanceIn(family, weightsOf(inside))
  const batter = new Set(batterOf(weightsOf(inside)).map(w => w.ingredient.id))
  const mass = Math.max(part.baseMass, 1)
  const unit = (m: Measure) => Math.max(toleranceOf(m, part.base, mass, part.flour), 1e-9)
  const sign = up ? 1 : -1
  const schools = new Set(
    plan.changes.filter(c => c.component === component).flatMap(c => c.adds.map(a => a.ingredient)),
  )
  const shift = (ingredient: Ingredient, by: Grams) => {
    const is = balanceIn(family, [...weightsOf(inside), { ingredient, grams: by }])
    return (m: Measure) => (is[m] - was[m]) / unit(m)
  }

  const tried: Try[] = []
  const consider = (
    ingredient: Ingredient,
    line: Line | null,
    least: number,
    most: number,
    price: number,
  ) => {
    const grams = line?.grams?.best ?? 0
    // By how much for a small step; the balance is nearly straight there, and the step is measured
    // again at its own size.
    const step = Math.max(0.02 * Math.max(grams, 0.01 * mass), 0.05)
    const towards = [1, -1].find(way => sign * shift(ingredient, way * step)(measure) > 1e-4)
    if (!towards) return
    const room = towards > 0 ? most - grams : grams - least
    let by = Math.min(room, (step * size) / Math.abs(shift(ingredient, towards * step)(measure)))
    for (let n = 0; n < 6; n++) {
      const moved = sign * shift(ingredient, towards * by)(measure)
      if (moved <= 0) return
      by = Math.min(room, by * Math.min(2, Math.max(0.5, size / moved)))
    }
    if (by <= 0) return
    const moved = shift(ingredient, towards * by)
    const besides = measures
      .filter(m => m !== measure && (family.weights[m] ?? 1) >= 0.1)
      .map(m => ({ measure: m, by: moved(m) }))
      .filter(m => Math.abs(m.by) > 0.5)
      .sort((a, b) => Math.abs(b.by) - Math.abs(a.by))
    const beside = measures.reduce(
      (sum, m) => sum + (m === measure ? 0 : (family.weights[m] ?? 1) * moved(m) ** 2),
      0,
    )
    const reached = sign * moved(measure)
    // What moves everything else with it is no single change.
    if (reached < pull.least || beside / reached ** 2 > pull.spill) return
    tried.push({
      ingredient,
      line,
      grams: Math.max(0, grams + towards * by),
      moves: reached,
      besides,
      price: price + beside / reached ** 2 + pull.short * Math.max(0, size - reached),
    })
  }
  for (const line of inside) {
    const ingredient = line.ingredient ? ingredientById(line.ingredient) : undefined
    if (!ingredient || !line.grams || line.purpose || !batter.has(ingredient.id)) continue
    const stays = trims[ingredient.kind] ? pull.stays : ([1, 1] as const)
    const [least, most] = schools.has(ingredient.id) ? pull.dose : stays
    consider(ingredient, line, line.grams.best * least, line.grams.best * most, 0)
  }
  if (measure !== 'fat' || !family.noOil)
    for (const id of levers[measure] ?? []) {
      const ingredient = ingredientById(id)
      if (
        up &&
        ingredient &&
        mayCome(ingredient, table) &&
        !inside.some(line => line.ingredient === id)
      )
        consider(ingredient, null, 0, pull.newOfBatch * mass, pull.anew)
    }
  for (const best of tried.sort((a, b) => a.price - b.price)) {
    const made = put({ original, plan, component, best, people, wishes, known })
    if (!made) continue
    const line = made.after.plan.recipe.components[at]!.lines.find(l => l.id === made.lineId)
    if (!line?.grams) continue
    const moves =
      (sign *
        (balanceIn(
          family,
          weightsOf(made.after.plan.recipe.components[at]!.lines.filter(isInside)),
        )[measure] -
          was[measure])) /
      unit(measure)
    // Rounding to what can be weighed may leave nothing of it.
    if (moves < pull.least / 2) continue
    return {
      component,
      measure,
      lineId: made.lineId,
      ingredient: best.ingredient.id,
      name: line.name,
      from: best.line?.grams?.best ?? null,
      to: line.grams.best,
      kitchen: measured(
        line.grams.best,
        best.ingredient,
        plan.recipe.region,
        wishes.measureIn ?? 'grams',
      ).kitchen,
      moves: sign * moves,
      besides: best.besides,
      after: made.after,
    }
  }
  return null
}

/** A lever that is put into the plan. */
interface LeverPut {
  readonly original: Recipe
  readonly plan: Plan
  readonly component: string
  readonly best: Try
  readonly people: readonly Person[]
  readonly wishes: Wishes
  readonly known: HouseKnowledge
}

/** The plan with the amount, where nobody meets something new that they avoid. */
function put({
  original,
  plan,
  component,
  best,
  people,
  wishes,
  known,
}: LeverPut): { readonly lineId: string; readonly after: EvaluatedPlan } | null {
  const stays = (after: EvaluatedPlan) =>
    after.check.people.every(p => p.conflicts.every(c => c.state !== 'contains'))
  if (best.line) {
    const after = nudge({
      original,
      plan,
      lineId: best.line.id,
      grams: best.grams,
      people,
      wishes,
      known,
    })
    return stays(after) ? { lineId: best.line.id, after } : null
  }
  const id = `new-${best.ingredient.id}`
  const amount = measured(
    best.grams,
    best.ingredient,
    plan.recipe.region,
    wishes.measureIn ?? 'grams',
  )
  const line = {
    ...writtenLine({
      id,
      component,
      ingredient: best.ingredient,
      amount,
      region: plan.recipe.region,
      tail: '',
    }),
    grams: exactly(amount.grams),
  }
  const recipe: Recipe = {
    ...plan.recipe,
    components: plan.recipe.components.map(c =>
      c.name === component
        ? {
            ...c,
            lines: [...c.lines, line],
            steps: c.steps.map((step, i) =>
              i === 0
                ? `${step} The ${line.name} goes in with ` +
                  (best.ingredient.per100.water > 30 || best.ingredient.per100.fat > 50
                    ? 'what is wet'
                    : 'what is dry') +
                  '.'
                : step,
            ),
          }
        : c,
    ),
  }
  const after = evaluatePlan(original, { ...plan, recipe, nudged: true }, { people, wishes, known })
  return stays(after) ? { lineId: id, after } : null
}
