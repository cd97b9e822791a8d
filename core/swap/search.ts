import { measured } from '../pantry'
import type { AmountSetter } from './draft'
import { candidatesFor, priceOf, type Group } from './candidates'
import { mayBeLeftOut } from './leaving'
import {
  costOf,
  leaveOut,
  optionOf,
  type Answer,
  type Option,
  type DessertPart,
  type PartSetting,
} from './part'
import { setByArithmetic } from './arithmetic'
import { setterOf } from './known'
import { measuring, setBySolver, setQuickly } from './solve'
import { breadth, limits } from './tables/limits'

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

/** One thing that stands for two questions at once would escape the limit of either. */
function doubled(answers: readonly Answer[]): boolean {
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

const keyOf = (at: readonly number[]) => at.join()

/**
 * Every answer when they are few; else the best of each group in turn against the best of the
 * others, and eggs together with flour and with fat, until nothing gets better. Each is set in one
 * solve. Source: the engine study's beam, three rounds.
 */
function weighAll(
  part: DessertPart,
  lists: readonly (readonly Answer[])[],
  setting: PartSetting,
  set: AmountSetter,
): Option[] {
  const weighedAt = new Map<string, Option | null>()
  const weigh = (at: readonly number[]): Option | null => {
    const key = keyOf(at)
    const known = weighedAt.get(key)
    if (known !== undefined) return known
    const answers = at.map((i, g) => lists[g]![i]!)
    const option = doubled(answers) ? null : optionOf(part, answers, setting, set)
    weighedAt.set(key, option)
    return option
  }
  const cost = (at: readonly number[]) => {
    const option = weigh(at)
    return option ? costOf(option) : Infinity
  }
  const every = lists.reduce((n, list) => n * list.length, 1)
  if (every <= breadth.full) {
    const walk = (at: readonly number[]) => {
      if (at.length === lists.length) weigh(at)
      else lists[at.length]!.forEach((_, i) => walk([...at, i]))
    }
    walk([])
  } else {
    let best: readonly number[] = lists.map(() => 0)
    const order = lists
      .map((_, g) => g)
      .sort((a, b) => massOf(part.groups[b]!) - massOf(part.groups[a]!))
    for (let round = 0; round < breadth.rounds; round++) {
      const was = keyOf(best)
      for (const g of order)
        for (let i = 0; i < lists[g]!.length; i++) {
          const next = best.map((n, k) => (k === g ? i : n))
          if (cost(next) < cost(best)) best = next
        }
      // Two that lean on each other: the dearest groups' first few together.
      const [a, b] = order
      if (a !== undefined && b !== undefined)
        for (const i of leading(lists[a]!.length, g => cost(best.map((n, k) => (k === a ? g : n)))))
          for (const j of leading(lists[b]!.length, g =>
            cost(best.map((n, k) => (k === b ? g : n))),
          )) {
            const next = best.with(a, i).with(b, j)
            if (cost(next) < cost(best)) best = next
          }
      if (keyOf(best) === was) break
    }
  }
  return [...weighedAt.values()]
    .filter((o): o is Option => o !== null)
    .sort((x, y) => costOf(x) - costOf(y))
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
  if (setting.by && setting.by !== 'solver' && setting.by !== 'composition') {
    const set = setterOf[setting.by]
    return {
      options: weighAll(
        part,
        setting.by === 'arithmetic'
          ? choices.lists
          : choices.lists.map(list => list.filter(([, school]) => !school.of).slice(0, 1)),
        setting,
        set,
      ),
    }
  }
  const start = choices.lists.map(list => list[0]!)
  if (first && !doubled(start)) first(refined(optionOf(part, start, setting, setQuickly), setting))
  const all = weighAll(part, choices.lists, setting, setQuickly)
  // Those who lead, and the best of every egg school, so that three plans can be three ways.
  const seen = new Set<string>()
  const chosen = all.filter((option, i) => {
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
  if (!egg.of) return egg.id
  const share = (id: string) =>
    option.draft.added
      .filter(a => a.school === id && a.role === 'gel')
      .reduce((sum, a) => sum + a.grams / Math.max(a.dose, 1e-9), 0)
  return egg.of.reduce((best, part) => (share(part.id) > share(best.id) ? part : best)).id
}
