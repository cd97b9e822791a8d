import { readMethod } from '../../../method'
import { linesOf, mentionsInStep, ownLines, type Line, type Recipe } from '../../../recipe'
import type { Rewritten } from '../lines/part'
import { type DessertPart, nobodyAvoids, standInFor, type Setting } from '../../ways'
import { leverIngredients } from '../../tables/limits'
import { withAmountsRight } from './amounts'
import { tellMethod } from './method'
import { restAfterThird, rewriteStep, type Renaming } from './rename'

/** The lines of eggs that the method parts: their whites and yolks are both named in its steps. */
function partedIn(recipe: Recipe, lines: readonly Line[]): ReadonlySet<string> {
  const named = recipe.components.flatMap(c => c.steps).flatMap(step => mentionsInStep(step, lines))
  const kinds = (id: string) =>
    new Set(named.filter(m => m.line?.id === id).map(m => m.ingredient.kind))
  const ids = [...new Set(named.flatMap(m => m.line?.id ?? []))]
  return new Set(ids.filter(id => kinds(id).has('egg-white') && kinds(id).has('egg-yolk')))
}

/** Which line each word of each step means, as the method reads it: by where the word begins. */
function linesMeant(recipe: Recipe): ReadonlyMap<string, ReadonlyMap<number, string>> {
  const meant = new Map<string, Map<number, string>>()
  for (const { step, takes } of readMethod(recipe).actions) {
    const key = `${step.component} ${step.at}`
    const here = meant.get(key) ?? new Map<number, string>()
    meant.set(key, here)
    for (const { thing, span } of takes) {
      if (thing.is === 'aside' || !span) continue
      const [line, second] = thing.is === 'line' ? [thing.line] : thing.lines
      if (line !== undefined && second === undefined) here.set(span[0], line)
    }
  }
  return meant
}

/** The whole recipe again: every part's lines, and its steps with what left called by what came. */
export function tellRecipe(
  recipe: Recipe,
  parts: readonly DessertPart[],
  rewritten: ReadonlyMap<number, Rewritten>,
  setting: Setting,
): Recipe {
  const all = [...rewritten.values()]
  const byLine = new Map(all.flatMap(r => [...r.naming]))
  const lines = linesOf(recipe).flatMap(line => [line, ...line.orElse])
  const parted = partedIn(recipe, lines)
  const naming: Renaming = {
    parted,
    ready: new Set(all.flatMap(r => [...r.ready])),
    lines,
    byLine,
    table: setting.table,
    standIn: ingredient => standInFor(ingredient, parts[0]!, setting),
    grease: nobodyAvoids(leverIngredients.grease, setting.table)?.name ?? null,
    dusting: nobodyAvoids(leverIngredients.dusting, setting.table)?.name ?? null,
  }
  const thirds = [...parted].flatMap(id => byLine.get(id) || [])
  const owns = ownLines(recipe)
  const meant = linesMeant(recipe)
  const renamed: Recipe = {
    ...recipe,
    components: recipe.components.map((component, i) => {
      const steps = component.steps.map((step, at) =>
        rewriteStep(step, naming, {
          own: owns[i]![at]!,
          meant: meant.get(`${component.name} ${at}`),
        }),
      )
      return {
        ...component,
        lines: rewritten.get(i)?.component.lines ?? component.lines,
        steps: thirds.reduce<readonly string[]>(restAfterThird, steps),
      }
    }),
  }
  const factors = new Map(all.flatMap(r => [...r.factors]))
  return tellMethod(
    recipe,
    withAmountsRight(renamed, factors, recipe),
    all.map(r => r.making),
  )
}
