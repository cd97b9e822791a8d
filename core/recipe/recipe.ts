import type { Amount, Celsius, Minutes, Region, Spread, UnitId } from '../measure'

/** Where a figure of a line comes from; spans are [start, end) in `Line.text`. */
export interface LineEvidence {
  readonly amount: readonly [number, number] | null
  readonly name: readonly [number, number] | null
  /** How the grams were found, in words, and on what source they rest. */
  readonly how: string
  readonly source: string
  /** Who says what the ingredient is: the words themselves, or the baker who was asked. */
  readonly by: 'words' | 'baker' | 'plan'
}

/** What an unstated amount is for; a pan's grease counts for the safety check, though it has no weight. */
export type Purpose = 'pan' | 'dust' | 'brush' | 'serve' | 'decorate' | 'taste'

/** One ingredient line. An amount or weight that is not stated is null, never zero. Grams are for the whole line. */
export interface Line {
  readonly id: string
  readonly text: string
  readonly amount: Amount | null
  readonly unit: UnitId | null
  readonly grams: Spread | null
  readonly ingredient: string | null
  readonly name: string
  readonly preparation: string
  readonly optional: boolean
  readonly purpose: Purpose | null
  readonly orElse: readonly Line[]
  readonly component: string
  /** Words of the name that neither the pantry nor the list of harmless descriptions knows. */
  readonly unread: readonly string[]
  readonly evidence: LineEvidence
}

export interface Component { readonly name: string, readonly lines: readonly Line[], readonly steps: readonly string[] }

export interface Yield { readonly text: string, readonly count: Amount | null }
export interface Pan { readonly text: string }
export interface Oven { readonly celsius: Celsius | null, readonly fan: boolean, readonly minutes: { readonly low: Minutes, readonly high: Minutes } | null, readonly text: string }

export interface Recipe {
  readonly title: string
  readonly region: Region
  readonly components: readonly Component[]
  readonly yield: Yield | null
  readonly pan: Pan | null
  readonly oven: Oven | null
}

/** One-key correction of a finding: another text for the line, or another ingredient for it. */
export interface Correction { readonly label: string, readonly text?: string, readonly ingredient?: string }

/** Something that the baker should look at. `stop` blocks a claim or a plan, `ask` wants an answer, `note` is worth knowing. */
export interface Finding {
  readonly code: 'unknown-ingredient' | 'unread-words' | 'no-amount' | 'no-weight' | 'ambiguous' | 'weight-against-volume' | 'no-lines' | 'no-steps' | 'oven-scale' | 'not-listed' | 'markup' | 'too-long' | 'empty' | 'other-text' | 'big-fraction'
  readonly severity: 'stop' | 'ask' | 'note'
  readonly sentence: string
  readonly lineId?: string
  /** What in the text it is about. */
  readonly text?: string
  readonly corrections: readonly Correction[]
}

export const linesOf = (recipe: Recipe): readonly Line[] => recipe.components.flatMap(component => component.lines)
