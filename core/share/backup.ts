import Joi from 'joi'
import { moment, problemIn, type KeptProblem } from './kept/schema'
import { unknownNeeds } from '../people'
import type { House } from './bake'
import { keptProblem, keptSchemas, type KeptKind } from './kept/bake'
import { upToDate } from './upgrade'

/**
 * The house file: one JSON object with these first keys, and what is in it. A new version gets a new
 * number and a way up from the old. What does not hold together is set aside with a sentence, and
 * written again with the next file, so that nothing is lost; the rest opens.
 */
export const backupFormat = 'ingwer-house'
/** A file of one bake with whatever belongs to it, to go on with on another device. */
export const bakeFormat = 'ingwer-bake'
export const backupVersion = 4

/** Something of a house that does not hold together: as it is, with why. */
export interface SetAside {
  readonly kind: KeptKind
  readonly sentence: string
  readonly value: unknown
}

export type BackupReading =
  | { readonly ok: true; readonly house: House; readonly aside: readonly SetAside[] }
  | {
      readonly ok: false
      readonly problem: {
        readonly code: 'not-json' | 'foreign' | 'newer' | 'broken'
        readonly sentence: string
        readonly at: string
      }
    }

/**
 * The lists of a house. Where an entry can be left out without anybody being the less safe, a bad
 * one is set aside; people, groups and the pantry's own rows refuse the file instead.
 */
const lists = [
  { key: 'people', kind: 'person', id: 'id', aside: false },
  { key: 'groups', kind: 'group', id: 'id', aside: false },
  { key: 'bakes', kind: 'bake', id: 'id', aside: true },
  { key: 'packets', kind: 'packet', id: 'id', aside: true },
  { key: 'pictures', kind: 'picture', id: 'bake', aside: true },
  { key: 'labels', kind: 'label', id: 'packet', aside: true },
  { key: 'photos', kind: 'photo', id: 'id', aside: true },
  { key: 'lessons', kind: 'lesson', id: 'id', aside: true },
] as const
type ListKey = (typeof lists)[number]['key']
const mayBeMissing: readonly ListKey[] = ['photos', 'lessons']

const asideSchema = Joi.object({
  kind: Joi.valid(...Object.keys(keptSchemas)),
  sentence: Joi.string().max(20_000),
  value: Joi.any(),
})
/** The file without what its lists hold. */
const frame = Joi.object({
  format: Joi.valid(backupFormat, bakeFormat),
  version: Joi.valid(backupVersion),
  exported: moment,
  stock: keptSchemas.stock,
  kitchen: keptSchemas.kitchen.optional(),
  aside: Joi.array().items(asideSchema).optional(),
  ...Object.fromEntries(
    lists.map(({ key }) => [
      key,
      mayBeMissing.includes(key) ? Joi.array().optional() : Joi.array(),
    ]),
  ),
})

const kindNames: Readonly<Record<KeptKind, string>> = {
  bake: 'The bake',
  person: 'The person',
  group: 'The group',
  packet: 'The packet',
  stock: 'The pantry',
  kitchen: 'The kitchen',
  lesson: 'A lesson of the bake',
  picture: 'The picture of the bake',
  label: 'The photo of the packet',
  photo: 'A photo of the bake',
}
const nameOf = (value: unknown): string => {
  const { title, name, id, bake, packet } = (value ?? {}) as Record<string, unknown>
  return String([title, name, bake, packet, id].find(v => typeof v === 'string' && v) ?? '').slice(
    0,
    80,
  )
}
/** Something that does not hold together, with why in a sentence. */
export const asideFor = (
  kind: KeptKind,
  value: unknown,
  { at, because }: KeptProblem,
): SetAside => ({
  kind,
  value,
  sentence:
    `${kindNames[kind]} “${nameOf(value)}” does not hold together: “${at || 'all of it'}” ${because}. ` +
    'It is set aside, and goes along into the next house file.',
})

/** What holds together of a house, and what does not. */
export function sorted(
  house: House,
  seenOne: (done: number, of: number) => void = () => {},
): {
  readonly house: House
  readonly aside: readonly SetAside[]
} {
  const aside: SetAside[] = []
  const of = lists.reduce((n, { key }) => n + (house[key]?.length ?? 0), 0)
  let done = 0
  const kept = lists
    .filter(({ key }) => house[key] !== undefined)
    .map(({ key, kind, id }) => {
      const seen = new Set<unknown>()
      const holding = house[key]!.filter(value => {
        const own = (value as unknown as Record<string, unknown> | null)?.[id]
        seenOne(++done, of)
        const twice = seen.has(own) ? { at: id, because: 'is there twice' } : null
        const problem = keptProblem(kind, value) ?? twice
        if (problem) aside.push(asideFor(kind, value, problem))
        else seen.add(own)
        return !problem
      })
      return [key, holding]
    })
  return { house: { ...house, ...Object.fromEntries(kept) }, aside }
}

const written = (
  format: string,
  whole: House,
  exported: string,
  before: readonly SetAside[] = [],
): string => {
  const { house, aside } = sorted(whole)
  const kept = [...before, ...aside]
  return JSON.stringify(
    {
      format,
      version: backupVersion,
      exported,
      people: house.people,
      bakes: house.bakes,
      stock: house.stock,
      pictures: house.pictures,
      groups: house.groups,
      packets: house.packets,
      labels: house.labels,
      ...(house.photos?.length ? { photos: house.photos } : {}),
      ...(house.lessons?.length ? { lessons: house.lessons } : {}),
      ...(house.kitchen ? { kitchen: house.kitchen } : {}),
      ...(kept.length ? { aside: kept } : {}),
    },
    null,
    1,
  )
}

/**
 * The house as the text of a house file. `exported` is the moment, given by the caller, as ISO 8601;
 * `aside` is what was set aside before. What does not hold together goes beside the rest.
 */
export const backupOf = (house: House, exported: string, aside: readonly SetAside[] = []): string =>
  written(backupFormat, house, exported, aside)

/**
 * What goes along with one bake: those that share its day, their people and packets, pictures and
 * photos. The pantry's own rows go too: its lines name them.
 */
export function bakeFileOf(house: House, bakeId: string, exported: string): string {
  const main = house.bakes.find(bake => bake.id === bakeId)
  const ids = new Set([
    bakeId,
    ...(main?.day?.with ?? []),
    ...(main?.making?.cards.map(card => card.bake) ?? []),
    ...(main?.trials?.flatMap(trial => trial.arms.flatMap(arm => arm.bake ?? [])) ?? []),
  ])
  const bakes = house.bakes
    .filter(bake => ids.has(bake.id))
    .sort((a, b) => Number(b.id === bakeId) - Number(a.id === bakeId))
  const people = house.people.filter(person =>
    bakes.some(bake => bake.people.includes(person.id) || person.guestOf === bake.id),
  )
  const tied = new Set(bakes.flatMap(bake => bake.ties.flatMap(tie => tie.packets)))
  return written(
    bakeFormat,
    {
      people,
      groups: [],
      bakes,
      packets: house.packets.filter(packet => tied.has(packet.id)),
      stock: house.stock,
      pictures: house.pictures.filter(p => ids.has(p.bake)),
      labels: house.labels.filter(l => tied.has(l.packet)),
      photos: (house.photos ?? []).filter(p => ids.has(p.bake)),
    },
    exported,
  )
}

const refuse = (
  code: 'not-json' | 'foreign' | 'newer' | 'broken',
  sentence: string,
  at = '',
): BackupReading => ({ ok: false, problem: { code, sentence, at } })

const damaged = ({ at, because }: KeptProblem): BackupReading =>
  refuse(
    'broken',
    `This file is damaged at “${at}”, which ${because}. Nothing was changed.`,
    at.replaceAll(' › ', '.'),
  )

/**
 * Reads a house file. Refuses, with a sentence and the place, what is no JSON, what another program
 * wrote, a newer version, and people or a pantry that do not hold together. Bakes, packets, pictures
 * and lessons that do not are set aside; nothing is repaired silently. `seenOne` hears how many of
 * all entries were looked at.
 */
export const readBackup = (
  source: string,
  seenOne?: (done: number, of: number) => void,
): BackupReading => readHouse(source, backupFormat, seenOne)
/** The same of a file of one bake; its first bake is the one. */
export function readBakeFile(source: string): BackupReading {
  const found = readHouse(source, bakeFormat)
  if (!found.ok || found.house.bakes.length) return found
  const bad = found.aside.find(({ kind }) => kind === 'bake')
  const problem = bad && keptProblem('bake', bad.value)
  return problem
    ? damaged({ at: `bakes › 0 › ${problem.at}`, because: problem.because })
    : refuse('broken', 'There is no bake in this file. Nothing was changed.', 'bakes')
}

function readHouse(
  source: string,
  format: typeof backupFormat | typeof bakeFormat,
  seenOne?: (done: number, of: number) => void,
): BackupReading {
  let file: unknown
  try {
    file = JSON.parse(source)
  } catch {
    return refuse(
      'not-json',
      'This file is not a house file: it is broken, or no JSON at all. Nothing was changed.',
    )
  }
  const top = file as { format?: unknown; version?: unknown } | null
  if (top?.format === bakeFormat && format === backupFormat)
    return refuse(
      'foreign',
      'This is the file of one bake, not of a house: drop it on the start page. Nothing was changed.',
    )
  if (typeof top !== 'object' || top === null || top.format !== format)
    return refuse('foreign', 'This file was not written by Ingwer’s backup. Nothing was changed.')
  if (typeof top.version === 'number' && top.version > backupVersion)
    return refuse(
      'newer',
      `This file was written by a newer Ingwer (version ${top.version}; this one reads ` +
        `${backupVersion}). Nothing was changed.`,
    )
  return sortedFile(upToDate(top as Record<string, unknown>), seenOne)
}

/** A file of the newest version: its frame, then every entry of its lists. */
function sortedFile(file: unknown, seenOne?: (done: number, of: number) => void): BackupReading {
  const problem = problemIn(frame, file)
  if (problem) return damaged(problem)
  const {
    format: _,
    version: __,
    exported: ___,
    aside: before,
    ...whole
  } = file as House & {
    format: string
    version: number
    exported: string
    aside?: readonly SetAside[]
  }
  const { house, aside } = sorted(withBack(whole, before ?? []), seenOne)
  const bad = aside.find(({ kind }) => lists.some(row => row.kind === kind && !row.aside))
  if (bad) {
    const { key } = lists.find(row => row.kind === bad.kind)!
    const at = (whole[key] ?? []).indexOf(bad.value as never)
    const why = keptProblem(bad.kind, bad.value) ?? { at: 'id', because: 'is there twice' }
    return damaged({
      at: [key, at, why.at].filter(part => part !== '').join(' › '),
      because: why.because,
    })
  }
  const stranger = house.people.find(person => unknownNeeds(person).length)
  if (stranger)
    return refuse(
      'broken',
      `${stranger.name} avoids “${unknownNeeds(stranger)[0]}”, which this Ingwer does not ` +
        'know. Nothing was changed.',
      `people.${stranger.id}`,
    )
  return { ok: true, house, aside }
}

/** What was set aside once is tried again: it may hold together by now. */
const withBack = (house: House, aside: readonly SetAside[]): House => {
  const back = (kind: KeptKind) =>
    aside.filter(entry => entry.kind === kind).map(entry => entry.value)
  const more = lists.filter(row => back(row.kind).length)
  return {
    ...house,
    ...Object.fromEntries(
      more.map(({ key, kind }) => [key, [...(house[key] ?? []), ...back(kind)]]),
    ),
  }
}
