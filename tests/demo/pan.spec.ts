import { readFileSync } from 'node:fs'
import { expect, test, type Page } from '@playwright/test'
import { expectNoSideways, fromShelf, paste, atStart, tooLow, goTo, reload } from '../kitchen'

const worked = (page: Page) =>
  expect(page.locator('.page[aria-busy]')).toHaveAttribute('aria-busy', 'false')
async function atPan(page: Page, title: string) {
  await fromShelf(page, title)
  await page
    .getByRole('navigation', { name: 'Stages of the work' })
    .getByRole('link', { name: /pan/ })
    .click()
  await expect(page.getByRole('heading', { name: 'In what', exact: true })).toBeVisible()
  await worked(page)
}
const oven = (page: Page) => page.getByRole('region', { name: 'In the oven' })
const minutes = async (page: Page) =>
  /(\d+)–(\d+) min/u
    .exec(await oven(page).locator('.big').innerText())!
    .slice(1)
    .map(Number) as [number, number]
const amount = (page: Page, name: string) =>
  page
    .getByRole('region', { name: 'What goes in now' })
    .getByRole('row', { name: new RegExp(`^${name} `) })
    .locator('.now')
const pick = (page: Page, group: string, name: string | RegExp) =>
  page
    .getByRole('button', { name: group, exact: true })
    .click()
    .then(() =>
      page.getByRole('group', { name: 'Usual tins' }).getByRole('button', { name }).click(),
    )

test(
  'another tin: depth, time, amounts and words follow; undone, kept over a reload, and on ' +
    'the card',
  async ({ page }) => {
    await atPan(page, 'Dark sticky ginger loaf')
    await expect(oven(page)).toContainText('50–55 min')
    await expect(oven(page)).toContainText('as the recipe says')
    await expect(oven(page)).toContainText('its colour says nothing: the batter is dark already')
    await expect(
      page.getByRole('img', { name: /900 g loaf tin.*batter 4.5 cm deep.*stands as it should/ }),
    ).toBeVisible()
    await expect(
      page.getByRole('img', { name: /^Coldest place in the middle: \d+ °C after/ }),
    ).toBeVisible()

    await pick(page, 'cups', /muffin tin of 12/)
    await worked(page)
    await expect(
      page.getByRole('img', {
        name: /muffin tin of 12.*will climb over the rim|fuller than usual/,
      }),
    ).toBeVisible()
    await page.getByRole('button', { name: 'to fill the tin' }).click()
    await page
      .getByLabel('How the tin is filled')
      .selectOption({ label: 'as full as this kind of batter takes' })
    await worked(page)
    await expect(page.getByText(/\d+ g in each, to top up evenly/)).toBeVisible()
    const [from, to] = await minutes(page)
    expect(from).toBeGreaterThan(14)
    expect(to).toBeLessThan(32)
    await expect(oven(page)).toContainText('by how heat gets through this batter')
    const flour = Number((await amount(page, 'plain flour').innerText()).replace(' g', ''))
    expect(flour).toBeGreaterThan(170)
    expect(flour).toBeLessThan(224)

    await page.getByRole('button', { name: 'Undo' }).click()
    await page.getByRole('button', { name: 'Undo' }).click()
    await page.getByRole('button', { name: 'Undo' }).click()
    await expect(oven(page)).toContainText('50–55 min')
    for (let i = 0; i < 3; i++) await page.getByRole('button', { name: 'Redo' }).click()
    await worked(page)
    await expect.poll(() => minutes(page)).toEqual([from, to])
    await reload(page)
    await worked(page)
    await expect.poll(() => minutes(page)).toEqual([from, to])
    await expect(amount(page, 'plain flour')).toHaveText(`${flour} g`)

    await page
      .getByRole('navigation', { name: 'Stages of the work' })
      .getByRole('link', { name: 'share' })
      .click()
    await expect(page.getByRole('article')).toContainText(`${flour} g plain flour`)
    await expect(page.getByRole('article')).toContainText(`bake for ${from}–${to} minutes`)
    await expect(page.getByRole('article')).toContainText('muffin tin of 12')
  },
)

test('sizes: half, people, what is there, eggs, a test; what comes out odd is said, and made whole', async ({
  page,
}) => {
  await atPan(page, 'Marble ring cake')
  await page.getByRole('button', { name: 'for so many people' }).click()
  await page.getByLabel('How many people').fill('7')
  await page.getByLabel('How many people').press('Enter')
  await expect(page.getByRole('region', { name: 'What goes in now' })).toContainText(
    '0.5 × the recipe as written',
  )
  await expect(amount(page, 'granulated sugar')).toHaveText('175 g')
  await page.getByRole('button', { name: 'a third' }).click()
  await expect(
    page.getByText(/1⅓ large eggs: beat 2 large eggs and weigh \d+ g; \d+ g are left/),
  ).toBeVisible()
  await page.getByRole('button', { name: 'Make it 1 large egg' }).click()
  await expect(page.getByRole('region', { name: 'What goes in now' })).toContainText(
    '0.25 × the recipe',
  )
  await expect(page.getByText(/are left, for a day in the fridge/)).toHaveCount(0)

  await page.getByRole('button', { name: 'what I have of …' }).click()
  await page.getByLabel('Of which ingredient').selectOption({ label: 'unsalted butter' })
  await page.getByLabel('Grams that there are').fill('340')
  await page.getByLabel('Grams that there are').press('Enter')
  await expect(page.getByRole('region', { name: 'What goes in now' })).toContainText(
    '1.499 × the recipe',
  )
  await page.getByRole('button', { name: 'by eggs' }).click()
  await page.getByLabel('How many eggs').fill('2')
  await page.getByLabel('How many eggs').press('Enter')
  await expect(page.getByRole('region', { name: 'What goes in now' })).toContainText(
    '0.5 × the recipe',
  )
  await page.getByRole('button', { name: 'a test' }).click()
  await expect(page.getByText('cups of a muffin tin')).not.toHaveCount(0)
  await expect(page.getByRole('region', { name: 'In the tin' })).toContainText(/\d+ g in each/)
  await expect(amount(page, 'all-purpose flour')).toHaveText('45 g')

  // What cannot be: a sentence, what was typed stays, and so does the rest.
  await page.getByLabel('How many tests').fill('-2')
  await page.getByLabel('How many tests').press('Enter')
  await expect(page.getByRole('alert')).toContainText('“-2” is no number')
  await page.getByRole('button', { name: '× …' }).click()
  await page.getByLabel('How many times').fill('900')
  await page.getByLabel('How many times').press('Enter')
  await expect(page.getByRole('alert')).toContainText('between 1/50 and 50 times')
  await expect(page.getByLabel('How many times')).toHaveValue('900')
  await expect(oven(page)).toContainText('50–55 min')
  await page.getByRole('button', { name: 'as written' }).click()
  await expect(page.getByRole('alert')).toHaveCount(0)
})

test(
  'a tin of the house’s own: refused where it cannot be, kept, changed, thrown away and ' +
    'brought back, and in the house file',
  async ({ page }) => {
    await atPan(page, 'Marble ring cake')
    await page.getByRole('button', { name: /a tin of your own/ }).click()
    const form = page.getByRole('form', { name: 'A tin of your own' })
    await form.getByRole('button', { name: 'Keep this tin' }).click()
    await expect(form.getByRole('alert')).toContainText('It needs a name')
    await form.getByLabel('What you call it').fill('the blue ring')
    await form.getByRole('button', { name: 'ring', exact: true }).click()
    await form.getByLabel('Across, above').fill('300')
    await expect(form.getByRole('alert')).toContainText('300 cm does not go into a home oven')
    await form.getByLabel('Across, above').fill('0')
    await expect(form.getByRole('alert')).toContainText('above zero')
    await form.getByLabel('Across, above').fill('24')
    await form.getByLabel(/Measured with water/).fill('1800')
    await expect(form.getByText('1800 ml')).toBeVisible()
    await form.getByRole('button', { name: 'Keep this tin' }).click()
    await worked(page)
    const own = page
      .getByRole('group', { name: 'The recipe’s tin and your own' })
      .getByRole('button', { name: /the blue ring/ })
    await expect(own).toHaveAttribute('aria-pressed', 'true')
    await expect(page.getByRole('region', { name: 'In the tin' })).toContainText(
      'it will climb over the rim',
    )
    await reload(page)
    await expect(own).toHaveAttribute('aria-pressed', 'true')

    await page.getByRole('button', { name: 'Change', exact: true }).click()
    await page
      .getByRole('form', { name: 'Your tin: the blue ring' })
      .getByLabel(/Measured with water/)
      .fill('3400')
    await page.getByRole('button', { name: 'Keep this tin' }).click()
    await worked(page)
    await expect(page.getByRole('region', { name: 'In the tin' })).toContainText(
      'stands as it should',
    )

    await goTo(page, '/settings')
    const [file] = await Promise.all([
      page.waitForEvent('download'),
      page
        .getByRole('button', { name: /whole house|Save/i })
        .first()
        .click(),
    ])
    expect(readFileSync((await file.path())!, 'utf8')).toContain('the blue ring')

    await atPan(page, 'Marble ring cake')
    await page.getByRole('button', { name: 'Throw away' }).click()
    await expect(own).toHaveCount(0)
    await page.getByRole('button', { name: 'Bring it back' }).click()
    await expect(own).toBeVisible()
  },
)

test('several tins for one batter are equally full, each with its own time', async ({ page }) => {
  await atPan(page, 'Dark sticky ginger loaf')
  await pick(page, 'square, slab, loaf', /450 g loaf/)
  await page.getByRole('button', { name: 'And another tin for the same batter' }).click()
  await page
    .getByRole('group', { name: 'Usual tins' })
    .getByRole('button', { name: /mini loaf/ })
    .click()
  await page.getByRole('button', { name: 'More mini loaf' }).click()
  await worked(page)
  const tabs = page.getByRole('group', { name: 'Tin', exact: true })
  const long = await minutes(page)
  await tabs.getByRole('button', { name: 'mini loaf' }).click()
  const short = await minutes(page)
  expect(short[1]).toBeLessThan(long[1])
  await expect(page.getByText(/\d+ g in each/)).toBeVisible()
})

test('a tray: pieces, loads and the last one; cutting by number and by size', async ({ page }) => {
  await atPan(page, 'Rye and hazelnut shortbread')
  await expect(
    page.getByRole('img', {
      name: new RegExp(
        '^24 pieces of 21 g, about [\\d.]+ cm baked; \\d+ on a tray of 40 × 30 cm ' +
          'in (?:offset )?rows, 2 loads, \\d+ on the last',
      ),
    }),
  ).toBeVisible()
  await expect(oven(page)).toContainText('no heat model')
  await page.getByText('Put it right', { exact: true }).click()
  await page.getByLabel('A piece of dough').fill('42')
  await page.getByLabel('A piece of dough').press('Tab')
  await expect(page.getByRole('img', { name: /^12 pieces of 4\d g/ })).toBeVisible()
  const [, slow] = await minutes(page)
  expect(slow).toBeGreaterThan(25)
  await page.getByLabel('A piece of dough').fill('0')
  await page.getByLabel('A piece of dough').press('Tab')
  await expect(page.getByRole('alert')).toContainText('“0” is no weight of a piece')
  // What was refused stays in its field, to be put right.
  await expect(page.getByLabel('A piece of dough')).toHaveValue('0')

  await atPan(page, 'Plum streusel traybake')
  await expect(page.getByRole('img', { name: '5 × 3 make 15 pieces of 6 × 6.7 cm.' })).toBeVisible()
  await page.getByText('Put it right', { exact: true }).click()
  await page.getByLabel('or squares of').fill('5')
  await page.getByLabel('or squares of').press('Tab')
  await expect(page.getByRole('img', { name: '6 × 4 make 24 pieces of 5 × 5 cm.' })).toBeVisible()
  await page.getByLabel('Cut into').fill('12')
  await page.getByLabel('Cut into').press('Tab')
  await expect(
    page.getByRole('img', { name: '4 × 3 make 12 pieces of 7.5 × 6.7 cm.' }),
  ).toBeVisible()
})

test('this oven: fan, other dials, a thermometer, and what it learns from how long bakes took', async ({
  page,
}) => {
  await atPan(page, 'Dark sticky ginger loaf')
  await page.getByText('This kitchen’s oven').click()
  await page.getByRole('button', { name: 'fan', exact: true }).click()
  await expect(oven(page)).toContainText('at 140 °C fan')
  await page.getByRole('button', { name: '°F', exact: true }).click()
  await expect(oven(page)).toContainText('at 285 °F fan')
  await page.getByRole('button', { name: 'still heat' }).click()
  await page.getByRole('button', { name: '°C', exact: true }).click()
  await oven(page).getByLabel('It took').fill('a while')
  await oven(page).getByRole('button', { name: 'Remember' }).click()
  await expect(oven(page).getByRole('alert')).toContainText('“a while” is no bake time')
  for (const took of ['40', '41', '40']) {
    await oven(page).getByLabel('It took').fill(took)
    await oven(page).getByRole('button', { name: 'Remember' }).click()
    await worked(page)
  }
  await expect(oven(page)).toContainText(
    /3 bakes came out sooner than expected, as if the oven were \d+ °C hotter than it says/,
  )
  await expect(oven(page)).toContainText('at 145 °C')
  await reload(page)
  await expect(oven(page)).toContainText('at 145 °C')
  await page.getByText('This kitchen’s oven').click()
  for (let i = 3; i > 0; i--) {
    await page
      .getByRole('list', { name: 'How long bakes took' })
      .getByRole('button')
      .first()
      .click()
    await expect(
      page.getByRole('list', { name: 'How long bakes took' }).getByRole('button'),
    ).toHaveCount(i - 1)
  }
  await expect(oven(page)).toContainText('at 160 °C')
  await page.getByLabel('Thermometer reads, °C').fill('900')
  await page.getByRole('button', { name: 'Keep', exact: true }).click()
  await expect(page.getByRole('alert').last()).toContainText('from 60 to 300')
  await page.getByLabel('Thermometer reads, °C').fill('165')
  await page.getByRole('button', { name: 'Keep', exact: true }).click()
  await expect(oven(page)).toContainText(
    'By your thermometer the oven is 15 °C cooler than it says.',
  )
  await expect(oven(page)).toContainText('at 175 °C')
})

test(
  'a stated time that fits no such tin is said here and at the recipe; a recipe without tin ' +
    'or time stays usable',
  async ({ page }) => {
    await atStart(page)
    await paste(
      page,
      `Harbour cake
Serves 8
200 g plain flour
2 tsp baking powder
180 g butter
180 g sugar
3 eggs

Heat the oven to 175 °C. Cream the butter and sugar, beat in the eggs, fold in the flour and \
baking powder.
Bake in a 20 cm round tin for 9 minutes.`,
    )
    await expect(page.getByText(/9 minutes at 175 °C is short for this tin/)).toBeVisible()
    await page
      .getByRole('navigation', { name: 'Stages of the work' })
      .getByRole('link', { name: /pan/ })
      .click()
    await worked(page)
    await expect(oven(page)).toContainText('The stated time does not fit the stated tin.')
    await page.getByText('Put it right', { exact: true }).click()
    await page.getByLabel('The recipe’s own time').fill('soon')
    await page.getByLabel('The recipe’s own time').press('Tab')
    await expect(page.getByRole('alert')).toContainText('“soon” is no bake time')
    await page.getByLabel('The recipe’s own time').fill('38-42')
    await page.getByLabel('The recipe’s own time').press('Tab')
    await expect(oven(page)).toContainText('38–42 min')
    await page.getByLabel('Heat, still').fill('900')
    await page.getByLabel('Heat, still').press('Tab')
    await expect(page.getByRole('alert')).toContainText('“900” is no oven heat')
    await page.getByLabel('Heat, still').fill('160')
    await page.getByLabel('Heat, still').press('Tab')
    await worked(page)
    await expect.poll(async () => (await minutes(page))[0]).toBeGreaterThan(37)

    await atStart(page)
    await paste(
      page,
      `Quiet cake
200 g plain flour
2 tsp baking powder
180 g butter
180 g sugar
3 eggs

Mix it all and bake it.`,
    )
    await expect(page.getByRole('heading', { name: 'What goes in' })).toBeVisible()
    await page
      .getByRole('navigation', { name: 'Stages of the work' })
      .getByRole('link', { name: /pan/ })
      .click()
    await worked(page)
    await expect(
      page.getByText('The recipe names no tin. Choose one, and depth and time follow.'),
    ).toBeVisible()
    await pick(page, 'round', /20 cm round/)
    await worked(page)
    await expect(oven(page)).toContainText('No bake time is stated')
    await expect(page.getByRole('button', { name: /so many p/ })).toHaveCount(0)
  },
)

test('from an experimental plan to its test', async ({ page }) => {
  await atStart(page)
  await paste(
    page,
    'Rich breakfast loaf\n\n500 g strong white flour\n50 g sugar\n10 g salt\n7 g dried yeast\n4 eggs\n' +
      '200 ml milk\n150 g butter\n\nKnead the flour, sugar, salt, yeast, eggs and milk. Knead in the ' +
      'butter. Prove until doubled. Shape, prove again and bake at 190 °C for 35 minutes.',
  )
  await page.getByRole('link', { name: 'Work out a version' }).click()
  await expect(page.getByText('A test piece first.')).toBeVisible()
  await page.getByRole('button', { name: 'Size a test' }).click()
  await expect(page.getByRole('heading', { name: 'In what', exact: true })).toBeVisible()
  await expect(page.getByRole('button', { name: 'a test', exact: true })).toHaveAttribute(
    'aria-pressed',
    'true',
  )
  await expect(page.getByRole('region', { name: 'What goes in now' })).toContainText('plan')
})

test.describe('on a phone', () => {
  test.use({ viewport: { width: 390, height: 844 }, hasTouch: true })
  test('size, tin and time by touch; nothing sideways', async ({ page }) => {
    await atPan(page, 'Plum streusel traybake')
    await page.getByRole('button', { name: 'half', exact: true }).tap()
    await page
      .getByRole('group', { name: 'Usual tins' })
      .getByRole('button', { name: /20 cm square/ })
      .tap()
    await worked(page)
    await expect(oven(page)).toContainText('by how heat gets through')
    await expectNoSideways(page)
    const buttons = 'main :is(button, select):not(p *, li *)'
    await expect.poll(() => tooLow(page, buttons, 43.5)).toEqual([])
  })
})

test('by keyboard alone: a size, a tin, its number', async ({ page }) => {
  await atPan(page, 'Dark sticky ginger loaf')
  const press = async (name: string | RegExp) => {
    const button = page.getByRole('button', { name }).first()
    await button.focus()
    await page.keyboard.press('Enter')
  }
  await press('double')
  await press('square, slab, loaf')
  await press(/900 g loaf/)
  await press('More 900 g loaf')
  await worked(page)
  await expect(page.getByRole('region', { name: 'In the tin' })).toContainText('950 g in each')
})
