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

/**
 * Everything in which `other` differs from `base`: amounts and ingredients part by part, how long
 * things rest, sentences of the method, the oven, the tin. `times` is how much larger the one is
 * than the other, where that is no difference.
 */
export function differencesOf(base: Recipe, other: Recipe, times = 1): Difference[] {
  const found: Difference[] = []
  const [was, is] = [weightsBy(base), weightsBy(other)]
  for (const [key, { line, grams }] of was) {
    const now = is.get(key)
    const part = {
      what: 'line' as const,
      component: line.component,
      ingredient: line.ingredient,
      name: nameOf(line, base),
    }
    if (!now)
      found.push({
        ...part,
        from: grams,
        to: 0,
        says: `without ${grams ? `the ${weightText(grams)} ` : ''}${part.name}`,
      })
    else if (grams !== null && now.grams !== null && !sameWeight(grams * times, now.grams))
      found.push({
        ...part,
        from: grams * times,
        to: now.grams,
        says: `${part.name}: ${weightText(grams * times)} → ${weightText(now.grams)}`,
      })
  }
  for (const [key, { line, grams }] of is)
    if (!was.has(key))
      found.push({
        what: 'line',
        component: line.component,
        ingredient: line.ingredient,
        name: nameOf(line, other),
        from: 0,
        to: grams,
        says: `with ${grams ? `${weightText(grams)} ` : ''}${nameOf(line, other)}`,
      })
  const rests = restsApart(base, other)
  for (const {
    was: { says, name, resting },
    is: { resting: now },
  } of rests)
    found.push({
      what: 'rest',
      component: resting.component,
      ingredient: null,
      name,
      from: resting.low,
      to: now.low,
      says: `${says} ${sayRestTime(resting.low, now.low, ' → ')}`,
    })
  const [before, after] = [
    sentencesOf(
      base,
      rests.map(r => r.was),
    ),
    sentencesOf(
      other,
      rests.map(r => r.is),
    ),
  ]
  const has = (all: typeof before, one: (typeof before)[number]) =>
    all.some(s => plainStep(s.sentence) === plainStep(one.sentence))
  for (const one of after)
    if (plainStep(one.sentence) && !has(before, one))
      found.push({
        what: 'step',
        component: one.component,
        ingredient: null,
        name: '',
        from: null,
        to: null,
        says: `now: ${one.sentence}`,
      })
  for (const one of before)
    if (plainStep(one.sentence) && !has(after, one))
      found.push({
        what: 'step',
        component: one.component,
        ingredient: null,
        name: '',
        from: null,
        to: null,
        says: `no longer: ${one.sentence}`,
      })
  const [hot, cool] = [base.oven?.celsius ?? null, other.oven?.celsius ?? null]
  if (hot !== cool)
    found.push({
      what: 'oven',
      component: '',
      ingredient: null,
      name: 'oven',
      from: hot,
      to: cool,
      says: `oven: ${hot ?? 'not said'} → ${cool ?? 'not said'}${cool === null ? '' : ' °C'}`,
    })
  if ((base.pan?.text ?? '') !== (other.pan?.text ?? ''))
    found.push({
      what: 'tin',
      component: '',
      ingredient: null,
      name: 'tin',
      from: null,
      to: null,
      says: `tin: ${base.pan?.text ?? 'not said'} → ${other.pan?.text ?? 'not said'}`,
    })
  return found
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

/**
 * Differences sorted into changes, so that two at once can be seen and named. What stands for the
 * same thing before and after (flax gel for chia gel) is one change; so is a dose whose gel and
 * water move together. A sentence of the method counts only where no amount explains it.
 */
export function changesOf(
  differences: readonly Difference[],
  base: Pick<Plan, 'changes'> | null,
  other: Pick<Plan, 'changes'> | null,
): Changed[] {
  const names = (plan: Pick<Plan, 'changes'> | null, key: string) =>
    plan?.changes
      .filter(c => c.school && `${c.component}|${substitutionById(c.school)?.question}` === key)
      .map(c => substitutionById(c.school!)?.name ?? c.school!) ?? []
  const question = new Map<string, string>()
  const anew = (key: string) => names(base, key).join() !== names(other, key).join()
  // Water may come with two schools: it goes with the one that is another now.
  for (const plan of [base, other])
    for (const change of plan?.changes ?? [])
      for (const add of change.adds)
        if (change.school) {
          const [thing, key] = [
            `${change.component}|${add.ingredient}`,
            `${change.component}|${substitutionById(change.school)?.question ?? change.school}`,
          ]
          if (!question.has(thing) || anew(key)) question.set(thing, key)
        }
  const groups = new Map<string, Difference[]>()
  const add = (key: string, one: Difference) => groups.set(key, [...(groups.get(key) ?? []), one])
  const amounts = differences.filter(d => d.what === 'line')
  for (const one of amounts)
    add(
      question.get(`${one.component}|${one.ingredient}`) ??
        `${one.component}|${one.ingredient ?? one.name}`,
      one,
    )
  for (const one of differences) if (one.what === 'oven' || one.what === 'tin') add(one.what, one)
  for (const one of differences) if (one.what === 'rest') add(`rest:${one.name}`, one)
  // Words follow amounts: another thing has another name, and its gel is made otherwise.
  if (!groups.size) for (const one of differences) if (one.what === 'step') add('method', one)
  return [...groups].map(([key, all]) => {
    const [from, to] = [names(base, key).join(' and '), names(other, key).join(' and ')]
    return {
      key,
      differences: all,
      says:
        from && to && from !== to
          ? `${to} instead of ${from}`
          : all
              .filter(d => key !== 'method' || d.says.startsWith('now'))
              .map(d => d.says)
              .join(', ') || all.map(d => d.says).join(', '),
    }
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
