import { weightText, type Grams } from '../measure'
import { ingredientById, nameIn } from '../pantry'
import { linesOf, type Line, type Recipe } from '../recipe'

/**
 * One thing that the day's bakes take together. `grams` null where no line of it has a weight;
 * `counted` "4 eggs" where pieces are counted.
 */
export interface Needed {
  readonly ingredient: string | null
  readonly name: string
  readonly grams: Grams | null
  readonly says: string
  readonly optional: boolean
}

const tap = 'water'
const countOf = (line: Line) =>
  line.amount && line.unit === null ? (line.amount.low + line.amount.high) / 2 : 0

/** All lines of one thing; `grams` of those that have a weight. */
interface Sum {
  readonly name: string
  readonly ingredient: string | null
  readonly grams: Grams
  readonly isWeighed: boolean
  readonly pieces: number
  readonly optional: boolean
}
const nothingYet = { grams: 0, isWeighed: false, pieces: 0, optional: true }

function withLine(sum: Sum, line: Line): Sum {
  return {
    ...sum,
    grams: sum.grams + (line.grams?.best ?? 0),
    isWeighed: sum.isWeighed || line.grams !== null,
    pieces: sum.pieces + countOf(line),
    optional: sum.optional && line.optional,
  }
}

/** "4 (240 g) egg", "100 g sugar", or the name alone. */
function inWords({ name, grams, isWeighed, pieces }: Sum): string {
  if (!isWeighed) return name
  const weight = weightText(grams)
  return pieces ? `${Math.ceil(pieces - 0.02)} (${weight}) ${name}` : `${weight} ${name}`
}

/**
 * Everything that these recipes take, each thing once, by name; water from the tap is left out.
 * Pieces are rounded up: half an egg is bought whole.
 */
export function shoppingOf(recipes: readonly Recipe[]): Needed[] {
  const found = new Map<string, Sum>()
  const lines = recipes.flatMap(recipe =>
    linesOf(recipe).map(line => ({ line, region: recipe.region })),
  )
  for (const { line, region } of lines) {
    const ingredient = ingredientById(line.ingredient ?? '')
    if (ingredient?.kind === tap && !line.purpose) continue
    const name = ingredient ? nameIn(ingredient, region) : line.name || line.text
    const key = ingredient?.id ?? name
    const sum = found.get(key) ?? { ...nothingYet, name, ingredient: ingredient?.id ?? null }
    found.set(key, withLine(sum, line))
  }
  return [...found.values()]
    .sort((a, b) => a.name.localeCompare(b.name))
    .map(sum => ({
      ingredient: sum.ingredient,
      name: sum.name,
      grams: sum.isWeighed ? sum.grams : null,
      optional: sum.optional,
      says: inWords(sum),
    }))
}
