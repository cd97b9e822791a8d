/* What gathering words take, by the words around them. */

/** "Everything but the jam". [P] */
export const exceptSign = /\b(?:but|except|apart\s+from|bar|other\s+than)\b/iu
/** "The rest", of what was shared out. [P] */
export const restOf = /^(?:(?:the|all)\s+)?(?:rest|remainder|others?|what(?:ever)?(?:\s+is|['’]s)\s+left(?:\s+over)?|what\s+remains)$/iu
/** Only of what was shared out: "the others". [P] */
export const theOthers = /others?$/iu
/** All that there is so far. [P] */
export const soFar = /^(?:everything|all\s+together)$/iu
/** "Everything else", "all but". [P] */
export const goesOn = /^\s*(?:else|but|except|apart)\b/iu
/** What something goes into. [P] */
export const target = /\b(?:into|to|through|over|with|onto|(?:well|hollow|dip)\s+in(?:\s+the\s+(?:middle|centre|center)\s+of)?)\s+(?:all\s+)?$/iu
/** "Into the rest": what is in the bowl. [P] */
export const intoIt = /\b(?:into|to|with|over)\s+$/iu
/** Before what a tin is readied with. [P] */
export const forTins = /(?:^|[.,;:]\s*|\b(?:and|then|lightly|generously|well|to)\s+)(?:dust|flour|greas|oil|butter|brush)\w*\b[^.,;]*$/iu
/** A line that holds more than its batter: "60 g caster sugar, plus 100 g for rolling". [P] */
export const saysMore = /\b(?:plus|and)\s+(?:(?:some|a\s+little|\d[\d.]*\s*\p{L}+)\s+)?(?:more|extra|for)\b/iu
