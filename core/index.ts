/** The public face of the core: the only thing that the app, the server and the tests may import. */
export * from './measure'
export { allIngredients, avoidableName, avoidables, builtIn, emptyStock, findMentions, groupsOf, ingredientById, isAvoidable, membersOf, nameIn, pantry, safely, stockPantry, type AvoidableId, type Composition, type Ingredient, type Kind, type OwnName, type OwnSpoon, type Stock } from './pantry'
export { findingRows, linesOf, mentionsInStep, previewOf, readLine, readSteps, sayFacts, unknownsOf, type Component, type Correction, type EditResult, type Finding, type FindingCode, type Line, type LineOptions, type LineResult, type PlacedStep, type Preview, type Reading, type Recipe, type RecipeEdit, type RecipeOptions, type RecipeReading, type Span, type StepTime } from './recipe'
export { beadColours, beadShapes, cautionsFor, checkPeople, claimFor, dietRows, needsOf, packetsToCheck, unknownNeeds, type Avoid, type Bead, type CheckedPacket, type Conflict, type PeopleCheck, type Person, type PersonCheck, type State, type Verdict } from './people'
export { balanceOf, editRecipe, familyOf, familyRows, liftOf, measures, ratiosOf, readRecipe, rereadAll, weightsOf, type Balance, type Bands, type Measure, type Weight } from './formula'
export { adapt, confidenceWords, measureNames, schools, type Adaptation, type Addition, type Change, type ConfidenceWord, type Plan, type PlanPart, type School, type Trim, type Wishes } from './swap'
export { backup, cardOf, type BackupReading, type Bake, type House } from './share'
