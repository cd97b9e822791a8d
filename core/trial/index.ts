/** Comparing versions, finding what went wrong, and what a house learns from both. */

/* Versions that differ in one thing. */
export { armsFor } from './arms'
export { armSteps } from './arms'
export { differencesOf } from './difference'
export { tooFine } from './fine'
export type { Proposal } from './arms'

/* A trial and what is written down in it. */
export { beginTrial } from './trial'
export { answered } from './trial'
export { changesIn } from './trial'
export { layTasting } from './trial'
export { letterOf } from './trial'
export { bakeLossOfArm } from './trial'
export { bakeLossSeen } from './trial'
export { mostArms } from './trial'
export { noRecord } from './trial'
export { openCodes } from './trial'
export { profileOf } from './trial'
export { scoredCup } from './trial'
export { withMade } from './trial'
export type { Arm } from './trial'
export type { ArmRecord } from './trial'
export type { Score } from './trial'
export type { Tasting } from './trial'
export type { Serving } from './blind'
export type { Trial } from './trial'
export { trialView } from './view'

/* Tastings: order, and what their numbers say. */
export { seeded } from './blind'
export { triangleTest } from './pair'
export { rankTest } from './rank'
export { beforeTest } from './judge'
export { judgeTasting } from './judge'
export { lexicon } from './tables/lexicon'
export type { TastingKind } from './blind'

/* What went wrong, and what to change next. */
export { diagnose } from './diagnose'
export { symptomsFor } from './symptoms'
export { symptomsIn } from './symptoms'
export { symptomsOf } from './symptoms'
export { mainOf } from './facts'
export { causeRows } from './tables/causes'
export { linkRows } from './tables/links'
export type { DiagnoseOptions } from './diagnose'
export type { Diagnosis } from './diagnose'
export type { Symptom } from './symptoms'

/* What the house has learned. */
export { learn } from './learn'
export { learnedDoses } from './knowledge'
export { lessonsFrom } from './learn'
export { turned } from './learn'
export type { Lesson } from './learn'
export { learnedIn } from './view'
export { lessonsWith } from './view'
export { knownBy } from './known-by'
export type { HouseKnows } from './known-by'

/* The tree of versions. */
export { compareVersions } from './versions'
export { judgedIn } from './versions'
export { searchVersions } from './versions'
export { treeOf } from './versions'
export { versionsOf } from './versions'
export type { Comparison } from './versions'
export type { Version } from './versions'
export { planOfVersion } from './version-plan'

/* How much their forms take. */
export { trialLimits } from './limits'
