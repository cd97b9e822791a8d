import { takable, scaleAmount, weightText, type Spread } from '../measure'
import { ingredientById, measured, nameIn } from '../pantry'
import { readSteps, scaledReads, scaledText, type Line, type Recipe } from '../recipe'

const times = (n: Spread, by: number): Spread => ({
  low: n.low * by,
  best: n.best * by,
  high: n.high * by,
})
/** Of something that no table knows its weight alone. */
const weighed = (line: Line, by: number): string =>
  `${weightText(line.grams!.best * by)} ${line.name}${line.preparation ? `, ${line.preparation}` : ''}`
/**
 * The words of a line at another size: its own words where they can be measured, else the weight
 * with the nearest spoons.
 */
function wordsAt(
  line: Line,
  by: number,
  region: Recipe['region'],
  measureIn: 'grams' | 'spoons',
): string {
  const ingredient = ingredientById(line.ingredient ?? '')
  const odd = isOdd(line, by)
  if (!line.grams || (line.evidence.by !== 'plan' && !odd)) return scaledText(line, by, region)
  if (!ingredient) return odd ? weighed(line, by) : scaledText(line, by, region)
  const amount = measured(line.grams.best * by, ingredient, region, measureIn)
  const grams = weightText(amount.grams)
  return (
    `${measureIn === 'spoons' ? amount.kitchen : grams}` +
    (measureIn === 'grams' && amount.kitchen !== grams ? ` (${amount.kitchen})` : '') +
    ' ' +
    `${nameIn(ingredient, region)}${line.preparation ? `, ${line.preparation}` : ''}`
  )
}
/** Can no kitchen take so much of its unit? Of "1 (14 oz) can" the cans are counted. */
function isOdd(line: Line, by: number): boolean {
  if (line.orElse.length || line.unit === null) return false
  const n = line.amount ? ((line.amount.low + line.amount.high) / 2) * by : 0
  const isPack = /\(/u.test(line.text)
  return takable(isPack ? 'tin' : line.unit, isPack ? by : n) === null
}

const lineAt = (
  line: Line,
  by: number,
  region: Recipe['region'],
  measureIn: 'grams' | 'spoons',
): Line => ({
  ...line,
  text: wordsAt(line, by, region, measureIn),
  from: null,
  amount: line.amount && { low: line.amount.low * by, high: line.amount.high * by },
  grams: line.grams && times(line.grams, by),
  ...scaledReads(line, by, region),
  orElse: line.orElse.map(other => lineAt(other, by, region, measureIn)),
  // The spans pointed into the old words.
  evidence: {
    ...line.evidence,
    amount: null,
    name: null,
    how: `${line.evidence.how}, times ${Math.round(by * 1000) / 1000}`,
  },
})

/** Amounts that steps state, at the new size: only those that belong to a line. */
function stepsAt(recipe: Recipe, by: number): Recipe['components'] {
  const placed = readSteps(recipe)
  return recipe.components.map(component => ({
    ...component,
    steps: component.steps.map((text, at) => {
      const spans = placed
        .filter(s => s.component === component.name && s.at === at)
        .flatMap(s =>
          s.uses.flatMap(use =>
            use.line && use.share.of === 'amount'
              ? [
                  {
                    from: use.share.quantity.start,
                    to: use.share.quantity.end,
                    line: use.line,
                    grams: use.share.grams,
                  },
                ]
              : [],
          ),
        )
      return [...new Map(spans.map(span => [span.from, span])).values()]
        .sort((a, b) => b.from - a.from)
        .reduce((now, { from, to, line, grams }) => {
          const said = now.slice(from, to)
          // The whole of a line in grams is said as the line says it.
          const whole =
            grams !== null &&
            line.grams &&
            /\d\s*g\b/u.test(said) &&
            Math.abs(grams / line.grams.best - 1) < 0.03
              ? scaleAmount(line.grams.best * by).text
              : null
          return (
            `${now.slice(0, from)}` +
            (whole
              ? said.replace(/\S.*\S|\S/u, whole)
              : scaledText({ text: said }, by, recipe.region)) +
            `${now.slice(to)}`
          )
        }, text)
    }),
  }))
}

/**
 * Every amount times `by`: weights, counts, words, the amounts that steps state, and how many it
 * makes. Tin, heat and times stay.
 */
export function scaledRecipe(
  recipe: Recipe,
  by: number,
  measureIn: 'grams' | 'spoons' = 'grams',
): Recipe {
  if (by === 1) return recipe
  const count = recipe.yield?.count
  const to = count && { low: count.low * by, high: count.high * by }
  const whole = (n: number) => Math.max(1, Math.round(n))
  return {
    ...recipe,
    components: stepsAt(recipe, by).map(c => ({
      ...c,
      lines: c.lines.map(line => lineAt(line, by, recipe.region, measureIn)),
    })),
    yield:
      recipe.yield && to
        ? {
            text: recipe.yield.text.replace(
              /\d+(?:\s*[-–]\s*\d+)?/u,
              whole(to.low) === whole(to.high)
                ? String(whole(to.low))
                : `${whole(to.low)}–${whole(to.high)}`,
            ),
            count: to,
          }
        : recipe.yield,
  }
}
