import { ratiosOf, type Weight } from '../../formula'
import type { Grams } from '../../measure'
import type { Moved } from './noticed'
import type { DessertPart } from '../ways'
import { doseRisks } from '../tables/dose-risks'
import { doomed } from '../tables/limits'

const gramsOf = (weights: readonly Weight[], ids: readonly string[]): Grams =>
  weights.reduce((sum, w) => sum + (ids.includes(w.ingredient.id) ? w.grams : 0), 0)
const leavens = doseRisks.filter(row => row.ingredients.some(id => doomed.leavens.includes(id)))

/**
 * What cannot come right, whatever else holds: nothing lifts what has to rise (`lift` in mmol of the
 * part), or so much leaven that one tastes nothing else. In words; null where nothing is doomed.
 */
export function failsBy(part: DessertPart, { was, is }: Moved, lift: number): string | null {
  const { flour } = ratiosOf(is)
  if (part.flour <= 0 || flour <= 0) return null
  const aimed = part.aim.goal.lift / part.flour
  if (100 * aimed >= doomed.rises && lift / flour < doomed.liftLeft * aimed)
    return 'Hardly anything is left that lifts it.'
  const much = leavens.find(({ ingredients, usual }) => {
    const grams = gramsOf(is, ingredients)
    return grams / flour > doomed.overdose * usual && grams > gramsOf(was, ingredients)
  })
  return much ? `So much leaven fails: ${much.says}.` : null
}
