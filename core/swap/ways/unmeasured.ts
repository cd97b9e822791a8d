import type { Region } from '../../measure'
import { ingredientById, type Ingredient } from '../../pantry'
import type { Line } from '../../recipe'
import { asksPacket, isBlocked, type Table, type Leaving, questionOf } from '../leaving'
import { candidatesFor, priceOf, type Wishes } from './candidates'
import type { DessertPart } from './part'
import type { Substitution } from './school'
import { limits } from '../tables/limits'

/** For whom, where and in what measure a part is written. */
export interface Setting {
  readonly region: Region
  readonly by: 'grams' | 'spoons'
  readonly table: Table
  readonly wishes: Wishes
}

/** The first of these that suits the table; one whose packet asks nothing before others. */
export const nobodyAvoids = (ids: readonly string[], table: Table): Ingredient | null => {
  const fit = ids.map(id => ingredientById(id)!).filter(item => !isBlocked(item, table))
  return fit.find(item => !asksPacket(item, table)) ?? fit[0] ?? null
}

/** The cheapest school for a line that has no weight to compute with (for the tin, to brush, to serve). */
export function schoolForUnmeasured(
  item: Extract<Leaving, { how: 'leaves' }>,
  part: DessertPart,
  setting: Pick<Setting, 'table' | 'wishes'>,
): Substitution | null {
  const fit = candidatesFor({
    group: { question: item.question, lines: [item] },
    family: part.reading.family,
    table: setting.table,
    glutenGone: false,
    wishes: setting.wishes,
  })
  return fit.reduce<Substitution | null>(
    (best, s) =>
      !best ||
      priceOf(s, setting.table, limits.askPacket) < priceOf(best, setting.table, limits.askPacket)
        ? s
        : best,
    null,
  )
}

/** What stands for an ingredient that only a step names ("serve with cream"). */
export function standInFor(
  ingredient: Ingredient,
  part: DessertPart,
  setting: Setting,
): string | null {
  const question = questionOf[ingredient.kind]
  if (!question) return null
  const line: Line = {
    id: 'step',
    text: ingredient.name,
    amount: null,
    unit: null,
    grams: null,
    ingredient: ingredient.id,
    name: ingredient.name,
    preparation: '',
    optional: false,
    purpose: 'serve',
    orElse: [],
    component: '',
    unread: [],
    evidence: { amount: null, name: null, how: '', source: '', by: 'words' },
  }
  const answer = schoolForUnmeasured({ how: 'leaves', line, ingredient, question }, part, setting)
  return answer && answer.adds.length === 1
    ? ingredientById(answer.adds[0]!.ingredient)!.name
    : null
}
