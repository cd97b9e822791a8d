import { chooseMain, type Option } from '../choose'
import { planOf, type Asked } from './write-plan'
import type { Plan } from '../plan'
import { confidenceWords, notAdvised } from '../tables/limits'

/** Why no plan is shown, when no fault of one is known. */
export const noneSafe =
  'Every way that was worked out still brought something that somebody here avoids, so none is shown.'

interface Shown {
  readonly plan: Plan
  readonly isAdvised: boolean
}
/** So often others are tried in place of plans that did not pass. */
const mostRounds = 6
const last = confidenceWords.at(-1)!.word

/** Whatever is left stands first. */
const asFirst = ([first, ...others]: readonly Shown[]): readonly Shown[] =>
  first ? [{ ...first, plan: { ...first.plan, id: 'closest', title: 'Closest' } }, ...others] : []

/**
 * The plans of the best options; where one does not pass, the next best is tried in its place.
 * `beside`: an option with those of the other parts. Why one does not pass goes to `faults`.
 */
export function plansOf(
  asked: Asked,
  options: readonly Option[],
  beside: (option: Option) => ReadonlyMap<number, Option>,
  faults: string[],
): readonly Shown[] {
  const failed = new Set<Option>()
  const made = new Map<Option, Plan | null>()
  for (let round = 0; ; round++) {
    const pool = options.filter(option => !failed.has(option))
    const shown = chooseMain(pool, asked.wishes).flatMap(({ option, id, title }): Shown[] => {
      const all = beside(option)
      if (!made.has(option)) made.set(option, planOf(asked, { id, title, options: all }, faults))
      const plan = made.get(option)
      if (!plan) {
        failed.add(option)
        return []
      }
      // Half a gram of rounding does not decide whether a plan is shown at all.
      const isClose = [...all.values()].every(o => o.loss < notAdvised)
      return [{ plan: { ...plan, id, title }, isAdvised: plan.confidence !== last || isClose }]
    })
    if (pool.length === options.length - failed.size) return shown
    if (round >= mostRounds) return asFirst(shown)
  }
}
