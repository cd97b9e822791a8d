import { avoidableName, ingredientById } from '../pantry'
import { linesOf, type Recipe } from '../recipe'
import { checkPeople } from './check'
import type { CheckedPacket, PeopleCheck } from './conflict'
import { dietsOf, needsOf, type Person } from './person'
import { kindsWithoutPacket } from './tables/packet-kinds'

const list = (items: readonly string[], last = 'and') =>
  items.length < 2 ? items.join('') : `${items.slice(0, -1).join(', ')} ${last} ${items.at(-1)}`

/**
 * Packets that someone at the table needs read, by ingredient: those whose kind of product may hold
 * or carry something.
 */
export function packetsToCheck(
  recipe: Recipe,
  people: readonly Person[],
  check: PeopleCheck = checkPeople(recipe, people),
): readonly {
  readonly ingredient: string
  readonly name: string
  readonly lookFor: readonly string[]
}[] {
  const found = new Map<string, Set<string>>()
  for (const { conflicts } of check.people)
    for (const c of conflicts) {
      if (!c.ingredient || !c.allergen || c.state === 'contains' || c.rule === 'diet') continue
      found.set(c.ingredient, (found.get(c.ingredient) ?? new Set()).add(avoidableName(c.allergen)))
    }
  return [...found].flatMap(([ingredient, lookFor]) => {
    const item = ingredientById(ingredient)
    return item ? [{ ingredient, name: item.name, lookFor: [...lookFor] }] : []
  })
}

/** How many of the lines come out of a packet at all, and how many of these rest on one that was read. */
export interface Resting {
  readonly lines: number
  readonly bought: number
  readonly onPackets: number
}

export function restingOn(recipe: Recipe, packets: readonly CheckedPacket[]): Resting {
  const lines = linesOf(recipe)
  const bought = lines.filter(line => {
    const item = line.ingredient ? ingredientById(line.ingredient) : undefined
    return !item || !kindsWithoutPacket.includes(item.kind)
  })
  const read = packets.filter(p => !p.notRead)
  const onPackets = bought.filter(line =>
    read.some(p =>
      p.lineId !== undefined
        ? p.lineId === line.id
        : p.ingredient !== null && p.ingredient === line.ingredient,
    ),
  )
  return { lines: lines.length, bought: bought.length, onPackets: onPackets.length }
}

/** What may be said, for whom, about what, resting on what. Nothing wider is printed anywhere. */
export interface Claim {
  readonly says: string
  readonly people: readonly string[]
  /** Ids of allergens and diets that it speaks of. */
  readonly about: readonly string[]
  readonly packets: { readonly read: number; readonly of: number }
  readonly resting: Resting
}

const rest = (resting: Resting) =>
  `${resting.onPackets} of ${resting.bought} bought lines rest on a packet that was read`

function claimOf(
  recipe: Recipe,
  people: readonly Person[],
  packets: readonly CheckedPacket[],
): Claim | null {
  const check = checkPeople(recipe, people, { packets })
  // A conflict, or something that is not known at all, leaves nothing to say; an unread packet
  // leaves it to be said how many were read.
  const blocked = check.people.some(
    p =>
      p.verdict === 'conflict' || p.conflicts.some(c => c.allergen === null || c.rule === 'diet'),
  )
  const needs = people.flatMap(needsOf)
  const named = people.flatMap(person => person.things ?? [])
  const rules = people.flatMap(dietsOf)
  if (blocked || !people.length || !(needs.length || named.length || rules.length)) return null
  const own = needs.filter(need => !need.from)
  const things = [
    ...new Set([
      ...own.map(
        need =>
          `${avoidableName(need.allergen)}` +
          (need.except?.length ? ` (but ${list(need.except.map(avoidableName))})` : ''),
      ),
      ...named.map(thing => thing.words),
    ]),
  ]
  const diets = [...new Set(rules.map(row => row.name))]
  const left = diets.length ? `othing that ${list(diets, 'or')} eating leaves out` : ''
  const found = things.length
    ? `No ${list(things, 'or')}${left ? `, and n${left},` : ''}`
    : `N${left}`
  const open = packetsToCheck(recipe, people, check)
  const all = packetsToCheck(recipe, people, checkPeople(recipe, people))
  const lines = linesOf(recipe).length
  const asks = [...new Set(check.people.flatMap(p => p.asks.map(ask => ask.because)))]
  return {
    says:
      `${found} found in the ${lines} ${lines === 1 ? 'line' : 'lines'} you entered, for ` +
      `${list(people.map(p => p.name))}; packets checked ${all.length - open.length} of ` +
      `${all.length}.${asks.length ? ` Not asked: ${asks.join('; ')}.` : ''}`,
    people: people.map(p => p.id),
    about: [...new Set([...own.map(need => need.allergen), ...people.flatMap(p => p.diets)])],
    packets: { read: all.length - open.length, of: all.length },
    resting: restingOn(recipe, packets),
  }
}

/**
 * What may be said of this recipe: one claim for the whole table where it holds, and one for each
 * person for whom it holds.
 */
export interface Claims {
  readonly table: Claim | null
  readonly each: readonly Claim[]
  readonly unsaid: readonly { readonly personId: string; readonly because: string }[]
  readonly resting: Resting
  readonly restsSays: string
}

/**
 * Computes what may be claimed, from every component and packet, for named people; it never says
 * "safe". For whoever nothing can be said, `unsaid` gives the first reason.
 */
export function claims(
  recipe: Recipe,
  people: readonly Person[],
  packets: readonly CheckedPacket[] = [],
): Claims {
  const check = checkPeople(recipe, people, { packets })
  const each = people.flatMap(person => claimOf(recipe, [person], packets) ?? [])
  const resting = restingOn(recipe, packets)
  return {
    table: claimOf(recipe, people, packets),
    each,
    resting,
    restsSays: rest(resting),
    unsaid: people
      .filter(person => !each.some(claim => claim.people[0] === person.id))
      .flatMap(person => {
        const conflicts = check.people.find(p => p.personId === person.id)!.conflicts
        const reason =
          conflicts.find(c => c.state === 'contains') ??
          conflicts.find(c => c.allergen === null || c.rule === 'diet')
        return [
          {
            personId: person.id,
            because: reason
              ? `${reason.because}${reason.words && reason.where !== 'person' ? ` (“${reason.words}”)` : ''}`
              : `${person.name} avoids nothing that was entered`,
          },
        ]
      }),
  }
}

/** The widest sentence for the whole table; null where there is no claim to make. */
export const claimFor = (
  recipe: Recipe,
  people: readonly Person[],
  packets: readonly CheckedPacket[] = [],
): string | null => claimOf(recipe, people, packets)?.says ?? null
