import { exactly, type Grams } from '../../measure'
import {
  balanceIn,
  batterOf,
  familyById,
  isInside,
  measures,
  toleranceOf,
  weightsOf,
  type Measure,
} from '../../formula'
import { ingredientById } from '../../pantry'
import type { Person } from '../../people'
import type { Line, Recipe } from '../../recipe'
import { tableOf } from '../leaving'
import { asPartedIn, partsOf, type Wishes, type HouseKnowledge, type DessertPart } from '../ways'
import { judge } from '../choose'
import type { Plan } from '../plan'

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

/** A part of a plan whose amounts are tried one by one. */
interface Tried {
  readonly plan: Plan
  readonly parts: readonly DessertPart[]
  readonly i: number
  readonly lines: readonly Line[]
}
/** What the part would be off by with these lines. */
function lossWith({ plan, parts, i }: Tried, lines: readonly Line[]): number {
  const components = plan.recipe.components.map((c, k) => (k === i ? { ...c, lines } : c))
  const adapted = { ...plan.recipe, components }
  return judge({ adapted, parts, touched: new Set([i]), schools: [] }).parts[0]!.loss
}
/** By how many tolerances each measure moves when the part has these lines; the greatest first. */
function movesWith({ parts, i, lines }: Tried, to: readonly Line[]): Sensitivity['moves'] {
  const part = parts[i]!
  const { family } = part.reading
  const [was, is] = [balanceIn(family, weightsOf(lines)), balanceIn(family, weightsOf(to))]
  const unit = (m: Measure) => toleranceOf(m, part.base, part.baseMass, part.flour)
  return measures
    .map(measure => ({ measure, by: (is[measure] - was[measure]) / unit(measure) }))
    .filter(m => Math.abs(m.by) > 0.15 && (family.weights[m.measure] ?? 1) >= 0.1)
    .sort((a, b) => Math.abs(b.by) - Math.abs(a.by))
}
/** The lines that weigh enough in the batter to be asked about. */
function weighing({ parts, i, lines }: Tried): readonly Line[] {
  const batter = new Set(batterOf(weightsOf(lines)).map(w => w.ingredient.id))
  const least = 0.003 * parts[i]!.baseMass
  return lines.filter(
    line =>
      isInside(line) &&
      line.ingredient &&
      line.grams &&
      batter.has(line.ingredient) &&
      line.grams.best > least,
  )
}
function sensitivityIn(tried: Tried): Sensitivity[] {
  const base = lossWith(tried, tried.lines)
  return weighing(tried).map((line): Sensitivity => {
    const grams = line.grams!.best
    const at = (factor: number) =>
      tried.lines.map(l => (l === line ? { ...l, grams: exactly(grams * factor) } : l))
    return {
      lineId: line.id,
      name: line.name,
      grams,
      up: lossWith(tried, at(1.1)) - base,
      down: lossWith(tried, at(0.9)) - base,
      moves: movesWith(tried, at(1.1)),
    }
  })
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
  const parts = partsOf(asPartedIn(original, plan.recipe), tableOf(people, known.packets), wishes)
  const isShown = (part: DessertPart) => plan.parts.some(p => p.component === part.component.name)
  return parts
    .flatMap((part, i) => {
      const component = plan.recipe.components[i]
      if (!component || !isShown(part)) return []
      return sensitivityIn({ plan, parts, i, lines: component.lines })
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
