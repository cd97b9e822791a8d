import type { Measure } from '../measures'
import type { When } from './families'

/**
 * Narrower kinds inside a family: by a word where the proportions allow it, or by the proportions alone. They have the family's
 * rules with the weights given here over them, a name of their own, and schools may name them. [M] unless said.
 */
export interface VariantRow {
  readonly id: string
  readonly of: string
  readonly name: string
  readonly words: RegExp | null
  /** How far off the proportions may be for a word to decide. */
  readonly wide: When
  /** Proportions that decide without a word; none where only words do. */
  readonly when?: When
  readonly weights?: Partial<Record<Measure, number>>
  readonly eggLift?: number
  readonly source: string
}

export const variantRows: readonly VariantRow[] = [
  {
    id: 'pound',
    of: 'creamed',
    name: 'pound cake',
    words: /\b(?:(?:pound|seed) cake|madeira|quatre[- ]quarts)\b/iu,
    wide: { egg: [50, 140], hardFat: [55, 140] },
    weights: { bind: 1.5, set: 2, emulsify: 0.7 },
    source: '[M] 100 : 100 : 100 : 100',
  },
  { id: 'oil-cake', of: 'muffin', name: 'oil cake', words: /\b(?:oil|snack|olive|yoghurt|yogurt|semolina) (?:cake|slice)\b/iu, wide: { hardFat: [0, 10], fat: [10, 120] }, source: '[M]' },
  { id: 'waffle', of: 'pancake', name: 'waffle', words: /\bwaffles?\b/iu, wide: {}, weights: { fat: 1.5, bind: 0.7 }, source: '[M] more fat than a pancake, so that it lets go of the iron' },
  {
    id: 'rolled-cookie',
    of: 'cookie',
    name: 'rolled or cut biscuit',
    words: /\b(?:rolled|roll out|cut[- ]out|gingerbread (?:men|people|stars)|spice biscuits|speculoos|springerle)\b/iu,
    wide: { water: [0, 40] },
    when: { water: [0, 16], fat: [20, 60] },
    weights: { water: 2, bind: 0.7, lift: 0.6 },
    source: '[M] a stiffer dough',
  },
  {
    id: 'tart',
    of: 'pastry',
    name: 'sweet tart pastry',
    words: /\b(?:tart|flan|pâte sucrée|sweet (?:pastry|crust))\b/iu,
    wide: { sugar: [10, 60] },
    when: { sugar: [15, 60] },
    weights: { sugar: 1.5 },
    source: '[M]',
  },
  {
    id: 'cooked-buttercream',
    of: 'buttercream',
    name: 'cooked-flour buttercream',
    words: /\b(?:ermine|cooked[- ]flour|boiled (?:milk|flour)|flour buttercream)\b/iu,
    wide: {},
    when: { flourShare: [0.02, 0.12], milkShare: [0.15, 1] },
    weights: { starch: 0.6, set: 0.5 },
    source: '[P] 4 Tbsp flour and 1 cup sugar to 1 cup milk',
  },
  {
    id: 'meringue-buttercream',
    of: 'buttercream',
    name: 'meringue-based buttercream',
    words: /\b(?:swiss|italian|meringue) (?:meringue )?buttercream\b/iu,
    wide: {},
    when: { white: [8, 1e9] },
    weights: { foam: 1 },
    source: '[M]',
  },
  {
    id: 'cold-cheesecake',
    of: 'cheesecake',
    name: 'cold-set cheesecake',
    words: /\b(?:no[- ]bake|cold|chilled|fridge|unbaked)[^.]{0,20}cheesecake\b/iu,
    wide: {},
    when: { wholeEggShare: [0, 0.001] },
    weights: { set: 0.4, solidFat: 1 },
    source: '[M]',
  },
  {
    id: 'set-ganache',
    of: 'ganache',
    name: 'set ganache',
    words: /\b(?:set|truffle|firm) ganache\b/iu,
    wide: {},
    when: { chocolateShare: [0.56, 1] },
    weights: { solidFat: 1.5 },
    source: '[M] chocolate : cream 2 : 1',
  },
  { id: 'dip', of: 'ganache', name: 'chocolate glaze or dip', words: /\b(?:dip|coating|mirror|glaze)\b/iu, wide: {}, when: { chocolateShare: [0.2, 0.42] }, weights: { water: 0.7 }, source: '[M]' },
  { id: 'whipped-aquafaba', of: 'whipped-cream', name: 'whipped aquafaba', words: /\bwhipped aquafaba\b/iu, wide: {}, when: { creamShare: [0, 0.05] }, source: '[P]' },
]
