import type { Grams, Minutes } from '../measure'
import { lossRows, type LossRow } from './tables/losses'

export const lossRowOf = (id: string): LossRow | undefined => lossRows.find(row => row.id === id)

/**
 * What a weighing before and after comes to. `lost` is the share that is gone; of foams, `per100`
 * what 100 ml weigh.
 */
export interface Loss {
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

/**
 * How far something has drained, boiled down or been whipped. `before` and `after` in grams (of
 * foams, `after` is what 100 ml weigh); `elapsed` the minutes between. Weights that cannot be (more
 * than before, nothing left) are odd, with a sentence.
 */
export function lossFor(row: LossRow, before: Grams | null, after: Grams, elapsed: Minutes): Loss {
  const [low, high] = row.lost
  if (row.by === 'air') {
    if (!(after > 2 && after <= 130))
      return {
        lost: 0,
        per100: after,
        is: 'odd',
        says: `100 ml cannot weigh ${Math.round(after)} g: was the cup taken off?`,
        what: '',
        left: null,
      }
    const is = after > high ? 'short' : after < low ? 'past' : 'right'
    return {
      lost: 0,
      per100: after,
      is,
      says: `100 ml weigh ${Math.round(after)} g; usual are ${low}–${high} g.`,
      what: is === 'short' ? row.short : is === 'past' ? row.past : '',
      left: null,
    }
  }
  if (before === null || !(before > 0) || !(after > 0) || after > before * 1.005)
    return {
      lost: 0,
      per100: null,
      is: 'odd',
      says:
        before === null
          ? 'Without the weight before there is nothing to compare with.'
          : `It cannot weigh ${Math.round(after)} g after ${Math.round(before)} g: was ` +
            'something left on the scale?',
      what: '',
      left: null,
    }
  const lost = Math.max(0, 1 - after / before)
  const goal = (low + high) / 2
  const is = lost < low ? 'short' : lost > high ? 'past' : 'right'
  const whole =
    row.law === 'even'
      ? (elapsed * goal) / lost
      : row.law === 'slowing'
        ? elapsed * (goal / lost) ** 2
        : null
  const left =
    is === 'short' && lost > 0.01 && elapsed > 0.5 && whole !== null
      ? Math.max(1, whole - elapsed)
      : null
  return {
    lost,
    per100: null,
    is,
    says:
      `${percent(lost)} is gone, ${Math.round(after)} g are left; usual ${percent(low)} to ` +
      `${percent(high)}, ` +
      `${Math.round(before * (1 - high))}–${Math.round(before * (1 - low))} g.`,
    what: is === 'short' ? row.short : is === 'past' ? row.past : '',
    left,
  }
}

/**
 * What a bake lost in the oven: tin and all, before less after, as a share of the batter. Null
 * where the weights cannot be.
 */
export const bakeLoss = (before: Grams, after: Grams, batter: Grams): number | null =>
  batter > 0 && before > after && before - after < batter ? (before - after) / batter : null
