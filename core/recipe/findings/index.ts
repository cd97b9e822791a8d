import type { Finding, Recipe } from '../recipe'
import { readSteps, type PlacedStep } from '../things/steps'
import { claims } from './claim'
import { tooMuch } from './shares'
import { titleClaim } from './title-claim'
import { twoYields } from './two-yields'
import { unknownInSteps } from './unknown-in-steps'
import { leftOver } from './left-over'
import { halved } from './halved'
import { notListed } from './not-listed'
import { ovenFindings } from './oven'
import { rawDough } from './raw-dough'
import { stepAmounts } from './step-amounts'
import { twice } from './twice'

/** What is worked out of a whole recipe, again after every correction. */
export type Rule = (recipe: Recipe, steps: readonly PlacedStep[]) => readonly Finding[]

const rules: readonly Rule[] = [
  leftOver,
  unknownInSteps,
  notListed,
  stepAmounts,
  tooMuch,
  twoYields,
  titleClaim,
  twice,
  claims,
  rawDough,
  halved,
  ovenFindings,
]

/**
 * Every finding about the whole; `further` are rules of a floor above, which know what a recipe
 * amounts to.
 */
export function wholeFindings(recipe: Recipe, further: readonly Rule[] = []): Finding[] {
  const steps = readSteps(recipe)
  return [...rules, ...further].flatMap(rule => rule(recipe, steps))
}
