import { ingredientById, type Ingredient, type Kind } from '../../../pantry'
import type { Line } from '../../../recipe'
import type { Answer } from '../../choose'
import type { DessertPart } from '../../ways'
import type { Fitting } from '../../tables/doing-rows'
import type { MethodFact } from '../../tables/method-facts'

/**
 * What a part's plan means for the way of working: facts, what is made ready first, and which lines
 * are new helps. `at`: its place among the parts.
 */
export interface Making {
  readonly at: number
  readonly part: DessertPart
  readonly answers: readonly Answer[]
  readonly facts: ReadonlySet<MethodFact>
  readonly first: readonly string[]
  readonly helps: readonly Line[]
  readonly lines: readonly Line[]
}

/** Does a row of the tables speak of this part's plan? */
export const rowFits = (row: Fitting, { facts, part }: Making): boolean =>
  facts.has(row.when) &&
  (!row.and || facts.has(row.and)) &&
  (!row.without || !facts.has(row.without)) &&
  (!row.families?.length || row.families.includes(part.reading.family.id))

/** What a line is of. */
export const thingOf = (line: Line | undefined): Ingredient | undefined =>
  line?.ingredient ? ingredientById(line.ingredient) : undefined
export const kindOf = (line: Line | undefined): Kind | null => thingOf(line)?.kind ?? null
