import { readFileSync } from 'node:fs'
import { AxeBuilder } from '@axe-core/playwright'
import { expect, type Page } from '@playwright/test'

/** What every test of the interface does at the start page and on the way. */
export const recipeText = (name: string): string =>
  readFileSync(new URL(`../demo/recipes/${name}.txt`, import.meta.url), 'utf8')

/** What the page has taken in is on the disk: only then may it go. */
export async function isKept(page: Page) {
  await expect(page.locator('[data-writing]')).toHaveCount(0)
  await expect(page.getByText('saving …')).toHaveCount(0)
}

/** The page loaded once more, when what was done on it is kept. */
export async function reload(page: Page) {
  await isKept(page)
  await page.reload()
}

/** Another address, as typed above the page, when what was done on it is kept. */
export async function goTo(page: Page, address: string) {
  await isKept(page)
  await page.goto(address)
}

/** Opens the start page and waits until the house has been looked into. */
export async function atStart(page: Page) {
  await goTo(page, '/')
  await expect(page.getByRole('heading', { name: 'On the shelf' })).toBeVisible()
  await expect(page.getByText('Looking …')).toHaveCount(0)
}

/** Takes a bake from the shelf, as the demo household has it. */
export async function fromShelf(page: Page, title: string) {
  await atStart(page)
  await page
    .getByRole('region', { name: 'On the shelf' })
    .getByRole('link', { name: new RegExp(title) })
    .click()
  await expect(page.getByRole('heading', { name: 'What goes in' })).toBeVisible()
}

export async function paste(page: Page, text: string) {
  const field = page.getByLabel('The recipe, as plain text or page source')
  // A real paste is one insertion; the driver's own filling of 200 kB takes minutes.
  if (text.length < 20_000) await field.fill(text)
  else
    await field.evaluate((area, value) => {
      ;(area as HTMLTextAreaElement).value = value
      area.dispatchEvent(new Event('input', { bubbles: true }))
    }, text)
  await page.getByRole('button', { name: 'Read it' }).click()
}

/** Chooses from the menu behind a line, a step or a bake. */
export async function more(page: Page, of: string, what: string) {
  await page.getByRole('button', { name: `More for ${of}`, exact: true }).click()
  await page.getByRole('menuitem', { name: what }).click()
}

/**
 * A picture of the page. The browser now and then cannot take one while another window is drawn;
 * it is asked again then.
 */
export async function photoOf(
  page: Page,
  options?: { readonly clip: { x: number; y: number; width: number; height: number } },
): Promise<Buffer> {
  const taken: Buffer[] = []
  await expect(async () => {
    taken.push(await page.screenshot(options))
  }).toPass({ timeout: 10_000 })
  return taken[0]!
}

/** The photo of a printed card, drawn by the browser itself. */
export async function cardPhoto(
  page: Page,
  title: string,
  lines: readonly string[],
  steps: string,
): Promise<Buffer> {
  const desk = await page.context().newPage()
  await desk.setViewportSize({ width: 900, height: 900 })
  await desk.setContent(
    '<body style="margin:60px;font:32px/1.6 ' +
      'Georgia,serif;background:#fbf7ea;color:#222"><h1 ' +
      `style="font-size:46px">${title}</h1><p>${lines.join('<br>')}</p><p>${steps}</p></body>`,
  )
  const photo = await photoOf(desk)
  await desk.close()
  return photo
}

export const file = (name: string, content: string | Buffer, mimeType = 'text/plain') => ({
  name,
  mimeType,
  buffer: Buffer.from(content),
})

/** Nothing may be asked of any machine but the one that serves the app. */
export function watchOutside(page: Page, baseURL: string): string[] {
  const outside: string[] = []
  page.on('request', request => {
    const url = request.url()
    if (!url.startsWith(baseURL) && !/^(?:data|blob):/u.test(url)) outside.push(url)
  })
  return outside
}

/** The ledger's row of a line, by the words as written. */
export const row = (page: Page, words: string) => page.locator('li.line').filter({ hasText: words })

export async function toPlans(page: Page) {
  await page.getByRole('link', { name: /Work out a version|See what changes/ }).click()
  await expect(page.getByRole('radiogroup', { name: 'Plans' })).toBeVisible()
}

/** Nothing may stick out of a phone's side. */
export async function expectNoSideways(page: Page) {
  const [wide, seen] = await page.evaluate(() => [
    document.documentElement.scrollWidth,
    document.documentElement.clientWidth,
  ])
  expect(wide).toBeLessThanOrEqual(seen!)
}

/**
 * What matches and is lower than `least` pixels, by what it says. Looked at in one breath of the
 * page: what goes away between finding and measuring (a “Stop” beside something that ended) would
 * measure nothing.
 */
export function tooLow(page: Page, selector: string, least: number) {
  return page.evaluate(
    ([all, low]) =>
      [...document.querySelectorAll<HTMLElement>(all)]
        .filter(e => e.getClientRects().length > 0 && e.checkVisibility())
        .filter(e => e.getBoundingClientRect().height < low)
        .map(e => `${e.innerText} ${e.getAttribute('aria-label') ?? ''}`.trim()),
    [selector, least] as const,
  )
}

/**
 * What a test needs that goes without a network: all others do without the service worker, which
 * would fetch the whole app once more for each of them.
 */
export const keepsTheApp = { serviceWorkers: 'allow' } as const

/** Waits until the service worker has the whole app, so that the network can go. */
export async function appIsKept(page: Page) {
  const state = () =>
    page.evaluate(async () => (await navigator.serviceWorker.getRegistration())?.active?.state)
  await expect.poll(state).toBe('activated')
}

/** Rules of axe whose answer depends on the colours of a scheme. */
const ofColours = ['color-contrast', 'link-in-text-block']
/** A long page is worked through for half a minute on a slow machine. */
const patient = { timeout: 90_000 } as const

/**
 * Axe finds nothing on the page as it stands, within `main` or the whole of it: by every rule in the
 * light scheme, by those of colours in the dark one.
 */
export async function expectAxeClean(page: Page, within = 'html') {
  const violations = async (rules?: string[]) => {
    const axe = new AxeBuilder({ page }).include(within).setLegacyMode(true)
    // Only what is wrong is worked out in full.
    axe.options({ resultTypes: ['violations'] })
    const found = await (rules ? axe.withRules(rules) : axe).analyze()
    return found.violations.map(v => {
      const places = v.nodes.slice(0, 3).map(n => n.html.slice(0, 140))
      return `${v.id}: ${places.join(' | ')}`
    })
  }
  await expect.poll(() => violations(), patient).toEqual([])
  await page.emulateMedia({ colorScheme: 'dark' })
  await expect(page.locator('html')).toHaveClass(/dark/)
  await expect.poll(() => violations(ofColours), patient).toEqual([])
  await page.emulateMedia({ colorScheme: 'light' })
  await expect(page.locator('html')).not.toHaveClass(/dark/)
}

/**
 * Waits until nothing moves at the counter any more: what stands there is the same twice, and is in
 * the database. One press may change the card, its timers and what calls, one after the other.
 */
export async function counterIsStill(page: Page) {
  let before = ''
  const isSame = async () => {
    // A scale trembles and a count runs down: figures are not looked at.
    const now = (await page.locator('main').innerText()).replace(/\d+/gu, '')
    const isBusy = await page.locator('.top[aria-busy="true"]').count()
    const same = now === before && !isBusy
    before = now
    return same
  }
  await expect.poll(isSame, { intervals: [60] }).toBe(true)
}
