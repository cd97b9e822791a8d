import { ingredientById } from '../pantry'
import type { FamilyRow } from '../formula'
import { asksPacket, isBlocked, type Table } from './allowed'
import type { Leaving } from './leaving'
import type { Question, School } from './school'
import { dairySchools } from './tables/dairy-schools'
import { eggSchools } from './tables/egg-schools'
import { otherSchools } from './tables/other-schools'

/** Every school that Ingwer carries. */
export const schools: readonly School[] = [...eggSchools, ...dairySchools, ...otherSchools]

/** What the baker asks for besides: ids of schools or ingredients; a larder of ingredient ids; at most so many new things. */
export interface Wishes {
  readonly pin?: readonly string[]
  readonly ban?: readonly string[]
  readonly larder?: readonly string[]
  readonly schools?: Readonly<Record<string, string>>
  readonly maxExtra?: number
  readonly measureIn?: 'grams' | 'spoons'
}

/** Lines of one part that ask the same question and leave together. */
export interface Group { readonly question: Question, readonly lines: readonly Extract<Leaving, { how: 'leaves' }>[] }

export function groupsOf(leaving: readonly Leaving[]): Group[] {
  const found = new Map<Question, Extract<Leaving, { how: 'leaves' }>[]>()
  for (const item of leaving) if (item.how === 'leaves') found.set(item.question, [...found.get(item.question) ?? [], item])
  return [...found].map(([question, lines]) => ({ question, lines }))
}

const stands = (school: School, group: Group) => !school.standsFor.length || group.lines.every(({ ingredient }) => school.standsFor.includes(ingredient.id) || school.standsFor.includes(`kind:${ingredient.kind}`))
const serves = (school: School, family: FamilyRow) => !school.not.includes(family.id) && (!school.families.length || school.families.includes(family.id))
const names = (school: School, ids: readonly string[]) => ids.includes(school.id) || school.adds.some(dose => ids.includes(dose.ingredient))

/** What speaks against a school before anything is computed; what the plan `used` already is neither rare nor asked twice. */
export const priceOf = (school: School, table: Table, askPacket: number, used: ReadonlySet<string> = new Set()): number => {
  const fresh = school.adds.filter(dose => !used.has(dose.ingredient))
  return (fresh.length || !school.adds.length ? school.rarity : 0) + school.flavour + askPacket * fresh.filter(dose => asksPacket(ingredientById(dose.ingredient)!, table)).length
}

/**
 * The schools that may answer a group's question in this family at this table: the hard filter first, then the family's
 * palette, then the baker's bans and pins. Nothing that leaves comes back by another line.
 */
export function candidatesFor(group: Group, family: FamilyRow, table: Table, glutenGone: boolean, wishes: Wishes): School[] {
  const leaves = new Set(group.lines.map(item => item.ingredient.id))
  const fit = schools.filter(school => school.question === group.question
    && stands(school, group) && serves(school, family)
    && school.adds.every(dose => !isBlocked(ingredientById(dose.ingredient)!, table) && !leaves.has(dose.ingredient))
    && (!school.onlyGlutenFree || glutenGone)
    && !names(school, wishes.ban ?? []))
  const asked = wishes.schools?.[group.question]
  const chosen = asked ? fit.filter(school => school.id === asked) : fit.filter(school => names(school, wishes.pin ?? []))
  return chosen.length ? chosen : fit
}
