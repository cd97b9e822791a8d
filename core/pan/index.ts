/** Tins, portions, and how long it bakes in this oven. */

/* Recipes read with everything that proportions and tins tell. */
export { readRecipe } from './reading'
export { readPage } from './reading'
export { readFile } from './reading'
export { editRecipe } from './reading'
export { rereadAll } from './reading'

/* All that a change of size does. */
export { sizeUp } from './size-up'
export { asWritten } from './size-up'
export { resize } from './resize'
export { amountsOf } from './resize'
export { factorFor } from './target'
export { oneTest } from './target'
export type { SizeTarget } from './target'
export type { SizedCut } from './sized'
export type { SizedPieces } from './sized'
export type { SizedTin } from './sized'
export type { SizedUp } from './sized'
export type { Sizing } from './sized'

/* How long it bakes. */
export { predictBake } from './predict'
export { bakesOf } from './bake-times'
export type { StatedBake } from './bake-times'
export { mainBake } from './bake-times'
export { ruleMinutes } from './rule'
export { thickness } from './rule'
export { rectangle } from './mesh'
export { heat } from './heat'
export type { BakeKnown } from './question'
export type { BakeTime } from './predict'

/* Tins. */
export { tinProblem } from './tin'
export { tinRows } from './tables/tins'
export { tinWordsOf } from './read-tin'
export { usualTin } from './tables/tins'
export { materialRows } from './tables/materials'
export { areaAt } from './geometry'
export { brimful } from './geometry'
export { depthOf } from './geometry'
export { sidesAt } from './geometry'
export { wetted } from './geometry'
export type { Material } from './tin'
export type { NamedTin } from './tin'
export type { Shape } from './tin'
export type { Tin } from './tin'

/* Batters in a tin. */
export { tinBatter } from './batter'
export { batterOfFamily } from './tables/batters'
export { batterRows } from './tables/batters'
export type { Filling } from './fill'

/* This kitchen and its oven. */
export { usualKitchen } from './kitchen'
export { ovenOffset } from './oven'
export { knownOffset } from './oven'
export { settingOf } from './oven'
export type { Kitchen } from './kitchen'
export type { Pace } from './kitchen'

/* How much their forms take. */
export { panLimits } from './limits'
export type { BatterSaid } from './batter'
export type { OvenNote } from './kitchen'
