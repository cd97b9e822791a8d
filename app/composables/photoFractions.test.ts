import { describe, expect, test } from '@jest/globals'
import { fractionIn, fractionOffers } from './photoFractions'

type Word = string | readonly [string, number]
const line = (words: readonly Word[]) => ({
  words: words.map(word =>
    typeof word === 'string' ? { text: word, sure: 95 } : { text: word[0], sure: word[1] },
  ),
})
const offers = (...words: readonly Word[]) => {
  const doubt = fractionIn(line(words))
  return doubt && [doubt.at, ...fractionOffers(doubt).slice(0, 3)]
}

describe('amounts that may have been fractions', () => {
  // As a recogniser read cards of our own: ½ ¼ ¾ ⅓, printed in six faces.
  test.each([
    ['%', 'cup', 'caster', 'sugar'],
    ['Y4', 'cup', 'oil'],
    ['Ys', 'cup', 'cocoa'],
    ['Va', 'tsp', 'salt'],
    ['V2', 'teaspoon', 'vanilla'],
    ['¥', 'tsp', 'salt'],
    ['Y', 'tsp', 'ground', 'cloves'],
    ['%', 'lemon,', 'juiced'],
    ['3%', 'cup', 'caster', 'sugar'],
    ['%', 'teaspoon', 'vanilla'],
  ])('%s %s', (...words) => {
    expect(offers(...words)).toEqual([0, '½', '¼', '¾'])
  })
  test('with a whole number before it, in one word or two', () => {
    expect(offers('1%', 'cups', 'plain', 'flour')).toEqual([0, '1½', '1¼', '1¾'])
    expect(offers('13%', 'cups', 'plain', 'flour')).toEqual([0, '1½', '1¼', '1¾'])
    expect(offers('1%:', 'cups', 'plain', 'flour')).toEqual([0, '1½', '1¼', '1¾'])
    expect(offers('2Va', 'tsp', 'baking', 'powder')).toEqual([0, '2½', '2¼', '2¾'])
    expect(offers('1', '%', 'tbsp', 'milk')).toEqual([1, '1½', '1¼', '1¾'])
    expect(offers('1', 'V4', 'tbsp', 'milk')).toEqual([1, '1½', '1¼', '1¾'])
  })
  test('grown together with its measure', () => {
    expect(offers('Ytsp', 'salt')).toEqual([0, '½ tsp', '¼ tsp', '¾ tsp'])
    expect(offers('1%cups', 'flour')).toEqual([0, '1½ cups', '1¼ cups', '1¾ cups'])
  })
  test('a single figure that was hardly believed, and so many teaspoons as nobody measures', () => {
    expect(offers(['5', 18], 'tsp', 'salt')).toEqual([0, '½', '¼', '¾'])
    expect(offers(['2', 60], 'tsp', 'salt')).toEqual([0, '½', '¼', '¾'])
    expect(offers('5', 'tsp', 'salt')).toEqual([0, '½', '¼', '¾'])
    expect(offers('8', 'cups', 'flour')).toEqual([0, '½', '¼', '¾'])
  })
  test.each([
    ['2', 'tsp', 'salt'],
    ['5', 'cups', 'flour'],
    ['5', 'tbsp', 'oil'],
    ['12%', 'fat', 'cream'],
    ['100', 'g', 'butter'],
    ['1/2', 'tsp', 'nutmeg'],
    ['½', 'tsp', 'nutmeg'],
    ['Vanilla', 'sugar'],
    ['Yeast'],
    ['%'],
    ['Y'],
    ['5', 'eggs'],
    ['Bake', 'for', '20', 'minutes'],
  ])('no fraction: %s %s', (...words) => {
    expect(offers(...words)).toBeNull()
  })
  test('nothing seen is nothing asked', () => expect(fractionIn({ words: [] })).toBeNull())
})
