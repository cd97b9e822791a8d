import { ingredientById, plainWord, wordsOf, type Ingredient } from '../../pantry'
import type { Line } from '../recipe'
import { notEnds } from '../tables/hidden-words'
import { orderWords } from '../tables/verb-words'

interface Stretch {
  readonly start: number
  readonly end: number
}
interface CalledByEnd extends Stretch {
  readonly line: Line
  readonly ingredient: Ingredient
}

/** The last word of a line's name, where another stands before it: "sponge fingers", "gelatine leaves". */
function endOf(line: Line): string | null {
  const words = wordsOf(line.name.split(/[,(]/u)[0]!)
  const last = words.at(-1)?.plain
  return words.length > 1 && last && !notEnds.has(last) ? last : null
}

const before: ReadonlySet<string> = new Set(
  'the your these those both all each every remaining reserved soaked drained more some'
    .split(' ')
    .map(plainWord),
)

/**
 * Lines that a step calls by the end of their names alone: "dip the fingers", "soak the leaves". Only
 * a word that names nothing else there, behind an article or a doing, and of one line (of the step's
 * own part first).
 */
export function calledByEnd(
  step: string,
  own: readonly Line[],
  lines: readonly Line[],
  taken: readonly Stretch[],
): CalledByEnd[] {
  const words = wordsOf(step)
  return words.flatMap(({ plain, start, end }, i): CalledByEnd[] => {
    const lead = words[i - 1]?.plain ?? ''
    if (i === 0 || !(before.has(lead) || orderWords.has(lead))) return []
    if (taken.some(one => one.start < end && start < one.end)) return []
    const found = [own, lines].map(among => among.filter(line => endOf(line) === plain))
    const [line, second] = found.find(all => all.length) ?? []
    const ingredient = ingredientById(line?.ingredient ?? '')
    if (!line || second || !ingredient) return []
    return [{ start, end, line, ingredient }]
  })
}
