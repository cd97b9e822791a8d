import type { Kind } from '../../pantry'

/**
 * The largest share of a dessert's weight that such things have in any dessert of the kind named by
 * `among` (all of them where nothing is); five times the usual and more is a slip of the pen. [M]
 */
export const grossRows: readonly {
  readonly kinds: readonly Kind[]
  readonly called: string
  readonly most: number
  /** Only where these make up so much of it, and none of those is there. */
  readonly among?: { readonly kinds: readonly Kind[]; readonly from: number; readonly without: readonly Kind[] }
  readonly source: string
}[] = [
  { kinds: ['butter', 'plant-block', 'hard-fat'], called: 'fat', most: 0.6, source: '[M] buttercream 0.5, shortbread 0.33' },
  { kinds: ['oil'], called: 'oil', most: 0.4, source: '[M] oil cakes 0.2' },
  { kinds: ['egg-yolk'], called: 'yolks', most: 0.4, source: '[M] custards 0.15, yolk creams 0.3' },
  {
    kinds: ['starch'],
    called: 'thickener',
    most: 0.16,
    among: { kinds: ['milk', 'cream', 'plant-drink', 'plant-cream', 'water', 'juice'], from: 0.45, without: ['flour', 'gluten-free-flour', 'flour-mix', 'leaven', 'yeast'] },
    source: '[M] custards 0.03–0.06',
  },
  { kinds: ['leaven'], called: 'leavening', most: 0.05, source: '[M] 0.01' },
  { kinds: ['yeast'], called: 'yeast', most: 0.08, source: '[M] 0.01–0.03' },
  { kinds: ['gel'], called: 'setting agent', most: 0.12, source: '[M] 0.01–0.03' },
  { kinds: ['spice'], called: 'spice', most: 0.1, source: '[M] 0.005–0.02' },
]
/** Leavening on the flour that it lifts, by weight: more than this and the flour is the slip. [M] usual 0.01–0.05 */
export const mostLeavenOnFlour = 0.22
