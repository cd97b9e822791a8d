import type { Grams } from '../measure'
import { ingredientById, type Ingredient } from '../pantry'
import { balanceOf, eggCount, freshEgg, lossOf, massOf, ratiosOf, weightsOf, isInside, type Balance, type FamilyReading, type Miss } from '../formula'
import type { Component, Line } from '../recipe'
import { asksPacket, isBlocked, type Table } from './allowed'
import { candidatesFor, groupsOf, priceOf, type Group, type Wishes } from './candidates'
import type { Added, AmountSetter, Draft, Kept, Target } from './draft'
import { mayBeLeftOut, type Leaving } from './leaving'
import { school, type School } from './school'
import { confidenceWords, heaviness, leverIngredients, limits } from './tables/limits'
import type { RouteRow } from './tables/routes'

/** A part of a dessert with all that a choice needs to know. */
export interface Part {
  readonly component: Component
  readonly reading: FamilyReading
  readonly route: RouteRow | null
  readonly leaving: readonly Leaving[]
  readonly groups: readonly Group[]
  readonly kept: readonly Kept[]
  readonly before: Balance
  readonly mass: Grams
  readonly flour: Grams
  readonly eggs: number
}

/** One answer for a part: a school for each group, the amounts that follow, and how far it is from the original. */
export interface Option {
  readonly part: Part
  readonly answers: readonly (readonly [Group, School])[]
  readonly draft: Draft
  readonly after: Balance
  readonly loss: number
  readonly misses: readonly Miss[]
  readonly news: readonly string[]
  readonly price: number
}

/** "Leave it out", as an answer for what a dessert may do without. */
export const leaveOut: School = school('decoration', 'leave-out', 'left out', '', [], 'the dessert may do without it', '[P]', { differs: 'goes without it', flavour: 1.5 })

export function partOf(component: Component, reading: FamilyReading, leaving: readonly Leaving[], route: RouteRow | null): Part {
  const weights = weightsOf(component.lines)
  const measured = leaving.filter(item => isInside(item.line) && item.line.grams)
  const goes = new Set(measured.filter(item => item.how === 'leaves').map(item => item.line.id))
  const picked = new Map(measured.flatMap(item => item.how === 'picks' ? [[item.line.id, item.alternative] as const] : []))
  const kept = component.lines.filter(line => isInside(line) && !goes.has(line.id)).flatMap((line): Kept[] => {
    const now = picked.get(line.id) ?? line
    const ingredient = now.ingredient ? ingredientById(now.ingredient) : undefined
    const grams = now.grams?.best ?? line.grams?.best
    return ingredient && grams ? [{ ingredient, grams, was: grams, lineId: line.id }] : []
  })
  return { component, reading, route, leaving, groups: groupsOf(measured), kept, before: balanceOf(weights, reading.family.eggLift), mass: massOf(weights), flour: ratiosOf(weights).flour, eggs: eggCount(weights) }
}

const gramsOf = (line: Line) => line.grams?.best ?? 0

function doseGroup(group: Group, answer: School, part: Part): Added[] {
  const removed = group.lines.reduce((sum, item) => sum + gramsOf(item.line) * (freshEgg(item.ingredient) || 1), 0)
  const eggs = removed / 50
  const first = answer.adds.find(dose => dose.role === 'gel') ?? answer.adds[0]
  const dry = part.mass - part.before.water
  const most = Math.min(answer.limit?.perEgg ? answer.limit.perEgg * eggs : Infinity, answer.limit?.ofDry ? answer.limit.ofDry * dry : Infinity, answer.limit?.ofBatch ? answer.limit.ofBatch * part.mass : Infinity)
  const scale = first ? Math.min(1, most / Math.max(removed * first.perGram, 1e-9)) : 1
  return answer.adds.map(dose => {
    const grams = removed * dose.perGram * scale
    return { ingredient: ingredientById(dose.ingredient)!, grams, dose: grams, least: 0, most: Infinity, answers: group.question, role: dose.role ?? 'bulk' }
  })
}

/** The first of the lever's ingredients that everyone may eat: one that is in the part already, one nobody has to ask about, any. */
function leverFor(part: Part, table: Table, added: readonly Added[]) {
  return (what: keyof typeof leverIngredients): Ingredient | null => {
    const fit = leverIngredients[what].map(id => ingredientById(id)!).filter(item => !isBlocked(item, table))
    const here = new Set([...part.kept, ...added].map(w => w.ingredient.id))
    return fit.find(item => here.has(item.id)) ?? fit.find(item => !asksPacket(item, table)) ?? fit[0] ?? null
  }
}

function sweeten(draft: Draft, route: RouteRow, removed: Grams): Draft {
  const sugar = draft.kept.find(k => k.ingredient.kind === 'sugar')
  const wanted = (route.sugarPerGram ?? 0) * removed
  return sugar && wanted > sugar.grams ? { ...draft, kept: draft.kept.map(k => k === sugar ? { ...k, grams: wanted } : k) } : draft
}

/** Computes one answer: doses, then the setter's levers (a formula of its own keeps its doses), then the loss. */
export function optionOf(part: Part, answers: Option['answers'], table: Table, set: AmountSetter, used: ReadonlySet<string>): Option {
  const added = answers.flatMap(([group, answer]) => doseGroup(group, answer, part))
  const lever = leverFor(part, table, added)
  const target: Target = { before: part.before, eggLift: part.reading.family.eggLift, weights: part.reading.family.weights, mass: part.mass, flour: part.flour, lever }
  const start: Draft = { kept: part.kept, added }
  const eggsGone = answers.flatMap(([group]) => group.question === 'egg' ? group.lines : []).reduce((sum, item) => sum + gramsOf(item.line), 0)
  const draft = part.route?.how === 'formula' && part.route.sugarPerGram ? sweeten(start, part.route, eggsGone) : set(start, target)
  const weights = [...draft.kept, ...draft.added]
  const after = balanceOf(weights, part.reading.family.eggLift)
  const { loss, misses } = lossOf(part.before, after, part.reading.family, part.mass, part.flour)
  const here = new Set(part.kept.map(k => k.ingredient.id))
  const news = [...new Set(draft.added.map(a => a.ingredient.id))].filter(id => !here.has(id) && !used.has(id) && id !== 'water')
  const heavy = part.flour > 0 ? (draft.added.reduce((sum, a) => sum + a.grams * heavinessOf(a.ingredient), 0) / (heaviness.of * part.mass)) ** 2 : 0
  const price = heavy + answers.reduce((sum, [, answer]) => sum + priceOf(answer, table, limits.askPacket, used), 0) + limits.newIngredient * news.length
  return { part, answers, draft, after, loss, misses, news, price }
}

const heavinessOf = (ingredient: Ingredient): number =>
  (heaviness.byIngredient as Readonly<Record<string, number>>)[ingredient.id] ?? (heaviness.byKind as Readonly<Record<string, number>>)[ingredient.kind] ?? 0

/**
 * What an answer costs in all: its loss, its price, and twice what the loss is above "close": a better cake is worth a
 * longer shopping list, but not the other way round.
 */
export const costOf = (option: Option): number => option.loss + 2 * Math.max(0, option.loss - closeEnough) + option.price
const closeEnough = confidenceWords.find(c => c.word === 'close')!.below

const mostAnswers = 900

/**
 * Every answer for a part, the cheapest (loss and price together) first. Null, with the group that has none, when a
 * question has no answer that this table may eat.
 */
export function optionsFor(part: Part, table: Table, wishes: Wishes, set: AmountSetter, used: ReadonlySet<string>): { options: readonly Option[] } | { stuck: Group } {
  const glutenGone = part.groups.some(group => group.question === 'flour')
  const lists: (readonly (readonly [Group, School])[])[] = []
  for (const group of part.groups) {
    const fit = candidatesFor(group, part.reading.family, table, glutenGone, wishes)
    const mayGo = group.lines.every(item => mayBeLeftOut(item.line, item.ingredient, part.mass))
    const list = fit.length ? fit : mayGo ? [leaveOut] : []
    if (!list.length) return { stuck: group }
    lists.push(list.map(answer => [group, answer] as const))
  }
  const room = Math.max(2, Math.floor(mostAnswers ** (1 / Math.max(lists.length, 1))))
  const short = lists.map(list => [...list].sort(([, a], [, b]) => priceOf(a, table, limits.askPacket) - priceOf(b, table, limits.askPacket)).slice(0, lists.reduce((n, l) => n * l.length, 1) > mostAnswers ? room : list.length))
  const combinations = short.reduce<(readonly (readonly [Group, School])[])[]>((all, list) => all.flatMap(done => list.map(next => [...done, next])), [[]])
  const options = combinations.map(answers => optionOf(part, answers, table, set, used))
  return { options: options.sort((a, b) => costOf(a) - costOf(b)) }
}
