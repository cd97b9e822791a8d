import { each, tally } from '../../tests/each'
import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { runs, someRecipe } from '../../tests/arbitraries'
import { linesOf, readRecipe as readText } from '#core'
import { tinBatter } from './batter'
import { acrossOf, cutInto, gramsFor, layTray, loadsOf, slicesOf, squaresOf } from './pieces'
import { readRecipe } from './reading'
import { resize } from './resize'
import { scaledRecipe } from './scaled-recipe'
import { takes } from './fill'
import { asWritten, sizeUp } from './size-up'
import { usualKitchen } from './kitchen'
import { farRows } from './tables/far-rows'
import { usualTin } from './tables/tins'
import type { SizeTarget } from './target'

const anyTin = tally('tins')

const loaf = readRecipe(
  `Harbour loaf

Makes 10 slices

200 g plain flour
2 tsp baking powder
1/2 tsp salt
120 g butter
150 g sugar
3 large eggs
90 ml milk
1 tin (400 g) pumpkin purée

Method
Heat the oven to 170 °C. Grease a 20 cm round tin.
Cream the butter and sugar, beat in the eggs, then 45 ml of the milk.
Fold in the flour, baking powder and salt, then the rest of the milk and the pumpkin. Bake for \
40–45 minutes.`,
).recipe
/** Where a result holds a number that is none. */
const oddNumbers = (value: unknown, at = ''): string[] => {
  if (typeof value === 'number') {
    return Number.isFinite(value) ? [] : [at]
  }
  return value && typeof value === 'object'
    ? Object.entries(value).flatMap(([key, each]) => oddNumbers(each, `${at}.${key}`))
    : []
}

describe('every amount at another size', () => {
  test('there and back is the same recipe in every number', () =>
    fc.assert(
      fc.property(someRecipe, fc.double({ min: 0.05, max: 20, noNaN: true }), (recipe, by) => {
        const back = scaledRecipe(scaledRecipe(recipe, by), 1 / by)
        expect(
          back.components.map(c => c.lines.map(l => [l.id, l.ingredient, l.component])),
        ).toEqual(recipe.components.map(c => c.lines.map(l => [l.id, l.ingredient, l.component])))
        each(linesOf(back)).forEach((line, i) => {
          const first = linesOf(recipe)[i]!
          if (first.grams)
            for (const k of ['low', 'best', 'high'] as const)
              expect(line.grams![k] / first.grams[k]).toBeCloseTo(1, 9)
          else expect(line.grams).toBeNull()
          if (first.amount) expect(line.amount!.low / first.amount.low).toBeCloseTo(1, 9)
        })
      }),
      { numRuns: runs(80) },
    ))
  test(
    'weights keep their proportions, words say what their numbers do, steps follow, tin and ' +
      'heat stay',
    () => {
      const half = resize(loaf, { by: 'times', times: 0.5 })
      expect(half).toMatchObject({ ok: true, factor: 0.5 })
      expect(linesOf(half.recipe).map(l => l.text)).toEqual([
        '100 g plain flour',
        '1 tsp baking powder',
        '¼ tsp salt',
        '60 g butter',
        '75 g sugar',
        '1½ large eggs',
        '45 ml milk',
        '½ tin (400 g) pumpkin purée',
      ])
      expect(half.recipe.components[0]!.steps[1]).toContain('then 23 ml of the milk')
      expect(half.recipe.components[0]!.steps[2]).toContain('40–45 minutes')
      expect(half.recipe.yield).toMatchObject({
        text: 'Makes 5 slices',
        count: { low: 5, high: 5 },
      })
      expect([half.recipe.pan, half.recipe.oven]).toEqual([loaf.pan, loaf.oven])
    },
  )
  test.each([
    ['8 oz cream cheese', 0.56, /^4½ oz/u],
    ['8 oz cream cheese', 0.53, /^120 g/u],
    ['1 lb apples', 0.56, /^254 g/u],
    ['2 1/4 cups plain flour', 0.5, /^\d+ g \(1 cup/u],
    ['2 cups plain flour', 0.75, /^1½ cups/u],
    ['1 stick butter', 0.75, /^¾ stick/u],
    ['1 stick butter', 0.6, /^68 g/u],
    ['1 kg sugar', 0.56, /^560 g/u],
    ['1 kg sugar', 1.5, /^1\.5 kg/u],
    ['1 pint double cream', 0.5, /^½ pint/u],
    ['1 pint double cream', 0.6, /^\d+ g/u],
    ['3 Tbsp oil', 0.5, /^1½ Tbsp/u],
    ['3 Tbsp oil', 0.55, /^\d+ g/u],
    ['2 packets dried yeast', 0.25, /^½ packet/u],
    ['2 packets dried yeast', 0.35, /^\d+(?:\.\d)? g/u],
    ['1 (400 g) tin coconut milk', 0.5, /^½ \(400 g\) tin/u],
    ['1 (400 g) tin coconut milk', 0.6, /^240 g/u],
    ['200 g dark chocolate', 0.56, /^112 g/u],
  ])('nobody weighs 4.47 oz or fills 1⅛ cups: %s × %d', (line, times, is) => {
    const { recipe } = readRecipe(`Cake\n\n${line}\n\nMix.`, { region: 'us' })
    expect(linesOf(resize(recipe, { by: 'times', times }).recipe)[0]!.text).toMatch(is)
  })
  test('a spoon that no kitchen has becomes a weight with the nearest spoons', () => {
    const odd = linesOf(resize(loaf, { by: 'times', times: 0.43 }).recipe)
    expect(odd[1]!.text).toMatch(/^[\d.]+ g \(¾ tsp\) baking powder$/u)
    expect(
      linesOf(resize(loaf, { by: 'times', times: 0.43 }, { measureIn: 'spoons' }).recipe)[1]!.text,
    ).toBe('¾ tsp baking powder')
  })
})

describe('what lies in the tin', () => {
  test('cream and jam that come to it once it is baked do not', () => {
    const lines = '200 g self-raising flour\n200 g butter\n200 g caster sugar\n4 eggs'
    const steps =
      'Cream the butter and sugar, beat in the eggs and fold in the flour. Bake in a 20 cm tin at ' +
      '180 °C for 25 minutes.'
    const grams = (more: string, then: string) =>
      tinBatter(readText(`Sponge\n\n${lines}${more}\n\nMethod\n${steps}${then}`).recipe)!.grams
    expect(
      grams('\n300 ml double cream\n100 g jam', ' Cool, whip the cream and fill it with jam.'),
    ).toBe(grams('', ''))
  })
})

describe('what it is sized by', () => {
  const factor = (target: SizeTarget, options = {}) => {
    const found = resize(loaf, target, options)
    return found.ok ? found.factor : found.problem.sentence
  }
  test.each([
    [{ by: 'people', people: 15 }, 1.5],
    [{ by: 'pieces', pieces: 5 }, 0.5],
    [{ by: 'eggs', eggs: 2 }, 2 / 3],
    [{ by: 'line', lineId: linesOf(loaf)[0]!.id, grams: 150 }, 0.75],
    [{ by: 'test', tests: 2 }, 90 / 200],
    [{ by: 'test', tests: 0.5 }, 22.5 / 200],
    [{ by: 'pieces', pieces: 10, grams: tinBatter(loaf)!.grams / 20 }, 0.5],
  ] as readonly [SizeTarget, number][])('%p → %p', (target, wanted) =>
    expect(factor(target)).toBeCloseTo(wanted, 6),
  )
  test('the same depth in a wider round: by area; the usual fill: by what the tin takes', () => {
    expect(factor({ by: 'tin', keep: 'depth' }, { to: [usualTin('round-26')] })).toBeCloseTo(
      (26 / 20) ** 2,
      6,
    )
    expect(factor({ by: 'tin', keep: 'fill' }, { to: [usualTin('cups-12')] })).toBeCloseTo(
      takes(usualTin('cups-12'), tinBatter(loaf)!.row) / tinBatter(loaf)!.ml,
      6,
    )
    expect(factor({ by: 'tin', keep: 'all' }, { to: ['23 cm round tin'] })).toBe(1)
  })
  test.each([
    [{ by: 'times', times: 0 }, /above zero/u],
    [{ by: 'times', times: -1 }, /above zero/u],
    [{ by: 'times', times: Number.NaN }, /above zero/u],
    [{ by: 'times', times: 900 }, /between 1\/50 and 50/u],
    [{ by: 'people', people: 0 }, /whole number from 1/u],
    [{ by: 'people', people: 2.5 }, /whole number/u],
    [{ by: 'eggs', eggs: 0 }, /above zero/u],
    [{ by: 'line', lineId: 'nobody', grams: 100 }, /no weight/u],
    [{ by: 'line', lineId: linesOf(loaf)[0]!.id, grams: -4 }, /above 0 g/u],
    [{ by: 'test', tests: 0 }, /1 to 24 tests/u],
    [{ by: 'test', tests: 0.7 }, /half a test/u],
    [{ by: 'pieces', pieces: 12, grams: 0 }, /between 1 g/u],
    [{ by: 'tin', keep: 'fill' }, /Choose a tin/u],
  ] as readonly [SizeTarget, RegExp][])('%p is refused, and the recipe stays', (target, says) => {
    const found = resize(loaf, target)
    expect(found.ok).toBe(false)
    if (!found.ok) expect(found.problem.sentence).toMatch(says)
    expect(found.recipe).toBe(loaf)
  })
  test('a tin of three metres, and words that name none, are refused with a sentence', () => {
    expect(
      factor(
        { by: 'tin', keep: 'fill' },
        { to: [{ ...usualTin('round-20'), top: [300, 300], bottom: [300, 300] }] },
      ),
    ).toMatch(/300 cm does not go into a home oven/u)
    expect(factor({ by: 'tin', keep: 'fill' }, { to: ['a cloud'] })).toMatch(
      /“a cloud” names no tin/u,
    )
  })
  test('nobody says how many: people cannot be counted, a weight of a piece can', () => {
    const silent = { ...loaf, yield: null }
    expect(resize(silent, { by: 'people', people: 4 })).toMatchObject({
      ok: false,
      problem: { code: 'yield' },
    })
    expect(resize(silent, { by: 'pieces', pieces: 4, grams: 50 }).ok).toBe(true)
  })
})

describe('what is said of a new size', () => {
  const notes = (by: number) => {
    const found = resize(loaf, { by: 'times', times: by })
    return found.notes
  }
  test(
    'eggs and packs that do not come out whole, what is left of them, and the size at which ' +
      'they would',
    () => {
      const egg = notes(0.5).find(n => n.code === 'egg')!
      expect(egg.says).toMatch(/^1½ large eggs: beat 2 large eggs and weigh \d+ g; \d+ g are left/u)
      const whole = resize(loaf, { by: 'times', times: egg.snap! })
      expect(linesOf(whole.recipe)[5]!.amount!.low).toBeCloseTo(2, 9)
      expect(egg.snapSays).toBe('Make it 2 large eggs')
      expect(notes(0.5).find(n => n.code === 'pack')!.says).toContain('200 g of it are left')
      expect(notes(2).filter(n => n.code === 'egg' || n.code === 'pack')).toEqual([])
    },
  )
  test('far from the original: leavening and spice; too little for a scale', () => {
    expect(notes(4).map(n => n.code)).toEqual(expect.arrayContaining(['leaven', 'far']))
    expect(notes(1.5).map(n => n.code)).not.toContain('leaven')
    expect(notes(0.08).find(n => n.code === 'small')!.says).toContain(
      'salt is less than a kitchen scale sees',
    )
    for (const row of each(farRows))
      expect([...notes(4), ...notes(0.2)].some(n => n.says === row.says)).toBe(true)
  })
  test('as written there is nothing to say', () => expect(notes(1)).toEqual([]))
})

describe('pieces', () => {
  test.each([
    [6, 18],
    [7, 12],
    [8, 12],
  ])('30 × 40 cm: pieces of %p cm, %p on a tray [M]', (d, n) =>
    expect(layTray(40, 30, d).count).toBe(n),
  )
  test('circles never overlap, and lie on the tray; no more than its ground carries', () =>
    fc.assert(
      fc.property(
        fc.double({ min: 15, max: 60, noNaN: true }),
        fc.double({ min: 15, max: 60, noNaN: true }),
        fc.double({ min: 2, max: 14, noNaN: true }),
        (length, breadth, d) => {
          const { at, count, pitch } = layTray(length, breadth, d)
          expect(count).toBe(at.length)
          expect(((count * Math.PI) / 4) * pitch * pitch).toBeLessThanOrEqual(
            length * breadth * 1.0001,
          )
          expect(
            Math.min(Infinity, ...at.map(([x, y]) => Math.min(x, y, length - x, breadth - y))),
          ).toBeGreaterThanOrEqual(pitch / 2 - 1e-6)
          let nearest = Infinity
          for (let i = 0; i < at.length; i++)
            for (let j = 0; j < i; j++)
              nearest = Math.min(nearest, Math.hypot(at[i]![0] - at[j]![0], at[i]![1] - at[j]![1]))
          expect(nearest).toBeGreaterThanOrEqual(pitch - 1e-6)
        },
      ),
      { numRuns: runs(100) },
    ))
  test('50 at 12 a tray are 5 loads, the last of 2 [P]', () =>
    expect(loadsOf(50, 12)).toEqual({ loads: 5, last: 2 }))
  test('a cookie’s diameter and its weight undo each other; 30 g are about 7 cm [M]', () => {
    expect(acrossOf(30)).toBeCloseTo(7.2, 1)
    expect(gramsFor(acrossOf(42))).toBeCloseTo(42, 6)
  })
  test('9 × 12 inches in 2 inch squares are 24 [C]; squares of 5 cm by floor(L/5)·floor(W/5)', () => {
    expect(squaresOf(12 * 2.54, 9 * 2.54, 2 * 2.54).count).toBe(24)
    fc.assert(
      fc.property(
        fc.double({ min: 10, max: 60, noNaN: true }),
        fc.double({ min: 10, max: 60, noNaN: true }),
        (a, b) => {
          const g = squaresOf(a, b, 5)
          expect(g.count * 25).toBeLessThanOrEqual(a * b + 1e-6)
          expect(g.left[0]).toBeGreaterThanOrEqual(-1e-6)
          expect(g.left[0]).toBeLessThan(5)
        },
      ),
    )
  })
  test('exactly so many equal pieces, as near to squares as the number allows', () => {
    expect(cutInto(30, 20, 15)).toMatchObject({ along: 5, across: 3 })
    expect(cutInto(30, 20, 7)).toMatchObject({ along: 7, across: 1 })
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 60 }), n => {
        const g = cutInto(33, 23, n)
        expect(g.along * g.across).toBe(n)
      }),
    )
  })
  test('a log of 25 cm at 2.5 cm: 10 slices [P]', () => expect(slicesOf(25, 2.5)).toBe(10))
})

describe('the whole stage', () => {
  test('as written: the stated time, its depth, its setting, its cues', () => {
    const up = sizeUp(loaf, asWritten, usualKitchen)
    expect(up).toMatchObject({ problem: null, factor: 1, setting: { says: '170 °C' } })
    expect(up.tins).toHaveLength(1)
    expect(up.tins[0]!.time).toMatchObject({ ok: true, by: 'stated', minutes: [40, 45] })
    expect(up.recipe.components[0]!.steps).toEqual(loaf.components[0]!.steps)
    expect(up.cues.join()).toContain('springs back')
  })
  test('in another tin the recipe’s own words follow: tin, time, heat of this oven', () => {
    const up = sizeUp(
      loaf,
      { target: { by: 'tin', keep: 'all' }, tins: [usualTin('loaf-900')] },
      { ...usualKitchen, oven: { fan: true, scale: 'C', offset: 10, log: [] } },
    )
    const time = up.tins[0]!.time
    expect(time.ok && time.by).toBe('model')
    if (!time.ok) return
    expect(time.minutes[0]).toBeGreaterThan(40)
    expect(up.recipe.components[0]!.steps[0]).toContain('Grease a 900 g loaf.')
    expect(up.recipe.components[0]!.steps[2]).toContain(
      `Bake for ${time.minutes[0]}–${time.minutes[1]} minutes`,
    )
    expect(up.recipe.oven!.minutes).toEqual({ low: time.minutes[0], high: time.minutes[1] })
    expect(up.setting!.says).toBe('140 °C fan')
  })
  test('a test set fills muffin cups, as many as its 45 g of flour each make', () => {
    const up = sizeUp(loaf, { target: { by: 'test', tests: 2 }, tins: [] }, usualKitchen)
    expect(up.batter!.flour).toBeCloseTo(90, 6)
    expect(up.tins[0]!.filling.stands).toBe('right')
    expect(up.tins[0]!.tin.count).toBeGreaterThan(2)
  })
  test('what cannot be is a sentence, and the rest is said of the recipe as it is', () => {
    const up = sizeUp(loaf, { target: { by: 'people', people: -3 }, tins: [] }, usualKitchen)
    expect(up.problem?.sentence).toMatch(/whole number/u)
    expect(up.recipe).toBe(loaf)
    expect(up.tins[0]!.time).toMatchObject({ ok: true, by: 'stated' })
    const huge = sizeUp(
      loaf,
      { ...asWritten, tins: [{ ...usualTin('round-20'), top: [300, 300] }] },
      usualKitchen,
    )
    expect(huge.problem?.sentence).toMatch(/300 cm/u)
    expect(huge.tins[0]!.time).toMatchObject({ ok: true, by: 'stated' })
  })
  test(
    'without egg the crumb sets longer, a dark batter has no colour cue, a custard with egg ' +
      'its safe heat',
    () => {
      const without = (text: string) => sizeUp(readRecipe(text).recipe, asWritten, usualKitchen)
      const vegan = without(
        `Cocoa loaf
200 g plain flour
40 g cocoa
2 tsp baking powder
150 g sugar
90 g oil
240 ml oat drink

Heat the oven to 175 °C. Bake in a 900 g loaf tin for 50 minutes.`,
      )
      expect(vegan.settles).toBeGreaterThan(sizeUp(loaf, asWritten, usualKitchen).settles)
      expect(vegan.cues.join()).toContain('its colour says nothing')
      expect(vegan.cues.join()).not.toContain('golden')
      const custard = without(
        `Baked custard
500 ml milk
4 eggs
80 g sugar

Heat the oven to 150 °C. Bake in six ramekins for 35 minutes.`,
      )
      expect(custard.cues.join()).toContain('at least 71 °C')
      expect(custard.remarks.join()).toContain('water bath')
    },
  )
  test('pieces of which nobody says how many: the stated time holds for usual ones', () => {
    const biscuits = readRecipe(
      `Oat rounds
200 g plain flour
100 g butter
80 g sugar
1 tsp baking powder

Heat the oven to 180 °C. Rub together, shape into rounds and bake on a tray for 12–14 minutes.`,
    ).recipe
    const time = (pieceGrams?: number) => {
      const t = sizeUp(biscuits, { ...asWritten, pieceGrams }, usualKitchen).tins[0]!.time
      return t.ok ? t : null
    }
    expect(Math.abs(time()!.likely / 13 - 1)).toBeLessThan(0.03)
    expect(time(60)!.likely / 13).toBeCloseTo(2 ** (1 / 3), 1)
  })
  test('what is fried or set cold has no bake time, and says why', () => {
    const says = (text: string) => {
      const t = sizeUp(
        readRecipe(text).recipe,
        { ...asWritten, tins: [usualTin('round-20')] },
        usualKitchen,
      ).tins[0]!.time
      return t.ok ? t.notes.join() : ''
    }
    expect(
      says('Waffles\n200 g plain flour\n2 tsp baking powder\n2 eggs\n300 ml milk\n60 g butter'),
    ).toContain('fried in a pan')
    expect(says('Panna cotta\n400 ml double cream\n60 g sugar\n3 leaves gelatine')).toContain(
      'sets cold',
    )
  })
  test(
    'any recipe in any tin is said something of, or refused with a sentence: never a number ' +
      'that is none',
    () =>
      fc.assert(
        fc.property(
          someRecipe,
          fc.constantFrom('round-20', 'cups-12', 'ring-24', 'tray-40', 'log'),
          fc.constantFrom('depth', 'fill', 'all') as fc.Arbitrary<'depth' | 'fill' | 'all'>,
          (recipe, id, keep) => {
            const up = sizeUp(
              recipe,
              { target: { by: 'tin', keep }, tins: [usualTin(id)] },
              usualKitchen,
            )
            expect(oddNumbers(up)).toEqual([])
            for (const sized of anyTin(up.tins)) {
              expect(sized.gramsEach).toBeGreaterThan(0)
              if (sized.time.ok)
                for (const n of [...sized.time.minutes, sized.time.firstCheck])
                  expect(Number.isFinite(n)).toBe(true)
              else expect(sized.time.problem.sentence.length).toBeGreaterThan(10)
            }
            if (up.problem) expect(up.problem.sentence.length).toBeGreaterThan(10)
          },
        ),
        { numRuns: 12 },
      ),
  )
})
