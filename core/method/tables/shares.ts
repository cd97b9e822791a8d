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
/** "Its juice", "half their zest", "the rest of the juice": of a fruit that was named before. [P] */
export const pieceOfIt = /\b(?:half\s+(?:of\s+)?)?(?:its|their|(?:the\s+)?(?:rest\s+of\s+the|remaining|reserved))\s+(?:juice|zest|rind|peel)\b/iu

/** Before a name: "until the sugar has dissolved" takes no sugar, "so that the flour …", "large enough to hold the pears". */
export const inCue = /\b(?:until|till|so\s+that|before|as\s+soon\s+as|enough\s+(?:to|for))\b[^,;:.]*$/iu

/** A share with no name behind it, of what is in the bowl: "use a third to …", "spread half over the cake". [P] */
export const shareOfBowl = pattern(
  'giu',
  String.raw`\b(?:(?:an?|one|two|three)[\s-](?:thirds?|quarters?|half)|half|some|most)`,
  String.raw`(?:\s+of\s+(?:it|this|that|the\s+(?:mixture|mix|batter|dough|icing|cream|filling|frosting|glaze|sauce|custard)))?`,
  String.raw`(?=\s*[,.;]|\s+(?:to|over|on|onto|into|in|between|for|across|around|with|and|at)\b)`,
)

/** Behind a name: what is said to become of it is no order ("the juice will sink in"). [P] */
export const becomesOf = /^\s+(?:will|should|may|might|must|would)\b/iu
