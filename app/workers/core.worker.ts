import { expose } from 'comlink'
import {
  builtIn,
  allIngredients,
  ingredientById,
  stockPantry,
  type Stock,
  namesIn,
  nameOf,
  namedAlone,
  plantFats,
  withFat,
} from '#core/pantry'
import {
  type Recipe,
  readLine,
  type Reading,
  type Finding,
  unknownNames,
  previewOf,
  thingsOf,
  readSteps,
} from '#core/recipe'
import { readFields, sumUp, type Packet, changeOf, lookAlikes } from '#core/packet'
import {
  type Person,
  safetyOf,
  boughtIn,
  makeBefore,
  packetsFor,
  whoMayEat,
  type PacketLink,
} from '#core/people'
import {
  adapt,
  type Wishes,
  type Plan,
  substitutions,
  substitutionById,
  jobRows,
  waysFor,
  familyChoices,
  sweeteners,
  nudge,
  sensitivity,
  contributions,
  basePlan,
  lineByHand,
  restByHand,
  restsIn,
  type HandBase,
  weighSplits,
} from '#core/swap'
import {
  readRecipe,
  readFile,
  editRecipe,
  rereadAll,
  type SizedUp,
  knownOffset,
  type Kitchen,
} from '#core/pan'
import {
  planDaySteps,
  replan,
  ifLate,
  type DayOptions,
  type DayPlan,
  type Happened,
  keepingOf,
  shoppingOf,
  type Needed,
} from '#core/day'
import { cardsOf, type Making, pourOf } from '#core/make'
import {
  armSteps,
  differencesOf,
  tooFine,
  type Proposal,
  type Trial,
  trialView,
  beforeTest,
  diagnose,
  symptomsFor,
  symptomsIn,
  symptomsOf,
  mainOf,
  type DiagnoseOptions,
  type Symptom,
  learnedIn,
  lessonsWith,
  knownBy,
  type HouseKnows,
  compareVersions,
  searchVersions,
  treeOf,
  versionsOf,
  type Version,
  planOfVersion,
} from '#core/trial'
import {
  trialBakes,
  recipeOf,
  plannedRecipe,
  sizedBake,
  dayBakesOf,
  familiesOf,
  recheckBakes,
  sizedOnce,
  type Bake,
  type House,
  cardFacts,
  cardHtml,
  cardOf,
  codeText,
  jsonLdOf,
  type CardHouse,
  type IngredientForm,
  type SetAside,
  backup,
  calendar,
  pantryForm,
  pantryFile,
  trialFile,
} from '#core/share'
import { decodeText, readInParts } from './decode'

/** Milliseconds that a day is placed for before others have their turn. */
const atATime = 30
let dayCalls = 0

/** What a version by hand starts from, with what the house knows of the bake. */
interface WorkerBase extends Omit<HandBase, 'known'> {
  readonly knows: HouseKnows
}
const withKnown = ({ knows, ...base }: WorkerBase): HandBase => ({
  ...base,
  known: knownBy(knows),
})

/**
 * The core behind a worker: everything that reads, checks or plans runs here, so that the page
 * never waits.
 */
const core = {
  stock: stockPantry,
  readRecipe,
  readFile: (name: string, bytes: ArrayBuffer) => readFile(name, decodeText(bytes)),
  readLine,
  readSteps: (recipe: Recipe) => ({ steps: readSteps(recipe), things: thingsOf(recipe) }),
  editRecipe,
  reread: rereadAll,
  /** What each correction of each finding would change, by the finding's key. */
  previews: (reading: Reading, findings: readonly Finding[]) =>
    findings.map(f => [f.key, f.corrections.map(c => previewOf(reading, c.edits))] as const),
  /** Names that no recipe could be read by; a bake kept before the pantry changed is read anew for it. */
  unknowns: (
    bakes: readonly { readonly id: string; readonly reading: Reading; readonly stale: boolean }[],
  ) =>
    unknownNames(
      bakes.map(({ id, reading, stale }) => ({
        id,
        recipe: stale ? rereadAll(reading).recipe : reading.recipe,
      })),
    ),
  /**
   * Who can eat a recipe, by the packets it is tied to; what may be claimed; what to mind; what to
   * do against traces.
   */
  safety: (
    recipe: Recipe,
    people: readonly Person[],
    ties: readonly PacketLink[],
    house: CardHouse,
  ) => safetyOf(recipe, people, packetsFor(ties, house.packets, house.today)),
  /** Ids of a recipe's ingredients that come out of packets; '' stands for what is not known. */
  boughtIn,
  readFields,
  /** What packets come to, who may eat each, and which look alike but differ. */
  packets: (packets: readonly Packet[], people: readonly Person[], today: string) => ({
    each: packets.map(packet => ({
      id: packet.id,
      sum: sumUp(packet),
      check: whoMayEat(packet, people, today),
    })),
    alike: lookAlikes(packets),
  }),
  changeOf,
  /** For each bake, whose verdict changed between two moments of the house. */
  recheck: recheckBakes,
  cardFacts: (bake: Bake, people: readonly Person[], house: CardHouse) => {
    const facts = cardFacts(bake, people, house)
    return { facts, code: codeText(facts) }
  },
  /** Works the plans out; `first` hears of a first one before the rest are weighed. */
  adapt: (
    recipe: Recipe,
    people: readonly Person[],
    wishes: Wishes,
    knows: HouseKnows,
    first?: (plan: Plan) => void,
  ) => adapt(recipe, people, wishes, { ...knownBy(knows), ...(first ? { first } : {}) }),
  nudge: (
    recipe: Recipe,
    plan: Plan,
    lineId: string,
    grams: number,
    people: readonly Person[],
    wishes: Wishes,
    knows: HouseKnows,
  ) => nudge(recipe, plan, lineId, grams, people, wishes, knownBy(knows)),
  sensitivity: (
    recipe: Recipe,
    plan: Plan,
    people: readonly Person[],
    wishes: Wishes,
    knows: HouseKnows,
  ) => sensitivity(recipe, plan, people, wishes, knownBy(knows)),
  contributions,
  waysFor: (recipe: Recipe, people: readonly Person[], wishes: Wishes, knows: HouseKnows) =>
    waysFor(recipe, people, wishes, knownBy(knows)),
  choices: () => ({
    families: familyChoices,
    sweeteners,
    schools: substitutions.map(({ id, name, source }) => ({ id, name, source })),
    jobs: jobRows.map(({ job, explains }) => ({ job, explains })),
  }),
  schoolNames: (ids: readonly string[]) =>
    ids.map(id => ({
      id,
      name: substitutionById(id)?.name ?? id,
      source: substitutionById(id)?.source ?? '',
    })),
  /** How much fat a firm plant fat is reckoned with, of those ids that are one; in %. */
  fatsOf: plantFats,
  /** The same ingredient with the fat of its packet; its water gives way. */
  withFat,
  /** One version for all or several; stops when it is told to, between two groups. */
  split: async (
    recipe: Recipe,
    people: readonly Person[],
    wishes: Wishes,
    knows: HouseKnows,
    each: (done: number, of: number) => Promise<boolean> | boolean,
  ) => {
    const weighing = weighSplits(recipe, people, wishes, knownBy(knows))
    for (;;) {
      const next = weighing.next()
      if (next.done) return next.value
      if (!(await each(next.value.done, next.value.of))) return null
    }
  },
  /**
   * Size, tin and bake time of what is made; `first` hears what the rule of thumb says before the
   * heat model has run.
   */
  sizedBake: (
    bake: Bake,
    kitchen: Kitchen,
    measureIn: 'grams' | 'spoons',
    first?: (found: SizedUp) => void,
  ) => {
    if (first) void first(sizedBake(bake, kitchen, measureIn, true))
    return sizedBake(bake, kitchen, measureIn)
  },
  /**
   * The day of one or several bakes; `better` hears of the first plan, and of what there is after
   * `soon` milliseconds. What cannot be proven the best by then is gone on with for as long as
   * `most` says, in small turns that let other questions in between; a newer day, or a plan that
   * stands at the counter, ends it.
   */
  planDay: async (
    bakes: readonly Bake[],
    options: Omit<DayOptions, 'go' | 'pause'>,
    soon: number,
    most: number,
    better?: (plan: DayPlan) => void,
  ) => {
    const call = ++dayCalls
    const all = dayBakesOf(bakes, options.kitchen)
    const began = performance.now()
    let turn = began
    const run = planDaySteps(all, {
      ...options,
      budget: 1e6,
      go: () => call === dayCalls && performance.now() - began < most,
      pause: () => performance.now() - turn > atATime,
    })
    let told = 0
    for (let step = run.next(); ; step = run.next()) {
      if (step.done) return step.value
      const now = performance.now()
      if (better && (told === 0 || (told === 1 && now - began >= soon))) {
        told++
        void better(step.value)
      }
      if (now - turn > atATime) {
        await new Promise(resolve => setTimeout(resolve))
        turn = performance.now()
      }
    }
  },
  /**
   * Which bake is to be made before which, since somebody strict eats only the first and the second
   * holds what that person avoids.
   */
  apart: (bakes: readonly Bake[], people: readonly Person[]) =>
    makeBefore(
      bakes.map(bake => ({ id: bake.id, recipe: plannedRecipe(bake), people: bake.people })),
      people,
    ),
  /** What the day's bakes take together. */
  shopping: (bakes: readonly Bake[], kitchen: Kitchen) =>
    shoppingOf(bakes.map(bake => recipeOf(bake, kitchen))),
  ifLate,
  /** How long each of the bakes keeps. */
  keepings: (bakes: readonly Bake[]) =>
    bakes.map(bake => [bake.id, keepingOf(plannedRecipe(bake), '')] as const),
  /** A planned day as cards for the counter. */
  cardsOf: (bakes: readonly Bake[], plan: Extract<DayPlan, { ok: true }>, kitchen: Kitchen) =>
    cardsOf(dayBakesOf(bakes, kitchen), plan, kitchen),
  /** The rest of a day that has begun. */
  replan: (
    bakes: readonly Bake[],
    options: DayOptions & { readonly happened: Happened; readonly now: number },
    most: number,
  ) => {
    dayCalls++
    const all = dayBakesOf(bakes, options.kitchen)
    const until = performance.now() + most
    return replan(all, { ...options, budget: 20_000, go: () => performance.now() < until })
  },
  /** What it does that so much of something is in the bowl, and what would put the rest into proportion. */
  pourOf: (
    making: Making,
    card: string,
    grams: number,
    bake: Bake,
    kitchen: Kitchen,
    now: number,
  ) => pourOf(making, card, grams, recipeOf(bake, kitchen), familiesOf(bake), now),
  /**
   * What can be tried with a dessert; `each` hears how far it is and what there is so far, and says
   * whether to go on.
   */
  arms: async (
    recipe: Recipe,
    plan: Plan | null,
    people: readonly Person[],
    wishes: Wishes,
    knows: HouseKnows,
    each: (done: number, of: number, arms: readonly Proposal[]) => Promise<boolean> | boolean,
  ) => {
    const run = armSteps(recipe, plan, people, wishes, knownBy(knows))
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
  diagnose: (
    symptoms: readonly Symptom[],
    recipe: Recipe,
    plan: Plan | null,
    options: Omit<DiagnoseOptions, 'known' | 'ovenOff' | 'sized'>,
    knows: HouseKnows,
    bake: Bake | null,
    kitchen: Kitchen,
  ) =>
    diagnose(symptoms, recipe, plan, {
      ...options,
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
  trialsCsv: async (title: string, trials: readonly Trial[]) =>
    (await trialFile()).trialsCsv(title, trials),
  trialsMarkdown: async (title: string, trials: readonly Trial[]) =>
    (await trialFile()).trialsMarkdown(title, trials),
  readTrialsCsv: async (bytes: ArrayBuffer, title: string, have: readonly Trial[]) =>
    (await trialFile()).readTrialsCsv(decodeText(bytes), title, have),
  calendarOf: async (
    plan: Extract<DayPlan, { ok: true }>,
    title: string,
    stamp: string,
    shopping: readonly Needed[],
  ) => (await calendar()).calendarOf(plan, title, stamp, shopping),
  recipeOf,
  cardOf,
  cardHtml,
  jsonLdOf,
  ingredientNames: namesIn,
  /** The ingredient that a few words name, if it is one and nothing else. */
  ingredientOf: namedAlone,
  nameOf,
  /** The whole pantry, the house's own rows as they count. */
  pantry: allIngredients,
  formOf: async (id: string) => {
    const item = ingredientById(id)
    return item ? (await pantryForm()).formOf(item) : null
  },
  ingredientFrom: async (form: IngredientForm) => {
    const { ingredientFrom, problemsOf } = await pantryForm()
    const problems = problemsOf(form)
    return problems.length
      ? { ok: false as const, problems }
      : { ok: true as const, ingredient: ingredientFrom(form, builtIn(form.id)) }
  },
  pantryCsv: async (which: 'all' | 'own', stock: Stock) =>
    (await pantryFile()).pantryCsv(which === 'all' ? allIngredients() : stock.ingredients),
  readPantryCsv: async (bytes: ArrayBuffer) =>
    (await pantryFile()).readPantryCsv(decodeText(bytes), builtIn),
  writeBakeFile: async (house: House, bake: string, exported: string) =>
    (await backup()).bakeFileOf(house, bake, exported),
  readBakeFile: async (text: string) => (await backup()).readBakeFile(text),
  writeBackup: async (house: House, exported: string, aside: readonly SetAside[]) =>
    (await backup()).backupOf(house, exported, aside),
  /** Reads a house file of any size; `heard` is told how far it is, as a share of the whole. */
  readBackup: async (file: Blob, heard: (share: number) => void) => {
    const { readBackup } = await backup()
    const text = await readInParts(file, done => heard(done / 2))
    let told = 0
    return readBackup(text, (done, of) => {
      if (done < told) return
      told = done + of / 50
      heard(0.5 + done / of / 2)
    })
  },
}
export type CoreWorker = typeof core

expose(core)
