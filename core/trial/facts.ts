import { asStill, type Celsius, type Minutes } from '../measure'
import type { ingredientById } from '../pantry'
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
  type Measure,
  type Ratio,
} from '../formula'
import { bakeLossRows, type Made } from '../make'
import { batterRows, tinBatter, type SizedUp } from '../pan'
import { linesOf, restTimesIn, type Recipe } from '../recipe'
import { doseRisks, substitutionById, type Plan } from '../swap'
import { blackSalt, factRows, flourKinds } from './tables/fact-rows'
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

/**
 * Everything that the numbers of this bake say. `original` null: the recipe is baked as it is
 * written, so nothing has moved. Facts that are not known are not there.
 */
export function factsOf(
  original: Recipe | null,
  baked: Recipe,
  plan: Plan | null,
  seen: Seen = {},
): Facts {
  const facts: Facts = {}
  const { at, family: familyId } = mainOf(baked, plan)
  const component = baked.components[at]
  if (!component) return facts
  const family = familyById(familyId)
  const weights = weightsOf(component.lines.filter(isInside))
  const now: Balance = balanceIn(family, weights)
  const grams = (test: (i: NonNullable<ReturnType<typeof ingredientById>>) => boolean) =>
    weights.reduce((sum, w) => sum + (test(w.ingredient) ? w.grams : 0), 0)
  const flour = grams(i => flourKinds.includes(i.kind))
  const mass = Math.max(massOf(weights), 1)
  const written =
    original?.components[at] ?? original?.components.find(c => c.name === component.name)
  if (written && original !== baked) {
    const before = weightsOf(written.lines.filter(isInside))
    const was = balanceIn(family, before)
    const oldFlour = before.reduce(
      (sum, w) => sum + (flourKinds.includes(w.ingredient.kind) ? w.grams : 0),
      0,
    )
    for (const measure of Object.keys(now) as Measure[]) {
      const unit = toleranceOf(measure, was, massOf(before), oldFlour)
      if (unit > 0) facts[`move:${measure}`] = (now[measure] - was[measure]) / unit
    }
    facts['gluten-gone'] = was.gluten > 1 && grams(i => i.holds.includes('wheat')) === 0 ? 1 : 0
  }
  facts['gluten-gone'] ??=
    flour > 0 &&
    grams(i => i.kind === 'gluten-free-flour' || i.kind === 'flour-mix') > 0 &&
    grams(i => i.holds.includes('wheat')) === 0
      ? 1
      : 0
  const ratios = ratiosOf(weights)
  for (const [fact, ratio] of [
    ['water', 'water'],
    ['fat', 'fat'],
    ['sugar', 'sugar'],
  ] as const) {
    const range = rangeOf(familyId, ratio)
    if (range) facts[fact] = (ratios[ratio] - range[0]) / (range[1] - range[0])
  }
  if (flour > 0) {
    facts.lift = (100 * now.lift) / flour
    facts.residue = (100 * now.acid) / flour
    facts.powder = grams(i => i.powder > 0) / flour
    for (const row of factRows)
      facts[row.fact] =
        grams(i => row.ingredients.includes(i.id) || row.kinds.includes(i.kind)) / flour
    facts['gluten-there'] =
      grams(i => i.holds.includes('wheat') || i.holds.includes('gluten')) > 0 ? 1 : 0
  }
  facts.soda = grams(i => i.soda > 0) > 0 ? 1 : 0
  facts['black-salt'] = linesOf(baked).some(line => blackSalt.test(line.text)) ? 1 : 0
  const fruit = baked.components.reduce(
    (sum, c) =>
      sum +
      weightsOf(c.lines).reduce((s, w) => s + (w.ingredient.kind === 'fruit' ? w.grams : 0), 0),
    0,
  )
  facts.fruit =
    fruit /
    Math.max(
      1,
      baked.components.reduce((sum, c) => sum + massOf(weightsOf(c.lines)), 0),
    )
  if (ratios.sugarPerWhite > 0) facts['sugar-white'] = ratios.sugarPerWhite
  const eggs =
    plan?.changes.some(c => substitutionById(c.school ?? '')?.question === 'egg') && written
      ? weightsOf(written.lines).reduce(
          (sum, w) => sum + (w.ingredient.kind === 'egg' ? w.grams / 50 : 0),
          0,
        )
      : 0
  const most = (starch: boolean) =>
    Math.max(
      0,
      ...doseRisks
        .filter(
          row =>
            row.ingredients.some(id => id.includes('starch')) === starch &&
            !row.ingredients.some(id => id.startsWith('baking')),
        )
        .map(row => {
          const g = grams(i => row.ingredients.includes(i.id))
          const of = { flour, batch: mass, egg: eggs }[row.of]
          return of > 0 && g > 0 ? g / of / row.usual : 0
        }),
    )
  if (most(false) > 0) facts.dose = most(false)
  if (most(true) > 0 && eggs > 0) facts['starch-dose'] = most(true)

  const row = batterRows.find(b => b.family === familyId)
  const loss = bakeLossSeen(seen.record ?? noRecord, seen.made ?? null)
  const usual = bakeLossRows[row?.by ?? 'heat']
  if (loss !== null && usual) facts['bake-loss'] = (loss - usual[0]) / (usual[1] - usual[0])
  const oven = seen.made?.times.find(t => t.says === 'in the oven')
  const [took, planned] = [
    seen.record?.minutes ?? oven?.took ?? null,
    seen.planned ?? oven?.planned ?? null,
  ]
  if (took && planned) facts['minutes-short'] = took / planned - 1
  const core = seen.core ?? seen.made?.warmest ?? null
  if (core !== null && row) facts.core = core - row.finish
  const heat = seen.record?.celsius ?? oven?.celsius ?? baked.oven?.celsius ?? null
  if (heat) facts.oven = asStill(heat, baked.oven?.fan)
  if (seen.ovenOff !== null && seen.ovenOff !== undefined) facts['oven-off'] = seen.ovenOff
  const filling = seen.sized?.tins[0]?.filling
  if (filling && tinBatter(baked)) {
    facts.depth = filling.depth
    facts.fill = filling.full
  }
  const rising = restTimesIn(baked).filter(r => r.kind === 'rise')
  if (rising.length) facts.rise = rising.reduce((sum, r) => sum + r.low, 0)
  if (seen.rested !== null && seen.rested !== undefined) facts.rested = seen.rested
  if (seen.waited !== null && seen.waited !== undefined) facts.waited = seen.waited
  return facts
}
