import { finding, type Finding, type Line, type Recipe } from '../recipe'
import type { PlacedStep } from '../things/steps'

const plainText = (line: Line) => line.text.toLowerCase().replace(/\s+/gu, ' ').trim()
const handled = (line: Line) =>
  line.preparation
    .toLowerCase()
    .replace(/[^\p{L} ]/gu, '')
    .trim()

/**
 * An ingredient that one part lists twice, unless the two are for different things or handled
 * differently.
 */
export function twice(recipe: Recipe, steps: readonly PlacedStep[]): Finding[] {
  const found: Finding[] = []
  for (const { lines } of recipe.components)
    lines.forEach((line, i) => {
      const first = lines
        .slice(0, i)
        .find(
          other =>
            other.ingredient &&
            other.ingredient === line.ingredient &&
            !other.purpose &&
            !line.purpose &&
            !other.optional &&
            !line.optional &&
            other.name.toLowerCase() === line.name.toLowerCase() &&
            handled(other) === handled(line),
        )
      if (!first) return
      const same = plainText(first) === plainText(line)
      // The steps take it more than once: sugar for the dough, and sugar to roll it in.
      if (
        !same &&
        steps.reduce(
          (n, step) =>
            n + step.uses.filter(use => use.mention.ingredient.id === line.ingredient).length,
          0,
        ) > 1
      )
        return
      const sum =
        first.amount &&
        line.amount &&
        first.unit === line.unit &&
        first.evidence.amount &&
        first.amount.low === first.amount.high &&
        line.amount.low === line.amount.high
          ? first.amount.low + line.amount.low
          : null
      const number = sum === null ? '' : String(Number(sum.toFixed(2)))
      found.push(
        finding({
          code: 'twice',
          severity: same ? 'ask' : 'note',
          lineId: line.id,
          text: line.text,
          sentence: same
            ? `“${line.text}” stands twice in the list.`
            : `${line.name} stands twice in this part: “${first.text}” and “${line.text}”.`,
          corrections: [
            { label: 'Take the second out', edits: [{ do: 'remove', lineId: line.id }] },
            ...(sum === null
              ? []
              : [
                  {
                    label: 'Make one line of both',
                    edits: [
                      {
                        do: 'retype' as const,
                        lineId: first.id,
                        text:
                          first.text.slice(0, first.evidence.amount![0]) +
                          first.text
                            .slice(...first.evidence.amount!)
                            .replace(/[\d\s./½⅓¼¾⅔⅛⅜⅝⅞]*[\d½⅓¼¾⅔⅛⅜⅝⅞]/u, number) +
                          first.text.slice(first.evidence.amount![1]),
                      },
                      { do: 'remove' as const, lineId: line.id },
                    ],
                  },
                ]),
          ],
        }),
      )
    })
  return found
}
