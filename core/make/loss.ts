import type { Grams, Minutes } from '../measure'
import { lossRows, type LossRow } from './tables/losses'

export const bakeLossRowOf = (id: string): LossRow | undefined =>
  lossRows.find(row => row.id === id)

/**
 * What a weighing before and after comes to. `lost` is the share that is gone; of foams, `per100`
 * what 100 ml weigh.
 */
export interface BakeLoss {
  readonly lost: number
  readonly per100: Grams | null
  readonly is: 'short' | 'right' | 'past' | 'odd'
  readonly says: string
  readonly what: string
  /**
   * Minutes from now until the middle of the usual stretch, by how it went so far; null where that
   * cannot be said.
   */
  readonly left: Minutes | null
}

const percent = (share: number) => `${Math.round(100 * share)} %`

/** Weights that cannot be. */
const odd = (says: string, per100: Grams | null): BakeLoss => ({
  lost: 0,
  per100,
  is: 'odd',
  says,
  what: '',
  left: null,
})
/** What stands in the row for it: not enough yet, or too much. */
const whatOf = (row: LossRow, is: BakeLoss['is']): string => {
  if (is === 'short') return row.short
  return is === 'past' ? row.past : ''
}

/** How far something has been whipped: `weighs` is what 100 ml weigh. */
function airIn(row: LossRow, weighs: Grams): BakeLoss {
  const [low, high] = row.lost
  const rounded = Math.round(weighs)
  if (!(weighs > 2 && weighs <= 130))
    return odd(`100 ml cannot weigh ${rounded} g: was the cup taken off?`, weighs)
  const tooLight = weighs < low ? 'past' : 'right'
  const is = weighs > high ? 'short' : tooLight
  return {
    lost: 0,
    per100: weighs,
    is,
    says: `100 ml weigh ${rounded} g; usual are ${low}–${high} g.`,
    what: whatOf(row, is),
    left: null,
  }
}

/** Minutes until the middle of the usual stretch, by the row's law and how it went so far. */
function minutesLeft(row: LossRow, lost: number, elapsed: Minutes): Minutes | null {
  const goal = (row.lost[0] + row.lost[1]) / 2
  if (lost <= 0.01 || elapsed <= 0.5) return null
  if (row.law === 'even') return Math.max(1, (elapsed * goal) / lost - elapsed)
  if (row.law === 'slowing') return Math.max(1, elapsed * (goal / lost) ** 2 - elapsed)
  return null
}

/**
 * How far something has drained, boiled down or been whipped. `before` and `after` in grams (of
 * foams, `after` is what 100 ml weigh); `elapsed` the minutes between. Weights that cannot be (more
 * than before, nothing left) are odd, with a sentence.
 */
export function bakeLossFor(
  row: LossRow,
  before: Grams | null,
  after: Grams,
  elapsed: Minutes,
): BakeLoss {
  if (row.by === 'air') return airIn(row, after)
  if (before === null)
    return odd('Without the weight before there is nothing to compare with.', null)
  if (!(before > 0 && after > 0 && after <= before * 1.005))
    return odd(
      `It cannot weigh ${Math.round(after)} g after ${Math.round(before)} g: was ` +
        'something left on the scale?',
      null,
    )
  const [low, high] = row.lost
  const lost = Math.max(0, 1 - after / before)
  const tooMuch = lost > high ? 'past' : 'right'
  const is = lost < low ? 'short' : tooMuch
  return {
    lost,
    per100: null,
    is,
    says:
      `${percent(lost)} is gone, ${Math.round(after)} g are left; usual ${percent(low)} to ` +
      `${percent(high)}, ` +
      `${Math.round(before * (1 - high))}–${Math.round(before * (1 - low))} g.`,
    what: whatOf(row, is),
    left: is === 'short' ? minutesLeft(row, lost, elapsed) : null,
  }
}

/**
 * What a bake lost in the oven: tin and all, before less after, as a share of the batter. Null
 * where the weights cannot be.
 */
export const bakeLoss = (before: Grams, after: Grams, batter: Grams): number | null =>
  batter > 0 && before > after && before - after < batter ? (before - after) / batter : null
