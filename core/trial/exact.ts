/** A chance as a fraction of whole numbers. */
export interface Fraction {
  readonly over: bigint
  readonly of: bigint
}

const digits = 10n ** 17n
/**
 * The fraction as a number; whole numbers up to seventeen places are divided, so nothing is lost
 * before the end.
 */
export const asNumber = ({ over, of }: Fraction): number =>
  Number((over * digits) / of) / Number(digits)

/**
 * The chance of at least `k` out of `n` when each has the chance `p`: exact. Example: 8 or more of
 * 12 at a third, 1/54 or so.
 */
export function atLeast(n: number, k: number, p: Fraction): Fraction {
  let over = 0n
  let term = p.over ** BigInt(n)
  for (let i = n; i >= Math.max(0, k); i--) {
    over += term
    term = (term * BigInt(i) * (p.of - p.over)) / (BigInt(n - i + 1) * p.over)
  }
  return { over, of: p.of ** BigInt(n) }
}

/**
 * The same for any chance, in plain numbers: for power, where the chance itself is supposed. Each
 * term from its neighbour, begun at the end where nothing vanishes.
 */
export function tail(n: number, k: number, p: number): number {
  if (k <= 0) return 1
  if (p <= 0 || k > n) return 0
  if (p >= 1) return 1
  let sum = 0
  if (p > 0.5) {
    let term = p ** n
    for (let i = n; i >= k; i--) {
      sum += term
      term *= (i * (1 - p)) / ((n - i + 1) * p)
    }
  } else {
    let term = (1 - p) ** n
    for (let i = 0; i <= n; i++) {
      if (i >= k) sum += term
      term *= ((n - i) * p) / ((i + 1) * (1 - p))
    }
  }
  return Math.min(1, sum)
}

/**
 * The fewest of `n` whose chance, or any better, is at most `risk` when everyone guesses; null
 * where even all of them are too few. From the top down, exact.
 */
export function fewest(n: number, { over, of }: Fraction, risk: number): number | null {
  const [a, b, whole] = [over, of - over, of ** BigInt(n)]
  let [term, sum] = [a ** BigInt(n), 0n]
  for (let k = n; k >= 0; k--) {
    sum += term
    if (asNumber({ over: sum, of: whole }) > risk) return k === n ? null : k + 1
    term = (term * BigInt(k) * b) / (BigInt(n - k + 1) * a)
  }
  return 0
}

/**
 * The highest chance under which so few or fewer of `n` would still come in `risk` of all cases
 * (Clopper and Pearson, one-sided).
 */
export function atMostChance(n: number, k: number, risk: number): number {
  if (k >= n) return 1
  let [low, high] = [k / n, 1]
  for (let i = 0; i < 60; i++) {
    const mid = (low + high) / 2
    if (1 - tail(n, k + 1, mid) > risk) low = mid
    else high = mid
  }
  return high
}
