import { weightText, type Grams, type Region } from '../measure'
import { ingredientById, measured, nameIn, type Ingredient } from '../pantry'
import { linesOf, scaledText, type Line, type Recipe } from '../recipe'
import { tinBatter, type BatterSaid } from './batter'
import { one, said } from './in-kitchen'
import { readTin } from './read-tin'
import { scaledRecipe } from './scaled-recipe'
import { notesOn, type SizeNote } from './size-notes'
import { countedEggs, factorFor, type SizeTarget } from './target'
import { tinProblem, type Tin } from './tin'

export type Resized =
  | {
      readonly ok: true
      readonly recipe: Recipe
      readonly factor: number
      readonly notes: readonly SizeNote[]
    }
  | {
      readonly ok: false
      readonly problem: { readonly code: string; readonly sentence: string }
      /** As it was. */ readonly recipe: Recipe
      readonly factor: 1
      readonly notes: readonly SizeNote[]
    }

export interface SizeOptions {
  readonly from?: Tin | string | null
  readonly to?: readonly (Tin | string)[]
  readonly said?: BatterSaid
  readonly measureIn?: 'grams' | 'spoons'
}

/**
 * One line as written and as it is weighed out now; null where it has no weight. `off` is what
 * measuring it in spoons loses, in percent.
 */
export interface SizedAmount {
  readonly lineId: string
  readonly component: string
  readonly name: string
  readonly was: string
  readonly now: string
  readonly spoons: string
  readonly off: number
}

/** A line that has no weight: only its words can be made more. */
const unweighedAmount = (line: Line, by: number, region: Region) => ({
  was: line.amount ? line.text : '',
  now: line.amount ? scaledText(line, by, region) : line.text,
  spoons: '',
  off: 0,
})
function weighedAmount(
  { line, ingredient, grams }: { line: Line; ingredient: Ingredient; grams: Grams },
  by: number,
  { region, measureIn, egg }: { region: Region; measureIn: 'grams' | 'spoons'; egg: string },
) {
  const wanted = grams * by
  const now = measured(wanted, ingredient, region, 'grams')
  const spoons = measured(wanted, ingredient, region, 'spoons')
  const shown = spoons.kitchen === weightText(spoons.grams) ? '' : spoons.kitchen
  const beside = measureIn === 'spoons' ? weightText(spoons.grams) : shown
  return {
    was: weightText(grams),
    now: measureIn === 'spoons' && shown ? shown : weightText(now.grams),
    spoons: egg ? `${egg}${one(line.name)}` : beside,
    off: shown ? Math.round(100 * (spoons.grams / wanted - 1)) : 0,
  }
}
export function amountsOf(
  recipe: Recipe,
  by: number,
  measureIn: 'grams' | 'spoons',
): SizedAmount[] {
  const { region } = recipe
  const eggs = new Set(countedEggs(recipe))
  return linesOf(recipe).map(line => {
    const { id, component, amount, grams } = line
    const ingredient = ingredientById(line.ingredient ?? '')
    const name = ingredient ? nameIn(ingredient, region) : line.name || line.text
    const base = { lineId: id, component, name }
    if (!grams || !ingredient) return { ...base, ...unweighedAmount(line, by, region) }
    const egg = eggs.has(line) ? `${said(((amount!.low + amount!.high) / 2) * by)} × ` : ''
    const of = { line, ingredient, grams: grams.best }
    return { ...base, ...weighedAmount(of, by, { region, measureIn, egg }) }
  })
}

/** The tins that are wanted, by their measures or their names; the first that is none is refused. */
function tinsNamed(to: NonNullable<SizeOptions['to']>): Tin[] | TinRefusal {
  const tins: Tin[] = []
  for (const each of to) {
    const tin = typeof each === 'string' ? readTin(each)?.tin : each
    if (!tin) {
      const sentence = `“${String(each).slice(0, 60)}” names no tin that is known here.`
      return { code: 'tin', sentence }
    }
    const problem = tinProblem(tin)
    if (problem) return problem
    tins.push(tin)
  }
  return tins
}
interface TinRefusal {
  readonly code: string
  readonly sentence: string
}
const tinOf = (words: string | undefined) => (words ? (readTin(words)?.tin ?? null) : null)
/**
 * The recipe at another size. Tin words are read; a target that cannot be met is refused with a
 * sentence and the recipe comes back as it was. There and back is the same to the last digit of its
 * numbers.
 *
 * @example
 * const recipe = readRecipe('Shortbread\n\n200 g plain flour\n100 g butter').recipe
 * linesOf(resize(recipe, { by: 'times', times: 2 }).recipe).map(line => line.grams.best) // [400, 200]
 */
export function resize(
  recipe: Recipe,
  target: SizeTarget,
  { from, to = [], said, measureIn = 'grams' }: SizeOptions = {},
): Resized {
  const no = (problem: TinRefusal): Resized => ({
    ok: false,
    problem: { code: problem.code, sentence: problem.sentence },
    recipe,
    factor: 1,
    notes: [],
  })
  const tins = tinsNamed(to)
  if (!Array.isArray(tins)) return no(tins)
  const stated = typeof from === 'string' ? tinOf(from) : (from ?? tinOf(recipe.pan?.text))
  const batter = tinBatter(recipe, said)
  const found = factorFor(recipe, target, { batter, from: stated, to: tins })
  if (!found.ok) return no(found.problem)
  const { factor } = found
  const notes = factor === 1 ? [] : notesOn(recipe, factor)
  return { ok: true, recipe: scaledRecipe(recipe, factor, measureIn), factor, notes }
}
