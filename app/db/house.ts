import { liveQuery } from 'dexie'
import { emptyStock, shelfRowOf, type Bake, type House, type Person, type Picture, type ShelfRow, type Stock } from '#core'
import { db } from './schema'

/** Reading and writing the house. Every writer either does all of it or nothing. */
export const allPeople = async (): Promise<Person[]> => (await db.people.toArray()).map(({ seat: _, ...person }) => person)
export const allBakes = () => db.bakes.orderBy('updated').reverse().toArray()
export const bakeById = (id: string) => db.bakes.get(id)
/** The shelf, newest first. */
export const shelfRows = (): Promise<ShelfRow[]> => db.shelf.orderBy('updated').reverse().toArray()

/** Keeps a person in their own seat; somebody new sits down last. */
export const savePerson = (person: Person) => db.transaction('rw', db.people, async () => {
  const there = await db.people.get({ id: person.id })
  await db.people.put(there?.seat === undefined ? { ...person } : { ...person, seat: there.seat })
})
export const removePerson = (id: string) => db.people.where({ id }).delete()

export const saveBakes = (bakes: readonly Bake[]) => db.transaction('rw', db.bakes, db.shelf, async () => {
  await db.bakes.bulkPut([...bakes])
  await db.shelf.bulkPut(bakes.map(shelfRowOf))
})
export const saveBake = (bake: Bake) => saveBakes([bake])

/** Takes a bake off, with its picture; what was taken is given back, so that it can be put there again. */
export const removeBake = (id: string) => db.transaction('rw', db.bakes, db.shelf, db.pictures, async () => {
  const [bake, picture] = await Promise.all([db.bakes.get(id), db.pictures.get(id)])
  await Promise.all([db.bakes.delete(id), db.shelf.delete(id), db.pictures.delete(id)])
  return { bake, picture }
})

export const pictureOf = (bake: string) => db.pictures.get(bake)
export const savePicture = (picture: Picture) => db.pictures.put(picture)

export async function readFact<T>(key: string, otherwise: T): Promise<T> {
  return ((await db.facts.get(key))?.value as T | undefined) ?? otherwise
}
export const writeFact = (key: string, value: unknown) => db.facts.put({ key, value })
export const readStock = () => readFact<Stock>('stock', emptyStock)
/** Keeps the stock, and since when it counts: bakes that are older are read again. */
export const writeStock = (stock: Stock, since: string) => db.facts.bulkPut([{ key: 'stock', value: stock }, { key: 'stocked', value: since }])
export const stockedSince = () => readFact('stocked', '')

export async function readHouse(): Promise<House> {
  const [people, bakes, stock, pictures] = await Promise.all([allPeople(), allBakes(), readStock(), db.pictures.toArray()])
  return { people, bakes, stock, pictures }
}

/** Puts another house in place of this one, whole or not at all. */
export const replaceHouse = (house: House) => db.transaction('rw', [db.people, db.bakes, db.shelf, db.pictures, db.facts], async () => {
  await Promise.all([db.people.clear(), db.bakes.clear(), db.shelf.clear(), db.pictures.clear()])
  await db.people.bulkAdd(house.people.map(person => ({ ...person })))
  await db.bakes.bulkPut([...house.bakes])
  await db.shelf.bulkPut(house.bakes.map(shelfRowOf))
  await db.pictures.bulkPut([...house.pictures])
  await writeStock(house.stock, new Date().toISOString())
})

/** Adds people and bakes that the house does not have yet; what it has stays as it is. */
export const addToHouse = (house: Pick<House, 'people' | 'bakes'>) => db.transaction('rw', db.people, db.bakes, db.shelf, async () => {
  const [people, bakes] = [new Set((await db.people.toArray()).map(person => person.id)), new Set(await db.bakes.toCollection().primaryKeys())]
  await db.people.bulkAdd(house.people.filter(person => !people.has(person.id)).map(person => ({ ...person })))
  const fresh = house.bakes.filter(bake => !bakes.has(bake.id))
  await db.bakes.bulkPut(fresh)
  await db.shelf.bulkPut(fresh.map(shelfRowOf))
})

export interface HouseView { readonly people: readonly Person[], readonly shelf: readonly ShelfRow[], readonly stock: Stock }

export const readView = async (): Promise<HouseView> => {
  const [people, shelf, stock] = await Promise.all([allPeople(), shelfRows(), readStock()])
  return { people, shelf, stock }
}

/** Calls back with the people, shelf and stock now and after every change, by this tab or another. Gives the way to stop. */
export function watchHouse(changed: (house: HouseView) => void, failed: (error: unknown) => void): () => void {
  const watching = liveQuery(readView).subscribe({ next: changed, error: failed })
  return () => watching.unsubscribe()
}
