import type { Grams, Region } from '../../measure'
import { ingredientById, type Ingredient } from '../../pantry'
import { balanceIn, freshEgg, type Balance, type FamilyRow, type Miss } from '../../formula'
import type { Line } from '../../recipe'
import { asksPacket, mayCome, type Table, type Question } from '../leaving'
import {
  priceOf,
  type Group,
  type Wishes,
  provenBy,
  type Tried,
  type Method,
  shareOf,
  type DessertPart,
  unusualness,
  deviationFrom,
  nearestIn,
  school,
  type Substitution,
  type KeptAmount,
  type LineRole,
} from '../ways'
import {
  type Added,
  type AmountSetter,
  type Lever,
  type PlanDraft,
  type Target,
  strainOf,
} from '../amounts'
import { confidenceWords, creamFat, leverIngredients, limits, reach } from '../tables/limits'
import type { RouteRow } from '../tables/routes'

/**
 * One answer for a part: a school for each group, the amounts that follow, and how far it is from
 * the original.
 */
export interface Option {
  readonly part: DessertPart
  readonly answers: readonly Answer[]
  readonly draft: PlanDraft
  readonly after: Balance
  readonly loss: number
  /** What the amounts strain against their doses and what they were. */
  readonly strain: number
  readonly misses: readonly Miss[]
  readonly news: readonly string[]
  readonly price: number
  /** What of its price is that hardly anybody bakes it so. */
  readonly unusual: number
}
export type Answer = readonly [Group, Substitution]

/** "Leave it out", as an answer for what a dessert may do without. */
export const leaveOut: Substitution = school(
  'decoration',
  'leave-out',
  'left out',
  '',
  [],
  'the dessert may do without it',
  '[P]',
  { differs: 'goes without it', flavour: 1.5 },
)

const gramsOf = (line: Line) => line.grams?.best ?? 0

/** A substitution for a group, with the room that each role has in the part. */
interface DoseAsked {
  readonly group: Group
  readonly answer: Substitution
  readonly part: DessertPart
  readonly room: Readonly<Record<LineRole, readonly [number, number]>>
  readonly wishes: Wishes
}

/** The doses of one school for a group, with the bounds within which the amounts may be set. */
function dosed({ group, answer, part, room, wishes }: DoseAsked): Added[] {
  const removed = group.lines.reduce(
    (sum, item) => sum + gramsOf(item.line) * (freshEgg(item.ingredient) || 1),
    0,
  )
  const first = answer.adds.find(dose => dose.role === 'gel') ?? answer.adds[0]
  const dry = part.mass - part.before.water
  const { perEgg, ofDry, ofBatch } = answer.limit ?? {}
  const most = Math.min(
    perEgg ? (perEgg * removed) / 50 : Infinity,
    ofDry ? ofDry * dry : Infinity,
    ofBatch ? ofBatch * part.mass : Infinity,
  )
  const scale = first ? Math.min(1, most / Math.max(removed * first.perGram, 1e-9)) : 1
  const isSet = creamFat.families.includes(part.reading.family.id)
  const isFat = fatQuestions.includes(group.question)
  const leaner = isFat && part.aim.region ? shareOf(part.before, part.goal, 'fat') : 1
  return answer.adds.map(dose => {
    const ingredient = ingredientById(dose.ingredient)!
    const of = dose.ofLiquid ? part.liquid : leaner * removed * scale
    const grams = (of * dose.perGram) / (dose.perFactor ? (wishes.factor ?? 1) : 1)
    const role = dose.role ?? 'bulk'
    const have = Math.min(
      wishes.atMost?.[dose.ingredient] ?? Infinity,
      dose === first ? most : Infinity,
    )
    const at = Math.min(grams, have)
    return {
      ingredient,
      grams: at,
      dose: grams,
      least: leastOf(dose, {
        at,
        grams,
        have,
        room: room[role][0],
        isFirst: dose === answer.adds[0],
      }),
      most: Math.min(grams * room[role][1] * (role === 'fat' && isSet ? creamFat.by : 1), have),
      answers: group.question,
      school: answer.id,
      role,
    }
  })
}

/** The least of a dose: a cream's setter keeps its own, a liquid besides may be none at all. */
function leastOf(
  { role, ofLiquid }: Substitution['adds'][number],
  by: {
    readonly at: Grams
    readonly grams: Grams
    readonly have: Grams
    readonly room: number
    readonly isFirst: boolean
  },
): Grams {
  if (ofLiquid) return 0.9 * by.at
  return role === 'liquid' && !by.isFirst ? 0 : Math.min(by.grams * by.room, by.have)
}

const fatQuestions: readonly Question[] = ['butter', 'hard-fat', 'oil', 'fat']

const doseGroup = (
  group: Group,
  answer: Substitution,
  part: DessertPart,
  wishes: Wishes,
): Added[] =>
  answer.of
    ? answer.of.flatMap(own =>
        dosed({ group, answer: own, part, room: reach.together, wishes }).map(a => ({
          ...a,
          grams: a.grams / 2,
        })),
      )
    : dosed({ group, answer, part, room: reach.alone, wishes })

/** What closes a lack of fat: oil where something holds it, else what sets, or nothing. */
const fatLevers = { oil: 'fat', firm: 'firm', set: 'setting', none: null } as const

/**
 * The first of the lever's ingredients that everyone may eat: one that is in the part already, one
 * nobody has to ask about, any.
 */
function leverFor(part: DessertPart, table: Table, added: readonly Added[], wishes: Wishes) {
  const here = new Set([...part.kept, ...added].map(w => w.ingredient.id))
  const found = new Map<Lever, Ingredient | null>()
  return (what: Lever): Ingredient | null => {
    if (found.has(what)) return found.get(what)!
    if (what === 'fat' && wishes.less?.fat === 1) return null
    const how = part.reading.family.closesFat ?? 'oil'
    // A fat that comes in may come in as more of itself.
    const isIn = how !== 'oil' && added.some(a => a.role === 'fat')
    const row = what === 'fat' ? fatLevers[how] : what
    if (!row || (what === 'fat' && isIn)) return null
    const fit = leverIngredients[row]
      .filter(id => !wishes.ban?.includes(id) && wishes.atMost?.[id] === undefined)
      .map(id => ingredientById(id)!)
      .filter(item => mayCome(item, table))
    const best =
      fit.find(item => here.has(item.id)) ??
      fit.find(item => !asksPacket(item, table)) ??
      fit[0] ??
      null
    found.set(what, best)
    return best
  }
}

/** All the sugars of a part together are so much of what leaves, at least. */
function sweeten(draft: PlanDraft, route: RouteRow, removed: Grams): PlanDraft {
  const isSugar = (k: KeptAmount) => k.ingredient.kind === 'sugar'
  const there = draft.kept.filter(isSugar).reduce((sum, k) => sum + k.grams, 0)
  const wanted = (route.sugarPerGram ?? 0) * removed
  if (there <= 0 || wanted <= there) return draft
  const kept = draft.kept.map(k => (isSugar(k) ? { ...k, grams: (k.grams * wanted) / there } : k))
  return { ...draft, kept }
}

/**
 * `only` the question whether everything has an answer; `by` another way of setting amounts, for
 * the bench.
 */
export interface PartSetting {
  readonly table: Table
  readonly wishes: Wishes
  readonly used: ReadonlySet<string>
  readonly by?: Method
  readonly only?: 'stuck'
  /** How the house's own bakes came out. */
  readonly tried?: readonly Tried[]
  readonly region?: Region
}

/** Computes one answer: doses, then the amounts (a formula of its own keeps its doses), then the loss. */
export function optionOf(
  part: DessertPart,
  answers: readonly Answer[],
  { table, wishes, used, by, tried }: PartSetting,
  set: AmountSetter,
): Option {
  const added = answers.flatMap(([group, answer]) => doseGroup(group, answer, part, wishes))
  const { family } = part.aim
  const target: Target = {
    before: part.base,
    goal: placeAimedAt(part, added),
    family: by === 'composition' ? withoutFunctions(family) : family,
    mass: part.baseMass,
    flour: part.flour,
    lever: leverFor(part, table, added, wishes),
  }
  const start: PlanDraft = {
    kept: part.kept,
    added: by === 'one-for-one' ? weightForWeight(added, answers) : added,
  }
  const eggsGone = answers
    .flatMap(([group]) => (group.question === 'egg' ? group.lines : []))
    .reduce((sum, item) => sum + gramsOf(item.line), 0)
  const draft =
    part.route?.how === 'formula' && part.route.fixed
      ? sweeten(start, part.route, eggsGone)
      : set(start, target)
  return weighed(part, answers, draft, { table, wishes, used, tried })
}

/**
 * What the amounts are set to: in a region so much water as is nearest to what bakers' own doses
 * bring, since any place in it is as good.
 */
function placeAimedAt({ aim, kept, goal }: DessertPart, added: readonly Added[]): Balance {
  if (!aim.region || aim.isWished) return goal
  const weights = [...kept, ...added].map(({ ingredient, grams }) => ({ ingredient, grams }))
  const dosed = balanceIn(aim.original, weights)
  return { ...goal, water: nearestIn(aim.region, dosed, weights, aim.holder).water }
}

/** The toy: what comes in weighs what left. For the bench. */
function weightForWeight(added: readonly Added[], answers: readonly Answer[]): Added[] {
  return added.map(a => {
    const group = answers.find(([g]) => g.question === a.answers)![0]
    const all = added.filter(b => b.answers === a.answers).reduce((sum, b) => sum + b.grams, 0)
    const left = group.lines.reduce((sum, item) => sum + gramsOf(item.line), 0)
    return { ...a, grams: all > 0 ? (a.grams * left) / all : 0 }
  })
}
/** The family as one that minds composition alone. For the bench. */
const withoutFunctions = (family: FamilyRow): FamilyRow => ({
  ...family,
  weights: {
    ...family.weights,
    bind: 0,
    set: 0,
    foam: 0,
    emulsify: 0,
    gluten: 0,
    lift: 0,
    acid: 0,
    solidFat: 0,
    heaviness: 0,
  },
})

/** An answer with the amounts that a draft gives it, weighed against the original. */
export function weighed(
  part: DessertPart,
  answers: readonly Answer[],
  draft: PlanDraft,
  { table, used, wishes, tried = [] }: PartSetting,
): Option {
  const { family } = part.reading
  const weights = [...draft.kept, ...draft.added]
  const after = balanceIn(family, weights)
  const { loss, misses } = deviationFrom(part.aim, after, weights)
  const here = new Set(part.kept.map(k => k.ingredient.id))
  const news = [
    ...new Set(
      draft.added.filter(a => a.grams >= limits.leastOfBatch * part.mass).map(a => a.ingredient.id),
    ),
  ].filter(id => !here.has(id) && !used.has(id) && id !== waterId)
  const unusual = unusualness(
    answers.map(([, answer]) => answer),
    part.reading.family,
    answers.some(([group]) => group.question === 'flour'),
  )
  const price =
    answers.reduce((sum, [, answer]) => sum + priceOf(answer, table, limits.askPacket, used), 0) +
    limits.newIngredient * news.length +
    limits.tooMany * Math.max(0, news.length - (wishes.maxExtra ?? Infinity)) +
    unusual -
    provenBy(
      family.id,
      answers.map(([, answer]) => answer.id),
      tried,
    )
  return {
    part,
    answers,
    draft,
    after,
    loss,
    strain: part.route?.fixed ? 0 : strainOf(draft, part.baseMass),
    misses,
    news,
    price,
    unusual,
  }
}
/** What comes out of the tap is no line on a shopping list. */
const [waterId] = leverIngredients.water

/**
 * What an answer costs in all: its loss, its strain, its price, and twice what the loss is above
 * "close": a better cake is worth a longer shopping list, but not the other way round.
 */
export const costOf = (option: Option): number =>
  option.loss + option.strain + 2 * Math.max(0, option.loss - closeEnough) + option.price
const closeEnough = confidenceWords.find(c => c.word === 'close')!.below
