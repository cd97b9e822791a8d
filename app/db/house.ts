import type { Packet } from '#core/packet'
import { usualKitchen, type Kitchen } from '#core/pan'
import { emptyStock, type Stock } from '#core/pantry'
import type { PeopleGroup, Person } from '#core/people'
import {
  isSameBake,
  mergeBake,
  shelfRowOf,
  type Bake,
  type Baked,
  type Label,
  type Photo,
  type Picture,
  type ShelfRow,
} from '#core/share'
import type { Lesson, Trial } from '#core/trial'
import { keep } from './guard'
import { written } from './disk'
import { asideTables, putAside } from './putAside'
import { db, live } from './schema'

/** Reading and writing the house. Every writer either does all of it or nothing. */
export const allPeople = async (): Promise<Person[]> =>
  (await db().people.toArray()).map(({ seat: _, ...person }) => person)
export const allBakes = () => db().bakes.orderBy('updated').reverse().toArray()
export const bakeById = (id: string) => db().bakes.get(id)
/** The shelf, newest first. */
export const shelfRows = (): Promise<ShelfRow[]> =>
  db().shelf.orderBy('updated').reverse().toArray()

/** Keeps a person in their own seat; somebody new sits down last. */
export const savePerson = (person: Person) =>
  keep('person', [person], () =>
    db().transaction('rw', db().people, async () => {
      const seat = (await db().people.get({ id: person.id }))?.seat
      await db().people.put(seat === undefined ? { ...person } : { ...person, seat })
    }),
  )
/** Takes a person off; the key under which they are put aside. */
export const removePerson = (id: string) =>
  written(() =>
    db().transaction('rw', [db().people, ...asideTables()], async () => {
      const person = (await allPeople()).find(each => each.id === id)
      await db().people.where({ id }).delete()
      return person ? await putAside(`${person.name} left the house`, { people: [person] }) : null
    }),
  )

/**
 * What was baked by its plan, by bake: kept beside the bakes and with them, so that nobody has to
 * read them all for it.
 */
export type BakedBy = Readonly<Record<string, readonly Baked[]>>
export const readBaked = () => readFact<BakedBy>('baked', {})
export const bakedIn = (bakes: readonly Bake[]): BakedBy =>
  Object.fromEntries(bakes.flatMap(bake => (bake.baked ? [[bake.id, bake.baked]] : [])))

export const saveBakes = (bakes: readonly Bake[]) => keep('bake', bakes, () => putBakes(bakes))
export const putBakes = (bakes: readonly Bake[]) =>
  db().transaction('rw', db().bakes, db().shelf, db().facts, async () => {
    await db().bakes.bulkPut([...bakes])
    await db().shelf.bulkPut(bakes.map(shelfRowOf))
    const baked = bakedIn(bakes)
    if (Object.keys(baked).length) await putFact('baked', { ...(await readBaked()), ...baked })
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
    db().transaction('rw', db().bakes, db().shelf, db().facts, async (): Promise<KeptBake> => {
      const there = await db().bakes.get(bake.id)
      if (!there && base) return { is: 'gone' }
      // Not by its stamp alone: two writes within a millisecond, or of a clock put back, bear the same.
      if (!there || !base || isSameBake(there, base)) {
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
export const watchBake = (id: string, changed: (row: Bake | undefined) => void) =>
  live(() => db().bakes.get(id), changed)

/**
 * Takes a bake off, with its picture, photos, guests and the arms of its trials; the key under which
 * all of it is put aside.
 */
export const removeBake = (id: string) =>
  written(() =>
    db().transaction(
      'rw',
      [db().bakes, db().shelf, db().pictures, db().people, db().photos, ...asideTables()],
      async () => {
        const [bake, picture, everyone, rows] = await Promise.all([
          db().bakes.get(id),
          db().pictures.get(id),
          db().people.toArray(),
          db().shelf.toArray(),
        ])
        const ofArms = rows.filter(row => row.armOf === id).map(row => row.id)
        const arms = (await db().bakes.bulkGet(ofArms)).filter(b => b !== undefined)
        const guests = everyone.filter(person => person.guestOf === id)
        const photos = await photosOfAll([id, ...ofArms])
        await Promise.all([
          db().bakes.bulkDelete([id, ...ofArms]),
          db().shelf.bulkDelete([id, ...ofArms]),
          db().pictures.delete(id),
          db().people.bulkDelete(guests.map(g => g.seat!)),
          db().photos.bulkDelete(photos.map(photo => photo.id)),
        ])
        if (!bake) return null
        return await putAside(`“${bake.title}” was thrown away`, {
          bakes: [bake, ...arms],
          pictures: picture ? [picture] : [],
          photos,
          people: guests.map(({ seat: _, ...person }): Person => person),
        })
      },
    ),
  )

/**
 * Puts a trial aside, with its arms and their photos; whoever has the bake open writes it without.
 */
export const putTrialAside = (bake: Bake, trial: Trial) =>
  written(() =>
    db().transaction('rw', [db().bakes, db().photos, ...asideTables()], async () => {
      const ofArms = trial.arms.map(arm => arm.id)
      const arms = (await db().bakes.bulkGet(ofArms)).filter(b => b !== undefined)
      return await putAside(`A trial of “${bake.title}” was thrown away`, {
        bakes: [{ ...bake, trials: [trial] }, ...arms],
        photos: await photosOfAll(ofArms),
      })
    }),
  )
const photosOfAll = (bakes: readonly string[]) =>
  db()
    .photos.where('bake')
    .anyOf([...bakes])
    .toArray()

/**
 * Takes off the bakes and photos of arms whose trial was thrown away; done when the house is
 * opened, so that an undo finds them until then.
 */
export const sweepArms = () =>
  written(() =>
    db().transaction('rw', [db().bakes, db().shelf, db().photos], async () => {
      // Photos of an arm that never had a bake of its own go with its trial.
      const pictured = (await db().photos.orderBy('bake').uniqueKeys()).map(String)
      const known = new Set(await db().bakes.where('id').anyOf(pictured).primaryKeys())
      const orphans = pictured.filter(id => !known.has(id))
      if (orphans.length) {
        const arms = new Set(
          (await db().bakes.toArray()).flatMap(
            bake => bake.trials?.flatMap(trial => trial.arms.map(arm => arm.id)) ?? [],
          ),
        )
        await db()
          .photos.where('bake')
          .anyOf(orphans.filter(id => !arms.has(id)))
          .delete()
      }
      const rows = (await db().shelf.toArray()).filter(row => row.armOf)
      if (!rows.length) return 0
      const parents = await db().bakes.bulkGet([...new Set(rows.map(row => row.armOf!))])
      const kept = new Set(
        parents.flatMap(
          bake => bake?.trials?.flatMap(trial => trial.arms.map(arm => arm.id)) ?? [],
        ),
      )
      const gone = rows.map(row => row.id).filter(id => !kept.has(id))
      await Promise.all([
        db().bakes.bulkDelete(gone),
        db().shelf.bulkDelete(gone),
        db().photos.where('bake').anyOf(gone).delete(),
      ])
      return gone.length
    }),
  )

export const pictureOf = (bake: string) => db().pictures.get(bake)
export const savePicture = (picture: Picture) =>
  keep('picture', [picture], () => db().pictures.put(picture))
/** Photos that were taken while a bake was made. */
export const photosOf = (bake: string) => db().photos.where({ bake }).toArray()
export const savePhoto = (photo: Photo) => keep('photo', [photo], () => db().photos.put(photo))
export const allGroups = () => db().groups.toArray()
export const saveGroup = (group: PeopleGroup) =>
  keep('group', [group], () => db().groups.put(group))
export const removeGroup = (id: string) =>
  written(() =>
    db().transaction('rw', [db().groups, ...asideTables()], async () => {
      const group = await db().groups.get(id)
      await db().groups.delete(id)
      return group
        ? await putAside(`The set “${group.name}” was taken off`, { groups: [group] })
        : null
    }),
  )

export const allPackets = () => db().packets.toArray()
/** Keeps a packet, and the photo of its label where a new one is given. */
export function savePacket(packet: Packet, label?: string) {
  const labels: Label[] = label ? [{ packet: packet.id, data: label }] : []
  const put = () =>
    db().transaction('rw', db().packets, db().labels, async () => {
      await db().packets.put(packet)
      await db().labels.bulkPut(labels)
    })
  return keep('packet', [packet], () => keep('label', labels, put))
}
export const labelOf = async (packet: string) => (await db().labels.get(packet))?.data ?? ''
/** The photo of a packet's label, now and after every change; gives the way to stop. */
export const watchLabel = (packet: string, next: (picture: string) => void) =>
  live(() => labelOf(packet), next)
/** Takes a packet off with its label; the key under which both are put aside. */
export const removePacket = (id: string) =>
  written(() =>
    db().transaction('rw', [db().packets, db().labels, ...asideTables()], async () => {
      const [packet, label] = await Promise.all([db().packets.get(id), db().labels.get(id)])
      await Promise.all([db().packets.delete(id), db().labels.delete(id)])
      if (!packet) return null
      return await putAside(`The packet “${packet.name}” was thrown away`, {
        packets: [packet],
        labels: label ? [label] : [],
      })
    }),
  )

export async function readFact<T>(key: string, otherwise: T): Promise<T> {
  return ((await db().facts.get(key))?.value as T | undefined) ?? otherwise
}
export const putFact = (key: string, value: unknown) => db().facts.put({ key, value })
export const writeFact = (key: string, value: unknown) => written(() => putFact(key, value))
export const readStock = () => readFact<Stock>('stock', emptyStock)
/** Keeps the stock, and since when it counts: bakes that are older are read again. */
export const writeStock = (stock: Stock, since: string) =>
  keep('stock', [stock], () =>
    db().transaction('rw', [db().facts, ...asideTables()], async () => {
      const own = new Set(stock.ingredients.map(row => row.id))
      const gone = (await readStock()).ingredients.filter(row => !own.has(row.id))
      await putStock(stock, since)
      if (!gone.length) return
      const names = gone.map(row => `“${row.name}”`).join(', ')
      await putAside(`${names} of the pantry was taken off`, {
        stock: { ...emptyStock, ingredients: gone },
      })
    }),
  )
export const putStock = (stock: Stock, since: string) =>
  db().facts.bulkPut([
    { key: 'stock', value: stock },
    { key: 'stocked', value: since },
  ])
export const readKitchen = () => readFact<Kitchen>('kitchen', usualKitchen)
export const writeKitchen = (kitchen: Kitchen) =>
  keep('kitchen', [kitchen], () => putFact('kitchen', kitchen))
export const readLessons = () => readFact<readonly Lesson[]>('lessons', [])
export const writeLessons = (lessons: readonly Lesson[]) =>
  keep('lesson', lessons, () => putFact('lessons', lessons))
export const stockedSince = () => readFact('stocked', '')

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

/** Calls back with the people, shelf and stock now and after every change, by this tab or another. */
export const watchHouse = (changed: (house: HouseView) => void, failed: (error: unknown) => void) =>
  live(readView, changed, failed)
