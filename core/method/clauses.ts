import type { Span } from '../recipe'
import {
  alsoNoun,
  announces,
  toldBehind,
  looksPast,
  notBefore,
  orElse,
  pastForms,
  beforeVerb,
  behindVerb,
  besideRows,
  leaving,
  leftTo,
  notOrders,
  standsAlone,
  type VerbId,
} from './tables/verbs'
import { vesselNouns } from './tables/vessels'
import { isOpenerEnd } from './openers'
import { byWord, gerunds, isJoint, isManner, past } from './verbs'
import { sentencesOf, singular, wordsIn, type StepWord } from './words'

/** A stretch of a step with one doing, or (`verb` null) a sentence that orders nothing. */
export interface Clause {
  readonly verb: VerbId | null
  /** The verb's own word, and the words of the clause from it on. */
  readonly word: string
  readonly words: readonly StepWord[]
  readonly span: Span
  readonly sentence: Span
  /** Told as what is done, not ordered. */
  readonly isPassive: boolean
}

/** A food that a step names, as far as verbs must know of it. */
export interface NamedFood {
  readonly start: number
  readonly end: number
  /** The word is a doing that brings it: "butter the tin". */
  readonly verb: boolean
}

/** Does an order begin at word `i`: at the head of a sentence, behind a mark, or behind "and"? */
function isHead(text: string, words: readonly StepWord[], i: number): boolean {
  let at = i
  while (at > 0) {
    const gap = text.slice(words[at - 1]!.end, words[at]!.start)
    if (/[,:;–—(.!?]/u.test(gap)) return true
    const before = words[at - 1]!.is
    if (isJoint(before)) return before !== 'or' || orElse.has(words[i]!.is)
    // "Whisk the eggs while you boil the milk".
    if (before === 'you')
      return meanwhile.has(words[at - 2]?.is ?? '') && !announces.has(words[i]!.is)
    if (before === 'to') return words.slice(Math.max(0, at - 4), at - 1).some(w => w.is === 'use')
    if (isOpenerEnd(words, at)) return true
    if (!isManner(before)) return false
    at--
  }
  return true
}

const meanwhile: ReadonlySet<string> = new Set(['while', 'whilst'])
/** So many words without a mark are told, not written: then every sure verb orders. */
const dictated = 20
const isDictated = (text: string, words: readonly StepWord[], i: number): boolean => {
  const [from, to] = [words[0]!.start, words.at(-1)!.end]
  if (words.length < dictated || /[,:;]/u.test(text.slice(from, to))) return false
  const [before, word, next] = [words[i - 1], words[i]!, words[i + 1]]
  if (!before || notBefore.has(before.is) || beforeVerb.has(before.is)) return false
  return !alsoNoun.has(word.is) || (next !== undefined && toldBehind.has(next.is))
}

/** In "until cool and set" the last words are looks. */
const isLook = (text: string, words: readonly StepWord[], i: number): boolean => {
  const before = words.slice(0, i)
  const until = before.findLastIndex(w => w.is === 'until' || w.is === 'till' || w.is === 'when')
  if (until < 0) return false
  const between = text.slice(before[until]!.end, words[i]!.start)
  return !/[,:;.]/u.test(between) && before.length - until <= 6
}

const isAre: ReadonlySet<string> = new Set(['is', 'are', 'be', 'gets', 'get'])
/** "The cream is whipped, spread over …": spread is what is done to it, as whipped is. */
const isToldPast = (words: readonly StepWord[], i: number): boolean =>
  pastForms[words[i]!.is] === words[i]!.is &&
  !byWord.has(words[0]!.is) &&
  words.slice(1, i).some((w, n) => isAre.has(w.is) && past.has(words[n + 2]!.is))

/** Does the word at `i` order something? */
function orders(
  text: string,
  words: readonly StepWord[],
  i: number,
  foods: readonly NamedFood[],
): boolean {
  const word = words[i]!
  if (!byWord.has(word.is)) return false
  const food = foods.find(f => f.start <= word.start && word.end <= f.end)
  if (food) return food.verb && food.start === word.start && isHead(text, words, i)
  if (!isHead(text, words, i)) return isDictated(text, words, i)
  if (isToldPast(words, i)) return false
  const next = words[i + 1]
  const gap = text.slice(word.end, next?.start ?? text.length)
  const isLast = !next || /[,.;:!?)]/u.test(gap)
  if ((isLast || next.is === 'and') && isLook(text, words, i)) return false
  return !alsoNoun.has(word.is) || nounOrders(words, i, gap, foods)
}

/** Does a word that is a noun as well order something, where an order may begin? */
function nounOrders(
  words: readonly StepWord[],
  i: number,
  gap: string,
  foods: readonly NamedFood[],
): boolean {
  const [word, next] = [words[i]!, words[i + 1]]
  if (next && notOrders.has(next.is)) return false
  // At a sentence's head it orders, whatever follows.
  if (words.slice(0, i).every(w => isManner(w.is))) return !/^\s*:/u.test(gap)
  const isEnd = !next || /[,.;:!?)]/u.test(gap)
  if (isEnd || isJoint(next.is)) return standsAlone.has(word.is)
  return (
    behindVerb.has(next.is) ||
    /\d/u.test(gap) ||
    isManner(next.is) ||
    vesselNouns.has(singular(next.is)) ||
    foods.some(f => f.start === next.start)
  )
}

/** What a verb is with the words beside it. */
function verbOf(words: readonly StepWord[]): VerbId {
  const [verb, ...behind] = words
  const said = behind.map(w => w.is)
  const cue = said.findIndex(is => is === 'until' || is === 'till')
  const own = cue < 0 ? said : said.slice(0, cue)
  if (leaving.has(verb!.is)) {
    const to = own.find(is => leftTo[is] !== undefined)
    if (to && (verb!.is !== 'put' || own.includes('to'))) return leftTo[to]!
  }
  const row = besideRows.find(
    ({ verb: verbs, words: beside, next, unless }) =>
      verbs.split(' ').includes(verb!.is) &&
      beside.split(' ').some(is => (next ? said[0] === is : own.includes(is))) &&
      !unless?.split(' ').some(is => own.includes(is)),
  )
  return row?.is ?? byWord.get(verb!.is)!
}

/** "The eggs are beaten in and the flour is folded in": each doing with the words before it. */
function passives(text: string, sentence: Span): Clause[] {
  const words = wordsAt(text, sentence)
  const isCut = (n: number) =>
    isJoint(words[n]!.is) || /[,;:]/u.test(text.slice(words[n]!.end, words[n + 1]?.start))
  let isOn = false
  const heads: { readonly i: number; readonly verb: string; readonly start: number }[] = []
  for (const [i, word] of words.entries()) {
    const isAux = i > 0 && isAre.has(words[i - 1]!.is)
    isOn ||= isAux
    const verb = past.get(word.is)
    if (!verb || looksPast.has(word.is) || !(isAux || (isOn && i > 0 && isCut(i - 1)))) continue
    // What is done something to stands before "is", behind the last joint.
    const before = heads.at(-1)?.i ?? -1
    const cut = words.slice(0, i).findLastIndex((_, n) => n > before && isCut(n))
    const start = isAux && cut >= 0 ? words[cut + 1]!.start : word.start
    heads.push({ i, verb, start: heads.length ? start : sentence[0] })
  }
  return heads.map(({ i, verb, start }, k): Clause => {
    const end = heads[k + 1]?.start ?? sentence[1]
    const own = [{ ...words[i]!, is: verb }, ...words.slice(i + 1).filter(w => w.end <= end)]
    return {
      verb: verbOf(own),
      word: verb,
      words: own,
      span: [start, end],
      sentence,
      isPassive: true,
    }
  })
}

const wordsAt = (text: string, [from, to]: Span): StepWord[] =>
  wordsIn(text.slice(from, to)).map(w => ({ is: w.is, start: w.start + from, end: w.end + from }))

/** "Chill for 20 minutes before baking at 170 °C": what comes next takes heat of its own. */
const isNextBefore = (words: readonly StepWord[], i: number): boolean =>
  i > 1 &&
  words[i - 1]!.is === 'before' &&
  takesTime.has(byWord.get(gerunds.get(words[i]!.is) ?? '')!) &&
  atOrFor.has(words[i + 1]?.is ?? '')
const takesTime: ReadonlySet<VerbId> = new Set<VerbId>(['bake', 'fry', 'steam', 'cook', 'toast'])
const atOrFor: ReadonlySet<string> = new Set(['at', 'for', 'in', 'on', 'until', 'as'])

/** The doings of one sentence, as orders. */
function ordered(text: string, sentence: Span, foods: readonly NamedFood[]): Clause[] {
  const [from, to] = sentence
  const words = wordsAt(text, sentence)
  const isOrder = (i: number) => orders(text, words, i, foods) || isNextBefore(words, i)
  const heads = words.flatMap((_, i) => (isOrder(i) ? [i] : []))
  // "Make the pastry: rub …": what is made is told behind the colon.
  const [first, second] = heads
  if (
    second !== undefined &&
    words[first!]!.is === 'make' &&
    text.slice(words[first!]!.end, words[second]!.start).trimEnd().endsWith(':')
  )
    heads.shift()
  return heads.map((head, k): Clause => {
    const next = heads[k + 1]
    const [first, ...rest] = words.slice(head, next)
    const own = [{ ...first!, is: gerunds.get(first!.is) ?? first!.is }, ...rest]
    const start = k === 0 ? from : words[head]!.start
    return {
      verb: verbOf(own),
      word: own[0]!.is,
      words: own,
      span: [start, next === undefined ? to : words[next]!.start],
      sentence,
      isPassive: false,
    }
  })
}

/** A step cut into its doings. Every word of it lies in one of them, or in a sentence without any. */
export function clausesOf(text: string, foods: readonly NamedFood[]): Clause[] {
  const sentences = sentencesOf(text)
  const told = sentences.map(sentence => ordered(text, sentence, foods))
  const orders = told.filter(clauses => clauses.length > 0).length
  const done = sentences.map((sentence, i) => (told[i]!.length ? [] : passives(text, sentence)))
  const tells = done.filter(clauses => clauses.length > 0).length
  // An order among what is told ("Stop mixing …") makes none of it a remark.
  const isDone = tells > orders && done.flat().length >= fewestPassives
  return sentences.flatMap((sentence, i) => {
    const clauses = isDone && !told[i]!.length ? done[i]! : told[i]!
    const words = wordsAt(text, sentence)
    return clauses.length
      ? clauses
      : [{ verb: null, word: '', words, span: sentence, sentence, isPassive: false }]
  })
}
/** Fewer of them in a step that orders nothing are a remark: "the cake is baked when …". */
const fewestPassives = 2
