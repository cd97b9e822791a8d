import type { Kind } from '../../pantry'

/** What a plan changed in a part, so far as the way of working depends on it. */
export type MethodFact = 'egg-gone' | 'foam-gone' | 'foam-new' | 'fat-soft' | 'gluten-gone' | 'gluten-stays' | 'starch-set' | 'agar-set' | 'soured' | 'soda' | 'milk-gone' | 'gel-boiled'

const crumb = ['creamed', 'muffin', 'quick-bread', 'pancake', 'crepe', 'scone', 'brownie', 'sponge', 'bread-pudding', 'cookie', 'other']
const cakes = ['creamed', 'muffin', 'quick-bread', 'brownie', 'sponge']
const boiled = ['egg-custard', 'pastry-cream', 'ice-cream']

/**
 * How the words of a sentence change with the plan: `sign` is looked for in a sentence that names one of `about` (or in any),
 * and what it finds becomes `to`. In the order in which they are tried; each sentence takes every one that fits. [P]
 */
export interface WordingRow {
  readonly when: MethodFact
  readonly families?: readonly string[]
  readonly about?: 'egg' | 'fat' | 'flour'
  readonly sign: RegExp
  readonly to: string
}

export const wordingRows: readonly WordingRow[] = [
  { when: 'fat-soft', about: 'fat', sign: /\b(?:Cream|Beat)\b(?!ed)(?=[^.]*\buntil\b)/u, to: 'Whisk' },
  { when: 'fat-soft', about: 'fat', sign: /\b(?:cream|beat)\b(?!ed)(?=[^.]*\buntil\b)/u, to: 'whisk' },
  { when: 'fat-soft', about: 'fat', sign: /\bCream\b/u, to: 'Whisk' },
  { when: 'fat-soft', about: 'fat', sign: /\bcream\b(?=\s+(?:the|together))/u, to: 'whisk' },
  {
    when: 'fat-soft',
    about: 'fat',
    sign: /\buntil\s+(?:very\s+|really\s+)?(?:pale|light|fluffy|creamy|soft)(?:\s+(?:and|,)\s+(?:pale|light|fluffy|creamy))*/iu,
    to: 'until even; it will not turn pale',
  },
  { when: 'fat-soft', about: 'fat', sign: /\bRub\b([^.]*?)\binto\b/u, to: 'Stir$1into' },
  { when: 'fat-soft', about: 'fat', sign: /\brub\b([^.]*?)\binto\b/u, to: 'stir$1into' },
  { when: 'fat-soft', about: 'fat', sign: /\b(?:cold|chilled|softened|diced|cubed|soft)\s+(?=(?:neutral\s+|rapeseed\s+)?oil)/giu, to: '' },
  { when: 'fat-soft', about: 'fat', sign: /\bMelt\s+the\s+oil\b/u, to: 'Warm the oil' },
  { when: 'fat-soft', about: 'fat', sign: /\bmelt(?:ed)?\s+(?=oil\b)/iu, to: '' },
  {
    when: 'foam-gone',
    families: [...crumb, 'shortbread', 'pastry', 'nut-filling'],
    about: 'egg',
    sign: /\b(?:until\s+(?:\w+\s+){0,2}?(?:thick|pale|frothy|foamy|light|fluffy|voluminous|tripled|doubled|ribbon\w*|(?:soft|firm|stiff)(?:\s+peaks)?)|to\s+(?:soft|firm|stiff)\s+peaks)(?:[^.;,]*)/iu,
    to: 'until smooth; it will not turn to foam',
  },
  { when: 'starch-set', sign: /\bover\s+(?:(?:a\s+)?pan\s+of\s+)?(?:gently\s+)?(?:steam|simmering\s+water|a\s+bain[- ]marie|a\s+double\s+boiler)/iu, to: 'over a medium heat' },
  { when: 'starch-set', about: 'egg', sign: /\buntil\s+(?:\w+\s+){0,2}?(?:pale|light|fluffy|frothy|foamy)\b[^.;,]*/iu, to: 'until smooth' },
  { when: 'starch-set', about: 'egg', sign: /\buntil\s+(?:it\s+(?:is|has)\s+)?(?:thick(?:ened)?|thickens)\b/iu, to: 'until it bubbles and thickens' },
  { when: 'gel-boiled', sign: /\b(?:warm|heat)\b(?=[^.]*\bagar\b)/iu, to: 'bring to the boil' },
  { when: 'gel-boiled', sign: /\bstir\s+in\s+the\s+agar\b/iu, to: 'stir in the agar and boil for 2 minutes' },
  { when: 'egg-gone', about: 'egg', sign: /\b(?:Break|Crack)\b/u, to: 'Put' },
  { when: 'egg-gone', about: 'egg', sign: /\b(?:break|crack)\b/u, to: 'put' },
  { when: 'egg-gone', about: 'egg', sign: /\b(?:just\s+)?until\s+(?:just\s+)?(?:scrambled|curdled)[^.;,]*/iu, to: '' },
  {
    when: 'gluten-stays',
    families: [...cakes, 'pancake', 'scone'],
    about: 'flour',
    sign: /\b(?:beat|whisk|mix|stir)\b([^.]*?)\buntil\s+(?:completely\s+|very\s+|quite\s+)?(?:smooth|combined|well mixed)\b/iu,
    to: 'mix$1only until no dry flour is left',
  },
  { when: 'milk-gone', sign: /\b(?:deep\s+)?golden[- ]brown\b/iu, to: 'golden' },
]

/** Whole sentences that no longer fit, and what is done instead ('': nothing); no families means any. [P] */
export interface SentenceRow {
  readonly when: MethodFact
  readonly families: readonly string[]
  readonly sign: RegExp
  readonly to: string
}
export const sentenceRows: readonly SentenceRow[] = [
  { when: 'gel-boiled', families: [], sign: /\b(?:soak|bloom|soften|squeeze)\b[^.]*\bagar\b/iu, to: '' },
  {
    when: 'starch-set',
    families: ['egg-custard'],
    sign: /\b(?:bake|water bath|bain[- ]marie|oven)\b/iu,
    to: 'Stir over a medium heat until it bubbles, simmer for 1 minute, pour into dishes and chill for 4 hours: it sets as it cools.',
  },
  {
    when: 'agar-set',
    families: ['egg-custard', 'mousse'],
    sign: /\b(?:bake|water bath|bain[- ]marie|oven)\b/iu,
    to: 'Boil for 2 minutes, whisking, so that the agar dissolves; pour into dishes and chill for 3 hours.',
  },
  {
    when: 'starch-set',
    families: boiled,
    sign: /\bwithout\s+(?:letting\s+it\s+)?boil\w*|\bdo\s+not\s+(?:let\s+it\s+)?boil\b|\bcoats?\s+(?:the\s+back\s+of\s+)?(?:a|the)\s+spoon\b/iu,
    to: 'Stir over a medium heat until it bubbles and thickens; this one has to boil.',
  },
]

/** What is said once, at its place: at the step that brings the flour, before the oven, after it; unless the recipe says it already. [P] */
export interface PlaceRow {
  readonly when: MethodFact
  readonly and?: MethodFact
  readonly without?: MethodFact
  readonly families: readonly string[]
  readonly at: 'flour' | 'fat' | 'before-oven' | 'after-oven' | 'own-step-before-shaping'
  readonly says: string
  readonly unless: RegExp
  /** Only where it comes to the table warm, or only where it does not. */ readonly warm?: boolean
}
export const placeRows: readonly PlaceRow[] = [
  {
    when: 'gluten-stays',
    and: 'egg-gone',
    families: [...cakes, 'pancake', 'scone'],
    at: 'flour',
    says: 'Stop mixing as soon as no dry flour is left.',
    unless: /no dry flour|do not over|don.t over|just combined/iu,
  },
  {
    when: 'gluten-gone',
    without: 'soda',
    families: [...cakes, 'pancake', 'crepe', 'other'],
    at: 'flour',
    says: 'Beat the batter smooth, since it cannot be overworked, and let it stand for 10 minutes so that the flour takes up its water.',
    unless: /stand for|rest for/iu,
  },
  { when: 'gluten-gone', and: 'soda', families: [...cakes, 'pancake', 'other'], at: 'flour', says: 'Beat the batter smooth, since it cannot be overworked.', unless: /overworked/iu },
  {
    when: 'gluten-gone',
    families: ['shortbread', 'pastry', 'cookie'],
    at: 'own-step-before-shaping',
    says: 'Chill the dough for 30 minutes before it is shaped: it tears more easily, so whoever rolls it does so between two papers.',
    unless: /\bchill\b|fridge|refrigerat/iu,
  },
  { when: 'gluten-gone', families: ['yeast'], at: 'before-oven', says: 'Shape it with wet hands: it is more a thick batter than a dough, and kneading does nothing for it.', unless: /wet hands/iu },
  { when: 'foam-new', families: crumb, at: 'fat', says: 'It may look split where the foam meets the fat; that is fine.', unless: /look split/iu },
  {
    when: 'soured',
    and: 'soda',
    families: crumb,
    at: 'before-oven',
    says: 'Once the soured drink meets the soda, it goes into the oven within 8 minutes.',
    unless: /within \d+ minutes|straight away|immediately|at once/iu,
  },
  {
    when: 'egg-gone',
    families: cakes,
    at: 'after-oven',
    warm: true,
    says: 'Let it stand for 10 minutes before it is served: this crumb firms up as it cools.',
    unless: /to set before|firms up|\b(?:leave|cool|rest|stand)\b[^.]{0,60}\bminutes\b/iu,
  },
  {
    when: 'egg-gone',
    families: cakes,
    at: 'after-oven',
    warm: false,
    says: 'Leave it for 30–45 minutes to set before you cut it: this crumb firms up as it cools.',
    unless:
      /to set before|30–45 minutes|\b(?:leave|cool)\b[^.]{0,60}\b(?:completely|quite)\s+(?:cold|cool)\b|\bcool\s+completely\b|\b(?:leave|cool|rest|stand|wait|set)\b[^.]{0,60}\bbefore\b[^.]{0,20}\b(?:cut|slic|serv)|\bcut\w*\b[^.]{0,20}\b(?:once|when)\s+(?:it\s+is\s+|quite\s+)?(?:cold|cool)/iu,
  },
  { when: 'starch-set', families: ['cheesecake'], at: 'after-oven', says: 'Chill it overnight before it is cut: the starch sets only when it is cold.', unless: /overnight/iu },
]

/** Beside what a help is put in: the first of these kinds that a step names, by what it helps. */
export const besides: Readonly<Record<'leaven' | 'fat' | 'water' | 'other', readonly Kind[]>> = {
  leaven: ['flour', 'gluten-free-flour', 'flour-mix', 'leaven', 'flakes', 'starch'],
  fat: ['butter', 'plant-block', 'plant-spread', 'hard-fat', 'oil', 'chocolate', 'plant-chocolate', 'fresh-cheese', 'plant-cheese', 'cream', 'plant-cream', 'plant-drink', 'milk'],
  water: ['plant-drink', 'milk', 'water', 'sour-milk', 'plant-sour', 'juice', 'syrup', 'oil', 'plant-block', 'butter', 'binder', 'puree'],
  other: ['flour', 'gluten-free-flour', 'flour-mix', 'sugar'],
}

export const ovenWords = /\b(?:bake|baking(?!\s+(?:powder|soda|tray|sheet|tin|paper))|in(?:to)? the oven|fry|hot iron|griddle)\b/iu
export const shapingWords = /\b(?:roll|shape|cut|slice|pat|press|line a|scoop|drop|spoon)\b/iu
/** A sentence that does nothing but heat the oven. */
export const heatsOven = /^\s*(?:pre-?heat|heat|set)\b[^.]*\boven\b(?![^.]*\b(?:bake|grease|butter|line)\b)/iu
export const preheatOnly = /^(?:pre-?heat|heat)\b[^.]*\boven\b/iu

/** A foam that is made ready before it goes in. */
export const looseFoam = /\bto a loose foam\b/u
/** Flour that keeps from sticking, and goes into nothing. */
export const onTin =
  /\b(?:brush|dust|shake|coat|flour|sprinkle|scatter)\b[^.]*\b(?:tins?|trays?|moulds?|sheets?|surface|board|worktop)\b|\b(?:tins?|trays?|moulds?|sheets?)\b[^.]*\b(?:dust|shake|coat)\b/iu
/** A sentence that leaves a batter to itself. */
export const leaves = /^\s*(?:leave|rest|let|chill|cover|set\s+(?:it\s+)?aside)\b/iu
/** Whatever no step has named yet. */
export const theRest = /\b(?:remaining|rest\s+of\s+the|other|all\s+the)\s+ingredients\b/iu
/** A cream goes into its dishes. */
export const intoVessel = /\bpour\b[^.]*\binto\b[^.]*\b(?:ramekins?|dish(?:es)?|moulds?|cups?|glasses|pots)\b/iu
