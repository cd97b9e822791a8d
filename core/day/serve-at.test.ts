import { describe, expect, test } from '@jest/globals'
import { serveAtProblem } from './serve-at'

const now = Date.parse('2026-11-28T12:00:00Z') / 60_000
const at = (iso: string) => serveAtProblem(Date.parse(iso) / 60_000, now)

// The limits are our own: what is further away than five years was mistyped [P].
describe('for when a day can be planned', () => {
  test.each(['2026-11-28T17:00:00Z', '2026-11-01T09:00:00Z', '2027-11-27T17:00:00Z'])(
    '%s can',
    iso => expect(at(iso)).toBeNull(),
  )
  test.each([
    ['2126-11-28T17:00:00Z', /in 36524 days \(2126\)/u],
    ['1926-11-28T17:00:00Z', /36524 days ago|36525 days ago/u],
    ['0226-11-28T17:00:00Z', /days ago \(226\)/u],
    ['2036-11-28T17:00:00Z', /in 3653 days \(2036\)/u],
    ['2016-11-28T17:00:00Z', /3652 days ago/u],
  ])('%s is refused with a sentence', (iso, says) => expect(at(iso)).toMatch(says))
})
