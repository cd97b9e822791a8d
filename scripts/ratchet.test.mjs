import { describe, expect, test } from '@jest/globals'
import { figuresOf, grown, listText, shrunk, withoutLimits } from './ratchet.mjs'

const complexity = (who, n) => ({
  ruleId: 'complexity',
  severity: 2,
  message: `${who} has a complexity of ${n}. Maximum allowed is 15.`,
})
const params = (who, n) => ({
  ruleId: 'max-params',
  severity: 2,
  message: `${who} has too many parameters (${n}). Maximum allowed is 4.`,
})
const depth = n => ({
  ruleId: 'max-depth',
  severity: 2,
  message: `Blocks are nested too deeply (${n}). Maximum allowed is 3.`,
})
const lines = n => ({
  ruleId: 'max-lines',
  severity: 2,
  message: `File has too many lines (${n}). Maximum allowed is 350.`,
})
const ternary = {
  ruleId: 'no-nested-ternary',
  severity: 2,
  message: 'Do not nest ternary expressions.',
}
const other = { ruleId: 'no-undef', severity: 2, message: '’x’ is not defined.' }

const at = (...messages) => figuresOf([{ filePath: '/here/a.ts', messages }], path => path.slice(6))

describe('figures', () => {
  test('each rule says its own, by who it is of; what is no limit is left out', () => {
    expect(
      at(
        complexity("Function 'read'", 31),
        complexity('Arrow function', 16),
        complexity('Arrow function', 40),
        params("Method 'put'", 6),
        depth(4),
        depth(5),
        lines(402),
        ternary,
        ternary,
        other,
      ),
    ).toEqual({
      'a.ts': {
        'complexity': { "Function 'read'": [31], 'Arrow function': [40, 16] },
        'max-params': { "Method 'put'": [6] },
        'max-depth': { Blocks: [5, 4] },
        'max-lines': { File: [402] },
        'no-nested-ternary': { 'nested ternaries': [2] },
      },
    })
  })

  test('what is no limit stays a problem', () => {
    const [left] = withoutLimits([{ filePath: 'a.ts', messages: [lines(402), other] }])
    expect(left).toMatchObject({ messages: [other], errorCount: 1, warningCount: 0 })
  })
})

describe('the ratchet', () => {
  const list = at(complexity('Arrow function', 40), complexity('Arrow function', 20), ternary)

  test('the same, less, or gone is fine', () => {
    expect(grown(list, list)).toEqual([])
    expect(grown(list, at(complexity('Arrow function', 30)))).toEqual([])
    expect(grown(list, {})).toEqual([])
  })

  test('a figure that grew, one more of a kind, a new name, another file: each is said', () => {
    expect(grown(list, at(complexity('Arrow function', 41)))).toEqual([
      'a.ts: Arrow function, complexity 41; it was 40',
    ])
    expect(grown(list, at(...[40, 20, 16].map(n => complexity('Arrow function', n))))).toEqual([
      'a.ts: Arrow function, complexity 16; it is new beyond the limit',
    ])
    expect(grown(list, at(complexity("Function 'x'", 16)))).toHaveLength(1)
    expect(grown(list, at(ternary, ternary))).toEqual([
      'a.ts: nested ternaries, no-nested-ternary 2; it was 1',
    ])
    expect(grown({}, list)).toHaveLength(3)
  })

  test('how much tighter the list could be', () => {
    expect(shrunk(list, list)).toBe(0)
    expect(shrunk(list, at(complexity('Arrow function', 30)))).toBe(3)
    expect(shrunk(list, {})).toBe(3)
  })

  test('the list as a file is the list again', () => {
    expect(JSON.parse(listText(list))).toEqual(list)
  })
})
