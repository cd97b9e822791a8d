import { familyById } from '../formula'
import type { Person } from '../people'
import { sayRestTime, withRestTimes, type Line, type Recipe } from '../recipe'
import {
  adapt,
  asWrittenPlan,
  leverFor,
  evaluatePlan,
  restedIn,
  restFor,
  restTimes,
  substitutionById,
  substitutions,
  usualness,
  withSentence,
  type HandBase,
  type HouseKnowledge,
  type Plan,
  type EvaluatedPlan,
  type Rested,
  type Wishes,
} from '../swap'
import { atOven } from './at-oven'
import { changesOf, differencesOf, type Changed, type Difference } from './difference'
import { armRows, type ArmRow } from './tables/arms'

/** An arm that the engine proposes: what it does otherwise, the whole version, and what that comes to. */
export interface Proposal {
  readonly id: string
  readonly group: string
  readonly says: string
  readonly because: string
  readonly plan: Plan
  readonly check: EvaluatedPlan['check']
  readonly differences: readonly Difference[]
  readonly changes: readonly Changed[]
  /** How far from the original, as the engine sees it: the sum of its parts' losses. */
  readonly loss: number
  readonly source: string
}

/** What a trial begins with: the chosen plan, or the recipe as it is written. */
export const baseOf = (
  original: Recipe,
  plan: Plan | null,
  people: readonly Person[],
  wishes: Wishes = {},
  known: HouseKnowledge = {},
): Plan => plan ?? asWrittenPlan(original, people, wishes, known)

const costOf = (plan: Plan) => plan.parts.reduce((sum, part) => sum + part.loss, 0)
const conflicts = ({ check }: EvaluatedPlan) =>
  check.people.some(p => p.conflicts.some(c => c.state === 'contains'))
const perQuestion = 8

/** Another version seen as an arm of the base; null where somebody cannot eat it or nothing differs. */
function armOf(
  base: Plan,
  next: EvaluatedPlan,
  row: {
    readonly id: string
    readonly group: string
    readonly says: string
    readonly because: string
    readonly source: string
  },
): Proposal | null {
  if (conflicts(next)) return null
  const differences = differencesOf(base.recipe, next.plan.recipe)
  if (!differences.length) return null
  return {
    ...row,
    plan: next.plan,
    check: next.check,
    differences,
    changes: changesOf(differences, base, next.plan),
    loss: costOf(next.plan),
  }
}

/** An arm that takes another substitution. */
interface BySchool {
  readonly original: Recipe
  readonly base: Plan
  readonly school: string
  readonly question: string
  readonly people: readonly Person[]
  readonly wishes: Wishes
  readonly known: HouseKnowledge
}

/**
 * The same recipe by another school: the engine works it out whole, then every line that both have
 * goes back to what it weighs in the base, and what rests in both to how long it does there, so
 * that the one thing differs. What still differs besides (a help that only one of them needs) stays
 * and is named as a further change.
 */
function bySchool({
  original,
  base,
  school,
  question,
  people,
  wishes,
  known,
}: BySchool): EvaluatedPlan | null {
  const others = Object.fromEntries(
    base.changes.flatMap(c => {
      const s = c.school ? substitutionById(c.school) : undefined
      return s && s.question !== question ? [[s.question, s.id]] : []
    }),
  )
  const found = adapt(
    original,
    people,
    { ...wishes, schools: { ...others, [question]: school } },
    { ...known, alone: true },
  ).plans.find(plan => plan.changes.some(c => c.school === school))
  if (!found) return null
  const mine = new Set(
    found.changes.filter(c => c.school === school).flatMap(c => c.adds.map(a => a.ingredient)),
  )
  const held: Recipe = {
    ...found.recipe,
    components: found.recipe.components.map(c => {
      const lines = base.recipe.components.find(b => b.name === c.name)?.lines ?? []
      const isSame = (a: Line, b: Line) => a.ingredient === b.ingredient && a.purpose === b.purpose
      // All lines of one thing go back together: what is one line here may have been two there.
      return {
        ...c,
        lines: c.lines.flatMap((line, i) => {
          const was = mine.has(line.ingredient ?? '') ? [] : lines.filter(l => isSame(l, line))
          if (!was.length) return [line]
          return c.lines.findIndex(l => isSame(l, line)) < i
            ? []
            : was.map((l, n) => ({ ...l, id: n ? `${line.id}-${n}` : line.id }))
        }),
      }
    }),
  }
  const rests = restedIn(base.recipe, base.changes)
  const now = restedIn(held, found.changes)
  const alike = (all: readonly Rested[], of: Rested) =>
    all.filter(r => r.key === of.key && r.name === of.name)
  const recipe = withRestTimes(held, resting => {
    const it = now.find(
      r =>
        r.resting.part === resting.part &&
        r.resting.step === resting.step &&
        r.resting.span[0] === resting.span[0],
    )!
    return alike(rests, it)[alike(now, it).indexOf(it)]?.resting.low ?? null
  })
  return evaluatePlan(original, { ...found, recipe }, { people, wishes, known })
}

/** An arm that changes a sentence of the method. */
interface ByMethod {
  readonly original: Recipe
  readonly base: Plan
  readonly row: Extract<ArmRow, { how: 'method' }>
  readonly people: readonly Person[]
  readonly wishes: Wishes
  readonly known: HouseKnowledge
}

function byMethod({ original, base, row, people, wishes, known }: ByMethod): EvaluatedPlan | null {
  const main = base.parts[0]?.component ?? base.recipe.components[0]?.name ?? ''
  const family = base.parts[0]?.family ?? 'other'
  if (!row.families.includes(family)) return null
  const recipe = withSentence(base.recipe, main, row)
  return recipe && evaluatePlan(original, { ...base, recipe }, { people, wishes, known })
}

const plainly = (by: number) => (Math.abs(by) >= 1 ? '' : 'a little ')
const noticed = (by: number) => {
  if (Math.abs(by) >= 1.25) return 'more than a taster’s threshold, as the engine reckons'
  return Math.abs(by) >= 0.8
    ? 'about what a taster can just notice, as the engine reckons'
    : 'less than a taster surely notices: the limits of a dose allow no more'
}

type PlanContext = Omit<HandBase, 'recipe' | 'plan'>
type Substitution = (typeof substitutions)[number]

/** What all arms of a trial start from. */
interface ArmsFrom {
  readonly original: Recipe
  readonly base: Plan
  readonly main: string
  readonly family: string
  readonly context: PlanContext
}
type RowOf<How extends ArmRow['how']> = Extract<ArmRow, { readonly how: How }>

/** The version as an arm, if it is one: another recipe, and nobody is hurt by it. */
function armFrom(
  { base }: ArmsFrom,
  row: ArmRow,
  next: EvaluatedPlan | null,
  is: { readonly says: string; readonly because: string; readonly id?: string },
): Proposal[] {
  const { group, source } = row
  const made = next && armOf(base, next, { id: row.id, group, source, ...is })
  return made ? [made] : []
}

function ovenArms(from: ArmsFrom, row: RowOf<'oven'>): Proposal[] {
  const recipe = atOven(from.base.recipe, row.by)
  const next = recipe && evaluatePlan(from.original, { ...from.base, recipe }, from.context)
  const because =
    row.by < 0
      ? 'a cooler oven bakes more evenly, with a flatter top and less colour'
      : 'a hotter oven rises faster and browns more'
  return armFrom(from, row, next, { says: row.says, because })
}

function restArms(from: ArmsFrom, row: RowOf<'rest'>): Proposal[] {
  const { base, original, context } = from
  const rested = restedIn(base.recipe, base.changes)
  const sayOne = (r: Rested, isFirst: boolean) =>
    `${isFirst ? `${r.says} ` : ''}${sayRestTime(restTimes(r, row.times))}, ` +
    `not ${sayRestTime(r.resting.low)}`
  return [...new Set(rested.map(r => r.key))].flatMap(key => {
    const recipe = restFor(base.recipe, base.changes, key, r => restTimes(r, row.times))
    if (!recipe) return []
    const mine = rested.filter(r => r.key === key)
    const says = mine.map(r => sayOne(r, r === mine[0])).join('; and ')
    const next = evaluatePlan(original, { ...base, recipe }, context)
    return armFrom(from, row, next, { says, because: row.because, id: `${row.id}:${key}` })
  })
}

function methodArms(from: ArmsFrom, row: RowOf<'method'>): Proposal[] {
  const { people, wishes, known } = from.context
  const next = byMethod({ original: from.original, base: from.base, row, people, wishes, known })
  const because = row.source.replace(/^\[\w+\]\s*/u, '')
  return armFrom(from, row, next, { says: row.says, because })
}

function measureArms(from: ArmsFrom, row: RowOf<'measure'>): Proposal[] {
  if (row.not?.includes(from.family)) return []
  const { people, wishes, known } = from.context
  const { original, base, main } = from
  const lever = leverFor({
    original,
    plan: base,
    component: main,
    measure: row.measure,
    up: row.up,
    people,
    wishes,
    known,
  })
  if (!lever) return []
  const inGrams = lever.kitchen === `${lever.to} g`
  const amount = inGrams ? lever.kitchen : `${Math.round(10 * lever.to) / 10} g`
  const says = `${plainly(lever.moves)}${row.says}: ${amount} ${lever.name}`
  return armFrom(from, row, lever.after, { says, because: noticed(lever.moves) })
}

/** Another substitution for the same question, the nearest few. */
function otherArms(from: ArmsFrom, row: RowOf<'school'>): Proposal[] {
  const { original, base, main, family } = from
  const { people, wishes, known } = from.context
  const used = base.changes
    .filter(change => change.component === main || !main)
    .flatMap(change => substitutionById(change.school ?? '') ?? [])
    .filter(one => row.questions.includes(one.question))
  const glutenGone = base.changes.some(
    change => substitutionById(change.school ?? '')?.question === 'flour',
  )
  const kind = familyById(family)
  // The usual ones first, of those what is at hand and comes near.
  const rareness = ({ arm, one }: { readonly arm: Proposal; readonly one: Substitution }) =>
    10 * (1 - (usualness(one, kind, glutenGone) ?? 1)) + one.rarity + one.flavour + arm.loss
  const fits = (one: Substitution) =>
    (!one.families.length || one.families.includes(family)) && !one.not.includes(family)
  return used.flatMap(now =>
    substitutions
      .filter(one => one.question === now.question && one.id !== now.id)
      .filter(one => !one.onlyTogether && !one.onlyAsked && fits(one))
      .flatMap(one => {
        const next = bySchool({
          original,
          base,
          school: one.id,
          question: now.question,
          people,
          wishes,
          known,
        })
        const is = { says: one.name, because: one.reason, id: `${row.id}:${one.id}` }
        return armFrom(from, row, next, is).map(arm => ({ arm, one }))
      })
      .sort((a, b) => rareness(a) - rareness(b))
      // Of ways that differ in the brand of a drink alone the first is enough.
      .filter(({ one }, i, all) => !one.way || all.findIndex(b => b.one.way === one.way) === i)
      .slice(0, perQuestion)
      .map(({ arm }) => arm),
  )
}

function armsByRow(from: ArmsFrom, row: ArmRow): Proposal[] {
  switch (row.how) {
    case 'oven':
      return ovenArms(from, row)
    case 'rest':
      return restArms(from, row)
    case 'method':
      return methodArms(from, row)
    case 'measure':
      return measureArms(from, row)
    case 'school':
      return otherArms(from, row)
  }
}

/** For what arms are proposed: the recipe, its plan or none, the table, what is wished and known. */
interface ArmsAsked {
  readonly recipe: Recipe
  readonly plan: Plan | null
  readonly people: readonly Person[]
  readonly wishes?: Wishes
  readonly known?: HouseKnowledge
}

/**
 * What can be tried with a dessert for these people, each as one change of the base with its
 * amounts from the engine: other schools, one amount for one measure, one sentence of method, the
 * oven. What somebody at the table cannot eat is not among them. The engine's nearest first within
 * a group. Working out the other schools takes a second or two in all: yields how far it is, and
 * what it has so far.
 */
export function* armSteps({
  recipe: original,
  plan,
  people,
  wishes = {},
  known = {},
}: ArmsAsked): Generator<
  { readonly done: number; readonly of: number; readonly arms: readonly Proposal[] },
  Proposal[],
  void
> {
  const base = baseOf(original, plan, people, wishes, known)
  const from: ArmsFrom = {
    original,
    base,
    main: base.parts[0]?.component ?? base.recipe.components[0]?.name ?? '',
    family: base.parts[0]?.family ?? '',
    context: { people, wishes, known },
  }
  const arms: Proposal[] = []
  for (const [done, row] of armRows.entries()) {
    yield { done, of: armRows.length, arms: [...arms] }
    arms.push(...armsByRow(from, row))
  }
  return arms
}

/**
 * The same at once.
 *
 * @example
 * const recipe = readRecipe('Shortbread\n\n200 g plain flour\n100 g butter').recipe
 * armsFor(recipe, null, []).length > 0 // true
 */
export function armsFor(
  original: Recipe,
  plan: Plan | null,
  people: readonly Person[],
  wishes: Wishes = {},
  known: HouseKnowledge = {},
): Proposal[] {
  const run = armSteps({ recipe: original, plan, people, wishes, known })
  let step = run.next()
  while (!step.done) step = run.next()
  return step.value
}
