/** The public face of the core: the only thing that the app, the server and the tests may import. */
export * from './measure'
export { avoidableName, avoidables, findMentions, groupsOf, ingredientById, isAvoidable, membersOf, nameIn, pantry, type AvoidableId, type Composition, type Ingredient, type Kind } from './pantry'
export { editRecipe, linesOf, mentionsInStep, readLine, readRecipe, sayFacts, type Component, type Correction, type EditResult, type Finding, type Line, type LineOptions, type LineResult, type Recipe, type RecipeEdit, type RecipeOptions, type RecipeReading } from './recipe'
export { beadColours, beadShapes, cautionsFor, checkPeople, claimFor, dietRows, needsOf, packetsToCheck, unknownNeeds, type Avoid, type Bead, type CheckedPacket, type Conflict, type PeopleCheck, type Person, type PersonCheck, type State, type Verdict } from './people'
export { balanceOf, familyOf, familyRows, liftOf, measures, ratiosOf, weightsOf, type Balance, type Bands, type Measure, type Weight } from './formula'
export { adapt, confidenceWords, measureNames, schools, type Adaptation, type Addition, type Change, type ConfidenceWord, type Plan, type PlanPart, type School, type Trim, type Wishes } from './swap'
export { backup, cardOf, type BackupReading, type Bake, type House } from './share'
