/**
 * Repeatable chance from a seed (mulberry32, public domain): the same seed gives the same labels
 * again. 0 ≤ n < 1.
 */
export function seeded(seed: number): () => number {
  let s = seed >>> 0
  return () => {
    s = (s + 0x6d2b79f5) >>> 0
    let t = Math.imul(s ^ (s >>> 15), 1 | s)
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296
  }
}

/** The same things in an order by chance (Fisher and Yates). */
function shuffled<T>(things: readonly T[], dice: () => number): T[] {
  const all = [...things]
  for (let i = all.length - 1; i > 0; i--) {
    const k = Math.floor(dice() * (i + 1))
    ;[all[i], all[k]] = [all[k]!, all[i]!]
  }
  return all
}

/** So many different codes of three digits, 100 to 999: none says which cup is the first. At most 900. */
function codes(count: number, dice: () => number): string[] {
  const drawn = new Set<string>()
  while (drawn.size < Math.min(count, 900)) drawn.add(String(100 + Math.floor(900 * dice())))
  return [...drawn]
}

/** One cup before a taster: its code, and the arm that is in it. */
interface Cup {
  readonly code: string
  readonly arm: string
}
/** What one taster is given, from left to right. */
export interface Serving {
  readonly taster: string
  readonly cups: readonly Cup[]
}

export type TastingKind = 'triangle' | 'pair' | 'preference' | 'ranking'

/** The six ways to lay out a triangle, the two of a pair. */
const layouts: Readonly<Record<Exclude<TastingKind, 'ranking'>, readonly (readonly (0 | 1)[])[]>> =
  {
    triangle: [
      [0, 0, 1],
      [0, 1, 0],
      [1, 0, 0],
      [1, 1, 0],
      [1, 0, 1],
      [0, 1, 1],
    ],
    pair: [
      [0, 1],
      [1, 0],
    ],
    preference: [
      [0, 1],
      [1, 0],
    ],
  }

/**
 * Which cups each taster is given, under which codes and in which order: every layout as often as
 * the others, as far as the tasters go; which taster has which is left to chance. For a ranking
 * each arm stands at each place as often as at the others (a cyclic square with its rows by
 * chance). Every cup has a code of its own.
 */
export function servingsFor(
  kind: TastingKind,
  arms: readonly string[],
  tasters: readonly string[],
  seed: number,
): Serving[] {
  const dice = seeded(seed)
  const rows: number[][] = []
  while (rows.length < tasters.length) {
    if (kind === 'ranking') {
      const base = shuffled(
        arms.map((_, i) => i),
        dice,
      )
      rows.push(
        ...shuffled(
          arms.map((_, by) => base.map((_, i) => base[(i + by) % base.length]!)),
          dice,
        ),
      )
    } else rows.push(...shuffled(layouts[kind], dice).map(row => [...row]))
  }
  const dealt = shuffled(rows.slice(0, tasters.length), dice)
  const all = codes(
    dealt.reduce((sum, row) => sum + row.length, 0),
    dice,
  )
  let at = 0
  return tasters.map((taster, i) => ({
    taster,
    cups: dealt[i]!.map(arm => ({ code: all[at++]!, arm: arms[arm]! })),
  }))
}
