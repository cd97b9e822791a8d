import { liveQuery } from 'dexie'
import type { Bake, House, Person } from '#core'
import { db } from './schema'

/** Reading and writing the house. Every writer either does all of it or nothing. */
export const allPeople = async (): Promise<Person[]> => (await db.people.toArray()).map(({ seat: _, ...person }) => person)
export const allBakes = () => db.bakes.orderBy('updated').reverse().toArray()
export const bakeById = (id: string) => db.bakes.get(id)

/** Keeps a person in their own seat; somebody new sits down last. */
export const savePerson = (person: Person) => db.transaction('rw', db.people, async () => {
  const there = await db.people.get({ id: person.id })
  await db.people.put(there?.seat === undefined ? { ...person } : { ...person, seat: there.seat })
})
export const removePerson = (id: string) => db.people.where({ id }).delete()
export const saveBake = (bake: Bake) => db.bakes.put(bake)
export const removeBake = (id: string) => db.bakes.delete(id)

export async function readFact<T>(key: string, otherwise: T): Promise<T> {
  return ((await db.facts.get(key))?.value as T | undefined) ?? otherwise
}
export const writeFact = (key: string, value: unknown) => db.facts.put({ key, value })

export async function readHouse(): Promise<House> {
  const [people, bakes] = await Promise.all([allPeople(), allBakes()])
  return { people, bakes }
}

/** Puts another house in place of this one, whole or not at all. */
export const replaceHouse = (house: House) => db.transaction('rw', db.people, db.bakes, async () => {
  await db.people.clear()
  await db.bakes.clear()
  await db.people.bulkAdd(house.people.map(person => ({ ...person })))
  await db.bakes.bulkPut([...house.bakes])
})

/** Adds to the house what it does not have yet; what it has stays as it is. */
export const addToHouse = (house: House) => db.transaction('rw', db.people, db.bakes, async () => {
  const [people, bakes] = [new Set((await db.people.toArray()).map(person => person.id)), new Set(await db.bakes.toCollection().primaryKeys())]
  await db.people.bulkAdd(house.people.filter(person => !people.has(person.id)).map(person => ({ ...person })))
  await db.bakes.bulkPut(house.bakes.filter(bake => !bakes.has(bake.id)))
})

/** Calls back with the people and bakes now and after every change, by this tab or another. Gives the way to stop. */
export function watchHouse(changed: (house: House) => void, failed: (error: unknown) => void): () => void {
  const watching = liveQuery(readHouse).subscribe({ next: changed, error: failed })
  return () => watching.unsubscribe()
}
