import type { Celsius, Minutes } from '../measure'
import type { Span, TimeKind } from '../recipe'
import type { Cue } from './cues'
import type { Manner } from './tables/manners'
import type { VerbId } from './tables/verbs'

/** How much of a thing an action takes. */
export type OperandShare =
  | { readonly of: 'all' }
  | { readonly of: 'part'; readonly fraction: number }
  | { readonly of: 'amount'; readonly grams: number | null }
  | { readonly of: 'rest' }
  /** What of an egg or a fruit is taken. */
  | { readonly of: 'piece'; readonly piece: 'yolk' | 'white' | 'zest' | 'juice' }

/**
 * Something that an action takes. `line`: a listed one, by its id; `aside`: what no line lists;
 * `made`: what earlier actions left (`by` the last of them), `lines` of which it is spoken of.
 */
type OperandThing =
  | { readonly is: 'line'; readonly line: string }
  | { readonly is: 'aside'; readonly words: string; readonly ingredient: string }
  | { readonly is: 'made'; readonly by: string | null; readonly lines: readonly string[] }

/** `span` is its place in the step's text; null for what a gathering word takes ("everything"). */
export interface Operand {
  readonly thing: OperandThing
  readonly share: OperandShare
  readonly span: Span | null
  /** It readies a vessel, a board or hands and is none of the dessert's own. */
  readonly readies?: true
  /** It tells which made thing is meant: "the plum cake". */
  readonly tells?: true
  /** It goes into what is named here, which stands in its bowl already. */
  readonly isTarget?: true
}

/**
 * One stretch of a stay in the oven, on the hob or in the cold. `then`: what is done at its end;
 * `said`: where the step says how long.
 */
export interface Phase {
  readonly low: Minutes
  readonly high: Minutes
  readonly kind: TimeKind
  readonly celsius: Celsius | null
  readonly then: VerbId | null
  readonly said?: Span
}

/** A tin, bowl, tray: the noun, and all that is said of it. */
export interface ActionVessel {
  readonly noun: string
  readonly words: string
  readonly span: Span
}

/** How an action is meant: to be done, done beforehand, a remark of no work, or at the table. */
export type ActionMode = 'do' | 'ahead' | 'remark' | 'serve'

/**
 * One doing of a method. `part` is the component that it works on, `step` where its words stand;
 * spans count in that step's text. `takes` is all that its words name; what is left in the bowl of
 * its part goes without saying.
 */
export interface Action {
  readonly id: string
  readonly part: string
  readonly step: { readonly component: string; readonly at: number }
  readonly verb: VerbId
  /** The verb's own word, as the step has it, and its place; '' where nothing is ordered. */
  readonly word: string
  readonly wordAt: Span
  readonly manners: ReadonlySet<Manner>
  readonly takes: readonly Operand[]
  /** The lines that it works on by a pronoun, or unsaid, as its sentence just spoke of them. */
  readonly unsaid: readonly string[]
  /** The parts that its words name: "the filling into the case". */
  readonly names: readonly string[]
  /** The lines of what it goes into by a gathering word: "into the dry ingredients". */
  readonly meets: readonly string[]
  readonly into: ActionVessel | null
  readonly with: string | null
  /** Where it says to hold it over steam and no flame. */
  readonly over: Span | null
  /** `said`: where the step says it. */
  readonly settings: readonly {
    readonly celsius: Celsius
    readonly fan: boolean
    readonly said: Span
  }[]
  readonly phases: readonly Phase[]
  /** Alternatives by the tin, in the recipe's words; empty where one time is for all. */
  readonly byTin: readonly {
    readonly words: string
    readonly low: Minutes
    readonly high: Minutes
  }[]
  readonly until: Cue | null
  readonly when: string | null
  readonly mode: ActionMode
  readonly span: Span
  /** The sentence that it stands in. */
  readonly sentence: Span
  readonly text: string
}

/** A method read: its actions in order, and words of steps that no action and no remark covers. */
export interface Method {
  readonly actions: readonly Action[]
}

/** The ids of the lines that an action takes, also of what was made of them. */
export const linesTaken = (action: Action): readonly string[] =>
  action.takes.flatMap(({ thing }) => {
    if (thing.is === 'line') return [thing.line]
    return thing.is === 'made' ? thing.lines : []
  })
