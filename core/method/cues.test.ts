import { expect, test } from '@jest/globals'
import { readRecipe } from '#core'
import { readMethod } from './read'

const cuesIn = (step: string) =>
  readMethod(
    readRecipe(`Cake\n\n200 g flour\n100 g butter\n2 eggs\n\nMethod\n${step}`).recipe,
  ).actions.flatMap(({ until }) => (until ? [[until.text, [...until.kinds].join(' ')]] : []))

test.each([
  ['Rub in the butter until crumbly.', 'until crumbly', 'crumbs'],
  ['Bake until golden and wobbly.', 'until golden and wobbly', 'golden wobbles'],
  ['Bake until just wobbly, then cool.', 'until just wobbly', 'wobbles'],
  ['Cream the butter until light and gradually beat in the eggs.', 'until light', 'airy'],
  [
    'Cream the butter until light and fluffy then slowly add the eggs.',
    'until light and fluffy',
    'airy',
  ],
  ['Whisk the eggs to stiff peaks and carefully fold in the flour.', 'to stiff peaks', 'peaks'],
  ['Whisk the eggs until thick and fold in the flour.', 'until thick', 'thick'],
  ['Stir until smooth; add the eggs.', 'until smooth', 'smooth'],
])('%s', (step, text, kinds) => expect(cuesIn(step)).toEqual([[text, kinds]]))
