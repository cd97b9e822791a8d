import { readFileSync } from 'node:fs'
import { expect, test } from '@playwright/test'
import { atStart, expectNoSideways, file, fromShelf, paste, row, goTo } from '../kitchen'

test(
  'an ingredient of the house’s own: refused where it cannot be, kept, read in recipes, not ' +
    'known until its packet is read',
  async ({ page }) => {
    await goTo(page, '/pantry')
    // The pantry is no stage of the work, though its address begins like one.
    await expect(page.getByRole('heading', { name: 'The pantry' })).toBeVisible()
    await expect(
      page.getByRole('navigation', { name: 'Stages of the work' }).locator('[aria-current]'),
    ).toHaveCount(0)
    await page.getByRole('button', { name: 'New ingredient' }).click()
    const form = page.getByRole('form', { name: 'A new ingredient' })
    const field = (name: string) => form.getByLabel(name, { exact: true })
    await form.getByRole('button', { name: 'Keep it' }).click()
    await expect(form.getByRole('alert')).toContainText('Give it a name')
    await field('Name').fill('Brackwater crunch')
    await field('Other names, parted by commas').fill('crunch mix')
    await field('Water, g in 100 g').fill('80')
    await field('Starch, g in 100 g').fill('60')
    await form.getByRole('button', { name: 'Keep it' }).click()
    await expect(form.getByRole('alert')).toContainText('come to 140 g in 100 g')
    await expect(field('Starch, g in 100 g')).toHaveValue('60')
    await field('Water, g in 100 g').fill('a lot')
    await form.getByRole('button', { name: 'Keep it' }).click()
    await expect(form.getByRole('alert')).toContainText('Water must be a number')
    await field('Water, g in 100 g').fill('8,5')
    await field('Grams a millilitre').fill('0,4')
    await form.getByRole('button', { name: 'Keep it' }).click()
    await expect(
      page.getByText('“Brackwater crunch” is in the pantry now.', { exact: true }),
    ).toBeVisible()
    await page.getByRole('button', { name: /of this house \(1\)/ }).click()
    await expect(page.getByRole('row').filter({ hasText: 'Brackwater crunch' })).toContainText(
      /packet not read.*9.*60.*0\.40/s,
    )

    await atStart(page)
    await paste(
      page,
      'Crunch bars\n100 g crunch mix\n50 ml crunch mix\n50 g sugar\nPress and chill for 2 hours.',
    )
    await expect(row(page, '100 g crunch mix')).toContainText('read as Brackwater crunch')
    await expect(row(page, '50 ml crunch mix')).toContainText('20')
    await expect(page.getByText(/Ottilie not known yet/)).toBeVisible()

    await goTo(page, '/pantry')
    await page.getByLabel('Look for an ingredient').fill('crunch')
    await page.getByRole('button', { name: 'Open Brackwater crunch' }).click()
    await page.getByRole('button', { name: 'Add what it holds' }).click()
    await page.getByRole('option', { name: 'egg', exact: true }).click()
    await page.getByLabel(/The packet was read/).check()
    await page.getByRole('button', { name: 'Keep it' }).click()
    await expect(form).toHaveCount(0)
    await expect(
      page.getByText('“Brackwater crunch” is in the pantry now.', { exact: true }).first(),
    ).toBeVisible()
    await fromShelf(page, 'Crunch bars')
    await expect(page.getByText(/Ottilie cannot eat/)).toBeVisible()
    await expect(page.getByText(/Wren nothing found/)).toBeVisible()
  },
)

test('a built-in row is corrected and set back; what its name holds cannot be taken off', async ({
  page,
}) => {
  await goTo(page, '/pantry')
  await page.getByLabel('Look for an ingredient').fill('whole milk')
  await page.getByRole('button', { name: 'Open milk', exact: true }).click()
  const form = page.getByRole('form', { name: 'Ingredient milk' })
  await expect(form).toContainText('Comes with Ingwer. Source:')
  await expect(form.getByRole('img', { name: 'comes with the name' })).toBeVisible()
  await expect(form.getByRole('button', { name: /Take milk off: It holds/ })).toHaveCount(0)
  await form.getByLabel('Grams a millilitre').fill('2')
  await form.getByRole('button', { name: 'Keep it' }).click()
  await expect(page.getByText('“milk” is in the pantry now.', { exact: true })).toBeVisible()
  await fromShelf(page, 'Dark sticky ginger loaf')
  await expect(row(page, '240 ml whole milk')).toContainText('480')
  await goTo(page, '/pantry')
  await page.getByRole('button', { name: /of this house \(1\)/ }).click()
  await page.getByRole('button', { name: 'Open milk', exact: true }).click()
  await page.getByRole('button', { name: 'Back to Ingwer’s figures' }).click()
  await expect(page.getByText('“milk” of this house is taken out.', { exact: true })).toBeVisible()
  await fromShelf(page, 'Dark sticky ginger loaf')
  await expect(row(page, '240 ml whole milk')).toContainText('246')
})

test('the table file goes out whole, comes in with its mistakes named, and can be taken back', async ({
  page,
}) => {
  await goTo(page, '/pantry')
  await page.getByRole('button', { name: 'Save as a table' }).click()
  const [saved] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('menuitem', { name: 'The whole pantry' }).click(),
  ])
  const csv = readFileSync(await saved.path(), 'utf8')
  expect(csv.split('\n').length).toBeGreaterThan(301)
  const header = csv.split('\n')[0]!
  const input = page.getByLabel('Table of ingredients to bring in')
  await input.setInputFiles(
    file(
      'ours.csv',
      `${header}\nown-a,Harbour ` +
        `flour,,flour,12,2,0,12,1,70,3,0.5,,wheat,,,yes\nown-b,,,flour,1,1,0,1,1,1,1,,,,,,\n`,
      'text/csv',
    ),
  )
  await expect(page.getByRole('alert')).toContainText('Row 3')
  await expect(
    page
      .getByText('1 ingredient was taken from the table, 1 rows were not.', { exact: true })
      .or(page.getByText(/^1 ingredient was taken from the table/))
      .first(),
  ).toBeVisible()
  await page.getByLabel('Look for an ingredient').fill('harbour')
  await expect(page.getByRole('button', { name: 'Open Harbour flour' })).toBeVisible()
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(page.getByText('No ingredient fits that.')).toBeVisible()
  await input.setInputFiles(file('photo.csv', 'ÿØÿà', 'text/csv'))
  await expect(page.getByRole('alert')).toContainText('no column “name”')
})

test('unknown names of all recipes are answered in one go, everywhere, and forgotten again', async ({
  page,
}) => {
  for (const title of ['First bars', 'Second bars']) {
    await atStart(page)
    await paste(
      page,
      `${title}\n100 g flour\n30 g ` +
        `fizzwhip\n${title.startsWith('First') ? '50 g cinammon sugr' : '20 g grumbleseed'}\nMix ` +
        'and bake for 20 minutes at 180 °C.',
    )
    await expect(row(page, '30 g fizzwhip')).toContainText('not known')
  }
  await goTo(page, '/pantry')
  const box = page.getByRole('region', { name: 'What is this?' })
  await expect(box).toContainText(/fizzwhip.*in 2 recipes/s)
  await expect(box.getByRole('button', { name: 'Keep this answer' })).toBeDisabled()
  for (const [words, is] of [
    ['fizzwhip', 'desiccated coconut'],
    ['grumbleseed', 'poppy seeds'],
  ] as const) {
    await box.getByRole('button', { name: `What is ${words}?` }).click()
    await page.getByPlaceholder('oat drink, spelt flour …').fill(is)
    await page.getByRole('option', { name: is, exact: true }).click()
  }
  await box.getByRole('button', { name: 'Keep these 2 answers' }).click()
  await expect(
    page.getByText('2 names are known now; 2 recipes were read again.', { exact: true }),
  ).toBeVisible()
  await expect(box).not.toContainText('fizzwhip')
  await fromShelf(page, 'First bars')
  await expect(row(page, '30 g fizzwhip')).toContainText('read as desiccated coconut')
  await goTo(page, '/pantry')
  await page.getByRole('button', { name: 'Forget fizzwhip' }).click()
  await expect(box).toContainText('fizzwhip')
})

test('the house’s own spoon: weighed, counted in every recipe, and given up', async ({ page }) => {
  await atStart(page)
  await paste(
    page,
    'Oil buns\n200 g flour\n4 Tbsp oil\n2 eggs\nMix and bake for 20 minutes at 180 °C.',
  )
  await expect(row(page, '4 Tbsp oil')).toContainText(/5[45]/)
  await page.getByRole('link', { name: 'your own spoons' }).click()
  await page.getByRole('button', { name: 'Keep this weight' }).click()
  await expect(page.getByRole('alert')).toContainText('Choose what was weighed')
  await page.getByRole('button', { name: 'What was weighed' }).click()
  await page.getByPlaceholder('rapeseed oil, cocoa …').fill('neutral')
  await page.getByRole('option').first().click()
  // What is typed before the menu has gone would be typed into it.
  await expect(page.getByRole('option')).toHaveCount(0)
  await page.getByLabel('Grams on the scale').fill('620')
  await expect(page.getByRole('alert')).toContainText('heavier than any syrup')
  await page.getByLabel('Grams on the scale').fill('55')
  await expect(
    page.getByRole('status').filter({ hasText: 'One tablespoon of it weighs 11 g' }),
  ).toContainText('lighter')
  await page.getByRole('button', { name: 'Keep this weight' }).click()
  await expect(page.getByRole('region', { name: 'Weighed in this house' })).toContainText('11 g')
  await fromShelf(page, 'Oil buns')
  await expect(row(page, '4 Tbsp oil')).toContainText(/44.*your own tablespoon: 11 g/s)
  await goTo(page, '/spoons')
  await page.getByRole('button', { name: /Take the tablespoon of .* out/ }).click()
  await expect(page.getByText('The pantry’s weight counts again.', { exact: true })).toBeVisible()
  await fromShelf(page, 'Oil buns')
  await expect(row(page, '4 Tbsp oil')).toContainText(/5[45]/)
})

test.describe('on a phone', () => {
  test.use({ viewport: { width: 390, height: 844 }, hasTouch: true })
  test('pantry and spoons by touch', async ({ page }) => {
    await goTo(page, '/pantry')
    await page.getByRole('button', { name: 'Open agave syrup' }).tap()
    await expect(page.getByRole('form', { name: 'Ingredient agave syrup' })).toBeInViewport()
    await expectNoSideways(page)
    await page.getByRole('button', { name: 'Close without keeping' }).tap()
    await page.getByRole('link', { name: 'Your own spoons' }).tap()
    await expect(page.getByRole('heading', { name: 'Your own spoons' })).toBeVisible()
    await expectNoSideways(page)
  })
})
