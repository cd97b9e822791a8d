/** What a recipe is, and how a text becomes one. */

/* What a recipe is made of. */
export type { Recipe } from './recipe'
export type { Component } from './recipe'
export type { Line } from './recipe'
export type { Purpose } from './recipe'
export type { Span } from './recipe'
export type { LeftOver } from './recipe'
export { linesOf } from './recipe'

/* Reading a text, a page or a single line. */
export { readRecipe } from './source/page'
export { readPage } from './source/page'
export { readFile } from './source/file'
export { readLine } from './line/line'
export { guessRegion } from './region'
export { blocksOf } from './blocks'
export type { Reading } from './recipe'
export type { RecipeReading } from './text'
export type { PageReading } from './source/page'
export type { FileReading } from './source/file'
export type { RecipeOptions } from './text'
export type { PageOptions } from './source/page'

/* What is found while reading, and the edits that put it right. */
export { finding } from './recipe'
export { readStepTimes } from './facts/step-times'
export { durationsIn } from './facts/step-times'
export { findingRows } from './tables/finding-rows'
export type { Finding } from './recipe'
export type { FindingCode } from './recipe'
export type { Rule } from './findings'
export type { Correction } from './recipe'
export type { RecipeEdit } from './recipe'
export type { EditResult } from './correct'
export { editRecipe } from './correct'
export { rereadAll } from './correct'
export { unknownNames } from './unknown-names'
export type { UnknownName } from './unknown-names'
export { previewOf } from './preview'
export type { Preview } from './preview'

/* Everything to eat that a recipe names, and where every letter went. */
export { thingsOf } from './things/things'
export { ingredientOf } from './things/things'
export { namedByLine } from './things/things'
export type { Thing } from './things/things'
export { accounted } from './accounted'

/* What a step uses, and for how long. */
export { readSteps } from './things/steps'
export { ownLines, partBySentence } from './things/steps'
export { partOpenedBy } from './layout/gather'
export { bareName } from './layout/gather'
export { mentionsInStep } from './things/mentions'
export { notEnds, notMeant } from './tables/hidden-words'
export type { PlacedStep } from './things/steps'
export type { StepUse } from './things/steps'
export type { TimeKind } from './tables/step-words'

/* What the text says of yield, oven, vessels and rests. */
export { sayFacts } from './facts/facts'
export { vesselsIn } from './facts/vessels'
export { restTimesIn } from './facts/restings'
export { roundRestTime } from './facts/restings'
export { sayRestTime } from './facts/restings'
export { withRestTimes } from './facts/restings'
export { gatherings } from './tables/step-words'
export type { RestTime } from './facts/restings'
export type { RestKind } from './facts/restings'

/* A line’s words at another amount. */
export { scaledText } from './line/scale'
export { scaledReads } from './line/scale'
export { asSentence } from './things/sentence'
export { capital } from './things/sentence'
export { headJoint, tailJoint } from './tables/joints'
export { verbWords } from './tables/verb-words'
