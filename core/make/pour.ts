import type { Grams } from '../measure'
import { ingredientById } from '../pantry'
import {
  balanceIn,
  bandsOf,
  batterOf,
  familyById,
  familyOf,
  type FamilyRow,
  felt,
  massOf,
  measures,
  toleranceOf,
  weightsOf,
  type Measure,
} from '../formula'
import { measureNames, outcomeOf } from '../swap'
import { linesOf, type Component, type Line, type Recipe } from '../recipe'
import type { Making } from './making'
import { counterState } from './counter'
import type { PlacedCard } from './placed'
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

/** The dish in the bowl: what is weighed, into which part, of which family. */
interface Weighed {
  readonly here: PlacedCard
  readonly line: Line
  readonly component: Component
  readonly family: FamilyRow
  /** So much was wanted, and so much is there, both for the recipe as it is written, in grams. */
  readonly written: Grams
  readonly there: Grams
}
/** How each measure of the balance moves, the greatest first. */
function shiftsOf({ line, component, family, written, there }: Weighed): Shift[] {
  if (!ingredientById(line.ingredient ?? '')) return []
  const weights = (grams: Grams) =>
    weightsOf(
      component.lines.map(l =>
        l === line ? { ...l, grams: { low: grams, best: grams, high: grams } } : l,
      ),
    )
  const [was, is] = [weights(written), weights(there)]
  const [before, after] = [balanceIn(family, was), balanceIn(family, is)]
  const batter = batterOf(was)
  const flour = batter
    .filter(w => w.ingredient.kind === 'flour' || w.ingredient.kind === 'gluten-free-flour')
    .reduce((sum, w) => sum + w.grams, 0)
  const mass = massOf(batter)
  const base = balanceIn(family, batter)
  const bands = bandsOf({ original: before, family, mass, flour, base })
  const shift = (measure: Measure) => {
    const change = felt(measure, after[measure], flour) - felt(measure, before[measure], flour)
    const weight = Math.sqrt(family.weights[measure] ?? 1)
    const moved = (Math.abs(change) / toleranceOf(measure, base, mass, flour)) * weight
    const [low, high] = bands[measure]
    const size = Math.abs(before[measure])
    return {
      measure,
      name: measureNames[measure],
      percent: size > 1e-6 ? Math.round((100 * change) / size) : 0,
      inside: after[measure] >= low - 1e-9 && after[measure] <= high + 1e-9,
      says: outcomeOf(measure, change > 0),
      moved,
    }
  }
  return measures
    .map(shift)
    .filter(each => each.moved >= noticed)
    .sort((a, b) => b.moved - a.moved)
    .map(({ moved: _, ...rest }) => rest)
}
/** The family that the plan has for a part, else the one that is read. */
function familyIn(recipe: Recipe, component: Component, families: PourAsk['families']): FamilyRow {
  const said = families[component.name]
  if (said) return familyById(said)
  return familyOf(component, recipe.title, recipe.components.length === 1).family
}
/** Making the tin ready mixes nothing. */
const readiesTin = /\b(?:tin|tray|oven|line|grease)\b/iu
const isMixing = ({ card, is }: PlacedCard) =>
  card.kind === 'do' && is === 'over' && card.step !== null && !readiesTin.test(card.says)
const isCounted = ({ card: { item } }: PlacedCard) =>
  Boolean(item?.counted && item.grams && item.inside)
const isWeighable = ({ card: { item }, wanted, leftOut }: PlacedCard) =>
  Boolean(item && !item.counted && item.inside) && wanted !== null && !leftOut
/** The rest at this factor: what was weighed wants more, what is still to be weighed is more. */
function inProportion(rest: readonly PlacedCard[], factor: number): Pick<Pour, 'topUp' | 'ahead'> {
  const [done, open] = [true, false].map(isOver => rest.filter(p => (p.is === 'over') === isOver))
  return {
    topUp: done!.map(({ card, wanted, got }) => ({
      name: card.item!.name,
      grams: Math.max(0, wanted! * factor - (got ?? wanted!)),
    })),
    ahead: open!.map(({ card, wanted }) => ({
      name: card.item!.name,
      from: wanted!,
      to: wanted! * factor,
    })),
  }
}

/** What is left of one bake at this factor, or why that cannot be. */
function rescaled(
  cards: readonly PlacedCard[],
  here: PlacedCard,
  factor: number,
): Pick<Pour, 'factor' | 'whyNot' | 'topUp' | 'ahead'> {
  const counted = cards.find(isCounted)?.card.item?.says ?? ''
  const whyNot = whyNotScaled({ factor, mixed: cards.some(isMixing), counted })
  if (whyNot) return { factor: null, whyNot, topUp: [], ahead: [] }
  const rest = cards.filter(p => p !== here && isWeighable(p))
  return { factor, whyNot, ...inProportion(rest, factor) }
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
  const { wanted } = here
  const family = familyIn(recipe, component, families)
  const there = got / (counter.factors[here.card.bake] ?? 1)
  const by = got - wanted
  const isFine = fine(wanted, by)
  const shifts = isFine
    ? []
    : shiftsOf({ here, line, component, family, written: line.grams.best, there })

  const same = counter.cards.filter(p => p.card.bake === here.card.bake)
  return {
    by,
    percent: wanted > 0 ? (100 * by) / wanted : 0,
    fine: isFine,
    shifts,
    ...rescaled(same, here, wanted > 0 ? got / wanted : 0),
  }
}
