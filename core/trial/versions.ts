import type { Recipe } from '../recipe'
import type { Change, Plan } from '../swap'
import { changesOf, differencesOf, type Changed, type Difference } from './difference'
import { judgeTasting } from './judge'
import { bakeLossOfArm, profileOf, type Arm, type Trial } from './trial'
import { lexicon } from './tables/lexicon'

/**
 * What came of a version: means of scores by word, bake loss, minutes, height; nothing where it was
 * never baked.
 */
interface Outcome {
  readonly scores: Readonly<Record<string, number>>
  readonly tasters: number
  readonly loss: number | null
  readonly minutes: number | null
  readonly height: number | null
  readonly spread: number | null
  readonly note: string
}
const never: Outcome = {
  scores: {},
  tasters: 0,
  loss: null,
  minutes: null,
  height: null,
  spread: null,
  note: '',
}

/** One version of a dessert, with the one that it grew out of. */
export interface Version {
  readonly id: string
  readonly parent: string | null
  readonly kind: 'written' | 'plan' | 'arm'
  readonly label: string
  readonly says: string
  readonly on: string
  readonly recipe: Recipe
  readonly changes: readonly Change[]
  readonly trial: string | null
  readonly crowned: boolean
  readonly outcome: Outcome
  /** In what it differs from its parent. */
  readonly since: readonly Changed[]
}

/** What a tree of versions is made of. */
export interface Grown {
  readonly recipe: Recipe
  readonly plan: Plan | null
  readonly trials?: readonly Trial[]
  readonly created: string
}

const same = (a: Recipe, b: Recipe) => !differencesOf(a, b).length

function outcomeOf({ record }: Arm): Outcome {
  const profile = profileOf(record)
  return {
    scores: Object.fromEntries([...profile].map(([word, { mean }]) => [word, mean])),
    tasters: new Set(record.scores.map(score => score.taster)).size,
    loss: bakeLossOfArm(record),
    minutes: record.minutes,
    height: record.height,
    spread: record.spread,
    note: record.note,
  }
}
type Leaf = Omit<Version, 'since'>
const written = (bake: Grown): Version => ({
  id: 'written',
  parent: null,
  kind: 'written',
  label: 'as written',
  says: 'as it was read',
  on: bake.created.slice(0, 10),
  recipe: bake.recipe,
  changes: [],
  trial: null,
  crowned: false,
  outcome: never,
  since: [],
})
const planned = (plan: Plan): Leaf => ({
  id: 'plan',
  parent: 'written',
  kind: 'plan',
  label: 'plan',
  says: plan.title,
  on: '',
  recipe: plan.recipe,
  changes: plan.changes,
  trial: null,
  crowned: false,
  outcome: never,
})
const armOf = (trial: Trial, arm: Arm, of: Pick<Leaf, 'parent' | 'kind' | 'label'>): Leaf => ({
  ...of,
  id: arm.id,
  says: arm.says,
  on: trial.begun,
  recipe: arm.recipe,
  changes: arm.changes,
  trial: trial.id,
  crowned: trial.crowned === arm.id,
  outcome: outcomeOf(arm),
})
const byDay = (a: Trial, b: Trial) => a.begun.localeCompare(b.begun) || a.id.localeCompare(b.id)

/** The versions of one trial, beside those that there are: its base, where it is a new one, and its arms. */
function leavesOf(trial: Trial, trials: readonly Trial[], all: readonly Version[]): Leaf[] {
  const [base, ...others] = trial.arms
  if (!base) return []
  // The youngest that is the same: a winner before the plan that it became.
  const there = all.findLast(version => same(version.recipe, base.recipe))
  const won = trials.find(t => t.id === trial.rematchOf)?.crowned
  const under = trial.rematchOf ? all.find(version => version.id === won) : undefined
  const parent = there ?? under ?? all[0]!
  const label = base.changes.length ? 'the plan that was tried' : 'what was tried'
  const root = armOf(trial, base, { parent: parent.id, kind: 'plan', label })
  const hangs = there?.id ?? base.id
  const arms = others.map(arm =>
    armOf(trial, arm, { parent: hangs, kind: 'arm', label: arm.letter }),
  )
  return there ? arms : [root, ...arms]
}

/**
 * Every version of a dessert as a tree: as it was written, the plan, and the arms of its trials in
 * the order of their days. A trial hangs on the version that it began with: the winner of the one
 * before, the plan, or the recipe itself; a base that is none of them is a version of its own.
 * Parents come before their children.
 */
export function versionsOf(bake: Grown): Version[] {
  const all: Version[] = [written(bake)]
  const add = (leaf: Leaf) => {
    const parent = all.find(version => version.id === leaf.parent)
    const differences = parent ? differencesOf(parent.recipe, leaf.recipe) : []
    all.push({ ...leaf, since: parent ? changesOf(differences, parent, leaf) : [] })
  }
  const trials = [...(bake.trials ?? [])].sort(byDay)
  for (const trial of trials) leavesOf(trial, trials, all).forEach(add)
  const { plan } = bake
  if (plan && !all.some(version => same(version.recipe, plan.recipe))) add(planned(plan))
  return all
}

/** Two versions held against each other. */
export interface Comparison {
  readonly recipe: readonly Difference[]
  readonly method: readonly Difference[]
  readonly day: readonly Difference[]
  readonly changes: readonly Changed[]
  readonly outcome: readonly { readonly what: string; readonly a: string; readonly b: string }[]
}

const number = (n: number, digits = 1) => String(Math.round(n * 10 ** digits) / 10 ** digits)
/**
 * In what two versions differ: recipe, method, oven and tin, and what came of them. A figure that
 * one of them lacks is "not measured".
 */
export function compareVersions(a: Version, b: Version): Comparison {
  const all = differencesOf(a.recipe, b.recipe)
  const outcome: Comparison['outcome'][number][] = []
  const figure = (
    what: string,
    x: number | null | undefined,
    y: number | null | undefined,
    say: (n: number) => string,
  ) => {
    if ((x ?? null) !== null || (y ?? null) !== null)
      outcome.push({
        what,
        a: x === null || x === undefined ? 'not measured' : say(x),
        b: y === null || y === undefined ? 'not measured' : say(y),
      })
  }
  figure('bake loss', a.outcome.loss, b.outcome.loss, n => `${number(100 * n)} %`)
  figure('minutes in the oven', a.outcome.minutes, b.outcome.minutes, n => number(n))
  figure('height, cm', a.outcome.height, b.outcome.height, n => number(n))
  figure('spread, cm', a.outcome.spread, b.outcome.spread, n => number(n))
  for (const row of lexicon)
    figure(row.name, a.outcome.scores[row.id], b.outcome.scores[row.id], n => number(n))
  return {
    recipe: all.filter(d => d.what === 'line'),
    method: all.filter(d => d.what === 'step' || d.what === 'rest'),
    day: all.filter(d => d.what === 'oven' || d.what === 'tin'),
    changes: changesOf(all, a, b),
    outcome,
  }
}

/**
 * Versions that hold every word that is looked for: in what they are called, what changed, what is
 * in them, or what was noted.
 */
export function searchVersions(versions: readonly Version[], words: string): Version[] {
  const wanted = words.toLowerCase().split(/\s+/u).filter(Boolean)
  return versions.filter(v => {
    const text = [
      v.label,
      v.says,
      v.on,
      v.outcome.note,
      v.crowned ? 'winner crowned' : '',
      ...v.since.map(c => c.says),
      ...v.recipe.components.flatMap(c => c.lines.map(l => l.name)),
    ]
      .join(' ')
      .toLowerCase()
    return wanted.every(w => text.includes(w))
  })
}

/**
 * Where each version is drawn: a column for each step away from the root, a row for each leaf; a
 * parent beside the first of its children.
 */
export function treeOf(
  versions: readonly Version[],
): { readonly id: string; readonly column: number; readonly row: number }[] {
  const children = (id: string) => versions.filter(v => v.parent === id)
  const placed: { id: string; column: number; row: number }[] = []
  let row = 0
  const place = (v: Version, column: number) => {
    placed.push({ id: v.id, column, row })
    children(v.id).forEach((child, n) => {
      if (n) row++
      place(child, column + 1)
    })
  }
  versions
    .filter(v => v.parent === null)
    .forEach((root, n) => {
      if (n) row++
      place(root, 0)
    })
  return placed
}

/** What every tasting of a trial has shown, in sentences; for exports. */
export const judgedIn = (trial: Trial): string[] =>
  trial.tastings.flatMap(t => {
    const found = t.opened ? judgeTasting(t, trial.arms) : null
    return found ? [`${t.question || t.kind}: ${found.says} ${found.because}`] : []
  })
