import {
  ingredientById,
  plainWord,
  remembered,
  type Ingredient,
  type Kind,
  type Mention,
  pantryEdition,
} from '../../pantry'
import type { Line } from '../recipe'
import {
  asBought,
  becomes,
  grinding,
  lifts,
  madeHere,
  offTheTop,
  homeMade,
  labelBefore,
  labelBehind,
  homeWords,
  spokenOf,
  wasBaked,
  type HomeMade,
} from '../tables/made-here'
import { gatherings } from '../tables/step-words'

/** What the steps up to a place have used of the list, and the words for what they made of it. */
export interface MadeSoFar {
  readonly words: Set<string>
  readonly used: Set<Kind>
  /** The steps themselves. */
  readonly steps: string[]
}
export const nothingMade = (): MadeSoFar => ({ words: new Set(), used: new Set(), steps: [] })

const kindOf = (line: Line): Kind | undefined => ingredientById(line.ingredient ?? '')?.kind

const gathers = remembered(
  step => gatherings.some(row => step.search(row.sign) >= 0),
  2000,
  pantryEdition,
)

/** The kinds that a step uses: what it names, or everything listed where it gathers. */
export const kindsUsed = (
  step: string,
  named: readonly Mention[],
  lines: readonly Line[],
): readonly Kind[] => [
  ...named.map(m => m.ingredient.kind),
  ...(gathers(step) ? lines.flatMap(line => kindOf(line) ?? []) : []),
]

/** Where a name of something ready-made stands, and the kinds that its step uses, and uses behind it. */
interface ReadyMadeAt {
  readonly ingredient: Ingredient
  readonly step: string
  readonly start: number
  readonly end: number
  readonly usedHere: readonly Kind[]
  readonly usedBehind: readonly Kind[]
}

/**
 * Can a name of something ready-made mean what is made here? Only where the list has all that it is
 * made of, the steps up to there have used that and done what makes it, and it is not handled as
 * what comes out of a packet: "butter the bread" of a pudding is bought bread, "sandwich with the
 * lemon curd" bought curd. Without `made` only the list is asked.
 */
export const canBeMade = (
  at: ReadyMadeAt,
  lines: readonly Line[],
  made: MadeSoFar | undefined,
): boolean =>
  (homeMade[at.ingredient.id] ?? []).some(
    way => isMadeSo(way, at, lines, made) || isLabelled(way, at, lines),
  )

/**
 * "For the custard, warm the milk and pour it on the yolks": the step says itself what it is for,
 * takes what that is made of, and does what makes it.
 */
function isLabelled(
  { of, by, named }: HomeMade,
  { step, start, end, usedBehind }: ReadyMadeAt,
  lines: readonly Line[],
): boolean {
  const rest = step.slice(end)
  return (
    labelBefore.test(step.slice(0, start)) &&
    labelBehind.test(rest) &&
    of.every(kinds => hasKind(lines, kinds) && kinds.some(kind => usedBehind.includes(kind))) &&
    (named ?? by).test(rest)
  )
}

function isMadeSo(
  way: HomeMade,
  { ingredient, step, start, usedHere }: ReadyMadeAt,
  lines: readonly Line[],
  made: MadeSoFar | undefined,
): boolean {
  const isListed = way.of.every(kinds => hasKind(lines, kinds))
  if (!isListed || (way.ofItself && !holdsListed(ingredient, lines))) return false
  if (!made) return true
  const used = new Set([...made.used, ...usedHere])
  const isUsed = way.of.every(kinds => kinds.some(kind => used.has(kind)))
  const lead = step.slice(0, start)
  const before = [...made.steps, lead].join('. ')
  const isTaken = way.isBaked && asBought.test(lead) && !wasBaked.test(before)
  return isUsed && !isTaken && way.by.test(before)
}

const holdsListed = ({ holds }: Ingredient, lines: readonly Line[]): boolean =>
  holds.every(held =>
    lines.some(line => ingredientById(line.ingredient ?? '')?.holds.includes(held)),
  )

/** Has the list what such a word (singular) is made of? One without a row may be made of anything. */
export const canBeMadeOf =
  (lines: readonly Line[]) =>
  (word: string): boolean =>
    (wordRows.get(word) ?? []).every(kinds => hasKind(lines, kinds))
const wordRows = new Map(Object.entries(homeWords).map(([word, of]) => [plainWord(word), of]))

/** Where a clause of a method begins anew. */
const clause = /[.;:!?]/u

const hasKind = (lines: readonly Line[], kinds: readonly string[]) =>
  lines.some(line => kinds.includes(ingredientById(line.ingredient ?? '')?.kind ?? ''))

/**
 * Is this name in a step what the step makes of a listed thing ("grind the hazelnuts to flour", "the
 * cream off the coconut milk")? `named` are all names in the step. Only by the closed forms of
 * tables/made-here, and only with its source: in its own clause for what is ground, in the list for
 * what is lifted off.
 */
export function isMadeHere(
  step: string,
  m: Mention,
  named: readonly Mention[],
  lines: readonly Line[],
): boolean {
  const rows = madeHere.filter(row => row.form.test(m.words) && hasKind(lines, row.of))
  if (!rows.length) return false
  const start = step.slice(0, m.start).split(clause).at(-1)!
  const from = m.start - start.length
  return rows.some(row => {
    const isOf = (other: Mention) => row.of.includes(other.ingredient.kind)
    if (row.by === 'grinding') {
      const before = named.filter(other => other.start >= from && other.start < m.start)
      const isOfThat = before.length === 0 || before.some(isOf)
      return isOfThat && becomes.test(start) && grinding.test(start.trimStart())
    }
    const behind = named.find(other => other.start > m.end)
    return (
      lifts.test(start) ||
      (behind !== undefined && isOf(behind) && offTheTop.test(step.slice(m.end, behind.start)))
    )
  })
}

/** Is this name what an earlier step made here, spoken of again? `made` has its words in small letters. */
export const isMadeBefore = (step: string, m: Mention, made: ReadonlySet<string>): boolean =>
  made.has(m.words.toLowerCase()) && spokenOf.test(step.slice(0, m.start))
