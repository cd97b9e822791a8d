import { exactly, scaleAmount, type Grams } from '../measure'
import { ingredientById, measured } from '../pantry'
import {
  balanceIn,
  batterOf,
  familyById,
  isInside,
  measures,
  noBalance,
  toleranceOf,
  weightsOf,
  type Measure,
} from '../formula'
import { cautionsFor, checkPeople, packetsToCheck, type PeopleCheck, type Person } from '../people'
import { linesOf, type Line, type Recipe } from '../recipe'
import { tableOf } from './allowed'
import { partsOf } from './adapt'
import type { Wishes } from './candidates'
import { judge, type Judged } from './judge'
import type { HouseKnowledge } from './known'
import type { DessertPart } from './part'
import { substitutionsOf, type Plan } from './plan'
import { withAmountsRight } from './steps'
import { trimmedLine } from './write'

/**
 * A recipe that everyone may eat as it is written, as a plan without changes, to be weighed and
 * moved like any other.
 */
export function asWrittenPlan(
  recipe: Recipe,
  people: readonly Person[],
  wishes: Wishes = {},
  known: HouseKnowledge = {},
): Plan {
  const bare: Plan = {
    id: 'as-written',
    title: 'As written',
    recipe,
    changes: [],
    balance: { before: noBalance, after: noBalance },
    parts: [],
    risks: [],
    differs: [],
    notes: [],
    cautions: [],
    packets: [],
    confidence: 'very close',
    confidenceBecause: '',
    restsOn: '',
    forPeople: people.map(p => p.id),
  }
  const parts = partsOf(recipe, tableOf(people, known.packets), wishes)
  // Every part counts, though nothing of it changes: its family and bands are what versions are weighed by.
  return {
    ...bare,
    ...judge({
      adapted: recipe,
      parts,
      touched: new Set(parts.keys()),
      schools: [],
      tried: known.tried,
    }),
    cautions: cautionsFor(recipe, people),
    packets: packetsToCheck(
      recipe,
      people,
      checkPeople(recipe, people, known.packets ? { packets: known.packets } : {}),
    ),
  }
}

/** For whom a plan is, what they asked for, and what the house knows. */
export interface PlanContext {
  readonly people: readonly Person[]
  readonly wishes: Wishes
  readonly known: HouseKnowledge
}

/** A plan looked at anew: what it comes to, and who may eat it. */
export interface EvaluatedPlan {
  readonly plan: Plan
  readonly check: PeopleCheck
}

const touchedBy = (parts: readonly DessertPart[], plan: Plan) =>
  new Set(
    parts.flatMap((part, i) =>
      part.leaving.length ||
      plan.parts.some(p => p.component === part.component.name) ||
      plan.recipe.components[i]?.lines.some(
        line => part.component.lines.find(l => l.id === line.id)?.grams?.best !== line.grams?.best,
      )
        ? [i]
        : [],
    ),
  )

/**
 * Weighs a plan whose recipe has been moved against the original, and checks it for everyone.
 * Arithmetic only: nothing is solved.
 */
export function evaluatePlan(
  original: Recipe,
  plan: Plan,
  { people, wishes, known }: PlanContext,
): EvaluatedPlan {
  const parts = partsOf(original, tableOf(people, known.packets), wishes)
  const judged: Judged = judge({
    adapted: plan.recipe,
    parts,
    touched: touchedBy(parts, plan),
    schools: substitutionsOf(plan),
    tried: known.tried,
  })
  const check = checkPeople(plan.recipe, people, known.packets ? { packets: known.packets } : {})
  return {
    plan: {
      ...plan,
      ...judged,
      cautions: cautionsFor(plan.recipe, people),
      packets: packetsToCheck(plan.recipe, people, check),
    },
    check,
  }
}

const moved = (line: Line, grams: Grams, plan: Plan, by: 'grams' | 'spoons'): Line => {
  const ingredient = line.ingredient ? ingredientById(line.ingredient) : undefined
  if (!ingredient) return line
  const amount =
    by === 'spoons'
      ? measured(grams, ingredient, plan.recipe.region, by)
      : { ...measured(grams, ingredient, plan.recipe.region, 'grams'), grams }
  const now = trimmedLine(line, amount, plan.recipe.region)
  return { ...now, grams: exactly(amount.grams), amount: { low: amount.grams, high: amount.grams } }
}

/** One amount that is moved by hand: the plan, the line, and to how many grams. */
interface Nudge {
  readonly original: Recipe
  readonly plan: Plan
  readonly lineId: string
  readonly grams: Grams
  readonly people: readonly Person[]
  readonly wishes?: Wishes
  readonly known?: HouseKnowledge
}

/**
 * The plan with one line at another weight (g, 0 to twice the batch), and everything that follows:
 * balance, risks, safety and confidence. The changes tell the new amount too; steps that state the
 * old one let it go. Lines without an ingredient stay.
 */
export function nudge({
  original,
  plan,
  lineId,
  grams,
  people,
  wishes = {},
  known = {},
}: Nudge): EvaluatedPlan {
  const most = 2 * linesOf(plan.recipe).reduce((sum, line) => sum + (line.grams?.best ?? 0), 0)
  const to = scaleAmount(Math.min(Math.max(grams, 0), most)).grams
  const recipe: Recipe = {
    ...plan.recipe,
    components: plan.recipe.components.map(c => ({
      ...c,
      lines: c.lines.map(line =>
        line.id === lineId ? moved(line, to, plan, wishes.measureIn ?? 'grams') : line,
      ),
    })),
  }
  const line = linesOf(recipe).find(l => l.id === lineId)
  const was = linesOf(plan.recipe).find(l => l.id === lineId)
  if (!line?.ingredient || !was?.grams)
    return evaluatePlan(original, plan, { people, wishes, known })
  const kitchen = measured(
    line.grams!.best,
    ingredientById(line.ingredient)!,
    recipe.region,
    wishes.measureIn ?? 'grams',
  ).kitchen
  const isIt = (ingredient: string, of: Grams | null) =>
    ingredient === line.ingredient && of !== null && Math.abs(of - was.grams!.best) < 0.06
  const before = linesOf(original).find(l => l.id === lineId)
  const told = plan.changes.map(change =>
    change.component !== line.component
      ? change
      : {
          ...change,
          adds: change.adds.map(add =>
            isIt(add.ingredient, add.grams)
              ? {
                  ...add,
                  grams: line.grams!.best,
                  kitchen,
                  times: ((add.times ?? 1) * line.grams!.best) / Math.max(was.grams!.best, 0.01),
                }
              : add,
          ),
          trims: change.trims.map(trim =>
            trim.lineId === lineId ? { ...trim, to: line.grams!.best, kitchen } : trim,
          ),
        },
  )
  const known1 = told.some(change => change.trims.some(trim => trim.lineId === lineId)) || !before
  const changes = known1
    ? told
    : [
        ...told,
        {
          component: line.component,
          removes: [],
          adds: [],
          trims: [
            {
              lineId,
              ingredient: line.ingredient,
              name: line.name,
              from: before.grams?.best ?? was.grams.best,
              to: line.grams!.best,
              kitchen,
              because: 'by your own hand',
            },
          ],
          because: 'You moved it yourself.',
          did: '',
          school: null,
          source: 'your own hand',
        },
      ]
  return evaluatePlan(
    original,
    {
      ...plan,
      changes,
      recipe: withAmountsRight(
        recipe,
        new Map([[lineId, line.grams!.best / Math.max(was.grams.best, 0.01)]]),
        original,
      ),
      nudged: true,
    },
    { people, wishes, known },
  )
}

/**
 * What a tenth more of one line moves: the cost in loss either way, and each measure's change in
 * its own tolerances.
 */
export interface Sensitivity {
  readonly lineId: string
  readonly name: string
  readonly grams: Grams
  readonly up: number
  readonly down: number
  readonly moves: readonly { readonly measure: Measure; readonly by: number }[]
}

/** Of which plan it is asked what each amount moves. */
interface SensitivityAsk {
  readonly original: Recipe
  readonly plan: Plan
  readonly people: readonly Person[]
  readonly wishes?: Wishes
  readonly known?: HouseKnowledge
}

/**
 * How sensitive each part's balance is to a tenth more or less of each of its weighed lines. The
 * dearest first.
 */
export function sensitivity({
  original,
  plan,
  people,
  wishes = {},
  known = {},
}: SensitivityAsk): Sensitivity[] {
  const parts = partsOf(original, tableOf(people, known.packets), wishes)
  return parts
    .flatMap((part, i) => {
      const component = plan.recipe.components[i]
      const shown = plan.parts.find(p => p.component === part.component.name)
      if (!component || !shown) return []
      const lossAt = (lines: readonly Line[]) =>
        judge({
          adapted: {
            ...plan.recipe,
            components: plan.recipe.components.map((c, k) => (k === i ? { ...c, lines } : c)),
          },
          parts,
          touched: new Set([i]),
          schools: [],
        }).parts[0]!.loss
      const base = lossAt(component.lines)
      const batter = new Set(batterOf(weightsOf(component.lines)).map(w => w.ingredient.id))
      return component.lines
        .filter(
          line =>
            isInside(line) &&
            line.ingredient &&
            line.grams &&
            batter.has(line.ingredient) &&
            line.grams.best > 0.003 * part.baseMass,
        )
        .map((line): Sensitivity => {
          const at = (factor: number) =>
            component.lines.map(l =>
              l === line ? { ...l, grams: exactly(l.grams!.best * factor) } : l,
            )
          const { family } = part.reading
          const [was, is] = [
            balanceIn(family, weightsOf(component.lines)),
            balanceIn(family, weightsOf(at(1.1))),
          ]
          const moves = measures
            .map(measure => ({
              measure,
              by:
                (is[measure] - was[measure]) /
                toleranceOf(measure, part.base, part.baseMass, part.flour),
            }))
            .filter(m => Math.abs(m.by) > 0.15 && (family.weights[m.measure] ?? 1) >= 0.1)
            .sort((a, b) => Math.abs(b.by) - Math.abs(a.by))
          return {
            lineId: line.id,
            name: line.name,
            grams: line.grams!.best,
            up: lossAt(at(1.1)) - base,
            down: lossAt(at(0.9)) - base,
            moves,
          }
        })
    })
    .sort((a, b) => Math.max(b.up, b.down) - Math.max(a.up, a.down))
}

/** What each line of a part brings of a measure, before and now; the greatest first. */
export interface Contributions {
  readonly before: readonly Contribution[]
  readonly after: readonly Contribution[]
}
export interface Contribution {
  readonly name: string
  readonly grams: Grams
  readonly brings: number
  readonly source: string
}

/**
 * Where a figure of the balance comes from: each line's weight times what 100 g of it hold, with
 * the pantry's source. In the unit of the measure. Lift and acid are sums of what meets in the
 * batter: each line's own gas (an egg's air) or acid stands there, soda alone as what heat sets
 * free.
 */
export function contributions(
  original: Recipe,
  plan: Plan,
  component: string,
  measure: Measure,
): Contributions {
  const family = familyById(plan.parts.find(p => p.component === component)?.family ?? '')
  const brought = (recipe: Recipe): Contribution[] =>
    (recipe.components.find(c => c.name === component)?.lines ?? [])
      .filter(isInside)
      .flatMap((line): Contribution[] => {
        const ingredient = line.ingredient ? ingredientById(line.ingredient) : undefined
        if (!ingredient || !line.grams) return []
        const brings = balanceIn(family, [{ ingredient, grams: line.grams.best }])[measure]
        return Math.abs(brings) > 1e-6
          ? [
              {
                name: line.name || line.text,
                grams: line.grams.best,
                brings,
                source: ingredient.source,
              },
            ]
          : []
      })
      .sort((a, b) => Math.abs(b.brings) - Math.abs(a.brings))
  return { before: brought(original), after: brought(plan.recipe) }
}
