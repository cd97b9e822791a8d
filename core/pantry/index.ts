export {
  avoidableName,
  avoidables,
  groupsOf,
  isAvoidable,
  membersOf,
  type AvoidableId,
} from './avoidable'
export type { Handling, Ingredient, Kind } from './ingredient'
export {
  allIngredients,
  claimsIn,
  findMentions,
  ingredientById,
  isFruitBefore,
  inUnit,
  mainMention,
  nameIn,
  nearNames,
  pantryEdition,
  partOfFruit,
  stockPantry,
  type Claim,
  type Mention,
} from './lookup'
export { kindNames } from './kinds'
export { measured, type Measured } from './measured'
export { descriptors } from './tables/words'
export { pantry } from './pantry'
export { enterPhrase, phrasesIn, phraseTree, type PhraseTree } from './phrases'
export { spoonFrom, type SpoonReading } from './spoon'
export { builtIn, safely } from './built-in'
export { emptyStock, type OwnSpoon, type Stock } from './stock'
export { weigh, type Weighed } from './weigh'
export { remembered } from './remembered'
export { plainWord, wordsOf, type Word } from './words'
