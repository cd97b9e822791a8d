import type { Ingredient } from '../pantry'
import type { Balance, Measure } from './measures'
import { liftOf } from './leavening'
import type { Weight } from './weight'

/** Share of a flour's protein that forms gluten, by what it holds. [M] */
const glutenShare: Readonly<Record<string, number>> = { wheat: 0.85, rye: 0.3, barley: 0.2 }
const flourKinds: readonly string[] = ['flour', 'ready-made']
/** Grams of gluten whose hold one gram of a gum, or of a blend that has it, gives; at usual doses some two thirds of a wheat dough's. [M] */
const gumHold: Readonly<Record<string, number>> = { 'xanthan': 5, 'psyllium': 4, 'gf-blend-gum': 0.06, 'gf-self-raising': 0.06 }

function glutenOf(i: Ingredient): number {
  const gum = gumHold[i.id]
  if (gum !== undefined) return 100 * gum
  if (!flourKinds.includes(i.kind)) return 0
  let share = 0
  for (const id of i.holds) share = Math.max(share, glutenShare[id] ?? 0)
  return share * i.per100.protein
}
/** Grams of fresh egg that a gram of this stands for: dried egg by what it sets, against 2 a 100 g of the fresh. */
export function freshEgg(i: Ingredient): number {
  if (i.kind === 'egg-product') return i.does.set / 2
  return i.kind === 'egg' || i.kind === 'egg-white' || i.kind === 'egg-yolk' ? 1 : 0
}
function eggs(weights: readonly Weight[]): number {
  let grams = 0
  for (const w of weights) grams += w.grams * freshEgg(w.ingredient)
  return grams / 50
}

/** How many large eggs' worth of egg (whole, white or yolk, 50 g each) are in there. */
export const eggCount = eggs

/**
 * What the weights amount to. `eggLift` is the CO₂ in mmol that one egg's air is worth in this family, so that a powder
 * can be weighed against it.
 */
export function balanceOf(weights: readonly Weight[], eggLift = 0): Balance {
  const sum: Record<Measure, number> = { water: 0, fat: 0, solidFat: 0, sugar: 0, protein: 0, starch: 0, fibre: 0, lift: 0, acid: 0, bind: 0, set: 0, foam: 0, emulsify: 0, gluten: 0, sweetness: 0 }
  // One pass and no closures: plans are weighed some ten thousand times a recipe.
  for (const { ingredient, grams } of weights) {
    const share = grams / 100
    const { per100, does } = ingredient
    sum.water += per100.water * share
    sum.fat += per100.fat * share
    sum.solidFat += per100.fat * per100.solid * share
    sum.sugar += per100.sugar * share
    sum.protein += per100.protein * share
    sum.starch += per100.starch * share
    sum.fibre += per100.fibre * share
    sum.bind += does.bind * share
    sum.set += does.set * share
    sum.foam += does.foam * share
    sum.emulsify += does.emulsify * share
    sum.gluten += glutenOf(ingredient) * share
    sum.sweetness += ingredient.sweet * share
  }
  const lift = liftOf(weights)
  sum.lift = lift.co2 + eggLift * eggs(weights)
  sum.acid = lift.residue
  return sum
}

export const massOf = (weights: readonly Weight[]): number => weights.reduce((sum, w) => sum + w.grams, 0)
