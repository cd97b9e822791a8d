import { each } from '../../tests/each'
import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { beginMaking, tell, type MakingEvent, type Making } from './making'
import { counterState } from './counter'
import { callsOf, timerOf } from './timers'

/** A making with nothing in it but timers of one's own. */
const empty = (begun = 29_000_000): Making => beginMaking('m', [], null, begun)
type Say = MakingEvent extends infer H ? (H extends MakingEvent ? Omit<H, 'at'> : never) : never
const say = (making: Making, at: number, says: Say) => tell(making, { ...says, at } as MakingEvent)

describe('timers', () => {
  test('ten at once, each by its name and its own end, the next to end first', () => {
    const t0 = 29_000_000
    let making = empty(t0)
    for (let n = 0; n < 10; n++)
      making = say(making, t0 + n, {
        do: 'timer',
        timer: `t${n}`,
        says: `pot ${n}`,
        minutes: 30 - 2 * n,
      })
    const { timers } = counterState(making, t0 + 10)
    expect(timers).toHaveLength(10)
    expect(timers.map(t => t.ends)).toEqual(timers.map(t => t.ends).toSorted((a, b) => a - b))
    for (let n = 0; n < 10; n++)
      expect(timers.find(t => t.id === `t${n}`)).toMatchObject({
        says: `pot ${n}`,
        begun: t0 + n,
        ends: t0 + n + 30 - 2 * n,
      })
  })
  test('an end is a moment: written down, read again, looked at hours later it is the same', () => {
    fc.assert(
      fc.property(
        fc.array(
          fc.record({
            id: fc.constantFrom('a', 'b', 'c'),
            minutes: fc.double({ min: 0.1, max: 600, noNaN: true }),
            more: fc.constantFrom(-1, 1, 3, 5),
          }),
          { maxLength: 12 },
        ),
        fc.double({ min: 0, max: 900, noNaN: true }),
        (acts, later) => {
          let making = empty()
          for (const [n, act] of acts.entries())
            making = say(
              making,
              making.begun + n,
              n % 2
                ? { do: 'more', timer: act.id, minutes: act.more }
                : { do: 'timer', timer: act.id, says: act.id, minutes: act.minutes },
            )
          const read = JSON.parse(JSON.stringify(making)) as Making
          const ends = (m: Making, now: number) =>
            counterState(m, now).timers.map(t => [t.id, t.ends])
          expect(ends(read, making.begun + acts.length + later)).toEqual(
            ends(making, making.begun + acts.length),
          )
        },
      ),
      { numRuns: 100 },
    )
  })
  test('one, three, five more; one less; never before it began', () => {
    const log = (...minutes: number[]): MakingEvent[] =>
      minutes.map((m, n) => ({ do: 'more', timer: 't', minutes: m, at: 100 + n }))
    expect(
      timerOf({
        id: 't',
        says: 'x',
        card: null,
        begun: 100,
        minutes: 10,
        marks: [],
        log: log(1, 3, 5),
      }).ends,
    ).toBe(119)
    expect(
      timerOf({ id: 't', says: 'x', card: null, begun: 100, minutes: 10, marks: [], log: log(-1) })
        .ends,
    ).toBe(109)
    expect(
      timerOf({
        id: 't',
        says: 'x',
        card: null,
        begun: 100,
        minutes: 2,
        marks: [],
        log: log(-1, -1, -1, -1),
      }).ends,
    ).toBe(100)
    expect(
      timerOf({
        id: 'other',
        says: 'x',
        card: null,
        begun: 100,
        minutes: 10,
        marks: [],
        log: log(5),
      }).ends,
    ).toBe(110)
  })
  test('marks call once, until they are heard; those still to come move along when it is made longer', () => {
    const marks = [
      { at: 20, says: 'Turn' },
      { at: 30, says: 'Look' },
    ]
    const at = (now: number, ...log: MakingEvent[]) =>
      callsOf(
        [
          timerOf({
            id: 't',
            says: 'in the oven',
            card: null,
            begun: 100,
            minutes: 40,
            marks,
            log,
          }),
        ],
        now,
      ).map(c => c.says)
    expect(at(119)).toEqual([])
    expect(at(121)).toEqual(['Turn: in the oven'])
    const heard: MakingEvent = { do: 'heard', timer: 't', mark: 0, at: 121 }
    expect(at(122, heard)).toEqual([])
    expect(at(131, heard)).toEqual(['Look: in the oven'])
    const longer: MakingEvent = { do: 'more', timer: 't', minutes: 5, at: 122 }
    expect(at(131, heard, longer)).toEqual([])
    expect(at(136, heard, longer)).toEqual(['Look: in the oven'])
    expect(at(141, heard)).toEqual(['in the oven'])
    expect(at(141, heard, { do: 'stop', timer: 't', at: 140 })).toEqual([])
  })
  test('a clock that is put back, once or again, leaves what is still to wait as it was', () => {
    fc.assert(
      fc.property(
        fc.array(fc.integer({ min: 1, max: 180 }), { minLength: 1, maxLength: 3 }),
        fc.integer({ min: 1, max: 20 }),
        (jumps, gap) => {
          const t0 = 29_000_000
          let making = say(empty(t0), t0 + 1, { do: 'timer', timer: 't', says: 'x', minutes: 90 })
          let [clock, passed] = [t0 + 1, 0]
          for (const jump of each(jumps)) {
            clock += gap
            passed += gap
            clock -= jump
            making = say(making, clock, { do: 'clock', minutes: -jump })
            const timer = counterState(making, clock).timers[0]!
            expect(timer.ends - clock).toBeCloseTo(90 - passed, 6)
          }
          // One begun on the new clock waits as long as any.
          making = say(making, clock, { do: 'timer', timer: 'new', says: 'y', minutes: 10 })
          expect(
            counterState(making, clock + 4).timers.find(t => t.id === 'new')!.ends - (clock + 4),
          ).toBeCloseTo(6, 6)
        },
      ),
      { numRuns: 60 },
    )
  })
  test('over midnight and over the night in which clocks change it is the same minute of world time', () => {
    // 25 October 2026, 01:00 world time: clocks in London go back an hour; nothing of that is in a moment.
    const begun = Date.parse('2026-10-25T00:30:00Z') / 60_000
    const making = say(empty(begun), begun, {
      do: 'timer',
      timer: 't',
      says: 'chill',
      minutes: 8 * 60,
    })
    expect(new Date(counterState(making, begun + 1).timers[0]!.ends * 60_000).toISOString()).toBe(
      '2026-10-25T08:30:00.000Z',
    )
  })
})
