import type { Grams } from '../measure'
import { factorFor, oneTest, tinBatter } from '../pan'
import type { Recipe } from '../recipe'
import { differencesOf } from './difference'

/** What a kitchen scale shows, in grams: a difference below twice that may be its rounding. [P] */
const scaleShows: Grams = 1
/** Arms of more tests are no small trial. [M] */
const mostTests = 4

/**
 * Weights in which an arm of so many tests differs from the base, and which a kitchen scale cannot
 * tell apart; in a sentence with what helps, or '' where it can. A change of no amount needs no
 * scale.
 */
export function tooFine(base: Recipe, other: Recipe, tests: number): string {
  const lines = differencesOf(base, other).filter(
    d => d.what === 'line' && d.from !== null && d.to !== null,
  )
  const most = lines.reduce<{ readonly name: string; readonly by: Grams } | null>((m, d) => {
    const by = Math.abs(d.to! - d.from!)
    return !m || by > m.by ? { name: d.name, by } : m
  }, null)
  const size = most && factorFor(base, { by: 'test', tests: 1 }, { batter: tinBatter(base) })
  if (!most || !size?.ok) return ''
  const one = most.by * size.factor
  if (one * tests >= 2 * scaleShows - 0.05) return ''
  const enough = Math.ceil((2 * scaleShows) / one - 0.03)
  return (
    `At this size that is ${Math.round(10 * one * tests) / 10} g of ${most.name}, and a ` +
    'kitchen scale shows whole grams: weigh it on a finer ' +
    'one' +
    (enough > tests && enough <= mostTests
      ? `, or make each arm of ${oneTest.flour * enough} g flour`
      : '') +
    '.'
  )
}
