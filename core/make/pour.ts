import type { Grams } from '../measure'
import { ingredientById } from '../pantry'
import {
  balanceIn,
  bandsOf,
  batterOf,
  familyById,
  familyOf,
  felt,
  massOf,
  measures,
  toleranceOf,
  weightsOf,
  type Measure,
} from '../formula'
import { measureNames, outcomeOf } from '../swap'
import { linesOf, type Recipe } from '../recipe'
import type { Making } from './making'
import { counterState } from './counter'
import type { Moment } from '../day'

/**
 * What one measure of the balance does when more or less of something went in than was wanted: as
 * shares of what was wanted, and whether it is still this dessert.
 */
interface Shift {
  readonly measure: Measure
  readonly name: string
  readonly percent: number
  readonly inside: boolean
  readonly says: string
}

/**
 * So much was weighed instead of what was wanted. `shifts` are those that can be noticed, the
 * greatest first.
 */
export interface Pour {
  readonly by: Grams
  readonly percent: number
  /** Too little to matter: within what a kitchen scale and a spatula lose. */
  readonly fine: boolean
  readonly shifts: readonly Shift[]
  /**
   * The factor that puts everything else into proportion; null where that cannot be (counted things
   * decide, or something is mixed already).
   */
  readonly factor: number | null
  readonly whyNot: string
  /** What was weighed already and wants more, and what is still to be weighed, at that factor. */
  readonly topUp: readonly { readonly name: string; readonly grams: Grams }[]
  readonly ahead: readonly { readonly name: string; readonly from: Grams; readonly to: Grams }[]
}

/**
 * Tolerances that a measure must move to be spoken of; what is lost on spatula and scale; how far a
 * batch may grow before its tin and oven are others. [I]
 */
const noticed = 0.35
const fine = (wanted: Grams, by: Grams) => Math.abs(by) <= Math.max(1, 0.02 * wanted)
const most = 1.5

/** So much (got) of a card’s item is in the bowl at this moment; families as they were said, by component. */
interface PourAsk {
  readonly making: Making
  readonly cardId: string
  readonly got: Grams
  readonly recipe: Recipe
  readonly families: Readonly<Record<string, string>>
  readonly now: Moment
}

/** Why the rest cannot be put into proportion; '' where it can. `counted` is what comes in whole pieces. */
function whyNotScaled(of: {
  readonly factor: number
  readonly mixed: boolean
  readonly counted: string
}): string {
  if (of.factor <= 1) return 'More of it can be added.'
  if (of.mixed) return 'Some of it is mixed already.'
  if (of.counted) return `${of.counted} cannot be had by a few percent more.`
  return of.factor > most ? 'That is half as much again: take some out, or begin anew.' : ''
}

/**
 * What it does to the balance that `got` grams of a line are in the bowl instead of what is wanted,
 * and what it takes to put the rest into proportion. `families` as the plan has them, by component.
 * Null for what has no weight or no card.
 */
export function pourOf({ making, cardId, got, recipe, families, now }: PourAsk): Pour | null {
  const counter = counterState(making, now)
  const here = counter.cards.find(p => p.card.id === cardId)
  const line = linesOf(recipe).find(l => l.id === here?.card.item?.lineId)
  const component = recipe.components.find(c => c.lines.some(l => l === line))
  if (!here || here.wanted === null || !line?.grams || !component || !(got >= 0)) return null
  const by = got - here.wanted
  const said = families[component.name]
  const { family } = said
    ? { family: familyById(said) }
    : familyOf(component, recipe.title, recipe.components.length === 1)
  const scale = counter.factors[here.card.bake] ?? 1
  const weights = (grams: Grams) =>
    weightsOf(
      component.lines.map(l =>
        l === line ? { ...l, grams: { low: grams, best: grams, high: grams } } : l,
      ),
    )
  const [was, is] = [weights(line.grams.best), weights(got / scale)]
  const [before, after] = [balanceIn(family, was), balanceIn(family, is)]
  const batter = batterOf(was)
  const flour = batter
    .filter(w => w.ingredient.kind === 'flour' || w.ingredient.kind === 'gluten-free-flour')
    .reduce((sum, w) => sum + w.grams, 0)
  const mass = massOf(batter)
  const base = balanceIn(family, batter)
  const bands = bandsOf({ original: before, family, mass, flour, base })
  const shifts =
    fine(here.wanted, by) || !ingredientById(line.ingredient ?? '')
      ? []
      : measures
          .flatMap((measure): (Shift & { readonly moved: number })[] => {
            const change =
              felt(measure, after[measure], flour) - felt(measure, before[measure], flour)
            const moved =
              (Math.abs(change) / toleranceOf(measure, base, mass, flour)) *
              Math.sqrt(family.weights[measure] ?? 1)
            if (moved < noticed) return []
            const [low, high] = bands[measure]
            return [
              {
                measure,
                name: measureNames[measure],
                percent:
                  Math.abs(before[measure]) > 1e-6
                    ? Math.round((100 * change) / Math.abs(before[measure]))
                    : 0,
                inside: after[measure] >= low - 1e-9 && after[measure] <= high + 1e-9,
                says: outcomeOf(measure, change > 0),
                moved,
              },
            ]
          })
          .sort((a, b) => b.moved - a.moved)
          .map(({ moved: _, ...shift }) => shift)

  const same = counter.cards.filter(p => p.card.bake === here.card.bake)
  const mixed = same.some(
    p =>
      p.card.kind === 'do' &&
      p.is === 'over' &&
      p.card.step !== null &&
      !/\b(?:tin|tray|oven|line|grease)\b/iu.test(p.card.says),
  )
  const counted = same.find(p => p.card.item?.counted && p.card.item.grams && p.card.item.inside)
  const factor = here.wanted > 0 ? got / here.wanted : 0
  const whyNot = whyNotScaled({ factor, mixed, counted: counted?.card.item?.says ?? '' })
  const rest = same.filter(
    p =>
      p.card.item &&
      p !== here &&
      p.wanted !== null &&
      !p.card.item.counted &&
      !p.leftOut &&
      p.card.item.inside,
  )
  return {
    by,
    percent: here.wanted > 0 ? (100 * by) / here.wanted : 0,
    fine: fine(here.wanted, by),
    shifts,
    factor: whyNot ? null : factor,
    whyNot,
    topUp: whyNot
      ? []
      : rest
          .filter(p => p.is === 'over')
          .map(p => ({
            name: p.card.item!.name,
            grams: Math.max(0, p.wanted! * factor - (p.got ?? p.wanted!)),
          })),
    ahead: whyNot
      ? []
      : rest
          .filter(p => p.is !== 'over')
          .map(p => ({ name: p.card.item!.name, from: p.wanted!, to: p.wanted! * factor })),
  }
}
