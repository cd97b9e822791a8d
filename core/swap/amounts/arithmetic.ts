import type { Grams } from '../../measure'
import { fatKinds, flourKinds, type Ingredient, type Kind } from '../../pantry'
import { eggCount, felt, liftOf, toleranceOf, type Measure } from '../../formula'
import {
  balanceAt,
  weightsIn,
  withAdded,
  withKept,
  type Added,
  type AmountSetter,
  type PlanDraft,
  type Target,
} from './draft'
import type { KeptAmount } from '../ways'
import { byHand, limits } from '../tables/limits'
import { mostOf } from './unknowns'

/**
 * The transparent arithmetic: doses first, then one lever after another brings the part back to the
 * original's starch, fat, sugar, acid, lift and water. Each lever moves one thing, within its
 * limits, and only when the miss is worth it.
 */
const clamp = (n: number, low: number, high: number) => Math.min(Math.max(n, low), high)
/** Grams between these shares of the dose, and never more than there may be. */
const amongst = (a: Added, grams: Grams, [low, high]: readonly [number, number]) =>
  Math.min(clamp(grams, a.dose * low, a.dose * high), a.most)
const share = (i: Ingredient, measure: 'water' | 'fat' | 'sugar' | 'starch') =>
  i.per100[measure] / 100
const heaviest = <T extends { readonly grams: Grams }>(items: readonly T[]): T | undefined =>
  items.reduce<T | undefined>(
    (best, item) => (!best || item.grams > best.grams ? item : best),
    undefined,
  )

const keptOf = (draft: PlanDraft, kinds: readonly Kind[]) =>
  draft.kept.filter(k => kinds.includes(k.ingredient.kind))
const liquids: readonly Kind[] = [
  'milk',
  'plant-drink',
  'water',
  'juice',
  'sour-milk',
  'plant-sour',
  'plant-cream',
  'cream',
]

/**
 * How much is missing (+) or too much (−) of a measure; 0 when the miss is too small to act on or
 * the family does not mind.
 */
function missing(draft: PlanDraft, target: Target, measure: Measure): number {
  if ((target.family.weights[measure] ?? 1) < 0.5) return 0
  const air = target.family.eggLift * eggCount(draft.kept)
  const delta =
    felt(measure, target.goal[measure], target.flour, air) -
    felt(measure, balanceAt(draft, target.family)[measure], target.flour, air)
  return Math.abs(delta) < 0.5 * toleranceOf(measure, target.before, target.mass, target.flour)
    ? 0
    : delta
}

/** A kept line with so much more or less, at most by these shares of what it was. */
const plusKept = (
  draft: PlanDraft,
  kept: KeptAmount,
  grams: Grams,
  [less, more]: readonly [less: number, more: number],
): PlanDraft =>
  withKept(
    draft,
    kept.lineId,
    clamp(kept.grams + grams, kept.was * (1 - less), kept.was * (1 + more)),
  )
const addLever = (
  draft: PlanDraft,
  ingredient: Ingredient,
  role: Added['role'],
  grams: Grams,
): PlanDraft => {
  const there = draft.added.find(a => a.answers === 'lever' && a.ingredient.id === ingredient.id)
  if (there)
    return withAdded(draft, a => (a === there ? { ...a, grams: Math.max(0, a.grams + grams) } : a))
  return grams > 0
    ? {
        ...draft,
        added: [
          ...draft.added,
          {
            ingredient,
            grams,
            answers: 'lever',
            school: '',
            role,
            dose: grams,
            least: 0,
            most: Infinity,
          },
        ],
      }
    : draft
}

/**
 * Added starch takes the place of a little flour: of the new flours by one factor, or of the
 * heaviest that stays.
 */
function setStarch(draft: PlanDraft, target: Target): PlanDraft {
  const delta = missing(draft, target, 'starch')
  const mix = draft.added.filter(a => a.answers === 'flour')
  if (mix.length && delta < 0) {
    const held = mix.reduce((sum, a) => sum + a.grams * share(a.ingredient, 'starch'), 0)
    return withAdded(draft, a =>
      mix.includes(a)
        ? {
            ...a,
            grams: Math.max(
              a.dose * (1 - 2 * byHand.flourLess),
              a.grams * (1 + delta / Math.max(held, 1e-9)),
            ),
          }
        : a,
    )
  }
  const flour = heaviest(keptOf(draft, flourKinds))
  return delta < 0 && flour && target.flour > 0
    ? plusKept(draft, flour, delta / share(flour.ingredient, 'starch'), [byHand.flourLess, 0])
    : draft
}

/** All added fats together by one factor, within reach of their dose. */
function scaleNewFats(draft: PlanDraft, target: Target): PlanDraft {
  const carriers = draft.added.filter(a => a.role === 'fat' && a.answers !== 'lever')
  const carried = carriers.reduce((sum, a) => sum + a.grams * share(a.ingredient, 'fat'), 0)
  if (!carried) return draft
  const factor = (carried + target.goal.fat - balanceAt(draft, target.family).fat) / carried
  return withAdded(draft, a =>
    carriers.includes(a)
      ? {
          ...a,
          grams: amongst(a, a.grams * factor, byHand.newFat),
        }
      : a,
  )
}

/** The new fats first; what they cannot do, the kept fat does within its limit, and then a little oil. */
function setFat(draft: PlanDraft, target: Target): PlanDraft {
  const scaled = scaleNewFats(draft, target)
  const delta = missing(scaled, target, 'fat')
  if (!delta) return scaled
  const kept = heaviest(keptOf(scaled, fatKinds))
  const moved = kept
    ? plusKept(scaled, kept, delta / share(kept.ingredient, 'fat'), [
        byHand.keptFat,
        byHand.keptFat,
      ])
    : scaled
  const left = missing(moved, target, 'fat')
  const oil = left > 0 ? target.lever('fat') : null
  if (!oil) return moved
  const there = moved.added.find(a => a.answers === 'lever' && a.ingredient.id === oil.id)
  const room = Math.max(0, mostOf('fat', target) - (there?.grams ?? 0))
  return addLever(moved, oil, 'fat', Math.min(left / share(oil, 'fat'), room))
}

/**
 * The kept sugar gives or takes what the new things bring or lack, as far as it stays as sweet:
 * milk sugar is hardly sweet, so its loss alone is no reason for more table sugar.
 */
function setSugar(draft: PlanDraft, target: Target): PlanDraft {
  const bulk = missing(draft, target, 'sugar')
  const sweet = target.goal.sweetness - balanceAt(draft, target.family).sweetness
  const delta = bulk * sweet <= 0 ? 0 : Math.sign(bulk) * Math.min(Math.abs(bulk), Math.abs(sweet))
  const sugar = heaviest(keptOf(draft, ['sugar'])) ?? heaviest(keptOf(draft, ['syrup', 'honey']))
  return delta && sugar
    ? plusKept(draft, sugar, delta / Math.max(share(sugar.ingredient, 'sugar'), 0.3), [
        byHand.sugarLess,
        byHand.sugarMore,
      ])
    : draft
}

/** The acid of a soured drink is set so that it meets the soda as the original's did. */
function setAcid(draft: PlanDraft, target: Target): PlanDraft {
  const carrier = draft.added.find(a => a.role === 'acid' && a.answers === 'sour-milk')
  if (!carrier) return draft
  const delta = target.goal.acid - balanceAt(draft, target.family).acid
  return withAdded(draft, a =>
    a === carrier
      ? { ...a, grams: amongst(a, a.grams + delta / a.ingredient.acid, byHand.soured) }
      : a,
  )
}

/**
 * Powder for the air that the eggs no longer hold, and for the powder that left with a self-raising
 * flour.
 */
function setLift(draft: PlanDraft, target: Target): PlanDraft {
  const delta = missing(draft, target, 'lift')
  if (!delta || target.flour <= 0) return draft
  const powder = target.lever('lift')
  const kept = keptOf(draft, ['leaven']).find(k => k.ingredient.powder > 0)
  const carrier = kept?.ingredient ?? powder
  if (!carrier) return draft
  const now = weightsIn(draft).reduce(
    (sum, w) => sum + (w.ingredient.kind === 'leaven' && w.ingredient.powder ? w.grams : 0),
    0,
  )
  const room = Math.min(
    limits.powderOfFlour * target.flour - now,
    ((limits.co2Per100Flour * target.flour) / 100 - liftOf(weightsIn(draft)).co2) / carrier.powder,
  )
  const grams =
    delta > 0 ? Math.max(0, Math.min(delta / carrier.powder, room)) : delta / carrier.powder
  return kept ? plusKept(draft, kept, grams, [1, 20]) : addLever(draft, carrier, 'bulk', grams)
}

interface WaterCarrier {
  readonly water: number
  readonly down: number
  readonly up: number
  readonly move: (draft: PlanDraft, grams: Grams) => PlanDraft
}

/** Where water may be taken or given, in the order of preference: new liquids, gel water, kept liquids. */
function waterCarriers(draft: PlanDraft): WaterCarrier[] {
  const added = (role: Added['role'], less: number, more: number) =>
    draft.added
      .filter(a => a.role === role && a.answers !== 'lever')
      .sort((a, b) => b.grams - a.grams)
      .map((a): WaterCarrier => ({
        water: share(a.ingredient, 'water'),
        down: Math.max(0, a.grams - a.dose * less),
        up: Math.max(0, Math.min(a.dose * more, a.most) - a.grams),
        move: (d, grams) =>
          withAdded(d, x =>
            x.ingredient === a.ingredient && x.answers === a.answers
              ? { ...x, grams: x.grams + grams }
              : x,
          ),
      }))
  const kept = keptOf(draft, liquids)
    .sort((a, b) => b.grams - a.grams)
    .map((k): WaterCarrier => ({
      water: share(k.ingredient, 'water'),
      down: Math.max(0, k.grams - k.was * byHand.liquidShare),
      up: Math.max(0, k.was * 1.5 - k.grams),
      move: (d, grams) => withKept(d, k.lineId, k.grams + grams),
    }))
  return [
    ...added('liquid', byHand.liquidShare, 1.6),
    ...added('gel-water', byHand.gelWaterLeast, 1.25),
    ...kept,
  ]
}

/**
 * Water back to the original's, by what already is a liquid; a line of water only when nothing else
 * can give it.
 */
function setWater(draft: PlanDraft, target: Target): PlanDraft {
  let delta = missing(draft, target, 'water')
  let now = draft
  for (const carrier of waterCarriers(draft)) {
    if (!delta) break
    if (carrier.water < 0.4) continue
    const grams = clamp(delta / carrier.water, -carrier.down, carrier.up)
    now = carrier.move(now, grams)
    delta -= grams * carrier.water
    if (Math.abs(delta) < 0.1 * toleranceOf('water', target.before, target.mass, target.flour))
      delta = 0
  }
  const water = delta > 0 && missing(now, target, 'water') ? target.lever('water') : null
  return water ? addLever(now, water, 'liquid', delta) : now
}

/**
 * The transparent arithmetic as an amount setter: every lever in turn, three rounds, since each
 * moves the others a little.
 */
export const setByArithmetic: AmountSetter = (draft, target) => {
  let now = draft
  for (let round = 0; round < 3; round++)
    for (const lever of [setStarch, setFat, setSugar, setAcid, setLift, setWater])
      now = lever(now, target)
  return { kept: now.kept, added: now.added.filter(a => a.grams > 0.05) }
}
