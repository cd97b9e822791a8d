import { tally } from '../../tests/each'
import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { remembered } from './remembered'

const anyText = tally('texts')

describe('what was read once', () => {
  test(
    'is the same as if it were read each time, however often and in whatever order it is ' +
      'asked for, and whatever changes meanwhile',
    () => {
      fc.assert(
        fc.property(
          fc.array(fc.oneof(fc.constantFrom('egg', 'oat', 'rye', 'fig', ''), fc.constant(null)), {
            maxLength: 60,
          }),
          fc.integer({ min: 1, max: 4 }),
          (asked, most) => {
            let edition = 0
            const read = (text: string) => `${text} of ${edition}`
            const kept = remembered(read, most, () => edition)
            for (const text of anyText(asked))
              if (text === null) edition++
              else expect(kept(text)).toBe(read(text))
          },
        ),
      )
    },
  )
  test('is read once while there is room, also where nothing was found', () => {
    let times = 0
    const kept = remembered<string, null>(
      () => {
        times++
        return null
      },
      2,
      () => 0,
      text => text.toLowerCase(),
    )
    for (const text of ['A', 'a', 'b', 'B', 'A']) expect(kept(text)).toBeNull()
    expect(times).toBe(2)
    kept('c')
    kept('a')
    expect(times).toBe(4)
  })
})
