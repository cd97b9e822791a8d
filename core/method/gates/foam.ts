import { ingredientById, type Ingredient } from '../../pantry'
import { linesOf, type Recipe } from '../../recipe'
import type { Action } from '../action'
import { linesTaken } from '../action'
import { brokenByFat, fatty, foamy, foamyKinds, peaks } from '../tables/gates'
import type { VerbId } from '../tables/verbs'
import type { Fault, Gate } from './gate'

const whips: ReadonlySet<VerbId> = new Set(['whisk', 'beat', 'whip'])
/** What does not whip at all: jelly of seeds and starch, drinks, purées. [P] */
const holdsAir = (ingredient: Ingredient): boolean =>
  ingredient.does.foam >= 1 || foamyKinds.has(ingredient.kind) || foamy.has(ingredient.id)

const isFat = ({ per100 }: Ingredient): boolean => per100.fat >= fatty

const ingredientsOf = (recipe: Recipe, action: Action): readonly Ingredient[] => {
  const taken = linesTaken(action)
  const asides = action.takes.flatMap(({ thing }) =>
    thing.is === 'aside' ? [thing.ingredient] : [],
  )
  const ids = linesOf(recipe)
    .filter(line => taken.includes(line.id))
    .flatMap(line => line.ingredient ?? [])
  return [...ids, ...asides].flatMap(id => ingredientById(id) ?? [])
}

/** Nothing is whipped to peaks that holds no foam, and no fat comes to one that it breaks. */
export const foamGate: Gate = ({ is, actions }) =>
  actions.flatMap((action): Fault[] => {
    if (!whips.has(action.verb) || action.mode === 'remark' || !peaks.test(action.text)) return []
    const takes = ingredientsOf(is, action)
    const fat = takes.find(isFat)
    if (fat && takes.some(one => brokenByFat.has(one.id)))
      return [{ gate: 'foam', says: `${fat.name} would break the foam.`, step: action.step }]
    if (!takes.length || takes.some(holdsAir)) return []
    const names = takes.map(one => one.name).join(', ')
    return [{ gate: 'foam', says: `${names} does not whip to peaks.`, step: action.step }]
  })
