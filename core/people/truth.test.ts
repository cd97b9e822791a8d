import { readFileSync, readdirSync } from 'node:fs'
import { expect, test } from '@jest/globals'
import { runs } from '../../tests/arbitraries'
import { planRun, safetyRun } from '../../tests/bench/safety'

const demo = new URL('../../demo/recipes/', import.meta.url)
const texts = readdirSync(demo)
  .sort()
  .map(name => readFileSync(new URL(name, demo), 'utf8'))

test('by a truth that shares no table with the core nothing clear holds, and no plan conflicts', () => {
  const run = safetyRun(runs(3000))
  expect(run.faults).toEqual([])
  // Worth something only if some are clear, and some claimed.
  expect(Math.min(run.clear, run.claimed)).toBeGreaterThan(runs(300))
  const planned = planRun(texts, 3)
  expect(planned.faults).toEqual([])
  expect(planned.plans).toBeGreaterThan(10)
})
