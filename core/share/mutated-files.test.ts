import { describe, expect, test } from '@jest/globals'
import { runs } from '../../tests/arbitraries'
import { each, tally } from '../../tests/each'
import { newPacket, readRecipe } from '#core'
import { bakeOf, type House } from './bake'
import { backupOf, readBackup } from './backup'
import { keptProblem, type KeptKind } from './kept/bake'
import { emptyHouse } from './put-aside'

/** So many spoiled files; the bench reads more of them. */
const files = runs(200)

/** Numbers by chance from a seed, 0 to 1. */
function chance(seed: number) {
  let state = seed >>> 0
  return () => {
    state = (Math.imul(state, 1_664_525) + 1_013_904_223) >>> 0
    return state / 2 ** 32
  }
}
const texts = ['Bun\n200 g flour\n1 egg\n\nMix. Bake.', 'Tart\n150 g flour\n90 g butter\n\nRub in.']
const now = '2026-01-01T00:00:00.000Z'
const pixel = 'data:image/png;base64,AA=='
const house: House = {
  ...emptyHouse,
  people: [
    { id: 'a', name: 'Ottilie', avoids: [{ allergen: 'egg', strictness: 'allergy' }], diets: [] },
    { id: 'b', name: 'Bram', avoids: [], diets: ['vegan'] },
  ],
  groups: [{ id: 'g', name: 'Sunday', people: ['a', 'b'] }],
  packets: [newPacket('k', 'Dark', null), newPacket('m', 'Oat', null)],
  bakes: texts.map((text, i) => bakeOf(`bake${i}`, { ...readRecipe(text), text }, ['a'], now)),
  pictures: [{ bake: 'bake0', data: pixel }],
  labels: [{ packet: 'k', data: pixel }],
  photos: [{ id: 'p', bake: 'bake1', data: pixel }],
}
const written = backupOf(house, now)

type Node = Record<string, unknown> | unknown[]
/** Every value within a file, by what holds it. */
function placesIn(node: unknown, found: [Node, string | number][] = []) {
  if (typeof node !== 'object' || node === null) return found
  for (const [key, value] of Object.entries(node)) {
    found.push([node as Node, Array.isArray(node) ? Number(key) : key])
    placesIn(value, found)
  }
  return found
}
const instead = [null, -1, 1e12, '', 'x'.repeat(70_000), [], {}, true, [[null]]] as const
/** A file in which one to three values are gone, twice there or something else. */
function spoiled(random: () => number): string {
  const file: unknown = JSON.parse(written)
  for (let n = 1 + Math.floor(random() * 3); n > 0; n--) {
    const places = placesIn(file)
    const [node, key] = places[Math.floor(random() * places.length)]!
    const how = random()
    if (how < 0.3 && !Array.isArray(node)) Reflect.deleteProperty(node, key)
    else if (how < 0.4 && Array.isArray(node)) node.push(node[key as number])
    else
      (node as Record<string | number, unknown>)[key] =
        instead[Math.floor(random() * instead.length)]
  }
  return JSON.stringify(file)
}
/** The same as text: cut off, a piece gone, or a letter another. */
function torn(random: () => number): string {
  const at = Math.floor(random() * written.length)
  const how = random()
  if (how < 0.4) return written.slice(0, at)
  if (how < 0.7) return written.slice(0, at) + written.slice(at + 1 + Math.floor(random() * 400))
  const letter = String.fromCharCode(32 + Math.floor(random() * 90))
  return written.slice(0, at) + letter + written.slice(at + 1)
}

const lists: readonly (readonly [keyof House, KeptKind])[] = [
  ['people', 'person'],
  ['groups', 'group'],
  ['bakes', 'bake'],
  ['packets', 'packet'],
  ['pictures', 'picture'],
  ['labels', 'label'],
  ['photos', 'photo'],
]
const opened = tally('files that open')
const refused = tally('files that are refused')

describe('house files that something happened to', () => {
  test('are refused with a sentence, or open with every entry: in the house, or set aside with why', () => {
    const random = chance(20_261_130)
    for (const n of each(Array.from({ length: files }, (_, i) => i))) {
      const text = n % 2 ? spoiled(random) : torn(random)
      const found = readBackup(text)
      for (const is of refused(found.ok ? [] : [found.problem])) {
        expect(is.sentence).toMatch(/Nothing was changed\.$/u)
        expect(is.sentence.length).toBeLessThan(600)
      }
      for (const is of opened(found.ok ? [found] : [])) {
        const file = JSON.parse(text) as Record<string, unknown[] | undefined>
        for (const [key, kind] of each(lists)) {
          const entries = (is.house[key] ?? []) as readonly unknown[]
          const aside = is.aside.filter(one => one.kind === kind)
          expect(entries.length + aside.length).toBe(file[key]?.length ?? 0)
          expect(entries.filter(entry => keptProblem(kind, entry))).toEqual([])
          expect(aside.filter(one => !one.sentence.includes('does not hold together'))).toEqual([])
        }
      }
    }
  })
})
