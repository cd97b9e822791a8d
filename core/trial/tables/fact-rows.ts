import type { Kind } from '../../pantry'

/** Ingredients whose share of the flour is a figure of its own, since they can be tasted or felt. By id or kind. [P] */
export interface FactRow {
  readonly fact: 'flax' | 'pulse' | 'dark'
  readonly ingredients: readonly string[]
  readonly kinds: readonly Kind[]
  readonly source: string
}

export const factRows: readonly FactRow[] = [
  { fact: 'flax', ingredients: ['flax', 'chia'], kinds: [], source: '[P]' },
  { fact: 'pulse', ingredients: ['chickpea-flour', 'soy-flour', 'aquafaba', 'silken-tofu'], kinds: [], source: '[P]' },
  { fact: 'dark', ingredients: ['treacle', 'molasses'], kinds: ['cocoa'], source: '[P]' },
]
/** Salt that smells of egg. [P] */
export const blackSalt = /\bblack salt\b|\bkala namak\b/iu
