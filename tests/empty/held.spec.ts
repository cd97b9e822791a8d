import { expect, test } from '@playwright/test'
import { atStart, goTo, isKept, paste } from '../kitchen'

test('another tab holds an older version of the house: it is said, and both come together', async ({
  page,
}) => {
  // A tab of an older Ingwer that does not give way: its tables, and somebody who lives there.
  const older = await page.context().newPage()
  await goTo(older, '/icon.svg')
  await older.evaluate(
    () =>
      new Promise<void>((resolve, reject) => {
        const opened = indexedDB.open('ingwer', 50)
        opened.onerror = () => reject(new Error('not opened'))
        opened.onupgradeneeded = () => {
          const house = opened.result
          const people = house.createObjectStore('people', { keyPath: 'seat', autoIncrement: true })
          people.createIndex('id', 'id', { unique: true })
          for (const [name, keyPath, ...indexes] of [
            ['bakes', 'id', 'updated'],
            ['shelf', 'id', 'updated'],
            ['facts', 'key'],
            ['pictures', 'bake'],
            ['groups', 'id'],
            ['packets', 'id', 'ingredient'],
            ['labels', 'packet'],
            ['photos', 'id', 'bake'],
          ] as const) {
            const table = house.createObjectStore(name, { keyPath })
            for (const index of indexes) table.createIndex(index, index)
          }
          people.add({ id: 'ottilie', name: 'Ottilie', avoids: [], diets: ['vegan'] })
        }
        opened.onsuccess = () => {
          Object.assign(globalThis, { held: opened.result })
          resolve()
        }
      }),
  )
  await atStart(page)
  const alert = page.getByRole('alert').filter({ hasText: 'Another tab holds an older Ingwer' })
  await expect(alert).toBeVisible()
  await paste(page, 'Lantern buns\n\n200 g plain flour\n80 g sugar\n2 eggs')
  await expect(page.getByRole('heading', { name: 'What goes in' })).toBeVisible()
  await isKept(page)
  await older.evaluate(() => (globalThis as unknown as { held: IDBDatabase }).held.close())
  await alert.getByRole('button', { name: 'Try the disk again' }).click()
  await expect(alert).toHaveCount(0)
  await goTo(page, '/people')
  await expect(page.getByRole('heading', { name: 'Ottilie' })).toBeVisible()
  await atStart(page)
  await expect(page.getByRole('link', { name: /Lantern buns/ })).toBeVisible()
})
