import { readFileSync } from 'node:fs'
import { expect, test, type Page } from '@playwright/test'
import { atStart, fromShelf, goTo, isKept, reload, toPlans } from '../kitchen'

const title = 'Dark sticky ginger loaf'
const stage = (page: Page, name: string) =>
  page
    .getByRole('navigation', { name: 'Stages of the work' })
    .getByRole('link', { name: new RegExp(name) })
const card = (page: Page) => page.getByRole('article')

type Bake = Readonly<Record<string, unknown>> & { readonly title: string }
/** The dessert as it is on the disk. */
const onDisk = (page: Page) =>
  page.evaluate(
    name =>
      new Promise<Bake>((resolve, reject) => {
        const opened = indexedDB.open('ingwer')
        opened.onerror = () => reject(new Error('not opened'))
        opened.onsuccess = () => {
          const all = opened.result.transaction('bakes').objectStore('bakes').getAll()
          all.onsuccess = () => {
            opened.result.close()
            resolve(all.result.find((bake: Bake) => bake.title === name))
          }
        }
      }),
    title,
  )
/** Loaded again, the dessert is as it was, to the gram. */
async function survives(page: Page) {
  await isKept(page)
  const before = await onDisk(page)
  await reload(page)
  await expect(page.getByRole('navigation', { name: 'Stages of the work' })).toBeVisible()
  await isKept(page)
  await expect.poll(() => onDisk(page)).toEqual(before)
  return before
}
const diskIsFull = (page: Page) =>
  page.evaluate(() => {
    for (const name of ['put', 'add'] as const)
      IDBObjectStore.prototype[name] = () => {
        throw new DOMException('No room is left.', 'QuotaExceededError')
      }
  })
/** What was weighed and told in the making, without when. */
const told = (bake: Bake) => (bake.making as { log: readonly { do: string }[] }).log

test('half a day’s work: loaded again, the tab killed, the disk full, on another device', async ({
  page,
  browser,
  baseURL,
}) => {
  await fromShelf(page, title)
  await page.getByRole('button', { name: 'Correct: 1 large egg', exact: true }).click()
  await page.getByLabel('Correct the line 1 large egg').fill('2 medium eggs')
  await page.keyboard.press('Enter')
  await expect(page.getByRole('button', { name: 'Correct: 2 medium eggs' })).toBeVisible()
  await survives(page)
  await toPlans(page)
  await page.getByRole('button', { name: 'Take this plan' }).click()
  const planned = await survives(page)
  expect(planned.plan).not.toBeNull()
  await stage(page, 'pan').click()
  await expect(page.locator('.page[aria-busy="false"]')).toBeVisible()
  await page.getByRole('button', { name: 'half', exact: true }).click()
  await expect(page.getByRole('button', { name: 'half', exact: true })).toHaveAttribute(
    'aria-pressed',
    'true',
  )
  expect((await survives(page)).size).toMatchObject({ target: { by: 'times', times: 0.5 } })
  await stage(page, 'make').click()
  await page.getByRole('button', { name: 'Begin', exact: true }).click()
  await expect(page.locator('#now')).not.toBeEmpty()
  await survives(page)
  await card(page).locator('.acts .done').click()
  await expect.poll(async () => told(await onDisk(page)).length).toBeGreaterThan(0)
  const before = await survives(page)

  // The tab is killed with a change under way: it is there whole, or not at all.
  const address = page.url()
  await expect(card(page)).toBeVisible()
  await card(page).locator('.acts .done').click({ noWaitAfter: true })
  await page.close({ runBeforeUnload: false })
  const again = await page.context().newPage()
  await goTo(again, address)
  await expect(card(again)).toBeVisible()
  const after = await onDisk(again)
  expect([told(before).length, told(before).length + 1]).toContain(told(after).length)
  expect(told(after).slice(0, told(before).length)).toEqual(told(before))
  expect({ ...after, making: null, updated: '' }).toEqual({ ...before, making: null, updated: '' })

  // The disk is full: the work goes on, and the file takes all of it.
  await diskIsFull(again)
  const now = await again.locator('#now').innerText()
  await card(again).locator('.acts .done').click()
  await expect(again.getByText('This device’s disk is full')).toBeVisible()
  await expect.poll(() => again.locator('#now').innerText()).not.toBe(now)
  const [download] = await Promise.all([
    again.waitForEvent('download'),
    again.getByRole('button', { name: 'Save the house file' }).click(),
  ])
  const house = JSON.parse(readFileSync(await download.path(), 'utf8')) as { bakes: Bake[] }
  const saved = house.bakes.find(bake => bake.title === title)!
  expect(told(saved).length).toBe(told(after).length + 1)
  expect(told(saved).slice(0, told(after).length)).toEqual(told(after))

  // Another device opens it, and everything is where it was.
  const other = await browser.newContext({ baseURL })
  const there = await other.newPage()
  await atStart(there)
  await goTo(there, '/settings')
  await there.getByLabel('House file to open').setInputFiles(await download.path())
  await there.getByRole('button', { name: 'Put the file’s house in place of this one' }).click()
  await expect(there.getByText(/are in the house now\./).first()).toBeVisible()
  await isKept(there)
  await expect.poll(() => onDisk(there)).toEqual(saved)
  await goTo(there, address)
  await expect(card(there)).toBeVisible()
  await other.close()
})
