import { familyOf, massOf, weightsOf } from '../../formula'
import { withFinish } from '../../method'
import type { Recipe } from '../../recipe'
import { type Table, leavingOf, sweetenedAnew, withoutFat } from '../leaving'
import { serves, substitutionById, type Wishes } from './candidates'
import { partOf, type DessertPart } from './part'
import type { Substitution } from './school'
import { routeRows } from '../tables/routes'

/** What of a part leaves, in the route table's words. */
export function leavesOf(part: DessertPart): ReadonlySet<string> {
  return new Set(
    part.groups.flatMap(group => {
      if (group.question === 'egg' || group.question === 'egg-wash') return ['egg']
      if (group.question === 'flour') return ['gluten']
      return group.question === 'cream' || group.question === 'gel' ? [group.question] : []
    }),
  )
}

/** The original with its parts as a version of it has them: an older one has its finish in the dough. */
export function asPartedIn(original: Recipe, adapted: Recipe): Recipe {
  const parted = withFinish(original)
  return parted.components.length === adapted.components.length ? parted : original
}

/**
 * The sweetener that is wished for, where all that it takes is known: without the product's own
 * factor nothing is sweetened with it.
 */
export function sweetenerOf(wishes: Wishes): Substitution | undefined {
  const school = wishes.sweeten ? substitutionById(wishes.sweeten) : undefined
  const isKnown = wishes.factor !== undefined || !school?.adds.some(dose => dose.perFactor)
  return isKnown ? school : undefined
}

/** Where the sugar stays although another sweetener is wished for: what it does not do there. */
export function sugarThatStays(parts: readonly DessertPart[], wishes: Wishes): string[] {
  const sweetener = sweetenerOf(wishes)
  if (!sweetener) return []
  return parts
    .filter(part => !part.sweetened && sweetenedAnew(part.component, []).length > 0)
    .map(({ component, reading }) => {
      const where = component.name ? `In “${component.name}”` : 'Here'
      return (
        `${where} the sugar stays: ${sweetener.name} does not do in a ${reading.family.name} what ` +
        'sugar does.'
      )
    })
}

/** The parts of a recipe with their families, what leaves, and their routes. */
export function partsOf(recipe: Recipe, table: Table, wishes: Wishes): DessertPart[] {
  const mass = recipe.components.map(c => massOf(weightsOf(c.lines)))
  const main = mass.indexOf(Math.max(...mass))
  return recipe.components.map((component, i) => {
    const reading = familyOf(
      component,
      recipe.title,
      i === main || (component.name === '' && recipe.components.length === 1),
      wishes.family?.[component.name],
    )
    const blocked = leavingOf(component, reading.family, table, recipe.region)
    const sweetener = sweetenerOf(wishes)
    const isSweetened = sweetener !== undefined && serves(sweetener, reading.family)
    const sweetened = isSweetened ? [...blocked, ...sweetenedAnew(component, blocked)] : blocked
    const leaving = wishes.less?.fat === 1 ? withoutFat(component, sweetened) : sweetened
    const bare = partOf({ component, given: reading, leaving, route: null, wishes })
    const leaves = leavesOf(bare)
    const route =
      routeRows.find(
        row => row.family === reading.family.id && row.leaves.some(what => leaves.has(what)),
      ) ?? null
    return { ...bare, route }
  })
}
