import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { newPacket, readRecipe, usualKitchen } from '#core'
import { beginTrial } from '../trial'
import { asWrittenPlan } from '../swap'
import { bakeOf, type Bake, type House } from './bake'
import {
  broughtBack,
  emptyHouse,
  isEmptyHouse,
  keptUntil,
  openedWith,
  overdue,
  putAsideDays,
  type PutAside,
} from './put-aside'

const reading = readRecipe('Bun\n200 g flour\n1 egg')
const bake = (id: string, more: Partial<Bake> = {}): Bake => ({
  ...bakeOf(id, reading, [], '2026-01-01T00:00:00.000Z'),
  ...more,
})
const house = (more: Partial<House>): House => ({ ...emptyHouse, ...more })
const trial = (id: string) =>
  beginTrial({
    id,
    begun: '2026-01-02',
    seed: 1,
    question: '',
    base: asWrittenPlan(reading.recipe, []),
    tried: [],
  })
const ids = () => {
  let n = 0
  return () => `copy-${++n}`
}

describe('how long something is kept', () => {
  const row = (on: string): PutAside => ({ id: on, on, says: '', isWhole: false })
  const day = (n: number) => new Date(Date.UTC(2026, 0, n)).toISOString().slice(0, 10)
  test('30 days before every one of the last three days that the house was opened', () => {
    const rows = [row('2026-01-01T10:00:00.000Z'), row('2026-01-03T10:00:00.000Z')]
    expect(keptUntil(rows[0]!)).toBe('2026-01-31T10:00:00.000Z')
    expect(overdue(rows, [day(31), day(32), day(33)])).toEqual([])
    expect(overdue(rows, [day(32), day(33), day(34)])).toEqual([rows[0]!.id])
    expect(overdue(rows, [day(99), day(100), day(101)])).toEqual(rows.map(r => r.id))
  })
  test('a clock that is far ahead for two days, or was put back, loses nothing', () => {
    const rows = [row('2026-01-01T10:00:00.000Z')]
    let opened: readonly string[] = []
    for (const today of [day(2), '2031-05-05', '2031-05-06']) {
      opened = openedWith(opened, today)
      expect(overdue(rows, opened)).toEqual([])
    }
    expect(overdue(rows, openedWith(opened, '2031-05-06'))).toEqual([])
    expect(overdue(rows, openedWith(opened, '2031-05-07'))).toEqual(rows.map(r => r.id))
    expect(overdue(rows, openedWith(opened, day(3)))).toEqual([])
  })
  test('whatever days the house is opened on, nothing goes before its time', () => {
    fc.assert(
      fc.property(
        fc.array(fc.integer({ min: 1, max: 400 }), { minLength: 1, maxLength: 30 }),
        fc.integer({ min: 1, max: 60 }),
        (days, put) => {
          const rows = [row(`${day(put)}T12:00:00.000Z`)]
          let opened: readonly string[] = []
          for (const n of days) opened = openedWith(opened, day(n))
          const late = new Set(days.filter(n => n > put + putAsideDays))
          expect(overdue(rows, opened).length === 0 || late.size >= 3).toBe(true)
        },
      ),
    )
  })
})

describe('an empty house', () => {
  test.each([
    ['nothing', {}, true],
    ['the usual kitchen', { kitchen: usualKitchen }, true],
    ['a kitchen of its own', { kitchen: { ...usualKitchen, altitude: 800 } }, false],
    ['a person', { people: [{ id: 'a', name: 'Ada', avoids: [], diets: [] }] }, false],
    ['a photo', { photos: [{ id: 'p', bake: 'b', data: '' }] }, false],
    [
      'a weighed spoon',
      {
        stock: {
          ingredients: [],
          names: [],
          spoons: [{ ingredient: 'x', unit: 'tbsp', grams: 9 }],
        },
      },
      false,
    ],
  ])('%s', (_, more, is) => {
    expect(isEmptyHouse(house(more))).toBe(is)
  })
})

describe('a part comes back', () => {
  test('what is missing is put there; what is the same by now is left', () => {
    const there = house({ bakes: [bake('a')], packets: [newPacket('k', 'Dark', null)] })
    const part = house({
      bakes: [bake('a', { updated: '2026-02-02T00:00:00.000Z' }), bake('b')],
      packets: [newPacket('k', 'Dark', null), newPacket('l', 'Oat', null)],
    })
    const { house: back, stays } = broughtBack(there, part, ids())
    expect(back.bakes.map(b => b.id)).toEqual(['b'])
    expect(back.packets.map(p => p.id)).toEqual(['l'])
    expect(stays).toEqual([])
  })
  test('a bake that is otherwise by now comes as a copy; a packet that is stays as it is', () => {
    const there = house({
      bakes: [bake('a', { tags: ['now'] })],
      packets: [newPacket('k', 'Dark 70', null)],
      people: [{ id: 'ada', name: 'Ada', avoids: [], diets: ['vegan'] }],
    })
    const part = house({
      bakes: [bake('a')],
      packets: [newPacket('k', 'Dark', null)],
      people: [{ id: 'ada', name: 'Ada', avoids: [], diets: [] }],
    })
    const { house: back, stays } = broughtBack(there, part, ids())
    expect(back.bakes.map(b => [b.id, b.title, b.recipe.title, b.tags])).toEqual([
      ['copy-1', 'Bun (as it was)', 'Bun (as it was)', []],
    ])
    expect([back.people, back.packets]).toEqual([[], []])
    expect(stays).toEqual(['Ada', 'Dark 70'])
  })
  test('a trial comes back into its dessert, with what was done to that since', () => {
    const there = house({ bakes: [bake('a', { tags: ['now'], trials: [trial('t')] })] })
    const part = house({ bakes: [bake('a', { trials: [trial('s')] })] })
    const { house: back } = broughtBack(there, part, ids())
    expect(back.bakes.map(b => [b.id, b.tags, b.trials!.map(t => t.id)])).toEqual([
      ['a', ['now'], ['t', 's']],
    ])
  })
  test('rows of the pantry come back beside those that are there', () => {
    const row = (id: string) => ({ ...({} as House['stock']['ingredients'][number]), id, name: id })
    const stock = (...rows: string[]) => ({ ingredients: rows.map(row), names: [], spoons: [] })
    const { house: back } = broughtBack(
      house({ stock: stock('a', 'b') }),
      house({ stock: stock('b', 'c') }),
      ids(),
    )
    expect(back.stock.ingredients.map(r => r.id)).toEqual(['a', 'b', 'c'])
  })
})
