import { afterAll, beforeEach, describe, expect, test } from '@jest/globals'
import { adapt, newPacket, readRecipe, type Person, usualKitchen } from '#core'
import { emptyStock } from '#core/pantry'
import { bakeOf, shelfRowOf, type Bake } from '#core/share'
import { asWrittenPlan } from '#core/swap'
import { beginTrial } from '#core/trial'
import {
  allBakes,
  allGroups,
  allPackets,
  allPeople,
  bakeById,
  readFact,
  photosOf,
  readView,
  saveBakes,
  sweepArms,
  writeLessons,
  labelOf,
  removeBake,
  pictureOf,
  removeGroup,
  removePacket,
  removePerson,
  saveBake,
  saveGroup,
  savePacket,
  savePerson,
  savePhoto,
  savePicture,
  shelfRows,
  watchHouse,
  writeFact,
  writeStock,
} from './house'
import { addToHouse, bringBack, joinBakes, readHouse, replaceHouse } from './wholeHouse'
import { settled, writing } from './writing'
import Dexie from 'dexie'
import { db, HouseDb } from './schema'

const person = (id: string, name = id): Person => ({
  id,
  name,
  avoids: [{ allergen: 'milk', strictness: 'allergy' }],
  diets: [],
})
const reading = readRecipe('Bun\n200 g flour\n1 egg')
const bake = (id: string, updated: string): Bake => bakeOf(id, reading, [], updated)

beforeEach(async () => {
  await Promise.all(db().tables.map(table => table.clear()))
})

afterAll(() => db().close())

/** Comes as soon as it is so; never, where it is not. */
async function until(is: () => boolean) {
  while (!is()) await new Promise(resolve => setTimeout(resolve))
}

describe('the house in the database', () => {
  test('people keep their seats, whatever their ids and however often they change', async () => {
    for (const id of ['z', 'a', 'm']) await savePerson(person(id))
    await savePerson(person('z', 'Zoe'))
    expect((await allPeople()).map(p => p.name)).toEqual(['Zoe', 'a', 'm'])
    expect(await allPeople()).toEqual([person('z', 'Zoe'), person('a'), person('m')])
    await removePerson('a')
    expect((await allPeople()).map(p => p.id)).toEqual(['z', 'm'])
  })
  test('a write under way is counted until it is kept or given up', async () => {
    const kept = saveBake(bake('b', '2026-01-01T00:00:00.000Z'))
    await until(() => writing.value === 1)
    await kept
    await until(() => writing.value === 0)
    const unkeepable = { ...bake('c', '2026-01-01T00:00:00.000Z'), title: () => 0 }
    await expect(saveBake(unkeepable as unknown as Bake)).rejects.toThrow()
    await until(() => writing.value === 0)
    await allBakes()
    expect(writing.value).toBe(0)
  })
  test('whoever reads the whole house waits for what is on its way', async () => {
    void saveBake(bake('b', '2026-01-01T00:00:00.000Z'))
    void saveBake(bake('c', '2026-01-01T00:00:00.000Z'))
    expect(writing.value).toBe(2)
    await settled()
    expect(writing.value).toBe(0)
    expect((await allBakes()).map(b => b.id).sort()).toEqual(['b', 'c'])
    await settled()
  })
  test('bakes come newest first and whole', async () => {
    await saveBake(bake('old', '2026-01-01T00:00:00.000Z'))
    await saveBake(bake('new', '2026-02-01T00:00:00.000Z'))
    expect((await allBakes()).map(b => b.id)).toEqual(['new', 'old'])
    expect(await bakeById('old')).toEqual(bake('old', '2026-01-01T00:00:00.000Z'))
    await savePicture({ bake: 'old', data: 'data:image/png;base64,AA==' })
    const taken = await removeBake('old')
    expect([
      await bakeById('old'),
      await pictureOf('old'),
      (await shelfRows()).map(row => row.id),
    ]).toEqual([undefined, undefined, ['new']])
    expect(await bringBack(taken!)).toEqual({ says: '“Bun” was thrown away', stays: [] })
    expect([await bakeById('old'), (await pictureOf('old'))?.bake]).toEqual([
      bake('old', '2026-01-01T00:00:00.000Z'),
      'old',
    ])
    await expect(bringBack(taken!)).rejects.toThrow('not put aside any more')
  })
  test('another house takes this one’s place, or nothing happens', async () => {
    await savePerson(person('a'))
    const nothing = { groups: [], packets: [], labels: [] }
    const twice = {
      people: [person('b'), person('b')],
      bakes: [],
      stock: emptyStock,
      pictures: [],
      ...nothing,
    }
    await expect(replaceHouse(twice)).rejects.toThrow()
    expect((await allPeople()).map(p => p.id)).toEqual(['a'])
    const other = {
      people: [person('b')],
      bakes: [bake('x', '2026-01-01T00:00:00.000Z')],
      stock: { ...emptyStock, spoons: [{ ingredient: 'neutral-oil', unit: 'tbsp', grams: 12.5 }] },
      pictures: [{ bake: 'x', data: 'data:image/png;base64,AA==' }],
      groups: [{ id: 's', name: 'Sunday', people: ['b'] }],
      packets: [newPacket('k', 'Dark', 'dark-chocolate')],
      labels: [{ packet: 'k', data: 'data:image/png;base64,AA==' }],
    }
    await replaceHouse(other)
    expect(await readHouse()).toEqual({ ...other, kitchen: usualKitchen })
    const ours = { ...usualKitchen, altitude: 420 }
    await replaceHouse({ ...other, kitchen: ours })
    expect(await readHouse()).toEqual({ ...other, kitchen: ours })
    expect(await shelfRows()).toEqual(other.bakes.map(shelfRowOf))
  })
  test('adding a house leaves what is there as it is', async () => {
    await savePerson(person('a', 'Mine'))
    await savePacket(newPacket('k', 'Mine', null))
    await addToHouse({
      people: [person('a', 'Theirs'), person('c')],
      bakes: [],
      groups: [{ id: 's', name: 'Sunday', people: ['a'] }],
      packets: [newPacket('k', 'Theirs', null), newPacket('l', 'New', null)],
    })
    expect((await allPackets()).map(p => p.name)).toEqual(['Mine', 'New'])
    expect((await allGroups()).map(g => g.name)).toEqual(['Sunday'])
    expect((await allPeople()).map(p => p.name)).toEqual(['Mine', 'c'])
  })
  test('facts have a value or the one that is offered', async () => {
    expect(await readFact('measureIn', 'grams')).toBe('grams')
    await writeFact('measureIn', 'spoons')
    expect(await readFact('measureIn', 'grams')).toBe('spoons')
  })
  test('a change is seen by whoever watches', async () => {
    const seen: number[] = []
    const stop = watchHouse(
      house => seen.push(house.people.length),
      () => {},
    )
    await savePerson(person('a'))
    for (let i = 0; i < 50 && seen.at(-1) !== 1; i++)
      await new Promise(resolve => setTimeout(resolve, 10))
    stop()
    expect(seen.at(-1)).toBe(1)
  })
  test('the house’s own stock is kept', async () => {
    const stock = { ...emptyStock, names: [{ words: 'fizzwhip', ingredient: 'double-cream' }] }
    await writeStock(stock, '2026-01-15T12:00:00.000Z')
    expect((await readHouse()).stock).toEqual(stock)
  })
  test('a guest goes with the bake that they came for, and comes back with it', async () => {
    await saveBake(bake('b', '2026-01-01T00:00:00.000Z'))
    for (const one of [
      person('a'),
      { ...person('g'), guestOf: 'b' },
      { ...person('h'), guestOf: 'other' },
    ])
      await savePerson(one)
    const taken = await removeBake('b')
    expect((await allPeople()).map(p => p.id)).toEqual(['a', 'h'])
    await bringBack(taken!)
    expect((await allPeople()).map(p => [p.id, p.guestOf])).toEqual([
      ['a', undefined],
      ['h', 'other'],
      ['g', 'b'],
    ])
  })
  test('packets are kept with their labels, and taken off with them; groups come and go', async () => {
    await savePacket(newPacket('k', 'Dark', null), 'data:image/png;base64,AA==')
    await savePacket(newPacket('k', 'Dark 70', null))
    expect([(await allPackets())[0]!.name, await labelOf('k'), await labelOf('none')]).toEqual([
      'Dark 70',
      'data:image/png;base64,AA==',
      '',
    ])
    const gone = await removePacket('k')
    expect([await allPackets(), await labelOf('k')]).toEqual([[], ''])
    await bringBack(gone!)
    expect([(await allPackets())[0]!.name, await labelOf('k')]).toEqual([
      'Dark 70',
      'data:image/png;base64,AA==',
    ])
    await saveGroup({ id: 's', name: 'Sunday', people: ['a'] })
    await removeGroup('s')
    expect(await allGroups()).toEqual([])
  })
  test(
    'the file of one bake: new ones come in, newer ones take their place, older ones do not; ' +
      'people and packets of the house stay',
    async () => {
      const [day1, day2, day3] = [
        '2026-01-01T00:00:00.000Z',
        '2026-01-02T00:00:00.000Z',
        '2026-01-03T00:00:00.000Z',
      ]
      await savePerson(person('a', 'Mine'))
      await savePacket(newPacket('k', 'Mine', null))
      for (const one of [bake('old', day1), bake('new', day3)]) await saveBake(one)
      const bring = {
        stock: emptyStock,
        pictures: [],
        groups: [],
        people: [person('a', 'Theirs'), person('c')],
        packets: [newPacket('k', 'Theirs', null), newPacket('l', 'Theirs', null)],
        labels: [{ packet: 'k', data: 'data:image/png;base64,AA==' }],
        bakes: [
          { ...bake('old', day2), title: 'theirs' },
          { ...bake('new', day2), title: 'theirs' },
          bake('fresh', day2),
        ],
        photos: [
          { id: 'p', bake: 'old', data: 'data:image/png;base64,AA==' },
          { id: 'q', bake: 'new', data: 'data:image/png;base64,AA==' },
        ],
      }
      const rows = await joinBakes(bring)
      expect(rows.map(row => [row.bake.id, row.is, row.before?.updated])).toEqual([
        ['old', 'newer', day1],
        ['new', 'older', day3],
        ['fresh', 'new', undefined],
      ])
      const house = await readHouse()
      expect(house.bakes.map(b => [b.id, b.updated]).sort()).toEqual([
        ['fresh', day2],
        ['new', day3],
        ['old', day2],
      ])
      expect(house.people.map(p => p.name)).toEqual(['Mine', 'c'])
      expect([house.packets.map(p => p.name), house.labels, house.photos!.map(p => p.id)]).toEqual([
        ['Mine', 'Theirs'],
        [],
        ['p'],
      ])
      // Photos go with their bake, and come back with it.
      const taken = await removeBake('old')
      expect(await photosOf('old')).toEqual([])
      await bringBack(taken!)
      expect((await photosOf('old')).map(p => p.id)).toEqual(['p'])
    },
  )
  test(
    'the arms of a dessert’s trials go with it and come back with it; what the house learned ' +
      'stays',
    async () => {
      const arm = {
        ...bake('arm', '2026-01-02T00:00:00.000Z'),
        arm: { bake: 'of', trial: 't', letter: 'A' },
      }
      await saveBakes([bake('of', '2026-01-01T00:00:00.000Z'), arm])
      await writeLessons([
        {
          id: 't:schools',
          on: '2026-01-02',
          trial: 't',
          bake: 'of',
          title: 'loaf',
          family: 'quick-bread',
          weight: 0.4,
          about: { what: 'schools', schools: ['flax-gel'], result: 'worked' },
        },
      ])
      const taken = await removeBake('of')
      expect([await bakeById('of'), await bakeById('arm')]).toEqual([undefined, undefined])
      expect((await readView()).shelf.some(row => row.id === 'arm')).toBe(false)
      await bringBack(taken!)
      expect((await readView()).shelf.find(row => row.id === 'arm')?.armOf).toBe('of')
      // An arm that is in no trial any more is swept away; one that is in a trial stays.
      const trial = beginTrial({
        id: 't',
        begun: '2026-01-02',
        seed: 1,
        question: '',
        base: adapt(reading.recipe, [person('ada')]).plans[0] ?? asWrittenPlan(reading.recipe, []),
        tried: [],
      })
      await saveBakes([
        { ...bake('of', '2026-01-03T00:00:00.000Z'), trials: [trial] },
        { ...arm, id: trial.arms[0]!.id },
      ])
      // Photos of arms that were never laid out: those of a trial that is still there stay, the others go.
      await saveBakes([
        {
          ...bake('two', '2026-01-03T00:00:00.000Z'),
          trials: [{ ...trial, id: 's', arms: [{ ...trial.arms[0]!, id: 's-a' }] }],
        },
      ])
      for (const whose of ['s-a', 'gone-b', 'of'])
        await savePhoto({ id: `photo-${whose}`, bake: whose, data: 'data:image/png;base64,AA==' })
      expect([
        await sweepArms(),
        await bakeById('arm'),
        (await bakeById('t-a'))?.arm?.bake,
      ]).toEqual([1, undefined, 'of'])
      expect(
        (await Promise.all(['s-a', 'gone-b', 'of'].map(photosOf))).map(all => all.length),
      ).toEqual([1, 0, 1])
      const house = await readHouse()
      expect(house.lessons?.map(l => l.id)).toEqual(['t:schools'])
      await replaceHouse({ ...house, lessons: [] })
      expect((await readView()).lessons).toEqual([])
    },
  )
  test('a house of the second version comes up with bakes that have no packets yet', async () => {
    const old = new Dexie('ingwer-second')
    old.version(2).stores({
      people: '++seat, &id',
      bakes: 'id, updated',
      facts: 'key',
      shelf: 'id, updated',
      pictures: 'bake',
    })
    await old.open()
    const { ties: _t, ticked: _k, ...second } = bake('b', '2026-01-01T00:00:00.000Z')
    await old.table('bakes').put(second)
    old.close()
    const now = new HouseDb('ingwer-second')
    expect(await now.bakes.toArray()).toEqual([bake('b', '2026-01-01T00:00:00.000Z')])
    now.close()
  })
  test('a house of the first version comes up with its bakes, corrections and shelf', async () => {
    const old = new Dexie('ingwer-first')
    old.version(1).stores({ people: '++seat, &id', bakes: 'id, updated', facts: 'key' })
    await old.open()
    const { settled: _s, tags: _t, archived: _a, ...first } = bake('b', '2026-01-01T00:00:00.000Z')
    await old.table('bakes').put({
      ...first,
      findings: [
        {
          code: 'ambiguous',
          severity: 'ask',
          sentence: 'Which?',
          lineId: 'l1',
          text: '200 g flour',
          corrections: [{ label: 'rye flour', ingredient: 'rye-flour' }],
        },
      ],
    })
    old.close()
    const now = new HouseDb('ingwer-first')
    const up = (await now.bakes.toArray())[0]!
    expect(up).toMatchObject({
      settled: [],
      tags: [],
      archived: false,
      findings: [
        {
          key: 'ambiguous:200 g flour',
          corrections: [
            { label: 'rye flour', edits: [{ do: 'say', lineId: 'l1', ingredient: 'rye-flour' }] },
          ],
        },
      ],
    })
    expect((await now.shelf.toArray()).map(row => [row.id, row.open])).toEqual([['b', 1]])
    now.close()
  })
})
