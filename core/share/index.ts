/** A bake as it is kept, and everything it is written out as. */

/* A bake and the house that holds it. */
export { bakeOf } from './bake'
export { bakeWith } from './bake'
export { mergeBake } from './merge'
export { isSame as isSameBake } from './three-way'
export { trialBakes } from './bake'
export { readingOf } from './bake'
export { recipeOf } from './bake'
export { plannedRecipe } from './bake'
export { sizedBake } from './bake'
export { shelfRowOf } from './bake'
export { tagsOf } from './bake'
export { dayBakesOf } from './many'
export { familiesOf } from './many'
export { recheckBakes } from './many'
export { sizedOnce } from './many'
export type { Bake } from './bake'
export type { BakeDay } from './bake'
export type { Baked } from './bake'
export type { House } from './bake'
export type { Label } from './bake'
export type { Photo } from './bake'
export type { Picture } from './bake'
export type { ShelfRow } from './bake'

/* What was taken off, until it is brought back or its time is over. */
export { broughtBack } from './put-aside'
export { emptyHouse } from './put-aside'
export { isEmptyHouse } from './put-aside'
export { keptUntil } from './put-aside'
export { openedWith } from './put-aside'
export { overdue } from './put-aside'
export type { PutAside } from './put-aside'
export type { PutAsideWhole } from './put-aside'

/* Rows that cannot be read any more. */
export const unreadableRows = () => import('./unreadable')

/* Two houses brought together. */
export const twoHouses = () => import('./two-houses')
export type { Counts } from './two-houses'
export type { Met } from './two-houses'

/* Records of older versions. */
export { bakeFrom1 } from './upgrade'
export { bakeFrom2 } from './upgrade'
export { personFrom3 } from './upgrade'

/* The card and its forms. */
export { cardFacts } from './card-facts'
export { cardHtml } from './card'
export { cardOf } from './card'
export { codeText } from './card-facts'
export { emergencyText } from './card'
export { needsText } from './card-facts'
export { notCheckedText } from './card'
export { restsOnRead } from './card-facts'
export { jsonLdOf } from './jsonld'
export type { CardFacts } from './card-facts'
export type { CardHouse } from './card-facts'

/* Files, each loaded when it is needed: the house, calendars, the pantry’s form and table, trials. */
export const backup = () => import('./backup')
export const kept = () => import('./kept/bake')
export type { SetAside } from './backup'
export type { KeptKind } from './kept/bake'
/**
 * Writes a planned day as a calendar file.
 *
 * @example
 * typeof (await calendar()).calendarOf // "function"
 */
export const calendar = () => import('./calendar')
export const pantryForm = () => import('./ingredient-form')
export const pantryFile = () => import('./pantry-file')
export const trialFile = () => import('./trial-file')
export type { IngredientForm } from './ingredient-form'
export { bakeLimits } from './limits'
