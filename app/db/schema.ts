import Dexie, { type Table } from 'dexie'
import type { Bake, Person } from '#core'

/** Small facts about this browser's house, by key. */
export interface Fact { readonly key: string, readonly value: unknown }

/** A person with the seat that keeps the table in its order. */
export type Seated = Person & { readonly seat?: number }

/** The only place that knows Dexie's tables and versions; a change of shape is a new version with its way up. */
class HouseDb extends Dexie {
  people!: Table<Seated, number>
  bakes!: Table<Bake, string>
  facts!: Table<Fact, string>

  constructor(name = 'ingwer') {
    // Every read is asked of the disk: two tabs of one house must never see different people.
    super(name, { cache: 'disabled' })
    this.version(1).stores({ people: '++seat, &id', bakes: 'id, updated', facts: 'key' })
  }
}

export const db = new HouseDb()
