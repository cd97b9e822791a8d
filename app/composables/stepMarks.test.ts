import { describe, expect, test } from '@jest/globals'
import { readRecipe } from '#core'
import { readMethod } from '#core/method'
import { linesOf } from '#core/recipe'
import { stayMarks, takenMarks } from './stepMarks'

function marks(lines: string, method: string) {
  const { recipe } = readRecipe(`Cake\n\n${lines}\n\nMethod\n${method}`)
  const { actions } = readMethod(recipe)
  const listed = new Map(linesOf(recipe).map(line => [line.id, line]))
  return {
    takes: takenMarks(actions, listed).map(mark => mark.says + (mark.lineId ? '' : ' (brought)')),
    stays: stayMarks(actions),
  }
}

describe('what stands beside a step', () => {
  test('what it takes, with shares, gathered things, and what no line lists', () => {
    const lines = '200 g plain flour\n10 g baking powder\n150 g sugar\n3 eggs, separated\n1 lemon'
    const method =
      'Mix the dry ingredients with half the sugar.\n' +
      'Beat the yolks with the rest of the sugar and the lemon zest.\nServe with cream.'
    expect(marks(lines, method).takes).toEqual([
      'half of sugar',
      'plain flour',
      'baking powder',
      'the yolk of eggs',
      'the rest of sugar',
      'the zest of lemon',
      'cream (brought)',
    ])
  })
  test('what a tin is readied with is not taken from the dessert', () => {
    const method = 'Butter and flour a tin.\nCream the butter and sugar. Fold in the flour.'
    expect(marks('150 g butter\n150 g sugar\n200 g plain flour', method).takes).toEqual([
      'butter',
      'flour',
      'sugar',
      'plain flour',
    ])
  })
  test('one stay of several stretches, and the oven’s settings in their order', () => {
    const method =
      'Mix everything. Leave to rise for 1 hour. Bake at 220 °C for 15 minutes, then turn the oven ' +
      'down to 190 °C and bake for 20 more. Cool for 5–10 minutes. It keeps for 3 days.'
    expect(marks('200 g flour\n7 g yeast', method).stays).toEqual([
      'rise 1 h',
      'bake 15 min + 20 min',
      '220 → 190 °C',
      'cool 5–10 min',
    ])
  })
})
