import { kitchenNumber, weightText } from '../measure'
import { nameIn } from '../pantry'
import type { Region } from '../measure'
import {
  balanceIn,
  rulesLeft,
  toleranceOf,
  type Balance,
  type FamilyRow,
  type Measure,
  type Miss,
  type Weight,
} from '../formula'
import type { Line } from '../recipe'
import type { Question } from './school'
import { consequences, measureNames } from './tables/consequences'
import { doseRisks } from './tables/dose-risks'
import { forRows, jobRows, tasteJobs } from './tables/jobs'

/** Numbers and words for the baker; every figure in a sentence is computed from the amounts it speaks of. */
export const listed = (items: readonly string[]): string =>
  items.length < 2 ? items.join('') : `${items.slice(0, -1).join(', ')} and ${items.at(-1)}`
const percent = (n: number): string => `${n > 0 ? '+' : '−'}${Math.abs(Math.round(n))} %`
const share = (n: number) => `${Math.round(1000 * n) / 10} %`

/** Something that a leaving line did here: the job, how much of it, and its share of the whole part's. */
export interface Did {
  readonly job: string
  readonly word: string
  readonly amount: number
  readonly unit: string
  readonly share: number
}

/**
 * What these weights did in the part, the greatest share first. Lines that no figure speaks for
 * flavoured or glazed it.
 */
export function whatTheyDid(
  weights: readonly Weight[],
  whole: Balance,
  family: FamilyRow,
  question: Question,
): Did[] {
  const own = balanceIn(family, weights)
  const found = jobRows
    .flatMap((row): Did[] => {
      if (
        (family.weights[row.measure] ?? 1) <= 0 &&
        row.measure !== 'water' &&
        row.measure !== 'fat'
      )
        return []
      const amount = own[row.measure]
      const of = whole[row.measure]
      return amount >= row.least && of > 0 && amount / of >= 0.1
        ? [
            {
              job: row.job,
              word: row.word,
              amount,
              unit: row.unit,
              share: Math.min(1, amount / of),
            },
          ]
        : []
    })
    .sort((a, b) => b.share - a.share)
  if (question === 'egg-wash')
    return [{ ...forRows.brush, amount: 0, unit: '', share: 1 }, ...found]
  return found.length
    ? found
    : [{ job: tasteJobs.flavour, word: 'its own taste', amount: 0, unit: '', share: 1 }]
}

/** What a line without a weight was there for: to glaze, for the tin, for the plate. */
export const whatItWasFor = (line: Line, question: Question): Did[] => {
  const purpose = question === 'egg-wash' ? 'brush' : line.purpose
  const row = purpose ? forRows[purpose] : undefined
  return row ? [{ ...row, amount: 0, unit: '', share: 1 }] : []
}

/** "Here it did 100 % of the binding, 38 % of the water and brought half the protein." */
export function sayDid(did: readonly Did[]): string {
  const numbers = did
    .filter(d => d.unit && d.share >= 1 / 4)
    .slice(0, 4)
    .map(d => `${Math.round(100 * d.share)} % of the ${d.word}`)
  if (did[0] && !did[0].unit) return `Here it gave ${did[0].word}.`
  return numbers.length ? `Here it was ${listed(numbers)}.` : ''
}

const told: readonly Measure[] = ['water', 'fat', 'sugar', 'protein', 'starch']
/** "90 g fat and 18 g water": the two or three heaviest things that weights bring. */
export function whatTheyBring(weights: readonly Weight[], family: FamilyRow): string {
  const own = balanceIn(family, weights)
  const brought = told
    .filter(m => own[m] >= 0.5)
    .sort((a, b) => own[b] - own[a])
    .slice(0, 3)
  return (
    listed(brought.map(m => `${weightText(own[m])} ${measureNames[m]}`)) ||
    'hardly anything but taste'
  )
}

/** A part before and after, for judging: weights, balances and what was missed. */
export interface Moved {
  readonly family: FamilyRow
  readonly before: Balance
  readonly base: Balance
  readonly mass: number
  readonly flour: number
  readonly eggsGone: number
  readonly misses: readonly Miss[]
  readonly was: readonly Weight[]
  readonly is: readonly Weight[]
}

/** Less sugar is no less sweet where only milk sugar lacks. */
const isMilkSugar = (miss: Miss, misses: readonly Miss[]) =>
  miss.measure === 'sugar' &&
  miss.change < 0 &&
  !misses.some(m => m.measure === 'sweetness' && m.change < 0.5 * miss.change)

/** How much of it, in brackets; nothing where there was hardly any. */
function howMuch(miss: Miss, { before, flour }: Moved): string {
  if (miss.measure === 'acid') {
    if (flour <= 0) return ''
    const by = kitchenNumber(Math.abs((100 * miss.change) / flour))
    return ` (${miss.change > 0 ? '+' : '−'}${by} meq a 100 g flour)`
  }
  const was = before[miss.measure]
  if (was <= 0.5) return ''
  return ` (${measureNames[miss.measure]} ${percent((100 * miss.change) / was)})`
}

/** What more or less of a measure does here: in a dough, or in a cream. */
function consequenceOf(miss: Miss, family: FamilyRow): string | undefined {
  const row = consequences.find(c => c.measure === miss.measure)
  const side = miss.change > 0 ? 'more' : 'less'
  const isDough = (family.weights.gluten ?? 1) > 0
  return isDough ? row?.[side] : (row?.cream?.[side] ?? row?.[side])
}

/** What a baker will notice: the measures that moved by more than their tolerance, with the number. */
export function noticed(moved: Moved): string[] {
  const { family, base, mass, flour, misses } = moved
  const costly = misses.filter(
    miss => miss.cost > 0.8 && Math.abs(miss.change) > toleranceOf(miss.measure, base, mass, flour),
  )
  const isSugarSaid = costly.some(other => other.measure === 'sugar')
  const once = costly.filter(
    miss =>
      (miss.measure !== 'sweetness' || !isSugarSaid) && (family.weights[miss.measure] ?? 1) > 0,
  )
  return once.slice(0, 4).flatMap(miss => {
    const text = consequenceOf(miss, family)
    return text && !isMilkSugar(miss, misses) ? [text + howMuch(miss, moved)] : []
  })
}

/**
 * Doses above what is usual, where the original was below: "gummy: psyllium 2.6 % of the flour,
 * usual up to 2.5 %".
 */
export function overdoses(
  { family, was, is, flour, mass, eggsGone }: Moved,
  region: Region,
): string[] {
  // In a foam or cream it is weight for weight.
  const isDough = (family.weights.gluten ?? 1) > 0
  const bases = {
    flour: [flour, 'of the flour'],
    batch: [mass, 'of the batch'],
    egg: [eggsGone, 'an egg'],
  } as const
  return doseRisks.flatMap(row => {
    if (row.of === 'egg' && !isDough) return []
    const grams = (weights: readonly Weight[]) =>
      weights.reduce((sum, w) => sum + (row.ingredients.includes(w.ingredient.id) ? w.grams : 0), 0)
    const [base, unit] = bases[row.of]
    const added = row.of === 'egg' ? grams(is) - grams(was) : grams(is)
    // A hundredth over is the rounding of a scale.
    if (base <= 0 || added / base <= row.usual * 1.02 || grams(is) <= grams(was) * 1.02) return []
    const thing = is.find(w => row.ingredients.includes(w.ingredient.id))!.ingredient
    const say = (n: number) => (row.of === 'egg' ? weightText(n) : share(n))
    return [
      `${row.says}: ${nameIn(thing, region)} ${say(added / base)} ${unit}, usual up to ${say(row.usual)}`,
    ]
  })
}

/** Balance rules of the family that the change leaves. */
export const outOfBalance = ({ was, is, family }: Moved): string[] =>
  rulesLeft(was, is, family).map(({ rule, is: now }) => {
    const say = (n: number) => (rule.ratio.endsWith('Share') ? share(n) : String(Math.round(n)))
    return (
      `${say(now)} ${rule.ratio.endsWith('Share') ? 'of the batch' : 'on 100 flour'} is ` +
      `${now < rule.range[0] ? 'little' : 'much'} ${rule.says}; usual is ` +
      `${say(rule.range[0])} to ${say(rule.range[1])}`
    )
  })
