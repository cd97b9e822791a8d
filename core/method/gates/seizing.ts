import type { Grams } from '../../measure'
import { ingredientById, type Ingredient, type Kind } from '../../pantry'
import { linesOf, type Line } from '../../recipe'
import type { Action } from '../action'
import { chocolates, melted, seizes, wetKinds } from '../tables/gates'
import type { Fault, Gate } from './gate'

const thingOf = (line: Line): Ingredient | undefined =>
  line.ingredient ? ingredientById(line.ingredient) : undefined

/** How much of a line an action takes under its own name. */
const taken = (action: Action, line: Line): Grams =>
  action.takes.reduce((sum, { thing, share }) => {
    if (thing.is !== 'line' || thing.line !== line.id) return sum
    const all = line.grams?.best ?? 0
    if (share.of === 'amount') return sum + (share.grams ?? all)
    return sum + (share.of === 'part' ? share.fraction * all : all)
  }, 0)

/**
 * No water comes to melting chocolate by itself below the amount that saves it: a little makes it a
 * stiff mass, half its weight a sauce. What water a fat brings is bound in that.
 */
export const seizingGate: Gate = ({ is, actions }) =>
  actions.flatMap((action): Fault[] => {
    if (action.mode === 'remark' || !melted.has(action.verb)) return []
    const grams = (kinds: ReadonlySet<Kind>, of: (thing: Ingredient) => number) =>
      linesOf(is)
        .filter(line => thingOf(line) !== undefined && kinds.has(thingOf(line)!.kind))
        .reduce((sum, line) => sum + taken(action, line) * of(thingOf(line)!), 0)
    const chocolate = grams(chocolates, () => 1)
    const water = grams(wetKinds, thing => thing.per100.water / 100)
    const share = chocolate > 0 ? water / chocolate : 0
    return share > seizes.from && share < seizes.to
      ? [
          {
            gate: 'seizing',
            says: 'Too little water for a sauce comes to the melting chocolate: it would seize.',
            step: action.step,
          },
        ]
      : []
  })
