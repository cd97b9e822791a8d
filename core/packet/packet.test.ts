import { describe, expect, test } from '@jest/globals'
import { readCode } from './code'
import {
  changeOf,
  daysBetween,
  lookAlikes,
  newPacket,
  noWords,
  sumUp,
  whyNotChecked,
  withWords,
  type Packet,
} from './packet'

const packet = (statement: string, more: Partial<Packet> = {}): Packet => ({
  ...newPacket('a', 'Lantern dark', 'dark-chocolate'),
  words: { ...noWords, statement },
  checkedOn: '2026-01-10',
  checkedBy: 'Ada',
  ...more,
})

describe('what a packet comes to', () => {
  test('every field is read as what it is', () => {
    const sum = sumUp(
      packet('Sugar, lecithin', {
        words: {
          statement: 'Sugar, lecithin',
          containsLine: 'Milk',
          mayContainLine: 'Nuts',
          facility: 'peanuts',
          marks: 'Vegan',
        },
      }),
    )
    expect(sum.contains.map(h => [h.allergen, h.field, h.how])).toEqual([
      ['milk', 'containsLine', 'contains'],
    ])
    expect(sum.mayContain.map(h => [h.allergen, h.field, h.how])).toEqual([
      ['tree-nut', 'mayContainLine', 'trace'],
      ['peanut', 'facility', 'facility'],
    ])
    expect(sum.open.map(h => h.allergen)).toEqual(['soy', 'egg'])
    expect(sum.claims).toEqual([
      expect.objectContaining({ name: 'vegan', field: 'marks', against: true }),
    ])
  })
  test('another field closes what a word leaves open', () => {
    const sum = sumUp(
      packet('', { words: { ...noWords, statement: 'lecithin', containsLine: 'soya' } }),
    )
    expect(sum.open.map(h => h.allergen)).toEqual(['egg'])
  })
  test('the maker’s answer closes open words, and takes nothing back that the list says', () => {
    const sum = sumUp(
      packet('lecithin, milk powder', {
        answer: { on: '2026-01-11', text: 'none', without: ['soy', 'egg', 'milk'] },
      }),
    )
    expect(sum.open).toEqual([])
    expect(sum.settled.map(h => h.allergen)).toEqual(['soy', 'egg'])
    expect(sum.contains.map(h => h.allergen)).toEqual(['milk'])
  })
  test('unknown words of all fields, each once', () =>
    expect(
      sumUp(packet('', { words: { ...noWords, statement: 'zorblax', facility: 'zorblax quux' } }))
        .unknownWords,
    ).toEqual(['zorblax', 'quux']))
})

describe('when a packet counts as read', () => {
  test.each([
    ['no statement', packet(' '), '2026-01-11', /not entered yet/u],
    [
      'unconfirmed words',
      packet('milk', { unconfirmed: ['mi1k', 'a', 'b', 'c', 'd'] }),
      '2026-01-11',
      /^words of its photo are not confirmed yet: “mi1k”, “a”, “b”, “c”$/u,
    ],
    ['nobody', packet('milk', { checkedOn: '' }), '2026-01-11', /nobody/u],
    ['tomorrow', packet('milk'), '2026-01-09', /not a day up to now/u],
    ['no day', packet('milk', { checkedOn: 'soon' }), '2026-01-11', /not a day/u],
    [
      'too long ago',
      packet('milk', { recheckDays: 30 }),
      '2026-02-10',
      /31 days ago, on 2026-01-10/u,
    ],
  ])('%s: it does not', (_, p, today, says) => expect(whyNotChecked(p, today)).toMatch(says))
  test('to its last day it does', () => {
    expect(whyNotChecked(packet('milk', { recheckDays: 30 }), '2026-02-09')).toBe('')
    expect(whyNotChecked(packet('milk'), '2026-01-10')).toBe('')
    expect(daysBetween('2026-02-27', '2026-03-01')).toBe(2)
  })
})

describe('when its words change', () => {
  const before = packet('Sugar, soya lecithin', {
    answer: { on: '2026-01-11', text: 'no egg', without: ['egg'] },
  })
  test('what stood there goes into the history, and it is to be read again', () => {
    const after = withWords(before, { ...noWords, statement: 'Sugar, milk' }, null)
    expect(after).toMatchObject({
      checkedOn: '',
      checkedBy: '',
      answer: null,
      history: [{ on: '2026-01-10', by: 'Ada', words: before.words }],
    })
    expect(
      withWords(before, { ...noWords, statement: 'Sugar, milk' }, { on: '2026-02-01', by: 'Ben' }),
    ).toMatchObject({ checkedOn: '2026-02-01', checkedBy: 'Ben' })
  })
  test('the same words keep the check and the answer', () =>
    expect(
      withWords(before, { ...noWords, statement: ' Sugar, soya lecithin ' }, null),
    ).toMatchObject({ checkedOn: '2026-01-10', answer: before.answer, history: [] }))
  test('the first words are no change', () =>
    expect(
      withWords(newPacket('b', 'x', null), { ...noWords, statement: 'milk' }, null).history,
    ).toEqual([]))
  test('differences are named in allergens and in words', () => {
    expect(
      changeOf(
        { ...noWords, statement: 'Sugar, soya lecithin' },
        { ...noWords, statement: 'Sugar, milk, lecithin', mayContainLine: 'May contain nuts' },
      ),
    ).toEqual({
      came: ['contains milk', 'may contain tree nuts', 'perhaps soy', 'perhaps egg'],
      went: ['contains soy'],
      wordsIn: ['milk', 'May', 'contain', 'nuts'],
      wordsOut: ['soya'],
    })
  })
  test('twenty wordings are kept', () => {
    let now = before
    for (let i = 0; i < 30; i++)
      now = withWords(now, { ...noWords, statement: `sugar ${i}` }, { on: '2026-02-01', by: 'Ben' })
    expect(now.history).toHaveLength(20)
    expect(now.history.at(-1)!.words.statement).toBe('sugar 28')
  })
})

describe('look-alikes', () => {
  test('one name in any order, other allergens', () => {
    const all = [
      packet('Sugar, soya lecithin'),
      packet('Sugar, milk', { id: 'b', name: 'Dark LANTERN' }),
      packet('Sugar, soya', { id: 'c' }),
      packet('milk', { id: 'd', name: 'Other' }),
    ]
    expect(lookAlikes(all)).toEqual([
      { packet: 'a', other: 'b', only: ['soy'], otherOnly: ['milk'] },
      { packet: 'b', other: 'c', only: ['milk'], otherOnly: ['soy'] },
    ])
  })
  test('a packet without a name is like no other', () =>
    expect(
      lookAlikes([packet('milk', { name: '–' }), packet('egg', { id: 'b', name: '–' })]),
    ).toEqual([]))
})

describe('codes', () => {
  // Check digits by the standard's own rule; the codes are made up, in the range that no maker has.
  test.each(['2000000010014', '200000101008', '20000103', '2 000000-010014'])('%s is one', text =>
    expect(readCode(text)).toEqual({ ok: true, code: text.replace(/\D/gu, '') }),
  )
  test.each([
    ['', 'empty'],
    ['  ', 'empty'],
    ['12ab', 'digits'],
    ['123', 'length'],
    ['2000000010015', 'check'],
    ['0200000101009', 'check'],
  ])('“%s” is refused', (text, code) =>
    expect(readCode(text)).toMatchObject({
      ok: false,
      problem: { code, sentence: expect.stringMatching(/\.$/u) },
    }),
  )
})
