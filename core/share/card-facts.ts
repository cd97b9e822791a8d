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
import { ingredientOf, linesOf, sayFacts, thingsOf, type Recipe } from '../recipe'
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

/** What the card of a bake says, for the people at its table, by the packets that it is tied to. */
export function cardFacts(bake: Bake, people: readonly Person[], house: CardHouse): CardFacts {
  const table = people.filter(person => bake.people.includes(person.id))
  const recipe = recipeOf(bake, house.kitchen)
  const lines = linesOf(recipe).flatMap(line => [line, ...line.orElse])
  // A plan may have left lines behind whose packets are still tied: they are in nothing that is baked.
  const things = thingsOf(recipe)
  const here = new Set(things.map(thing => thing.ingredient))
  const ties = bake.ties.filter(tie =>
    tie.lineId === null ? here.has(tie.ingredient) : lines.some(line => line.id === tie.lineId),
  )
  const checked = packetsFor(ties, house.packets, house.today)
  const used = [...new Set(ties.flatMap(tie => tie.packets))].flatMap(
    id => house.packets.find(p => p.id === id) ?? [],
  )
  const onPacket = (ingredient: string | null, lineId: string) =>
    checked.filter(
      p =>
        !p.notRead && (p.lineId !== undefined ? p.lineId === lineId : p.ingredient === ingredient),
    )
  const [contains, may, open] = [
    new Set<AvoidableId>(),
    new Set<AvoidableId>(),
    new Map<string, Set<AvoidableId>>(),
  ]
  const unsure = (what: string, ids: readonly AvoidableId[]) => {
    if (ids.length) open.set(what, new Set([...(open.get(what) ?? []), ...ids]))
  }
  for (const thing of things) {
    const item = ingredientOf(thing)
    const read = onPacket(thing.ingredient, thing.lineId ?? '').length > 0
    if (!item && !read) open.set(thing.words, new Set())
    for (const id of item?.holds ?? []) contains.add(id)
    if (item && !read) {
      unsure(item.name, item.mayHold)
      for (const id of item.traces) may.add(id)
    }
  }
  for (const packet of used) {
    const sum = sumUp(packet)
    for (const hit of sum.contains) contains.add(hit.allergen)
    for (const hit of sum.mayContain) may.add(hit.allergen)
    unsure(
      packet.name,
      sum.open.map(hit => hit.allergen),
    )
    const why = whyNotChecked(packet, house.today)
    if (why) open.set(`${packet.name} (${why})`, new Set())
    for (const word of sum.unknownWords) open.set(`“${word}” on ${packet.name}`, new Set())
  }
  const resting = coverageOf(recipe, checked)
  const bare = linesOf(recipe).filter(
    line =>
      coverageOf({ ...recipe, components: [{ name: '', lines: [line], steps: [] }] }, checked)
        .bought > 0 && !onPacket(line.ingredient, line.id).length,
  )
  const named = (ids: Iterable<AvoidableId>) =>
    [...ids].map(avoidableName).sort((a, b) => a.localeCompare(b))
  return {
    recipe,
    title: bake.title,
    madeOn: house.today,
    facts: sayFacts(recipe).join(' · '),
    says: bake.plan
      ? `Adapted: ${bake.plan.title.toLowerCase()} plan, ${bake.plan.confidence}. ${bake.plan.restsOn}`
      : 'As written; no plan is chosen yet.',
    checkedFor: table.map(person => ({
      id: person.id,
      name: person.name,
      needs: needsText(person),
    })),
    claims: { ...claims(recipe, table, checked), coverage: resting },
    contains: named(contains),
    mayContain: named([...may].filter(id => !contains.has(id))),
    unknown: [...open].map(([what, ids]) =>
      ids.size ? `${what}: ${named(ids).join(', ')}, in some makes` : what,
    ),
    packets: used
      .filter(packet => !whyNotChecked(packet, house.today))
      .map(packet => ({
        name: packet.name,
        statement: [
          packet.words.statement,
          packet.words.containsLine,
          packet.words.mayContainLine,
          packet.words.facility,
        ]
          .filter(Boolean)
          .join(' '),
        checkedOn: packet.checkedOn,
      })),
    toRead: (bake.plan?.packets ?? [])
      .filter(p => !onPacket(p.ingredient, '').length)
      .map(({ name, lookFor }) => ({ name, lookFor })),
    notChecked: [...new Set(bare.map(line => line.name || line.text))],
    keeping: keepingOf(recipe, house.today),
    cautions: cautionsAt(recipe).map(c => c.says),
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
