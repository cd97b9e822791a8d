import type { Grams, GramsPerMl, Region } from '../measure'
import type { AvoidableId } from './avoidable'

/** What an ingredient is to a baker: decides what can stand for it and how a dessert's family is found. */
export type Kind =
  | 'egg'
  | 'egg-white'
  | 'egg-yolk'
  | 'egg-product'
  | 'butter'
  | 'hard-fat'
  | 'oil'
  | 'plant-block'
  | 'plant-spread'
  | 'milk'
  | 'sour-milk'
  | 'cream'
  | 'fresh-cheese'
  | 'cheese'
  | 'condensed-milk'
  | 'milk-powder'
  | 'plant-drink'
  | 'plant-sour'
  | 'plant-cream'
  | 'plant-cheese'
  | 'plant-condensed'
  | 'tofu'
  | 'flour'
  | 'gluten-free-flour'
  | 'flour-mix'
  | 'starch'
  | 'flakes'
  | 'sugar'
  | 'syrup'
  | 'honey'
  | 'chocolate'
  | 'plant-chocolate'
  | 'cocoa'
  | 'nut'
  | 'nut-flour'
  | 'nut-butter'
  | 'seed'
  | 'coconut'
  | 'fruit'
  | 'puree'
  | 'dried-fruit'
  | 'jam'
  | 'juice'
  | 'legume'
  | 'leaven'
  | 'acid'
  | 'yeast'
  | 'binder'
  | 'gel'
  | 'salt'
  | 'spice'
  | 'flavour'
  | 'water'
  | 'alcohol'
  | 'ready-made'
  | 'decoration'

/** Grams per 100 g. `solid` is the share of the fat, 0–1, that is firm at 15 °C. */
export interface Composition {
  readonly water: number
  readonly fat: number
  readonly solid: number
  readonly protein: number
  readonly sugar: number
  readonly starch: number
  readonly fibre: number
}

/** What 100 g do, in units of one large egg (foam: of one white; emulsify: of one yolk). */
export interface Functions {
  readonly bind: number
  readonly set: number
  readonly foam: number
  readonly emulsify: number
}

export type Handling = 'sifted' | 'spooned' | 'scooped' | 'packed' | 'melted' | 'whole'

export interface Ingredient {
  readonly id: string
  readonly name: string
  /** The usual word in a region, where it differs from `name`. */
  readonly called?: Partial<Record<Region, string>>
  readonly names: readonly string[]
  readonly kind: Kind
  readonly per100: Composition
  /** Grams a millilitre; the first handling is the one taken when a recipe says none. */
  readonly density: Partial<Record<Handling, GramsPerMl>>
  /**
   * Grams of one piece, low, best and high, by the word that counts it ('' is the bare number: "2
   * bananas").
   */
  readonly pieces: Readonly<Record<string, readonly [Grams, Grams, Grams]>>
  /** What it always holds. */
  readonly holds: readonly AvoidableId[]
  /** What products of this name hold or not, maker by maker: only the packet tells. */
  readonly mayHold: readonly AvoidableId[]
  /** What usually travels along as a trace. */
  readonly traces: readonly AvoidableId[]
  readonly does: Functions
  /** Acid (+) or base (−) that reacts in a batter, meq/g; baking soda's own is `soda`. */
  readonly acid: number
  /** mmol CO₂ a gram that a balanced powder gives off. */
  readonly powder: number
  /** mmol NaHCO₃ a gram. */
  readonly soda: number
  /** Sweetness against table sugar, per 100 g. */
  readonly sweet: number
  /** Grams of gluten whose hold 100 g of a gum, or of a blend that has it, give; nothing where not given. */
  readonly hold?: number
  /** Grams of salt in 100 g; nothing where not given. */
  readonly salt?: number
  /** Grams in 100 g that fill and melt like sugar without being sugar (sugar alcohols, inulin). */
  readonly bulk?: number
  /** What it is stirred together from at home: a step that names it means a line of that. */
  readonly madeOf?: string
  /** What it is for, whatever the line says: a spray greases the pan. */
  readonly usedFor?: 'pan'
  /** Somebody of the house entered it, and nobody has read its packet yet: it may hold anything. */
  readonly unread?: boolean
  readonly source: string
}
