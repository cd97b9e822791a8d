import { pattern, type Region } from '../../measure'
import { findMentions, partOfFruit } from '../../pantry'
import { extra, sizeOf } from './amounts'
import { fruitLead } from './fruit'
import { withNoun } from './nouns'
import { readQuantity, readVague, type Quantity } from './quantity'

/** Several things that one line lists, each with an amount of its own. */

const each = /\beach\b/i
/** What joins two things that both go in. [P] */
const joints = pattern(
  'giu',
  String.raw`\s*,?\s*(?:[+&]|\b(?:plus|and|with)\b|`,
  String.raw`,?\s*\b\p{L}+(?:ed|en)`,
  String.raw`(?:\s+(?:together|up))?\s+(?:with|in|into|to)\b)\s*|\s*[,;]\s+`,
)

const startAmount = (text: string, region: Region): Quantity | null =>
  readQuantity(text, 0, sizeOf(region)) ?? readVague(text, 0)
const thingsIn = (text: string, region: Region) => findMentions(text, region).mentions

/** "200 g flour", "flour 200 g", "juice of 1 lemon": an amount and what it is of. */
function isMeasured(text: string, region: Region): boolean {
  const lead = fruitLead.exec(text)
  if (lead) return /\d|\b(?:an?|half|one|two)\b|[½¼]/iu.test(text)
  const found = startAmount(text, region)
  if (found)
    return (
      !/^\s*(?:%|per\s*cent)/iu.test(text.slice(found.end)) &&
      thingsIn(text.slice(found.end), region).length > 0
    )
  return /\d\s*(?:\p{L}+\.?)?\s*$/u.test(text) && thingsIn(text, region).length > 0
}

const mainOf = (text: string, region: Region) =>
  thingsIn(text.replace(/,.*$/u, ''), region).at(-1)?.ingredient.id

/**
 * "1 orange" behind "juice of 1 lemon and" is its juice; "juice of 1" behind "zest of 2 lemons
 * and" the lemon's.
 */
function fruitOf(left: string, right: string, region: Region): string {
  const lead = fruitLead.exec(left)
  const own = fruitLead.exec(right)
  if (lead && !own && partOfFruit(thingsIn(right, region), 'juice')) return `${lead[0]}${right}`
  if (own && !thingsIn(right, region).length) {
    const fruit = thingsIn(left, region).find(m => partOfFruit([m], 'juice'))
    return fruit ? `${right} ${fruit.words}` : right
  }
  return right
}

/**
 * Cuts a line where another measured thing begins; every piece has an amount and a thing, and no
 * two are the same.
 */
function measuredThings(text: string, region: Region): string[] {
  const tail = /,?\s+(?:to|for)\s+(?:the\s+)?\p{L}+(?:\s+\p{L}+)?$/iu.exec(text)?.[0] ?? ''
  const body = text.slice(0, text.length - tail.length)
  const found: string[] = []
  let from = 0
  for (const cut of body.matchAll(joints)) {
    const left = body.slice(from, cut.index)
    if (inBrackets(body, cut.index) || !isMeasured(left.trim(), region)) continue
    const behind = body.slice(cut.index + cut[0].length)
    const next = fruitOf(left.trim(), behind, region)
    if (!isMeasured(next, region) || extra.test(body.slice(cut.index)) || said(behind)) continue
    if (
      /^\s*[,;]\s+$/u.test(cut[0]) &&
      !startAmount(behind, region) &&
      !isMeasured(behind.split(/[,;]/u)[0]!, region)
    )
      continue
    found.push(left.trim())
    from = cut.index + cut[0].length
  }
  if (!found.length) return [text]
  const all = [...found, body.slice(from).trim()].reduce<string[]>(
    (done, piece) => [...done, done.length ? fruitOf(done.at(-1)!, piece, region) : piece],
    [],
  )
  const things = all.map(piece => `${mainOf(piece, region)} ${fruitLead.exec(piece)?.[1] ?? ''}`)
  return new Set(things).size === things.length ? all.map(piece => `${piece}${tail}`) : [text]
}

const inBrackets = (text: string, at: number) =>
  text.lastIndexOf('(', at) > text.lastIndexOf(')', at)
/** An amount of the same thing in other words ("1 cup and 2 tbsp flour"), or a size. */
const said = (behind: string) => /^\d+\s*(?:cm|mm|inch)/iu.test(behind)

/** "1 tsp each cinnamon, ginger and nutmeg": one amount for every one of them. */
function eachOf(text: string, region: Region): string[] | null {
  const found = startAmount(text, region)
  if (!each.test(text) || !found) return null
  const rest = text
    .slice(found.end)
    .replace(/\s*\([^()]*\)\s*$/u, '')
    .replace(/^\s*each\s*(?:of)?\s*:?\s*/i, '')
    .replace(/,?\s*\beach\b/i, '')
  const names = rest.split(/\s*(?:,|\band\b|&|\+)\s*/iu).filter(Boolean)
  const whole = names.map((name, i) => withNoun(name, names.slice(i + 1), region))
  return whole.length > 1 && whole.every(name => isOneThing(name, region))
    ? whole.map(name => `${text.slice(0, found.end)} ${name}`)
    : null
}

const isOneThing = (name: string, region: Region) => {
  const { mentions, unread } = findMentions(name, region)
  return mentions.length === 1 && unread.length === 0
}

/** "jam and clotted cream, to serve", "salt and pepper": two things without amounts. */
function unmeasured(text: string, region: Region): string[] | null {
  const [, first, second, tail] =
    /^([^,;(]+?)\s+(?:and|&)\s+([^,;(]+?)((?:,|\s+to\s+|\s+for\s+).*)?$/iu.exec(text) ?? []
  return first && second && isOneThing(first, region) && isOneThing(second, region)
    ? [first, second].map(name => `${name}${tail ?? ''}`)
    : null
}

/**
 * The things of a line as texts of their own: what is joined by "+", "and", "beaten with" or commas
 * and has an amount of its own, what shares one by "each", and two things without any. A line with
 * an "or", and any other, as itself.
 */
export function partThings(text: string, region: Region): string[] {
  const shared = eachOf(text, region)
  if (shared) return shared
  if (/\bor\b/iu.test(text)) return [text]
  if (/\d|[½¼¾⅓⅔]/u.test(text) || fruitLead.test(text) || startAmount(text, region))
    return measuredThings(text, region)
  return unmeasured(text, region) ?? [text]
}
