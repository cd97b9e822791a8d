import type { Grams } from '../measure'
import type { Moment } from '../day'
import type { Card } from './card'

/** A card as it stands: not to be begun yet, to be done, going on by itself, over. */
export interface PlacedCard {
  readonly card: Card
  readonly is: 'later' | 'ready' | 'running' | 'over'
  readonly leftOut: boolean
  /** Over since, where it is. */
  readonly since: Moment | null
  /** Of what is weighed: wanted now, after whatever was scaled, and what is in the bowl. */
  readonly wanted: Grams | null
  readonly got: Grams | null
}
