import { weightText } from '../measure'
import { ingredientById, nameIn, type Ingredient, measured, type Measured } from '../pantry'
import { isInside } from '../formula'
import {
  linesOf,
  mentionsInStep,
  ownLines,
  type Component,
  type Line,
  type Recipe,
} from '../recipe'
import type { Added } from './draft'
import { struckChoices, type Leaving } from './leaving'
import type { Option, DessertPart } from './part'
import type { Addition, Change, Trim } from './plan'
import { leverReason, purposeWords, trimReason } from './reasons'
import type { Substitution } from './school'
import { factsOf } from './telling/facts'
import type { Making } from './telling/making'
import { tellMethod } from './telling/method'
import { readyFirst } from './telling/ready'
import { sentencesOf } from './sentences'
import { extraLines } from './join-line'
import { withAmountsRight } from './telling/amounts'
import { restAfterThird, rewriteStep, type Renaming } from './telling/rename'
import { leverIngredients, limits } from './tables/limits'
import { nobodyAvoids, schoolForUnmeasured, standInFor, type Setting } from './unmeasured'
import { listed, sayDid, whatItWasFor, whatTheyBring, whatTheyDid } from './explain'
import { trimmedLine, writtenLine } from './write'

/** A component of the adapted recipe, and the changes that made it. */
export interface Rewritten {
  readonly component: Component
  readonly changes: readonly Change[]
  readonly naming: ReadonlyMap<string, string>
  /** How much heavier a line is now than what it stands for, by its id. */ readonly factors: ReadonlyMap<
    string,
    number
  >
  readonly making: Making
}

const words = (line: Line) => line.name || line.text
/** What was to be soft is to be soft in its stead. */
const isSoft = (line: Line) => /\bsoft(?:ened)?\b|\broom\s+temperature\b/iu.test(line.text)
const spreadable: readonly string[] = ['plant-block', 'plant-spread', 'butter']
/** Does the recipe melt it, by its line or in a sentence that names it? */
const isMelted = (line: Line, steps: readonly string[]): boolean =>
  /\bmelted\b/iu.test(line.text) ||
  steps.some(step =>
    sentencesOf(step).some(
      sentence =>
        /\bmelt\w*\b/iu.test(sentence) &&
        mentionsInStep(sentence, [line]).some(m => m.line === line),
    ),
  )
const addition = (
  added: { readonly ingredient: Ingredient; readonly grams?: number },
  amount: Measured | null,
  setting: Setting,
  answer: Substitution | null,
): Addition => ({
  ingredient: added.ingredient.id,
  name: nameIn(added.ingredient, setting.region),
  grams: amount?.grams ?? null,
  kitchen: amount?.kitchen ?? 'as much as before',
  ...(amount &&
  added.grams !== undefined &&
  Math.abs(amount.grams - added.grams) > 0.02 * added.grams
    ? { exact: Math.round(10 * added.grams) / 10 }
    : {}),
  ...(answer?.prepare ? { prepare: answer.prepare } : {}),
  ...(answer?.restMinutes ? { restMinutes: answer.restMinutes } : {}),
})

/**
 * Writes one answered part: its new lines, what they are called in the steps, and the changes with
 * their reasons.
 */
export function rewritePart(option: Option, index: number, setting: Setting): Rewritten {
  const { part, draft } = option
  const { component } = part
  const changes: Change[] = []
  const naming = new Map<string, string>()
  const newLines = new Map<string, Line[]>()
  const gone = new Set<string>()
  const first: string[] = []
  const factors = new Map<string, number>()
  /** Does the part list the same thing a second time? Then each line says what it is for. */
  const isElsewhere = (a: Added) =>
    draft.kept.some(k => k.ingredient.id === a.ingredient.id) ||
    draft.added.some(b => b.answers !== a.answers && b.ingredient.id === a.ingredient.id)
  let count = 0
  const nextId = () => `p${index + 1}-${++count}`

  for (const [group, answer] of option.answers) {
    const weights = group.lines.map(item => ({
      ingredient: item.ingredient,
      grams: item.line.grams!.best,
    }))
    const adds = merged(
      draft.added.filter(
        a =>
          a.answers === group.question &&
          (answer.of ?? [answer]).some(school => school.id === a.school),
      ),
    )
    const amounts = adds.map(a => measured(a.grams, a.ingredient, setting.region, setting.by))
    const kept = adds
      .map((a, i) => ({ a, amount: amounts[i]! }))
      .filter(({ amount }) => amount.grams > 0)
    group.lines.forEach(item => {
      gone.add(item.line.id)
      naming.set(item.line.id, answer.inSteps)
    })
    const written = kept.map(({ a, amount }) =>
      writtenLine({
        id: nextId(),
        component: component.name,
        ingredient: a.ingredient,
        amount,
        region: setting.region,
        tail: [
          isElsewhere(a) && answer.prepare ? `for the ${answer.inSteps}` : '',
          !answer.prepare && isSoft(group.lines[0]!.line) && spreadable.includes(a.ingredient.kind)
            ? 'soft'
            : '',
        ]
          .filter(Boolean)
          .join(', '),
        purpose: group.lines[0]!.line.purpose,
      }),
    )
    newLines.set(group.lines[0]!.line.id, written)
    const removed = weights.reduce((sum, w) => sum + w.grams, 0)
    written.forEach(line => factors.set(line.id, line.grams!.best / removed))
    const prepare =
      answer.melted && group.lines.every(item => isMelted(item.line, component.steps))
        ? answer.melted
        : answer.prepare
    if (prepare && kept.length)
      first.push(
        readyFirst(
          answer.inSteps,
          kept.map(({ a, amount }) => ({
            grams: amount.grams,
            name: nameIn(a.ingredient, setting.region),
          })),
          prepare,
          answer.restMinutes,
        ),
      )
    const { family } = part.reading
    const [brought, brings] = [whatTheyBring(weights, family), whatTheyBring(adds, family)]
    const jobs = whatTheyDid(weights, part.before, family, group.question)
    changes.push({
      component: component.name,
      removes: group.lines.map(item => item.line.id),
      adds: kept.map(({ a, amount }) => addition(a, amount, setting, answer)),
      trims: [],
      because: adds.length
        ? `${capital(listed(group.lines.map(item => words(item.line))))} brought ${brought}; ` +
          listed(
            kept.map(
              ({ a, amount }) =>
                `${weightText(amount.grams)} ${nameIn(a.ingredient, setting.region)}`,
            ),
          ) +
          ' ' +
          `${kept.length > 1 ? 'bring' : 'brings'} ${brings}: ${answer.reason}.`
        : `${capital(listed(group.lines.map(item => words(item.line))))}: ${answer.reason}.`,
      did: sayDid(jobs),
      jobs,
      school: answer.id,
      source: answer.source,
    })
  }

  const unweighed = part.leaving.filter(
    (item): item is Extract<Leaving, { how: 'leaves' }> =>
      item.how === 'leaves' && !gone.has(item.line.id),
  )
  for (const item of unweighed) {
    const { line } = item
    const pan =
      line.purpose === 'pan' ||
      (line.purpose === 'brush' && item.question === 'butter') ||
      (line.purpose === 'dust' && item.question === 'flour')
    const stand = pan
      ? nobodyAvoids(
          item.question === 'flour' ? leverIngredients.dusting : leverIngredients.grease,
          setting.table,
        )
      : null
    const answer = pan ? null : schoolForUnmeasured(item, part, setting)
    const dose =
      answer?.adds.map(d => ({ ingredient: ingredientById(d.ingredient)!, share: d.perGram })) ??
      (stand ? [{ ingredient: stand, share: item.question === 'flour' ? 1 : 0.8 }] : [])
    const adds = dose.map(d => ({
      ingredient: d.ingredient,
      amount: line.grams
        ? measured(line.grams.best * d.share, d.ingredient, setting.region, setting.by)
        : null,
    }))
    const tail = line.preparation || purposeWords(line)
    gone.add(line.id)
    naming.set(line.id, stand?.name ?? answer?.inSteps ?? '')
    newLines.set(
      line.id,
      adds.map(a =>
        writtenLine({
          id: nextId(),
          component: component.name,
          ingredient: a.ingredient,
          amount: a.amount,
          region: setting.region,
          tail: isClean(tail, setting) ? tail : purposeWords(line),
          purpose: line.purpose,
        }),
      ),
    )
    const jobs = whatItWasFor(line, item.question)
    const otherwise = stand
      ? 'another fat or flour does as well there'
      : 'nothing that everyone may eat stands in for it, so it is left out'
    if (answer?.prepare && answer.adds.length > 1)
      first.push(
        `For the ${answer.inSteps}: ` +
          `${listed(adds.map(a => nameIn(a.ingredient, setting.region)))}. ${answer.prepare}`,
      )
    changes.push({
      component: component.name,
      removes: [line.id],
      adds: adds.map(a => addition(a, a.amount, setting, answer)),
      trims: [],
      because: `${capital(words(line))}: ${answer?.reason ?? otherwise}.`,
      did: sayDid(jobs),
      jobs,
      school: answer?.id ?? null,
      source: answer?.source ?? '[P]',
    })
  }

  const stays = part.leaving.filter(item => !gone.has(item.line.id))
  stays.flatMap(struckChoices).forEach(([id, name]) => naming.set(id, name))
  const rewordedLines = new Map(
    stays.map(item => [item.line.id, reworded(item.line, item, setting, changes)] as const),
  )

  const levers = draft.added.filter(a => a.answers === 'lever')
  const leverAmounts = levers.map(a => measured(a.grams, a.ingredient, setting.region, setting.by))
  const used = levers
    .map((a, i) => ({ a, amount: leverAmounts[i]! }))
    .filter(({ amount }) => amount.grams > 0)
  const trims = draft.kept.flatMap((k): (Trim & { amount: Measured })[] => {
    const amount = measured(k.grams, k.ingredient, setting.region, setting.by)
    const worth =
      Math.abs(k.grams - k.was) >= limits.worthIt * k.was && Math.abs(amount.grams - k.was) >= 0.1
    return worth
      ? [
          {
            lineId: k.lineId,
            ingredient: k.ingredient.id,
            name: nameIn(k.ingredient, setting.region),
            from: k.was,
            to: amount.grams,
            kitchen: amount.kitchen,
            because: trimReason(k.ingredient, amount.grams - k.was),
            amount,
          },
        ]
      : []
  })
  if (used.length || trims.length) {
    const egg = changes.find(c =>
      option.answers.some(([group, answer]) => group.question === 'egg' && answer.id === c.school),
    )
    const righting: Change = {
      component: component.name,
      removes: [],
      adds: used.map(({ a, amount }) => addition(a, amount, setting, null)),
      trims: trims.map(({ amount: _, ...trim }) => trim),
      because:
        'Set right: ' +
        listed([
          ...used.map(
            ({ a, amount }) =>
              `${weightText(amount.grams)} ${nameIn(a.ingredient, setting.region)} ` +
              leverReason(a, egg !== undefined),
          ),
          ...trims.map(
            t => `${t.name} ${t.to > t.from ? 'up' : 'down'} to ${weightText(t.to)} ${t.because}`,
          ),
        ]) +
        '.',
      did: '',
      school: null,
      source: 'arithmetic on the pantry’s figures [C]',
    }
    changes.push(righting)
  }
  const { region, by } = setting
  const of = { component: component.name, newLines, region, by }
  const extra = extraLines(used, of, nextId, isElsewhere)
  const trimOf = new Map(trims.map(t => [t.lineId, t.amount]))

  const lines = component.lines.flatMap((line): Line[] => {
    if (gone.has(line.id)) return newLines.get(line.id) ?? []
    const now = rewordedLines.get(line.id) ?? line
    const trim = trimOf.get(line.id)
    return [trim ? trimmedLine(now, trim, setting.region) : now]
  })
  const all = [...lines, ...extra]
  const making: Making = {
    at: index,
    part,
    answers: option.answers,
    facts: factsOf(part, option.answers, all),
    first,
    helps: extra,
    lines: [...newLines.values()].flat(),
  }
  return {
    component: { ...component, lines: all, steps: component.steps },
    changes,
    naming,
    factors: new Map([...factors, ...trims.map(t => [t.lineId, t.to / t.from] as const)]),
    making,
  }
}

/** The same thing twice in one answer (the water of two gels) is one line. */
function merged(adds: readonly Added[]): Added[] {
  const found = new Map<string, Added>()
  for (const a of adds) {
    const there = found.get(a.ingredient.id)
    found.set(a.ingredient.id, there ? { ...there, grams: there.grams + a.grams } : a)
  }
  return [...found.values()]
}

const capital = (text: string) => text.charAt(0).toUpperCase() + text.slice(1)
/** Old words may only stay when they name nothing that leaves. */
const isClean = (text: string, setting: Setting) =>
  text === '' ||
  rewriteStep(text, {
    lines: [],
    byLine: new Map(),
    standIn: () => null,
    grease: null,
    dusting: null,
    table: setting.table,
  }) === text

/** The line as its first choice alone. */
function firstChoice({ reads, ...line }: Line): Line {
  return {
    ...line,
    orElse: [],
    text: reads ?? line.text,
    evidence: { ...line.evidence, amount: null, name: null },
  }
}

/**
 * A line that stays, with other words: its alternative taken, an alternative dropped, or a blocked
 * word struck.
 */
function reworded(line: Line, how: Leaving, setting: Setting, changes: Change[]): Line {
  if (how.how === 'picks') {
    const taken = how.alternative
    const ingredient = ingredientById(taken.ingredient!)!
    changes.push({
      component: line.component,
      removes: [line.id],
      adds: [
        addition(
          { ingredient },
          taken.grams ? measured(taken.grams.best, ingredient, setting.region, setting.by) : null,
          setting,
          null,
        ),
      ],
      trims: [],
      because: `The recipe itself offers ${ingredient.name}, which everyone here may eat.`,
      did: '',
      school: null,
      source: 'the recipe',
    })
    const { reads: _, condition: __, ...own } = taken
    return { ...own, id: line.id, component: line.component, orElse: [] }
  }
  const ingredient = ingredientById(line.ingredient!)!
  const amount = line.grams
    ? measured(line.grams.best, ingredient, setting.region, setting.by)
    : null
  const keepsWords = how.how === 'narrows'
  const own = keepsWords
    ? firstChoice(line)
    : writtenLine({
        id: line.id,
        component: line.component,
        ingredient,
        amount,
        region: setting.region,
        tail: '',
        purpose: line.purpose,
      })
  changes.push({
    component: line.component,
    removes: [],
    adds: [],
    trims: [],
    because: keepsWords
      ? `“${line.orElse.map(alt => alt.text).join('”, “')}” is struck as an alternative.`
      : `Only ${ingredient.name} itself stays of “${line.text}”.`,
    did: '',
    school: null,
    source: 'the recipe',
  })
  return own
}

/** The whole recipe again: every part's lines, and its steps with what left called by what came. */
export function rewriteRecipe(
  recipe: Recipe,
  parts: readonly DessertPart[],
  rewritten: ReadonlyMap<number, Rewritten>,
  setting: Setting,
): Recipe {
  const byLine = new Map([...rewritten.values()].flatMap(r => [...r.naming]))
  const kindsNamed = new Map<string, Set<string>>()
  const everyLine = linesOf(recipe).flatMap(line => [line, ...line.orElse])
  for (const step of recipe.components.flatMap(c => c.steps))
    for (const m of mentionsInStep(step, everyLine))
      if (m.line)
        kindsNamed.set(
          m.line.id,
          (kindsNamed.get(m.line.id) ?? new Set<string>()).add(m.ingredient.kind),
        )
  const naming: Renaming = {
    parted: new Set(
      [...kindsNamed]
        .filter(([, kinds]) => kinds.has('egg-white') && kinds.has('egg-yolk'))
        .map(([id]) => id),
    ),
    lines: everyLine,
    byLine,
    table: setting.table,
    standIn: ingredient => standInFor(ingredient, parts[0]!, setting),
    grease: nobodyAvoids(leverIngredients.grease, setting.table)?.name ?? null,
    dusting: nobodyAvoids(leverIngredients.dusting, setting.table)?.name ?? null,
  }
  const owns = ownLines(recipe)
  const renamed: Recipe = {
    ...recipe,
    components: recipe.components.map((component, i) => ({
      ...component,
      lines: rewritten.get(i)?.component.lines ?? component.lines,
      steps: [...naming.parted!].reduce(
        (steps, id) => (byLine.get(id) ? restAfterThird(steps, byLine.get(id)!) : steps),
        component.steps.map((step, at) => rewriteStep(step, naming, owns[i]![at]!)),
      ),
    })),
  }
  const factors = new Map([...rewritten.values()].flatMap(r => [...r.factors]))
  return tellMethod(
    recipe,
    withAmountsRight(renamed, factors, recipe),
    [...rewritten.values()].map(r => r.making),
  )
}

export const hasUnweighed = (part: DessertPart): boolean =>
  part.leaving.some(item => item.how !== 'leaves' || !item.line.grams || !isInside(item.line))
