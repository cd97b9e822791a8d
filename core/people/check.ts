import type { Region } from '../measure'
import { ingredientById, type Ingredient } from '../pantry'
import { ingredientOf, linesOf, thingsOf, type Recipe, type Thing } from '../recipe'
import { againstNeed, called } from './against-need'
import type {
  CheckRule,
  CheckedPacket,
  Conflict,
  Held,
  KnownIngredient,
  PeopleCheck,
  PersonCheck,
  ConflictPlace,
} from './conflict'
import { dietsOf, needsOf, unknownNeeds, type Need, type Person } from './person'
import { cookedIn } from './heated'
import { againstThings } from './against-things'
import type { DietRule } from './tables/diets'

/**
 * The safety check. It reads the recipe's own words, the ingredient table and the packets, and
 * shares nothing else with whatever made the recipe: whether a plan is fit for its people is
 * decided here, not where it was planned.
 */
export interface CheckOptions {
  readonly packets?: readonly CheckedPacket[]
  readonly region?: Region
}

const isOf = (ingredient: KnownIngredient, of: readonly string[]) =>
  of.includes(ingredient.id) || of.includes(`kind:${ingredient.kind}`)

/** A person’s rule of a diet against one ingredient, where it is held. */
interface RuleAsked {
  readonly person: Person
  readonly rule: DietRule
  readonly diet: string
  readonly held: Held
  readonly ingredient: KnownIngredient
  readonly region: Region
}

function againstRule({ person, rule, diet, held, ingredient, region }: RuleAsked): Conflict | null {
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
  mayBe: (thing.mayBe ?? []).flatMap(id => ingredientById(id) ?? []),
  heated,
})

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

/** Whoever reacts to it raw alone may have it cooked; whether it is cooked through is asked. */
function againstOne(person: Person, need: Need, held: Held, known: KnownIngredient) {
  const found = againstNeed(person, need, held, known)
  if (!need.onlyRaw || !held.heated || found?.rule !== 'holds') return { found, isAsk: false }
  const because = `${found.because}; cooked here: is it cooked through?`
  return { found: { ...found, because }, isAsk: true }
}

/** What its name may mean besides, as long as nobody says which and no packet was read: never clear. */
function asElse(person: Person, held: Held): Conflict[] {
  if (held.packets.some(packet => !packet.notRead)) return []
  return held.mayBe.flatMap(other =>
    needsOf(person).flatMap(need => {
      const found = againstOne(person, need, held, other).found
      if (!found || (held.ingredient && againstNeed(person, need, held, held.ingredient))) return []
      const because = `“${held.place.words}” may be ${other.name}: ${found.because}`
      return [{ ...found, state: 'unknown' as const, rule: 'open-kind' as const, because }]
    }),
  )
}

const quoted = (words: readonly string[]) => words.map(w => `“${w}”`).join(', ')

const unknownNeed = (person: Person, id: string): Conflict => ({
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
})

function checkOne(person: Person, held: readonly Held[], region: Region): PersonCheck {
  const conflicts = unknownNeeds(person).map(id => unknownNeed(person, id))
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
    for (const found of [...againstThings(person, each), ...asElse(person, each)])
      add(conflicts, found)
    for (const [rule, because] of openOf(each)) add(conflicts, open(rule, because))
    // A packet that was read says what an unknown line is made of.
    if (!ingredient && !packets.some(p => !p.notRead)) {
      add(conflicts, open('not-known', `“${place.words}” is not known`))
      continue
    }
    const known = ingredient ?? unnamed(place.words)
    for (const need of needs) {
      const { found, isAsk } = againstOne(person, need, each, known)
      add(isAsk ? asks : conflicts, found)
    }
    for (const diet of ingredient ? dietsOf(person) : [])
      for (const rule of diet.rules)
        add(
          rule.state === 'ask' ? asks : conflicts,
          againstRule({ person, rule, diet: diet.name, held: each, ingredient: known, region }),
        )
  }
  const open = conflicts.length ? 'unknown' : 'clear'
  const verdict = conflicts.some(c => c.state === 'contains') ? 'conflict' : open
  return { personId: person.id, verdict, conflicts, asks }
}

/** What the pantry does not know, but a packet describes. */
const unnamed = (words: string): KnownIngredient => ({
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
  place: ConflictPlace,
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
  mayBe: [],
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
 *
 * @example
 * const recipe = readRecipe('Shortbread\n\n200 g plain flour\n100 g butter').recipe
 * const wren = { id: 'wren', name: 'Wren', diets: [], avoids: [{ allergen: 'milk', strictness: 'allergy' }] }
 * checkPeople(recipe, [wren]).people[0].verdict // "conflict"
 */
export function checkPeople(
  recipe: Recipe,
  people: readonly Person[],
  options: CheckOptions = {},
): PeopleCheck {
  const region = options.region ?? recipe.region
  const isCooked = cookedIn(recipe)
  const bare = thingsOf(recipe).map(thing => heldBy(thing, isCooked(thing.lineId, thing.component)))
  const held: Held[] = bare.map(each => ({
    ...each,
    packets: packetsOf(options.packets ?? [], each.ingredient, each.place),
  }))
  const all = linesOf(recipe).length ? held : [...held, nothingRead]
  return { people: people.map(person => checkOne(person, all, region)) }
}
