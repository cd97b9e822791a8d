import { each } from '../each'
import { expect, test } from '@playwright/test'
import { atStart, more, paste, row, toPlans, reload } from '../kitchen'

test('an empty house: someone moves in, a recipe is pasted, an unknown word is answered', async ({
  page,
}) => {
  await atStart(page)
  await expect(page.getByText('Nobody lives here yet.')).toBeVisible()
  await page.getByRole('button', { name: 'Read it' }).click()
  await expect(page.getByRole('alert')).toContainText('There is no text yet')

  await page.getByRole('link', { name: 'Say who eats' }).click()
  await page.getByRole('button', { name: 'Someone new' }).click()
  await page.getByRole('button', { name: 'Keep this person' }).click()
  await expect(page.getByText('A person needs a name.')).toBeVisible()
  await page.getByLabel('Name', { exact: true }).fill('Ottilie')
  await page.getByRole('button', { name: 'Add something to avoid' }).click()
  await page.getByPlaceholder('milk, egg, almond …').fill('egg')
  await page.getByRole('option', { name: 'egg', exact: true }).click()
  // An allergy is the default, and it is said what that means.
  const strictly = page.getByRole('group', { name: 'How strictly: egg' })
  await expect(strictly.getByRole('button', { name: 'an allergy' })).toHaveAttribute(
    'aria-pressed',
    'true',
  )
  await expect(page.getByText(/Traces count: packets that may contain it/)).toBeVisible()
  await page.getByRole('button', { name: 'Add something to avoid' }).click()
  await page.getByRole('option', { name: 'tree nuts' }).click()
  await page.getByRole('button', { name: 'tree nuts: but may have' }).click()
  await page.getByRole('option', { name: 'almond' }).click()
  await page.keyboard.press('Escape')
  await page
    .getByRole('group', { name: 'How strictly: tree nuts' })
    .getByRole('button', { name: 'an intolerance' })
    .click()
  await page.getByRole('button', { name: 'Keep Ottilie' }).click()
  await expect(
    page.getByText('egg (allergy, traces count), tree nuts but not almond (intolerance)'),
  ).toBeVisible()
  await reload(page)
  await expect(page.getByRole('heading', { name: 'Ottilie' })).toBeVisible()

  await atStart(page)
  await paste(
    page,
    `Lantern buns

200 g plain flour
80 g sugar
2 eggs
60 g ground almonds
30 g fizzwhip
50 ml oil
1 tsp baking powder

Mix everything and bake for 20 minutes at 180 °C.`,
  )
  await expect(row(page, '30 g fizzwhip')).toContainText('not known')
  await expect(page.getByText(/I do not know what “fizzwhip” is/)).toBeVisible()
  await expect(page.getByText('Ottilie cannot eat 1 thing in it; 1 not known')).toBeVisible()
  await page.getByRole('button', { name: 'Say what “30 g fizzwhip” is' }).click()
  await page.getByPlaceholder('Look for it').fill('desiccated')
  await page.getByRole('option', { name: 'desiccated coconut' }).click()
  await expect(row(page, '30 g fizzwhip')).toContainText('read as desiccated coconut')
  await expect(page.getByText(/I do not know what/)).toHaveCount(0)

  await toPlans(page)
  const changes = page.getByRole('region', { name: 'Every change, and why' })
  await expect(changes).toContainText('2 eggs')
  await expect(changes).not.toContainText('60 g ground almonds')
})

test('a text that is not read yet outlives a reload', async ({ page }) => {
  await atStart(page)
  const field = page.getByLabel('The recipe, as plain text or page source')
  await field.fill('Half a recipe\n200 g plain flour\n1 cup sugar')
  await reload(page)
  await expect(field).toHaveValue('Half a recipe\n200 g plain flour\n1 cup sugar')
  await page.getByRole('button', { name: 'Read it' }).click()
  await expect(page.getByText(/guessed by .*“plain flour”/)).toBeVisible()
  await atStart(page)
  await expect(field).toHaveValue('')
})

test('the demo house is one press away', async ({ page }) => {
  await atStart(page)
  await page.getByRole('button', { name: 'Visit the Brackwater house' }).click()
  await expect(page.getByRole('link', { name: /Dark sticky ginger loaf/ })).toBeVisible()
  await expect(page.getByRole('button', { name: 'Philippa' })).toBeVisible()
})

test('what is pasted is never run, and always gets a sentence', async ({ page }) => {
  await page.addInitScript(() => {
    Object.assign(window, { ran: [] as string[] })
    window.alert = () => {
      ;(window as unknown as { ran: string[] }).ran.push('alert')
    }
  })
  const texts: readonly (readonly [string, RegExp])[] = [
    [
      '<script>alert(1)</script><img src=x onerror="alert(2)"><h1>Bun</h1><p>200 g ' +
        'flour</p><a href="javascript:alert(3)">50 g sugar</a>',
      /source of a web page/,
    ],
    ['🍰🎂🧁 🍰🎂🧁', /no ingredient lines/],
    ['שוקולד \u202e 200 גרם קמח', /no ingredient lines/],
    ['lorem ipsum '.repeat(500), /no ingredient lines/],
    [`Big\n${'200 g flour\n'.repeat(17_000)}`, /Only the first/],
    ['\u0000\u0001\u0002', /no text yet|no ingredient lines/],
  ]
  for (const [text, sentence] of each(texts)) {
    await atStart(page)
    await paste(page, text)
    await expect(page.getByText(sentence).first()).toBeVisible({ timeout: 90_000 })
  }
  await expect
    .poll(() => page.evaluate(() => (window as unknown as { ran: string[] }).ran))
    .toEqual([])
  await atStart(page)
  await paste(
    page,
    '<b>Bold & "quoted"</b>\n200 g <i>flour</i>\n<img src=x onerror=alert(4)> 2 eggs',
  )
  await expect(row(page, 'flour')).toBeVisible()
  await expect.poll(() => page.locator('main img').count()).toBe(0)
  await expect
    .poll(() => page.evaluate(() => (window as unknown as { ran: string[] }).ran))
    .toEqual([])
})

test('lines come and go, with every step back', async ({ page }) => {
  await atStart(page)
  await paste(
    page,
    `Plain buns
200 g flour
2 cups (300 g) rolled oats
80 g margarine
100 g sugar
Mix it all and bake for 20 minutes.`,
  )
  await expect(page.getByText(/weight and the volume of this line do not agree/)).toBeVisible()
  await page.getByRole('button', { name: /Use \d+ g$/ }).click()
  await expect(page.getByText(/do not agree/)).toHaveCount(0)
  await page.getByRole('button', { name: /block plant butter$/ }).click()
  await expect(row(page, '80 g margarine')).toContainText('read as block plant butter')

  await row(page, '100 g sugar')
    .getByRole('button', { name: /Correct/ })
    .click()
  await page.getByLabel('Correct the line 100 g sugar').fill('   ')
  await page.keyboard.press('Enter')
  await expect(row(page, '100 g sugar').getByRole('alert')).toContainText('nothing in this line')
  await more(page, '100 g sugar', 'Take out')
  await expect(row(page, '100 g sugar')).toHaveCount(0)
  await page.getByRole('button', { name: 'A line is missing' }).click()
  await page.getByLabel('A new line').fill('2 Tbsp golden syrup')
  await page.keyboard.press('Enter')
  await expect(row(page, '2 Tbsp golden syrup')).toContainText(/4[0-3]/)
  await page.getByRole('button', { name: 'Undo' }).click()
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(row(page, '100 g sugar')).toBeVisible()
  await page.getByRole('button', { name: 'Redo' }).click()
  await expect(row(page, '100 g sugar')).toHaveCount(0)
  await expect(page.getByText('saved in this browser')).toBeVisible()
  await reload(page)
  await expect(row(page, '200 g flour')).toBeVisible()
  await expect(row(page, '100 g sugar')).toHaveCount(0)

  await page.getByRole('button', { name: 'Region of the recipe' }).click()
  await page.getByRole('option', { name: 'Australia' }).click()
  await atStart(page)
  await more(page, 'Plain buns', 'Throw away')
  await expect(page.getByRole('link', { name: /Plain buns/ })).toHaveCount(0)
  await page.getByRole('button', { name: 'Bring it back' }).click()
  await expect(page.getByRole('link', { name: /Plain buns/ })).toBeVisible()
})

test('a recipe that all may eat stays as it is', async ({ page }) => {
  await atStart(page)
  await page.getByRole('button', { name: 'Visit the Brackwater house' }).click()
  await expect(page.getByRole('button', { name: 'Philippa' })).toBeVisible()
  await paste(
    page,
    `Baked plums
12 plums, halved
50 g demerara sugar
1 tsp ground ginger
Scatter and bake for 20 minutes at 190 °C.`,
  )
  await expect(
    page.getByText('Ottilie nothing found in the words; 2 packets not read'),
  ).toBeVisible()
  await page.getByRole('link', { name: 'See what changes' }).click()
  await expect(page.getByRole('heading', { name: 'Nothing has to change' })).toBeVisible()
  await page.getByRole('link', { name: 'To the card' }).click()
  await expect(page.getByText(/^Not known for .*: no packet was read/)).toBeVisible()
  await expect(page.locator('.claim')).toHaveCount(0)
  await expect(page.getByText('0 of 2 bought lines rest on a packet that was read.')).toBeVisible()
})

test('what a recipe does with its parts, in which order, and how it keeps is read and said', async ({
  page,
}) => {
  await atStart(page)
  await paste(
    page,
    `Lantern loaf

For the loaf
200 g plain flour
100 g sugar
80 ml oil
150 ml water
2 tsp baking powder

For the syrup
80 g sugar
60 ml water

Method
Mix the flour, sugar, oil, water and baking powder. Bake at 180 °C for 40 minutes.
Simmer the sugar and water of the syrup for 3 minutes.
Preheat the oven to 180 °C.
Keeps for 9 days in a tin. It doesn’t freeze.`,
  )
  await expect(
    page.getByText('“syrup” is made, but no step says what becomes of it.'),
  ).toBeVisible()
  await expect(page.getByText(/“Preheat the oven to 180 °C” comes when nothing is/)).toBeVisible()
  await page.getByRole('navigation').getByRole('link', { name: /share/ }).click()
  await expect(page.getByText('Wrapped, at room temperature, 9 days')).toBeVisible()
  await expect(page.getByText('Frozen: not, as the recipe says.')).toBeVisible()
  await expect(page.getByText('The recipe: “Keeps for 9 days in a tin.”')).toBeVisible()
})
