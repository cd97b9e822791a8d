import { asStill, type Celsius, type Minutes } from '../measure'
import type { Filling } from './fill'
import { baked, calibrate, usualScale, type Baking } from './model'
import {
  isProblem,
  readQuestion,
  refuse,
  room,
  type BakeKnown,
  type BakeProblem,
  type BakeQuestion,
  type BakeWanted,
} from './question'
import { perKelvin, ruleMinutes, unanchoredMinutes } from './rule'

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
const band = { stated: 0.08, calibrated: 0.13, rule: 0.25, unstated: 0.25, pieces: 0.15 }
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
/** To whole minutes; below ten to halves. */
const roundMinutes = (m: Minutes): Minutes => (m >= 10 ? Math.round(m) : Math.round(2 * m) / 2)
const window = (likely: Minutes, share: number): readonly [Minutes, Minutes] => [
  roundMinutes(likely * (1 - share)),
  roundMinutes(likely * (1 + share)),
]
/** Some minutes before the earliest end. */
const checkBefore = (from: Minutes): Minutes =>
  Math.max(1, roundMinutes(Math.min(from - 2, from * 0.88)))

/** What an answer says, where it says no more than a time and a window. */
function timeOf(
  { filling }: BakeQuestion,
  is: Pick<BakeTime, 'likely' | 'minutes' | 'by' | 'rule' | 'notes'> & Partial<BakeTime>,
): BakeTime {
  const { likely, minutes } = is
  return {
    ok: true,
    depthCm: filling.depth,
    overflow: filling.stands === 'over',
    filling,
    firstCheck: likely > 0 ? checkBefore(minutes[0]) : 0,
    turnAt: roundMinutes(likely / 2),
    scale: null,
    fits: true,
    usual: null,
    warming: null,
    ...is,
  }
}

/** How the time changes with the oven alone. */
const hotterBy = ({ celsius, fan }: BakeQuestion): number => {
  const [to, from] = [asStill(celsius.wanted, fan.wanted), asStill(celsius.known, fan.known)]
  return Math.exp(-perKelvin * (to - from))
}

const notedHeat = ({ isHeatStated }: BakeQuestion): string[] =>
  isHeatStated ? [] : ['No oven heat is stated: 175 °C is taken.']

/** Pieces on a tray brown or dry before they are heated through: their time goes with their weight. */
function piecesTime(asked: BakeQuestion): BakeTime {
  const { row, middle, stated, each } = asked
  const nothing = { likely: 0, minutes: [0, 0] as const, rule: 0 }
  if (middle === null)
    return timeOf(asked, {
      ...nothing,
      by: 'unstated',
      notes: [
        'No bake time is stated, and pieces that brown first are not modelled: look early and often.',
      ],
    })
  const isDrying = row.by === 'drying'
  const heavier = (each.wanted / each.known) ** byWeight[isDrying ? 'drying' : 'browning']
  const likely = middle * heavier * hotterBy(asked)
  const isSame = Math.abs(likely / middle - 1) < 0.01
  return timeOf(asked, {
    likely,
    minutes: isSame && stated ? rounded(stated) : window(likely, band.pieces),
    by: isSame ? 'stated' : 'pieces',
    rule: likely,
    notes: [
      ...notedHeat(asked),
      isDrying
        ? 'It dries rather than bakes: the time follows the weight of a piece, and leaves much to the eye.'
        : 'Pieces on a tray are done when they have browned: the time follows the weight ' +
          'of a piece, no heat model.',
    ],
  })
}

const rounded = ([low, high]: readonly [Minutes, Minutes]): readonly [Minutes, Minutes] => [
  roundMinutes(low),
  roundMinutes(high),
]

/** The instant answer: by the stated tin and time, or, where none is stated, by the oven alone. */
function ruleOf(asked: BakeQuestion): Minutes {
  const { from, to, each, middle, celsius, fan } = asked
  if (middle === null || !from || from.shape === 'tray')
    return unanchoredMinutes(to, each.wanted, asStill(celsius.wanted, fan.wanted))
  return (
    ruleMinutes({ tin: from, ml: each.known, minutes: middle }, to, each.wanted) * hotterBy(asked)
  )
}

/** The stated bake as the heat model takes it; pieces on a tray say nothing of a body of dough. */
function anchorOf(asked: BakeQuestion): Baking | null {
  const { from, each, celsius, fan, row, density, water } = asked
  if (!from || from.shape === 'tray') return null
  return {
    tin: from,
    ml: each.known,
    celsius: celsius.known,
    fan: fan.known,
    start: room,
    altitude: 0,
    batter: { rise: row.rise, finish: row.finish, density, water },
  }
}

/** Nothing changed: the recipe knows best; of what browns or dries the model says nothing against it. */
const isUnchanged = (asked: BakeQuestion, rule: Minutes, fits: boolean): boolean => {
  const { from, to, middle, row, fan, start, altitude } = asked
  return (
    from !== null &&
    middle !== null &&
    (fits || row.by !== 'heat') &&
    Math.abs(rule / middle - 1) < 0.005 &&
    from.material === to.material &&
    fan.known === fan.wanted &&
    start === room &&
    altitude === 0
  )
}

/**
 * The instant rule and the model err differently with another tin: the likeliest time lies between
 * them, in the logarithm; where a low heat in the middle is the end (custards), at the rule, since
 * their surface hardly dries. [C] over tests/corpus/tables/pan-changes
 */
const sharesOfRule = { cake: 0.3, custard: 0.9, custardBelow: 86 }
function towardsRule(asked: BakeQuestion, anchor: Baking | null, scale: number | null): number {
  const { from, to, each, middle, row } = asked
  const isSame = from === to && each.known === each.wanted
  if (isSame || !from || !anchor || scale === null || middle === null) return 1
  const changed = baked(
    { ...anchor, tin: { ...to, material: from.material }, ml: each.wanted },
    scale,
  )
  if (changed.minutes === null) return 1
  const byRule = ruleMinutes({ tin: from, ml: each.known, minutes: middle }, to, each.wanted)
  const share = row.finish < sharesOfRule.custardBelow ? sharesOfRule.custard : sharesOfRule.cake
  return (byRule / changed.minutes) ** share
}

/** By the heat model, whose oven side is set so that it agrees with the stated tin and time. */
function modelTime(asked: BakeQuestion, rule: Minutes): BakeTime | BakeProblem {
  const { to, each, middle, stated, celsius, fan, row, start, altitude, water } = asked
  const anchor = anchorOf(asked)
  const anchored = middle === null ? null : anchor
  const scale = anchored && calibrate(anchored, middle!)
  const fits = !anchored || (scale !== null && scale >= fitting.low && scale <= fitting.high)
  const run = baked(
    {
      tin: to,
      ml: each.wanted,
      celsius: celsius.wanted,
      fan: fan.wanted,
      start,
      altitude,
      batter: { rise: row.rise, finish: row.finish, density: asked.wantedDensity, water },
    },
    scale !== null && fits ? scale : usualScale,
  )
  if (run.minutes === null)
    return refuse(
      'never',
      `At ${Math.round(celsius.wanted)} °C its middle never gets to ${row.finish} °C within six hours.`,
    )
  const is = modelWindow(asked, {
    rule,
    modelled: run.minutes * towardsRule(asked, fits ? anchored : null, scale),
    fits,
    isAnchored: anchored !== null,
  })
  const { seconds, coldest, warmest } = run.curve
  return timeOf(asked, {
    ...is,
    rule,
    scale,
    fits,
    usual: fits || !anchor ? null : usualWindow(anchor),
    warming: { minutes: seconds.map(s => s / 60), coldest, warmest, finish: row.finish },
    notes: [
      ...notedHeat(asked),
      ...(middle !== null && !anchor
        ? [
            'The stated time is of pieces on a tray: for one body of dough it says nothing, so look early.',
          ]
        : []),
      ...(stated
        ? []
        : ['No bake time is stated: this is what ordinary batters take, so look early.']),
    ],
  })
}

/** What the stated tin would usually take, where the stated time does not fit it. */
const usualWindow = (anchor: Baking): readonly [Minutes, Minutes] => {
  const { minutes } = baked(anchor, usualScale)
  return window(minutes ?? unanchoredMinutes(anchor.tin, anchor.ml, anchor.celsius), band.unstated)
}

/** The likely time and its window, by what it rests on. */
function modelWindow(
  asked: BakeQuestion,
  by: {
    readonly rule: Minutes
    readonly modelled: Minutes
    readonly fits: boolean
    readonly isAnchored: boolean
  },
): Pick<BakeTime, 'likely' | 'minutes' | 'by'> {
  const { stated, middle } = asked
  const { rule, modelled, fits, isAnchored } = by
  if (isUnchanged(asked, rule, fits)) {
    const isRange = stated !== null && stated[1] > stated[0]
    const minutes = isRange ? rounded(stated) : window(middle!, band.stated)
    return { likely: middle!, minutes, by: 'stated' }
  }
  if (!isAnchored)
    return { likely: modelled, minutes: window(modelled, band.unstated), by: 'unstated' }
  if (!fits) {
    const likely = Math.sqrt(modelled * rule)
    return { likely, minutes: window(likely, band.rule), by: 'rule' }
  }
  const statedShare = stated && middle ? (stated[1] - stated[0]) / 2 / middle : 0
  const share = Math.max(band.calibrated, statedShare)
  return { likely: modelled, minutes: window(modelled, share), by: 'model' }
}

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
  const asked = readQuestion(known, wanted)
  if (isProblem(asked)) return asked
  const { row, to, middle } = asked
  if (row.by === 'cold' || row.by === 'fried') {
    const says =
      row.by === 'fried' ? 'It is fried in a pan, not baked.' : 'It is not baked: it sets cold.'
    return timeOf(asked, { likely: 0, minutes: [0, 0], by: 'cold', rule: 0, notes: [says] })
  }
  if (to.shape === 'tray' || (row.by !== 'heat' && to.shape === 'cups')) return piecesTime(asked)
  const rule = ruleOf(asked)
  if (!wanted.quick) return modelTime(asked, rule)
  return timeOf(asked, {
    likely: rule,
    minutes: window(rule, band.rule),
    by: middle === null ? 'unstated' : 'rule',
    rule,
    notes: notedHeat(asked),
  })
}
