import Dexie, { type Table } from 'dexie'
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
  type ShelfRow,
} from '#core/share'
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

  constructor(name = 'ingwer') {
    // Every read is asked of the disk: two tabs of one house must never see different people.
    super(name, { cache: 'disabled' })
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
  }
}

export const db = new HouseDb()
