import { allIngredients, avoidableName } from '../../pantry'
import { needsOf, type Person } from '../../people'
import type { Recipe } from '../../recipe'
import { isBlocked, tableOf, listed } from '../leaving'
import { adapt, type Adaptation } from '../adapt'
import type { Wishes, HouseKnowledge } from '../ways'
import type { Plan } from '../plan'
import { confidenceWords, splitting } from '../tables/limits'

/** One batch of a split: for whom, and its closest plan (null: as written). */
interface Batch {
  readonly people: readonly string[]
  readonly names: readonly string[]
  readonly plan: Plan | null
  readonly cost: number
}

/**
 * One version for everybody against several; `better` when the split is clearly so. Batches stand
 * in the order in which they are baked.
 */
export interface Split {
  readonly together: number
  readonly apart: number
  readonly better: boolean
  readonly batches: readonly Batch[]
  readonly because: string
  readonly order: string
}

const noWay = 60
/**
 * What a version costs the eye and tongue: the plans' losses by weight; something as written costs
 * nothing, another dessert in its place more than any version of it; what cannot be made costs most.
 */
function costOf(found: Adaptation): number {
  if (found.verdict === 'already-fine') return 0
  const plan = found.plans[0]
  if (!plan) return found.offer ? splitting.anotherDessert : noWay
  const mass = plan.parts.reduce((sum, part) => sum + part.mass, 0)
  return (
    plan.parts.reduce((sum, part) => sum + (part.loss * part.mass) / Math.max(mass, 1), 0) +
    splitting.perLevel * confidenceWords.findIndex(c => c.word === plan.confidence)
  )
}

/** All ways to part a list into at most `most` groups; the first is always together. */
function partitions<T>(items: readonly T[], most: number): T[][][] {
  if (!items.length) return [[]]
  const [first, ...rest] = items
  return partitions(rest, most)
    .flatMap(groups => [
      ...groups.map((_, i) => groups.map((g, k) => (k === i ? [first!, ...g] : g))),
      ...(groups.length < most ? [[[first!], ...groups]] : []),
    ])
    .map(groups => groups.filter(g => g.length))
}

const strictness = (people: readonly Person[]) =>
  people.reduce(
    (sum, person) =>
      sum + needsOf(person).reduce((n, need) => n + (need.level === 'trace' ? 10 : 1), 0),
    0,
  )

/** Everyone who avoids something, in groups, each with what was found for it. */
type Weighed = ReadonlyMap<string, Adaptation>
type Group = readonly Person[]
type Way = readonly Group[]

/** Weighs every group; groups that must keep clear of the same things have the same plan. */
function* weighGroups(
  ways: readonly Way[],
  adapted: (group: Group) => Adaptation,
): Generator<{ readonly done: number; readonly of: number }, Weighed> {
  const groups = [...new Map(ways.flat().map(group => [keyOf(group), group])).values()]
  const weighed = new Map<string, Adaptation>()
  const alike = new Map<string, Adaptation>()
  for (const [i, group] of groups.entries()) {
    const keepsClear = blockedFor(group)
    const found = alike.get(keepsClear) ?? adapted(group)
    alike.set(keepsClear, found)
    weighed.set(keyOf(group), found)
    yield { done: i + 1, of: groups.length }
  }
  return weighed
}

/** The batches of a way in the order in which they are baked; the last is for the others as well. */
function batchesOf(ordered: Way, weighed: Weighed, easy: Group): Batch[] {
  const last = ordered.at(-1)!
  return ordered.map((group): Batch => {
    // Who avoids nothing eats what is nearest to the original.
    const all = group === last ? [...group, ...easy] : group
    const found = weighed.get(keyOf(group))!
    return {
      people: all.map(p => p.id),
      names: all.map(p => p.name),
      plan: found.plans[0] ?? found.offer ?? null,
      cost: costOf(found),
    }
  })
}
function avoidedBy(group: Group): string {
  const needs = group.flatMap(needsOf)
  return listed([...new Set(needs.map(need => avoidableName(need.allergen)))].slice(0, 4))
}

/**
 * One for all or several batches: the mean cost a person and so much a batch; the shared version is
 * always shown, a split only when it is clearly better. Those who avoid most and most strictly are
 * baked for first. Null with fewer than two needs, or more than seven people who avoid something.
 * Yields how many of all groups have been weighed, so that whoever runs it can show that and stop.
 * Source: the engine study.
 */
export function* weighSplits(
  recipe: Recipe,
  people: readonly Person[],
  wishes: Wishes = {},
  known: HouseKnowledge = {},
): Generator<{ readonly done: number; readonly of: number }, Split | null> {
  const needy = people.filter(person => needsOf(person).length)
  const easy = people.filter(person => !needsOf(person).length)
  if (needy.length < 2 || needy.length > 7) return null
  const { first: _, ...facts } = known
  const free = { ...wishes, pin: undefined, schools: undefined }
  const ways = partitions(needy, splitting.most)
  const weighed = yield* weighGroups(ways, group => adapt(recipe, group, free, facts))
  const total = (way: Way) => {
    const costs = way.map(group => costOf(weighed.get(keyOf(group))!) * group.length)
    const mean = costs.reduce((sum, cost) => sum + cost, 0) / needy.length
    return mean + splitting.perBatch * way.length
  }
  const together = total([needy])
  const best = ways.filter(way => way.length > 1).reduce((a, b) => (total(b) < total(a) ? b : a))
  const apart = total(best)
  const ordered = [...best].sort((a, b) => strictness(b) - strictness(a))
  const batches = batchesOf(ordered, weighed, easy)
  return {
    together,
    apart,
    better: apart < together - splitting.clearly && batches.every(batch => batch.cost < noWay),
    batches,
    because:
      `One version for all comes out at ${together.toFixed(1)}, ${ordered.length} batches at ` +
      `${apart.toFixed(1)} (the mean distance from the original, and ${splitting.perBatch} ` +
      'for each batch).',
    order:
      `First for ${listed(batches[0]!.names)} (without ${avoidedBy(ordered[0]!)}), with ` +
      'everything clean; then wash up, and only then the next.',
  }
}

const blockedFor = (group: readonly Person[]) => {
  const table = tableOf(group)
  return allIngredients()
    .filter(item => isBlocked(item, table))
    .map(item => item.id)
    .join()
}
const keyOf = (group: readonly Person[]) =>
  group
    .map(p => p.id)
    .sort()
    .join()

/** The same in one go. */
export function splitTable(
  recipe: Recipe,
  people: readonly Person[],
  wishes: Wishes = {},
  known: HouseKnowledge = {},
): Split | null {
  const weighing = weighSplits(recipe, people, wishes, known)
  for (;;) {
    const next = weighing.next()
    if (next.done) return next.value
  }
}
