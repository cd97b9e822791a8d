import { each } from '../../tests/each'
import { readFileSync, readdirSync } from 'node:fs'
import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { editRecipe } from './correct'
import { readLine } from './line/line'
import { linesOf, type Line } from './recipe'
import { readRecipe } from './source/page'
import { mentionsInStep } from './things/mentions'

const demo = (name: string) =>
  readFileSync(new URL(`../../demo/recipes/${name}`, import.meta.url), 'utf8')

describe('the demo recipes', () => {
  test.each(readdirSync(new URL('../../demo/recipes/', import.meta.url)))(
    '%s is read without a question',
    name => {
      const { recipe, findings } = readRecipe(demo(name))
      expect(findings.filter(f => f.severity !== 'note')).toEqual([])
      expect(linesOf(recipe).filter(line => !line.grams && !line.purpose)).toEqual([])
      expect(recipe.components.flatMap(c => c.steps).length).toBeGreaterThan(2)
    },
  )
  test('parts, yield, tin and oven of the traybake', () => {
    const { recipe } = readRecipe(demo('2-plum-traybake.txt'))
    expect(recipe.components.map(c => [c.name, c.lines.length])).toEqual([
      ['streusel', 5],
      ['cake', 9],
    ])
    expect(recipe).toMatchObject({
      title: 'Plum streusel traybake',
      region: 'uk',
      yield: { count: { low: 15, high: 15 } },
      pan: { text: '20 x 30 cm traybake tin' },
      oven: { celsius: 180, minutes: { low: 40, high: 45 } },
    })
  })
  test('cups and sticks are American, an Australian slice is Australian', () => {
    expect([
      readRecipe(demo('5-marble-ring.txt')).recipe.region,
      readRecipe(demo('6-custard-slice.txt')).recipe.region,
    ]).toEqual(['us', 'au'])
  })
  test('“Makes one 900 g loaf, 10 slices” makes ten', () =>
    expect(readRecipe(demo('1-ginger-loaf.txt')).recipe.yield!.count).toEqual({
      low: 10,
      high: 10,
    }))
})

describe('layouts', () => {
  const shape = (text: string) => {
    const { recipe } = readRecipe(text)
    return [recipe.title, recipe.components.map(c => [c.name, c.lines.length, c.steps.length])]
  }
  test('no headings at all', () =>
    expect(
      shape(
        `Spice squares
200 g flour
100 g sugar
2 eggs
Beat the eggs and sugar.
Fold in the flour and bake for 20 minutes.`,
      ),
    ).toEqual(['Spice squares', [['', 3, 2]]]))
  test('numbered lines and numbered steps', () =>
    expect(
      shape(
        `Spice squares
1. 200 g flour
2. 100 g sugar

1. Mix it all well together.
2. Bake it for 20 minutes at 180 °C.`,
      ),
    ).toEqual(['Spice squares', [['', 2, 2]]]))
  test('parts by colon, by capitals, by “For the”', () => {
    expect(
      shape(
        `Bars
Base:
100 g flour
TOPPING
50 g sugar
For the drizzle
20 g icing sugar
Method
Mix everything and bake.`,
      ),
    ).toEqual([
      'Bars',
      [
        ['base', 1, 1],
        ['topping', 1, 0],
        ['drizzle', 1, 0],
      ],
    ])
  })
  test('steps under their own parts stay there', () => {
    expect(
      shape(
        `Bars
For the base
100 g flour
Rub it in well and press it down.
For the top
50 g sugar
Scatter it over the base.`,
      ),
    ).toEqual([
      'Bars',
      [
        ['base', 1, 1],
        ['top', 1, 1],
      ],
    ])
  })
  test('all steps behind the last part belong to the heaviest', () => {
    expect(
      shape(
        `Nests
4 egg whites
220 g sugar
To serve
50 ml cream
Whisk the whites until stiff.
Bake them for an hour.`,
      ),
    ).toEqual([
      'Nests',
      [
        ['', 2, 2],
        ['to serve', 1, 0],
      ],
    ])
  })
  test('“1 tsp each of cinnamon and ginger” is two lines', () => {
    const lines = linesOf(readRecipe('Bun\n1 tsp each of cinnamon and ginger\n100 g flour').recipe)
    expect(lines.map(l => [l.ingredient, l.amount?.low])).toEqual([
      ['cinnamon', 1],
      ['ground-ginger', 1],
      ['plain-flour', 100],
    ])
  })
  test('“jam and clotted cream, to serve” is two things, “zest and juice of 1 lemon” one', () => {
    const lines = linesOf(
      readRecipe('Bun\n100 g flour\njam and clotted cream, to serve\nzest and juice of 1 lemon')
        .recipe,
    )
    expect(lines.map(l => [l.ingredient, l.purpose])).toEqual([
      ['plain-flour', null],
      ['jam', 'serve'],
      ['clotted-cream', 'serve'],
      ['lemon-juice', null],
    ])
  })
  test('several things in one line are several lines', () => {
    expect(
      shape('Tart\nPastry: 250 g flour, 125 g butter, 1 egg\nFilling\n2 eggs\n50 g sugar'),
    ).toEqual([
      'Tart',
      [
        ['pastry', 3, 0],
        ['filling', 2, 0],
      ],
    ])
    expect(shape('Cake\n1¾ cups flour | 2 cups sugar | 2 eggs | 1 cup buttermilk')).toEqual([
      'Cake',
      [['', 4, 0]],
    ])
    expect(shape('Cake\n200 g dark chocolate, 70% cocoa solids\n2 eggs')).toEqual([
      'Cake',
      [['', 2, 0]],
    ])
    expect(shape('Cake\n200 g flour, sifted, 2 Tbsp of it for the tin\n2 eggs')).toEqual([
      'Cake',
      [['', 2, 0]],
    ])
  })
  test('“1 egg plus 1 egg yolk” is two lines, “1 cup plus 2 tablespoons milk” one', () => {
    const lines = linesOf(
      readRecipe('Bun\n1 egg plus 1 egg yolk\n1 cup plus 2 tablespoons milk\n100 g flour', {
        region: 'us',
      }).recipe,
    )
    expect(lines.map(l => [l.ingredient, Math.round(l.grams!.best)])).toEqual([
      ['egg', 50],
      ['egg-yolk', 19],
      ['milk', 272],
      ['plain-flour', 100],
    ])
  })
  test('“Cream cheese frosting” over measured lines is a part', () => {
    expect(
      shape('Cake\n100 g flour\nCream cheese frosting\n50 g butter\n125 g cream cheese'),
    ).toEqual([
      'Cake',
      [
        ['', 1, 0],
        ['cream cheese frosting', 2, 0],
      ],
    ])
  })
  test('a heading “Custard” over measured lines is a part, not something to buy', () => {
    expect(shape('Slice\nBase\n100 g flour\nCustard\n300 ml milk')).toEqual([
      'Slice',
      [
        ['base', 1, 0],
        ['custard', 1, 0],
      ],
    ])
  })
})

describe('what is pasted that is no recipe', () => {
  test.each([
    ['nothing', '', 'empty'],
    ['blanks', ' \n \t', 'empty'],
    ['prose', 'It was a dark night and nobody had baked.', 'no-lines'],
    ['emoji', '🍰🍰🍰 😀', 'no-lines'],
    ['right to left', 'עוגת שוקולד\n‏200 גרם קמח', 'no-lines'],
    ['binary', '\u0000\u0001\ufffd\u0007', 'no-lines'],
  ])('%s gives a sentence', (_, text, code) => {
    const { recipe, findings } = readRecipe(text)
    expect(findings.map(f => f.code)).toContain(code)
    expect(each(findings).every(f => f.sentence.length > 20)).toBe(true)
    expect(recipe.components.flatMap(c => c.lines)).toEqual([])
  })
  test('the source of a page gives its visible words only', () => {
    const { recipe, findings } = readRecipe(
      '<html><script>alert(1)</script><h1>Bun</h1><ul><li onclick="x()">200&nbsp;g ' +
        'flour</li><li>&frac12; cup sugar</li></ul></html>',
    )
    expect(findings.map(f => f.code)).toContain('markup')
    expect(JSON.stringify(recipe)).not.toMatch(/alert|onclick|<|script/u)
    expect(linesOf(recipe).map(l => l.ingredient)).toEqual(['plain-flour', 'sugar'])
  })
  test('200 kB and more are read as far as they go, and that is said', () => {
    const { recipe, findings } = readRecipe(
      'Big\n' + '200 g flour and a very long tail of words\n'.repeat(9000),
    )
    expect(findings.filter(f => f.code === 'too-long').length).toBe(2)
    expect(linesOf(recipe).length).toBe(400)
  })
  test('nothing that can be typed throws', () => {
    const bits = fc.constantFrom(
      '200 g ',
      '1/0 ',
      '½ cup ',
      '(',
      '<b>',
      'or ',
      ' / ',
      'each ',
      '2 x ',
      '\n',
      'For the ',
      ':',
      'sugar',
      'Bake at 220',
      '…',
      'juice of ',
      '9999999999999 ',
      '‮',
      '🍋',
    )
    fc.assert(
      fc.property(
        fc.array(fc.oneof(bits, fc.string())).map(parts => parts.join('')),
        text => {
          expect(readRecipe(text).recipe.components).toBeDefined()
        },
      ),
      { numRuns: 400 },
    )
  })
})

describe('what steps name', () => {
  const lines = (...texts: string[]): Line[] =>
    texts.flatMap((text, i) => {
      const r = readLine(text, { id: `l${i}` })
      return r.ok ? [r.line] : []
    })
  const names = (step: string, listed: Line[] = []) =>
    mentionsInStep(step, listed).map(m => [m.ingredient.id, m.verb, m.line?.id ?? null])
  test.each([
    ['Cream the butter until pale.', [['butter', false, null]]],
    [
      'Cream half the butter with an egg.',
      [
        ['butter', false, null],
        ['egg', false, null],
      ],
    ],
    ['Cream most of the butter.', [['butter', false, null]]],
    ['Cream your butter.', [['butter', false, null]]],
    ['Cream two thirds of the butter.', [['butter', false, null]]],
    ['Beat, then cream all the butter.', [['butter', false, null]]],
    ['Butter the tin well.', [['butter', true, null]]],
    ['Spread it in a buttered tin.', [['butter', true, null]]],
    ['Cool the biscuits on a rack.', [['biscuits', false, null]]],
    ['Serve with vanilla ice cream.', [['ice-cream', false, null]]],
    ['Rub in until it looks like breadcrumbs.', []],
    ['Spread evenly and sprinkle over the plums.', [['plum', false, null]]],
    ['Fill with baking beans.', []],
    ['Scatter with sprinkles.', [['sprinkles', false, null]]],
    ['Pour in the custard.', [['ready-custard', false, null]]],
  ])('%s', (step, expected) => expect(names(step)).toEqual(expected))
  test('what the list can make goes by its name; without a list it is bought', () => {
    expect(names('Cool the biscuits on a rack.', lines('200 g oats'))).toEqual([])
    expect(names('Pour in the custard.', lines('3 eggs', '300 ml milk'))).toEqual([])
  })
  test('“the milk” of a recipe with oat milk is the oat milk; served milk is not', () => {
    expect(names('Stir in the milk.', lines('200 ml oat milk'))).toEqual([['milk', false, 'l0']])
    expect(names('Serve with milk.', lines('200 ml oat milk'))).toEqual([['milk', false, null]])
    expect(names('Serve with cream.', lines('1 tsp cream of tartar'))).toEqual([
      ['double-cream', false, null],
    ])
  })
  test(
    'flour for the tin, the board or the eggs is the listed self-raising flour; rye never ' +
      'stands for wheat',
    () => {
      const listed = lines('200 g self-raising flour')
      for (const step of [
        'Flour the tin.',
        'Dust it with flour.',
        'Add the eggs with a little flour.',
        'Scatter flour on to the board.',
      ])
        expect(
          names(step, listed)
            .filter(([id]) => id === 'plain-flour')
            .map(([, , line]) => line),
        ).toEqual(['l0'])
      expect(names('Flour the tin.', lines('200 g rye flour'))).toEqual([
        ['plain-flour', true, null],
      ])
      expect(names('Flour the tin.', lines('200 g gluten-free self-raising flour'))).toEqual([
        ['plain-flour', true, null],
      ])
      expect(
        names('Butter the tin.', lines('100 g salted butter')).map(([, , line]) => line),
      ).toEqual(['l0'])
    },
  )
  test(
    'the cream that mascarpone became is no cream; one that is whipped is, though no list ' +
      'has it, and in the same step',
    () => {
      const cheese = lines('500 g mascarpone')
      expect(names('Spread half the cream in a dish.', cheese)).toEqual([])
      expect(
        names('Whip the cream and fold it into the mascarpone cream.', cheese).map(([id]) => id),
      ).toEqual(['double-cream', 'mascarpone'])
      expect(
        names('Fold into the mascarpone cream, then whip the cream.', cheese).map(([id]) => id),
      ).toEqual(['mascarpone', 'double-cream'])
      expect(names('Spread half the cream in a dish.')).toEqual([['double-cream', false, null]])
    },
  )
  test('what is served with it is never lost between the lines', () => {
    for (const tail of [
      'Serve with whipped cream.',
      'Serves 4, with whipped cream',
      'Serving suggestions\nWith whipped cream.',
    ])
      expect(
        readRecipe(`Bun\n200 g flour\n50 g sugar\n${tail}`).findings.map(f => f.code),
      ).toContain('not-listed')
  })
  test('what only a step brings is found', () => {
    const { findings } = readRecipe(
      `Bun
200 g flour
50 g sugar
Method
Mix and bake. Brush with beaten egg and serve with whipped cream.`,
    )
    expect(findings.filter(f => f.code === 'not-listed').length).toBe(2)
  })
})

describe('corrections', () => {
  const reading = readRecipe(
    'Bun\n200 g flour\n50 g fizzwhip\n1 Tbsp oil\nMix and bake for 20 minutes.',
  )
  test('saying what an unknown is takes its finding away and leaves the old reading alone', () => {
    const after = editRecipe(reading, { do: 'say', lineId: 'l2', ingredient: 'sugar' })
    expect(after.ok && after.findings.length).toBe(reading.findings.length - 1)
    expect(after.ok && linesOf(after.recipe)[1]).toMatchObject({
      ingredient: 'sugar',
      grams: { best: 50 },
      evidence: { by: 'baker' },
    })
    expect(linesOf(reading.recipe)[1]!.ingredient).toBeNull()
  })
  test('retyping, adding, taking out', () => {
    const typed = editRecipe(reading, { do: 'retype', lineId: 'l1', text: '250 g rye flour' })
    expect(typed.ok && linesOf(typed.recipe)[0]).toMatchObject({
      ingredient: 'rye-flour',
      grams: { best: 250 },
    })
    const added = editRecipe(reading, { do: 'add', component: '', text: '2 eggs' })
    expect(added.ok && linesOf(added.recipe).at(-1)).toMatchObject({ id: 'l4', ingredient: 'egg' })
    const gone = editRecipe(reading, { do: 'remove', lineId: 'l2' })
    expect(gone.ok && linesOf(gone.recipe).map(l => l.id)).toEqual(['l1', 'l3'])
  })
  test('another region re-reads every spoon', () => {
    const grams = (region: 'au' | 'uk') => {
      const r = editRecipe(reading, { do: 'region', region })
      return r.ok ? linesOf(r.recipe)[2]!.grams!.best : 0
    }
    expect(grams('au') / grams('uk')).toBeCloseTo(20 / 15, 6)
  })
  test('an empty text, a nameless dessert and a line that is gone are refused', () => {
    expect(editRecipe(reading, { do: 'retype', lineId: 'l1', text: ' ' })).toMatchObject({
      ok: false,
    })
    expect(editRecipe(reading, { do: 'title', title: '' })).toMatchObject({ ok: false })
    expect(editRecipe(reading, { do: 'remove', lineId: 'l99' })).toMatchObject({ ok: false })
  })
})
