import { expect, test } from '@jest/globals'
import { packetReadings, thingReadings } from '../../../tests/corpus/readings'
import recorded from '../../../tests/corpus/readings.json' with { type: 'json' }

// [I] Our own record: it knows no right answer, but sees every change of what is read. After a wanted
// one, and a look at each that is named here: npm run record -- readings.
test.each([
  ['packet statements', packetReadings, recorded.packets],
  ['things of recipes', thingReadings, recorded.things],
] as const)('%s are read as they were when somebody looked', (_, readings, were) => {
  const now = readings()
  const other = Object.keys(now).filter(key => (were as Record<string, string>)[key] !== now[key])
  expect(other).toEqual([])
  expect(Object.keys(now).length).toBeGreaterThan(100)
})
