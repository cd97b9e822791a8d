import { flourKinds, ingredientById } from '../../pantry'
import type { Component, Line } from '../../recipe'
import { linesTaken, type Action } from '../action'
import { saysBoil } from '../tables/gates'
import { cooks } from '../tables/heat'
import type { Fault, Gate } from './gate'

/** Baked or boiled, by the doing or by its words. */
const isCooked = ({ verb, mode, text }: Action): boolean =>
  mode !== 'remark' && (cooks.has(verb) || saysBoil.test(text))
const cookedIn = (actions: readonly Action[], step: (a: Action) => string) =>
  new Set(actions.filter(isCooked).map(step))

/** Is flour of this part taken, and nothing baked or boiled from then on? */
function staysRaw(part: Component, actions: readonly Action[]): boolean {
  const flours = new Set(part.lines.filter(isFlour).map(line => line.id))
  const last = actions.findLastIndex(a => linesTaken(a).some(id => flours.has(id)))
  return last >= 0 && !actions.slice(last).some(isCooked)
}
/** What sets are dusted with stays as it is. */
const isFlour = ({ ingredient, purpose }: Line): boolean =>
  purpose === null && flourKinds.includes(ingredientById(ingredient ?? '')?.kind ?? 'water')

/**
 * Every part that was baked or boiled still is, no flour stays raw in a method that parts share, and
 * every bake that had a setting and a time has them.
 */
export const heatGate: Gate = ({ is, actionsBefore, actions }) => {
  const [before, now] = [actionsBefore, actions].map(all => cookedIn(all, a => a.step.component))
  const bakes = (all: readonly Action[]) => all.filter(a => a.verb === 'bake')
  const count = (all: readonly Action[], has: (a: Action) => boolean) =>
    bakes(all).filter(has).length
  const faults: Fault[] = is.components.flatMap(c =>
    c.steps.length > 0 && before!.has(c.name) && !now!.has(c.name)
      ? [
          {
            gate: 'heat' as const,
            says: `Nothing in “${c.name || 'the method'}” is baked or boiled any more.`,
            step: null,
          },
        ]
      : [],
  )
  const bare = (has: (a: Action) => boolean) =>
    bakes(actionsBefore).length > 0 &&
    bakes(actions).length >= bakes(actionsBefore).length &&
    count(actions, has) < count(actionsBefore, has)
  if (bare(a => a.phases.length > 0))
    faults.push({ gate: 'heat', says: 'A bake has lost its time.', step: null })
  if (bare(a => a.settings.length > 0))
    faults.push({ gate: 'heat', says: 'A bake has lost its heat.', step: null })
  // What was never cooked by its method, or has none, is no worse now.
  if (!actionsBefore.some(isCooked)) return faults
  for (const part of is.components)
    if (staysRaw(part, actions))
      faults.push({ gate: 'heat', says: `The flour of “${part.name}” stays raw.`, step: null })
  return faults
}
