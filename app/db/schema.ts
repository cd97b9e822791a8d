import Dexie, { liveQuery, type DexieOptions, type Table } from 'dexie'
import type { Packet } from '#core/packet'
import type { PeopleGroup, Person } from '#core/people'
import {
  bakeFrom1,
  bakeFrom2,
  personFrom3,
  shelfRowOf,
  type Bake,
  type Label,
  type Photo,
  type Picture,
  type PutAside,
  type PutAsideWhole,
  type ShelfRow,
} from '#core/share'
import { isVisiting } from './visit'
import { countsWrites } from './writing'

/** Small facts about this browser's house, by key; the house's own stock of the pantry is one. */
export interface Fact {
  readonly key: string
  readonly value: unknown
}

/** A person with the seat that keeps the table in its order. */
export type Seated = Person & { readonly seat?: number }

/**
 * The only place that knows Dexie's tables and versions; a change of shape is a new version with
 * its way up.
 */
export class HouseDb extends Dexie {
  people!: Table<Seated, number>
  bakes!: Table<Bake, string>
  /** A short row a bake, so that thousands are listed and looked through without laying them all out. */
  shelf!: Table<ShelfRow, string>
  pictures!: Table<Picture, string>
  facts!: Table<Fact, string>
  groups!: Table<PeopleGroup, string>
  packets!: Table<Packet, string>
  labels!: Table<Label, string>
  photos!: Table<Photo, string>
  /** What was taken off, as it is listed; what it was lies in a row of its own, which may be large. */
  putAside!: Table<PutAside, string>
  putAsideWhole!: Table<Pick<PutAsideWhole, 'id' | 'house' | 'bad'>, string>

  constructor(name: string, factory: Pick<DexieOptions, 'indexedDB' | 'IDBKeyRange'> = {}) {
    // Every read is asked of the disk: two tabs of one house must never see different people.
    super(name, { cache: 'disabled', ...factory })
    this.use(countsWrites)
    this.version(1).stores({ people: '++seat, &id', bakes: 'id, updated', facts: 'key' })
    this.version(2)
      .stores({ shelf: 'id, updated', pictures: 'bake' })
      .upgrade(async tx => {
        const old = (await tx.table('bakes').toArray()).map(bake => bakeFrom1(bake) as Bake)
        await tx.table('bakes').bulkPut(old)
        await tx.table('shelf').bulkPut(old.map(shelfRowOf))
      })
    this.version(3)
      .stores({ groups: 'id', packets: 'id, ingredient', labels: 'packet' })
      .upgrade(async tx => {
        await tx.table('bakes').bulkPut((await tx.table('bakes').toArray()).map(bakeFrom2))
      })
    this.version(4).stores({ photos: 'id, bake' })
    this.version(5)
      .stores({})
      .upgrade(async tx => {
        const old = (await tx.table('people').toArray()) as unknown[]
        await tx.table('people').bulkPut(old.map(person => personFrom3(person) as Seated))
      })
    this.version(6).stores({ putAside: 'id, on', putAsideWhole: 'id' })
  }
}

/** The house that this tab is in: one's own, or the demo house while one visits it. */
export const houseName = () => (isVisiting() ? 'ingwer-visit' : 'ingwer')

/** The database of this tab; another one once the disk does not take it any more. */
let current = new HouseDb(houseName())
export const db = () => current
const heard = new Set<() => void>()
/** Calls when another database takes its place; gives the way to stop. */
function onOtherDb(act: () => void): () => void {
  heard.add(act)
  return () => heard.delete(act)
}
export function workOn(other: HouseDb) {
  current = other
  for (const act of heard) act()
}

/** Calls back with what is read now and after every change, by this tab or another; gives the way to stop. */
export function live<T>(
  read: () => T | Promise<T>,
  next: (value: T) => void,
  error: (error: unknown) => void = () => {},
): () => void {
  const begin = () => liveQuery(read).subscribe({ next, error })
  let watching = begin()
  const off = onOtherDb(() => {
    watching.unsubscribe()
    watching = begin()
  })
  return () => {
    off()
    watching.unsubscribe()
  }
}
