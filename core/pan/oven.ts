import { celsiusOfGasMark, fahrenheitOfCelsius, fanDegrees, type Celsius } from '../measure'
import type { Kitchen, OvenNote, OvenScale } from './kitchen'
import { perKelvin } from './rule'

/**
 * What an oven of this house is off, in degrees: by the thermometer, or learned; how many bakes it
 * rests on, and a sentence on how.
 */
export interface OvenOffset {
  readonly degrees: number
  readonly rests: number
  readonly says: string
}

/** Bakes that count as already seen, without any news: one or two odd evenings move little. */
const imagined = 3
const most = 30

/**
 * How many degrees hotter this oven is than it says, from how long bakes took against what was
 * expected: a hundredth quicker is about one degree [the study], the mean shrunk by three imagined
 * bakes without news, at most 30 °C. A thermometer goes before it.
 */
export function ovenOffset({ offset, log }: Kitchen['oven']): OvenOffset {
  if (offset !== null && Number.isFinite(offset))
    return {
      degrees: clamp(offset),
      rests: 0,
      says:
        offset === 0
          ? 'By your thermometer the oven is right.'
          : `By your thermometer the oven is ${Math.abs(Math.round(offset))} °C ` +
            `${offset > 0 ? 'hotter' : 'cooler'} than it says.`,
    }
  const each = log.filter(note => note.expected > 0 && note.took > 0).map(offsetOf)
  if (!each.length) return { degrees: 0, rests: 0, says: '' }
  const mean = each.reduce((sum, d) => sum + d, 0) / each.length
  const degrees = clamp(Math.round((mean * each.length) / (each.length + imagined)))
  return {
    degrees,
    rests: each.length,
    says:
      degrees === 0
        ? `${count(each.length)} agree with what the oven says.`
        : `${count(each.length)} came out ${degrees > 0 ? 'sooner' : 'later'} than expected, ` +
          `as if the oven were ${Math.abs(degrees)} °C ${degrees > 0 ? 'hotter' : 'cooler'} ` +
          'than it says.',
  }
}
/** The degrees that somebody measured or bakes have told; null where nothing is known of this oven. */
export const knownOffset = (oven: Kitchen['oven']): number | null =>
  oven.log.length || oven.offset !== null ? ovenOffset(oven).degrees : null

const count = (n: number) => (n === 1 ? 'One bake' : `${n} bakes`)
const clamp = (d: number) => Math.max(-most, Math.min(most, d))
/** What one bake alone would say. */
export const offsetOf = (note: Pick<OvenNote, 'expected' | 'took'>): number =>
  -Math.log(note.took / note.expected) / perKelvin

/** Quarter and half, then whole marks: the nearest that the dial has. */
const marks = [0.25, 0.5, 1, 2, 3, 4, 5, 6, 7, 8, 9, 10]
const round = (n: number, to: number) => Math.round(n / to) * to

/** Gas marks below one, as they stand on a dial. */
const lowMarks: Readonly<Record<number, string>> = { 0.25: '¼', 0.5: '½' }

/**
 * What to set: `still` is the heat that a still oven should really have. Fan 20 °C less [P]; to 5
 * °C, 5 °F or a mark.
 */
export function settingOf(
  still: Celsius,
  { fan, scale }: { readonly fan: boolean; readonly scale: OvenScale },
  offset = 0,
): { readonly celsius: Celsius; readonly says: string } {
  const celsius = still - (fan ? fanDegrees : 0) - offset
  if (scale === 'F')
    return { celsius, says: `${round(fahrenheitOfCelsius(celsius), 5)} °F${fan ? ' fan' : ''}` }
  if (scale === 'gas') {
    const mark = marks.reduce((best, m) =>
      Math.abs(celsiusOfGasMark(m)! - celsius) < Math.abs(celsiusOfGasMark(best)! - celsius)
        ? m
        : best,
    )
    return { celsius, says: `gas mark ${lowMarks[mark] ?? mark}` }
  }
  return { celsius, says: `${round(celsius, 5)} °C${fan ? ' fan' : ''}` }
}

/** The same on every other scale, for whoever bakes elsewhere. */
export const otherSettings = (
  still: Celsius,
  oven: { readonly fan: boolean; readonly scale: OvenScale },
  offset = 0,
): string[] =>
  (
    [
      { fan: false, scale: 'C' },
      { fan: true, scale: 'C' },
      { fan: false, scale: 'F' },
      { fan: false, scale: 'gas' },
    ] as const
  )
    .filter(each => each.scale !== oven.scale || each.fan !== oven.fan)
    .map(each => settingOf(still, each, offset).says)
