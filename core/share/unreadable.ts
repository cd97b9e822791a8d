import { lawLists, type Person } from '../people'
import { asideFor, type SetAside } from './backup'
import { keptProblem, type KeptKind } from './kept/bake'

/** A row of the house that does not hold together, to be set aside; null where it does. */
export function unreadable(kind: KeptKind, value: unknown): SetAside | null {
  const problem = keptProblem(kind, value)
  return problem && asideFor(kind, value, problem)
}

/** Every allergen of every law's list: the strictest that is known. */
const everything = [...new Set(lawLists.flatMap(list => list.entries))]

/**
 * Who stands in for a person whose row cannot be read: with what is left of the name, avoiding every
 * allergen that a law knows, so that nothing is called fine for them until somebody says what they
 * really avoid. `id` is what bakes know them by.
 */
export function inTheirPlace(value: unknown, id: string): Person {
  const { name, guestOf } = (value ?? {}) as Record<string, unknown>
  const isNamed = typeof name === 'string' && name.trim() !== ''
  return {
    id,
    name: isNamed ? name.trim().slice(0, 60) : 'Somebody',
    avoids: everything.map(allergen => ({ allergen, strictness: 'allergy', unasked: true })),
    diets: [],
    note: 'What they avoid could not be read any more. Until you say it again, they avoid everything.',
    ...(typeof guestOf === 'string' ? { guestOf } : {}),
  }
}
