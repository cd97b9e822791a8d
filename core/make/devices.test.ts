import { each } from '../../tests/each'
import { describe, expect, test } from '@jest/globals'
import { readFileSync } from 'node:fs'
import fc from 'fast-check'
import { asWritten, readRecipe, sizeUp, usualKitchen, planDay } from '#core'
import type { DayBake } from '#core/day'
import { cardsOf } from './card'
import { counterState } from './counter'
import { bakeLoss, bakeLossFor } from './loss'
import { beginMaking, tell, type MakingEvent, type Making } from './making'
import { pourOf } from './pour'
import { plausible, reaches, remaining, type Felt } from './probe'
import {
  emptyScale,
  feel,
  frame,
  pour,
  readProbeLine,
  readScaleLine,
  setToZero,
  switchOn,
  trueMinutes,
  weigh,
  type SimBake,
  type SimScale,
} from './stand-ins'
import { lossRows } from './tables/losses'

const bakeOf = (name: string): DayBake => {
  const { recipe } = readRecipe(
    readFileSync(new URL(`../../demo/recipes/${name}.txt`, import.meta.url), 'utf8'),
  )
  return { id: 'b', title: recipe.title, recipe, sized: sizeUp(recipe, asWritten, usualKitchen) }
}
const begun = (bake: DayBake): Making => {
  const plan = planDay([bake], { serveAt: 30_000_000 })
  if (!plan.ok) throw new Error(plan.problem.sentence)
  return beginMaking('m', cardsOf([bake], plan, usualKitchen), null, plan.start)
}
const ginger = bakeOf('1-ginger-loaf')
/** The same without its egg, which no scale puts into proportion. */
const noEgg: DayBake = {
  ...ginger,
  recipe: {
    ...ginger.recipe,
    components: ginger.recipe.components.map(c => ({
      ...c,
      lines: c.lines.filter(l => l.ingredient !== 'egg'),
    })),
  },
}
type Say = MakingEvent extends infer H ? (H extends MakingEvent ? Omit<H, 'at'> : never) : never
const say = (making: Making, at: number, ...says: Say[]) =>
  says.reduce((m, each) => tell(m, { ...each, at } as MakingEvent), making)

describe('more or less in the bowl than was wanted', () => {
  const making = begun(noEgg)
  const card = (name: string) => making.cards.find(c => c.item?.name === name)!
  const flour = card('plain flour')
  const poured = (name: string, got: number, m = making) =>
    pourOf({
      making: m,
      cardId: card(name).id,
      got,
      recipe: noEgg.recipe,
      families: {},
      now: making.begun + 5,
    })!
  test('a gram is nothing; a tenth is told with what it does', () => {
    expect(poured('plain flour', 226)).toMatchObject({ fine: true, shifts: [] })
    const much = poured('milk', 300)
    expect(much).toMatchObject({
      fine: false,
      percent: expect.closeTo(100 * (300 / card('milk').item!.grams! - 1), 6),
    })
    expect(much.shifts[0]).toMatchObject({ measure: 'water' })
    expect(much.shifts[0]!.percent).toBeGreaterThan(0)
    expect(poured('milk', 180).shifts[0]!.percent).toBeLessThan(0)
  })
  test('twice as much leaves what this dessert bears, a twentieth does not', () => {
    expect(poured('milk', 490).shifts.some(s => !s.inside)).toBe(true)
    expect(each(poured('light brown sugar', 121).shifts).every(s => s.inside)).toBe(true)
  })
  test('scaling the rest puts every ratio back to what it was; what is in already wants topping up', () => {
    const weighed = say(
      making,
      making.begun + 1,
      { do: 'weighed', card: flour.id, grams: 225, by: 'scale' },
      { do: 'done', card: flour.id },
    )
    const found = poured('black treacle', 138, weighed)
    expect(found.factor).toBeCloseTo(1.2, 9)
    expect(found.topUp).toEqual([{ name: 'plain flour', grams: expect.closeTo(45, 6) }])
    expect(
      found.ahead.find(a => a.name === 'milk')!.to / found.ahead.find(a => a.name === 'milk')!.from,
    ).toBeCloseTo(1.2, 9)
    const scaled = say(
      weighed,
      making.begun + 2,
      { do: 'weighed', card: card('black treacle').id, grams: 138, by: 'scale' },
      { do: 'done', card: card('black treacle').id },
      { do: 'scale', bake: 'b', factor: found.factor! },
    )
    const after = counterState(scaled, making.begun + 3)
    const again = after.cards.find(p => p.card.id === flour.id)!
    expect(again).toMatchObject({ is: 'ready', got: 225, wanted: expect.closeTo(270, 6) })
    expect(after.cards.find(p => p.card.id === card('black treacle').id)!.is).toBe('over')
    const topped = counterState(
      say(
        scaled,
        making.begun + 4,
        { do: 'weighed', card: flour.id, grams: 45, by: 'hand' },
        { do: 'done', card: flour.id },
      ),
      making.begun + 5,
    )
    expect(topped.cards.find(p => p.card.id === flour.id)).toMatchObject({ is: 'over', got: 270 })
  })
  test('what cannot be scaled says why: too little, counted eggs, far too much, mixed already', () => {
    expect(poured('milk', 100)).toMatchObject({ factor: null, whyNot: 'More of it can be added.' })
    expect(poured('milk', 600).whyNot).toMatch(/half as much again/u)
    const withEgg = begun(ginger)
    expect(
      pourOf({
        making: withEgg,
        cardId: withEgg.cards.find(c => c.item?.name === 'milk')!.id,
        got: 300,
        recipe: ginger.recipe,
        families: {},
        now: withEgg.begun,
      })!.whyNot,
    ).toMatch(/^1 large egg cannot/u)
    const mixed = say(
      making,
      making.begun + 1,
      ...making.cards
        .filter(c => c.kind === 'do' && c.short === 'sift')
        .map((c): Say => ({ do: 'done', card: c.id })),
    )
    expect(poured('milk', 300, mixed).whyNot).toBe('Some of it is mixed already.')
  })
  test('no card, no weight, no number: nothing is said', () => {
    expect(
      pourOf({
        making,
        cardId: 'nobody',
        got: 5,
        recipe: noEgg.recipe,
        families: {},
        now: making.begun,
      }),
    ).toBeNull()
    expect(
      pourOf({
        making,
        cardId: flour.id,
        got: Number.NaN,
        recipe: noEgg.recipe,
        families: {},
        now: making.begun,
      }),
    ).toBeNull()
    expect(
      pourOf({
        making,
        cardId: making.cards.find(c => c.kind === 'do')!.id,
        got: 5,
        recipe: noEgg.recipe,
        families: {},
        now: making.begun,
      }),
    ).toBeNull()
  })
})

describe('weighed before and after', () => {
  const row = (id: string) => lossRows.find(r => r.id === id)!
  test('a drained yoghurt: percent gone, whether that is enough, and how long it still takes', () => {
    const early = bakeLossFor(row('drain'), 400, 300, 60)
    expect(early).toMatchObject({ lost: 0.25, is: 'short', what: row('drain').short })
    // Draining slows down: for 1.9 times the loss 3.6 times the time.
    expect(early.left! + 60).toBeCloseTo(60 * (0.475 / 0.25) ** 2, 6)
    expect(bakeLossFor(row('drain'), 400, 200, 600)).toMatchObject({
      is: 'right',
      what: '',
      left: null,
    })
    expect(bakeLossFor(row('drain'), 400, 150, 900)).toMatchObject({ is: 'past' })
  })
  test('boiling takes as much every minute', () => {
    const found = bakeLossFor(row('reduce'), 200, 180, 4)
    expect(found.left! + 4).toBeCloseTo((4 * 0.375) / 0.1, 6)
  })
  test('a foam by the weight of 100 ml', () => {
    expect(bakeLossFor(row('peaks'), null, 45, 0)).toMatchObject({ is: 'short', per100: 45 })
    expect(bakeLossFor(row('peaks'), null, 22, 0).is).toBe('right')
    expect(bakeLossFor(row('peaks'), null, 8, 0).is).toBe('past')
    expect(bakeLossFor(row('whip'), null, 300, 0).is).toBe('odd')
  })
  test('weights that cannot be are said, never reckoned with', () => {
    for (const [before, after] of [
      [null, 100],
      [100, 120],
      [100, 0],
      [0, 10],
    ] as const)
      expect(bakeLossFor(row('reduce'), before, after, 5)).toMatchObject({ is: 'odd', left: null })
    expect([
      bakeLoss(1500, 1400, 900),
      bakeLoss(1500, 1600, 900),
      bakeLoss(1500, 100, 900),
      bakeLoss(1500, 1400, 0),
    ]).toEqual([expect.closeTo(1 / 9, 9), null, null, null])
  })
  test.each([
    ['drain', 'Hang the soy yoghurt in a cloth in the fridge overnight.'],
    ['reduce', 'Simmer the aquafaba until it is down by a third.'],
    ['boil-down', 'Boil the cider, then reduce to a syrup.'],
    ['peaks', 'Whisk the egg whites to soft peaks.'],
    ['whip', 'Whip the double cream.'],
  ])('%s is known by its sentence', (id, sentence) => {
    expect(lossRows.find(r => r.sign.test(sentence))?.id).toBe(id)
  })
  test('every row has a stretch, and says what to do on either side', () => {
    for (const row of each(lossRows)) {
      expect(row.lost[0]).toBeLessThan(row.lost[1])
      expect(row.short.length * row.past.length).toBeGreaterThan(0)
      expect(row.source).toMatch(/^\[/u)
    }
  })
})

describe('a probe', () => {
  const card = begun(ginger).cards.find(c => c.kind === 'bake')!
  const curve = card.warming!
  const end = reaches(curve, curve.finish)!
  const half = reaches(curve, (curve.coldest[0]! + curve.finish) / 2)! / end
  const on = (stretch: number, until: number): Felt[] =>
    Array.from({ length: Math.floor(until * 2) }, (_, n) => n / 2).map(m => {
      const x = m / stretch
      const n = curve.minutes.findIndex(t => t >= x)
      const [a, b] = [Math.max(0, n - 1), n < 0 ? curve.minutes.length - 1 : n]
      const share = a === b ? 0 : (x - curve.minutes[a]!) / (curve.minutes[b]! - curve.minutes[a]!)
      return {
        minutes: m,
        celsius: curve.coldest[a]! + share * (curve.coldest[b]! - curve.coldest[a]!),
      }
    })
  test.each([0.85, 1, 1.2])(
    'a bake that goes as worked out, but takes %f times as long, is seen for what it is: ' +
      'the error more than halved at seven tenths, under 5 %% at nine',
    stretch => {
      const off = (share: number) =>
        Math.abs(remaining(curve, on(stretch, share * stretch * end))!.total / (stretch * end) - 1)
      expect(off(0.7)).toBeLessThan(Math.max(0.02, Math.abs(1 / stretch - 1) / 2))
      expect(off(0.9)).toBeLessThan(0.05)
    },
  )
  test(
    'bakes with a course of their own: the truth is in the window nine times in ten, and the ' +
      'error shrinks to half of what it was beforehand',
    () => {
      let [inside, all, late, before] = [0, 0, 0, 0]
      for (let seed = 1; seed <= 60; seed++) {
        const bake: SimBake = {
          seed,
          start: curve.coldest[0]!,
          finish: curve.finish,
          likely: card.minutes,
          half,
        }
        const true_ = trueMinutes(bake)
        before += Math.abs(card.minutes / true_ - 1)
        for (const share of [0.5, 0.7, 0.85, 0.95]) {
          const felt: Felt[] = []
          for (let m = 0; m < share * true_; m += 0.5)
            felt.push({ minutes: m, celsius: feel(bake, m, Math.round(7 * m)) })
          const found = remaining(curve, felt)!
          all++
          if (true_ >= found.window[0] - 0.5 && true_ <= found.window[1] + 0.5) inside++
          if (share === 0.95) late += Math.abs(found.total / true_ - 1)
        }
      }
      expect(inside / all).toBeGreaterThan(0.9)
      expect(late).toBeLessThan(before / 1.8)
    },
  )
  test('nonsense among the readings changes nothing', () => {
    const good = on(1, 0.7 * end)
    const bad: Felt[] = [
      { minutes: 3.1, celsius: 400 },
      { minutes: 7.2, celsius: Number.NaN },
      { minutes: 12.3, celsius: -60 },
      { minutes: 20.1, celsius: 119 },
      { minutes: Number.NaN, celsius: 50 },
      { minutes: -3, celsius: 20 },
    ]
    expect(remaining(curve, [...good, ...bad])).toMatchObject({
      total: remaining(curve, good)!.total,
      dropped: bad.length,
    })
    expect(plausible([...good, ...bad])).toEqual(good)
  })
  test('done is done, and says so; nothing to say without readings or a curve that gets there', () => {
    const felt = [...on(1, 0.9 * end), { minutes: end, celsius: curve.finish + 0.2 }]
    expect(remaining(curve, felt)).toMatchObject({ left: 0, total: end })
    expect(remaining(curve, [])).toBeNull()
    expect(remaining({ ...curve, finish: 150 }, felt)).toBeNull()
  })
})

describe('the stand-ins', () => {
  test('a scale shows what was poured, from zero, to the gram, once it has settled', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 9999 }),
        fc.integer({ min: 5, max: 60 }),
        fc.integer({ min: 1, max: 20 }),
        (seed, rate, seconds) => {
          let scale: SimScale = setToZero(switchOn(seed), 1)
          scale = pour(pour(scale, rate, 2), 0, 2 + seconds)
          const { reading } = weigh(scale, 2 + seconds + 4)
          expect(Math.abs(reading.grams - rate * (seconds + 0.25))).toBeLessThan(2.6)
          expect(reading.steady).toBe(true)
          scale = setToZero(scale, 2 + seconds + 5)
          expect(Math.abs(weigh(scale, 2 + seconds + 6).reading.grams)).toBeLessThan(2.6)
          expect(emptyScale(scale, 40).load).toBe(0)
        },
      ),
    )
  })
  test('it lags, trembles and is not steady while something runs', () => {
    const running = pour(switchOn(3), 40, 1)
    expect(weigh(running, 1.2).reading.grams).toBeLessThan(8)
    expect(weigh(running, 3).reading.steady).toBe(false)
    const shown = new Set(
      Array.from({ length: 40 }, (_, n) => {
        let scale = pour(pour(switchOn(n), 100, 0), 0, 2.0054)
        scale = { ...scale, n }
        return weigh(scale, 8).reading.grams
      }),
    )
    expect(shown.size).toBeGreaterThan(1)
  })
  test('lines of a device are read, and nothing else is', () => {
    expect(readScaleLine('{"grams":148,"steady":true}')).toEqual({ grams: 148, steady: true })
    expect(readProbeLine('{"celsius":71.5}')).toBe(71.5)
    for (const bad of [
      '',
      '{',
      '[]',
      'null',
      '"148"',
      '{"grams":"148"}',
      '{"grams":1e9}',
      '{"grams":null}',
    ])
      expect(readScaleLine(bad)).toBeNull()
    for (const bad of ['', '{"celsius":9999}', '{"celsius":"hot"}', '{"celsius":null}', 'null'])
      expect(readProbeLine(bad)).toBeNull()
    fc.assert(
      fc.property(fc.string(), text => {
        const r = readScaleLine(text)
        expect(r === null || Number.isFinite(r.grams)).toBe(true)
      }),
    )
  })
  test('a faulty one sends nonsense that is read as none, or falls silent', () => {
    const lines = Array.from({ length: 40 }, (_, n) =>
      frame('garbage', 5, n, { grams: 10, steady: true })!,
    )
    expect(lines.filter(l => readScaleLine(l) === null).length).toBeGreaterThan(12)
    expect(lines.some(l => readScaleLine(l) !== null)).toBe(true)
    expect([frame('silence', 5, 3, {}), frame('silence', 5, 6, {})]).toEqual(['{}', null])
    expect(frame('none', 5, 99, { grams: 1 })).toBe('{"grams":1}')
  })
})
