import { asStill, type Celsius, type Grams, type Minutes } from '../measure'
import { grainKinds, type ingredientById } from '../pantry'
import {
  balanceIn,
  balanceRules,
  familyById,
  familyOf,
  isInside,
  massOf,
  ratiosOf,
  toleranceOf,
  weightsOf,
  type Balance,
  type FamilyRow,
  type Measure,
  type Ratio,
} from '../formula'
import { bakeLossRows, type Made } from '../make'
import { withFinish } from '../method'
import { batterRows, tinBatter, type SizedUp } from '../pan'
import { linesOf, restTimesIn, type Component, type Recipe } from '../recipe'
import { doseRisks, substitutionById, type Plan } from '../swap'
import { blackSalt, factRows } from './tables/fact-rows'
import { bakeLossSeen, noRecord, type ArmRecord } from './trial'

/**
 * Figures of one bake that speak for or against a cause. `move:` a measure against the original, in
 * tolerances; `water fat sugar` where it lies between the ends of what its family takes (0 to 1,
 * may lie outside); `lift` mmol CO₂ on 100 g flour; `residue` meq acid left on 100 g flour (below
 * 0: soda); `powder flax pulse` shares of the flour; `dose` of a gel or gum against its usual most;
 * `starch-dose` likewise; `sugar-white` sugar to foam; `dark` treacle and cocoa to flour; `fruit`
 * share of the whole; `bake-loss` 0 at the low and 1 at the high end of what is usual;
 * `minutes-short` share of time more (below 0: less) than reckoned; `core` °C above what it should
 * reach; `oven` °C; `oven-off` °C by which this oven runs hotter than it says; `depth` cm; `fill`
 * share of the tin; `rested` minutes before it was cut; `waited` minutes between mixing and oven;
 * `rise` minutes of rising that it states; `gluten-gone gluten-there soda black-salt` 1 where it is
 * so.
 */
export type FactId =
  | `move:${Measure}`
  | 'water'
  | 'fat'
  | 'sugar'
  | 'lift'
  | 'residue'
  | 'soda'
  | 'powder'
  | 'dose'
  | 'starch-dose'
  | 'flax'
  | 'pulse'
  | 'black-salt'
  | 'dark'
  | 'fruit'
  | 'sugar-white'
  | 'gluten-gone'
  | 'gluten-there'
  | 'bake-loss'
  | 'minutes-short'
  | 'core'
  | 'oven'
  | 'oven-off'
  | 'depth'
  | 'fill'
  | 'rested'
  | 'waited'
  | 'rise'
export type Facts = Partial<Record<FactId, number>>

/** What is known of the bake besides its recipe. */
export interface Seen {
  readonly record?: ArmRecord
  readonly made?: Made | null
  /** Minutes reckoned for the oven, and its heat. */
  readonly planned?: Minutes | null
  readonly core?: Celsius | null
  /** By how much this house's oven runs hotter than it says. */
  readonly ovenOff?: number | null
  readonly sized?: SizedUp | null
  readonly rested?: Minutes | null
  readonly waited?: Minutes | null
}

const rangeOf = (family: string, ratio: Ratio) =>
  balanceRules.find(rule => rule.families.includes(family) && rule.ratio === ratio)?.range ?? null

/** The main part of what was baked: with its family, as the plan or the recipe alone says. */
export function mainOf(
  recipe: Recipe,
  plan: Plan | null,
): { readonly component: string; readonly family: string; readonly at: number } {
  const heaviest =
    recipe.components
      .map((c, at) => ({ at, mass: massOf(weightsOf(c.lines)) }))
      .sort((a, b) => b.mass - a.mass)[0]?.at ?? 0
  const named = plan?.parts[0]
  const at = named
    ? Math.max(
        0,
        recipe.components.findIndex(c => c.name === named.component),
      )
    : heaviest
  const component = recipe.components[at]
  return {
    at,
    component: component?.name ?? '',
    family:
      named?.family ?? (component ? familyOf(component, recipe.title, true).family.id : 'other'),
  }
}

/** The part of a bake that facts are about, weighed. */
interface FactsOf {
  readonly baked: Recipe
  readonly plan: Plan | null
  readonly seen: Seen
  readonly family: FamilyRow
  readonly weights: Weights
  readonly now: Balance
  readonly ratios: ReturnType<typeof ratiosOf>
  readonly flour: Grams
  /** The same part as it is written. */
  readonly written: Component | undefined
  /** It is baked as it is written: nothing has moved. */
  readonly isAsWritten: boolean
}
type Weights = ReturnType<typeof weightsOf>
type KnownIngredient = NonNullable<ReturnType<typeof ingredientById>>
/** A large egg without its shell, in grams. [U] */
const anEgg = 50
const gramsOf = (weights: Weights, test: (i: KnownIngredient) => boolean): Grams =>
  weights.reduce((sum, w) => sum + (test(w.ingredient) ? w.grams : 0), 0)
const isFlour = (i: KnownIngredient) => grainKinds.includes(i.kind)
const isWheat = (i: KnownIngredient) => i.holds.includes('wheat')

/** How far each measure has moved from what is written, in tolerances. */
function moves({ now, family, written, isAsWritten }: FactsOf): Facts {
  if (!written || isAsWritten) return {}
  const before = weightsOf(written.lines.filter(isInside))
  const was = balanceIn(family, before)
  const [mass, flour] = [massOf(before), gramsOf(before, isFlour)]
  const all = (Object.keys(now) as Measure[]).map(measure => {
    const unit = toleranceOf(measure, was, mass, flour)
    return [`move:${measure}`, unit > 0 ? (now[measure] - was[measure]) / unit : undefined] as const
  })
  return Object.fromEntries(all.filter(([, by]) => by !== undefined))
}
/** Is the gluten gone that was there, or is it baked with flours that have none? */
function glutenGone({ family, weights, flour, written, isAsWritten }: FactsOf): boolean {
  if (gramsOf(weights, isWheat) > 0) return false
  if (written && !isAsWritten)
    return balanceIn(family, weightsOf(written.lines.filter(isInside))).gluten > 1
  const isFreeOf = (i: KnownIngredient) => i.kind === 'gluten-free-flour' || i.kind === 'flour-mix'
  return flour > 0 && gramsOf(weights, isFreeOf) > 0
}
/** Where water, fat and sugar lie between the ends of what the family takes. */
function withinFamily({ family, ratios }: FactsOf): Facts {
  const found: Facts = {}
  for (const ratio of ['water', 'fat', 'sugar'] as const) {
    const range = rangeOf(family.id, ratio)
    if (range) found[ratio] = (ratios[ratio] - range[0]) / (range[1] - range[0])
  }
  return found
}
/** Shares of the flour. */
function onFlour({ now, weights, flour }: FactsOf): Facts {
  if (flour <= 0) return {}
  const hasGluten = (i: KnownIngredient) => isWheat(i) || i.holds.includes('gluten')
  const found: Facts = {
    'lift': (100 * now.lift) / flour,
    'residue': (100 * now.acid) / flour,
    'powder': gramsOf(weights, i => i.powder > 0) / flour,
    'gluten-there': gramsOf(weights, hasGluten) > 0 ? 1 : 0,
  }
  for (const { fact, ingredients, kinds } of factRows) {
    const isIt = (i: KnownIngredient) => ingredients.includes(i.id) || kinds.includes(i.kind)
    found[fact] = gramsOf(weights, isIt) / flour
  }
  return found
}
/** Fruit as a share of the whole dessert. */
function fruitShare({ components }: Recipe): number {
  const all = components.map(c => weightsOf(c.lines))
  const fruit = all.reduce((sum, w) => sum + gramsOf(w, i => i.kind === 'fruit'), 0)
  return (
    fruit /
    Math.max(
      1,
      all.reduce((sum, w) => sum + massOf(w), 0),
    )
  )
}
/** How many eggs a plan replaces. */
function eggsGone({ plan, written }: FactsOf): number {
  const isEgg = plan?.changes.some(c => substitutionById(c.school ?? '')?.question === 'egg')
  if (!isEgg || !written) return 0
  return gramsOf(weightsOf(written.lines), i => i.kind === 'egg') / anEgg
}
/** Gels, gums and starches against their usual most. */
function doses(of: FactsOf): Facts {
  const eggs = eggsGone(of)
  const bases = { flour: of.flour, batch: Math.max(massOf(of.weights), 1), egg: eggs }
  const most = (isStarch: boolean) => {
    const rows = doseRisks.filter(
      ({ ingredients }) =>
        ingredients.some(id => id.includes('starch')) === isStarch &&
        !ingredients.some(id => id.startsWith('baking')),
    )
    const shares = rows.map(row => {
      const grams = gramsOf(of.weights, i => row.ingredients.includes(i.id))
      const base = bases[row.of]
      return base > 0 ? grams / base / row.usual : 0
    })
    return Math.max(0, ...shares)
  }
  const [dose, starch] = [most(false), most(true)]
  return {
    ...(dose > 0 ? { dose } : {}),
    ...(starch > 0 && eggs > 0 ? { 'starch-dose': starch } : {}),
  }
}
/** How much it lost in the oven, between what is little (0) and much (1) for its kind. */
function lossSeen({ seen, family }: FactsOf): Facts {
  const loss = bakeLossSeen(seen.record ?? noRecord, seen.made ?? null)
  const usual = bakeLossRows[batterRowOf(family)?.by ?? 'heat']
  if (loss === null || !usual) return {}
  return { 'bake-loss': (loss - usual[0]) / (usual[1] - usual[0]) }
}
const batterRowOf = (family: FamilyRow) => batterRows.find(row => row.family === family.id)
const inTheOven = (seen: Seen) => seen.made?.times.find(t => t.says === 'in the oven')
/** How much longer or shorter it baked than was reckoned. */
function timeSeen({ seen }: FactsOf): Facts {
  const oven = inTheOven(seen)
  const took = seen.record?.minutes ?? oven?.took
  const planned = seen.planned ?? oven?.planned
  return took && planned ? { 'minutes-short': took / planned - 1 } : {}
}
/** How warm its middle was when it came out, against what is done. */
function coreSeen({ seen, family }: FactsOf): Facts {
  const core = seen.core ?? seen.made?.warmest ?? null
  const row = batterRowOf(family)
  return core !== null && row ? { core: core - row.finish } : {}
}
/** The heat that it was baked at. */
function heatSeen({ baked, seen }: FactsOf): Facts {
  const heat = seen.record?.celsius ?? inTheOven(seen)?.celsius ?? baked.oven?.celsius
  return heat ? { oven: asStill(heat, baked.oven?.fan) } : {}
}
/** What was weighed, timed and felt, against what was reckoned. */
const measured = (of: FactsOf): Facts => ({
  ...lossSeen(of),
  ...timeSeen(of),
  ...coreSeen(of),
  ...heatSeen(of),
})
/** How it stood in its tin, and how long it rose, waited and rested. */
function stood({ baked, seen }: FactsOf): Facts {
  const filling = tinBatter(baked) ? seen.sized?.tins[0]?.filling : undefined
  const rising = restTimesIn(baked).filter(r => r.kind === 'rise')
  const known: Partial<Record<FactId, number | null | undefined>> = {
    'oven-off': seen.ovenOff,
    'depth': filling?.depth,
    'fill': filling?.full,
    'rise': rising.length ? rising.reduce((sum, r) => sum + r.low, 0) : null,
    'rested': seen.rested,
    'waited': seen.waited,
  }
  const all = Object.entries(known).filter(([, n]) => n !== null && n !== undefined)
  return Object.fromEntries(all) as Facts
}

/**
 * Everything that the numbers of this bake say. `asRead` null: the recipe is baked as it is
 * written, so nothing has moved. Facts that are not known are not there.
 */
export function factsOf(
  asRead: Recipe | null,
  asBaked: Recipe,
  plan: Plan | null,
  seen: Seen = {},
): Facts {
  const baked = withFinish(asBaked)
  const original = asRead && withFinish(asRead)
  const { at, family: familyId } = mainOf(baked, plan)
  const component = baked.components[at]
  if (!component) return {}
  const family = familyById(familyId)
  const weights = weightsOf(component.lines.filter(isInside))
  const named = original?.components.find(c => c.name === component.name)
  const of: FactsOf = {
    baked,
    plan,
    seen,
    family,
    weights,
    now: balanceIn(family, weights),
    ratios: ratiosOf(weights),
    flour: gramsOf(weights, isFlour),
    written: original?.components[at] ?? named,
    isAsWritten: original === baked,
  }
  const whites = of.ratios.sugarPerWhite
  return {
    ...moves(of),
    'gluten-gone': glutenGone(of) ? 1 : 0,
    ...withinFamily(of),
    ...onFlour(of),
    'soda': gramsOf(weights, i => i.soda > 0) > 0 ? 1 : 0,
    'black-salt': linesOf(baked).some(line => blackSalt.test(line.text)) ? 1 : 0,
    'fruit': fruitShare(baked),
    ...(whites > 0 ? { 'sugar-white': whites } : {}),
    ...doses(of),
    ...measured(of),
    ...stood(of),
  }
}
