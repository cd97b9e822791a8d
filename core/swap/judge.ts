import {
  balanceIn,
  bandsOf,
  eggCount,
  deviationOf,
  measures,
  noBalance,
  plusBalance,
  weightsOf,
  type Balance,
} from '../formula'
import type { Recipe } from '../recipe'
import { movedBy, restsOf, sayRests, triedAlike, type Rests, type Tried } from './experience'
import { noticed, outOfBalance, overdoses, type Moved } from './explain'
import { substitutionById } from './candidates'
import type { DessertPart } from './part'
import type { PlanPart, TestPiece } from './plan'
import {
  confidenceWords,
  smallPart,
  testPieceFlour,
  wishWeakens,
  type ConfidenceWord,
} from './tables/limits'
import { weakGround } from './tables/routes'

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

function gradeOf(part: DessertPart, adapted: Recipe['components'][number], whole: number): Graded {
  const { family } = part.reading
  const [was, is] = [weightsOf(part.component.lines), weightsOf(adapted.lines)]
  const after = balanceIn(family, is)
  const { loss, misses } = deviationOf(part.base, after, {
    family,
    mass: part.baseMass,
    flour: part.flour,
    goal: part.goal,
    eggAir: family.eggLift * eggCount(is),
  })
  const eggsGone = gone(part, 'egg') ? part.eggs : 0
  const moved: Moved = {
    family,
    before: part.before,
    base: part.base,
    mass: part.baseMass,
    flour: part.flour,
    eggsGone,
    misses,
    was,
    is,
  }
  const formula = part.route?.how === 'formula' ? part.route.confidence! : null
  const small = Math.min(1, part.mass / Math.max(whole, 1) / smallPart)
  const level = formula
    ? confidenceWords.findIndex(c => c.word === formula)
    : confidenceWords.findIndex(c => loss * small < c.below)
  const eggHeavy = part.flour > 0 && eggsGone * 50 > part.flour
  const both = part.flour > 0 && gone(part, 'egg') && gone(part, 'flour')
  // The sugar that a wish took away is no surprise.
  const off = outOfBalance(moved).filter(text => !part.sweetened || !text.includes(' sugar '))
  const wished = wishedOf(part)
  const strange = family.id === 'other'
  // The first that holds is said.
  const reasons: readonly (readonly [boolean, string])[] = [
    [strange, weakGround.strange],
    [both, weakGround.glutenAndEgg],
    [eggHeavy, weakGround.eggHeavy],
    [off.length > 0, `It leaves the balance of a ${family.name}: ${off[0]}.`],
    [wished !== null && wished !== undefined, wished?.says ?? ''],
    [Boolean(formula), part.route?.because ?? ''],
  ]
  const because = reasons.find(([holds]) => holds)?.[1] ?? ''
  // Weak ground makes a word weaker, but only the numbers can advise against.
  const weaker = eggHeavy || both || off.length > 0
  const lowered = Math.min(level + (weaker ? 1 : 0) + (wished?.levels ?? 0), experimental)
  const levelOnGround = formula ? level : Math.max(level, lowered)
  return {
    part,
    moved,
    loss,
    after,
    off,
    level: strange ? Math.max(level, experimental - 1) : levelOnGround,
    because,
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
}: DessertPart): { readonly levels: number; readonly says: string } | null {
  const cut = (was: number, is: number) => (was > 0 ? 1 - is / was : 0)
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
  const inPart = (g: Graded, text: string) =>
    g === heaviest || !g.part.component.name ? text : `${g.part.component.name}: ${text}`
  const worst = graded.reduce<Graded | null>((a, b) => (!a || b.level > a.level ? b : a), null)
  const level = worst ? movedBy(worst.level, alike) : 0
  const said = heaviestFirst.flatMap(g =>
    g.part.route?.how === 'formula' ? [] : noticed(g.moved).map(text => inPart(g, text)),
  )
  const rests = restsOf(
    alike,
    schools.flatMap(id => substitutionById(id)?.source ?? []),
  )
  const wholeBalance = (of: (part: DessertPart, i: number) => Balance) =>
    parts.reduce((sum, part, i) => plusBalance(sum, of(part, i)), noBalance)
  return {
    parts: graded
      .map((g): PlanPart => {
        const { part } = g
        const { family } = part.reading
        return {
          component: part.component.name,
          family: family.id,
          familyName: family.name,
          familyBecause: part.reading.because,
          before: part.before,
          after: g.after,
          bands: bandsOf({
            original: part.goal,
            family,
            mass: part.baseMass,
            flour: part.flour,
            base: part.base,
          }),
          matters: measures.filter(m => (family.weights[m] ?? 1) >= 0.1),
          loss: g.loss,
          mass: part.mass,
        }
      })
      .sort((a, b) => b.mass - a.mass),
    balance: {
      before: wholeBalance(part => part.before),
      after: wholeBalance((part, i) =>
        balanceIn(part.reading.family, weightsOf(adapted.components[i]!.lines)),
      ),
    },
    risks: [
      ...new Set(
        heaviestFirst.flatMap(g =>
          g.part.route?.how === 'formula'
            ? []
            : [...overdoses(g.moved, adapted.region), ...noticed(g.moved), ...g.off].map(text =>
                inPart(g, text),
              ),
        ),
      ),
    ],
    confidence: confidenceWords[level]!.word,
    confidenceBecause: !worst
      ? 'Only words in the steps change.'
      : worst.because ||
        (said[0] ? `What moves most: ${said[0]}.` : 'Everything stays close to the original.'),
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
