import { ingredientById } from '../pantry'
import { keepingSaid, type SaidKeeping } from '../method'
import { linesOf, type Recipe } from '../recipe'
import { keepingRows, type KeepingRow } from './tables/keeping'

/**
 * How it keeps, and, where the day is known on which it is made (ISO), the last day on which to eat
 * it. Frozen for at most `frozenDays`, 0: not. `told`: the recipe's own sentences about it.
 */
export interface Keeping {
  readonly says: string
  readonly days: number
  /** `days` in words. */
  readonly span: string
  readonly cold: boolean
  readonly freeze: string
  readonly frozenDays: number
  readonly thawHours: number
  readonly useBy: string | null
  readonly told: readonly string[]
}

const dayAfter = (day: string, days: number): string | null => {
  const at = Date.parse(`${day}T00:00:00Z`)
  return Number.isNaN(at) ? null : new Date(at + days * 86_400_000).toISOString().slice(0, 10)
}

/** What spoils keeps no longer than the table says; of the rest the recipe knows more. */
function daysOf({ days, cold }: KeepingRow, said: SaidKeeping): number {
  const told =
    said.days ?? (said.aheadDays !== null && said.aheadDays > days ? said.aheadDays : null)
  if (told === null) return days
  return cold ? Math.min(days, told) : told
}

const counted = (many: number, unit: string) => `${many} ${unit}${many === 1 ? '' : 's'}`
/** "3 months", "5 days": whole months where they are. */
const sayDays = (days: number): string =>
  days > 0 && days % 30 === 0 ? counted(days / 30, 'month') : counted(days, 'day')
/** What the table would not freeze thaws as a cake does. [P] */
const usualThaw = 4
function frozenOf(row: KeepingRow, { frozenDays: told }: SaidKeeping) {
  const { freeze, frozenDays, thawHours } = row
  if (told === null) return { freeze, frozenDays, thawHours }
  if (told === 0) return { freeze: 'not, as the recipe says', frozenDays: 0, thawHours }
  return {
    freeze: `up to ${sayDays(told)}, as the recipe says`,
    frozenDays: told,
    thawHours: thawHours || usualThaw,
  }
}

/**
 * The first row of the keeping table that fits: with both words and ingredients given, both must be
 * there. What the recipe itself says of it comes first, but never makes what spoils keep longer.
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
  const said = keepingSaid(recipe)
  const days = daysOf(row, said)
  return {
    says: row.says,
    days,
    span: sayDays(days),
    cold: row.cold,
    ...frozenOf(row, said),
    useBy: dayAfter(madeOn, days),
    told: said.says,
  }
}
