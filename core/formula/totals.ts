import type { Ingredient } from '../pantry'
import type { Balance } from './measures'
import { liftOf } from './leavening'
import type { Weight } from './weight'

/** Share of a flour's protein that forms gluten, by what it holds. [M] */
const glutenShare: Readonly<Record<string, number>> = { wheat: 0.85, rye: 0.3, barley: 0.2 }
const flourKinds: readonly string[] = ['flour', 'ready-made']
/** Grams of gluten whose hold one gram of a gum, or of a blend that has it, gives; at usual doses some two thirds of a wheat dough's. [M] */
const gumHold: Readonly<Record<string, number>> = { 'xanthan': 5, 'psyllium': 4, 'gf-blend-gum': 0.06, 'gf-self-raising': 0.06 }

const glutenOf = (i: Ingredient) => gumHold[i.id] !== undefined ? 100 * gumHold[i.id]! : flourKinds.includes(i.kind) ? Math.max(0, ...i.holds.map(id => glutenShare[id] ?? 0)) * i.per100.protein : 0
const eggs = (weights: readonly Weight[]) => weights.reduce((sum, w) => sum + (w.ingredient.kind === 'egg' || w.ingredient.kind === 'egg-white' || w.ingredient.kind === 'egg-yolk' ? w.grams / 50 : 0), 0)

/** How many large eggs' worth of egg (whole, white or yolk, 50 g each) are in there. */
export const eggCount = eggs

/**
 * What the weights amount to. `eggLift` is the CO₂ in mmol that one egg's air is worth in this family, so that a powder
 * can be weighed against it.
 */
export function balanceOf(weights: readonly Weight[], eggLift = 0): Balance {
  const per100 = (of: (i: Ingredient) => number) => weights.reduce((sum, w) => sum + of(w.ingredient) * w.grams / 100, 0)
  const lift = liftOf(weights)
  return {
    water: per100(i => i.per100.water), fat: per100(i => i.per100.fat), solidFat: per100(i => i.per100.fat * i.per100.solid),
    sugar: per100(i => i.per100.sugar), protein: per100(i => i.per100.protein), starch: per100(i => i.per100.starch), fibre: per100(i => i.per100.fibre),
    lift: lift.co2 + eggLift * eggs(weights), acid: lift.residue,
    bind: per100(i => i.does.bind), set: per100(i => i.does.set), foam: per100(i => i.does.foam), emulsify: per100(i => i.does.emulsify),
    gluten: per100(glutenOf), sweetness: per100(i => i.sweet),
  }
}

export const massOf = (weights: readonly Weight[]): number => weights.reduce((sum, w) => sum + w.grams, 0)
