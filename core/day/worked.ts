import type { Celsius, Grams, Minutes } from '../measure'
import type { Action } from '../method'
import { mainBake, type StatedBake } from '../pan'
import { ingredientById } from '../pantry'
import type { PlacedStep, Recipe } from '../recipe'
import { comparable } from './tables/durations'

/** All of a bake that its work rests on, without the curves of the pan stage. */
export interface WorkedBake {
  readonly id: string
  readonly title: string
  readonly recipe: Recipe
  /** Of one cake or piece. */
  readonly each: Grams | null
  readonly settles: Minutes | null
  /** Halves of a shelf. */
  readonly shelf: number
  readonly loads: number
  /** Minutes that its bake likely takes. */
  readonly likely: Minutes | null
}

const itemsOf = (step: PlacedStep) =>
  step.uses.flatMap(use => ingredientById(use.line?.ingredient ?? use.mention.ingredient.id) ?? [])
export const isLeaven = (step: PlacedStep) =>
  itemsOf(step).some(item => item.kind === 'leaven' && (item.soda > 0 || item.powder > 0))
export const wets = (step: PlacedStep) => itemsOf(step).some(item => item.per100.water > 30)

/** The heat of the first bake, where no action before it names one. */
export const recipeHeat = (recipe: Recipe, actions: readonly Action[]): Celsius | null => {
  const bake = actions.findIndex(action => action.phases.some(time => time.kind === 'bake'))
  const isNamed = actions.slice(0, bake + 1).some(action => action.settings.length > 0)
  return isNamed ? null : (recipe.oven?.celsius ?? null)
}

/**
 * The bake that the pan stage times. Of several of about one length (a case baked blind, filled,
 * baked again) none is: they stay as written.
 */
export function timedBake(bakes: readonly StatedBake[]): StatedBake | null {
  const longest = mainBake(bakes)
  const isAlone = (most: StatedBake) =>
    bakes.every(each => each === most || each.minutes[1] < comparable * most.minutes[1])
  return longest && isAlone(longest) ? longest : null
}
