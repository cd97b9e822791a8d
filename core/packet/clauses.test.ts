import { each } from '../../tests/each'
import { describe, expect, test } from '@jest/globals'
import { wordsOf } from '#core/pantry'
import { clausesOf, modeAt, sentenceEnds } from './clauses'
import { findsIn } from './found'

/** The mode at the first place of some words. */
const scopesOf = (text: string) => clausesOf(text, findsIn(text, wordsOf(text)).found).scopes
const at = (text: string, words: string) => modeAt(scopesOf(text), text.indexOf(words))
const sentences = (text: string) => {
  let from = 0
  return sentenceEnds(text)
    .map(end => {
      const part = text.slice(from, end).trim()
      from = end
      return part
    })
    .filter(Boolean)
}

describe('where sentences end', () => {
  test.each([
    ['Sugar. Salt.', ['Sugar.', 'Salt.']],
    ['Sugar, 0.5 g. Salt', ['Sugar, 0.5 g.', 'Salt']],
    ['Cocoa: 70% min. sugar', ['Cocoa: 70% min. sugar']],
    ['Cocoa: 70% min. Salt', ['Cocoa: 70% min. Salt']],
    ['Cocoa: 70% min. Contains milk.', ['Cocoa: 70% min.', 'Contains milk.']],
    ['Sugar (raw). “Salt”', ['Sugar (raw).', '“Salt”']],
    ['Sugar.) Salt', ['Sugar.', ') Salt']],
    ['Sugar! Salt?', ['Sugar!', 'Salt?']],
    ['Sugar.', ['Sugar.']],
    ['Sugar.”', ['Sugar.', '”']],
    ['Sugar\n\nSalt', ['Sugar', 'Salt']],
    ['Sugar\n \nSalt', ['Sugar', 'Salt']],
    ['Sugar\nSalt', ['Sugar\nSalt']],
    ['Sugar • Salt ▪ Rice', ['Sugar •', 'Salt ▪', 'Rice']],
    ['e.g. sugar. 5 eggs', ['e.g. sugar.', '5 eggs']],
    ['Vit. D. Salt', ['Vit. D.', 'Salt']],
    ['approx. Salt', ['approx. Salt']],
    ['a.b', ['a.b']],
    ['min. may contain', ['min. may contain']],
  ] as const)('%s', (text, expected) => expect(sentences(text)).toEqual(expected))
  test('the last end is the text’s own', () => expect(sentenceEnds('ab')).toEqual([2]))
})

describe('how far a clause reaches', () => {
  test.each([
    ['May contain nuts. Sugar', 'nuts', 'trace'],
    ['May contain nuts. Sugar', 'Sugar', 'list'],
    ['May contain nuts, milk', 'milk', 'trace'],
    ['Sugar (may contain nuts), milk', 'nuts', 'trace'],
    ['Sugar (may contain nuts), milk', 'milk', 'list'],
    ['Sugar [may contain (nuts), milk], egg', 'milk', 'trace'],
    ['Sugar [may contain (nuts), milk], egg', 'egg', 'list'],
    ['Sugar (may contain nuts, milk', 'milk', 'trace'],
    ['Sugar [a (b], may contain nuts', 'nuts', 'trace'],
    ['(may contain nuts [x) milk', 'nuts', 'list'],
    ['(may contain nuts [x) milk', 'milk', 'list'],
    ['{may contain nuts} milk', 'milk', 'list'],
    // Commas or semicolons part a clause's things, never both.
    ['May contain nuts; milk', 'milk', 'trace'],
    ['May contain nuts; milk; egg', 'egg', 'trace'],
    ['May contain nuts, egg; milk', 'egg', 'trace'],
    ['May contain nuts, egg; milk', 'milk', 'list'],
    ['May contain nuts; egg, milk', 'nuts', 'trace'],
    ['May contain nuts; egg, milk', 'egg', 'list'],
    // A denial that keeps no form: nobody can say whether it is denied.
    ['Contains no nuts whey powder, sugar', 'nuts', 'torn'],
    ['Contains no nuts whey powder, sugar', 'whey', 'list'],
    ['No milk almond paste', 'milk', 'torn'],
    ['Without any of the milk whey', 'milk', 'torn'],
    ['No tree nuts whey', 'nuts', 'torn'],
    ['No sugar milk whey', 'milk', 'list'],
    ['Free from milk, egg and soya, almond flour', 'soya', 'denied'],
    ['Free from milk, egg and soya, almond flour', 'almond', 'list'],
    ['Free from milk and egg, soya, sugar', 'soya', 'list'],
    ['May contain milk, egg and soya, zorblax', 'soya', 'list'],
    // Places and what is done there.
    ['Roasted in a place with nuts', 'nuts', 'facility'],
    ['Ground on stones in a mill with nuts', 'nuts', 'facility'],
    ['Prepared by hand in a kitchen with nuts', 'nuts', 'facility'],
    ['Packed beside nuts', 'nuts', 'facility'],
    ['Stored right next to nuts', 'nuts', 'facility'],
    ['Made in rooms where nuts are used', 'nuts', 'facility'],
    ['Made in small batches with milk in a kitchen that handles nuts', 'milk', 'list'],
    ['Made with milk in a kitchen with nuts', 'milk', 'list'],
    ['May have been in contact with nuts', 'nuts', 'trace'],
    ['Traces possible: nuts, milk', 'milk', 'trace'],
    ['Contains milk. May contain egg', 'milk', 'contains'],
    ['Contains milk. May contain egg', 'egg', 'trace'],
    ['Contains milk and may contain egg', 'egg', 'trace'],
    ['May also contain egg', 'egg', 'trace'],
    ['may contain traces of egg', 'egg', 'trace'],
    ['could still contain small amounts of egg', 'egg', 'trace'],
    ['traces of egg', 'egg', 'trace'],
    ['Ingredients: may contain egg\nIngredients: sugar', 'sugar', 'list'],
    ['Free from milk, egg. Soy', 'egg', 'denied'],
    ['Free from milk, egg. Soy', 'Soy', 'list'],
    ['rice free from gluten, egg', 'egg', 'list'],
    ['rice free from gluten, egg', 'gluten', 'denied'],
    ['It is free from gluten, egg', 'egg', 'denied'],
    ['guaranteed  free of gluten, egg', 'egg', 'denied'],
    ['rice; free from: gluten, egg', 'egg', 'denied'],
    ['rice free of gluten; egg: rice', 'egg', 'list'],
    ['(free from gluten, egg) milk', 'egg', 'denied'],
    ['Does not contain nuts but almonds', 'nuts', 'denied'],
    ['Does not contain nuts but almonds', 'almonds', 'list'],
    ['doesn’t contain any nuts', 'nuts', 'denied'],
    ['Contains no nuts', 'nuts', 'denied'],
    ['Free from milk butter', 'butter', 'list'],
    ['without nuts but almonds, milk', 'almonds', 'list'],
    ['May contain nuts but almonds', 'almonds', 'list'],
    ['Frei von Milch aber Nüsse', 'Nüsse', 'list'],
    ['Free from lait mais peut contenir noix', 'noix', 'trace'],
    ['Free from lait mais noix', 'noix', 'list'],
    ['no milk, egg', 'milk', 'denied'],
    ['no milk, egg', 'egg', 'list'],
    ['sans lait; noix', 'noix', 'list'],
    ['ohne Milch (Ei)', 'Ei', 'list'],
    ['Nothing, egg', 'egg', 'list'],
    ['enthält keine Milch, Ei', 'Milch', 'denied'],
    ['ne contient pas de lait, noix', 'lait', 'denied'],
    ['Not suitable for nut allergy sufferers', 'nut', 'warning'],
    ['unsuitable for milk allergy', 'milk', 'warning'],
    ['Kann Milch enthalten. Ei', 'Milch', 'trace'],
    ['Kann Spuren von Milch enthalten', 'Milch', 'trace'],
    ['Enthält Milch', 'Milch', 'contains'],
    ['Peut contenir des traces de lait', 'lait', 'trace'],
    ['Contient : lait', 'lait', 'contains'],
    ['présence éventuelle de lait', 'lait', 'trace'],
    ['Made in a factory that handles nuts', 'nuts', 'facility'],
    ['Made in a bakery. Nuts', 'Nuts', 'list'],
    ['Packed on a line that also packs nuts, milk', 'milk', 'facility'],
    ['Made in a factory, contains milk', 'milk', 'contains'],
    ['Our bakery also uses nuts', 'nuts', 'facility'],
    ['In unserem Betrieb wird Milch verarbeitet', 'Milch', 'facility'],
    ['Fabriqué dans un atelier utilisant du lait', 'lait', 'facility'],
    ['Produced in an environment that contains milk', 'milk', 'facility'],
    ['For allergens, including cereals containing gluten, see milk', 'gluten', 'heading'],
    ['For allergens, including cereals containing gluten, see milk', 'milk', 'list'],
    ['Store in a cool place with milk. Egg', 'milk', 'aside'],
    ['Store in a cool place. Egg', 'Egg', 'list'],
    ['Allergens: milk', 'milk', 'contains'],
    ['Sugar', 'Sugar', 'list'],
    ['Nuts may be present. Egg', 'Nuts', 'trace'],
    ['Nuts may be present. Egg', 'Egg', 'list'],
    ['Egg. Nuts may also be present.', 'Egg', 'list'],
    ['Egg. Nuts may  also  be  present.', 'Nuts', 'trace'],
    ['Nuts could  be  present', 'Nuts', 'trace'],
    ['Milk, may be present: nuts', 'Milk', 'list'],
    ['Milk, may be present : nuts', 'Milk', 'list'],
    ['Milk, may be present: nuts', 'nuts', 'trace'],
    ['Spuren von Milch möglich', 'Milch', 'trace'],
    ['Lait, présence possible', 'Lait', 'trace'],
  ] as const)('%s → %s is %s', (text, words, mode) => expect(at(text, words)).toBe(mode))
  test('a clause knows where the words end that open it, and none is empty', () => {
    expect(scopesOf('May contain nuts.')).toEqual([
      { start: 0, opened: 11, end: 11, mode: 'trace' },
      { start: 12, opened: 12, end: 16, mode: 'trace' },
    ])
    expect(scopesOf('Sugar, salt')).toEqual([])
    expect(modeAt(scopesOf('May contain nuts. Egg'), 17)).toBe('list')
    for (const scope of each(scopesOf('no. may contain. sans ')))
      expect(scope.end).toBeGreaterThan(scope.start)
  })
})
