import type { IndexableType } from 'dexie'
import { shelfRowOf, unreadableRows, type Bake, type KeptKind, type SetAside } from '#core/share'
import { written } from './disk'
import { db } from './schema'

/** The tables whose rows have a schema, and what each of them is. */
const kinds: Readonly<Record<string, KeptKind>> = {
  people: 'person',
  groups: 'group',
  bakes: 'bake',
  packets: 'packet',
  pictures: 'picture',
  labels: 'label',
  photos: 'photo',
}
/** The facts that have one. */
const facts: Readonly<Record<string, KeptKind>> = { stock: 'stock', kitchen: 'kitchen' }

interface BadRow {
  readonly table: string
  readonly key: IndexableType
  readonly row: unknown
  readonly aside: SetAside
}

/** Every row that does not hold together by its schema. */
async function badRows(): Promise<BadRow[]> {
  const { unreadable } = await unreadableRows()
  const found: BadRow[] = []
  const look = (of: Omit<BadRow, 'aside'>, kind: KeptKind, value = of.row) => {
    const aside = unreadable(kind, value)
    if (aside) found.push({ ...of, aside })
  }
  for (const [table, kind] of Object.entries(kinds))
    await db()
      .table(table)
      .each((row: unknown, { primaryKey }) => {
        const { seat: _, ...value } = (row ?? {}) as Record<string, unknown>
        look({ table, key: primaryKey, row }, kind, kind === 'person' ? value : row)
      })
  for (const [key, kind] of Object.entries(facts)) {
    const fact = await db().facts.get(key)
    if (fact) look({ table: 'facts', key, row: fact }, kind, fact.value)
  }
  return found
}

/**
 * Looks through every row of the house, and sets aside what does not hold together: it goes along
 * into the next house file. A person stays, with the strictest needs, so that nobody is overlooked.
 * Gives what was set aside.
 */
export async function lookThrough(): Promise<readonly SetAside[]> {
  const bad = await badRows()
  const { inTheirPlace } = await unreadableRows()
  await written(() =>
    db().transaction('rw', db().tables, async () => {
      for (const { table, key, row } of bad) {
        await db().table(table).delete(key)
        if (table !== 'people') continue
        const { id, seat } = (row ?? {}) as { id?: unknown; seat?: number }
        const person = inTheirPlace(row, typeof id === 'string' ? id : crypto.randomUUID())
        await db().people.put(seat === undefined ? person : { ...person, seat })
      }
      const before = ((await db().facts.get('aside'))?.value ?? []) as readonly SetAside[]
      if (bad.length)
        await db().facts.put({ key: 'aside', value: [...before, ...bad.map(row => row.aside)] })
      await db().shelf.clear()
      await db().shelf.bulkPut((await db().bakes.toArray()).map((bake: Bake) => shelfRowOf(bake)))
    }),
  )
  return bad.map(row => row.aside)
}
