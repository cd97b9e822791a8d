import { ingredientById, remembered, type Kind, type Mention } from '../../pantry'
import type { Line } from '../recipe'
import {
  becomes,
  grinding,
  lifts,
  madeHere,
  offTheTop,
  readyMadeOf,
  spokenOf,
} from '../tables/made-here'
import { gatherings } from '../tables/step-words'

/** What the steps up to a place have used of the list, and the words for what they made of it. */
export interface MadeSoFar {
  readonly words: Set<string>
  readonly used: Set<Kind>
}
export const nothingMade = (): MadeSoFar => ({ words: new Set(), used: new Set() })

const kindOf = (line: Line): Kind | undefined => ingredientById(line.ingredient ?? '')?.kind

const gathers = remembered(step => gatherings.some(row => step.search(row.sign) >= 0), 2000)

/** The kinds that a step uses: what it names, or everything listed where it gathers. */
export const kindsUsed = (
  step: string,
  named: readonly Mention[],
  lines: readonly Line[],
): readonly Kind[] => [
  ...named.map(m => m.ingredient.kind),
  ...(gathers(step) ? lines.flatMap(line => kindOf(line) ?? []) : []),
]

/**
 * Can a name of something ready-made mean what is made here? Only where the list has what it is made
 * of and a step up to this one has used that: "butter the bread" of a pudding is bought bread.
 */
export function canBeMade(
  id: string,
  usedHere: readonly Kind[],
  lines: readonly Line[],
  made: MadeSoFar | undefined,
): boolean {
  const of = readyMadeOf[id] ?? []
  if (!hasKind(lines, of)) return false
  const used = [...(made?.used ?? of), ...usedHere]
  return used.some(kind => of.includes(kind))
}

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
