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
