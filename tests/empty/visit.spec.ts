import { expect, test } from '@playwright/test'
import { atStart, more, paste, reload } from '../kitchen'

test('the demo house is looked at and left again; one’s own house is as it was', async ({
  page,
}) => {
  await atStart(page)
  await paste(page, 'Lantern buns\n\n200 g plain flour\n80 g sugar\n2 eggs')
  await expect(page.getByRole('heading', { name: 'What goes in' })).toBeVisible()
  await page.getByRole('link', { name: 'House file' }).click()
  await page.getByRole('button', { name: 'Visit the Brackwater house' }).click()
  const bar = page.getByRole('status').filter({ hasText: 'You are a visitor' })
  await expect(bar).toBeVisible()
  const shelf = page.getByRole('region', { name: 'On the shelf' }).getByRole('link')
  await expect(shelf).toHaveCount(7)
  await more(page, 'Dark sticky ginger loaf', 'Throw away')
  await expect(shelf).toHaveCount(6)
  await reload(page)
  await expect(bar).toBeVisible()
  await expect(shelf).toHaveCount(6)
  await bar.getByRole('button', { name: 'Back to my own house' }).click()
  await expect(bar).toHaveCount(0)
  await expect(shelf).toHaveCount(1)
  await expect(shelf.filter({ hasText: 'Lantern buns' })).toHaveCount(1)
  // The next visit finds everything in its place.
  await page.getByRole('link', { name: 'House file' }).click()
  await page.getByRole('button', { name: 'Visit the Brackwater house' }).click()
  await expect(shelf).toHaveCount(7)
})
