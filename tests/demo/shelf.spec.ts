import { expect, test } from '@playwright/test'
import { atStart, more, reload } from '../kitchen'

test('the shelf: looked through, tagged, doubled, put away, thrown away, and each taken back', async ({
  page,
}) => {
  await atStart(page)
  const rows = page.locator('.bakes li')
  await expect(rows).toHaveCount(7)
  const look = page.getByLabel('Look on the shelf')
  await look.fill('hazelnut')
  await expect(rows).toHaveCount(1)
  await look.fill('merinque')
  await expect(rows).toContainText(['Cardamom meringue nests'])
  await look.fill('treacle')
  await expect(rows).toContainText(['Dark sticky ginger loaf'])
  await look.fill('unobtainium')
  await expect(page.getByText('Nothing on the shelf fits that.')).toBeVisible()
  await look.fill('')

  await more(page, 'Cream puffs', 'Tags …')
  await page.getByLabel('Tags of Cream puffs, parted by commas').fill('Party,  choux , party')
  await page.keyboard.press('Enter')
  await page.getByRole('button', { name: 'party', exact: true }).click()
  await expect(rows).toHaveCount(1)
  await expect(rows.first()).toContainText('choux')
  await page.getByRole('button', { name: 'party', exact: true }).click()

  await more(page, 'Cream puffs', 'Make a copy')
  await expect(page.getByRole('link', { name: /Cream puffs \(copy\)/ })).toBeVisible()
  await page.getByRole('button', { name: 'Take it away again' }).click()
  await expect(rows).toHaveCount(7)

  await more(page, 'Set custard slice', 'Put away')
  await expect(rows).toHaveCount(6)
  await page.getByRole('button', { name: 'put away (1)' }).click()
  await expect(rows).toContainText(['Set custard slice'])
  await more(page, 'Set custard slice', 'Back on the shelf')
  await expect(rows).toHaveCount(7)

  await more(page, 'Marble ring cake with glaze', 'Throw away')
  await expect(rows).toHaveCount(6)
  await page.getByRole('button', { name: 'Bring it back' }).click()
  await expect(rows).toHaveCount(7)
  await reload(page)
  await expect(rows).toHaveCount(7)
  await expect(page.getByRole('button', { name: 'choux' })).toBeVisible()
})
