import { pattern } from '../../measure'

/* How recipes say how much of a thing they take. */

/** Before a name: "a spoonful of the", "a little", "some of the". [P] */
export const littleOf = pattern(
  'iu',
  String.raw`\b(?:an?|some|the|more|extra)\s+(?:(?:good|generous|small|little|few|heaped|large)\s+)*`,
  String.raw`(?:spoonfuls?|tablespoonfuls?|teaspoonfuls?|splash|pinch|dash|squeeze|handful|knob|drizzle|`,
  String.raw`drops?|little|bit|touch|dusting|part|few|dollop)(?:\s+(?:more\s+)?of)?\s+`,
  String.raw`(?:(?:the|your|that|this)\s+)?$`,
)
export const nearlyAll = /\b(?:most|almost\s+all|nearly\s+all)\s+(?:of\s+)?(?:the\s+)?$/iu
/** Most of a line. [M] */
export const most = 0.8
/** Before an amount: "the remaining 1/4 cup sugar" is the rest, whatever it comes to. */
export const sayRemaining = /\b(?:remaining|rest\s+of\s+the|reserved|last)\s+$/iu

/** Before a fruit or an egg: "the zest of the", "juice of half the". [P] */
export const ofPiece = pattern(
  'iu',
  String.raw`\b(?:zest|rind|peel|juice|flesh|pulp|seeds?|whites?|yolks?)(?:\s+(?:and|&)\s+\p{L}+)?\s+(?:of|from)\s+`,
  String.raw`(?:both\s+|half\s+|one\s+)?(?:of\s+)?(?:(?:the|an?|one|your)\s+)?$`,
)
/** "Its juice", "half their zest": of a fruit that was named before. [P] */
export const pieceOfIt = /\b(?:half\s+(?:of\s+)?)?(?:its|their)\s+(?:juice|zest|rind|peel)\b/iu

/** Before a name: "until the sugar has dissolved" takes no sugar, "so that the flour …" no flour. */
export const inCue = /\b(?:until|till|so\s+that|before|as\s+soon\s+as)\b[^,;:.]*$/iu
