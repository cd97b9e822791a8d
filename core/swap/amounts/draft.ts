import type { Grams } from '../../measure'
import type { Ingredient } from '../../pantry'
import { balanceIn, type Balance, type FamilyRow, type Weight } from '../../formula'
import type { Question } from '../leaving'
import type { KeptAmount, LineRole } from '../ways'

/**
 * Something new, and which question it answers ('lever' for what only sets the rest right). `dose`
 * is what its school gives when it stands alone; `school` is the one that brings it, since two may
 * share a question.
 */
export interface Added extends Weight {
  readonly answers: Question | 'lever'
  readonly school: string
  readonly role: LineRole
  readonly dose: Grams
  readonly least: Grams
  readonly most: Grams
}

/** One part of a dessert while its amounts are being set. Plain data: each step gives a new one. */
export interface PlanDraft {
  readonly kept: readonly KeptAmount[]
  readonly added: readonly Added[]
}

export const weightsIn = (draft: PlanDraft): Weight[] => [...draft.kept, ...draft.added]
export const balanceAt = (draft: PlanDraft, family: FamilyRow): Balance =>
  balanceIn(family, weightsIn(draft))

export const withKept = (draft: PlanDraft, lineId: string, grams: Grams): PlanDraft => ({
  ...draft,
  kept: draft.kept.map(k => (k.lineId === lineId ? { ...k, grams } : k)),
})
export const withAdded = (draft: PlanDraft, change: (added: Added) => Added): PlanDraft => ({
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
export type AmountSetter = (draft: PlanDraft, target: Target) => PlanDraft
