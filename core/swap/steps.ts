import { ingredientById, type Ingredient } from '../pantry'
import { mentionsInStep, type Line } from '../recipe'
import { isBlocked, type Table } from './allowed'

/** How a step's words change: by the line that is meant, or, for what no line lists, by the ingredient. */
export interface Renaming {
  readonly lines: readonly Line[]
  /** New name for a line that leaves; '' when it is left out. */
  readonly byLine: ReadonlyMap<string, string>
  /** A stand-in for an ingredient that only a step brings; null when there is none. */
  readonly standIn: (ingredient: Ingredient) => string | null
  readonly grease: string | null
  readonly dusting: string | null
  readonly table: Table
}

const greasing = /\bgreas\w*[^.;]{0,50}$/iu
const nothing = '(leave this out)'

function renamed(step: string, m: ReturnType<typeof mentionsInStep>[number], naming: Renaming): string | null {
  const { ingredient } = m
  if (m.verb && isBlocked(ingredient, naming.table)) {
    if (ingredient.kind === 'butter') return /^buttered$/iu.test(m.words) ? 'greased' : naming.grease ? `grease (with ${naming.grease})` : 'line'
    if (ingredient.kind === 'flour') return /floured/iu.test(m.words) ? 'dusted' : naming.dusting ? `dust (with ${naming.dusting})` : 'line'
    return 'glazed'
  }
  const own = m.line ? naming.byLine.get(m.line.id) : undefined
  if (own !== undefined) {
    if (greasing.test(step.slice(0, m.start)) && naming.grease) return naming.grease
    return own || nothing
  }
  if (!isBlocked(ingredient, naming.table) || m.line) return null
  if (greasing.test(step.slice(0, m.start))) return naming.grease ?? nothing
  return naming.standIn(ingredient) ?? nothing
}

const capital = (text: string) => text.charAt(0).toUpperCase() + text.slice(1)

/**
 * A step with what leaves called by what comes in. "the eggs one at a time" becomes "the flax gel a little at a time";
 * "butter the tin" becomes "grease (with rapeseed oil) the tin". What has no stand-in is said to be left out.
 */
export function rewriteStep(step: string, naming: Renaming): string {
  let text = step
  for (const m of [...mentionsInStep(step, naming.lines)].sort((a, b) => b.start - a.start)) {
    const to = renamed(step, m, naming)
    if (to === null) continue
    const opens = m.start === 0 || /[.!?:]\s+$/u.test(step.slice(0, m.start))
    // A number before it counted eggs, not gel.
    text = text.slice(0, m.start).replace(/\b(?:\d+|one|two|three|four|five|six|both|each)\s+(?:large\s+|medium\s+|small\s+)?$/iu, ingredientById(m.ingredient.id)?.kind.startsWith('egg') ? 'the ' : '$&') + (opens ? capital(to) : to) + text.slice(m.end)
    if (m.ingredient.kind.startsWith('egg')) text = text.replace(/,?\s*one (?:at a time|by one)/iu, ' a little at a time').replace(/\bthe the\b/giu, 'the')
  }
  return text
}
