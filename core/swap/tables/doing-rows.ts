import type { CueKind, Manner, VerbId } from '../../method'
import { freshEggKinds, flourKinds, type Kind } from '../../pantry'
import type { MethodFact } from './method-facts'

/** For which plans a row speaks. No families: for any. */
export interface Fitting {
  readonly when: MethodFact
  readonly and?: MethodFact
  readonly without?: MethodFact
  readonly families?: readonly string[]
}

const crumb = ['creamed', 'muffin', 'quick-bread', 'pancake', 'crepe', 'scone', 'brownie', 'sponge', 'bread-pudding', 'cookie', 'other']
const cakes = ['creamed', 'muffin', 'quick-bread', 'brownie', 'sponge']
/** A whisked batter keeps its air: nobody beats it. */
const beaten = cakes.filter(family => family !== 'sponge')
const boiled = ['egg-custard', 'pastry-cream', 'ice-cream']

/**
 * How a doing is told otherwise with the plan: one that is done to something of `about`, by one of `verbs` (or `words`, the very word), until
 * one of the looks of `cue`, and takes one of `takes` now. `verb`: the word for it; `until`: what it is done until ('': nothing said); `over`:
 * where it stands; `adds`: what is done besides; `strips`: words before the thing that fit no more; `cuts`: words of its own that do not; `dry`: its water goes elsewhere. Every row that fits is taken, of two
 * that touch the same words the first. [P]
 */
export interface DoingRow extends Fitting {
  readonly about?: 'egg' | 'fat' | 'flour'
  readonly verbs?: readonly VerbId[]
  readonly words?: readonly string[]
  readonly cue?: readonly CueKind[] | 'any'
  readonly takes?: readonly Kind[]
  /** It takes nothing else. */
  readonly only?: readonly Kind[]
  readonly ids?: readonly string[]
  readonly is: {
    readonly verb?: string
    readonly until?: string
    readonly golden?: true
    readonly over?: string
    readonly adds?: string
    readonly strips?: readonly string[]
    readonly cuts?: RegExp
    readonly dry?: true
  }
}

/** What wants to boil stays on the hob. */
const offHeat = /\s*(?:off|away\s+from)\s+the\s+heat\b/iu

export const doingRows: readonly DoingRow[] = [
  // A soft fat is neither creamed nor rubbed in, and turns nothing pale.
  { when: 'fat-soft', about: 'fat', verbs: ['cream', 'beat'], cue: 'any', is: { verb: 'whisk' } },
  { when: 'fat-soft', about: 'fat', verbs: ['cream'], is: { verb: 'whisk' } },
  { when: 'fat-soft', about: 'fat', verbs: ['cream', 'beat', 'whisk', 'whip', 'stir', 'combine'], cue: ['airy'], is: { until: 'until even (it will not turn pale)' } },
  { when: 'fat-soft', about: 'fat', verbs: ['rub'], words: ['rub'], is: { verb: 'stir' } },
  { when: 'fat-soft', about: 'fat', takes: ['oil'], is: { strips: ['cold', 'chilled', 'softened', 'diced', 'cubed', 'soft', 'melted'] } },
  { when: 'fat-soft', about: 'fat', verbs: ['melt'], takes: ['oil'], only: ['oil', 'water'], is: { verb: 'warm' } },
  // No knob of oil is set down.
  { when: 'milk-gone', about: 'fat', words: ['dot'], takes: ['oil'], is: { verb: 'drizzle', dry: true } },
  // A little water makes melting chocolate a stiff mass.
  { when: 'milk-gone', verbs: ['melt', 'heat', 'microwave'], takes: ['chocolate', 'plant-chocolate'], is: { dry: true } },
  // What came for the egg holds no air.
  {
    when: 'foam-gone',
    families: [...crumb, 'shortbread', 'pastry', 'nut-filling'],
    about: 'egg',
    verbs: ['cream', 'beat', 'whisk', 'whip', 'stir', 'combine', 'blend', 'add'],
    cue: ['airy', 'thick', 'peaks'],
    is: { until: 'until smooth (it will not turn to foam)' },
  },
  // A starch wants the flame.
  { when: 'starch-set', is: { over: 'over a medium heat' } },
  { when: 'starch-set', about: 'egg', cue: ['airy'], is: { until: 'until smooth' } },
  { when: 'starch-set', about: 'egg', verbs: ['beat', 'cream', 'whip'], cue: ['thick'], is: { until: 'until smooth' } },
  { when: 'starch-set', about: 'egg', cue: ['thick'], is: { until: 'until it bubbles and thickens' } },
  { when: 'gel-boiled', verbs: ['heat', 'melt', 'dissolve'], ids: ['agar'], is: { adds: 'and bring to the boil' } },
  { when: 'gel-boiled', verbs: ['stir', 'whisk', 'add', 'drop', 'put', 'combine', 'beat'], ids: ['agar'], is: { adds: 'and boil for 2 minutes', cuts: offHeat } },
  // Nothing is cracked or curdles.
  { when: 'egg-gone', about: 'egg', words: ['break', 'crack'], is: { verb: 'put' } },
  { when: 'egg-gone', about: 'egg', cue: ['curdled'], is: { until: '' } },
  // Gluten stays and no egg holds it back: no more beating than it needs.
  {
    when: 'gluten-stays',
    families: [...cakes, 'pancake', 'scone'],
    about: 'flour',
    verbs: ['beat', 'whisk', 'combine', 'stir'],
    cue: ['smooth', 'combined'],
    is: { verb: 'mix', until: 'only until no dry flour is left' },
  },
  { when: 'milk-gone', cue: ['golden'], is: { golden: true } },
]

/**
 * Doings that no longer fit, and what is done instead ('': nothing). Of one part the first that fits is told so, the others go. `pours`: it goes
 * into its dishes then, and not before: {pour} are the recipe's own words for that. [P]
 */
export interface InsteadRow extends Fitting {
  readonly verbs?: readonly VerbId[]
  readonly manners?: readonly Manner[]
  readonly cue?: readonly CueKind[]
  readonly ids?: readonly string[]
  readonly is: string
  readonly pours?: true
  /** The doing behind it that takes the same unsaid ("squeeze it and add to the pan") names it now. */ readonly passes?: true
}
const agarBoils = 'Boil for 2 minutes, whisking, so that the agar dissolves.'
const baking: readonly VerbId[] = ['bake', 'load', 'unload', 'off', 'steam']

export const insteadRows: readonly InsteadRow[] = [
  { when: 'gel-boiled', verbs: ['soak', 'squeeze', 'drain'], ids: ['agar'], is: '', passes: true },
  {
    when: 'starch-set',
    families: ['egg-custard'],
    verbs: baking,
    is: 'Stir over a medium heat until it bubbles, simmer for 1 minute, {pour} and chill for 4 hours: it sets as it cools.',
    pours: true,
  },
  { when: 'agar-set', families: ['egg-custard', 'mousse'], verbs: baking, is: 'Boil for 2 minutes, whisking, so that the agar dissolves; {pour} and chill for 3 hours.', pours: true },
  { when: 'agar-set', families: boiled, manners: ['unboiled'], is: agarBoils },
  { when: 'agar-set', families: boiled, cue: ['coats'], is: agarBoils },
  { when: 'starch-set', families: boiled, manners: ['unboiled'], is: 'Stir over a medium heat until it bubbles and thickens; this one has to boil.' },
  { when: 'starch-set', families: boiled, cue: ['coats'], is: 'Stir over a medium heat until it bubbles and thickens; this one has to boil.' },
]

/** What is said once, at its place: where the flour or the fat goes in, before the oven, after it; unless the recipe says it already. [P] */
export interface PlaceRow extends Fitting {
  readonly families: readonly string[]
  readonly at: 'flour' | 'fat' | 'before-oven' | 'after-oven' | 'before-shaping' | 'own-step-before-shaping'
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
    families: [...beaten, 'pancake', 'crepe', 'other'],
    at: 'flour',
    says: 'Beat the batter smooth, since it cannot be overworked, and let it stand for 10 minutes so that the flour takes up its water.',
    unless: /stand for|rest for/iu,
  },
  { when: 'gluten-gone', and: 'soda', families: [...beaten, 'pancake', 'other'], at: 'flour', says: 'Beat the batter smooth, since it cannot be overworked.', unless: /overworked/iu },
  {
    when: 'gluten-gone',
    families: ['shortbread', 'pastry', 'cookie'],
    at: 'own-step-before-shaping',
    says: 'Chill the dough for 30 minutes before it is shaped: it tears more easily, so whoever rolls it does so between two papers.',
    unless: /\bchill\b|fridge|refrigerat/iu,
  },
  { when: 'gluten-gone', families: ['yeast'], at: 'before-shaping', says: 'Shape it with wet hands: it is more a thick batter than a dough, and kneading does nothing for it.', unless: /wet hands/iu },
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

/** What is dry, or solid fat: as long as nothing else comes to it, flour is no batter yet. [P] */
export const dryKinds: readonly Kind[] = [
  'flour',
  'gluten-free-flour',
  'flour-mix',
  'nut-flour',
  'starch',
  'sugar',
  'leaven',
  'salt',
  'spice',
  'cocoa',
  'flakes',
  'nut',
  'seed',
  'dried-fruit',
  'flavour',
  'binder',
  'egg-product',
  'butter',
  'plant-block',
  'plant-spread',
  'hard-fat',
]

/** A flour of less than this share of all flour is none that the dough is of, but a spoonful for an egg. [I] */
export const leastFlour = 0.2

/** Doings by which a batter or dough goes on: to its shape, to itself, to its tin. [P] */
export const shaping: ReadonlySet<VerbId> = new Set<VerbId>(['roll', 'shape', 'cut', 'press', 'line', 'spoon', 'drop', 'pipe', 'divide'])
export const leftAlone: ReadonlySet<VerbId> = new Set<VerbId>(['rest', 'chill', 'proof', 'cover', 'set-aside', 'cool', 'soak'])
/** What readies a tin or is scattered over takes nothing into the dough. [P] */
export const readying: ReadonlySet<VerbId> = new Set<VerbId>(['grease', 'dust', 'line', 'preheat'])
export const noPlace: ReadonlySet<VerbId> = new Set<VerbId>(['grease', 'dust', 'line', 'brush', 'scatter', 'whip', 'serve'])
/** By what a cream goes into its dishes, and those. [P] */
export const pouring: ReadonlySet<VerbId> = new Set<VerbId>(['pour', 'spoon', 'divide', 'fill', 'strain', 'put'])
export const dishes: ReadonlySet<string> = new Set('ramekin dish mould mold cup glass pot jar bowl basin tin case'.split(' '))
/** What is meant by something that a doing is about. */
export const aboutKinds: Readonly<Record<NonNullable<DoingRow['about']>, readonly Kind[]>> = {
  egg: [...freshEggKinds, 'egg-product'],
  fat: ['butter', 'plant-block', 'plant-spread', 'hard-fat'],
  flour: flourKinds,
}
/** Whips to a foam that fat breaks. [P] */
export const noFat: ReadonlySet<string> = new Set(['aquafaba', 'egg-white'])
/** "Toss the berries in a little flour": no batter is mixed by it. [P] */
export const coating: ReadonlySet<VerbId> = new Set<VerbId>(['toss', 'coat', 'dip'])
/** Whipped by themselves they turn to nothing. [P] */
export const whipsToNothing: ReadonlySet<Kind> = new Set<Kind>(['sugar', 'flavour', 'salt'])
/** Greased or lined before anything goes in, in the singular. [P] */
export const readied: ReadonlySet<string> = new Set([...dishes, 'pan', 'tray', 'sheet', 'ring'])
/** Before a thing that has no article yet. [P] */
export const prepositions: ReadonlySet<string> = new Set('with in into on onto over by from'.split(' '))
