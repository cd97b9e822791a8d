export { armsFor, armSteps, type Proposal } from './arms'
export { changesOf, differencesOf, heldIn, type Changed, type Difference } from './difference'
export { tooFine } from './fine'
export {
  diagnose,
  symptomsFor,
  symptomsIn,
  symptomsOf,
  type Apart,
  type Cause,
  type DiagnoseOptions,
  type Diagnosis,
  type NextChange,
  type Symptom,
} from './diagnose'
export { factsOf, mainOf, type Facts, type Seen } from './facts'
export { codes, seeded, servingsFor, type Cup, type Serving, type TastingKind } from './blind'
export { pairTest, powerOf, preferenceTest, tastersFor, triangleTest, type CountTest } from './pair'
export { rankTest, type RankTest } from './rank'
export { beforeTest, judgeTasting, oneIn, weightOf, type Judgement } from './judge'
export {
  answered,
  openCodes,
  scoredCup,
  beginTrial,
  changesIn,
  layTasting,
  letterOf,
  lossOfArm,
  lossSeen,
  mostArms,
  noRecord,
  profileOf,
  withMade,
  type Answer,
  type Arm,
  type ArmChanges,
  type ArmRecord,
  type Score,
  type Tasting,
  type Trial,
} from './trial'
export { causeRows } from './tables/causes'
export { linkRows } from './tables/links'
export { lexicon, type LexiconRow } from './tables/lexicon'
export {
  learn,
  learnedDoses,
  learnedRests,
  lessonsFrom,
  sayDose,
  sayRest,
  sayLesson,
  schoolOf,
  turned,
  type LearnedDose,
  type LearnedRest,
  type Lesson,
} from './learn'
export {
  compareVersions,
  judgedIn,
  searchVersions,
  treeOf,
  versionsOf,
  type Comparison,
  type Version,
} from './versions'
