import {
  bandsOf,
  balanceIn,
  measures,
  noBalance,
  plusBalance,
  weightsOf,
  type Balance,
} from '../../formula'
import type { Recipe } from '../../recipe'
import { failsBy } from './fails'
import {
  movedBy,
  restsOf,
  sayRests,
  triedAlike,
  type Rests,
  type Tried,
  substitutionById,
  type DessertPart,
  deviationFrom,
  stretchOf,
} from '../ways'
import { overdoses, noticed, outOfBalance, type Moved } from './noticed'
import type { PlanPart, TestPiece } from '../plan'
import {
  confidenceWords,
  smallPart,
  testPieceFlour,
  wishWeakens,
  type ConfidenceWord,
} from '../tables/limits'
import { glutenHolds, weakGround } from '../tables/routes'

/**
 * What a version of a recipe comes to against the original: balance, risks, confidence and what
 * they rest on.
 */
export interface Judged {
  readonly parts: readonly PlanPart[]
  readonly balance: { readonly before: Balance; readonly after: Balance }
  readonly risks: readonly string[]
  readonly confidence: ConfidenceWord
  readonly confidenceBecause: string
  readonly rests: Rests
  readonly restsOn: string
  readonly testPiece: TestPiece | null
}

const experimental = confidenceWords.findIndex(c => c.word === 'experimental')
const gone = (part: DessertPart, question: string) => part.groups.some(g => g.question === question)

interface Graded {
  readonly part: DessertPart
  readonly moved: Moved
  readonly loss: number
  readonly after: Balance
  readonly level: number
  readonly because: string
  readonly off: readonly string[]
}

/** How far a part has moved from the original, and what that costs. */
function movedOf(part: DessertPart, adapted: Recipe['components'][number]) {
  const { family } = part.reading
  const [was, is] = [weightsOf(part.component.lines), weightsOf(adapted.lines)]
  const after = balanceIn(family, is)
  const { loss, misses } = deviationFrom(part.aim, after, is)
  const moved: Moved = {
    family,
    before: part.before,
    base: part.base,
    mass: part.baseMass,
    flour: part.flour,
    eggsGone: gone(part, 'egg') ? part.eggs : 0,
    misses,
    was,
    is,
  }
  return { moved, loss, after }
}

/** What speaks against trusting the numbers alone. */
interface Ground {
  readonly isStrange: boolean
  readonly isBoth: boolean
  readonly isHeldByGluten: boolean
  readonly isEggHeavy: boolean
  readonly off: readonly string[]
  readonly wished: ReturnType<typeof wishedOf>
  readonly fails: string | null
}
function groundOf(part: DessertPart, moved: Moved, after: Balance): Ground {
  const hasFlour = part.flour > 0
  // What works without egg has rules of its own.
  const isInRegion = part.aim.region !== null
  return {
    isStrange: part.reading.family.id === 'other',
    isBoth: hasFlour && gone(part, 'egg') && gone(part, 'flour'),
    isHeldByGluten: gone(part, 'flour') && glutenHolds.includes(part.reading.family.id),
    isEggHeavy: hasFlour && !isInRegion && moved.eggsGone * 50 > part.flour,
    // The sugar that a wish took away is no surprise.
    off: (isInRegion ? [] : outOfBalance(moved)).filter(
      text => !part.sweetened || !text.includes(' sugar '),
    ),
    wished: wishedOf(part),
    fails: failsBy(part, moved, after.lift),
  }
}
/** What a formula of the table promises of itself; null where the numbers decide. */
const promiseOf = ({ route }: DessertPart) =>
  route?.how === 'formula' ? { word: route.confidence!, because: route.because } : null

/** The first that holds is said. */
function becauseOf(part: DessertPart, ground: Ground) {
  const { isStrange, isBoth, isHeldByGluten, isEggHeavy, off, wished, fails } = ground
  const { name } = part.reading.family
  const { region } = part.aim
  const reasons: readonly (readonly [boolean, string])[] = [
    [fails !== null, fails ?? ''],
    [isStrange, weakGround.strange],
    [isHeldByGluten, weakGround.heldByGluten],
    [isBoth, weakGround.glutenAndEgg],
    [isEggHeavy, weakGround.eggHeavy],
    [off.length > 0, `It leaves the balance of a ${name}: ${off[0]}.`],
    [wished !== null, wished?.says ?? ''],
    [region !== null, region ? `Its amounts are those of ${region.says}, which works.` : ''],
  ]
  return reasons.find(([holds]) => holds)?.[1] ?? promiseOf(part)?.because ?? ''
}

/** The place of its word in the list: by the numbers, weaker on weak ground. */
function levelOf(part: DessertPart, loss: number, ground: Ground): number {
  if (ground.fails) return confidenceWords.length - 1
  const promise = promiseOf(part)
  const level = promise
    ? confidenceWords.findIndex(c => c.word === promise.word)
    : confidenceWords.findIndex(c => loss < c.below)
  if (ground.isStrange) return Math.max(level, experimental - 1)
  if (promise) return level
  const isWeak = ground.isEggHeavy || ground.isBoth || ground.off.length > 0
  const ofGluten = ground.isHeldByGluten ? 2 : 0
  // Weak ground makes a word weaker, but only the numbers can advise against.
  const lowered = level + (isWeak ? 1 : 0) + ofGluten + (ground.wished?.levels ?? 0)
  return Math.max(level, Math.min(lowered, experimental))
}

function gradeOf(part: DessertPart, adapted: Recipe['components'][number], whole: number): Graded {
  const { moved, loss, after } = movedOf(part, adapted)
  const ground = groundOf(part, moved, after)
  const small = Math.min(1, part.mass / Math.max(whole, 1) / smallPart)
  return {
    part,
    moved,
    loss,
    after,
    off: ground.off,
    level: levelOf(part, loss * small, ground),
    because: becauseOf(part, ground),
  }
}

/**
 * What the baker wished for and what follows: the loss is measured against the wish, so the word is
 * weaker and says so.
 */
function wishedOf({
  before,
  goal,
  sweetened,
  aim,
}: DessertPart): { readonly levels: number; readonly says: string } | null {
  const cut = (was: number, is: number) => (aim.isWished && was > 0 ? 1 - is / was : 0)
  const [sugar, fat] = [cut(before.sweetness, goal.sweetness), cut(before.fat, goal.fat)]
  const most = Math.max(sugar, fat)
  const levels = Math.max(wishWeakens.find(row => most >= row.from)?.levels ?? 0, sweetened ? 1 : 0)
  if (!levels) return null
  const says = [
    ...(sugar >= 0.05
      ? [
          `${Math.round(100 * sugar)} % less sugar is less sweet, paler and drier, and keeps less long`,
        ]
      : []),
    ...(fat >= 0.05 ? [`${Math.round(100 * fat)} % less fat is leaner, closer and chewier`] : []),
    ...(sweetened ? ['another sweetener browns and melts otherwise than sugar'] : []),
  ]
  return { levels, says: `As you asked, and measured against that: ${says.join('; ')}.` }
}

/** An adapted recipe and the parts that were touched in it. */
interface JudgeAsked {
  readonly adapted: Recipe
  readonly parts: readonly DessertPart[]
  readonly touched: ReadonlySet<number>
  readonly schools: readonly string[]
  readonly tried?: readonly Tried[]
}

/** A graded part as a plan shows it. */
function shownPart({ part, after, loss }: Graded): PlanPart {
  const { family, because } = part.reading
  const { family: judged, region, holder } = part.aim
  const weights = weightsOf(part.component.lines)
  const by = { family: judged, mass: part.baseMass, flour: part.flour, base: part.base }
  return {
    component: part.component.name,
    family: family.id,
    familyName: family.name,
    familyBecause: because,
    before: part.before,
    after,
    bands: {
      ...bandsOf({ ...by, original: part.goal }),
      // Any place in a region is as good.
      ...(region ? stretchOf({ region, balance: part.before, weights, holder, by }) : {}),
    },
    matters: measures.filter(m => (judged.weights[m] ?? 1) >= 0.1),
    loss,
    mass: part.mass,
  }
}

/** Risks part by part, and why the word is what it is; `graded` with the heaviest first. */
function wordsOn(graded: readonly Graded[], worst: Graded | null, region: Recipe['region']) {
  const [heaviest] = graded
  const inPart = (g: Graded, text: string) =>
    g === heaviest || !g.part.component.name ? text : `${g.part.component.name}: ${text}`
  const byNumbers = graded.filter(g => !promiseOf(g.part))
  const moves = byNumbers.flatMap(g => noticed(g.moved).map(text => inPart(g, text)))
  const risks = byNumbers.flatMap(g =>
    [...overdoses(g.moved, region), ...noticed(g.moved), ...g.off].map(text => inPart(g, text)),
  )
  const byMove = moves[0]
    ? `What moves most: ${moves[0]}.`
    : 'Everything stays close to the original.'
  return {
    risks: [...new Set(risks)],
    because: worst ? worst.because || byMove : 'Only words in the steps change.',
  }
}

/**
 * Weighs a version of a recipe against the original, part by part: `touched` are the parts that
 * something left or was nudged in. The same for a plan that was worked out and for one whose
 * amounts the baker has moved.
 */
export function judge({ adapted, parts, touched, schools, tried = [] }: JudgeAsked): Judged {
  const chosen = parts.flatMap((part, i) => (touched.has(i) ? [{ part, i }] : []))
  const whole = chosen.reduce((sum, { part }) => sum + part.mass, 0)
  const graded = chosen.map(({ part, i }) => gradeOf(part, adapted.components[i]!, whole))
  const heaviestFirst = [...graded].sort((a, b) => b.part.mass - a.part.mass)
  const heaviest = heaviestFirst[0] ?? null
  const alike = heaviest ? triedAlike(heaviest.part.reading.family.id, schools, tried) : []
  const worst = graded.reduce<Graded | null>((a, b) => (!a || b.level > a.level ? b : a), null)
  const level = worst ? movedBy(worst.level, alike) : 0
  const rests = restsOf(
    alike,
    schools.flatMap(id => substitutionById(id)?.source ?? []),
  )
  const wholeBalance = (of: (part: DessertPart, i: number) => Balance) =>
    parts.reduce((sum, part, i) => plusBalance(sum, of(part, i)), noBalance)
  const { risks, because } = wordsOn(heaviestFirst, worst, adapted.region)
  return {
    parts: graded.map(shownPart).sort((a, b) => b.mass - a.mass),
    balance: {
      before: wholeBalance(part => part.before),
      after: wholeBalance((part, i) =>
        balanceIn(part.reading.family, weightsOf(adapted.components[i]!.lines)),
      ),
    },
    risks,
    confidence: confidenceWords[level]!.word,
    confidenceBecause: because,
    rests,
    restsOn: sayRests(rests),
    testPiece: level >= experimental && heaviest ? testPieceOf(heaviest.part) : null,
  }
}

/** One muffin case of 45 g flour, or a sixth where there is no flour to speak of. [P] */
function testPieceOf(part: DessertPart): TestPiece {
  const factor = part.flour > 60 ? Math.max(0.1, Math.min(0.5, testPieceFlour / part.flour)) : 1 / 6
  return {
    factor,
    says:
      part.flour > 60
        ? `Bake one case of it first: ${testPieceFlour} g flour and ` +
          `${Math.round(100 * factor)} % of everything else.`
        : 'Make a sixth of it first.',
  }
}
