import {
  takable,
  kitchenNumber,
  readAmount,
  takableParts,
  type Region,
  type Unit,
  pattern,
} from '../../measure'
import { quantitiesOf } from './amounts'
import type { Line } from '../recipe'

const spoonLike: ReadonlySet<string> = new Set([...Object.keys(takableParts), 'pinch', 'dash', ''])
const metric: ReadonlySet<string> = new Set(['kg', 'l'])

const isWrittenInParts = (unit: Unit | null): boolean =>
  (spoonLike.has(unit?.id ?? '') || unit?.kind === 'count') && !metric.has(unit?.id ?? '')

/**
 * A number as it is written beside that unit: fractions for spoons, cups and pieces, decimals for
 * the rest.
 */
function written(n: number, unit: Unit | null): string {
  const near = isWrittenInParts(unit) ? takable(unit?.id ?? '', n) : null
  const fraction = near === null ? '0' : kitchenNumber(near)
  if (fraction !== '0' && Math.abs(valueOf(fraction) - n) / n < 0.02) return fraction
  return String(Number(n.toFixed(n >= 10 ? 0 : 2)))
}
const valueOf = (text: string) => readAmount(text, 0)?.amount.low ?? 0

const amountBegins = pattern(
  'iu',
  String.raw`(?<![\p{L}\d.,/])(?:[\d½⅓¼¾⅔⅛⅜⅝⅞]|(?:an?|one|two|three|four|five|six|half|`,
  String.raw`quarter|a\s+dozen|twelve)\b)`,
)

const packOrProduct = pattern(
  'iu',
  String.raw`[x×*(]|\d[\s-]*(?:g|ml|oz|ounce|lb|kg)\b.*\b(?:tins?|cans?|packs?|packets?|`,
  String.raw`packages?|bags?|jars?|tubs?|pots?|cartons?|box(?:es)?|sheets?)\b`,
)

/**
 * The line's text with every amount times `by`; packs are counted anew, not resized. Words without
 * a number stay.
 */
export function scaledText(
  line: Pick<Line, 'text'> & Partial<Pick<Line, 'orElse' | 'reads'>>,
  by: number,
  region: Region,
): string {
  if (!line.orElse?.length) return scaledWords(line.text, by, region)
  // Each choice has its own amount: "2 eggs or 100 g apple purée".
  return [
    scaledWords(line.reads ?? line.text, by, region),
    ...line.orElse.map(other =>
      [scaledWords(other.text, by, region), other.condition].filter(Boolean).join(' '),
    ),
  ].join(' or ')
}

function scaledWords(words: string, by: number, region: Region): string {
  let text = words
  const spans: { start: number; end: number; to: string }[] = []
  for (const q of quantitiesOf(text, region)) {
    const piece = words.slice(q.start, q.end)
    const isPack = packOrProduct.test(piece)
    const counted = isPack ? null : q.unit
    let from = 0
    for (let n = 0; n < (isPack ? 1 : 4); n++) {
      const at = piece.slice(from).search(amountBegins)
      if (at < 0) break
      const found = readAmount(piece, from + at)
      if (!found) break
      const { low, high } = found.amount
      spans.push({
        start: q.start + from + at,
        end: q.start + found.end,
        to:
          low === high
            ? written(low * by, counted)
            : `${written(low * by, counted)}–${written(high * by, counted)}`,
      })
      from = found.end
    }
  }
  for (const { start, end, to } of spans.sort((a, b) => b.start - a.start))
    text =
      `${text.slice(0, start)}${to}` +
      (/^\p{L}/u.test(text.slice(end)) && /\p{L}$/u.test(text.slice(start, end)) ? ' ' : '') +
      `${text.slice(end)}`
  return text
}

/** The words of a line's first choice at the new size; nothing where it offers none. */
export const scaledReads = (
  { reads }: Pick<Line, 'reads'>,
  by: number,
  region: Region,
): Pick<Line, 'reads'> => (reads ? { reads: scaledWords(reads, by, region) } : {})
