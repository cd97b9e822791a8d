import { describe, expect, test } from '@jest/globals'
import { readRecipe } from '#core'
import { readMethod } from '#core/method'
import { linesOf } from '#core/recipe'
import { cutPlaces, otherWords, stayMarks, takenMarks } from './stepMarks'

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

describe('a step is corrected by one press', () => {
  const { recipe } = readRecipe(
    'Cake\n\n150 g butter\n150 g sugar\n200 g plain flour\n\nMethod\n' +
      'Cream half the butter with the sugar, then fold in the flour.',
  )
  const lines = linesOf(recipe)
  const { actions } = readMethod(recipe)
  const [text] = recipe.components[0]!.steps
  const listed = new Map(lines.map(line => [line.id, line]))
  const [butter, sugar] = takenMarks(actions, listed)

  test('another thing stands where the wrong one stood; another share before it', () => {
    const { things, shares } = otherWords(text!, butter!, lines)
    expect(things.map(choice => choice.label)).toEqual(['sugar', 'plain flour'])
    expect(things[1]!.text).toBe(
      'Cream half the plain flour with the sugar, then fold in the flour.',
    )
    expect(shares.map(choice => choice.text)).toEqual([
      'Cream the butter with the sugar, then fold in the flour.',
      'Cream half the butter with the sugar, then fold in the flour.',
      'Cream a third of the butter with the sugar, then fold in the flour.',
      'Cream the rest of the butter with the sugar, then fold in the flour.',
    ])
    const third = otherWords(text!, sugar!, lines).shares[2]!
    expect(third.text).toBe(
      'Cream half the butter with a third of the sugar, then fold in the flour.',
    )
    // Read again, the step takes just that.
    const again = readRecipe(
      recipe.components[0]!.lines.map(l => l.text).join('\n') + `\n\nMethod\n${third.text}`,
    )
    const now = new Map(linesOf(again.recipe).map(line => [line.id, line]))
    expect(takenMarks(readMethod(again.recipe).actions, now).map(mark => mark.says)).toContain(
      'a third of sugar',
    )
  })
  test('what is gathered is corrected in the words of the step alone', () => {
    expect(otherWords(text!, { span: null, lineId: 'x' }, lines)).toEqual({
      things: [],
      shares: [],
    })
  })
  test('it may be cut before each of its doings but the first', () => {
    const places = cutPlaces(text!, actions)
    expect(places).toEqual([{ place: text!.indexOf('fold'), says: 'before “fold in the flour.”' }])
  })
})
