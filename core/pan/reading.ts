import * as reading from '../recipe'
import { grossSlips, oddRatios, oddYield } from '../formula'
import { methodFindings } from '../method'
import { timeFits } from './time-fits'
import { twoTins } from './two-tins'

/**
 * Reading and correcting a recipe with everything that is noticed, also what only a sum of its
 * weights, or the depth of its batter, shows. The public face offers these; the floors below read
 * and correct without the sums.
 */
const further: readonly reading.Rule[] = [
  methodFindings,
  oddRatios,
  grossSlips,
  oddYield,
  timeFits,
  twoTins,
]

/**
 * Reads a whole recipe. Never fails: what cannot be read is a finding with the words it is about.
 *
 * @example
 * readRecipe('Shortbread\n\n200 g plain flour\n100 g butter').recipe.components[0].lines.length // 2
 */
export const readRecipe = (
  source: string,
  options: reading.RecipeOptions = {},
): reading.RecipeReading => reading.readRecipe(source, options, further)

/**
 * Reads the source of a web page; nothing in it is run or fetched. Of several recipes `which` is
 * read, the others are named.
 *
 * @example
 * readPage('<h1>Buns</h1><ul><li>200 g flour</li><li>1 egg</li></ul>').recipe.title // "Buns"
 */
export const readPage = (html: string, options: reading.PageOptions = {}): reading.PageReading =>
  reading.readPage(html, options, further)

/** Every recipe of a file that was opened; refuses with a sentence what holds none. */
export const readFile = (name: string, content: string): reading.FileReading =>
  reading.readFile(name, content, further)

/** Applies one correction, or several as one; refuses with a sentence, the reading is then unchanged. */
export const editRecipe = (
  now: reading.Reading,
  edits: reading.RecipeEdit | readonly reading.RecipeEdit[],
): reading.EditResult => reading.editRecipe(now, edits, further)

/** Every line read again, its answers kept: after the pantry or a spoon of the house changed. */
export const rereadAll = (now: reading.Reading) => reading.rereadAll(now, further)
