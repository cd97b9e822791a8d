import { liveQuery } from 'dexie'
import type { Packet } from '#core/packet'
import { usualKitchen, type Kitchen } from '#core/pan'
import { emptyStock, type Stock } from '#core/pantry'
import type { PeopleGroup, Person } from '#core/people'
import {
  mergeBake,
  shelfRowOf,
  type Bake,
  type Baked,
  type House,
  type Label,
  type Photo,
  type Picture,
  type SetAside,
  type ShelfRow,
} from '#core/share'
import type { Lesson } from '#core/trial'
import { keep } from './guard'
import { db } from './schema'

/** Reading and writing the house. Every writer either does all of it or nothing. */
export const allPeople = async (): Promise<Person[]> =>
  (await db.people.toArray()).map(({ seat: _, ...person }) => person)
export const allBakes = () => db.bakes.orderBy('updated').reverse().toArray()
export const bakeById = (id: string) => db.bakes.get(id)
/** The shelf, newest first. */
export const shelfRows = (): Promise<ShelfRow[]> => db.shelf.orderBy('updated').reverse().toArray()

/** Keeps a person in their own seat; somebody new sits down last. */
export const savePerson = (person: Person) =>
  keep('person', [person], () =>
    db.transaction('rw', db.people, async () => {
      const seat = (await db.people.get({ id: person.id }))?.seat
      await db.people.put(seat === undefined ? { ...person } : { ...person, seat })
    }),
  )
export const removePerson = (id: string) => db.people.where({ id }).delete()

/**
 * What was baked by its plan, by bake: kept beside the bakes and with them, so that nobody has to
 * read them all for it.
 */
export type BakedBy = Readonly<Record<string, readonly Baked[]>>
export const readBaked = () => readFact<BakedBy>('baked', {})
const bakedIn = (bakes: readonly Bake[]): BakedBy =>
  Object.fromEntries(bakes.flatMap(bake => (bake.baked ? [[bake.id, bake.baked]] : [])))

export const saveBakes = (bakes: readonly Bake[]) => keep('bake', bakes, () => putBakes(bakes))
const putBakes = (bakes: readonly Bake[]) =>
  db.transaction('rw', db.bakes, db.shelf, db.facts, async () => {
    await db.bakes.bulkPut([...bakes])
    await db.shelf.bulkPut(bakes.map(shelfRowOf))
    const baked = bakedIn(bakes)
    if (Object.keys(baked).length) await writeFact('baked', { ...(await readBaked()), ...baked })
  })
export const saveBake = (bake: Bake) => saveBakes([bake])

/**
 * What became of a bake that was to be kept: it is as it was handed over; with what another tab made
 * of it meanwhile; or it is not written, since both changed the same, or since it was thrown away.
 */
export type KeptBake =
  | { readonly is: 'kept'; readonly bake: Bake }
  | { readonly is: 'merged'; readonly bake: Bake; readonly isReadAnew: boolean }
  | { readonly is: 'clash'; readonly theirs: Bake; readonly clashes: readonly string[] }
  | { readonly is: 'gone' }

/** Keeps a bake upon the version that it was made from; null: there was none before. */
export const saveBakeOver = (bake: Bake, base: Bake | null): Promise<KeptBake> =>
  keep('bake', [bake], () =>
    db.transaction('rw', db.bakes, db.shelf, db.facts, async (): Promise<KeptBake> => {
      const there = await db.bakes.get(bake.id)
      if (!there && base) return { is: 'gone' }
      if (!there || !base || there.updated === base.updated) {
        await putBakes([bake])
        return { is: 'kept', bake }
      }
      const merged = mergeBake(base, bake, there)
      if (merged.clashes.length) return { is: 'clash', theirs: there, clashes: merged.clashes }
      await putBakes([merged.bake])
      return { is: 'merged', bake: merged.bake, isReadAnew: merged.isReadAnew }
    }),
  )

/**
 * Tells whenever anybody writes a bake's row or takes it off, in whichever tab. What it tells may be
 * older than what is there.
 */
export function watchBake(id: string, changed: (row: Bake | undefined) => void): () => void {
  const watching = liveQuery(() => db.bakes.get(id)).subscribe({ next: changed, error: () => {} })
  return () => watching.unsubscribe()
}

/**
 * Takes a bake off, with its picture, photos, guests and the arms of its trials; what was taken is
 * given back, so that it can be put there again.
 */
export const removeBake = (id: string) =>
  db.transaction('rw', [db.bakes, db.shelf, db.pictures, db.people, db.photos], async () => {
    const [bake, picture, everyone, rows] = await Promise.all([
      db.bakes.get(id),
      db.pictures.get(id),
      db.people.toArray(),
      db.shelf.toArray(),
    ])
    const ofArms = rows.filter(row => row.armOf === id).map(row => row.id)
    const arms = (await db.bakes.bulkGet(ofArms)).filter(b => b !== undefined)
    const guests = everyone.filter(person => person.guestOf === id)
    const photos = await db.photos
      .where('bake')
      .anyOf([id, ...ofArms])
      .toArray()
    await Promise.all([
      db.bakes.bulkDelete([id, ...ofArms]),
      db.shelf.bulkDelete([id, ...ofArms]),
      db.pictures.delete(id),
      db.people.bulkDelete(guests.map(g => g.seat!)),
      db.photos
        .where('bake')
        .anyOf([id, ...ofArms])
        .delete(),
    ])
    return {
      bake,
      picture,
      photos,
      arms,
      guests: guests.map(({ seat: _, ...person }): Person => person),
    }
  })

/**
 * Takes off the bakes and photos of arms whose trial was thrown away; done when the house is
 * opened, so that an undo finds them until then.
 */
export const sweepArms = () =>
  db.transaction('rw', [db.bakes, db.shelf, db.photos], async () => {
    // Photos of an arm that never had a bake of its own go with its trial.
    const pictured = (await db.photos.orderBy('bake').uniqueKeys()).map(String)
    const known = new Set(await db.bakes.where('id').anyOf(pictured).primaryKeys())
    const orphans = pictured.filter(id => !known.has(id))
    if (orphans.length) {
      const arms = new Set(
        (await db.bakes.toArray()).flatMap(
          bake => bake.trials?.flatMap(trial => trial.arms.map(arm => arm.id)) ?? [],
        ),
      )
      await db.photos
        .where('bake')
        .anyOf(orphans.filter(id => !arms.has(id)))
        .delete()
    }
    const rows = (await db.shelf.toArray()).filter(row => row.armOf)
    if (!rows.length) return 0
    const parents = await db.bakes.bulkGet([...new Set(rows.map(row => row.armOf!))])
    const kept = new Set(
      parents.flatMap(bake => bake?.trials?.flatMap(trial => trial.arms.map(arm => arm.id)) ?? []),
    )
    const gone = rows.map(row => row.id).filter(id => !kept.has(id))
    await Promise.all([
      db.bakes.bulkDelete(gone),
      db.shelf.bulkDelete(gone),
      db.photos.where('bake').anyOf(gone).delete(),
    ])
    return gone.length
  })

export const pictureOf = (bake: string) => db.pictures.get(bake)
export const savePicture = (picture: Picture) =>
  keep('picture', [picture], () => db.pictures.put(picture))
/** Photos that were taken while a bake was made. */
export const photosOf = (bake: string) => db.photos.where({ bake }).toArray()
export const savePhoto = (photo: Photo) => keep('photo', [photo], () => db.photos.put(photo))
export const removePhoto = (id: string) => db.photos.delete(id)

export const allGroups = () => db.groups.toArray()
export const saveGroup = (group: PeopleGroup) => keep('group', [group], () => db.groups.put(group))
export const removeGroup = (id: string) => db.groups.delete(id)

export const allPackets = () => db.packets.toArray()
/** Keeps a packet, and the photo of its label where a new one is given. */
export function savePacket(packet: Packet, label?: string) {
  const labels: Label[] = label ? [{ packet: packet.id, data: label }] : []
  const put = () =>
    db.transaction('rw', db.packets, db.labels, async () => {
      await db.packets.put(packet)
      await db.labels.bulkPut(labels)
    })
  return keep('packet', [packet], () => keep('label', labels, put))
}
export const labelOf = async (packet: string) => (await db.labels.get(packet))?.data ?? ''
/** Takes a packet off with its label; gives both, so that they can be put back. */
export const removePacket = (id: string) =>
  db.transaction('rw', db.packets, db.labels, async () => {
    const [packet, label] = await Promise.all([db.packets.get(id), db.labels.get(id)])
    await Promise.all([db.packets.delete(id), db.labels.delete(id)])
    return { packet, label: label?.data }
  })

export async function readFact<T>(key: string, otherwise: T): Promise<T> {
  return ((await db.facts.get(key))?.value as T | undefined) ?? otherwise
}
export const writeFact = (key: string, value: unknown) => db.facts.put({ key, value })
const readStock = () => readFact<Stock>('stock', emptyStock)
/** Keeps the stock, and since when it counts: bakes that are older are read again. */
export const writeStock = (stock: Stock, since: string) =>
  keep('stock', [stock], () => putStock(stock, since))
const putStock = (stock: Stock, since: string) =>
  db.facts.bulkPut([
    { key: 'stock', value: stock },
    { key: 'stocked', value: since },
  ])
const readKitchen = () => readFact<Kitchen>('kitchen', usualKitchen)
export const writeKitchen = (kitchen: Kitchen) =>
  keep('kitchen', [kitchen], () => writeFact('kitchen', kitchen))
const readLessons = () => readFact<readonly Lesson[]>('lessons', [])
export const writeLessons = (lessons: readonly Lesson[]) =>
  keep('lesson', lessons, () => writeFact('lessons', lessons))
export const stockedSince = () => readFact('stocked', '')

export async function readHouse(): Promise<House> {
  const [people, bakes, stock, pictures, groups, packets, labels, kitchen, photos, lessons] =
    await Promise.all([
      allPeople(),
      allBakes(),
      readStock(),
      db.pictures.toArray(),
      allGroups(),
      allPackets(),
      db.labels.toArray(),
      readKitchen(),
      db.photos.toArray(),
      readLessons(),
    ])
  return {
    people,
    bakes,
    stock,
    pictures,
    groups,
    packets,
    labels,
    kitchen,
    ...(photos.length ? { photos } : {}),
    ...(lessons.length ? { lessons } : {}),
  }
}

/** What does not hold together in this house: it goes along into every house file. */
export const readAside = () => readFact<readonly SetAside[]>('aside', [])

/**
 * Puts another house in place of this one, whole or not at all; `aside` is what of it does not hold
 * together.
 */
export const replaceHouse = (house: House, aside: readonly SetAside[] = []) =>
  db.transaction(
    'rw',
    [
      db.people,
      db.bakes,
      db.shelf,
      db.pictures,
      db.facts,
      db.groups,
      db.packets,
      db.labels,
      db.photos,
    ],
    async () => {
      await Promise.all(
        [
          db.people,
          db.bakes,
          db.shelf,
          db.pictures,
          db.groups,
          db.packets,
          db.labels,
          db.photos,
        ].map(table => table.clear()),
      )
      await db.people.bulkAdd(house.people.map(person => ({ ...person })))
      await db.bakes.bulkPut([...house.bakes])
      await db.shelf.bulkPut(house.bakes.map(shelfRowOf))
      await writeFact('baked', bakedIn(house.bakes))
      await db.pictures.bulkPut([...house.pictures])
      await db.groups.bulkPut([...house.groups])
      await db.packets.bulkPut([...house.packets])
      await db.labels.bulkPut([...house.labels])
      await db.photos.bulkPut([...(house.photos ?? [])])
      await putStock(house.stock, new Date().toISOString())
      await writeFact('kitchen', house.kitchen ?? usualKitchen)
      await writeFact('lessons', house.lessons ?? [])
      await writeFact('aside', aside)
    },
  )

/** Adds people, groups, packets and bakes that the house does not have yet; what it has stays as it is. */
export const addToHouse = (house: Pick<House, 'people' | 'bakes' | 'groups' | 'packets'>) =>
  db.transaction('rw', [db.people, db.bakes, db.shelf, db.groups, db.packets], async () => {
    const [groups, packets] = [
      new Set(await db.groups.toCollection().primaryKeys()),
      new Set(await db.packets.toCollection().primaryKeys()),
    ]
    await db.groups.bulkPut(house.groups.filter(group => !groups.has(group.id)))
    await db.packets.bulkPut(house.packets.filter(packet => !packets.has(packet.id)))
    const [people, bakes] = [
      new Set((await db.people.toArray()).map(person => person.id)),
      new Set(await db.bakes.toCollection().primaryKeys()),
    ]
    await db.people.bulkAdd(
      house.people.filter(person => !people.has(person.id)).map(person => ({ ...person })),
    )
    const fresh = house.bakes.filter(bake => !bakes.has(bake.id))
    await db.bakes.bulkPut(fresh)
    await db.shelf.bulkPut(fresh.map(shelfRowOf))
  })

/**
 * Lays the file of one bake into this house: a bake that is newer than what is here takes its
 * place, with its photos; an older one does not. People, packets and pantry rows that the house has
 * stay as they are. Gives what became of each bake.
 */
export const joinBakes = (house: House) =>
  db.transaction(
    'rw',
    [db.people, db.bakes, db.shelf, db.pictures, db.facts, db.packets, db.labels, db.photos],
    async () => {
      const here = new Map(
        (await db.bakes.bulkGet(house.bakes.map(bake => bake.id))).flatMap(bake =>
          bake ? [[bake.id, bake] as const] : [],
        ),
      )
      const rows = house.bakes.map(bake => {
        const before = here.get(bake.id)
        if (!before) return { bake, before, is: 'new' as const }
        const isNewer = before.updated < bake.updated
        return { bake, before, is: isNewer ? ('newer' as const) : ('older' as const) }
      })
      const taken = rows.filter(row => row.is !== 'older').map(row => row.bake)
      await putBakes(taken)
      const ids = new Set(taken.map(bake => bake.id))
      const [people, packets] = [
        new Set((await db.people.toArray()).map(person => person.id)),
        new Set(await db.packets.toCollection().primaryKeys()),
      ]
      await db.people.bulkAdd(
        house.people.filter(person => !people.has(person.id)).map(person => ({ ...person })),
      )
      await db.packets.bulkPut(house.packets.filter(packet => !packets.has(packet.id)))
      await db.labels.bulkPut(house.labels.filter(label => !packets.has(label.packet)))
      await db.pictures.bulkPut(house.pictures.filter(picture => ids.has(picture.bake)))
      await db.photos.bulkPut((house.photos ?? []).filter(photo => ids.has(photo.bake)))
      const stock = await readStock()
      const more = house.stock.ingredients.filter(
        row => !stock.ingredients.some(own => own.id === row.id),
      )
      const names = house.stock.names.filter(
        name => !stock.names.some(own => own.words === name.words),
      )
      if (more.length || names.length)
        await putStock(
          {
            ...stock,
            ingredients: [...stock.ingredients, ...more],
            names: [...stock.names, ...names],
          },
          await stockedSince(),
        )
      return rows
    },
  )

export interface HouseView {
  readonly people: readonly Person[]
  readonly shelf: readonly ShelfRow[]
  readonly stock: Stock
  readonly groups: readonly PeopleGroup[]
  readonly packets: readonly Packet[]
  readonly kitchen: Kitchen
  readonly lessons: readonly Lesson[]
}

export const readView = async (): Promise<HouseView> => {
  const [people, shelf, stock, groups, packets, kitchen, lessons] = await Promise.all([
    allPeople(),
    shelfRows(),
    readStock(),
    allGroups(),
    allPackets(),
    readKitchen(),
    readLessons(),
  ])
  return { people, shelf, stock, groups, packets, kitchen, lessons }
}

/**
 * Calls back with the people, shelf and stock now and after every change, by this tab or another.
 * Gives the way to stop.
 */
export function watchHouse(
  changed: (house: HouseView) => void,
  failed: (error: unknown) => void,
): () => void {
  const watching = liveQuery(readView).subscribe({ next: changed, error: failed })
  return () => watching.unsubscribe()
}
