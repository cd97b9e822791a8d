import type { Grams } from '../../measure'
import { ingredientById, sweetKinds, type Kind } from '../../pantry'
import {
  balanceIn,
  batterOf,
  eggCount,
  isInside,
  massOf,
  ratiosOf,
  weightsOf,
  type Balance,
  type FamilyReading,
  type FamilyRow,
  type Weight,
} from '../../formula'
import type { Component, Line } from '../../recipe'
import { groupsOf, type Group, type Wishes } from './candidates'
import type { KeptAmount } from './kept'
import { fatKinds, type Leaving } from '../leaving'
import { holderOf, isNear, judgedAs, nearestIn, regionFor, type Aim } from './region'
import { roomIn } from './room'
import { limits } from '../tables/limits'
import type { RouteRow } from '../tables/routes'

/** A part of a dessert with all that a choice needs to know. */
export interface DessertPart {
  readonly component: Component
  readonly reading: FamilyReading
  readonly route: RouteRow | null
  readonly leaving: readonly Leaving[]
  readonly groups: readonly Group[]
  readonly kept: readonly KeptAmount[]
  readonly before: Balance
  /** What is aimed at: `before`, unless somebody wishes less fat or sugar. */
  readonly goal: Balance
  readonly mass: Grams
  /** The dough or batter alone, without fruit and nuts in pieces: what tolerances are measured by. */
  readonly base: Balance
  readonly baseMass: Grams
  readonly flour: Grams
  /** Milk, cream and drinks that are poured. */
  readonly liquid: Grams
  readonly eggs: number
  /** What it is measured by: the original, or what works without egg. */
  readonly aim: Aim
  /** The baker asked for another sweetener: less sugar as such is no fault then. */
  readonly sweetened: boolean
}

/**
 * What is aimed at when somebody wishes less sugar or fat: so much less of it, the rest as it was.
 * Without fat: without what the fats brought.
 */
function goalOf(
  before: Balance,
  weights: readonly Weight[],
  family: FamilyRow,
  wishes: Wishes,
): Balance {
  const [sugar, fat] = [1 - (wishes.less?.sugar ?? 0), 1 - (wishes.less?.fat ?? 0)]
  if (sugar === 1 && fat === 1) return before
  const fats = balanceIn(
    family,
    weights.filter(w => fatKinds.includes(w.ingredient.kind)),
  )
  const leaner =
    fat === 0
      ? { fat: before.fat - fats.fat, solidFat: before.solidFat - fats.solidFat }
      : { fat: before.fat * fat, solidFat: before.solidFat * fat }
  return { ...before, sugar: before.sugar * sugar, sweetness: before.sweetness * sugar, ...leaner }
}

/** A line that stays, as `now` has it, with how far it may be trimmed; none where it is not weighed. */
function keptAmount(line: Line, now: Line, wishes: Wishes): KeptAmount[] {
  const ingredient = now.ingredient ? ingredientById(now.ingredient) : undefined
  const grams = now.grams?.best ?? line.grams?.best
  if (!ingredient || !grams) return []
  const room = roomIn(now, ingredient, grams, wishes)
  return [{ ingredient, grams, was: grams, lineId: line.id, ...room }]
}

/** One part of a dessert, and what leaves it. */
interface PartAsked {
  readonly component: Component
  readonly given: FamilyReading
  readonly leaving: readonly Leaving[]
  readonly route: RouteRow | null
  readonly wishes?: Wishes
}

/** What a part is measured by: what works without egg, where that is near, else the original. */
const anySugar = [0, Infinity] as const
function aimFor(
  original: FamilyRow,
  weights: readonly Weight[],
  by: {
    readonly isRouted: boolean
    readonly eggGoes: boolean
    readonly sweetened: boolean
    readonly wishes: Wishes
  },
): { readonly aim: Aim; readonly near: Balance } {
  const before = balanceIn(original, weights)
  const { flour } = ratiosOf(weights)
  const holder = holderOf(weights)
  const found = !by.isRouted && flour > 0 && by.eggGoes ? regionFor(original, weights) : null
  // Of another sweetener the region knows nothing.
  const known = found && by.sweetened ? { ...found, sugar: anySugar } : found
  const there = known ? nearestIn(known, before, weights, holder) : before
  const region = known && isNear(before, there) ? known : null
  const near = region ? there : before
  const goal = goalOf(near, weights, original, by.wishes)
  const family = judgedAs(original, region !== null, by.eggGoes)
  const base = balanceIn(original, batterOf(weights))
  const baseMass = massOf(batterOf(weights))
  return {
    near,
    aim: { original, family, region, goal, isWished: goal !== near, base, baseMass, flour, holder },
  }
}

export function partOf({ component, given, leaving, route, wishes = {} }: PartAsked): DessertPart {
  const weights = weightsOf(component.lines)
  const measured = leaving.filter(item => isInside(item.line) && item.line.grams)
  const goes = new Set(measured.filter(item => item.how === 'leaves').map(item => item.line.id))
  const picked = new Map(
    measured.flatMap(item =>
      item.how === 'picks' ? [[item.line.id, item.alternative] as const] : [],
    ),
  )
  const kept = component.lines
    .filter(line => isInside(line) && !goes.has(line.id))
    .flatMap(line => keptAmount(line, picked.get(line.id) ?? line, wishes))
  const groups = groupsOf(measured)
  const sweetened =
    wishes.sweeten !== undefined && groups.some(group => group.question === 'sweetener')
  const { family } = given
  const reading = sweetened
    ? {
        ...given,
        family: {
          ...family,
          weights: {
            ...family.weights,
            sugar: (family.weights.sugar ?? 1) * limits.sugarWhenSweetened,
          },
        },
      }
    : given
  const before = balanceIn(reading.family, weights)
  const eggGoes = groups.some(group => group.question === 'egg')
  const { aim, near } = aimFor(reading.family, weights, {
    isRouted: route !== null,
    eggGoes,
    sweetened,
    wishes,
  })
  return {
    component,
    reading,
    route,
    leaving,
    groups,
    sweetened,
    kept: aim.region ? kept.map(one => movable(one, before, near)) : kept,
    before,
    goal: aim.goal,
    mass: massOf(weights),
    base: aim.base,
    baseMass: aim.baseMass,
    flour: aim.flour,
    liquid: ratiosOf(weights).milkShare * massOf(weights),
    eggs: eggCount(weights),
    aim,
  }
}

/** So much of what is there is aimed at. */
export const shareOf = (before: Balance, goal: Balance, what: 'fat' | 'sugar'): number =>
  before[what] > 0 ? goal[what] / before[what] : 1

/** On the way to a region fat and sugar go down, and what is poured goes up, further than a trim. */
function movable(kept: KeptAmount, before: Balance, goal: Balance): KeptAmount {
  const { kind } = kept.ingredient
  const down = (what: 'fat' | 'sugar') => ({
    ...kept,
    least: Math.min(kept.least, (shareOf(before, goal, what) - 0.05) * kept.was),
  })
  if (kept.most <= kept.least) return kept
  if (fatKinds.includes(kind)) return down('fat')
  if (sweetKinds.includes(kind)) return down('sugar')
  return pouredKinds.includes(kind) ? { ...kept, most: 2.5 * kept.was } : kept
}
const pouredKinds: readonly Kind[] = ['milk', 'plant-drink', 'sour-milk', 'plant-sour', 'water']
