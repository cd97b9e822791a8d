import type { Minutes } from '../../measure'
import type { RestKind } from '../../recipe'

/** What a resting is called where it is not that of something made ready by itself, and beyond how much nobody lengthens it here: what stands at kitchen warmth stands no longer than is safe. */
export interface RestRow {
  readonly id: string
  readonly kind: RestKind
  readonly baked: boolean
  readonly name: string
  readonly who: string
  readonly does: string
  readonly most: Minutes
  readonly source: string
}

export const restRows: readonly RestRow[] = [
  { id: 'rest', kind: 'rest', baked: false, name: 'the rest of batter or dough', who: 'it', does: 'rests', most: 120, source: '[M] two hours at kitchen warmth, as food hygiene has it' },
  { id: 'rest-baked', kind: 'rest', baked: true, name: 'the rest after baking', who: 'after baking it', does: 'rests', most: 120, source: '[M] as above, since it may hold cream' },
  { id: 'chill', kind: 'chill', baked: false, name: 'chilling', who: 'it', does: 'is chilled for', most: 48 * 60, source: '[P] a dough keeps two days in the fridge' },
  { id: 'chill-baked', kind: 'chill', baked: true, name: 'chilling at the end', who: 'at the end it', does: 'is chilled for', most: 24 * 60, source: '[P]' },
  { id: 'soak', kind: 'soak', baked: false, name: 'soaking', who: 'it', does: 'soaks', most: 120, source: '[M] as the rest: it may soak in milk or egg; what a recipe itself soaks longer stays' },
  {
    id: 'soak-baked',
    kind: 'soak',
    baked: true,
    name: 'soaking after baking',
    who: 'after baking it',
    does: 'soaks',
    most: 120,
    source: '[M] as the rest: it may soak in milk or egg; what a recipe itself soaks longer stays',
  },
  { id: 'rise', kind: 'rise', baked: false, name: 'rising', who: 'it', does: 'rises for', most: 180, source: '[P]' },
  { id: 'rise-baked', kind: 'rise', baked: true, name: 'rising', who: 'it', does: 'rises for', most: 180, source: '[P]' },
]
