import { pattern } from '../../measure'

/** Who, or what way of eating, a condition speaks of. The source of a pattern without flags. [P] */
const eater = [
  String.raw`(?:vegans?|vegetarians?|(?:dairy|egg|gluten|wheat|nut|soya?|lactose|milk)[\s-]*(?:free|intolerant)|`,
  String.raw`plant[\s-]*based|co?eliacs?|eggless|(?:eats?|eating|avoids?|avoiding)\s+(?:dairy|eggs?|gluten|nuts?|soya?|milk)|non[\s-]*dairy|(?:\p{L}+\s+)?allerg\w+)`,
].join('')

/** "if vegan", "for a dairy-free version", "to make it gluten-free": when a choice is meant. [P] */
export const forWhom = pattern(
  'giu',
  String.raw`\b(?:if|for|when|unless|to\s+(?:make|keep)\s+(?:it|this|them))\s+(?:(?:not|non|you(?:['’]?re|\s+are|\s+want|\s+need)?|`,
  String.raw`it(?:['’]s|\s+is)?|making|baking|cooking|an?|the|this|it|any(?:one|body)(?:\s+is)?|some(?:one|body)(?:\s+is)?|`,
  String.raw`they\s+are|serving|to\s+be|strictly|any|our|your|my)\s+)*${eater}(?:\s+(?:and|or)\s+${eater})*`,
  String.raw`(?:\s+(?:version|option|one|guests?|people|friends|bakes?|baking|diets?|eaters|alternative|cakes?))*`,
)

/** "if needed", "if you like", "or not": a choice without a reason. [P] */
export const whenever = pattern(
  'giu',
  String.raw`\b(?:(?:if|as|where|when)\s+(?:needed|necessary|required|preferred|desired|possible|liked|wanted|`,
  String.raw`you\s+(?:prefer|like|want|wish|must|can|need(?:\s+to|\s+it)?|have\s+(?:it|them|any|some)))|or\s+not|optional(?:ly)?)\b`,
)

/** Between choices. [P] */
export const orWords = pattern(
  'giu',
  String.raw`[\s,;–—-]*\b(?:and\s*\/\s*or|(?:or|oder|ou)(?:\s+else)?(?:\s+(?:use|try|sub(?:stitute)?))?|alternatively(?:,?\s+use)?|`,
  String.raw`otherwise(?:,?\s+use)?|instead\s+of|in\s+place\s+of)\b[\s,]+`,
)
export const slashBetween = /(?<=[\p{L}%)*])\s*\/\s*(?=[\p{L}\d])/gu
/** ", use oil", "(sub oil", "- swap for oil": what follows stands in place of what is before. [P] */
export const useWords = pattern(
  'giu',
  String.raw`\s*(?:[,;(–—:]|\s-\s)[\s,]*(?:(?:or|and)\s+)?(?:use|sub(?:stitute)?(?:d)?(?:\s+(?:with|in))?|`,
  String.raw`swap(?:ped)?(?:\s+(?:it|out))?(?:\s+(?:for|with))?|replaced?(?:\s+it)?\s+(?:with|by)|try)\s+`,
)
/** What opens a bracket that offers something in place of what stands before it. [P] */
export const offers = pattern(
  'iu',
  String.raw`^(?:(?:for\s+)?${eater}\s*:\s*(?:use\s+)?(?=\p{L}|\d)|and\s*\/\s*or|or(?:\s+else)?(?:\s+(?:use|try))?|alternatively(?:,?\s+use)?|otherwise|use|`,
  String.raw`sub(?:stitute)?(?:\s+(?:with|in))?|omit\s+(?:it\s+)?and\s+use|swap(?:\s+(?:it|out))?(?:\s+(?:for|with))?|replace(?:\s+it)?\s+(?:with|by)|try|instead\s+of)\b[\s,:]*`,
)

/** Nouns that stand for the noun of another choice: "a dairy-free alternative". [P] */
export const placeholders = /\s*\b(?:alternative|substitute|equivalent|replacement|version|option|one|kind|variety|type)s?$/iu

/** What follows is an example, not a choice. [P] */
export const examples = /\b(?:such\s+as|for\s+(?:example|instance)|like(?=\s+\p{L}+(?:,|\s+or\b|\)|$)))\b|\be\.?g\.?(?![\p{L}])/iu

/** Words that leave the kind to whoever bakes. [P] */
export const openKind = pattern(
  'giu',
  String.raw`\b(?:of\s+(?:your\s+|my\s+|the\s+baker['’]?s\s+)?(?:own\s+)?(?:choice|choosing|liking)|(?:your|my|a)\s+favou?rites?|`,
  String.raw`your\s+(?:own\s+)?(?:choice|preferred|usual)(?:\s+of)?|any(?:\s+(?:kind|type|sort|other))?(?:\s+of)?(?=\s+\p{L}|\s*[),]|$)|some\s+(?:kind|type|sort)\s+of|favou?rites?|`,
  String.raw`preferred|(?:that\s+|which\s+)?you\s+(?:like|prefer|have|fancy)(?:\s+(?:best|most|to\s+hand|in))?|`,
  String.raw`which(?:ever)?\s+(?:one\s+)?(?:you|kind)(?:\s+\p{L}+)?|whatever(?:\s+you\s+\p{L}+)?|such\s+as|like\s+(?=\p{L}+\s+or\b)|e\.?g\.?|`,
  String.raw`for\s+(?:example|instance)|other(?=\s+\p{L}))(?![\p{L}])`,
)

/** A line without any of these offers nothing: most lines are not looked at further. [P] */
export const mayOffer = /\b(?:or|oder|ou)\b|\/|\b(?:use|sub|swap|substitute|replaced?|alternatively|otherwise|instead|if|for|vegans?|to\s+(?:make|keep)|optional)\b/iu
