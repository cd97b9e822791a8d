import { describe, expect, test } from '@jest/globals'
import { wordsOf } from '#core/pantry'
import { findsIn } from './found'

const finds = (text: string) => findsIn(text, wordsOf(text))
const shown = (text: string, spans: readonly { readonly start: number; readonly end: number }[]) =>
  spans.map(({ start, end }) => text.slice(start, end))

describe('foods that may be made of anything', () => {
  test.each([
    ['sponge (flour, egg)'],
    ['sponge(flour, egg)'],
    ['sponge [flour, egg]'],
    ['sponge {flour, egg}'],
    ['sponge: flour, egg'],
    ['sponge : flour'],
    ['sponge ( flour, egg)'],
    ['sponge 12% (flour, egg)'],
    ['sponge 12 % (flour, egg)'],
    ['sponge (12%) (flour, egg)'],
    ['sponge (12.5 %) [flour, egg]'],
    ['sponge 12,5% (flour)'],
    ['sponge (7%): flour'],
    ['sponge (125%)(flour)'],
  ])('with their list right behind them: %s', text => {
    const { anything, listed } = finds(text)
    expect([shown(text, anything), shown(text, listed)]).toEqual([[], ['sponge']])
  })
  test.each([
    ['sponge'],
    ['sponge, (flour, egg)'],
    ['sponge (12%)'],
    ['sponge (12.5 %)'],
    ['sponge (12)'],
    ['sponge [7,5%]'],
    ['sponge 12% and (flour)'],
    ['sponge ()'],
    ['sponge (*)'],
    ['sponge x (flour)'],
    ['sponge 1 2% (flour)'],
  ])('without one: %s', text => {
    const { anything, listed } = finds(text)
    expect([shown(text, anything), shown(text, listed)]).toEqual([['sponge'], []])
  })
})

describe('names over a broken line', () => {
  /** What is said for sure, and what is left open, of a text. */
  const of = (text: string) => {
    const { found, doubtful } = finds(text)
    return {
      holds: [...new Set(found.flatMap(f => f.meaning.holds))].sort(),
      open: [...new Set(found.flatMap(f => f.meaning.open))].sort(),
      damaged: found.filter(f => f.isDamage).map(f => text.slice(f.start, f.end)),
      doubtful: shown(text, doubtful),
    }
  }
  test('one name in a printed text; its parts are left open', () => {
    expect(of('sugar, coconut\nmilk, salt')).toMatchObject({ holds: ['coconut'], open: ['milk'] })
    expect(of('sugar, coconut milk, salt')).toMatchObject({ holds: ['coconut'], open: [] })
  })
  test('two where a line begins with a capital behind small letters', () => {
    expect(of('sugar, coconut\nMilk, salt')).toMatchObject({ holds: ['coconut', 'milk'], open: [] })
  })
  test('one still in capitals, or behind a capital', () => {
    expect(of('SUGAR, COCONUT\nMILK, SALT')).toMatchObject({ holds: ['coconut'], open: ['milk'] })
    expect(of('Sugar, Coconut\nMilk, salt')).toMatchObject({ holds: ['coconut'], open: ['milk'] })
  })
  test('two in a list of one thing a line', () => {
    expect(of('coconut\nmilk\nsugar')).toMatchObject({ holds: ['coconut', 'milk'], open: [] })
  })
  test('what may be a misreading or broken print is damage; an unknown joined word is doubtful', () => {
    expect(of('sugar, mi1k')).toMatchObject({ holds: [], open: ['milk'], damaged: ['mi1k'] })
    expect(of('zorbmilch')).toMatchObject({ holds: ['milk'], doubtful: ['zorbmilch'] })
    expect(of('reismehl')).toMatchObject({ holds: [], open: [], doubtful: [] })
  })
})

const brings = (text: string) =>
  finds(text).found.flatMap(({ start, end, meaning }) =>
    meaning.holds.length + meaning.open.length
      ? [`${text.slice(start, end)}: ${meaning.holds.join(' ')}|${meaning.open.join(' ')}`]
      : [],
  )

describe('what a baked thing usually brings is open where words beside it say of what it is', () => {
  test.each([
    ['wafer (rice, salt)', 'wafer: |wheat'],
    ['wafer [rice, salt]', 'wafer: |wheat'],
    ['Wafer: rice, salt', 'Wafer: |wheat'],
    ['Vegan cocoa wafer: rice, salt', 'wafer: |wheat'],
    ['Wafer with jam: rice, salt', 'Wafer: |wheat'],
    ['pasta of rice', 'pasta: |wheat'],
    ['pasta di riso', 'pasta: |wheat'],
    ['pasta d’épinards', 'pasta: |wheat'],
    ['wafer (wheat, salt)', 'wafer: wheat|'],
    ['wafer (rice), wheat', 'wafer: |wheat'],
    ['Wafer: rice, wheat. Salt', 'Wafer: wheat|'],
    ['Wafer: rice. Wheat', 'Wafer: |wheat'],
    ['wafer', 'wafer: wheat|'],
    ['wafer, rice', 'wafer: wheat|'],
    ['sugar, wafer: rice, salt', 'wafer: wheat|'],
    ['free from wafer: rice, salt', 'wafer: wheat|'],
    ['may contain wafer: rice', 'wafer: wheat|'],
    ['wheat (rice, salt)', 'wheat: wheat|'],
    ['butter (rice, salt)', 'butter: milk|'],
  ])('%s', (text, first) => expect(brings(text)).toContain(first))
})

describe('a name over a sudden capital may be two things', () => {
  test.each([
    ['nuts Butter', ['nuts Butter: tree-nut|', 'nuts: |', 'Butter: |milk']],
    ['nuts butter', ['nuts butter: tree-nut|']],
    ['Nuts Butter', ['Nuts Butter: tree-nut|']],
  ])('%s', (text, all) => expect(brings(text)).toEqual(all.filter(one => !one.endsWith(': |'))))
  test('and says so', () => {
    const says = finds('nuts Butter, cocoa\nbutter').found.map(name => name.says)
    expect(says).toEqual(
      expect.arrayContaining([
        'a capital stands here, so it may be two things',
        'the line is broken here, so it may be two things',
      ]),
    )
  })
})

describe('what a product is called', () => {
  test.each([
    ['Zorblax: rice, salt', ['Zorblax:']],
    ['Zorblax flim : rice, salt', ['Zorblax flim :']],
    ['Salt. Zorblax: rice (salt)', ['Zorblax:']],
    ['Salt\nZorblax: rice; salt', ['Zorblax:']],
    ['Zorblax: rice', []],
    ['Zorblax: flim, rice', []],
    ['salt, zorblax: rice, salt', []],
    ['Zorblax with flim: rice, salt', ['Zorblax with flim:']],
    ['Made with flim: rice, salt', []],
    ['Enriched with flim: rice, salt', []],
    ['Contains zorblax: rice, salt', []],
    ['Free from zorblax: rice, salt', []],
    ['Zorblax (flim): rice, salt', []],
    ['a b c d e f: rice, salt', []],
    ['Zorblax: 5, rice', []],
  ])('%s', (text, titles) => expect(shown(text, finds(text).titles)).toEqual(titles))
})
