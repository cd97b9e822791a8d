import { ingredientById, type Ingredient, type Kind } from '../../../pantry'
import { capital, mentionsInStep, notMeant, verbWords, type Line } from '../../../recipe'
import { isBlocked, type Table } from '../../leaving'
import { sentenceAt, sentencesOf, withoutThing } from './sentences'
import { prepositions, readied, whipsToNothing } from '../../tables/doing-rows'

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
  /** Lines for which something comes that is made ready first: it has an article. */
  readonly ready?: ReadonlySet<string>
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

/** "Butter the bread": what stands there is food, and no "bread tin" behind it. */
function isEaten(step: string, { end }: Named, { lines }: Renaming): boolean {
  const next = mentionsInStep(step, lines).find(other => other.start > end)
  if (!next || next.verb || !/^\s+(?:[\p{L}-]+\s+){0,3}$/u.test(step.slice(end, next.start)))
    return false
  const behind = /^\s+([\p{L}-]+)/u.exec(step.slice(next.end))?.[1]?.toLowerCase() ?? ''
  return !readied.has(behind.replace(/(?:(?<=sh)e)?s$/u, ''))
}

/** What is buttered to be eaten: "buttered-side up", "buttered bread". */
const bread = /^[\s-]+(?:sides?|bread|toast|slices?|buns?|rolls?)\b/iu

/** "Butter the tin", "a floured tray": the doing, told of what does it now. */
function doneWith(step: string, named: Named, naming: Renaming): string {
  const { ingredient, words } = named
  const { grease, dusting } = naming
  if (ingredient.kind === 'butter') {
    const own = nameOf(named, naming)
    if (own && /^butter$/iu.test(words) && isEaten(step, named, naming)) return `spread ${own} on`
    if (/^buttered$/iu.test(words)) return bread.test(step.slice(named.end)) ? 'spread' : 'greased'
    return grease ? `grease (with ${grease})` : 'line'
  }
  if (ingredient.kind !== 'flour') return 'glazed'
  if (/floured/iu.test(words)) return 'dusted'
  return dusting ? `dust (with ${dusting})` : 'line'
}

/** What comes for the thing itself: of the list's line of it, else of what only the step brings. */
function nameOf({ ingredient, line }: Named, { byLine, lines, standIn }: Renaming): string {
  const listed = line ?? lines.find(one => one.ingredient === ingredient.id)
  return (listed && byLine.get(listed.id)) || standIn(ingredient) || ''
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
  if (m.verb && isOut) return doneWith(step, m, naming)
  const own = line ? naming.byLine.get(line.id) : undefined
  if (own !== undefined) return ofLine(step, m, own, naming)
  if (!isOut || line) return null
  if (greasing.test(step.slice(0, m.start))) return naming.grease ?? ''
  return naming.standIn(ingredient) ?? ''
}

const isEgg = (ingredient: Ingredient) => ingredient.kind.startsWith('egg')

/** What stands where something is struck: nothing, or what comes for it where the rest needs it. */
function struck(text: string, m: Named, naming: Renaming): { cut: string } | { to: string } {
  const cut = withoutThing(text, m.start, m.end)
  const name = m.line ? naming.byLine.get(m.line.id) : undefined
  const named = (one: string) => mentionsInStep(one, naming.lines).length
  // Yolks that are beaten with something else cannot be struck without it: then what comes stands
  // there too.
  const losesMore = named(cut) < named(text) - 1
  if (!name || (!losesMore && !leavesDry(cut, text, naming))) return { cut }
  // Half as much as the whites, of the one thing that comes for both.
  const isYolk = m.ingredient.kind === 'egg-yolk' && naming.parted?.has(m.line!.id)
  return { to: isYolk ? `${thirdOf}${name}` : name }
}

const counts =
  /\b(?:\d+|one|two|three|four|five|six|both|each)\s+(?:large\s+|medium\s+|small\s+)?$/iu

const singularOf: Readonly<Record<string, string>> = { are: ' is', were: ' was', have: ' has' }

/** What comes, by its name. */
interface Put {
  readonly is: string
  readonly naming: Renaming
}

/** The new words in the place of what a step names. */
function putInstead(text: string, step: string, m: Named, { is, naming }: Put): string {
  const before = step.slice(0, m.start)
  const to = isReady(m, naming) && isBare(before) ? `the ${is}` : is
  const opens = m.start === 0 || /[.!?:]\s+$/u.test(before)
  // "The whites are whisked": of one thing it is.
  const isOne = /s$/iu.test(m.words) && !/s$/iu.test(is)
  const behind = text.slice(m.end)
  const agreeing = isOne
    ? behind.replace(/^\s+(?:are|were|have)\b/u, aux => singularOf[aux.trim()]!)
    : behind
  // A number before it counted eggs, not gel.
  const lead = text.slice(0, m.start).replace(counts, isEgg(m.ingredient) ? 'the ' : '$&')
  const put = `${lead}${opens ? capital(to) : to}${agreeing}`.replace(
    /\bthe\s+(?=a\s+third\s+of\s+the\b)/giu,
    '',
  )
  if (!isEgg(m.ingredient)) return put
  return put
    .replace(/,?\s*one (?:at a time|by one)/iu, ' a little at a time')
    .replace(/\bthe the\b/giu, 'the')
}

/** The lines that a step's words mean first, and those that the method says they mean, by their place. */
interface StepsLines {
  readonly own?: readonly Line[]
  readonly meant?: ReadonlyMap<number, string> | undefined
}

/**
 * A step with what leaves called by what comes in. "the eggs one at a time" becomes "the flax gel a
 * little at a time"; "butter the tin" becomes "grease (with rapeseed oil) the tin". What has no
 * stand-in is struck, with its clause where that was about nothing else. '' when nothing is left of
 * the step.
 */
export function rewriteStep(
  step: string,
  naming: Renaming,
  { own = naming.lines, meant }: StepsLines = {},
): string {
  let text = step
  // Of two lines of butter the one that the method takes here.
  const asMeant = (m: Named): Named => {
    const line = naming.lines.find(({ id }) => id === meant?.get(m.start))
    return m.line && line && line.ingredient === m.line.ingredient ? { ...m, line } : m
  }
  const mentions = mentionsInStep(step, naming.lines, own)
    .map(asMeant)
    .filter(m => !isSeveral(m.words, naming))
    .sort((a, b) => b.start - a.start)
  for (const m of mentions) {
    const is = renamed(step, m, naming)
    if (is === null) continue
    const how = is === '' ? struck(text, m, naming) : { to: is }
    text = 'cut' in how ? how.cut : putInstead(text, step, m, { is: how.to, naming })
  }
  return twiceNamed(madeOf(text, naming))
}

/** Only sugar would be left of what was beaten: "beat the sugar until pale". */
function leavesDry(cut: string, text: string, { lines, parted }: Renaming): boolean {
  if (!parted?.size) return false
  const sentences = new Set(sentencesOf(text).map(one => one.trim()))
  const changed = sentencesOf(cut).filter(one => !sentences.has(one.trim()))
  const left = changed.flatMap(one => mentionsInStep(one, lines))
  return (
    changed.some(one => whips.has(firstWord(one))) &&
    left.length > 0 &&
    left.every(({ ingredient }) => whipsToNothing.has(ingredient.kind))
  )
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

/** What is made ready has an article, where the egg had none: "brush with beaten egg". */
const isReady = ({ line }: Named, { ready }: Renaming): boolean =>
  line !== null && (ready?.has(line.id) ?? false)
/** Right behind a verb or a preposition: no article, no number, no other word of it. */
function isBare(before: string): boolean {
  const last = /([\p{L}-]+)\s+$/u.exec(before)?.[1]?.toLowerCase() ?? ''
  return prepositions.has(last) || doings.has(last)
}
const doings: ReadonlySet<string> = new Set(
  Object.values(verbWords).flatMap(words => words.split(' ')),
)
const whips: ReadonlySet<string> = new Set([
  'beat',
  'whisk',
  'cream',
  'whip',
] satisfies readonly (keyof typeof verbWords)[])
const firstWord = (text: string): string => /\p{L}+/u.exec(text)?.[0].toLowerCase() ?? ''

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
