import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { tally } from '../../tests/each'
import { newPacket, readRecipe, usualKitchen, type Person } from '#core'
import { bakeOf, type Bake, type House } from './bake'
import { emptyHouse } from './put-aside'
import { houseOfBoth, knownHere, meetHouses, type Counts } from './two-houses'

const texts = ['Bun\n200 g flour\n1 egg', 'Tart\n150 g flour\n90 g butter', 'Loaf\n300 g rye flour']
const readings = texts.map(text => ({ ...readRecipe(text), text }))
const bake = (id: string, which: number, more: Partial<Bake> = {}): Bake => ({
  ...bakeOf(id, readings[which]!, [], '2026-01-01T00:00:00.000Z'),
  ...more,
})
const person = (id: string, name: string, more: Partial<Person> = {}): Person => ({
  ...{ id, name, avoids: [], diets: [] },
  ...more,
})
const house = (more: Partial<House>): House => ({ ...emptyHouse, ...more })
const ids = () => {
  let n = 0
  return () => `copy-${++n}`
}
const met = (here: House, file: House) =>
  meetHouses(here, knownHere(here, file)).map(m => [m.kind, m.name, m.is])

describe('the same ones are recognised', () => {
  test('by id; by name, text or looks where that is clear; and everything that names them follows', () => {
    const here = house({
      people: [person('h-ada', 'Ada'), person('h-bo', 'Bo')],
      groups: [{ id: 'h-g', name: 'Sunday', people: ['h-ada', 'h-bo'] }],
      packets: [newPacket('h-k', 'Dark 70', 'dark-chocolate')],
      bakes: [
        bake('h-b', 0, {
          people: ['h-ada'],
          ties: [{ ingredient: 'dark-chocolate', lineId: null, packets: ['h-k'] }],
        }),
      ],
    })
    const file = house({
      people: [
        person('f-ada', ' ada '),
        person('f-bo', 'Bo'),
        person('f-cy', 'Cy', { guestOf: 'f-b' }),
      ],
      groups: [{ id: 'f-g', name: 'sunday', people: ['f-ada', 'f-bo'] }],
      packets: [newPacket('f-k', 'dark 70', 'dark-chocolate')],
      bakes: [
        bake('f-b', 0, {
          people: ['f-ada'],
          ties: [{ ingredient: 'dark-chocolate', lineId: null, packets: ['f-k'] }],
        }),
      ],
    })
    const known = knownHere(here, file)
    expect(known.people.map(p => [p.id, p.guestOf])).toEqual([
      ['h-ada', undefined],
      ['h-bo', undefined],
      ['f-cy', 'h-b'],
    ])
    expect(known.groups).toEqual([{ id: 'h-g', name: 'sunday', people: ['h-ada', 'h-bo'] }])
    expect(known.bakes).toEqual(here.bakes)
    expect(met(here, file)).toEqual([
      ['person', ' ada ', 'differs'],
      ['person', 'Bo', 'same'],
      ['person', 'Cy', 'new'],
      ['group', 'sunday', 'differs'],
      ['packet', 'dark 70', 'differs'],
      ['bake', 'Bun', 'same'],
    ])
  })
  test('not where it could be two', () => {
    const here = house({ people: [person('a', 'Ada'), person('b', 'Ada')] })
    const file = house({ people: [person('c', 'Ada')] })
    expect(met(here, file)).toEqual([['person', 'Ada', 'new']])
    expect(met(file, here)).toEqual([
      ['person', 'Ada', 'new'],
      ['person', 'Ada', 'new'],
    ])
  })
  test('an id that another thing of the file has is nobody else’s', () => {
    const here = house({ people: [person('a', 'Ada')] })
    const file = house({ people: [person('a', 'Bo'), person('c', 'Ada')] })
    expect(met(here, file)).toEqual([
      ['person', 'Bo', 'differs'],
      ['person', 'Ada', 'new'],
    ])
  })
})

describe('what differs says in what', () => {
  test.each<readonly [string, House, House, readonly [string, string]]>([
    [
      'a person, by what they avoid',
      house({
        people: [person('a', 'Ada', { avoids: [{ allergen: 'milk', strictness: 'allergy' }] })],
      }),
      house({ people: [person('a', 'Ada', { diets: ['vegan'], carries: true, note: 'careful' })] }),
      ['milk (allergy, traces count)', 'vegan; carries emergency medicine; “careful”'],
    ],
    [
      'somebody who avoids nothing here',
      house({ people: [person('a', 'Ada')] }),
      house({ people: [person('a', 'Ada', { things: [{ words: 'kiwi', ingredient: null }] })] }),
      ['avoids nothing', 'no kiwi'],
    ],
    [
      'a group, by its people',
      house({ people: [person('a', 'Ada')], groups: [{ id: 'g', name: 'Us', people: ['a'] }] }),
      house({
        people: [person('a', 'Ada')],
        groups: [{ id: 'g', name: 'Us', people: ['a', 'z'] }],
      }),
      ['Ada', 'Ada, ?'],
    ],
    [
      'a packet, by when it was looked at and what stands on it',
      house({ packets: [newPacket('k', 'Dark', null)] }),
      house({
        packets: [
          {
            ...newPacket('k', 'Dark', null),
            checkedOn: '2026-01-05',
            words: { ...newPacket('k', 'Dark', null).words, statement: 'cocoa, milk' },
          },
        ],
      }),
      ['never looked at', 'looked at on 2026-01-05: cocoa, milk'],
    ],
    [
      'a bake, by its parts',
      house({ bakes: [bake('b', 0)] }),
      house({ bakes: [bake('b', 0, { tags: ['x'], updated: '2026-03-04T05:06:00.000Z' })] }),
      [
        'changed on 2026-01-01 at 00:00; differs in the tags',
        'changed on 2026-03-04 at 05:06; differs in the tags',
      ],
    ],
    [
      'a name of the pantry, by what it means',
      house({ stock: { ...emptyHouse.stock, names: [{ words: 'fizz', ingredient: 'butter' }] } }),
      house({ stock: { ...emptyHouse.stock, names: [{ words: 'fizz', ingredient: 'nowhere' }] } }),
      ['butter', 'nowhere'],
    ],
    [
      'a kitchen, by its tins',
      house({ kitchen: { ...usualKitchen, altitude: 5 } }),
      house({ kitchen: { ...usualKitchen, altitude: 9 } }),
      ['0 tins, 0 bakes in the oven’s log', '0 tins, 0 bakes in the oven’s log'],
    ],
  ])('%s', (_, here, file, sides) => {
    const [differs, ...others] = meetHouses(here, file).filter(m => m.is === 'differs')
    expect(others).toEqual([])
    expect([differs?.here, differs?.file]).toEqual(sides)
  })
  test('a bake that was only looked at again is the same; a kitchen that nobody set is none', () => {
    const here = house({ bakes: [bake('b', 0)], kitchen: { ...usualKitchen, altitude: 5 } })
    const file = house({
      bakes: [bake('b', 0, { updated: '2026-09-09T00:00:00.000Z', findings: [] })],
      kitchen: usualKitchen,
    })
    expect(meetHouses(here, file).map(m => m.is)).toEqual(['same'])
    expect(meetHouses(house({}), here).find(m => m.kind === 'kitchen')?.is).toBe('new')
    expect(meetHouses(here, here).map(m => m.is)).toEqual(['same', 'same'])
  })
})

const anyShared = tally('bakes of both houses')

describe('both in one', () => {
  const here = house({
    people: [person('a', 'Ada')],
    bakes: [bake('b', 0, { tags: ['here'] }), bake('only-here', 1)],
    pictures: [{ bake: 'b', data: 'here' }],
    kitchen: { ...usualKitchen, altitude: 5 },
  })
  const file = house({
    people: [person('a', 'Ada', { diets: ['vegan'] }), person('n', 'New')],
    bakes: [
      bake('b', 0, { tags: ['file'] }),
      bake('only-file', 2),
      bake('arm', 0, { arm: { bake: 'b', trial: 't', letter: 'A' } }),
    ],
    pictures: [{ bake: 'b', data: 'file' }],
    kitchen: { ...usualKitchen, altitude: 9 },
  })
  const tagsAfter = (said: Readonly<Record<string, Counts>>) =>
    houseOfBoth(here, file, said, ids()).bakes.map(b => [b.id, b.title, ...b.tags])
  test('as here, where nothing else is said', () => {
    const both = houseOfBoth(here, file, {}, ids())
    expect(both.people.map(p => [p.name, p.diets])).toEqual([
      ['Ada', []],
      ['New', []],
    ])
    expect(tagsAfter({})).toEqual([
      ['b', 'Bun', 'here'],
      ['only-here', 'Tart'],
      ['only-file', 'Loaf'],
      ['arm', 'Bun'],
    ])
    expect([both.pictures[0]?.data, both.kitchen?.altitude]).toEqual(['here', 5])
  })
  test('as in the file, and both beside each other', () => {
    const both = houseOfBoth(
      here,
      file,
      { 'person:a': 'file', 'bake:b': 'file', 'kitchen:': 'file' },
      ids(),
    )
    expect(both.people[0]?.diets).toEqual(['vegan'])
    expect([both.bakes[0]?.tags, both.pictures[0]?.data, both.kitchen?.altitude]).toEqual([
      ['file'],
      'file',
      9,
    ])
    expect(tagsAfter({ 'bake:b': 'both' })).toEqual([
      ['b', 'Bun', 'here'],
      ['only-here', 'Tart'],
      ['only-file', 'Loaf'],
      ['arm', 'Bun'],
      ['copy-1', 'Bun (from the file)', 'file'],
    ])
  })
  test('whatever is said, everything of both is in it, once', () => {
    const some = fc.uniqueArray(fc.integer({ min: 0, max: 12 }), { maxLength: 8 })
    const side = fc.constantFrom<Counts>('here', 'file', 'both')
    fc.assert(
      fc.property(some, some, fc.array(side, { minLength: 13, maxLength: 13 }), (a, b, counts) => {
        const of = (list: number[], tag: string) =>
          house({
            bakes: list.map(n => bake(`b${n}`, n % 3, { tags: [tag] })),
            packets: list.map(n => newPacket(`k${n}`, `${tag} ${n}`, null)),
          })
        const [mine, theirs] = [of(a, 'mine'), of(b, 'theirs')]
        const said = Object.fromEntries(
          counts.flatMap((is, n) => [
            [`bake:b${n}`, is],
            [`packet:k${n}`, is === 'both' ? 'here' : is],
          ]),
        )
        const both = houseOfBoth(mine, theirs, said, ids())
        const shared = a.filter(n => b.includes(n))
        const copies = shared.filter(n => counts[n] === 'both').length
        expect(both.bakes.length).toBe(new Set([...a, ...b]).size + copies)
        expect(new Set(both.bakes.map(x => x.id)).size).toBe(both.bakes.length)
        for (const n of anyShared(shared)) {
          const own = both.bakes.find(x => x.id === `b${n}`)!
          expect(own.tags).toEqual([counts[n] === 'file' ? 'theirs' : 'mine'])
          expect(both.packets.find(x => x.id === `k${n}`)!.name).toBe(
            `${counts[n] === 'file' ? 'theirs' : 'mine'} ${n}`,
          )
        }
      }),
    )
  })
  test('with itself a house is the same', () => {
    const { photos, lessons, ...both } = houseOfBoth(here, here, {}, ids())
    expect(both).toEqual(here)
    expect([photos, lessons]).toEqual([[], []])
  })
})
