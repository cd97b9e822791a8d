import type { Celsius, Minutes } from '../measure'
import type { Recipe } from '../recipe'
import type { LinerNote } from './advice'
import type { StatedBake } from './bake-times'
import type { BatterSaid, TinBatter } from './batter'
import type { Filling } from './fill'
import type { OvenOffset } from './oven'
import type { Grid, Layout } from './pieces'
import type { BakeTime } from './predict'
import type { BakeProblem } from './question'
import type { TinReading } from './read-tin'
import type { SizedAmount } from './resize'
import type { SizeNote } from './size-notes'
import type { SizeTarget } from './target'
import type { NamedTin, Tin } from './tin'

/** How a baker wants a bake sized; kept with the bake. What is absent stays as the recipe says. */
export interface Sizing {
  readonly target: SizeTarget
  /** Tins of this house or usual ones, with how many of each; none: the stated one. */
  readonly tins: readonly NamedTin[]
  /** What the recipe is really baked in, where its words do not say or say it wrong. */
  readonly stated?: NamedTin
  readonly statedMinutes?: readonly [Minutes, Minutes]
  /** The heat it is to have, of a still oven. */
  readonly celsius?: Celsius
  readonly start?: Celsius
  readonly said?: BatterSaid
  /** Grams of dough a piece, on a tray. */
  readonly pieceGrams?: number
  /** Cut into so many, or into squares or slices of that side in cm. */
  readonly cut?: { readonly by: 'count' | 'side'; readonly n: number }
  readonly traysAtOnce?: number
}

/** One tin of the choice, filled and timed. Grams are of each single tin or cup. */
export interface SizedTin {
  readonly tin: Tin
  readonly name: string
  readonly filling: Filling
  readonly gramsEach: number
  readonly time: BakeTime | BakeProblem
}
export interface SizedPieces {
  readonly count: number
  readonly grams: number
  readonly across: number
  readonly layout: Layout
  readonly tray: readonly [number, number]
  readonly loads: number
  readonly last: number
}
export type SizedCut =
  | { readonly how: 'grid'; readonly grid: Grid }
  | { readonly how: 'wedges'; readonly count: number }
  | { readonly how: 'slices'; readonly count: number; readonly thick: number }

export interface SizedUp {
  /** At its new size, with tin and bake time in words and steps. As it was, where `problem` says why. */
  readonly recipe: Recipe
  readonly factor: number
  readonly problem: { readonly code: string; readonly sentence: string } | null
  readonly notes: readonly SizeNote[]
  /** What the recipe's words say of its tin; null where they name none. */
  readonly reading: TinReading | null
  /** Of the recipe as written: eggs that are counted, and how many it makes; null where nobody says. */
  readonly counts: { readonly eggs: number; readonly makes: number | null }
  /** Every line, as written and at the new size. */
  readonly amounts: readonly SizedAmount[]
  readonly stated: Tin | null
  readonly batter: TinBatter | null
  readonly tins: readonly SizedTin[]
  readonly pieces: SizedPieces | null
  readonly cut: SizedCut | null
  readonly bake: StatedBake | null
  /** Further times in the oven, kept as written. */
  readonly again: readonly StatedBake[]
  readonly setting: {
    readonly says: string
    readonly others: readonly string[]
    readonly offset: OvenOffset
  } | null
  readonly cues: readonly string[]
  readonly liner: LinerNote | null
  readonly remarks: readonly string[]
  readonly settles: Minutes
}
