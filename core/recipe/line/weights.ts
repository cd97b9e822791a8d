import type { Spread } from '../../measure'
import type { Ingredient, Kind, Weighed } from '../../pantry'
import type { Quantity } from './quantity'

/** One amount of a line with what it weighs. */
export type LineWeight = Weighed & { readonly quantity: Quantity }

/** Two amounts of one line that cannot both be right. */
export interface Disagreement {
  readonly sentence: string
  /** The line with one of them taken out, by what it says then. */
  readonly instead: readonly { readonly label: string; readonly text: string }[]
}

const differ = (a: Spread, b: Spread) => Math.max(a.best / b.best, b.best / a.best)

/** What fills a spoon in one way only: its weight and its volume must agree more closely than a flour's. */
const pourable: ReadonlySet<Kind> = new Set([
  'oil',
  'butter',
  'milk',
  'sour-milk',
  'cream',
  'water',
  'plant-drink',
  'plant-sour',
  'plant-cream',
  'syrup',
  'honey',
  'juice',
  'condensed-milk',
  'alcohol',
  'plant-block',
  'hard-fat',
])
/** A flour is scooped or sifted. [P] */
const loose = [0.75, 1.33] as const
/** Wide enough for a spoon or cup that is rounded to 15 or 240 ml, and for a whole gram. [P] */
const close = [0.84, 1.17] as const
/** A granulated sugar pours, but heaps. [P] */
const granular = [0.79, 1.26] as const
/** An ounce is rounded to 25 or 30 g in cookbooks. [P] */
const rounded = [0.87, 1.15] as const
/** Pieces come in sizes: only what no such piece weighs is asked about. [P] */
const grown = [0.6, 1.6] as const
/** With and without its liquid, shell or stone. [P] */
const parted = [0.5, 2] as const
const partsLost = /\b(?:drained|peeled|shelled|pitted|stoned|hulled|net|cooked|cored)\b/iu
/** Below this a whole gram more or less says nothing. [P] */
const fewGrams = 8
/** Its tablespoon holds 20 ml, all others 15. [U] */
const australianSpoon = 20 / 15

function latitude(
  one: LineWeight,
  other: LineWeight,
  ingredient: Ingredient | null,
): readonly [number, number] {
  const kinds = [one.quantity.unit?.kind ?? 'count', other.quantity.unit?.kind ?? 'count']
  if (kinds.includes('count') || kinds.includes('vague')) return grown
  if (kinds[0] === kinds[1]) return one.grams!.best < fewGrams ? loose : rounded
  if (!ingredient || one.grams!.best < fewGrams) return loose
  if (pourable.has(ingredient.kind)) return close
  return ingredient.kind === 'sugar' && Object.keys(ingredient.density).length === 1
    ? granular
    : loose
}

/** Do two amounts say the same, within what cooks round and spoons differ? */
function agree(
  best: LineWeight,
  other: LineWeight,
  ingredient: Ingredient | null,
  line: string,
): boolean {
  const [under, over] = partsLost.test(line) ? parted : latitude(best, other, ingredient)
  const [a, b] = [best.grams!, other.grams!]
  const spoons = [best, other].some(w => w.quantity.unit?.id === 'tbsp')
  const ratio = spoons ? a.best / b.best / australianSpoon : 0
  return (a.high >= b.low * under && a.low <= b.high * over) || Math.abs(ratio - 1) < 0.06
}

const without = (line: string, { start, end }: Quantity) =>
  `${line.slice(0, start)}${line.slice(end)}`
    .replace(/\(\s*(?:about|approx\.?)?\s*\)/iu, '')
    .replace(/^\s*\/\s*|\s*\/\s*(?=\s|$)/u, ' ')
    .replace(/\s+/gu, ' ')
    .trim()

/**
 * Of all amounts of a line the one that counts (grams before all else, else the first that can be
 * weighed), and whether two of them disagree: weight against volume, ounces against grams, a count
 * against a weight, one volume against another.
 */
export function chooseWeight(
  weights: readonly LineWeight[],
  line: string,
  ingredient: Ingredient | null,
): { readonly best: LineWeight | null; readonly odd: Disagreement | null } {
  const known = weights.filter(w => w.grams)
  const best = bestOf(known) ?? weights[0] ?? null
  if (!best?.grams || /\beach\b/iu.test(line)) return { best, odd: null }
  const other = known.find(w => w !== best && isFigure(w) && !agree(best, w, ingredient, line))
  return { best, odd: other ? disagreement(best, other, line) : null }
}

const isFigure = (w: LineWeight) => w.quantity.unit?.kind !== 'vague'

/** Grams before all else, then any weight, then what can be weighed. */
function bestOf(known: readonly LineWeight[]): LineWeight | undefined {
  const stated = known.filter(w => w.quantity.unit?.kind === 'mass')
  return stated.find(w => ['g', 'kg'].includes(w.quantity.unit?.id ?? '')) ?? stated[0] ?? known[0]
}

function disagreement(best: LineWeight, other: LineWeight, line: string): Disagreement {
  const said = (w: LineWeight) => line.slice(w.quantity.start, w.quantity.end).trim()
  const volume = other.quantity.unit?.kind === 'volume' && best.quantity.unit?.kind === 'mass'
  const use = `${Math.round(other.grams!.best)} g`
  return {
    sentence:
      `${volume ? 'The weight and the volume' : 'Two amounts'} of this line do not agree: ` +
      `${said(other)} weighs about ${use}, but ${said(best)} is written ` +
      `(${differ(best.grams!, other.grams!).toFixed(1)} times apart). ` +
      `${volume ? 'The weight' : said(best)} is used.`,
    instead: volume
      ? [
          {
            label: `Use ${use}`,
            text: line.slice(0, best.quantity.start) + use + line.slice(best.quantity.end),
          },
        ]
      : [
          { label: `It is ${said(other)}`, text: without(line, best.quantity) },
          { label: `It is ${said(best)}`, text: without(line, other.quantity) },
        ],
  }
}
