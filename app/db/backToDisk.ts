import type { IndexableType } from 'dexie'
import { isEmptyHouse, twoHouses, type Counts, type House, type SetAside } from '#core/share'
import { inMemory, onDisk, stillFails } from './disk'
import { db, HouseDb, houseName, workOn } from './schema'
import { readAside, readHouse, replaceHouse } from './wholeHouse'

/** Rows that were written in memory, as they are to be on the disk. */
async function rowsToSave(memory: HouseDb) {
  const changes: { table: string; put: unknown[]; gone: IndexableType[] | 'all' }[] = []
  for (const [table, keys] of inMemory().journal) {
    if (!keys) {
      changes.push({ table, put: await memory.table(table).toArray(), gone: 'all' })
      continue
    }
    const wanted = [...keys.values()] as IndexableType[]
    const rows = await memory.table(table).bulkGet(wanted)
    changes.push({
      table,
      put: rows.filter(row => row !== undefined),
      gone: wanted.filter((_, i) => rows[i] === undefined),
    })
  }
  return changes
}

/** What was read of the disk before it failed: the rows that were written since are written there. */
async function writeRows(memory: HouseDb, disk: HouseDb) {
  const changes = await rowsToSave(memory)
  await disk.open()
  await disk.transaction('rw', disk.tables, async () => {
    for (const { table, put, gone } of changes) {
      if (gone === 'all') await disk.table(table).clear()
      else await disk.table(table).bulkDelete(gone)
      await disk.table(table).bulkPut(put)
    }
  })
}

/**
 * The disk was never read: nothing in memory stands for what is there, so nothing there is written
 * over. Both are brought together, dessert beside dessert; what else differs stays as on the disk.
 */
async function joinHouses(memory: House, bad: readonly SetAside[], disk: HouseDb) {
  await disk.open()
  workOn(disk)
  if (isEmptyHouse(memory)) return
  const { houseOfBoth, knownHere, meetHouses } = await twoHouses()
  const here = await readHouse()
  const known = knownHere(here, memory)
  const said = Object.fromEntries(
    meetHouses(here, known)
      .filter(met => met.is === 'differs' && met.kind === 'bake')
      .map(met => [met.key, 'both' as Counts]),
  )
  const both = houseOfBoth(here, known, said, () => crypto.randomUUID())
  await replaceHouse(
    both,
    [...(await readAside()), ...bad],
    'The house as it was before what was done without the disk came in',
  )
}

/** Brings what is in memory alone to the disk, and goes on there; false where the disk still fails. */
export async function backToDisk(): Promise<boolean> {
  const memory = db()
  const disk = new HouseDb(houseName())
  try {
    if (inMemory().isUnread) await joinHouses(await readHouse(), await readAside(), disk)
    else await writeRows(memory, disk)
  } catch (error) {
    workOn(memory)
    disk.close()
    stillFails(error)
    return false
  }
  onDisk(disk)
  workOn(disk)
  memory.close()
  return true
}
