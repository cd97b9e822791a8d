import { linesTaken, readMethod } from '../../../method'
import { linesOf, type Recipe } from '../../../recipe'
import type { Making } from './making'
import { toldSteps, type ToldStep } from './method-text'
import { placeHelp } from './helps'
import { ofPart, reword } from './reword'
import { sayOnce } from './sayings'
import { toldStep } from './told'

/** What the method itself whisks to peaks is not shaken to a foam before. */
const isWhiskedThere = (text: string, { answers }: Making, scope: readonly ToldStep[]): boolean =>
  looseFoam.test(text) &&
  answers.some(
    ([, answer]) =>
      text.toLowerCase().startsWith(answer.inSteps) &&
      scope.some(({ doings, text: step }) =>
        doings.some(
          ({ action }) =>
            ['whisk', 'whip', 'beat'].includes(action.verb) &&
            (action.manners.has('to-peaks') || action.until?.kinds.has('peaks')) &&
            step
              .slice(...action.span)
              .toLowerCase()
              .includes(answer.inSteps.toLowerCase()),
        ),
      ),
  )
const looseFoam = /\bto a loose foam\b/u

/**
 * The method of the adapted recipe: the renamed steps in the plan's own way of working, with what has
 * to be made ready first, helps beside what they help, and each thing to mind at its place. `renamed`
 * has its new lines and renamed steps already; `was` is the recipe before. Text is written once, at
 * the end, from doings.
 */
export function tellMethod(was: Recipe, renamed: Recipe, makings: readonly Making[]): Recipe {
  const steps = toldSteps(was, renamed)
  const loose: { readonly component: number; readonly text: string }[] = []
  for (const making of makings) {
    const of = ofPart(making, steps, was, renamed)
    const [head] = of.scope
    if (!head) {
      making.first.forEach(text => loose.push({ component: making.at, text }))
      continue
    }
    reword(of)
    for (const line of making.helps) placeHelp(line, of, renamed.region)
    head.ahead.push(...making.first.filter(text => !isWhiskedThere(text, making, of.scope)))
    sayOnce(of)
  }
  const components = renamed.components.map(({ stepsFrom: _, ...c }, component) => ({
    ...c,
    steps: [
      ...steps.flatMap(step =>
        step.component === component ? [...step.ahead, toldStep(step)].filter(Boolean) : [],
      ),
      ...loose.filter(l => l.component === component).map(l => l.text),
    ],
  }))
  return swept({ ...renamed, components }, makings)
}

/** Whatever new line no step takes up yet is taken up where it belongs. */
function swept(recipe: Recipe, makings: readonly Making[]): Recipe {
  const taken = new Set(readMethod(recipe).actions.flatMap(linesTaken))
  const there = new Set(linesOf(recipe).map(line => line.id))
  const left = makings.flatMap(making =>
    [...making.lines, ...making.helps]
      .filter(line => !line.purpose && there.has(line.id) && !taken.has(line.id))
      .map(line => ({ making, line })),
  )
  if (!left.length) return recipe
  const steps = toldSteps(recipe, recipe)
  for (const { making, line } of left)
    placeHelp(line, ofPart(making, steps, recipe, recipe), recipe.region)
  return {
    ...recipe,
    components: recipe.components.map((c, component) => ({
      ...c,
      steps: steps.flatMap(step => (step.component === component ? [toldStep(step)] : [])),
    })),
  }
}
