import type { Grams } from '../../measure'
import type { Weight } from '../../formula'

/** A line of the original that stays; `grams` may be trimmed away from `was`, within `least` and `most`. */
export interface KeptAmount extends Weight {
  readonly lineId: string
  readonly was: Grams
  readonly least: Grams
  readonly most: Grams
}
