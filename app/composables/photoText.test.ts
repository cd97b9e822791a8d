import { describe, expect, test } from '@jest/globals'
import { photoText, withAmount, type SeenLine } from './photoText'

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
    expect(photoText([line(0, '2', ['eggs', 20])])).toEqual({
      text: '2 eggs',
      doubts: [],
      fractions: [],
    })
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
  test('an amount that may have been a fraction stands as “?” until somebody says which it is', () => {
    const seen = photoText([
      line(0, '%', 'cup', 'caster', 'sugar'),
      line(25, '1%', 'cups', 'flour'),
      line(50, 'Ytsp', 'salt'),
      line(75, '1', 'V4', 'tbsp', 'milk'),
      line(100, '5', 'tsp', 'baking', 'powder'),
      line(125, '2', 'eggs'),
    ])
    expect(seen.text.split('\n')).toEqual([
      '? cup caster sugar',
      '? cups flour',
      '? tsp salt',
      '? tbsp milk',
      '5 tsp baking powder',
      '2 eggs',
    ])
    expect(seen.fractions.map(f => [f.line, f.offers[0], f.seen, f.words])).toEqual([
      ['? cup caster sugar', '½', 0, 1],
      ['? cups flour', '1½', 1, 1],
      ['? tsp salt', '½ tsp', 2, 1],
      ['? tbsp milk', '1½', 3, 2],
      ['5 tsp baking powder', '½', 4, 1],
    ])
    const said = seen.fractions.reduce((text, f) => withAmount(text, f, f.offers[1]!), seen.text)
    expect(said.split('\n')).toEqual([
      '¼ cup caster sugar',
      '1¼ cups flour',
      '¼ tsp salt',
      '1¼ tbsp milk',
      '¼ tsp baking powder',
      '2 eggs',
    ])
    expect(withAmount('written anew', seen.fractions[0]!, '½')).toBe('written anew')
  })
  test('nothing seen is nothing said', () => {
    expect(photoText([])).toEqual({ text: '', doubts: [], fractions: [] })
  })
})
