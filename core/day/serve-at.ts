import { aDay, type Minutes } from '../measure'
import { dayLimits } from './limits'

/**
 * Why a day cannot be planned for this moment: a year that was mistyped, or one long gone. Null where
 * it can. Both in minutes of world time. A day that has passed can: it is looked at again.
 */
export function serveAtProblem(at: Minutes, now: Minutes): string | null {
  const days = Math.round((at - now) / aDay)
  const { before, ahead } = dayLimits.serve
  if (days >= -before && days <= ahead) return null
  const year = new Date(at * 60_000).getUTCFullYear()
  const is = days < 0 ? `${-days} days ago` : `in ${days} days`
  return (
    `That is ${is} (${year}). Days are planned within five years: look at the year. The hour that ` +
    'stood there before is kept.'
  )
}
