import { AxeBuilder } from '@axe-core/playwright'
import { expect, test, type Page } from '@playwright/test'
import { atStart, expectNoSideways, fromShelf, recipeText, row, toPlans } from '../kitchen'

test('by keyboard alone: paste, correct, choose, reach the card', async ({ page }) => {
  await atStart(page)
  /** Presses Tab until the focus is on something whose name fits; gives up after sixty. */
  const tabTo = async (name: RegExp) => {
    for (let i = 0; i < 60; i++) {
      await page.keyboard.press('Tab')
      const said = await page.evaluate(() => { const e = document.activeElement as HTMLElement | null; return `${e?.getAttribute('aria-label') ?? ''} ${e?.id ?? ''} ${e?.innerText ?? ''}` })
      if (name.test(said)) return
    }
    throw new Error(`no way by Tab to ${name}`)
  }
  await tabTo(/To the work/)
  await page.keyboard.press('Enter')
  await tabTo(/paste/)
  await page.keyboard.insertText(recipeText('3-rye-shortbread'))
  await tabTo(/Wren/)
  await page.keyboard.press('Space')
  await expect(page.getByRole('button', { name: 'Wren' })).toHaveAttribute('aria-pressed', 'false')
  await tabTo(/Read it/)
  await page.keyboard.press('Enter')
  await expect(page.getByRole('heading', { name: 'What goes in' })).toBeVisible()
  await tabTo(/Correct: 150 g butter/)
  await page.keyboard.press('Enter')
  await page.keyboard.press('Control+A')
  await page.keyboard.insertText('140 g butter, cold')
  await page.keyboard.press('Enter')
  await expect(row(page, '140 g butter, cold')).toBeVisible()
  await page.keyboard.press('Control+Z')
  await expect(row(page, '150 g butter, cold')).toBeVisible()
  await tabTo(/Work out a version/)
  await page.keyboard.press('Enter')
  await expect(page.getByRole('radiogroup', { name: 'Plans' })).toBeVisible()
  await tabTo(/Closest/)
  await page.keyboard.press('ArrowDown')
  await expect(page.getByRole('radio').nth(1)).toHaveAttribute('aria-checked', 'true')
  await expect(page.getByRole('radio').nth(1)).toBeFocused()
  await tabTo(/Take this plan/)
  await page.keyboard.press('Enter')
  await expect(page.getByRole('button', { name: 'This is your plan' })).toBeVisible()
  await tabTo(/^\s*To the card\s*$/)
  await page.keyboard.press('Enter')
  await expect(page.getByRole('button', { name: 'Card as Markdown' })).toBeVisible()
  await tabTo(/Card as Markdown/)
  const [card] = await Promise.all([page.waitForEvent('download'), page.keyboard.press('Enter')])
  expect(card.suggestedFilename()).toBe('rye-and-hazelnut-shortbread.md')
  await tabTo(/Whole house as a file/)
  const [house] = await Promise.all([page.waitForEvent('download'), page.keyboard.press('Enter')])
  expect(house.suggestedFilename()).toBe('ingwer-house.json')
})

test.describe('on a phone', () => {
  test.use({ viewport: { width: 390, height: 844 }, hasTouch: true })

  test('the whole way by touch, nothing sideways, nothing too small to hit', async ({ page }) => {
    const comfortable = async () => {
      await expectNoSideways(page)
      const small = await page.locator('main button:visible, main a:visible, nav a:visible').evaluateAll(all => all.filter(e => e.getBoundingClientRect().height < 34).map(e => (e as HTMLElement).innerText))
      expect(small).toEqual([])
    }
    await atStart(page)
    await comfortable()
    await page.getByLabel('The recipe, as plain text').fill(recipeText('2-plum-traybake'))
    await page.getByRole('button', { name: 'Read it' }).tap()
    await expect(page.getByRole('heading', { name: 'What goes in' })).toBeVisible()
    await comfortable()
    await row(page, '200 g soft butter').getByRole('button', { name: /Correct/ }).tap()
    await page.getByLabel('Correct the line 200 g soft butter').fill('190 g soft butter')
    await page.keyboard.press('Enter')
    await expect(row(page, '190 g soft butter')).toBeVisible()
    await page.getByRole('link', { name: 'Work out a version' }).tap()
    await expect(page.getByRole('radiogroup', { name: 'Plans' })).toBeVisible()
    await comfortable()
    await page.getByRole('button', { name: 'Take this plan' }).tap()
    await expect(page.getByRole('button', { name: 'This is your plan' })).toBeVisible()
    await page.getByRole('navigation', { name: 'Stages of the work' }).getByRole('link', { name: 'share' }).tap()
    await expect(page.getByRole('button', { name: 'Card as Markdown' })).toBeVisible()
    await comfortable()
    const [house] = await Promise.all([page.waitForEvent('download'), page.getByRole('button', { name: 'Whole house as a file' }).tap()])
    await page.getByRole('link', { name: 'House file' }).tap()
    await page.getByRole('button', { name: 'Empty this house' }).tap()
    await expect(page.getByText('0 people and 0 bakes')).toBeVisible()
    await page.getByLabel('House file to open').setInputFiles(await house.path())
    await expect(page.getByText('5 people and 8 bakes are kept')).toBeVisible()
    await comfortable()
  })
})

test('no request leaves the machine, and everything is there without a network', async ({ page, context, baseURL }) => {
  const outside: string[] = []
  const seen: string[] = []
  page.on('request', (request) => {
    const url = request.url()
    seen.push(url)
    if (!url.startsWith(baseURL!) && !/^(?:data|blob):/.test(url)) outside.push(url)
  })
  await fromShelf(page, 'Plum streusel')
  await toPlans(page)
  await page.getByRole('button', { name: 'Take this plan' }).click()
  await page.goto('/people')
  await page.goto('/settings')
  expect(seen.length).toBeGreaterThan(10)
  expect(outside).toEqual([])

  await page.evaluate(() => navigator.serviceWorker.ready.then(() => undefined))
  await page.reload()
  await context.setOffline(true)
  await page.goto('/')
  await expect(page.getByRole('link', { name: /Plum streusel/ })).toBeVisible()
  await page.getByRole('link', { name: /Rye and hazelnut/ }).click()
  await expect(page.getByRole('heading', { name: 'What goes in' })).toBeVisible()
  await toPlans(page)
  await page.reload()
  await expect(page.getByRole('radiogroup', { name: 'Plans' })).toBeVisible()
  expect(outside).toEqual([])
})

async function serious(page: Page) {
  const { violations } = await new AxeBuilder({ page }).analyze()
  return violations.filter(v => v.impact === 'serious' || v.impact === 'critical').map(v => `${v.id}: ${v.nodes.slice(0, 3).map(n => n.html.slice(0, 120)).join(' | ')}`)
}
for (const scheme of ['light', 'dark'] as const) {
  test(`axe finds nothing serious on any page (${scheme})`, async ({ page }) => {
    await page.emulateMedia({ colorScheme: scheme, reducedMotion: 'reduce' })
    await atStart(page)
    expect(await serious(page)).toEqual([])
    await fromShelf(page, 'Marble ring')
    await row(page, 'unsalted butter').getByRole('button', { name: /Why not/ }).click()
    expect(await serious(page)).toEqual([])
    await toPlans(page)
    expect(await serious(page)).toEqual([])
    await page.getByRole('link', { name: 'share' }).click()
    await expect(page.getByRole('button', { name: 'Card as Markdown' })).toBeVisible()
    expect(await serious(page)).toEqual([])
    await page.goto('/people')
    await page.getByRole('button', { name: 'Change Bram' }).click()
    await expect(page.getByLabel('Name')).toHaveValue('Bram')
    expect(await serious(page)).toEqual([])
    await page.goto('/settings')
    await expect(page.getByRole('heading', { name: 'House file' })).toBeVisible()
    expect(await serious(page)).toEqual([])
  })
}
