import type { Grams } from '../../measure'
import type { Added, PlanDraft } from './draft'
import { gelsBySchool } from './rows'
import { limits, reach } from '../tables/limits'

/** How far the egg's answers together are from one egg's worth. */
function eggStrain(gels: readonly Added[]): number {
  if (!gels.length) return 0
  const bySchool = gelsBySchool(gels)
  const eggs = gels.reduce(
    (n, g) => n + g.grams / (bySchool.get(g.school)! * Math.max(g.dose, 1e-9)),
    0,
  )
  return ((eggs - 1) / reach.eggDose) ** 2
}
/** How far one addition is from its dose. */
function doseStrain(a: Added, gels: readonly Added[], mass: Grams): number {
  if (a.answers === 'lever') return limits.leverWeight * (a.grams / (0.02 * mass)) ** 2
  if (a.role === 'gel-water') {
    const gel = gels.find(g => g.school === a.school)
    const wanted = gel ? gel.grams / gel.dose : 1
    return ((a.grams / a.dose - wanted) / reach.gelWater) ** 2
  }
  if (a.role === 'gel' || a.dose <= 0) return 0
  return ((a.grams / a.dose - 1) / reach.dose[a.role]) ** 2
}

/**
 * How far a draft's amounts strain against what they were and what their schools say, in units of
 * the loss: the rows of the solver that are no measure. Worked out for any draft, however its
 * amounts were set.
 */
export function strainOf(draft: PlanDraft, mass: Grams): number {
  const free = draft.kept.filter(k => k.most > k.least && k.ingredient.powder <= 0)
  const gels = draft.added.filter(a => a.role === 'gel' && a.answers !== 'lever')
  const kept = free.map(k => limits.stayWeight * ((k.grams - k.was) / (limits.stay * k.was)) ** 2)
  const doses = draft.added.map(a => doseStrain(a, gels, mass))
  return [...kept, eggStrain(gels), ...doses].reduce((sum, each) => sum + each, 0)
}
