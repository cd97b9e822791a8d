import { readFileSync } from 'node:fs'
import { expect, test, type Page } from '@playwright/test'
import { each } from '../each'
import { atStart, file, fromShelf, goTo, isKept, more, paste, reload } from '../kitchen'

const title = 'Dark sticky ginger loaf'
const shelf = (page: Page) => page.getByRole('region', { name: 'On the shelf' }).getByRole('link')
const aside = (page: Page) => page.getByRole('region', { name: 'Put aside' })
async function toHouse(page: Page) {
  await goTo(page, '/settings')
  await expect(page.getByRole('heading', { name: 'Your house' })).toBeVisible()
}
async function saved(page: Page) {
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Save the house file' }).first().click(),
  ])
  return readFileSync(await download.path(), 'utf8')
}
const open = (page: Page, name: string, content: string) =>
  page.getByLabel('House file to open').setInputFiles(file(name, content, 'application/json'))
const counts = (page: Page, words: string) =>
  expect(page.getByText(`${words} are kept in this browser`)).toBeVisible()

test('what is thrown away, leaves or is emptied lies aside for 30 days, and comes back whole', async ({
  page,
}) => {
  await atStart(page)
  await more(page, title, 'Throw away')
  await expect(shelf(page)).toHaveCount(6)
  await goTo(page, '/people')
  await page.getByRole('button', { name: /Bram.* leaves/ }).click()
  await expect(page.getByRole('heading', { name: 'Bram' })).toHaveCount(0)
  await toHouse(page)
  await counts(page, '4 people, 6 packets and 6 bakes')
  await reload(page)
  await expect(aside(page).getByRole('listitem')).toHaveCount(2)
  await expect(aside(page).getByText(/here until/)).toHaveCount(2)
  await page.getByRole('button', { name: `Bring back: “${title}” was thrown away` }).click()
  await page.getByRole('button', { name: 'Bring back: Bram left the house' }).click()
  await expect(aside(page).getByText('Nothing is put aside.')).toBeVisible()
  await counts(page, '5 people, 6 packets and 7 bakes')

  await page.getByRole('button', { name: 'Empty this house' }).click()
  await counts(page, '0 people, 0 packets and 0 bakes')
  await atStart(page)
  await page.getByRole('button', { name: 'Bring back the house that was here' }).click()
  await expect(shelf(page)).toHaveCount(7)
  await more(page, title, 'Throw away')
  await toHouse(page)
  const forget = page.getByRole('button', { name: /for good: “Dark/ })
  await forget.click()
  await page.getByRole('button', { name: 'Yes, gone for good' }).click()
  await expect(aside(page).getByText('Nothing is put aside.')).toBeVisible()
})

test('a house file is brought together with this house: the same is known, what differs is asked', async ({
  page,
}) => {
  await toHouse(page)
  await counts(page, '5 people, 6 packets and 7 bakes')
  const before = await saved(page)
  const house = JSON.parse(before)
  // On another device: somebody new, another strictness, a dessert under another name and id.
  house.people.push({ id: 'cy', name: 'Cyril', avoids: [], diets: ['vegan'] })
  house.people[0].note = 'asked the clinic'
  const [first, second] = house.bakes
  first.tags = ['from there']
  house.bakes = [first, { ...second, id: 'another-id' }]
  await open(page, 'other.json', JSON.stringify(house))
  const met = page.getByRole('region', { name: '“other.json” beside this house' })
  await expect(met.getByText(/New: 1 person\./)).toBeVisible()
  await expect(met.getByText(/Otherwise here: 1 person and 1 bake\./)).toBeVisible()
  const both = met.getByRole('button', { name: 'Bring both together' })
  await expect(both).toBeDisabled()
  await met.getByRole('button', { name: 'All as here' }).click()
  await met
    .getByRole('group', { name: `Which counts: ${first.title}` })
    .getByRole('button', { name: 'both, beside each other' })
    .click()
  await both.click()
  await counts(page, '6 people, 6 packets and 8 bakes')
  await expect(
    page.getByText('Both are one house now: 6 people and 8 bakes.', { exact: true }),
  ).toBeVisible()
  await reload(page)
  await counts(page, '6 people, 6 packets and 8 bakes')
  await atStart(page)
  await expect(shelf(page).filter({ hasText: `${first.title} (from the file)` })).toHaveCount(1)
  await toHouse(page)
  await page.getByRole('button', { name: /Bring back: The house as it was before “other/ }).click()
  await counts(page, '5 people, 6 packets and 7 bakes')
  const after = JSON.parse(await saved(page))
  expect({ ...after, exported: '' }).toEqual({ ...JSON.parse(before), exported: '' })
})

test('a large house file says how far it is and can be stopped; nothing is changed', async ({
  page,
}) => {
  await toHouse(page)
  const text = await saved(page)
  // Made in the browser: handing 50 MB over would take longer than reading them.
  await page.getByLabel('House file to open').evaluate((input, small) => {
    const house = JSON.parse(small)
    const photo = `data:image/png;base64,${'A'.repeat(2_000_000)}`
    house.photos = Array.from({ length: 25 }, (_, i) => ({
      id: `p${i}`,
      bake: 'demo-1',
      data: photo,
    }))
    const files = new DataTransfer()
    files.items.add(new File([JSON.stringify(house)], 'large.json', { type: 'application/json' }))
    const field = input as HTMLInputElement
    field.files = files.files
    field.dispatchEvent(new Event('change', { bubbles: true }))
  }, text)
  await expect(page.getByLabel('How far the file is read')).toBeVisible()
  await page.getByRole('button', { name: 'Stop' }).click()
  await expect(page.getByLabel('How far the file is read')).toHaveCount(0)
  await expect(page.getByRole('region', { name: /beside this house/ })).toHaveCount(0)
  await counts(page, '5 people, 6 packets and 7 bakes')
})

/** From now on no write gets onto this browser's disk; false: it does again. */
const diskIsFull = (page: Page, is: boolean) =>
  page.evaluate(full => {
    const all = globalThis as { isFull?: boolean; isSpoiled?: boolean }
    all.isFull = full
    if (all.isSpoiled) return
    all.isSpoiled = true
    for (const name of ['put', 'add'] as const) {
      const real = IDBObjectStore.prototype[name]
      IDBObjectStore.prototype[name] = function (this: IDBObjectStore, ...args) {
        if (all.isFull) throw new DOMException('No room is left.', 'QuotaExceededError')
        return real.apply(this, args)
      }
    }
  }, is)

test('the disk runs full amid the work: it goes on, the file takes it, and the disk again', async ({
  page,
}) => {
  await fromShelf(page, title)
  await isKept(page)
  await diskIsFull(page, true)
  await page.getByRole('button', { name: 'Correct: 1 large egg', exact: true }).click()
  await page.getByLabel('Correct the line 1 large egg').fill('2 medium eggs')
  await page.keyboard.press('Enter')
  const alert = page.getByRole('alert').filter({ hasText: 'This device’s disk is full' })
  await expect(alert).toBeVisible()
  await expect(alert.getByText(/changes? (?:is|are) in no file/)).toBeVisible()
  await page.getByRole('link', { name: 'Ingwer, start page' }).click()
  await paste(page, 'Lantern buns\n\n200 g plain flour\n80 g sugar\n2 eggs')
  await expect(page.getByRole('heading', { name: 'What goes in' })).toBeVisible()
  const house = JSON.parse(await saved(page))
  expect(house.bakes.map((bake: { title: string }) => bake.title)).toContain('Lantern buns')
  await expect(alert.getByText('Nothing is unsaved now.')).toBeVisible()
  await alert.getByRole('button', { name: 'Try the disk again' }).click()
  await expect(alert.getByText('The disk still does not take it.')).toBeVisible()
  await diskIsFull(page, false)
  await alert.getByRole('button', { name: 'Try the disk again' }).click()
  await expect(alert).toHaveCount(0)
  await reload(page)
  await expect(page.getByRole('heading', { name: 'What goes in' })).toBeVisible()
  await fromShelf(page, title)
  await expect(page.getByRole('button', { name: 'Correct: 2 medium eggs' })).toBeVisible()
})

test.describe('where the browser keeps nothing', () => {
  for (const [how, name, sentence] of each([
    ['a private window', 'InvalidStateError', /keeps nothing for this page: a private window/],
    ['a newer version', 'VersionError', /A newer Ingwer has taken over this house/],
    ['a broken database', 'UnknownError', /cannot be opened or written to/],
  ] as const))
    test(`${how}: which it is, and the whole job all the same`, async ({ page }) => {
      await page.addInitScript(error => {
        IDBFactory.prototype.open = () => {
          throw new DOMException('It does not open.', error)
        }
      }, name)
      await atStart(page)
      await expect(page.getByRole('alert').filter({ hasText: sentence })).toBeVisible()
      await expect(shelf(page)).toHaveCount(7)
      await page.getByRole('link', { name: new RegExp(title) }).click()
      await expect(page.getByRole('heading', { name: 'What goes in' })).toBeVisible()
      const house = JSON.parse(await saved(page))
      expect(house.bakes).toHaveLength(7)
    })
})

test('a file keeps itself current, waits for a touch where the browser wants one, and is let go', async ({
  page,
}) => {
  // A file of the browser's own instead of the dialog of the device, which nobody can press here.
  await page.addInitScript(() => {
    Object.assign(globalThis, {
      showSaveFilePicker: async () => {
        const root = await navigator.storage.getDirectory()
        return root.getFileHandle('ingwer-house.json', { create: true })
      },
    })
  })
  const written = () =>
    page.evaluate(async () => {
      const root = await navigator.storage.getDirectory()
      const handle = await root.getFileHandle('ingwer-house.json', { create: true })
      // While the browser puts a new file in the place of the old one, there is none to be read.
      const file = await handle.getFile().then(
        found => found,
        (error: DOMException) => (error.name === 'NotFoundError' ? null : error),
      )
      if (file instanceof DOMException) throw file
      return file === null ? 'not there now' : file.text()
    })
  await toHouse(page)
  await page.getByRole('button', { name: 'Keep a file current by itself' }).click()
  await expect(page.getByText('“ingwer-house.json” is kept current by itself.')).toBeVisible()
  await expect.poll(async () => (await written()).length).toBeGreaterThan(10_000)
  await atStart(page)
  await more(page, title, 'Throw away')
  await expect
    .poll(written)
    .toEqual(expect.not.stringMatching(new RegExp(`^not there now$|"title": "${title}"`)))
  await toHouse(page)
  await page.getByRole('button', { name: 'Keep it no longer' }).click()
  await expect(page.getByRole('button', { name: 'Keep a file current by itself' })).toBeVisible()
})

test('new work that is in no file for weeks is worth a word, which can wait a week', async ({
  page,
}) => {
  await page.clock.install()
  await atStart(page)
  await expect(shelf(page)).toHaveCount(7)
  const word = page.getByRole('status').filter({ hasText: 'no house file was ever saved' })
  await expect(word).toHaveCount(0)
  await page.clock.setSystemTime(Date.now() + 15 * 86_400_000)
  await goTo(page, '/')
  await expect(word).toBeVisible()
  await word.getByRole('button', { name: 'In a week' }).click()
  await expect(word).toHaveCount(0)
  await page.clock.setSystemTime(Date.now() + 23 * 86_400_000)
  await goTo(page, '/')
  await word.getByRole('button', { name: 'Save the house file' }).click()
  await expect(word).toHaveCount(0)
})

test('rows that cannot be read: they are set aside with a sentence, and every page works', async ({
  page,
}) => {
  await atStart(page)
  await expect(shelf(page)).toHaveCount(7)
  await isKept(page)
  await page.evaluate(
    () =>
      new Promise<void>((resolve, reject) => {
        const opened = indexedDB.open('ingwer')
        opened.onerror = () => reject(new Error('not opened'))
        opened.onsuccess = () => {
          const change = opened.result.transaction(['shelf', 'bakes', 'people'], 'readwrite')
          const spoil = (table: string, by: (row: Record<string, unknown>) => void) => {
            const rows = change.objectStore(table)
            const all = rows.getAll()
            all.onsuccess = () => {
              const row = all.result.find(
                (each: { id: string; name?: string }) =>
                  each.id === 'demo-1' || each.name === 'Bram',
              )
              by(row)
              rows.put(row)
            }
          }
          spoil('shelf', row => delete row.tags)
          spoil('bakes', row => delete row.recipe)
          spoil('people', row => delete row.avoids)
          change.oncomplete = () => {
            opened.result.close()
            resolve()
          }
        }
      }),
  )
  await reload(page)
  const alert = page.getByRole('alert').filter({ hasText: 'Not everything in this house holds' })
  await expect(alert).toContainText(/The bake “.*” does not hold together/)
  await expect(alert).toContainText(/The person “Bram” does not hold together/)
  await expect(shelf(page)).toHaveCount(6)
  await goTo(page, '/people')
  await expect(page.getByRole('heading', { name: 'Bram' })).toBeVisible()
  await expect(page.getByText(/Until you say it again, they avoid everything/)).toBeVisible()
  await toHouse(page)
  const house = JSON.parse(await saved(page))
  expect(house.aside.map((each: { kind: string }) => each.kind).sort()).toEqual(['bake', 'person'])
})

test('a newer Ingwer takes over the house in another tab: this one goes on and says it', async ({
  page,
}) => {
  await fromShelf(page, title)
  await isKept(page)
  // What a newer version does when it opens the house.
  const isOpened = await page.evaluate(
    () =>
      new Promise<boolean>(resolve => {
        const newer = indexedDB.open('ingwer', 999)
        newer.onsuccess = () => {
          newer.result.close()
          resolve(true)
        }
        newer.onerror = () => resolve(false)
      }),
  )
  expect(isOpened).toBe(true)
  const alert = page.getByRole('alert').filter({ hasText: 'A newer Ingwer has taken over' })
  await expect(alert).toBeVisible()
  await page.getByRole('button', { name: 'Correct: 1 large egg', exact: true }).click()
  await page.getByLabel('Correct the line 1 large egg').fill('2 medium eggs')
  await page.keyboard.press('Enter')
  await expect(alert.getByText(/in no file and on no disk/)).toBeVisible()
  const house = JSON.parse(await saved(page))
  expect(JSON.stringify(house.bakes)).toContain('2 medium eggs')
})

test('a write that failed where nobody waited for it is said', async ({ page }) => {
  await atStart(page)
  await page.evaluate(() => {
    void Promise.reject(Object.assign(new Error('This could not be kept.'), { name: 'NotKept' }))
  })
  await expect(page.getByText('This could not be kept.', { exact: true })).toBeVisible()
})
