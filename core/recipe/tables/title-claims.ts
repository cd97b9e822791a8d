import { flourKinds, type Kind } from '../../pantry'

/** What a title promises beside allergens, and what breaks it: kinds of things, or a bake. [P] */
export const titleClaims: readonly { readonly sign: RegExp; readonly kinds: readonly Kind[]; readonly bakes?: true; readonly brings: string }[] = [
  { sign: /\b(?:sugar[\s-]*free|no[\s-]+(?:added[\s-]+)?sugar|unsweetened|sugarless)\b/iu, kinds: ['sugar', 'syrup', 'honey', 'condensed-milk'], brings: 'sugar' },
  { sign: /\b(?:no[\s-]*bak(?:e|ed|ing)|unbaked|bake[\s-]*free)\b/iu, kinds: [], bakes: true, brings: 'a bake' },
  { sign: /\b(?:flourless|flour[\s-]*free|no[\s-]+flour)\b/iu, kinds: flourKinds, brings: 'flour' },
  { sign: /\b(?:butter[\s-]*free|butterless|no[\s-]+butter)\b/iu, kinds: ['butter'], brings: 'butter' },
  { sign: /\b(?:oil[\s-]*free|no[\s-]+oil)\b/iu, kinds: ['oil'], brings: 'oil' },
  { sign: /\b(?:yeast[\s-]*free|no[\s-]+yeast)\b/iu, kinds: ['yeast'], brings: 'yeast' },
  { sign: /\b(?:alcohol[\s-]*free|no[\s-]+alcohol)\b/iu, kinds: ['alcohol'], brings: 'alcohol' },
  { sign: /\b(?:fat[\s-]*free|fatless)\b/iu, kinds: ['butter', 'oil', 'hard-fat', 'plant-block', 'plant-spread'], brings: 'fat' },
]
