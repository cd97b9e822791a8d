import { remembered } from '../pantry'
import { bareName, type Recipe } from '../recipe'
import { mannerRows, type Manner } from './tables/manners'
import { remarkSign } from './tables/remarks'
import { wordsIn } from './words'

/** What the words of an action say of how it is done. */
export const mannersOf = remembered(
  (text: string): ReadonlySet<Manner> =>
    new Set([
      ...mannerRows.flatMap(row => (row.sign.test(text) ? [row.is] : [])),
      ...(remarkSign.test(text) ? (['tells'] as const) : []),
    ]),
  2000,
)

/** What part words begin: "For the flax gel, …" begins the flax gel; null where none. */
export const partNamed = (text: string): string | null =>
  /^\s*(?:for|to\s+make)\s+the\s+([\p{L} -]{3,30}?)[,:]/iu.exec(text)?.[1]?.trim() ?? null

/** The parts of a recipe that words name, as whole words: "pour the filling into the case". */
export const partsNamed = (text: string, { components }: Pick<Recipe, 'components'>): string[] => {
  const said = ` ${wordsIn(text)
    .map(word => word.is)
    .join(' ')} `
  return components.flatMap(({ name }) => {
    const words = wordsIn(bareName(name)).map(word => word.is)
    return words.length > 0 && said.includes(` ${words.join(' ')} `) ? [name] : []
  })
}
