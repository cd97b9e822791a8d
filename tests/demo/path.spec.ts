import { readFileSync } from 'node:fs'
import { expect, test } from '@playwright/test'
import { fromShelf, row, toPlans, atStart, goTo, reload } from '../kitchen'

test('from the shelf to a chosen plan, kept over a reload, and out as card and house file', async ({
  page,
}) => {
  await fromShelf(page, 'Dark sticky ginger loaf')

  // The lines with grams, the words as written, and the beads of who cannot eat them.
  await expect(row(page, '240 ml whole milk')).toContainText('246')
  await expect(row(page, '240 ml whole milk')).toContainText('read as milk')
  await expect(row(page, '1 tsp bicarbonate of soda')).toContainText('4.8')
  await row(page, '115 g butter')
    .getByRole('button', { name: /Why not: Bram contains, Ikenna contains/ })
    .click()
  await expect(row(page, '115 g butter')).toContainText('Bram, contains: butter contains milk.')
  await expect(row(page, '115 g butter')).toContainText(
    'Ikenna, contains: butter contains milk (vegan).',
  )

  // A line is corrected in place, and the correction can be taken back.
  await row(page, '1 large egg').getByRole('button', { name: 'Correct: 1 large egg' }).click()
  await page.getByLabel('Correct the line 1 large egg').fill('2 medium eggs')
  await page.keyboard.press('Enter')
  await expect(row(page, '2 medium eggs')).toContainText('102')
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(row(page, '1 large egg')).toContainText('60')

  // Up to three plans, each with grams and kitchen amounts, why, balance, packets.
  await toPlans(page)
  const plans = page.getByRole('radio')
  await expect.poll(() => plans.count()).toBeGreaterThan(1)
  await expect(page.getByRole('heading', { name: 'For all 5' })).toBeVisible()
  const changes = page.getByRole('region', { name: 'Every change, and why' })
  await expect(changes).toContainText(/115 g butter.*→.*becomes.*\d+ g block plant butter \(.*cup/s)
  await changes.getByText('Why').first().click()
  await expect(changes).toContainText(/brought .* g starch.*Source: \[P\]/s)
  const water = page.getByRole('button', { name: /^water .* as written, .* now; within/ })
  await water.click()
  await expect(page.getByText(/352 g as written/)).toBeVisible()
  await expect(page.getByText(/block plant butter: look for milk/i)).toBeVisible()
  await expect(page.getByRole('heading', { name: 'What will differ' })).toBeVisible()

  // The second plan is another one.
  const before = await changes.innerText()
  await plans.nth(1).click()
  await expect.poll(() => changes.innerText()).not.toBe(before)
  await plans.nth(0).click()
  await page.getByRole('button', { name: 'Take this plan' }).click()
  await expect(page.getByRole('button', { name: 'This is your plan' })).toBeDisabled()
  await expect(page.getByRole('status').filter({ hasText: 'saved in this browser' })).toBeVisible()

  // A change of the table sets the plan aside and says so; undo brings it back.
  await page.getByRole('button', { name: 'Wren eats' }).click()
  await expect(
    page.getByRole('status').filter({ hasText: 'The chosen plan is set aside' }),
  ).toBeVisible()
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(page.getByRole('button', { name: 'This is your plan' })).toBeVisible()

  await reload(page)
  await expect(page.getByRole('button', { name: 'This is your plan' })).toBeVisible()
  await atStart(page)
  await expect(page.getByRole('link', { name: /Dark sticky ginger loaf closest, / })).toBeVisible()

  // The card as Markdown.
  await page.getByRole('link', { name: /Dark sticky ginger loaf/ }).click()
  // On the start page the stages lead to no bake.
  await expect(page).toHaveURL(/\/[a-z]+\/.+/u)
  await page.getByRole('link', { name: 'share' }).click()
  // Packets are still unread, so nothing is claimed.
  await expect(
    page
      .locator('.said')
      .getByText(/^Not known for /)
      .first(),
  ).toBeVisible()
  await expect(page.locator('.claim')).toHaveCount(0)
  const [card] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Card as Markdown' }).click(),
  ])
  expect(card.suggestedFilename()).toBe('dark-sticky-ginger-loaf.md')
  const text = readFileSync(await card.path(), 'utf8')
  for (const part of [
    '# Dark sticky ginger loaf',
    'Ottilie: egg (allergy, traces count)',
    '## Packets to read',
    'block plant butter',
    'Not checked:',
  ])
    expect(text).toContain(part)
  expect(text).not.toMatch(/^- .*\b(?:115 g butter|1 large egg|240 ml whole milk)/mu)
})

test('the house file brings the same house back, and a broken or foreign file changes nothing', async ({
  page,
}) => {
  await atStart(page)
  const shelf = async () =>
    (await page.locator('.bakes li').allInnerTexts()).map(text => text.split('\n')[0])
  const titles = await shelf()
  expect(titles.length).toBe(7)
  await goTo(page, '/settings')
  await expect(page.getByText('5 people, 6 packets and 7 bakes')).toBeVisible()
  const [file] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Save the house file' }).click(),
  ])
  const saved = readFileSync(await file.path(), 'utf8')
  expect(JSON.parse(saved)).toMatchObject({ format: 'ingwer-house', version: 4 })

  for (const [name, content, sentence] of [
    ['photo.json', 'ÿØÿà no json', /no JSON at all\. Nothing was changed/],
    ['other.json', '{"recipes": []}', /not written by Ingwer/],
    ['cut.json', saved.replace('"strictness": "allergy"', '"level": "much"'), /damaged at “people/],
    ['newer.json', saved.replace('"version": 4', '"version": 7'), /newer Ingwer/],
  ] as const) {
    await page
      .getByLabel('House file to open')
      .setInputFiles({ name, mimeType: 'application/json', buffer: Buffer.from(content) })
    await expect(page.getByRole('alert').filter({ hasText: sentence })).toBeVisible()
    await expect(page.getByText('5 people, 6 packets and 7 bakes')).toBeVisible()
  }

  await page.getByRole('button', { name: 'Empty this house' }).click()
  await expect(page.getByText('0 people, 0 packets and 0 bakes')).toBeVisible()
  await page
    .getByLabel('House file to open')
    .setInputFiles({ name: 'house.json', mimeType: 'application/json', buffer: Buffer.from(saved) })
  await expect(page.getByText('5 people, 6 packets and 7 bakes are kept')).toBeVisible()
  const [again] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Save the house file' }).click(),
  ])
  const second = JSON.parse(readFileSync(await again.path(), 'utf8'))
  expect({ ...second, exported: '' }).toEqual({ ...JSON.parse(saved), exported: '' })
  await atStart(page)
  await expect.poll(() => shelf()).toEqual(titles)
})

test('a spoiled bake is set aside with a sentence, the rest opens, and it comes back mended', async ({
  page,
}) => {
  await goTo(page, '/settings')
  const save = async () => {
    const [file] = await Promise.all([
      page.waitForEvent('download'),
      page.getByRole('button', { name: 'Save the house file' }).click(),
    ])
    return JSON.parse(readFileSync(await file.path(), 'utf8'))
  }
  const open = async (house: unknown) => {
    await page.getByLabel('House file to open').setInputFiles({
      name: 'house.json',
      mimeType: 'application/json',
      buffer: Buffer.from(JSON.stringify(house)),
    })
    await page.getByRole('button', { name: 'Put the file’s house in place of this one' }).click()
  }
  await expect(page.getByText('5 people, 6 packets and 7 bakes')).toBeVisible()
  const house = await save()
  const title = house.bakes[2].title
  const { source: _, ...spoiled } = house.bakes[2]
  await open({ ...house, bakes: house.bakes.toSpliced(2, 1, spoiled) })
  await expect(page.getByText('5 people, 6 packets and 6 bakes are kept')).toBeVisible()
  const said = page.getByRole('alert').filter({ hasText: 'Not everything in this file' })
  await expect(said).toContainText(
    `The bake “${title}” does not hold together: “source” is missing.`,
  )
  // It goes along into the next file, as it is, and is there again once it is whole.
  const next = await save()
  expect([next.bakes.length, next.aside[0].value.title]).toEqual([6, title])
  const value = { ...next.aside[0].value, source: '' }
  await open({ ...next, aside: [{ ...next.aside[0], value }] })
  await expect(page.getByText('5 people, 6 packets and 7 bakes are kept')).toBeVisible()
  await expect(said).toBeHidden()
})

test('spoons only: the plan is given in spoons, and stays so', async ({ page }) => {
  await goTo(page, '/settings')
  await page.getByRole('button', { name: 'spoons and cups only' }).click()
  await fromShelf(page, 'Rye and hazelnut shortbread')
  await toPlans(page)
  await expect(page.getByRole('region', { name: 'Every change, and why' })).toContainText(
    /cup|Tbsp/,
  )
  await goTo(page, '/settings')
  await expect(page.getByRole('button', { name: 'spoons and cups only' })).toHaveAttribute(
    'aria-pressed',
    'true',
  )
})

test('who sits at the table decides: without Philippa the flour stays', async ({ page }) => {
  await fromShelf(page, 'Dark sticky ginger loaf')
  await page.getByRole('button', { name: 'Philippa eats' }).click()
  await expect(row(page, '225 g plain flour').locator('.marks')).toHaveCount(0)
  await toPlans(page)
  await expect(page.getByRole('heading', { name: 'For all 4' })).toBeVisible()
  await expect(page.getByRole('region', { name: 'Every change, and why' })).not.toContainText(
    '225 g plain flour',
  )
})

test('cream puffs are refused with a reason and something that works', async ({ page }) => {
  await fromShelf(page, 'Cream puffs')
  await page.getByRole('link', { name: 'Work out a version' }).click()
  await expect(page.getByRole('heading', { name: 'Better not this one' })).toBeVisible()
  await expect(page.getByText(/Choux is held up by egg alone/)).toBeVisible()
  await expect(page.getByRole('heading', { name: 'What works instead' })).toBeVisible()
})

test('the second plan, once chosen, is the one that is looked at after a reload', async ({
  page,
}) => {
  await fromShelf(page, 'Rye and hazelnut shortbread')
  await toPlans(page)
  await page.getByRole('radio').nth(1).click()
  await page.getByRole('button', { name: 'Take this plan' }).click()
  await expect(page.getByRole('radio').nth(1)).toContainText('chosen')
  await reload(page)
  await expect(page.getByRole('radio').nth(1)).toHaveAttribute('aria-checked', 'true')
  await expect(page.getByRole('button', { name: 'This is your plan' })).toBeVisible()
})

test('parts are kept apart, each with its own balance', async ({ page }) => {
  await fromShelf(page, 'Marble ring cake')
  await expect(page.getByRole('heading', { name: /^glaze/i })).toBeVisible()
  await toPlans(page)
  await page.getByRole('button', { name: 'glaze', exact: true }).click()
  await expect(page.getByText('green: still a glaze')).toBeVisible()
})

test('an address of a bake that is not here says so', async ({ page }) => {
  await goTo(page, '/swap/nothing-of-the-kind')
  await expect(page.getByRole('heading', { name: 'This bake is not in the house' })).toBeVisible()
  await page.getByRole('link', { name: 'To the start page' }).click()
  await expect(page.getByRole('heading', { name: 'Which dessert do you love?' })).toBeVisible()
})
