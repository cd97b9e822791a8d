import { balanceIn, batterOf, eggCount, familyOf, isInside, massOf, weightsOf } from '../formula'
import type { Grams } from '../measure'
import { withFinish } from '../method'
import { flourKinds, ingredientById, type Kind } from '../pantry'
import type { Component, Line, Recipe } from '../recipe'
import { batterOfFamily, besideWords, type BatterRow } from './tables/batters'
import { dark } from './tables/cues'

/**
 * One part of a recipe as the tin sees it. `ml` of what goes in; a part that is beside goes on or
 * next to the bake.
 */
interface TinPart {
  readonly component: string
  readonly family: string
  readonly familyName: string
  readonly grams: number
  readonly ml: number
  readonly beside: boolean
  readonly row: BatterRow
}

/** What lies in the tin: all its parts together, ruled by the heaviest that the oven has to heat through. */
export interface TinBatter {
  readonly parts: readonly TinPart[]
  readonly grams: number
  readonly ml: number
  readonly density: number
  /** Water by weight, 0…1. */
  readonly water: number
  readonly row: BatterRow
  readonly familyName: string
  /** Eggs of any kind in what is baked, in large ones. */
  readonly eggs: number
  /** Too dark for colour to tell anything. */
  readonly dark: boolean
  /** Names of lines without a weight that would count. */
  readonly unweighed: readonly string[]
  readonly flour: number
}

export interface BatterSaid {
  /** Weighed here: grams of a millilitre. */
  readonly density?: number
  /** Parts that the baker takes out of the tin, or puts into it, by name. */
  readonly beside?: Readonly<Record<string, boolean>>
  readonly families?: Readonly<Record<string, string>>
}

const light: readonly Kind[] = [
  'salt',
  'spice',
  'flavour',
  'decoration',
  'leaven',
  'acid',
  'yeast',
  'gel',
  'binder',
]

function partOf(component: Component, recipe: Recipe, isMain: boolean, said: BatterSaid): TinPart {
  const { family } = familyOf(component, recipe.title, isMain, said.families?.[component.name])
  const row = batterOfFamily(family.id, family.variant)
  const lines = component.lines.filter(
    line => line.purpose !== 'serve' && line.purpose !== 'decorate' && line.purpose !== 'taste',
  )
  const weights = weightsOf(lines)
  const grams = massOf(weights)
  const eggs = eggCount(weights) > 0.15
  const served = component.lines.length > 0 && !lines.some(isInside)
  const beside =
    said.beside?.[component.name] ??
    (Boolean(row.beside) || served || besideWords.test(component.name))
  return {
    component: component.name,
    family: family.id,
    familyName: family.name,
    grams,
    ml: grams / (said.density ?? (eggs ? row.density : row.without)),
    beside,
    row,
  }
}

const heaviestOf = (recipe: Recipe) =>
  recipe.components.reduce<Component | null>(
    (best, c) =>
      massOf(weightsOf(c.lines)) > (best ? massOf(weightsOf(best.lines)) : 0) ? c : best,
    null,
  )
const gramsOf = (parts: readonly TinPart[]) => parts.reduce((sum, part) => sum + part.grams, 0)
/**
 * The parts that go into the tin; where every part seems to go beside it, the heaviest: something is
 * baked.
 */
function partsInTin(
  parts: readonly TinPart[],
  heaviest: Component | null,
  isSaid: boolean,
): readonly TinPart[] {
  const chosen = parts.filter(part => !part.beside && part.grams > 0)
  if (chosen.length || isSaid) return chosen
  return parts
    .filter(part => part.component === heaviest?.name && part.grams > 0)
    .map(part => ({ ...part, beside: false }))
}
/** What is baked by heat gives the name where it is a third of the whole; else the heaviest does. */
const mainShare = 0.3
function mainPart(inTin: readonly TinPart[], grams: Grams): TinPart {
  const heated = inTin.filter(part => part.row.by === 'heat')
  const among = heated.length && gramsOf(heated) > mainShare * grams ? heated : inTin
  return among.reduce((best, part) => (part.grams > best.grams ? part : best))
}
/** The row of the main part; fruit, nuts and crumbs that lie in it or on it do not rise. */
function rowOf(main: TinPart, inTin: readonly TinPart[], lines: readonly Line[]): BatterRow {
  const rising = new Set(inTin.filter(part => part.row.rise > 0).map(part => part.component))
  const risen = lines.filter(line => rising.has(line.component))
  const rises = Math.min(1, massOf(batterOf(weightsOf(risen))) / gramsOf(inTin))
  return {
    ...main.row,
    fill: 1 / (1 + rises * (1 / main.row.fill - 1)),
    rise: main.row.rise * rises,
  }
}
/** Dark by its cocoa, or by treacle and brown sugar: its colour says nothing. */
function isDark(
  weights: ReturnType<typeof weightsOf>,
  lines: readonly Line[],
  grams: Grams,
): boolean {
  const cocoa = weights.filter(w => dark.kinds.includes(w.ingredient.kind))
  const sugars = lines.filter(line => dark.words.test(line.text))
  return (
    cocoa.reduce((sum, w) => sum + w.grams, 0) / grams > dark.cocoa ||
    sugars.reduce((sum, line) => sum + (line.grams?.best ?? 0), 0) / grams > dark.sugars
  )
}
const isUnweighed = (line: Line) =>
  !line.grams &&
  !line.optional &&
  !light.includes(ingredientById(line.ingredient ?? '')?.kind ?? 'water')

/**
 * Reads what lies in the tin: what only comes to it once it is baked does not. Null where no line
 * has a weight: then nothing about depth or time can be said.
 */
export function tinBatter(written: Recipe, said: BatterSaid = {}): TinBatter | null {
  const recipe = withFinish(written)
  const { components } = recipe
  const heaviest = heaviestOf(recipe)
  const parts = components
    .filter(c => c.lines.length)
    .map(c => partOf(c, recipe, c === heaviest || components.length === 1, said))
  const inTin = partsInTin(parts, heaviest, said.beside !== undefined)
  const grams = gramsOf(inTin)
  if (!(grams > 0)) return null
  const ml = inTin.reduce((sum, part) => sum + part.ml, 0)
  const main = mainPart(inTin, grams)
  const names = new Set(inTin.map(part => part.component))
  const lines = components
    .filter(c => names.has(c.name))
    .flatMap(c => c.lines)
    .filter(isInside)
  const weights = weightsOf(lines)
  const named = components.find(c => c.name === main.component)!
  const { family } = familyOf(named, recipe.title, true, said.families?.[main.component])
  const balance = balanceIn(family, weights)
  const flours = weights.filter(w => flourKinds.includes(w.ingredient.kind))
  return {
    parts: parts.map(part => inTin.find(each => each.component === part.component) ?? part),
    grams,
    ml,
    density: grams / ml,
    water: Math.min(0.9, Math.max(0.02, balance.water / grams)),
    row: rowOf(main, inTin, lines),
    familyName: main.familyName,
    eggs: eggCount(weights),
    dark: isDark(weights, lines, grams),
    unweighed: lines.filter(isUnweighed).map(line => line.name || line.text),
    flour: flours.reduce((sum, w) => sum + w.grams, 0),
  }
}
