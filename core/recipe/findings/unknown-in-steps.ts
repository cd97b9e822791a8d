import { finding, linesOf, type Finding, type Recipe } from '../recipe'
import { thingsOf } from '../things/things'

/** What a step brings and nobody knows: it blocks every claim until it is said what it is. */
export function unknownInSteps(recipe: Recipe): Finding[] {
  if (!linesOf(recipe).length) return []
  return thingsOf(recipe).flatMap(thing => {
    if (thing.is !== 'unknown' || !thing.step) return []
    const { words, component } = thing
    return [
      finding({
        code: 'unknown-in-step',
        severity: 'stop',
        step: { component, at: thing.step.at },
        text: words,
        sentence: `A step uses “${words}”, and I do not know what it is.`,
        corrections: [
          { label: `Add “${words}” to the list`, edits: [{ do: 'add', component, text: words }] },
          { label: 'Nothing to eat', edits: [{ do: 'no-food', words }] },
        ],
      }),
    ]
  })
}
