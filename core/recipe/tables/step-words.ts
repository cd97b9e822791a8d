import { fatKinds, flourKinds, plainSugarKinds, type Kind } from '../../pantry'

/** What happens during a time that a step names. */
export type TimeKind = 'bake' | 'chill' | 'rest' | 'soak' | 'rise' | 'cool' | 'set' | 'freeze' | 'mix' | 'cook' | 'preheat' | 'other'

/** That something is baked; a baking tray, powder or paper is none of it. The source of a pattern without flags. */
export const bakeWord = String.raw`(?:bak(?:e|es|ed)|baking(?!\s+(?:powder|soda|trays?|sheets?|tins?|pans?|paper|parchment|dish(?:es)?|beans)\b))`

/** Words by which the kind of a time is told; of several the nearest counts. [P] */
export const timeKinds: readonly { readonly kind: TimeKind; readonly sign: RegExp }[] = [
  { kind: 'bake', sign: new RegExp(String.raw`\b(?:${bakeWord}|in\s+the\s+oven|return\s+to\s+the\s+oven|roast|toast(?!ed))\b`, 'giu') },
  { kind: 'preheat', sign: /\bpre-?heat\w*\b/giu },
  { kind: 'freeze', sign: /\b(?<!out\s+of\s+the\s+)freez\w+\b/giu },
  { kind: 'chill', sign: /\b(?<!out\s+of\s+the\s+)(?:chill\w*|refrigerat\w*|fridge|cold\s+place)\b/giu },
  { kind: 'soak', sign: /\b(?:soak\w*|steep\w*|infus\w*|bloom\w*|swell|macerat\w*|drain\w*|strain\w*)\b/giu },
  { kind: 'rise', sign: /\b(?:rise|rising|prov\w+|proof\w*|doubled?\s+in\s+size|ferment\w*)\b/giu },
  { kind: 'cool', sign: /\b(?:cool\w*|stand\s+in\s+the\s+tin|turn\s+(?:it\s+)?out)\b/giu },
  { kind: 'set', sign: /\b(?:set(?!\s+(?:(?:it|them)\s+)?(?:aside|to\s+one\s+side|over|a\b|the\b))|firm\s+up|harden)\b/giu },
  { kind: 'rest', sign: /\b(?:rest|stand|leave|sit|relax|out\s+of\s+the\s+(?:fridge|freezer|refrigerator))\b/giu },
  { kind: 'mix', sign: /\b(?:beat\w*|whisk\w*|whip\w*|mix\w*|cream|knead\w*|stir\w*|blend\w*|process|pulse|blitz|fold)\b/giu },
  { kind: 'cook', sign: /\b(?:simmer\w*|boil\w*|cook\w*|heat|fry\w*|melt\w*|poach\w*|stew\w*|caramelis\w*|steam\w*|microwave|reduc\w*)\b/giu },
]

/** What stands before a moment within another time ("for 3 hours, covering it after 2 hours", "every half hour"): it is no time of its own. [P] */
/** "Eat within an hour": nothing waits so long. [P] */
export const limits = /\bwithin\s+(?:(?:about|the\s+next)\s+)*$/iu
export const moments = /\b(?:after|every)\s+(?:(?:about|around|roughly|the\s+first|another)\s+)*$/iu

/** Shares of a line that a step names, as they stand right before its name. [P] */
export const shareWords: readonly { readonly sign: RegExp; readonly fraction: number | 'rest' }[] = [
  {
    sign: /\b(?:remaining|rest\s+of(?:\s+the)?|remainder\s+of(?:\s+the)?|what(?:ever)?(?:\s+is|['’]s)\s+left(?:\s+over)?\s+of(?:\s+the)?|what\s+remains\s+of(?:\s+the)?|reserved|leftover|last\s+of\s+the|other\s+half(?:\s+of)?(?:\s+the)?|final\s+third\s+of(?:\s+the)?|last\s+third\s+of(?:\s+the)?)\s+(?:\p{L}+\s+){0,2}$/iu,
    fraction: 'rest',
  },
  { sign: /\b(?:two[\s-]thirds|2\/3|⅔)\s+(?:of\s+)?(?:the\s+|your\s+|that\s+)(?:\p{L}+\s+){0,2}$/iu, fraction: 2 / 3 },
  { sign: /\b(?:three[\s-]quarters|3\/4|¾)\s+(?:of\s+)?(?:the\s+|your\s+)(?:\p{L}+\s+){0,2}$/iu, fraction: 3 / 4 },
  { sign: /\b(?:(?:an?|another|one|the\s+first|the\s+second)[\s-](?:other\s+)?third|1\/3|⅓)\s+(?:of\s+)?(?:the\s+|your\s+|it\s+)?(?:\p{L}+\s+){0,2}$/iu, fraction: 1 / 3 },
  { sign: /\b(?:(?:an?|another|one)[\s-](?:quarter|fourth)|1\/4|¼)\s+(?:of\s+)(?:the\s+|your\s+)?(?:\p{L}+\s+){0,2}$/iu, fraction: 1 / 4 },
  { sign: /\b(?:half|one[\s-]half|½)\s+(?:of\s+)?(?:the\s+|your\s+|that\s+)(?:\p{L}+\s+){0,2}$/iu, fraction: 1 / 2 },
]

const dry: readonly Kind[] = [
  'flour',
  'gluten-free-flour',
  'flour-mix',
  'starch',
  'flakes',
  'sugar',
  'cocoa',
  'leaven',
  'salt',
  'spice',
  'milk-powder',
  'nut-flour',
  'binder',
  'coconut',
  'acid',
  'yeast',
  'flavour',
  'seed',
  'nut',
  'egg-product',
]
const wet: readonly Kind[] = [
  'milk',
  'sour-milk',
  'cream',
  'plant-drink',
  'plant-sour',
  'plant-cream',
  'water',
  'juice',
  'oil',
  'egg',
  'egg-white',
  'egg-yolk',
  'syrup',
  'honey',
  'acid',
  'flavour',
  'alcohol',
  'butter',
  'plant-block',
  'plant-spread',
  'hard-fat',
  'puree',
  'binder',
  'sugar',
  'condensed-milk',
  'plant-condensed',
  'nut-butter',
  'tofu',
]

/** Words that take many lines together: by kind, everything, or whatever no other step has used. [P] */
export const gatherings: readonly { readonly sign: RegExp; readonly kinds: readonly Kind[] | 'all' | 'rest' }[] = [
  {
    sign: /\b(?:all\s+(?:of\s+)?(?:the\s+|your\s+)?(?:\p{L}+\s+)?ingredients|both\s+(?:the\s+)?ingredients|(?:(?:the|your|all)\s+)(?!dry|dried|wet|liquid|remaining|other|rest)\p{L}+\s+ingredients|everything|all\s+(?:the\s+)?(?:rest|others?)|mix\s+(?:it\s+)?all|all\s+together|the\s+(?:lot|above)|ingredients\s+(?:together|for\s+the))\b/giu,
    kinds: 'all',
  },
  {
    sign: /\b(?:remaining|rest\s+of\s+the|other|remainder\s+of\s+the)\s+(?:\p{L}+\s+)?ingredients\b|\b(?:the\s+(?:rest|remainder|others)|what(?:ever)?(?:\s+is|['’]s)\s+left(?:\s+over)?|what\s+remains)\b(?!\s+of)|\bremaining\s+(?:things|items)\b/giu,
    kinds: 'rest',
  },
  { sign: /\b(?:(?:the|your|all)\s+)?(?:dry|dried)\s+(?:ingredients|things|mix(?:ture)?|goods)|\bthe\s+dry\b/giu, kinds: dry },
  { sign: /\b(?:wet|liquid)\s+(?:ingredients|things|mix(?:ture)?)|\b(?:the\s+)?(?:liquids|wet)\b(?=\s+(?:to|into|and|in)\b)|\bthe\s+wet\b(?=\s*[,.;])/giu, kinds: wet },
  { sign: /\b(?:spices?|flavourings?|seasonings?)\b/giu, kinds: ['spice', 'flavour'] },
  { sign: /\b(?:raising\s+agents?|leaven\w*)\b/giu, kinds: ['leaven', 'acid'] },
  { sign: /\b(?:fruits?|berries)\b/giu, kinds: ['fruit', 'dried-fruit', 'puree'] },
  { sign: /\bnuts\b/giu, kinds: ['nut', 'nut-flour'] },
  { sign: /\bseeds\b/giu, kinds: ['seed', 'binder'] },
  { sign: /\b(?:fats?|shortening)\b/giu, kinds: fatKinds },
  { sign: /\b(?:sweeteners?|sugars|syrups?)\b/giu, kinds: plainSugarKinds },
  { sign: /\bflours\b/giu, kinds: [...flourKinds, 'starch', 'nut-flour'] },
]

/** Words by which a step says that it is done. [P] */
export const cueSigns: readonly RegExp[] = [
  /\buntil\s+[^.;,]{3,80}/giu,
  /\bto\s+(?:soft|firm|stiff)\s+peaks\b/giu,
  /\b(?:a\s+)?(?:skewer|tester|toothpick|cocktail\s+stick|knife)\b[^.;]{0,40}\b(?:clean|crumbs?)\b/giu,
  /\bspring(?:s|y)?\s+back\b/giu,
]

/** "Cook for 25 minutes" after an oven is hot is a bake, from so many minutes on, unless its sentence speaks of the hob. [P] */
export const hobWords = /\b(?:pans?|hob|simmer\w*|boil\w*|stir\w*|whisk\w*|heat|sides?|frying|fry|griddle|microwave|steam\w*|batches)\b/iu
export const shortestBake = 12
