import { aDay, readAmount, type Amount, type Minutes } from '../../measure'
import { joins, moreThanHour, partOfHour, unitAt } from '../tables/durations'

/** How long, as recipes tell it: from which minute to which, and where it ends. */
export interface Duration {
  readonly low: Minutes
  readonly high: Minutes
  readonly end: number
}

/** By the head of the unit's word; the first that fits. */
const units: readonly (readonly [sign: RegExp, minutes: Minutes])[] = [
  [/^sec/iu, 1 / 60],
  [/^mo/iu, 30 * aDay],
  [/^(?:m|['′’])/iu, 1],
  [/^(?:d|t|j)/iu, aDay],
  [/^(?:w|sem)/iu, 7 * aDay],
]
const minutesIn = (unit: string): Minutes => units.find(([sign]) => sign.test(unit))?.[1] ?? 60

const parts: Readonly<Record<string, number>> = { three: 45, half: 30, quarter: 15, third: 20 }
const times = /\s*[x×]\s*/iuy
const betweenBefore = /\bbetween\s+$/iu

const at = (sign: RegExp, text: string, from: number) => {
  sign.lastIndex = from
  return sign.exec(text)
}

interface Amounts {
  readonly amount: Amount
  readonly end: number
  /** The unit, where it stood between the two ends of it: "4 hours, or up to 24". */
  readonly unit?: string | undefined
}

/** "35, up to 45", "2 × 10", "between 20 and 25": an amount that goes on, before its unit. */
function amountAt(text: string, from: number): Amounts | null {
  const between = betweenBefore.exec(text.slice(Math.max(0, from - 9), from))
  const first = readAmount(between ? `between ${text.slice(from)}` : text, between ? 0 : from)
  if (!first) return null
  const end = between ? first.end - 8 + from : first.end
  const further = at(joins, text, end)
  const second = further && readAmount(text, end + further[0].length)
  if (second && second.amount.low > first.amount.low)
    return {
      amount: { low: first.amount.low, high: second.amount.high },
      end: second.end,
      unit: further?.[1],
    }
  const crossed = at(times, text, end)
  const each = crossed && readAmount(text, end + crossed[0].length)
  return each
    ? {
        amount: {
          low: first.amount.low * each.amount.low,
          high: first.amount.high * each.amount.high,
        },
        end: each.end,
      }
    : { amount: first.amount, end }
}

/** The unit behind an amount, else the one that stood within it. */
function unitOf(text: string, { end, unit }: Amounts): { by: Minutes; end: number } | null {
  const behind = at(unitAt, text, end)
  if (behind) return { by: minutesIn(behind[1]!), end: end + behind[0].length }
  return unit ? { by: minutesIn(unit), end } : null
}

/** The duration that begins at `from`: numbers or words, a range, parts of an hour. Null when none does. */
export function durationAt(text: string, from: number): Duration | null {
  const part = at(partOfHour, text, from)
  if (part) {
    const minutes = parts[(part[1] ?? part[2] ?? part[3])!.toLowerCase()]!
    return { low: minutes, high: minutes, end: from + part[0].length }
  }
  const found = amountAt(text, from)
  if (!found) return null
  const unit = unitOf(text, found)
  if (!unit) return null
  const { by, end } = unit
  const [low, high] = [found.amount.low * by, found.amount.high * by]
  const more = by === 60 ? at(moreThanHour, text, end) : null
  if (!more) return withWords(text, { low, high, end }, by)
  const extra = more[2]
    ? parts[more[2].toLowerCase()]! * (/three/iu.test(more[1] ?? '') ? 3 : 1)
    : Number(more[3] ?? more[4])
  return { low: low + extra, high: high + extra, end: end + more[0].length }
}

/** "An hour and ten minutes": the minutes in words. */
function withWords(text: string, hour: Duration, by: number): Duration {
  const and = by === 60 ? at(/\s+and\s+(?=\p{L})/iuy, text, hour.end) : null
  const more = and && readAmount(text, hour.end + and[0].length)
  const unit = more && at(unitAt, text, more.end)
  return more && unit && minutesIn(unit[1]!) === 1
    ? {
        low: hour.low + more.amount.low,
        high: hour.high + more.amount.high,
        end: more.end + unit[0].length,
      }
    : hour
}
