import type { Region } from './region'
import { unitRows, type UnitRow } from './tables/units'

export type UnitId = string
export type Unit = UnitRow

const byId = new Map(unitRows.map(row => [row.id, row]))
/** Names in lower case, but for the one-letter spoons, where T is a tablespoon and t a teaspoon. */
const byName = new Map(unitRows.flatMap(row => row.names.map(name => [name, row] as const)))
const longestFirst = [...byName.keys()].sort((a, b) => b.length - a.length)
const escaped = (name: string) => name.replace(/[.]/g, '\\.').replace(/ /g, '\\s*')
const unitAt = new RegExp(`(?:${longestFirst.map(escaped).join('|')})(?=$|[^\\p{L}\\p{M}])`, 'iuy')

export const unitById = (id: UnitId): Unit | undefined => byId.get(id)

/**
 * The unit whose name stands in `text` at `from`, longest name first, and where it ends (a full
 * stop after an abbreviation included). Null when none does. "T" is a tablespoon, "t" a teaspoon;
 * all else is read in any case.
 */
export function readUnit(text: string, from: number): { unit: Unit; end: number } | null {
  unitAt.lastIndex = from
  const found = unitAt.exec(text)?.[0]
  if (!found) return null
  const plain = found.replace(/\s+/g, ' ')
  const unit =
    byName.get(plain) ??
    byName.get(plain.toLowerCase()) ??
    byName.get(plain.toLowerCase().replace('fl', 'fl '))
  if (!unit) return null
  const end = from + found.length
  const abbreviated = found.length <= 5 && text[end] === '.'
  return { unit, end: abbreviated ? end + 1 : end }
}

/** Millilitres in one `unit` as that region measures it; null for a unit that is no volume. */
export function millilitresIn(unit: Unit, region: Region): number | null {
  return unit.kind === 'volume' ? (unit.by?.[region] ?? unit.ml ?? null) : null
}
