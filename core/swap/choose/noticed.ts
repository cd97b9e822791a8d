import { kitchenNumber, weightText } from '../../measure'
import { nameIn } from '../../pantry'
import type { Region } from '../../measure'
import {
  rulesLeft,
  toleranceOf,
  type Balance,
  type FamilyRow,
  type Miss,
  type Weight,
} from '../../formula'
import { consequences, measureNames } from '../tables/consequences'
import { doseRisks } from '../tables/dose-risks'

const percent = (n: number): string => `${n > 0 ? '+' : '−'}${Math.abs(Math.round(n))} %`
const share = (n: number) => `${Math.round(1000 * n) / 10} %`

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
