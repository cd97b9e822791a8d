import { each, tally } from '../../tests/each'
import { describe, expect, test } from '@jest/globals'
import { readFileSync, readdirSync } from 'node:fs'
import fc from 'fast-check'
import { asWritten, readRecipe, sizeUp, usualKitchen } from '#core'
import type { DayPlan, PlacedTask, PlannedDay } from './options'
import { planDay, replan } from './plan-day'
import type { Happened } from './left'
import type { DayRule } from './task'
import type { DayBake } from './tasks'

const anyHands = tally('tasks for hands')
const anyTask = tally('tasks')
const anyPast = tally('longest waits that are past')

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
const five = Date.parse('2026-11-28T17:00:00Z') / 60_000
type Good = Extract<DayPlan, { ok: true }>
const good = (plan: DayPlan): Good => {
  if (!plan.ok) throw new Error(plan.problem.sentence)
  return plan
}
const quick = { budget: 300 }
const first = (bakes: readonly DayBake[]) => good(planDay(bakes, { serveAt: five, ...quick }))

type HappenedSoFar = Record<string, { from: number; to: number | null }>

/** What waits by itself has begun as soon as what it follows was over. */
function beganAlone(tasks: readonly PlacedTask[], happened: HappenedSoFar, now: number) {
  const isWaiting = (t: PlacedTask) => !t.hands && t.kind !== 'serve' && !happened[t.id]?.to
  for (const t of tasks.filter(task => isWaiting(task) && task.starts < now - 1e-6))
    happened[t.id] = {
      from: happened[t.id]?.from ?? t.starts,
      to: t.ends <= now + 1e-6 ? t.ends : null,
    }
}

/** The task that is done next, and until when, with what it is late by. */
function nextDone(tasks: readonly PlacedTask[], late: number) {
  // Hands beside a bake end no later than it does: they are done first.
  const next = tasks.toSorted(
    (a, b) => a.ends - b.ends || Number(b.hands) - Number(a.hands) || a.starts - b.starts,
  )[0]!
  const task = tasks.find(t => t.hands && t.starts <= next.starts + 1e-6) ?? next
  const from = Math.max(task.starts, 0)
  return { task, from, to: from + task.minutes + (task.hands ? late : 0) }
}

/** Every rule between what is still to come is kept. */
function expectKept(
  rules: readonly DayRule[],
  starts: ReadonlyMap<string, number>,
  been: HappenedSoFar,
) {
  for (const rule of each(rules)) {
    const [a, b] = [starts.get(rule.from), starts.get(rule.to)]
    if (a === undefined || b === undefined || been[rule.from] || been[rule.to]) continue
    expect(b - a).toBeGreaterThanOrEqual(rule.least - 1e-6)
  }
}
/** Longest waits behind what is over: kept, or past already; those that are past. */
function pastWaits(
  { rules, tasks }: PlannedDay,
  starts: ReadonlyMap<string, number>,
  happened: HappenedSoFar,
) {
  const minutes = new Map(tasks.map(t => [t.id, t.minutes]))
  return rules.flatMap(({ from, to, least, because }) => {
    const [a, end] = [starts.get(from), happened[to]?.to]
    if (least >= 0 || a === undefined || happened[from] || !end) return []
    const latest = end - least - minutes.get(to)!
    return a > latest + 1e-6 ? [{ because, latest }] : []
  })
}
function expectOnePair(tasks: readonly PlacedTask[]) {
  const hands = tasks.filter(t => t.hands && t.minutes > 0)
  const pairs = hands.flatMap((a, n) => hands.slice(n + 1).map(b => [a, b] as const))
  for (const [a, b] of anyHands(pairs))
    expect(a.starts >= b.ends - 1e-6 || b.starts >= a.ends - 1e-6).toBe(true)
}

/**
 * Goes through a day task by task: each begins when the newest plan says, takes its time and what
 * `delay` adds; after each the rest is placed anew. Looks at every plan on the way.
 */
function live(bakes: readonly DayBake[], delays: readonly number[]) {
  const original = first(bakes)
  const happened: HappenedSoFar = {}
  let plan = original
  let now = original.start
  let late = 0
  const over = new Set<string>()
  for (let n = 0; plan.tasks.length; n++) {
    const { task, from, to } = nextDone(plan.tasks, delays[n % delays.length] ?? 0)
    now = Math.max(now, to)
    happened[task.id] = { from: happened[task.id]?.from ?? from, to: now }
    beganAlone(plan.tasks, happened, now)
    if (original.tasks.every(t => happened[t.id]?.to != null)) break
    const found = replan(bakes, { serveAt: five, now, happened: happened as Happened, ...quick })
    plan = good(found.plan)
    late = found.late
    const starts = new Map(plan.tasks.map(t => [t.id, t.starts]))
    expectKept(original.rules, starts, happened)
    for (const { because, latest } of anyPast(pastWaits(original, starts, happened))) {
      expect(plan.over).toContain(because)
      expect(latest).toBeLessThan(now)
      over.add(because)
    }
    for (const t of anyTask(plan.tasks)) expect(t.starts).toBeGreaterThanOrEqual(now - 1e-6)
    expectOnePair(plan.tasks)
    if (n > 200) throw new Error('it does not end')
  }
  return { end: now, late, over }
}

describe('a day that goes otherwise', () => {
  test('as planned it stays as planned', () => {
    for (const bake of each(demo.slice(0, 3)))
      expect(live([bake], [0])).toMatchObject({
        end: expect.closeTo(five, 3),
        late: 0,
        over: new Set(),
      })
  })
  test('delays of a minute or two are taken up or told; no longest wait is broken that need not be', () => {
    fc.assert(
      fc.property(
        fc.nat(demo.length - 1),
        fc.array(fc.integer({ min: 0, max: 6 }), { minLength: 1, maxLength: 12 }),
        (n, delays) => {
          live([demo[n]!], delays)
        },
      ),
      { numRuns: 40 },
    )
  })
  test('two bakes in one kitchen, with delays', () => {
    fc.assert(
      fc.property(
        fc.array(fc.integer({ min: 0, max: 8 }), { minLength: 1, maxLength: 12 }),
        delays => {
          live([demo[0]!, demo[2]!], delays)
        },
      ),
      { numRuns: 6 },
    )
  })
  test('begun half an hour late it is late by that, and says so; begun early it waits', () => {
    const bake = demo[0]!
    const plan = first([bake])
    expect(replan([bake], { serveAt: five, now: plan.start + 30, happened: {} }).late).toBeCloseTo(
      30,
      0,
    )
    const early = replan([bake], { serveAt: five, now: plan.start - 60, happened: {} })
    expect([early.late, good(early.plan).start]).toEqual([0, plan.start])
  })
  test('what goes on takes what is left of it; what was over early frees what follows', () => {
    const bake = demo[0]!
    const plan = first([bake])
    const baking = plan.tasks.find(t => t.kind === 'bake')!
    const before = Object.fromEntries(
      plan.tasks
        .filter(t => t.ends <= baking.starts + 1e-6)
        .map(t => [t.id, { from: t.starts, to: t.ends }]),
    )
    const inOven = replan([bake], {
      serveAt: null,
      now: baking.starts + 20,
      happened: { ...before, [baking.id]: { from: baking.starts, to: null } },
    })
    expect(good(inOven.plan).tasks.find(t => t.id === baking.id)!.minutes).toBeCloseTo(
      baking.minutes - 20,
      6,
    )
    expect(good(inOven.plan).end).toBeCloseTo(plan.end, 6)
    const out = replan([bake], {
      serveAt: null,
      now: baking.starts + 45,
      happened: { ...before, [baking.id]: { from: baking.starts, to: baking.starts + 45 } },
    })
    expect(good(out.plan).end).toBeCloseTo(plan.end - (baking.minutes - 45), 6)
    const long = replan([bake], {
      serveAt: null,
      now: baking.starts + 70,
      happened: { ...before, [baking.id]: { from: baking.starts, to: null } },
    })
    expect(good(long.plan).tasks.find(t => t.id === baking.id)!.minutes).toBe(0.5)
  })
})
