export {
  avoidableName,
  avoidables,
  groupsOf,
  isAvoidable,
  membersOf,
  type AvoidableId,
} from './avoidable'
export type { Composition, Functions, Handling, Ingredient, Kind } from './ingredient'
export {
  allIngredients,
  claimsIn,
  findMentions,
  ingredientById,
  inUnit,
  mainMention,
  nameIn,
  nearNames,
  ownSpoon,
  pantryEdition,
  partOfFruit,
  stockPantry,
  type Claim,
  type Mention,
  type Reading,
} from './lookup'
export { kindNames } from './kinds'
export { measured, type Measured } from './measured'
export { descriptors } from './tables/words'
export { pantry } from './pantry'
export { enterPhrase, phrasesIn, phraseTree, type PhraseMatch, type PhraseTree } from './phrases'
export { spoonFrom, type SpoonReading } from './spoon'
export { builtIn, safely } from './built-in'
export { emptyStock, type OwnName, type OwnSpoon, type Stock } from './stock'
export { ownDensity, weigh, type Weighed } from './weigh'
export { remembered } from './remembered'
export { plainWord, wordsOf, type Word } from './words'
