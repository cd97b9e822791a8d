import { avoidableName, isAvoidable, type AvoidableId } from '../pantry'
import { dietRows, type DietRow } from './tables/diets'

/**
 * Why something is avoided: an allergy, for which traces count; an intolerance, for which what is in
 * it counts; a choice, the same.
 */
export const strictnesses = ['allergy', 'intolerance', 'choice'] as const
export type Strictness = (typeof strictnesses)[number]

/** One thing that a person must not get. */
export interface Avoid {
  readonly allergen: AvoidableId
  readonly except?: readonly AvoidableId[]
  readonly strictness: Strictness
  /** Reacts to it raw, and not where its own part of the dessert is baked or boiled. */
  readonly onlyRaw?: true
  /** Nobody has said yet which it is: an older house did not ask. The stricter reading stands. */
  readonly unasked?: true
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
  /** Carries emergency medicine: shown first, and every need of theirs counts traces. */
  readonly carries?: true
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
export interface Need extends Pick<Avoid, 'allergen' | 'except' | 'onlyRaw'> {
  readonly level: 'ingredient' | 'trace'
  readonly butAsk: readonly string[]
  /** Ingredients, and packets of that claim, that are fine though they hold it. */
  readonly fine?: readonly string[]
  readonly fineClaim?: string
  readonly from: string
}

/** What a person avoids, with what the diets add. */
export function needsOf(person: Person): readonly Need[] {
  const own = person.avoids.map(({ allergen, except, onlyRaw, strictness }): Need => ({
    allergen,
    ...(except ? { except } : {}),
    ...(onlyRaw ? { onlyRaw } : {}),
    // Whoever carries emergency medicine is never read less strictly.
    level: strictness === 'allergy' || person.carries ? 'trace' : 'ingredient',
    butAsk: [],
    from: '',
  }))
  return [
    ...own,
    ...dietsOf(person).flatMap(row =>
      row.avoids.map(allergen => ({
        allergen,
        level: person.carries ? 'trace' : row.level,
        butAsk: row.butAsk,
        ...(row.fine ? { fine: row.fine } : {}),
        ...(row.fineClaim ? { fineClaim: row.fineClaim } : {}),
        from: row.name,
      })),
    ),
  ]
}

/** Does somebody's need count traces, so that tools, packets and order matter? */
export const isStrict = (person: Person): boolean =>
  needsOf(person).some(need => need.level === 'trace')

const strictnessSays: Readonly<Record<Strictness, string>> = {
  allergy: 'allergy, traces count',
  intolerance: 'intolerance',
  choice: 'by choice',
}
/** One need of a person in words: "tree nuts but not almond (allergy, traces count)". */
export function avoidSays(avoid: Avoid): string {
  const except = avoid.except?.length
    ? ` but not ${avoid.except.map(avoidableName).join(', ')}`
    : ''
  const how = [strictnessSays[avoid.strictness], ...(avoid.onlyRaw ? ['raw only'] : [])].join(', ')
  return `${avoidableName(avoid.allergen)}${except} (${how})`
}

export const dietsOf = (person: Person): readonly DietRow[] =>
  dietRows.filter(row => person.diets.includes(row.id))
