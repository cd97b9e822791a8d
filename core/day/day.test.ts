import { each, tally } from '../../tests/each'
import { describe, expect, test } from '@jest/globals'
import { readFileSync, readdirSync } from 'node:fs'
import { emptyStock, stockPantry } from '#core/pantry'
import type { Component } from '#core/recipe'
import { asWritten, readRecipe, sizeUp, usualKitchen } from '#core'
import { learnPace, paceFor } from './pace'
import { ifLate } from './if-late'
import type { DayOptions, DayPlan, PlacedTask } from './options'
import { planDay } from './plan-day'
import { workOf, type DayBake } from './tasks'
import { handRows } from './tables/doings'
import { verbWords } from '../method/tables/verbs'
import { toOven } from './tables/durations'

/** Doings that only words beside a verb tell. */
const besides = new Set(['unheat', 'set-aside'])

const anyLate = tally('tasks on the day itself')

const bakeOf = (id: string, text: string): DayBake => {
  const { recipe } = readRecipe(text)
  return { id, title: recipe.title, recipe, sized: sizeUp(recipe, asWritten, usualKitchen) }
}
const demo = readdirSync(new URL('../../demo/recipes', import.meta.url))
  .sort()
  .map((name, i) =>
    bakeOf(
      `b${i + 1}`,
      readFileSync(new URL(`../../demo/recipes/${name}`, import.meta.url), 'utf8'),
    ),
  )
const [ginger, plum, shortbread, meringue, marble, custard] = demo as [
  DayBake,
  DayBake,
  DayBake,
  DayBake,
  DayBake,
  DayBake,
]
const five = Date.parse('2026-11-28T17:00:00Z') / 60_000
const night: readonly [number, number] = [
  Date.parse('2026-11-27T22:30:00Z') / 60_000,
  Date.parse('2026-11-28T07:00:00Z') / 60_000,
]
const good = (bakes: readonly DayBake[], options: DayOptions = {}) => {
  const plan = planDay(bakes, { serveAt: five, asleep: [night], ...options })
  if (!plan.ok) throw new Error(plan.problem.sentence)
  return plan
}
const at = (plan: Extract<DayPlan, { ok: true }>, id: string) => plan.tasks.find(t => t.id === id)!

/**
 * Every rule of the plan, one pair of hands, the oven's heat and the night, looked at again without
 * the search.
 */
function breaks(plan: Extract<DayPlan, { ok: true }>): string[] {
  const starts = new Map(plan.tasks.map(t => [t.id, t.starts]))
  const found = plan.rules
    .filter(r => starts.get(r.to)! - starts.get(r.from)! < r.least - 1e-6)
    .map(r => r.because)
  const busy = plan.tasks.filter(t => t.hands && t.minutes > 0)
  for (const a of busy)
    for (const b of busy)
      if (a.id < b.id && a.starts < b.ends - 1e-6 && b.starts < a.ends - 1e-6)
        found.push(`${a.short} and ${b.short} at once`)
  const ovens = plan.tasks.filter(t => t.kind === 'bake')
  for (const a of ovens)
    for (const b of ovens)
      if (
        a.id < b.id &&
        a.celsius !== b.celsius &&
        a.starts < b.ends + 15 - 1e-6 &&
        b.starts < a.ends + 15 - 1e-6
      )
        found.push(`${a.id} and ${b.id} in one oven`)
  for (const t of busy)
    if (t.starts < night[1] - 1e-6 && t.ends > night[0] + 1e-6)
      found.push(`${t.short} in the night`)
  return found
}

describe('a recipe as work', () => {
  test('what hands do, what waits, the oven with the pan stage’s time, and the serving', () => {
    const { tasks } = workOf(ginger)
    expect(tasks.map(t => t.short)).toEqual([
      'weigh in',
      'ready the tin',
      'sift',
      'heat on the hob',
      'pour',
      'into the tin',
      'bake',
      'out of the oven',
      'cool',
      'on the table',
    ])
    expect(tasks.find(t => t.kind === 'bake')).toMatchObject({
      minutes: 53,
      celsius: 160,
      place: 'oven',
    })
    expect(tasks.some(t => t.says.includes('stickiest'))).toBe(false)
  })
  test(
    'parts run beside each other and come together; butter softens; what lifts goes into the ' +
      'oven soon',
    () => {
      const { tasks, rules } = workOf(plum)
      expect(tasks.some(t => t.short === 'soften' && !t.hands)).toBe(true)
      const streusel = tasks.find(t => t.says.startsWith('For the streusel'))!
      const cream = tasks.find(t => t.says.startsWith('For the cake'))!
      expect(rules.some(r => r.from === streusel.id && r.to === cream.id && r.least > 0)).toBe(
        false,
      )
      expect(rules.find(r => r.because.includes(`within ${toOven} minutes`))?.least).toBeLessThan(0)
    },
  )
  test('a stated wait is no shorter, a glaze waits for a cold cake, cream for the last minutes', () => {
    expect(workOf(custard).tasks.filter(t => t.short === 'chill')).toMatchObject([
      { minutes: 20, says: 'Chill. The recipe states no time.', place: 'fridge' },
      { minutes: 240, place: 'fridge' },
    ])
    expect(workOf(marble).rules.some(r => r.because === 'only on what is cold')).toBe(true)
    const fill = workOf(meringue).rules.find(r => r.because.includes('dressed'))!
    expect(-fill.least).toBeLessThan(30)
    expect(workOf(shortbread).tasks.find(t => t.short === 'chill')!.minutes).toBe(60)
  })
  test(
    'what was worked out is kept for the same bake alone: another size, word, name, heat or ' +
      'pantry is worked out anew',
    () => {
      const before = workOf(ginger)
      expect(workOf(structuredClone(ginger))).toBe(before)
      const [part] = ginger.recipe.components as [Component]
      const other = (change: Partial<DayBake>) =>
        expect(workOf({ ...ginger, ...change })).not.toBe(before)
      other({ sized: null })
      other({ id: 'x' })
      other({ recipe: { ...ginger.recipe, oven: null } })
      const said = workOf({
        ...ginger,
        recipe: {
          ...ginger.recipe,
          components: [{ ...part, steps: [...part.steps, 'Leave it for 2 hours.'] }],
        },
      })
      expect(said.tasks.find(t => t.says === 'Leave it for 2 hours.')?.minutes).toBe(120)
      stockPantry(emptyStock)
      expect(workOf(ginger)).not.toBe(before)
      expect(workOf(ginger)).toEqual(before)
    },
  )
  test('every row of work can be met: none stands behind one that takes all it would', () => {
    for (const [n, row] of each(handRows.entries())) {
      expect(row.minutes).toBeGreaterThan(0)
      for (const verb of each(row.verbs.split(' '))) {
        expect([verb, verb in verbWords || besides.has(verb)]).toEqual([verb, true])
        const takesAll = handRows
          .slice(0, n)
          .filter(before => before.verbs.split(' ').includes(verb))
          .some(({ manner, vessel, mixing, readies }) => !(manner || vessel || mixing || readies))
        expect([verb, n, takesAll]).toEqual([verb, n, false])
      }
    }
  })
})

describe('a day backwards from the table', () => {
  test.each(demo.map(b => [b.title, b] as const))(
    '%s for five: on time, nothing broken',
    (_, bake) => {
      const plan = good([bake])
      expect(breaks(plan)).toEqual([])
      expect(plan.end).toBeCloseTo(five, 6)
      expect(plan.warnings).toEqual([])
      expect(plan.proven).toBe(true)
    },
  )
  test('the whole walk: seven desserts, one oven, one pair of hands', () => {
    const plan = good(demo, { budget: 1500 })
    expect(breaks(plan)).toEqual([])
    expect(plan.tasks.length).toBeGreaterThan(60)
    expect(plan.hands).toBeGreaterThan(200)
  })
  test('as late as the rules allow: nothing at the end could begin later', () => {
    const plan = good([ginger])
    const cool = at(plan, 'b1/:5:0')
    expect(cool.ends).toBeCloseTo(five, 6)
    expect(plan.total).toBeLessThan(140)
  })
  test('the oven is hot when it is wanted, not earlier', () => {
    const plan = good([ginger, plum])
    for (const heat of each(plan.preheats)) {
      const load = plan.tasks.find(t => t.kind === 'bake' && t.starts === heat.ready)!
      expect(load.celsius).toBe(heat.celsius)
      expect(heat.at).toBeLessThan(heat.ready)
      expect(heat.ready - heat.at).toBeLessThan(30)
    }
  })
  test('what takes longer than the day is begun the evening before, and never at night', () => {
    const plan = good(
      [
        bakeOf(
          'k',
          `Overnight rolls
500 g strong white flour
7 g instant yeast
60 g sugar
60 g butter
300 ml milk

Knead the flour, yeast, sugar and milk for 10 minutes. Chill overnight.
Shape into rolls. Leave to rise for 1 hour.
Heat the oven to 190 °C. Bake for 20 minutes.`,
        ),
      ],
      { serveAt: Date.parse('2026-11-28T10:00:00Z') / 60_000 },
    )
    expect(breaks(plan)).toEqual([])
    const knead = plan.tasks.find(t => t.says.startsWith('Knead'))!
    expect(knead.evening).toBe(true)
    expect(knead.ends).toBeLessThanOrEqual(night[0])
    expect(plan.tasks.find(t => t.short === 'shape')!.starts).toBeGreaterThanOrEqual(night[1])
  })
  test('begun now: as soon as it can be', () => {
    const plan = planDay([ginger], { now: five - 600, asleep: [] })
    if (!plan.ok) throw new Error(plan.problem.sentence)
    expect(plan.start).toBe(five - 600)
    expect(breaks(plan)).toEqual([])
    expect(plan.end - plan.start).toBeLessThan(140)
  })
})

describe('what the baker says', () => {
  test('another length: the rest follows, and the rules that rest on it', () => {
    const usual = good([ginger])
    const bake = usual.tasks.find(t => t.kind === 'bake')!
    const longer = good([ginger], { wishes: { minutes: { [bake.id]: bake.minutes + 3 } } })
    expect(at(longer, bake.id)).toMatchObject({ minutes: bake.minutes + 3, usual: bake.minutes })
    expect(at(longer, bake.id).starts).toBeCloseTo(at(usual, bake.id).starts - 3, 6)
    expect(breaks(longer)).toEqual([])
  })
  test('not before, out by, and a task of one’s own', () => {
    const usual = good([ginger])
    const bake = usual.tasks.find(t => t.kind === 'bake')!
    const early = good([ginger], { wishes: { outBy: { [bake.id]: bake.ends - 60 } } })
    expect(at(early, bake.id).ends).toBeLessThanOrEqual(bake.ends - 60 + 1e-6)
    const walk = good([ginger], {
      wishes: {
        own: [
          { id: 'own-1', says: 'Fetch the lanterns', minutes: 25, hands: true, after: bake.id },
        ],
      },
    })
    expect(at(walk, 'own-1').starts).toBeGreaterThanOrEqual(at(walk, bake.id).ends - 1e-6)
    expect(breaks(walk)).toEqual([])
  })
  test('the stricter bake first, with washing between', () => {
    const plan = good([ginger, plum], { apart: [['b1', 'b2']] })
    const wash = plan.tasks.find(t => t.kind === 'wash')!
    const works = (id: string) =>
      plan.tasks.filter(
        t => t.bake === id && t.hands && t.kind !== 'wash' && !t.id.endsWith(':out'),
      )
    for (const t of each(works('b1'))) expect(t.ends).toBeLessThanOrEqual(wash.starts + 1e-6)
    for (const t of each(works('b2'))) expect(t.starts).toBeGreaterThanOrEqual(wash.ends - 1e-6)
  })
  test('one washing does for all that come before the same others', () => {
    const plan = good([ginger, plum, shortbread, marble], {
      apart: [
        [ginger.id, plum.id],
        [ginger.id, marble.id],
        [shortbread.id, marble.id],
        [shortbread.id, plum.id],
      ],
    })
    expect(plan.tasks.filter(t => t.kind === 'wash')).toHaveLength(1)
    const wash = plan.tasks.find(t => t.kind === 'wash')!
    const work = (...ids: string[]) =>
      plan.tasks.filter(
        t => ids.includes(t.bake) && t.hands && t.kind === 'hands' && !t.id.endsWith(':out'),
      )
    for (const t of each(work(ginger.id, shortbread.id)))
      expect(t.ends).toBeLessThanOrEqual(wash.starts + 1e-6)
    for (const t of each(work(plum.id, marble.id)))
      expect(t.starts).toBeGreaterThanOrEqual(wash.ends - 1e-6)
    const chain = good([ginger, plum, shortbread], {
      apart: [
        [ginger.id, plum.id],
        [plum.id, shortbread.id],
      ],
    })
    expect(chain.tasks.filter(t => t.kind === 'wash')).toHaveLength(2)
  })
  test('impossible wishes name the rules that quarrel and the nearest hour', () => {
    const late = planDay([marble], { serveAt: five, now: five - 100, asleep: [night] })
    expect(late.ok).toBe(false)
    if (late.ok) return
    expect(late.problem.code).toBe('late')
    expect(late.problem.rules).toContain('nothing can begin before now')
    const nearest = late.problem.nearest!
    expect(good([marble], { serveAt: nearest, now: five - 100 }).ok).toBe(true)
    expect(planDay([marble], { serveAt: nearest - 10, now: five - 100, asleep: [night] }).ok).toBe(
      false,
    )
    expect(planDay([], { serveAt: five })).toMatchObject({ ok: false, problem: { code: 'empty' } })
    expect(planDay([ginger], { serveAt: 'soon' })).toMatchObject({
      ok: false,
      problem: { code: 'serve' },
    })
  })
  test('twenty minutes late: when it would be on the table, and what would wait too long', () => {
    const plan = good([ginger])
    const late = ifLate(plan, 20)
    expect(late.serve).toBeCloseTo(five + 20, 6)
    expect(ifLate(plan, 0)).toEqual({ serve: plan.end, over: [] })
  })
})

describe('one oven', () => {
  const again = (bake: DayBake, id: string): DayBake => ({ ...bake, id })
  const ovens = (plan: Extract<DayPlan, { ok: true }>) => plan.tasks.filter(t => t.kind === 'bake')
  const together = (plan: Extract<DayPlan, { ok: true }>) => {
    const [a, b] = ovens(plan) as [PlacedTask, PlacedTask]
    return a.starts < b.ends - 1e-6 && b.starts < a.ends - 1e-6
  }
  test('two loaves of one heat stand side by side; trays, and other heats, go one after the other', () => {
    expect(together(good([ginger, again(ginger, 'second')]))).toBe(true)
    expect(together(good([shortbread, again(shortbread, 'second')]))).toBe(false)
    expect(together(good([ginger, marble]))).toBe(false)
    // Half a shelf is left beside a loaf, and none beside a tray, though both bake at 160 °C.
    expect(together(good([ginger, shortbread]))).toBe(false)
    expect(
      together(
        good([shortbread, again(shortbread, 'second')], {
          kitchen: { ...usualKitchen, tray: { ...usualKitchen.tray, atOnce: 2 } },
        }),
      ),
    ).toBe(true)
  })
})

describe('made ahead', () => {
  const nights = Array.from({ length: 16 }, (_, k): readonly [number, number] => [
    night[0] - k * 1440,
    night[1] - k * 1440,
  ])
  const ahead = (bake: DayBake, how: 'kept' | 'frozen', days: number) =>
    planDay([bake], {
      serveAt: five,
      asleep: nights,
      wishes: { ahead: { [bake.id]: { how, days } } },
    })
  const of = (plan: DayPlan) => {
    if (!plan.ok) throw new Error(plan.problem.sentence)
    return plan
  }
  test.each(demo.map(b => [b.title, b] as const))(
    '%s: put by the day before, cold; only what belongs to the day is done on it',
    (_, bake) => {
      const plan = of(ahead(bake, 'kept', 1))
      const put = plan.tasks.find(t => t.short === 'put by')!
      expect(put.ends).toBeLessThanOrEqual(five - 1440 + 240 + 1e-6)
      for (const t of each(plan.tasks))
        if (t.kind === 'bake' || t.id.endsWith(':cold') || t.id.endsWith(':out'))
          expect(t.ends).toBeLessThanOrEqual(put.starts + 1e-6)
      const late = plan.tasks.filter(t => t.starts > put.ends && t.hands)
      for (const t of anyLate(late))
        expect(t.says).toMatch(/glaze|fill|cream|dust|cut|serv|pour over the cold cake/iu)
      expect(plan.warnings).toEqual([])
      expect(plan.total).toBeLessThan(700)
    },
  )
  test('frozen it thaws in time, after its hours in the freezer', () => {
    const plan = of(ahead(ginger, 'frozen', 9))
    const at = (short: string) => plan.tasks.find(t => t.short === short)!
    expect(at('frozen').starts).toBeLessThan(five - 8 * 1440)
    expect(at('take out').starts).toBeGreaterThanOrEqual(at('frozen').ends)
    expect(at('thaw')).toMatchObject({ minutes: 180, ends: five })
  })
  test('longer than it keeps, or frozen what does not freeze, quarrels and says why', () => {
    expect(ahead(plum, 'kept', 5)).toMatchObject({
      ok: false,
      problem: { sentence: expect.stringContaining('keeps 2 days') },
    })
    expect(ahead(custard, 'frozen', 3)).toMatchObject({
      ok: false,
      problem: { sentence: expect.stringContaining('does not freeze well') },
    })
  })
  test('too soon for that, it names the hour at which it could be on the table', () => {
    const soon = planDay([ginger], {
      serveAt: five,
      now: five - 600,
      asleep: nights,
      wishes: { ahead: { b1: { how: 'kept', days: 2 } } },
    })
    expect(soon).toMatchObject({ ok: false, problem: { code: 'late' } })
    const { nearest } = (soon as Extract<DayPlan, { ok: false }>).problem
    expect(nearest).toBeGreaterThan(five + 1440 - 600)
    expect(
      of(
        planDay([ginger], {
          serveAt: nearest!,
          now: five - 600,
          asleep: nights.map(([a, b]) => [a + 2 * 1440, b + 2 * 1440] as const).concat(nights),
          wishes: { ahead: { b1: { how: 'kept', days: 2 } } },
        }),
      ).end,
    ).toBeCloseTo(nearest!, 6)
  })
  test('begun now there is no day to be ahead of', () => {
    expect(
      planDay([ginger], {
        serveAt: null,
        now: five,
        wishes: { ahead: { b1: { how: 'kept', days: 2 } } },
      }).ok,
    ).toBe(true)
  })
})

describe('the pace of a house', () => {
  test('what was seen counts against what is usual, and never runs away', () => {
    const once = learnPace(undefined, [{ short: 'sift', planned: 3, took: 6 }])
    expect(paceFor(once, 'sift')).toBeCloseTo(2 ** (1 / 3), 9)
    expect([paceFor(once, 'cream'), paceFor(undefined, 'sift')]).toEqual([1, 1])
    let pace = once
    for (let n = 0; n < 200; n++)
      pace = learnPace(pace, [{ short: 'sift', planned: 3 * paceFor(pace, 'sift'), took: 6 }])
    expect(paceFor(pace, 'sift')).toBeCloseTo(2, 1)
    for (let n = 0; n < 50; n++) pace = learnPace(pace, [{ short: 'sift', planned: 1, took: 400 }])
    expect(paceFor(pace, 'sift')).toBe(2.5)
    expect(
      learnPace({}, [
        { short: 'x', planned: 0, took: 5 },
        { short: 'y', planned: 5, took: 0 },
      ]),
    ).toEqual({})
  })
  test('a day is planned with it, rules and all', () => {
    const slow = {
      ...usualKitchen,
      pace: learnPace(
        {},
        Array.from({ length: 8 }, () => ({ short: 'sift', planned: 3, took: 6 })),
      ),
    }
    const [usual, paced] = [good([ginger]), good([ginger], { kitchen: slow })]
    const sift = (plan: typeof usual) => plan.tasks.find(t => t.short === 'sift')!
    expect(sift(paced).minutes).toBe(Math.round(sift(usual).minutes * paceFor(slow.pace, 'sift')))
    expect(paced.start).toBe(usual.start - (sift(paced).minutes - sift(usual).minutes))
    expect(breaks(paced)).toEqual([])
  })
})
