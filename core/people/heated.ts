import { readSteps, type PlacedStep, type Recipe } from '../recipe'
import { bakes, bakesAnother, boils, boilsAnother, wholeOfIt } from './tables/diets'

/** Does a sentence cook what was made so far, or the line itself? */
const cooksIt = (sentence: string, isNamed: boolean) =>
  (bakes.test(sentence) && !bakesAnother.test(sentence)) ||
  (boils.test(sentence) && !boilsAnother.test(sentence) && (isNamed || wholeOfIt.test(sentence)))

/** "Pour the filling into the case and bake": the part is named before it is baked, not after. */
const cooksPart = (sentence: string, name: string) => {
  const at = sentence.toLowerCase().indexOf(name)
  return at >= 0 && cooksIt(sentence.slice(at), false)
}

const sentencesOf = (text: string) => text.split(/(?<=[.;!?])\s+/u)

/** The last step of a part that takes a line; the first at all where none names it. */
const takenAt = (steps: readonly PlacedStep[], lineId: string) =>
  Math.max(
    0,
    steps.findLastIndex(step => step.uses.some(use => use.line?.id === lineId)),
  )

/**
 * Whether a line of a part is cooked: its own part is baked or boiled in the last step that takes it
 * or behind that. A heat word elsewhere does not count, nor does a case that is baked before.
 */
export function cookedIn(recipe: Recipe): (lineId: string | null, component: string) => boolean {
  const steps = readSteps(recipe)
  if (steps.length === 0) return () => recipe.oven !== null
  const withSteps = new Set(steps.map(step => step.component))
  return (lineId, component) => {
    // A part without steps of its own is made in another's.
    const own = withSteps.has(component) ? steps.filter(s => s.component === component) : steps
    const from = lineId === null ? 0 : takenAt(own, lineId)
    // "Pour the filling into the case and bake": another part's step that names this one.
    const name = component.toLowerCase().replace(/^for\s+|^the\s+/gu, '')
    const last = own.at(-1)
    const later = name && last ? steps.slice(steps.indexOf(last) + 1) : []
    const isCookedLater = later.some(step =>
      sentencesOf(step.text).some(sentence => cooksPart(sentence, name)),
    )
    if (isCookedLater) return true
    return own.slice(from).some((step, i) => {
      const isNamed = lineId !== null && step.uses.some(use => use.line?.id === lineId)
      return sentencesOf(step.text).some(
        sentence => cooksIt(sentence, isNamed && i === 0) && isAfter(step, sentence, lineId, i),
      )
    })
  }
}

/** Within the step that takes the line only what stands behind it counts: "Bake the base. Whisk the eggs." */
function isAfter(step: PlacedStep, sentence: string, lineId: string | null, i: number): boolean {
  if (i > 0 || lineId === null) return true
  const use = step.uses.findLast(u => u.line?.id === lineId)
  return use === undefined || step.text.indexOf(sentence) + sentence.length > use.mention.start
}
