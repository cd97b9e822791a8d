import { describe, expect, test } from '@jest/globals'
import { changedSteps } from './changedSteps'

const said = (was: readonly string[], is: readonly string[]) => {
  const { steps, gone } = changedSteps(was, is)
  const marks = { same: '', gone: '-', new: '+' }
  return {
    gone,
    steps: steps.map(step => step.words.map(w => `${marks[w.is]}${w.text}`).join('|')),
    isNew: steps.map(step => step.isNew),
  }
}

describe('what changed in the steps', () => {
  test('a renamed thing is marked, and nothing beside it', () => {
    const was = ['Cream the butter and sugar.', 'Fold in the flour.']
    const is = ['Cream the plant block and sugar.', 'Fold in the flour.']
    expect(said(was, is)).toEqual({
      gone: [],
      steps: ['Cream the |-butter|+plant block| and sugar.', 'Fold in the flour.'],
      isNew: [false, false],
    })
  })
  test('a step that nothing was like is new; one that nobody needs is gone', () => {
    const was = ['Separate the eggs.', 'Beat the sugar and yolks until pale.']
    const is = [
      'Stir the flax into the water and leave it to thicken.',
      'Beat the sugar and gel until pale.',
    ]
    const found = said(was, is)
    expect(found.isNew).toEqual([true, false])
    expect(found.gone).toEqual(['Separate the eggs.'])
    expect(found.steps[1]).toContain('-yolks|+gel')
  })
  test('every word of both stands somewhere', () => {
    const was = 'Melt the butter, treacle and sugar in a pan, then beat in the egg and the milk.'
    const is = 'Melt the plant block, treacle and sugar in a pan, then beat in the flax gel.'
    const { steps } = changedSteps([was], [is])
    const text = (not: string) =>
      steps[0]!.words
        .filter(w => w.is !== not)
        .map(w => w.text)
        .join('')
    expect(text('new')).toBe(was)
    expect(text('gone')).toBe(is)
  })
})
