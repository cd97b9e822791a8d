import { ingredientById } from '../pantry'
import { linesOf, type Recipe } from '../recipe'
import { keepingRows } from './tables/keeping'

/**
 * How it keeps, and, where the day is known on which it is made (ISO), the last day on which to eat
 * it. Frozen for at most `frozenDays`, 0: not.
 */
export interface Keeping {
  readonly says: string
  readonly days: number
  readonly cold: boolean
  readonly freeze: string
  readonly frozenDays: number
  readonly thawHours: number
  readonly useBy: string | null
}

const dayAfter = (day: string, days: number): string | null => {
  const at = Date.parse(`${day}T00:00:00Z`)
  return Number.isNaN(at) ? null : new Date(at + days * 86_400_000).toISOString().slice(0, 10)
}

/**
 * The first row of the keeping table that fits: with both words and ingredients given, both must be
 * there.
 */
export function keepingOf(recipe: Recipe, madeOn: string): Keeping {
  const names = new Set(
    linesOf(recipe).flatMap(line => {
      const item = line.ingredient && !line.optional ? ingredientById(line.ingredient) : undefined
      return item ? [item.id, `kind:${item.kind}`] : []
    }),
  )
  const words = [recipe.title, ...recipe.components.map(c => c.name)].join(' ')
  const row = keepingRows.find(
    r =>
      (!r.of || r.of.some(id => names.has(id))) &&
      (!r.words || new RegExp(`\\b(?:${r.words})`, 'iu').test(words)),
  )!
  return {
    says: row.says,
    days: row.days,
    cold: row.cold,
    freeze: row.freeze,
    frozenDays: row.frozenDays,
    thawHours: row.thawHours,
    useBy: dayAfter(madeOn, row.days),
  }
}
