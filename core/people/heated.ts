import { readSteps, type PlacedStep, type Recipe } from '../recipe'
import { bakes, bakesAnother, boils, boilsAnother, objectEnds, wholeOfIt } from './tables/diets'

/** A sentence of a step, by its place in the step's text. */
interface Sentence {
  readonly step: PlacedStep
  readonly start: number
  readonly text: string
}
function sentencesOf(step: PlacedStep): readonly Sentence[] {
  let start = 0
  return step.text.split(/(?<=[.;!?])\s+/u).map(text => {
    start = step.text.indexOf(text, start)
    return { step, start, text }
  })
}

/** Where the verbs of a row end within a sentence. */
const endsOf = (verbs: RegExp, text: string): readonly number[] =>
  [...text.matchAll(new RegExp(verbs.source, 'giu'))].map(hit => hit.index + hit[0].length)

/** "Whisk the eggs and simmer the plums": right behind the verb stands another line, and not this one. */
function isOfAnother({ step, start, text }: Sentence, at: number, lineId: string | null): boolean {
  const behind = text.slice(at)
  const from = start + at
  const to = from + (objectEnds.exec(behind)?.index ?? behind.length)
  const objects = step.uses.filter(({ mention }) => mention.start >= from && mention.end <= to)
  return (
    objects.some(use => use.line !== null) &&
    !objects.some(use => use.line?.id === lineId) &&
    !wholeOfIt.test(text.slice(at, at + to - from))
  )
}

/** Does a sentence, from a place in it on, cook what was made so far, or the line itself? */
function cooksIt(sentence: Sentence, from: number, lineId: string | null, isNamed: boolean) {
  const text = sentence.text.slice(from)
  const isHere = (verbs: RegExp) =>
    endsOf(verbs, text).some(at => !isOfAnother(sentence, from + at, lineId))
  return (
    (!bakesAnother.test(text) && isHere(bakes)) ||
    (!boilsAnother.test(text) && (isNamed || wholeOfIt.test(text)) && isHere(boils))
  )
}

/** "Pour the filling into the case and bake": the part is named before it is baked, not after. */
function cooksPart(sentence: Sentence, name: string, lineId: string | null): boolean {
  const at = sentence.text.toLowerCase().indexOf(name)
  return at >= 0 && cooksIt(sentence, at, lineId, false)
}

/** The last step of a part that takes a line; the first at all where none names it. */
const takenAt = (steps: readonly PlacedStep[], lineId: string) =>
  Math.max(
    0,
    steps.findLastIndex(step => step.uses.some(use => use.line?.id === lineId)),
  )

/**
 * Whether a line of a part is cooked: its own part is baked or boiled in the last step that takes it
 * or behind that. A heat word elsewhere does not count, nor does a case that is baked before, nor
 * another line that is boiled beside it.
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
    const name = component.toLowerCase().replace(/^for\s+|^the\s+/u, '')
    const last = own.at(-1)
    const later = name && last ? steps.slice(steps.indexOf(last) + 1) : []
    const isCookedLater = later.some(step =>
      sentencesOf(step).some(sentence => cooksPart(sentence, name, lineId)),
    )
    if (isCookedLater) return true
    return own.slice(from).some((step, i) => {
      const isNamed = lineId !== null && step.uses.some(use => use.line?.id === lineId)
      return sentencesOf(step).some(
        sentence =>
          cooksIt(sentence, 0, lineId, isNamed && i === 0) && isAfter(sentence, lineId, i),
      )
    })
  }
}

/** Within the step that takes the line only what stands behind it counts: "Bake the base. Whisk the eggs." */
function isAfter({ step, start, text }: Sentence, lineId: string | null, i: number): boolean {
  if (i > 0 || lineId === null) return true
  const use = step.uses.findLast(u => u.line?.id === lineId)
  return use === undefined || start + text.length > use.mention.start
}
