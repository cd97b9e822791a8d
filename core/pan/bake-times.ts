import type { Celsius, Minutes } from '../measure'
import { readMethod, type Action } from '../method'
import type { Recipe } from '../recipe'

/**
 * One stay in the oven, as the method states it, all its stretches together. `again`: after another;
 * it is kept as written. `action`: whose it is, null where only the recipe's head says it.
 */
export interface StatedBake {
  readonly minutes: readonly [Minutes, Minutes]
  readonly celsius: Celsius | null
  readonly step: { readonly component: string; readonly at: number } | null
  readonly action: string | null
  readonly again: boolean
}

/** "20 minutes for muffins, or 45 in a loaf tin": the one for the recipe's own tin, else the first. */
function byTin({ byTin: times }: Action, recipe: Recipe) {
  const words = recipe.pan?.text.toLowerCase() ?? ''
  const isMeant = (said: string) =>
    (said.match(/\p{L}{4,}/gu) ?? []).some(word => words.includes(word.replace(/s$/u, '')))
  return times.find(time => isMeant(time.words.toLowerCase())) ?? times[0]
}

/**
 * Every stay in the oven that the method states, in its order; what the recipe says of itself where
 * no action does.
 */
export function bakesOf(
  recipe: Recipe,
  actions: readonly Action[] = readMethod(recipe).actions,
): StatedBake[] {
  let celsius: Celsius | null = null
  const found = actions.flatMap((action): Omit<StatedBake, 'again'>[] => {
    celsius = action.settings[0]?.celsius ?? celsius
    const stays = action.phases.filter(time => time.kind === 'bake')
    if (!stays.length || action.mode === 'remark') return []
    const own = byTin(action, recipe)
    const sum = (of: 'low' | 'high') => stays.reduce((all, time) => all + time[of], 0)
    return [
      {
        minutes: own ? [own.low, own.high] : [sum('low'), sum('high')],
        celsius: celsius ?? recipe.oven?.celsius ?? null,
        step: action.step,
        action: action.id,
      },
    ]
  })
  if (found.length) return found.map((each, i) => ({ ...each, again: i > 0 }))
  const stated = recipe.oven?.minutes
  return stated
    ? [
        {
          minutes: [stated.low, stated.high],
          celsius: recipe.oven!.celsius,
          step: null,
          action: null,
          again: false,
        },
      ]
    : []
}

/** The one that bakes it through: the longest. */
export const mainBake = (bakes: readonly StatedBake[]): StatedBake | null =>
  bakes.reduce<StatedBake | null>(
    (best, each) => (!best || each.minutes[1] > best.minutes[1] ? each : best),
    null,
  )
