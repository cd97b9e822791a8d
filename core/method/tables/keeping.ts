import { pattern } from '../../measure'

/** What a duration in a sentence about keeping is of: the nearest word before it counts, else the first behind it. [P] */
export const keepingWords: Readonly<Record<'kept' | 'frozen' | 'ahead', RegExp>> = {
  kept: /\b(?:keeps?|kept|keeping|stores?|stored|storing|stays?|lasts?|good|fresh|best|eat(?:en)?|enjoy(?:ed)?|use|fridge|refrigerat\w*|airtight|tin|leftovers?)\b/giu,
  frozen: /\b(?:freez\w*|frozen)\b/giu,
  ahead: /\b(?:ahead|in\s+advance|beforehand|before\s+(?:serving|you\s+(?:need|serve|want)|the\s+party))\b/giu,
}

/** A sentence that is about keeping and nothing else. [P] */
export const keepingSign = pattern(
  'iu',
  String.raw`\b(?:keeps?|stores?|stored|storage|freez(?:e|es|ing)|frozen|stays?\s+(?:fresh|good|moist|crisp)|lasts?|made\s+ahead|ahead|in\s+advance|`,
  String.raw`leftovers?|airtight|(?:best|eat(?:en)?|enjoy(?:ed)?|use[d]?)\s+(?:\p{L}+\s+)?within|kept)\b`,
)

/** It is none of the whole dessert that is spoken of. [P] */
export const ofAPart = pattern(
  'iu',
  String.raw`\b(?:dough|batter|pastry|icing|frosting|buttercream|glaze|sauce|syrup|filling|curd|custard|ganache|crumble\s+(?:topping|mix\w*)|topping|caramel|cream|`,
  String.raw`unbaked|uncooked|whites?|yolks?|stock|starter|mixture|mix|crumbs?|base|case|shells?)\b`,
)

/** "Does not freeze", "not suitable for freezing". [P] */
export const neverFrozen = /(?:\b(?:not|cannot|never)|n[’']t)\s+(?:be\s+|\p{L}+\s+){0,2}(?:suitable\s+for\s+freezing|freez\w*|frozen)\b/iu

/** An order that only allows: it may stay so long, and need not. [P] */
export const mayStay = /\b(?:up\s+to|as\s+long\s+as|at\s+most|no\s+(?:longer|more)\s+than|(?:days?|weeks?|months?)\s+(?:ahead|in\s+advance)|within)\b[^.;]*|\bairtight\b/iu
/** It has to: "keep for three days before you cut it". [P] */
export const mustStay = /\b(?:before|at\s+least|minimum)\b/iu
