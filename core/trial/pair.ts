import { asNumber, atLeast, atMostChance, fewest, tail, type Fraction } from './exact'

export interface TestProblem {
  readonly ok: false
  readonly problem: { readonly code: 'tasters' | 'correct' | 'ranks'; readonly sentence: string }
}
/** How a count of answers is judged. */
export interface CountTest {
  readonly ok: true
  readonly tasters: number
  readonly correct: number
  /** The chance of so many or more, if everyone guessed. */
  readonly pValue: number
  /**
   * The fewest right answers that guessing gives in at most 5 or 1 % of cases; null: so few tasters
   * cannot show it at all.
   */
  readonly needed: { readonly at5: number | null; readonly at1: number | null }
  /**
   * Above guessing, the share of people who could tell: as measured, and the most that this count
   * leaves possible (one-sided, 95 %).
   */
  readonly telling: { readonly best: number; readonly most: number }
}

const mostTasters = 500
const whole = (n: unknown): n is number => typeof n === 'number' && Number.isInteger(n)
const no = (code: TestProblem['problem']['code'], sentence: string): TestProblem => ({
  ok: false,
  problem: { code, sentence },
})

function counted(
  tasters: number,
  correct: number,
  guess: Fraction,
  called: string,
): CountTest | TestProblem {
  if (!whole(tasters) || tasters < 1 || tasters > mostTasters)
    return no(
      'tasters',
      `How many answered must be a whole number from 1 to ${mostTasters}, not ${String(tasters)}.`,
    )
  if (!whole(correct) || correct < 0 || correct > tasters)
    return no(
      'correct',
      `${called} must be a whole number from 0 to ${tasters}, not ${String(correct)}.`,
    )
  const p = Number(guess.over) / Number(guess.of)
  const above = (chance: number) => Math.max(0, (chance - p) / (1 - p))
  return {
    ok: true,
    tasters,
    correct,
    pValue: asNumber(atLeast(tasters, correct, guess)),
    needed: { at5: fewest(tasters, guess, 0.05), at1: fewest(tasters, guess, 0.01) },
    telling: { best: above(correct / tasters), most: above(atMostChance(tasters, correct, 0.05)) },
  }
}

const third: Fraction = { over: 1n, of: 3n }
const half: Fraction = { over: 1n, of: 2n }

/**
 * The triangle test: three cups, two of them alike; `correct` of `tasters` named the odd one. Exact
 * binomial with a third. Source: ISO 4120; its minima for 6 to 30 come out [L]. Refuses what is no
 * count.
 *
 * @example
 * Math.round(1000 * triangleTest({ tasters: 12, correct: 8 }).pValue) / 1000 // 0.019
 */
export const triangleTest = ({
  tasters,
  correct,
}: {
  readonly tasters: number
  readonly correct: number
}): CountTest | TestProblem => counted(tasters, correct, third, 'How many named the odd cup')

/**
 * The pair test with a right answer ("which is the moister?"): one-sided, a half. Source: ISO 5495
 * [from memory].
 */
export const pairTest = ({
  tasters,
  correct,
}: {
  readonly tasters: number
  readonly correct: number
}): CountTest | TestProblem => counted(tasters, correct, half, 'How many chose it')

/**
 * Which of two is preferred: no answer is right, so both sides count. `pValue` is two-sided;
 * `needed` for the one that more prefer.
 */
export function preferenceTest({
  tasters,
  first,
}: {
  readonly tasters: number
  readonly first: number
}): CountTest | TestProblem {
  const most = whole(first) && whole(tasters) ? Math.max(first, tasters - first) : first
  const one = counted(tasters, most, half, 'How many preferred it')
  if (!one.ok || !whole(first) || first < 0 || first > tasters)
    return one.ok
      ? no(
          'correct',
          `How many preferred it must be a whole number from 0 to ${tasters}, not ${String(first)}.`,
        )
      : one
  return {
    ...one,
    correct: first,
    pValue: Math.min(1, 2 * one.pValue),
    needed: { at5: fewest(tasters, half, 0.025), at1: fewest(tasters, half, 0.005) },
  }
}

export type CountKind = 'triangle' | 'pair' | 'preference'
const guessOf: Readonly<Record<CountKind, number>> = {
  triangle: 1 / 3,
  pair: 1 / 2,
  preference: 1 / 2,
}

/**
 * The chance that the test will show a difference (at 5 %) which `telling` of people can really
 * taste; 0 where the tasters are too few for any answer to show it. For a preference, `telling` is
 * by how much more prefer the one than the other, as a share.
 */
export function powerOf(kind: CountKind, tasters: number, telling: number): number {
  const guess = guessOf[kind]
  const fraction = kind === 'triangle' ? third : half
  const needed = fewest(tasters, fraction, kind === 'preference' ? 0.025 : 0.05)
  if (needed === null) return 0
  if (kind === 'preference') {
    const p = (1 + telling) / 2
    return Math.min(1, tail(tasters, needed, p) + tail(tasters, needed, 1 - p))
  }
  return tail(tasters, needed, guess + (1 - guess) * telling)
}

/** The fewest tasters with whom the test shows it four times out of five; null above sixty. */
export function tastersFor(kind: CountKind, telling: number, power = 0.8): number | null {
  for (let n = 2; n <= 60; n++) if (powerOf(kind, n, telling) >= power) return n
  return null
}
