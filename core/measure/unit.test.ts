import { execFileSync } from 'node:child_process'
import { describe, expect, test } from '@jest/globals'
import { convert } from 'convert'
import type { Region } from './region'
import { celsiusOfFahrenheit, celsiusOfGasMark, ovenCelsius, readOven } from './temperature'
import { millilitresIn, readUnit, unitById } from './unit'

/** Debian's `units` program, asked for one conversion. */
const units = (from: string, to: string) =>
  Number(execFileSync('units', ['--terse', '--one-line', from, to], { encoding: 'utf8' }).trim())
const ml = (id: string, region: Region) => millilitresIn(unitById(id)!, region)!

describe('sizes against Debian’s units program, within 0.1 %', () => {
  test.each([
    ['cup', 'us', 'uscup'],
    ['cup', 'au', 'metriccup'],
    ['cup', 'ca', 'metriccup'],
    ['tbsp', 'us', 'ustablespoon'],
    ['tbsp', 'uk', 'brtablespoon'],
    ['tbsp', 'au', 'australiatablespoon'],
    ['tsp', 'us', 'usteaspoon'],
    ['tsp', 'uk', 'brteaspoon'],
    ['tsp', 'au', 'australiateaspoon'],
    ['dsp', 'uk', 'brdessertspoon'],
    ['fl-oz', 'us', 'usfloz'],
    ['fl-oz', 'uk', 'brfloz'],
    ['pint', 'us', 'uspint'],
    ['pint', 'uk', 'brpint'],
    ['quart', 'us', 'usquart'],
    ['gill', 'uk', 'brgill'],
  ] as const)('%s in %s is %s', (id, region, name) =>
    expect(Math.abs(ml(id, region) / units(name, 'ml') - 1)).toBeLessThan(0.001),
  )

  test.each([
    ['oz', 'oz'],
    ['lb', 'lb'],
    ['stick-butter', 'stickbutter'],
  ])('%s weighs %s', (id, name) =>
    expect(Math.abs(unitById(id)!.g! / units(name, 'g') - 1)).toBeLessThan(0.001),
  )
})

test('US volumes agree with the convert package', () => {
  expect(ml('tbsp', 'us')).toBeCloseTo(convert(1, 'tablespoons').to('ml'), 4)
  expect(ml('quart', 'us')).toBeCloseTo(convert(1, 'quarts').to('ml'), 3)
})

test('an Australian tablespoon of oil is a third more than a Canadian one', () => {
  // check-values.md [C]: 6 Tbsp oil, 110 g against 82 g
  expect(6 * ml('tbsp', 'au') * 0.915).toBeCloseTo(110, 0)
  expect(6 * ml('tbsp', 'ca') * 0.915).toBeCloseTo(82, 0)
})

describe('unit words', () => {
  test.each([
    ['T', 'tbsp'],
    ['t', 'tsp'],
    ['Tbsp.', 'tbsp'],
    ['TBSP', 'tbsp'],
    ['cups', 'cup'],
    ['c.', 'cup'],
    ['fl oz', 'fl-oz'],
    ['grams', 'g'],
    ['lbs', 'lb'],
    ['sticks', 'stick-butter'],
    ['tins', 'tin'],
    ['pinch', 'pinch'],
  ])('%s', (text, id) => expect(readUnit(text, 0)?.unit.id).toBe(id))
  test.each(['gingerbread', 'candied', 'clementine', 'butter', 'tangerine', 'large'])(
    '%s is no unit',
    text => expect(readUnit(text, 0)).toBeNull(),
  )
})

describe('ovens', () => {
  test('exact Fahrenheit and kitchen rounding [P]', () => {
    expect(celsiusOfFahrenheit(350)).toBeCloseTo(convert(350, 'F').to('C'), 6)
    for (const [f, c] of [
      [350, 180],
      [375, 190],
      [400, 200],
      [325, 160],
      [300, 150],
    ] as const)
      expect(ovenCelsius(celsiusOfFahrenheit(f))).toBe(c)
  })
  test('gas marks from the units program’s formula 275 + 25(n − 1) °F [U]', () => {
    expect(ovenCelsius(celsiusOfGasMark(4)!)).toBe(180)
    expect(celsiusOfGasMark(11)).toBeNull()
  })
  test.each([
    ['Heat the oven to 180 °C / 160 °C fan.', 180, false],
    ['Preheat oven to 350°F.', 180, false],
    ['Bake at 160C fan for 20 minutes', 180, true],
    ['fan 160, 30 minutes', 180, true],
    ['gas mark 4', 180, false],
    ['Preheat the oven to 350 degrees', 180, false],
    ['Bake at 170° for an hour', 170, false],
    ['Heat the oven to 180°C (160°C fan/gas mark 4)', 180, false],
  ] as const)('%s', (text, celsius, fan) =>
    expect(readOven(text)).toMatchObject({ celsius, fan, asks: false }),
  )
  test('a bare 220 is asked, not guessed', () =>
    expect(readOven('Bake at 220 until done')).toMatchObject({ celsius: null, asks: true }))
  test('no setting in “bake 225 g flour”', () =>
    expect(readOven('Bake the 225 g flour dry')).toBeNull())
})
