import { each, tally } from '../../tests/each'
import { describe, expect, test } from '@jest/globals'
import { readFileSync, readdirSync } from 'node:fs'
import fc from 'fast-check'
import { asWritten, readRecipe, sizeUp, usualKitchen, planDay } from '#core'
import type { DayBake, DayPlan } from '#core/day'
import { cardsOf, itemsOf, type Card } from './card'
import { beginMaking, canTakeBack, takeBack, tell, type MakingEvent, type Making } from './making'
import { counterState, isAttended } from './counter'
import { handsTook } from './hands'
import { madeOf } from './record'

const anyMark = tally('marks')
const anyState = tally('states')

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
const [ginger, plum, shortbread, meringue] = demo as [DayBake, DayBake, DayBake, DayBake]
const five = Date.parse('2026-11-28T17:00:00Z') / 60_000
const planOf = (...bakes: DayBake[]) => {
  const plan = planDay(bakes, { serveAt: five, budget: 400 })
  if (!plan.ok) throw new Error(plan.problem.sentence)
  return plan as Extract<DayPlan, { ok: true }>
}
const begun = (...bakes: DayBake[]): Making => {
  const plan = planOf(...bakes)
  return beginMaking('m', cardsOf(bakes, plan, usualKitchen), five, plan.start)
}
type Say = MakingEvent extends infer H ? (H extends MakingEvent ? Omit<H, 'at'> : never) : never
const say = (making: Making, at: number, ...says: Say[]) =>
  says.reduce((m, each) => tell(m, { ...each, at } as MakingEvent), making)
/** What hands do with a card: a bake and a wait of their own begin, the rest is done. */
const act = (card: Card): Say =>
  card.kind === 'bake' || card.kind === 'wait'
    ? { do: 'begun', card: card.id }
    : { do: 'done', card: card.id }
/**
 * Goes on until nothing is left, each card in its time and each wait for as long as it takes; the
 * cards in the order in which they came.
 */
function walk(start: Making): {
  readonly making: Making
  readonly came: readonly Card[]
  readonly now: number
} {
  let [making, now] = [start, start.begun]
  const came: Card[] = []
  for (let n = 0; n < 600; n++) {
    const counter = counterState(making, now)
    if (counter.current) {
      came.push(counter.current.card)
      now += counter.current.card.kind === 'bake' ? 0 : Math.max(0.2, counter.current.card.minutes)
      making = say(making, now, act(counter.current.card))
      continue
    }
    const next = counter.timers.filter(t => t.stopped === null && t.ends > now)[0]
    if (!next) break
    now = next.ends
  }
  return { making, came, now }
}

describe('a day as cards', () => {
  test.each(demo.map(b => [b.title, b] as const))(
    '%s: every line is weighed once, every task has its card, all can be walked through to the table',
    (_, bake) => {
      const making = begun(bake)
      const lines = bake.recipe.components.flatMap(c => c.lines).filter(l => !l.optional || l.grams)
      expect(
        making.cards
          .filter(c => c.item)
          .map(c => c.item!.lineId)
          .sort(),
      ).toEqual(lines.map(l => l.id).sort())
      expect(new Set(making.cards.map(c => c.id)).size).toBe(making.cards.length)
      const { making: done, came } = walk(making)
      expect(came.map(c => c.id).sort()).toEqual(
        making.cards
          .filter(isAttended)
          .map(c => c.id)
          .sort(),
      )
      expect(came.at(-1)!.kind).toBe('serve')
      expect(counterState(done, five + 5000).done).toBe(came.length)
    },
  )
  test('things are weighed as the steps need them: what greases a tin comes with what it is for', () => {
    const names = itemsOf(ginger.recipe).map(i => i.name)
    expect(names.indexOf('plain flour')).toBe(0)
    expect(names.indexOf('butter')).toBe(names.indexOf('black treacle') - 1)
    expect(itemsOf(ginger.recipe).find(i => i.name === 'butter')!.for).toMatch(/^Melt the butter/u)
    expect(names.at(-1)).toBe('stem ginger')
  })
  test('cautions stand at their step, once', () => {
    const cautions = begun(ginger).cards.flatMap(c =>
      c.cautions.map(text => [c.says, text] as const),
    )
    expect(cautions.find(([, text]) => text.startsWith('Raw egg'))![0]).toMatch(/beat in the egg/u)
    expect(new Set(cautions.map(([, text]) => text)).size).toBe(cautions.length)
  })
  test(
    'a bake has its turn and first look in order before its end; every tray of several is a ' +
      'bake of its own',
    () => {
      for (const making of each(demo.map(b => begun(b))))
        for (const card of each(making.cards)) {
          expect(card.marks.map(m => m.at)).toEqual(
            card.marks.map(m => m.at).toSorted((a, b) => a - b),
          )
          for (const mark of anyMark(card.marks)) expect(mark.at).toBeLessThan(card.minutes)
        }
      // Every tray is a bake of its own, and is taken out by itself.
      const { cards } = begun(shortbread)
      const trays = cards.filter(c => c.kind === 'bake')
      expect(trays.length).toBeGreaterThan(1)
      for (const [n, tray] of each(trays.entries())) {
        expect(tray.minutes).toBeLessThan(30)
        const before = trays[n - 1]
        if (before)
          expect(tray.starts).toBeGreaterThanOrEqual(before.starts + before.minutes - 1e-6)
      }
      expect(cards.filter(c => c.short === 'out of the oven')).toHaveLength(trays.length)
    },
  )
  test(
    'into the oven is one card: it waits for what the putting in waited for, and the day ' +
      'hears of both',
    () => {
      const making = begun(plum)
      const bake = making.cards.find(c => c.kind === 'bake')!
      expect(making.cards.filter(c => c.says === 'Into the oven.')).toEqual([])
      expect(bake.also).toHaveLength(1)
      expect(each(bake.after).every(task => making.cards.some(c => c.task === task))).toBe(true)
      const { making: done } = walk(making)
      const counter = counterState(done, five + 5000)
      for (const id of [bake.task, ...bake.also!]) expect(counter.happened[id]?.to).not.toBeNull()
      expect(
        each(planOf(plum).tasks.filter(t => t.kind !== 'serve')).every(
          t => counter.happened[t.id]?.to != null,
        ),
      ).toBe(true)
    },
  )
  test('a foam is weighed after it was whisked, and before what follows', () => {
    const cards = begun(meringue).cards
    const at = cards.findIndex(c => c.weighing)
    expect(cards[at]!).toMatchObject({ kind: 'measure', weighing: { row: 'peaks', when: 'after' } })
    expect(cards.slice(0, at).some(c => c.says.startsWith('Whisk the egg whites'))).toBe(true)
    expect(cards.slice(at).some(c => c.says.startsWith('Fold in'))).toBe(true)
  })
})

describe('where it stands', () => {
  const making = begun(plum)
  const first = counterState(making, making.begun)
  test('it begins with what takes longest to be ready, and counts', () => {
    expect(first.current!.card).toMatchObject({ kind: 'wait', short: 'soften' })
    expect([first.done, first.next.length, first.finished]).toEqual([0, 2, null])
  })
  test('nothing is ready before what it follows is over, at any moment of any walk', () => {
    const { making: done } = walk(making)
    for (let n = 0; n <= done.log.length; n++) {
      const part = { ...done, log: done.log.slice(0, n) }
      const now = part.log.at(-1)?.at ?? part.begun
      const counter = counterState(part, now)
      const over = (task: string) =>
        counter.cards.filter(p => p.card.task === task).every(p => p.is === 'over')
      for (const p of each(counter.cards))
        if (p.is === 'ready' || p.is === 'running')
          expect(p.card.after.filter(task => !over(task))).toEqual([])
    }
  })
  test('a wait begins by itself when what it follows is over, however late anybody looks', () => {
    let log = begun(shortbread)
    let now = log.begun
    const chill = log.cards.find(c => c.short === 'chill')!
    while (
      counterState(log, now).current!.card.after.join() !== chill.after.join() &&
      counterState(log, now).current
    ) {
      const { current } = counterState(log, now)
      now += 3
      log = say(log, now, act(current!.card))
      if (counterState(log, now).timers.some(t => t.card === chill.id)) break
    }
    const timer = counterState(log, now + 500).timers.find(t => t.card === chill.id)!
    expect(timer.begun).toBe(now)
    expect(timer.ends).toBe(now + 60)
    expect(counterState(log, now + 59).cards.find(p => p.card.id === chill.id)!.is).toBe('running')
    expect(counterState(log, now + 60).cards.find(p => p.card.id === chill.id)!.is).toBe('over')
  })
  /** The card in hand is still there; true where another would be without that. */
  const stays = (making: Making, moment: number, id: string): boolean => {
    const counter = counterState(making, moment, id)
    const { current, deadline } = counterState(making, moment)
    expect(counter.current!.card.id).toBe(id)
    if (current!.card.id === id) return false
    // What may not wait is said beside it.
    if (deadline) expect(counter.calling!.moment).toBeLessThanOrEqual(deadline.moment)
    expect(counter.next.map(p => p.card.id)).toContain(current!.card.id)
    return true
  }
  test(
    'a card that is in hand stays until its tick, though a wait ends that an earlier card ' +
      'waited for',
    () => {
      let moved = 0
      for (const start of [...demo.map(b => begun(b)), begun(ginger, shortbread)]) {
        let [making, now] = [start, start.begun]
        for (let n = 0; n < 600; n++) {
          const { current, timers } = counterState(making, now)
          const next = timers.find(t => t.stopped === null && t.ends > now)
          if (!current && !next) break
          if (!current) {
            now = next!.ends
            continue
          }
          now = Math.max(now, current.card.starts)
          const { id, minutes } = counterState(making, now).current!.card
          const later = [0.3, 1, 3, 12].map(share => now + share * minutes)
          moved += later.filter(moment => stays(making, moment, id)).length
          const { card } = making.cards.map(card => ({ card })).find(c => c.card.id === id)!
          now += card.kind === 'bake' ? 0 : Math.max(0.2, minutes)
          making = say(making, now, act(card))
          expect(counterState(making, now, id).current?.card.id).not.toBe(id)
        }
      }
      expect(moved).toBeGreaterThan(0)
    },
  )
  test('a card can be gone to out of order and comes back into it; looking about is kept once', () => {
    const later = first.cards.find(p => p.card.kind === 'weigh' && p.card.item!.name === 'milk')!
    const there = say(
      making,
      making.begun + 1,
      { do: 'go', card: making.cards[3]!.id },
      { do: 'go', card: later.card.id },
    )
    expect(counterState(there, making.begun + 1)).toMatchObject({
      gone: true,
      current: { card: { id: later.card.id } },
    })
    expect(there.log).toHaveLength(1)
    const back = say(there, making.begun + 2, { do: 'done', card: later.card.id })
    expect(counterState(back, making.begun + 2)).toMatchObject({ gone: false, done: 1 })
  })
  test('a longest wait shows until when', () => {
    const { making: done } = walk(begun(ginger))
    const into = done.log.findIndex(h => h.do === 'begun')
    const before = { ...done, log: done.log.slice(0, into) }
    const now = before.log.at(-1)!.at
    const { current, deadline } = counterState(before, now)
    expect(current!.card.kind).toBe('bake')
    expect(deadline!.moment - now).toBeCloseTo(20, 0)
  })
  test('two bakes in the oven together have a timer each, by name', () => {
    let making = begun(ginger, { ...ginger, id: 'second', title: 'Second loaf' })
    let now = making.begun
    for (
      let n = 0;
      n < 200 &&
      counterState(making, now).timers.filter(
        t => t.stopped === null && /in the oven/u.test(t.says),
      ).length < 2;
      n++
    ) {
      const { current, timers } = counterState(making, now)
      if (current) {
        now += current.card.kind === 'bake' ? 0 : current.card.minutes
        making = say(making, now, act(current.card))
      } else
        now = Math.min(...timers.filter(t => t.stopped === null && t.ends > now).map(t => t.ends))
    }
    expect(
      counterState(making, now)
        .timers.filter(t => t.stopped === null && t.ends > now)
        .map(t => t.says)
        .filter(says => says.endsWith('in the oven'))
        .sort(),
    ).toEqual(['Dark sticky ginger loaf: in the oven', 'Second loaf: in the oven'])
  })
  test('two bakes are made at one counter, each card with its own', () => {
    const both = begun(ginger, plum)
    const { came } = walk(both)
    expect(new Set(came.map(c => c.title).filter(Boolean))).toEqual(
      new Set([ginger.title, plum.title]),
    )
    expect(came.filter(c => c.kind === 'bake')).toHaveLength(2)
  })
})

describe('a step back', () => {
  test(
    'takes a tick with its weight, and no more; whatever was said, as many steps back as ' +
      'were said lead to the beginning',
    () => {
      const start = begun(ginger)
      const card = start.cards.find(c => c.item?.grams)!
      const ticked = say(
        start,
        start.begun + 1,
        { do: 'weighed', card: card.id, grams: 100, by: 'scale' },
        { do: 'done', card: card.id },
      )
      expect(takeBack(ticked).log).toEqual([])
      expect(canTakeBack(start)).toBe(false)
      expect(takeBack(start)).toBe(start)
      const some: fc.Arbitrary<Say> = fc.oneof(
        fc.constantFrom(...start.cards).map(c => act(c)),
        fc.constantFrom<Say>(
          { do: 'timer', timer: 't', says: 'x', minutes: 3 },
          { do: 'more', timer: 't', minutes: 1 },
          { do: 'clock', minutes: -60 },
          { do: 'go', card: card.id },
          { do: 'note', card: '', text: 'x' },
        ),
      )
      fc.assert(
        fc.property(fc.array(some, { maxLength: 25 }), says => {
          let making = start
          const states: string[] = []
          for (const [n, each] of says.entries()) {
            making = say(making, start.begun + n, each)
            if (each.do !== 'go' && each.do !== 'clock') states.push(each.do)
          }
          for (const _ of anyState(states)) {
            expect(canTakeBack(making)).toBe(true)
            making = takeBack(making)
          }
          expect(canTakeBack(making)).toBe(false)
          expect(counterState(making, start.begun + 100).done).toBe(0)
        }),
        { numRuns: 60 },
      )
    },
  )
})

describe('what really happened', () => {
  const start = begun(ginger)
  const flour = start.cards.find(c => c.item?.name === 'plain flour')!
  const treacle = start.cards.find(c => c.item?.name === 'black treacle')!
  test('a making as planned differs in nothing', () => {
    const { making, now } = walk(start)
    const made = madeOf(say(making, now, { do: 'finished' }), 'b1', now)
    expect(made.differs).toEqual([])
    expect(made.times.map(t => [t.says, t.planned])).toEqual([
      ['in the oven', 53],
      ['cool', 15],
    ])
    expect(made.weights).toHaveLength(start.cards.filter(c => c.item).length)
  })
  test('how long hands took, where they were at it', () => {
    const { making } = walk(start)
    const took = handsTook(making)
    expect(took.find(t => t.short === 'sift')).toEqual({
      short: 'sift',
      planned: 3,
      took: expect.closeTo(3, 6),
    })
    expect(took.find(t => t.short === 'weigh in')!.took).toBeCloseTo(
      took.find(t => t.short === 'weigh in')!.planned,
      6,
    )
    // Somebody who went away for an hour has not sifted for an hour.
    const sift = start.cards.find(c => c.short === 'sift')!
    const away = {
      ...making,
      log: making.log.map((h, n) => ({
        ...h,
        at: h.at + (n >= making.log.findIndex(x => x.do === 'done' && x.card === sift.id) ? 60 : 0),
      })),
    }
    expect(handsTook(away).map(t => t.short)).not.toContain('sift')
    expect(handsTook(start)).toEqual([])
  })
  test('weights, what was left out, a longer bake, a loss, notes and photos are told', () => {
    const at = start.begun
    let making = say(
      start,
      at + 1,
      { do: 'weighed', card: flour.id, grams: 240, by: 'scale' },
      { do: 'done', card: flour.id },
      { do: 'left-out', card: treacle.id },
      { do: 'note', card: flour.id, text: 'lumpy' },
      { do: 'photo', card: flour.id, photo: 'p1' },
    )
    const bake = start.cards.find(c => c.kind === 'bake')!
    for (const card of start.cards.filter(
      c =>
        isAttended(c) &&
        c.starts < bake.starts &&
        ![flour.id, treacle.id].includes(c.id) &&
        c.kind !== 'bake',
    ))
      making = say(making, at + 2, { do: 'done', card: card.id })
    making = say(
      making,
      at + 40,
      { do: 'measured', card: bake.id, grams: 1500 },
      { do: 'begun', card: bake.id },
    )
    making = say(making, at + 90, { do: 'more', timer: bake.id, minutes: 8 })
    making = say(
      making,
      at + 100,
      { do: 'measured', card: `${bake.id}:out`, grams: 1400 },
      { do: 'done', card: `${bake.id}:out` },
    )
    const made = madeOf(making, 'b1', at + 130)
    expect(made.differs).toEqual([
      'plain flour: 240 g instead of 225 g.',
      'black treacle was left out.',
      'In the oven: 60 min, 7 more than planned.',
    ])
    expect(made.losses).toEqual([
      {
        of: 'the bake',
        share: expect.closeTo(100 / bake.loses!.grams, 9),
        per100: null,
        usual: bake.loses!.share,
      },
    ])
    expect(made.notes).toEqual([{ at: at + 1, beside: flour.short, text: 'lumpy' }])
    expect(made.photos).toEqual(['p1'])
    expect(madeOf(making, 'other', at + 130)).toMatchObject({ weights: [], times: [], notes: [] })
  })
})
