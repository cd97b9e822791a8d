import { readFileSync } from 'node:fs'
import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { someRecipe, someTable } from '../../tests/arbitraries'
import { adapt, backup, bakeOf, builtIn, cardOf, emptyStock, readRecipe, type Bake, type House, type Person } from '../index'

const { backupOf, readBackup } = await backup()
const people = JSON.parse(readFileSync(new URL('../../demo/people.json', import.meta.url), 'utf8')) as Person[]
const when = '2026-01-15T12:00:00.000Z'
const source = readFileSync(new URL('../../demo/recipes/1-ginger-loaf.txt', import.meta.url), 'utf8')
const reading = readRecipe(source)
const { recipe } = reading
const bare: Bake = bakeOf('b1', reading, people.map(p => p.id), when)
const chosen: Bake = { ...bare, id: 'b2', plan: adapt(recipe, people).plans[0]! }
const nothing = { stock: emptyStock, pictures: [] }
const house: House = { people, bakes: [bare, chosen], ...nothing }

describe('the backup file', () => {
  test('gives the same house back', () => expect(readBackup(backupOf(house, when))).toEqual({ ok: true, house: JSON.parse(JSON.stringify(house)) }))
  test('any recipe and any plan survive it', () => {
    fc.assert(fc.property(someRecipe, someTable, (r, table) => {
      const one: House = { people: table, bakes: [{ ...bare, recipe: r, people: table.map(p => p.id), plan: adapt(r, table).plans[0] ?? null }], ...nothing }
      expect(readBackup(backupOf(one, when))).toEqual({ ok: true, house: JSON.parse(JSON.stringify(one)) })
    }), { numRuns: 25 })
  })
  test('the house’s own pantry and its photos go along', () => {
    const stocked: House = { ...house, stock: { ingredients: [{ ...builtIn('cocoa')!, id: 'own-cocoa', name: 'Our cocoa', names: ['Our cocoa'], unread: true, source: 'entered in this house' }], names: [{ words: 'fizz', ingredient: 'own-cocoa' }], spoons: [{ ingredient: 'neutral-oil', unit: 'tbsp', grams: 12.4 }] }, pictures: [{ bake: 'b1', data: 'data:image/jpeg;base64,AAAA' }] }
    expect(readBackup(backupOf(stocked, when))).toEqual({ ok: true, house: JSON.parse(JSON.stringify(stocked)) })
    const bad = backupOf({ ...stocked, pictures: [{ bake: 'b1', data: 'https://example.org/x.png' }] }, when)
    expect(readBackup(bad)).toMatchObject({ ok: false, problem: { code: 'broken' } })
  })
  test('a file of the first version is read: its corrections become edits, nothing of it is lost', () => {
    const { settled: _settled, tags: _tags, archived: _archived, ...before } = bare
    const old = { ...before, findings: [{ code: 'ambiguous', severity: 'ask', lineId: 'l2', text: '1 tsp bicarbonate of soda', sentence: 'Which one?', corrections: [{ label: 'that', ingredient: 'baking-soda' }, { label: 'write it', text: '1 tsp baking soda' }] }] }
    const read = readBackup(JSON.stringify({ format: 'ingwer-house', version: 1, exported: when, people, bakes: [old] }))
    if (!read.ok) throw new Error(read.problem.sentence)
    expect(read.house).toMatchObject({ people, stock: emptyStock, pictures: [] })
    expect(read.house.bakes[0]).toMatchObject({ id: 'b1', settled: [], tags: [], archived: false, findings: [{ key: expect.stringMatching(/^ambiguous:/u), corrections: [{ edits: [{ do: 'say', lineId: 'l2', ingredient: 'baking-soda' }] }, { edits: [{ do: 'retype', lineId: 'l2', text: '1 tsp baking soda' }] }] }] })
  })
  const file = JSON.parse(backupOf(house, when)) as Record<string, never>
  test.each([
    ['no JSON', 'Dark sticky ginger loaf', 'not-json'], ['nothing', '', 'not-json'], ['half a file', backupOf(house, when).slice(0, 900), 'not-json'], ['another program’s', '{"recipes":[]}', 'foreign'], ['a list', '[1,2]', 'foreign'], ['null', 'null', 'foreign'],
    ['a newer one', JSON.stringify({ ...file, version: 99 }), 'newer'], ['no people', JSON.stringify({ ...file, people: undefined }), 'broken'], ['an extra key', JSON.stringify({ ...file, script: 'x' }), 'broken'],
    ['a weight in words', backupOf(house, when).replace('"best": 225', '"best": "much"'), 'broken'], ['two of one id', JSON.stringify({ ...file, people: [people[0], people[0]] }), 'broken'], ['an unknown need', backupOf({ people: [{ ...people[0]!, avoids: [{ allergen: 'kryptonite', level: 'trace' }] }], bakes: [], ...nothing }, when), 'broken'],
    ['a version in words', JSON.stringify({ ...file, version: '1' }), 'broken'],
  ])('%s is refused with a sentence', (_, text, code) => {
    const read = readBackup(text)
    expect(read).toMatchObject({ ok: false, problem: { code } })
    expect(!read.ok && read.problem.sentence).toMatch(/Nothing was changed\.|does not know/u)
  })
})

describe('the card', () => {
  const card = cardOf(chosen, people)
  test('names the people, the claim, the packets, the recipe and what was not checked', () => {
    for (const part of ['# Dark sticky ginger loaf', '- Ottilie: egg \\(traces too\\)'.replace(/\\/gu, ''), 'packets checked 0 of', '## Packets to read', '## Recipe', 'block plant butter', 'Not checked:', 'emergency plan']) expect(card).toContain(part)
  })
  test('says what will differ and how sure it is, and never that it is safe', () => {
    expect(card).toContain(chosen.plan!.confidence)
    expect(card).toContain('Different: ')
    expect(card.replace(/\bnot safe to eat\b/gu, '')).not.toMatch(/\bsafe\b/iu)
  })
  test('makes no claim for a recipe that somebody cannot eat', () => {
    expect(cardOf(bare, people)).toContain('No claim can be made for this table')
    expect(cardOf(bare, people)).toContain('no plan is chosen yet')
  })
  test('what was typed cannot become markup', () => {
    const nasty = cardOf({ ...bare, title: '<img src=x> # [a](b) `c`' }, people)
    expect(nasty.split('\n')[0]).toBe('# \\<img src=x\\> \\# \\[a\\](b) \\`c\\`')
  })
})
