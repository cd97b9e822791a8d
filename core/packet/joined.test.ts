import { describe, expect, test } from '@jest/globals'
import { wordsOf } from '#core/pantry'
import { brokenWords, misread } from './damage'
import { readJoined } from './joined'
import { additive, bare, insideWord } from './lexicon'

describe('joined words: known only if all their pieces are', () => {
  test.each([
    ['Weizenmehl', true, 'weizenmehl', 'wheat', ''],
    ['Weizenmehle', false, 'weizen', 'wheat', ''],
    ['Mandelsplitter', true, 'mandelsplitter', 'almond', ''],
    ['Haselnussmilchpulver', true, 'haselnussmilch', 'hazelnut', ''],
    ['Dinkelsvollkornmehl', true, 'dinkels', 'wheat', ''],
    ['Eiermilch', true, 'eier + milch', 'egg milk', ''],
    ['Zorblaxmandel', false, 'mandel', 'almond', ''],
    ['mandelzorblax', false, 'mandel', 'almond', ''],
    ['Milchzorblaxei', false, 'milch', 'milk', ''],
    ['zorblax', false, 'zorblax', '', ''],
    ['Eipulver', true, 'eipulver', 'egg', ''],
    ['Pflanzeneiweiß', true, 'Pflanzeneiweiß', '', 'soy wheat pea lupin'],
    ['Sojaeiweiß', true, 'sojaeiweiss', 'soy', ''],
    ['Eiweißpulver', true, 'Eiweißpulver', '', 'egg milk soy'],
    ['wheatflour', true, 'wheat', 'wheat', ''],
    ['soyalecithin', true, 'soya', 'soy', ''],
    ['lecithinpulver', true, 'lecithinpulver', '', 'soy egg'],
    ['stärkepulver', true, 'stärkepulver', '', 'wheat'],
    ['maisstärke', true, 'maisstarke', 'corn', ''],
    ['Nussmischungen', false, 'nuss', 'tree-nut', ''],
    ['Walnussnuss', true, 'walnuss + nuss', 'walnut tree-nut', ''],
    ['milk2powder', false, 'milk', 'milk', ''],
    ['Käsesahne', true, 'kase + sahne', 'milk', ''],
    ['Butterkeks', true, 'butter + keks', 'milk wheat', ''],
    ['reismehlx', false, 'reismehlx', '', ''],
    ['x'.repeat(61), false, 'x'.repeat(61), '', ''],
    // Of a word that nobody knows, what its beginning or its end may bring is left open.
    ['walnootzorb', false, 'walnootzorb', '', 'walnut'],
    ['zorbwalnoot', false, 'zorbwalnoot', '', 'walnut'],
    ['roomzorb', false, 'roomzorb', '', 'milk'],
    ['zorbkaas', false, 'zorbkaas', '', 'milk'],
    ['kaasx', false, 'kaasx', '', 'milk'],
    ['xkaas', false, 'xkaas', '', 'milk'],
    ['noisettezorb', false, 'noisettezorb', '', 'hazelnut'],
    ['walnootzorbkaas', false, 'walnootzorbkaas', '', 'walnut milk'],
    ['Milchzorbkaas', false, 'milch', 'milk', ''],
    // Pieces may be joined by a letter or two; the end of the word is no joint.
    ['Haselnussesmehl', true, 'haselnusses', 'hazelnut', ''],
    ['Weizennmehl', true, 'weizen', 'wheat', ''],
    ['Milchsei', false, 'milch', 'milk', ''],
    ['melkroom', true, 'melk + room', 'milk', ''],
    ['Reismilchsahne', true, 'sahne', 'milk', ''],
    ['butterbohnenmehl', true, 'butter + bohnenmehl', 'milk bean', ''],
    // "Ei" begins a word, and is nothing within one.
    ['Eimehl', true, 'ei', 'egg', ''],
    ['mehleimehl', false, 'mehleimehl', '', ''],
    ['weizeneimehl', false, 'weizen', 'wheat', ''],
    // Shorter or longer than any word, or with figures: not parted.
    ['eimeh', false, 'eimeh', '', ''],
    [`mandel${'mehl'.repeat(13)}`, true, 'mandelmehl', 'almond', ''],
    [`mandeln${'mehl'.repeat(13)}`, true, 'mandeln', 'almond', ''],
    [`mandel${'mehl'.repeat(14)}`, false, 'mandel', 'almond', ''],
    ['weizen4mehl', false, 'weizen', 'wheat', ''],
  ])('%s', (word, isKnown, part, holds, open) => {
    const read = readJoined(word)
    expect([read.isKnown, read.part, read.holds.join(' '), read.open.join(' ')]).toEqual([
      isKnown,
      part,
      holds,
      open,
    ])
  })
  test.each([
    ['Mandelsplitter', 'mandel', 'almond'],
    ['zorblaxmandel', 'mandel', 'almond'],
    ['Haselnussmilch', 'haselnuss', 'hazelnut milk'],
    ['Nussmehl', 'nuss', 'tree-nut'],
    ['Walnusszorblax', 'walnuss', 'walnut'],
    ['Hartweizengrieß', 'hartweizen', 'wheat'],
    ['zorblax', '', ''],
    ['Ei', '', ''],
  ])('inside %s', (word, part, holds) =>
    expect([insideWord(word).part, insideWord(word).holds.join(' ')]).toEqual([part, holds]),
  )
  test('letters without their marks', () =>
    expect(['Süßmölke', 'Crème', 'ẞ', 'É'].map(bare)).toEqual(['sussmolke', 'creme', 'ss', 'e']))
})

describe('additives by number', () => {
  test.each([
    [100, '', 'additive', '', ''],
    [150, 'd', 'sulphite caramel', '', 'sulphite'],
    [220, '', 'sulphites', 'sulphite', ''],
    [472, 'e', 'esters of fatty acids', '', 'animal-fat'],
    [901, '', 'beeswax', 'beeswax', ''],
    [1105, '', 'lysozyme', 'egg', ''],
  ])('E %i%s', (number, letter, name, holds, open) =>
    expect(additive(number, letter)).toMatchObject({
      name,
      meaning: { holds: holds.split(' ').filter(Boolean), open: open.split(' ').filter(Boolean) },
    }),
  )
  test('a number that no list has', () => expect(additive(9999, '')).toBeUndefined())
})

describe('damaged print', () => {
  test.each([
    ['rnilk', 'milk'],
    ['f1our', 'wheat'],
    ['eggwhlte', 'egg'],
    ['sesarne', 'sesame'],
    ['wa1nut', 'walnut'],
    ['c0coa', 'cocoa'],
  ])('%s was perhaps %s', (word, id) => expect(misread(word)?.meaning.holds).toEqual([id]))
  test.each(['a1', 'xx', 'soy4', 'zorblax'])('%s was nothing known', word =>
    expect(misread(word)).toBeUndefined(),
  )
  test.each([
    ['cas ein powder', ['casein']],
    ['m i l k', ['milk']],
    ['pea-\nnuts', ['peanuts']],
    ['al mond', ['almond']],
    ['al mond s', ['almond', 'almonds']],
    ['but\n-\nter', []],
    ['whe y', ['whey']],
    ['so  ya', []],
    ['so, ya', []],
    ['butter milk', []],
    ['milk', []],
    ['s oy a b ean', ['soy', 'soya', 'bean']],
  ])('%j is put together again', (text, words) =>
    expect(
      brokenWords(text, wordsOf(text), word => word.plain === 'butter').map(b => b.words),
    ).toEqual(words),
  )
})
