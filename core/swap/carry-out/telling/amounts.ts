import { weightText } from '../../../measure'
import { readSteps, type PlacedStep, type Recipe, type StepUse } from '../../../recipe'

/** A stretch of a step, and what stands there instead. */
type Cut = readonly [from: number, to: number, says: string]

/** An amount that a step states, as it is written there with the name behind it. */
const saidAt = (text: string, { share, mention }: StepUse): string | null =>
  share.of === 'amount' ? text.slice(share.quantity.start, mention.end).trim().toLowerCase() : null

/** A stated amount below this share of its line is a part of it, and not all. [P] */
const whole = 0.85

/** The amount that a step states of a line that weighs another: scaled, or struck where it is all of it. */
function cutOf(use: StepUse, factor: number): Cut | null {
  // "A splash of the milk" is one of whatever comes for it.
  if (use.share.of !== 'amount' || !use.line || use.share.quantity.unit?.kind === 'vague')
    return null
  const { grams, quantity } = use.share
  const was = (use.line.grams?.best ?? 0) / factor
  const says = grams !== null && grams < whole * was ? weightText(grams * factor) : ''
  return [quantity.start, quantity.end, says]
}

function withCut(text: string, [from, to, amount]: Cut): string {
  const left = text.slice(0, from)
  const right = text.slice(to).replace(/^\s*(?:of\s+)?(?:the\s+)?/iu, '')
  if (amount) return `${left}${amount} of the ${right}`
  return `${left}${/\bthe\s*$/iu.test(left) ? '' : 'the '}${right}`
}

/**
 * Every step with the amounts that it states put right for lines that weigh something else now:
 * struck where they are the whole of the line, scaled by `factors` (by line id) where they are a
 * share of it. What the steps of `was` took without a line ("2 tsp water") is none of a new line's.
 */
export function withAmountsRight(
  recipe: Recipe,
  factors: ReadonlyMap<string, number>,
  was: Recipe,
): Recipe {
  const unlisted = new Set(
    readSteps(was).flatMap(({ text, uses }) =>
      uses.flatMap(use => (use.line ? [] : (saidAt(text, use) ?? []))),
    ),
  )
  const cutsOf = ({ text, uses }: PlacedStep): Cut[] =>
    uses.flatMap((use): Cut[] => {
      const factor = factors.get(use.line?.id ?? '')
      const said = saidAt(text, use)
      const cut =
        factor !== undefined && said !== null && !unlisted.has(said) ? cutOf(use, factor) : null
      return cut ? [cut] : []
    })
  const cuts = new Map(
    readSteps(recipe).map(step => [`${step.component}|${step.at}`, cutsOf(step)]),
  )
  const right = (component: string, step: string, at: number) =>
    [...(cuts.get(`${component}|${at}`) ?? [])].sort((a, b) => b[0] - a[0]).reduce(withCut, step)
  return {
    ...recipe,
    components: recipe.components.map(c => ({
      ...c,
      steps: c.steps.map((step, at) => right(c.name, step, at)),
    })),
  }
}
