import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { lineFor, runs } from '../../tests/arbitraries'
import { newPacket, noWords } from '#core'
import { avoidables, pantry } from '#core/pantry'
import { readLine, type Line, type Recipe } from '#core'
import { checkPeople } from './check'
import type { CheckedPacket } from './conflict'
import type { Person } from './person'
import { packetsFor, type PacketLink } from './tie'

/**
 * An oracle that shares no code with the check: it knows what each line and each packet was made of
 * when the case was put together, and walks the tree of allergens by hand.
 */
const parents = new Map(avoidables.map(a => [a.id, a.in ?? []]))
const isUnder = (id: string, group: string): boolean =>
  id === group || (parents.get(id) ?? []).some(up => isUnder(up, group))

/** Words of a statement, and what they bring, written down here once more. */
const brings: readonly (readonly [string, readonly string[]])[] = [
  ['whey powder', ['milk']],
  ['egg white', ['egg']],
  ['soya flour', ['soy']],
  ['wheat starch', ['wheat']],
  ['barley malt', ['barley']],
  ['roasted hazelnuts', ['hazelnut']],
  ['almond paste', ['almond']],
  ['peanuts', ['peanut']],
  ['sesame oil', ['sesame']],
  ['mustard flour', ['mustard']],
  ['celery salt', ['celery']],
  ['sodium metabisulphite', ['sulphite']],
  ['lupin flour', ['lupin']],
  ['honey', ['honey']],
  ['gelatine', ['gelatine']],
  ['carmine', ['insect-colour']],
  ['coconut cream', ['coconut']],
  ['cashew pieces', ['cashew']],
  ['sugar', []],
  ['palm oil', []],
  ['salt', []],
  ['cocoa butter', []],
  ['rice flour', []],
  ['lactic acid', []],
  ['cream of tartar', []],
  ['nutmeg', []],
  ['E330', []],
  ['water', []],
]
interface Truth {
  readonly packet: CheckedPacket
  readonly contains: readonly string[]
  readonly trace: readonly string[]
  readonly blind: boolean
}

const someWords = fc.subarray([...brings], { maxLength: 5 })
const madePacket = fc
  .record({
    list: someWords,
    traces: someWords,
    strange: fc.integer({ min: 0, max: 9 }),
    days: fc.integer({ min: 0, max: 200 }),
  })
  .map(({ list, traces, strange, days }): Truth => {
    const statement = [
      'water',
      ...list.map(([words]) => words),
      ...(strange === 0 ? ['zorblax'] : []),
    ].join(', ')
    const packet = {
      ...newPacket('p', 'Some packet', 'cocoa'),
      words: {
        ...noWords,
        statement,
        mayContainLine: traces.length
          ? `May contain ${traces.map(([words]) => words).join(', ')}.`
          : '',
      },
      checkedOn: '2026-01-01',
      recheckDays: 150,
    }
    const today = new Date(Date.parse('2026-01-01T00:00:00Z') + days * 86_400_000)
      .toISOString()
      .slice(0, 10)
    const tie: PacketLink = { ingredient: 'cocoa', lineId: null, packets: ['p'] }
    return {
      packet: packetsFor([tie], [packet], today)[0]!,
      contains: list.flatMap(([, ids]) => ids),
      trace: traces.flatMap(([, ids]) => ids),
      blind: strange === 0 || days > 150,
    }
  })
/** Reading is dear, checking is not: a pool of packets and lines, combined a hundred thousand times. */
const pool = fc.sample(madePacket, 400)
const items = pantry.filter(item => !['ready-made', 'decoration'].includes(item.kind))
const lines = items.map((item, i) => ({ item, line: lineFor(`i${i}`, item, 20) }))
const strangers: readonly Line[] = ['5 g zorblax', '200 g quuxflour'].map((text, i) => {
  const read = readLine(text, { id: `s${i}`, component: '' })
  if (!read.ok) throw new Error('no line')
  return read.line
})

const need = fc.record({
  allergen: fc.constantFrom(...avoidables.map(a => a.id)),
  strictness: fc.constantFrom('choice' as const, 'intolerance' as const, 'allergy' as const),
  except: fc.option(fc.constantFrom('almond', 'oat', 'peanut', 'sesame'), { nil: undefined }),
})
const someone = fc.array(need, { minLength: 1, maxLength: 3 }).map((needs): Person => ({
  id: 'p',
  name: 'Ada',
  diets: [],
  avoids: needs.map(({ allergen, strictness, except }) => ({
    allergen,
    strictness,
    ...(except ? { except: [except] } : {}),
  })),
}))
const chosen = fc.array(fc.nat({ max: lines.length - 1 }), { minLength: 1, maxLength: 7 })
const recipeFor = (ls: readonly Line[]): Recipe => ({
  title: 'x',
  region: 'uk',
  yield: null,
  pan: null,
  oven: null,
  components: [{ name: '', lines: ls.map((line, i) => ({ ...line, id: `l${i}` })), steps: [] }],
})
const hits = (ids: readonly string[], person: Person, traceOnly = false) =>
  ids.some(id =>
    person.avoids.some(
      a =>
        (!traceOnly || a.strictness === 'allergy') &&
        isUnder(id, a.allergen) &&
        !(a.except ?? []).some(spared => isUnder(id, spared)),
    ),
  )

describe('no allergen slips through', () => {
  test('over a hundred thousand recipes, people and packets', () => {
    let [conflicts, clears, unknowns] = [0, 0, 0]
    fc.assert(
      fc.property(
        chosen,
        someone,
        fc.array(fc.tuple(fc.nat({ max: 6 }), fc.nat({ max: pool.length - 1 })), { maxLength: 3 }),
        fc.integer({ min: 0, max: 14 }),
        (at, person, tied, stranger) => {
          const picked = at.map(i => lines[i]!)
          const all = [...picked.map(p => p.line), ...(stranger < 2 ? [strangers[stranger]!] : [])]
          const ties = tied.flatMap(([line, p]) =>
            picked[line] ? [{ line, truth: pool[p]! }] : [],
          )
          const packets = ties.map(({ line, truth }): CheckedPacket => ({
            ...truth.packet,
            ingredient: picked[line]!.item.id,
          }))
          const verdict = checkPeople(recipeFor(all), [person], { packets }).people[0]!.verdict
          const contains = [
            ...picked.flatMap(p => p.item.holds),
            ...ties.flatMap(t => t.truth.contains),
          ]
          const blind = stranger < 2 || ties.some(t => t.truth.blind)
          if (hits(contains, person)) {
            conflicts++
            if (verdict !== 'conflict')
              throw new Error(
                `${verdict}: ` +
                  `${JSON.stringify([all.map(l => l.text), person.avoids, ties.map(t => t.truth.contains)])}`,
              )
          } else if (
            blind ||
            hits(
              ties.flatMap(t => t.truth.trace),
              person,
              true,
            )
          ) {
            unknowns++
            if (verdict !== 'unknown')
              throw new Error(
                `${verdict} where something is not known: ` +
                  `${JSON.stringify([all.map(l => l.text), person.avoids])}`,
              )
          } else if (verdict === 'conflict')
            throw new Error(
              `a conflict that nothing brings: ${JSON.stringify([all.map(l => l.text), person.avoids])}`,
            )
          else if (verdict === 'clear') clears++
        },
      ),
      { numRuns: runs(110_000) },
    )
    // The cases are worth something only if all three come up often.
    expect(Math.min(conflicts, clears, unknowns)).toBeGreaterThan(runs(5000))
  })
  test('another line never makes it safer, nor do unread packets', () => {
    const rank = { clear: 0, unknown: 1, conflict: 2 }
    fc.assert(
      fc.property(
        chosen,
        fc.nat({ max: lines.length - 1 }),
        someone,
        fc.nat({ max: pool.length - 1 }),
        fc.boolean(),
        (at, extra, person, p, tie) => {
          const picked = at.map(i => lines[i]!)
          const packets = tie ? [{ ...pool[p]!.packet, ingredient: picked[0]!.item.id }] : []
          const verdict = (ls: readonly Line[], ps: readonly CheckedPacket[]) =>
            rank[checkPeople(recipeFor(ls), [person], { packets: ps }).people[0]!.verdict]
          const before = verdict(
            picked.map(l => l.line),
            packets,
          )
          expect(
            verdict([...picked.map(l => l.line), lines[extra]!.line], packets),
          ).toBeGreaterThanOrEqual(before)
          expect(
            verdict(
              picked.map(l => l.line),
              [...packets, { ...pool[p]!.packet, ingredient: picked[0]!.item.id, notRead: 'old' }],
            ),
          ).toBeGreaterThanOrEqual(before)
        },
      ),
      { numRuns: runs(6000) },
    )
  })
})
