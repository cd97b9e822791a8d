import { describe, expect, test } from '@jest/globals'
import { isTellingWord } from './inflected'
import { bringingWords, bare } from './lexicon'
import { readPacket } from './read'
import { proseWords } from './tables/prose-words'

const open = (text: string) => readPacket(text).unknownWords
const found = (text: string) => {
  const { contains, mayContain } = readPacket(text)
  return [...contains, ...mayContain].map(hit => hit.allergen)
}

// From memory of what packets say behind their lists.
describe('what a sentence behind the list tells of its use or its making blocks nothing', () => {
  test.each([
    'Rice, sugar. Ideal for cakes, pastry and frying.',
    'Rice, sugar. Lovely with granola or over ice cream cones.',
    'Rice, sugar. Whisk into sauces and custards.',
    'Rice, sugar. Our beans are grown by small farms in the hills.',
    'Rice, sugar. One teaspoon thickens sauces and batter.',
    'Rice, sugar. Thickens sauces without lumps.',
    'Rice, sugar. One pouch replaces about ten egg-sized spoons.',
    'Rice, sugar. Place under soft biscuits so that they do not stick.',
    'Rice, sugar. Microwave ovens vary; adjust the time to suit yours.',
    'Rice, sugar. Unroll ten minutes after taking it from the fridge.',
    'Rice, sugar. Milled finely for macarons and sponges.',
    'Reis, Zucker. Ideal für Kuchen und Waffeln.',
    'Riz, sucre. Idéal pour les gâteaux.',
    'Riso, zucchero. Ideale per biscotti.',
  ])('%s', text => {
    expect(open(text)).toEqual([])
  })
})

// Sentences that could as well tell what is in it, from memory of how packets and menus speak.
const telling = [
  'Simply rice, xyzzy and salt.',
  'Just dates and xyzzy.',
  'For the filling: xyzzy, salt.',
  'For the base xyzzy, salt.',
  'To decorate xyzzy, sugar.',
  'It may hold a little xyzzy.',
  'Soaked in xyzzy.',
  'Baked from xyzzy and rice.',
  'Fermented from xyzzy.',
  'Covers a heart of xyzzy.',
  'Our bars are rolled in xyzzy.',
  'This bar is packed with xyzzy.',
  'These are hand dipped in xyzzy.',
  'Always xyzzy, never rice.',
  'Good on all: salt, xyzzy.',
  'Perfect for cakes; xyzzy, salt.',
  'Perfect for cakes (xyzzy, salt).',
  'Each pack keeps a xyzzy.',
  'Spread over a xyzzy base.',
  'Makes 12: xyzzy, salt.',
  'Rolled in xyzzy.',
  'Cut with xyzzy.',
  'Ideal with xyzzy.',
  'Whisk into xyzzy.',
]
describe('a sentence behind the list takes nothing back', () => {
  test.each(telling)('%s', sentence => {
    expect(open(`Rice, sugar. ${sentence}`)).toContain('xyzzy')
  })
  test.each(telling.filter(one => !/^(?:Perfect|Good|Ideal|Whisk)/u.test(one)))(
    '%s, with biscuits for it',
    sentence => {
      expect(open(`Rice, sugar. ${sentence.replace('xyzzy', 'biscuits')}`).join()).toContain(
        'biscuits',
      )
    },
  )
})

describe('what might be in it blocks, wherever it stands', () => {
  test.each([
    'Rice, sugar. Made with xyzzy.',
    'Rice, sugar. Contains xyzzy.',
    'Rice, sugar. Filling: xyzzy, salt.',
    'Rice, sugar. With added xyzzy for the crunch.',
    'Rice, sugar. It may also contain a little xyzzy.',
    'Rice, sugar. Our recipe: xyzzy.',
    'Rice, sugar. This is a xyzzy bar.',
    'Rice, sugar. They are not a xyzzy.',
    'Rice, sugar. Each jar holds xyzzy.',
    'Rice, sugar. Serves four. Xyzzy, salt.',
    'Rice, sugar. Toast with xyzzy, salt.',
    'Rice, sugar. Spread of xyzzy, salt.',
    'Rice, sugar. Our bars are coated in xyzzy.',
    'Rice, sugar. Ideal for those who like xyzzy, as it is made from it.',
    'Ideal for cakes: xyzzy, rice.',
    'Rice, ideal for xyzzy',
    'Rice, sugar. Xyzzy is grown on our farm.',
    'Reis, Zucker. Ideal für alle, enthält xyzzy.',
  ])('%s', text => {
    expect(open(text).map(word => word.toLowerCase())).toContain('xyzzy')
  })
  // Biscuits and cakes are made of anything, in a list as in what heads one.
  test.each([
    ['Rice, sugar. Topping: biscuits, salt.', 'biscuits'],
    ['Rice. With biscuits, sugar.', 'biscuits'],
    ['Rice, biscuits. Ideal for cakes.', 'biscuits'],
    ['Rice. Financiers, sugar.', 'Financiers'],
    ['Rice. The best of it is a financier.', 'financier'],
  ])('%s', (text, word) => {
    expect(open(text)).toContain(word)
  })
  test.each(
    (
      'financier florentines bakewell danish churros éclairs choux tart pies trifle fool posset parfait ' +
      'semifreddo nuggets bites velouté stuffing tarta bouchées plumcake baiser soes'
    ).split(' '),
  )('“%s” may be made of anything', dish => {
    expect(open(`Rice, ${dish}, salt`)).toEqual([dish])
  })
  test.each([
    ['Rice, sugar. Perfect with walnuts.', 'walnut'],
    ['Rice, sugar. Ideal for bread of wheat flour.', 'wheat'],
    ['Rice, sugar. Our oats are grown by small farms.', 'oat'],
    ['Rice, sugar. Whisk into milk.', 'milk'],
    ['Rice, sugar. It may be dusted with soya flour.', 'soy'],
  ])('%s names %s', (text, allergen) => {
    expect(found(text)).toContain(allergen)
  })
})

test('no word of whole sentences brings anything, by itself or in a form', () => {
  const words = proseWords.trim().split(/\s+/u)
  expect(words.length).toBeGreaterThan(4000)
  for (let at = 0; at < words.length; at += 400) {
    const { contains, mayContain } = readPacket(words.slice(at, at + 400).join(', '))
    expect([...contains, ...mayContain].map(hit => [hit.words, hit.allergen])).toEqual([])
  }
  const names = [...new Set(bringingWords().map(bare))]
  expect(names.filter(isTellingWord)).toEqual([])
  const forms = names.filter(w => w.length > 5).flatMap(w => ['s', 'es'].map(end => w + end))
  expect(forms.filter(isTellingWord)).toEqual([])
})
