import { isAvoidable, type AvoidableId } from '../pantry'
import { dietRows, type DietRow } from './tables/diets'

/** One thing that a person must not get: as an ingredient only, or as a trace too. */
export interface Avoid {
  readonly allergen: AvoidableId
  readonly except?: readonly AvoidableId[]
  readonly level: 'ingredient' | 'trace'
}

/**
 * Something else that a person does not eat, by its name: found by the pantry's ingredient where it
 * is one, else by the words alone.
 */
export interface AvoidedThing {
  readonly words: string
  readonly ingredient: string | null
}

type DietId = string

export const beadShapes = [
  'circle',
  'square',
  'drop',
  'hexagon',
  'triangle',
  'diamond',
  'shield',
  'star',
] as const
export const beadColours = ['beet', 'sea', 'leaf', 'plum', 'rust', 'slate', 'moss', 'ink'] as const
/** The person's own sign; shape and letter say it without the colour. */
export interface Bead {
  readonly letter: string
  readonly shape: (typeof beadShapes)[number]
  readonly colour: (typeof beadColours)[number]
}

export interface Person {
  readonly id: string
  readonly name: string
  readonly avoids: readonly Avoid[]
  readonly diets: readonly DietId[]
  readonly bead?: Bead
  readonly things?: readonly AvoidedThing[]
  /** What the family wants to remember ("baked egg only, says the clinic"): shown, and never acted on. */
  readonly note?: string
  /** A guest of one bake alone, by its id. */
  readonly guestOf?: string
}

/** People who often eat together: "Sunday", "school". */
export interface PeopleGroup {
  readonly id: string
  readonly name: string
  readonly people: readonly string[]
}

/**
 * Ids in a person's needs that Ingwer does not know. Such a person is never read as able to eat
 * something.
 */
export function unknownNeeds(person: Person): readonly string[] {
  const ids = person.avoids
    .flatMap(avoid => [avoid.allergen, ...(avoid.except ?? [])])
    .filter(id => !isAvoidable(id))
  return [...ids, ...person.diets.filter(id => !dietRows.some(row => row.id === id))]
}

/**
 * A need with where it comes from: '' for the person's own, else the diet. `butAsk`: ingredients
 * for which the packet decides.
 */
export type Need = Avoid & { readonly butAsk: readonly string[]; readonly from: string }

/** What a person avoids, with what the diets add. */
export function needsOf(person: Person): readonly Need[] {
  const own = person.avoids.map(avoid => ({ ...avoid, butAsk: [] as readonly string[], from: '' }))
  return [
    ...own,
    ...dietsOf(person).flatMap(row =>
      row.avoids.map(allergen => ({
        allergen,
        level: row.level,
        butAsk: row.butAsk,
        from: row.name,
      })),
    ),
  ]
}

export const dietsOf = (person: Person): readonly DietRow[] =>
  dietRows.filter(row => person.diets.includes(row.id))
