import type { Handling } from '../pantry'
import type { Amount, Celsius, Minutes, Region, Spread, UnitId } from '../measure'

/** [start, end) in a text. */
export type Span = readonly [number, number]

/** Where a figure of a line comes from; spans are [start, end) in `Line.text`. */
interface LineEvidence {
  readonly amount: Span | null
  readonly name: Span | null
  /** How the grams were found, in words, and on what source they rest. */
  readonly how: string
  readonly source: string
  /** Who says what the ingredient is: the words themselves, or the baker who was asked. */
  readonly by: 'words' | 'baker' | 'plan'
}

/** What an unstated amount is for; a pan's grease counts for the safety check, though it has no weight. */
export type Purpose = 'pan' | 'dust' | 'brush' | 'serve' | 'decorate' | 'taste'

/**
 * One ingredient line. An amount or weight that is not stated is null, never zero. Grams are for
 * the whole line.
 */
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
  /** What else the line offers, each as a whole line: it counts as each of them until one is taken. */
  readonly orElse: readonly Line[]
  /** The words of the first choice as a line of its own; absent where the line offers none. */
  readonly reads?: string
  /** When this choice is meant ("if vegan"), in the recipe's words. */
  readonly condition?: string | null
  /** Words that leave the kind to whoever bakes ("of choice"): it may be any. */
  readonly open?: string
  readonly component: string
  /** Words of the name that neither the pantry nor the list of harmless descriptions knows. */
  readonly unread: readonly string[]
  /**
   * Where its words stand in the text that was read; null or absent when it was typed in or written
   * by a plan.
   */
  readonly from?: Span | null
  readonly evidence: LineEvidence
}

/** A part of the dessert. `stepsFrom` says for each step where it stands in the text that was read. */
export interface Component {
  readonly name: string
  readonly lines: readonly Line[]
  readonly steps: readonly string[]
  readonly stepsFrom?: readonly (Span | null)[]
}

export interface Yield {
  readonly text: string
  readonly count: Amount | null
}
export interface Pan {
  readonly text: string
}
export interface Oven {
  readonly celsius: Celsius | null
  readonly fan: boolean
  readonly minutes: { readonly low: Minutes; readonly high: Minutes } | null
  readonly text: string
}

/** Words of the text that are in no line, step or fact, and may name something to eat. */
export interface LeftOver {
  readonly words: string
  readonly from: Span | null
}

export interface Recipe {
  readonly title: string
  readonly region: Region
  /** How cups of flour were filled, where the baker says so; spooned and levelled otherwise. */
  readonly handling?: Handling
  readonly components: readonly Component[]
  readonly yield: Yield | null
  readonly pan: Pan | null
  readonly oven: Oven | null
  /** What the text says of it beside lines and steps: makes, tin, times, oven. */
  readonly facts?: readonly string[]
  /** Words of steps of which somebody said that they are nothing to eat. */
  readonly noFood?: readonly string[]
  /** What nobody understood yet: it blocks every claim until somebody says what it is. */
  readonly left?: readonly LeftOver[]
}

/** One thing that a baker does to a reading. */
export type RecipeEdit =
  | { readonly do: 'retype'; readonly lineId: string; readonly text: string }
  | { readonly do: 'say'; readonly lineId: string; readonly ingredient: string }
  /** Says once what every line of these unknown words is. */
  | { readonly do: 'say-words'; readonly words: string; readonly ingredient: string }
  | { readonly do: 'remove'; readonly lineId: string }
  | {
      readonly do: 'add'
      readonly component: string
      readonly text: string
      readonly after?: string
    }
  /** To the place before that line, or to the end of the part. */
  | {
      readonly do: 'move'
      readonly lineId: string
      readonly to: string
      readonly before: string | null
    }
  | { readonly do: 'split'; readonly lineId: string; readonly at: number }
  /** With the line above it. */
  | { readonly do: 'join'; readonly lineId: string }
  | {
      readonly do: 'restep'
      readonly component: string
      readonly at: number
      readonly text: string
    }
  | {
      readonly do: 'add-step'
      readonly component: string
      readonly after: number
      readonly text: string
    }
  | { readonly do: 'remove-step'; readonly component: string; readonly at: number }
  | {
      readonly do: 'move-step'
      readonly component: string
      readonly at: number
      readonly to: number
    }
  /** In two before the letter at `place` of its text. */
  | {
      readonly do: 'cut-step'
      readonly component: string
      readonly at: number
      readonly place: number
    }
  /** With the step behind it. */
  | { readonly do: 'join-step'; readonly component: string; readonly at: number }
  /** To the end of another part's steps. */
  | {
      readonly do: 'step-to-part'
      readonly component: string
      readonly at: number
      readonly to: string
    }
  | { readonly do: 'rename-part'; readonly component: string; readonly name: string }
  | { readonly do: 'add-part'; readonly name: string }
  | { readonly do: 'region'; readonly region: Region }
  | { readonly do: 'handling'; readonly handling: Handling }
  | { readonly do: 'title'; readonly title: string }
  | { readonly do: 'oven'; readonly celsius: number }
  /** Every amount of every line times that. */
  | { readonly do: 'scale'; readonly by: number }
  /** "Not a problem": the finding of that key does not come back. */
  /** What a left-over is: an ingredient of that part, its next step, or nothing to eat. */
  | {
      readonly do: 'place'
      readonly words: string
      readonly as: 'line' | 'step' | 'remark'
      readonly component: string
    }
  /** Words of a step that are nothing to eat. */
  | { readonly do: 'no-food'; readonly words: string }
  /** A fact that the steps contradict: it is not looked at again. */
  | { readonly do: 'forget-fact'; readonly text: string }
  /** One of the choices of a line, counted from its first. */
  | { readonly do: 'take'; readonly lineId: string; readonly choice: number }
  | { readonly do: 'dismiss'; readonly key: string }
  | { readonly do: 'recall'; readonly key: string }

/** One-key correction of a finding. */
export interface Correction {
  readonly label: string
  readonly edits: readonly RecipeEdit[]
}

export type FindingCode =
  | 'unknown-ingredient'
  | 'unread-words'
  | 'ambiguous'
  | 'no-amount'
  | 'no-weight'
  | 'no-unit'
  | 'weight-against-volume'
  | 'odd-fraction'
  | 'two-readings'
  | 'open-kind'
  | 'left-over'
  | 'unknown-in-step'
  | 'language'
  | 'two-ovens'
  | 'two-tins'
  | 'two-times'
  | 'two-yields'
  | 'shares'
  | 'gross'
  | 'no-lines'
  | 'no-list'
  | 'no-steps'
  | 'markup'
  | 'too-long'
  | 'empty'
  | 'other-text'
  | 'several'
  | 'not-listed'
  | 'not-used'
  | 'made-unused'
  | 'order'
  | 'endless-wait'
  | 'step-amount'
  | 'parts-short'
  | 'soda-powder'
  | 'twice'
  | 'claim'
  | 'raw-dough'
  | 'halved'
  | 'oven-scale'
  | 'oven-odd'
  | 'no-bake-time'
  | 'bake-time'
  | 'yield'
  | 'ratio'

/**
 * Something that the baker should look at. `stop` blocks a claim or a plan, `ask` wants an answer,
 * `note` is worth knowing. `key` stays the same as long as the words it is about do, so that "not a
 * problem" is remembered.
 */
export interface Finding {
  readonly code: FindingCode
  readonly severity: 'stop' | 'ask' | 'note'
  readonly key: string
  readonly sentence: string
  readonly lineId?: string
  /** The step that it is about: its part and its place in it. */
  readonly step?: { readonly component: string; readonly at: number }
  /** What in the text it is about. */
  readonly text?: string
  readonly corrections: readonly Correction[]
}

/** A finding with its key made of what it is about. */
export const finding = (
  found: Omit<Finding, 'key' | 'corrections'> & {
    readonly about?: string
    readonly corrections?: readonly Correction[]
  },
): Finding => {
  const { about, ...rest } = found
  return {
    ...rest,
    corrections: found.corrections ?? [],
    key:
      `${found.code}:` +
      (about ?? found.text ?? '').toLowerCase().replace(/\s+/gu, ' ').trim().slice(0, 160),
  }
}

export interface Reading {
  readonly recipe: Recipe
  readonly findings: readonly Finding[]
  readonly settled?: readonly string[]
}

/**
 * Every line of a recipe, part by part.
 *
 * @example
 * const { recipe } = readRecipe('Buns\n\n200 g flour\n1 egg')
 * linesOf(recipe).map(line => line.ingredient) // ["plain-flour", "egg"]
 */
export const linesOf = (recipe: Recipe): readonly Line[] =>
  recipe.components.flatMap(component => component.lines)
