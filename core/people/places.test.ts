import { describe, expect, test } from '@jest/globals'
import { emptyStock, builtIn, stockPantry } from '#core/pantry'
import { readRecipe, type Recipe } from '#core'
import { checkPeople } from './check'
import type { CheckedPacket } from './conflict'
import type { Person } from './person'

const person = (more: Partial<Person>): Person => ({
  id: 'p',
  name: 'Ada',
  avoids: [],
  diets: [],
  ...more,
})
const avoids = (allergen: string, strictness: 'choice' | 'allergy' = 'choice', except?: string[]) =>
  person({ avoids: [{ allergen, strictness, ...(except ? { except } : {}) }] })
const read = (lines: string, steps = ''): Recipe =>
  readRecipe(`Bun\n${lines}\n${steps ? `Method\n${steps}` : ''}`, { region: 'uk' }).recipe
const check = (recipe: Recipe, who: Person, packets: readonly CheckedPacket[] = []) =>
  checkPeople(recipe, [who], { packets }).people[0]!
const packet = (more: Partial<CheckedPacket> = {}): CheckedPacket => ({
  ingredient: 'dark-chocolate',
  contains: [],
  mayContain: [],
  ...more,
})
const bar = read('100 g dark chocolate')

describe('what a name leaves open is never clear', () => {
  const vegan = person({ diets: ['vegan'] })
  // Each may be something that a vegan does not eat; nobody has said which. From memory.
  test.each([
    '135 g jelly',
    '1 packet jelly',
    '2 tbsp egg substitute',
    '100 g margarine',
    '50 g spread',
    '100 g chocolate',
  ])('%s', line => {
    expect(check(read(line), vegan).verdict).not.toBe('clear')
  })
  test('where the region says which it is, or a packet was read, that counts', () => {
    const us = readRecipe('Bun\n2 tbsp jelly', { region: 'us' }).recipe
    expect(check(us, vegan).verdict).toBe('clear')
    const uk = read('2 tbsp jelly')
    expect(check(uk, vegan).conflicts[0]!.because).toMatch(/may be jelly: jelly contains gelatine/u)
    expect(check(uk, vegan, [packet({ ingredient: 'jam' })]).verdict).toBe('clear')
  })
  // Shapes that are eaten as often as baked in: an unread line, not a tin.
  test.each([
    '1 sponge flan case',
    '12 tartlet cases',
    '12 tartlets',
    '1 sponge sheet',
    '6 lasagne sheets',
    '4 biscuit rings',
    '8 shortbread rings',
    '1 quiche case',
    '2 pastry sheets',
    '1 gratin',
    '1 terrine',
  ])('%s', line => {
    const recipe = read(`200 g sugar\n${line}`)
    expect(recipe.components[0]!.lines.map(l => l.text)).toContain(line)
    expect(check(recipe, avoids('egg', 'allergy')).verdict).not.toBe('clear')
  })
  test.each(['12 paper cases', '12 muffin cases', '2 baking sheets', '1 cake ring', '4 ramekins'])(
    '%s are tools',
    line => {
      expect(read(`200 g sugar\n${line}`).components[0]!.lines).toHaveLength(1)
    },
  )
})

describe('where a conflict is, and what it says', () => {
  test('a member of a group says what it counts as; the group itself does not', () => {
    expect(check(read('100 g almonds'), avoids('tree-nut')).conflicts[0]!.because).toBe(
      'almonds contains almond, which counts as tree nuts',
    )
    expect(check(read('100 g almonds'), avoids('almond')).conflicts[0]!.because).toBe(
      'almonds contains almond',
    )
    expect(
      check(bar, avoids('tree-nut'), [packet({ contains: ['almond'] })]).conflicts[0]!.because,
    ).toBe('its packet names almond, which counts as tree nuts')
    expect(
      check(bar, avoids('almond'), [packet({ name: 'Dark', contains: ['almond'] })]).conflicts[0]!
        .because,
    ).toBe('the packet “Dark” names almond')
  })
  test('a step alone: its part, the words around it, and no line', () => {
    const [found] = check(
      read(
        '100 g sugar',
        'Heat the oven and take a deep breath, then spread the whole of it with whipped ' +
          'cream and leave it to stand in the cold.',
      ),
      avoids('milk'),
    ).conflicts
    expect(found).toMatchObject({ lineId: null, where: 'step', component: '', state: 'contains' })
    expect(found!.words).toMatch(/^\S.*whipped cream and leave it to.*\S$/u)
    expect(found!.words.length).toBeLessThan(66)
  })
  test('a claim right before the word in a step leaves it to the packet; one further away does not', () => {
    expect(
      check(
        read('100 g sugar', 'Serve with lactose-free dairy-free single cream.'),
        avoids('milk'),
      ).conflicts.map(c => [c.state, c.rule]),
    ).toEqual([['unknown', 'denied']])
    expect(
      check(read('100 g sugar', 'Dairy-free so far. Serve with single cream.'), avoids('milk'))
        .verdict,
    ).toBe('conflict')
    expect(
      check(read('100 g sugar', 'Serve with single cream, dairy-free or not.'), avoids('milk'))
        .verdict,
    ).toBe('conflict')
  })
  test('an alternative is at its line', () =>
    expect(
      check(
        read('50 g sugar\n100 g block plant butter or butter'),
        avoids('milk'),
      ).conflicts.filter(c => c.state === 'contains'),
    ).toEqual([expect.objectContaining({ where: 'alternative', lineId: 'l2' })]))
  test('the same reason is said once a line, but at every line', () => {
    expect(
      check(read('50 g butter\n100 g butter'), avoids('milk')).conflicts.map(c => c.lineId),
    ).toEqual(['l1', 'l2'])
    const both = person({
      avoids: [
        { allergen: 'milk', strictness: 'choice' },
        { allergen: 'milk', strictness: 'allergy' },
      ],
    })
    expect(check(read('50 g butter'), both).conflicts).toHaveLength(1)
    expect(
      check(read('50 g butter', 'Serve with butter and butter.'), both).conflicts.filter(
        c => c.where === 'step',
      ).length,
    ).toBeLessThanOrEqual(1)
    expect(check(read('100 g butter or ghee'), avoids('milk')).conflicts.map(c => c.where)).toEqual(
      ['line', 'alternative'],
    )
  })
  test('what the baker said of a line stands for its words', () => {
    const recipe = read('50 g butter')
    const said: Recipe = {
      ...recipe,
      components: recipe.components.map(c => ({
        ...c,
        lines: c.lines.map(l => ({
          ...l,
          ingredient: 'plant-block',
          evidence: { ...l.evidence, by: 'baker' as const },
        })),
      })),
    }
    expect(check(said, avoids('milk')).verdict).toBe('clear')
    expect(
      check(
        {
          ...said,
          components: said.components.map(c => ({
            ...c,
            lines: c.lines.map(l => ({ ...l, evidence: { ...l.evidence, by: 'words' as const } })),
          })),
        },
        avoids('milk'),
      ).verdict,
    ).toBe('conflict')
  })
  test('unread words are named, with all of them', () =>
    expect(
      check(read('200 g zorblax quux sugar'), avoids('milk')).conflicts.find(
        c => c.rule === 'words',
      )!.because,
    ).toBe('the words “zorblax”, “quux” are not known'))
  test('a need that is no id is said with its person, whatever else there is', () => {
    expect(check(read('100 g sugar'), avoids('kryptonite')).conflicts).toEqual([
      expect.objectContaining({
        where: 'person',
        state: 'unknown',
        rule: 'person',
        allergen: null,
        lineId: null,
        words: 'kryptonite',
      }),
    ])
    expect(check(read('100 g sugar'), avoids('tree-nut', 'choice', ['kryptonite'])).verdict).toBe(
      'unknown',
    )
  })
  test('an empty recipe is nothing that is known, and says so', () =>
    expect(check(readRecipe('').recipe, avoids('milk')).conflicts).toEqual([
      expect.objectContaining({
        words: 'an empty recipe',
        because: '“an empty recipe” is not known',
        where: 'line',
        lineId: null,
        component: '',
      }),
    ]))
  test('an ingredient of the house’s own that nobody has read is unknown until its packet is', () => {
    try {
      stockPantry({
        ...emptyStock,
        ingredients: [
          {
            ...builtIn('sugar')!,
            id: 'own-mix',
            name: 'our mix',
            names: ['our mix'],
            holds: [],
            mayHold: [],
            traces: [],
            unread: true,
            source: 'entered',
          },
        ],
      })
      const recipe = read('100 g our mix')
      expect(check(recipe, avoids('milk')).conflicts.map(c => [c.rule, c.because])).toEqual([
        ['own-row', 'nobody has read the packet of our mix yet'],
      ])
      expect(check(recipe, avoids('milk'), [packet({ ingredient: 'own-mix' })]).verdict).toBe(
        'clear',
      )
      expect(
        check(recipe, avoids('milk'), [
          packet({ ingredient: 'own-mix', notRead: 'old' }),
        ]).conflicts.map(c => c.rule),
      ).toEqual(['packet-not-read', 'own-row'])
      expect(
        check(recipe, avoids('milk'), [
          packet({ ingredient: 'own-mix', notRead: 'old' }),
          packet({ ingredient: 'own-mix' }),
        ]).conflicts.map(c => c.rule),
      ).toEqual(['packet-not-read'])
    } finally {
      stockPantry(emptyStock)
    }
  })
})

describe('which packet is meant', () => {
  const two = read('100 g dark chocolate\n100 g dark chocolate\n10 g zorblax')
  test('one of an ingredient is for all its lines, one of a line for that alone', () => {
    expect(
      check(two, avoids('egg'), [packet({ contains: ['egg'] })])
        .conflicts.filter(c => c.state === 'contains')
        .map(c => c.lineId),
    ).toEqual(['l1', 'l2'])
    expect(
      check(two, avoids('egg'), [packet({ ingredient: null, lineId: 'l2', contains: ['egg'] })])
        .conflicts.filter(c => c.state === 'contains')
        .map(c => c.lineId),
    ).toEqual(['l2'])
    expect(
      check(two, avoids('egg'), [
        packet({ ingredient: 'dark-chocolate', lineId: 'l2', contains: ['egg'] }),
      ])
        .conflicts.filter(c => c.state === 'contains')
        .map(c => c.lineId),
    ).toEqual(['l2'])
    expect(
      check(two, avoids('egg'), [packet({ ingredient: 'sugar', lineId: 'l2', contains: ['egg'] })])
        .verdict,
    ).toBe('unknown')
    expect(
      check(two, avoids('egg'), [packet({ ingredient: null, contains: ['egg'] })]).conflicts.filter(
        c => c.state === 'contains',
      ),
    ).toEqual([])
  })
  test('what an unknown line holds is asked of its own packet', () => {
    expect(
      check(read('10 g zorblax'), avoids('egg'), [
        packet({ ingredient: null, lineId: 'l1', mayContain: ['egg'] }),
      ]).verdict,
    ).toBe('clear')
    expect(
      check(read('10 g zorblax'), avoids('egg', 'allergy'), [
        packet({ ingredient: null, lineId: 'l1', mayContain: ['egg'] }),
      ]).conflicts[0],
    ).toMatchObject({ state: 'may contain', ingredient: '' })
    expect(
      check(read('10 g zorblax'), avoids('egg'), [
        packet({ ingredient: null, lineId: 'l1', notRead: 'old' }),
      ]).conflicts.map(c => c.rule),
    ).toEqual(['packet-not-read', 'not-known'])
  })
  test('ids and found places are both understood', () =>
    expect(check(bar, avoids('egg'), [packet({ contains: [{ allergen: 'egg' }] })]).verdict).toBe(
      'conflict',
    ))
  test('only five unknown words of a packet are said, and it is one reason', () =>
    expect(
      check(bar, avoids('egg'), [
        packet({ unknownWords: ['a', 'b', 'c', 'd', 'e', 'f'] }),
      ]).conflicts.map(c => c.because),
    ).toEqual(['its packet has words that are not known: “a”, “b”, “c”, “d”, “e”']))
})

describe('how far a need goes', () => {
  test('any of the exceptions spares, also a whole group', () => {
    expect(
      check(read('100 g walnuts'), avoids('tree-nut', 'choice', ['almond', 'walnut'])).verdict,
    ).toBe('clear')
    expect(
      check(read('100 g almonds'), avoids('tree-nut', 'choice', ['almond', 'walnut'])).verdict,
    ).toBe('clear')
    expect(
      check(read('100 g pecans'), avoids('tree-nut', 'choice', ['almond', 'walnut'])).verdict,
    ).toBe('conflict')
    expect(
      check(bar, avoids('tree-nut', 'choice', ['tree-nut']), [packet({ contains: ['tree-nut'] })])
        .verdict,
    ).toBe('clear')
  })
  test('open words, makes and traces only where they matter', () => {
    expect(check(bar, avoids('egg'), [packet({ open: ['soy'] })]).verdict).toBe('clear')
    expect(
      check(bar, avoids('almond'), [packet({ open: ['tree-nut'] })]).conflicts[0]!.because,
    ).toBe('the words of its packet leave open whether tree nuts is in it; only the maker tells')
    expect(check(bar, avoids('egg')).verdict).toBe('clear')
    expect(check(bar, avoids('egg', 'allergy'), [packet({ mayContain: ['soy'] })]).verdict).toBe(
      'clear',
    )
    expect(
      check(bar, avoids('almond', 'allergy'), [packet({ mayContain: ['tree-nut'] })]).conflicts[0],
    ).toMatchObject({
      state: 'may contain',
      because: 'its packet says that it may contain tree nuts',
    })
    expect(check(read('100 g block plant butter'), avoids('celery', 'allergy')).verdict).toBe(
      'clear',
    )
  })
  test(
    'certified oats: every packet has to bear the mark, and a mark that its list contradicts ' +
      'is none',
    () => {
      const oats = read('100 g gluten-free oats')
      const marked = (against: boolean, without = ['gluten']) =>
        packet({
          ingredient: 'oat-flakes-certified',
          claims: [{ name: 'gluten-free', without, against }],
        })
      const coeliac = person({ diets: ['coeliac'] })
      expect(check(oats, coeliac, [marked(false)]).verdict).toBe('clear')
      expect(check(oats, coeliac, [marked(true)]).verdict).toBe('unknown')
      expect(check(oats, coeliac, [marked(false, ['milk'])]).verdict).toBe('unknown')
      expect(
        check(oats, coeliac, [marked(false), packet({ ingredient: 'oat-flakes-certified' })])
          .verdict,
      ).toBe('unknown')
    },
  )
  test('things: neither by an unknown ingredient nor by empty words', () => {
    const dill = person({ things: [{ words: 'dill', ingredient: null }] })
    expect(check(read('10 g zorblax'), dill).conflicts.map(c => c.rule)).toEqual(['not-known'])
    expect(
      check(bar, person({ things: [{ words: '', ingredient: null }] }), [
        packet({ statement: 'cocoa' }),
      ]).verdict,
    ).toBe('clear')
    expect(
      check(
        read('100 g sugar'),
        person({ things: [{ words: 'sweet stuff', ingredient: 'sugar' }] }),
      ).conflicts[0],
    ).toMatchObject({
      rule: 'thing',
      ingredient: 'sugar',
      because: 'this is, or names, sweet stuff',
    })
    expect(
      check(read('100 g sugar'), person({ things: [{ words: 'sweet stuff', ingredient: 'salt' }] }))
        .verdict,
    ).toBe('clear')
    expect(check(read('10 g dilly zorblax'), dill).conflicts.map(c => c.rule)).toEqual([
      'not-known',
    ])
    expect(check(bar, dill, [packet({ statement: 'cocoa, dill' })]).conflicts[0]).toMatchObject({
      because: 'its packet names dill',
      ingredient: 'dark-chocolate',
    })
  })
  test('diets: what settles a rule stands in the line’s words as a word', () => {
    const child = person({ diets: ['under-five'] })
    expect(check(read('60 g almonds'), child).conflicts).toEqual([
      expect.objectContaining({
        rule: 'diet',
        state: 'contains',
        allergen: 'choking',
        source: '[P] under about five years',
      }),
    ])
    expect(check(read('60 g ground almonds'), child).verdict).toBe('clear')
    expect(check(read('100 g sugar'), child).verdict).toBe('clear')
  })
  test('heated by the part’s own steps, or by the oven where it has none', () => {
    const pregnant = person({ diets: ['pregnant'] })
    const two = (steps: string) =>
      readRecipe(
        `Cake\nFor the cake\n200 g flour\nFor the cream\n2 eggs\n100 g sugar\nMethod\n${steps}`,
        { region: 'uk' },
      ).recipe
    const raw = (recipe: Recipe) =>
      check(recipe, pregnant).conflicts.some(c => c.allergen === 'raw-egg')
    expect(raw(read('2 eggs\n100 g sugar', 'Whisk and bake.'))).toBe(false)
    expect(raw(read('2 eggs\n100 g sugar', 'Whisk and serve.'))).toBe(true)
    expect(
      raw({
        ...read('2 eggs\n100 g sugar'),
        oven: { celsius: 180, fan: false, minutes: null, text: '180 °C' },
      }),
    ).toBe(false)
    expect(raw(read('2 eggs\n100 g sugar'))).toBe(true)
    const cream = two('Whisk the eggs and sugar.')
    expect(
      raw({
        ...cream,
        components: cream.components.map(c =>
          c.name === 'cream'
            ? { ...c, steps: ['Whisk the eggs.'] }
            : { ...c, steps: ['Bake the cake.'] },
        ),
        oven: { celsius: 180, fan: false, minutes: null, text: '180 °C' },
      }),
    ).toBe(true)
    expect(
      raw({
        ...cream,
        components: cream.components.map(c => ({
          ...c,
          // The cake is baked; of the cream, which no step takes, nobody knows.
          steps: c.name === 'cream' ? [] : ['Bake the cake.'],
        })),
      }),
    ).toBe(true)
  })
})
