import { pattern } from '../../measure'
import type { Kind } from '../../pantry'
import type { VerbId } from './verbs'

/** What holds air when it is whipped, beside what the pantry says of its foam. [P] */
export const foamyKinds: ReadonlySet<Kind> = new Set(['egg', 'egg-white', 'egg-yolk', 'egg-product', 'cream', 'plant-cream', 'gel'])
export const foamy: ReadonlySet<string> = new Set(['aquafaba'])

/** Whips to a foam that fat breaks, and what is that fat, of a hundred grams. [P] */
export const brokenByFat: ReadonlySet<string> = new Set(['aquafaba', 'egg-white'])
export const fatty = 60

/** What sets only once it has boiled, and what boiling spoils. [P] agar from 85 °C, boiled 1–2 min; gelatine never boiled */
export const mustBoil: ReadonlySet<string> = new Set(['agar'])
export const neverBoils: ReadonlySet<string> = new Set(['gelatine'])

/** Only a foam that stands does this. [P] */
export const peaks = /\b(?:soft|stiff|firm|medium)?\s*peaks\b|\bstiff(?:ly)?\b(?!\s+(?:dough|paste|batter|mixture|mix|mass|ball|crumb|consistency|enough))|\bribbon\b|\bholds?\s+a\s+trail\b/iu
/** Told of what boils. [P] */
export const saysBoil = /\b(?:boil|simmer|bubbl)\w*/iu

/** Where chocolate melts, and what brings water by itself. [P] */
export const melted: ReadonlySet<VerbId> = new Set<VerbId>(['melt', 'heat', 'microwave'])
export const wetKinds: ReadonlySet<Kind> = new Set<Kind>(['water', 'milk', 'plant-drink', 'juice', 'sour-milk', 'plant-sour'])
export const chocolates: ReadonlySet<Kind> = new Set<Kind>(['chocolate', 'plant-chocolate'])
/** Water to chocolate: from a hundredth on it seizes, until one part to two makes it a sauce. [P] */
export const seizes = { from: 0.01, to: 0.5 } as const

/** What stays liquid by itself, however long it is chilled. [P] sugar and fruit set only where they are boiled down, which the recipe then says as well */
export const staysLiquid: ReadonlySet<Kind> = new Set<Kind>(
  'milk sour-milk plant-drink plant-cream water juice oil alcohol flavour spice salt acid sugar syrup honey leaven puree decoration'.split(' ') as Kind[],
)

/** Words that speak of what left, beside its name. [P] */
export const goneCues: readonly { readonly kinds: readonly Kind[]; readonly sign: RegExp }[] = [
  {
    kinds: ['egg', 'egg-white', 'egg-yolk'],
    sign: pattern('iu', String.raw`\b(?:the\s+(?:yolks?|whites?)(?!\s+(?:and|or|chocolate|icing|sugar|rum|wine))|`, String.raw`scrambl\w+|one\s+egg\s+at\s+a\s+time)\b`),
  },
  { kinds: ['flour'], sign: /\buntil\s+the\s+gluten\b/iu },
]
