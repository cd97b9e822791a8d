import { writtenLine } from '../carry-out'
import { exactly, type Grams } from '../../measure'
import { ingredientById, measured, type Ingredient } from '../../pantry'
import {
  balanceIn,
  batterOf,
  isInside,
  measures,
  toleranceOf,
  weightsOf,
  type Balance,
  type Measure,
} from '../../formula'
import type { Person } from '../../people'
import type { Line, Recipe } from '../../recipe'
import { mayCome, tableOf, type Table } from '../leaving'
import { asPartedIn, partsOf, type Wishes, type HouseKnowledge, type DessertPart } from '../ways'
import { evaluatePlan, type EvaluatedPlan } from './evaluate'
import { nudge } from './nudge'
import type { Plan } from '../plan'
import { leverIngredients, pull, trims } from '../tables/limits'

/**
 * One amount that moves one measure. `moves` in tolerances of the part: what a baker notices is
 * about one.
 */
export interface Lever {
  readonly component: string
  readonly measure: Measure
  readonly lineId: string
  readonly ingredient: string
  readonly name: string
  /** Null: it comes in anew. */
  readonly from: Grams | null
  readonly to: Grams
  readonly kitchen: string
  readonly moves: number
  /** What else moves by more than half a tolerance, with how far. */
  readonly besides: readonly { readonly measure: Measure; readonly by: number }[]
  /** The plan with it, weighed and checked for everyone. */
  readonly after: EvaluatedPlan
}

interface Try {
  readonly ingredient: Ingredient
  readonly line: Line | null
  readonly grams: number
  readonly moves: number
  readonly price: number
  readonly besides: Lever['besides']
}

const levers: Readonly<Partial<Record<Measure, readonly string[]>>> = {
  lift: leverIngredients.lift,
  fat: leverIngredients.fat,
  water: leverIngredients.water,
  acid: leverIngredients.acid,
  set: leverIngredients.set,
  bind: leverIngredients.bind,
  gluten: leverIngredients.hold,
  salt: leverIngredients.salt,
}

/** What is wanted: more (up) or less of one measure in one part of a plan. */
interface LeverAsked {
  readonly original: Recipe
  readonly plan: Plan
  readonly component: string
  readonly measure: Measure
  readonly up: boolean
  readonly people: readonly Person[]
  readonly wishes?: Wishes
  readonly known?: HouseKnowledge
  readonly size?: number
}

/** The part that a lever works in: what is in it, what a tolerance is, and which way is wanted. */
interface Place extends LeverAsked {
  readonly wishes: Wishes
  readonly known: HouseKnowledge
  readonly size: number
  readonly table: Table
  readonly part: DessertPart
  readonly at: number
  readonly inside: readonly Line[]
  readonly was: Balance
  readonly mass: Grams
  readonly sign: 1 | -1
}
function placeOf(asked: LeverAsked): Place | null {
  const { original, plan, component, people, wishes = {}, known = {}, size = pull.usual } = asked
  const table = tableOf(people, known.packets)
  const parts = partsOf(asPartedIn(original, plan.recipe), table, wishes)
  const at = plan.recipe.components.findIndex(c => c.name === component)
  const part = parts[at] ?? parts.find(p => p.component.name === component)
  const here = plan.recipe.components[at]
  if (!part || !here) return null
  const inside = here.lines.filter(isInside)
  const was = balanceIn(part.reading.family, weightsOf(inside))
  const mass = Math.max(part.baseMass, 1)
  const base = { ...asked, wishes, known, size, table, part, at, inside, was, mass }
  return { ...base, sign: asked.up ? 1 : -1 }
}
const tolerance = ({ part, mass }: Place, measure: Measure) =>
  Math.max(toleranceOf(measure, part.base, mass, part.flour), 1e-9)
/** How far each measure moves, in tolerances, with so much more of an ingredient. */
function shiftWith(place: Place, ingredient: Ingredient, by: Grams): (m: Measure) => number {
  const { inside, was, part } = place
  const is = balanceIn(part.reading.family, [...weightsOf(inside), { ingredient, grams: by }])
  return m => (is[m] - was[m]) / tolerance(place, m)
}

/** What may be pulled: a line, or something new (null), within these grams. */
interface Pull {
  readonly ingredient: Ingredient
  readonly line: Line | null
  readonly least: Grams
  readonly most: Grams
  readonly price: number
}

/** How much of it moves the measure as far as is wanted, and which way; null where it does not. */
function reachOf(place: Place, { ingredient, line, least, most }: Pull): Grams | null {
  const { measure, sign, size, mass } = place
  const grams = line?.grams?.best ?? 0
  // By how much for a small step; the balance is nearly straight there, and the step is measured
  // again at its own size.
  const step = Math.max(0.02 * Math.max(grams, 0.01 * mass), 0.05)
  const movedBy = (by: Grams) => sign * shiftWith(place, ingredient, by)(measure)
  const towards = [1, -1].find(way => movedBy(way * step) > 1e-4)
  if (!towards) return null
  const room = towards > 0 ? most - grams : grams - least
  let by = Math.min(room, (step * size) / Math.abs(movedBy(towards * step)))
  for (let n = 0; n < 6; n++) {
    const moved = movedBy(towards * by)
    if (moved <= 0) return null
    by = Math.min(room, by * Math.min(2, Math.max(0.5, size / moved)))
  }
  return by > 0 ? towards * by : null
}

/** A pull weighed: how far it reaches and what else it moves; none where that is no single change. */
function tryOf(place: Place, pulled: Pull): Try[] {
  const { measure, sign, size, part } = place
  const by = reachOf(place, pulled)
  if (by === null) return []
  const moved = shiftWith(place, pulled.ingredient, by)
  const others = measures.filter(m => m !== measure)
  const weight = (m: Measure) => part.reading.family.weights[m] ?? 1
  const beside = others.reduce((sum, m) => sum + weight(m) * moved(m) ** 2, 0)
  const reached = sign * moved(measure)
  if (reached < pull.least || beside / reached ** 2 > pull.spill) return []
  const short = pull.short * Math.max(0, size - reached)
  return [
    {
      ingredient: pulled.ingredient,
      line: pulled.line,
      grams: Math.max(0, (pulled.line?.grams?.best ?? 0) + by),
      moves: reached,
      besides: others
        .filter(m => weight(m) >= 0.1)
        .map(m => ({ measure: m, by: moved(m) }))
        .filter(m => Math.abs(m.by) > 0.5)
        .sort((a, b) => Math.abs(b.by) - Math.abs(a.by)),
      price: pulled.price + beside / reached ** 2 + short,
    },
  ]
}

/** The lines that may be pulled, within what may be trimmed and what a school doses. */
function pullsThere({ inside, plan, component }: Place): Pull[] {
  const batter = new Set(batterOf(weightsOf(inside)).map(w => w.ingredient.id))
  const changes = plan.changes.filter(c => c.component === component)
  const dosed = new Set(changes.flatMap(c => c.adds.map(a => a.ingredient)))
  return inside.flatMap((line): Pull[] => {
    const ingredient = line.ingredient ? ingredientById(line.ingredient) : undefined
    if (!ingredient || !line.grams || line.purpose || !batter.has(ingredient.id)) return []
    const stays = trims[ingredient.kind] ? pull.stays : ([1, 1] as const)
    const [least, most] = dosed.has(ingredient.id) ? pull.dose : stays
    const { best } = line.grams
    return [{ ingredient, line, least: best * least, most: best * most, price: 0 }]
  })
}
/** What may come in anew to move the measure up, of what everyone at the table may eat. */
function pullsAnew({ measure, up, part, table, inside, mass }: Place): Pull[] {
  if (!up || (measure === 'fat' && part.reading.family.closesFat === 'none')) return []
  return (levers[measure] ?? []).flatMap((id): Pull[] => {
    const ingredient = ingredientById(id)
    if (!ingredient || !mayCome(ingredient, table)) return []
    if (inside.some(line => line.ingredient === id)) return []
    return [{ ingredient, line: null, least: 0, most: pull.newOfBatch * mass, price: pull.anew }]
  })
}

/** A try as it comes out in the plan, weighed as a kitchen weighs; null where little is left of it. */
function leverOf(place: Place, best: Try): Lever | null {
  const { component, measure, sign, part, at, was, plan, wishes } = place
  const made = put(place, best)
  if (!made) return null
  const { lines } = made.after.plan.recipe.components[at]!
  const line = lines.find(l => l.id === made.lineId)
  if (!line?.grams) return null
  const is = balanceIn(part.reading.family, weightsOf(lines.filter(isInside)))
  const moves = (sign * (is[measure] - was[measure])) / tolerance(place, measure)
  // Rounding to what can be weighed may leave nothing of it.
  if (moves < pull.least / 2) return null
  const by = wishes.measureIn ?? 'grams'
  return {
    component,
    measure,
    lineId: made.lineId,
    ingredient: best.ingredient.id,
    name: line.name,
    from: best.line?.grams?.best ?? null,
    to: line.grams.best,
    kitchen: measured(line.grams.best, best.ingredient, plan.recipe.region, by).kitchen,
    moves: sign * moves,
    besides: best.besides,
    after: made.after,
  }
}

/**
 * The one amount of a plan that moves a measure of a part up or down by about `size` tolerances and
 * little else: a line that is there, else something new that everyone at the table may eat. Null
 * where nothing can: no line moves it, or none as far as half a tolerance within its limits.
 * Nothing is proposed by which somebody meets what they avoid: the safety check sees the whole plan
 * with it.
 */
export function leverFor(asked: LeverAsked): Lever | null {
  const place = placeOf(asked)
  if (!place || (place.part.reading.family.weights[asked.measure] ?? 1) < 0.1) return null
  const pulls = [...pullsThere(place), ...pullsAnew(place)]
  const tried = pulls.flatMap(each => tryOf(place, each)).sort((a, b) => a.price - b.price)
  for (const best of tried) {
    const lever = leverOf(place, best)
    if (lever) return lever
  }
  return null
}

/** A lever in the plan: which line it is, and what the plan then comes to. */
interface LeverPut {
  readonly lineId: string
  readonly after: EvaluatedPlan
}

/** Where something new goes in. */
const goesIn = ({ name }: Line, { per100 }: Ingredient) =>
  `The ${name} goes in with ${per100.water > 30 || per100.fat > 50 ? 'what is wet' : 'what is dry'}.`

/** The recipe with a new line, which its first step takes up. */
function withLine({ plan, component, wishes }: Place, { ingredient, grams }: Try) {
  const { recipe } = plan
  const amount = measured(grams, ingredient, recipe.region, wishes.measureIn ?? 'grams')
  const id = `new-${ingredient.id}`
  const words = { id, component, ingredient, amount, region: recipe.region, tail: '' }
  const line = { ...writtenLine(words), grams: exactly(amount.grams) }
  const told = (step: string, i: number) => (i === 0 ? `${step} ${goesIn(line, ingredient)}` : step)
  const components = recipe.components.map(c =>
    c.name === component ? { ...c, lines: [...c.lines, line], steps: c.steps.map(told) } : c,
  )
  return { id, recipe: { ...recipe, components } }
}

/** The plan with the amount, where nobody meets something new that they avoid. */
function put(place: Place, best: Try): LeverPut | null {
  const { original, plan, people, wishes, known } = place
  const ifSafe = (lineId: string, after: EvaluatedPlan) =>
    after.check.people.every(p => p.conflicts.every(c => c.state !== 'contains'))
      ? { lineId, after }
      : null
  if (best.line) {
    const { id } = best.line
    const { grams } = best
    return ifSafe(id, nudge({ original, plan, lineId: id, grams, people, wishes, known }))
  }
  const { id, recipe } = withLine(place, best)
  const moved = { ...plan, recipe, nudged: true }
  return ifSafe(id, evaluatePlan(original, moved, { people, wishes, known }))
}
