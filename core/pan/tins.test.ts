import { each } from '../../tests/each'
import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { areaAt, brimful, depthOf, volumeAt, wetted } from './geometry'
import { fillingOf, share, takes } from './fill'
import { readTin, tinWordsOf } from './read-tin'
import { batterOfFamily, batterRows } from './tables/batters'
import { materialOf, materialRows } from './tables/materials'
import { tinRows, usualTin } from './tables/tins'
import { tinWords } from './tables/tin-words'
import { tinProblem, type Tin } from './tin'

describe('what tins hold, against closed forms [M] of the design', () => {
  test('loaf, muffin cup, ring', () => {
    expect(brimful(usualTin('loaf-900'))).toBeCloseTo(1380, -1)
    expect(brimful(usualTin('cups-12'))).toBeCloseTo(97, 0)
    expect(brimful(usualTin('ring-24'))).toBeCloseTo(2907, 0)
  })
  test.each([
    [15, 884],
    [18, 1272],
    [20, 1571],
    [23, 2077],
    [26, 2655],
  ])('a round of %p cm, 5 cm high: %p ml', (d, ml) =>
    expect(brimful(usualTin(`round-${d}`))).toBeCloseTo(ml, 0),
  )
  test('a tapered box by h/6·(2ab + ab′ + a′b + 2a′b′), a cone by πh/12·(d² + dD + D²)', () =>
    fc.assert(
      fc.property(
        ...([0, 0, 0, 0].map(() => fc.double({ min: 4, max: 40, noNaN: true })) as [
          fc.Arbitrary<number>,
          fc.Arbitrary<number>,
          fc.Arbitrary<number>,
          fc.Arbitrary<number>,
        ]),
        fc.double({ min: 1, max: 12, noNaN: true }),
        (a, b, c, d, height) => {
          const box: Tin = {
            shape: 'box',
            top: [a, b],
            bottom: [c, d],
            height,
            count: 1,
            material: 'dull',
          }
          expect(brimful(box)).toBeCloseTo(
            (height / 6) * (2 * a * b + a * d + c * b + 2 * c * d),
            6,
          )
          const cone: Tin = {
            shape: 'round',
            top: [a, a],
            bottom: [b, b],
            height,
            count: 1,
            material: 'dull',
          }
          expect(brimful(cone)).toBeCloseTo(((Math.PI * height) / 12) * (a * a + a * b + b * b), 6)
        },
      ),
    ))
  test('depth and volume undo each other; more is never shallower; nothing is negative', () =>
    fc.assert(
      fc.property(
        fc.constantFrom(...tinRows),
        fc.double({ min: 5, max: 4000, noNaN: true }),
        (tin, ml) => {
          const depth = depthOf(tin, ml)
          expect(volumeAt(tin, depth)).toBeCloseTo(ml, 3)
          expect(depthOf(tin, ml * 1.1)).toBeGreaterThan(depth)
          expect(wetted(tin, Math.min(depth, tin.height))).toBeGreaterThan(areaAt(tin, 0) * 0.999)
        },
      ),
    ))
  test('round 25.4 against 22.9 cm: area × 1.23, height × 0.81 [C] check values', () => {
    const round = (d: number): Tin => ({
      shape: 'round',
      top: [d, d],
      bottom: [d, d],
      height: 5,
      count: 1,
      material: 'dull',
    })
    expect(areaAt(round(25.4), 0) / areaAt(round(22.9), 0)).toBeCloseTo(1.23, 2)
    expect(depthOf(round(25.4), 1000) / depthOf(round(22.9), 1000)).toBeCloseTo(0.81, 2)
  })
  test('measured with water, it holds what was measured', () => {
    const fluted = { ...usualTin('ring-24'), measured: 2400 }
    expect(brimful(fluted)).toBeCloseTo(2400, 6)
    expect(depthOf(fluted, 1200)).toBeGreaterThan(depthOf(usualTin('ring-24'), 1200))
  })
})

describe('words for tins', () => {
  test.each([
    ['20 x 30 cm traybake tin', '30 × 20 cm, 4 cm high'],
    ['10-inch ring pan', '25.4 cm across, 9.3 cm high'],
    ['900 g loaf tin', '21.5 × 11.5 cm, 6.4 cm high'],
    ['two 20 cm sandwich tins', '2 × 20 cm across, 5 cm high'],
    ['9x13 inch pan', '33 × 22.9 cm, 5 cm high'],
    ['9 x 5 inch loaf pan', '22.9 × 12.7 cm, 6.4 cm high'],
    ['12-hole muffin tin', '12 cups, 7 cm across, 3.3 cm high'],
    ['24-hole mini muffin tin', '24 cups, 4.7 cm across, 2.2 cm high'],
    ['23 cm springform tin', '23 cm across, 7 cm high'],
    ['8x8 pan', '20.3 × 20.3 cm, 5 cm high'],
    ['8-inch square pan', '20.3 × 20.3 cm, 5 cm high'],
    ['20 cm tins', '2 × 20 cm across, 5 cm high'],
    ['baking sheet', '40 × 30 cm'],
    ['24 cm fluted tart tin', '24 cm across, 2.5 cm high'],
    ['23 x 7 cm round tin', '23 cm across, 7 cm high'],
    ['1 lb loaf tin', '16 × 9.5 cm, 6 cm high'],
    ['26 cm skillet', '26 cm across, 5 cm high'],
    ['23 cm loose-bottomed tart tin', '23 cm across, 2.5 cm high'],
    ['9-inch pie plate', '22.9 cm across, 3.5 cm high'],
    ['10x15 jelly roll pan', '38.1 × 25.4 cm, 2.5 cm high'],
    ['12x18 pan', '45.7 × 30.5 cm, 5 cm high'],
    ['half sheet pan', '46 × 33 cm, 2.5 cm high'],
    ['jelly-roll tin', '38 × 25 cm, 2.5 cm high'],
    ['swiss roll tin', '33 × 23 cm, 2.5 cm high'],
    ['4 ramekins', '4 cups, 8.8 cm across, 3.2 cm high'],
    ['8 dariole moulds', '8 cups, 8.8 cm across, 3.2 cm high'],
    ['12 tartlet tins', '12 cups, 8 cm across, 2 cm high'],
    ['six 10 cm tartlet tins', '6 cups, 10 cm across, 2 cm high'],
    ['two 12-hole muffin tins', '24 cups, 7 cm across, 3.3 cm high'],
    ['500 g loaf tin', '16 × 9.5 cm, 6 cm high'],
    ['12-hole bun tin', '12 cups, 6.7 cm across, 2 cm high'],
    ['6-hole popover pan', '6 cups, 6.5 cm across, 6 cm high'],
    ['baking dish', '20 cm across, 5 cm high'],
  ])('%s', (words, says) => expect(tinWordsOf(readTin(words)!.tin)).toBe(says))
  // A cup of 240 ml [L-US], a British pint of 568 ml [L].
  test.each([
    ['10-cup bundt tin', 2400, 1],
    ['12 cup bundt pan', 2880, 1],
    ['1.2 litre pudding basin', 1200, 1],
    ['1½ litre dish', 1500, 1],
    ['3 pint dish', 1704, 1],
    ['2-quart baking dish', 1892, 1],
    ['4 x 150 ml ramekins', 150, 4],
    ['six 200ml ramekins', 200, 6],
    ['8 x 175ml dariole moulds', 175, 8],
    ['two 500 ml basins', 500, 2],
    ['900 ml ring tin', 900, 1],
  ])('%s holds what it says', (words, ml, count) => {
    const { tin } = readTin(words)!
    expect([Math.round(brimful(tin)), tin.count]).toEqual([ml, count])
    expect(Math.round(brimful({ ...tin, measured: undefined }) / ml / 0.2) * 0.2).toBeCloseTo(1, 1)
  })
  test('what they leave open is named', () => {
    expect(readTin('loaf tin')!.assumed).toEqual(['the usual 900 g loaf'])
    expect(readTin('23 cm round tin')!.assumed).toEqual(['5 cm high'])
    expect(readTin('9 x 13 pan')!.assumed[0]).toBe('inches')
    expect(readTin('glass 20 cm square dish')!.tin.material).toBe('glass')
  })
  test('words for nothing to bake in are none', () => {
    expect(readTin('a warm place')).toBeNull()
    expect(readTin('')).toBeNull()
  })
  test('every row of words, tins and materials can be reached', () => {
    for (const row of each(tinWords)) expect(usualTin(row.like)).toBeDefined()
    for (const tin of each(tinRows)) expect(tinProblem(tin)).toBeNull()
    expect(new Set(tinRows.map(t => t.id)).size).toBe(tinRows.length)
    for (const row of each(materialRows)) expect(materialOf(row.id)).toBe(row)
    for (const row of each(batterRows)) expect(batterOfFamily(row.family, row.variant)).toBe(row)
  })
})

describe('a tin that cannot be', () => {
  const tin = usualTin('round-20')
  test.each([
    [{ top: [0, 0], bottom: [0, 0] }, /above zero/u],
    [{ top: [-20, 20] }, /above zero/u],
    [{ top: [300, 300], bottom: [300, 300] }, /300 cm does not go into a home oven/u],
    [{ top: [Number.NaN, 20] }, /above zero/u],
    [{ height: 0 }, /between 0.5 and 30/u],
    [{ height: 200 }, /200 cm cannot be/u],
    [{ count: 0 }, /whole number from 1 to 96/u],
    [{ count: 2.5 }, /whole number/u],
    [{ measured: 0 }, /0 ml of water/u],
    [{ shape: 'ring' }, /tube/u],
    [{ shape: 'ring', tube: [20, 20] }, /narrower/u],
  ] as readonly [Partial<Tin>, RegExp][])('%p', (change, says) =>
    expect(tinProblem({ ...tin, ...change })?.sentence).toMatch(says),
  )
})

describe('how it stands', () => {
  const cake = batterOfFamily('creamed')
  test('a tin at its fill stands right and rises to its rim; more of it is full, then over', () =>
    fc.assert(
      fc.property(
        fc.constantFrom(
          ...tinRows.filter(t => t.shape === 'round' || t.shape === 'box' || t.shape === 'cups'),
        ),
        tin => {
          const ml = takes(tin, cake)
          const at = (share: number) => fillingOf(tin, ml * share, cake)
          expect(at(1)).toMatchObject({ stands: 'right' })
          expect(at(1).risen).toBeCloseTo(tin.height, 3)
          expect([at(1.06).stands, at(1.2).stands, at(0.2).stands]).toEqual(['full', 'over', 'low'])
        },
      ),
    ))
  test('12 muffin cups take 60–70 g each [P]', () => {
    const each =
      (takes(usualTin('cups-12'), batterOfFamily('muffin')) / 12) * batterOfFamily('muffin').density
    expect(each).toBeGreaterThan(60)
    expect(each).toBeLessThan(70)
  })
  test('several tins are equally full, and nothing is lost', () =>
    fc.assert(
      fc.property(
        fc.array(fc.constantFrom(...tinRows.filter(t => t.shape !== 'tray')), {
          minLength: 1,
          maxLength: 4,
        }),
        fc.double({ min: 100, max: 5000, noNaN: true }),
        (tins, ml) => {
          const parts = share(tins, ml, cake)
          expect(parts.reduce((sum, f) => sum + f.ml * f.tin.count, 0)).toBeCloseTo(ml, 3)
          for (const part of each(parts)) expect(part.full).toBeCloseTo(parts[0]!.full, 6)
        },
      ),
    ))
})
