import { findMentions, wordsOf } from '../../pantry'
import { vesselOf } from '../facts/vessels'
import { readQuantity } from '../line/quantity'
import type { Span } from '../recipe'
import { factLine, ingredientHeadings, otherHeadings, stepHeadings } from '../tables/headings'
import { furniture, prose } from '../tables/page-words'
import { yieldAlone, yieldBehind } from '../tables/yields'
import { headingName } from './heading'
import {
  beginsWithThing,
  bulletOnly,
  isNumberedStep,
  looksMeasured,
  looksNamed,
  looksTold,
  startsWithVerb,
  stepNumber,
  withoutBullet,
} from './measured'
import { spanOf, type TextPiece } from './piece'

/** What a line of a pasted text is. */
export type LaidPart = { readonly from: Span; readonly also?: readonly Span[] } & (
  | { readonly is: 'title' | 'ingredient' | 'step' | 'fact' | 'other'; readonly text: string }
  /** Words about the dessert, or of the page, that bring nothing; `note` where its writer calls it one. */
  | { readonly is: 'remark' | 'note'; readonly text: string }
  | { readonly is: 'ingredients' | 'steps' | 'notes'; readonly text: string }
  | { readonly is: 'component'; readonly text: string; readonly name: string }
)

/** "Plum cake! So good": what is called out behind the name. */
const cheers = /(?<=\p{L}{3})!+(?:\s+.*)?$/u

/**
 * A line as it is looked at: as it stands, without heading marks, without a bullet, and what is
 * around it.
 */
interface Looked {
  readonly text: string
  readonly bare: string
  readonly plain: string
  readonly from: Span
  readonly below: readonly string[]
  readonly measured: boolean
  /** It stands on several pages, but for a number. */
  readonly repeated: boolean
}
interface State {
  readonly under: 'ingredients' | 'steps' | 'notes' | null
  readonly titled: boolean
  readonly hasTitle: boolean
  readonly hasLines: boolean
  readonly hasSteps: boolean
  /** Does a list of ingredients still come? */
  readonly listAhead: boolean
}
type Sort = (line: Looked, state: State) => readonly LaidPart[] | null

const part = (
  is: 'ingredient' | 'step' | 'fact' | 'other' | 'remark',
  line: Looked,
  text = line.text,
): LaidPart[] => [{ from: line.from, is, text }]

const headings: readonly (readonly ['ingredients' | 'steps' | 'notes', RegExp])[] = [
  ['ingredients', ingredientHeadings],
  ['steps', stepHeadings],
  ['notes', otherHeadings],
]
const heading: Sort = ({ bare, text, from }) => {
  const is = headings.find(([, sign]) => sign.test(bare))?.[0]
  return is ? [{ from, is, text }] : null
}

const ofPage: Sort = line =>
  line.repeated || furniture.some(sign => sign.test(line.bare.trim())) ? part('remark', line) : null

const inNotes: Sort = (line, { under }) =>
  under === 'notes' ? [{ from: line.from, is: 'note', text: line.text }] : null

/** A title and what stands behind it in its line: how much it makes, or a cheer. */
interface Titled {
  readonly name: string
  readonly behind: string
  readonly is: 'fact' | 'remark' | null
}

function titledIn(bare: string): Titled {
  const fact = yieldBehind.exec(bare)
  const cut = fact ?? cheers.exec(bare)
  if (!cut) return { name: bare, behind: '', is: null }
  const name = bare.slice(0, cut.index)
  return {
    name: (fact ? name.replace(/[.!:\s]+$/u, '') : name).trim(),
    behind: cut[0],
    is: fact ? 'fact' : 'remark',
  }
}

const mayBeTitle = ({ text, bare, plain, measured }: Looked, { name, is }: Titled): boolean =>
  name !== '' &&
  !(measured && readQuantity(plain, 0, () => 1)?.unit) &&
  (is === 'fact' || !/[.;:]$/.test(text)) &&
  !yieldAlone.test(text) &&
  vesselOf(bare) === null &&
  wordsOf(name).length <= 14

/** The first short line; what it says of how much it makes is a fact of its own. */
const title: Sort = (line, { titled, hasTitle }) => {
  const { text, bare, from } = line
  if (titled || hasTitle || bulletOnly.test(text.replace(/^#+/u, ''))) return null
  const found = titledIn(bare)
  if (!mayBeTitle(line, found)) return null
  if (found.is === null) return [{ from, is: 'title', text: bare }]
  const at = from[0] + Math.max(0, text.indexOf(found.name))
  const end = at + found.name.length
  const behind =
    found.is === 'remark'
      ? found.behind
      : found.behind.replace(/^[\s,.;–—(-]+|[)\s]+$/gu, '').replace(/^(\d+)$/u, 'Makes $1')
  return [
    { from: [at, end], is: 'title', text: found.name },
    { from: [end, from[1]], is: found.is, text: behind },
  ]
}

const component: Sort = ({ text, bare, below, from }, { under }) => {
  const name = headingName(text, below)
  return name !== null && !(under === 'ingredients' && /^\p{Ll}/u.test(bare) && !/:$/.test(text))
    ? [{ from, is: 'component', text, name }]
    : null
}

/** What it makes, how long, in what; "Serves 4, with whipped cream" brings cream: it is a step too. */
const fact: Sort = (line, { under }) => {
  const { plain, from } = line
  const says = /[:–]|\d/u.test(plain) || /^(?:by|from|author|source)\b/iu.test(plain)
  const isFact =
    yieldAlone.test(plain) ||
    (under !== 'steps' && vesselOf(plain) !== null) ||
    (says &&
      factLine.test(plain) &&
      wordsOf(plain).length <= 14 &&
      !/^bake\b.*\b(?:until|for)\b/iu.test(plain) &&
      under !== 'steps')
  if (!isFact) return null
  const brings = /\bwith\b/iu.test(plain) && findMentions(plain).mentions.length > 0
  return [
    { from, is: 'fact', text: line.text },
    ...(brings ? [{ from, is: 'step' as const, text: plain }] : []),
  ]
}

/** Told before the list about the dessert, and not what is done: never a step, never a conflict. */
const before: Sort = (line, { listAhead, hasLines, hasSteps }) =>
  listAhead &&
  !hasLines &&
  !hasSteps &&
  !line.measured &&
  wordsOf(line.plain).length > 7 &&
  (prose.test(line.plain) || !startsWithVerb(line.plain))
    ? part('remark', line)
    : null

/** A few words under the method that tell nobody to do anything, name nothing and end nowhere. */
const saysNothing = (text: string): boolean =>
  wordsOf(text).length <= 5 &&
  !/[.!?)\d]/u.test(text) &&
  !startsWithVerb(text) &&
  !findMentions(text).mentions.length

const inMethod: Sort = (line, { under, hasSteps }) => {
  if (under !== 'steps') return null
  return hasSteps && saysNothing(withoutBullet(line.text))
    ? part('other', line)
    : part('step', line, withoutBullet(line.text.replace(stepNumber, '')))
}

const listed: Sort = line =>
  line.measured && !isNumberedStep(line.text) ? part('ingredient', line) : null

const told: Sort = (line, { under }) => {
  // "Butter and flour, for the tin" among the ingredients: the verb is a thing there.
  if (under === 'ingredients' && beginsWithThing(line.plain) && !/[.!]$/.test(line.plain))
    return null
  const step = line.text.replace(stepNumber, '')
  const numbered = step !== line.text && wordsOf(step).length > 4
  return looksTold(withoutBullet(step)) ||
    ((numbered || wordsOf(step).length > 4) && !line.measured && /[.!]$/.test(step))
    ? part('step', line, withoutBullet(step))
    : null
}

/**
 * A name alone, "flour – 200 g", and among the ingredients whatever is short: what is not known is
 * asked about.
 */
const named: Sort = (line, { under, hasLines, hasSteps }) => {
  const { plain } = line
  const words = wordsOf(plain).length
  const behind = words <= 8 && /\d/.test(plain) && !/[.!?]$/.test(plain) && hasLines
  const amongThem =
    hasLines && !hasSteps && words <= 6 && !/[.!?:]$/.test(plain) && !startsWithVerb(plain)
  return under === 'ingredients' || looksNamed(plain) || behind || amongThem
    ? part('ingredient', line)
    : null
}

const rest: Sort = (line, { hasSteps }) =>
  part(hasSteps && wordsOf(line.text).length > 4 ? 'step' : 'other', line)

/** In this order: headings first, then what stands under them, then what a line looks like. */
const sorts: readonly Sort[] = [
  heading,
  ofPage,
  inNotes,
  title,
  fact,
  component,
  before,
  inMethod,
  listed,
  told,
  named,
  rest,
]

const heads: readonly LaidPart['is'][] = ['ingredients', 'steps', 'notes']
/** What says nothing of whether the list has begun. */
const beside: readonly LaidPart['is'][] = ['title', 'other', 'remark', 'fact']

const moved = (state: State, parts: readonly LaidPart[]): State => {
  const is = new Set(parts.map(p => p.is))
  const head = heads.find(kind => is.has(kind)) as State['under'] | undefined
  return {
    ...state,
    under: head ?? state.under,
    titled: state.titled || [...is].some(kind => !beside.includes(kind)),
    hasTitle: state.hasTitle || is.has('title'),
    hasLines: state.hasLines || is.has('ingredient'),
    hasSteps: state.hasSteps || is.has('step'),
  }
}

const unnumbered = (text: string) => text.replace(/\d+/gu, '#')

/** What stands at the head or foot of several pages: the same words with another number. */
function headersIn(texts: readonly string[]): ReadonlySet<string> {
  const seen = new Map<string, Set<string>>()
  for (const text of texts)
    if (/\d/u.test(text) && wordsOf(text).length <= 8 && !startsWithVerb(text))
      seen.set(unnumbered(text), (seen.get(unnumbered(text)) ?? new Set()).add(text))
  return new Set([...seen].filter(([, all]) => all.size > 1).map(([words]) => words))
}

/** How many lines under one are looked at for whether it heads them. */
const lookAhead = 4

/** Says of each line of a text what it is. */
export function layOut(pieces: readonly TextPiece[]): LaidPart[] {
  const parts: LaidPart[] = []
  const full = pieces.filter(piece => piece.text.trim())
  const texts = full.map(piece => piece.text.trim().replace(/\s+/gu, ' '))
  const measured = texts.map(text => looksMeasured(withoutBullet(text)))
  const lastMeasured = measured.lastIndexOf(true)
  const headers = headersIn(texts.filter((_, i) => !measured[i]))
  let state: State = {
    under: null,
    titled: false,
    hasTitle: false,
    hasLines: false,
    hasSteps: false,
    listAhead: true,
  }
  for (const [at, text] of texts.entries()) {
    const line: Looked = {
      text,
      bare: text.replace(/^[#*_\s]+|[*_\s]+$/gu, '').trim() || text,
      plain: withoutBullet(text),
      from: spanOf(full[at]!),
      below: texts.slice(at + 1, at + 1 + lookAhead).map(withoutBullet),
      measured: measured[at]!,
      repeated: headers.has(unnumbered(text)),
    }
    state = { ...state, listAhead: lastMeasured > at }
    for (const sort of sorts) {
      const found = sort(line, state)
      if (!found) continue
      const { also } = full[at]!
      parts.push(...(also ? found.map(one => ({ ...one, also })) : found))
      state = moved(state, found)
      break
    }
  }
  return parts
}
