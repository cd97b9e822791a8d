import { millilitresIn, unitById, type Grams } from '../measure'
import type { Ingredient } from './ingredient'
import type { OwnSpoon } from './stock'

/**
 * A weighing of some level measures: what one weighs, and what one would weigh by the table, low to
 * high; null when it says nothing.
 */
export type SpoonReading =
  | { readonly ok: true; readonly spoon: OwnSpoon; readonly table: readonly [Grams, Grams] | null }
  | { readonly ok: false; readonly sentence: string }

/**
 * Lighter than popped grain, heavier than any syrup: a slip of the pen. From memory: puffed rice
 * 0.06 g/ml, honey 1.42 g/ml, salt 1.2 g/ml.
 */
const lightest = 0.04
const heaviest = 2
const mostMeasures = 100

/**
 * "5 level tablespoons of our oil weigh 62 g": one weighs 12.4 g. `unit` is a spoon or cup;
 * refuses, with a sentence, a count or a weight that cannot be. The table's figure is for a metric
 * measure.
 */
export function spoonFrom(
  ingredient: Ingredient,
  unit: string,
  count: number,
  grams: Grams,
): SpoonReading {
  const row = unitById(unit)
  const ml = row && millilitresIn(row, 'metric')
  if (!ml || row.kind !== 'volume')
    return { ok: false, sentence: 'Choose the spoon or cup that was filled.' }
  if (!(count > 0 && count <= mostMeasures))
    return {
      ok: false,
      sentence: `How many level ones were on the scale? A number from 1 to ${mostMeasures}.`,
    }
  if (!(grams > 0))
    return { ok: false, sentence: 'What did the scale say? A weight in grams above 0.' }
  const one = grams / count
  const density = one / ml
  if (density > heaviest || density < lightest)
    return {
      ok: false,
      sentence:
        `${Number(one.toPrecision(3))} g in one ${row.names[0]} is ` +
        `${density > 1 ? 'heavier than any syrup' : 'lighter than puffed rice'}. Was it ` +
        `${count} of them, and was the bowl taken off?`,
    }
  const known = Object.entries(ingredient.density)
    .filter(([handling]) => handling !== 'melted')
    .map(([, d]) => d * ml)
  return {
    ok: true,
    spoon: { ingredient: ingredient.id, unit, grams: Number(one.toPrecision(4)) },
    table: known.length ? [Math.min(...known), Math.max(...known)] : null,
  }
}
