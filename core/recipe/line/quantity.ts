import {
  readAmount,
  readPartAfter,
  readUnit,
  splitFraction,
  unitById,
  type Amount,
  type Unit,
  pattern,
} from '../../measure'

/** One statement of how much: "1½ cups", "2 (400 g) tins", "about 3". `unit` null is a bare count. */
export interface Quantity {
  readonly amount: Amount
  readonly unit: Unit | null
  readonly start: number
  readonly end: number
}

const skip = (pattern: RegExp, text: string, from: number) => {
  pattern.lastIndex = from
  const found = pattern.exec(text)
  return found ? from + found[0].length : from
}
const space = /[\s\u00a0]*/uy
const filling = pattern(
  'iuy',
  String.raw`(?:(?:level|scant|heaped|heaping|rounded|generous|good|large|medium|small|big|`,
  String.raw`whole|full|slightly|tall|short|squat|tiny|huge|fat|packed)[\s-]+)+`,
)
const articleBefore =
  /an?\s+(?=(?:scant|generous|good|heaped|heaping|rounded|level|full|further|total)\s+[\d½¼¾⅓⅔])/iuy
const multiply = /\s*[x×*]\s*/iuy
const openBracket = /\s*[([]\s*(?:about|approx\.?|each)?\s*/iuy
const closeBracket = /\s*(?:each)?\s*[)\]]\s*/iuy
const dimension = /^\s*-?\s*(?:cm|mm|inch(?:es)?|in\.|"|”|″|centimet(?:re|er)s?)(?![\p{L}])/iu
const hyphen = /[\s-]*/uy
const rangeAgain = /\s*(?:-|–|—|to)\s*/iuy

const scaled = (a: Amount, b: Amount): Amount => ({ low: a.low * b.low, high: a.high * b.high })
const isPackSize = (unit: Unit | null) => unit?.kind === 'mass' || unit?.kind === 'volume'

/**
 * "1.000 g" is a thousand grams, and "1,250 kg" one and a quarter: which mark parts thousands is
 * told by the unit.
 */
function thousand(number: string, unit: Unit): number {
  if ((unit.id === 'g' || unit.id === 'ml') && /^[1-9]\d?\.\d{3}$/u.test(number)) return 1000
  return (unit.id === 'kg' || unit.id === 'l') && /^\d,\d{3}$/u.test(number) ? 0.001 : 1
}

/** An amount with its unit at `from`, without packs: "1½ cups", "a stick and a half", "100 g to 120 g". */
const littleOf = /^\s+(?:little|bit|lot|touch|smear|drop\s+more|dusting|sprinkling)\b/iu
/** "a little oil", "a bit of milk": an article before no figure. */
const isLittle = (text: string, lead: number, end: number) =>
  /^an?$/iu.test(text.slice(lead, end).trim()) && littleOf.test(text.slice(end))
/** "9-inch pie crust", "a 20 cm tin": a size, not how much; "5 cm piece of ginger" is. */
const isSize = (text: string, end: number) =>
  dimension.test(text.slice(end)) && readUnit(text, skip(hyphen, text, end))?.unit.kind !== 'count'
/** "1 cup to 2 cups": the second figure of a range that says its unit twice. */
function rangeTo(text: string, end: number, unit: Unit, least: number) {
  const again = skip(rangeAgain, text, end)
  if (again === end) return null
  const second = readAmount(text, again)
  const twice = second && readUnit(text, skip(space, text, second.end))
  if (!second || twice?.unit.id !== unit.id || second.amount.high <= least) return null
  return { high: second.amount.high, end: twice.end }
}
function readPlain(text: string, from: number): Quantity | null {
  const start = skip(space, text, from)
  // "a scant 2 cups": the article counts nothing before a number.
  const lead = skip(filling, text, skip(articleBefore, text, start))
  const found = readAmount(text, lead)
  if (!found || isLittle(text, lead, found.end) || isSize(text, found.end)) return null
  const afterWords = skip(filling, text, skip(space, text, found.end))
  const read = readUnit(text, afterWords) ?? readUnit(text, skip(hyphen, text, found.end))
  if (!read) return { amount: found.amount, unit: null, start, end: found.end }
  const { unit } = read
  const part = readPartAfter(text, read.end)
  const by = thousand(text.slice(lead, found.end), unit)
  const { low, high } = found.amount
  const amount = part
    ? { low: low + part.value, high: high + part.value }
    : { low: low * by, high: high * by }
  const end = part?.end ?? read.end
  const range = amount.low === amount.high ? rangeTo(text, end, unit, amount.low) : null
  return range
    ? { amount: { low: amount.low, high: range.high }, unit, start, end: range.end }
    : { amount, unit, start, end }
}

const container = (text: string, from: number) => {
  const read = readUnit(text, skip(hyphen, text, from))
  return read && (read.unit.kind === 'count' || read.unit.id === 'stick-butter') ? read : null
}

/** Things that are no packs: "4 squares (4 oz) chocolate" says the same twice. */
const noPacks: ReadonlySet<string> = new Set([
  'square',
  'slice',
  'sheet',
  'piece',
  'stalk',
  'head',
  'pod',
  'sprig',
  'cm-piece',
  'inch-piece',
])

/**
 * "2 (400 g) tins", "2 x 400 g tins", "1 400g tin", "a 14-ounce can": the whole weight or volume of
 * the packs.
 */
/** "400 g tin" with no count before it is one tin of 400 g. */
function onePack(text: string, first: Quantity): Quantity | null {
  const box = isPackSize(first.unit) && container(text, first.end)
  return box ? { ...first, end: box.end } : null
}
const eachOfThem = /^[^)]*\)?\s*each\b|^[^)]*\beach\b/iu
/** A unit that is counted, but holds nothing ("2 eggs (100 g)"), where no “each” makes it packs. */
const holdsNothing = (text: string, { unit, end }: Quantity) =>
  unit !== null && noPacks.has(unit.id) && !eachOfThem.test(text.slice(end, end + 24))
/** How much each pack holds, behind “×” (`crossed`), in brackets, or after a space; with its end. */
function packSize(text: string, first: Quantity, crossed: number) {
  const isCrossed = crossed > first.end
  const opened = isCrossed ? crossed : skip(openBracket, text, first.end)
  const isBracketed = opened > first.end && !isCrossed
  const size = readPlain(text, opened > first.end ? opened : skip(space, text, first.end))
  if (!size || !isPackSize(size.unit)) return null
  const end = isBracketed ? skip(closeBracket, text, size.end) : size.end
  return isBracketed && end === size.end ? null : { size, end }
}
function readPacks(text: string, first: Quantity): Quantity | null {
  if (first.unit && first.unit.kind !== 'count') return onePack(text, first)
  const crossed = skip(multiply, text, first.end)
  const isCrossed = crossed > first.end
  if (!isCrossed && holdsNothing(text, first)) return null
  const found = packSize(text, first, crossed)
  if (!found) return null
  const { size, end } = found
  const box = container(text, end)
  if (!box && !first.unit && !isCrossed) return null
  return {
    amount: scaled(first.amount, size.amount),
    unit: size.unit,
    start: first.start,
    end: box?.end ?? end,
  }
}

const sameKind = (a: Unit | null, b: Unit | null) =>
  a !== null && b !== null && a.kind === b.kind && a.kind !== 'count' && a.kind !== 'vague'
const plus = /\s*(?:\+|plus|and|&)\s*/iuy
const less = /\s*,?\s*(?:less|minus)\s+/iuy

/** What stands behind a larger measure without a joint: "1 lb 4 oz". */
const smaller: Readonly<Record<string, string>> = { lb: 'oz', kg: 'g', l: 'ml', pint: 'fl-oz' }

/** Spoons of a cup come out with digits that nobody measures. */
const tidy = (n: number) => Math.round(n * 1e6) / 1e6

/** Adds "plus 2 tablespoons", "+ ½ tsp" to a cup: in millilitres or grams of the region's own measures. */
function readSum(text: string, first: Quantity, sizeOf: (unit: Unit) => number): Quantity {
  let sum = first
  for (;;) {
    const taken = skip(less, text, sum.end)
    const next = taken > sum.end ? taken : skip(plus, text, sum.end)
    const beside = next === sum.end ? skip(space, text, sum.end) : next
    const more = beside > sum.end ? readPlain(text, beside) : null
    if (
      !more ||
      !sameKind(sum.unit, more.unit) ||
      (next === sum.end && more.unit?.id !== smaller[sum.unit?.id ?? ''])
    )
      return sum
    const ratio = ((taken > sum.end ? -1 : 1) * sizeOf(more.unit!)) / sizeOf(sum.unit!)
    if (sum.amount.low + more.amount.low * ratio <= 0) return sum
    sum = {
      amount: {
        low: tidy(sum.amount.low + more.amount.low * ratio),
        high: tidy(sum.amount.high + more.amount.high * ratio),
      },
      unit: sum.unit,
      start: sum.start,
      end: more.end,
    }
  }
}

const smallPacks = pattern(
  'iuy',
  String.raw`\s*(\d{1,2})\s+(?=(?:\d\s*[/⁄]\s*\d|[¼½¾⅓⅔⅛])\s*-\s*(?:ounce|oz|pound|lb|cup|pint)\b)`,
)

/** "2 1/4-ounce envelopes": two packs of a quarter ounce, which could be read as 2¼. */
function readSmallPacks(text: string, from: number): Quantity | null {
  smallPacks.lastIndex = from
  const found = smallPacks.exec(text)
  const size = found && readPlain(text, from + found[0].length)
  const box = size && container(text, size.end)
  if (!box || !isPackSize(size.unit)) return null
  const count = Number(found[1])
  return {
    ...size,
    amount: scaled(size.amount, { low: count, high: count }),
    start: from,
    end: box.end,
  }
}

/** Is an amount, as it is written, one that can be read in two ways? What else it may be, in words. */
export function otherReading(words: string): { readonly is: string; readonly or: string } | null {
  const packs = /^\s*(\d{1,2})\s+(\d\s*[/⁄]\s*\d|[¼½¾⅓⅔⅛])\s*-\s*(\p{L}+)\s+\p{L}/iu.exec(words)
  if (packs)
    return {
      is: `${packs[1]} × ${packs[2]} ${packs[3]}`,
      or: `${packs[1]} ${packs[2]} ${packs[3]}`,
    }
  const found = /^\s*(\d{1,3})\s*[/⁄]\s*(\d{1,2})(?!\d)/u.exec(words)
  if (!found || Number(found[1]) <= Number(found[2])) return null
  const [, above, below] = found as unknown as [string, string, string]
  const split = splitFraction(above, below)
  const whole = Math.floor(Number(above) / Number(below))
  const rest = Number(above) - whole * Number(below)
  const plain = rest ? `${whole} ${rest}/${below}` : String(whole)
  return split === null
    ? { is: plain, or: `${above}/${below}` }
    : { is: `${above.slice(0, -1)} ${above.slice(-1)}/${below}`, or: plain }
}

/** The amount that stands at `from`, packs and sums included. Null when no number stands there. */
export function readQuantity(
  text: string,
  from: number,
  sizeOf: (unit: Unit) => number,
): Quantity | null {
  const few = readSmallPacks(text, from)
  if (few) return few
  const first = readPlain(text, from)
  if (!first) return null
  // "A 2 cm piece of ginger": the article counts nothing.
  const long = first.unit ? null : readPlain(text, skip(space, text, first.end))
  if (long?.unit && (long.unit.id === 'cm-piece' || long.unit.id === 'inch-piece'))
    return { ...long, amount: scaled(first.amount, long.amount), start: first.start }
  const packs = readPacks(text, first)
  return packs ?? readSum(text, first, sizeOf)
}

/** "a little", "some", "a drizzle of" and the like: a word for an amount without a number. */
export function readVague(text: string, from: number): Quantity | null {
  const start = skip(space, text, from)
  const read = readUnit(text, skip(filling, text, start))
  return read?.unit.kind === 'vague'
    ? { amount: { low: 1, high: 1 }, unit: unitById(read.unit.id)!, start: from, end: read.end }
    : null
}
