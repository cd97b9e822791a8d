import { expect, test, type Page } from '@playwright/test'
import { atStart, expectNoSideways, more, paste, row, reload } from '../kitchen'

const text = `Lantern bars

For the base
200 g plain flour
100 g caster sugar
120 g butter
2 eggs

For the glaze
100 g icing sugar
30 ml milk

Heat the oven to 180 °C.
Mix the flour, caster sugar, butter and eggs. Bake for 25 minutes.
Beat the icing sugar with the milk and brush it on.`

const lines = (page: Page) => page.locator('li.line .written').allInnerTexts()
const focused = (page: Page) =>
  page.evaluate(() => document.activeElement?.getAttribute('aria-label') ?? '')

test(
  'the ledger by keys alone: walk, correct, go on, part, join, move, add, take out, and ' +
    'every step back',
  async ({ page }) => {
    await atStart(page)
    await paste(page, text)
    await expect(row(page, '2 eggs')).toBeVisible()
    const start = await lines(page)
    await page.getByRole('button', { name: 'Correct: 200 g plain flour' }).focus()
    await page.keyboard.press('ArrowDown')
    await page.keyboard.press('ArrowDown')
    await expect.poll(() => focused(page)).toBe('Correct: 120 g butter')

    // Enter corrects and keeps; Tab keeps and corrects the next; Escape leaves it as it was.
    await page.keyboard.press('Enter')
    await page.keyboard.press('Control+A')
    await page.keyboard.insertText('110 g butter')
    await page.keyboard.press('Tab')
    await expect(page.getByLabel('Correct the line 2 eggs')).toBeFocused()
    await page.keyboard.press('Control+A')
    await page.keyboard.insertText('nonsense')
    await page.keyboard.press('Escape')
    await expect
      .poll(async () => (await lines(page)).slice(2, 4))
      .toEqual(['110 g butter', '2 eggs'])

    // Ctrl+Enter parts at the cursor; Backspace at the start joins again.
    await expect(page.getByRole('button', { name: 'Correct: 2 eggs' })).toBeFocused()
    await page.keyboard.press('Enter')
    await page.keyboard.press('Control+A')
    await page.keyboard.insertText('2 eggs and 40 g honey')
    for (let i = 0; i < ' and 40 g honey'.length; i++) await page.keyboard.press('ArrowLeft')
    await page.keyboard.press('Control+Enter')
    await expect(row(page, '40 g honey')).toContainText('read as honey')
    await expect.poll(async () => (await lines(page)).slice(3, 5)).toEqual(['2 eggs', '40 g honey'])
    await page.getByRole('button', { name: 'Correct: 40 g honey' }).focus()
    await page.keyboard.press('Enter')
    await page.keyboard.press('Home')
    await page.keyboard.press('Backspace')
    await expect(page.locator('li.line')).toHaveCount(6)
    await expect.poll(async () => (await lines(page))[3]).toContain('40 g honey')
    await page.keyboard.press('Escape')
    await page.getByRole('button', { name: 'Undo' }).click()
    await expect(page.locator('li.line')).toHaveCount(7)

    // Alt+arrow moves, over the edge of a part too; Delete takes out; + opens a line below.
    await page.getByRole('button', { name: 'Correct: 40 g honey' }).focus()
    await page.keyboard.press('Alt+ArrowUp')
    await expect.poll(async () => (await lines(page)).indexOf('40 g honey')).toBe(3)
    await expect(page.getByRole('button', { name: 'Correct: 40 g honey' })).toBeFocused()
    await page.keyboard.press('Delete')
    await expect(row(page, '40 g honey')).toHaveCount(0)
    await page.getByRole('button', { name: 'Correct: 30 ml milk' }).focus()
    await page.keyboard.press('+')
    await page.keyboard.insertText('1 tsp lemon juice')
    await page.keyboard.press('Enter')
    await expect(row(page, '1 tsp lemon juice')).toContainText('read as lemon juice')
    await page.keyboard.press('Escape')

    const end = await lines(page)
    expect(end).not.toEqual(start)
    await page.getByRole('heading', { name: 'What goes in' }).click()
    // A press may meet a step that is still being shown: pressed again until all are back.
    const until = (name: 'Undo' | 'Redo', keys: string, wanted: string[]) =>
      expect(async () => {
        if (await page.getByRole('button', { name }).isEnabled()) await page.keyboard.press(keys)
        const now = await lines(page)
        expect(now).toEqual(wanted)
      }).toPass({ timeout: 60_000, intervals: [150] })
    await until('Undo', 'Control+z', start)
    await until('Redo', 'Control+Shift+z', end)
    await reload(page)
    await expect.poll(() => lines(page)).toEqual(end)
  },
)

test(
  'lines typed faster than they are read keep their order, a closed field stays closed, and ' +
    'steps back come as fast as the keys',
  async ({ page }) => {
    await atStart(page)
    await paste(page, text)
    await expect(row(page, '2 eggs')).toBeVisible()
    const start = await lines(page)
    await page.getByRole('button', { name: 'Correct: 2 eggs' }).focus()
    await page.keyboard.press('+')
    await expect(page.getByLabel('A new line')).toBeFocused()
    for (const line of ['40 g honey', '5 g salt', '60 g oats']) {
      await page.keyboard.insertText(line)
      await page.keyboard.press('Enter')
    }
    await page.keyboard.press('Escape')
    await expect
      .poll(async () => (await lines(page)).slice(3, 7))
      .toEqual(['2 eggs', '40 g honey', '5 g salt', '60 g oats'])
    await expect(page.getByText('saved in this browser')).toBeVisible()
    await expect(page.getByLabel('A new line')).toHaveCount(0)

    // An open field that is empty closes when the line above it is taken back; it never catches the keys.
    await page.getByRole('button', { name: 'Correct: 60 g oats' }).focus()
    await page.keyboard.press('+')
    await page.getByRole('heading', { name: 'What goes in' }).click()
    for (let i = 0; i < 3; i++) await page.keyboard.press('Control+z')
    await expect.poll(() => lines(page)).toEqual(start)
    await expect(page.getByLabel('A new line')).toHaveCount(0)
    for (let i = 0; i < 3; i++) await page.keyboard.press('Control+Shift+z')
    await expect
      .poll(async () => (await lines(page)).slice(4, 7))
      .toEqual(['40 g honey', '5 g salt', '60 g oats'])

    // What cannot be a line comes back into the field with its sentence.
    await page.getByRole('button', { name: 'Correct: 60 g oats' }).focus()
    await page.keyboard.press('+')
    await page.keyboard.insertText('x'.repeat(2000))
    await page.keyboard.press('Enter')
    await expect(page.locator('.adder [role=alert]')).toBeVisible()
    await expect(page.getByLabel('A new line')).toHaveValue('x'.repeat(2000))
  },
)

test(
  'steps show what they take; they are corrected, moved, added and taken out; the dessert ' +
    'gets another name',
  async ({ page }) => {
    await atStart(page)
    await paste(page, text)
    const step = (n: number) => page.locator('ol.steps > li').nth(n)
    await expect(step(1)).toContainText(
      /takes.*plain flour.*caster sugar.*butter.*eggs.*bake 25 min/s,
    )
    await step(1).getByRole('button', { name: 'butter', exact: true }).click()
    await expect(row(page, '120 g butter')).toHaveClass(/lit/)
    // A time, and the part that a step is for, are another with one press each, and back again.
    await step(1).getByRole('button', { name: 'bake 25 min' }).click()
    await page.getByRole('menuitem', { name: '30 minutes' }).click()
    await expect(step(1).getByRole('button', { name: 'bake 30 min' })).toBeVisible()
    await page.keyboard.press('Control+z')
    await expect(step(1).getByRole('button', { name: 'bake 25 min' })).toBeVisible()
    await step(1)
      .getByRole('button', { name: /^for the/ })
      .click()
    await page.getByRole('menuitem', { name: 'glaze', exact: true }).click()
    await expect(step(1)).toContainText('For the glaze: ')
    await page.keyboard.press('Control+z')
    await expect(step(1)).not.toContainText('For the glaze: ')
    await step(2)
      .getByRole('button', { name: /Correct step 3/ })
      .click()
    await page
      .getByLabel('Correct step 3')
      .fill('Beat the icing sugar with half the milk and 1 tsp lemon juice.')
    await page.keyboard.press('Enter')
    await expect(step(2)).toContainText('half of milk')
    await expect(page.getByText(/A step uses lemon juice/)).toBeVisible()
    await page.getByRole('button', { name: /Add “1 tsp lemon juice” to the list/ }).click()
    await expect(row(page, '1 tsp lemon juice')).toBeVisible()
    await expect(page.getByText(/The steps take 50 % of the milk/)).toBeVisible()
    await more(page, 'step 3', 'Move up')
    await expect(step(1)).toContainText('lemon juice')
    await more(page, 'step 1', 'Take out')
    await expect(page.locator('ol.steps > li')).toHaveCount(2)
    await page.getByRole('button', { name: 'A step is missing' }).click()
    await page.getByLabel('A new step').fill('Cool for 10 minutes.')
    await page.keyboard.press('Enter')
    await expect(step(2)).toContainText('cool 10 min')

    // A step is cut between two of its doings, joined again, and goes to another part.
    await page.getByLabel('More for step 2').first().click()
    await page.getByRole('menuitem', { name: 'Cut in two' }).hover()
    await page
      .getByRole('menuitem', { name: /before/ })
      .first()
      .click()
    await expect(page.locator('ol.steps > li')).toHaveCount(4)
    await page.keyboard.press('Control+z')
    await expect(page.locator('ol.steps > li')).toHaveCount(3)
    await more(page, 'step 2', 'Join with the next')
    await expect(page.locator('ol.steps > li')).toHaveCount(2)
    await expect(step(1)).toContainText('Cool for 10 minutes.')
    await page.getByLabel('More for step 2').first().click()
    await page.getByRole('menuitem', { name: 'To another part' }).hover()
    await page.getByRole('menuitem', { name: 'glaze', exact: true }).click()
    await expect(page.locator('ol.steps')).toHaveCount(2)

    await page.getByRole('button', { name: 'Rename Lantern bars' }).click()
    await page.getByLabel('Name of this dessert').fill('Honey bars')
    await page.keyboard.press('Enter')
    await expect(page.getByRole('button', { name: 'Rename Honey bars' })).toBeVisible()
    await page.getByRole('button', { name: 'A part is missing' }).click()
    await page.getByLabel('Name of the new part').fill('glaze')
    await page.keyboard.press('Enter')
    await expect(page.getByRole('alert')).toContainText('There is a part “glaze” already')
  },
)

test('another region and another way to fill a cup re-read every volume, and both can be taken back', async ({
  page,
}) => {
  await atStart(page)
  await paste(
    page,
    `Cup cake
2 cups all-purpose flour
1 cup granulated sugar
2 Tbsp oil
2 eggs
Mix and bake at 350°F for 30 minutes.`,
  )
  await expect(page.getByRole('button', { name: 'Region of the recipe' })).toContainText(
    'United States',
  )
  await expect(row(page, '2 cups all-purpose flour')).toContainText('241')
  await page.getByRole('button', { name: 'How the cups were filled' }).click()
  await page.getByRole('option', { name: 'cups scooped' }).click()
  await expect(row(page, '2 cups all-purpose flour')).toContainText(/28[34]/)
  await page.getByRole('button', { name: 'Region of the recipe' }).click()
  await page.getByRole('option', { name: 'Australia' }).click()
  // [U] australiatablespoon is 20 ml: 2 of oil are 36 g against 27.
  await expect(row(page, '2 Tbsp oil')).toContainText('36')
  await page.getByRole('button', { name: 'Undo' }).click()
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(row(page, '2 cups all-purpose flour')).toContainText('241')
})

const slips = `Dairy-free apple bars
Makes 16 bars

2 cups (300 g) rolled oats
200 g plain flour
3 1/4 cup brown sugar
115 g butter, melted
1 tsp baking soda
1 tsp cinnamon

Heat the oven to 180 °C and line a 20 cm square tin.
Mix the oats, flour, sugar, baking powder and salt. Stir in 150 g butter and taste the raw dough.
Bake for 40 minutes.`

test('findings one key after another, each with what it would change; “no problem” is remembered', async ({
  page,
}) => {
  await atStart(page)
  await paste(page, slips)
  await page.getByRole('button', { name: /Show all/ }).click()
  const card = (words: string) => page.locator('.findings > li').filter({ hasText: words })
  const count = await page.locator('.findings > li').count()
  expect(count).toBeGreaterThanOrEqual(8)
  await expect(card('do not agree')).toContainText(
    /2 cups \(300 g\) rolled oats → 2 cups \(1\d\d g\) rolled oats/,
  )
  await card('do not agree').focus()
  await page.keyboard.press('1')
  await expect(card('do not agree')).toHaveCount(0)
  await expect(row(page, '2 cups (300 g) rolled oats')).toHaveCount(0)
  await expect(row(page, 'rolled oats')).toContainText(/2 cups \(1\d\d g\)/)
  // The focus is on the next finding, so that the next key answers it.
  await expect
    .poll(() => page.evaluate(() => document.activeElement?.closest('.findings > li') !== null))
    .toBe(true)
  await expect(card('uses baking powder')).toContainText('The list means baking powder')
  await card('uses baking powder').focus()
  await page.keyboard.press('2')
  await expect(row(page, '1 tsp baking powder')).toBeVisible()
  await card('Was it 3/4')
    .getByRole('button', { name: /3\/4 cup brown sugar/ })
    .click()
  await expect(row(page, '3/4 cup brown sugar')).toBeVisible()
  await card('The title says').focus()
  await page.keyboard.press('x')
  await expect(card('The title says')).toHaveCount(0)
  await card('raw dough')
    .getByRole('button', { name: /Take that sentence out/ })
    .click()
  await expect(page.locator('ol.steps')).not.toContainText('taste')

  await reload(page)
  await expect(row(page, '1 tsp baking powder')).toBeVisible()
  await expect(card('The title says')).toHaveCount(0)
  await page.getByRole('button', { name: /put aside as no problem: bring back/ }).click()
  await expect(card('The title says')).toBeVisible()
})

test('an amount that nobody wrote stays unknown', async ({ page }) => {
  await atStart(page)
  await paste(
    page,
    'Plain buns\n? cup oil\n200 g flour\nsugar\n2 eggs\nMix everything and bake for 20 minutes at 180 °C.',
  )
  await expect(row(page, '? cup oil')).toContainText('? g')
  await expect(page.locator('li.line').filter({ hasText: /^\? g\s*sugar/ })).toHaveCount(1)
  await expect(page.getByText(/No amount is written for .*It stays unknown/).first()).toBeVisible()
})

test.describe('on a phone', () => {
  test.use({ viewport: { width: 390, height: 844 }, hasTouch: true })
  test('the whole editor by touch', async ({ page }) => {
    await atStart(page)
    await paste(page, text)
    await page.getByRole('button', { name: 'More for 100 g caster sugar' }).tap()
    await page.getByRole('menuitem', { name: 'Move down' }).tap()
    await expect.poll(async () => (await lines(page)).indexOf('100 g caster sugar')).toBe(2)
    await page.getByRole('button', { name: 'More for 2 eggs' }).tap()
    await page.getByRole('menuitem', { name: 'New line below' }).tap()
    await page.getByLabel('A new line').fill('50 g honey and 20 g oats')
    await page.getByRole('button', { name: 'Add', exact: true }).tap()
    await page.getByRole('button', { name: 'More for 50 g honey and 20 g oats' }).tap()
    await page.getByRole('menuitem', { name: 'Part in two' }).tap()
    await expect(row(page, '20 g oats')).toContainText('read as rolled oats')
    await page.getByRole('tab', { name: 'The text' }).tap()
    await page.locator('.pane').getByRole('button', { name: 'Look at 120 g butter' }).tap()
    await expect(row(page, '120 g butter')).toHaveClass(/lit/)
    await expectNoSideways(page)
  })
})
