import { avoidableName, type AvoidableId } from '../pantry'
import { sumUp, whyNotChecked, type Packet } from '../packet'
import {
  avoidSays,
  cautionsAt,
  claims,
  dietRows,
  packetsFor,
  coverageOf,
  saidOf,
  type Claims,
  type Person,
} from '../people'
import {
  ingredientOf,
  linesOf,
  sayFacts,
  thingsOf,
  type Line,
  type Recipe,
  type Thing,
} from '../recipe'
import type { Kitchen } from '../pan'
import { keepingOf, type Keeping } from '../day'
import { recipeOf, type Bake } from './bake'

/** What the house knows beside the bake: its packets, and what day it is (ISO), given by the caller. */
export interface CardHouse {
  readonly packets: readonly Packet[]
  readonly today: string
  readonly kitchen?: Kitchen
}

/**
 * Everything that a card says, before it is a sheet, a label, a file or a code. Nothing in it is
 * typed in.
 */
export interface CardFacts {
  /** What is made, at its size. */
  readonly recipe: Recipe
  readonly title: string
  readonly says: string
  readonly madeOn: string
  readonly facts: string
  readonly checkedFor: readonly {
    readonly id: string
    readonly name: string
    readonly needs: string
  }[]
  readonly claims: Claims
  /** What is in it, what may be, and what is not known, over all lines and packets, by name. */
  readonly contains: readonly string[]
  readonly mayContain: readonly string[]
  readonly unknown: readonly string[]
  /** What the packets that were read say. */
  readonly packets: readonly {
    readonly name: string
    readonly statement: string
    readonly checkedOn: string
  }[]
  /** Bought lines that rest on no packet that was read. */
  readonly notChecked: readonly string[]
  /** What the plan wanted read and nobody has read yet. */
  readonly toRead: readonly { readonly name: string; readonly lookFor: readonly string[] }[]
  readonly keeping: Keeping
  readonly cautions: readonly string[]
}

export const needsText = (person: Person): string =>
  [
    ...(person.carries ? ['carries emergency medicine'] : []),
    ...person.diets.map(id => dietRows.find(row => row.id === id)?.name ?? id),
    ...person.avoids.map(avoidSays),
    ...(person.things ?? []).map(thing => `no ${thing.words}`),
  ].join(', ') || 'avoids nothing'

/** What is in it, may be in it, and is open, gathered from things and packets. */
function gathered() {
  const contains = new Set<AvoidableId>()
  const may = new Set<AvoidableId>()
  const open = new Map<string, Set<AvoidableId>>()
  const unsure = (what: string, ids: readonly AvoidableId[]) => {
    if (ids.length) open.set(what, new Set([...(open.get(what) ?? []), ...ids]))
  }
  return {
    contains,
    may,
    open,
    /** A thing of the dessert; where its packet was read, that says what is uncertain. */
    addThing(thing: Thing, isRead: boolean) {
      const item = ingredientOf(thing)
      if (!item && !isRead) open.set(thing.words, new Set())
      for (const id of item?.holds ?? []) contains.add(id)
      if (!item || isRead) return
      unsure(item.name, item.mayHold)
      for (const id of item.traces) may.add(id)
    },
    addPacket(packet: Packet, today: string) {
      const sum = sumUp(packet)
      for (const hit of sum.contains) contains.add(hit.allergen)
      for (const hit of sum.mayContain) may.add(hit.allergen)
      unsure(
        packet.name,
        sum.open.map(hit => hit.allergen),
      )
      const why = whyNotChecked(packet, today)
      if (why) open.set(`${packet.name} (${why})`, new Set())
      for (const word of sum.unknownWords) open.set(`“${word}” on ${packet.name}`, new Set())
    },
  }
}
const namesOf = (ids: Iterable<AvoidableId>) =>
  [...ids].map(avoidableName).sort((a, b) => a.localeCompare(b))
/** The words of a packet, as they are printed on the card. */
const statementOf = ({ name, words, checkedOn }: Packet) => ({
  name,
  statement: [words.statement, words.containsLine, words.mayContainLine, words.facility]
    .filter(Boolean)
    .join(' '),
  checkedOn,
})
/** A plan may have left lines behind whose packets are still tied: they are in nothing that is baked. */
function tiesIn(bake: Bake, recipe: Recipe, things: readonly Thing[]): Bake['ties'] {
  const here = new Set(things.map(thing => thing.ingredient))
  const lines = linesOf(recipe).flatMap(line => [line, ...line.orElse])
  const ids = new Set(lines.map(line => line.id))
  return bake.ties.filter(({ lineId, ingredient }) =>
    lineId === null ? here.has(ingredient) : ids.has(lineId),
  )
}
const planSays = ({ plan }: Bake) =>
  plan
    ? `Adapted: ${plan.title.toLowerCase()}, ${plan.confidence}. ${plan.restsOn}`
    : 'As written; no plan is chosen yet.'

/** What the card of a bake says, for the people at its table, by the packets that it is tied to. */
export function cardFacts(bake: Bake, people: readonly Person[], house: CardHouse): CardFacts {
  const table = people.filter(person => bake.people.includes(person.id))
  const recipe = recipeOf(bake, house.kitchen)
  const things = thingsOf(recipe)
  const ties = tiesIn(bake, recipe, things)
  const checked = packetsFor(ties, house.packets, house.today)
  const used = [...new Set(ties.flatMap(tie => tie.packets))].flatMap(
    id => house.packets.find(p => p.id === id) ?? [],
  )
  const isOnPacket = (ingredient: string | null, lineId: string) =>
    checked.some(packet => {
      const isOfLine = packet.lineId === undefined || packet.lineId === lineId
      const isOfKind = packet.lineId !== undefined || packet.ingredient === ingredient
      return !packet.notRead && isOfLine && isOfKind
    })
  const { contains, may, open, addThing, addPacket } = gathered()
  for (const thing of things) addThing(thing, isOnPacket(thing.ingredient, thing.lineId ?? ''))
  for (const packet of used) addPacket(packet, house.today)
  const isBought = (line: Line) => {
    const alone = { ...recipe, components: [{ name: '', lines: [line], steps: [] }] }
    return coverageOf(alone, checked).bought > 0
  }
  const bare = linesOf(recipe).filter(
    line => isBought(line) && !isOnPacket(line.ingredient, line.id),
  )
  return {
    recipe,
    title: bake.title,
    madeOn: house.today,
    facts: sayFacts(recipe).join(' · '),
    says: planSays(bake),
    checkedFor: table.map(person => ({
      id: person.id,
      name: person.name,
      needs: needsText(person),
    })),
    claims: { ...claims(recipe, table, checked), coverage: coverageOf(recipe, checked) },
    contains: namesOf(contains),
    mayContain: namesOf([...may].filter(id => !contains.has(id))),
    unknown: [...open].map(([what, ids]) =>
      ids.size ? `${what}: ${namesOf(ids).join(', ')}, in some makes` : what,
    ),
    packets: used.filter(packet => !whyNotChecked(packet, house.today)).map(statementOf),
    toRead: (bake.plan?.packets ?? [])
      .filter(packet => !isOnPacket(packet.ingredient, ''))
      .map(({ name, lookFor }) => ({ name, lookFor })),
    notChecked: [...new Set(bare.map(line => line.name || line.text))],
    keeping: keepingOf(recipe, house.today),
    cautions: cautionsAt(recipe).map(caution => caution.says),
  }
}

/** Does the claim for the whole table rest on a packet that was read for every bought line? */
export const restsOnRead = ({ claims: { table, coverage } }: Pick<CardFacts, 'claims'>): boolean =>
  table !== null && coverage.onPackets >= coverage.bought

/** More than this makes squares too small for a phone to read off a tin. */
const mostBytes = 600

/**
 * The card's text for a code of black and white squares: all that matters, nothing else, at most
 * 600 bytes. What is in it comes first, so that a cut never takes that.
 */
export function codeText(facts: CardFacts): string {
  const bytes = (text: string) =>
    [...text].reduce((n, sign) => n + (sign.codePointAt(0)! < 128 ? 1 : 3), 0)
  const part = (label: string, items: readonly string[]) =>
    items.length
      ? [{ whole: `${label}: ${items.join(', ')}`, short: `${label}: see the card` }]
      : []
  const said = saidOf(facts.claims)
  const parts = [
    { whole: facts.title, short: 'A bake' },
    // Who must not eat it is never cut.
    ...said.filter(s => s.is === 'not for').map(({ says }) => ({ whole: says, short: says })),
    { whole: `Made ${facts.madeOn}, eat by ${facts.keeping.useBy ?? 'the same day'}`, short: '' },
    ...part('Contains', facts.contains),
    ...part('May contain', facts.mayContain),
    ...part('Not known', facts.unknown),
    ...said
      .filter(s => s.is !== 'not for')
      .map(({ says }) => ({ whole: says, short: 'What was checked: see the card' })),
    ...part('Packets not read', facts.notChecked),
    ...part(
      'For',
      facts.checkedFor.map(p => `${p.name} (${p.needs})`),
    ),
  ]
  // A part that does not fit is left to the card, whole: half a claim would be another claim. The
  // short forms of what follows keep their room.
  const room = (from: number) => parts.slice(from).reduce((n, p) => n + bytes(p.short) + 1, 0)
  let text = ''
  for (const [i, { whole, short }] of parts.entries())
    text += `${bytes(text) + bytes(whole) + 1 + room(i + 1) <= mostBytes ? whole : short}\n`
  return text.trim()
}
