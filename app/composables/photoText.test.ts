import { describe, expect, test } from '@jest/globals'
import { photoText, type SeenLine } from './photoText'

const line = (at: number, ...words: (string | [string, number])[]): SeenLine => ({
  top: at,
  bottom: at + 20,
  right: 40 * words.length,
  words: words.map(w =>
    typeof w === 'string' ? { text: w, sure: 95 } : { text: w[0], sure: w[1] },
  ),
})

describe('the words of a photo', () => {
  test('a figure that was not made out stays unknown and is named', () => {
    const seen = photoText([
      line(0, '1', 'cup', 'apple', 'sauce'),
      line(30, ['5', 3], 'cup', 'oil'),
      line(60, ['150', 70], 'g', 'sugar'),
    ])
    expect(seen.text).toBe('1 cup apple sauce\n? cup oil\n150 g sugar')
    expect(seen.doubts).toEqual(['? cup oil', '150 g sugar'])
  })
  test('a word that is no figure is taken however faint it is', () => {
    expect(photoText([line(0, '2', ['eggs', 20])])).toEqual({ text: '2 eggs', doubts: [] })
  })
  test('a wide gap on the card is an empty line in the text', () => {
    expect(
      photoText([
        line(0, 'Squares'),
        line(60, '2', 'eggs'),
        line(85, '100', 'g', 'flour'),
        line(110, '50', 'g', 'oil'),
        line(180, 'Bake.'),
      ]).text,
    ).toBe('Squares\n\n2 eggs\n100 g flour\n50 g oil\n\nBake.')
  })
  test('marks that cannot be meant are put right', () => {
    expect(
      photoText([
        line(0, 'l', 'tsp', 'salt'),
        line(25, '1O0', 'g', 'flour'),
        line(50, '1', '/z', 'cup', 'oil'),
        line(75, '180', '°¢'),
      ]).text,
    ).toBe('1 tsp salt\n100 g flour\n1/2 cup oil\n180 °C')
  })
  test(
    'a sentence that the edge of the card broke goes on; a full line of the list does not ' +
      'run into the next',
    () => {
      expect(
        photoText([
          line(0, '2', 'eggs'),
          line(25, '100', 'g', 'flour'),
          line(80, 'Beat', 'the', 'eggs', 'with', 'the', 'flour', 'and'),
          line(105, 'bake', 'for', '20', 'minutes.'),
          line(130, 'Cool.'),
        ]).text,
      ).toBe('2 eggs\n100 g flour\n\nBeat the eggs with the flour and bake for 20 minutes.\nCool.')
    },
  )
  test('nothing seen is nothing said', () => {
    expect(photoText([])).toEqual({ text: '', doubts: [] })
  })
})
