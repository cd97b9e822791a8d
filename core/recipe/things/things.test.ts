import { describe, expect, test } from '@jest/globals'
import { checkPeople, readRecipe } from '#core'
import { editRecipe } from '#core/pan'
import { cautionsAt } from '#core/people'
import type { Reading } from '../recipe'
import { thingsOf } from './things'
import { each } from '../../../tests/each'

const cake = (step: string, lines = '200 g rice flour\n100 g sugar') =>
  readRecipe(
    `Small cake\n\n${lines}\n\nMethod\nMix everything.\nBake at 180 °C for 20 minutes.\n${step}`,
  )
const brought = (step: string, lines?: string) =>
  thingsOf(cake(step, lines).recipe)
    .filter(thing => thing.is === 'aside' || thing.is === 'unknown')
    .map(thing => thing.ingredient ?? `“${thing.words}”`)
const verdict = (reading: Reading, allergen: string) =>
  checkPeople(reading.recipe, [
    { id: 'p', name: 'P', avoids: [{ allergen, strictness: 'allergy' }], diets: [] },
  ]).people[0]!.verdict

describe('what only a step brings', () => {
  test.each([
    ['Serve with shortbread and buttercream.', ['“shortbread”', '“buttercream”']],
    ['Fold in the walnuts.', ['walnuts']],
    ['Dust the tin with flour.', ['plain-flour']],
    ['Press into a biscuit base.', ['biscuits']],
    ['Serve with a spoonful of flumgum.', ['“flumgum”']],
    ['Fold through crushed meringues.', ['meringues-bought']],
    ['Rub the tin with a butter wrapper.', ['butter']],
    ['Serve with an ice cream.', ['ice-cream']],
  ] as const)('%s', (step, expected) => expect(brought(step)).toEqual(expected))
  test('tools, colours, sizes, cues and what is made here bring nothing', () => {
    for (const step of each([
      'Put a scoop on each plate.',
      'Beat until white and fluffy.',
      'Cool the biscuits on a rack.',
      'There are no eggs in it.',
      'Pour into a muffin tin.',
      'Stir in the mixture, a spoonful at a time.',
      'Serve with love.',
      'Serve with the sauce.',
      'Portion it with an ice cream scoop.',
      'Pour it from a cream jug.',
      'Cut it with a cheese wire.',
      'Preheat the waffle iron.',
      'Heat a crêpe pan.',
      'Drop them with a cookie scoop.',
      'Let the bread machine knead it.',
    ]))
      expect([step, brought(step)]).toEqual([step, []])
  })
  test('what is ground is brought, the flour that it becomes is not', () =>
    expect(brought('Grind the rice to flour.')).toEqual(['rice']))
  test('a specific word is no other listed thing of its kind; a plain one is', () => {
    expect(brought('Fold in the walnuts.', '200 g rice flour\n100 g almonds')).toEqual(['walnuts'])
    expect(brought('Fold in the nuts.', '200 g rice flour\n100 g almonds')).toEqual([])
  })
  test('what was made in an earlier step is known afterwards', () =>
    expect(
      brought('Beat the sugar with water to a buttercream.\nSandwich with buttercream.'),
    ).toEqual(expect.not.arrayContaining(['“buttercream”'])))
})

describe('baked things that nothing listed makes', () => {
  const asked = (lines: string, step: string, title = 'Test') =>
    thingsOf(readRecipe(`${title}\n\n${lines}\n\nMethod\n${step}`).recipe)
      .filter(thing => thing.is === 'aside' || thing.is === 'unknown')
      .map(thing => thing.ingredient ?? `“${thing.words}”`)
  const cream = '300 ml cream\n50 g sugar'
  test.each([
    ['Layer the sponge with it.', '“sponge”'],
    ['Put in a sponge case.', '“sponge case”'],
    ['Cut the cake in half.', '“cake”'],
    ['Spoon into a cookie cup.', '“cookie cup”'],
    ['Crumble a cookie over.', '“cookie”'],
    ['Pour into a tart case.', 'shortcrust'],
    ['Fill the tart cases.', 'shortcrust'],
    ['Pour into brandy snap baskets.', 'biscuits'],
    ['Top with a flapjack.', '“flapjack”'],
    ['Pile on a scone.', '“scone”'],
    ['Dip in batter.', '“batter”'],
    ['Line the bowl with sponge sheets.', '“sponge”'],
    ['Put between two pancakes.', '“pancakes”'],
    ['Break the brownies in.', '“brownies”'],
  ])('asked about: %s', (step, thing) => expect(asked(cream, step)).toContain(thing))
  test.each([
    [
      cream,
      'Pour into a cake tin, a muffin tin and 12 muffin cases. Bring out the cake stand.',
      'Pot',
    ],
    [cream, 'Heat the waffle iron. Use a pie dish.', 'Pot'],
    [cream, 'Cut the cake.', 'Frozen cream cake'],
    ['200 g flour\n3 eggs', 'Beat into a batter. Bake the sponge. Cut the cake.', 'Test'],
    ['200 g ground almonds\n100 g sugar', 'Mix, and bake the cake.', 'Test'],
    ['4 eggs\n200 g dark chocolate', 'Whisk to a batter. Bake the cake.', 'Test'],
    ['200 g sponge fingers\n100 ml cream', 'Lay the sponge in the dish.', 'Test'],
  ])('made here, or a tool: %s, %s', (lines, step, title) =>
    expect(asked(lines, step, title)).toEqual([]),
  )
})

describe('one list for all who ask', () => {
  test('an unknown food in a step blocks, until it is said to be nothing to eat', () => {
    const reading = cake('Serve with a spoonful of flumgum.')
    expect(verdict(reading, 'egg')).toBe('unknown')
    const finding = reading.findings.find(f => f.code === 'unknown-in-step')!
    expect(finding.corrections.map(c => c.label)).toEqual([
      'Add “flumgum” to the list',
      'Nothing to eat',
    ])
    const said = editRecipe(reading, finding.corrections[1]!.edits)
    expect(said.ok && verdict(said, 'egg')).toBe('clear')
    const listed = editRecipe(reading, finding.corrections[0]!.edits)
    expect(listed.ok && verdict(listed, 'egg')).toBe('unknown')
  })
  test('cautions see what only a step brings', () =>
    expect(cautionsAt(cake('Grate nutmeg over it.').recipe).map(c => c.says)).toContain(
      'Nutmeg in pinches only.',
    ))
  test('a line is each of its choices, a claim says nothing of another noun', () => {
    const reading = readRecipe(
      'Cake\n\n200 g rice flour\n100 ml oat milk or milk\n\nMix and bake for 20 minutes.',
    )
    expect(verdict(reading, 'milk')).toBe('conflict')
    expect(verdict(reading, 'oat')).toBe('conflict')
    const line = reading.recipe.components[0]!.lines[1]!
    const taken = editRecipe(reading, { do: 'take', lineId: line.id, choice: 0 })
    expect(taken.ok && verdict(taken, 'milk')).not.toBe('conflict')
    expect(taken.ok && taken.recipe.components[0]!.lines[1]!.text).toBe('100 ml oat milk')
    expect(editRecipe(reading, { do: 'take', lineId: line.id, choice: 5 }).ok).toBe(false)
  })
})

describe('left over', () => {
  const text =
    'Cake\n\n200 g rice flour\n100 g sugar\n\nMethod\nMix and bake for 20 minutes.\n\nWednesday flumgum treat'
  test('it blocks every claim until it is placed, as a line, a step or nothing', () => {
    const reading = readRecipe(text)
    expect(reading.recipe.left).toEqual([
      { words: 'Wednesday flumgum treat', from: [text.indexOf('Wednesday'), text.length] },
    ])
    expect(verdict(reading, 'egg')).toBe('unknown')
    const [line, step, nothing] = reading.findings.find(f => f.code === 'left-over')!.corrections
    const placed = [line, step, nothing].map(correction => editRecipe(reading, correction!.edits))
    expect(placed.map(p => p.ok && p.recipe.left)).toEqual([[], [], []])
    expect(placed.map(p => p.ok && verdict(p, 'egg'))).toEqual(['unknown', 'clear', 'clear'])
    expect(placed.map(p => p.ok && p.recipe.components[0]!.lines.length)).toEqual([3, 2, 2])
    expect(placed.map(p => p.ok && p.recipe.components[0]!.steps.length)).toEqual([1, 2, 1])
  })
  test('what is not left over cannot be placed', () =>
    expect(
      editRecipe(readRecipe(text), { do: 'place', words: 'x', as: 'line', component: '' }).ok,
    ).toBe(false))
})

describe('other languages', () => {
  test('German and French are read, and said; Italian is not, and stays unknown', () => {
    const german = readRecipe(
      'Rührkuchen\n\nZutaten\n200 g Mehl\n3 Eier\n100 g Butter\n\n' +
        'Zubereitung\nDie Butter mit den Eiern rühren und das Mehl dazu geben. ' +
        'Im Ofen bei 180 °C für 40 Minuten backen.',
    )
    expect(german.findings.filter(f => f.code === 'language').map(f => f.severity)).toEqual([
      'note',
    ])
    expect(german.recipe.components[0]!.lines.map(l => l.ingredient)).toEqual([
      'plain-flour',
      'egg',
      'butter',
    ])
    const italian = readRecipe(
      'Torta\n\n200 g di farina\n2 uova\n100 g di burro\n\n' +
        'Mescolare il burro con la farina e le uova. Cuocere nel forno per 40 minuti.',
    )
    expect(italian.findings.filter(f => f.code === 'language').map(f => f.severity)).toEqual([
      'stop',
    ])
    for (const allergen of each(['milk', 'egg', 'gluten']))
      expect(verdict(italian, allergen)).not.toBe('clear')
    expect(
      readRecipe('Cake\n\n200 g flour\n2 eggs\n\nMix and bake.').findings.some(
        f => f.code === 'language',
      ),
    ).toBe(false)
  })
})

describe('a thing, whole: what it is, where it stands, what is said of it', () => {
  const whole = (text: string) => thingsOf(readRecipe(text).recipe)
  const plain = { component: '', lineId: null, step: null, without: [], unread: [], open: null }
  const ofLine = (lineId: string, words: string) => ({
    ...{ ...plain, lineId, words, answered: false },
  })
  test('a line, and each of its choices under the line’s own name', () => {
    expect(whole('Cake\n\n200 g flour or 180 g rice flour or oats\n\nMethod\nMix.')).toEqual([
      {
        ...ofLine('l1', '200 g flour or 180 g rice flour or oats'),
        is: 'line',
        ingredient: 'plain-flour',
      },
      { ...ofLine('l1', '180 g rice flour'), is: 'choice', ingredient: 'rice-flour' },
      { ...ofLine('l1', '200 g oats'), is: 'choice', ingredient: 'oat-flakes' },
    ])
  })
  test('what its words name besides, and what only a step brings, with its place there', () => {
    const step = 'Mix. Dust the plate with icing sugar and serve it.'
    const at = step.indexOf('icing sugar')
    expect(whole(`Cake\n\njuice of 1 lemon\n\nMethod\n${step}`)).toEqual([
      { ...ofLine('l1', 'juice of 1 lemon'), is: 'line', ingredient: 'lemon-juice' },
      { ...ofLine('l1', 'juice of 1 lemon'), is: 'also', ingredient: 'lemon' },
      {
        ...plain,
        is: 'aside',
        ingredient: 'icing-sugar',
        words: step.slice(0, at + 'icing sugar'.length + 20).trim(),
        step: { at: 0, span: [at, at + 'icing sugar'.length] },
        answered: false,
      },
    ])
  })
  test('what nobody knows, with its place', () => {
    const step = 'Mix. Sprinkle with flambo.'
    const [, unknown, ...others] = whole(`Cake\n\n200 g sugar\n\nMethod\n${step}`)
    const at = step.indexOf('flambo')
    expect([unknown, others]).toEqual([
      {
        ...plain,
        is: 'unknown',
        ingredient: null,
        words: 'flambo',
        step: { at: 0, span: [at, at + 'flambo'.length] },
        answered: false,
      },
      [],
    ])
  })
  test('the same recipe is the same list, worked out once', () => {
    const { recipe } = readRecipe('Cake\n\n200 g sugar')
    expect(thingsOf(recipe)).toBe(thingsOf(recipe))
  })
})
