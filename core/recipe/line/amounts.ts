import { millilitresIn, pattern, readUnit, type Region, type Unit } from '../../measure'
import { findMentions } from '../../pantry'
import { readQuantity, readVague, type Quantity } from './quantity'

/** Every amount that a line states, the leading one first. */
export const sizeOf = (region: Region) => (unit: Unit) => millilitresIn(unit, region) ?? unit.g ?? 1

export interface FoundAmount {
  readonly main: Quantity | null
  readonly others: readonly Quantity[]
}

/** ", plus extra for dusting", "and 1 tsp for the tin": what is said of the extra is not said of the line. */
export const extra = pattern(
  'iu',
  String.raw`[\s,;(]+(?:plus|and|with|\+)\s+(?:(?:a\s+(?:little|bit)|some|extra|more|`,
  String.raw`plenty)\b|(?:an?\s|\d|[½¼¾])[^,;]{0,40}?\s(?:extra\s+)?(?:for|to)\s+(?:greas|`,
  String.raw`dust|roll|brush|sprinkl|glaz|serv|decorat|finish|coat|the\s)).*$`,
)

/** "Eggs x 3", "egg yolks × 2": how many, behind a cross at the end. */
function timesBehind(text: string): Quantity | null {
  const found = /\s[x×*]\s*(\d{1,3})\s*$/u.exec(text)
  return found
    ? {
        amount: { low: Number(found[1]), high: Number(found[1]) },
        unit: null,
        start: found.index,
        end: text.length,
      }
    : null
}

/** "butter the size of an egg": one, by what it is as large as. */
function sizeBehind(text: string): Quantity | null {
  const at = text.search(/\b(?:the\s+)?size\s+of\b/iu)
  const read = at < 0 ? null : readUnit(text, at)
  return read ? { amount: { low: 1, high: 1 }, unit: read.unit, start: at, end: read.end } : null
}

/**
 * Of further amounts those that speak of the same thing: not the water of "1 Tbsp cornflour mixed
 * with 2 Tbsp water".
 */
function ownOf(text: string, main: Quantity, others: readonly Quantity[]): Quantity[] {
  const foreign = others.findIndex(
    q =>
      q.start > main.end &&
      foreignLead.test(text.slice(main.end, q.start)) &&
      names(text.slice(main.end, q.start)) &&
      names(text.slice(q.end, q.end + 40)),
  )
  return others.slice(0, foreign < 0 ? others.length : foreign)
}
const foreignLead = /\b(?:with|in|into|plus|and|to)\s*$|[+&]\s*$/iu
const names = (text: string) => findMentions(text).mentions.length > 0

/** "(1 tbsp ground flaxseed + 3 tbsp water)": in a bracket, an amount with a thing of its own. */
function isForeign(text: string, { start, end }: Quantity): boolean {
  if (text.lastIndexOf('(', start) <= text.lastIndexOf(')', start)) return false
  const stop = text.slice(end).search(/[,;)+/]|$/u)
  return names(text.slice(end, end + stop))
}

/** Every amount of a line: at its start, behind a colon or dash, in brackets, after a slash. */
export function quantitiesIn(source: string, region: Region): FoundAmount {
  const text = source.replace(extra, '')
  const lead =
    readQuantity(text, 0, sizeOf(region)) ??
    readVague(text, 0) ??
    timesBehind(text) ??
    sizeBehind(text)
  const others = furtherIn(text, lead, region)
  const ofThing = (q: Quantity) =>
    q.unit !== null || findMentions(text.slice(q.end, q.end + 30)).mentions.length > 0
  const main = lead ?? others.find(ofThing) ?? others[0] ?? null
  if (!main) return { main, others: [] }
  const measured = others.filter(q => q !== main && q.unit)
  return { main, others: ownOf(text, main, measured) }
}

/** Every amount behind the leading one; without one every number. */
function furtherIn(text: string, lead: Quantity | null, region: Region): Quantity[] {
  const others: Quantity[] = []
  for (const { index } of text.matchAll(amountBegins)) {
    if (index < (lead?.end ?? 0) || others.some(q => index < q.end)) continue
    const found = readQuantity(text, index, sizeOf(region))
    if (!found || (lead && (!found.unit || isForeign(text, found)))) continue
    others.push(found)
  }
  return others
}
const amountBegins =
  /(?<=[(/[,;:–—=-]\s*|\s)(?=[\d½⅓¼¾⅔⅛])|(?<=\bof\s)(?=\b(?:half|a|an|one|two|three)\b)/giu

/** Every amount that the line states of its thing, the leading one first. */
export function quantitiesOf(text: string, region: Region): Quantity[] {
  const { main, others } = quantitiesIn(text, region)
  return main ? [main, ...others] : []
}

/** Blanks out the amounts so that only the words about the ingredient are left, in their places. */
export function wordsOnly(text: string, found: FoundAmount): string {
  let rest = text
  for (const q of [found.main, ...found.others])
    if (q) rest = rest.slice(0, q.start) + ' '.repeat(q.end - q.start) + rest.slice(q.end)
  return rest
}

const secondJoint = pattern(
  'giu',
  String.raw`[\s,]+(?:(?:mixed|dissolved|stirred|blended|whisked|beaten|combined|`,
  String.raw`soaked)\s+(?:with|in|into)|plus|and|with|[+&])\s+(?=\d|[½¼¾⅓⅔]|an?\s)`,
)

/** Where another thing with an amount of its own begins: "… mixed with 2 Tbsp water". */
export function foreignStart(text: string, main: Quantity | null, region: Region): number {
  if (!main) return text.length
  for (const { index, 0: joint } of text.slice(main.end).matchAll(secondJoint)) {
    const at = main.end + index
    const next = readQuantity(text, at + joint.length, sizeOf(region))
    if (
      next &&
      (next.unit || joint.includes('plus') || /[+&]/u.test(joint) || joint.includes('and')) &&
      names(text.slice(main.end, at)) &&
      names(text.slice(next.end, next.end + 40))
    )
      return at
  }
  return text.length
}
