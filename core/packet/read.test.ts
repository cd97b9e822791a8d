import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { runs } from '../../tests/arbitraries'
import { statements } from '../../tests/corpus/statements'
import { marked, scoreStatements } from '../../tests/corpus/score-statements.mjs'
import { readPacket } from './index'

const ids = (hits: readonly { allergen: string }[]) => [...new Set(hits.map(h => h.allergen))].sort()

describe('the corpus of statements', () => {
  test.each(statements.map(s => [s]))('%s', (written) => expect(scoreStatements([written], readPacket).wrong).toEqual([]))
  test('is large enough, and no allergen is missed anywhere in it', () => {
    expect(statements.length).toBeGreaterThanOrEqual(120)
    expect(scoreStatements(statements, readPacket).missed).toEqual([])
  })
})

describe('how a statement is read', () => {
  test('every hit says where it stands, in which words, how and from which row', () => {
    const [hit] = readPacket('Sugar, whey powder').contains
    expect(hit).toEqual({ allergen: 'milk', start: 7, end: 18, words: 'whey powder', how: 'ingredient', because: '“whey powder” is or brings milk', source: '[L] [P]' })
  })
  test('a trace, a facility, a contains line and an open word are told apart', () => {
    const reading = readPacket('Lecithin. Contains milk. May contain egg. Made in a factory that handles sesame.')
    expect(reading.contains.map(h => [h.allergen, h.how])).toEqual([['milk', 'contains']])
    expect(reading.mayContain.map(h => [h.allergen, h.how])).toEqual([['soy', 'unsaid'], ['egg', 'unsaid'], ['egg', 'trace'], ['sesame', 'facility']])
  })
  test('a field of its own is read as what it is', () => {
    expect(ids(readPacket('milk, nuts', { as: 'trace' }).mayContain)).toEqual(['milk', 'tree-nut'])
    expect(readPacket('milk', { as: 'contains' }).contains[0]!.how).toBe('contains')
    expect(ids(readPacket('nuts. Contains milk.', { as: 'trace' }).contains)).toEqual(['milk'])
    expect(readPacket('peanuts', { as: 'facility' }).mayContain[0]!.how).toBe('facility')
  })
  test('a claim is shown, and stands against a list that speaks otherwise', () => {
    const [claim] = readPacket('Dairy-free. Sugar, sodium caseinate.').claims
    expect(claim).toMatchObject({ name: 'dairy-free', words: 'Dairy-free', start: 0, end: 10, without: ['milk'], against: true })
    expect(readPacket('Dairy-free. Sugar.').claims[0]).toMatchObject({ against: false })
    expect(readPacket('Gluten-free oats').claims[0]).toMatchObject({ name: 'gluten-free', against: false })
    expect(readPacket('Nut-free. Almonds.').claims[0]!.against).toBe(true)
    expect(readPacket('Free from milk, egg. Butter.').claims).toEqual([expect.objectContaining({ name: 'free from', without: ['milk', 'egg'], against: true })])
  })
  test('what a claim before a name denies is open, not gone; a name that says the thing itself is not denied', () => {
    expect(readPacket('dairy-free butter').mayContain.map(h => [h.allergen, h.how]).filter(([a]) => a === 'soy')).toEqual([['soy', 'unsaid']])
    expect(readPacket('vegan meringue').mayContain).toEqual([expect.objectContaining({ allergen: 'egg', how: 'unsaid' })])
    expect(ids(readPacket('egg-free egg white powder').contains)).toEqual(['egg'])
    expect(ids(readPacket('gluten-free wheat starch').contains)).toEqual(['wheat'])
    expect(ids(readPacket('lactose-free cream').contains)).toEqual(['milk'])
  })
  test('“without” reaches the next thing alone, so that the list after it is read', () => {
    expect(ids(readPacket('flour blend without gluten, milk powder').contains)).toContain('milk')
    expect(ids(readPacket('rice free from gluten, egg').contains)).toEqual(['egg'])
  })
  test('brackets say what an open word is made of; a percentage alone does not', () => {
    expect(readPacket('lecithin (sunflower)').mayContain).toEqual([])
    expect(ids(readPacket('dark chocolate (70%)').mayContain)).toEqual(['milk', 'soy'])
    expect(ids(readPacket('dark chocolate (70%) (sugar, cocoa mass)').mayContain)).toEqual([])
    expect(ids(readPacket('lecithin (zorblax)').mayContain)).toEqual(['egg', 'soy'])
    expect(ids(readPacket('lecithin (E322)').mayContain)).toEqual(['egg', 'soy'])
    expect(readPacket('emulsifier: lecithin from sunflower').mayContain).toEqual([])
  })
  test('a bracket that is never closed, or closed too often, loses nothing', () => {
    expect(ids(readPacket('flour (wheat, sugar (may contain nuts, milk').contains)).toEqual(['wheat'])
    expect(ids(readPacket(')) milk ((').contains)).toEqual(['milk'])
  })
  test('numbers of additives with and without their E, and no other numbers', () => {
    expect(ids(readPacket('E 1105, e-120, E220').contains)).toEqual(['egg', 'insect-colour', 'sulphite'])
    expect(ids(readPacket('colour (120)').contains)).toEqual(['insect-colour'])
    expect(readPacket('energy 120 kJ, 120 g, 1,120').contains).toEqual([])
    expect(readPacket('E9999').unknownWords).toEqual(['E9999'])
  })
  test('a name over a broken line may be two', () => {
    expect(readPacket('sugar, coconut\nmilk, salt').mayContain).toEqual([expect.objectContaining({ allergen: 'milk', how: 'unsaid' })])
    expect(ids(readPacket('coconut\nmilk\nsalt').contains)).toEqual(['coconut', 'milk'])
  })
  test('long words are looked into from both ends', () => {
    expect(ids(readPacket('Haferbutterkeks').contains)).toEqual(['milk', 'oat'])
    expect(ids(readPacket('Kakaobutterersatz, Buchweizenschrot').contains)).toEqual([])
  })
  test('a text beyond the limit says that it was not read to its end', () => {
    const reading = readPacket(`${'sugar, '.repeat(1200)}milk`)
    expect(reading.unknownWords.at(-1)).toMatch(/everything after the first 8000/u)
    expect(readPacket('').unknownWords).toEqual([])
  })
  test('whatever is typed, places lie in the text and words are known, found or listed', () => {
    const word = fc.constantFrom('sugar', 'milk', 'whey', 'zorblax', 'may contain', 'free from', '(', ')', ',', '.', 'E322', 'soya', 'lecithin', '70%', '\n', 'contains', 'Ei', 'vegan', 'nuts', '🍰', 'ß')
    fc.assert(fc.property(fc.array(word, { maxLength: 25 }).map(w => w.join(' ')), (text) => {
      const reading = readPacket(text)
      for (const hit of [...reading.contains, ...reading.mayContain, ...reading.claims, ...reading.unknown]) expect([text.slice(hit.start, hit.end).trim(), hit.start >= 0 && hit.end <= text.length]).toEqual([hit.words, true])
      expect(reading.unknownWords.includes('zorblax')).toBe(/zorblax/u.test(text))
    }), { numRuns: runs(2000) })
  })
  test('an allergen in a plain list is never lost, whatever stands around it', () => {
    const harmless = fc.constantFrom('sugar', 'salt', 'rice flour', 'palm oil', 'cocoa butter', 'E330', 'lactic acid', 'water', 'nutmeg')
    const bad = fc.constantFrom(['milk', 'whey'], ['egg', 'albumen'], ['soy', 'tofu'], ['wheat', 'semolina'], ['almond', 'marzipan'], ['sesame', 'tahini'], ['sulphite', 'E223'], ['peanut', 'groundnuts'], ['lupin', 'Lupinenmehl'], ['milk', 'lactosérum'])
    fc.assert(fc.property(fc.array(harmless, { maxLength: 5 }), bad, fc.array(harmless, { maxLength: 5 }), fc.constantFrom(', ', '; ', ' - ', ',\n', ' / '), (before, [allergen, words], after, join) => {
      expect(ids(readPacket([...before, words, ...after].join(join)).contains)).toContain(allergen)
    }), { numRuns: runs(3000) })
  })
})

test('the marks of the corpus are taken out where they stand', () => {
  expect(marked('a {milk:whey}, ?{soy,egg:lecithin} !{zorb}')).toEqual({ text: 'a whey, lecithin zorb', expected: [
    { kind: 'contains', allergen: 'milk', start: 2, end: 6 }, { kind: 'open', allergen: 'soy', start: 8, end: 16 }, { kind: 'open', allergen: 'egg', start: 8, end: 16 }, { kind: 'unknown', allergen: '', start: 17, end: 21 }] })
})
