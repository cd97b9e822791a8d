import { each } from '../../tests/each'
import { readFileSync } from 'node:fs'
import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { someRecipe, someTable } from '../../tests/arbitraries'
import { adapt, armsFor, lessonsFrom, newPacket, noWords, readRecipe, type Person } from '#core'
import { keepingOf } from '#core/day'
import type { Packet } from '#core/packet'
import { usualTin, type Kitchen, type Sizing } from '#core/pan'
import { builtIn, emptyStock } from '#core/pantry'
import { substitutionsOf } from '#core/swap'
import { answered, beginTrial, layTasting } from '#core/trial'
import { trialBakes, shelfRowOf, bakeOf, sizedBake, type Bake, type House } from './bake'
import { cardHtml, cardOf } from './card'
import { cardFacts, codeText } from './card-facts'
import { backup } from './index'
import { keptProblem } from './kept/bake'

const { backupOf, readBackup } = await backup()
const people = JSON.parse(
  readFileSync(new URL('../../demo/people.json', import.meta.url), 'utf8'),
) as Person[]
const when = '2026-01-15T12:00:00.000Z'
const source = readFileSync(
  new URL('../../demo/recipes/1-ginger-loaf.txt', import.meta.url),
  'utf8',
)
const reading = readRecipe(source)
const { recipe } = reading
const bare: Bake = bakeOf(
  'b1',
  reading,
  people.map(p => p.id),
  when,
)
const chosen: Bake = { ...bare, id: 'b2', plan: adapt(recipe, people).plans[0]! }
const nothing = { stock: emptyStock, pictures: [], groups: [], packets: [], labels: [] }
const house: House = { people, bakes: [bare, chosen], ...nothing }

const dark: Packet = {
  ...newPacket('k', 'Lantern dark 70', 'dark-chocolate'),
  words: {
    ...noWords,
    statement: 'Cocoa mass, sugar, emulsifier: soya lecithin.',
    mayContainLine: 'May contain hazelnuts.',
  },
  checkedOn: '2026-01-10',
  checkedBy: 'Ada',
  history: [
    { on: '2025-12-01', by: 'Ada', words: { ...noWords, statement: 'Cocoa mass, sugar.' } },
  ],
}

describe('the backup file', () => {
  test('gives the same house back', () =>
    expect(readBackup(backupOf(house, when))).toEqual({
      ok: true,
      aside: [],
      house: JSON.parse(JSON.stringify(house)),
    }))
  test(
    'trials, what they taught and the bakes of their arms go along; a plan by the house’s ' +
      'own dose too',
    () => {
      const { plan } = chosen
      const base = beginTrial({
        id: 't',
        begun: '2026-01-10',
        seed: 3,
        question: 'Which?',
        base: plan!,
        tried: armsFor(recipe, plan, people).slice(0, 2),
      })
      const laid = layTasting({
        id: 'x',
        kind: 'ranking',
        question: 'Best?',
        of: base.arms.map(a => a.id),
        tasters: ['Ottilie', 'Bram'],
        seed: 8,
      })
      if (!laid.ok) throw new Error(laid.sentence)
      const trial = {
        ...base,
        crowned: 't-b',
        tastings: [answered(laid.tasting, { taster: 'Bram', choice: null, ranks: [2, 1, 3] })],
        arms: base.arms.map(a => ({
          ...a,
          record: {
            ...a.record,
            before: 60,
            after: 54.2,
            scores: [{ taster: 'Bram', word: 'moistness', value: 6 }],
          },
        })),
      }
      const lessons = [
        ...lessonsFrom(trial, 'loaf', 'b2', '2026-01-11', 0.4),
        {
          id: 'd',
          on: '2026-01-11',
          trial: 't',
          bake: 'b2',
          title: 'loaf',
          family: 'quick-bread',
          weight: 1,
          about: {
            what: 'dose' as const,
            school: plan!.changes.find(c => c.school && substitutionsOf(plan!).includes(c.school))!
              .school!,
            ingredient: 'flax',
            factor: 0.7,
          },
          off: true,
        },
      ]
      const tried: Bake = { ...chosen, trials: [trial], favourites: ['t-b'] }
      const arms = trialBakes(tried, trial, { now: when, serveAt: '2026-01-17T17:00:00.000Z' })
      const whole: House = { people, bakes: [tried, ...arms], ...nothing, lessons }
      expect(readBackup(backupOf(whole, when))).toEqual({
        ok: true,
        aside: [],
        house: JSON.parse(JSON.stringify(whole)),
      })
      // A file of the dessert alone takes the arms with it.
      expect(arms.map(a => shelfRowOf(a).armOf)).toEqual(['b2', 'b2', 'b2'])
      expect(
        each(arms).every(
          a =>
            a.size?.target.by === 'test' &&
            a.day?.with.length === 2 &&
            a.day.serveAt === '2026-01-17T17:00:00.000Z',
        ),
      ).toBe(true)
      const up = sizedBake(arms[1]!)
      expect(up.tins[0]?.name).toMatch(/cups? of a muffin tin/u)
      const broken = JSON.parse(backupOf(whole, when)) as {
        bakes: { trials: { arms: { record: { scores: { value: number }[] } }[] }[] }[]
      }
      broken.bakes[0]!.trials[0]!.arms[0]!.record.scores[0]!.value = 12
      expect(readBackup(JSON.stringify(broken))).toMatchObject({
        ok: true,
        aside: [{ kind: 'bake', sentence: expect.stringContaining('value') }],
      })
      // What was made of an arm stays when the trial is laid out once more.
      expect(
        trialBakes(tried, trial, { now: when, there: [{ ...arms[0]!, made: [] }] })[0]!.made,
      ).toEqual([])
    },
  )
  test('any recipe and any plan survive it', () => {
    let plans = 0
    fc.assert(
      fc.property(someRecipe, someTable, (r, table) => {
        const one: House = {
          people: table,
          bakes: [
            {
              ...bare,
              recipe: r,
              people: table.map(p => p.id),
              plan: adapt(r, table).plans[0] ?? null,
            },
          ],
          ...nothing,
        }
        expect(readBackup(backupOf(one, when))).toEqual({
          ok: true,
          aside: [],
          house: JSON.parse(JSON.stringify(one)),
        })
        plans += one.bakes[0]!.plan ? 1 : 0
      }),
      { numRuns: 25 },
    )
    expect(plans).toBeGreaterThan(0)
  })
  test('the house’s own pantry and its photos go along', () => {
    const stocked: House = {
      ...house,
      stock: {
        ingredients: [
          {
            ...builtIn('cocoa')!,
            id: 'own-cocoa',
            name: 'Our cocoa',
            names: ['Our cocoa'],
            unread: true,
            source: 'entered in this house',
          },
        ],
        names: [{ words: 'fizz', ingredient: 'own-cocoa' }],
        spoons: [{ ingredient: 'neutral-oil', unit: 'tbsp', grams: 12.4 }],
      },
      pictures: [{ bake: 'b1', data: 'data:image/jpeg;base64,AAAA' }],
    }
    expect(readBackup(backupOf(stocked, when))).toEqual({
      ok: true,
      aside: [],
      house: JSON.parse(JSON.stringify(stocked)),
    })
    const bad = backupOf(
      { ...stocked, pictures: [{ bake: 'b1', data: 'https://example.org/x.png' }] },
      when,
    )
    expect(readBackup(bad)).toMatchObject({
      ok: true,
      house: { pictures: [] },
      aside: [{ kind: 'picture', sentence: expect.stringContaining('“data”') }],
    })
  })
  test(
    'size, own tins and what the oven taught go along; a tin that is none is refused with ' +
      'its place',
    () => {
      const kitchen: Kitchen = {
        tins: [{ ...usualTin('ring-24'), id: 'own-1', name: 'the blue ring', measured: 2400 }],
        altitude: 310,
        tray: { length: 42, breadth: 31, atOnce: 2 },
        oven: {
          fan: true,
          scale: 'F',
          offset: null,
          log: [
            { on: '2026-01-10', bake: 'b1', title: 'Loaf', celsius: 160, expected: 52, took: 47 },
          ],
        },
      }
      const size: Sizing = {
        target: { by: 'tin', keep: 'fill', fill: 0.5 },
        tins: kitchen.tins,
        statedMinutes: [40, 45],
        start: 5,
        said: { density: 0.9, beside: { glaze: true } },
        cut: { by: 'side', n: 5 },
      }
      const sized: House = { ...house, bakes: [{ ...bare, size }], kitchen }
      expect(readBackup(backupOf(sized, when))).toEqual({
        ok: true,
        aside: [],
        house: JSON.parse(JSON.stringify(sized)),
      })
      expect(
        readBackup(
          backupOf(
            { ...sized, kitchen: { ...kitchen, tins: [{ ...kitchen.tins[0]!, count: 0 }] } },
            when,
          ),
        ),
      ).toMatchObject({ ok: false, problem: { code: 'broken', at: 'kitchen.tins.0.count' } })
    },
  )
  test(
    'a plan at another size: steps and lines say the same weights, and a meringue stays one ' +
      'without its egg',
    () => {
      const nests = readRecipe(
        readFileSync(new URL('../../demo/recipes/4-meringue-nests.txt', import.meta.url), 'utf8'),
      )
      const bake: Bake = {
        ...bakeOf(
          'm',
          nests,
          people.map(p => p.id),
          when,
        ),
        plan: adapt(nests.recipe, people).plans[0]!,
        size: { target: { by: 'times', times: 0.5 }, tins: [] },
      }
      const up = sizedBake(bake)
      expect(up.batter?.row.family).toBe('meringue')
      const aquafaba = up.recipe.components[0]!.lines.find(l =>
        l.text.includes('aquafaba'),
      )!.text.match(/^\d+ g/u)![0]
      expect(up.recipe.components[0]!.steps.find(s => s.startsWith('For the aquafaba'))).toContain(
        `${aquafaba} aquafaba`,
      )
      const loaf = sizedBake({
        ...chosen,
        size: { target: { by: 'times', times: 0.5 }, tins: [] },
      }).recipe
      for (const line of each(loaf.components[0]!.lines.filter(l => /flax/u.test(l.text))))
        expect(loaf.components[0]!.steps.join(' ')).toContain(line.text.match(/^[\d.]+ g/u)![0])
    },
  )
  test('the card is of the size that is made', () => {
    const half = cardFacts(
      { ...bare, size: { target: { by: 'times', times: 0.5 }, tins: [] } },
      people,
      { packets: [], today: '2026-01-15' },
    )
    expect(half.recipe.components[0]!.lines[0]!.text).toBe('113 g plain flour')
    expect(
      cardOf(
        { ...bare, size: { target: { by: 'tin', keep: 'all' }, tins: [usualTin('square-20')] } },
        people,
      ),
    ).toContain('20 cm square')
  })
  test('a file of the first version is read: its corrections become edits, nothing of it is lost', () => {
    const { settled: _settled, tags: _tags, archived: _archived, ...before } = bare
    const old = {
      ...before,
      findings: [
        {
          code: 'ambiguous',
          severity: 'ask',
          lineId: 'l2',
          text: '1 tsp bicarbonate of soda',
          sentence: 'Which one?',
          corrections: [
            { label: 'that', ingredient: 'baking-soda' },
            { label: 'write it', text: '1 tsp baking soda' },
          ],
        },
      ],
    }
    const read = readBackup(
      JSON.stringify({ format: 'ingwer-house', version: 1, exported: when, people, bakes: [old] }),
    )
    if (!read.ok) throw new Error(read.problem.sentence)
    expect(read.house).toMatchObject({ people, ...nothing })
    expect(read.house.bakes[0]).toMatchObject({
      id: 'b1',
      settled: [],
      tags: [],
      archived: false,
      findings: [
        {
          key: expect.stringMatching(/^ambiguous:/u),
          corrections: [
            { edits: [{ do: 'say', lineId: 'l2', ingredient: 'baking-soda' }] },
            { edits: [{ do: 'retype', lineId: 'l2', text: '1 tsp baking soda' }] },
          ],
        },
      ],
    })
  })
  test('a file of the second version is read: its bakes have no packets yet', () => {
    const { ties: _ties, ticked: _ticked, ...before } = bare
    const read = readBackup(
      JSON.stringify({
        format: 'ingwer-house',
        version: 2,
        exported: when,
        people,
        bakes: [before],
        stock: emptyStock,
        pictures: [],
      }),
    )
    expect(read).toEqual({
      ok: true,
      aside: [],
      house: JSON.parse(JSON.stringify({ people, bakes: [bare], ...nothing })),
    })
  })
  test('groups, guests, packets with their history and labels go along', () => {
    const full: House = {
      ...house,
      people: [
        ...people,
        {
          id: 'g',
          name: 'Guest',
          avoids: [],
          diets: ['under-five'],
          things: [{ words: 'dill', ingredient: null }],
          note: 'baked only',
          guestOf: 'b1',
        },
      ],
      groups: [{ id: 's', name: 'Sunday', people: ['bram'] }],
      packets: [dark],
      labels: [{ packet: 'k', data: 'data:image/jpeg;base64,AAAA' }],
      bakes: [
        {
          ...bare,
          ties: [{ ingredient: 'cocoa', lineId: null, packets: ['k'] }],
          ticked: ['wood'],
        },
      ],
    }
    expect(readBackup(backupOf(full, when))).toEqual({
      ok: true,
      aside: [],
      house: JSON.parse(JSON.stringify(full)),
    })
    expect(
      readBackup(backupOf({ ...full, packets: [{ ...dark, checkedOn: 'yesterday' }] }, when)),
    ).toMatchObject({
      ok: true,
      house: { packets: [] },
      aside: [{ kind: 'packet', sentence: expect.stringContaining('“checkedOn”') }],
    })
  })
  const file = JSON.parse(backupOf(house, when)) as Record<string, never>
  test.each([
    ['no JSON', 'Dark sticky ginger loaf', 'not-json'],
    ['nothing', '', 'not-json'],
    ['half a file', backupOf(house, when).slice(0, 900), 'not-json'],
    ['another program’s', '{"recipes":[]}', 'foreign'],
    ['a list', '[1,2]', 'foreign'],
    ['null', 'null', 'foreign'],
    ['a newer one', JSON.stringify({ ...file, version: 99 }), 'newer'],
    ['no people', JSON.stringify({ ...file, people: undefined }), 'broken'],
    ['an extra key', JSON.stringify({ ...file, script: 'x' }), 'broken'],
    ['two of one id', JSON.stringify({ ...file, people: [people[0], people[0]] }), 'broken'],
    [
      'an unknown need',
      backupOf(
        {
          people: [{ ...people[0]!, avoids: [{ allergen: 'kryptonite', strictness: 'allergy' }] }],
          bakes: [],
          ...nothing,
        },
        when,
      ),
      'broken',
    ],
    ['a version in words', JSON.stringify({ ...file, version: '1' }), 'broken'],
  ])('%s is refused with a sentence', (_, text, code) => {
    const read = readBackup(text)
    expect(read).toMatchObject({ ok: false, problem: { code } })
    expect(!read.ok && read.problem.sentence).toMatch(/Nothing was changed\.|does not know/u)
  })
})

describe('what does not hold together', () => {
  const [first] = house.bakes
  const second: Bake = { ...first!, id: 'second', title: 'Second cake' }
  const two: House = { ...house, bakes: [first!, second] }
  const spoiled = (change: (text: string) => string) => {
    const file = JSON.parse(backupOf(two, when)) as { bakes: unknown[] }
    file.bakes[1] = JSON.parse(change(JSON.stringify(file.bakes[1])))
    return JSON.stringify(file)
  }
  test.each([
    ['a weight in words', (t: string) => t.replace(/"best":\s*[\d.]+/u, '"best":"much"'), /best/u],
    ['less than nothing', (t: string) => t.replace(/"best":\s*[\d.]+/u, '"best":-5'), /best/u],
    ['no source', (t: string) => t.replace(/"source":/u, '"sauce":'), /sauce|source/u],
    [
      'twice the same',
      (t: string) => t.replace('"id":"second"', `"id":"${first!.id}"`),
      /there twice/u,
    ],
    ['a script', (t: string) => t.replace('"archived"', '"script":"x","archived"'), /script/u],
  ])('%s: the bake is set aside with a sentence, the rest opens', (_, change, because) => {
    const read = readBackup(spoiled(change))
    if (!read.ok) throw new Error(read.problem.sentence)
    expect(read.house.bakes.map(b => b.id)).toEqual([first!.id])
    expect(read.house.people).toEqual(house.people)
    expect(read.aside.map(a => [a.kind, a.sentence])).toEqual([
      ['bake', expect.stringMatching(/“Second cake” does not hold together/u)],
    ])
    expect(read.aside[0]!.sentence).toMatch(because)
  })
  test('it goes along into the next file, and comes back once it holds', () => {
    const read = readBackup(spoiled(t => t.replace('"archived":false', '"archived":"no"')))
    if (!read.ok) throw new Error(read.problem.sentence)
    const next = backupOf(read.house, when, read.aside)
    const again = readBackup(next)
    expect(again.ok && [again.house.bakes.length, again.aside.length]).toEqual([1, 1])
    const mended = readBackup(next.replace('"archived": "no"', '"archived": false'))
    expect(mended.ok && [mended.house.bakes.map(b => b.id), mended.aside]).toEqual([
      [first!.id, 'second'],
      [],
    ])
  })
  test('what was written never keeps its own file from opening', () => {
    const bad = { ...second, title: 7 } as unknown as Bake
    const read = readBackup(backupOf({ ...house, bakes: [first!, bad] }, when))
    expect(read.ok && [read.house.bakes.length, read.aside.length]).toEqual([1, 1])
  })
  test('a step of 150,000 letters and a recipe of one endless line are kept and opened', () => {
    const long = readRecipe(`Cake\n\n200 g flour\n\nMethod\nMix ${'well and '.repeat(16_000)}.`)
    const one = readRecipe(`Cake\n\n200 g ${'very '.repeat(30_000)}plain flour`)
    for (const reading of each([long, one])) {
      const bake = bakeOf('long', reading, [], when)
      expect(keptProblem('bake', bake)).toBeNull()
      expect(readBackup(backupOf({ ...house, bakes: [bake] }, when))).toMatchObject({
        ok: true,
        aside: [],
      })
    }
  })
})

describe('what a card says', () => {
  const bun = readRecipe(
    `Dark bun
200 g plain flour
100 g dark chocolate
50 g sugar
2 eggs
5 g zorblax
Method
Mix and bake.`,
    { region: 'uk' },
  )
  const bake: Bake = {
    ...bakeOf('x', bun, ['bram', 'wren'], when),
    ties: [{ ingredient: 'dark-chocolate', lineId: null, packets: ['k', 'gone'] }],
  }
  const facts = cardFacts(bake, people, { packets: [dark], today: '2026-01-15' })
  test('what is in it comes from lines and packets, by name', () => {
    expect(facts.contains).toEqual(['cocoa', 'egg', 'soy', 'wheat'])
    expect(facts.mayContain).toContain('hazelnut')
    expect(facts.packets).toEqual([
      {
        name: 'Lantern dark 70',
        statement: 'Cocoa mass, sugar, emulsifier: soya lecithin. May contain hazelnuts.',
        checkedOn: '2026-01-10',
      },
    ])
  })
  test('a packet of what a plan has left behind is on no card', () => {
    const adapted = {
      ...bun.recipe,
      components: bun.recipe.components.map(c => ({
        ...c,
        lines: c.lines.filter(l => l.ingredient !== 'dark-chocolate'),
      })),
    }
    const after = cardFacts(
      {
        ...bake,
        recipe: adapted,
        ties: [...bake.ties, { ingredient: null, lineId: 'l99', packets: ['k'] }],
      },
      people,
      { packets: [dark], today: '2026-01-15' },
    )
    expect([after.contains, after.packets, after.unknown]).toEqual([
      ['egg', 'wheat'],
      [],
      ['5 g zorblax'],
    ])
    const served = {
      ...adapted,
      components: adapted.components.map(c => ({ ...c, steps: ['Serve with dark chocolate.'] })),
    }
    expect(
      cardFacts({ ...bake, recipe: served }, people, { packets: [dark], today: '2026-01-15' })
        .packets,
    ).toHaveLength(1)
  })
  test('what nobody knows or read is said as such', () => {
    expect(facts.unknown).toContain('5 g zorblax')
    expect(facts.notChecked).toEqual(['plain flour', 'sugar', 'zorblax'])
    expect(facts.claims.coverage).toEqual({ lines: 5, bought: 4, onPackets: 1 })
    expect(
      cardFacts(bake, people, { packets: [dark], today: '2027-01-15' }).unknown.join(),
    ).toMatch(/Lantern dark 70 \(it was read 370 days ago/u)
  })
  test('only who sits at the table is named, and nothing is claimed where somebody cannot eat it', () => {
    expect(facts.checkedFor.map(p => p.id)).toEqual(['bram', 'wren'])
    expect(facts.claims.table).toBeNull()
    expect(facts.claims.notFor.map(u => u.personId)).toEqual(['wren'])
    expect(facts.claims.notKnown.map(u => u.personId)).toEqual(['bram'])
  })
  test('the code holds the same in short and is never longer than such a code is read', () => {
    expect(codeText(facts)).toContain('Contains: cocoa, egg, soy, wheat')
    expect(
      codeText({ ...facts, unknown: Array.from({ length: 90 }, (_, i) => `thing number ${i}`) })
        .length,
    ).toBeLessThanOrEqual(600)
    expect(
      new TextEncoder().encode(
        codeText({ ...facts, unknown: Array.from({ length: 90 }, () => '½ ü“”') }),
      ).length,
    ).toBeLessThanOrEqual(600)
    expect(
      codeText({ ...facts, unknown: Array.from({ length: 90 }, (_, i) => `thing number ${i}`) }),
    ).toMatch(/^Contains: cocoa, egg, soy, wheat$[\s\S]*^Not known: see the card$/mu)
  })
  test('the HTML card runs and fetches nothing, and shows what was typed as it was typed', () => {
    const page = cardHtml({ ...bake, title: '<script>alert(1)</script>' }, people, {
      packets: [{ ...dark, name: '"><img src=x>' }],
      today: '2026-01-15',
    })
    expect(page).not.toMatch(/<script|<img|https?:|@import|url\(/u)
    expect(page).toContain('&lt;script&gt;alert(1)&lt;/script&gt;')
  })
  test.each([
    ['Custard slice', '200 ml double cream\n100 g sugar', 2, '2026-01-17'],
    ['Rye shortbread', '200 g rye flour\n100 g butter', 7, '2026-01-22'],
    ['Plum traybake', '300 g plums\n200 g flour', 2, '2026-01-17'],
    ['Meringue nests', '4 egg whites\n200 g sugar', 7, '2026-01-22'],
    ['Plain cake', '200 g flour\n200 g sugar', 3, '2026-01-18'],
  ])('%s keeps by what is in it', (title, lines, days, useBy) =>
    expect(keepingOf(readRecipe(`${title}\n${lines}`).recipe, '2026-01-15')).toMatchObject({
      days,
      useBy,
    }),
  )
  test.each([
    ['a dry cake', 'Plain cake', '200 g flour', 'Keeps for 5 days in a tin.', 5, 60],
    ['a dry cake, less', 'Plain cake', '200 g flour', 'Eat within 2 days.', 2, 60],
    ['ahead says as much', 'Plain cake', '200 g flour', 'Can be made 6 days ahead.', 6, 60],
    ['ahead takes nothing off', 'Plain cake', '200 g flour', 'Can be made a day ahead.', 3, 60],
    [
      'what spoils keeps no longer',
      'Custard slice',
      '200 ml double cream',
      'Keeps for a week.',
      2,
      0,
    ],
    ['what spoils, less', 'Custard slice', '200 ml double cream', 'Keeps for 1 day.', 1, 0],
    ['frozen', 'Plain cake', '200 g flour', 'Freezes for 3 months.', 3, 90],
    ['never frozen', 'Plain cake', '200 g flour', 'It does not freeze.', 3, 0],
  ])('the recipe says itself how it keeps: %s', (_, title, lines, says, days, frozenDays) => {
    const method = `Method\nMix everything and bake for 30 minutes.\n${says}`
    const { recipe } = readRecipe(`${title}\n\n${lines}\n100 g sugar\n\n${method}`)
    expect(keepingOf(recipe, '')).toMatchObject({ days, frozenDays, told: [says] })
  })
  test('without a day there is no last day', () =>
    expect(keepingOf(bun.recipe, '').useBy).toBeNull())
})

describe('the card', () => {
  const card = cardOf(chosen, people)
  test('names the people, the claim, the packets, the recipe and what was not checked', () => {
    for (const part of [
      '# Dark sticky ginger loaf',
      '- Ottilie: egg (allergy, traces count)',
      'Not known for ',
      'no packet was read',
      '## Packets to read',
      '## Recipe',
      'block plant butter',
      'Not checked:',
      'emergency plan',
    ])
      expect(card).toContain(part)
  })
  test('says what will differ and how sure it is, and never that it is safe', () => {
    expect(card).toContain(chosen.plan!.confidence)
    expect(card).toContain('Different: ')
    expect(card.replace(/\bnot safe to eat\b/gu, '')).not.toMatch(/\bsafe\b/iu)
  })
  test('makes no claim for a recipe that somebody cannot eat', () => {
    expect(cardOf(bare, people)).toContain('**Not for Ottilie, Bram, Ikenna and Philippa.**')
    expect(cardHtml(bare, people, { packets: [], today: '' })).toContain(
      '<p class="not-for">Not for Ottilie, Bram, Ikenna and Philippa.</p>',
    )
    expect(cardOf(bare, people)).toContain('no plan is chosen yet')
  })
  test('what was typed cannot become markup', () => {
    const nasty = cardOf({ ...bare, title: '<img src=x> # [a](b) `c`' }, people)
    expect(nasty.split('\n')[0]).toBe('# \\<img src=x\\> \\# \\[a\\](b) \\`c\\`')
  })
  test('where one method makes all parts, their things come first and the method once, in its order', () => {
    const text = `Pear crumble

For the fruit
800 g pears
60 g sugar

For the crumble
180 g plain flour
90 g rapeseed oil

Method
Cook the pears with the sugar for 5 minutes.
For the crumble, stir the oil into the flour.
Scatter over the pears. Bake at 180 °C for 40 minutes.`
    const card = cardOf(bakeOf('p', readRecipe(text), [], when), people)
    const at = (words: string) => {
      const found = card.indexOf(words)
      expect(found).toBeGreaterThan(0)
      return found
    }
    const order = [
      '### Fruit',
      '- 800 g pears',
      '### Crumble',
      '- 180 g plain flour',
      '### Method',
      '1. Cook the pears',
      '2. For the crumble',
      '3. Scatter',
    ].map(at)
    expect(order).toEqual([...order].sort((a, b) => a - b))
  })
})
