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

/** What a tasting could show, said before it is poured. */
interface Before {
  readonly says: string
  readonly power: readonly { readonly telling: number; readonly power: number }[]
  readonly wanted: number | null
}
function beforeRanking(tasters: number, arms: number): Before {
  const inOrder = Array.from({ length: arms }, (_, i) => i + 1)
  const test = rankTest(Array.from({ length: Math.max(1, tasters) }, () => inOrder))
  const least = test.ok ? test.least : 1
  const says =
    least > risk
      ? `With ${people(tasters)} and ${arms} arms even the clearest answer comes by ` +
        `chance ${oneIn(least)}: it cannot prove anything.`
      : `With ${people(tasters)}, all of one mind would come by chance ${oneIn(least)}. ` +
        'Less than that is soon no proof.'
  return { says, power: [], wanted: null }
}
/** Shares of people who can really tell, for which it is said how often a test shows it. */
const tellings = [0.3, 0.5, 0.8]
/** With so much power a test is worth its tasters. Common practice. */
const enoughPower = 0.8

/** What such a test with so many tasters can show and what it cannot, said before anybody tastes. */
export function beforeTest(kind: Tasting['kind'], tasters: number, arms = 2): Before {
  if (kind === 'ranking') return beforeRanking(tasters, arms)
  const n = Math.max(1, tasters)
  const isTriangle = kind === 'triangle'
  const test = isTriangle
    ? triangleTest({ tasters: n, correct: 0 })
    : preferenceTest({ tasters: n, first: 0 })
  const needed = test.ok ? test.needed.at5 : null
  // Which of a pair will be chosen is not known beforehand: both sides count.
  const as = isTriangle ? 'triangle' : 'preference'
  const power = tellings.map(telling => ({ telling, power: powerOf(as, tasters, telling) }))
  const wanted = tastersFor(as, 0.5)
  if (needed === null) {
    const cannot = `With ${people(tasters)} this test cannot show a difference, whatever they say.`
    const would = ` ${wanted} would do for a difference that half of all people can taste.`
    return { says: wanted ? cannot + would : cannot, power, wanted }
  }
  const does = mustDo[kind] ?? 'must choose the same'
  const half = power.find(each => each.telling === 0.5)!.power
  const who = needed === tasters ? `All ${tasters}` : `${needed} of ${tasters}`
  const often = half < 0.995 ? `${Math.round(100 * half)} times in 100` : 'nearly always'
  const more = half < enoughPower && wanted ? `; with ${wanted} tasters 80 times in 100` : ''
  const says =
    `${who} ${does} for it to count. If half of all people can really tell, that happens ` +
    `${often}${more}.`
  return { says, power, wanted }
}

/** An opened tasting as it is judged: its answers, and the names of its arms. */
interface Opened {
  readonly tasting: Tasting
  readonly answers: Tasting['answers']
  readonly name: (arm: string) => string
}
/** What somebody chose, with the cups they had before them. */
interface Choice {
  readonly arm: string
  readonly cups: readonly { readonly arm: string }[]
}
const cupsOf = (tasting: Tasting, taster: string) =>
  tasting.servings.find(serving => serving.taster === taster)!.cups
function choicesIn({ tasting, answers }: Opened): Choice[] {
  return answers.flatMap(({ taster, choice }) => {
    const cups = cupsOf(tasting, taster)
    return choice === null ? [] : [{ arm: cups[choice]!.arm, cups }]
  })
}

/** The pairs of a ranking that lie surely apart. */
function apartIn(
  order: readonly { readonly arm: string; readonly sum: number }[],
  least: number,
): (readonly [string, string])[] {
  return order.flatMap((a, i) =>
    order
      .slice(i + 1)
      .filter(b => b.sum - a.sum >= least - 1e-9)
      .map(b => [a.arm, b.arm] as const),
  )
}
function judgeRanking({ tasting, answers, name }: Opened): Judgement | null {
  const ranks = answers.flatMap(({ taster, ranks: given }) => {
    if (!given) return []
    const cups = cupsOf(tasting, taster)
    return [tasting.arms.map(arm => given[cups.findIndex(cup => cup.arm === arm)]!)]
  })
  const test = rankTest(ranks)
  if (!test.ok) return null
  const order = tasting.arms
    .map((arm, i) => ({ arm, sum: test.sums[i]! }))
    .sort((a, b) => a.sum - b.sum)
  const [best, next] = order
  const first = best && next && best.sum < next.sum - 1e-9 ? best.arm : null
  const isShown = test.pValue <= risk
  const apart = isShown ? apartIn(order, test.apart) : []
  const sums = order.map(o => `${name(o.arm)}: ${o.sum}`).join(', ')
  const byChance = `Rank sums ${sums}; so far apart by chance ${oneIn(test.pValue)}`
  const of = { count: null, rank: test, first, apart, pValue: test.pValue }
  if (isShown) {
    const pairs = apart.map(([a, b]) => `${name(a)} before ${name(b)}`).join(', ')
    return {
      ...of,
      is: 'differ',
      says: first
        ? `${name(first)} comes first, and that is more than chance.`
        : 'They are not all liked alike.',
      because: apart.length
        ? `${byChance}. Surely apart: ${pairs}`
        : `${byChance}. Which of them differ, these ranks do not say.`,
    }
  }
  const tooFew =
    test.least > risk ? `, and no answer of ${people(test.tasters)} could have shown it` : ''
  return {
    ...of,
    is: 'open',
    says:
      `${first ? `${name(first)} comes first, but` : 'They rank alike, and'} so few ranks ` +
      'show nothing.',
    because: `${byChance}${tooFew}.`,
  }
}

function judgeTriangle(of: Opened): Judgement | null {
  const [one, two] = of.tasting.arms as [string, string]
  const chosen = choicesIn(of)
  const isOdd = ({ arm, cups }: Choice) => cups.filter(cup => cup.arm === arm).length === 1
  const correct = chosen.filter(isOdd).length
  const test = triangleTest({ tasters: chosen.length, correct })
  if (!test.ok) return null
  const told = `${correct} of ${people(chosen.length)} named the odd cup`
  const guessed = `${told}; by guessing so many come ${oneIn(test.pValue)}`
  const found = { count: test, rank: null, first: null, pValue: test.pValue }
  if (test.pValue <= risk)
    return {
      ...found,
      is: 'differ',
      says: 'They can be told apart.',
      because: `${guessed}.`,
      apart: [[one, two]],
    }
  // Fewer right than guessing gives is luck, and shows no more than guessing.
  const atLeastGuessed = triangleTest({
    tasters: chosen.length,
    correct: Math.max(correct, Math.floor(chosen.length / 3)),
  })
  const most = atLeastGuessed.ok ? atLeastGuessed.telling.most : 1
  if (most <= alikeBelow)
    return {
      ...found,
      is: 'alike',
      says: `Nobody could tell: surely fewer than ${percent(Math.max(0.01, most))} of people can.`,
      because: `${told}, no more than guessing gives.`,
      apart: [],
    }
  const needed = test.needed.at5
    ? `, and ${test.needed.at5} would have been needed`
    : ', and with so few nothing could have shown it'
  return {
    ...found,
    is: 'open',
    says: 'This shows nothing either way.',
    because: `${guessed}${needed}. Up to ${percent(most)} of people may still be able to tell.`,
    apart: [],
  }
}

function judgePair(of: Opened): Judgement | null {
  const { tasting, name } = of
  const [one, two] = tasting.arms as [string, string]
  const chosen = choicesIn(of)
  const toTwo = chosen.filter(choice => choice.arm === two).length
  const toOne = chosen.length - toTwo
  const more = [one, null, two][Math.sign(toTwo - toOne) + 1]!
  const test = preferenceTest({ tasters: chosen.length, first: toTwo })
  if (!test.ok) return null
  const { pValue } = test
  const counts = `${toOne} chose ${name(one)}, ${toTwo} ${name(two)}`
  const because = `${counts}; so lopsided by chance ${oneIn(pValue)}.`
  const found = { because, count: test, rank: null, first: more, pValue }
  if (pValue > risk) {
    const says = more ? `More chose ${name(more)}, but that may be chance.` : 'It is a draw.'
    return { ...found, is: 'open', says, apart: [] }
  }
  const how = tasting.kind === 'pair' ? 'chosen' : 'preferred'
  const says = `${name(more!)} is ${how}, and that is more than chance.`
  return { ...found, is: 'differ', says, apart: [[one, two]] }
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
  const of = { tasting, answers, name }
  if (tasting.kind === 'ranking') return judgeRanking(of)
  return tasting.kind === 'triangle' ? judgeTriangle(of) : judgePair(of)
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
