import { finding, linesOf, type Finding, type Recipe } from '../recipe'
import { ingredientById } from '../pantry'
import { pieceRows } from './tables/usual-ratios'
import { isInside } from './weight'

/**
 * How many pieces it is said to make against what it weighs. Silent where a weight that counts is
 * not known.
 */
export function oddYield(recipe: Recipe): Finding[] {
  const count = recipe.yield?.count
  if (!recipe.yield || !count || count.high < 1) return []
  const lines = linesOf(recipe).filter(
    line => isInside(line) && line.purpose !== 'serve' && line.purpose !== 'decorate',
  )
  if (
    lines.some(
      line =>
        !line.grams &&
        !['salt', 'spice', 'flavour', 'decoration', 'leaven'].includes(
          ingredientById(line.ingredient ?? '')?.kind ?? '',
        ),
    )
  )
    return []
  const mass = lines.reduce((sum, line) => sum + (line.grams?.best ?? 0), 0)
  const row = pieceRows.find(r => r.sign.test(recipe.yield!.text))
  if (!row || mass < 60) return []
  const [most, least] = [mass / count.low, mass / count.high]
  // "Servings: 24" of cookies counts cookies.
  const called = pieceRows.find(r => r.sign.test(recipe.title))
  if ([row, ...(called ? [called] : [])].some(({ grams }) => most >= grams[0] && least <= grams[1]))
    return []
  const each = Math.round((most + least) / 2)
  return [
    finding({
      code: 'yield',
      severity: 'ask',
      text: recipe.yield.text,
      sentence:
        `${Math.round(mass)} g in “${recipe.yield.text}” come to ${each} g each; ${row.name} ` +
        `has ${row.grams[0]}–${row.grams[1]} g.`,
    }),
  ]
}
