import type { Region } from '../measure'
import { avoidableName, groupsOf, wordsOf, type AvoidableId, type Ingredient } from '../pantry'
import { ingredientOf, linesOf, thingsOf, type Component, type Recipe, type Thing } from '../recipe'
import { dietsOf, needsOf, unknownNeeds, type Need, type Person } from './person'
import { heatWords, type DietRule } from './tables/diets'

/**
 * The safety check. It reads the recipe's own words, the ingredient table and the packets, and
 * shares nothing else with whatever made the recipe: whether a plan is fit for its people is
 * decided here, not where it was planned.
 */
export type Verdict = 'clear' | 'unknown' | 'conflict'
export type State = 'contains' | 'may contain' | 'unknown'

/** By which rule something was found: the table's row, a packet's words, a diet, or that nobody knows. */
type CheckRule =
  | 'holds'
  | 'group'
  | 'denied'
  | 'may-hold'
  | 'trace'
  | 'packet-contains'
  | 'packet-trace'
  | 'packet-warning'
  | 'packet-open'
  | 'packet-words'
  | 'packet-not-read'
  | 'diet'
  | 'thing'
  | 'not-known'
  | 'words'
  | 'own-row'
  | 'open-kind'
  | 'person'

/** One reason why a person may not, or perhaps may not, eat this: where, in which words, by which rule. */
export interface Conflict {
  readonly personId: string
  readonly state: State
  /** What of the person's needs it touches; null when the thing itself is not known. */
  readonly allergen: AvoidableId | null
  readonly lineId: string | null
  readonly component: string
  readonly where: 'line' | 'alternative' | 'step' | 'text' | 'person'
  readonly words: string
  readonly ingredient: string | null
  readonly because: string
  readonly rule: CheckRule
  readonly source: string
}

type Named = AvoidableId | { readonly allergen: AvoidableId }

/**
 * What a packet says, tied to an ingredient or to one line; it settles what its kind of product
 * "may hold". `notRead` says why it does not count as read: then it settles nothing, though what it
 * names counts all the same.
 */
export interface CheckedPacket {
  readonly ingredient: string | null
  readonly lineId?: string
  readonly id?: string
  readonly name?: string
  readonly contains: readonly Named[]
  readonly mayContain: readonly Named[]
  /** What it says it is nothing for those of who avoid it: that counts at every strictness. */
  readonly warnings?: readonly Named[]
  /** What its words leave open. */
  readonly open?: readonly Named[]
  readonly unknownWords?: readonly string[]
  readonly notRead?: string
  readonly claims?: readonly {
    readonly name: string
    readonly without: readonly AvoidableId[]
    readonly against: boolean
  }[]
  /** Its words, for things that are looked for by name. */
  readonly statement?: string
}

/** `asks`: what is worth asking and does not count in the verdict. */
export interface PersonCheck {
  readonly personId: string
  readonly verdict: Verdict
  readonly conflicts: readonly Conflict[]
  readonly asks: readonly Conflict[]
}
export interface PeopleCheck {
  readonly people: readonly PersonCheck[]
}

export interface CheckOptions {
  readonly packets?: readonly CheckedPacket[]
  readonly region?: Region
}

interface Place {
  readonly lineId: string | null
  readonly component: string
  readonly where: Conflict['where']
  readonly words: string
}
/** What the check looks at of a row. */
type Known = Pick<Ingredient, 'id' | 'name' | 'kind' | 'holds' | 'mayHold' | 'traces' | 'source'>
interface Held {
  readonly ingredient: Ingredient | null
  readonly claims: readonly AvoidableId[]
  readonly place: Place
  readonly unread: readonly string[]
  readonly open: string | null
  readonly packets: readonly CheckedPacket[]
  readonly heated: boolean
}

const within = (id: AvoidableId, group: AvoidableId) => groupsOf(id).has(group)
const avoided = (id: AvoidableId, need: Need) =>
  within(id, need.allergen) && !need.except?.some(spared => within(id, spared))
/** "Mixed nuts" against "almond": the group that is named may or may not hold the one that matters. */
const perhaps = (id: AvoidableId, need: Need) => within(need.allergen, id) && id !== need.allergen
const idsOf = (named: readonly Named[] | undefined): AvoidableId[] =>
  (named ?? []).map(n => (typeof n === 'string' ? n : n.allergen))
const called = (packet: CheckedPacket) =>
  packet.name ? `the packet “${packet.name}”` : 'its packet'

function againstNeed(person: Person, need: Need, held: Held, ingredient: Known): Conflict | null {
  const found = (state: State, rule: CheckRule, because: string, source: string): Conflict => ({
    ...held.place,
    personId: person.id,
    state,
    allergen: need.allergen,
    ingredient: ingredient.id,
    because: `${because}${need.from ? ` (${need.from})` : ''}`,
    rule,
    source,
  })
  const what = avoidableName(need.allergen)
  const counts = (id: AvoidableId) => (id === need.allergen ? '' : `, which counts as ${what}`)
  const read = held.packets.filter(packet => !packet.notRead)

  for (const packet of held.packets) {
    // What the diet itself leaves to the packet (oats) is not against it here; wheat in the oats is.
    const hit = idsOf(packet.contains).find(
      id =>
        avoided(id, need) &&
        !(need.butAsk.includes(ingredient.id) && ingredient.holds.includes(id)),
    )
    if (hit)
      return found(
        'contains',
        'packet-contains',
        `${called(packet)} names ${avoidableName(hit)}${counts(hit)}`,
        'the packet',
      )
  }
  for (const hit of ingredient.holds.filter(id => avoided(id, need))) {
    const denied = held.claims.some(claim => within(hit, claim))
    const asked = need.butAsk.includes(ingredient.id)
    // The diet goes by the mark on the packet; words of a recipe are settled by any packet that
    // does not name it.
    const settled =
      read.length > 0 &&
      (asked
        ? read.every(p => p.claims?.some(c => !c.against && c.without.includes(need.allergen)))
        : denied)
    if (!denied && !asked)
      return found(
        'contains',
        'holds',
        `${ingredient.name} contains ${avoidableName(hit)}${counts(hit)}`,
        ingredient.source,
      )
    if (!settled)
      return found(
        'unknown',
        'denied',
        `${ingredient.name} usually brings ${avoidableName(hit)}; the words say otherwise, ` +
          'so the packet decides',
        ingredient.source,
      )
  }
  const group = ingredient.holds.find(id => perhaps(id, need))
  if (group && !read.length)
    return found(
      'unknown',
      'group',
      `${ingredient.name} may be any of ${avoidableName(group)}, ${what} among them`,
      ingredient.source,
    )
  for (const packet of held.packets) {
    const any = idsOf(packet.contains).find(id => perhaps(id, need))
    if (any)
      return found(
        'unknown',
        'group',
        `${called(packet)} names ${avoidableName(any)}, ${what} perhaps among them`,
        'the packet',
      )
    const warned = idsOf(packet.warnings).find(id => avoided(id, need) || perhaps(id, need))
    if (warned)
      return found(
        'may contain',
        'packet-warning',
        `${called(packet)} says that it is not for those who avoid ${avoidableName(warned)}`,
        'the packet',
      )
    const open = idsOf(packet.open).find(id => avoided(id, need) || perhaps(id, need))
    if (open)
      return found(
        'unknown',
        'packet-open',
        `the words of ${called(packet)} leave open whether ${avoidableName(open)} is in ` +
          'it; only the maker tells',
        'the packet',
      )
  }
  const maybe = read.length
    ? undefined
    : ingredient.mayHold.find(id => avoided(id, need) || perhaps(id, need))
  if (maybe)
    return found(
      'unknown',
      'may-hold',
      `${ingredient.name} holds ${avoidableName(maybe)} in some makes; only the packet tells`,
      ingredient.source,
    )
  if (need.level !== 'trace') return null
  for (const packet of held.packets) {
    const trace = idsOf(packet.mayContain).find(id => avoided(id, need) || perhaps(id, need))
    if (trace)
      return found(
        'may contain',
        'packet-trace',
        `${called(packet)} says that it may contain ${avoidableName(trace)}`,
        'the packet',
      )
  }
  const trace = read.length
    ? undefined
    : ingredient.traces.find(id => avoided(id, need) || perhaps(id, need))
  return trace
    ? found(
        'may contain',
        'trace',
        `${ingredient.name} often carries traces of ${avoidableName(trace)}`,
        ingredient.source,
      )
    : null
}

const isOf = (ingredient: Known, of: readonly string[]) =>
  of.includes(ingredient.id) || of.includes(`kind:${ingredient.kind}`)

function againstRule(
  person: Person,
  rule: DietRule,
  diet: string,
  held: Held,
  ingredient: Known,
  region: Region,
): Conflict | null {
  if (
    !isOf(ingredient, rule.of) ||
    (rule.onlyRaw && held.heated) ||
    (rule.regions && !rule.regions.includes(region))
  )
    return null
  if (rule.unless && new RegExp(`\\b(?:${rule.unless})\\b`, 'iu').test(held.place.words))
    return null
  return {
    ...held.place,
    personId: person.id,
    state: rule.state === 'ask' ? 'unknown' : rule.state,
    allergen: rule.id,
    ingredient: ingredient.id,
    because: `${ingredient.name}: ${rule.because} (${diet})`,
    rule: 'diet',
    source: rule.source,
  }
}

const plain = (text: string) =>
  ` ${wordsOf(text)
    .map(w => w.plain)
    .join(' ')} `

/** Is what a person does not eat by name in this, by the pantry or by the words? */
function againstThings(person: Person, held: Held): Conflict[] {
  return (person.things ?? []).flatMap(thing => {
    const words = plain(thing.words)
    const packet = words.trim()
      ? held.packets.find(p => plain(p.statement ?? '').includes(words))
      : undefined
    const named = words.trim() !== '' && plain(held.place.words).includes(words)
    if (
      !(thing.ingredient !== null && held.ingredient?.id === thing.ingredient) &&
      !named &&
      !packet
    )
      return []
    return [
      {
        ...held.place,
        personId: person.id,
        state: 'contains' as const,
        allergen: null,
        ingredient: held.ingredient?.id ?? null,
        because:
          packet && !named
            ? `${called(packet)} names ${thing.words}`
            : `this is, or names, ${thing.words}`,
        rule: 'thing' as const,
        source: `what ${person.name} does not eat`,
      },
    ]
  })
}

const whereOf: Readonly<Record<Thing['is'], Conflict['where']>> = {
  'line': 'line',
  'also': 'line',
  'choice': 'alternative',
  'aside': 'step',
  'unknown': 'step',
  'left over': 'text',
}

/** A thing as the check looks at it. */
const heldBy = (thing: Thing, heated: boolean): Omit<Held, 'packets'> => ({
  ingredient: ingredientOf(thing) ?? null,
  claims: thing.without,
  place: {
    lineId: thing.lineId,
    component: thing.component,
    where: whereOf[thing.is],
    words: thing.words,
  },
  unread: thing.unread,
  open: thing.open,
  heated,
})

const heat = new RegExp(`\\b(?:${heatWords})`, 'iu')
/** Is a part heated? By its own steps, or, where it has none, by the recipe's. */
const heatedIn =
  (recipe: Recipe) =>
  (component: Component): boolean => {
    const steps = component.steps.length ? component.steps : recipe.components.flatMap(c => c.steps)
    return steps.some(step => heat.test(step)) || (!component.steps.length && recipe.oven !== null)
  }

/** What of a thing nobody knows: its packets, its own row, words of its name, its kind. */
function openOf({ ingredient, unread, open, packets }: Held): [CheckRule, string][] {
  const found: [CheckRule, string][] = []
  for (const packet of packets) {
    if (packet.notRead)
      found.push(['packet-not-read', `${called(packet)} does not count as read: ${packet.notRead}`])
    else if (packet.unknownWords?.length)
      found.push([
        'packet-words',
        `${called(packet)} has words that are not known: ${quoted(packet.unknownWords.slice(0, 5))}`,
      ])
  }
  if (ingredient?.unread && !packets.some(p => !p.notRead))
    found.push(['own-row', `nobody has read the packet of ${ingredient.name} yet`])
  if (unread.length && ingredient)
    found.push(['words', `the words ${quoted(unread)} are not known`])
  if (open)
    found.push(['open-kind', `“${open}” leaves open which ${ingredient?.name ?? 'one'} it is`])
  return found
}

const quoted = (words: readonly string[]) => words.map(w => `“${w}”`).join(', ')

function checkOne(person: Person, held: readonly Held[], region: Region): PersonCheck {
  const conflicts: Conflict[] = unknownNeeds(person).map(id => ({
    personId: person.id,
    state: 'unknown',
    allergen: null,
    lineId: null,
    component: '',
    where: 'person',
    words: id,
    ingredient: null,
    because: `“${id}” among ${person.name}’s needs is nothing that Ingwer knows, so nothing can be said`,
    rule: 'person',
    source: '',
  }))
  const asks: Conflict[] = []
  const needs = needsOf(person)
  const add = (list: Conflict[], found: Conflict | null) => {
    if (
      found &&
      !list.some(
        c =>
          c.lineId === found.lineId &&
          c.where === found.where &&
          c.state === found.state &&
          c.because === found.because,
      )
    )
      list.push(found)
  }
  for (const each of held) {
    const { ingredient, place, packets } = each
    const open = (rule: CheckRule, because: string): Conflict => ({
      ...place,
      personId: person.id,
      state: 'unknown',
      allergen: null,
      ingredient: ingredient?.id ?? null,
      because,
      rule,
      source: '',
    })
    for (const found of againstThings(person, each)) add(conflicts, found)
    for (const [rule, because] of openOf(each)) add(conflicts, open(rule, because))
    // A packet that was read says what an unknown line is made of.
    if (!ingredient && !packets.some(p => !p.notRead)) {
      add(conflicts, open('not-known', `“${place.words}” is not known`))
      continue
    }
    const known = ingredient ?? unnamed(place.words)
    for (const need of needs) add(conflicts, againstNeed(person, need, each, known))
    for (const diet of ingredient ? dietsOf(person) : [])
      for (const rule of diet.rules)
        add(
          rule.state === 'ask' ? asks : conflicts,
          againstRule(person, rule, diet.name, each, known, region),
        )
  }
  const verdict = conflicts.some(c => c.state === 'contains')
    ? 'conflict'
    : conflicts.length
      ? 'unknown'
      : 'clear'
  return { personId: person.id, verdict, conflicts, asks }
}

/** What the pantry does not know, but a packet describes. */
const unnamed = (words: string): Known => ({
  id: '',
  name: words,
  kind: 'ready-made',
  holds: [],
  mayHold: [],
  traces: [],
  source: 'its packet alone',
})

/** The packets of a line, or of whatever brings this ingredient. */
const packetsOf = (
  packets: readonly CheckedPacket[],
  ingredient: Ingredient | null,
  place: Place,
) =>
  packets.filter(p =>
    p.lineId !== undefined
      ? p.lineId === place.lineId && (p.ingredient === null || p.ingredient === ingredient?.id)
      : p.ingredient !== null && p.ingredient === ingredient?.id,
  )

/** What stands for the lines of a recipe that has none. */
const nothingRead: Held = {
  ingredient: null,
  claims: [],
  unread: [],
  open: null,
  packets: [],
  heated: true,
  place: { lineId: null, component: '', where: 'line', words: 'an empty recipe' },
}

/**
 * Who can eat this recipe: for each person clear, unknown or conflict, with every reason. All
 * components count, with optional lines, alternatives behind "or", pan preparation, serving
 * suggestions, whatever a step alone names, and what packets say. An ingredient that is not known,
 * and a recipe without lines, is never clear; nor is a person with a need that is no id, nor a line
 * whose packet holds words that nobody knows.
 */
export function checkPeople(
  recipe: Recipe,
  people: readonly Person[],
  options: CheckOptions = {},
): PeopleCheck {
  const region = options.region ?? recipe.region
  const heated = heatedIn(recipe)
  const parts = new Map(recipe.components.map(c => [c.name, heated(c)]))
  const bare = thingsOf(recipe).map(thing => heldBy(thing, parts.get(thing.component) ?? false))
  const held: Held[] = bare.map(each => ({
    ...each,
    packets: packetsOf(options.packets ?? [], each.ingredient, each.place),
  }))
  const all = linesOf(recipe).length ? held : [...held, nothingRead]
  return { people: people.map(person => checkOne(person, all, region)) }
}
