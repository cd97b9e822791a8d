import { expose } from 'comlink'
import {
  adapt,
  allIngredients,
  armBakes,
  armSteps,
  asWrittenPlan,
  beforeTest,
  changesIn,
  compareVersions,
  diagnose,
  differencesOf,
  heldIn,
  judgeTasting,
  learnedDoses,
  learnedRests,
  lessonsFrom,
  mainOf,
  regardPlan,
  restedIn,
  restFor,
  restName,
  sayDose,
  sayLesson,
  sayRest,
  schoolOf,
  searchVersions,
  symptomsFor,
  symptomsIn,
  symptomsOf,
  treeOf,
  trialFile,
  versionsOf,
  weightOf,
  backup,
  calendar,
  cardsOf,
  ifLate,
  keepingOf,
  pantryEdition,
  planDaySteps,
  remembered,
  pourOf,
  replan,
  shoppingOf,
  bringing,
  builtIn,
  cardFacts,
  cardHtml,
  cardOf,
  cautionsAt,
  changeOf,
  checkPeople,
  isStrict,
  claims,
  codeText,
  contactPlan,
  editRecipe,
  familyChoices,
  findMentions,
  ingredientById,
  jobRows,
  jsonLdOf,
  lookAlikes,
  nameIn,
  nearNames,
  nudge,
  ovenOffset,
  packetsFor,
  packetsToCheck,
  pantryFile,
  pantryForm,
  previewOf,
  readFields,
  readFile,
  readLine,
  readRecipe,
  readSteps,
  thingsOf,
  recheck,
  rereadAll,
  restingOn,
  schoolById,
  schools,
  sensitivity,
  sizedBake,
  plannedRecipe,
  recipeOf,
  stockPantry,
  sumUp,
  sweeteners,
  tooFine,
  unknownsOf,
  waysFor,
  weighSplits,
  whoMayEat,
  type Bake,
  type CardHouse,
  type DayOptions,
  type DayPlan,
  type DayBake,
  type Finding,
  type Happened,
  type House,
  type Ingredient,
  type IngredientForm,
  type Kitchen,
  type Known,
  type DiagnoseOptions,
  type Lesson,
  type ArmRecord,
  type Proposal,
  type Symptom,
  type TastingKind,
  type Trial,
  type Version,
  type LineOptions,
  type Making,
  type Measure,
  type Needed,
  type Packet,
  type PacketWords,
  type Person,
  type Plan,
  type Reading,
  type Recipe,
  type SizedUp,
  type RecipeEdit,
  type RecipeOptions,
  type Region,
  type Stock,
  type Tie,
  type Tried,
  type Wishes,
} from '#core'
import { decodeText } from './decode'

/** What the house knows of a bake: its ties, packets and day, and what it has baked. */
interface HouseKnows {
  readonly ties: readonly Tie[]
  readonly packets: readonly Packet[]
  readonly today: string
  readonly tried: readonly Tried[]
  readonly lessons: readonly Lesson[]
}
const knownBy = ({ ties, packets, today, tried, lessons }: HouseKnows): Known => {
  const school = schoolOf(lessons)
  return {
    ...(ties.length ? { packets: packetsFor(ties, packets, today) } : {}),
    ...school,
    tried: [...tried, ...school.tried],
  }
}

/**
 * What is asked again and again while something is made stays worked out: the same recipe at the
 * same size in the same kitchen.
 */
const sizedOnce = remembered(
  ({ bake, kitchen }: { readonly bake: Bake; readonly kitchen: Kitchen | undefined }) =>
    sizedBake(bake, kitchen),
  40,
  pantryEdition,
  ({ bake, kitchen }) =>
    JSON.stringify([
      plannedRecipe(bake),
      bake.plan?.parts.map(part => [part.component, part.family]),
      bake.wishes.family,
      bake.size,
      kitchen,
    ]),
)
/** Milliseconds that a day is placed for before others have their turn. */
const atATime = 30
let dayCalls = 0
const dayBakes = (bakes: readonly Bake[], kitchen: Kitchen | undefined): DayBake[] =>
  bakes.map(bake => {
    const sized = sizedOnce({ bake, kitchen })
    return { id: bake.id, title: bake.title, recipe: sized.recipe, sized }
  })

/**
 * The core behind a worker: everything that reads, checks or plans runs here, so that the page
 * never waits.
 */
const core = {
  stock: (stock: Stock) => stockPantry(stock),
  readRecipe: (text: string, options: RecipeOptions) => readRecipe(text, options),
  readFile: (name: string, bytes: ArrayBuffer) => readFile(name, decodeText(bytes)),
  readLine: (text: string, options: LineOptions) => readLine(text, options),
  readSteps: (recipe: Recipe) => ({ steps: readSteps(recipe), things: thingsOf(recipe) }),
  editRecipe: (reading: Reading, edits: RecipeEdit | readonly RecipeEdit[]) =>
    editRecipe(reading, edits),
  reread: (reading: Reading) => rereadAll(reading),
  /** What each correction of each finding would change, by the finding's key. */
  previews: (reading: Reading, findings: readonly Finding[]) =>
    findings.map(f => [f.key, f.corrections.map(c => previewOf(reading, c.edits))] as const),
  /** Names that no recipe could be read by; a bake kept before the pantry changed is read anew for it. */
  unknowns: (
    bakes: readonly { readonly id: string; readonly reading: Reading; readonly stale: boolean }[],
  ) => {
    const found = new Map<
      string,
      { words: string; bakes: string[]; example: string; near: string[] }
    >()
    const recipes = bakes.map(({ id, reading, stale }) => ({
      id,
      recipe: stale ? rereadAll(reading).recipe : reading.recipe,
    }))
    for (const { id, recipe } of recipes)
      for (const { words, lines } of unknownsOf(recipe)) {
        const known = found.get(words)
        if (known) known.bakes.push(id)
        else
          found.set(words, {
            words,
            bakes: [id],
            example: lines[0]!.text,
            near: nearNames(words, recipe.region).map(item => item.id),
          })
      }
    return [...found.values()].sort((a, b) => b.bakes.length - a.bakes.length)
  },
  /**
   * Who can eat a recipe, by the packets it is tied to; what may be claimed; what to mind; what to
   * do against traces.
   */
  safety: (recipe: Recipe, people: readonly Person[], ties: readonly Tie[], house: CardHouse) => {
    const packets = packetsFor(ties, house.packets, house.today)
    const check = checkPeople(recipe, people, { packets })
    return {
      check,
      claims: claims(recipe, people, packets),
      toRead: packetsToCheck(recipe, people, check),
      contact: contactPlan(recipe, people),
      cautions: cautionsAt(recipe),
    }
  },
  /** Ids of a recipe's ingredients that come out of packets; '' stands for what is not known. */
  boughtIn: (recipe: Recipe) => [
    ...new Set(
      recipe.components
        .flatMap(c => c.lines.flatMap(l => [l, ...l.orElse]))
        .filter(
          l =>
            restingOn({ ...recipe, components: [{ name: '', lines: [l], steps: [] }] }, []).bought >
            0,
        )
        .map(l => l.ingredient ?? ''),
    ),
  ],
  readFields: (words: PacketWords) => readFields(words),
  /** What packets come to, who may eat each, and which look alike but differ. */
  packets: (packets: readonly Packet[], people: readonly Person[], today: string) => ({
    each: packets.map(packet => ({
      id: packet.id,
      sum: sumUp(packet),
      check: whoMayEat(packet, people, today),
    })),
    alike: lookAlikes(packets),
  }),
  changeOf: (before: PacketWords, after: PacketWords) => changeOf(before, after),
  /** For each bake, whose verdict changed between two moments of the house. */
  recheck: (
    bakes: readonly Bake[],
    before: { readonly people: readonly Person[]; readonly packets: readonly Packet[] },
    after: { readonly people: readonly Person[]; readonly packets: readonly Packet[] },
    today: string,
  ) =>
    bakes.flatMap(bake => {
      const at = (moment: typeof before) => ({
        people: moment.people,
        packets: packetsFor(bake.ties, moment.packets, today),
      })
      const changes = recheck(plannedRecipe(bake), bake.people, at(before), at(after))
      return changes.length ? [{ bake: bake.id, title: bake.title, changes }] : []
    }),
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
  bringing: (recipe: Recipe, plan: Plan, component: string, measure: Measure) =>
    bringing(recipe, plan, component, measure),
  waysFor: (recipe: Recipe, people: readonly Person[], wishes: Wishes, knows: HouseKnows) =>
    waysFor(recipe, people, wishes, knownBy(knows)),
  choices: () => ({
    families: familyChoices,
    sweeteners,
    schools: schools.map(({ id, name, source }) => ({ id, name, source })),
    jobs: jobRows.map(({ job, explains }) => ({ job, explains })),
  }),
  schoolNames: (ids: readonly string[]) =>
    ids.map(id => ({ id, name: schoolById(id)?.name ?? id, source: schoolById(id)?.source ?? '' })),
  /** How much fat a firm plant fat is reckoned with, of those ids that are one; in %. */
  fatsOf: (ids: readonly string[]) =>
    ids.flatMap(id => {
      const item = ingredientById(id)
      return item?.kind === 'plant-block' ? [{ id, name: item.name, fat: item.per100.fat }] : []
    }),
  /** The same ingredient with the fat of its packet; its water gives way. */
  withFat: (id: string, fat: number): Ingredient | null => {
    const item = ingredientById(id)
    return item
      ? {
          ...item,
          per100: {
            ...item.per100,
            fat,
            water: Math.max(0, item.per100.water + item.per100.fat - fat),
          },
          source:
            'fat by the packet, entered in this house; else ' +
            `${item.source.replace(/^fat by the packet, entered in this house; else /u, '')}`,
        }
      : null
  },
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
    const all = dayBakes(bakes, options.kitchen)
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
  apart: (bakes: readonly Bake[], people: readonly Person[]) => {
    const conflicts = (bake: Bake, person: Person) =>
      checkPeople(plannedRecipe(bake), [person]).people[0]?.verdict === 'conflict'
    const strict = (bake: Bake) =>
      people.filter(p => bake.people.includes(p.id) && isStrict(p) && !conflicts(bake, p))
    return bakes.flatMap(first =>
      bakes.flatMap((then): [string, string][] =>
        first !== then &&
        strict(first).some(p => conflicts(then, p)) &&
        !strict(then).some(p => conflicts(first, p))
          ? [[first.id, then.id]]
          : [],
      ),
    )
  },
  /** What the day's bakes take together. */
  shopping: (bakes: readonly Bake[], kitchen: Kitchen) =>
    shoppingOf(bakes.map(bake => recipeOf(bake, kitchen))),
  ifLate: (plan: Extract<DayPlan, { ok: true }>, minutes: number) => ifLate(plan, minutes),
  /** How long each of the bakes keeps. */
  keepings: (bakes: readonly Bake[]) =>
    bakes.map(bake => [bake.id, keepingOf(plannedRecipe(bake), '')] as const),
  /** A planned day as cards for the counter. */
  cardsOf: (bakes: readonly Bake[], plan: Extract<DayPlan, { ok: true }>, kitchen: Kitchen) =>
    cardsOf(dayBakes(bakes, kitchen), plan, kitchen),
  /** The rest of a day that has begun. */
  replan: (
    bakes: readonly Bake[],
    options: DayOptions & { readonly happened: Happened; readonly now: number },
    most: number,
  ) => {
    dayCalls++
    const all = dayBakes(bakes, options.kitchen)
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
  ) =>
    pourOf(
      making,
      card,
      grams,
      recipeOf(bake, kitchen),
      {
        ...Object.fromEntries((bake.plan?.parts ?? []).map(part => [part.component, part.family])),
        ...bake.wishes.family,
      },
      now,
    ),
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
  armByHand: (
    recipe: Recipe,
    plan: Plan | null,
    lineId: string,
    grams: number,
    people: readonly Person[],
    wishes: Wishes,
    knows: HouseKnows,
  ) =>
    nudge(
      recipe,
      plan ?? asWrittenPlan(recipe, people, wishes, knownBy(knows)),
      lineId,
      grams,
      people,
      wishes,
      knownBy(knows),
    ),
  /**
   * What rests in it, for how many minutes, and one of them for as long as somebody says (within
   * what is safe to leave standing).
   */
  rests: (recipe: Recipe, plan: Plan | null) =>
    [
      ...new Map(
        restedIn((plan ?? { recipe }).recipe, plan?.changes ?? [])
          .toReversed()
          .map(
            ({ key, name, says, most, resting }) =>
              [key, { key, name, says, most, minutes: resting.low }] as const,
          ),
      ).values(),
    ].toReversed(),
  restByHand: (
    recipe: Recipe,
    plan: Plan | null,
    key: string,
    minutes: number,
    people: readonly Person[],
    wishes: Wishes,
    knows: HouseKnows,
  ) => {
    const base = plan ?? asWrittenPlan(recipe, people, wishes, knownBy(knows))
    const made = restFor(base.recipe, base.changes, key, () => minutes)
    return (
      made &&
      regardPlan(recipe, { ...base, recipe: made, nudged: true }, people, wishes, knownBy(knows))
    )
  },
  /** For each version, what of it a kitchen scale cannot weigh at this size. */
  tooFine: (base: Recipe, others: readonly Recipe[], tests: number) =>
    others.map(other => tooFine(base, other, tests)),
  basePlan: (
    recipe: Recipe,
    plan: Plan | null,
    people: readonly Person[],
    wishes: Wishes,
    knows: HouseKnows,
  ) => plan ?? asWrittenPlan(recipe, people, wishes, knownBy(knows)),
  /**
   * Everything that a page says of a trial: what differs and what is held, who may taste each arm,
   * what tastings have shown.
   */
  trialView: (trial: Trial, people: readonly Person[], ties: readonly Tie[], house: CardHouse) => {
    const packets = packetsFor(ties, house.packets, house.today)
    const changes = changesIn(trial)
    return {
      fine: trial.arms.slice(1).map(arm => ({
        arm: arm.id,
        says: tooFine(trial.arms[0]!.recipe, arm.recipe, trial.tests),
      })),
      changes,
      held: heldIn(
        trial.arms[0]!.recipe,
        changes.flatMap(c => c.differences),
      ),
      checks: trial.arms.map(arm => ({
        arm: arm.id,
        people: checkPeople(arm.recipe, people, { packets }).people.map(p => ({
          personId: p.personId,
          verdict: p.verdict,
          because: p.conflicts[0]?.because ?? '',
        })),
      })),
      judged: trial.tastings.map(t => ({
        id: t.id,
        found: t.opened ? judgeTasting(t, trial.arms) : null,
      })),
    }
  },
  before: (kind: TastingKind, tasters: number, arms: number) => beforeTest(kind, tasters, arms),
  armBakes: (bake: Bake, trial: Trial, now: string, there: readonly Bake[], serveAt: string) =>
    armBakes(bake, trial, now, there, serveAt),
  /** What a winner would teach, and how much the trial is worth. */
  lessons: (
    trial: Trial,
    title: string,
    bake: string,
    on: string,
    packets: readonly { readonly id: string; readonly name: string; readonly ingredient: string }[],
  ) => {
    const weight = weightOf(
      trial.tastings.flatMap(t => (t.opened ? (judgeTasting(t, trial.arms) ?? []) : [])),
      trial.crowned ?? '',
      trial.rematchOf !== null,
    )
    return {
      weight,
      lessons: lessonsFrom(trial, title, bake, on, weight, packets).map(lesson => ({
        lesson,
        says: sayLesson(lesson),
      })),
    }
  },
  /** The house's school in sentences. */
  school: (lessons: readonly Lesson[]) => ({
    doses: learnedDoses(lessons).map(dose => ({
      dose,
      says: sayDose(dose),
      name: schoolById(dose.school)?.name ?? dose.school,
    })),
    rests: learnedRests(lessons).map(rest => ({
      rest,
      says: sayRest(rest),
      name: restName(rest.of),
    })),
    sayings: [...schoolOf(lessons).steps, ...schoolOf(lessons).sayings].map(s => s.says),
    lessons: lessons.map(lesson => ({ lesson, says: sayLesson(lesson) })),
  }),
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
      ovenOff:
        kitchen.oven.log.length || kitchen.oven.offset !== null
          ? ovenOffset(kitchen.oven).degrees
          : null,
      known: knownBy(knows),
      sized: bake ? sizedOnce({ bake, kitchen }) : null,
    }),
  /** What can be wrong with such a dessert, and of which family it is. */
  symptoms: (recipe: Recipe, plan: Plan | null) => {
    const { family } = mainOf(plan?.recipe ?? recipe, plan)
    return { family, rows: symptomsFor(family).map(({ id, says, sense }) => ({ id, says, sense })) }
  },
  symptomsIn: (words: string, family: string | null) => symptomsIn(words, family),
  symptomsOf: (record: ArmRecord) => symptomsOf(record),
  versions: (bake: Bake) => {
    const versions = versionsOf(bake)
    return { versions, places: treeOf(versions) }
  },
  compare: (a: Version, b: Version) => compareVersions(a, b),
  findVersions: (versions: readonly Version[], words: string) =>
    searchVersions(versions, words).map(v => v.id),
  /** A version as the bake's plan, weighed and checked anew for who sits there now. */
  versionPlan: (
    bake: Bake,
    version: Pick<Version, 'recipe' | 'changes' | 'says'>,
    people: readonly Person[],
    knows: HouseKnows,
  ) => {
    const known = knownBy(knows)
    const base = bake.plan ?? asWrittenPlan(bake.recipe, people, bake.wishes, known)
    return regardPlan(
      bake.recipe,
      {
        ...base,
        id: 'version',
        title: version.says.slice(0, 60) || 'A version',
        recipe: version.recipe,
        changes: version.changes,
        differs: [
          ...new Set(version.changes.flatMap(c => schoolById(c.school ?? '')?.differs ?? [])),
        ],
        nudged: true,
        forPeople: people.map(p => p.id),
      },
      people,
      bake.wishes,
      known,
    ).plan
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
  recipeOf: (bake: Bake, kitchen: Kitchen) => recipeOf(bake, kitchen),
  cardOf: (bake: Bake, people: readonly Person[], house: CardHouse) => cardOf(bake, people, house),
  cardHtml: (bake: Bake, people: readonly Person[], house: CardHouse, code: string) =>
    cardHtml(bake, people, house, code),
  jsonLdOf,
  ingredientNames: (region: Region) =>
    allIngredients()
      .map(item => ({ id: item.id, name: nameIn(item, region) }))
      .sort((a, b) => a.name.localeCompare(b.name)),
  /** The ingredient that a few words name, if it is one and nothing else. */
  ingredientOf: (words: string) => {
    const { mentions, unread } = findMentions(words)
    return mentions.length === 1 && !unread.length && !mentions[0]!.ambiguous
      ? { id: mentions[0]!.ingredient.id, name: mentions[0]!.ingredient.name }
      : null
  },
  nameOf: (id: string, region: Region) => {
    const item = ingredientById(id)
    return item ? nameIn(item, region) : id
  },
  /** The whole pantry, the house's own rows as they count. */
  pantry: () => allIngredients(),
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
  writeBackup: async (house: House, exported: string) => (await backup()).backupOf(house, exported),
  readBackup: async (text: string) => (await backup()).readBackup(text),
}
export type CoreWorker = typeof core

expose(core)
