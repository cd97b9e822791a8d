import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { readRecipe } from '../source/page'
import { restTimesIn, roundRestTime, sayRestTime, withRestTimes } from './restings'
import { readStepTimes } from './step-times'

const read = readRecipe(`Spice biscuits
200 g flour
120 g butter
80 g sugar
Rub the butter into the flour and sugar, then chill the dough for 30 to 45 minutes.
Leave overnight if you like. Bake at 180 °C for 12 minutes and cool on the tray for 5 minutes.
Let them stand for 1 hour before you pack them.`).recipe
const recipe = {
  ...read,
  components: read.components.map((c, i) =>
    i
      ? c
      : {
          ...c,
          steps: [
            'For the flax gel: 12 g ground flax and 60 g water. Stir, and let it rest ' +
              'until thick. Rest it for 10 minutes.',
            ...c.steps,
          ],
        },
  ),
}

describe('what rests', () => {
  test(
    'gels, doughs and bakes, with what made ready it belongs to; baking, cooling and ' +
      '"overnight" are none',
    () => {
      expect(
        restTimesIn(recipe).map(({ of, kind, low, high, baked }) => ({
          of,
          kind,
          low,
          high,
          baked,
        })),
      ).toEqual([
        { of: 'flax gel', kind: 'rest', low: 10, high: 10, baked: false },
        { of: null, kind: 'chill', low: 30, high: 45, baked: false },
        { of: null, kind: 'rest', low: 60, high: 60, baked: true },
      ])
    },
  )
  test('is made longer, its upper figure with it, and everything else stays word for word', () => {
    const longer = withRestTimes(recipe, r => (r.kind === 'chill' ? 2 * r.low : null))
    const [was, is] = [recipe, longer].map(r => r.components.flatMap(c => c.steps))
    expect(is!.filter((text, i) => text !== was![i])).toEqual([
      'Rub the butter into the flour and sugar, then chill the dough for 60 to 90 minutes.',
    ])
    expect(withRestTimes(recipe, () => null)).toBe(recipe)
    expect(withRestTimes(recipe, r => r.low)).toBe(recipe)
  })
  test('what is said is read back, alone and as a range', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 48 * 60 }),
        fc.integer({ min: 0, max: 600 }),
        (low, more) => {
          const [one] = readStepTimes(`Chill for ${sayRestTime(low)}.`)
          expect(one).toMatchObject({ kind: 'chill', low, high: low })
          const [range, ...others] = readStepTimes(`Chill for ${sayRestTime(low, low + more)}.`)
          expect(range).toMatchObject({ kind: 'chill', low, high: low + more })
          expect(others).toEqual([])
        },
      ),
    )
    expect([1, 45, 60, 90, 120, 150].map(m => sayRestTime(m))).toEqual([
      '1 minute',
      '45 minutes',
      '1 hour',
      '90 minutes',
      '2 hours',
      '2 hours and 30 minutes',
    ])
  })
  test('two ends of one time are one, though each has its own unit; what follows in order is not', () => {
    const times = (text: string) => readStepTimes(text).map(t => [t.kind, t.low, t.high])
    expect(times('Chill the dough for 30 minutes to 1 hour.')).toEqual([['chill', 30, 60]])
    expect(times('Chill for at least 4 hours, or preferably overnight.')).toEqual([
      ['chill', 240, 720],
    ])
    expect(times('Bake for 50 minutes–1 hour 10 minutes.')).toEqual([['bake', 50, 70]])
    expect(times('Rest for 20 minutes or up to 2 hours.')).toEqual([['rest', 20, 120]])
    expect(times('Beat for 5 minutes, then rest for 20 minutes.')).toEqual([
      ['mix', 5, 5],
      ['rest', 20, 20],
    ])
    expect(times('Rise for 1 hour. Rise again for 45 minutes.')).toEqual([
      ['rise', 60, 60],
      ['rise', 45, 45],
    ])
  })
  test('a clock is set to round figures, never to nothing', () => {
    /** Half a step of the clock at that length. */
    const farthest = (minutes: number) => {
      if (minutes < 1) return 1.5 + 1e-9
      if (minutes < 20) return 0.5 + 1e-9
      if (minutes < 60) return 2.5
      return minutes < 180 ? 7.5 : 15
    }
    fc.assert(
      fc.property(fc.double({ min: 0.01, max: 3000, noNaN: true }), minutes => {
        const round = roundRestTime(minutes)
        expect(round).toBeGreaterThanOrEqual(1)
        expect(Math.abs(round - minutes)).toBeLessThanOrEqual(farthest(minutes))
        expect(roundRestTime(round)).toBe(round)
      }),
    )
  })
})
