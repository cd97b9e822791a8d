import { ingredientById, type Ingredient, type Kind } from '../../pantry'
import { mentionsInStep, notMeant, type Line } from '../../recipe'
import { isBlocked, type Table } from '../allowed'
import { sentenceAt, withoutThing } from '../sentences'

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
  /**
   * Eggs that the method parts: what comes for them is whisked where the whites were, and the yolks
   * have no place any more.
   */
  readonly parted?: ReadonlySet<string>
}

const frying = /\bfrying[\s-]pans?\b|\bskillet\b|\bgriddle\b|\bfry\b/iu
const greasing = /\bgreas\w*[^.;]{0,50}$/iu

/** "The flours" are several lines: while one of them stays, they stay what they are called. */
const isSeveral = (words: string, { lines, byLine }: Renaming): boolean =>
  /^flours$/iu.test(words) &&
  lines.some(
    line =>
      !byLine.has(line.id) &&
      powders.includes(ingredientById(line.ingredient ?? '')?.kind ?? 'water'),
  )
const powders: readonly Kind[] = ['flour', 'starch', 'gluten-free-flour', 'nut-flour']

type Named = ReturnType<typeof mentionsInStep>[number]

/** "Butter the tin", "a floured tray": the doing, told of what does it now. */
function doneWith({ ingredient, words }: Named, { grease, dusting }: Renaming): string {
  if (ingredient.kind === 'butter') {
    if (/^buttered$/iu.test(words)) return 'greased'
    return grease ? `grease (with ${grease})` : 'line'
  }
  if (ingredient.kind !== 'flour') return 'glazed'
  if (/floured/iu.test(words)) return 'dusted'
  return dusting ? `dust (with ${dusting})` : 'line'
}

/** What a line that leaves is called now. */
function ofLine(step: string, m: Named, own: string, naming: Renaming): string {
  if (m.ingredient.kind === 'egg-yolk' && naming.parted?.has(m.line!.id)) return ''
  // Nobody heats water in a frying pan: of a fat and water the fat alone.
  if (frying.test(sentenceAt(step, m.start))) return own.replace(/\s+and\s+water$/iu, '')
  return (greasing.test(step.slice(0, m.start)) && naming.grease) || own
}

/** The new words for what a step names; '' strikes it; null leaves it. */
function renamed(step: string, m: Named, naming: Renaming): string | null {
  const { ingredient, line } = m
  const isOut = isBlocked(ingredient, naming.table)
  if (m.verb && isOut) return doneWith(m, naming)
  const own = line ? naming.byLine.get(line.id) : undefined
  if (own !== undefined) return ofLine(step, m, own, naming)
  if (!isOut || line) return null
  if (greasing.test(step.slice(0, m.start))) return naming.grease ?? ''
  return naming.standIn(ingredient) ?? ''
}

const capital = (text: string) => text.charAt(0).toUpperCase() + text.slice(1)
const isEgg = (ingredient: Ingredient) => ingredient.kind.startsWith('egg')

/**
 * A step with what leaves called by what comes in. "the eggs one at a time" becomes "the flax gel a
 * little at a time"; "butter the tin" becomes "grease (with rapeseed oil) the tin". What has no
 * stand-in is struck, with its clause where that was about nothing else. '' when nothing is left of
 * the step.
 */
export function rewriteStep(
  step: string,
  naming: Renaming,
  own: readonly Line[] = naming.lines,
): string {
  let text = step
  const mentions = mentionsInStep(step, naming.lines, own)
    .filter(m => !isSeveral(m.words, naming))
    .sort((a, b) => b.start - a.start)
  for (const m of mentions) {
    let to = renamed(step, m, naming)
    if (to === null) continue
    if (to === '') {
      const cut = withoutThing(text, m.start, m.end)
      // Yolks that are beaten with something else cannot be struck without it: then what comes
      // stands there too.
      const name = m.line ? naming.byLine.get(m.line.id) : undefined
      const losesMore =
        mentionsInStep(cut, naming.lines).length < mentionsInStep(text, naming.lines).length - 1
      if (!losesMore || !name) {
        text = cut
        continue
      }
      // Half as much as the whites, of the one thing that comes for both.
      to =
        naming.parted?.has(m.line!.id) && m.ingredient.kind === 'egg-yolk'
          ? `${thirdOf}${name}`
          : name
    }
    const opens = m.start === 0 || /[.!?:]\s+$/u.test(step.slice(0, m.start))
    // A number before it counted eggs, not gel.
    text =
      text
        .slice(0, m.start)
        .replace(
          /\b(?:\d+|one|two|three|four|five|six|both|each)\s+(?:large\s+|medium\s+|small\s+)?$/iu,
          isEgg(m.ingredient) ? 'the ' : '$&',
        ) +
      (opens ? capital(to) : to) +
      text.slice(m.end)
    text = text.replace(/\bthe\s+(?=a\s+third\s+of\s+the\b)/giu, '')
    if (isEgg(m.ingredient))
      text = text
        .replace(/,?\s*one (?:at a time|by one)/iu, ' a little at a time')
        .replace(/\bthe the\b/giu, 'the')
  }
  return twiceNamed(madeOf(text, naming))
}

/** "A third of the aquafaba", where yolks are beaten with something that stays. */
const thirdOf = 'a third of the '
/** The later steps have the rest of it. */
export function restAfterThird(steps: readonly string[], name: string): string[] {
  let taken = false
  return steps.map(step => {
    const at = step.indexOf(thirdOf + name)
    const behind = at < 0 ? step.length : at + thirdOf.length + name.length
    const from = taken ? 0 : behind
    const rest = step.indexOf(`the ${name}`, from)
    const done = taken
    taken ||= at >= 0
    if (rest < 0 || (done && step.includes(`the rest of the ${name}`))) return step
    return `${step.slice(0, rest)}the rest of ${step.slice(rest)}`
  })
}

/** "The mascarpone cream" where no mascarpone is left: "the mixture". */
const madeOf = (text: string, { lines, byLine }: Renaming): string =>
  notMeant.reduce((now, { words, in: sign, of, instead }) => {
    const leaves =
      instead !== undefined &&
      lines.some(
        l => byLine.has(l.id) && of!.includes(ingredientById(l.ingredient ?? '')?.kind ?? 'water'),
      )
    const listed = lines.some(l => words.test(ingredientById(l.ingredient ?? '')?.kind ?? ''))
    return leaves && !listed
      ? now.replace(new RegExp(sign.source, 'giu'), hit => hit.replace(/\p{L}+$/u, instead))
      : now
  }, text)

/** "the flax gel and flax gel", where yolks and whites became one thing. */
const twiceNamed = (text: string) =>
  text
    .replace(/\b(mixture|batter|gel|cream)\s+(?:mixture|\1)\b/giu, '$1')
    .replace(/\b((?:the\s+)?)([\p{L}-]+(?:\s+[\p{L}-]+){0,3}),\s+(?:the\s+)?\2\b/giu, '$1$2')
    .replace(
      /\b(the\s+)?([\p{L}-]+(?:\s+[\p{L}-]+){0,3})(?:\s+(?:and|or)\s+|\s?\/\s?)(?:the\s+)?\2\b/giu,
      '$1$2',
    )
