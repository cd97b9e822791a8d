import { afterAll, beforeEach, describe, expect, test } from '@jest/globals'
import { readRecipe, type Bake, type Person } from '#core'
import { addToHouse, allBakes, allPeople, bakeById, readFact, readHouse, removeBake, removePerson, replaceHouse, saveBake, savePerson, watchHouse, writeFact } from './house'
import { db } from './schema'

const person = (id: string, name = id): Person => ({ id, name, avoids: [{ allergen: 'milk', level: 'trace' }], diets: [] })
const { recipe, findings } = readRecipe('Bun\n200 g flour\n1 egg')
const bake = (id: string, updated: string): Bake => ({ id, title: 'Bun', source: 'Bun', region: 'uk', recipe, findings, people: [], wishes: {}, plan: null, created: updated, updated })

beforeEach(async () => { await Promise.all([db.people.clear(), db.bakes.clear(), db.facts.clear()]) })

afterAll(() => db.close())

describe('the house in the database', () => {
  test('people keep their seats, whatever their ids and however often they change', async () => {
    for (const id of ['z', 'a', 'm']) await savePerson(person(id))
    await savePerson(person('z', 'Zoe'))
    expect((await allPeople()).map(p => p.name)).toEqual(['Zoe', 'a', 'm'])
    expect(await allPeople()).toEqual([person('z', 'Zoe'), person('a'), person('m')])
    await removePerson('a')
    expect((await allPeople()).map(p => p.id)).toEqual(['z', 'm'])
  })
  test('bakes come newest first and whole', async () => {
    await saveBake(bake('old', '2026-01-01T00:00:00.000Z'))
    await saveBake(bake('new', '2026-02-01T00:00:00.000Z'))
    expect((await allBakes()).map(b => b.id)).toEqual(['new', 'old'])
    expect(await bakeById('old')).toEqual(bake('old', '2026-01-01T00:00:00.000Z'))
    await removeBake('old')
    expect(await bakeById('old')).toBeUndefined()
  })
  test('another house takes this one’s place, or nothing happens', async () => {
    await savePerson(person('a'))
    const twice = { people: [person('b'), person('b')], bakes: [] }
    await expect(replaceHouse(twice)).rejects.toThrow()
    expect((await allPeople()).map(p => p.id)).toEqual(['a'])
    await replaceHouse({ people: [person('b')], bakes: [bake('x', '2026-01-01T00:00:00.000Z')] })
    expect(await readHouse()).toEqual({ people: [person('b')], bakes: [bake('x', '2026-01-01T00:00:00.000Z')] })
  })
  test('adding a house leaves what is there as it is', async () => {
    await savePerson(person('a', 'Mine'))
    await addToHouse({ people: [person('a', 'Theirs'), person('c')], bakes: [] })
    expect((await allPeople()).map(p => p.name)).toEqual(['Mine', 'c'])
  })
  test('facts have a value or the one that is offered', async () => {
    expect(await readFact('measureIn', 'grams')).toBe('grams')
    await writeFact('measureIn', 'spoons')
    expect(await readFact('measureIn', 'grams')).toBe('spoons')
  })
  test('a change is seen by whoever watches', async () => {
    const seen: number[] = []
    const stop = watchHouse(house => seen.push(house.people.length), () => {})
    await savePerson(person('a'))
    for (let i = 0; i < 50 && seen.at(-1) !== 1; i++) await new Promise(resolve => setTimeout(resolve, 10))
    stop()
    expect(seen.at(-1)).toBe(1)
  })
})
