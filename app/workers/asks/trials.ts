import { packetsFor, type PacketLink, type Person } from '#core/people'
import { knownOffset, type Kitchen } from '#core/pan'
import type { Recipe } from '#core/recipe'
import { sizedOnce, trialBakes, type Bake, type CardHouse } from '#core/share'
import { basePlan, lineByHand, restByHand, restsIn, type HandBase, type Plan } from '#core/swap'
import {
  armSteps,
  beforeTest,
  compareVersions,
  diagnose,
  differencesOf,
  knownBy,
  learnedIn,
  lessonsWith,
  mainOf,
  planOfVersion,
  searchVersions,
  symptomsFor,
  symptomsIn,
  symptomsOf,
  tooFine,
  treeOf,
  trialView,
  versionsOf,
  type DiagnoseOptions,
  type HouseKnows,
  type Proposal,
  type Symptom,
  type Trial,
  type Version,
} from '#core/trial'
import type { AskedPlan } from './plans'

/** What a version by hand starts from, with what the house knows of the bake. */
interface WorkerBase extends Omit<HandBase, 'known'> {
  readonly knows: HouseKnows
}
const withKnown = ({ knows, ...base }: WorkerBase): HandBase => ({
  ...base,
  known: knownBy(knows),
})
interface WentWrong {
  readonly symptoms: readonly Symptom[]
  readonly recipe: Recipe
  readonly plan: Plan | null
  readonly seen: Omit<DiagnoseOptions, 'known' | 'ovenOff' | 'sized'>
  readonly knows: HouseKnows
  /** The bake in its own size; null where a small test was baked. */
  readonly bake: Bake | null
  readonly kitchen: Kitchen
}

/** Trials, tastings, versions, lessons; and why something went wrong. */
export const trials = {
  /**
   * What can be tried with a dessert; `each` hears how far it is and what there is so far, and says
   * whether to go on.
   */
  arms: async (
    { recipe, people, wishes, knows }: AskedPlan,
    plan: Plan | null,
    each: (done: number, of: number, arms: readonly Proposal[]) => Promise<boolean> | boolean,
  ) => {
    const run = armSteps({ recipe, plan, people, wishes, known: knownBy(knows) })
    let told = 0
    for (let step = run.next(); ; step = run.next()) {
      if (step.done) return step.value
      const { done, of, arms } = step.value
      if (!(await each(done, of, arms.slice(told)))) return null
      told = arms.length
    }
  },
  /** A version that somebody made by hand of a plan: one line at another weight. */
  armByHand: (base: WorkerBase, lineId: string, grams: number) =>
    lineByHand(withKnown(base), lineId, grams),
  /**
   * What rests in it, for how many minutes, and one of them for as long as somebody says (within
   * what is safe to leave standing).
   */
  rests: (recipe: Recipe, plan: Plan | null) => restsIn({ recipe, plan }),
  restByHand: (base: WorkerBase, key: string, minutes: number) =>
    restByHand(withKnown(base), key, minutes),
  /** For each version, what of it a kitchen scale cannot weigh at this size. */
  tooFine: (base: Recipe, others: readonly Recipe[], tests: number) =>
    others.map(other => tooFine(base, other, tests)),
  basePlan: (base: WorkerBase) => basePlan(withKnown(base)),
  /**
   * Everything that a page says of a trial: what differs and what is held, who may taste each arm,
   * what tastings have shown.
   */
  trialView: (
    trial: Trial,
    people: readonly Person[],
    ties: readonly PacketLink[],
    house: CardHouse,
  ) => trialView(trial, people, packetsFor(ties, house.packets, house.today)),
  before: beforeTest,
  trialBakes,
  /** What a winner would teach, and how much the trial is worth. */
  lessons: lessonsWith,
  /** The house's school in sentences. */
  school: learnedIn,
  diagnose: ({ symptoms, recipe, plan, seen, knows, bake, kitchen }: WentWrong) =>
    diagnose(symptoms, recipe, plan, {
      ...seen,
      ovenOff: knownOffset(kitchen.oven),
      known: knownBy(knows),
      sized: bake ? sizedOnce({ bake, kitchen }) : null,
    }),
  /** What can be wrong with such a dessert, and of which family it is. */
  symptoms: (recipe: Recipe, plan: Plan | null) => {
    const { family } = mainOf(plan?.recipe ?? recipe, plan)
    return { family, rows: symptomsFor(family).map(({ id, says, sense }) => ({ id, says, sense })) }
  },
  symptomsIn,
  symptomsOf,
  versions: (bake: Bake) => {
    const versions = versionsOf(bake)
    return { versions, places: treeOf(versions) }
  },
  compare: compareVersions,
  findVersions: (versions: readonly Version[], words: string) =>
    searchVersions(versions, words).map(v => v.id),
  /** A version as the bake's plan, weighed and checked anew for who sits there now. */
  versionPlan: (
    bake: Bake,
    version: Pick<Version, 'recipe' | 'changes' | 'says'>,
    people: readonly Person[],
    knows: HouseKnows,
  ) => {
    const { recipe, plan, wishes } = bake
    return planOfVersion({ recipe, plan, people, wishes, known: knownBy(knows) }, version)
  },
  same: (a: Recipe, b: Recipe) => !differencesOf(a, b).length,
}
