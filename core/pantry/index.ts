/** The ingredients: what they are called, hold, weigh and do. */

/* What somebody can avoid, as a tree with groups. */
export { avoidableName } from './avoidable'
export { avoidables } from './avoidable'
export { groupsOf } from './avoidable'
export { isAvoidable } from './avoidable'
export { membersOf } from './avoidable'
export type { AvoidableId } from './avoidable'

/* The rows: built in, the house’s own, and all together. */
export { pantry } from './pantry'
export { builtIn } from './built-in'
export { allIngredients } from './lookup'
export { ingredientById } from './lookup'
export { stockPantry } from './lookup'
export { emptyStock } from './stock'
export { pantryEdition } from './lookup'
export type { Stock } from './stock'
export type { Ingredient } from './ingredient'
export type { Kind } from './ingredient'
export type { Handling } from './ingredient'
export { kindNames } from './kinds'
export { flourKinds } from './kinds'
export { grainKinds } from './kinds'
export { fatKinds } from './kinds'
export { plainSugarKinds } from './kinds'
export { sweetKinds } from './kinds'
export { freshEggKinds } from './kinds'

/* Which ingredients a text names, with the claims beside them. */
export { findMentions } from './lookup'
export { mainMention } from './lookup'
export { claimsIn } from './lookup'
export { nameIn } from './lookup'
export { namesIn } from './names'
export { nameOf } from './names'
export { namedAlone } from './names'
export { nearNames } from './lookup'
export { isFruitBefore } from './lookup'
export { partOfFruit } from './lookup'
export { inUnit } from './lookup'
export { descriptors } from './tables/words'
export type { ClaimWords } from './lookup'
export type { Mention } from './lookup'

/* Words and phrases: cut, compared, looked up by the longest match. */
export { plainWord } from './words'
export { wordsOf } from './words'
export type { Word } from './words'
export { phraseTree } from './phrases'
export { enterPhrase } from './phrases'
export { phrasesIn } from './phrases'
export type { PhraseTree } from './phrases'
export { sodaStrength } from './tables/leaven-flavour'

/* What a volume or a piece of it weighs, and the house’s own spoons. */
export { weigh } from './weigh'
export type { Weighed } from './weigh'
export { measured } from './measured'
export type { Measured } from './measured'
export { spoonFrom } from './spoon'
export type { SpoonReading } from './spoon'
export { plantFats } from './plant-fat'
export { withFat } from './plant-fat'

/* Work that is done once for each text. */
export { remembered } from './remembered'
export { rememberedOf } from './remembered'

/* For its schema. */
export type { Composition } from './ingredient'
export type { Functions } from './ingredient'
export type { OwnSpoon } from './stock'
