import { describe, expect, test } from '@jest/globals'
import { groupsOf } from '#core'
import { readPacket } from './read'
import { each } from '../../tests/each'
import { scorePackets, statementShares } from '../../tests/corpus/score-packets.mjs'
import { packetProbes, packetProbesAside } from '../../tests/corpus/tables/packet-probes'
import { packetStatements } from '../../tests/corpus/tables/packet-statements'
import { wrongProbes, wrongStatements } from '../../tests/corpus/tables/packet-wrong'
import { denialNouns } from './tables/allergen-nouns'
import { harmlessPieces } from './tables/pieces'
import { termRows } from './tables/terms'
import { moreTerms } from './tables/terms-more'

const says = (wrong: readonly unknown[]) => JSON.stringify(wrong, null, 1)
const score = (rows: readonly string[]) => scorePackets(rows, { readPacket, groupsOf })

describe('statements that nobody had read, in the open part of the corpora', () => {
  test.each([
    ['statements', statementShares(packetStatements).open],
    ['probes', [...packetProbes, ...packetProbesAside]],
  ])('%s: nothing clear that holds; at most 2 %% missed, 8 %% blocked', (_, rows) => {
    const found = score(rows)
    expect(found.of).toBeGreaterThan(70)
    expect([found.clear, says(found.wrong)]).toEqual([0, says(found.wrong)])
    expect(found.missed / found.expected).toBeLessThanOrEqual(0.02)
    expect(found.blocked / found.of).toBeLessThanOrEqual(0.08)
  })
})

describe('nothing is wrong in the open part but what is known to be', () => {
  test.each([
    ['statements', statementShares(packetStatements).open, wrongStatements],
    ['probes', packetProbes, wrongProbes],
  ])('%s', (_, rows, known) => {
    const wrong = score(rows).wrong.flatMap((row: { text: string; says: readonly string[] }) =>
      row.says.map(says => `${row.text.slice(0, 40)}: ${says}`),
    )
    expect(wrong).toEqual(known)
  })
})

const fourteen = [
  'milk egg gluten wheat rye barley oat tree-nut almond hazelnut walnut cashew pecan pistachio',
  'brazil macadamia peanut soy sesame lupin celery mustard sulphite crustacean mollusc',
].flatMap(ids => ids.split(' '))
/** Every name of the tables that brings one of the law's fourteen (fish stands in the clauses below). */
const names = [...termRows, ...moreTerms].flatMap(row =>
  (row.holds ?? '')
    .split(' ')
    .filter(id => fourteen.includes(id))
    .flatMap(id => row.words.split('|').map(word => ({ word: word.trim(), id }))),
)
/** Every third name; a few where each of two thousand mutants runs it. */
const step = Math.round(3 / Number(process.env.INGWER_RUNS ?? 1))
const isSaid = (statement: string, id: string) => {
  const reading = readPacket(statement)
  return (
    reading.unknown.length > 0 ||
    reading.contains.some(hit => hit.allergen === id) ||
    reading.mayContain.some(
      hit => hit.allergen === id && (hit.how === 'unsaid' || hit.how === 'warning'),
    )
  )
}

describe('no clause takes back what it does not name in its closed form', () => {
  const clauses: readonly ((word: string) => string)[] = [
    word => `no added sugar ${word}`,
    word => `without colours, ${word}, salt`,
    word => `free from gluten\n${word}, sugar`,
    word => `may contain fish, sugar, ${word}`,
    word => `may contain fish\n${word}, sugar`,
    word => `may contain fish. ${word}`,
    word => `contains no sugar ${word}`,
    word => `store in a cool place, ${word}`,
    word => `made in a factory that handles fish: ${word}, salt`,
  ]
  // A line's end may stand within a name ("gluten flour"): then it is left open.
  test.each(clauses.map(clause => [clause('…'), clause] as const))('%s', (_, clause) => {
    const missed = names.filter(({ word, id }, i) => i % step === 0 && !isSaid(clause(word), id))
    expect(missed).toEqual([])
  })
})

describe('damaged print blocks, it never clears', () => {
  const single = names.filter(({ word }, i) => /^\p{L}{6,}$/u.test(word) && i % step < 1)
  test.each([
    ['a line broken in a word', (word: string) => `${word.slice(0, 3)}-\n${word.slice(3)}`],
    ['a word in two', (word: string) => `${word.slice(0, 3)} ${word.slice(3)}`],
    ['1 for l or i', (word: string) => word.replace(/[li]/u, '1')],
    ['0 for o', (word: string) => word.replace('o', '0')],
    ['rn for m', (word: string) => word.replace('m', 'rn')],
    ['joined with powder', (word: string) => `${word}powder`],
    ['joined with öl', (word: string) => `${word}öl`],
  ])('%s', (_, damage) => {
    const missed = single.filter(({ word, id }) => {
      const reading = readPacket(`salt, ${damage(word)}, salt`)
      const hits = [...reading.contains, ...reading.mayContain]
      return !reading.unknown.length && !hits.some(hit => hit.allergen === id)
    })
    expect(missed.map(({ word }) => word)).toEqual([])
  })
})

test('a bare name is denied where it stands right behind the denial', () => {
  for (const words of each(Object.values(denialNouns)))
    for (const noun of each(words.split('|')))
      expect([noun, readPacket(`Free from ${noun.trim()}.`).contains.map(h => h.allergen)]).toEqual(
        [noun, []],
      )
})

test('no piece of a joined word that is called harmless brings one of the fourteen by itself', () => {
  for (const piece of each(harmlessPieces)) {
    const reading = readPacket(`salt, ${piece}, salt`)
    const held = [...reading.contains, ...reading.mayContain].map(hit => hit.allergen)
    expect([piece, held.filter(id => fourteen.includes(id))]).toEqual([piece, []])
  }
})
