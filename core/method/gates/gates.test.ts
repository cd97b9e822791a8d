import { describe, expect, test } from '@jest/globals'
import { readRecipe } from '#core'
import type { Recipe } from '../../recipe'
import { gateFaults } from './index'

const cake = (lines: string, method: string) => `Cake\n\n${lines}\n\nMethod\n${method}`
/** The recipe `is` with other ids for the lines that `was` does not have. */
function changed(wasText: string, isText: string): { was: Recipe; is: Recipe } {
  const [was, is] = [wasText, isText].map(text => readRecipe(text).recipe) as [Recipe, Recipe]
  const idOf = new Map(was.components.flatMap(c => c.lines.map(line => [line.text, line.id])))
  const components = is.components.map(c => ({
    ...c,
    lines: c.lines.map(line => ({ ...line, id: idOf.get(line.text) ?? `new-${line.text}` })),
  }))
  return { was, is: { ...is, components } }
}
const lines = '200 g plain flour\n150 g butter\n150 g sugar\n3 eggs'
const method =
  'Cream the butter and sugar.\nBeat in the eggs.\nFold in the flour.\nBake at 180 °C for 30 minutes.'
const flax = '200 g plain flour\n150 g butter\n150 g sugar\n20 g ground flax\n120 g water'
const gel =
  'For the flax gel: stir the ground flax into the water and rest for 10 minutes.\n' +
  'Cream the butter and sugar.\nBeat in the flax gel.\nFold in the flour.\nBake at 180 °C for 30 minutes.'
const faults = (isLines: string, isMethod: string, wasLines = lines, wasMethod = method) => {
  const { was, is } = changed(cake(wasLines, wasMethod), cake(isLines, isMethod))
  return gateFaults(was, is).map(({ gate, says }) => `${gate}: ${says}`)
}

describe('what must hold of a method that was changed', () => {
  test('a plan that is whole passes, and so does the recipe itself', () => {
    expect(faults(flax, gel)).toEqual([])
    expect(faults(lines, method)).toEqual([])
  })
  test.each([
    [
      'a line that came in is in no step',
      flax,
      method.replace('Beat in the eggs.\n', ''),
      'shares: No step takes the ground flax.',
    ],
    [
      'a line that stayed is lost',
      flax,
      gel.replace('Fold in the flour.\n', ''),
      'shares: No step takes the plain flour.',
    ],
    [
      'more is taken than there is',
      flax,
      gel.replace(
        'Fold in the flour.',
        'Fold in two thirds of the flour. Fold in half of the flour.',
      ),
      'shares: The steps take more of the plain flour than there is.',
    ],
    [
      'nothing is baked any more',
      flax,
      gel.replace('\nBake at 180 °C for 30 minutes.', '\nServe.'),
      'heat: Nothing in “the method” is baked or boiled any more.',
    ],
    [
      'a bake has lost its time',
      flax,
      gel
        .replace(' for 30 minutes.\nCream', ' well.\nCream')
        .replace('180 °C for 30 minutes', '180 °C'),
      'heat: A bake has lost its time.',
    ],
    [
      'a gel is whipped',
      flax,
      gel.replace(
        'stir the ground flax into the water',
        'whisk the ground flax and water to stiff peaks',
      ),
      'foam: ground flax, water does not whip to peaks.',
    ],
    [
      'a step names what left',
      flax,
      gel.replace('Beat in the flax gel.', 'Beat in the flax gel and the eggs.'),
      'gone: A step still speaks of “eggs”.',
    ],
    [
      'a step speaks of its yolks',
      flax,
      gel.replace('Beat in the flax gel.', 'Beat in the flax gel until it looks scrambled.'),
      'gone: A step still speaks of “scrambled”.',
    ],
    [
      'agar is never boiled',
      `${flax}\n2 g agar`,
      gel.replace('Fold in the flour', 'Fold in the flour and the agar'),
      'setters: The agar is never boiled, so it will not set.',
    ],
    [
      'gelatine is boiled',
      `${flax}\n6 g gelatine`,
      gel.replace('Fold in the flour.', 'Fold in the flour.\nBoil the gelatine.'),
      'setters: The gelatine is boiled, and will not set.',
    ],
    [
      'oil comes to a foam of aquafaba',
      `${flax}\n100 g aquafaba\n20 g oil`,
      gel.replace(
        'Fold in the flour.',
        'Whisk the aquafaba and oil to stiff peaks. Fold in the flour.',
      ),
      'foam: neutral oil would break the foam.',
    ],
    [
      'a gel is used before it is made',
      flax,
      `Cream the butter and sugar.\nBeat in the flax gel.\n${gel.split('\n')[0]!}\n` +
        'Fold in the flour.\nBake at 180 °C for 30 minutes.',
      'order: The flax gel is used before it is made.',
    ],
    [
      'a gel with a weight at its head is used before it is made',
      flax,
      'Cream the butter and sugar with the flax gel.\nFlax gel, 140 g: stir the flax into the water.\n' +
        'Fold in the flour.\nBake at 180 °C for 30 minutes.',
      'order: The flax gel is used before it is made.',
    ],
    [
      'a little water comes to melting chocolate',
      `${flax}\n200 g dark chocolate\n20 g water`,
      gel.replace('Fold in the flour.', 'Melt the chocolate with 20 g water. Fold in the flour.'),
      'seizing: Too little water for a sauce comes to the melting chocolate: it would seize.',
    ],
  ])('%s', (_, isLines, isMethod, fault) => expect(faults(isLines, isMethod)).toContain(fault))

  test.each([
    ['none', 'Melt the chocolate. Fold in the flour and 20 g water.'],
    [
      'what a butter brings',
      'Melt the chocolate with the butter. Fold in the flour and 20 g water.',
    ],
  ])('chocolate melts with %s', (_, step) => {
    const method = gel.replace('Fold in the flour.', step)
    expect(faults(`${flax}\n200 g dark chocolate\n20 g water`, method).join()).not.toMatch(/seize/u)
  })

  test.each([
    ['Beat in the the flax gel.', 'a word twice'],
    ['Beat in a egg-free gel.', '“a” before a vowel'],
    ['Beat in an flax gel.', '“an” before a consonant'],
    ['Beat in the flax gel,, gently.', 'two marks in a row'],
    ['Beat in the flax gel , gently.', 'a blank before a mark'],
    ['Beat it.Then the flax gel.', 'no blank behind a sentence'],
    ['Beat it,then the flax gel.', 'no blank behind a mark'],
    ['Beat in the flax gel. then rest.', 'a sentence without its capital'],
    ['Beat in the flax gel and the.', 'a sentence that breaks off'],
    ['Beat in the some flax gel.', 'two articles'],
    ['Beat in the flax gel and and rest.', '“and” twice'],
    ['Beat in the flax gel. Beat in the flax gel.', 'a sentence twice'],
  ])('plain English: %s', (sentence, says) =>
    expect(faults(flax, gel.replace('Beat in the flax gel.', sentence)).join('\n')).toContain(
      `english: ${says}`,
    ),
  )
  test.each([
    ['Beat in the flax gel for an hour.'],
    ['Beat in the flax gel in a unit or a one-litre jug.'],
    ['Beat in the flax gel… and rest.'],
  ])('right English passes: %s', sentence =>
    expect(faults(flax, gel.replace('Beat in the flax gel.', sentence))).toEqual([]),
  )

  test('nothing is told to set of which nothing sets; an original that sets by itself may be', () => {
    const cream = (lines: string) =>
      cake(lines, 'Warm the milk and sugar and chill for 4 hours until set.')
    const without = changed(
      cream('500 ml milk\n80 g sugar\n8 g gelatine'),
      cream('500 ml oat drink\n80 g sugar'),
    )
    const says = 'Nothing in “the dessert” sets, and it is told to.'
    expect(gateFaults(without.was, without.is).map(fault => fault.says)).toContain(says)
    const withAgar = changed(
      cream('500 ml milk\n80 g sugar\n8 g gelatine'),
      cream('500 ml oat drink\n80 g sugar\n4 g agar'),
    )
    expect(gateFaults(withAgar.was, withAgar.is).map(fault => fault.says)).not.toContain(says)
    expect(gateFaults(without.is, without.is)).toEqual([])
  })

  test('in a method that two parts share, flour of one of them stays raw', () => {
    const shared = (bake: string) =>
      cake(
        'For the cream\n300 ml double cream\n40 g sugar\n\nFor the biscuits\n150 g plain flour\n100 g butter',
        'Simmer the cream with the sugar and pour into glasses. ' +
          `Rub the butter into the flour, roll out, cut${bake}`,
      )
    const { was, is } = changed(shared(' and bake for 15 minutes.'), shared('.'))
    expect(gateFaults(was, is).map(({ says }) => says)).toContain(
      'The flour of “biscuits” stays raw.',
    )
    expect(gateFaults(was, was)).toEqual([])
  })

  test('two parts may each make a gel of the same name', () => {
    const head = gel.split('\n')[0]!
    expect(faults(flax, `${head}\n${gel}`).join()).not.toMatch(/before it is made/u)
  })
  test('two gels may each be told to rest in the same words', () => {
    const twice = gel.replace(
      'Cream the butter',
      'For the second gel: Rest for ten minutes.\nFor the third gel: Rest for ten minutes.\nCream the butter',
    )
    expect(faults(flax, twice)).toEqual([])
  })
  test('what the original says itself is its own, and counts against no plan', () => {
    const own = method.replace('Beat in the eggs.', 'Beat in the the eggs.')
    expect(faults(lines, own, lines, own)).toEqual([])
  })
  test('of a method that tells only half, nothing is said that is not used', () => {
    const half = 'Bake at 180 °C for 30 minutes.'
    expect(faults(flax, half, lines, half)).toEqual([])
  })
})
