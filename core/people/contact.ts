import { avoidableName } from '../pantry'
import type { Recipe } from '../recipe'
import { isStrict, needsOf, type Person } from './person'
import { contactRows, type ContactRow } from './tables/contact'

/** One thing to do against traces. `key` is the row's id: ticking it off is kept by that. */
interface ContactStep {
  readonly key: string
  readonly stage: ContactRow['stage']
  readonly says: string
  readonly because: string
  readonly source: string
}

/**
 * The plan against cross-contact for one bake: for whom, against what, and what to do in order.
 * Empty `steps` where nobody avoids traces.
 */
export interface ContactPlan {
  readonly people: readonly string[]
  readonly against: readonly string[]
  readonly steps: readonly ContactStep[]
}

const patterns = new Map(
  contactRows.flatMap(row => (row.steps ? [[row.id, new RegExp(row.steps, 'iu')] as const] : [])),
)

/** Tools are named where the recipe's own steps bring them out; order, surfaces and storage always. */
export function contactPlan(recipe: Recipe, people: readonly Person[]): ContactPlan {
  const strict = people.filter(isStrict)
  if (!strict.length) return { people: [], against: [], steps: [] }
  const steps = recipe.components.flatMap(c => c.steps)
  const against = [
    ...new Set(
      strict.flatMap(person =>
        needsOf(person)
          .filter(need => need.level === 'trace')
          .map(need => avoidableName(need.allergen)),
      ),
    ),
  ]
  return {
    people: strict.map(p => p.id),
    against,
    steps: contactRows
      .filter(row => !row.steps || steps.some(step => patterns.get(row.id)!.test(step)))
      .map(({ id, stage, says, because, source }) => ({ key: id, stage, says, because, source })),
  }
}
