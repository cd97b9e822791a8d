import type { TestProblem } from './pair'

export interface RankTest {
  readonly ok: true
  readonly tasters: number
  readonly arms: number
  /** Sum of each arm's ranks; the smallest is the best liked (rank 1 is the first). */
  readonly sums: readonly number[]
  /** Friedman's statistic, with ties put right. */
  readonly chi2: number
  readonly pValue: number
  /** Counted over every way in which the ranks could have fallen, or read from chi-square. */
  readonly exact: boolean
  /** The chance of the clearest answer that these tasters could give: above 5 % they cannot show anything. */
  readonly least: number
  /** Two arms whose sums lie so far apart differ (least significant difference of rank sums, 5 %). */
  readonly apart: number
}

/**
 * P(X ≥ x) for chi-square with `df` degrees of freedom: the upper incomplete gamma function, by its
 * series or continued fraction.
 */
export function chiSquareTail(x: number, df: number): number {
  if (!(x > 0)) return 1
  const [a, z] = [df / 2, x / 2]
  const scale = Math.exp(-z + a * Math.log(z) - logGamma(a))
  if (z < a + 1) {
    let [term, sum] = [1 / a, 1 / a]
    for (let n = 1; n < 500 && term > sum * 1e-16; n++) {
      term *= z / (a + n)
      sum += term
    }
    return 1 - sum * scale
  }
  let [b, c, d] = [z + 1 - a, 1e300, 1 / (z + 1 - a)]
  let h = d
  for (let i = 1; i < 500; i++) {
    const an = -i * (i - a)
    b += 2
    d = 1 / (an * d + b)
    c = b + an / c
    h *= d * c
    if (Math.abs(d * c - 1) < 1e-15) break
  }
  return scale * h
}

/** Lanczos; source: from memory, checked against factorials and jstat. */
function logGamma(x: number): number {
  const g = [
    676.5203681218851, -1259.1392167224028, 771.3234287776531, -176.6150291621406,
    12.507343278686905, -0.13857109526572012, 9.984369578019572e-6, 1.5056327351493116e-7,
  ]
  if (x < 0.5) return Math.log(Math.PI / Math.sin(Math.PI * x)) - logGamma(1 - x)
  const t = x + 6.5
  return (
    0.5 * Math.log(2 * Math.PI) +
    (x - 0.5) * Math.log(t) -
    t +
    Math.log(g.reduce((sum, each, i) => sum + each / (x + i), 0.9999999999998099))
  )
}

/** Equal ranks share the middle of their places. */
function shared(ranks: readonly number[]): number[] {
  return ranks.map(
    rank =>
      1 +
      ranks.filter(other => other < rank).length +
      (ranks.filter(other => other === rank).length - 1) / 2,
  )
}

/** Every different order of these ranks. */
function orders(of: readonly number[]): number[][] {
  if (!of.length) return [[]]
  return [...new Set(of)].flatMap(first => {
    const rest = [...of]
    rest.splice(rest.indexOf(first), 1)
    return orders(rest).map(order => [first, ...order])
  })
}

const spread = (sums: readonly number[]) => {
  const mean = sums.reduce((a, b) => a + b, 0) / sums.length
  return sums.reduce((s, x) => s + (x - mean) ** 2, 0)
}
const manyStates = 60_000

/** Sums of ranks, sorted, with the chance that they fall so. */
interface Fallen {
  readonly sums: readonly number[]
  readonly chance: number
}
/** The same after one more taster, whose ranks may fall in each of these ways. */
function afterOne(states: readonly Fallen[], ways: readonly (readonly number[])[]): Fallen[] {
  const next = new Map<string, Fallen>()
  for (const { sums: before, chance } of states)
    for (const way of ways) {
      // Whose sum is whose does not matter for the spread: sorted, there are fewer.
      const sums = before.map((s, i) => s + way[i]!).sort((a, b) => a - b)
      const key = sums.join()
      const was = next.get(key)?.chance ?? 0
      next.set(key, { sums, chance: was + chance / ways.length })
    }
  return [...next.values()]
}

/**
 * How the sums fall when each taster's ranks are dealt at random: the chance of each spread. Null
 * where that is too many to count.
 */
function everyWay(rows: readonly (readonly number[])[]): Fallen[] | null {
  let states: Fallen[] = [{ sums: rows[0]!.map(() => 0), chance: 1 }]
  for (const row of rows) {
    states = afterOne(states, orders(row))
    if (states.length > manyStates) return null
  }
  return states
}

/**
 * Ranks of the same arms by several tasters, one row a taster, 1 the best; equal ranks are allowed.
 * Friedman's test, exact where it can be counted (so for any household), else by chi-square.
 * Source: Friedman; ISO 8587 for the difference of two sums [from memory]. Refuses rows of unlike
 * length and what is no rank.
 */
export function rankTest(ranks: readonly (readonly number[])[]): RankTest | TestProblem {
  const no = (sentence: string): TestProblem => ({
    ok: false,
    problem: { code: 'ranks', sentence },
  })
  const [n, k] = [ranks.length, ranks[0]?.length ?? 0]
  if (n < 1) return no('Nobody has ranked anything yet.')
  if (k < 2 || k > 8) return no('Two to eight things can be ranked.')
  const bad = ranks.findIndex(
    row => row.length !== k || row.some(rank => !Number.isFinite(rank) || rank < 1),
  )
  if (bad >= 0) return no(`Taster ${bad + 1} has not ranked all ${k}.`)
  const rows = ranks.map(shared)
  const sums = rows[0]!.map((_, i) => rows.reduce((sum, row) => sum + row[i]!, 0))
  const ties = rows.reduce(
    (sum, row) =>
      sum +
      [...new Set(row)].reduce((s, rank) => {
        const t = row.filter(r => r === rank).length
        return s + t ** 3 - t
      }, 0),
    0,
  )
  const against = n * k * (k + 1) - ties / (k - 1)
  // Everybody tied everything: nothing was said.
  const chi2 = against > 1e-9 ? (12 * spread(sums)) / against : 0
  const ways = chi2 > 0 && k <= 5 ? everyWay(rows) : null
  const byChance = () => {
    if (chi2 <= 0) return 1
    if (!ways) return chiSquareTail(chi2, k - 1)
    const asWide = ways.filter(way => spread(way.sums) >= spread(sums) - 1e-9)
    return asWide.reduce((p, way) => p + way.chance, 0)
  }
  const pValue = byChance()
  const factorial = Array.from({ length: k }, (_, i) => i + 1).reduce((a, b) => a * b, 1)
  return {
    ok: true,
    tasters: n,
    arms: k,
    sums,
    chi2,
    pValue: Math.min(1, pValue),
    exact: ways !== null,
    least: factorial ** (1 - n),
    apart: 1.96 * Math.sqrt((n * k * (k + 1)) / 6),
  }
}
