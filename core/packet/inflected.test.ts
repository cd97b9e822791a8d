import { describe, expect, test } from '@jest/globals'
import { each } from '../../tests/each'
import { isHarmless } from './inflected'
import { bare, bringingWords, harmlessWords } from './lexicon'
import { readPacket } from './read'
import { shortestStem } from './tables/endings'
import { everydayWords } from './tables/everyday'

test.each([
  ['ungesalzenen', true],
  ['gesalzenes', true],
  ['tostadas', true],
  ['tostata', true],
  ['séchées', true],
  ['naturelles', true],
  ['geroosterde', true],
  ['diluted', true],
  // A word that brings something has the same stem, or an unknown one stands there.
  ['butters', false],
  ['käses', false],
  ['mandorla', false],
  ['nocciola', false],
  ['gamberi', false],
  ['almejas', false],
  ['rejer', false],
  ['pähkinä', false],
  // Short stems are shared by chance.
  ['pane', false],
])('%s', (word, isKnown) => {
  expect([word, isHarmless(word)]).toEqual([word, isKnown])
})

test('no word of a name that brings something is harmless, in whatever form', () => {
  const words = [...new Set(bringingWords().map(bare))]
  expect(words.length).toBeGreaterThan(2000)
  expect(words.filter(isHarmless)).toEqual([])
  // Unless it stands in the tables by itself: Kirsch and Kirschen.
  const own = new Set([...[...harmlessWords].map(bare), ...everydayWords.trim().split(/\s+/u)])
  const forms = words
    .filter(word => word.length > shortestStem)
    .flatMap(word => ['s', 'e', 'n', 'en'].map(end => word + end))
  expect(forms.filter(form => isHarmless(form) && !own.has(form))).toEqual([])
})

test('no everyday word brings anything by its beginning, its end or its pieces', () => {
  const words = everydayWords.trim().split(/\s+/u)
  expect(words.length).toBeGreaterThan(10_000)
  // All at once: a comma between, so that none makes a name with its neighbour.
  for (let at = 0; at < words.length; at += 400) {
    const { contains, mayContain } = readPacket(words.slice(at, at + 400).join(', '))
    expect([...contains, ...mayContain].map(hit => [hit.words, hit.allergen])).toEqual([])
  }
})

describe('how to keep and use it', () => {
  const says = (text: string) => {
    const { contains, mayContain, unknownWords } = readPacket(text)
    return [[...contains, ...mayContain].map(hit => hit.allergen), unknownWords]
  }
  test.each([
    'Rice, sugar. Stir xyzzy before use.',
    'Reis, Zucker. Nach dem Öffnen xyzzy verbrauchen.',
    'Riz, sucre. Conserver xyzzy au frais.',
    'Riso, zucchero. Dopo l’apertura xyzzy.',
    'Arroz, azúcar. Agitar xyzzy.',
    'Rijst, suiker. Na openen xyzzy.',
    'Rice, sugar. Enjoy the taste of xyzzy.',
    'Rice, sugar. Serve warm with xyzzy sauce.',
    'Rice, sugar. Enjoy the crunch of our xyzzy pieces.',
    'Rice, sugar. Add the enclosed xyzzy sachet before serving.',
    'Rice, sugar. Store in a cool place, away from xyzzy.',
    'Rice, sugar. Nutrition information per 100 g: energy 400 kJ, xyzzy 3 g',
  ])('an unknown word blocks in it: %s', text => {
    expect(says(text)).toEqual([[], ['xyzzy']])
  })
  test.each([
    'Rice, sugar. Stir well before use. Once opened keep in a fridge and use within three days.',
    'Reis, Zucker. Vor Wärme geschützt lagern. Nach dem Öffnen innerhalb von drei Tagen verbrauchen.',
    'Riz, sucre. À conserver dans un endroit frais et sec, à l’abri de la lumière.',
    'Riso, zucchero. Conservare in luogo fresco e asciutto, lontano da fonti di calore.',
    'Arroz, azúcar. Una vez abierto, mantener refrigerado y consumir en 3 días.',
    'Rijst, suiker. Koel en droog bewaren. Goed schudden voor gebruik.',
    'Arroz, açúcar. Conservar em local fresco e seco. Depois de aberto, manter no frigorífico.',
  ])('its usual words do not: %s', text => {
    expect(says(text)).toEqual([[], []])
  })
  test('what it names counts, and a list goes on behind it', () => {
    expect(says('Rice. Serve with walnuts.')[0]).toContain('walnut')
    expect(says('Rice. Store cool, xyzzy, salt.')[1]).toEqual(['xyzzy'])
    expect(says('Rice. Store cool.\nxyzzy')[1]).toEqual(['xyzzy'])
    // No sentence of use: the word begins a name.
    expect(says('Boiled xyzzy, rice')[1]).toEqual(['xyzzy'])
    expect(says('Freeze dried xyzzy, rice')[1]).toEqual(['xyzzy'])
  })
})

test('what heads a list is what the product is called, by no words that lead to a list', () => {
  const unknown = (text: string) => readPacket(text).unknownWords
  expect(unknown('Xyzzy: apples, sugar')).toEqual([])
  expect(unknown('Xyzzy with salt: rice, salt')).toEqual([])
  expect(unknown('Enriched with xyzzy: rice, salt')).toEqual(['xyzzy'])
  expect(unknown('Xyzzy: rice')).toEqual(['Xyzzy'])
  expect(unknown('Xyzzy: cool, dry')).toEqual(['Xyzzy'])
  const prawns = readPacket('Prawn rolls: rice, salt')
  expect([...prawns.contains, ...prawns.mayContain].map(hit => hit.allergen)).toContain(
    'crustacean',
  )
})

test('the type of a flour is no imitation of it', () => {
  for (const text of each(['Weizenmehl Type 550, Salz', 'farine de blé type 65, sel']))
    expect(readPacket(text).contains.map(hit => hit.allergen)).toContain('wheat')
  expect(readPacket('cheese type topping').contains).toEqual([])
})
