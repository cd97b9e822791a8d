import { describe, expect, test } from '@jest/globals'
import { readRecipe } from '#core'
import { readMethod } from '#core/method'
import { linesOf } from '#core/recipe'
import { otherParts, otherStays, otherWords } from './stepCorrections'
import { cutPlaces, stayMarks, takenMarks } from './stepMarks'

function marks(lines: string, method: string) {
  const { recipe } = readRecipe(`Cake\n\n${lines}\n\nMethod\n${method}`)
  const { actions } = readMethod(recipe)
  const listed = new Map(linesOf(recipe).map(line => [line.id, line]))
  return {
    takes: takenMarks(actions, listed).map(mark => mark.says + (mark.lineId ? '' : ' (brought)')),
    stays: stayMarks(actions).map(mark => mark.says),
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

  const oven =
    'Bake at 220 °C for 15 minutes, then turn the oven down to 190 °C and bake for 20 more minutes.'
  const stays = (method: string) => {
    const read = readRecipe(`Cake\n\n150 g butter\n200 g plain flour\n\nMethod\n${method}`)
    return stayMarks(readMethod(read.recipe).actions)
  }
  test('each time of a bake is another with one press, and read so again; or none', () => {
    const [time] = stays(oven)
    const [first, second] = otherStays(oven, time!)
    expect([first!.says, second!.says]).toEqual(['15 min', '20 min'])
    const labels = first!.choices.map(choice => choice.label)
    expect(labels.slice(0, 4)).toEqual(['6 minutes', '8 minutes', '10 minutes', '12 minutes'])
    expect(labels.slice(4, 8)).toEqual(['18 minutes', '20 minutes', '25 minutes', '30 minutes'])
    expect(labels.slice(8)).toEqual(['It is no time of this step'])
    const longer = second!.choices.find(choice => choice.label === '30 minutes')!
    expect(stays(longer.text)[0]!.says).toBe('bake 15 min + 30 min')
  })
  test('a time that is none is struck with its “for about”', () => {
    const rest = 'Leave the dough for about 2 hours, then roll it out.'
    const [time] = stays(rest)
    const none = otherStays(rest, time!)[0]!.choices.at(-1)!
    expect(none.text).toBe('Leave the dough, then roll it out.')
  })
  test('a heat is another with one press, and read so again', () => {
    const heat = stays(oven).find(mark => mark.is === 'heat')!
    const [, second] = otherStays(oven, heat)
    expect(second!.says).toBe('190 °C')
    const cooler = second!.choices.find(choice => choice.label === '170 °C')!
    expect(stays(cooler.text).map(mark => mark.says)).toContain('220 → 170 °C')
  })
  test('a step goes to another part with one press, and back', () => {
    const two = (step: string) =>
      readRecipe(
        `Cake\n\nFor the cake\n200 g plain flour\n2 eggs\n\nFor the glaze\n100 g icing sugar\n` +
          `20 ml water\n\nMethod\nBeat the eggs into the flour and bake for 20 minutes.\n${step}`,
      ).recipe
    const partIn = (step: string) => readMethod(two(step)).actions.at(-1)!.part
    const parts = two('Stir until smooth.').components.filter(c => c.lines.length > 0)
    const [toGlaze] = otherParts('Stir until smooth.', 'cake', parts)
    expect(toGlaze).toEqual({ label: 'glaze', text: 'For the glaze: Stir until smooth.' })
    expect(partIn(toGlaze!.text)).toBe('glaze')
    const [back] = otherParts(toGlaze!.text, 'glaze', parts)
    expect(partIn(back!.text)).toBe('cake')
  })
})
