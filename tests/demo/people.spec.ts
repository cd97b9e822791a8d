import { expect, test } from '@playwright/test'
import { atStart, fromShelf, row, goTo, reload } from '../kitchen'

const bothOfWren = 'soy (intolerance), hazelnut (allergy, traces count)'

test('a person changes, leaves and comes back, and every recipe is read for them again', async ({
  page,
}) => {
  await goTo(page, '/people')
  await page.getByRole('button', { name: 'Change Wren' }).click()
  await page.getByRole('button', { name: 'Take peanut off' }).click()
  await page.getByRole('button', { name: 'Add something to avoid' }).click()
  await page.getByPlaceholder('milk, egg, almond …').fill('hazel')
  await page.getByRole('option', { name: 'hazelnut' }).click()
  await page.getByRole('button', { name: 'star', exact: true }).click()
  await page.getByRole('button', { name: 'Keep Wren' }).click()
  await expect(page.getByText(bothOfWren)).toBeVisible()

  await fromShelf(page, 'Rye and hazelnut shortbread')
  await expect(
    row(page, '60 g hazelnuts').getByRole('button', { name: /Wren contains/ }),
  ).toBeVisible()

  await goTo(page, '/people')
  await page.getByRole('button', { name: 'Wren leaves' }).click()
  await expect(page.getByRole('heading', { name: 'Wren' })).toHaveCount(0)
  await page.getByRole('button', { name: 'Bring back' }).click()
  await expect(page.getByRole('heading', { name: 'Wren' })).toBeVisible()
  await expect(page.getByText(bothOfWren)).toBeVisible()
})

test('a form that is left changes nothing', async ({ page }) => {
  await goTo(page, '/people')
  await page.getByRole('button', { name: 'Change Bram' }).click()
  await page.getByLabel('Name', { exact: true }).fill('Somebody')
  await page.getByRole('button', { name: 'vegetarian' }).click()
  await page.getByRole('button', { name: 'Leave it' }).click()
  await expect(page.getByRole('heading', { name: 'Bram' })).toBeVisible()
  await reload(page)
  await expect(
    page.getByText('milk (allergy, traces count), cashew (intolerance), pistachio (intolerance)'),
  ).toBeVisible()
})

test('beads and verdicts have names, and the stages say what is open', async ({ page }) => {
  await fromShelf(page, 'Cardamom meringue nests')
  await expect(
    row(page, '4 egg whites').getByRole('img', { name: 'Ottilie: contains' }),
  ).toBeVisible()
  await expect(page.getByRole('link', { name: /swap 1 open/ })).toBeVisible()
  await expect(page.getByRole('link', { name: 'recipe' })).toHaveAttribute('aria-current', 'step')
  for (const name of ['Ottilie', 'Bram', 'Ikenna', 'Philippa', 'Wren'])
    await page.getByRole('button', { name: `${name} eats` }).click()
  await expect(page.getByText('Nobody is at the table. Press a bead above.')).toBeVisible()
  await page.getByRole('link', { name: 'See what changes' }).click()
  await expect(
    page.getByText('Nobody at the table avoids anything, so nothing changes.'),
  ).toBeVisible()
})

test('the card is copied, and says so; without a plan it says that too', async ({
  page,
  context,
}) => {
  await context.grantPermissions(['clipboard-read', 'clipboard-write'])
  await fromShelf(page, 'Cream puffs')
  await page.getByRole('link', { name: 'share' }).click()
  await expect(
    page.getByText('Not for Ottilie, Bram, Ikenna and Philippa.', { exact: true }),
  ).toBeVisible()
  await page.getByRole('button', { name: 'Copy the card' }).click()
  await expect(page.getByText('The card is on the clipboard.', { exact: true })).toBeVisible()
  await expect
    .poll(() => page.evaluate(() => navigator.clipboard.readText()))
    .toMatch(/^# Cream puffs\n\nAs written; no plan is chosen yet\./u)
})

test('light and dark are kept', async ({ page }) => {
  await goTo(page, '/settings')
  await page.getByRole('button', { name: 'dark', exact: true }).click()
  await expect(page.locator('html')).toHaveClass(/dark/)
  await atStart(page)
  await expect(page.locator('html')).toHaveClass(/dark/)
})

test('a server that gives no demo house is said, and nothing is lost', async ({ page }) => {
  await page.route('**/api/demo', route => route.fulfill({ status: 500, body: 'no' }))
  await goTo(page, '/settings')
  await expect(page.getByRole('alert')).toContainText('could not be fetched from this server')
  await page.unroute('**/api/demo')
  await reload(page)
  await expect(page.getByText('5 people, 6 packets and 7 bakes are kept')).toBeVisible()
  await expect(page.getByRole('alert')).toHaveCount(0)
})
