import { readNumber } from './number'

/** How much, as written: a single figure has `low` and `high` alike. In the units that stand behind it. */
export interface Amount {
  readonly low: number
  readonly high: number
}

const about =
  /(?:about|approximately|approx\.?|around|roughly|circa|ca\.?|up to|at least|between|from|~|≈)\s*/iuy
const separator = /\s*(?:-|–|—|−|\bto\b|\bor\b|\band\b)\s*/iuy

const few = /(?:(?:a\s+)?few|several)(?![\p{L}])/iuy

const skip = (pattern: RegExp, text: string, from: number) => {
  pattern.lastIndex = from
  const found = pattern.exec(text)
  return found ? from + found[0].length : from
}

const dozens = /\s*(?:dozen|doz\.?)(?![\p{L}])/iuy

/** "2 dozen", "1-2 dozen": what was counted by the dozen. */
function counted(
  text: string,
  found: { amount: Amount; end: number },
): { amount: Amount; end: number } {
  const end = skip(dozens, text, found.end)
  return end === found.end
    ? found
    : { amount: { low: 12 * found.amount.low, high: 12 * found.amount.high }, end }
}

/**
 * The amount at `from`: a number or a range ("2–3", "2 to 3", "between 2 and 3"), after an optional
 * "about"; dozens are counted out. Null when there is none. A range that runs downwards ("3-1") is
 * not one: its first number is taken.
 */
export function readAmount(text: string, from: number): { amount: Amount; end: number } | null {
  const start = skip(about, text, from)
  const between = /between/i.test(text.slice(from, start))
  const several = skip(few, text, start)
  if (several > start) return { amount: { low: 2, high: 4 }, end: several }
  const first = readNumber(text, start)
  if (!first) return null
  const single = counted(text, { amount: { low: first.value, high: first.value }, end: first.end })
  const gap = skip(separator, text, first.end)
  if (gap === first.end || single.end > first.end) return single
  const joint = text.slice(first.end, gap).trim().toLowerCase()
  if (joint === 'and' && !between) return single
  const second = readNumber(text, gap)
  // "2 or a few", "1 - a pinch": a worded number after a dash starts something else.
  if (
    !second ||
    second.value <= first.value ||
    (/^[a-z]/i.test(text.slice(gap)) && !/^(?:to|or|and)$/.test(joint)) ||
    /^an?\b/i.test(text.slice(gap))
  )
    return single
  return counted(text, { amount: { low: first.value, high: second.value }, end: second.end })
}
