import { pattern } from '../pattern'

/** How recipes name an oven's heat. [U] gas marks; [P] the rest. */

/** An oven in a word, °C; of two words the longer counts. [P] */
export const heatNames: readonly { readonly words: RegExp; readonly celsius: number }[] = [
  { words: /\bvery\s+(?:slow|cool|low)\s+(?:oven|heat)\b/iu, celsius: 120 },
  { words: /\b(?:slow|cool|low)\s+oven\b/iu, celsius: 150 },
  { words: /\bmoderately\s+hot\s+(?:oven|heat)\b|\bfairly\s+hot\s+oven\b/iu, celsius: 190 },
  { words: /\bmoderate(?:\s+(?:oven|heat))?\b(?=\s*(?:oven|heat|[(.,;]|$))/iu, celsius: 180 },
  { words: /\bvery\s+hot\s+oven\b/iu, celsius: 240 },
  { words: /\bhot\s+oven\b/iu, celsius: 220 },
]
/** A fan setting. The source of a pattern without flags. [P] */
export const fanWord = String.raw`(?:fan|convection|umluft|hei(?:ß|ss)luft|chaleur\s+tournante)(?:[\s-]*(?:assisted|forced|oven|bake|setting|mode))*`
/** What stands before a gas mark. [P] */
export const gasWord = String.raw`(?:gas(?:\s*mark)?|mark|regulo|reg\.)`
/** What the dial of a French oven counts in thirties of degrees. [P] */
export const thermostatWord = String.raw`(?:th(?:ermostat)?\.?)`
/** A figure that is a size, a weight or a time, whatever stands before it. The source of a pattern without flags. [P] */
export const otherFigure = String.raw`(?:cm|mm|m?l|g|kg|oz|lb|in\b|inch|"|”|''|x\b|×|%|min|hour|hr|h\b|sec|people|pieces|portions|cups?|tbsp|tsp|holes?)`

/** Sugar that boils to 140 °C, chocolate that is tempered at 31 °C, milk at 40 °C: no oven. [P] */
export const inPan = pattern(
  'iu',
  String.raw`\b(?:boil\w*|simmer\w*|thermometer|temper\w*|syrup|caramel|warm(?:ed)?\s+to|`,
  String.raw`cool(?:ed|s)?\s+to|reach\w*|soft[\s-]ball|hard[\s-]crack|lukewarm|yeast|fry|`,
  String.raw`frying|deep-fry)\b`,
)
/** The oven by its own words. [P] */
export const ofOven = /\b(?:oven|bak(?:e|es|ed|ing)|pre-?heat\w*|roast\w*|gas|fan)\b/iu
/** A heat is spoken of, and a figure stands behind it in the sentence. [P] */
export const asked = /\b(?:oven|bak(?:e|ing)|heat|preheat|pre-heat|temperature|four|backofen)\b[^.]{0,60}$/iu
