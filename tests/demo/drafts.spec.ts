import { createServer, request, type Server } from 'node:http'
import { expect, test, type Page } from '@playwright/test'
import { each } from '../each'
import { appIsKept, atStart, fromShelf, goTo, keepsTheApp, reload } from '../kitchen'

const title = 'Dark sticky ginger loaf'
const stage = (page: Page, name: string) =>
  page
    .getByRole('navigation', { name: 'Stages of the work' })
    .getByRole('link', { name: new RegExp(name) })

interface Form {
  readonly name: string
  /** Goes where it is, opens it and types. */
  readonly type: (page: Page) => Promise<void>
  /** What was typed stands there. */
  readonly isThere: (page: Page) => Promise<void>
}
const statement = (page: Page) => page.getByLabel('Ingredient statement')
const forms: readonly Form[] = [
  {
    name: 'somebody new, and what they avoid',
    type: async page => {
      await goTo(page, '/people')
      await page.getByRole('button', { name: 'Someone new' }).click()
      await page.getByLabel('Name', { exact: true }).fill('Cyril')
      await page.getByRole('button', { name: 'sesame', exact: true }).click()
    },
    isThere: async page => {
      await expect(page.getByLabel('Name', { exact: true })).toHaveValue('Cyril')
      await expect(page.getByRole('group', { name: 'How strictly: sesame' })).toBeVisible()
      await expect(page.getByText('What you had typed before is back.')).toBeVisible()
    },
  },
  {
    name: 'a set of people',
    type: async page => {
      await goTo(page, '/people')
      await page.getByRole('button', { name: 'New set' }).click()
      await page.getByLabel('Name of the set').fill('Saturday')
    },
    isThere: page => expect(page.getByLabel('Name of the set')).toHaveValue('Saturday'),
  },
  {
    name: 'a packet',
    type: async page => {
      await goTo(page, '/packet')
      await page.getByRole('button', { name: 'New packet' }).click()
      await page.getByLabel('Name on the front').fill('Oat flakes')
      await statement(page).fill('oats, may contain wheat')
    },
    isThere: async page => {
      await expect(page.getByLabel('Name on the front')).toHaveValue('Oat flakes')
      await expect(statement(page)).toHaveValue('oats, may contain wheat')
    },
  },
  {
    name: 'an ingredient of the pantry',
    type: async page => {
      await goTo(page, '/pantry')
      await page.getByRole('button', { name: 'New ingredient' }).click()
      await page.getByLabel('Name', { exact: true }).fill('Fizzwhip')
    },
    isThere: page => expect(page.getByLabel('Name', { exact: true })).toHaveValue('Fizzwhip'),
  },
  {
    name: 'a tin',
    type: async page => {
      await fromShelf(page, title)
      await stage(page, 'pan').click()
      await page.getByRole('button', { name: 'a tin of your own' }).click()
      await page.getByLabel('What you call it').fill('The dented one')
    },
    isThere: page => expect(page.getByLabel('What you call it')).toHaveValue('The dented one'),
  },
  {
    name: 'a part that is missing',
    type: async page => {
      await fromShelf(page, title)
      await page.getByRole('button', { name: 'A part is missing' }).click()
      await page.getByLabel('Name of the new part').fill('glaze')
    },
    isThere: page => expect(page.getByLabel('Name of the new part')).toHaveValue('glaze'),
  },
  {
    name: 'a line that is corrected',
    type: async page => {
      await fromShelf(page, title)
      await page.getByRole('button', { name: 'Correct: 1 large egg', exact: true }).click()
      await page.getByLabel('Correct the line 1 large egg').fill('2 medium')
    },
    isThere: page =>
      expect(page.getByLabel('Correct the line 1 large egg')).toHaveValue('2 medium'),
  },
]

for (const { name, type, isThere } of each(forms))
  test(`half typed and loaded again, or left and come back to: ${name}`, async ({ page }) => {
    await type(page)
    await reload(page)
    await isThere(page)
    const address = page.url()
    await page.getByRole('link', { name: 'House file' }).click()
    await expect(page.getByRole('heading', { name: 'Your house' })).toBeVisible()
    await goTo(page, address)
    await isThere(page)
  })

test('what is kept or left is a draft no more', async ({ page }) => {
  await forms[0]!.type(page)
  await page.getByRole('button', { name: 'Keep Cyril' }).click()
  await expect(page.getByRole('heading', { name: 'Cyril' })).toBeVisible()
  await page.getByRole('button', { name: 'Someone new' }).click()
  await expect(page.getByLabel('Name', { exact: true })).toHaveValue('')
  await forms[2]!.type(page)
  await page.getByRole('button', { name: 'Leave it' }).click()
  await reload(page)
  await expect(page.getByLabel('Name on the front')).toHaveCount(0)
  await page.getByRole('button', { name: 'New packet' }).click()
  await expect(statement(page)).toHaveValue('')
})

test.describe('a new version', () => {
  test.use(keepsTheApp)
  /** The app once more at another address, whose service worker changes when it is told to. */
  async function other(
    baseURL: string,
  ): Promise<{ server: Server; url: string; renew: () => void }> {
    let version = 0
    const server = createServer((asked, answer) => {
      const to = new URL(asked.url ?? '/', baseURL)
      if (to.pathname === '/sw.js') {
        void fetch(to).then(async from => {
          answer.writeHead(200, { 'content-type': 'application/javascript' })
          answer.end(`${await from.text()}\n// ${version}`)
        })
        return
      }
      asked.pipe(
        request(to, { method: asked.method, headers: asked.headers }, from => {
          answer.writeHead(from.statusCode ?? 500, from.headers)
          from.pipe(answer)
        }),
      )
    })
    await new Promise<void>(resolve => server.listen(0, '127.0.0.1', resolve))
    const address = server.address()
    const port = typeof address === 'object' ? address?.port : 0
    return { server, url: `http://127.0.0.1:${port}`, renew: () => (version += 1) }
  }
  test('waits until somebody says yes; what is half typed is there afterwards', async ({
    page,
    baseURL,
  }) => {
    const { server, url, renew } = await other(baseURL!)
    try {
      await goTo(page, url)
      await expect(page.getByRole('heading', { name: 'On the shelf' })).toBeVisible()
      await appIsKept(page)
      await reload(page)
      renew()
      await page.getByLabel('The recipe, as plain text or page source').fill('Half a recipe')
      await page.evaluate(async () => (await navigator.serviceWorker.ready).update())
      const bar = page.getByRole('status').filter({ hasText: 'A new Ingwer is here.' })
      await expect(bar).toBeVisible()
      await expect(page.getByLabel('The recipe, as plain text or page source')).toHaveValue(
        'Half a recipe',
      )
      await bar.getByRole('button', { name: 'Take it now' }).click()
      await expect(bar).toHaveCount(0)
      await expect(page.getByLabel('The recipe, as plain text or page source')).toHaveValue(
        'Half a recipe',
      )
    } finally {
      server.closeAllConnections()
      server.close()
    }
  })
})

test('after a reload timers are silent until one touches the page or presses a key, and it says so', async ({
  page,
}) => {
  await fromShelf(page, title)
  await stage(page, 'make').click()
  await page.getByRole('button', { name: 'Begin', exact: true }).click()
  await expect(page.locator('#now')).not.toBeEmpty()
  const word = page.getByText('No sound until you touch the page or press a key.')
  await expect(word).toHaveCount(0)
  await reload(page)
  await expect(word).toBeVisible()
  await page.keyboard.press('ArrowDown')
  await expect(word).toHaveCount(0)
  await reload(page)
  await atStart(page)
  await expect(word).toBeVisible()
  await page.getByRole('heading', { name: 'On the shelf' }).click()
  await expect(word).toHaveCount(0)
})
