import { measured } from '../../pantry'
import {
  type AmountSetter,
  setByArithmetic,
  setterOf,
  measuring,
  setBySolver,
  setQuickly,
} from '../amounts'
import { candidatesFor, priceOf, type Group, type DessertPart } from '../ways'
import { mayBeLeftOut } from '../leaving'
import { costOf, leaveOut, optionOf, type Answer, type Option, type PartSetting } from './option'
import { breadth, limits } from '../tables/limits'

/** All answers worth weighing for a part, and the group that has none. */
type Choices = { readonly lists: readonly (readonly Answer[])[] } | { readonly stuck: Group }

function choicesOf(part: DessertPart, { table, wishes }: PartSetting): Choices {
  const glutenGone = part.groups.some(group => group.question === 'flour')
  const lists: (readonly Answer[])[] = []
  for (const group of part.groups) {
    const fit = candidatesFor({ group, family: part.reading.family, table, glutenGone, wishes })
    const mayGo = group.lines.every(item => mayBeLeftOut(item.line, item.ingredient, part.mass))
    const orNone = mayGo ? [leaveOut] : []
    const list = fit.length ? fit : orNone
    if (!list.length) return { stuck: group }
    lists.push(
      [...list]
        .sort((a, b) => priceOf(a, table, limits.askPacket) - priceOf(b, table, limits.askPacket))
        .slice(0, breadth.perGroup)
        .map(answer => [group, answer] as const),
    )
  }
  return { lists }
}

/**
 * One thing that stands for two questions at once would escape the limit of either; and nobody sours
 * drink in two bowls.
 */
function doubled(answers: readonly Answer[]): boolean {
  const sours = answers.filter(([, way]) => way.adds.some(dose => dose.role === 'acid'))
  if (sours.length > 1) return true
  const gels = answers.flatMap(([group, school]) =>
    group.question === 'egg'
      ? school.adds.filter(d => d.role === 'gel').map(d => d.ingredient)
      : [],
  )
  return gels.some(id =>
    answers.some(
      ([group, school]) => group.question !== 'egg' && school.adds.some(d => d.ingredient === id),
    ),
  )
}

/** Which answer of each list. */
type At = readonly number[]
const keyOf = (at: At) => at.join()
type Lists = readonly (readonly Answer[])[]

/** Every combination that has been weighed, each once. */
class Weighing {
  private readonly known = new Map<string, Option | null>()
  constructor(
    private readonly part: DessertPart,
    private readonly lists: Lists,
    private readonly setting: PartSetting,
    private readonly set: AmountSetter,
  ) {}

  /** The option of a combination; null where it doubles something. */
  weigh(at: At): Option | null {
    const key = keyOf(at)
    const known = this.known.get(key)
    if (known !== undefined) return known
    const answers = at.map((i, g) => this.lists[g]![i]!)
    const option = doubled(answers) ? null : optionOf(this.part, answers, this.setting, this.set)
    this.known.set(key, option)
    return option
  }
  cost(at: At): number {
    const option = this.weigh(at)
    return option ? costOf(option) : Infinity
  }
  /** All that were weighed, the cheapest first. */
  found(): Option[] {
    return [...this.known.values()]
      .filter((o): o is Option => o !== null)
      .sort((x, y) => costOf(x) - costOf(y))
  }
  /** The cheapest of these combinations, and of the one that is there. */
  better(best: At, others: readonly At[]): At {
    return others.reduce((a, b) => (this.cost(b) < this.cost(a) ? b : a), best)
  }
}

/** Every combination of the lists. */
const combinations = (lists: Lists): At[] =>
  lists.reduce<At[]>((all, list) => all.flatMap(at => list.map((_, i) => [...at, i])), [[]])

/** Each group in turn against the best of the others, then the two heaviest together. */
function round(weighing: Weighing, lists: Lists, order: readonly number[], start: At): At {
  const best = order.reduce((now, g) => {
    // Each is held against the best so far, which has only this group's answer otherwise.
    const others = lists[g]!.map((_, i) => now.with(g, i))
    return weighing.better(now, others)
  }, start)
  // Two that lean on each other: the dearest groups' first few together.
  const [a, b] = order
  if (a === undefined || b === undefined) return best
  const leadingOf = (g: number, now: At) =>
    leading(lists[g]!.length, i => weighing.cost(now.with(g, i)))
  return leadingOf(a, best).reduce((outer, i) => {
    const pairs = leadingOf(b, outer)
    return pairs.reduce((now, j) => weighing.better(now, [now.with(a, i).with(b, j)]), outer)
  }, best)
}

/**
 * Every answer when they are few; else the best of each group in turn against the best of the
 * others, and eggs together with flour and with fat, until nothing gets better. Each is set in one
 * solve. Source: the engine study's beam, three rounds.
 */
function weighAll(weighing: Weighing, lists: Lists, groups: readonly Group[]): Option[] {
  const every = lists.reduce((n, list) => n * list.length, 1)
  if (every <= breadth.full) {
    for (const at of combinations(lists)) weighing.weigh(at)
    return weighing.found()
  }
  const order = lists.map((_, g) => g).sort((a, b) => massOf(groups[b]!) - massOf(groups[a]!))
  let best: At = lists.map(() => 0)
  for (let n = 0; n < breadth.rounds; n++) {
    const was = keyOf(best)
    best = round(weighing, lists, order, best)
    if (keyOf(best) === was) break
  }
  return weighing.found()
}

const massOf = (group: Group) =>
  group.lines.reduce((sum, item) => sum + (item.line.grams?.best ?? 0), 0)
const leading = (n: number, cost: (i: number) => number) =>
  Array.from({ length: n }, (_, i) => i)
    .sort((a, b) => cost(a) - cost(b))
    .slice(0, breadth.joint)

/**
 * The same answer with its amounts set carefully: by the solver, or by the arithmetic where that
 * comes out cheaper.
 */
function refined(option: Option, setting: PartSetting): Option {
  if (setting.by === 'composition')
    return optionOf(option.part, option.answers, setting, setBySolver)
  const { region, wishes } = setting
  // A scale rounds to the nearest gram; spoons are so coarse that the rest is solved again after each.
  const inKitchen =
    region && wishes.measureIn === 'spoons'
      ? measuring((ingredient, grams) => measured(grams, ingredient, region, 'spoons').grams)
      : setBySolver
  const [solved, byHand] = [inKitchen, setByArithmetic].map(set =>
    optionOf(option.part, option.answers, setting, set),
  ) as [Option, Option]
  return costOf(byHand) < costOf(solved) - 1e-9 ? byHand : solved
}

export type FoundVersion = { readonly options: readonly Option[] } | { readonly stuck: Group }

/**
 * Answers for a part, the cheapest (loss and price together) first, with their amounts set. Null,
 * with the group that has none, when a question has no answer that this table may eat. `first` is
 * called with the first good one before the rest.
 */
export function optionsFor(
  part: DessertPart,
  setting: PartSetting,
  first?: (option: Option) => void,
): FoundVersion {
  const choices = choicesOf(part, setting)
  if ('stuck' in choices) return choices
  if (setting.only === 'stuck') return { options: [] }
  const { lists } = choices
  const all = (of: Lists, set: AmountSetter) =>
    weighAll(new Weighing(part, of, setting, set), of, part.groups)
  if (setting.by && setting.by !== 'solver' && setting.by !== 'composition') {
    const plain = lists.map(list => list.filter(([, school]) => !school.of).slice(0, 1))
    return { options: all(setting.by === 'arithmetic' ? lists : plain, setterOf[setting.by]) }
  }
  const start = lists.map(list => list[0]!)
  if (first && !doubled(start)) first(refined(optionOf(part, start, setting, setQuickly), setting))
  const weighed = all(lists, setQuickly)
  // Those who lead, and the best of every egg school, so that three plans can be three ways.
  const seen = new Set<string>()
  const chosen = weighed.filter((option, i) => {
    const way = wayOf(option)
    const isNew = !seen.has(way)
    seen.add(way)
    return i < breadth.refined || (isNew && seen.size <= breadth.ways)
  })
  return {
    options: chosen.map(option => refined(option, setting)).sort((a, b) => costOf(a) - costOf(b)),
  }
}

/**
 * What an answer chiefly is: the egg school that carries most of the eggs, or, without eggs, all
 * its schools.
 */
export function wayOf(option: Option): string {
  const egg = option.answers.find(([group]) => group.question === 'egg')?.[1]
  if (!egg) return option.answers.map(([, school]) => school.id).join(',')
  if (!egg.of) return egg.way ?? egg.id
  const share = (id: string) =>
    option.draft.added
      .filter(a => a.school === id && a.role === 'gel')
      .reduce((sum, a) => sum + a.grams / Math.max(a.dose, 1e-9), 0)
  const most = egg.of.reduce((best, part) => (share(part.id) > share(best.id) ? part : best))
  return most.way ?? most.id
}
