export { cuesFor, linerFor, remarksOn, settlesFor, type LinerNote } from './advice'
export { boilingPoint } from './air'
export { tinBatter, type BatterSaid, type TinBatter, type TinPart } from './batter'
export { fillingOf, share, takes, type Filling } from './fill'
export { areaAt, brimful, depthOf, sidesAt, volumeAt, wetted } from './geometry'
export { heat, type Heating } from './heat'
export { usualKitchen, type Kitchen, type OvenNote, type OvenScale, type Pace } from './kitchen'
export { disc, rectangle } from './mesh'
export { offsetOf, otherSettings, ovenOffset, settingOf, type OvenOffset } from './oven'
export {
  acrossOf,
  bakedPiece,
  cutInto,
  gramsFor,
  layTray,
  loadsOf,
  slicesOf,
  squaresOf,
  usualGap,
  type Grid,
  type Layout,
} from './pieces'
export {
  predictBake,
  type BakeKnown,
  type BakeProblem,
  type BakeTime,
  type BakeWanted,
  type Warming,
} from './predict'
export { readTin, tinWordsOf, type TinReading } from './read-tin'
export {
  amountsOf,
  resize,
  scaledRecipe,
  type Resized,
  type SizedAmount,
  type SizeNote,
  type SizeOptions,
} from './resize'
export { ruleMinutes, thickness } from './rule'
export { batterOfFamily, batterRows } from './tables/batters'
export { materialRows } from './tables/materials'
export { tinRows, usualTin } from './tables/tins'
export { countedEggs, factorFor, statedCount, oneTest, type SizeTarget } from './target'
export { tinProblem, type Material, type NamedTin, type Shape, type Tin } from './tin'
export { readFile, readPage, readRecipe, editRecipe, rereadAll } from './reading'
export {
  asWritten,
  sizeUp,
  type SizedCut,
  type SizedPieces,
  type SizedTin,
  type SizedUp,
  type Sizing,
} from './size-up'
export { bakesOf, mainBake, type StatedBake } from './bake-times'
