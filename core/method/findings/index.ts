import type { Rule } from '../../recipe'
import { readMethod } from '../read'
import { bakeFindings } from './bakes'
import { madeAndUnused } from './made'
import { orderFindings } from './order'
import { unusedLines } from './unused'
import { endlessWaits } from './waits'

/** What a walk along the actions finds: lines that none takes, waits that nobody ends, bakes at
 * two heats, for two times or for none, a part that is made and never used, an order that cannot be. */
export const methodFindings: Rule = (recipe, steps) => {
  const { actions } = readMethod(recipe)
  return [
    ...unusedLines(recipe, steps, actions),
    ...endlessWaits(actions),
    ...bakeFindings(recipe, actions),
    ...madeAndUnused(recipe, actions),
    ...orderFindings(recipe, actions),
  ]
}
