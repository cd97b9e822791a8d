import { readFileSync } from 'node:fs'
import ICAL from 'ical.js'
import { expect, test, type Page } from '@playwright/test'
import { expectNoSideways, fromShelf, reload } from '../kitchen'

const placed = (page: Page) =>
  expect(page.locator('.page[aria-busy]')).toHaveAttribute('aria-busy', 'false')
async function atDay(page: Page, title: string) {
  await fromShelf(page, title)
  await page
    .getByRole('navigation', { name: 'Stages of the work' })
    .getByRole('link', { name: /day/ })
    .click()
  await expect(page.getByRole('heading', { name: 'Hour by hour' })).toBeVisible()
  await placed(page)
}
/** A Saturday some weeks on, at five: never in the past, whatever day the test runs. */
const saturday = (hour = '17:00') => {
  const d = new Date()
  d.setDate(d.getDate() + 14 + ((6 - d.getDay() + 7) % 7))
  return (
    `${d.getFullYear()}-` +
    String(d.getMonth() + 1).padStart(2, '0') +
    '-' +
    String(d.getDate()).padStart(2, '0') +
    `T${hour}`
  )
}
const served = async (page: Page, at: string) => {
  await page.getByLabel('On the table at').fill(at)
  await page.getByLabel('On the table at').press('Tab')
  await placed(page)
}
const hours = (page: Page) => page.getByRole('region', { name: 'Hour by hour' })
const rowOf = (page: Page, words: string) =>
  hours(page).getByRole('listitem').filter({ hasText: words })
const at = async (page: Page, words: string) => {
  const [h, m] = (await rowOf(page, words).first().locator('.at').innerText())
    .split(':')
    .map(Number)
  return h! * 60 + m!
}

test(
  'backwards from five: a length changed, a block moved, an hour set; the rest follows, ' +
    'undone and kept over a reload',
  async ({ page }) => {
    await atDay(page, 'Dark sticky ginger loaf')
    await served(page, saturday())
    await expect(page.getByText(/^Begin at 15:\d\d, on the table at 17:00/)).toBeVisible()
    await expect(rowOf(page, 'is on the table')).toContainText('17:00')
    await expect(page.getByText(/Begun 20 minutes late, it is on the table at 17:20/)).toBeVisible()
    const [weigh, oven] = [await at(page, 'Weigh in'), await at(page, 'Pour into the tin')]
    await hours(page).getByRole('button', { name: 'Three minutes more: bake' }).click()
    await expect.poll(() => at(page, 'Weigh in')).toBe(weigh - 3)
    await expect(hours(page)).toContainText('usually 53 min')
    await page.getByRole('button', { name: 'Undo' }).click()
    await expect.poll(() => at(page, 'Weigh in')).toBe(weigh)
    await page.getByRole('button', { name: 'Redo' }).click()
    await expect.poll(() => at(page, 'Weigh in')).toBe(weigh - 3)
    await reload(page)
    await placed(page)
    await expect.poll(() => at(page, 'Weigh in')).toBe(weigh - 3)

    // Moved by keys on the drawing: over five minutes earlier, and all before it too.
    const block = page.getByRole('button', { name: /^bake, / })
    await block.focus()
    await page.keyboard.press('ArrowLeft')
    await expect.poll(() => at(page, 'Weigh in')).toBe(weigh - 8)
    await expect(hours(page)).toContainText('moved by you')
    await page.getByRole('button', { name: 'As it was worked out' }).click()
    await expect.poll(() => at(page, 'Weigh in')).toBe(weigh)
    // And by dragging it.
    await block.scrollIntoViewIfNeeded()
    const box = (await block.boundingBox())!
    await page.mouse.move(box.x + 20, box.y + 10)
    await page.mouse.down()
    await page.mouse.move(box.x - 80, box.y + 10, { steps: 6 })
    await page.mouse.up()
    await expect.poll(() => at(page, 'Weigh in')).toBeLessThan(weigh - 10)
    await page.getByRole('button', { name: 'As it was worked out' }).click()
    await expect.poll(() => at(page, 'Weigh in')).toBe(weigh)

    // What is no length is said and changes nothing.
    await hours(page).getByLabel('Minutes: bake').fill('long')
    await hours(page).getByLabel('Minutes: bake').press('Tab')
    await expect(page.getByRole('alert')).toContainText('“long” is no length')
    await expect.poll(() => at(page, 'Weigh in')).toBe(weigh)
    expect(oven).toBeGreaterThan(weigh)
  },
)

test(
  'an hour that cannot be names what quarrels and the nearest that can; the day before stays ' +
    'in sight',
  async ({ page }) => {
    await atDay(page, 'Set custard slice')
    await served(page, saturday())
    // The base chills for as long as nobody says, the custard for its four hours.
    await expect(hours(page).getByLabel('Hours for chill')).toHaveCount(2)
    await hours(page).getByLabel('Hours for chill').last().click()
    const soon = new Date(Date.now() + 60 * 60_000)
    soon.setSeconds(0, 0)
    const field = (d: Date) =>
      `${d.getFullYear()}-` +
      String(d.getMonth() + 1).padStart(2, '0') +
      '-' +
      String(d.getDate()).padStart(2, '0') +
      'T' +
      String(d.getHours()).padStart(2, '0') +
      ':' +
      String(d.getMinutes()).padStart(2, '0')
    await served(page, field(soon))
    await expect(page.getByRole('alert')).toContainText('Not by then.')
    await expect(page.getByRole('alert')).toContainText('nothing can begin before now')
    await expect(page.getByText('Below is the day as it was before.')).toBeVisible()
    await page
      .getByRole('alert')
      .getByRole('button', { name: /^On the table at/ })
      .click()
    await placed(page)
    await expect(page.getByRole('alert')).toHaveCount(0)
    await page.getByRole('button', { name: 'begin now' }).click()
    await placed(page)
    await expect(page.getByText(/^Begin at/)).toBeVisible()
  },
)

test(
  'several bakes share one oven and one pair of hands; the stricter is first, with washing ' +
    'between',
  async ({ page }) => {
    await atDay(page, 'Marble ring cake')
    await served(page, saturday())
    await page.getByText('with other bakes').click()
    await page.getByLabel('Dark sticky ginger loaf').check()
    await placed(page)
    await expect(hours(page)).toContainText('Dark sticky ginger loaf is on the table.')
    await expect(
      page.getByRole('heading', { name: 'The oven' }).locator('..').locator('p'),
    ).toHaveCount(2)
    const rows = hours(page).getByRole('listitem')
    const times = await rows.evaluateAll(all =>
      all.map(li => li.querySelector('.at')!.textContent!.trim()),
    )
    expect([...times].sort()).toEqual(times)
    await reload(page)
    await placed(page)
    await expect(hours(page)).toContainText('Dark sticky ginger loaf is on the table.')
  },
)

test('an hour a century off is refused with a sentence, and stays in its field', async ({
  page,
}) => {
  await atDay(page, 'Dark sticky ginger loaf')
  await served(page, saturday())
  const before = await at(page, 'is on the table')
  await served(page, saturday().replace(/^\d{4}/u, '2126'))
  await expect(page.getByRole('alert')).toContainText('look at the year')
  await expect(page.getByLabel('On the table at')).toHaveValue(/^2126-/u)
  await expect.poll(() => at(page, 'is on the table')).toBe(before)
  await served(page, saturday('18:00'))
  await expect(page.getByRole('alert')).toHaveCount(0)
  await expect.poll(() => at(page, 'is on the table')).toBe(18 * 60)
})

test('a task of one’s own, and the day out as calendar and Markdown', async ({ page }) => {
  await atDay(page, 'Dark sticky ginger loaf')
  await served(page, saturday())
  const form = page.getByRole('form', { name: 'A task of your own' })
  await form.getByRole('button', { name: 'Add it' }).click()
  await expect(form.getByRole('alert')).toContainText('What is to be done?')
  await form.getByLabel('What', { exact: true }).fill('Fetch the lanterns')
  await form.getByLabel('Minutes').fill('25')
  await form.getByLabel('After').selectOption({ label: 'out of the oven' })
  await form.getByRole('button', { name: 'Add it' }).click()
  await expect(rowOf(page, 'Fetch the lanterns')).toBeVisible()
  await placed(page)
  await page.getByText('What it takes').click()
  await expect(page.getByRole('complementary')).toContainText('225 g plain flour')

  const [file] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Calendar file' }).click(),
  ])
  const calendar = new ICAL.Component(ICAL.parse(readFileSync((await file.path())!, 'utf8')))
  const events = calendar.getAllSubcomponents('vevent').map(each => new ICAL.Event(each))
  const lanterns = events.find(e => e.summary.startsWith('Fetch the lanterns'))!
  expect(
    lanterns.startDate.toJSDate().getHours() * 60 + lanterns.startDate.toJSDate().getMinutes(),
  ).toBe(await at(page, 'Fetch the lanterns'))
  const [text] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Day as Markdown' }).click(),
  ])
  expect(readFileSync((await text.path())!, 'utf8')).toContain('Fetch the lanterns (25 min)')
  await rowOf(page, 'Fetch the lanterns').getByLabel('Hours for Fetch the lanterns').click()
  await page.getByRole('button', { name: 'Take it out', exact: true }).click()
  await expect(rowOf(page, 'Fetch the lanterns')).toHaveCount(0)
})

test('made ahead: the days that it keeps are offered, the plan reaches back, and too long is said', async ({
  page,
}) => {
  await atDay(page, 'Marble ring cake')
  await served(page, saturday())
  await page.getByText('make it ahead').click()
  const way = page.getByLabel('Made ahead: Marble ring cake with glaze')
  await expect(way.locator('option')).toContainText([
    'on the day',
    'the day before',
    '2 days before',
    '3 days before',
    'the day before, frozen',
  ])
  await way.selectOption('kept 2')
  await placed(page)
  const before = page.getByRole('region', { name: 'Days before', exact: true })
  await expect(before).toContainText('is put by')
  await expect(before).toContainText(/Thu \d\d:\d\d/)
  await expect(hours(page)).not.toContainText('Cream the butter')
  await expect(hours(page)).toContainText('For the glaze')
  await way.selectOption('frozen 7')
  await placed(page)
  await expect(hours(page)).toContainText('out of the freezer')
  await reload(page)
  await placed(page)
  await expect(hours(page)).toContainText('out of the freezer')
  await page.getByRole('button', { name: 'As it was worked out' }).click()
  await expect(hours(page)).toContainText('Cream the butter')
})

for (const [wide, high] of [
  [820, 1180],
  [390, 844],
] as const) {
  test(`at ${wide} × ${high}: the whole day, nothing sideways`, async ({ page }) => {
    await page.setViewportSize({ width: wide, height: high })
    await atDay(page, 'Plum streusel traybake')
    await served(page, saturday())
    await expect(rowOf(page, 'is on the table')).toContainText('17:00')
    await expectNoSideways(page)
  })
}
