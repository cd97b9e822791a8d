import { exactly, weightText, type Region } from '../measure'
import { ingredientById, nameIn, type Ingredient, type Measured } from '../pantry'
import type { Line } from '../recipe'

/** A line of the adapted recipe. Without grams it keeps the original's words for how much. */
export function writtenLine(
  id: string,
  component: string,
  ingredient: Ingredient,
  amount: Measured | null,
  region: Region,
  tail: string,
  purpose: Line['purpose'] = null,
): Line {
  const name = nameIn(ingredient, region)
  const text = (
    (amount ? `${weightText(amount.grams)} (${amount.kitchen}) ` : '') +
    `${name}${tail ? `, ${tail}` : ''}`
  ).replace(/\((\d+(?:\.\d+)? g)\) /u, '')
  return {
    id,
    component,
    text,
    name,
    preparation: tail,
    optional: false,
    purpose,
    orElse: [],
    unread: [],
    amount: amount ? { low: amount.grams, high: amount.grams } : null,
    unit: amount ? 'g' : null,
    grams: amount ? exactly(amount.grams) : null,
    ingredient: ingredient.id,
    evidence: {
      amount: null,
      name: null,
      how: amount ? 'computed by the plan' : 'as much as the original says, which is no figure',
      source: ingredient.source,
      by: 'plan',
    },
  }
}

/** A line that stays with another weight: its amount is rewritten, its words are kept. */
export function trimmedLine(line: Line, amount: Measured, region: Region): Line {
  const ingredient = ingredientById(line.ingredient!)!
  const tail = line.preparation
    .replace(/^\((.*)\)$/u, '$1')
    .replace(/\d[^,;]*\b(?:g|ml|oz|cups?)\b\)?/giu, '')
    .trim()
  return {
    ...writtenLine(line.id, line.component, ingredient, amount, region, tail, line.purpose),
    optional: line.optional,
  }
}
