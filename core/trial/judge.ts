import { powerOf, preferenceTest, tastersFor, triangleTest, type CountTest } from './pair'
import { rankTest, type RankTest } from './rank'
import type { TastingKind } from './blind'
import type { Arm, Tasting } from './trial'

/**
 * What a tasting has shown. `is`: differ, alike (so many could tell at most), open (it shows
 * nothing either way).
 */
export interface Judgement {
  readonly is: 'differ' | 'alike' | 'open'
  readonly says: string
  readonly because: string
  readonly count: CountTest | null
  readonly rank: RankTest | null
  /** The arm that most chose or that ranks first; null where they are equal. */
  readonly first: string | null
  /** Arms that differ, by the test. */
  readonly apart: readonly (readonly [string, string])[]
  readonly pValue: number
}

const risk = 0.05
/**
 * Not more than this share can tell: only then is "nobody could tell" said. Source: 30 % is the
 * middle of what ISO 4120 takes for a similarity test [from memory]
 */
const alikeBelow = 0.3

/** What tasters must do for a test to count. */
const mustDo: Partial<Record<TastingKind, string>> = {
  preference: 'must prefer the same',
  triangle: 'must name the odd cup',
}
/** One in so many, for a chance. */
const oneIn = (p: number): string => {
  if (p >= 0.095) return `${Math.round(100 * p)} times in 100`
  return p > 0 ? `once in ${Math.round(1 / p)} times` : 'never'
}
const percent = (share: number) => `${Math.round(100 * share)} %`
const people = (n: number) => (n === 1 ? 'one taster' : `${n} tasters`)

/** What such a test with so many tasters can show and what it cannot, said before anybody tastes. */
export function beforeTest(
  kind: Tasting['kind'],
  tasters: number,
  arms = 2,
): {
  readonly says: string
  readonly power: readonly { readonly telling: number; readonly power: number }[]
  readonly wanted: number | null
} {
  if (kind === 'ranking') {
    const test = rankTest(
      Array.from({ length: Math.max(1, tasters) }, () =>
        Array.from({ length: arms }, (_, i) => i + 1),
      ),
    )
    const least = test.ok ? test.least : 1
    return {
      says:
        least > risk
          ? `With ${people(tasters)} and ${arms} arms even the clearest answer comes by ` +
            `chance ${oneIn(least)}: it cannot prove anything.`
          : `With ${people(tasters)}, all of one mind would come by chance ${oneIn(least)}. ` +
            'Less than that is soon no proof.',
      power: [],
      wanted: null,
    }
  }
  const test =
    kind === 'triangle'
      ? triangleTest({ tasters: Math.max(1, tasters), correct: 0 })
      : preferenceTest({ tasters: Math.max(1, tasters), first: 0 })
  const needed = test.ok ? test.needed.at5 : null
  // Which of a pair will be chosen is not known beforehand: both sides count.
  const as = kind === 'triangle' ? 'triangle' : 'preference'
  const power = [0.3, 0.5, 0.8].map(telling => ({ telling, power: powerOf(as, tasters, telling) }))
  const wanted = tastersFor(as, 0.5)
  const does = mustDo[kind] ?? 'must choose the same'
  const half = power[1]!.power
  return {
    says:
      needed === null
        ? (
            `With ${people(tasters)} this test cannot show a difference, whatever they say. ` +
            `${wanted ? `${wanted} would do for a difference that half of all people can taste.` : ''}`
          ).trim()
        : `${needed === tasters ? `All ${tasters}` : `${needed} of ${tasters}`} ${does} for ` +
          'it to count. If half of all people can really tell, that happens ' +
          (half < 0.995 ? `${Math.round(100 * half)} times in 100` : 'nearly always') +
          (half < 0.8 && wanted ? `; with ${wanted} tasters 80 times in 100` : '') +
          '.',
    power,
    wanted,
  }
}

/**
 * What an opened tasting shows. Null while nobody has answered.
 *
 * @example
 * judgeTasting({ kind: 'pair', arms: ['a', 'b'], servings: [], answers: [] }, []) // null
 */
export function judgeTasting(
  tasting: Tasting,
  all: readonly Pick<Arm, 'id' | 'letter' | 'says'>[],
): Judgement | null {
  const answers = tasting.answers.filter(a => tasting.servings.some(s => s.taster === a.taster))
  if (!answers.length) return null
  const name = (id: string) => {
    const arm = all.find(a => a.id === id)
    return arm ? `${arm.letter} (${arm.says})` : id
  }
  const cups = (taster: string) => tasting.servings.find(s => s.taster === taster)!.cups
  if (tasting.kind === 'ranking') {
    const ranks = answers.flatMap(a =>
      a.ranks
        ? [tasting.arms.map(arm => a.ranks![cups(a.taster).findIndex(c => c.arm === arm)]!)]
        : [],
    )
    const test = rankTest(ranks)
    if (!test.ok) return null
    const order = tasting.arms
      .map((arm, i) => ({ arm, sum: test.sums[i]! }))
      .sort((a, b) => a.sum - b.sum)
    const first = order.length > 1 && order[0]!.sum < order[1]!.sum - 1e-9 ? order[0]!.arm : null
    const apart =
      test.pValue <= risk
        ? order.flatMap((a, i) =>
            order
              .slice(i + 1)
              .flatMap(b => (b.sum - a.sum >= test.apart - 1e-9 ? [[a.arm, b.arm] as const] : [])),
          )
        : []
    const sums = order.map(o => `${name(o.arm)}: ${o.sum}`).join(', ')
    if (test.pValue <= risk)
      return {
        is: 'differ',
        says: first
          ? `${name(first)} comes first, and that is more than chance.`
          : 'They are not all liked alike.',
        because:
          `Rank sums ${sums}; so far apart by chance ` +
          `${oneIn(test.pValue)}` +
          (apart.length
            ? `. Surely apart: ${apart.map(([a, b]) => `${name(a)} before ${name(b)}`).join(', ')}`
            : '. Which of them differ, these ranks do not say.'),
        count: null,
        rank: test,
        first,
        apart,
        pValue: test.pValue,
      }
    return {
      is: 'open',
      says:
        `${first ? `${name(first)} comes first, but` : 'They rank alike, and'} so few ranks ` +
        'show nothing.',
      because:
        `Rank sums ${sums}; so far apart by chance ` +
        `${oneIn(test.pValue)}` +
        (test.least > risk
          ? `, and no answer of ${people(test.tasters)} could have shown it`
          : '') +
        '.',
      count: null,
      rank: test,
      first,
      apart,
      pValue: test.pValue,
    }
  }
  const [one, two] = tasting.arms as [string, string]
  const chosen = answers.flatMap(a =>
    a.choice === null
      ? []
      : [{ taster: a.taster, arm: cups(a.taster)[a.choice]!.arm, cups: cups(a.taster) }],
  )
  const toTwo = chosen.filter(c => c.arm === two).length
  if (tasting.kind === 'triangle') {
    const correct = chosen.filter(c => c.cups.filter(cup => cup.arm === c.arm).length === 1).length
    const test = triangleTest({ tasters: chosen.length, correct })
    if (!test.ok) return null
    const told = `${correct} of ${people(chosen.length)} named the odd cup`
    if (test.pValue <= risk)
      return {
        is: 'differ',
        says: 'They can be told apart.',
        because: `${told}; by guessing so many come ${oneIn(test.pValue)}.`,
        count: test,
        rank: null,
        first: null,
        apart: [[one, two]],
        pValue: test.pValue,
      }
    // Fewer right than guessing gives is luck, and shows no more than guessing.
    const atLeastGuessed = triangleTest({
      tasters: chosen.length,
      correct: Math.max(correct, Math.floor(chosen.length / 3)),
    })
    const most = atLeastGuessed.ok ? atLeastGuessed.telling.most : 1
    if (most <= alikeBelow)
      return {
        is: 'alike',
        says: `Nobody could tell: surely fewer than ${percent(Math.max(0.01, most))} of people can.`,
        because: `${told}, no more than guessing gives.`,
        count: test,
        rank: null,
        first: null,
        apart: [],
        pValue: test.pValue,
      }
    return {
      is: 'open',
      says: 'This shows nothing either way.',
      because:
        `${told}; by guessing so many come ` +
        `${oneIn(test.pValue)}` +
        (test.needed.at5
          ? `, and ${test.needed.at5} would have been needed`
          : ', and with so few nothing could have shown it') +
        '. ' +
        `Up to ${percent(most)} of people may still be able to tell.`,
      count: test,
      rank: null,
      first: null,
      apart: [],
      pValue: test.pValue,
    }
  }
  const lead = Math.sign(toTwo * 2 - chosen.length)
  const more = [one, null, two][lead + 1]!
  const test = preferenceTest({ tasters: chosen.length, first: toTwo })
  if (!test.ok) return null
  const { pValue } = test
  const [a, b] = [chosen.length - toTwo, toTwo]
  const counts = `${a} chose ${name(one)}, ${b} ${name(two)}`
  if (pValue <= risk)
    return {
      is: 'differ',
      says:
        `${name(more!)} is ${tasting.kind === 'pair' ? 'chosen' : 'preferred'}, and that is ` +
        'more than chance.',
      because: `${counts}; so lopsided by chance ${oneIn(pValue)}.`,
      count: test,
      rank: null,
      first: more,
      apart: [[one, two]],
      pValue,
    }
  return {
    is: 'open',
    says: more ? `More chose ${name(more)}, but that may be chance.` : 'It is a draw.',
    because: `${counts}; so lopsided by chance ${oneIn(pValue)}.`,
    count: test,
    rank: null,
    first: more,
    apart: [],
    pValue,
  }
}

/**
 * What a winner is worth as evidence: proven blind, liked by more without proof, or only seen; and
 * what a repeat adds. [M]
 */
const worth = { proven: 1, leaning: 0.4, seen: 0.25, repeat: 0.3 } as const
/** How sure the trial is of its winner, as a weight for what is learned. */
export const weightOf = (
  verdicts: readonly Judgement[],
  winner: string,
  rematch: boolean,
): number => {
  const proven = verdicts.some(v => v.is === 'differ' && v.first === winner)
  const unproven = verdicts.some(v => v.first === winner) ? worth.leaning : worth.seen
  return Math.min(1, (proven ? worth.proven : unproven) + (rematch ? worth.repeat : 0))
}
