import { isAvoidable, type AvoidableId } from '../pantry'
import { dietRows } from './tables/diets'

/** One thing that a person must not get: as an ingredient only, or as a trace too. */
export interface Avoid { readonly allergen: AvoidableId, readonly except?: readonly AvoidableId[], readonly level: 'ingredient' | 'trace' }

export type DietId = string

export const beadShapes = ['circle', 'square', 'drop', 'hexagon', 'triangle', 'diamond', 'shield', 'star'] as const
export const beadColours = ['beet', 'sea', 'leaf', 'plum', 'rust', 'slate', 'moss', 'ink'] as const
/** The person's own sign; shape and letter say it without the colour. */
export interface Bead { readonly letter: string, readonly shape: (typeof beadShapes)[number], readonly colour: (typeof beadColours)[number] }

export interface Person { readonly id: string, readonly name: string, readonly avoids: readonly Avoid[], readonly diets: readonly DietId[], readonly bead?: Bead }

/** Ids in a person's needs that Ingwer does not know. Such a person is never read as able to eat something. */
export function unknownNeeds(person: Person): readonly string[] {
  const ids = person.avoids.flatMap(avoid => [avoid.allergen, ...avoid.except ?? []]).filter(id => !isAvoidable(id))
  return [...ids, ...person.diets.filter(id => !dietRows.some(row => row.id === id))]
}

/** What a person avoids, with what the diets add. `butAsk`: ingredients for which the packet decides, diet by diet. */
export function needsOf(person: Person): readonly (Avoid & { readonly butAsk: readonly string[], readonly from: string })[] {
  const own = person.avoids.map(avoid => ({ ...avoid, butAsk: [] as readonly string[], from: '' }))
  const diets = dietRows.filter(row => person.diets.includes(row.id))
  return [...own, ...diets.flatMap(row => row.avoids.map(allergen => ({ allergen, level: row.level, butAsk: row.butAsk, from: row.name })))]
}
