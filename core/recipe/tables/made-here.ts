import { pattern } from '../../measure'
import type { Kind } from '../../pantry'

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

const dough: readonly Kind[] = ['flour', 'gluten-free-flour', 'flour-mix', 'nut-flour', 'nut', 'flakes', 'starch', 'seed', 'legume', 'coconut']
const foam: readonly Kind[] = ['egg', 'egg-white', 'egg-product', 'legume', 'binder']
const thick: readonly Kind[] = ['egg', 'egg-yolk', 'egg-product', 'starch', 'flour', 'gluten-free-flour', 'gel', 'tofu']
const frozen: readonly Kind[] = ['milk', 'cream', 'condensed-milk', 'plant-drink', 'plant-cream', 'plant-condensed', 'fruit', 'puree', 'juice', 'sour-milk', 'plant-sour', 'tofu', 'nut']
const sweet: readonly Kind[] = ['sugar', 'syrup', 'honey']
const nuts: readonly Kind[] = ['nut', 'nut-flour', 'nut-butter', 'seed']
const dark: readonly Kind[] = ['chocolate', 'plant-chocolate', 'cocoa']
const fruits: readonly Kind[] = ['fruit', 'dried-fruit', 'puree', 'jam', 'juice']

/**
 * What can be made at home of what is otherwise bought by the name, and of which kinds: one of them is
 * listed, and used by then, where the name means what is made. What has no row is never made here. [P]
 */
export const readyMadeOf: Readonly<Record<string, readonly Kind[]>> = {
  'biscuits': dough,
  'ladyfingers': dough,
  'amaretti': [...dough, ...foam],
  'puff-pastry': dough,
  'bread': dough,
  'cake-mix': dough,
  'gf-biscuits': dough,
  'gf-pastry': dough,
  'gf-bread': dough,
  'waffles-cones': dough,
  'sandwich-cookies': dough,
  'sponge-bought': dough,
  'cookie-dough': dough,
  'shortcrust': dough,
  'pancakes-bought': dough,
  'granola': ['flakes'],
  'meringues-bought': foam,
  'ready-custard': thick,
  'plant-custard': thick,
  'lemon-curd': thick,
  'plant-curd': thick,
  'instant-pudding': thick,
  'ice-cream': frozen,
  'plant-ice-cream': frozen,
  'sorbet': frozen,
  'caramel-sauce': sweet,
  'plant-caramel': sweet,
  'praline': nuts,
  'marzipan': nuts,
  'hazelnut-spread': nuts,
  'chocolate-syrup': dark,
  'drinking-chocolate': dark,
  'frosting-bought': [...sweet, ...dark],
  'pie-filling': fruits,
}
