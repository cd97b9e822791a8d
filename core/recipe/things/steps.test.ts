import { each } from '../../../tests/each'
import { describe, expect, test } from '@jest/globals'
import { readRecipe } from '#core'
import { ownLines, readSteps, type StepUse } from './steps'

const recipe = readRecipe(`Plum cushion
300 g plain flour
100 g caster sugar
50 g demerara sugar
150 ml milk
2 eggs
80 g butter
6 plums

Method
1. Heat the oven to 180 °C (160 °C fan). Melt half the butter and leave for 5 minutes.
2. Whisk the eggs with 60 g of the caster sugar, then beat in 100 ml milk and two thirds of the flour.
3. Cover and chill for 1 hour, or overnight.
4. Fold in the remaining flour and milk, and spread in a 23 cm round tin.
5. Top with the plums and the demerara sugar, dot with the rest of the butter and bake for 35–40 \
minutes, until golden and a skewer comes out clean.
6. Cool for ten minutes in the tin.`).recipe
const steps = readSteps(recipe)
const shareOf = ({ share }: StepUse) => {
  if (share.of === 'part') return share.fraction
  return share.of === 'amount' ? share.grams : share.of
}
const uses = (at: number) => steps[at]!.uses.map(u => [u.line?.text ?? null, shareOf(u)])

describe('what a step takes of which line', () => {
  test('halves, thirds, amounts, the rest and all', () => {
    expect(uses(0)).toEqual([['80 g butter', 0.5]])
    expect(uses(1)).toEqual([
      ['2 eggs', 'all'],
      ['100 g caster sugar', 60],
      ['150 ml milk', expect.closeTo(102.3, 1)],
      ['300 g plain flour', expect.closeTo(2 / 3, 5)],
    ])
    expect(uses(3)).toEqual([
      ['300 g plain flour', 'rest'],
      ['150 ml milk', 'rest'],
    ])
    expect(uses(4)).toEqual([
      ['6 plums', 'all'],
      ['50 g demerara sugar', 'all'],
      ['80 g butter', 'rest'],
    ])
  })
  test('times with what happens in them', () => {
    expect(steps.map(s => s.times.map(t => [t.kind, t.low, t.high]))).toEqual([
      [['rest', 5, 5]],
      [],
      [['chill', 60, 720]],
      [],
      [['bake', 35, 40]],
      [['cool', 10, 10]],
    ])
  })
  test('heat with its scale and fan; cues', () => {
    expect(steps[0]!.oven).toMatchObject({ celsius: 180, fan: false })
    expect(steps[4]!.cues.map(c => c.text).join(' ')).toMatch(
      /golden.*skewer comes out clean|golden and a skewer/u,
    )
    expect(recipe.oven).toMatchObject({ celsius: 180, minutes: { low: 35, high: 40 } })
    expect(recipe.pan!.text).toContain('23 cm round tin')
  })
  test('one method for all parts looks for the very thing before a word that only ends alike', () => {
    const both = readRecipe(
      `Bars

For the base
100 g flour
80 g brown sugar
60 g butter

For the filling
4 apples
2 tbsp sugar

Method
1. Rub the flour, brown sugar and butter together.
2. Toss the apples with the sugar. Bake for 30 minutes at 180 °C.`,
    ).recipe
    expect(
      readSteps(both)
        .flatMap(s => s.uses.map(u => u.line?.text))
        .filter(t => t?.includes('sugar')),
    ).toEqual(['80 g brown sugar', '2 tbsp sugar'])
  })
  test('“baking powder” is no baking, a Celsius no cup of butter', () => {
    const loaf = readRecipe(
      `Loaf
200 g flour
2 tsp baking powder
75 g butter
Preheat oven to 175 C. Butter a loaf tin. Beat the flour and baking powder for 2 minutes with \
the melted butter. Bake for 1 hour.`,
    )
    expect(loaf.recipe.oven).toMatchObject({ celsius: 175, minutes: { low: 60, high: 60 } })
    expect(loaf.findings.filter(f => f.code === 'step-amount')).toEqual([])
  })
})

describe('steps of ordinary recipes', () => {
  const steps = (text: string) => readSteps(readRecipe(text).recipe)
  const kinds = (text: string) => steps(text).flatMap(step => step.times.map(time => time.kind))
  test('“cook for two hours” in a hot oven is baking; on the hob it is not', () => {
    expect(
      kinds(
        `Rice pudding
100 g pudding rice
700 ml milk

Heat the oven to 150 °C. Tip the rice and milk into a dish.
Cook for 2 hours until it wobbles.`,
      ),
    ).toEqual(['bake'])
    expect(
      kinds(
        `Plum sauce
300 g plums
50 g sugar

Heat the oven to 150 °C for later.
Cook the plums and sugar in a pan for 20 minutes.`,
      ),
    ).toEqual(['cook'])
    expect(
      kinds('Plum sauce\n300 g plums\n50 g sugar\n\nCook the plums and sugar for 20 minutes.'),
    ).toEqual(['cook'])
  })
  test(
    '“another hour” is an hour; a moment within another time, and “within an hour”, are ' +
      'none; out of the freezer is no freezing',
    () => {
      const times = (text: string) =>
        steps(text).flatMap(step => step.times.map(time => [time.kind, time.low]))
      expect(times('Leave to rise for another hour.')).toEqual([['rise', 60]])
      expect(times('Bake for 3 hours, covering it after 2 hours.')).toEqual([['bake', 180]])
      expect(
        times(
          'Chill for 2 hours, stirring every 30 minutes. Take out of the freezer 15 minutes ' +
            'before serving and eat within 2 hours.',
        ),
      ).toEqual([
        ['chill', 120],
        ['rest', 15],
      ])
    },
  )
  test(
    '“set aside for 30 minutes” rests, “leave to set for 30 minutes” sets, what is left ' +
      'until doubled rises',
    () => {
      expect(
        kinds(
          `Batter
100 g plain flour
300 ml milk

Whisk the flour and milk. Set aside for 30 minutes to rest.`,
        ),
      ).toEqual(['rest'])
      expect(
        kinds('Slice\n100 g dark chocolate\n\nMelt the chocolate. Leave to set for 30 minutes.'),
      ).toEqual(['set'])
      expect(
        kinds(
          `Rolls
500 g strong white flour
7 g instant yeast

Knead the flour and yeast with water. Leave for 4 hours or until doubled.`,
        ),
      ).toEqual(['rise'])
    },
  )
  test('a line that says what it is for does not run into the one before', () => {
    const { recipe } = readRecipe(
      `Crepes
100 g plain flour
2 eggs
300 ml milk
1 tbsp sunflower oil, plus a little for frying
lemon wedges and sugar, to serve

Whisk the flour, eggs, milk and oil. Fry.`,
    )
    expect(recipe.components[0]!.lines.map(line => line.text)).toEqual(
      expect.arrayContaining(['1 tbsp sunflower oil, plus a little for frying']),
    )
    expect(
      each(recipe.components[0]!.lines.filter(line => /serve/u.test(line.text))).every(
        line => line.purpose === 'serve',
      ),
    ).toBe(true)
  })
  test('in a shared method “the egg” is the egg of the part that the step is about', () => {
    const said = steps(
      `Syrup tart
For the pastry
250 g plain flour
130 g butter
1 egg

For the filling
400 g golden syrup
60 g butter
100 g breadcrumbs
1 egg

Method
Rub the butter into the flour, stir in the egg. Chill.
Warm the syrup with the butter. Mix in the crumbs and egg.
Beat in more egg.`,
    )
    const eggs = said.flatMap(step =>
      step.uses
        .filter(use => use.line?.ingredient === 'egg' || use.mention.ingredient.kind === 'egg')
        .map(use => use.line?.component),
    )
    expect(eggs).toEqual(['pastry', 'filling', 'filling'])
    expect(
      said.flatMap(step =>
        step.uses
          .filter(use => use.mention.ingredient.kind === 'butter')
          .map(use => use.line?.component),
      ),
    ).toEqual(['pastry', 'filling'])
  })
  test(
    'beans that weigh a case down and the curd that is made are no ingredients; beans of the ' +
      'list are',
    () => {
      const names = (text: string) =>
        steps(text).flatMap(step => step.uses.map(use => use.mention.words.toLowerCase()))
      expect(
        names(
          `Tart
200 g plain flour
100 g butter
2 eggs

Rub the butter into the flour. Fill with baking beans and bake blind for 15 minutes. Take out \
the paper and beans. Pour in the curd.`,
        ),
      ).toEqual(['butter', 'flour'])
      // Nothing here makes a curd: it comes out of a jar, and counts.
      expect(
        names(
          'Tart\n200 g plain flour\n100 g oil\n\nMix the flour and oil. Bake. Spread the curd over.',
        ),
      ).toContain('curd')
      expect(
        names('Bean brownies\n400 g black beans\n200 g sugar\n\nBlend the beans with the sugar.'),
      ).toContain('beans')
    },
  )
})

describe('cooking in a hot oven is baking, on the hob it is not', () => {
  const plums = 'Plums\n300 g plums\n50 g sugar\n\n'
  test.each([
    ['Heat the oven to 150 °C. Cook the plums in a saucepan. Cook for 20 minutes.', 'bake 20'],
    ['Heat the oven. Cook in a pan for 20 minutes! Cook for 30 minutes; stir.', 'cook 20, bake 30'],
    ['Heat the oven. Cook for 2 minutes. Cook 8 minutes. Cook 12 min.', 'cook 2, cook 8, bake 12'],
    ['Turn the ovens on; cook in a frying pan, then cook for 15 minutes.', 'cook 15'],
    ['Heat the oven to 180 °C.\nSimmer for 20 minutes.', 'cook 20'],
    ['Stand for 10 minutes. Oven 160 C, then cook for an hour until done.', 'rest 10, bake 60'],
    ['Cook the plums for 20 minutes.', 'cook 20'],
  ])('%s', (method, times) =>
    expect(
      readSteps(readRecipe(plums + method).recipe)
        .flatMap(step => step.times.map(time => `${time.kind} ${time.low}`))
        .join(', '),
    ).toBe(times),
  )
  test('the heat is of its own sentence', () =>
    expect(
      readSteps(
        readRecipe(`${plums}Cut 4 cm pieces. Oven 160 C; bake. Lower it to 140 °C.`).recipe,
      ).map(step => step.oven?.celsius),
    ).toEqual([160]))
})

describe('the lines that a step means first', () => {
  /** For each step the first line of what is its own. */
  const firsts = (text: string) =>
    ownLines(readRecipe(text).recipe).flatMap(steps => steps.map(own => own[0]!.text))
  const bars = `Bars

For the base
100 g flour
80 g brown sugar

For the filling
4 apples
2 tbsp sugar

For the icing
50 g icing sugar
1 lemon

Method
`
  test('one method for all: the part that is named, whose own things are named, or the one before', () =>
    expect(
      firsts(
        `${bars}1. Rub the flour.\n2. Add sugar.\n3. Toss the apples.\n4. Add the sugar.\n` +
          '5. For the icing, stir the sugar with lemon.\n6. Spread.\n7. Flour, apples, lemon at once.',
      ),
    ).toEqual([
      '100 g flour',
      '100 g flour',
      '4 apples',
      '4 apples',
      '50 g icing sugar',
      '50 g icing sugar',
      '50 g icing sugar',
    ]))
  test('a part without steps is made in another’s; a step may go back to a part by its name', () =>
    expect(
      firsts(
        'Tart\n\nFor the case\n200 g flour\n100 g butter\n\nRub in.\nChill.\n\n' +
          'For the filling\n3 eggs\n200 ml cream\n\nFor the top\n100 g berries\n\n' +
          '1. Whisk the eggs with cream.\n2. Scatter the berries over.\n' +
          '3. For the case, roll it.\n4. Bake.',
      ),
    ).toEqual([
      '200 g flour',
      '200 g flour',
      '3 eggs',
      '100 g berries',
      '200 g flour',
      '100 g berries',
    ]))
  test('parts with steps of their own keep to their own; one part has all', () => {
    expect(
      firsts(
        'Duo\n\nFor the sponge\n200 g flour\n2 eggs\n1. Beat the eggs.\n2. Fill with cream.\n\n' +
          'For the cream\n300 ml cream\n1. Whip it.\n2. Sandwich the sponge.',
      ),
    ).toEqual(['200 g flour', '200 g flour', '300 ml cream', '300 ml cream'])
    expect(ownLines(readRecipe('Plain\n\n200 g flour\n2 eggs\n\nMix.\nBake.').recipe)).toEqual([
      [
        [
          expect.objectContaining({ text: '200 g flour' }),
          expect.objectContaining({ text: '2 eggs' }),
        ],
        [
          expect.objectContaining({ text: '200 g flour' }),
          expect.objectContaining({ text: '2 eggs' }),
        ],
      ],
    ])
  })
})
