/* What gathering words take, by the words around them. */

/** "Everything but the jam". [P] */
export const exceptSign = /\b(?:but|except|apart\s+from|bar|other\s+than)\b/iu
/** "The rest", of what was shared out. [P] */
export const restOf = /^(?:(?:the|all)\s+)?(?:rest|remainder|others?|what(?:ever)?(?:\s+is|['’]s)\s+left(?:\s+over)?|what\s+remains)$/iu
/** All that there is so far. [P] */
export const soFar = /^(?:everything|all\s+together)$/iu
/** "Everything else", "all but". [P] */
export const goesOn = /^\s*(?:else|but|except|apart)\b/iu
/** What something goes into. [P] */
export const target = /\b(?:into|to|through|over|with|onto)\s+(?:all\s+)?$/iu
/** "Into the rest": what is in the bowl. [P] */
export const intoIt = /\b(?:into|to|with|over)\s+$/iu
/** Before what a tin is readied with. [P] */
export const forTins = /\b(?:dust|flour|greas|oil|butter|brush)\w*\b[^.,;]*$/iu
