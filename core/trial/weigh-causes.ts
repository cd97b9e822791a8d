import type { Facts } from './facts'
import {
  causeRows,
  clashing,
  leak,
  worthSaying,
  type CauseRow,
  type Evidence,
} from './tables/causes'
import { linkRows } from './tables/links'
import { contradictions } from './tables/symptoms'

const often = new Map(linkRows.map(row => [`${row.cause}|${row.symptom}`, row.often]))
/** How often a cause shows a symptom; a little always, since no table knows everything. */
export const shows = (cause: string, symptom: string) => often.get(`${cause}|${symptom}`) ?? leak

/**
 * How much a figure multiplies the odds: `weight` for each step of its scale, two steps at most
 * either way.
 */
function factor(evidence: Evidence, facts: Facts): number | null {
  const x = facts[evidence.fact]
  if (x === undefined || !Number.isFinite(x)) return null
  const steps =
    Math.min(2, Math.max(-2, (x - evidence.centre) / evidence.scale)) * (evidence.up ? 1 : -1)
  return evidence.weight ** steps
}

/** A cause with its odds, and the figures that speak for and against it. */
export interface Weighed {
  readonly row: CauseRow
  readonly odds: number
  readonly pro: readonly string[]
  readonly con: readonly string[]
}

/** Naive Bayes: the odds of a cause by symptoms that are there, that are not, and figures. */
export function weigh(
  row: CauseRow,
  present: readonly string[],
  absent: readonly string[],
  facts: Facts,
): Weighed {
  let odds = row.prior
  // Two that exclude each other at one place: only a cause that makes both explains both; any other
  // at most one.
  const clashes = contradictions.filter(c => c.of.every(id => present.includes(id)))
  const inClash = new Set(clashes.flatMap(c => c.of))
  for (const id of present) if (!inClash.has(id)) odds *= shows(row.id, id)
  for (const clash of clashes) {
    const [a, b] = clash.of.map(id => shows(row.id, id)) as [number, number]
    odds *= clash.both.includes(row.id)
      ? Math.max(clashing.both, a, b)
      : clashing.one * Math.max(a, b)
  }
  for (const id of absent) odds *= 1 - shows(row.id, id)
  const [pro, con]: [string[], string[]] = [[], []]
  for (const evidence of row.evidence) {
    const by = factor(evidence, facts)
    if (by === null) continue
    odds *= by
    if (by > worthSaying.pro) pro.push(evidence.says)
    else if (by < worthSaying.con) con.push(`it is not that ${evidence.says}`)
  }
  return { row, odds, pro, con }
}

/** Causes that can be at all: of this family, and with what they need to be there. */
export const possible = (family: string | null, facts: Facts) =>
  causeRows.filter(row => {
    if (family === null) return true
    return (
      (!row.families || row.families.includes(family)) &&
      (!row.only || (facts[row.only.fact] ?? -Infinity) > row.only.above)
    )
  })
