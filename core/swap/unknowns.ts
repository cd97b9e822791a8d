import type { Grams } from '../measure'
import type { Ingredient } from '../pantry'
import type { Lever, PlanDraft, Target } from './draft'
import { limits } from './tables/limits'

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

/** Everything that may move: what stays within its bounds, what is added, the levers. */
export function unknownsOf(
  draft: PlanDraft,
  target: Target,
  levers: ReadonlySet<Lever>,
): Unknown[] {
  const none = { kept: -1, added: -1, lever: null }
  const kept = draft.kept.flatMap(({ ingredient, least, most, was }, i): Unknown[] =>
    most > least ? [{ ...none, ingredient, low: least, high: most, was, kept: i }] : [],
  )
  const added = draft.added.map(({ ingredient, least, most, dose }, i): Unknown => {
    return { ...none, ingredient, low: least, high: most, was: dose, added: i }
  })
  const pulled = leverNames.flatMap((lever): Unknown[] => {
    const ingredient = levers.has(lever) ? leverThing(lever, draft, target) : null
    if (!ingredient) return []
    return [{ ...none, ingredient, low: 0, high: mostOf(lever, target), was: 0, lever }]
  })
  return [...kept, ...added, ...pulled]
}
