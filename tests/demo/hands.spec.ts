import { expect, test } from '@playwright/test'
import {
  atStart,
  expectAxeClean,
  expectNoSideways,
  fromShelf,
  recipeText,
  row,
  tooLow,
  toPlans,
  watchOutside,
  appIsKept,
  keepsTheApp,
  goTo,
  reload,
} from '../kitchen'

test('by keyboard alone: paste, correct, choose, reach the card', async ({ page }) => {
  await atStart(page)
  /** Presses Tab until the focus is on something whose name fits; gives up after a hundred. */
  const tabTo = async (name: RegExp) => {
    for (let i = 0; i < 100; i++) {
      await page.keyboard.press('Tab')
      const said = await page.evaluate(() => {
        const e = document.activeElement as HTMLElement | null
        return `${e?.getAttribute('aria-label') ?? ''} ${e?.id ?? ''} ${e?.innerText ?? ''}`
      })
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
  await tabTo(/Work out a version/)
  await tabTo(/Correct: 150 g plain flour/)
  for (
    let i = 0;
    i < 12 &&
    !/150 g butter/.test(
      await page.evaluate(() => document.activeElement?.getAttribute('aria-label') ?? ''),
    );
    i++
  )
    await page.keyboard.press('ArrowDown')
  await page.keyboard.press('Enter')
  await page.keyboard.press('Control+A')
  await page.keyboard.insertText('140 g butter, cold')
  await page.keyboard.press('Enter')
  await expect(row(page, '140 g butter, cold')).toBeVisible()
  await page.keyboard.press('Control+Z')
  await expect(row(page, '150 g butter, cold')).toBeVisible()
  await page.getByRole('link', { name: 'Work out a version' }).focus()
  await page.keyboard.press('Enter')
  await expect(page.getByRole('radiogroup', { name: 'Plans' })).toBeVisible()
  await tabTo(/The usual way/)
  await page.keyboard.press('ArrowDown')
  await expect(page.getByRole('radio').nth(1)).toHaveAttribute('aria-checked', 'true')
  await expect(page.getByRole('radio').nth(1)).toBeFocused()
  await tabTo(/Take this plan/)
  await page.keyboard.press('Enter')
  await expect(page.getByRole('button', { name: 'This is your plan' })).toBeVisible()
  await tabTo(/^\s*share\s*$/)
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
      await expect.poll(() => tooLow(page, 'main button, main a, nav a', 34)).toEqual([])
    }
    await atStart(page)
    await comfortable()
    await page
      .getByLabel('The recipe, as plain text or page source')
      .fill(recipeText('2-plum-traybake'))
    await page.getByRole('button', { name: 'Read it' }).tap()
    await expect(page.getByRole('heading', { name: 'What goes in' })).toBeVisible()
    await comfortable()
    await row(page, '200 g soft butter')
      .getByRole('button', { name: /Correct/ })
      .tap()
    await page.getByLabel('Correct the line 200 g soft butter').fill('190 g soft butter')
    await page.keyboard.press('Enter')
    await expect(row(page, '190 g soft butter')).toBeVisible()
    await page.getByRole('link', { name: 'Work out a version' }).tap()
    await expect(page.getByRole('radiogroup', { name: 'Plans' })).toBeVisible()
    await comfortable()
    await page.getByRole('button', { name: 'Take this plan' }).tap()
    await expect(page.getByRole('button', { name: 'This is your plan' })).toBeVisible()
    // At the counter, for a knuckle.
    await page
      .getByRole('navigation', { name: 'Stages of the work' })
      .getByRole('link', { name: 'make' })
      .tap()
    await page.getByRole('button', { name: 'Begin', exact: true }).tap()
    await expect(page.locator('#now')).not.toBeEmpty()
    await comfortable()
    const knuckle = 'main button, main summary, main input:not([type="file"])'
    await expect.poll(() => tooLow(page, knuckle, 63.5)).toEqual([])
    await page
      .getByRole('navigation', { name: 'Stages of the work' })
      .getByRole('link', { name: 'share' })
      .tap()
    await expect(page.getByRole('button', { name: 'Card as Markdown' })).toBeVisible()
    await comfortable()
    const [house] = await Promise.all([
      page.waitForEvent('download'),
      page.getByRole('button', { name: 'Whole house as a file' }).tap(),
    ])
    await page.getByRole('link', { name: 'House file' }).tap()
    await page.getByRole('button', { name: 'Empty this house' }).tap()
    await expect(page.getByText('0 people, 0 packets and 0 bakes')).toBeVisible()
    await page.getByLabel('House file to open').setInputFiles(await house.path())
    await expect(page.getByText('5 people, 6 packets and 8 bakes are kept')).toBeVisible()
    await comfortable()
  })
})

test.describe('with the app kept', () => {
  test.use(keepsTheApp)

  test('no request leaves the machine, and everything is there without a network', async ({
    page,
    context,
    baseURL,
  }) => {
    const outside = watchOutside(page, baseURL!)
    const seen: string[] = []
    page.on('request', request => seen.push(request.url()))
    await fromShelf(page, 'Plum streusel')
    await toPlans(page)
    await page.getByRole('button', { name: 'Take this plan' }).click()
    for (const path of ['/people', '/packet', '/settings', '/pantry', '/spoons'])
      await goTo(page, path)
    expect(seen.length).toBeGreaterThan(10)
    expect(outside).toEqual([])

    await appIsKept(page)
    await reload(page)
    await context.setOffline(true)
    await goTo(page, '/')
    await expect(page.getByRole('link', { name: /Plum streusel/ })).toBeVisible()
    await page.getByRole('link', { name: /Rye and hazelnut/ }).click()
    await expect(page.getByRole('heading', { name: 'What goes in' })).toBeVisible()
    await toPlans(page)
    await reload(page)
    await expect(page.getByRole('radiogroup', { name: 'Plans' })).toBeVisible()
    // At the counter too: the simulated scale then stands in this browser.
    await page
      .getByRole('navigation', { name: 'Stages of the work' })
      .getByRole('link', { name: 'make' })
      .click()
    await page.getByRole('button', { name: 'Begin', exact: true }).click()
    await page.getByRole('button', { name: 'Use a scale' }).click()
    await expect(page.getByText('in this browser: no server answers')).toBeVisible()
    await page.getByRole('article').locator('.acts .done').click()
    expect(outside).toEqual([])
  })
})

test('axe finds nothing on any page', { tag: '@long' }, async ({ page }) => {
  await atStart(page)
  await expectAxeClean(page)
  await fromShelf(page, 'Marble ring')
  await row(page, 'unsalted butter')
    .getByRole('button', { name: /Why not/ })
    .click()
  await expectAxeClean(page)
  await toPlans(page)
  await expectAxeClean(page)
  await page.getByRole('navigation').getByRole('link', { name: /^pan/ }).click()
  await expect(page.getByRole('heading', { name: 'In the oven' })).toBeVisible()
  await page.getByRole('button', { name: /a tin of your own/ }).click()
  await expectAxeClean(page)
  await page.getByRole('navigation').getByRole('link', { name: /^day/ }).click()
  await expect(page.getByRole('heading', { name: 'Hour by hour' })).toBeVisible()
  await expectAxeClean(page)
  await page.getByRole('navigation').getByRole('link', { name: /^make/ }).click()
  await page.getByRole('button', { name: 'Begin', exact: true }).click()
  await expect(page.getByRole('article')).toBeVisible()
  await page.getByRole('button', { name: 'Another timer' }).click()
  await page.getByRole('button', { name: 'Start', exact: true }).click()
  await page.getByText('Sound, screen, another device').click()
  await expectAxeClean(page)
  await page.getByRole('link', { name: 'share' }).click()
  await expect(page.getByRole('button', { name: 'Card as Markdown' })).toBeVisible()
  await expectAxeClean(page)
  await goTo(page, '/people')
  await page.getByRole('button', { name: 'Change Bram' }).click()
  await expect(page.getByLabel('Name', { exact: true })).toHaveValue('Bram')
  await expectAxeClean(page)
  await goTo(page, '/packet')
  await page.getByRole('button', { name: 'Open the packet Lighthouse Baking Block' }).click()
  await expect(page.getByText('Claims, shown and not believed')).toBeVisible()
  await expectAxeClean(page)
  await fromShelf(page, 'Cardamom meringue')
  await page
    .getByRole('navigation')
    .getByRole('link', { name: /packet/ })
    .click()
  await expect(page.getByRole('heading', { name: /Against traces/ })).toBeVisible()
  await expectAxeClean(page)
  await goTo(page, '/settings')
  await expect(page.getByRole('heading', { name: 'House file' })).toBeVisible()
  await expectAxeClean(page)
  await goTo(page, '/pantry')
  await page.getByRole('button', { name: 'Open agave syrup' }).click()
  await expect(page.getByRole('form', { name: 'Ingredient agave syrup' })).toBeVisible()
  await expectAxeClean(page)
  await goTo(page, '/spoons')
  await expect(page.getByRole('heading', { name: 'Your own spoons' })).toBeVisible()
  await expectAxeClean(page)
  await fromShelf(page, 'Plum streusel')
  await page.getByRole('tab', { name: 'The text' }).click()
  await expectAxeClean(page)
})
