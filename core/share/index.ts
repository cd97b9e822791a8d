export {
  armBakes,
  bakeOf,
  bakeWith,
  longestSource,
  readingOf,
  shelfRowOf,
  tagsOf,
  type Bake,
  type BakeDay,
  type Baked,
  type House,
  type Label,
  type Photo,
  type Picture,
  type ShelfRow,
} from './bake'
export { bakeFrom1, bakeFrom2, personFrom3 } from './upgrade'
export { cardHtml, cardOf, emergencyText, notCheckedText } from './card'
export { plannedRecipe, recipeOf, sizedBake } from './bake'
export {
  cardFacts,
  codeText,
  needsText,
  restsOnRead,
  type CardFacts,
  type CardHouse,
} from './card-facts'
export { jsonLdOf } from './jsonld'
export type { TrialsReading } from './trial-file'
export type { BackupReading } from './backup'
export type { CsvReading } from './pantry-file'
export type { IngredientForm } from './ingredient-form'

/** The backup file brings a validator with it, so it is loaded only when a file is read or written. */
export const backup = () => import('./backup')
/** So is what writes calendars. */
export const calendar = () => import('./calendar')
/** The pantry's form with its validator, and its table file: loaded when the pantry is opened. */
export const pantryForm = () => import('./ingredient-form')
export const pantryFile = () => import('./pantry-file')
/** Trials as a table and to read; with a parser of tables. */
export const trialFile = () => import('./trial-file')
