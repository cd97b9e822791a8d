/**
 * The acceptance face: the names by which the core is judged from outside. The application itself
 * imports from the face of a stage, as in `#core/pan`.
 */

/* Reading. */
export { readRecipe } from './pan'
export { readPage } from './pan'
export { readLine } from './recipe'
export { linesOf } from './recipe'
export type { Line } from './recipe'
export type { Recipe } from './recipe'
export { readPacket } from './packet'
export { newPacket } from './packet'
export { noWords } from './packet'

/* People. */
export { checkPeople } from './people'
export { whoMayEat } from './people'
export type { Person } from './people'
export { groupsOf } from './pantry'
export { membersOf } from './pantry'

/* Versions. */
export { adapt } from './swap'
export type { Plan } from './swap'
export type { Wishes } from './swap'

/* Sizes and bake times. */
export { asWritten } from './pan'
export { predictBake } from './pan'
export { resize } from './pan'
export { sizeUp } from './pan'
export { usualKitchen } from './pan'
export type { Region } from './measure'

/* The day and the making. */
export { planDay } from './day'
export { replan } from './day'
export { beginMaking } from './make'
export { cardsOf } from './make'
export { takeBack } from './make'
export { tell } from './make'

/* Trials. */
export { armsFor } from './trial'
export { diagnose } from './trial'
export { judgeTasting } from './trial'
export { lessonsFrom } from './trial'
export { symptomsIn } from './trial'
export { triangleTest } from './trial'

/* Written out. */
export { calendar } from './share'
