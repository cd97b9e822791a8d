import type { Action } from '../action'
import type { VerbId } from '../tables/verbs'
import type { Fault, Gate } from './gate'

const cooks: ReadonlySet<VerbId> = new Set(
  'bake boil simmer cook fry steam toast microwave caramelise reduce'.split(' ') as VerbId[],
)
const cookedIn = (actions: readonly Action[], step: (a: Action) => string) =>
  new Set(actions.filter(a => cooks.has(a.verb) && a.mode !== 'remark').map(step))

/**
 * Every part that was baked or boiled still is, and every bake that had a setting and a time has
 * them.
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
  return faults
}
