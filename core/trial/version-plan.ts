import { basePlan, evaluatePlan, substitutionById, type HandBase, type Plan } from '../swap'
import type { Version } from './versions'

const longestTitle = 60

/** A version as a plan of its bake, weighed and checked anew for who sits at the table now. */
export function planOfVersion(
  base: HandBase,
  version: Pick<Version, 'recipe' | 'changes' | 'says'>,
): Plan {
  const differs = version.changes.flatMap(c => substitutionById(c.school ?? '')?.differs ?? [])
  const plan: Plan = {
    ...basePlan(base),
    id: 'version',
    title: version.says.slice(0, longestTitle) || 'A version',
    recipe: version.recipe,
    changes: version.changes,
    differs: [...new Set(differs)],
    nudged: true,
    forPeople: base.people.map(p => p.id),
  }
  return evaluatePlan(base.recipe, plan, base).plan
}
