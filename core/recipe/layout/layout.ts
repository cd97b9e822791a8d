import { findMentions, wordsOf } from '../../pantry'
import { vesselOf } from '../facts/vessels'
import { readQuantity } from '../line/quantity'
import type { Span } from '../recipe'
import {
  factLine,
  factOnly,
  ingredientHeadings,
  makesBehind,
  otherHeadings,
  stepHeadings,
} from '../tables/headings'
import { furniture, prose } from '../tables/page-words'
import { headingName } from './heading'
import {
  beginsWithThing,
  bulletOnly,
  looksMeasured,
  looksNamed,
  looksTold,
  startsWithVerb,
  stepNumber,
  surelyNumbered,
  withoutBullet,
} from './measured'
import { spanOf, type Piece } from './piece'

/** What a line of a pasted text is. */
export type Part = { readonly from: Span; readonly also?: readonly Span[] } & (
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
type Sort = (line: Looked, state: State) => readonly Part[] | null

const part = (
  is: 'ingredient' | 'step' | 'fact' | 'other' | 'remark',
  line: Looked,
  text = line.text,
): Part[] => [{ from: line.from, is, text }]

const heading: Sort = ({ bare, text, from }) =>
  ingredientHeadings.test(bare)
    ? [{ from, is: 'ingredients', text }]
    : stepHeadings.test(bare)
      ? [{ from, is: 'steps', text }]
      : otherHeadings.test(bare)
        ? [{ from, is: 'notes', text }]
        : null

const ofPage: Sort = line =>
  furniture.some(sign => sign.test(line.bare.trim())) ? part('remark', line) : null

const inNotes: Sort = (line, { under }) =>
  under === 'notes' ? [{ from: line.from, is: 'note', text: line.text }] : null

/** The first short line; what it says of how much it makes is a fact of its own. */
const title: Sort = (line, { titled, hasTitle }) => {
  const { text, bare, plain, from } = line
  if (titled || hasTitle || bulletOnly.test(text.replace(/^#+/u, ''))) return null
  const fact = makesBehind.exec(bare)
  const cheer = cheers.exec(bare)
  const name = (fact ? bare.slice(0, fact.index) : cheer ? bare.slice(0, cheer.index) : bare)
    .replace(/[.!:\s]+$/u, fact ? '' : '$&')
    .trim()
  if (
    !name ||
    (line.measured && readQuantity(plain, 0, () => 1)?.unit) ||
    (/[.;:]$/.test(text) && !fact) ||
    factOnly.test(text) ||
    vesselOf(bare) ||
    wordsOf(name).length > 14
  )
    return null
  const at = from[0] + Math.max(0, text.indexOf(name))
  const end = at + name.length
  if (cheer && !fact)
    return [
      { from: [at, end], is: 'title', text: name },
      { from: [end, from[1]], is: 'remark', text: cheer[0] },
    ]
  return fact
    ? [
        { from: [at, end], is: 'title', text: name },
        {
          from: [end, from[1]],
          is: 'fact',
          text: fact[0].replace(/^[\s,.;–—(-]+|[)\s]+$/gu, '').replace(/^(\d+)$/u, 'Makes $1'),
        },
      ]
    : [{ from, is: 'title', text: bare }]
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
    factOnly.test(plain) ||
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

const inMethod: Sort = (line, { under, hasSteps }) =>
  under === 'steps' && hasSteps && saysNothing(withoutBullet(line.text))
    ? part('other', line)
    : under === 'steps'
      ? part('step', line, withoutBullet(line.text.replace(stepNumber, '')))
      : null

const listed: Sort = line => {
  const step = line.text.replace(stepNumber, '')
  return line.measured && !(surelyNumbered.test(line.text) && startsWithVerb(step))
    ? part('ingredient', line)
    : null
}

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

const moved = (state: State, parts: readonly Part[]): State => {
  const is = new Set(parts.map(p => p.is))
  return {
    ...state,
    under: is.has('ingredients')
      ? 'ingredients'
      : is.has('steps')
        ? 'steps'
        : is.has('notes')
          ? 'notes'
          : state.under,
    titled:
      state.titled || [...is].some(kind => !['title', 'other', 'remark', 'fact'].includes(kind)),
    hasTitle: state.hasTitle || is.has('title'),
    hasLines: state.hasLines || is.has('ingredient'),
    hasSteps: state.hasSteps || is.has('step'),
  }
}

/** How many lines under one are looked at for whether it heads them. */
const lookAhead = 4

/** Says of each line of a text what it is. */
export function layOut(pieces: readonly Piece[]): Part[] {
  const parts: Part[] = []
  const full = pieces.filter(piece => piece.text.trim())
  const texts = full.map(piece => piece.text.trim().replace(/\s+/gu, ' '))
  const measured = texts.map(text => looksMeasured(withoutBullet(text)))
  const lastMeasured = measured.lastIndexOf(true)
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
