import type { Grams } from '../measure'
import { ingredientById, type Ingredient } from '../pantry'
import { linesOf, type Line, type Recipe } from '../recipe'
import type { TinBatter } from './batter'
import { takes } from './fill'
import { areaAt, brimful, depthOf, volumeAt } from './geometry'
import type { Tin } from './tin'

/** What the baker wants the amounts to come to. */
export type SizeTarget =
  | { readonly by: 'times'; readonly times: number }
  | { readonly by: 'people'; readonly people: number }
  | { readonly by: 'pieces'; readonly pieces: number; readonly grams?: number }
  /** So much of one ingredient is in the house. */
  | { readonly by: 'line'; readonly lineId: string; readonly grams: number }
  | { readonly by: 'eggs'; readonly eggs: number }
  /** So many tests, each of 45 g of flour; half a one is the least. */
  | { readonly by: 'test'; readonly tests: number }
  /**
   * Into other tins: as deep as in the stated one, as full as the family takes or as `fill` says (a
   * share of the brim), or with what there is.
   */
  | { readonly by: 'tin'; readonly keep: 'depth' | 'fill' | 'all'; readonly fill?: number }

export type FactorResult =
  | { readonly ok: true; readonly factor: number }
  | { readonly ok: false; readonly problem: { readonly code: string; readonly sentence: string } }

/**
 * Grams of flour in one test, which fill two or three muffin cups; where there is no flour, grams
 * of batter. [P] 45 g; [M]
 */
export const oneTest = { flour: 45, batter: 110 } as const
const most = 50

const refuse = (code: string, sentence: string): FactorResult => ({
  ok: false,
  problem: { code, sentence },
})

/** Eggs, whites or yolks that are counted, whatever is around them. */
export const countedEggs = (recipe: Recipe): readonly Line[] =>
  linesOf(recipe).filter(
    line => line.amount && line.unit === null && isEgg(ingredientById(line.ingredient ?? '')),
  )
const isEgg = (i: Ingredient | undefined) =>
  i?.kind === 'egg' || i?.kind === 'egg-white' || i?.kind === 'egg-yolk'

/** How many it makes or serves, the middle of a range; null where nobody says. */
export const statedCount = (recipe: Recipe): number | null =>
  recipe.yield?.count && recipe.yield.count.low > 0
    ? (recipe.yield.count.low + recipe.yield.count.high) / 2
    : null

const flat = (tin: Tin) => tin.shape === 'round' || tin.shape === 'box'

/** Into these tins: `from` is the one that the recipe names, null where it names none. */
function forTins(
  { keep, fill }: Extract<SizeTarget, { by: 'tin' }>,
  batter: TinBatter,
  from: Tin | null,
  to: readonly Tin[],
): FactorResult {
  if (keep === 'all') return { ok: true, factor: 1 }
  if (!to.length) return refuse('tin', 'Choose a tin first.')
  if (keep === 'depth' && from && flat(from) && to.every(flat)) {
    const depth = depthOf(from, batter.ml / from.count)
    return {
      ok: true,
      factor:
        to.reduce((sum, tin) => sum + tin.count * volumeAt(tin, Math.min(depth, tin.height)), 0) /
        batter.ml,
    }
  }
  if (keep === 'depth')
    return refuse(
      'tin',
      'The same depth means something only between flat tins; fill it as usual instead.',
    )
  if (fill !== undefined && !(fill >= 0.1 && fill <= 1))
    return refuse('fill', 'A tin is filled between a tenth and its brim.')
  const roomOf = (tin: Tin) => {
    if (tin.shape === 'tray' || tin.shape === 'log') return areaAt(tin, 0)
    return fill === undefined ? takes(tin, batter.row) : tin.count * brimful(tin) * fill
  }
  return { ok: true, factor: to.reduce((sum, tin) => sum + roomOf(tin), 0) / batter.ml }
}

type TargetBy<By extends SizeTarget['by']> = Extract<SizeTarget, { readonly by: By }>
const times = (factor: number): FactorResult => ({ ok: true, factor })

function byTimes({ times: n }: TargetBy<'times'>): FactorResult {
  return Number.isFinite(n) && n > 0
    ? times(n)
    : refuse('times', 'How many times must be a number above zero.')
}
function byWeightOfPiece(grams: Grams, wanted: number, batter: TinBatter | null): FactorResult {
  if (!(grams >= 1 && grams <= 5000)) return refuse('grams', 'A piece weighs between 1 g and 5 kg.')
  return batter
    ? times((wanted * grams) / batter.grams)
    : refuse('batter', 'No weight of this dough is known, so pieces of a weight cannot be counted.')
}
/** For so many people, or so many pieces, of the recipe's own count or of a weight each. */
function byCount(
  recipe: Recipe,
  target: TargetBy<'people' | 'pieces'>,
  batter: TinBatter | null,
): FactorResult {
  const wanted = target.by === 'people' ? target.people : target.pieces
  if (!(wanted > 0) || !Number.isInteger(wanted) || wanted > 2000)
    return refuse(target.by, `How many ${target.by} must be a whole number from 1 to 2000.`)
  if (target.by === 'pieces' && target.grams !== undefined)
    return byWeightOfPiece(target.grams, wanted, batter)
  const stated = statedCount(recipe)
  return stated
    ? times(wanted / stated)
    : refuse(
        'yield',
        'The recipe does not say how many it makes. Give the weight of a piece, or size it by the tin.',
      )
}
function byLine(recipe: Recipe, { lineId, grams }: TargetBy<'line'>): FactorResult {
  const line = linesOf(recipe).find(l => l.id === lineId)
  if (!line?.grams || !(line.grams.best > 0))
    return refuse('line', 'That line has no weight to go by.')
  return grams > 0 && grams <= 50_000
    ? times(grams / line.grams.best)
    : refuse('grams', 'How much there is must be above 0 g and below 50 kg.')
}
function byEggs(recipe: Recipe, { eggs }: TargetBy<'eggs'>): FactorResult {
  const counts = countedEggs(recipe).map(({ amount }) => (amount!.low + amount!.high) / 2)
  const count = counts.reduce((a, b) => a + b, 0)
  if (!count) return refuse('eggs', 'No eggs are counted in this recipe.')
  return eggs > 0 && eggs <= 200
    ? times(eggs / count)
    : refuse('eggs', 'How many eggs must be above zero.')
}
/** A batter of less flour than this share is sized by its own weight: a test of it is so much batter. */
const flourShare = 0.12
function byTests({ tests }: TargetBy<'test'>, batter: TinBatter | null): FactorResult {
  if (!Number.isInteger(2 * tests) || tests < 0.5 || tests > 24)
    return refuse('tests', 'A set has half a test, or 1 to 24 tests.')
  if (!batter)
    return refuse('batter', 'No weight of this batter is known, so no test can be sized.')
  const isOfFlour = batter.flour > flourShare * batter.grams
  const one = isOfFlour ? oneTest.flour / batter.flour : oneTest.batter / batter.grams
  return times(tests * one)
}
/**
 * What a size is worked out from: the batter, the tin that it is written for, those that are to be
 * filled.
 */
interface SizedFrom {
  readonly batter: TinBatter | null
  readonly from?: Tin | null
  readonly to?: readonly Tin[]
}
function factorBy(recipe: Recipe, target: SizeTarget, of: SizedFrom): FactorResult {
  const { batter, from = null, to = [] } = of
  switch (target.by) {
    case 'times':
      return byTimes(target)
    case 'people':
    case 'pieces':
      return byCount(recipe, target, batter)
    case 'line':
      return byLine(recipe, target)
    case 'eggs':
      return byEggs(recipe, target)
    case 'test':
      return byTests(target, batter)
    case 'tin':
      return batter
        ? forTins(target, batter, from, to)
        : refuse(
            'batter',
            'No weight of this batter is known, so how deep it stands cannot be said.',
          )
  }
}

/**
 * By how much every amount is multiplied to meet the target; refuses with a sentence what cannot
 * be. Factors from 1/50 to 50.
 */
export function factorFor(recipe: Recipe, target: SizeTarget, of: SizedFrom): FactorResult {
  const found = factorBy(recipe, target, of)
  if (!found.ok || (found.factor >= 1 / most && found.factor <= most)) return found
  const { factor } = found
  const said = factor < 1 ? `1/${Math.round(1 / factor)}` : Math.round(factor)
  return refuse(
    'factor',
    `That would be ${said} of the recipe: between 1/${most} and ${most} times can be worked with.`,
  )
}
