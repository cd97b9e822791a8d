import type { Celsius, Minutes } from '../measure'
import type { Metres } from './air'
import { fillingOf, takes, type Filling } from './fill'
import { readTin } from './read-tin'
import { batterOfFamily } from './tables/batters'
import { tinProblem, type Tin } from './tin'

/** What is asked when a bake time is wanted: read, filled in, or refused with a sentence. */

/**
 * The batter, as far as it is known: its family decides what is not. `density` g/ml, `water` 0…1 by
 * weight.
 */
interface BatterGiven {
  readonly family?: string
  readonly variant?: string
  readonly density?: number
  readonly water?: number
  readonly egg?: boolean
  /** Of a batter with fruit or crumbs in it, which rise less than the family's own. */
  readonly fill?: number
  readonly rise?: number
}

/**
 * What a recipe says: in which tin, how much of it in all, how long at which still-oven heat. Words
 * for a tin are read.
 */
export interface BakeKnown extends BatterGiven {
  readonly tin?: Tin | string | null
  readonly pan?: Tin | string | null
  readonly ml?: number | null
  readonly grams?: number | null
  readonly minutes?: Minutes | readonly [Minutes, Minutes] | null
  readonly celsius?: Celsius | null
  readonly fan?: boolean
}

/**
 * What is wanted instead; what is left out stays as it was. `celsius` is what the oven really has,
 * of a fan oven its own.
 */
export interface BakeWanted {
  readonly tin?: Tin | string | null
  readonly pan?: Tin | string | null
  readonly ml?: number | null
  readonly grams?: number | null
  readonly celsius?: Celsius | null
  readonly fan?: boolean
  readonly start?: Celsius
  readonly altitude?: Metres
  readonly density?: number
  /** By the instant rule alone. */
  readonly quick?: boolean
}

export interface BakeProblem {
  readonly ok: false
  readonly problem: { readonly code: string; readonly sentence: string }
}

const oven = { low: 60, high: 300 }
/** Batter from the counter, °C. */
export const room = 20
/** What a recipe that states no heat is taken to bake at, °C. [P] */
const usualHeat = 175
const mostBatter = 60_000
/** Water in a batter of which nothing is known, as a share of its weight. [M] */
const usualWater = 0.3

export const refuse = (code: string, sentence: string): BakeProblem => ({
  ok: false,
  problem: { code, sentence },
})
const tinIn = (given: Tin | string | null | undefined): Tin | null | undefined =>
  typeof given === 'string' ? (readTin(given)?.tin ?? undefined) : given

/** A question that can be answered: everything that was left out is filled in. */
export interface BakeQuestion {
  readonly row: ReturnType<typeof batterOfFamily>
  readonly density: number
  readonly wantedDensity: number
  readonly water: number
  /** The stated tin; null where the recipe names none. */
  readonly from: Tin | null
  readonly to: Tin
  readonly celsius: { readonly known: Celsius; readonly wanted: Celsius }
  readonly fan: { readonly known: boolean; readonly wanted: boolean }
  readonly isHeatStated: boolean
  readonly stated: readonly [Minutes, Minutes] | null
  /** The middle of the stated time. */
  readonly middle: Minutes | null
  readonly start: Celsius
  readonly altitude: Metres
  /** Millilitres in each single tin or cup. */
  readonly each: { readonly known: number; readonly wanted: number }
  readonly filling: Filling
}

export const isProblem = (found: object): found is BakeProblem => 'problem' in found

/** Both tins, or why they cannot be worked with. */
function tinsOf(
  known: BakeKnown,
  wanted: BakeWanted,
): BakeProblem | { readonly from: Tin | null; readonly to: Tin } {
  const [inWords, wantedInWords] = [known.tin ?? known.pan, wanted.tin ?? wanted.pan]
  const unknown = (words: unknown) =>
    refuse('tin', `“${String(words).slice(0, 60)}” names no tin that is known here.`)
  const from = tinIn(inWords ?? null)
  if (from === undefined) return unknown(inWords)
  const to = wantedInWords ? tinIn(wantedInWords) : from
  if (to === undefined) return unknown(wantedInWords)
  if (to === null)
    return refuse('tin', 'In which tin is it baked? Choose one, and the time follows.')
  const problem = (from && tinProblem(from)) ?? tinProblem(to)
  return problem ? refuse(problem.code, problem.sentence) : { from, to }
}

/** What of the heats, the time, the start or the height cannot be; null where all can. */
function settingProblem(
  known: BakeKnown,
  wanted: BakeWanted,
  stated: BakeQuestion['stated'],
): BakeProblem | null {
  const celsius = known.celsius ?? usualHeat
  const odd = [celsius, wanted.celsius ?? celsius].find(c => !(c >= oven.low && c <= oven.high))
  if (odd !== undefined)
    return refuse(
      'celsius',
      `No home oven bakes at ${Math.round(odd)} °C: between ${oven.low} and ${oven.high} °C.`,
    )
  if (stated && !(stated[0] > 0 && stated[1] >= stated[0] && stated[1] <= 24 * 60))
    return refuse('minutes', 'A bake time lies above zero and below a day.')
  const { start = room, altitude = 0 } = wanted
  if (!(start >= -25 && start <= 90)) return refuse('start', 'Batter goes in at −25 to 90 °C.')
  if (!(altitude >= -400 && altitude <= 5000))
    return refuse('altitude', 'Heights from −400 to 5000 metres can be worked with.')
  return null
}

function batterProblem(amounts: readonly number[]): BakeProblem | null {
  if (amounts.some(ml => !(ml > 0)))
    return refuse('batter', 'There must be some batter: more than 0 ml.')
  return amounts.some(ml => ml > mostBatter)
    ? refuse('batter', 'More than 60 litres of batter fit no kitchen.')
    : null
}

const statedOf = ({ minutes }: BakeKnown): BakeQuestion['stated'] => {
  if (minutes === null || minutes === undefined) return null
  return typeof minutes === 'number' ? [minutes, minutes] : minutes
}

/** Millilitres of so much batter; undefined where nobody says how much there is. */
const volumeOf = (
  { ml, grams }: { readonly ml?: number | null; readonly grams?: number | null },
  density: number,
): number | undefined => ml ?? (grams === null || grams === undefined ? undefined : grams / density)

/** The batter's row and densities, with what was left out filled in. */
function batterIn(known: BakeKnown, wanted: BakeWanted) {
  const own = batterOfFamily(known.family ?? 'other', known.variant)
  const row = { ...own, fill: known.fill ?? own.fill, rise: known.rise ?? own.rise }
  const density = known.density ?? (known.egg === false ? row.without : row.density)
  const wantedDensity = wanted.density ?? density
  return { row, density, wantedDensity, water: known.water ?? usualWater }
}

/** The ovens, the start and the height, with what was left out filled in. */
function settingsIn(known: BakeKnown, wanted: BakeWanted) {
  const celsius = known.celsius ?? usualHeat
  return {
    celsius: { known: celsius, wanted: wanted.celsius ?? celsius },
    fan: { known: known.fan ?? false, wanted: wanted.fan ?? false },
    isHeatStated: known.celsius !== null && known.celsius !== undefined,
    start: wanted.start ?? room,
    altitude: wanted.altitude ?? 0,
  }
}

/** Fills in what was left out; refuses sizes and heats that no kitchen has. */
export function readQuestion(known: BakeKnown, wanted: BakeWanted): BakeQuestion | BakeProblem {
  const tins = tinsOf(known, wanted)
  if (isProblem(tins)) return tins
  const { from, to } = tins
  const stated = statedOf(known)
  const problem = settingProblem(known, wanted, stated)
  if (problem) return problem
  const batter = batterIn(known, wanted)
  const knownMl = volumeOf(known, batter.density) ?? takes(from ?? to, batter.row)
  const usualMl = from ? knownMl : takes(to, batter.row)
  const ml = volumeOf(wanted, batter.wantedDensity) ?? usualMl
  const wrong = batterProblem([knownMl, ml])
  if (wrong) return wrong
  const filling = fillingOf(to, ml, batter.row)
  return {
    ...batter,
    ...settingsIn(known, wanted),
    from,
    to,
    stated,
    middle: stated && (stated[0] + stated[1]) / 2,
    each: { known: knownMl / (from ?? to).count, wanted: filling.ml },
    filling,
  }
}
