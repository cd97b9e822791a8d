import type { Grams } from '../measure'
import type { Ingredient } from '../pantry'
import { balanceIn, type Balance, type FamilyRow, type Weight } from '../formula'
import type { Dose, Question } from './school'

/** A line of the original that stays; `grams` may be trimmed away from `was`, within `least` and `most`. */
export interface Kept extends Weight {
  readonly lineId: string
  readonly was: Grams
  readonly least: Grams
  readonly most: Grams
}

export type Role = NonNullable<Dose['role']> | 'bulk'

/**
 * Something new, and which question it answers ('lever' for what only sets the rest right). `dose`
 * is what its school gives when it stands alone; `school` is the one that brings it, since two may
 * share a question.
 */
export interface Added extends Weight {
  readonly answers: Question | 'lever'
  readonly school: string
  readonly role: Role
  readonly dose: Grams
  readonly least: Grams
  readonly most: Grams
}

/** One part of a dessert while its amounts are being set. Plain data: each step gives a new one. */
export interface Draft {
  readonly kept: readonly Kept[]
  readonly added: readonly Added[]
}

export const weightsIn = (draft: Draft): Weight[] => [...draft.kept, ...draft.added]
export const balanceAt = (draft: Draft, family: FamilyRow): Balance =>
  balanceIn(family, weightsIn(draft))

export const withKept = (draft: Draft, lineId: string, grams: Grams): Draft => ({
  ...draft,
  kept: draft.kept.map(k => (k.lineId === lineId ? { ...k, grams } : k)),
})
export const withAdded = (draft: Draft, change: (added: Added) => Added): Draft => ({
  ...draft,
  added: draft.added.map(change),
})

export type Lever = 'lift' | 'fat' | 'water' | 'acid'

/** What a part must be set right against, and what may be used to do it. */
export interface Target {
  /** The original; tolerances are measured by it. */
  readonly before: Balance
  /** What is aimed at: the original, unless somebody wishes less fat or sugar. */
  readonly goal: Balance
  readonly family: FamilyRow
  readonly mass: Grams
  readonly flour: Grams
  /** The first of the lever's ingredients that everyone may eat; null when there is none. */
  readonly lever: (what: Lever) => Ingredient | null
}

/**
 * How amounts are set: by the arithmetic or by the solver. Takes a draft with doses, gives one in
 * balance.
 */
export type AmountSetter = (draft: Draft, target: Target) => Draft
