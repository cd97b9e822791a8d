import type { Recipe } from '../../recipe'
import { asWrittenPlan, evaluatePlan, type EvaluatedPlan, type PlanContext } from './evaluate'
import { nudge } from './nudge'
import type { Plan } from '../plan'
import { restedIn, restFor } from '../carry-out'

/** Versions that somebody makes by hand of a plan, or of the recipe as it is written. */

/** What a version by hand starts from, and by what it is weighed and checked. */
export interface HandBase extends PlanContext {
  readonly recipe: Recipe
  /** Null: the recipe as it is written. */
  readonly plan: Plan | null
}

/** The plan itself, or the recipe as it is written as a plan without changes. */
export const basePlan = ({ recipe, plan, people, wishes, known }: HandBase): Plan =>
  plan ?? asWrittenPlan(recipe, people, wishes, known)

/** One line at another weight in grams, held within twice what the whole weighs. */
export const lineByHand = (base: HandBase, lineId: string, grams: number): EvaluatedPlan =>
  nudge({
    original: base.recipe,
    plan: basePlan(base),
    lineId,
    grams,
    people: base.people,
    wishes: base.wishes,
    known: base.known,
  })

/** One thing of it resting for so many minutes; null where that is not safe, or nothing rests so. */
export function restByHand(base: HandBase, key: string, minutes: number): EvaluatedPlan | null {
  const plan = basePlan(base)
  const made = restFor(plan.recipe, plan.changes, key, () => minutes)
  if (!made) return null
  const moved = { ...plan, recipe: made, nudged: true }
  return evaluatePlan(base.recipe, moved, base)
}

/** What rests in it and for how many minutes, each thing once, at its last place. */
export function restsIn({ recipe, plan }: Pick<HandBase, 'recipe' | 'plan'>) {
  const rested = restedIn((plan ?? { recipe }).recipe, plan?.changes ?? [])
  const each = rested.toReversed().map(({ key, name, says, most, resting }) => {
    const row = { key, name, says, most, minutes: resting.low }
    return [key, row] as const
  })
  return [...new Map(each).values()].toReversed()
}
