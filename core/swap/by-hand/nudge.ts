import { exactly, scaleAmount, type Grams } from '../../measure'
import { ingredientById, measured } from '../../pantry'
import type { Person } from '../../people'
import { linesOf, type Line, type Recipe } from '../../recipe'
import type { Wishes, HouseKnowledge } from '../ways'
import { evaluatePlan, type EvaluatedPlan } from './evaluate'
import type { Change, Plan } from '../plan'
import { withAmountsRight, trimmedLine } from '../carry-out'

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

/** A line before and after it is moved by hand. */
interface MovedLine {
  readonly was: Line
  readonly line: Line
  readonly ingredient: string
  readonly from: Grams
  readonly to: Grams
  readonly kitchen: string
}
const hasTrim = (change: Change, lineId: string) => change.trims.some(t => t.lineId === lineId)

/** A change that tells the moved line's new amount, where it tells of that line. */
function retold(change: Change, { line, ingredient, from, to, kitchen }: MovedLine): Change {
  if (change.component !== line.component) return change
  const isIt = (add: Change['adds'][number]) =>
    add.ingredient === ingredient && add.grams !== null && Math.abs(add.grams - from) < 0.06
  const times = (add: Change['adds'][number]) => ((add.times ?? 1) * to) / Math.max(from, 0.01)
  return {
    ...change,
    adds: change.adds.map(add =>
      isIt(add) ? { ...add, grams: to, kitchen, times: times(add) } : add,
    ),
    trims: change.trims.map(trim => (trim.lineId === line.id ? { ...trim, to, kitchen } : trim)),
  }
}
/** A change of its own for a line of the original that no change tells of. */
function byHand({ was, line, ingredient, to, kitchen }: MovedLine, original: Line): Change {
  const from = original.grams?.best ?? was.grams!.best
  const because = 'by your own hand'
  return {
    component: line.component,
    removes: [],
    adds: [],
    trims: [{ lineId: line.id, ingredient, name: line.name, from, to, kitchen, because }],
    because: 'You moved it yourself.',
    did: '',
    school: null,
    source: 'your own hand',
  }
}
/** All changes of a plan with a line moved. */
function changesWith(plan: Plan, moved: MovedLine, original: Line | undefined): readonly Change[] {
  const told = plan.changes.map(change => retold(change, moved))
  const isTold = told.some(change => hasTrim(change, moved.line.id))
  return isTold || !original ? told : [...told, byHand(moved, original)]
}

/** The plan's recipe with one line at another weight: from 0 to twice the batch. */
function recipeWith(plan: Plan, lineId: string, grams: Grams, by: 'grams' | 'spoons'): Recipe {
  const most = 2 * linesOf(plan.recipe).reduce((sum, line) => sum + (line.grams?.best ?? 0), 0)
  const to = scaleAmount(Math.min(Math.max(grams, 0), most)).grams
  const withIt = (line: Line) => (line.id === lineId ? moved(line, to, plan, by) : line)
  return {
    ...plan.recipe,
    components: plan.recipe.components.map(c => ({ ...c, lines: c.lines.map(withIt) })),
  }
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
  const by = wishes.measureIn ?? 'grams'
  const recipe = recipeWith(plan, lineId, grams, by)
  const [line, was, written] = [recipe, plan.recipe, original].map(each =>
    linesOf(each).find(l => l.id === lineId),
  )
  const context = { people, wishes, known }
  if (!line?.ingredient || !was?.grams) return evaluatePlan(original, plan, context)
  const [from, to] = [was.grams.best, line.grams!.best]
  const { kitchen } = measured(to, ingredientById(line.ingredient)!, recipe.region, by)
  const of: MovedLine = { was, line, ingredient: line.ingredient, from, to, kitchen }
  const factors = new Map([[lineId, to / Math.max(from, 0.01)]])
  return evaluatePlan(
    original,
    {
      ...plan,
      changes: changesWith(plan, of, written),
      recipe: withAmountsRight(recipe, factors, original),
      nudged: true,
    },
    context,
  )
}
