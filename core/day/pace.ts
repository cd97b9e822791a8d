import type { Minutes } from '../measure'
import type { Kitchen, Pace } from '../pan'

/** How long some work took: as it was planned, and as it was. */
export interface Took {
  readonly short: string
  readonly planned: Minutes
  readonly took: Minutes
}

/**
 * What is usual counts as much as two times that were seen; nobody is planned with less than half
 * or more than two and a half times as long. [I]
 */
const usualCounts = 2
const [least, most] = [0.5, 2.5]

/** So many times as long as usual this house's hands take for a kind of work; 1 where nothing was seen. */
export const paceFor = (pace: Kitchen['pace'], short: string): number => {
  const seen = pace?.[short]
  return seen && seen.n > 0
    ? Math.min(most, Math.max(least, Math.exp(seen.log / (seen.n + usualCounts))))
    : 1
}

/** With what was seen once more. Planned times were planned by the pace as it was. */
export function learnPace(
  pace: Kitchen['pace'],
  seen: readonly Took[],
): Readonly<Record<string, Pace>> {
  const next: Record<string, Pace> = { ...pace }
  for (const { short, planned, took } of seen) {
    if (!(planned > 0) || !(took > 0)) continue
    const before = next[short] ?? { n: 0, log: 0 }
    next[short] = {
      n: before.n + 1,
      log: before.log + Math.log((took / planned) * paceFor(pace, short)),
    }
  }
  return next
}
