import type { Celsius, Minutes } from '../measure'
import { readSteps, type PlacedStep, type Recipe } from '../recipe'

/** One time in the oven, as the steps state it. `again`: after another; it is kept as written. */
export interface StatedBake {
  readonly minutes: readonly [Minutes, Minutes]
  readonly celsius: Celsius | null
  readonly step: { readonly component: string; readonly at: number } | null
  readonly again: boolean
}

/**
 * Every time in the oven that the steps state, in their order; what the recipe says of itself where
 * no step does.
 */
export function bakesOf(
  recipe: Recipe,
  steps: readonly PlacedStep[] = readSteps(recipe),
): StatedBake[] {
  let celsius: Celsius | null = null
  const found = steps.flatMap(step => {
    celsius = step.oven?.celsius ?? celsius
    return step.times
      .filter(time => time.kind === 'bake')
      .map(time => ({
        minutes: [time.low, time.high] as const,
        celsius: celsius ?? recipe.oven?.celsius ?? null,
        step: { component: step.component, at: step.at },
      }))
  })
  if (found.length) return found.map((each, i) => ({ ...each, again: i > 0 }))
  const stated = recipe.oven?.minutes
  return stated
    ? [
        {
          minutes: [stated.low, stated.high],
          celsius: recipe.oven!.celsius,
          step: null,
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
