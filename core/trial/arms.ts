import type { Person } from '../people'
import { sayResting, withRestings, type Line, type Recipe } from '../recipe'
import {
  adapt,
  asWrittenPlan,
  leverFor,
  regardPlan,
  restedIn,
  restFor,
  restTimes,
  schoolById,
  schools,
  withSentence,
  type Known,
  type Plan,
  type Regarded,
  type Rested,
  type Wishes,
} from '../swap'
import { changesOf, differencesOf, type Changed, type Difference } from './difference'
import { armRows, type ArmRow } from './tables/arms'

/** An arm that the engine proposes: what it does otherwise, the whole version, and what that comes to. */
export interface Proposal {
  readonly id: string
  readonly group: string
  readonly says: string
  readonly because: string
  readonly plan: Plan
  readonly check: Regarded['check']
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
  known: Known = {},
): Plan => plan ?? asWrittenPlan(original, people, wishes, known)

const lossOf = (plan: Plan) => plan.parts.reduce((sum, part) => sum + part.loss, 0)
const conflicts = ({ check }: Regarded) =>
  check.people.some(p => p.conflicts.some(c => c.state === 'contains'))
const perQuestion = 5

/** Another version seen as an arm of the base; null where somebody cannot eat it or nothing differs. */
function armOf(
  base: Plan,
  next: Regarded,
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
    loss: lossOf(next.plan),
  }
}

/**
 * The same recipe by another school: the engine works it out whole, then every line that both have
 * goes back to what it weighs in the base, and what rests in both to how long it does there, so
 * that the one thing differs. What still differs besides (a help that only one of them needs) stays
 * and is named as a further change.
 */
function bySchool(
  original: Recipe,
  base: Plan,
  school: string,
  question: string,
  people: readonly Person[],
  wishes: Wishes,
  known: Known,
): Regarded | null {
  const others = Object.fromEntries(
    base.changes.flatMap(c => {
      const s = c.school ? schoolById(c.school) : undefined
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
          return !was.length
            ? [line]
            : c.lines.findIndex(l => isSame(l, line)) < i
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
  const recipe = withRestings(held, resting => {
    const it = now.find(
      r =>
        r.resting.part === resting.part &&
        r.resting.step === resting.step &&
        r.resting.span[0] === resting.span[0],
    )!
    return alike(rests, it)[alike(now, it).indexOf(it)]?.resting.low ?? null
  })
  return regardPlan(original, { ...found, recipe }, people, wishes, known)
}

function byMethod(
  original: Recipe,
  base: Plan,
  row: Extract<ArmRow, { how: 'method' }>,
  people: readonly Person[],
  wishes: Wishes,
  known: Known,
): Regarded | null {
  const main = base.parts[0]?.component ?? base.recipe.components[0]?.name ?? ''
  const family = base.parts[0]?.family ?? 'other'
  if (!row.families.includes(family)) return null
  const recipe = withSentence(base.recipe, main, row)
  return recipe && regardPlan(original, { ...base, recipe }, people, wishes, known)
}

/**
 * The recipe in an oven so much hotter or cooler; the words of its steps say so too. Null where no
 * oven is stated, or where it leaves 90 to 250 °C.
 */
export function atOven(recipe: Recipe, by: number): Recipe | null {
  const was = recipe.oven?.celsius
  if (!was || was + by < 90 || was + by > 250) return null
  const said = new RegExp(`(?<!\\d)${was}(?=\\s*°?\\s*C\\b)`, 'gu')
  return {
    ...recipe,
    oven: {
      ...recipe.oven!,
      celsius: was + by,
      text: recipe.oven!.text.replace(said, String(was + by)),
    },
    components: recipe.components.map(c => ({
      ...c,
      stepsFrom: undefined,
      steps: c.steps.map(step =>
        step
          .replace(said, String(was + by))
          .replace(new RegExp(`${was + by}\\s*°C\\s*\\([^)]*\\)`, 'u'), `${was + by} °C`),
      ),
    })),
  }
}

const plainly = (by: number) => (Math.abs(by) >= 1 ? '' : 'a little ')
const noticed = (by: number) =>
  Math.abs(by) >= 1.25
    ? 'more than a taster’s threshold, as the engine reckons'
    : Math.abs(by) >= 0.8
      ? 'about what a taster can just notice, as the engine reckons'
      : 'less than a taster surely notices: the limits of a dose allow no more'

/**
 * What can be tried with a dessert for these people, each as one change of the base with its
 * amounts from the engine: other schools, one amount for one measure, one sentence of method, the
 * oven. What somebody at the table cannot eat is not among them. The engine's nearest first within
 * a group. Working out the other schools takes a second or two in all: yields how far it is, and
 * what it has so far.
 */
export function* armSteps(
  original: Recipe,
  plan: Plan | null,
  people: readonly Person[],
  wishes: Wishes = {},
  known: Known = {},
): Generator<
  { readonly done: number; readonly of: number; readonly arms: readonly Proposal[] },
  Proposal[],
  void
> {
  const base = baseOf(original, plan, people, wishes, known)
  const main = base.parts[0]?.component ?? base.recipe.components[0]?.name ?? ''
  const family = base.parts[0]?.family ?? ''
  const arms: Proposal[] = []
  const byRow = (row: ArmRow): Proposal[] => {
    const arm = (next: Regarded | null, says: string, because: string, id: string = row.id) => {
      const made =
        next && armOf(base, next, { id, group: row.group, says, because, source: row.source })
      return made ? [made] : []
    }
    if (row.how === 'oven') {
      const recipe = atOven(base.recipe, row.by)
      return arm(
        recipe && regardPlan(original, { ...base, recipe }, people, wishes, known),
        row.says,
        row.by < 0
          ? 'a cooler oven bakes more evenly, with a flatter top and less colour'
          : 'a hotter oven rises faster and browns more',
      )
    }
    if (row.how === 'rest') {
      const rested = restedIn(base.recipe, base.changes)
      return [...new Set(rested.map(r => r.key))].flatMap(key => {
        const recipe = restFor(base.recipe, base.changes, key, r => restTimes(r, row.times))
        const mine = rested.find(r => r.key === key)!
        return recipe
          ? arm(
              regardPlan(original, { ...base, recipe }, people, wishes, known),
              rested
                .filter(r => r.key === key)
                .map(
                  r =>
                    `${r === mine ? `${r.says} ` : ''}${sayResting(restTimes(r, row.times))}, ` +
                    `not ${sayResting(r.resting.low)}`,
                )
                .join('; and '),
              row.because,
              `${row.id}:${key}`,
            )
          : []
      })
    }
    if (row.how === 'method')
      return arm(
        byMethod(original, base, row, people, wishes, known),
        row.says,
        row.source.replace(/^\[\w+\]\s*/u, ''),
      )
    if (row.how === 'measure') {
      if (row.not?.includes(family)) return []
      const lever = leverFor(original, base, main, row.measure, row.up, people, wishes, known)
      return lever
        ? arm(
            lever.after,
            `${plainly(lever.moves)}${row.says}: ` +
              (lever.kitchen === `${lever.to} g`
                ? lever.kitchen
                : `${Math.round(10 * lever.to) / 10} g`) +
              ' ' +
              `${lever.name}`,
            noticed(lever.moves),
          )
        : []
    }
    const asked = base.changes
      .filter(c => c.component === main || !main)
      .flatMap(c => {
        const s = c.school ? schoolById(c.school) : undefined
        return s && row.questions.includes(s.question) ? [s] : []
      })
    return asked.flatMap(now =>
      schools
        .filter(
          s =>
            s.question === now.question &&
            s.id !== now.id &&
            !s.onlyTogether &&
            !s.onlyAsked &&
            (!s.families.length || s.families.includes(family)) &&
            !s.not.includes(family),
        )
        .flatMap(s => {
          const next = bySchool(original, base, s.id, now.question, people, wishes, known)
          return arm(next, s.name, s.reason, `${row.id}:${s.id}`)
        })
        .sort((a, b) => a.loss - b.loss)
        .slice(0, perQuestion),
    )
  }
  for (const [done, row] of armRows.entries()) {
    yield { done, of: armRows.length, arms: [...arms] }
    arms.push(...byRow(row))
  }
  return arms
}

/** The same at once. */
export function armsFor(
  original: Recipe,
  plan: Plan | null,
  people: readonly Person[],
  wishes: Wishes = {},
  known: Known = {},
): Proposal[] {
  const run = armSteps(original, plan, people, wishes, known)
  let step = run.next()
  while (!step.done) step = run.next()
  return step.value
}
