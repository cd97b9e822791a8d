import { pattern } from '../../measure'

/** Words of a page that say nothing of the dessert: they are passed over, and nothing to eat may stand beside them. [P] */
export const furniture: readonly RegExp[] = [
  /^(?:skip\s+to\s+(?:content|main)|jump\s+to\s+(?:the\s+)?recipe|back\s+to\s+top|print(?:\s+(?:this|recipe|page))*|save(?:\s+(?:this|recipe))*|share(?:\s+(?:this|recipe|on\b.*))*|pin(?:\s+(?:it|this|recipe))*|rate\s+(?:this|recipe).*|leave\s+a\s+(?:comment|reply)|log\s?in|sign\s?(?:in|up)|subscribe.*|newsletter|menu|search|home|about(?:\s+us)?|contact(?:\s+us)?|comments?(?:\s*\(\d+\))?|reviews?(?:\s*\(\d+\))?|read\s+more|show\s+more|view\s+all|advertisement|cookie\s+policy|privacy(?:\s+policy)?|terms.*|next|previous|close|copy(?:\s+(?:link|ingredients))?|us\s+customary|metric\s*[|/]\s*us|cook\s+mode.*|prevent\s+your\s+screen.*|ingredients?\s+checklist|nutrition(?:\s+facts)?|photo(?:graph)?s?(?:\s*:.*|\s+by\b.*)?|image.*)[.!:]?$/iu,
  /^(?:\d(?:\/\d)?\s*x\s*)+$/iu,
  /^(?:#[\p{L}\p{N}_]+\s*)+$/u,
  /^(?:page\s+)?\d{1,3}(?:\s*(?:of|\/)\s*\d{1,3})?$/iu,
  /^https?:\S+$/iu,
  /^(?:amounts?|quantit(?:y|ies)|qty|ingredients?|items?|units?|names?|measures?)(?:\s+(?:amounts?|quantit(?:y|ies)|qty|ingredients?|items?|units?|names?|measures?))+$/iu,
  /^(?:\p{L}+,?\s+)?\d{1,2}(?:st|nd|rd|th)?[\s./-]+(?:\p{L}{3,9}|\d{1,2})[\s./,-]+\d{2,4}(?:[,\s]+\d{1,2}:\d{2}.*)?$/iu,
  /^[\s\p{P}\p{S}]*$/u,
]

/** Headings of the same list in other measures; the first that a house can weigh is used. [P] */
export const unitLists: readonly { readonly sign: RegExp; readonly weighs: boolean }[] = [
  { sign: /^(?:metric(?:\s+(?:measures?|units?|version))?|grams?|weights?|uk|europe(?:an)?|by\s+weight)\s*:?$/iu, weighs: true },
  { sign: /^(?:us(?:\s+(?:customary|measures?|units?|version|cups?))?|u\.s\.|american|imperial(?:\s+measures?)?|cups?(?:\s+and\s+spoons)?|volume|by\s+volume)\s*:?$/iu, weighs: false },
]

/** Told in the past or about other things: what stands before a list and is nobody's step. [P] */
export const prose = pattern(
  'iu',
  String.raw`\b(?:was|were|had|has\s+been|brought|came|used\s+to|remember|loved?|adore|family|grandm\w+|granny|neighbour|neighbor|`,
  String.raw`friends?|last\s+(?:week|year|summer|night)|years?\s+ago|always|never|perfect|delicious|favou?rite|keeps?\s+well|is\s+a\b|are\s+a\b|this\s+(?:is|recipe|cake)|these\s+are|i\s+(?:have|am|use|make|like|think)|we\s+(?:have|are|make|like))\b`,
)

/** What opens or joins a list that is told in a sentence. [P] */
export const listWords = /^[\s\p{P}]*(?:(?:you(?:['’]ll|\s+will)?\s+need|what\s+you\s+need|take|ingredients?|use|for\s+this|with|and|plus|then|of|the|a|an|some|from|for)[\s\p{P}]*)+$/iu
