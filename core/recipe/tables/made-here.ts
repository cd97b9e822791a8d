import { pattern } from '../../measure'
import { sweetKinds, type Kind } from '../../pantry'

/**
 * What a step makes of a listed thing and then calls by a food's name: nuts ground to a flour, the cream
 * of a tin of coconut milk. Each row needs its source in the list; what else goes by the name is food. [P]
 */
export const madeHere: readonly {
  readonly form: RegExp
  /** Kinds it can be made of. */ readonly of: readonly Kind[]
  /** How: made small, or taken off what has parted. */ readonly by: 'grinding' | 'parting'
}[] = [
  { form: /^flours?$/iu, by: 'grinding', of: ['nut', 'nut-flour', 'seed', 'flakes', 'legume', 'coconut'] },
  { form: /^(?:nut\s+)?butter$/iu, by: 'grinding', of: ['nut', 'nut-flour', 'seed', 'coconut'] },
  { form: /^cream$/iu, by: 'grinding', of: ['nut', 'seed', 'tofu'] },
  { form: /^milk$/iu, by: 'grinding', of: ['nut', 'seed', 'flakes', 'coconut'] },
  { form: /^cream$/iu, by: 'parting', of: ['plant-drink', 'plant-cream'] },
]

/** A verb that makes small, as one is told to do it, up to the form; no other verb stands between. [P] */
export const grinding = pattern(
  'iu',
  String.raw`(?:^|\b(?:and|then|to|finely|first)\s+|[,)]\s*)(?:grind|mill|blitz|whizz|blend|process|pulse|pound|pur[eé]e|crush|pulveri[sz]e)\b`,
  String.raw`(?!.*\b(?:add|stir|fold|mix|beat|whisk|work|rub|tip|pour|put|place|spoon|scatter|sprinkle|bring|transfer|pass|return|whip|melt|knead|combine|drop|dip|toss)(?:ing|s)?\b)`,
)

/** Before the form: "to a fine", "into a smooth", "until it becomes". "Into" alone may add one to the other. [P] */
export const becomes = pattern(
  'iu',
  String.raw`\b(?:to(?:\s+an?)?|into\s+an?|until\s+(?:(?:it|they|you|the\s+\p{L}+)\s+)?(?:becomes?|forms?|turns?\s+(?:in)?to|have|has|is|are|reach(?:es)?)(?:\s+an?)?|to\s+the\s+fineness\s+of|to\s+make(?:\s+an?)?)\s+`,
  String.raw`(?:(?:very|fine|finely|coarse|smooth|thick|thin|silky|rough|loose|runny|soft|creamy|ground|light|pale)\s+)*$`,
)

/** Before the form where it is lifted off: "scoop off the thick". [P] */
export const lifts = /\b(?:scoop|spoon|skim|lift|scrape)(?:ing|ed)?\s+(?:off|out|away|up)\s+(?:the\s+)?(?:(?:thick|solid|hard|set|firm|white|cold|risen)\s+)*$/iu

/** Behind the form: "from the top of the". What it is of stands right behind. [P] */
export const offTheTop = /^\s+(?:(?:from|off|of|on|at)\s+(?:the\s+)?top\s+)?(?:of|from|off)\s+(?:the|your|each)\s+(?:(?:chilled|cold|opened|tins?|cans?|of)\s+)*$/iu

/** What was made is spoken of again: "the cream", "this fine flour". [P] */
export const spokenOf = /\b(?:the|this|that|your)\s+(?:(?:thick|solid|smooth|fine|ground|whipped|strained|fresh|\p{L}+ed)\s+)?$/iu

const dough: readonly Kind[] = ['flour', 'gluten-free-flour', 'flour-mix', 'nut-flour', 'nut', 'flakes', 'seed', 'coconut']
/** What holds a baked thing together: a dough, or something baked that is listed. */
const firm: readonly Kind[] = [...dough, 'ready-made', 'starch', 'legume']
/** A sponge, a batter, a brownie may stand on eggs alone. */
const soft: readonly Kind[] = [...firm, 'egg', 'egg-white', 'egg-yolk', 'egg-product']
const foam: readonly Kind[] = ['egg', 'egg-white', 'egg-product', 'legume', 'binder']
const thick: readonly Kind[] = ['egg', 'egg-yolk', 'egg-product', 'starch', 'gel', 'tofu', 'flour', 'gluten-free-flour']
const set: readonly Kind[] = ['egg', 'egg-yolk', 'egg-product', 'starch', 'gel', 'tofu']
const milky: readonly Kind[] = ['milk', 'cream', 'sour-milk', 'condensed-milk', 'plant-drink', 'plant-cream', 'plant-condensed', 'plant-sour', 'tofu']
const spreadable: readonly Kind[] = ['butter', 'hard-fat', 'plant-block', 'plant-spread', 'fresh-cheese', 'plant-cheese', 'cream', 'plant-cream', 'chocolate', 'plant-chocolate']
const nuts: readonly Kind[] = ['nut', 'nut-flour', 'nut-butter', 'seed']
const dark: readonly Kind[] = ['chocolate', 'plant-chocolate', 'cocoa']
const fruits: readonly Kind[] = ['fruit', 'dried-fruit', 'puree', 'jam', 'juice']

const mixed = /\b(?:mix|stir|rub|beat|whisk|knead|fold|combine|blend|blitz|process|pulse|work|bring|cream|make|put|add|sift|melt|press|roll|toss)/iu
const cooked = /\b(?:heat|cook|boil|simmer|thicken|warm|scald|bubble|caramelis|caramelize|melt|microwave)/iu
const frozen = /\b(?:freez|frozen|churn)/iu
const whisked = /\b(?:whisk|whip|beat)/iu
const laminated = /\b(?:fold|turns?|layers?)\b/iu

/** One way in which something that is otherwise bought by its name is made at home. */
export interface HomeMade {
  /** Of each group one kind is listed, and used by then. */
  readonly of: readonly (readonly Kind[])[]
  /** What a step up to there does. */
  readonly by: RegExp
  /** It is baked or fried before anybody crushes it or lines a tin with it. */
  readonly isBaked?: true
  /** What does it where the step itself says what it is for: "for the caramel, melt the sugar". */
  readonly named?: RegExp
  /** It is nothing else than what it always holds: that is listed too. */
  readonly ofItself?: true
}
const baked = { of: [dough], by: mixed, isBaked: true } as const
const eggs: readonly Kind[] = ['egg', 'egg-yolk', 'egg-product']
const custard = { of: [milky, thick], by: cooked } as const
/** Poured raw and set in the oven. */
const bakedCustard = { of: [milky, eggs], by: mixed, ofItself: true } as const
const curd = { of: [[...fruits, 'acid'], set, sweetKinds], by: cooked } as const
const iceCream = { of: [milky, [...sweetKinds, ...fruits]], by: frozen } as const
const caramel = { of: [sweetKinds, [...spreadable, ...milky]], by: cooked } as const
/** "Boil to an amber caramel": sugar alone, and only where it is told to become one. */
const sugarCaramel = {
  of: [sweetKinds],
  named: cooked,
  by: pattern(
    'iu',
    String.raw`\b(?:boil|cook|heat|melt|simmer|bubble|swirl|caramelis|carameliz)\p{L}*\b[^.;]*\b(?:(?:in)?to\s+an?|until\s+(?:(?:it|they|you|the\s+\p{L}+)\s+)?`,
    String.raw`(?:(?:forms?|becomes?|turns?\s+(?:in)?to|reach(?:es)?|have|has|is)(?:\s+an?)?))\s+(?:(?!the\b)[\p{L}-]+\s+){0,3}(?:caramel|$)`,
  ),
} as const

/** Before the name of what a step is for: "for the custard,", "make the curd:". [P] */
export const labelBefore = /(?:^|[.;!?]\s+)\s*(?:(?:first|next|now|meanwhile|then)\s*,?\s+)?(?:for|to\s+make|to\s+prepare|make|prepare)\s+(?:the|your)\s+(?:[\p{L}-]+\s+){0,3}$/iu
export const labelBehind = /^\s*[,:]/u

/** What has no row is never made here: its name is bought, whatever is listed. [P] */
export const homeMade: Readonly<Record<string, readonly HomeMade[]>> = {
  'biscuits': [baked],
  'gf-biscuits': [baked],
  'sandwich-cookies': [baked],
  'waffles-cones': [baked],
  'ladyfingers': [{ ...baked, of: [dough, foam] }],
  'amaretti': [{ ...baked, of: [nuts, foam] }],
  'sponge-bought': [baked],
  'bread': [baked],
  'gf-bread': [baked],
  'pancakes-bought': [baked],
  'cake-mix': [{ of: [dough], by: mixed }],
  'cookie-dough': [{ of: [dough], by: mixed }],
  'shortcrust': [{ of: [dough], by: mixed }],
  'gf-pastry': [{ of: [dough], by: mixed }],
  'puff-pastry': [{ of: [dough, spreadable], by: laminated }],
  'granola': [{ of: [['flakes']], by: /\b(?:toast|bak|roast)/iu }],
  'meringues-bought': [{ of: [foam, sweetKinds], by: whisked, isBaked: true }],
  'ready-custard': [custard, bakedCustard],
  'plant-custard': [custard],
  'lemon-curd': [curd],
  'plant-curd': [curd],
  'ice-cream': [iceCream],
  'plant-ice-cream': [iceCream],
  'sorbet': [{ of: [fruits], by: frozen }],
  'caramel-sauce': [caramel, sugarCaramel],
  'plant-caramel': [caramel, sugarCaramel],
  'praline': [{ of: [nuts, sweetKinds], by: cooked }],
  'marzipan': [{ of: [nuts, sweetKinds], by: mixed, ofItself: true }],
  'chocolate-syrup': [{ of: [dark], by: cooked }],
  'drinking-chocolate': [{ of: [dark], by: cooked }],
  'frosting-bought': [{ of: [sweetKinds, spreadable], by: mixed }],
  'pie-filling': [{ of: [fruits], by: /\b(?:heat|cook|boil|simmer|mix|stir|toss)/iu }],
}

/** Before the name of what is taken out of a packet: "crush the", "line the bowl with the". [P] */
export const asBought = pattern(
  'iu',
  String.raw`\b(?:line|layer|crush|crumble|break|bash|crunch|dip|dunk|soak|arrange|unroll|tear|cube|butter|toast|fry|blitz|pulse|process)(?:s|es|ed|ing)?\b[^.;:!?]*$`,
)
/** It has been in the heat by then. [P] */
export const wasBaked = /\b(?:bak(?:e|es|ed|ing)\b(?!\s+(?:powder|soda|tray|sheet|tin|paper|parchment|dish|beans))|in\s+the\s+oven|fry|fries|fried|griddle|cool)/iu

/** Words for what no packet goes by, and of what it is made: without that listed, "the frosting" is bought. In the singular. [P] */
export const homeWords: Readonly<Record<string, HomeMade['of']>> = {
  frosting: [sweetKinds, spreadable],
  buttercream: [sweetKinds, spreadable],
  icing: [sweetKinds],
  ganache: [dark],
  streusel: [dough],
  crumble: [dough],
  pastry: [dough],
  dough: [dough],
  meringue: [foam],
  custard: [thick],
  caramel: [sweetKinds],
  ...Object.fromEntries(['sponge', 'cake', 'cupcake', 'brownie', 'blondie', 'batter', 'muffin', 'waffle', 'pancake', 'crepe', 'roulade'].map(word => [word, [soft]])),
  ...Object.fromEntries(['cookie', 'scone', 'bun', 'flapjack', 'crumpet', 'tart', 'tartlet', 'pie', 'flan', 'wafer', 'doughnut', 'eclair'].map(word => [word, [firm]])),
}
