import type { Grams } from '../../measure'
import type { Ingredient } from '../../pantry'
import type { Lever, PlanDraft, Target } from './draft'
import { limits } from '../tables/limits'

/** An amount that the solver may set: of something kept, something added, or a lever (index or −1). */
export interface Unknown {
  readonly ingredient: Ingredient
  readonly low: Grams
  readonly high: Grams
  readonly was: Grams
  readonly kept: number
  readonly added: number
  readonly lever: Lever | null
}

export const leverNames: readonly Lever[] = ['lift', 'fat', 'water', 'acid']

/** The most of what a lever adds, in grams. */
export function mostOf(lever: Unknown['lever'], target: Target): Grams {
  if (lever === 'lift') return limits.powderOfFlour * target.flour
  if (lever === 'acid') return limits.acidOfFlour * target.flour
  if (lever === 'water') return target.mass
  return limits.fatOfBatch[target.family.closesFat ?? 'oil'] * target.mass
}

/** Acid is only put in where there is soda for it to meet. */
const meetsSoda = (draft: PlanDraft) =>
  draft.kept.some(k => k.ingredient.soda > 0) && !draft.added.some(a => a.role === 'acid')

/** The thing that a lever would bring; null where it is not wanted or is there already. */
function leverThing(lever: Lever, draft: PlanDraft, target: Target): Ingredient | null {
  const ingredient = target.lever(lever)
  if (!ingredient) return null
  if (lever === 'acid') return target.flour > 0 && meetsSoda(draft) ? ingredient : null
  if (lever !== 'lift') return ingredient
  const isThere = draft.kept.some(
    k => k.most > k.least && k.ingredient.powder > 0 && k.ingredient.kind === ingredient.kind,
  )
  return target.flour > 0 && !isThere ? ingredient : null
}

/**
 * Everything that may move: what stays within its bounds, what is added, the levers. Asked for each
 * of some hundred ways: plain loops, and every unknown of one shape.
 */
export function unknownsOf(
  draft: PlanDraft,
  target: Target,
  levers: ReadonlySet<Lever>,
): Unknown[] {
  const found: Unknown[] = []
  for (const [i, { ingredient, least, most, was }] of draft.kept.entries())
    if (most > least)
      found.push({ ingredient, low: least, high: most, was, kept: i, added: -1, lever: null })
  for (const [i, { ingredient, least, most, dose }] of draft.added.entries())
    found.push({ ingredient, low: least, high: most, was: dose, kept: -1, added: i, lever: null })
  for (const lever of leverNames) {
    const ingredient = levers.has(lever) ? leverThing(lever, draft, target) : null
    if (!ingredient) continue
    const high = mostOf(lever, target)
    found.push({ ingredient, low: 0, high, was: 0, kept: -1, added: -1, lever })
  }
  return found
}
