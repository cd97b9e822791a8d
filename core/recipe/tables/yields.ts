import { pattern } from '../../measure'

/** How recipes say how many they make or serve. Sources of patterns without flags. [P] */

const sure = String.raw`makes?|serves?|feeds|yields?|quantity|cuts\s+into|divides\s+into|enough\s+for|sufficient\s+for|ergibt|reicht\s+für`
/** Not "pour": "Pour 6 personnes" is known by its people, "Pour 200 ml milk" is none. */
const leads = String.raw`(?:${sure}|servings?|portions?|donne)`
const about = String.raw`(?:about|approx\.?|approximately|around|roughly|up\s+to|etwa|ca\.?|circa|environ|one|a)`
const counted = String.raw`(?:\d|[½¼]|(?:one|two|three|four|five|six|seven|eight|nine|ten|twelve|sixteen|twenty)\b|a\s+dozen\b)`
const range = String.raw`\d{1,3}(?:\s*(?:[-–]|to\b|or\b|bis\b|à)\s*\d{1,3})?`
/** What is handed round: said alone, it can be nothing else. */
const helpings = String.raw`(?:servings?|portions?|people|persons?|guests|helpings|pieces|slices|stücke?|portionen|personen|personnes?|parts)`
/** What is baked by the piece. Alone it may as well be bought. */
const bakes = String.raw`(?:muffins|cookies|biscuits|squares|buns|cupcakes|scones|pancakes|crêpes|waffles|rolls|loaves|bars|brownies|flapjacks|truffles|macaroons|macarons|meringues|éclairs|tartlets|turnovers|doughnuts|fingers|wedges)`

/** Before how many there are: "Makes about", "Serves", "Enough for". */
export const makes = pattern('iu', String.raw`\b${leads}(?![\p{L}])\s*:?\s*${about}?\s*(?=${counted}|a\s|an\s|\p{L}+\s+\d)`)
/** How many of what: "18 to 20 scones", "6 Portionen"; the count is the first group. */
export const afterCount = pattern('iu', String.raw`(?<![\p{L}\d.,/])(${range})\s+(?:${helpings}|${bakes})(?![\p{L}])(?!\s+of\b)`)
/** A line that says nothing else. */
export const yieldAlone = pattern('iu', String.raw`^\(?(?:(?:for|für|pour)\s+)?(?:${about}\s+)?${range}\s+${helpings}\.?\)?$|^\(?(?:${sure})(?![\p{L}])[^\d]{0,14}${counted}.{0,60}$`)
/** "Panna cotta (serves 4)", "Plum cake – serves 8.": how much it makes, behind the title. */
export const yieldBehind = pattern('iu', String.raw`[\s,.;–—-]*\(?\s*(?:\b(?:${sure})(?![\p{L}])[^\d]{0,14}${counted}[^()]{0,24}|\(\s*\d{1,2}\s*)\)?[.!]?$`)
/** Every place that says how many there are, with what follows it: a text may say it twice. */
export const everyCount = pattern('giu', String.raw`\b(?:${sure})\b[^.\n]{0,60}|\b\d{1,3}\s+(?:${helpings}|${bakes})(?![\p{L}])`)
/** One count in such a place: from, to, and of what. */
export const oneCount = pattern('giu', String.raw`(\d{1,3})(?:\s*(?:[-–]|to\b)\s*(\d{1,3}))?\s*(?:large\s+|small\s+|big\s+)?(\p{L}+)?`)
