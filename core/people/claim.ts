import { avoidableName, ingredientById } from '../pantry'
import { linesOf, type Recipe } from '../recipe'
import { checkPeople } from './check'
import type { CheckedPacket, PeopleCheck, PersonCheck } from './conflict'
import { dietsOf, isStrict, needsOf, type Person } from './person'
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
export interface PacketCoverage {
  readonly lines: number
  readonly bought: number
  readonly onPackets: number
}

export function coverageOf(recipe: Recipe, packets: readonly CheckedPacket[]): PacketCoverage {
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
interface Claim {
  readonly says: string
  readonly people: readonly string[]
  /** Ids of allergens and diets that it speaks of. */
  readonly about: readonly string[]
  readonly resting: PacketCoverage
}

/** Somebody for whom there is no claim, and the first reason. */
interface Unclaimed {
  readonly personId: string
  readonly name: string
  readonly because: string
}

/**
 * What may be said of a recipe: for whom it is not, for whom nobody knows, and what was found for
 * all others. `table`: one claim for everybody, where nobody is left out.
 */
export interface Claims {
  readonly table: Claim | null
  readonly each: readonly Claim[]
  readonly notFor: readonly Unclaimed[]
  readonly notKnown: readonly Unclaimed[]
  readonly coverage: PacketCoverage
  readonly restsSays: string
}

const rest = (resting: PacketCoverage) =>
  `${resting.onPackets} of ${resting.bought} bought lines rest on a packet that was read`

const avoidsSomething = (person: Person) =>
  needsOf(person).length + dietsOf(person).length + (person.things ?? []).length > 0

/** What was looked for, in words: "No milk or egg", "Nothing that vegan eating leaves out". */
function found(people: readonly Person[]): string {
  const own = people.flatMap(needsOf).filter(need => !need.from)
  const things = [
    ...own.map(
      need =>
        `${avoidableName(need.allergen)}` +
        (need.except?.length ? ` (but ${list(need.except.map(avoidableName))})` : ''),
    ),
    ...people.flatMap(person => person.things ?? []).map(thing => thing.words),
  ]
  const diets = [...new Set(people.flatMap(dietsOf).map(row => row.name))]
  const left = diets.length ? `othing that ${list(diets, 'or')} eating leaves out` : ''
  if (!things.length) return `N${left}`
  return `No ${list([...new Set(things)], 'or')}${left ? `, and n${left},` : ''}`
}

const counted = (n: number, one: string) => `${n} ${one}${n === 1 ? '' : 's'}`

function claimOf(
  people: readonly Person[],
  checks: readonly PersonCheck[],
  resting: PacketCoverage,
): Claim {
  const own = people.flatMap(needsOf).filter(need => !need.from)
  const asks = [...new Set(checks.flatMap(p => p.asks.map(ask => ask.because)))]
  const strict = people.filter(isStrict)
  const forWhom = strict.length < people.length ? ` for ${list(strict.map(p => p.name))}` : ''
  const how = strict.length ? `traces counted${forWhom}` : 'as an ingredient'
  const packets = resting.bought
    ? `${resting.onPackets} of ${resting.bought} bought ones by their packets`
    : 'none of them bought in a packet'
  return {
    says:
      `${found(people)} found for ${list(people.map(p => p.name))}, ${how}: ` +
      `${counted(resting.lines, 'line')} and the steps looked at, ${packets}.` +
      (asks.length ? ` Not asked: ${asks.join('; ')}.` : ''),
    people: people.map(p => p.id),
    about: [...new Set([...own.map(need => need.allergen), ...people.flatMap(p => p.diets)])],
    resting,
  }
}

/** Why nothing is said for somebody for whom nothing was found; '' where something may be said. */
function notSaid(person: Person, resting: PacketCoverage): string {
  const unread = resting.bought - resting.onPackets
  const inWords = `in the words of ${counted(resting.lines, 'line')} nothing was found`
  if (unread && !resting.onPackets) return `no packet was read (${inWords})`
  if (unread && isStrict(person))
    return (
      `${unread} of ${counted(resting.bought, 'bought line')} rest on no packet that was read ` +
      `(${inWords})`
    )
  return ''
}

const reasonOf = ({ conflicts }: PersonCheck): string => {
  const reason =
    conflicts.find(c => c.state === 'contains') ??
    conflicts.find(c => c.allergen === null || c.rule === 'diet') ??
    conflicts[0]!
  return `${reason.because}${reason.words && reason.where !== 'person' ? ` (“${reason.words}”)` : ''}`
}

/**
 * Computes what may be claimed, from every component and packet, for named people; it never says
 * "safe". Anything but clear blocks a person's claim; so does that no packet was read, and for
 * whoever traces count any bought line without one.
 */
export function claims(
  recipe: Recipe,
  people: readonly Person[],
  packets: readonly CheckedPacket[] = [],
): Claims {
  // Whoever carries emergency medicine is named first.
  const needy = people
    .filter(avoidsSomething)
    .sort((a, b) => Number(b.carries ?? false) - Number(a.carries ?? false))
  const check = checkPeople(recipe, needy, { packets })
  const checkOf = (person: Person) => check.people.find(p => p.personId === person.id)!
  const resting = coverageOf(recipe, packets)
  const because = (person: Person) => {
    const own = checkOf(person)
    return own.verdict === 'clear' ? notSaid(person, resting) : reasonOf(own)
  }
  const unclaimed = needy
    .map(person => ({
      verdict: checkOf(person).verdict,
      is: { personId: person.id, name: person.name, because: because(person) },
    }))
    .filter(({ is }) => is.because)
  const cleared = needy.filter(person => !because(person))
  const claim = (of: readonly Person[]) => claimOf(of, of.map(checkOf), resting)
  return {
    table: cleared.length && cleared.length === needy.length ? claim(cleared) : null,
    each: cleared.map(person => claim([person])),
    notFor: unclaimed.filter(u => u.verdict === 'conflict').map(u => u.is),
    notKnown: unclaimed.filter(u => u.verdict !== 'conflict').map(u => u.is),
    coverage: resting,
    restsSays: rest(resting),
  }
}

/** One sentence of what is said, and of which sort. */
interface Said {
  readonly is: 'not for' | 'not known' | 'claim' | 'nobody'
  readonly says: string
}

/**
 * What is said of a recipe, everywhere in this order: who must not eat it, of whom nobody knows, what
 * was found.
 */
export function saidOf({ table, each, notFor, notKnown }: Claims): readonly Said[] {
  const reasons = [...new Set(notKnown.map(u => u.because))]
  const said: Said[] = [
    ...(notFor.length
      ? [{ is: 'not for' as const, says: `Not for ${list(notFor.map(u => u.name))}.` }]
      : []),
    ...reasons.map(reason => ({
      is: 'not known' as const,
      says: `Not known for ${list(notKnown.filter(u => u.because === reason).map(u => u.name))}: ${reason}.`,
    })),
    ...(table ? [table] : each).map(({ says }) => ({ is: 'claim' as const, says })),
  ]
  return said.length ? said : [{ is: 'nobody', says: 'Checked for nobody.' }]
}

/** The widest sentence for the whole table; null where there is no claim to make. */
export const claimFor = (
  recipe: Recipe,
  people: readonly Person[],
  packets: readonly CheckedPacket[] = [],
): string | null => claims(recipe, people, packets).table?.says ?? null
