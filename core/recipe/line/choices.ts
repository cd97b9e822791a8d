import { millilitresIn, pattern, type Region, type Unit } from '../../measure'
import { findMentions, mainMention, wordsOf } from '../../pantry'
import type { Span } from '../recipe'
import {
  examples,
  forWhom,
  mayOffer,
  offers,
  orWords,
  slashBetween,
  useWords,
  whenever,
} from '../tables/choice-words'
import { described, lastWord, ofNoun, spans, withNoun } from './nouns'
import { fruitPart } from './fruit'
import { readQuantity, type Quantity } from './quantity'

/** One of the things that a line offers, as a whole line of its own. */
export interface LineChoice {
  readonly text: string
  /** Where its own words stand in the line. */
  readonly span: Span
  /** When it is meant ("if vegan"); null when nothing is said. */
  readonly condition: string | null
}

/** A stretch of the line between two joints. */
interface Piece {
  readonly start: number
  readonly end: number
}

const blank = (text: string, [from, to]: Span) =>
  text.slice(0, from) + ' '.repeat(to - from) + text.slice(to)
const tidy = (text: string) =>
  text
    .replace(/\s+/gu, ' ')
    .replace(/^[\s,;:–—-]+|[\s,;:–—(-]+$/gu, '')
    .replace(/\(\s*\)/gu, '')
    .trim()

/** Conditions are taken out before joints are looked for; they keep their places. */
function conditionsIn(text: string): { masked: string; spans: readonly Span[] } {
  const spans: Span[] = [forWhom, whenever].flatMap(sign =>
    [...text.matchAll(sign)].map(hit => [hit.index, hit.index + hit[0].length] as const),
  )
  return { masked: spans.reduce(blank, text), spans }
}

const mentionsIn = (text: string, region: Region) => findMentions(text, region)
/** Does it name something, or something that nobody knows? */
const namesSomething = (text: string, region: Region) => {
  const { mentions, unread } = mentionsIn(text, region)
  return mentions.length > 0 || unread.length > 0
}

/** The amount at the start of a piece; an article alone is none. */
function leadOf(text: string, from: number, region: Region): Quantity | null {
  const start = from + (/^[\s,;:()/–—-]*/u.exec(text.slice(from))?.[0].length ?? 0)
  const read = readQuantity(text, start, (unit: Unit) => millilitresIn(unit, region) ?? unit.g ?? 1)
  if (!read || (!read.unit && /^\s*an?\s*$/iu.test(text.slice(read.start, read.end)))) return null
  // "half and half": what begins like an amount may be a name.
  const name = mentionsIn(text.slice(start, start + 60), region).mentions[0]
  return name?.start === 0 && start + name.end > read.end ? null : read
}

/** Where the name of a piece ends and what is said of it begins. */
function tailOf(name: string, region: Region): number {
  const known = mentionsIn(name, region).mentions
  const stop = /\s*[,;(]|\s[–—-]\s/gu
  const more = name.search(/\s*\+|\s(?:plus|with)\s/u)
  stop.lastIndex = known[0]?.start ?? 0
  for (let hit = stop.exec(name); hit; hit = stop.exec(name))
    if (!known.some(m => hit!.index > m.start && hit!.index < m.end))
      return more > 0 ? Math.min(more, hit.index) : hit.index
  return more > 0 ? more : name.length
}

/** Pieces between the joints; commas part too where a joint follows and each piece names a thing. */
function piecesIn(
  text: string,
  [from, to]: Span,
  region: Region,
  noun: string | null = null,
): Piece[] {
  const joints = [orWords, slashBetween, useWords]
    .flatMap(sign => [...text.matchAll(sign)])
    .map(hit => ({ start: hit.index, end: hit.index + hit[0].length }))
    .filter(joint => joint.start >= from && joint.end <= to)
    .sort((a, b) => a.start - b.start)
    .filter((joint, i, all) => i === 0 || joint.start >= all[i - 1]!.end)
  if (!joints.length) return []
  const ends = [...joints.map(j => j.start), to]
  const starts = [from, ...joints.map(j => j.end)]
  const pieces = starts.map((start, i) => ({ start, end: ends[i]! }))
  const next = text.slice(pieces[1]!.start, pieces[1]!.end)
  const name = noun ?? next.slice(0, tailOf(next, region))
  return [...byCommas(text, pieces[0]!, name, region), ...pieces.slice(1)]
}

/** "oat, soy" of "oat, soy or almond milk": parted where every piece is the name of a thing. */
function byCommas(text: string, first: Piece, name: string, region: Region): Piece[] {
  const body = text.slice(first.start, first.end)
  const cuts = [...body.matchAll(/\s*,\s+/gu)]
  if (!cuts.length) return [first]
  const pieces: Piece[] = []
  let at = first.start
  for (const cut of cuts) {
    pieces.push({ start: at, end: first.start + cut.index })
    at = first.start + cut.index + cut[0].length
  }
  pieces.push({ start: at, end: first.end })
  const isThing = (piece: Piece) => {
    const words = text.slice(piece.start, piece.end).trim()
    const bare = words.slice(Math.max(0, leadOf(words, 0, region)?.end ?? 0))
    return (
      wordsOf(bare).length <= 4 &&
      (mentionsIn(bare, region).mentions.length > 0 ||
        mentionsIn(withNoun(bare.trim(), [name], region), region).mentions.some(
          m => m.start < bare.trim().length,
        ))
    )
  }
  return pieces.every(isThing) ? pieces : [first]
}

interface Named {
  readonly lead: Quantity | null
  readonly name: string
  readonly tail: string
  readonly span: Span
}

function namedIn(text: string, piece: Piece, region: Region): Named {
  const lead = leadOf(text, piece.start, region)
  const from = lead && lead.end <= piece.end ? lead.end : piece.start
  const raw = text.slice(from, piece.end)
  const skip = /^(?:[\s,;:()/–—-]|of\s|either\s|an?\s|some\s|the\s)*/iu.exec(raw)![0].length
  const rest = raw.slice(skip)
  const end = tailOf(rest, region)
  return {
    lead: from === piece.start ? null : lead,
    name: rest.slice(0, end).trim(),
    tail: rest.slice(end),
    span: [from + skip, from + skip + end],
  }
}

/** Whole lines of the pieces: each with its noun, its amount or the first one's, and what is said behind. */
function wholeLines(
  text: string,
  pieces: readonly Piece[],
  region: Region,
): Omit<LineChoice, 'condition'>[] {
  const named = pieces.map(piece => namedIn(text, piece, region))
  const first = named[0]!
  const last = named.at(-1)!
  return named.map((each, i) => {
    // Two things with an amount each share no noun: "4 eggs or 8 egg whites".
    const others = [...named.slice(i + 1), ...named.slice(0, i).reverse()]
      .filter(other => !(each.lead && other.lead))
      .map(other => other.name)
    const name = withNoun(each.name, others, region)
    const whole = i > 0 && !each.lead ? described(first.name, name, region) : name
    const lead = each.lead ?? first.lead
    const amount = lead ? text.slice(lead.start, lead.end) : ''
    const tail = i === named.length - 1 || (!each.tail.trim() && !last.lead) ? last.tail : each.tail
    return { text: tidy(`${amount.trim()} ${whole}${tail}`), span: each.span }
  })
}

const bracket = /\(([^()]*)\)/gu

/** A bracket behind a name: what stands around it, and what it offers in its place. */
interface Bracket {
  readonly outer: Named
  readonly noun: string
  readonly amount: string
  readonly offered: boolean
}

/** A choice in a bracket as a whole line: with its own amount or the line's, and the noun that it shares. */
function bracketed(masked: string, part: Named, bracket: Bracket, region: Region) {
  const { outer, noun, amount, offered } = bracket
  const { mentions, unread } = mentionsIn(part.name, region)
  const short = `${part.name} ${lastWord(noun)}`
  const shares = spans(short, part.name.length, region)
  const stands = mentions.length > 0 || (offered && !shares && unread.length > 0)
  const alone = stands ? part.name : null
  const name = shares && mentions.length ? short : alone
  const own = part.lead ? masked.slice(part.lead.start, part.lead.end).trim() : amount
  const whole = name ?? ofNoun(part.name, noun, region)
  return { text: tidy(`${own || amount} ${whole}${part.tail}${outer.tail}`), span: part.span }
}

/** What one bracket offers, with the line without it where that is a choice too; null for nothing. */
function offeredIn(
  text: string,
  masked: string,
  { hit, amount }: { readonly hit: RegExpMatchArray; readonly amount: string },
  region: Region,
): Omit<LineChoice, 'condition'>[] | null {
  const content = hit[1]!
  const [at, end] = [hit.index!, hit.index! + hit[0].length]
  const outer = namedIn(blank(masked, [at, end]), { start: 0, end: masked.length }, region)
  const noun = outer.name.replace(/\s+/gu, ' ')
  const opens = offers.exec(content.trimStart())
  const skipped = content.length - content.trimStart().length + (opens?.[0].length ?? 0)
  const inside: Piece = { start: at + 1 + skipped, end: end - 1 }
  const pieces = piecesIn(masked, [inside.start, inside.end], region, noun)
  // A bracket stands in for the line where it opens so, names one thing, or says when.
  const instead = opens !== null || text.slice(at + 1, end - 1) !== content
  if (!noun || (!instead && !pieces.length)) return null
  const whole = (pieces.length ? pieces : [inside])
    .map(piece => namedIn(masked, piece, region))
    .filter(part => part.name && !leftOut.test(part.name))
    .map(part => bracketed(masked, part, { outer, noun, amount, offered: opens !== null }, region))
  if (!whole.length) return null
  const spared = { text: tidy(blank(masked, [at, end])), span: outer.span }
  return instead || !pieces.length ? [spared, ...whole] : whole
}

/** "milk (dairy or oat)", "butter (or margarine)", "butter (vegan if needed)": what a bracket offers. */
function inBracket(
  text: string,
  masked: string,
  region: Region,
): Omit<LineChoice, 'condition'>[] | null {
  const lead = leadOf(masked, 0, region)
  const amount = lead ? text.slice(lead.start, lead.end).trim() : ''
  for (const hit of masked.matchAll(bracket)) {
    const found =
      hit.index < (lead?.end ?? 0) ? null : offeredIn(text, masked, { hit, amount }, region)
    if (found) return found
  }
  return null
}

/** ", vegan if you like": a claim and a condition behind the name. */
function claimBehind(
  text: string,
  masked: string,
  region: Region,
): Omit<LineChoice, 'condition'>[] | null {
  const cut = /\s*[,;–—]\s*|\s+-\s+/u.exec(masked)
  if (!cut) return null
  const behind = masked.slice(cut.index + cut[0].length)
  const { claims, mentions } = mentionsIn(behind, region)
  if (!claims.length || mentions.length || masked === text) return null
  const base = namedIn(masked, { start: 0, end: cut.index }, region)
  const amount = base.lead ? text.slice(base.lead.start, base.lead.end).trim() : ''
  return [
    { text: tidy(masked.slice(0, cut.index)), span: base.span },
    {
      text: tidy(`${amount} ${claims.map(c => c.words).join(' ')} ${base.name}`),
      span: [cut.index + cut[0].length, masked.length],
    },
  ]
}

/** Is one a thing of the kind that the other names: walnuts of nuts, cinnamon of spices? */
function isMember(name: string, kind: string, region: Region): boolean {
  const one = mainMention(mentionsIn(name, region).mentions)?.ingredient
  const all = mainMention(mentionsIn(kind, region).mentions)?.ingredient
  if (!one || !name) return false
  return all
    ? all.kind === one.kind && all.id !== one.id
    : /^(?:spices?|sweeteners?|fats?|nuts?|seeds?|fruits?|toppings?|flavourings?)$/iu.test(
        kind.trim(),
      )
}

/** "milk, dairy or oat": descriptions behind the name, each of them a kind of it. */
function kindsBehind(
  masked: string,
  pieces: readonly Piece[],
  region: Region,
): Omit<LineChoice, 'condition'>[] | null {
  const first = masked.slice(pieces[0]!.start, pieces[0]!.end)
  const comma = /\s*[,:]\s*|\s+[–—-]\s+/u.exec(first)
  if (!comma) return null
  const base = namedIn(
    masked,
    { start: pieces[0]!.start, end: pieces[0]!.start + comma.index },
    region,
  )
  const start = pieces[0]!.start + comma.index + comma[0].length
  const parts = [{ start, end: pieces[0]!.end }, ...pieces.slice(1)].map(piece =>
    namedIn(masked, piece, region),
  )
  const noun = lastWord(base.name)
  const kinds = parts.every(
    part => part.name && spans(`${part.name} ${noun}`, part.name.length, region),
  )
  // "nuts - almonds or walnuts": the things of a kind, each by its own name.
  const members = parts.every(part => isMember(part.name, base.name, region))
  if (!kinds && !members) return null
  const amount = base.lead ? masked.slice(base.lead.start, base.lead.end).trim() : ''
  return parts.map(part => ({
    text: tidy(`${amount} ${part.name}${kinds ? ` ${noun}` : ''}${parts.at(-1)!.tail}`),
    span: part.span,
  }))
}

/** "(optional, omit for nut allergy)": it may go, and nothing stands for it. */
const leftOut = /^(?:omit|leave\s+(?:it|them|this)?\s*out|leave|skip|optional|without)\b/iu
const nothing = pattern(
  'iu',
  String.raw`^[\s\d.,/½¼¾⅓⅔-]*(?:more|less|so|to\s+taste|as\s+(?:needed|required)|until|about|`,
  String.raw`two|three|four)?\b[\s.]*$`,
)

/**
 * The choices that a line offers, each as a whole line: nouns, amounts and describing words are
 * spread over "or", "/", commas, brackets and "either"; a claim word stays with its own noun, and a
 * condition ("if vegan") is kept apart. One choice, the text itself, when it offers none.
 */
export function choicesOf(text: string, region: Region): readonly LineChoice[] {
  const only: readonly LineChoice[] = [{ text, span: [0, text.length], condition: null }]
  if (!mayOffer.test(text)) return only
  const { masked: whole, spans: said } = conditionsIn(text)
  const masked = withoutExamples(whole)
  const lead = leadOf(masked, 0, region)
  const pieces = piecesIn(blankBrackets(masked), [lead?.end ?? 0, masked.length], region).map(
    (piece, i) => (i === 0 ? { ...piece, start: 0 } : piece),
  )
  const offered = pieces.filter(piece => {
    const words = masked.slice(piece.start, piece.end)
    return !nothing.test(words) && !leftOut.test(words.trim())
  })
  const found =
    (offered.length > 1 &&
    offered[0] === pieces[0] &&
    offered.every(piece => namedIn(masked, piece, region).name)
      ? (kindsBehind(masked, offered, region) ?? wholeLines(masked, offered, region))
      : null) ??
    inBracket(text, masked, region) ??
    claimBehind(text, masked, region)
  if (!found) return only
  const kept = distinct(
    found.filter(choice => choice.text && namesSomething(choice.text, region)),
    region,
  )
  if (kept.length < 2)
    return kept.length && readsOtherwise(text, kept[0]!.text, region)
      ? [{ ...kept[0]!, condition: null }]
      : only
  return kept.map((choice, i) => ({
    ...choice,
    condition: i === 0 ? null : conditionNear(text, choice.span, kept, said),
  }))
}

/** "plant milk such as oat or soy": what is named as an example parts nothing. */
function withoutExamples(text: string): string {
  const at = text.search(examples)
  if (at < 0) return text
  const closed = text.indexOf(')', at)
  const end = closed < 0 ? text.length : closed
  return text.slice(0, at) + ' '.repeat(end - at) + text.slice(end)
}

/** Would the line by itself be read as something else than the one thing that all its choices are? */
function readsOtherwise(text: string, choice: string, region: Region): boolean {
  if (mentionsIn(text, region).unread.some(word => !/^\d/u.test(word))) return true
  const idOf = (words: string) => mainMention(mentionsIn(words, region).mentions)?.ingredient.id
  const { name } = namedIn(text, { start: 0, end: text.length }, region)
  return idOf(name) !== idOf(choice)
}

/** Brackets are looked at by themselves: their joints part nothing outside. */
const blankBrackets = (text: string) =>
  text.replace(/\([^()]*\)/gu, hit =>
    `(${'x'.repeat(Math.max(0, hit.length - 2))})`.slice(0, hit.length),
  )

/** The same thing twice ("salted or unsalted butter") is no choice. */
function distinct<T extends { readonly text: string }>(choices: readonly T[], region: Region): T[] {
  const seen = new Set<string>()
  return choices.filter(({ text }) => {
    const { mentions, unread } = mentionsIn(text, region)
    const main = mainMention(mentions)
    const open = unread.filter(word => !/^\d/u.test(word))
    const part = fruitPart(text, region)
    const key = main && !open.length ? (part ?? main.ingredient).id : text.toLowerCase()
    if (seen.has(key)) return false
    seen.add(key)
    return true
  })
}

/** The condition that stands behind a choice and before the next one, or right before it. */
function conditionNear(
  text: string,
  [from, to]: Span,
  all: readonly { readonly span: Span }[],
  said: readonly Span[],
): string | null {
  const next = Math.min(text.length, ...all.map(c => c.span[0]).filter(start => start >= to))
  const near =
    said.find(([start]) => start >= from && start < next && all.some(c => c.span[0] !== from)) ??
    said.find(([, end]) => end <= from && from - end <= 8)
  return near && from > 0 ? text.slice(...near) : null
}
