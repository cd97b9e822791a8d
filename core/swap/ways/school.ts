import type { Grams, Minutes } from '../../measure'
import type { Question } from '../leaving'

/** Grams of an ingredient to a gram of what leaves (for eggs: 50 g are one large egg). */
export interface Dose {
  readonly ingredient: string
  readonly perGram: number
  /** Counted by the milk and cream that the part has, and not by what leaves. */ readonly ofLiquid?: true
  /** Divided by how many times as sweet as sugar the product is. */ readonly perFactor?: boolean
  readonly role?: 'fat' | 'liquid' | 'gel' | 'gel-water' | 'acid'
}

/** What a dose does in its part. */
export type LineRole = NonNullable<Dose['role']> | 'bulk'

/** A way of replacing something, as bakers keep it. Data only: no algorithm knows a school by name. */
export interface Substitution {
  readonly id: string
  readonly question: Question
  readonly name: string
  /** The ids or kinds ("kind:butter") it can stand for; all of the question's when empty. */
  readonly standsFor: readonly string[]
  /** Families it serves; empty is all but `not`. */
  readonly families: readonly string[]
  readonly not: readonly string[]
  readonly adds: readonly Dose[]
  /** What its mixture is called in the steps. */
  readonly inSteps: string
  readonly prepare: string | null
  /** The same where the recipe melts what it stands for. */
  readonly melted?: string
  readonly restMinutes: Minutes | null
  readonly differs: string | null
  readonly reason: string
  /** Most of an ingredient: grams to an egg, and share of the part's dry matter or batch. */
  readonly limit?: { readonly perEgg?: Grams; readonly ofDry?: number; readonly ofBatch?: number }
  /** Is the fat matched by weight of fat (else by the dose alone)? */
  readonly matches: 'fat' | 'acid' | null
  /** What it costs to be rarely in a home (0–2), and to taste of itself where it should not (0–3). */
  readonly rarity: number
  readonly flavour: number
  /** For eggs: what it chiefly does. Two that do different things may share the same eggs. */
  readonly does?: 'binds' | 'sets' | 'foams' | 'moistens' | 'emulsifies'
  /** Ways that differ in the brand of one thing only are one way: "soured-drink". */
  readonly way?: string
  /** The schools that share the eggs, when it is made of two. */
  readonly of?: readonly Substitution[]
  /** Only where wheat is gone as well. */
  readonly onlyGlutenFree?: boolean
  /** Only where gluten leaves, or where nothing else fits. */
  readonly ratherGlutenFree?: boolean
  /** For eggs: never alone. */
  readonly onlyTogether?: boolean
  /** Only when the baker asks for it. */
  readonly onlyAsked?: boolean
  readonly source: string
}

type SchoolExtras = Partial<
  Pick<
    Substitution,
    | 'standsFor'
    | 'families'
    | 'not'
    | 'prepare'
    | 'melted'
    | 'restMinutes'
    | 'differs'
    | 'limit'
    | 'matches'
    | 'rarity'
    | 'flavour'
    | 'onlyGlutenFree'
    | 'ratherGlutenFree'
    | 'onlyAsked'
    | 'onlyTogether'
    | 'does'
    | 'way'
  >
>

export const school = (
  question: Question,
  id: string,
  name: string,
  inSteps: string,
  adds: readonly Dose[],
  reason: string,
  source: string,
  extras: SchoolExtras = {},
): Substitution => ({
  id,
  question,
  name,
  inSteps,
  adds,
  reason,
  source,
  standsFor: [],
  families: [],
  not: [],
  prepare: null,
  restMinutes: null,
  differs: null,
  matches: null,
  rarity: 0,
  flavour: 0,
  ...extras,
})
