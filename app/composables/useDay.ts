import type { DayWishes } from '#core/day'

/** Hours as the kitchen's wall has them. Moments are minutes of world time since 1970. */
const dateOf = (at: number) => new Date(Math.round(at) * 60_000)
export const sayHour = (at: number): string =>
  dateOf(at).toLocaleTimeString('en-GB', { hour: '2-digit', minute: '2-digit' })
const dayOf = (at: number) =>
  dateOf(at).toLocaleDateString('en-GB', { weekday: 'short', day: 'numeric', month: 'short' })
/** With the day, where it is another than that of `beside`. */
export const sayMoment = (at: number, beside: number): string =>
  dayOf(at) === dayOf(beside) ? sayHour(at) : `${dayOf(at)}, ${sayHour(at)}`
export const sayLength = (minutes: number): string => {
  const m = Math.round(minutes)
  if (m < 60) return `${m} min`
  return m < 1440
    ? `${Math.floor(m / 60)} h${m % 60 ? ` ${m % 60} min` : ''}`
    : `${Math.floor(m / 1440)} d ${Math.round((m % 1440) / 60)} h`
}

/** The hour, with its weekday where it is another day than that of `beside`. */
export const sayWeekHour = (at: number, beside: number): string =>
  dayOf(at) === dayOf(beside)
    ? sayHour(at)
    : `${dateOf(at).toLocaleDateString('en-GB', { weekday: 'short' })} ${sayHour(at)}`
/** How many days back nights matter: as many as something is made ahead, and some. */
export const nightsBack = (wishes: DayWishes | undefined): number =>
  Math.max(4, ...Object.values(wishes?.ahead ?? {}).map(ahead => ahead.days + 3))

/** The value of a field for a day and hour, and back. */
export const toField = (at: number): string => {
  const d = dateOf(at)
  const two = (n: number) => String(n).padStart(2, '0')
  const day = `${d.getFullYear()}-${two(d.getMonth() + 1)}-${two(d.getDate())}`
  return `${day}T${two(d.getHours())}:${two(d.getMinutes())}`
}
export const fromField = (value: string): number | null => {
  const at = Date.parse(value)
  return Number.isNaN(at) ? null : at / 60_000
}
export const nowMinute = (): number => Math.floor(Date.now() / 60_000)

/**
 * Nights on this wall around a moment: from half past ten to seven, four of them back, or as many
 * as something is made ahead.
 */
export function nightsBefore(at: number, back = 4): (readonly [number, number])[] {
  return Array.from({ length: back + 1 }, (_, n) => n - back).map(days => {
    const evening = dateOf(at)
    evening.setDate(evening.getDate() + days)
    evening.setHours(22, 30, 0, 0)
    const morning = new Date(evening)
    morning.setDate(morning.getDate() + 1)
    morning.setHours(7, 0, 0, 0)
    return [evening.getTime() / 60_000, morning.getTime() / 60_000] as const
  })
}
/** The nights around a moment, without one in which somebody is up and at work now. */
export const nightsFor = (at: number, now: number, back = 4): (readonly [number, number])[] =>
  nightsBefore(at, back).filter(([from, to]) => now < from || now >= to)
/** Five o'clock today, or tomorrow when that is near or past. */
export function usualServing(): number {
  const five = new Date()
  five.setHours(17, 0, 0, 0)
  if (five.getTime() / 60_000 - nowMinute() < 240) five.setDate(five.getDate() + 1)
  return five.getTime() / 60_000
}
