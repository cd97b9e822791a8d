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

/**
 * Everything that these recipes take, each thing once, by name; water from the tap is left out.
 * Pieces are rounded up: half an egg is bought whole.
 */
export function shoppingOf(recipes: readonly Recipe[]): Needed[] {
  const found = new Map<
    string,
    {
      name: string
      ingredient: string | null
      grams: number
      weighed: boolean
      pieces: number
      optional: boolean
    }
  >()
  for (const recipe of recipes)
    for (const line of linesOf(recipe)) {
      const ingredient = ingredientById(line.ingredient ?? '')
      if (ingredient?.kind === tap && !line.purpose) continue
      const name = ingredient ? nameIn(ingredient, recipe.region) : line.name || line.text
      const key = ingredient?.id ?? name
      const now = found.get(key) ?? {
        name,
        ingredient: ingredient?.id ?? null,
        grams: 0,
        weighed: false,
        pieces: 0,
        optional: true,
      }
      found.set(key, {
        ...now,
        grams: now.grams + (line.grams?.best ?? 0),
        weighed: now.weighed || line.grams !== null,
        pieces: now.pieces + countOf(line),
        optional: now.optional && line.optional,
      })
    }
  return [...found.values()]
    .sort((a, b) => a.name.localeCompare(b.name))
    .map(({ name, ingredient, grams, weighed, pieces, optional }) => ({
      ingredient,
      name,
      grams: weighed ? grams : null,
      optional,
      says: weighed
        ? `${pieces ? `${Math.ceil(pieces - 0.02)} (${weightText(grams)})` : weightText(grams)} ${name}`
        : name,
    }))
}
