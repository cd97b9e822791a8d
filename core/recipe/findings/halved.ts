import { pattern } from '../../measure'
import { ingredientById, type Kind } from '../../pantry'
import { finding, linesOf, type Finding, type Line, type Recipe } from '../recipe'

const said = pattern(
  'iu',
  String.raw`\b(?:half(?:\s+(?:a|of\s+(?:the|a)))?\s+(?:recipe|batch|quantity)|`,
  String.raw`halved\s+(?:recipe|batch)|i\s+(?:have\s+)?halved|`,
  String.raw`amounts\s+(?:are\s+)?for\s+half)\b`,
)
const isPart = (n: number, of: readonly number[]) =>
  of.some(part => Math.abs(n - Math.floor(n) - part) < 0.004)

/** How much a line looks like half of one: an egg that is not whole, an eighth of a spoon or cup. */
const spoonsAndCups: readonly (string | null)[] = ['tsp', 'tbsp', 'cup']
/** Spices and salt are measured in eighths as they are. */
const eighths: readonly Kind[] = ['salt', 'spice']

function points({ amount: range, ingredient, unit }: Line): number {
  const amount = range && range.low === range.high ? range.low : null
  const kind = ingredientById(ingredient ?? '')?.kind
  if (amount === null || !kind) return 0
  if (kind.startsWith('egg') && unit === null) return isPart(amount, [0.5, 0.25, 0.75]) ? 2 : 0
  if (!spoonsAndCups.includes(unit)) return 0
  if (isPart(amount, [3 / 8, 5 / 8, 7 / 8, 1 / 6, 1 / 16])) return 1.5
  return isPart(amount, [1 / 8]) && !eighths.includes(kind) ? 1 : 0
}

/** Only the halves are written down: offers the whole recipe. */
export function halved(recipe: Recipe): Finding[] {
  const lines = linesOf(recipe)
  const telling = lines.filter(line => points(line) > 0)
  const words = [recipe.title, ...recipe.components.flatMap(c => c.steps)].some(text =>
    said.test(text),
  )
  if (!words && telling.reduce((sum, line) => sum + points(line), 0) < 2) return []
  return [
    finding({
      code: 'halved',
      severity: 'note',
      about: telling.map(line => line.text).join(' ') || recipe.title,
      text: telling[0]?.text,
      sentence: telling.length
        ? `The amounts look like half of a recipe (${telling
            .slice(0, 3)
            .map(line => `“${line.text}”`)
            .join(', ')}). Would you rather have the whole one?`
        : 'This seems to be half of a recipe. Would you rather have the whole one?',
      corrections: [{ label: 'Double everything', edits: [{ do: 'scale', by: 2 }] }],
    }),
  ]
}
