import type { Ratio } from '../ratios'

/**
 * The balance that a family keeps, on 100 flour or, where the name ends in Share, in the batch: as a warning, since many good
 * recipes lie outside one of them. Source: professional baking textbooks [M]; check-values.md.
 */
export interface BalanceRule {
  readonly families: readonly string[]
  readonly ratio: Ratio
  readonly range: readonly [number, number]
  readonly says: string
}

export const balanceRules: readonly BalanceRule[] = [
  { families: ['creamed'], ratio: 'sugar', range: [45, 145], says: 'sugar for a creamed cake' },
  { families: ['creamed'], ratio: 'fat', range: [25, 120], says: 'fat for a creamed cake' },
  { families: ['muffin', 'quick-bread'], ratio: 'sugar', range: [15, 130], says: 'sugar for such a batter' },
  { families: ['muffin', 'quick-bread'], ratio: 'fat', range: [5, 85], says: 'fat for such a batter' },
  { families: ['muffin', 'quick-bread'], ratio: 'water', range: [38, 170], says: 'liquid for such a batter' },
  { families: ['cookie'], ratio: 'fat', range: [18, 90], says: 'fat for a biscuit' },
  { families: ['cookie'], ratio: 'water', range: [2, 48], says: 'liquid for a biscuit: more and it bakes soft' },
  { families: ['shortbread', 'streusel'], ratio: 'fat', range: [35, 110], says: 'fat for something so short' },
  { families: ['shortbread', 'streusel'], ratio: 'water', range: [0, 26], says: 'liquid for something so short' },
  { families: ['pastry'], ratio: 'water', range: [0, 45], says: 'liquid for short pastry: more makes it tough' },
  { families: ['scone'], ratio: 'water', range: [38, 85], says: 'liquid for a scone dough that can be cut' },
  { families: ['yeast'], ratio: 'water', range: [40, 85], says: 'liquid for a dough that can be kneaded' },
  { families: ['crepe'], ratio: 'water', range: [150, 420], says: 'liquid for a batter that runs thin' },
  { families: ['pancake'], ratio: 'water', range: [80, 240], says: 'liquid for a batter that is ladled' },
  { families: ['brownie'], ratio: 'sugarShare', range: [0.12, 0.5], says: 'sugar for a fudgy square' },
  { families: ['buttercream'], ratio: 'sugarShare', range: [0.3, 0.85], says: 'sugar for a buttercream' },
  { families: ['ice-cream'], ratio: 'sugarShare', range: [0.08, 0.28], says: 'sugar for an ice that can be scooped' },
]
