import { avoidableName, ingredientById } from '../pantry'
import { linesOf, type Recipe } from '../recipe'
import { checkPeople, type CheckedPacket, type PeopleCheck } from './check'
import { needsOf, type Person } from './person'

const list = (items: readonly string[], last = 'and') => items.length < 2 ? items.join('') : `${items.slice(0, -1).join(', ')} ${last} ${items.at(-1)}`

/** Packets that someone at the table needs read, by ingredient: those whose kind of product may hold or carry something. */
export function packetsToCheck(recipe: Recipe, people: readonly Person[], check: PeopleCheck = checkPeople(recipe, people)): readonly { readonly ingredient: string, readonly name: string, readonly lookFor: readonly string[] }[] {
  const found = new Map<string, Set<string>>()
  for (const { conflicts } of check.people) for (const c of conflicts) {
    if (!c.ingredient || !c.allergen || c.state === 'contains') continue
    found.set(c.ingredient, (found.get(c.ingredient) ?? new Set()).add(avoidableName(c.allergen)))
  }
  return [...found].map(([ingredient, lookFor]) => ({ ingredient, name: ingredientById(ingredient)!.name, lookFor: [...lookFor] }))
}

/**
 * The widest sentence that the check supports, computed from every component for the named people; it never says "safe".
 * Null when someone's verdict is a conflict or something is not known at all: then there is no claim to make.
 */
export function claimFor(recipe: Recipe, people: readonly Person[], packets: readonly CheckedPacket[] = []): string | null {
  const check = checkPeople(recipe, people, { packets })
  const blocked = check.people.some(p => p.verdict === 'conflict' || p.conflicts.some(c => c.allergen === null))
  if (blocked || !people.length) return null
  const needs = people.flatMap(needsOf)
  const things = [...new Set(needs.filter(need => !need.from).map(need => avoidableName(need.allergen)))]
  const diets = [...new Set(needs.flatMap(need => need.from || []))]
  if (!needs.length) return null
  const left = diets.length ? `othing that ${list(diets, 'or')} eating leaves out` : ''
  const found = things.length ? `No ${list(things, 'or')}${left ? `, and n${left},` : ''}` : `N${left}`
  const open = packetsToCheck(recipe, people, check)
  const all = packetsToCheck(recipe, people, checkPeople(recipe, people))
  const lines = linesOf(recipe).length
  return `${found} found in the ${lines} lines you entered, for ${list(people.map(p => p.name))}; packets checked ${all.length - open.length} of ${all.length}.`
}
