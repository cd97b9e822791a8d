import type { Grams } from '../measure'
import type { Ingredient } from './ingredient'

/** What the household calls it: words that are read as that ingredient from now on. */
interface OwnName {
  readonly words: string
  readonly ingredient: string
}

/** "My tablespoon of my oil weighs 12.5 g": one level measure of the household's own, put on the scale. */
export interface OwnSpoon {
  readonly ingredient: string
  readonly unit: string
  readonly grams: Grams
}

/** What a house adds to the pantry: ingredients of its own or corrected ones, names, and weighed spoons. */
export interface Stock {
  readonly ingredients: readonly Ingredient[]
  readonly names: readonly OwnName[]
  readonly spoons: readonly OwnSpoon[]
}

export const emptyStock: Stock = { ingredients: [], names: [], spoons: [] }
