import { ingredientById } from '../../pantry'
import { familyRows } from '../../formula'
import { withFinish } from '../../method'
import type { Person } from '../../people'
import type { Recipe } from '../../recipe'
import { tableOf, type Question } from '../leaving'
import { partsOf } from './parts'
import { candidatesFor, substitutions, type Wishes } from './candidates'
import type { HouseKnowledge } from './known'

/**
 * A question that a part asks, and the schools that could answer it at this table, whatever is
 * pinned or banned.
 */
export interface Way {
  readonly component: string
  readonly question: Question
  readonly lines: readonly string[]
  readonly schools: readonly {
    readonly id: string
    readonly name: string
    readonly reason: string
    readonly source: string
    readonly ingredients: readonly string[]
  }[]
}

/** Every question of a recipe with its schools: to choose from, one question at a time. */
export function waysFor(
  recipe: Recipe,
  people: readonly Person[],
  wishes: Wishes = {},
  known: HouseKnowledge = {},
): Way[] {
  const table = tableOf(people, known.packets)
  return partsOf(withFinish(recipe), table, wishes).flatMap(part =>
    part.groups.map((group): Way => ({
      component: part.component.name,
      question: group.question,
      lines: group.lines.map(item => item.line.id),
      schools: candidatesFor({
        group,
        family: part.reading.family,
        table,
        glutenGone: part.groups.some(g => g.question === 'flour'),
        wishes: { ...wishes, pin: undefined, ban: undefined, schools: undefined },
      })
        .filter(school => !school.of)
        .map(school => ({
          id: school.id,
          name: school.name,
          reason: school.reason,
          source: school.source,
          ingredients: [...new Set(school.adds.map(d => d.ingredient))].filter(
            id => ingredientById(id)?.kind !== 'water',
          ),
        })),
    })),
  )
}

/** Sweeteners that may be wished for in the sugar's stead, and whether a product's own factor is needed. */
export const sweeteners = substitutions
  .filter(school => school.question === 'sweetener' && school.onlyAsked)
  .map(school => ({
    id: school.id,
    name: school.name,
    reason: school.reason,
    needsFactor: school.adds.some(d => d.perFactor),
  }))

/** Families by the names that bakers would choose from. */
export const familyChoices = familyRows
  .map(row => ({ id: row.id, name: row.name }))
  .sort((a, b) => a.name.localeCompare(b.name))
