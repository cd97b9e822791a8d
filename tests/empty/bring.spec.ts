import { readFileSync } from 'node:fs'
import { expect, test } from '@playwright/test'
import {
  atStart,
  cardPhoto,
  expectNoSideways,
  file,
  paste,
  row,
  watchOutside,
  appIsKept,
  keepsTheApp,
  reload,
} from '../kitchen'

const stars = {
  '@context': 'https://schema.org',
  '@type': 'Recipe',
  'name': 'Lantern stars',
  'recipeYield': '24 biscuits',
  'keywords': 'winter, biscuits',
  'recipeIngredient': ['250 g plain flour', '125 g butter', '75 g icing sugar', '1 egg yolk'],
  'recipeInstructions': [
    {
      '@type': 'HowToStep',
      'text': 'Rub the butter into the flour and icing sugar. Bind with the yolk.',
    },
    { '@type': 'HowToStep', 'text': 'Cut out stars and bake at 180 °C for 12 minutes.' },
  ],
}
const page1 =
  '<!doctype html><html><head><title>x</title><script>window.ran = true</script><script ' +
  `type="application/ld+json">${JSON.stringify(stars)}</script></head><body ` +
  'onload="window.ran = true"><img src="http://elsewhere.example/a.png" onerror="window.ran ' +
  '= true"><p>A story with 3 cups of walnuts.</p></body></html>'
const choose = 'Recipe files to open'

test('many files at once: each is read or gets a sentence, and none stops the others', async ({
  page,
  baseURL,
}) => {
  const outside = watchOutside(page, baseURL!)
  await atStart(page)
  await page.getByLabel(choose).setInputFiles([
    file('stars.html', page1, 'text/html'),
    file(
      'stars.jsonld',
      JSON.stringify({ '@graph': [stars, { ...stars, name: 'Second stars' }] }),
      'application/ld+json',
    ),
    file(
      'plums.md',
      `# Baked plums

## Ingredients

- 12 plums
- 50 g demerara sugar

## Method

1. Scatter and bake for 20 minutes at 190 °C.
`,
      'text/markdown',
    ),
    file(
      'old.txt',
      Buffer.from(
        [
          ...'Brûlé buns\n200 g flour\n½ tsp salt\n2 eggs\nMix and bake for 20 minutes at 180 °C.',
        ].map(c => c.charCodeAt(0)),
      ),
      'text/plain',
    ),
    file('letter.txt', 'Dear Ottilie, thank you for the lovely evening.'),
    file('broken.json', '{"@type": "Recipe", "recipeIngredient": ['),
    file('song.txt', Buffer.from([0, 255, 254, 12, 0, 7, 200, 0, 0, 1, 3, 250])),
    file('huge.txt', Buffer.alloc(21_000_000, 97)),
    file('empty.txt', ''),
  ])
  const list = page.getByRole('region', { name: 'Files brought in' })
  await expect(list).toContainText('4 of 9 read', { timeout: 30_000 })
  const says = (name: string) => list.getByRole('listitem').filter({ hasText: name })
  await expect(says('stars.html')).toContainText('4 lines')
  await expect(says('stars.jsonld')).toContainText('2 recipes, 8 lines')
  await expect(says('plums.md')).toContainText('2 lines')
  await expect(says('huge.txt')).toContainText('has 21 MB; a recipe is far smaller')
  for (const name of ['letter.txt', 'broken.json', 'song.txt', 'empty.txt'])
    await expect(says(name)).toContainText(new RegExp(`“${name.replace('.', '\\.')}”.*\\.`, 'u'))
  // The encoding of an older machine is told by its bytes.
  await says('old.txt').getByRole('link', { name: 'Brûlé buns' }).click()
  await expect(row(page, '½ tsp salt')).toContainText('read as salt')
  await atStart(page)
  await expect(page.locator('.bakes li')).toHaveCount(5)
  await page.getByRole('button', { name: 'winter' }).click()
  await expect(page.locator('.bakes li')).toHaveCount(3)
  await expect.poll(() => page.evaluate(() => 'ran' in window)).toBe(false)
  expect(outside).toEqual([])
})

test('one dropped file opens at once; its text, lines and steps are linked', async ({ page }) => {
  await atStart(page)
  const held = await page.evaluateHandle(html => {
    const data = new DataTransfer()
    data.items.add(new File([html], 'stars.html', { type: 'text/html' }))
    return data
  }, page1)
  await page.locator('.paste').dispatchEvent('drop', { dataTransfer: held })
  await expect(page.getByRole('heading', { name: 'What goes in' })).toBeVisible()
  await expect(
    page
      .getByText('makes 24 biscuits', { exact: false })
      .or(page.getByText('24 biscuits', { exact: false }))
      .first(),
  ).toBeVisible()
  await page.getByRole('tab', { name: 'The text' }).click()
  const words = (name: string) => page.locator('.pane').getByRole('button', { name })
  await row(page, '125 g butter').hover()
  await expect(words('Look at 125 g butter')).toHaveClass(/lit/)
  await words('Look at 1 egg yolk').click()
  await expect(row(page, '1 egg yolk')).toHaveClass(/lit/)
  await expect(page.getByRole('button', { name: 'Correct: 1 egg yolk' })).toBeFocused()
  await expect.poll(() => page.evaluate(() => 'ran' in window)).toBe(false)
})

test('out as linked data and in again: the same lines, parts and steps', async ({ page }) => {
  await atStart(page)
  await paste(
    page,
    `Lantern slice
Makes 12 squares

For the base
200 g plain flour
100 g butter

For the glaze
100 g icing sugar
2 Tbsp milk

Rub the butter into the flour and bake for 20 minutes at 180 °C.
Stir the icing sugar with the milk and spread it on.`,
  )
  await expect(row(page, '2 Tbsp milk')).toBeVisible()
  await page.getByRole('link', { name: 'share' }).click()
  const [saved] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Recipe as linked data' }).click(),
  ])
  expect(saved.suggestedFilename()).toBe('lantern-slice.jsonld')
  const text = readFileSync(await saved.path(), 'utf8')
  expect(JSON.parse(text)).toMatchObject({
    '@type': 'Recipe',
    'name': 'Lantern slice',
    'recipeIngredient': ['200 g plain flour', '100 g butter', '100 g icing sugar', '2 Tbsp milk'],
  })
  await atStart(page)
  await page.getByLabel(choose).setInputFiles(file('again.jsonld', text))
  await expect(page.getByRole('heading', { name: 'What goes in' })).toBeVisible()
  await expect(page.getByRole('heading', { name: /^glaze/i })).toBeVisible()
  await expect(page.locator('li.line')).toHaveCount(4)
  await expect(page.locator('ol.steps > li')).toHaveCount(2)
})

test('the source of a page is pasted: only what it says of the recipe is read, and nothing runs', async ({
  page,
  baseURL,
}) => {
  const outside = watchOutside(page, baseURL!)
  await atStart(page)
  await paste(page, page1)
  await expect(row(page, '250 g plain flour')).toBeVisible()
  await expect(page.getByText('walnuts')).toHaveCount(0)
  await atStart(page)
  const deep = `${'<div>'.repeat(20_000)}<p>200 g flour</p><p>2 eggs</p><p>Mix and bake for 20 minutes.</p>`
  await paste(page, deep)
  await expect(row(page, '2 eggs')).toBeVisible({ timeout: 30_000 })
  await expect.poll(() => page.evaluate(() => 'ran' in window)).toBe(false)
  expect(outside).toEqual([])
})

test.describe('with the app kept', () => {
  test.use(keepsTheApp)

  test('a photo of a card is read here, beside its picture', async ({ page, baseURL }) => {
    test.slow()
    const outside = watchOutside(page, baseURL!)
    const photo = await cardPhoto(
      page,
      'Apple sauce squares',
      [
        '1 cup apple sauce',
        '½ cup oil',
        '150 g sugar',
        '2 large eggs',
        '200 g plain flour',
        '1 tsp baking soda',
      ],
      'Beat the eggs and sugar, stir in the apple sauce and oil. Fold in the flour and soda. ' +
        'Bake for 35 minutes at 180 °C.',
    )
    await atStart(page)
    await appIsKept(page)
    await reload(page)
    await page
      .getByLabel('Photo of a recipe card')
      .setInputFiles(file('card.png', photo, 'image/png'))
    const text = page.getByLabel('The recipe, as plain text or page source')
    await expect(text).toHaveValue(/150 g sugar/, { timeout: 60_000 })
    await expect(page.getByRole('img', { name: 'The photo that is being read' })).toBeVisible()
    // The half that the recogniser cannot make out is unknown, and never another figure.
    await expect(text).toHaveValue(
      new RegExp(
        'Apple sauce squares\n+1 cup apple sauce\n(?:½|1/2|\\?) cup oil\n150 g sugar\n' +
          '2 large eggs\n200 g plain flour\n1 tsp baking soda',
      ),
    )
    // It is asked beside its own piece of the photo, and said with one press.
    await expect(page.getByRole('img', { name: 'The photo at “? cup oil”' })).toBeVisible()
    await page
      .getByRole('group', { name: 'Which amount: ? cup oil' })
      .getByRole('button', { name: '½', exact: true })
      .click()
    await expect(text).toHaveValue(/\n½ cup oil\n/)
    await expect(page.getByRole('group', { name: /^Which amount/ })).toHaveCount(0)
    await page.getByRole('button', { name: 'Read it' }).click()
    await expect(row(page, '150 g sugar')).toContainText('150')
    await page.getByRole('tab', { name: 'The photo' }).click()
    await expect(
      page.getByRole('img', { name: 'The photo that this recipe was read from' }),
    ).toBeVisible()
    await reload(page)
    await expect(page.getByRole('tab', { name: 'The photo' })).toBeVisible()

    expect(outside).toEqual([])
  })

  test('without a network a first photo is read as well, from the first visit on', async ({
    page,
    context,
  }) => {
    test.slow()
    const photo = await cardPhoto(
      page,
      'Plum squares',
      ['150 g sugar', '2 large eggs'],
      'Mix and bake for 35 minutes at 180 °C.',
    )
    await atStart(page)
    await appIsKept(page)
    await expect
      .poll(
        () => page.evaluate(async () => (await (await caches.open('photo-reader')).keys()).length),
        { timeout: 30_000 },
      )
      .toBe(6)
    await context.setOffline(true)
    await atStart(page)
    await page
      .getByLabel('Photo of a recipe card')
      .setInputFiles(file('card.png', photo, 'image/png'))
    await expect(page.getByLabel('The recipe, as plain text or page source')).toHaveValue(
      /2 large eggs/,
      { timeout: 60_000 },
    )
  })
})

test('a picture that is none says so, and what was typed stays', async ({ page }) => {
  await atStart(page)
  const text = page.getByLabel('The recipe, as plain text or page source')
  await text.fill('Half a recipe\n200 g flour')
  await page
    .getByLabel('Photo of a recipe card')
    .setInputFiles(file('card.png', 'no picture at all', 'image/png'))
  await expect(page.getByRole('alert')).toContainText('This picture cannot be opened')
  await expect(text).toHaveValue('Half a recipe\n200 g flour')
})

test.describe('on a phone', () => {
  test.use({ viewport: { width: 390, height: 844 }, hasTouch: true })
  test('files, the list of what became of them, and the way on, by touch', async ({ page }) => {
    await atStart(page)
    await page
      .getByLabel(choose)
      .setInputFiles([file('stars.html', page1), file('letter.txt', 'Dear Ottilie.')])
    const list = page.getByRole('region', { name: 'Files brought in' })
    await expect(list).toContainText('1 of 2 read')
    await expectNoSideways(page)
    await list.getByRole('link', { name: 'Lantern stars' }).tap()
    await expect(row(page, '125 g butter')).toBeVisible()
    await expectNoSideways(page)
  })
})
