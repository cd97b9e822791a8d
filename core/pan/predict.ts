import { asStill, type Celsius, type Minutes } from '../measure'
import type { Metres } from './air'
import { fillingOf, takes, type Filling } from './fill'
import { baked, calibrate, usualScale, type Baking } from './model'
import { readTin } from './read-tin'
import { perKelvin, ruleMinutes, unanchoredMinutes } from './rule'
import { batterOfFamily } from './tables/batters'
import { tinProblem, type Tin } from './tin'

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

interface Warming {
  readonly minutes: readonly Minutes[]
  readonly coldest: readonly Celsius[]
  readonly finish: Celsius
  readonly warmest: readonly Celsius[]
}

export interface BakeTime {
  readonly ok: true
  /**
   * Expected, and from when to when: ±13 % of a calibrated prediction [the study], more of an
   * uncertain one.
   */
  readonly likely: Minutes
  readonly minutes: readonly [Minutes, Minutes]
  readonly firstCheck: Minutes
  /** When the tin is turned, at half time. */
  readonly turnAt: Minutes
  readonly depthCm: number
  readonly overflow: boolean
  readonly filling: Filling
  /**
   * stated: nothing changed; model; rule: the stated time fits nothing; pieces: by the weight of
   * one; unstated: no time is given.
   */
  readonly by: 'stated' | 'model' | 'rule' | 'pieces' | 'unstated' | 'cold'
  /** The instant answer beside it. */
  readonly rule: Minutes
  /** The factor on the oven's side that the stated time asks for. */
  readonly scale: number | null
  /** False: the stated time does not fit the stated tin. */
  readonly fits: boolean
  /** What the stated tin would usually take, where it does not fit. */
  readonly usual: readonly [Minutes, Minutes] | null
  readonly warming: Warming | null
  readonly notes: readonly string[]
}
export interface BakeProblem {
  readonly ok: false
  readonly problem: { readonly code: string; readonly sentence: string }
}

const band = { calibrated: 0.13, rule: 0.25, unstated: 0.25, pieces: 0.15 }
/**
 * Factors of ordinary recipes lie at 0.49–0.89 over the practice table; outside of these the time
 * or the tin is another. [C] tests/corpus/tables/pan-changes.ts
 */
const fitting = { low: 0.3, high: 1.5 }
/**
 * Pieces brown before they are heated through: time goes with their thickness, the cube root of
 * their weight; drying with its square. [M]
 */
const byWeight = { browning: 1 / 3, drying: 2 / 3 }
const oven = { low: 60, high: 300 }
const room = 20

const refuse = (code: string, sentence: string): BakeProblem => ({
  ok: false,
  problem: { code, sentence },
})
const tinIn = (given: Tin | string | null | undefined): Tin | null | undefined =>
  typeof given === 'string' ? (readTin(given)?.tin ?? undefined) : given

/** To whole minutes; below ten to halves. */
const roundMinutes = (m: Minutes): Minutes => (m >= 10 ? Math.round(m) : Math.round(2 * m) / 2)
const window = (likely: Minutes, share: number): readonly [Minutes, Minutes] => [
  roundMinutes(likely * (1 - share)),
  roundMinutes(likely * (1 + share)),
]
/** Some minutes before the window opens. */
const checkBefore = (from: Minutes): Minutes =>
  Math.max(1, roundMinutes(Math.min(from - 2, from * 0.88)))

/**
 * How long it bakes in another tin, another oven, from another start. First the instant rule, then
 * the heat model, whose oven side is set so that it agrees with the stated tin and time. Refuses
 * sizes and heats that no kitchen has, with a sentence; without a stated time the window is wide
 * and says so.
 *
 * @example
 * const known = { tin: '20 cm round cake tin', ml: 1000, minutes: 35, celsius: 180 }
 * predictBake(known, { quick: true }).minutes // [26, 44]
 */
export function predictBake(known: BakeKnown, wanted: BakeWanted = {}): BakeTime | BakeProblem {
  const own = batterOfFamily(known.family ?? 'other', known.variant)
  const row = { ...own, fill: known.fill ?? own.fill, rise: known.rise ?? own.rise }
  const density = known.density ?? (known.egg === false ? row.without : row.density)
  const from = tinIn(known.tin ?? known.pan ?? null)
  const to = (wanted.tin ?? wanted.pan) ? tinIn(wanted.tin ?? wanted.pan) : from
  if (from === undefined)
    return refuse(
      'tin',
      `“${String(known.tin ?? known.pan).slice(0, 60)}” names no tin that is known here.`,
    )
  if (!to)
    return refuse(
      'tin',
      to === undefined
        ? `“${String(wanted.tin ?? wanted.pan).slice(0, 60)}” names no tin that is known here.`
        : 'In which tin is it baked? Choose one, and the time follows.',
    )
  for (const tin of [from, to]) {
    const problem = tin && tinProblem(tin)
    if (problem) return refuse(problem.code, problem.sentence)
  }
  const celsius = known.celsius ?? 175
  const heatTo = wanted.celsius ?? celsius
  for (const c of [celsius, heatTo])
    if (!Number.isFinite(c) || c < oven.low || c > oven.high)
      return refuse(
        'celsius',
        `No home oven bakes at ${Math.round(c)} °C: between ${oven.low} and ${oven.high} °C.`,
      )
  const stated =
    known.minutes === null || known.minutes === undefined
      ? null
      : typeof known.minutes === 'number'
        ? ([known.minutes, known.minutes] as const)
        : known.minutes
  if (stated && !(stated[0] > 0 && stated[1] >= stated[0] && stated[1] <= 24 * 60))
    return refuse('minutes', 'A bake time lies above zero and below a day.')
  const start = wanted.start ?? room
  if (!(start >= -25 && start <= 90)) return refuse('start', 'Batter goes in at −25 to 90 °C.')
  const altitude = wanted.altitude ?? 0
  if (!(altitude >= -400 && altitude <= 5000))
    return refuse('altitude', 'Heights from −400 to 5000 metres can be worked with.')
  const given = (ml: number | null | undefined, grams: number | null | undefined, by: number) =>
    ml ?? (grams === null || grams === undefined ? undefined : grams / by)
  const knownMl = given(known.ml, known.grams, density) ?? takes(from ?? to, row)
  const ml =
    given(wanted.ml, wanted.grams, wanted.density ?? density) ?? (from ? knownMl : takes(to, row))
  for (const amount of [knownMl, ml])
    if (!(amount > 0) || amount > 60_000)
      return refuse(
        'batter',
        !(amount > 0)
          ? 'There must be some batter: more than 0 ml.'
          : 'More than 60 litres of batter fit no kitchen.',
      )

  const filling = fillingOf(to, ml, row)
  const base = {
    ok: true as const,
    depthCm: filling.depth,
    overflow: filling.stands === 'over',
    filling,
  }
  const notes: string[] = []
  if (known.celsius === null || known.celsius === undefined)
    notes.push('No oven heat is stated: 175 °C is taken.')
  if (row.by === 'cold' || row.by === 'fried')
    return {
      ...base,
      likely: 0,
      minutes: [0, 0],
      firstCheck: 0,
      turnAt: 0,
      by: 'cold',
      rule: 0,
      scale: null,
      fits: true,
      usual: null,
      warming: null,
      notes: [
        row.by === 'fried' ? 'It is fried in a pan, not baked.' : 'It is not baked: it sets cold.',
      ],
    }
  const middle = stated ? (stated[0] + stated[1]) / 2 : null
  const hotter = Math.exp(-perKelvin * (asStill(heatTo, wanted.fan) - asStill(celsius, known.fan)))
  const each = { known: knownMl / (from ?? to).count, wanted: filling.ml }

  if (to.shape === 'tray' || (row.by !== 'heat' && to.shape === 'cups')) {
    if (middle === null)
      return {
        ...base,
        likely: 0,
        minutes: [0, 0],
        firstCheck: 0,
        turnAt: 0,
        by: 'unstated',
        rule: 0,
        scale: null,
        fits: true,
        usual: null,
        warming: null,
        notes: [
          'No bake time is stated, and pieces that brown first are not modelled: look early and often.',
        ],
      }
    const likely =
      middle *
      (each.wanted / each.known) ** byWeight[row.by === 'drying' ? 'drying' : 'browning'] *
      hotter
    const same = Math.abs(likely / middle - 1) < 0.01
    const minutes =
      same && stated
        ? ([roundMinutes(stated[0]), roundMinutes(stated[1])] as const)
        : window(likely, band.pieces)
    return {
      ...base,
      likely,
      minutes,
      firstCheck: checkBefore(minutes[0]),
      turnAt: roundMinutes(likely / 2),
      by: same ? 'stated' : 'pieces',
      rule: likely,
      scale: null,
      fits: true,
      usual: null,
      warming: null,
      notes: [
        ...notes,
        row.by === 'drying'
          ? 'It dries rather than bakes: the time follows the weight of a piece, and leaves much to the eye.'
          : 'Pieces on a tray are done when they have browned: the time follows the weight ' +
            'of a piece, no heat model.',
      ],
    }
  }

  const rule =
    middle !== null && from && from.shape !== 'tray'
      ? ruleMinutes({ tin: from, ml: each.known, minutes: middle }, to, each.wanted) * hotter
      : unanchoredMinutes(to, each.wanted, asStill(heatTo, wanted.fan))
  if (wanted.quick) {
    const minutes = window(rule, band.rule)
    return {
      ...base,
      likely: rule,
      minutes,
      firstCheck: checkBefore(minutes[0]),
      turnAt: roundMinutes(rule / 2),
      by: middle === null ? 'unstated' : 'rule',
      rule,
      scale: null,
      fits: true,
      usual: null,
      warming: null,
      notes,
    }
  }
  const batter = { rise: row.rise, finish: row.finish, density, water: known.water ?? 0.3 }
  // Pieces on a tray say nothing of how heat gets through a body.
  const anchor: Baking | null =
    from && from.shape !== 'tray'
      ? {
          tin: from,
          ml: each.known,
          celsius,
          fan: known.fan ?? false,
          start: room,
          altitude: 0,
          batter,
        }
      : null
  const scale = anchor && middle !== null ? calibrate(anchor, middle) : null
  const fits =
    middle === null || !anchor || (scale !== null && scale >= fitting.low && scale <= fitting.high)
  const used = scale !== null && fits ? scale : usualScale
  const run = baked(
    {
      tin: to,
      ml: each.wanted,
      celsius: heatTo,
      fan: wanted.fan ?? false,
      start,
      altitude,
      batter: { ...batter, density: wanted.density ?? density },
    },
    used,
  )
  if (run.minutes === null)
    return refuse(
      'never',
      `At ${Math.round(heatTo)} °C its middle never gets to ${row.finish} °C within six hours.`,
    )
  const warming: Warming = {
    minutes: run.curve.seconds.map(s => s / 60),
    coldest: run.curve.coldest,
    warmest: run.curve.warmest,
    finish: row.finish,
  }
  const usual =
    !fits && anchor
      ? window(
          baked(anchor, usualScale).minutes ?? unanchoredMinutes(anchor.tin, anchor.ml, celsius),
          band.unstated,
        )
      : null
  // Nothing changed: the recipe knows best; of what browns or dries the model says nothing against it.
  const same =
    from !== null &&
    middle !== null &&
    (fits || row.by !== 'heat') &&
    Math.abs(rule / middle - 1) < 0.005 &&
    from.material === to.material &&
    (known.fan ?? false) === (wanted.fan ?? false) &&
    start === room &&
    altitude === 0
  const anchored = anchor && middle !== null
  const likely = same
    ? middle
    : !anchored
      ? run.minutes
      : fits
        ? run.minutes
        : Math.sqrt(run.minutes * rule)
  const share = !anchored
    ? band.unstated
    : fits
      ? Math.max(band.calibrated, stated ? (stated[1] - stated[0]) / 2 / middle : 0)
      : band.rule
  const minutes =
    same && stated && stated[1] > stated[0]
      ? ([roundMinutes(stated[0]), roundMinutes(stated[1])] as const)
      : window(likely, same ? 0.08 : share)
  if (middle !== null && !anchor)
    notes.push(
      'The stated time is of pieces on a tray: for one body of dough it says nothing, so look early.',
    )
  if (middle === null)
    notes.push('No bake time is stated: this is what ordinary batters take, so look early.')
  return {
    ...base,
    likely,
    minutes,
    firstCheck: checkBefore(minutes[0]),
    turnAt: roundMinutes(likely / 2),
    by: same ? 'stated' : !anchored ? 'unstated' : fits ? 'model' : 'rule',
    rule,
    scale,
    fits,
    usual,
    warming,
    notes,
  }
}
