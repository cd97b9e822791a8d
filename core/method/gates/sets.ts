import { ingredientById } from '../../pantry'
import type { Component, Line } from '../../recipe'
import type { Action } from '../action'
import { staysLiquid } from '../tables/gates'
import type { Fault, Gate } from './gate'

const isLiquid = ({ ingredient }: Line): boolean => {
  const kind = ingredientById(ingredient ?? '')?.kind
  return kind !== undefined && staysLiquid.has(kind)
}

/** Is it told to set, by a verb or a look? */
const isToSet = ({ verb, manners, until, mode }: Action): boolean =>
  mode !== 'remark' &&
  (verb === 'set' || manners.has('to-set') || until?.kinds.has('wobbles') === true)

/** Nothing is told to set of which nothing sets any more. */
export const setsGate: Gate = ({ was, is, actions }) => {
  const liquid = ({ lines }: Component) => lines.length > 0 && lines.every(isLiquid)
  const set = new Set(was.components.filter(part => !liquid(part)).map(part => part.name))
  const lost = is.components.filter(part => liquid(part) && set.has(part.name))
  return lost.flatMap(({ name }): Fault[] => {
    const told = actions.find(action => action.part === name && isToSet(action))
    if (!told) return []
    return [
      {
        gate: 'sets',
        says: `Nothing in “${name || 'the dessert'}” sets, and it is told to.`,
        step: told.step,
      },
    ]
  })
}
