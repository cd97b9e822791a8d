import type { Grams } from '../measure'
import type { Ingredient } from '../pantry'
import { balanceOf, type Balance, type Measure, type Weight } from '../formula'
import type { Dose, Question } from './school'

/** A line of the original that stays; `grams` may be trimmed away from `was`. */
export interface Kept extends Weight { readonly lineId: string, readonly was: Grams }

/** Something new, and which question it answers ('lever' for what only sets the rest right). */
export interface Added extends Weight { readonly answers: Question | 'lever', readonly role: NonNullable<Dose['role']> | 'bulk', readonly dose: Grams, readonly least: Grams, readonly most: Grams }

/** One part of a dessert while its amounts are being set. Plain data: each step gives a new one. */
export interface Draft { readonly kept: readonly Kept[], readonly added: readonly Added[] }

export const weightsIn = (draft: Draft): Weight[] => [...draft.kept, ...draft.added]
export const balanceIn = (draft: Draft, eggLift: number): Balance => balanceOf(weightsIn(draft), eggLift)

export const withKept = (draft: Draft, lineId: string, grams: Grams): Draft => ({ ...draft, kept: draft.kept.map(k => k.lineId === lineId ? { ...k, grams } : k) })
export const withAdded = (draft: Draft, change: (added: Added) => Added): Draft => ({ ...draft, added: draft.added.map(change) })

/** What a part must be set right against, and what may be used to do it. */
export interface Target {
  readonly before: Balance
  readonly eggLift: number
  /** How much each measure matters in this family; 1 where not named. */
  readonly weights: Partial<Record<Measure, number>>
  readonly mass: Grams
  readonly flour: Grams
  /** The first of the lever's ingredients that everyone may eat; null when there is none. */
  readonly lever: (what: 'lift' | 'fat' | 'water' | 'acid') => Ingredient | null
}

/** How amounts are set: the arithmetic today, a solver later. Takes a draft with doses, gives one in balance. */
export type AmountSetter = (draft: Draft, target: Target) => Draft
