import { tally } from '../../tests/each'
import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { runs } from '../../tests/arbitraries'
import { statements } from '../../tests/corpus/tables/statements'
import { marked, scoreStatements } from '../../tests/corpus/score-statements.mjs'
import { readPacket } from './read'

const anyHit = tally('hits')

const ids = (hits: readonly { allergen: string }[]) =>
  [...new Set(hits.map(h => h.allergen))].sort()

describe('the corpus of statements', () => {
  test.each(statements.map(s => [s]))('%s', written =>
    expect(scoreStatements([written], readPacket).wrong).toEqual([]),
  )
  test('is large enough, and no allergen is missed anywhere in it', () => {
    expect(statements.length).toBeGreaterThanOrEqual(120)
    expect(scoreStatements(statements, readPacket).missed).toEqual([])
  })
})

describe('how a statement is read', () => {
  test('every hit says where it stands, in which words, how and from which row', () => {
    const [hit] = readPacket('Sugar, whey powder').contains
    expect(hit).toEqual({
      allergen: 'milk',
      start: 7,
      end: 18,
      words: 'whey powder',
      how: 'ingredient',
      because: '“whey powder” is or brings milk',
      source: '[L] [P]',
    })
  })
  test('a trace, a facility, a contains line and an open word are told apart', () => {
    const reading = readPacket(
      'Lecithin. Contains milk. May contain egg. Made in a factory that handles sesame.',
    )
    expect(reading.contains.map(h => [h.allergen, h.how])).toEqual([['milk', 'contains']])
    expect(reading.mayContain.map(h => [h.allergen, h.how])).toEqual([
      ['soy', 'unsaid'],
      ['egg', 'unsaid'],
      ['egg', 'trace'],
      ['sesame', 'facility'],
    ])
  })
  test('a field of its own is read as what it is', () => {
    expect(ids(readPacket('milk, nuts', { as: 'trace' }).mayContain)).toEqual(['milk', 'tree-nut'])
    expect(readPacket('milk', { as: 'contains' }).contains[0]!.how).toBe('contains')
    expect(ids(readPacket('nuts. Contains milk.', { as: 'trace' }).contains)).toEqual(['milk'])
    expect(readPacket('peanuts', { as: 'facility' }).mayContain[0]!.how).toBe('facility')
  })
  test('a claim is shown, and stands against a list that speaks otherwise', () => {
    const [claim] = readPacket('Dairy-free. Sugar, sodium caseinate.').claims
    expect(claim).toMatchObject({
      name: 'dairy-free',
      words: 'Dairy-free',
      start: 0,
      end: 10,
      without: ['milk'],
      against: true,
    })
    expect(readPacket('Dairy-free. Sugar.').claims[0]).toMatchObject({ against: false })
    expect(readPacket('Gluten-free oats').claims[0]).toMatchObject({
      name: 'gluten-free',
      against: false,
    })
    expect(readPacket('Nut-free. Almonds.').claims[0]!.against).toBe(true)
    expect(readPacket('Free from milk, egg. Butter.').claims).toEqual([
      expect.objectContaining({ name: 'free from', without: ['milk', 'egg'], against: true }),
    ])
  })
  test(
    'what a claim before a name denies is open, not gone; a name that says the thing itself ' +
      'is not denied',
    () => {
      expect(
        readPacket('dairy-free butter')
          .mayContain.map(h => [h.allergen, h.how])
          .filter(([a]) => a === 'soy'),
      ).toEqual([['soy', 'unsaid']])
      expect(readPacket('vegan meringue').mayContain).toEqual([
        expect.objectContaining({ allergen: 'egg', how: 'unsaid' }),
      ])
      expect(ids(readPacket('egg-free egg white powder').contains)).toEqual(['egg'])
      expect(ids(readPacket('gluten-free wheat starch').contains)).toEqual(['wheat'])
      expect(ids(readPacket('lactose-free cream').contains)).toEqual(['milk'])
    },
  )
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
  test(
    'what an open word is made of is said right behind it, by a word that is known and ' +
      'leaves nothing open itself',
    () => {
      const open = (text: string) =>
        [
          ...new Set(
            readPacket(text)
              .mayContain.filter(h => h.how === 'unsaid')
              .map(h => h.allergen),
          ),
        ].sort()
      expect(open('modified starch from rice')).toEqual([])
      expect(open('modified starch of rice, salt')).toEqual([])
      expect(open('modified starch from zorblax')).toEqual(['wheat'])
      expect(open('modified starch from natural sources')).toEqual(['wheat'])
      expect(open('modified starch from')).toEqual(['wheat'])
      expect(open('modified starch, sugar from rice')).toEqual(['wheat'])
      expect(open('amidon de riz')).toEqual([])
      expect(open('lecithin from soya')).toEqual([])
      expect(open('starch: rice, salt')).toEqual([])
      expect(open('starch: zorblax, rice')).toEqual(['wheat'])
      expect(open('dark chocolate: sugar, cocoa')).toEqual(['milk', 'soy'])
      expect(open('vegetable oil (zorblax), rice')).toEqual(['soy'])
      expect(open('vegetable oil, rice (palm)')).toEqual(['soy'])
      expect(open('vegetable oil 20 % (palm)')).toEqual([])
      expect(open('dark chocolate (sugar (raw, fine))')).toEqual(['milk', 'soy'])
      expect(open('dark chocolate (sugar (raw), cocoa)')).toEqual([])
      expect(open('dark chocolate (sugar; cocoa)')).toEqual([])
      expect(open('dark chocolate (sugar cocoa), salt, rice')).toEqual(['milk', 'soy'])
      expect(open('dark chocolate (zorblax, quux)')).toEqual(['milk', 'soy'])
      expect(open('dark chocolate [sugar, cocoa], milk chocolate chips')).toEqual(['soy'])
      expect(open('dark chocolate (sugar, cocoa')).toEqual([])
      expect(open('hydrolysed protein (vegetable protein)')).toEqual([
        'lupin',
        'pea',
        'soy',
        'wheat',
      ])
    },
  )
  test('additives: letters that part a number, colours, what is no bracket', () => {
    const open = (text: string) => readPacket(text).mayContain.map(h => [h.allergen, h.because])
    expect(open('E150d')).toEqual([['sulphite', '150d is sulphite caramel: perhaps sulphites']])
    expect(open('E150a')).toEqual([])
    expect(open('e150D')).toEqual([['sulphite', expect.stringMatching(/^150D is/u)]])
    expect(open('E161b')).toEqual([['egg', expect.stringMatching(/^161b is lutein/u)]])
    expect(open('E322 (i)')).toHaveLength(2)
    expect(open('(sugar) 322')).toEqual([])
    expect(readPacket('emulsifier (sugar, 120)').contains.map(h => h.allergen)).toEqual([
      'insect-colour',
    ])
    expect(readPacket('E 120, x').contains[0]).toMatchObject({
      start: 0,
      end: 5,
      because: '120 is carmine',
      source: 'E 120: carmine [P]',
    })
    expect(readPacket('E120').unknownWords).toEqual([])
  })
  test('inside long words: the nut that is named, from both ends, with the exceptions', () => {
    expect(readPacket('Haselnusskrokantmasse').contains.map(h => [h.allergen, h.because])).toEqual([
      ['hazelnut', '“haselnuss + krokant” is in “Haselnusskrokantmasse”'],
      ['tree-nut', '“haselnuss + krokant” is in “Haselnusskrokantmasse”'],
    ])
    expect(ids(readPacket('Nusskrokantmasse').contains)).toEqual(['tree-nut'])
    expect(ids(readPacket('Bioerdnusscreme, Biokokosnusscreme').contains)).toEqual([
      'coconut',
      'peanut',
    ])
    expect(ids(readPacket('Bioweizenschrot').contains)).toEqual(['wheat'])
    expect(ids(readPacket('Vorsenfte').contains)).toEqual([])
    expect(ids(readPacket('Zorbutter').contains)).toEqual(['milk'])
  })
  test('a claim counts right before a name only, and only what it denies', () => {
    const how = (text: string) => {
      const r = readPacket(text)
      return [
        ...r.contains.map(h => `${h.allergen} in`),
        ...r.mayContain.map(h => `${h.allergen} ${h.how}`),
      ]
    }
    expect(how('vegan, meringue')).toEqual(['egg in'])
    expect(how('meringue vegan')).toEqual(['egg in'])
    expect(how('vegan - meringue')).toEqual(['egg unsaid'])
    expect(how('non-dairy cheese')).toEqual(['milk in'])
    expect(how('gluten free meringue')).toEqual(['egg in'])
    expect(how('vegan meringue (sugar, salt)')).toEqual([])
  })
  test('the longest of claims that overlap is the one, and it is one', () => {
    expect(readPacket('Suitable for vegans').claims.map(c => c.words)).toEqual([
      'Suitable for vegans',
    ])
    expect(readPacket('free from major allergens').claims.map(c => c.name)).toEqual([
      'allergen-free',
    ])
    expect(readPacket('vegan, vegan').claims).toHaveLength(2)
    expect(readPacket('lactose-free').claims[0]).toMatchObject({ without: [], against: false })
    expect(readPacket('without milk, soya').claims).toEqual([
      expect.objectContaining({
        name: 'free from',
        words: 'without milk',
        without: ['milk'],
        against: false,
      }),
    ])
    expect(readPacket('Sugar, soya. Free from milk.').claims[0]!.without).toEqual(['milk'])
    expect(readPacket('Without. Milk').claims).toEqual([])
    expect(readPacket('May contain milk.').claims).toEqual([])
    expect(readPacket('Vegan. Sugar. Gluten free').claims.map(c => c.start)).toEqual([0, 14])
  })
  test('what is no word of the list is not listed, what is one is', () => {
    const unknown = (text: string) => readPacket(text).unknownWords
    expect(unknown('x, 12g, 100%, 5mg, 20kcal, b')).toEqual([])
    expect(unknown('12gx')).toEqual(['12gx'])
    expect(unknown('Store in a cool zorblax place')).toEqual(['zorblax'])
    expect(unknown('handles zorblax')).toEqual(['zorblax'])
    expect(unknown('Made in a zorblax bakery that handles quux')).toEqual(['quux'])
    expect(unknown('quux, zorblax')).toEqual(['quux', 'zorblax'])
  })
  test('a field’s own meaning gives way to a clause inside it', () => {
    expect(readPacket('Free from milk', { as: 'trace' }).mayContain).toEqual([])
    expect(readPacket('Ingredients: milk', { as: 'trace' }).contains.map(h => h.how)).toEqual([
      'ingredient',
    ])
    expect(readPacket('milk. Ingredients: egg', { as: 'trace' })).toMatchObject({
      contains: [{ allergen: 'egg' }],
      mayContain: [{ allergen: 'milk' }],
    })
  })
  test('a broken line: only the name that runs over it is in doubt', () => {
    expect(
      readPacket('cream, sugar, cocoa\nbutter, rice, salt').mayContain.map(h => [
        h.allergen,
        h.words,
        h.because,
      ]),
    ).toEqual([
      ['cocoa', 'cocoa', 'the line is broken here, so it may be two things: perhaps cocoa'],
      ['milk', 'butter', 'the line is broken here, so it may be two things: perhaps milk'],
    ])
    expect(readPacket('sugar, cocoa butter,\nrice, salt').mayContain).toEqual([])
    expect(readPacket('soya\nmilk, salt, rice').mayContain.map(h => h.allergen)).toEqual(['milk'])
  })
  test('a bracket that is never closed, or closed too often, loses nothing', () => {
    expect(ids(readPacket('flour (wheat, sugar (may contain nuts, milk').contains)).toEqual([
      'wheat',
    ])
    expect(ids(readPacket(')) milk ((').contains)).toEqual(['milk'])
  })
  test('numbers of additives with and without their E, and no other numbers', () => {
    expect(ids(readPacket('E 1105, e-120, E220').contains)).toEqual([
      'egg',
      'insect-colour',
      'sulphite',
    ])
    expect(ids(readPacket('colour (120)').contains)).toEqual(['insect-colour'])
    expect(readPacket('energy 120 kJ, 120 g, 1,120').contains).toEqual([])
    expect(readPacket('E9999').unknownWords).toEqual(['E9999'])
  })
  test('a name over a broken line may be two', () => {
    expect(readPacket('sugar, coconut\nmilk, salt').mayContain).toEqual([
      expect.objectContaining({ allergen: 'milk', how: 'unsaid' }),
    ])
    expect(ids(readPacket('coconut\nmilk\nsalt').contains)).toEqual(['coconut', 'milk'])
  })
  test('long words are looked into from both ends', () => {
    expect(ids(readPacket('Haferbutterkeks').contains)).toEqual(['milk', 'oat', 'wheat'])
    expect(ids(readPacket('Kakaobutterersatz, Buchweizenschrot').contains)).toEqual(['buckwheat'])
  })
  test('a text beyond the limit says that it was not read to its end', () => {
    const reading = readPacket(`${'sugar, '.repeat(1200)}milk`)
    expect(reading.unknownWords.at(-1)).toMatch(/everything after the first 8000/u)
    expect(readPacket('').unknownWords).toEqual([])
  })
  test('whatever is typed, places lie in the text and words are known, found or listed', () => {
    const word = fc.constantFrom(
      'sugar',
      'milk',
      'whey',
      'zorblax',
      'may contain',
      'free from',
      '(',
      ')',
      ',',
      '.',
      'E322',
      'soya',
      'lecithin',
      '70%',
      '\n',
      'contains',
      'Ei',
      'vegan',
      'nuts',
      '🍰',
      'ß',
    )
    fc.assert(
      fc.property(
        fc.array(word, { maxLength: 25 }).map(w => w.join(' ')),
        text => {
          const reading = readPacket(text)
          for (const hit of anyHit([
            ...reading.contains,
            ...reading.mayContain,
            ...reading.claims,
            ...reading.unknown,
          ]))
            expect([
              text.slice(hit.start, hit.end).trim(),
              hit.start >= 0 && hit.end <= text.length,
            ]).toEqual([hit.words, true])
          expect(reading.unknownWords.includes('zorblax')).toBe(/zorblax/u.test(text))
        },
      ),
      { numRuns: runs(2000) },
    )
  })
  test('an allergen in a plain list is never lost, whatever stands around it', () => {
    const harmless = fc.constantFrom(
      'sugar',
      'salt',
      'rice flour',
      'palm oil',
      'cocoa butter',
      'E330',
      'lactic acid',
      'water',
      'nutmeg',
    )
    const bad = fc.constantFrom(
      ['milk', 'whey'],
      ['egg', 'albumen'],
      ['soy', 'tofu'],
      ['wheat', 'semolina'],
      ['almond', 'marzipan'],
      ['sesame', 'tahini'],
      ['sulphite', 'E223'],
      ['peanut', 'groundnuts'],
      ['lupin', 'Lupinenmehl'],
      ['milk', 'lactosérum'],
    )
    fc.assert(
      fc.property(
        fc.array(harmless, { maxLength: 5 }),
        bad,
        fc.array(harmless, { maxLength: 5 }),
        fc.constantFrom(', ', '; ', ' - ', ',\n', ' / '),
        (before, [allergen, words], after, join) => {
          expect(ids(readPacket([...before, words, ...after].join(join)).contains)).toContain(
            allergen,
          )
        },
      ),
      { numRuns: runs(3000) },
    )
  })
})

test('the marks of the corpus are taken out where they stand', () => {
  expect(marked('a {milk:whey}, ?{soy,egg:lecithin} !{zorb}')).toEqual({
    text: 'a whey, lecithin zorb',
    expected: [
      { kind: 'contains', allergen: 'milk', start: 2, end: 6 },
      { kind: 'open', allergen: 'soy', start: 8, end: 16 },
      { kind: 'open', allergen: 'egg', start: 8, end: 16 },
      { kind: 'unknown', allergen: '', start: 17, end: 21 },
    ],
  })
})
