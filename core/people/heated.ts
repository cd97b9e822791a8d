import { isCooked, linesTaken, readMethod, type Action } from '../method'
import type { Recipe } from '../recipe'

/** Toasting cooks nothing through, nor does steam under a bowl, nor what is told of the table. */
const cooksThrough = (action: Action): boolean =>
  isCooked(action) && action.mode !== 'serve' && action.verb !== 'toast' && action.over === null

/** A line of a part, or with `lineId` null what only a step of that part brings. */
interface Asked {
  readonly lineId: string | null
  readonly component: string
}

/** Does an action speak of a line: by its name, as what was made of it, or by its part's name? */
const speaksOf = (action: Action, { lineId, component }: Asked): boolean =>
  action.names.includes(component) || (lineId !== null && linesTaken(action).includes(lineId))

/**
 * Does an action work on what is in the bowl? "Bake", "bake the plum cake"; "bake the case" and "boil
 * the plums" work on that alone.
 */
function isOfAll(action: Action): boolean {
  const objects = action.takes.filter(one => !one.readies)
  return objects.length > 0 ? objects.some(one => one.tells) : action.names.length === 0
}

/** From the last action on that takes the line by its own name. */
function sinceTaken(actions: readonly Action[], lineId: string | null): readonly Action[] {
  const last = actions.findLastIndex(({ takes }) =>
    takes.some(({ thing }) => thing.is === 'line' && thing.line === lineId),
  )
  return actions.slice(Math.max(0, last))
}

/**
 * Whether a line of a part is cooked: an action behind the last that takes it, or that one, bakes or
 * boils it or all that is in the bowl that it is in by then. A heat word elsewhere does not count,
 * nor does a case that is baked before, nor another line that is boiled beside it.
 */
export function cookedIn(recipe: Recipe): (lineId: string | null, component: string) => boolean {
  if (!recipe.components.some(c => c.steps.length > 0)) return () => recipe.oven !== null
  const { actions } = readMethod(recipe)
  return (lineId, component) => {
    const asked = { lineId, component }
    // A part that no action works on is made in another's.
    const hasOwn = actions.some(action => action.part === component)
    const bowls = new Set(hasOwn ? [component] : actions.map(action => action.part))
    return sinceTaken(actions, lineId).some(action => {
      if (speaksOf(action, asked)) bowls.add(action.part)
      return (
        cooksThrough(action) &&
        bowls.has(action.part) &&
        (speaksOf(action, asked) || isOfAll(action))
      )
    })
  }
}
