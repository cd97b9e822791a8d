import { expect, test, type Page } from '@playwright/test'
import { atStart, fromShelf, goTo, isKept, more, reload } from '../kitchen'

const title = 'Dark sticky ginger loaf'
const line = (page: Page, text: string) =>
  page.getByRole('button', { name: `Correct: ${text}`, exact: true })
async function correct(page: Page, was: string, is: string) {
  await line(page, was).click()
  await page.getByLabel(`Correct the line ${was}`).fill(is)
  await page.keyboard.press('Enter')
  await expect(line(page, is)).toBeVisible()
}
/** The bake in a second tab of the same browser. */
async function inAnotherTab(page: Page): Promise<Page> {
  await isKept(page)
  const other = await page.context().newPage()
  await goTo(other, page.url())
  await expect(other.getByRole('heading', { name: 'What goes in' })).toBeVisible()
  return other
}
/** Writes to the row as another program of this browser would: no tab is told of it. */
const unseen = (page: Page, of: string, change: Readonly<Record<string, unknown>> | null) =>
  page.evaluate(
    ([name, part]) =>
      new Promise<void>((resolve, reject) => {
        const open = indexedDB.open('ingwer')
        open.onerror = () => reject(new Error('not opened'))
        open.onsuccess = () => {
          const store = open.result.transaction('bakes', 'readwrite').objectStore('bakes')
          const all = store.getAll()
          all.onsuccess = () => {
            const row = all.result.find((bake: { title: string }) => bake.title === name)
            const write = part
              ? store.put({ ...row, ...part, updated: new Date().toISOString() })
              : store.delete(row.id)
            write.onsuccess = () => {
              open.result.close()
              resolve()
            }
          }
        }
      }),
    [of, change] as const,
  )

test('two tabs see each other’s corrections at once, and a step back in one leaves the other’s', async ({
  page,
}) => {
  await fromShelf(page, title)
  const other = await inAnotherTab(page)
  await correct(page, '1 large egg', '2 medium eggs')
  await expect(line(other, '2 medium eggs')).toBeVisible()
  await expect(other.getByText('Brought up to what another tab did.')).toBeVisible()
  await correct(other, '¼ tsp salt', '1 tsp salt')
  await expect(line(page, '1 tsp salt')).toBeVisible()
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(line(page, '1 large egg')).toBeVisible()
  await expect(line(page, '1 tsp salt')).toBeVisible()
  await expect(line(other, '1 large egg')).toBeVisible()
  await reload(other)
  await expect(line(other, '1 large egg')).toBeVisible()
  await expect(line(other, '1 tsp salt')).toBeVisible()
})

test('what another tab changed unseen is brought together; the same one is asked about', async ({
  page,
}) => {
  await fromShelf(page, title)
  await isKept(page)
  await unseen(page, title, { tags: ['from elsewhere'] })
  await correct(page, '1 large egg', '2 medium eggs')
  await expect(
    page.getByText('Another tab changed this dessert as well; both are here.'),
  ).toBeVisible()
  await page
    .getByRole('navigation', { name: 'Stages of the work' })
    .getByRole('link', { name: /pan/ })
    .click()
  await expect(page.locator('.page[aria-busy="false"]')).toBeVisible()
  const size = (name: string) => page.getByRole('button', { name, exact: true })
  const clash = page.getByRole('alert').filter({ hasText: 'Another tab changed the size' })
  for (const [side, counts] of [
    ['What the other tab has', 'double'],
    ['What is here', 'half'],
  ] as const) {
    await size('as written').click()
    await isKept(page)
    await unseen(page, title, { size: { target: { by: 'times', times: 2 }, tins: [] } })
    await size('half').click()
    await expect(clash).toBeVisible()
    await expect(page.getByText('not saved: changed in another tab as well')).toBeVisible()
    await clash.getByRole('button', { name: side }).click()
    await expect(clash).toHaveCount(0)
    await reload(page)
    await expect(size(counts)).toHaveAttribute('aria-pressed', 'true')
  }
})

test('thrown away in one tab it does not come back from the other, unless one says so', async ({
  page,
}) => {
  await fromShelf(page, title)
  const other = await inAnotherTab(page)
  await atStart(page)
  await more(page, title, 'Throw away')
  const gone = other.getByRole('alert').filter({ hasText: 'was thrown away in another tab' })
  await expect(gone).toBeVisible()
  await correct(other, '1 large egg', '2 medium eggs')
  await expect(other.getByText('not saved: thrown away in another tab')).toBeVisible()
  await expect(page.getByRole('link', { name: new RegExp(title) })).toHaveCount(0)
  await gone.getByRole('button', { name: 'Keep it all the same' }).click()
  await expect(gone).toHaveCount(0)
  await expect(page.getByRole('link', { name: new RegExp(title) })).toBeVisible()
  await reload(other)
  await expect(line(other, '2 medium eggs')).toBeVisible()
})
