import { finding, type Correction, type Finding, type Line, type Recipe } from '../recipe'
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
const isFixed = ({ amount }: Line) => amount !== null && amount.low === amount.high
/** What both come to in the unit of the first; null where that cannot be said. */
function sumOf(first: Line, second: Line): number | null {
  const isAlike = first.unit === second.unit && first.evidence.amount !== null
  return isAlike && isFixed(first) && isFixed(second)
    ? first.amount!.low + second.amount!.low
    : null
}
/** One line of both: the first with the sum of their amounts, and no second. */
function joined(first: Line, second: Line): Correction[] {
  const sum = sumOf(first, second)
  if (sum === null) return []
  const [from, to] = first.evidence.amount!
  const amount = first.text
    .slice(from, to)
    .replace(/[\d\s./½⅓¼¾⅔⅛⅜⅝⅞]*[\d½⅓¼¾⅔⅛⅜⅝⅞]/u, String(Number(sum.toFixed(2))))
  const text = first.text.slice(0, from) + amount + first.text.slice(to)
  return [
    {
      label: 'Make one line of both',
      edits: [
        { do: 'retype', lineId: first.id, text },
        { do: 'remove', lineId: second.id },
      ],
    },
  ]
}
const isPlainly = (line: Line) => !line.purpose && !line.optional
const isSame = (one: Line, other: Line) =>
  one.ingredient !== null &&
  one.ingredient === other.ingredient &&
  isPlainly(one) &&
  isPlainly(other) &&
  one.name.toLowerCase() === other.name.toLowerCase() &&
  handled(one) === handled(other)

export function twice(recipe: Recipe, steps: readonly PlacedStep[]): Finding[] {
  const uses = steps.flatMap(step => step.uses)
  const timesTaken = (ingredient: string | null) =>
    uses.filter(use => use.mention.ingredient.id === ingredient).length
  return recipe.components.flatMap(({ lines }) =>
    lines.flatMap((line, i) => {
      const first = lines.slice(0, i).find(other => isSame(other, line))
      if (!first) return []
      const isWordForWord = plainText(first) === plainText(line)
      // The steps take it more than once: sugar for the dough, and sugar to roll it in.
      if (!isWordForWord && timesTaken(line.ingredient) > 1) return []
      return [
        finding({
          code: 'twice',
          severity: isWordForWord ? 'ask' : 'note',
          lineId: line.id,
          text: line.text,
          sentence: isWordForWord
            ? `“${line.text}” stands twice in the list.`
            : `${line.name} stands twice in this part: “${first.text}” and “${line.text}”.`,
          corrections: [
            { label: 'Take the second out', edits: [{ do: 'remove', lineId: line.id }] },
            ...joined(first, line),
          ],
        }),
      ]
    }),
  )
}
