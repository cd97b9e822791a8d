export {
  finding,
  linesOf,
  type Component,
  type Correction,
  type Finding,
  type FindingCode,
  type Line,
  type LineEvidence,
  type Oven,
  type Pan,
  type Purpose,
  type Reading,
  type Recipe,
  type RecipeEdit,
  type Span,
  type Yield,
} from './recipe'
export { longestLine, readLine, type LineOptions, type LineResult } from './line'
export { longestText, type RecipeOptions, type RecipeReading } from './text'
export { readPage, readRecipe, type PageOptions, type PageReading } from './page'
export { readFile, type FileReading } from './file'
export { editRecipe, rereadAll, unknownsOf, type EditResult } from './correct'
export { previewOf, type Preview } from './preview'
export {
  ownLines,
  readStep,
  readSteps,
  type PlacedStep,
  type Share,
  type StepReading,
  type StepUse,
} from './steps'
export type { StepTime } from './step-times'
export {
  restingsIn,
  restKinds,
  roundResting,
  sayResting,
  withRestings,
  type Resting,
  type RestKind,
} from './restings'
export { servedWarm, type TimeKind } from './tables/step-words'
export { findingRows } from './tables/finding-rows'
export { wholeFindings, type Rule } from './findings'
export { mentionsInStep, type StepMention } from './mentions'
export { notMeant } from './tables/hidden-words'
export { sayFacts } from './facts'
export { scaledText } from './scale'
export { guessRegion } from './region'
export { blocksOf, type Block } from './blocks'
