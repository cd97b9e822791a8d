import { scaleAmount } from '#core/measure'

/** Minutes as a timer shows them: 4:10, 1:05:00 above an hour, with a minus once they are over. */
export function sayCount(minutes: number): string {
  const all = Math.ceil(Math.abs(minutes) * 60 - 1e-6)
  const [h, m, s] = [Math.floor(all / 3600), Math.floor((all % 3600) / 60), all % 60]
  const two = (n: number) => String(n).padStart(2, '0')
  return `${minutes < -1e-6 && all > 0 ? '−' : ''}${h ? `${h}:${two(m)}` : m}:${two(s)}`
}
/** A weight as a kitchen scale shows it, without its unit. */
export const sayGrams = (grams: number): string => scaleAmount(grams).grams.toLocaleString('en')
