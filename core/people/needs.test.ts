import { each } from '../../tests/each'
import { describe, expect, test } from '@jest/globals'
import { newPacket, noWords, readRecipe } from '#core'
import type { Packet } from '#core/packet'
import { avoidables, pantry } from '#core/pantry'
import { cautionsAt } from './cautions'
import { checkPeople } from './check'
import { claims, saidOf, type Claims, packetsToCheck, coverageOf } from './claim'
import type { CheckedPacket } from './conflict'
import { contactPlan } from './contact'
import type { Person } from './person'
import { joinedChanges, recheck } from './recheck'
import { dietRows } from './tables/diets'
import { lawLists } from './tables/lists'
import { packetsFor, whoMayEat, type PacketLink } from './tie'
import { cautionRows } from './tables/cautions'

const person = (more: Partial<Person>): Person => ({
  id: 'p',
  name: 'Ada',
  avoids: [],
  diets: [],
  ...more,
})
const recipe = (
  lines: string,
  steps = 'Mix and bake for 20 minutes.',
  region: 'uk' | 'us' = 'uk',
) => readRecipe(`Bun\n${lines}\nMethod\n${steps}`, { region }).recipe
const check = (
  lines: string,
  who: Person,
  packets: readonly CheckedPacket[] = [],
  steps?: string,
  region?: 'us',
) => checkPeople(recipe(lines, steps, region), [who], { packets }).people[0]!
const packet = (statement: string, more: Partial<Packet> = {}): Packet => ({
  ...newPacket('k', 'Lantern', 'dark-chocolate'),
  words: { ...noWords, statement },
  checkedOn: '2026-01-10',
  ...more,
})
const tie: PacketLink = { ingredient: 'dark-chocolate', lineId: null, packets: ['k'] }
const today = '2026-01-15'
const milk = person({ avoids: [{ allergen: 'milk', strictness: 'choice' }] })
const milkTraces = person({ avoids: [{ allergen: 'milk', strictness: 'allergy' }] })

describe('diets are rules over the pantry', () => {
  test.each([
    ['honey', 'vegan', '50 g honey', 'conflict'],
    ['gelatine', 'vegetarian', '3 sheets gelatine', 'conflict'],
    ['lard', 'vegan', '50 g lard', 'conflict'],
    ['colour perhaps carmine', 'vegan', '1 tsp red food colouring', 'unknown'],
    ['alcohol', 'no-alcohol', '2 tbsp rum', 'conflict'],
    ['alcohol in an extract', 'no-alcohol', '1 tsp vanilla extract', 'unknown'],
    ['oats', 'coeliac', '100 g rolled oats', 'conflict'],
    ['certified oats', 'coeliac', '100 g gluten-free oats', 'unknown'],
    ['milk', 'pareve-style', '50 g butter', 'conflict'],
    ['egg is pareve', 'pareve-style', '2 eggs', 'clear'],
    ['gelatine', 'pareve-style', '3 sheets gelatine', 'conflict'],
    ['honey', 'under-one', '50 g honey', 'conflict'],
    ['honey later', 'under-five', '50 g honey', 'clear'],
    ['whole nuts', 'under-five', '60 g whole almonds', 'conflict'],
    ['ground nuts', 'under-five', '60 g ground almonds', 'clear'],
    ['chopped nuts', 'under-one', '60 g walnuts, chopped', 'conflict'],
    ['rum', 'pregnant', '2 tbsp rum', 'conflict'],
    ['a baked egg', 'pregnant', '2 eggs', 'clear'],
  ] as const)('%s for %s', (_, diet, lines, verdict) =>
    expect(check(`${lines}\n100 g rice flour`, person({ diets: [diet] })).verdict).toBe(verdict),
  )
  test('a raw egg is not known to be heated', () => {
    const raw = check(
      '2 eggs\n100 g sugar',
      person({ diets: ['pregnant'] }),
      [],
      'Whisk until pale and chill for 3 hours.',
    )
    expect(raw).toMatchObject({
      verdict: 'unknown',
      conflicts: [
        {
          allergen: 'raw-egg',
          rule: 'diet',
          state: 'unknown',
          because: 'egg: nothing here says that the egg is heated (pregnant)',
        },
      ],
    })
    expect(
      check(
        '100 g pasteurised eggs\n100 g sugar',
        person({ diets: ['pregnant'] }),
        [],
        'Whisk and chill.',
      ).conflicts.filter(c => c.rule === 'diet'),
    ).toEqual([])
  })
  test(
    'sugar that may be whitened over bone char is worth asking of a vegan’s, and counts only ' +
      'for who says so',
    () => {
      expect(check('100 g sugar', person({ diets: ['vegan'] }), [], undefined, 'us')).toMatchObject(
        {
          verdict: 'clear',
          asks: [{ allergen: 'bone-char' }],
        },
      )
      expect(check('100 g sugar', person({ diets: ['vegan'] })).asks).toEqual([])
      expect(
        check('100 g sugar', person({ diets: ['strict-vegan'] }), [], undefined, 'us'),
      ).toMatchObject({ verdict: 'unknown', conflicts: [{ rule: 'diet' }], asks: [] })
      expect(
        claims(
          recipe('100 g sugar', 'Mix.', 'us'),
          [person({ diets: ['vegan'] })],
          [{ ingredient: 'sugar', contains: [], mayContain: [] }],
        ).table!.says,
      ).toMatch(/Not asked: .*bone char/u)
    },
  )
  test('every diet names ids that there are', () => {
    const ids = new Set(avoidables.map(a => a.id))
    for (const row of each(dietRows)) expect(row.avoids.filter(id => !ids.has(id))).toEqual([])
  })
})

describe('the lists of the law', () => {
  // Regulation (EU) 1169/2011 Annex II; FALCPA with FASTER; AU/NZ Standard 1.2.3 Schedule 9, as in
  // the check values. [L]
  const leaf = {
    eu: 'celery crustacean egg fish gluten lupin milk mollusc mustard peanut sesame soy sulphite tree-nut',
    us: 'egg fish milk peanut sesame shellfish soy tree-nut wheat',
    au:
      'almond brazil cashew crustacean egg fish gluten hazelnut lupin macadamia milk mollusc ' +
      'peanut pecan pine pistachio sesame soy sulphite walnut wheat',
  }
  test.each(Object.entries(leaf))('%s', (id, entries) =>
    expect([...lawLists.find(l => l.id === id)!.entries].sort()).toEqual(entries.split(' ')),
  )
  test('the EU’s nuts and cereals are members of their groups', () => {
    const members = (group: string) => avoidables.filter(a => a.in?.includes(group)).map(a => a.id)
    expect(members('tree-nut')).toEqual(
      expect.arrayContaining([
        'almond',
        'hazelnut',
        'walnut',
        'cashew',
        'pecan',
        'brazil',
        'pistachio',
        'macadamia',
      ]),
    )
    expect(members('gluten')).toEqual(expect.arrayContaining(['wheat', 'rye', 'barley', 'oat']))
  })
})

describe('things by name', () => {
  test('by the pantry’s ingredient, by the words, by a packet’s words', () => {
    expect(
      check(
        '100 g sultanas',
        person({ things: [{ words: 'golden raisins', ingredient: 'sultanas' }] }),
      ).verdict,
    ).toBe(
      recipe('100 g sultanas').components[0]!.lines[0]!.ingredient === 'sultanas'
        ? 'conflict'
        : 'clear',
    )
    expect(
      check('2 tsp dill seed', person({ things: [{ words: 'Dill', ingredient: null }] })).conflicts,
    ).toContainEqual(
      expect.objectContaining({
        rule: 'thing',
        state: 'contains',
        because: 'this is, or names, Dill',
      }),
    )
    expect(
      check(
        '100 g dark chocolate',
        person({ things: [{ words: 'palm oil', ingredient: null }] }),
        packetsFor([tie], [packet('Cocoa mass, palm oil')], today),
      ).conflicts,
    ).toContainEqual(
      expect.objectContaining({ rule: 'thing', because: 'the packet “Lantern” names palm oil' }),
    )
    expect(
      check(
        '100 g sugar',
        person({
          things: [
            { words: 'dill', ingredient: null },
            { words: '  ', ingredient: null },
          ],
        }),
      ).verdict,
    ).toBe('clear')
  })
})

describe('packets in the check', () => {
  const bar = '100 g dark chocolate'
  const with_ = (p: Packet, who: Person, day = today) =>
    check(bar, who, packetsFor([tie], [p], day))
  test('a read packet settles what its kind may hold', () => {
    expect(check(bar, milk).conflicts[0]).toMatchObject({ state: 'unknown', rule: 'may-hold' })
    expect(with_(packet('Cocoa mass, sugar'), milk).verdict).toBe('clear')
    expect(with_(packet('Cocoa mass, milk powder'), milk).conflicts[0]).toMatchObject({
      state: 'contains',
      rule: 'packet-contains',
      because: 'the packet “Lantern” names milk',
      source: 'the packet',
    })
  })
  test('traces count for those who avoid traces only', () => {
    const p = packet('Cocoa mass, sugar. May contain milk.')
    expect(with_(p, milk).verdict).toBe('clear')
    expect(with_(p, milkTraces).conflicts).toEqual([
      expect.objectContaining({ state: 'may contain', rule: 'packet-trace' }),
    ])
    expect(with_(packet('Cocoa mass'), milkTraces).verdict).toBe('clear')
  })
  test('open words and unknown words leave it unknown', () => {
    expect(
      with_(
        packet('Cocoa mass, lecithin'),
        person({ avoids: [{ allergen: 'soy', strictness: 'choice' }] }),
      ).conflicts,
    ).toEqual([expect.objectContaining({ state: 'unknown', rule: 'packet-open' })])
    expect(with_(packet('Cocoa mass, zorblax'), milk).conflicts).toEqual([
      expect.objectContaining({
        state: 'unknown',
        rule: 'packet-words',
        because: 'the packet “Lantern” has words that are not known: “zorblax”',
      }),
    ])
  })
  test('a packet that does not count as read settles nothing, though what it names counts', () => {
    expect(with_(packet('Cocoa mass'), milk, '2027-01-01').conflicts.map(c => c.rule)).toEqual([
      'packet-not-read',
      'may-hold',
    ])
    expect(with_(packet('Cocoa mass, milk', { checkedOn: '' }), milk).verdict).toBe('conflict')
    expect(
      check(bar, milk, packetsFor([{ ...tie, packets: ['gone'] }], [], today)).conflicts.map(
        c => c.because,
      ),
    ).toContainEqual('its packet does not count as read: it is no longer in the house')
  })
  test('a group on a packet may be the one that matters', () => {
    expect(
      with_(
        packet('Cocoa mass, nuts'),
        person({ avoids: [{ allergen: 'almond', strictness: 'choice' }] }),
      ).conflicts,
    ).toEqual([expect.objectContaining({ state: 'unknown', rule: 'group' })])
    expect(
      with_(
        packet('Cocoa mass, almonds'),
        person({ avoids: [{ allergen: 'tree-nut', strictness: 'choice', except: ['almond'] }] }),
      ).verdict,
    ).toBe('clear')
    expect(
      check(
        '100 g mixed nuts',
        person({ avoids: [{ allergen: 'almond', strictness: 'choice' }] }),
        packetsFor([{ ...tie, ingredient: 'mixed-nuts' }], [packet('Peanuts, cashews')], today),
      ).verdict,
    ).toBe('clear')
  })
  test('certified oats go by the mark on their packet; wheat in them does not', () => {
    const coeliac = person({ diets: ['coeliac'] })
    const oats = (statement: string, marks = '') =>
      check(
        '100 g gluten-free oats',
        coeliac,
        packetsFor(
          [{ ...tie, ingredient: 'oat-flakes-certified' }],
          [packet(statement, { words: { ...noWords, statement, marks } })],
          today,
        ),
      )
    expect(oats('Oats', 'Gluten free')).toMatchObject({
      verdict: 'clear',
      asks: [{ allergen: 'oats' }],
    })
    expect(oats('Oats').verdict).toBe('unknown')
    expect(oats('Oats, wheat flour', 'Gluten free').verdict).toBe('conflict')
  })
  test('words that deny are settled by a packet that does not name it', () => {
    expect(check('50 g lactose-free dairy-free single cream', milk).verdict).toBe('unknown')
    const id = recipe('50 g lactose-free dairy-free single cream').components[0]!.lines[0]!
      .ingredient
    expect(
      check(
        '50 g lactose-free dairy-free single cream',
        milk,
        packetsFor([{ ...tie, ingredient: id }], [packet('Sugar, palm oil')], today),
      ).verdict,
    ).toBe('clear')
  })
  test('a packet tied to one line says what an unknown line is made of', () => {
    const line = { ingredient: null, lineId: 'l1', packets: ['k'] }
    expect(check('10 g zorblax', milk).verdict).toBe('unknown')
    expect(check('10 g zorblax', milk, packetsFor([line], [packet('Sugar')], today)).verdict).toBe(
      'clear',
    )
    expect(
      check('10 g zorblax', milk, packetsFor([line], [packet('Sugar, whey')], today)).verdict,
    ).toBe('conflict')
    expect(
      check('5 g sugar\n10 g zorblax', milk, packetsFor([line], [packet('Sugar')], today)).verdict,
    ).toBe('unknown')
  })
  test('who may eat what is in a packet by itself', () => {
    expect(
      whoMayEat(packet('Cocoa mass, whey'), [milk, person({ id: 'q' })], today).people.map(p => [
        p.personId,
        p.verdict,
      ]),
    ).toEqual([
      ['p', 'conflict'],
      ['q', 'clear'],
    ])
    expect(whoMayEat(packet('Sugar', { ingredient: null }), [milk], today).people[0]!.verdict).toBe(
      'clear',
    )
    expect(whoMayEat(packet('', { ingredient: null }), [milk], today).people[0]!.verdict).toBe(
      'unknown',
    )
  })
  test('lines that rest on packets are counted; water, eggs and fruit come in none', () => {
    const bun = recipe(
      '200 g plain flour\n100 g dark chocolate\n100 ml water\n2 eggs\n1 apple\n5 g zorblax',
    )
    expect(coverageOf(bun, [])).toEqual({ lines: 6, bought: 3, onPackets: 0 })
    expect(coverageOf(bun, packetsFor([tie], [packet('Cocoa mass')], today)).onPackets).toBe(1)
    expect(coverageOf(bun, packetsFor([tie], [packet('Cocoa mass')], '2027-01-01')).onPackets).toBe(
      0,
    )
    expect(
      coverageOf(
        bun,
        packetsFor([{ ingredient: null, lineId: 'l6', packets: ['k'] }], [packet('Sugar')], today),
      ).onPackets,
    ).toBe(1)
  })
})

const unclaimed = ({ notFor, notKnown }: Claims) => [...notFor, ...notKnown]

describe('claims', () => {
  const bun = recipe('200 g rice flour\n100 g dark chocolate')
  const nut = person({
    id: 'n',
    name: 'Ben',
    avoids: [{ allergen: 'tree-nut', strictness: 'choice', except: ['almond'] }],
    things: [{ words: 'dill', ingredient: null }],
  })
  test('one for the table where it holds, one for each, resting on what was read', () => {
    const found = claims(bun, [milk, nut], packetsFor([tie], [packet('Cocoa mass')], today))
    expect(found.table!.says).toBe(
      'No milk, tree nuts (but almond) or dill found for Ada and Ben, as an ingredient: 2 lines ' +
        'and the steps looked at, 1 of 2 bought ones by their packets.',
    )
    expect(found.each.map(c => c.people)).toEqual([['p'], ['n']])
    expect(found.table).toMatchObject({
      about: ['milk', 'tree-nut'],
      resting: { lines: 2, bought: 2, onPackets: 1 },
    })
    expect(found.restsSays).toBe('1 of 2 bought lines rest on a packet that was read')
    expect([found.notFor, found.notKnown]).toEqual([[], []])
  })
  test('before any packet was read nothing is claimed; for whoever traces count, before all were', () => {
    const strict = person({ avoids: [{ allergen: 'milk', strictness: 'allergy' }] })
    const plain = recipe('200 g rice flour\n100 g sugar')
    expect(saidOf(claims(plain, [milk, { ...strict, id: 's', name: 'Sue' }]))).toEqual([
      {
        is: 'not known',
        says:
          'Not known for Ada and Sue: no packet was read (in the words of 2 lines nothing was ' +
          'found).',
      },
    ])
    const one = [{ ingredient: 'rice-flour', contains: [], mayContain: [] }]
    expect(saidOf(claims(plain, [strict], one))[0]!.says).toBe(
      'Not known for Ada: 1 of 2 bought lines rest on no packet that was read (in the words of 2 ' +
        'lines nothing was found).',
    )
    const both = [...one, { ingredient: 'sugar', contains: [], mayContain: [] }]
    expect(saidOf(claims(plain, [strict], both))).toEqual([
      {
        is: 'claim',
        says:
          'No milk found for Ada, traces counted: 2 lines and the steps looked at, 2 of 2 bought ' +
          'ones by their packets.',
      },
    ])
  })
  test('a trace blocks whoever it counts for, and nobody else; who must not eat it is said first', () => {
    const strict = person({
      id: 's',
      name: 'Sue',
      avoids: [{ allergen: 'milk', strictness: 'allergy' }],
    })
    const vegan = person({ id: 'v', name: 'Vic', diets: ['vegan'] })
    const eggs = person({
      id: 'e',
      name: 'Eve',
      avoids: [{ allergen: 'egg', strictness: 'choice' }],
    })
    const packets = packetsFor([tie], [packet('Cocoa mass. May contain milk.')], today)
    const cake = recipe('100 g dark chocolate\n2 eggs')
    expect(saidOf(claims(cake, [milk, strict, eggs, vegan], packets)).map(s => s.says)).toEqual([
      'Not for Eve and Vic.',
      'Not known for Sue: the packet “Lantern” says that it may contain milk (“100 g dark chocolate”).',
      'No milk found for Ada, as an ingredient: 2 lines and the steps looked at, 1 of 1 bought ones ' +
        'by their packets.',
    ])
  })
  test('whoever carries emergency medicine is named first, and traces count for all their needs', () => {
    const carrier = person({
      id: 'c',
      name: 'Cleo',
      carries: true,
      avoids: [{ allergen: 'milk', strictness: 'choice' }],
    })
    const packets = packetsFor([tie], [packet('Cocoa mass. May contain milk.')], today)
    const found = claims(recipe('100 g dark chocolate\n50 g butter'), [milk, carrier])
    expect(found.notFor.map(u => u.name)).toEqual(['Cleo', 'Ada'])
    expect(
      claims(recipe('100 g dark chocolate'), [milk, carrier], packets).notKnown.map(u => u.name),
    ).toEqual(['Cleo'])
  })
  test('lactose-free milk is for who cannot take lactose, and is milk for an allergy', () => {
    const lactose = person({ diets: ['lactose'] })
    const allergic = person({ avoids: [{ allergen: 'milk', strictness: 'allergy' }] })
    const of = (lines: string, who: Person, packets: readonly CheckedPacket[] = []) =>
      checkPeople(recipe(lines), [who], { packets }).people[0]!
    expect(of('100 ml lactose-free milk', lactose)).toMatchObject({
      verdict: 'clear',
      asks: [{ allergen: 'still-milk' }],
    })
    expect(of('100 ml lactose-free milk', allergic).verdict).toBe('conflict')
    expect(of('100 ml milk', lactose).verdict).toBe('conflict')
    const says = (statement: string) => packetsFor([tie], [packet(statement)], today)
    const dark = '100 g dark chocolate'
    expect(of(dark, lactose, says('Cocoa mass, milk')).verdict).toBe('conflict')
    expect(of(dark, lactose, says('Lactose-free. Cocoa mass, milk')).verdict).toBe('clear')
    expect(of(dark, allergic, says('Lactose-free. Cocoa mass, milk')).verdict).toBe('conflict')
  })
  test('raw alone: what its own part cooks is asked, and raw it counts', () => {
    const raw = person({
      avoids: [{ allergen: 'hazelnut', strictness: 'choice', onlyRaw: true }],
    })
    const of = (steps: string) => checkPeople(recipe('100 g hazelnuts', steps), [raw]).people[0]!
    expect(of('Grind the nuts. Bake for 20 minutes.')).toMatchObject({ verdict: 'clear' })
    expect(of('Grind the nuts. Bake for 20 minutes.').asks[0]!.because).toMatch(
      /cooked through\?$/u,
    )
    expect(of('Grind the nuts and chill.').verdict).toBe('conflict')
  })
  test('names for many things, things that may be any of them, and gelatine by its animal', () => {
    const of = (lines: string, who: Person) => checkPeople(recipe(lines), [who]).people[0]!.verdict
    const not = (words: string, ingredient: string | null = null) =>
      person({ things: [{ words, ingredient }] })
    expect(of('100 g raspberries', not('berries'))).toBe('conflict')
    expect(of('1 lemon', not('citrus'))).toBe('conflict')
    expect(of('1 tsp ground cinnamon', not('spices'))).toBe('conflict')
    expect(of('100 g mixed berries', not('strawberries', 'strawberries'))).toBe('unknown')
    expect(of('50 g mixed nuts', not('walnuts', 'walnuts'))).toBe('unknown')
    expect(of('2 apples', not('berries'))).toBe('clear')
    // Jam may be of any fruit, until its packet is read.
    expect(of('50 g jam', not('berries'))).toBe('unknown')
    expect(of('50 g jam', not('legumes'))).toBe('clear')
    const jam = { ingredient: 'jam', contains: [], mayContain: [], statement: 'Apricots, sugar' }
    const withJam = (who: Person, packet: CheckedPacket) =>
      checkPeople(recipe('50 g jam'), [who], { packets: [packet] }).people[0]!.verdict
    expect(withJam(not('berries'), jam)).toBe('clear')
    expect(withJam(not('berries'), { ...jam, notRead: 'it is old' })).toBe('unknown')
    expect(withJam(not('apricots'), jam)).toBe('conflict')
    // Mixed ones may be any of them, and are themselves.
    expect(of('100 g mixed berries', not('berries'))).toBe('conflict')
    expect(of('100 g mixed berries', not('mixed berries', 'berries'))).toBe('conflict')
    expect(of('100 g mixed berries', not('apples', 'apple'))).toBe('clear')
    expect(of('100 g mixed berries', not('nothing known'))).toBe('clear')
    expect(of('100 g zorblax', not('strawberries', 'strawberries'))).toBe('unknown')
    expect(of('100 g plain flour', not('strawberries', 'strawberries'))).toBe('clear')
    const pork = person({ avoids: [{ allergen: 'pork', strictness: 'choice' }] })
    expect(of('3 sheets gelatine', pork)).toBe('unknown')
    expect(of('50 g lard', pork)).toBe('conflict')
    expect(of('50 g suet', pork)).toBe('clear')
  })
  test('whoever cannot eat it gets a reason and no claim, and the table none', () => {
    const found = claims(bun, [milk, nut], packetsFor([tie], [packet('Cocoa mass, whey')], today))
    expect(found.table).toBeNull()
    expect(found.each.map(c => c.people[0])).toEqual(['n'])
    expect(found.notFor).toEqual([
      {
        personId: 'p',
        name: 'Ada',
        because: 'the packet “Lantern” names milk (“100 g dark chocolate”)',
      },
    ])
  })
  test('one line is one line; diets are what it is about, too', () => {
    const one = claims(
      recipe('100 g rice flour'),
      [person({ diets: ['vegan'], avoids: [{ allergen: 'egg', strictness: 'choice' }] })],
      [{ ingredient: 'rice-flour', contains: [], mayContain: [] }],
    ).table!
    expect(one.says).toMatch(/: 1 line and the steps looked at, 1 of 1 bought ones by/u)
    expect(one.about).toEqual(['egg', 'vegan'])
    expect(claims(bun, [milk]).table).toBeNull()
  })
  test('the reason that weighs most is given, with the words it is about', () => {
    const why = (lines: string, who: Person, packets: readonly CheckedPacket[] = []) =>
      unclaimed(claims(recipe(lines), [person({ id: 'other', name: 'Other' }), who], packets)).find(
        u => u.personId === who.id,
      )!.because
    expect(why('10 g zorblax\n100 g dark chocolate\n50 g butter', milk)).toBe(
      'butter contains milk (“50 g butter”)',
    )
    expect(why('100 g dark chocolate\n10 g zorblax', milk)).toBe(
      '“10 g zorblax” is not known (“10 g zorblax”)',
    )
    expect(
      why('100 g sugar', person({ avoids: [{ allergen: 'kryptonite', strictness: 'allergy' }] })),
    ).toBe('“kryptonite” among Ada’s needs is nothing that Ingwer knows, so nothing can be said')
    expect(
      unclaimed(
        claims(
          readRecipe('x\n2 eggs\n100 g dark chocolate\nMethod\nWhisk.', { region: 'uk' }).recipe,
          [person({ diets: ['pregnant'], avoids: [{ allergen: 'milk', strictness: 'choice' }] })],
        ),
      )[0]!.because,
    ).toBe('egg: nothing here says that the egg is heated (pregnant) (“2 eggs”)')
  })
  test('packets to read are those of ingredients that somebody’s needs make doubtful, and no others', () => {
    const pregnantMilk = person({
      diets: ['pregnant'],
      avoids: [{ allergen: 'milk', strictness: 'choice' }],
    })
    expect(
      packetsToCheck(
        readRecipe('x\n2 eggs\n100 g dark chocolate\n50 g butter\n5 g zorblax\nMethod\nWhisk.', {
          region: 'uk',
        }).recipe,
        [pregnantMilk],
      ),
    ).toEqual([{ ingredient: 'dark-chocolate', name: 'dark chocolate', lookFor: ['milk'] }])
    expect(
      packetsToCheck(
        recipe('10 g zorblax'),
        [milk],
        checkPeople(recipe('10 g zorblax'), [milk], {
          packets: [
            { ingredient: null, lineId: 'l1', contains: [], mayContain: [], open: ['milk'] },
          ],
        }),
      ),
    ).toEqual([])
  })
  test('an old packet withdraws the claim; a diet’s question does too', () => {
    expect(
      claims(bun, [milk], packetsFor([tie], [packet('Cocoa mass')], '2027-01-15')).table,
    ).toBeNull()
    expect(claims(recipe('2 eggs', 'Whisk.'), [person({ diets: ['pregnant'] })]).table).toBeNull()
    const nobody = { table: null, each: [], notFor: [], notKnown: [] }
    expect(claims(bun, [person({})])).toMatchObject(nobody)
    expect(saidOf(claims(bun, []))).toEqual([{ is: 'nobody', says: 'Checked for nobody.' }])
  })
})

describe('what a change does to a recipe', () => {
  const bun = recipe('100 g dark chocolate')
  const at = (people: readonly Person[], p?: Packet) => ({
    people,
    packets: p ? packetsFor([tie], [p], today) : [],
  })
  test('another verdict, with what is new of its reasons', () =>
    expect(
      recheck(bun, ['p'], at([milk], packet('Cocoa mass')), at([milk], packet('Cocoa mass, whey'))),
    ).toEqual([
      {
        personId: 'p',
        name: 'Ada',
        from: 'clear',
        to: 'conflict',
        because: ['contains: the packet “Lantern” names milk (“100 g dark chocolate”)'],
      },
    ]))
  test('the same verdict for other reasons is a change; the same reasons are none', () => {
    expect(
      recheck(bun, ['p'], at([milk]), at([milk], packet('Cocoa mass, zorblax')))[0],
    ).toMatchObject({
      from: 'unknown',
      to: 'unknown',
      because: [expect.stringMatching(/zorblax/u), expect.stringMatching(/^no longer unknown: /u)],
    })
    expect(recheck(bun, ['p'], at([milk]), at([{ ...milk, note: 'x' }]))).toEqual([])
  })
  test('who leaves or comes is said; who does not sit there is not', () => {
    expect(recheck(bun, ['p'], at([milk]), at([]))).toEqual([
      { personId: 'p', name: 'Ada', from: 'unknown', to: null, because: [] },
    ])
    expect(recheck(bun, ['p'], at([]), at([milk]))[0]).toMatchObject({ from: null, to: 'unknown' })
    expect(recheck(bun, ['q'], at([milk]), at([]))).toEqual([])
  })
  test('two changes, one after the other, are one; what is taken back is none', () => {
    const [plain, whey] = [at([milk], packet('Cocoa mass')), at([milk], packet('Cocoa mass, whey'))]
    const odd = at([milk], packet('Cocoa mass, zorblax'))
    const between = (a: typeof plain, b: typeof plain) => recheck(bun, ['p'], a, b)
    expect(joinedChanges(between(plain, whey), between(whey, plain))).toEqual([])
    expect(joinedChanges(between(plain, odd), between(odd, whey))).toEqual(between(plain, whey))
    expect(joinedChanges([], between(plain, whey))).toEqual(between(plain, whey))
    expect(joinedChanges(between(plain, whey), [])).toEqual(between(plain, whey))
    const left = between(whey, at([]))
    expect(joinedChanges(between(plain, whey), left)).toMatchObject([{ from: 'clear', to: null }])
  })
})

describe('cautions and cross-contact', () => {
  test(
    'whatever a row of cautions or of a diet speaks of is in the pantry: a row that can ' +
      'never be called is none',
    () => {
      const there = new Set([
        ...pantry.map(item => item.id),
        ...pantry.map(item => `kind:${item.kind}`),
      ])
      expect(
        [
          ...cautionRows.flatMap(row => [...row.when, ...(row.unless ?? [])]),
          ...dietRows.flatMap(row => row.rules.flatMap(rule => rule.of)),
        ].filter(id => !there.has(id)),
      ).toEqual([])
      expect(cautionsAt(recipe('5 g apricot kernels')).map(c => c.id)).toContain('apricot-kernels')
    },
  )
  test('a caution stands at the first step or line that calls for it, once', () => {
    const found = cautionsAt(
      recipe(
        '200 g sugar\n50 g honey\n200 g plain flour',
        'Sift the flour.\nBoil the sugar to caramel.\nBoil the honey.',
      ),
    )
    expect(found.filter(c => c.id === 'hot-sugar')).toEqual([
      expect.objectContaining({ step: { component: '', at: 1 }, lineId: null }),
    ])
    expect(found.find(c => c.id === 'honey')).toMatchObject({
      lineId: 'l2',
      step: null,
      because: 'it may carry spores that infants cannot fight',
      defer: '',
      source: '[P]',
    })
    expect(found.find(c => c.id === 'raw-flour')).toMatchObject({ lineId: 'l3' })
  })
  test('what both must call for, or something takes back', () => {
    expect(cautionsAt(recipe('2 eggs', 'Boil for 8 minutes.')).map(c => c.id)).not.toContain(
      'raw-egg',
    )
    expect(
      cautionsAt(recipe('2 eggs\n200 g plain flour', 'Beat the eggs.')).map(c => c.id),
    ).toEqual(['raw-egg'])
  })
  test('an alternative calls for it as well', () =>
    expect(cautionsAt(recipe('50 g golden syrup or honey')).map(c => c.id)).toContain('honey'))
  test('tools come from the steps; order, table and storage always; nobody strict, no plan', () => {
    const plan = contactPlan(
      recipe('200 g rice flour', 'Sift the flour and pipe it on to a tray. Bake.'),
      [milkTraces, person({ id: 'q' })],
    )
    expect(plan).toMatchObject({ people: ['p'], against: ['milk'] })
    const keys = plan.steps.map(s => s.key)
    expect(keys).toEqual(
      expect.arrayContaining([
        'first',
        'hands',
        'sieve',
        'piping',
        'tin',
        'oven',
        'sugar',
        'cover',
      ]),
    )
    expect(keys).not.toContain('grater')
    expect(plan.steps.map(s => s.stage)).toEqual(
      [...plan.steps.map(s => s.stage)].sort(
        (a, b) =>
          ['order', 'tools', 'surfaces', 'storage'].indexOf(a) -
          ['order', 'tools', 'surfaces', 'storage'].indexOf(b),
      ),
    )
    expect(contactPlan(recipe('200 g rice flour'), [milk])).toEqual({
      people: [],
      against: [],
      steps: [],
    })
  })
})
