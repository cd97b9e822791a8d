import { describe, expect, test } from '@jest/globals'
import { gradedWords } from '../../tests/bench/graded'

/**
 * What the words of confidence promise, on formulas that a baker has graded (the table’s own
 * comment says how); both halves, since a promise holds for all.
 */
describe('a word keeps its promise', () => {
  const all = gradedWords()
  const good = (word: string) => {
    const said = all.filter(one => one.word === word)
    return said.filter(one => one.grade === 'A' || one.grade === 'B').length / said.length
  }
  test('nine of ten that are called very close are good, and nothing that fails is called close', () => {
    // formulas.md: very close ≥ 95 % A or B, not advised ≤ 10 %
    expect(good('very close')).toBeGreaterThanOrEqual(0.95)
    expect(good('not advised')).toBeLessThanOrEqual(0.1)
    const fails = all.filter(one => one.grade === 'F')
    expect(fails.length).toBeGreaterThan(20)
    expect(fails.filter(one => ['very close', 'close'].includes(one.word))).toEqual([])
  })
  test('what nothing lifts, or far too much leaven, is not advised, and says so', () => {
    const doomed = all.filter(({ because }) => /nothing lifts|no lift|soap/u.test(because))
    expect(doomed.length).toBeGreaterThan(5)
    expect(doomed.filter(one => one.word !== 'not advised').map(one => one.dessert)).toEqual([])
  })
})
