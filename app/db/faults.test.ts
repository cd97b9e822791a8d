import { afterAll, afterEach, beforeEach, describe, expect, test } from '@jest/globals'
import { IDBObjectStore as MemoryStore } from 'fake-indexeddb'
import { each } from '../../tests/each'
import { newPacket, readRecipe, usualKitchen, type Person } from '#core'
import { emptyStock } from '#core/pantry'
import { bakeOf, emptyHouse, type Bake, type House } from '#core/share'
import { backToDisk } from './backToDisk'
import { diskFault, diskState, intoMemory } from './disk'
import {
  removeBake,
  removeGroup,
  removePacket,
  removePerson,
  saveBake,
  saveBakeOver,
  saveGroup,
  savePacket,
  savePerson,
  savePhoto,
  savePicture,
  writeFact,
  writeKitchen,
  writeStock,
} from './house'
import { allPutAside, sweepPutAside } from './putAside'
import { db, HouseDb } from './schema'
import { addToHouse, bringBack, joinBakes, readHouse, replaceHouse } from './wholeHouse'

/** The disk that fails: its stores throw at the n-th write, or their transaction is given up. */
const fault = { at: 0, seen: 0, by: 'full' as 'full' | 'given up' | 'unknown' }
type Store = InstanceType<typeof MemoryStore>
type Write = (this: Store, ...args: unknown[]) => unknown
const writes = ['put', 'add', 'delete', 'clear'] as const
const store = MemoryStore.prototype as unknown as Record<(typeof writes)[number], Write>
const real = Object.fromEntries(writes.map(name => [name, store[name]])) as typeof store
function fail(of: Store) {
  if (fault.by === 'given up') {
    ;(of as unknown as { transaction: IDBTransaction }).transaction.abort()
    throw new DOMException('The transaction was aborted.', 'AbortError')
  }
  throw fault.by === 'full'
    ? new DOMException('No room is left.', 'QuotaExceededError')
    : new DOMException('Something is wrong with the disk.', 'UnknownError')
}
for (const name of writes)
  store[name] = function (this: Store, ...args: unknown[]) {
    const of = (this as unknown as { transaction: { db: { name: string } } }).transaction.db.name
    if (of === 'ingwer' && fault.at && ++fault.seen >= fault.at) fail(this)
    return real[name].apply(this, args)
  }

const person = (id: string): Person => ({ id, name: id, avoids: [], diets: [] })
const reading = readRecipe('Bun\n200 g flour\n1 egg')
const at = (n: number) => new Date(Date.UTC(2026, 0, n)).toISOString()
const bake = (id: string, n: number): Bake => bakeOf(id, reading, [], at(n))
const pixel = 'data:image/png;base64,AA=='

/** A day's work of every kind of write; what was said is kept, whichever of them fails. */
const work: readonly (() => Promise<unknown>)[] = [
  () => savePerson(person('Ottilie')),
  () => savePerson(person('Bram')),
  () => saveGroup({ id: 's', name: 'Sunday', people: ['Ottilie'] }),
  () => savePacket(newPacket('k', 'Dark', null), pixel),
  () => saveBake(bake('loaf', 1)),
  () => savePicture({ bake: 'loaf', data: pixel }),
  () => savePhoto({ id: 'p', bake: 'loaf', data: pixel }),
  () =>
    writeStock({ ...emptyStock, names: [{ words: 'fizz', ingredient: 'double-cream' }] }, at(1)),
  () => writeKitchen({ ...usualKitchen, altitude: 300 }),
  () => writeFact('measureIn', 'spoons'),
  async () => {
    const before = bake('loaf', 1)
    await saveBakeOver({ ...before, title: 'Loaf', updated: at(2) }, before)
  },
  async () => bringBack((await removeBake('loaf'))!),
  async () => bringBack((await removePerson('Bram'))!),
  () => removePacket('k'),
  () => removeGroup('s'),
  () => addToHouse({ ...emptyHouse, people: [person('Ikenna')], bakes: [bake('tart', 3)] }),
  () =>
    joinBakes({ ...emptyHouse, bakes: [bake('tart', 4)], packets: [newPacket('m', 'Oat', null)] }),
  async () => bringBack((await replaceHouse(emptyHouse))!),
  () => sweepPutAside('2026-01-05'),
  () => savePerson({ ...person('Ottilie'), note: 'at the end' }),
]
const doAll = async () => {
  for (const act of work) await act()
}
/** A house whatever the order of its rows. */
const asSet = (house: House) =>
  Object.fromEntries(
    Object.entries(house).map(([key, value]) => [
      key,
      Array.isArray(value) ? value.map(row => JSON.stringify(row)).sort() : value,
    ]),
  )
const onDisk = async () => {
  const disk = new HouseDb('ingwer')
  const [people, bakes, shelf] = await Promise.all([
    disk.people.toArray(),
    disk.bakes.toArray(),
    disk.shelf.toArray(),
  ])
  disk.close()
  return { people: people.map(p => p.name).sort(), bakes: bakes.length, shelf: shelf.length }
}
async function fresh() {
  fault.at = 0
  if (diskState.fault) await backToDisk()
  await Promise.all(db().tables.map(table => table.clear()))
}
beforeEach(fresh)
afterEach(fresh)
afterAll(() => db().close())

/** Every so many of the writes fails in turn; the bench has them all fail (`INGWER_EVERY=1`). */
const every = Number(process.env.INGWER_EVERY ?? 11)
const patience = 600_000 / every

describe('whatever write fails, in turn: nothing is lost, and it is said', () => {
  test.each(['full', 'unknown', 'given up'] as const)(
    'the disk is %s',
    async by => {
      fault.by = by
      ;[fault.at, fault.seen] = [Number.POSITIVE_INFINITY, 0]
      await doAll()
      const [expected, aside, count] = [
        asSet(await readHouse()),
        (await allPutAside()).map(row => row.says).sort(),
        fault.seen,
      ]
      const kept = await onDisk()
      expect(count).toBeGreaterThan(80)
      for (const n of each(
        Array.from({ length: Math.floor(count / every) }, (_, i) => 1 + i * every),
      )) {
        await fresh()
        ;[fault.at, fault.seen] = [n, 0]
        await doAll()
        expect(diskState.fault).toBe(by === 'full' ? 'full' : 'broken')
        expect(diskState.unsaved).toBeGreaterThan(0)
        expect(asSet(await readHouse())).toEqual(expected)
        // The disk still fails: everything stays where it is.
        expect(await backToDisk()).toBe(false)
        expect(asSet(await readHouse())).toEqual(expected)
        fault.at = 0
        expect(await backToDisk()).toBe(true)
        expect([diskState.fault, diskState.unsaved, db().name]).toEqual([null, 0, 'ingwer'])
        expect(asSet(await readHouse())).toEqual(expected)
        expect((await allPutAside()).map(row => row.says).sort()).toEqual(aside)
        expect(await onDisk()).toEqual(kept)
      }
    },
    patience,
  )
  test('what another tab wrote meanwhile stays, where this one did not touch it', async () => {
    await saveBake(bake('mine', 1))
    await intoMemory('full')
    await saveBake({ ...bake('mine', 2), title: 'Changed in memory' })
    const other = new HouseDb('ingwer')
    await other.bakes.put(bake('theirs', 3))
    other.close()
    expect(await backToDisk()).toBe(true)
    expect((await readHouse()).bakes.map(b => [b.id, b.title]).sort()).toEqual([
      ['mine', 'Changed in memory'],
      ['theirs', bake('theirs', 3).title],
    ])
  })
})

describe('a disk that could not be read at all: nothing there is written over', () => {
  const unread = async (act: () => Promise<unknown>) => {
    await savePerson(person('Ottilie'))
    await saveBake(bake('loaf', 1))
    await writeStock(
      { ...emptyStock, names: [{ words: 'fizz', ingredient: 'double-cream' }] },
      at(1),
    )
    db().close()
    await intoMemory('held')
    expect((await readHouse()).bakes).toEqual([])
    await act()
    expect(await backToDisk()).toBe(true)
    const house = await readHouse()
    return {
      people: house.people.map(p => p.name).sort(),
      bakes: house.bakes.map(b => b.title).sort(),
      names: house.stock.names.map(n => n.words).sort(),
    }
  }
  const whole = { people: ['Ottilie'], bakes: ['Bun'], names: ['fizz'] }
  test('nothing was done meanwhile', async () => {
    expect(await unread(async () => {})).toEqual(whole)
  })
  test('a house is emptied, another one opened in its place', async () => {
    expect(
      await unread(async () => {
        await replaceHouse(emptyHouse)
        const tart = { ...bake('tart', 2), title: 'Tart', source: 'Tart' }
        await replaceHouse({ ...emptyHouse, people: [person('Cyril')], bakes: [tart] })
      }),
    ).toEqual({ people: ['Cyril', 'Ottilie'], bakes: ['Bun', 'Tart'], names: ['fizz'] })
  })
  test('the pantry learns a name, a dessert of the same id is another one', async () => {
    expect(
      await unread(async () => {
        await writeStock({ ...emptyStock, names: [{ words: 'fuzz', ingredient: 'egg' }] }, at(2))
        await saveBake({ ...bake('loaf', 3), title: 'Loaf' })
      }),
    ).toEqual({ ...whole, bakes: ['Bun', 'Loaf (from the file)'], names: ['fizz', 'fuzz'] })
  })
})

describe('what of the disk failed, by its error', () => {
  const named = (name: string, more = {}) => Object.assign(new Error(name), { name, ...more })
  test.each([
    ['no room', named('QuotaExceededError'), 'full'],
    [
      'given up for want of room',
      named('AbortError', { inner: named('QuotaExceededError') }),
      'full',
    ],
    ['one of many rows', named('BulkError', { failures: [named('QuotaExceededError')] }), 'full'],
    ['a newer version', named('OpenFailedError', { inner: named('VersionError') }), 'newer'],
    [
      'a private window',
      named('OpenFailedError', { inner: named('InvalidStateError') }),
      'refused',
    ],
    ['no database at all', named('MissingAPIError'), 'refused'],
    ['no reason given', named('UnknownError'), 'broken'],
    ['a row that is there twice', named('ConstraintError'), null],
    ['a row that does not hold together', named('NotKept'), null],
  ])('%s', (_, error, is) => {
    expect(diskFault(error)).toBe(is)
  })
  test('what is no error says nothing', () => {
    expect([diskFault('no error'), diskFault(null)]).toEqual([null, null])
  })
})
