/** Numbers as people write them in recipes. */
const vulgar: Readonly<Record<string, number>> = {
  '¼': 1 / 4,
  '½': 1 / 2,
  '¾': 3 / 4,
  '⅐': 1 / 7,
  '⅑': 1 / 9,
  '⅒': 1 / 10,
  '⅓': 1 / 3,
  '⅔': 2 / 3,
  '⅕': 1 / 5,
  '⅖': 2 / 5,
  '⅗': 3 / 5,
  '⅘': 4 / 5,
  '⅙': 1 / 6,
  '⅚': 5 / 6,
  '⅛': 1 / 8,
  '⅜': 3 / 8,
  '⅝': 5 / 8,
  '⅞': 7 / 8,
  '↉': 0,
}
const fewWords: Readonly<Record<string, number>> = {
  'half a dozen': 6,
  'a dozen': 12,
  'dozen': 12,
  'three quarters of a': 0.75,
  'three quarters': 0.75,
  'a quarter of a': 0.25,
  'quarter of a': 0.25,
  'a quarter': 0.25,
  'quarter': 0.25,
  'two thirds of a': 2 / 3,
  'two thirds': 2 / 3,
  'one quarter': 0.25,
  'a third of a': 1 / 3,
  'one third': 1 / 3,
  'a third': 1 / 3,
  'half of a': 0.5,
  'half an': 0.5,
  'half a': 0.5,
  'one half': 0.5,
  'a half': 0.5,
  'half': 0.5,
  'a couple of': 2,
  'a couple': 2,
  'one': 1,
  'two': 2,
  'three': 3,
  'four': 4,
  'five': 5,
  'six': 6,
  'seven': 7,
  'eight': 8,
  'nine': 9,
  'ten': 10,
  'eleven': 11,
  'twelve': 12,
  'fifteen': 15,
  'sixteen': 16,
  'eighteen': 18,
  'twenty': 20,
  // German and French, as recipes count.
  'ein': 1,
  'eine': 1,
  'einen': 1,
  'einer': 1,
  'zwei': 2,
  'drei': 3,
  'vier': 4,
  'fünf': 5,
  'sechs': 6,
  'ein halber': 0.5,
  'eine halbe': 0.5,
  'einer halben': 0.5,
  'halbe': 0.5,
  'un': 1,
  'une': 1,
  'un demi': 0.5,
  'une demi': 0.5,
  'deux': 2,
  'trois': 3,
  'quatre': 4,
  'cinq': 5,
  'an': 1,
  'a': 1,
}
const tens = {
  twenty: 20,
  thirty: 30,
  forty: 40,
  fifty: 50,
  sixty: 60,
  seventy: 70,
  eighty: 80,
  ninety: 90,
}
const ones = { one: 1, two: 2, three: 3, four: 4, five: 5, six: 6, seven: 7, eight: 8, nine: 9 }
/** "thirteen" … "ninety-nine", as times are told. */
const larger: Readonly<Record<string, number>> = {
  thirteen: 13,
  fourteen: 14,
  seventeen: 17,
  nineteen: 19,
  ...Object.fromEntries(
    Object.entries(tens).flatMap(([ten, n]) => [
      [ten, n],
      ...Object.entries(ones).map(([one, m]) => [`${ten} ${one}`, n + m]),
    ]),
  ),
}
const words: Readonly<Record<string, number>> = { ...fewWords, ...larger }
const parts: Readonly<Record<string, number>> = { half: 0.5, quarter: 0.25, third: 1 / 3 }

const glyphs = Object.keys(vulgar).join('')
const wordList = Object.keys(words)
  .sort((a, b) => b.length - a.length)
  .map(word => word.replace(/[ -]/g, '[\\s-]+'))
  .join('|')

const mixedGlyph = new RegExp(`(\\d{1,4})(?:\\s+and\\s+|\\s*[-–&+]\\s*|\\s*)([${glyphs}])`, 'uy')
const mixedSlash = /(\d{1,4})(?:\s+and\s+|\s*[-–&+]\s*|\s+)(\d{1,2})\s*[/⁄]\s*(\d{1,3})(?!\d)/uy
const slash = /(\d{1,3})\s*[/⁄]\s*(\d{1,3})(?!\d)/uy
const glyph = new RegExp(`[${glyphs}]`, 'uy')
const grouped = /\d{1,3}(?:[,'’\u202f]\d{3})+(?![\d,])/uy
const decimal = /\d{1,6}(?:[.,·]\d{1,15})?(?!\d)|[.,]\d{1,15}(?!\d)/uy
const word = new RegExp(`(?:${wordList})(?![\\p{L}\\d])`, 'iuy')
const andPart = /\s+and\s+(?:(an?|one|two|three)[\s-]+)?(half|quarter|third)s?(?![\p{L}\d])/iuy
const partOf = (found: RegExpExecArray) =>
  (words[found[1]?.toLowerCase() ?? 'one'] ?? 1) * parts[found[2]!.toLowerCase()]!

/**
 * "21/4 cups" is two and a quarter whose blank was lost, not five and a quarter: the split reading
 * where the last digit makes a proper kitchen fraction of what stands before it. Null where the
 * fraction is a plain one.
 */
export function splitFraction(above: string, below: string): number | null {
  const [whole, part] = [Number(above.slice(0, -1)), Number(above.slice(-1))]
  const kitchen = [2, 3, 4, 8].includes(Number(below))
  return above.length > 1 &&
    kitchen &&
    Number(above) > Number(below) &&
    part > 0 &&
    part < Number(below)
    ? whole + part / Number(below)
    : null
}

const at = (pattern: RegExp, text: string, from: number) => {
  pattern.lastIndex = from
  return pattern.exec(text)
}

/**
 * The number written in `text` at `from`, and where it ends: 2, 1.5, 1,5, 1,000, 1/2, 1 1/2, 1-1/2,
 * ½, 1½, "one and a half", "half a", "a dozen". Null when no number stands there or a fraction has
 * no meaning (a zero below, 3/0).
 */
export function readNumber(text: string, from: number): { value: number; end: number } | null {
  let found = at(mixedGlyph, text, from)
  if (found) return { value: Number(found[1]) + vulgar[found[2]!]!, end: from + found[0].length }
  found = at(mixedSlash, text, from)
  if (found && Number(found[2]) < Number(found[3]))
    return {
      value: Number(found[1]) + Number(found[2]) / Number(found[3]),
      end: from + found[0].length,
    }
  found = at(slash, text, from)
  if (found) {
    if (!(Number(found[2]) > 0)) return null
    const end = from + found[0].length
    const split = splitFraction(found[1]!, found[2]!)
    return { value: split ?? Number(found[1]) / Number(found[2]), end }
  }
  found = at(glyph, text, from)
  if (found) return { value: vulgar[found[0]]!, end: from + found[0].length }
  found = at(grouped, text, from)
  if (found) return { value: Number(found[0].replace(/[^\d]/g, '')), end: from + found[0].length }
  found = at(decimal, text, from)
  if (found) return withPart(text, Number(found[0].replace(/[,·]/, '.')), from + found[0].length)
  found = at(word, text, from)
  if (!found) return null
  const value = words[found[0].toLowerCase().replace(/[\s-]+/g, ' ')]!
  const end = from + found[0].length
  const more = at(andPart, text, end)
  return more && value >= 1
    ? { value: value + partOf(more), end: end + more[0].length }
    : { value, end }
}

/** "1 and a half cups": a whole number with a part behind it in words. */
function withPart(text: string, value: number, end: number): { value: number; end: number } {
  const more = Number.isInteger(value) ? at(andPart, text, end) : null
  return more ? { value: value + partOf(more), end: end + more[0].length } : { value, end }
}

/** "and a half" after a unit ("a stick and a half"): the part of one more, and where it ends. */
export function readPartAfter(text: string, from: number): { value: number; end: number } | null {
  const found = at(andPart, text, from)
  return found ? { value: partOf(found), end: from + found[0].length } : null
}
