import { describe, expect, test } from '@jest/globals'
import { readRecipe } from '#core'
import { keepingSaid } from './keeping'
import { readMethod } from './read'

const loaf = (says: string) =>
  readRecipe(
    `Plain loaf\n\n200 g plain flour\n100 g sugar\n100 g butter\n2 eggs\n\nMethod\n` +
      'Cream the butter and sugar, beat in the eggs, fold in the flour and bake at 180 °C for ' +
      `30 minutes.\n${says}`,
  ).recipe

// From memory, as recipes end. [I]
const rows: readonly (readonly [
  says: string,
  days: number | null,
  frozen: number | null,
  ahead: number | null,
])[] = [
  ['Keeps for 3 days in an airtight tin.', 3, null, null],
  ['It will keep for up to a week.', 7, null, null],
  ['Store in an airtight container for 4-5 days.', 5, null, null],
  ['It keeps well wrapped in foil for two weeks and freezes for 3 months.', 14, 90, null],
  ['Freeze for up to two months.', null, 60, null],
  ['Can be made 2 days ahead.', null, null, 2],
  ['It does not freeze.', null, 0, null],
  ['Not suitable for freezing.', null, 0, null],
  ['It doesn’t freeze well.', null, 0, null],
  ['This cake cannot be frozen.', null, 0, null],
  ['Do not freeze it.', null, 0, null],
  ['Will keep in the fridge for five days.', 5, null, null],
  ['Make it up to a week in advance.', null, null, 7],
  ['Leftovers keep 2 days covered in the fridge.', 2, null, null],
  ['Eat within 3 days.', 3, null, null],
  ['Stays fresh for about four days.', 4, null, null],
  ['Best eaten within two days of baking.', 2, null, null],
  ['In a tin it lasts a week; frozen, three months.', 7, 90, null],
  ['Can be frozen for 1 month.', null, 30, null],
  // Of a part, of an oven, of nothing.
  ['The dough can be frozen for a month.', null, null, null],
  ['The icing keeps for a week in the fridge.', null, null, null],
  ['Bake for 3 hours in a low oven.', null, null, null],
  ['Keep an eye on it for the last 5 minutes.', null, null, null],
  ['Serve within the hour.', null, null, null],
  ['It keeps warm for 20 minutes.', null, null, null],
]

describe('how long a recipe says that it keeps', () => {
  test.each(rows)('%s', (says, days, frozenDays, aheadDays) =>
    expect(keepingSaid(loaf(says))).toMatchObject({ days, frozenDays, aheadDays }),
  )
  const saying = rows.filter(row => row.slice(1).some(days => days !== null))
  test.each(saying)('is nothing that anyone does on the day: %s', says => {
    const last = readMethod(loaf(says)).actions.filter(action => action.step.at > 0)
    expect(last.filter(action => action.mode === 'do')).toEqual([])
  })
  test.each([
    ['Wrap the dough and chill for 30 minutes.'],
    ['Leave to cool, then freeze for 2 hours.'],
    ['Chill for at least 4 hours, or up to 24.'],
    ['Chill for 2 hours, or for up to 3 days.'],
    ['Keep in an airtight tin for three days before cutting.'],
    ['Wrap and keep for at least 2 days in an airtight box.'],
  ])('a wait that has to be stays one: %s', says => {
    const last = readMethod(loaf(says)).actions.filter(action => action.step.at > 0)
    expect(last.some(action => action.mode === 'do' && action.phases.length > 0)).toBe(true)
  })
})
