import { balanceIn, batterOf, eggCount, familyOf, isInside, massOf, weightsOf } from '../formula'
import { ingredientById, type Kind } from '../pantry'
import type { Component, Recipe } from '../recipe'
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

/**
 * Reads what lies in the tin. Null where no line has a weight: then nothing about depth or time can
 * be said.
 */
export function tinBatter(recipe: Recipe, said: BatterSaid = {}): TinBatter | null {
  const heaviest = recipe.components.reduce<Component | null>(
    (best, c) =>
      massOf(weightsOf(c.lines)) > (best ? massOf(weightsOf(best.lines)) : 0) ? c : best,
    null,
  )
  const parts = recipe.components
    .filter(c => c.lines.length)
    .map(c => partOf(c, recipe, c === heaviest || recipe.components.length === 1, said))
  // Something is baked: where every part seems to go beside it, the heaviest is.
  const chosen = parts.filter(part => !part.beside && part.grams > 0)
  const inTin =
    chosen.length || said.beside
      ? chosen
      : parts
          .filter(part => part.component === heaviest?.name && part.grams > 0)
          .map(part => ({ ...part, beside: false }))
  const grams = inTin.reduce((sum, part) => sum + part.grams, 0)
  if (!(grams > 0)) return null
  const ml = inTin.reduce((sum, part) => sum + part.ml, 0)
  const heated = inTin.filter(part => part.row.by === 'heat')
  const main = (
    heated.length && heated.reduce((s, p) => s + p.grams, 0) > 0.3 * grams ? heated : inTin
  ).reduce((best, part) => (part.grams > best.grams ? part : best))
  const names = new Set(inTin.map(part => part.component))
  const lines = recipe.components
    .filter(c => names.has(c.name))
    .flatMap(c => c.lines)
    .filter(isInside)
  const weights = weightsOf(lines)
  const { family } = familyOf(
    recipe.components.find(c => c.name === main.component)!,
    recipe.title,
    true,
    said.families?.[main.component],
  )
  const share = (test: (w: (typeof weights)[number]) => boolean) =>
    weights.filter(test).reduce((sum, w) => sum + w.grams, 0) / grams
  const balance = balanceIn(family, weights)
  // Fruit, nuts and crumbs that lie in it or on it do not rise.
  const rising = new Set(inTin.filter(part => part.row.rise > 0).map(part => part.component))
  const rises = Math.min(
    1,
    massOf(batterOf(weightsOf(lines.filter(line => rising.has(line.component))))) / grams,
  )
  const row: BatterRow = {
    ...main.row,
    fill: 1 / (1 + rises * (1 / main.row.fill - 1)),
    rise: main.row.rise * rises,
  }
  return {
    parts: parts.map(part => inTin.find(each => each.component === part.component) ?? part),
    grams,
    ml,
    density: grams / ml,
    water: Math.min(0.9, Math.max(0.02, balance.water / grams)),
    row,
    familyName: main.familyName,
    eggs: eggCount(weights),
    dark:
      share(w => dark.kinds.includes(w.ingredient.kind)) > dark.cocoa ||
      lines.reduce(
        (sum, line) => sum + (dark.words.test(line.text) ? (line.grams?.best ?? 0) : 0),
        0,
      ) /
        grams >
        dark.sugars,
    unweighed: lines
      .filter(
        line =>
          !line.grams &&
          !line.optional &&
          !light.includes(ingredientById(line.ingredient ?? '')?.kind ?? 'water'),
      )
      .map(line => line.name || line.text),
    flour: weights
      .filter(w => ['flour', 'gluten-free-flour', 'flour-mix'].includes(w.ingredient.kind))
      .reduce((sum, w) => sum + w.grams, 0),
  }
}
