import { headJoint, tailJoint } from '../../../recipe'
import type { Doing, ToldStep } from './method-text'

const capital = (text: string): string =>
  text.replace(
    /^(\P{L}*)(\p{Ll})/u,
    (_, lead: string, letter: string) => lead + letter.toUpperCase(),
  )

/** The words of a doing with its edits: from the last on; what is put in before a span, after its change. */
function wordsOf({ action, step, edits }: Doing): string {
  const [from, to] = action.span
  const all = [...edits].sort((a, b) => b.span[0] - a.span[0] || b.span[1] - a.span[1])
  return all.reduce(
    (text, one) => text.slice(0, one.span[0] - from) + one.to + text.slice(one.span[1] - from),
    step.text.slice(from, to),
  )
}

/** Sentences of a sentence of which some doings went, or have others in their place. */
function apart(doings: readonly Doing[]): string {
  const said: string[] = []
  let isOpen = false
  for (const [i, doing] of doings.entries()) {
    if (doing.preceded) {
      said.push(doing.preceded)
      isOpen = false
    }
    if (doing.instead !== null) {
      if (doing.instead) said.push(doing.instead)
      isOpen = doing.instead === '' && isOpen
      continue
    }
    const isCut = i > 0 && doings[i - 1]!.instead !== null
    const text = wordsOf(doing)
    if (isOpen)
      said[said.length - 1] += isCut ? `, ${text.trimStart().replace(headJoint, '')}` : text
    else said.push(text.trimStart().replace(headJoint, ''))
    isOpen = true
    const next = doings[i + 1]
    if (next && (next.instead !== null || next.preceded))
      said[said.length - 1] = said.at(-1)!.replace(tailJoint, '')
  }
  return said
    .map(text => capital(text.trim()))
    .filter(text => /\p{L}/u.test(text))
    .map(text => (/[.!?]["”')]*$/u.test(text) ? text : `${text}.`))
    .join(' ')
}

/** One sentence of a step as it is told now: verbatim where all of it stays. */
const sentenceOf = (doings: readonly Doing[]): string => {
  if (doings.some(doing => doing.instead !== null || doing.preceded)) return apart(doings)
  const text = doings.map(wordsOf).join('')
  return doings.some(doing => doing.edits.length > 0) ? tidied(text) : text
}
const tidied = (text: string): string =>
  text.replace(/(?<=\S) {2,}/gu, ' ').replace(/\s+(?=[.,;])/gu, '')

/** A step as it is told now; '' where nothing of it is left. */
export function toldStep(step: ToldStep): string {
  const { doings, text } = step
  const starts = [...new Set(doings.map(doing => doing.action.sentence[0]))]
  const head = text.slice(0, starts[0] ?? text.length)
  // Behind a semicolon whose own half went, a sentence is the first.
  let isFirst = /^\P{L}*\p{Lu}/u.test(text)
  const sentences = starts.map(start => {
    const said = sentenceOf(doings.filter(doing => doing.action.sentence[0] === start))
    const [, blank, words] = /^(\s*)(.*)$/su.exec(said)!
    const isCapital = isFirst || /^\P{L}*\p{Lu}/u.test(text.slice(start))
    const own = isCapital ? capital(words!) : words!
    if (own) isFirst = false
    const all = [...(step.before.get(start) ?? []), own].filter(Boolean)
    return all.length ? (blank || (start > 0 ? ' ' : '')) + all.join(' ') : ''
  })
  const whole = (head + sentences.join('')).trim()
  const isEnded = /[.!?:]["”')]*$/u.test(whole) || !whole || !step.behind.length
  return [isEnded ? whole : `${whole}.`, ...step.behind].filter(Boolean).join(' ')
}
