import { weightText, type Celsius, type Grams, type Minutes } from '../measure'
import { ingredientById, nameIn } from '../pantry'
import { linesOf, sayRestTime, type Line, type Recipe } from '../recipe'
import { restedIn, substitutionById, type Plan, type Rested } from '../swap'

/**
 * One thing in which two versions of a dessert differ. Grams of a line, minutes of a rest, degrees
 * of the oven; null where none are stated.
 */
export interface Difference {
  readonly what: 'line' | 'rest' | 'step' | 'oven' | 'tin'
  readonly component: string
  readonly ingredient: string | null
  readonly name: string
  readonly from: Grams | Minutes | Celsius | null
  readonly to: Grams | Minutes | Celsius | null
  readonly says: string
}

const nameOf = (line: Line, recipe: Recipe) => {
  const item = ingredientById(line.ingredient ?? '')
  return item ? nameIn(item, recipe.region) : line.name || line.text
}
const keyOf = (line: Line) =>
  `${line.component}|${line.ingredient ?? line.name}|${line.purpose ?? ''}`

/**
 * The weights of a recipe by thing: lines of the same in the same part count together, so that a
 * line that was split is no difference.
 */
function weightsBy(recipe: Recipe): Map<string, { line: Line; grams: number | null }> {
  const all = new Map<string, { line: Line; grams: number | null }>()
  for (const line of linesOf(recipe)) {
    const there = all.get(keyOf(line))
    all.set(keyOf(line), {
      line: there?.line ?? line,
      grams: line.grams ? (there?.grams ?? 0) + line.grams.best : (there?.grams ?? null),
    })
  }
  return all
}

/** Less than this is the same weight: nobody weighs it. */
const sameWeight = (a: number, b: number) =>
  Math.abs(a - b) <= Math.max(0.05, 0.004 * Math.max(a, b))
const plainStep = (text: string) =>
  text
    .toLowerCase()
    .replace(/[^\p{L}\d]+/gu, ' ')
    .trim()

/** Restings that both have, for another time: the same sentence of the same part but for its minutes. */
function restsApart(base: Recipe, other: Recipe): { readonly was: Rested; readonly is: Rested }[] {
  const now = restedIn(other, [])
  return restedIn(base, []).flatMap(was => {
    const at = now.findIndex(
      ({ key, name, resting }) =>
        key === was.key &&
        name === was.name &&
        resting.component === was.resting.component &&
        plainStep(resting.sentence) === plainStep(was.resting.sentence),
    )
    const [is] = at < 0 ? [] : now.splice(at, 1)
    return is && is.resting.low !== was.resting.low ? [{ was, is }] : []
  })
}
/** The sentences of the method, without the times of these rests. */
const sentencesOf = (recipe: Recipe, without: readonly Rested[]) =>
  recipe.components.flatMap((c, part) =>
    c.steps.flatMap((text, step) =>
      without
        .filter(r => r.resting.part === part && r.resting.step === step)
        .reduceRight(
          (line, { resting: { span } }) => `${line.slice(0, span[0])}…${line.slice(span[1])}`,
          text,
        )
        .split(/(?<=[.!?])\s+/u)
        .map(sentence => ({ component: c.name, sentence })),
    ),
  )

/** Lines that left, came, or weigh otherwise; `times` as for differencesOf. */
function linesApart(base: Recipe, other: Recipe, times: number): Difference[] {
  const [was, is] = [weightsBy(base), weightsBy(other)]
  const ofLine = (line: Line, recipe: Recipe) => ({
    what: 'line' as const,
    component: line.component,
    ingredient: line.ingredient,
    name: nameOf(line, recipe),
  })
  const gone = ({ line, grams }: { line: Line; grams: number | null }): Difference => {
    const part = ofLine(line, base)
    const says = `without ${grams ? `the ${weightText(grams)} ` : ''}${part.name}`
    return { ...part, from: grams, to: 0, says }
  }
  const moved = (line: Line, from: number, to: number): Difference => {
    const part = ofLine(line, base)
    return { ...part, from, to, says: `${part.name}: ${weightText(from)} → ${weightText(to)}` }
  }
  const come = ({ line, grams }: { line: Line; grams: number | null }): Difference => {
    const part = ofLine(line, other)
    const says = `with ${grams ? `${weightText(grams)} ` : ''}${part.name}`
    return { ...part, from: 0, to: grams, says }
  }
  const stayed = [...was].flatMap(([key, before]) => {
    const now = is.get(key)
    if (!now) return [gone(before)]
    const { line, grams } = before
    const isSame = grams === null || now.grams === null || sameWeight(grams * times, now.grams)
    return isSame ? [] : [moved(line, grams * times, now.grams!)]
  })
  const fresh = [...is].filter(([key]) => !was.has(key)).map(([, now]) => come(now))
  return [...stayed, ...fresh]
}
/** Sentences of the method that only one of the two has. */
function sentencesApart(
  before: ReturnType<typeof sentencesOf>,
  after: ReturnType<typeof sentencesOf>,
): Difference[] {
  const only = (mine: typeof before, others: typeof before, how: string) => {
    const known = new Set(others.map(each => plainStep(each.sentence)))
    return mine
      .filter(each => plainStep(each.sentence) && !known.has(plainStep(each.sentence)))
      .map(({ component, sentence }): Difference => ({
        what: 'step',
        component,
        ingredient: null,
        name: '',
        from: null,
        to: null,
        says: `${how}: ${sentence}`,
      }))
  }
  return [...only(after, before, 'now'), ...only(before, after, 'no longer')]
}
const notSaid = 'not said'
const heatOf = ({ oven }: Recipe) => oven?.celsius ?? null
const tinSaid = ({ pan }: Recipe) => pan?.text ?? notSaid
/** Another heat, another tin. */
function ovenApart(base: Recipe, other: Recipe): Difference[] {
  const none = { component: '', ingredient: null } as const
  const [hot, cool] = [heatOf(base), heatOf(other)]
  const [tin, now] = [tinSaid(base), tinSaid(other)]
  const heat = `oven: ${hot ?? notSaid} → ${cool ?? notSaid}${cool === null ? '' : ' °C'}`
  const tins = `tin: ${tin} → ${now}`
  const oven: Difference = { ...none, what: 'oven', name: 'oven', from: hot, to: cool, says: heat }
  const pan: Difference = { ...none, what: 'tin', name: 'tin', from: null, to: null, says: tins }
  return [...(hot === cool ? [] : [oven]), ...(tin === now ? [] : [pan])]
}

/**
 * Everything in which `other` differs from `base`: amounts and ingredients part by part, how long
 * things rest, sentences of the method, the oven, the tin. `times` is how much larger the one is
 * than the other, where that is no difference.
 */
export function differencesOf(base: Recipe, other: Recipe, times = 1): Difference[] {
  const rests = restsApart(base, other)
  const restDifferences = rests.map(({ was: { says, name, resting }, is }): Difference => ({
    what: 'rest',
    component: resting.component,
    ingredient: null,
    name,
    from: resting.low,
    to: is.resting.low,
    says: `${says} ${sayRestTime(resting.low, is.resting.low, ' → ')}`,
  }))
  const before = sentencesOf(
    base,
    rests.map(r => r.was),
  )
  const after = sentencesOf(
    other,
    rests.map(r => r.is),
  )
  return [
    ...linesApart(base, other, times),
    ...restDifferences,
    ...sentencesApart(before, after),
    ...ovenApart(base, other),
  ]
}

/**
 * Differences that are one change: what belongs to one school, with the sentences that name it;
 * each other amount; what rests; the method; the oven.
 */
export interface Changed {
  readonly key: string
  readonly says: string
  readonly differences: readonly Difference[]
}

type Changes = Pick<Plan, 'changes'> | null
const questionOf = (school: string) => substitutionById(school)?.question
/** The substitutions of a plan for one question in one part, by name. */
const namesFor = (plan: Changes, key: string): string[] =>
  (plan?.changes ?? [])
    .filter(c => c.school && `${c.component}|${questionOf(c.school)}` === key)
    .map(c => substitutionById(c.school!)?.name ?? c.school!)

/** To which question each thing belongs that the two plans add, part by part. */
function questionsOf(base: Changes, other: Changes): ReadonlyMap<string, string> {
  const isAnew = (key: string) => namesFor(base, key).join() !== namesFor(other, key).join()
  const all = [base, other].flatMap(plan => plan?.changes ?? [])
  const added = all.flatMap(({ component, school, adds }) => {
    if (!school) return []
    const key = `${component}|${questionOf(school) ?? school}`
    return adds.map(add => ({ thing: `${component}|${add.ingredient}`, key }))
  })
  const question = new Map<string, string>()
  // Water may come with two schools: it goes with the one that is another now.
  for (const { thing, key } of added)
    if (!question.has(thing) || isAnew(key)) question.set(thing, key)
  return question
}

/**
 * Differences sorted into changes, so that two at once can be seen and named. What stands for the
 * same thing before and after (flax gel for chia gel) is one change; so is a dose whose gel and
 * water move together. A sentence of the method counts only where no amount explains it.
 */
export function changesOf(
  differences: readonly Difference[],
  base: Changes,
  other: Changes,
): Changed[] {
  const question = questionsOf(base, other)
  const keyOfLine = ({ component, ingredient, name }: Difference) =>
    question.get(`${component}|${ingredient}`) ?? `${component}|${ingredient ?? name}`
  const groups = new Map<string, Difference[]>()
  const group = (what: Difference['what'], key: (one: Difference) => string) => {
    for (const one of differences)
      if (one.what === what) groups.set(key(one), [...(groups.get(key(one)) ?? []), one])
  }
  group('line', keyOfLine)
  group('oven', () => 'oven')
  group('tin', () => 'tin')
  group('rest', one => `rest:${one.name}`)
  // Words follow amounts: another thing has another name, and its gel is made otherwise.
  if (!groups.size) group('step', () => 'method')
  return [...groups].map(([key, all]) => {
    const [from, to] = [namesFor(base, key).join(' and '), namesFor(other, key).join(' and ')]
    if (from && to && from !== to)
      return { key, differences: all, says: `${to} instead of ${from}` }
    const told = all.filter(d => key !== 'method' || d.says.startsWith('now'))
    const says = (told.length ? told : all).map(d => d.says).join(', ')
    return { key, differences: all, says }
  })
}

/**
 * What is the same in both, for the list of what is held: the lines of the base that no difference
 * touches.
 */
export const heldIn = (base: Recipe, differences: readonly Difference[]): string[] =>
  [...weightsBy(base).values()]
    .filter(
      ({ line }) =>
        !differences.some(
          d =>
            d.what === 'line' &&
            d.component === line.component &&
            d.ingredient === line.ingredient &&
            d.name === nameOf(line, base),
        ),
    )
    .map(({ line, grams }) => `${grams ? `${weightText(grams)} ` : ''}${nameOf(line, base)}`)
