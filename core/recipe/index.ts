export {
  finding,
  linesOf,
  type Component,
  type Correction,
  type Finding,
  type LeftOver,
  type FindingCode,
  type Line,
  type Purpose,
  type Reading,
  type Recipe,
  type RecipeEdit,
  type Span,
} from './recipe'
export { readLine, type LineOptions, type LineResult } from './line/line'
export { type RecipeOptions, type RecipeReading } from './text'
export { readPage, readRecipe, type PageOptions, type PageReading } from './source/page'
export { readFile, type FileReading } from './source/file'
export { editRecipe, rereadAll, unknownsOf, type EditResult } from './correct'
export { previewOf, type Preview } from './preview'
export { ownLines, readSteps, type PlacedStep, type StepUse } from './things/steps'
export type { StepTime } from './facts/step-times'
export {
  restingsIn,
  roundResting,
  sayResting,
  withRestings,
  type Resting,
  type RestKind,
} from './facts/restings'
export { servedWarm, type TimeKind } from './tables/step-words'
export { findingRows } from './tables/finding-rows'
export { type Rule } from './findings'
export { ingredientOf, namedByLine, thingsOf, type Thing } from './things/things'
export { accounted, placesOf } from './accounted'
export { mentionsInStep } from './things/mentions'
export { notMeant } from './tables/hidden-words'
export { vesselsIn } from './facts/vessels'
export { sayFacts } from './facts/facts'
export { scaledReads, scaledText } from './line/scale'
export { guessRegion } from './region'
export { blocksOf } from './blocks'
