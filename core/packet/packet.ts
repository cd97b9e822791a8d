import { avoidableName, wordsOf, type AvoidableId } from '../pantry'
import { readPacket } from './read'
import type { PacketClaim, PacketHit, PacketReading } from './reading'

/** The parts of a packet that are read as words, each as it is printed. */
export const packetFields = [
  'statement',
  'containsLine',
  'mayContainLine',
  'facility',
  'marks',
] as const
type PacketField = (typeof packetFields)[number]
export type PacketWords = Readonly<Record<PacketField, string>>

/**
 * Figures that stand on a packet and that the arithmetic can use: g per 100 g, and a sweetener's
 * own factor against sugar.
 */
export const packetFigures = [
  'fat',
  'saturates',
  'sugars',
  'protein',
  'salt',
  'fibre',
  'factor',
] as const
type PacketFigure = (typeof packetFigures)[number]

/**
 * What the maker answered when somebody asked; `without`: what they say is not in it, also not
 * hidden in a word that leaves it open.
 */
export interface MakerAnswer {
  readonly on: string
  readonly text: string
  readonly without: readonly AvoidableId[]
}

/** What stood on the packet before its words changed. */
export interface PacketPast {
  readonly on: string
  readonly by: string
  readonly words: PacketWords
}

/**
 * A packet of this house: what it is, what stands on it, and when somebody looked. Dates are ISO
 * days (2026-01-31), '' where nobody has looked.
 */
export interface Packet {
  readonly id: string
  readonly name: string
  /** The pantry's ingredient that it is a packet of; null while nobody has said. */
  readonly ingredient: string | null
  readonly where: string
  readonly words: PacketWords
  readonly figures: Readonly<Partial<Record<PacketFigure, number>>>
  readonly code: string
  readonly checkedOn: string
  readonly checkedBy: string
  /** Days after which it is to be read again. */
  readonly recheckDays: number
  readonly answer: MakerAnswer | null
  readonly price: number | null
  /** What one packet holds, in grams. */
  readonly size: number | null
  /**
   * Words of a photo that the recogniser was unsure of and nobody has confirmed: until then there
   * is no verdict.
   */
  readonly unconfirmed: readonly string[]
  readonly history: readonly PacketPast[]
}

export const noWords: PacketWords = {
  statement: '',
  containsLine: '',
  mayContainLine: '',
  facility: '',
  marks: '',
}
const usualRecheckDays = 120
/**
 * A packet of which only its name and what it is are known; nobody has read it yet.
 *
 * @example
 * newPacket('p', 'Squall Crumb', null).checkedOn // ""
 */
export const newPacket = (id: string, name: string, ingredient: string | null): Packet => ({
  id,
  name,
  ingredient,
  where: '',
  words: noWords,
  figures: {},
  code: '',
  checkedOn: '',
  checkedBy: '',
  recheckDays: usualRecheckDays,
  answer: null,
  price: null,
  size: null,
  unconfirmed: [],
  history: [],
})

const meant: Readonly<Record<PacketField, 'list' | 'contains' | 'trace' | 'facility'>> = {
  statement: 'list',
  containsLine: 'contains',
  mayContainLine: 'trace',
  facility: 'facility',
  marks: 'list',
}

export interface FieldReading {
  readonly field: PacketField
  readonly text: string
  readonly reading: PacketReading
}

/**
 * Every field of a packet, read as what it is. A facility sentence that names things plainly is
 * read as one, too.
 */
export const readFields = (words: PacketWords): readonly FieldReading[] =>
  packetFields
    .filter(field => words[field].trim())
    .map(field => ({
      field,
      text: words[field],
      reading: readPacket(words[field], { as: meant[field] }),
    }))

/** A hit with the field that it stands in. */
type FieldHit = PacketHit & { readonly field: PacketField }

/**
 * What a packet comes to, over all its fields, with the maker's answer. `settled` are open words
 * that the answer closed.
 */
export interface PacketSum {
  readonly contains: readonly FieldHit[]
  readonly mayContain: readonly FieldHit[]
  /** Said to be nothing for those who avoid it: that counts for all of them. */
  readonly warnings: readonly FieldHit[]
  readonly open: readonly FieldHit[]
  readonly settled: readonly FieldHit[]
  readonly claims: readonly (PacketClaim & { readonly field: PacketField })[]
  readonly unknownWords: readonly string[]
}

/**
 * Sums up a packet. An answer of the maker settles open words only: what the list says it takes
 * back never.
 */
export function sumUp(packet: Pick<Packet, 'words' | 'answer'>): PacketSum {
  const fields = readFields(packet.words)
  const hits = (pick: (r: PacketReading) => readonly PacketHit[]): FieldHit[] =>
    fields.flatMap(({ field, reading }) => pick(reading).map(hit => ({ ...hit, field })))
  const contains = hits(r => r.contains)
  const maybe = hits(r => r.mayContain)
  // Another field may say for certain what a word leaves open: "lecithin", and below "contains soya".
  const open = maybe.filter(
    hit => hit.how === 'unsaid' && !contains.some(c => c.allergen === hit.allergen),
  )
  const closed = (hit: FieldHit) => packet.answer?.without.includes(hit.allergen) ?? false
  const claims = fields.flatMap(({ field, reading }) =>
    reading.claims.map(claim => ({
      ...claim,
      field,
      against: claim.against || claim.without.some(id => contains.some(hit => hit.allergen === id)),
    })),
  )
  return {
    contains,
    mayContain: maybe.filter(hit => hit.how === 'trace' || hit.how === 'facility'),
    warnings: maybe.filter(hit => hit.how === 'warning'),
    open: open.filter(hit => !closed(hit)),
    settled: open.filter(closed),
    claims,
    unknownWords: [...new Set(fields.flatMap(f => f.reading.unknownWords))],
  }
}

/** Whole days between two ISO days; NaN where one is no day. */
export const daysBetween = (from: string, to: string): number =>
  Math.round((Date.parse(`${to}T00:00:00Z`) - Date.parse(`${from}T00:00:00Z`)) / 86_400_000)

/** Why a packet does not count as read today: '' when it does. */
export function whyNotChecked(packet: Packet, today: string): string {
  if (!packet.words.statement.trim()) return 'its ingredient statement is not entered yet'
  if (packet.unconfirmed.length)
    return `words of its photo are not confirmed yet: ${packet.unconfirmed
      .slice(0, 4)
      .map(w => `“${w}”`)
      .join(', ')}`
  if (!packet.checkedOn) return 'nobody has said that they read it'
  const age = daysBetween(packet.checkedOn, today)
  if (!(age >= 0)) return `the day of its check, ${packet.checkedOn}, is not a day up to now`
  return age > packet.recheckDays
    ? `it was read ${age} days ago, on ${packet.checkedOn}; makers change their recipes`
    : ''
}

/**
 * A packet with other words on it: what stood there goes into its history, and it has to be read
 * anew, unless that is what `checked` says.
 */
export function withWords(
  packet: Packet,
  words: PacketWords,
  checked: { readonly on: string; readonly by: string } | null,
): Packet {
  const same = packetFields.every(field => packet.words[field].trim() === words[field].trim())
  const had = packetFields.some(field => packet.words[field].trim())
  const past =
    same || !had
      ? packet.history
      : [...packet.history, { on: packet.checkedOn, by: packet.checkedBy, words: packet.words }]
  // An answer was about the words that stood there then.
  return {
    ...packet,
    words,
    history: past.slice(-20),
    answer: same ? packet.answer : null,
    checkedOn: checked?.on ?? (same ? packet.checkedOn : ''),
    checkedBy: checked?.by ?? (same ? packet.checkedBy : ''),
  }
}

/**
 * What differs between two wordings of one packet: allergens that came and went, and the words
 * themselves.
 */
export interface PacketChange {
  readonly came: readonly string[]
  readonly went: readonly string[]
  readonly wordsIn: readonly string[]
  readonly wordsOut: readonly string[]
}

const saysOf = (words: PacketWords) => {
  const sum = sumUp({ words, answer: null })
  return new Set([
    ...sum.contains.map(h => `contains ${avoidableName(h.allergen)}`),
    ...sum.mayContain.map(h => `may contain ${avoidableName(h.allergen)}`),
    ...sum.warnings.map(h => `warns of ${avoidableName(h.allergen)}`),
    ...sum.open.map(h => `perhaps ${avoidableName(h.allergen)}`),
  ])
}
const plainOf = (words: PacketWords) =>
  new Map(
    wordsOf(packetFields.map(f => words[f]).join('\n')).map(w => [
      w.plain,
      packetFields
        .map(f => words[f])
        .join('\n')
        .slice(w.start, w.end),
    ]),
  )

export function changeOf(before: PacketWords, after: PacketWords): PacketChange {
  const [b, a] = [saysOf(before), saysOf(after)]
  const [pb, pa] = [plainOf(before), plainOf(after)]
  return {
    came: [...a].filter(x => !b.has(x)),
    went: [...b].filter(x => !a.has(x)),
    wordsIn: [...pa].filter(([w]) => !pb.has(w)).map(([, t]) => t),
    wordsOut: [...pb].filter(([w]) => !pa.has(w)).map(([, t]) => t),
  }
}

const nameKey = (name: string) =>
  wordsOf(name)
    .map(w => w.plain)
    .sort()
    .join(' ')
const allergensOf = (packet: Packet) => {
  const sum = sumUp(packet)
  return [
    ...new Set(
      [...sum.contains, ...sum.mayContain, ...sum.warnings, ...sum.open].map(h => h.allergen),
    ),
  ].sort()
}

/** Two packets that look alike and are not: one name, other allergens. */
export interface LookAlike {
  readonly packet: string
  readonly other: string
  readonly only: readonly AvoidableId[]
  readonly otherOnly: readonly AvoidableId[]
}

/**
 * Packets of the house that share a name (in any order of words) and differ in what they contain or
 * may contain.
 */
export function lookAlikes(packets: readonly Packet[]): readonly LookAlike[] {
  const seen = packets.map(packet => ({
    packet,
    key: nameKey(packet.name),
    allergens: allergensOf(packet),
  }))
  return seen.flatMap((a, i) =>
    seen
      .slice(i + 1)
      .filter(b => b.key === a.key && a.key !== '')
      .flatMap(b => {
        const only = a.allergens.filter(id => !b.allergens.includes(id))
        const otherOnly = b.allergens.filter(id => !a.allergens.includes(id))
        return only.length || otherOnly.length
          ? [{ packet: a.packet.id, other: b.packet.id, only, otherOnly }]
          : []
      }),
  )
}
