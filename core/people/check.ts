import type { Region } from '../measure'
import { avoidableName, findMentions, groupsOf, ingredientById, type AvoidableId, type Ingredient } from '../pantry'
import { linesOf, mentionsInStep, type Line, type Recipe } from '../recipe'
import { needsOf, unknownNeeds, type Person } from './person'

/**
 * The safety check. It reads the recipe's own words and the ingredient table, and shares nothing else with whatever made
 * the recipe: whether a plan is fit for its people is decided here, not where it was planned.
 */
export type Verdict = 'clear' | 'unknown' | 'conflict'
export type State = 'contains' | 'may contain' | 'unknown'

/** One reason why a person may not, or perhaps may not, eat this. */
export interface Conflict {
  readonly personId: string
  readonly state: State
  /** What of the person's needs it touches; null when the thing itself is not known. */
  readonly allergen: AvoidableId | null
  readonly lineId: string | null
  readonly component: string
  readonly where: 'line' | 'alternative' | 'step' | 'person'
  readonly words: string
  readonly ingredient: string | null
  readonly because: string
}

/** What a checked packet says; it settles what its kind of product "may hold". */
export interface CheckedPacket { readonly ingredient: string, readonly contains: readonly AvoidableId[], readonly mayContain: readonly AvoidableId[] }

export interface PersonCheck { readonly personId: string, readonly verdict: Verdict, readonly conflicts: readonly Conflict[] }
export interface PeopleCheck { readonly people: readonly PersonCheck[] }

export interface CheckOptions { readonly packets?: readonly CheckedPacket[], readonly region?: Region }

type Need = ReturnType<typeof needsOf>[number]
interface Place { readonly lineId: string | null, readonly component: string, readonly where: Conflict['where'], readonly words: string }

const within = (id: AvoidableId, group: AvoidableId) => groupsOf(id).has(group)
const avoided = (id: AvoidableId, need: Need) => within(id, need.allergen) && !need.except?.some(spared => within(id, spared))
/** "Mixed nuts" against "almond": the group that is named may or may not hold the one that matters. */
const perhaps = (id: AvoidableId, need: Need) => within(need.allergen, id) && id !== need.allergen

function againstNeed(person: Person, need: Need, ingredient: Ingredient, claimed: readonly AvoidableId[], packet: CheckedPacket | undefined, place: Place): Conflict | null {
  const found = (state: State, because: string): Conflict => ({ ...place, personId: person.id, state, allergen: need.allergen, ingredient: ingredient.id, because: `${because}${need.from ? ` (${need.from})` : ''}` })
  const what = avoidableName(need.allergen)
  const denied = (id: AvoidableId) => claimed.some(claim => within(id, claim))
  const holds = [...ingredient.holds, ...packet?.contains ?? []]
  const hit = holds.find(id => avoided(id, need))
  if (hit && (denied(hit) || need.butAsk.includes(ingredient.id))) return found('unknown', `${ingredient.name} usually brings ${avoidableName(hit)}; the words say otherwise, so the packet decides`)
  if (hit) return found('contains', hit === need.allergen ? `${ingredient.name} contains ${what}` : `${ingredient.name} contains ${avoidableName(hit)}, which counts as ${what}`)
  const group = holds.find(id => perhaps(id, need))
  if (group) return found('unknown', `${ingredient.name} may be any of ${avoidableName(group)}, ${what} among them`)
  const maybe = packet ? undefined : ingredient.mayHold.find(id => avoided(id, need) || perhaps(id, need))
  if (maybe) return found('unknown', `${ingredient.name} holds ${avoidableName(maybe)} in some makes; only the packet tells`)
  const trace = need.level === 'trace' ? (packet ? packet.mayContain : ingredient.traces).find(id => avoided(id, need) || perhaps(id, need)) : undefined
  return trace ? found('may contain', `${ingredient.name} often carries traces of ${avoidableName(trace)}`) : null
}

interface Held { readonly ingredient: Ingredient | null, readonly claims: readonly AvoidableId[], readonly place: Place, readonly unread: readonly string[] }

/** Everything in a line: what it was read as, and every other ingredient that its words name. */
function heldByLine(line: Line, region: Region, where: Conflict['where']): Held[] {
  const place: Place = { lineId: line.id.replace(/(?:-or)+$/, ''), component: line.component, where, words: line.text }
  const own = line.ingredient ? ingredientById(line.ingredient) ?? null : null
  const reading = findMentions(line.text, region)
  const claims = reading.claims.flatMap(claim => claim.without)
  // An answer of the baker's stands for the words that were asked about; alternatives are lines of their own.
  const others = line.evidence.by === 'baker' ? [] : reading.mentions.filter(m => m.ingredient.id !== own?.id && !line.orElse.some(alt => alt.text.includes(m.words)))
  const main = { ingredient: own, claims: line.evidence.by === 'baker' ? [] : claims, place, unread: line.unread }
  return [main, ...others.map(m => ({ ingredient: m.ingredient, claims, place, unread: [] })), ...line.orElse.flatMap(alt => heldByLine(alt, region, 'alternative'))]
}

function heldBySteps(recipe: Recipe): Held[] {
  const lines = linesOf(recipe).flatMap(line => [line, ...line.orElse])
  return recipe.components.flatMap(component => component.steps.flatMap(step => mentionsInStep(step, lines)
    .filter(m => !m.line)
    .map(m => ({ ingredient: m.ingredient, claims: findMentions(step).claims.filter(c => c.end >= m.start - 2 && c.end <= m.start).flatMap(c => c.without), place: { lineId: null, component: component.name, where: 'step' as const, words: step.slice(Math.max(0, m.start - 30), m.end + 20).trim() }, unread: [] }))))
}

function checkOne(person: Person, held: readonly Held[], packets: readonly CheckedPacket[]): PersonCheck {
  const conflicts: Conflict[] = unknownNeeds(person).map(id => ({ personId: person.id, state: 'unknown', allergen: null, lineId: null, component: '', where: 'person', words: id, ingredient: null, because: `“${id}” among ${person.name}’s needs is nothing that Ingwer knows, so nothing can be said` }))
  const needs = needsOf(person)
  for (const { ingredient, claims, place, unread } of held) {
    if (!ingredient) {
      conflicts.push({ ...place, personId: person.id, state: 'unknown', allergen: null, ingredient: null, because: `“${place.words}” is not known` })
      continue
    }
    if (ingredient.unread) conflicts.push({ ...place, personId: person.id, state: 'unknown', allergen: null, ingredient: ingredient.id, because: `nobody has read the packet of ${ingredient.name} yet` })
    if (unread.length) conflicts.push({ ...place, personId: person.id, state: 'unknown', allergen: null, ingredient: ingredient.id, because: `the words ${unread.map(w => `“${w}”`).join(', ')} are not known` })
    const packet = packets.find(p => p.ingredient === ingredient.id)
    for (const need of needs) {
      const found = againstNeed(person, need, ingredient, claims, packet, place)
      if (found && !conflicts.some(c => c.lineId === found.lineId && c.where === found.where && c.state === found.state && c.because === found.because)) conflicts.push(found)
    }
  }
  const verdict = conflicts.some(c => c.state === 'contains') ? 'conflict' : conflicts.length ? 'unknown' : 'clear'
  return { personId: person.id, verdict, conflicts }
}

/**
 * Who can eat this recipe: for each person clear, unknown or conflict, with every reason. All components count, with
 * optional lines, alternatives behind "or", pan preparation, serving suggestions and whatever a step alone names. An
 * ingredient that is not known, and a recipe without lines, is never clear; nor is a person with a need that is no id.
 */
export function checkPeople(recipe: Recipe, people: readonly Person[], options: CheckOptions = {}): PeopleCheck {
  const region = options.region ?? recipe.region
  const held = [...linesOf(recipe).flatMap(line => heldByLine(line, region, 'line')), ...heldBySteps(recipe)]
  const nothing: Held[] = held.length ? held : [{ ingredient: null, claims: [], unread: [], place: { lineId: null, component: '', where: 'line', words: 'an empty recipe' } }]
  return { people: people.map(person => checkOne(person, nothing, options.packets ?? [])) }
}
