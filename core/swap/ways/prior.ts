import type { FamilyRow } from '../../formula'
import type { Substitution } from './school'
import { pairLess, priorOf, priorRows, unusual, type PriorRow } from '../tables/priors'

const named = new Map(
  priorRows.map(row => [
    row,
    new Map(
      (['rare', 'known', 'usual'] as const).flatMap(how =>
        row[how].split(' ').map(id => [id, priorOf[how]] as const),
      ),
    ),
  ]),
)
const isOf = ({ families }: PriorRow, family: FamilyRow): boolean =>
  families.length === 0 ||
  families.includes(family.id) ||
  (family.variant !== undefined && families.includes(family.variant))

/**
 * How usual a way is for a kind of dessert, 0 to 1: by the table, the narrower kind first. Two that
 * share the eggs are less usual than the rarer of them. Null where nobody says anything.
 */
export function usualness(
  way: Substitution,
  family: FamilyRow,
  glutenGone: boolean,
): number | null {
  const rows = priorRows.filter(
    row => row.question === way.question && (!row.without || glutenGone) && isOf(row, family),
  )
  const narrow = rows.find(row => family.variant && row.families.includes(family.variant))
  const row = rows.find(one => one.without) ?? narrow ?? rows[0]
  if (!row) return null
  const of = (id: string) => named.get(row)!.get(id) ?? unusual.unnamed
  return way.of ? Math.max(0, Math.min(...way.of.map(one => of(one.id))) - pairLess) : of(way.id)
}

/** What it costs that the ways of a part are not what bakers would take. */
export const unusualness = (
  ways: readonly Substitution[],
  family: FamilyRow,
  glutenGone: boolean,
): number =>
  ways.reduce(
    (sum, way) => sum + unusual.costs * (1 - (usualness(way, family, glutenGone) ?? 1)),
    0,
  )
