import { readFileSync } from 'node:fs'
import { describe, expect, test } from '@jest/globals'
import {
  beginMaking,
  cardsOf,
  newPacket,
  planDay,
  readRecipe,
  tell,
  usualKitchen,
  type Person,
} from '#core'
import { madeOf, type MakingEvent, type Making } from '#core/make'
import { emptyStock } from '#core/pantry'
import { bakeOf, sizedBake, type Bake, type House } from './bake'
import { backup } from './index'

const { backupOf, bakeFileOf, readBackup, readBakeFile } = await backup()
const people = JSON.parse(
  readFileSync(new URL('../../demo/people.json', import.meta.url), 'utf8'),
) as Person[]
const when = '2026-01-15T12:00:00.000Z'
const read = (name: string) =>
  readRecipe(readFileSync(new URL(`../../demo/recipes/${name}.txt`, import.meta.url), 'utf8'))
const loaf: Bake = bakeOf(
  'b1',
  read('1-ginger-loaf'),
  people.slice(0, 2).map(p => p.id),
  when,
)
const nests: Bake = bakeOf('b2', read('4-meringue-nests'), [people[2]!.id], when)
const other: Bake = bakeOf(
  'b3',
  read('5-marble-ring'),
  people.map(p => p.id),
  when,
)

const dayBakes = [loaf, nests].map(bake => {
  const sized = sizedBake(bake)
  return { id: bake.id, title: bake.title, recipe: sized.recipe, sized }
})
const plan = planDay(dayBakes, { serveAt: '2026-01-15T17:00:00Z', budget: 300 })
if (!plan.ok) throw new Error(plan.problem.sentence)
const cards = cardsOf(dayBakes, plan, usualKitchen)
type Say = MakingEvent extends infer H ? (H extends MakingEvent ? Omit<H, 'at'> : never) : never
/** One of each that can happen. */
const everything: readonly Say[] = [
  { do: 'done', card: cards[0]!.id },
  { do: 'weighed', card: cards[1]!.id, grams: 12.5, by: 'scale' },
  { do: 'left-out', card: cards[2]!.id },
  { do: 'begun', card: cards.find(c => c.kind === 'bake')!.id },
  { do: 'go', card: cards[4]!.id },
  { do: 'timer', timer: 'own-1', says: 'the kettle', minutes: 7 },
  { do: 'more', timer: 'own-1', minutes: -1 },
  { do: 'heard', timer: 'own-1', mark: 0 },
  { do: 'stop', timer: 'own-1' },
  { do: 'measured', card: cards[5]!.id, grams: 340 },
  { do: 'felt', card: cards[6]!.id, celsius: 71.5 },
  { do: 'note', card: '', text: 'so “soft”' },
  { do: 'photo', card: cards[0]!.id, photo: 'p1' },
  { do: 'scale', bake: 'b1', factor: 1.07 },
  { do: 'clock', minutes: -60 },
  { do: 'finished' },
]
const making: Making = everything.reduce<Making>(
  (m, each, n) => tell(m, { ...each, at: plan.start + n } as MakingEvent),
  beginMaking('m1', cards, plan.end, plan.start),
)
const made: Bake = {
  ...loaf,
  day: { serveAt: when, with: ['b2'], wishes: { ahead: { b2: { how: 'kept', days: 1 } } } },
  making,
  made: [madeOf(making, 'b1', plan.end)],
}
const house: House = {
  people,
  groups: [],
  bakes: [other, made, nests],
  packets: [newPacket('k', 'Tied', 'butter'), newPacket('l', 'Loose', 'butter')],
  stock: emptyStock,
  pictures: [
    { bake: 'b1', data: 'data:image/png;base64,AA==' },
    { bake: 'b3', data: 'data:image/png;base64,AA==' },
  ],
  labels: [],
  photos: [
    { id: 'p1', bake: 'b1', data: 'data:image/jpeg;base64,AAAA' },
    { id: 'p3', bake: 'b3', data: 'data:image/jpeg;base64,AAAA' },
  ],
  kitchen: { ...usualKitchen, pace: { sift: { n: 2, log: 0.4 } } },
}

describe('a making in a file', () => {
  test(
    'the house file holds all of it: cards, whatever happened, the record, photos, the pace ' +
      'of the house',
    () => {
      expect(readBackup(backupOf(house, when))).toEqual({
        ok: true,
        aside: [],
        house: JSON.parse(JSON.stringify(house)),
      })
    },
  )
  test(
    'the file of one bake takes along what it is made with, its people and packets, and ' +
      'nothing else',
    () => {
      const tied = {
        ...house,
        bakes: house.bakes.map(bake =>
          bake.id === 'b1'
            ? { ...bake, ties: [{ ingredient: 'butter', lineId: null, packets: ['k'] }] }
            : bake,
        ),
      }
      const found = readBakeFile(bakeFileOf(tied, 'b1', when))
      if (!found.ok) throw new Error(found.problem.sentence)
      expect(found.house.bakes.map(bake => bake.id)).toEqual(['b1', 'b2'])
      expect(found.house.bakes[0]!.making).toEqual(JSON.parse(JSON.stringify(making)))
      expect(found.house.people.map(p => p.id)).toEqual(people.slice(0, 3).map(p => p.id))
      expect([
        found.house.packets.map(p => p.id),
        found.house.pictures.map(p => p.bake),
        found.house.photos!.map(p => p.id),
        found.house.kitchen,
      ]).toEqual([['k'], ['b1'], ['p1'], undefined])
    },
  )
  test('neither is taken for the other; a damaged one is refused with its place', () => {
    const file = bakeFileOf(house, 'b1', when)
    expect(readBackup(file)).toMatchObject({
      ok: false,
      problem: { code: 'foreign', sentence: expect.stringContaining('start page') },
    })
    expect(readBakeFile(backupOf(house, when))).toMatchObject({
      ok: false,
      problem: { code: 'foreign' },
    })
    expect(readBakeFile(bakeFileOf(house, 'nobody', when))).toMatchObject({
      ok: false,
      problem: { at: 'bakes' },
    })
    const broken = (change: (bake: Bake) => unknown) =>
      readBakeFile(
        JSON.stringify({
          ...(JSON.parse(file) as object),
          bakes: [change(JSON.parse(JSON.stringify(made)) as Bake)],
        }),
      )
    expect(
      broken(bake => ({ ...bake, making: { ...bake.making, log: [{ do: 'explode', at: 1 }] } })),
    ).toMatchObject({
      ok: false,
      problem: { code: 'broken', at: expect.stringMatching(/^bakes\.0\.making\.log\.0/u) },
    })
    expect(
      broken(bake => ({
        ...bake,
        making: { ...bake.making, cards: [{ ...bake.making!.cards[0]!, minutes: -5 }] },
      })),
    ).toMatchObject({ ok: false, problem: { at: 'bakes.0.making.cards.0.minutes' } })
    expect(
      broken(bake => ({ ...bake, made: [{ ...bake.made![0]!, begun: 'yesterday' }] })),
    ).toMatchObject({ ok: false, problem: { at: 'bakes.0.made.0.begun' } })
  })
})
