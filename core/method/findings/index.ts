import type { Rule } from '../../recipe'
import { readMethod } from '../read'
import { unusedLines } from './unused'
import { endlessWaits } from './waits'

/** What a walk along the actions finds: lines that none takes, waits that nobody ends. */
export const methodFindings: Rule = (recipe, steps) => {
  const { actions } = readMethod(recipe)
  return [...unusedLines(recipe, steps, actions), ...endlessWaits(actions)]
}
