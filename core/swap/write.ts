import { exactly, scaleAmount, spoonAmount, weightText, type Grams, type Region } from '../measure'
import { ingredientById, nameIn, ownDensity, type Ingredient } from '../pantry'
import type { Line } from '../recipe'

/** Amounts as this kitchen will measure them, and lines written from them. */
export interface Measured { readonly grams: Grams, readonly kitchen: string }

const unspooned: readonly string[] = ['egg', 'fruit', 'ready-made', 'nut', 'chocolate', 'gel']

/**
 * A computed weight as it is given to the baker: to the scale's step, with spoons or cups beside it; by spoons when the
 * kitchen has only those, and then the weight is what those spoons hold.
 */
export function measured(wanted: Grams, ingredient: Ingredient, region: Region, by: 'grams' | 'spoons'): Measured {
  const density = ownDensity(ingredient, region) ?? Object.values(ingredient.density)[0]
  const scale = scaleAmount(wanted)
  if (!density || unspooned.includes(ingredient.kind)) return { grams: scale.grams, kitchen: scale.text }
  const spoons = spoonAmount(wanted, density, region)
  if (by === 'spoons') return { grams: Math.round(spoons.grams * 10) / 10, kitchen: spoons.text }
  return { grams: scale.grams, kitchen: spoons.text }
}

/** A line of the adapted recipe. Without grams it keeps the original's words for how much. */
export function writtenLine(id: string, component: string, ingredient: Ingredient, amount: Measured | null, region: Region, tail: string, purpose: Line['purpose'] = null): Line {
  const name = nameIn(ingredient, region)
  const text = `${amount ? `${weightText(amount.grams)} (${amount.kitchen}) ` : ''}${name}${tail ? `, ${tail}` : ''}`.replace(/\((\d+(?:\.\d+)? g)\) /u, '')
  return {
    id, component, text, name, preparation: tail, optional: false, purpose, orElse: [], unread: [],
    amount: amount ? { low: amount.grams, high: amount.grams } : null, unit: amount ? 'g' : null, grams: amount ? exactly(amount.grams) : null,
    ingredient: ingredient.id,
    evidence: { amount: null, name: null, how: amount ? 'computed by the plan' : 'as much as the original says, which is no figure', source: ingredient.source, by: 'plan' },
  }
}

/** A line that stays with another weight: its amount is rewritten, its words are kept. */
export function trimmedLine(line: Line, amount: Measured, region: Region): Line {
  const ingredient = ingredientById(line.ingredient!)!
  const tail = line.preparation.replace(/^\((.*)\)$/u, '$1').replace(/\d[^,;]*\b(?:g|ml|oz|cups?)\b\)?/giu, '').trim()
  return { ...writtenLine(line.id, line.component, ingredient, amount, region, tail, line.purpose), optional: line.optional }
}
