import { each } from '../../tests/each'
import { describe, expect, test } from '@jest/globals'
import ICAL from 'ical.js'
import { asWritten, planDay, readRecipe, sizeUp, usualKitchen } from '#core'
import { shoppingOf, type DayPlan } from '#core/day'
import { calendarOf, dayText } from './calendar'

const { recipe } = readRecipe(
  `Cardamom loaf, with “quotes”; and, commas
Serves 8

200 g plain flour
2 tsp baking powder
150 g sugar
2 eggs
120 ml milk
80 g oil

Heat the oven to 170 °C. Line a 900 g loaf tin.
Whisk everything together until there are no lumps in it at all, which takes longer than anybody \
would think who has only ever done it with a machine.
Pour into the tin and bake for 50 minutes. Cool in the tin.`,
)
const bake = {
  id: 'b1',
  title: recipe.title,
  recipe,
  sized: sizeUp(recipe, asWritten, usualKitchen),
}
const day = (iso: string) => {
  const plan = planDay([bake], { serveAt: iso })
  if (!plan.ok) throw new Error(plan.problem.sentence)
  return plan
}

/** Read by another library: events by their id, in minutes of world time. */
function readBack(text: string) {
  const calendar = new ICAL.Component(ICAL.parse(text))
  return calendar.getAllSubcomponents('vevent').map(each => {
    const event = new ICAL.Event(each)
    return {
      id: event.uid,
      from: event.startDate.toJSDate().getTime() / 60_000,
      to: event.endDate.toJSDate().getTime() / 60_000,
      summary: event.summary,
      description: event.description,
      alarms: each.getAllSubcomponents('valarm').length,
      sequence: Number(each.getFirstPropertyValue('sequence')),
    }
  })
}

describe('the day as a calendar', () => {
  test.each([
    ['an ordinary Saturday', '2026-11-28T17:00:00Z'],
    ['the night in which summer time ends', '2026-10-25T01:30:00Z'],
    ['the night in which it begins', '2026-03-29T03:15:00+02:00'],
    ['over midnight', '2026-11-28T00:20:00Z'],
    ['half an hour off the world', '2026-11-28T17:00:00+05:30'],
  ])('%s: read back it is the same', (_, iso) => {
    const plan = day(iso)
    const events = readBack(calendarOf(plan, { b1: recipe.title }, '2026-11-20T09:00:00Z'))
    for (const task of each(plan.tasks.filter(t => t.hands))) {
      const event = events.find(e => e.id.startsWith(task.id))!
      expect([event.from, event.to]).toEqual([Math.round(task.starts), Math.round(task.ends)])
      expect(event.description ?? '').toBe(task.says)
      expect(event.alarms).toBe(1)
    }
    expect(events.find(e => e.summary.endsWith('is on the table.'))!.from).toBe(
      Date.parse(iso) / 60_000,
    )
    expect(new Set(events.map(e => e.id)).size).toBe(events.length)
  })
  test('every entry has a length and names its dessert', () => {
    const events = readBack(
      calendarOf(day('2026-11-28T17:00:00Z'), { b1: recipe.title }, '2026-11-20T09:00:00Z'),
    )
    for (const event of each(events)) {
      expect(event.to).toBeGreaterThan(event.from)
      expect(event.summary.toLowerCase()).toContain(recipe.title.toLowerCase())
    }
  })
  test('read in again, also another day after, it takes its own place and makes no doubles', () => {
    const written = (serveAt: string, stamp: string) =>
      readBack(calendarOf(day(serveAt), { b1: recipe.title }, stamp))
    const first = written('2026-11-28T17:00:00Z', '2026-11-20T09:00:00Z')
    const again = written('2026-11-29T15:00:00Z', '2026-11-20T09:30:00Z')
    expect(again.map(e => e.id)).toEqual(first.map(e => e.id))
    expect(again.map(e => e.from)).not.toEqual(first.map(e => e.from))
    for (const [i, event] of each([...again.entries()]))
      expect(event.sequence).toBeGreaterThan(first[i]!.sequence)
    const kept = new Map([...first, ...first, ...again].map(e => [e.id, e]))
    expect([...kept.values()]).toEqual(again)
  })
  test('no line is longer than 75 bytes, and lines end as the standard wants', () => {
    const text = calendarOf(
      day('2026-11-28T17:00:00Z'),
      { b1: recipe.title },
      '2026-11-20T09:00:00Z',
    )
    for (const line of each(text.split('\r\n')))
      expect(new TextEncoder().encode(line).length).toBeLessThanOrEqual(75)
    expect(text).not.toMatch(/[^\r]\n/u)
  })
  test('what all bakes take, each thing once, is shopped for a day before', () => {
    const needed = shoppingOf([recipe, recipe])
    expect(needed.map(n => n.says)).toContain('400 g plain flour')
    expect(needed.find(n => n.says.includes('egg'))!.says).toMatch(/^4 \(\d+ g\)/u)
    const plan = day('2026-11-28T17:00:00Z')
    const shopping = readBack(
      calendarOf(plan, { b1: recipe.title }, '2026-11-20T09:00:00Z', needed),
    ).find(e => e.id.startsWith('b1/shopping'))!
    expect(shopping.from).toBe(Math.round(plan.start) - 24 * 60)
    expect(shopping.description.split('\n')).toEqual(needed.map(n => n.says))
    expect(dayText(plan, 'Loaf', String, needed)).toContain('- [ ] 400 g plain flour')
    expect(
      shoppingOf([readRecipe('Tea\n200 ml water\n2 tsp sugar').recipe]).map(n => n.name),
    ).toEqual(['caster sugar'])
  })
  test('as Markdown: hours, sentences, the oven', () => {
    const plan: Extract<DayPlan, { ok: true }> = day('2026-11-28T17:00:00Z')
    const text = dayText(plan, 'Loaf', at => new Date(at * 60_000).toISOString().slice(11, 16))
    expect(text).toContain('- **17:00** Cardamom loaf')
    expect(text).toMatch(/## The oven\n\n- \*\*\d\d:\d\d\*\* Heat the oven to 170 °C\./u)
    expect(text).not.toContain('The evening before')
  })
})
