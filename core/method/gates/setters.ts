import { linesOf } from '../../recipe'
import type { Action } from '../action'
import { linesTaken } from '../action'
import { mustBoil, neverBoils, saysBoil } from '../tables/gates'
import type { VerbId } from '../tables/verbs'
import type { Fault, Gate } from './gate'

const boils: ReadonlySet<VerbId> = new Set(['boil', 'simmer', 'reduce'])

const isBoiled = (action: Action) => boils.has(action.verb) || saysBoil.test(action.text)

/** No setter that must boil is left unboiled, and none that must not is boiled. */
export const settersGate: Gate = ({ is, actions }) =>
  linesOf(is).flatMap((line): Fault[] => {
    const id = line.ingredient ?? ''
    if (!mustBoil.has(id) && !neverBoils.has(id)) return []
    const first = actions.findIndex(a => linesTaken(a).includes(line.id))
    if (first < 0) return []
    const from = actions[first]!
    const behind = actions.slice(first).filter(a => a.part === from.part)
    if (mustBoil.has(id) && !behind.some(isBoiled))
      return [
        {
          gate: 'setters',
          says: `The ${line.name} is never boiled, so it will not set.`,
          step: from.step,
        },
      ]
    if (neverBoils.has(id) && isBoiled(from) && boils.has(from.verb))
      return [
        { gate: 'setters', says: `The ${line.name} is boiled, and will not set.`, step: from.step },
      ]
    return []
  })
