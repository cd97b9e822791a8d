import { exactly, weightText, type Region } from '../../../measure'
import { ingredientById, nameIn, type Ingredient, type Measured } from '../../../pantry'
import type { Line } from '../../../recipe'

/** A line as it is to be written. */
interface LineWritten {
  readonly id: string
  readonly component: string
  readonly ingredient: Ingredient
  readonly amount: Measured | null
  readonly region: Region
  readonly tail: string
  readonly purpose?: Line['purpose']
}

/** A line of the adapted recipe. Without grams it keeps the original's words for how much. */
export function writtenLine({
  id,
  component,
  ingredient,
  amount,
  region,
  tail,
  purpose = null,
}: LineWritten): Line {
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
    ...writtenLine({
      id: line.id,
      component: line.component,
      ingredient,
      amount,
      region,
      tail,
      purpose: line.purpose,
    }),
    optional: line.optional,
  }
}
