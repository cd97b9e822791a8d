import { ingredientById } from '../pantry'
import { linesOf, type Recipe } from '../recipe'
import { needsOf, type Person } from './person'
import { cautionRows, crossContact } from './tables/cautions'

/** The cautions that this recipe calls for, in the table's order; cross-contact first when someone avoids traces. */
export function cautionsFor(recipe: Recipe, people: readonly Person[]): readonly string[] {
  const lines = linesOf(recipe).flatMap(line => [line, ...line.orElse])
  const here = new Set(lines.flatMap(line => {
    const ingredient = line.ingredient ? ingredientById(line.ingredient) : undefined
    return ingredient ? [ingredient.id, `kind:${ingredient.kind}`] : []
  }))
  const traces = people.some(person => needsOf(person).some(need => need.level === 'trace'))
  const rows = cautionRows.filter(row => row.when.some(id => here.has(id)) && !row.unless?.some(id => here.has(id)))
  return [...traces ? [crossContact] : [], ...rows.map(row => row.says)]
}
