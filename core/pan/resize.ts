import {
  kitchenNumber,
  pattern,
  readAmount,
  readNumber,
  scaleAmount,
  weightText,
  type Grams,
  type Region,
  type Spread,
} from '../measure'
import { ingredientById, measured, nameIn, type Ingredient } from '../pantry'
import { linesOf, readSteps, scaledReads, scaledText, type Line, type Recipe } from '../recipe'
import { tinBatter, type BatterSaid } from './batter'
import { readTin } from './read-tin'
import { countedEggs, factorFor, type SizeTarget } from './target'
import { farRows } from './tables/far-rows'
import { tinProblem, type Tin } from './tin'

/**
 * Something that the baker should know of the new size. `snap` is a factor at which it would come
 * out whole.
 */
export interface SizeNote {
  readonly code: 'egg' | 'pack' | 'small' | 'leaven' | 'far' | 'unweighed'
  readonly says: string
  readonly lineId?: string
  readonly snap?: number
  readonly snapSays?: string
  readonly source: string
}

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

/** Volumes that kitchens cannot take of one spoon or cup are given as a weight with the nearest spoons. */
const spoons = ['tsp', 'tbsp', 'dsp', 'cup']
const times = (n: Spread, by: number): Spread => ({
  low: n.low * by,
  best: n.best * by,
  high: n.high * by,
})
const near = (n: number, to: number) => Math.abs(n - to) < 0.02 * Math.max(to, 0.5)

/**
 * The words of a line at another size: its own words where they can be measured, else the weight
 * with the nearest spoons.
 */
function wordsAt(
  line: Line,
  by: number,
  region: Recipe['region'],
  measureIn: 'grams' | 'spoons',
): string {
  const ingredient = ingredientById(line.ingredient ?? '')
  const byPlan = line.evidence.by === 'plan'
  const n = line.amount ? ((line.amount.low + line.amount.high) / 2) * by : 0
  const odd =
    !line.orElse.length &&
    spoons.includes(line.unit ?? 'none') &&
    !near(valueOf(kitchenNumber(n)), n)
  if (!ingredient || !line.grams || (!byPlan && !odd)) return scaledText(line, by, region)
  const amount = measured(line.grams.best * by, ingredient, region, measureIn)
  const grams = weightText(amount.grams)
  return (
    `${measureIn === 'spoons' ? amount.kitchen : grams}` +
    (measureIn === 'grams' && amount.kitchen !== grams ? ` (${amount.kitchen})` : '') +
    ' ' +
    `${nameIn(ingredient, region)}${line.preparation ? `, ${line.preparation}` : ''}`
  )
}
const valueOf = (text: string) => readNumber(text, 0)?.value ?? 0

const lineAt = (
  line: Line,
  by: number,
  region: Recipe['region'],
  measureIn: 'grams' | 'spoons',
): Line => ({
  ...line,
  text: wordsAt(line, by, region, measureIn),
  from: null,
  amount: line.amount && { low: line.amount.low * by, high: line.amount.high * by },
  grams: line.grams && times(line.grams, by),
  ...scaledReads(line, by, region),
  orElse: line.orElse.map(other => lineAt(other, by, region, measureIn)),
  // The spans pointed into the old words.
  evidence: {
    ...line.evidence,
    amount: null,
    name: null,
    how: `${line.evidence.how}, times ${Math.round(by * 1000) / 1000}`,
  },
})

/** Amounts that steps state, at the new size: only those that belong to a line. */
function stepsAt(recipe: Recipe, by: number): Recipe['components'] {
  const placed = readSteps(recipe)
  return recipe.components.map(component => ({
    ...component,
    steps: component.steps.map((text, at) => {
      const spans = placed
        .filter(s => s.component === component.name && s.at === at)
        .flatMap(s =>
          s.uses.flatMap(use =>
            use.line && use.share.of === 'amount'
              ? [
                  {
                    from: use.share.quantity.start,
                    to: use.share.quantity.end,
                    line: use.line,
                    grams: use.share.grams,
                  },
                ]
              : [],
          ),
        )
      return [...new Map(spans.map(span => [span.from, span])).values()]
        .sort((a, b) => b.from - a.from)
        .reduce((now, { from, to, line, grams }) => {
          const said = now.slice(from, to)
          // The whole of a line in grams is said as the line says it.
          const whole =
            grams !== null &&
            line.grams &&
            /\d\s*g\b/u.test(said) &&
            Math.abs(grams / line.grams.best - 1) < 0.03
              ? scaleAmount(line.grams.best * by).text
              : null
          return (
            `${now.slice(0, from)}` +
            (whole
              ? said.replace(/\S.*\S|\S/u, whole)
              : scaledText({ text: said }, by, recipe.region)) +
            `${now.slice(to)}`
          )
        }, text)
    }),
  }))
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

/**
 * Every amount times `by`: weights, counts, words, the amounts that steps state, and how many it
 * makes. Tin, heat and times stay.
 */
export function scaledRecipe(
  recipe: Recipe,
  by: number,
  measureIn: 'grams' | 'spoons' = 'grams',
): Recipe {
  if (by === 1) return recipe
  const count = recipe.yield?.count
  const to = count && { low: count.low * by, high: count.high * by }
  const whole = (n: number) => Math.max(1, Math.round(n))
  return {
    ...recipe,
    components: stepsAt(recipe, by).map(c => ({
      ...c,
      lines: c.lines.map(line => lineAt(line, by, recipe.region, measureIn)),
    })),
    yield:
      recipe.yield && to
        ? {
            text: recipe.yield.text.replace(
              /\d+(?:\s*[-–]\s*\d+)?/u,
              whole(to.low) === whole(to.high)
                ? String(whole(to.low))
                : `${whole(to.low)}–${whole(to.high)}`,
            ),
            count: to,
          }
        : recipe.yield,
  }
}

/** "1½"; a number that only nearly is whole keeps a decimal. */
const said = (n: number) =>
  near(valueOf(kitchenNumber(n)), n) || n % 1 === 0
    ? kitchenNumber(n)
    : String(Math.round(n * 10) / 10)
const one = (name: string) => name.replace(/(?<=[^s])s$/u, '')
/** "1 tin (400 g) pumpkin": how many of what, in the line's own words. */
const packWords = pattern(
  'iu',
  String.raw`^\s*(\d+(?:[.,]\d+)?|[½¼¾⅓⅔]|\d+[½¼¾]|an?|one|two|three|`,
  String.raw`four)\s+(?:[x×]\s*)?(?:\(?\d+\s*(?:g|ml|oz)\)?\s+)?(tin|can|packet|pack|jar|`,
  String.raw`block|carton|sachet|tub)s?\b`,
)

function eggNotes(recipe: Recipe, by: number): SizeNote[] {
  return countedEggs(recipe).flatMap((line): SizeNote[] => {
    const now = (line.amount!.low + line.amount!.high) / 2
    const to = now * by
    if (Math.abs(to - Math.round(to)) < 0.04) return []
    const whole = Math.ceil(to)
    const each = line.grams ? line.grams.best / now : 50
    const snapTo = Math.max(1, Math.round(to))
    const names = (n: number) => `${said(n)} ${one(line.name)}${n > 1 ? 's' : ''}`
    return [
      {
        code: 'egg',
        lineId: line.id,
        source: '[P]',
        says:
          `${names(to)}: beat ${names(whole)} and weigh ${weightText(to * each)}; ` +
          `${weightText((whole - to) * each)} are left, for a day in the fridge.`,
        ...(Math.abs(snapTo / now / by - 1) < 0.34
          ? { snap: snapTo / now, snapSays: `Make it ${names(snapTo)}` }
          : {}),
      },
    ]
  })
}

function packNotes(recipe: Recipe, by: number): SizeNote[] {
  return linesOf(recipe).flatMap((line): SizeNote[] => {
    const found = packWords.exec(line.text)
    const now = found ? (readAmount(found[1]!, 0)?.amount.low ?? 0) : 0
    if (!found || !now) return []
    const pack = found[2]!.toLowerCase()
    const to = now * by
    if (Math.abs(to - Math.round(to)) < 0.04 || to <= 0) return []
    const left = line.grams
      ? ` ${weightText(((Math.ceil(to) - to) * line.grams.best) / now)} of it are left.`
      : ''
    const snapTo = Math.max(1, Math.round(to))
    return [
      {
        code: 'pack',
        lineId: line.id,
        source: '[P]',
        says: `${said(to)} ${pack}${to > 1 ? 's' : ''} of ${line.name}.${left}`,
        ...(Math.abs(snapTo / now / by - 1) < 0.34
          ? {
              snap: snapTo / now,
              snapSays: `Make it ${said(snapTo)} ${pack}${snapTo > 1 ? 's' : ''}`,
            }
          : {}),
      },
    ]
  })
}

/** What a spoon can no longer take. */
const smallest = { leaven: 0.6, other: 0.3 }
const smallNotes = (recipe: Recipe, by: number): SizeNote[] =>
  linesOf(recipe).flatMap((line): SizeNote[] => {
    const ingredient = ingredientById(line.ingredient ?? '')
    const grams = line.grams ? line.grams.best * by : null
    if (
      !ingredient ||
      grams === null ||
      by >= 1 ||
      grams >= (ingredient.kind === 'leaven' ? smallest.leaven : smallest.other) ||
      grams <= 0
    )
      return []
    return [
      {
        code: 'small',
        lineId: line.id,
        source: '[M]',
        says:
          `${weightText(grams)} ${nameIn(ingredient, recipe.region)} is less than a kitchen ` +
          'scale sees: weigh ten times as much into ten times as much of the flour or sugar, ' +
          'and take a tenth of that.',
      },
    ]
  })

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
/** What is said of a recipe that is made much larger or smaller. */
function farNotes(recipe: Recipe, factor: number): SizeNote[] {
  const kinds = new Set(
    linesOf(recipe).map(line => ingredientById(line.ingredient ?? '')?.kind ?? 'water'),
  )
  return farRows
    .filter(
      ({ above, below }) =>
        (above !== undefined && factor >= above) || (below !== undefined && factor <= below),
    )
    .filter(row => !row.kinds || row.kinds.some(kind => kinds.has(kind)))
    .map(({ code, says, source }) => ({ code, says, source }))
}
const notesOn = (recipe: Recipe, factor: number): SizeNote[] => [
  ...eggNotes(recipe, factor),
  ...packNotes(recipe, factor),
  ...smallNotes(recipe, factor),
  ...farNotes(recipe, factor),
]

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
